"""Things that a grow calls by a name of its own."""

from typing import TypeVar

from django.db import IntegrityError, transaction

from core.errors import InputError
from server.grows.scope import Owned

_Thing = TypeVar("_Thing", bound=Owned)


def save_named(what: str, thing: _Thing) -> _Thing:
    """Store a new thing, unless the grow has one of that name.

    Raises:
        InputError: it has.
    """
    try:
        with transaction.atomic():
            thing.save()
    except IntegrityError:
        raise InputError("name_taken.thing", "name", kind=what, name=str(thing)) from None
    return thing
