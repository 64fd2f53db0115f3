"""Lists come page by page, each page with what asks for the next."""

from typing import Annotated, TypeVar

from django.db.models import Model, QuerySet
from ninja import Query

LONGEST_PAGE = 50
"""Things on one page of a list."""

After = Annotated[int, Query(0, ge=0, le=2**63 - 1)]
"""The `after` of the page before; 0 for the first page."""

_Thing = TypeVar("_Thing", bound=Model)


def page_of(things: QuerySet[_Thing], most: int = LONGEST_PAGE) -> tuple[list[_Thing], bool]:
    """The first of things that are in order, and whether more follow."""
    found = list(things[: most + 1])
    return found[:most], len(found) > most
