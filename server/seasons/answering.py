"""A season looked up, and its course as the answer."""

from typing import Any

from django.http import HttpResponse

from core.course import Course, what_moves
from core.formats.course_request import SeasonDocument
from server.grows.scope import Scope
from server.seasons.presenting import course_out
from server.seasons.running import RunningSeason, running_seasons, seasons_of
from server.shelf.models import Product


def running_season(scope: Scope, season_id: int) -> RunningSeason:
    """A season of the grow with all that its course follows from.

    Raises:
        Http404: the grow has no such season.
    """
    found = scope.one(seasons_of(scope), season_id)
    return running_seasons(scope, [found])[0]


def answer(
    scope: Scope, running: RunningSeason, course: Course, *, before: Course | None = None
) -> HttpResponse:
    """A course as the answer, checked once as it is made.

    Args:
        scope: who asks.
        running: the season.
        course: its course.
        before: the course that is kept, where this one only shows what would move.
    """
    out = course_out(
        scope,
        running,
        course,
        tags=dict(scope.all(Product).values_list("pk", "tag")),
        moves=what_moves(before, course, running.today) if before else (),
    )
    return HttpResponse(out.model_dump_json(), content_type="application/json")


def as_kept(plan: SeasonDocument) -> dict[str, Any]:
    """A plan as a season keeps it: plain JSON, without what it is anyway."""
    kept: dict[str, Any] = plan.model_dump(mode="json", by_alias=True)
    usual = SeasonDocument().model_dump(mode="json", by_alias=True)
    return {name: value for name, value in kept.items() if value != usual[name]}
