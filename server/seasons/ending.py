"""How a season ends: on a day, or taken back because it was begun by mistake."""

from datetime import date

from django.db import transaction
from django.http import HttpRequest, HttpResponse
from ninja import Router, Schema

from core.errors import InputError
from core.limits import LATEST_DAY
from server.api.shapes import ErrorOut, Kept, Outdated
from server.grows.scope import Scope
from server.seasons.answering import answer, running_season
from server.seasons.api import feed_tank_by
from server.seasons.course import course_of
from server.seasons.models import Season
from server.seasons.shapes import CourseOut

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class SeasonEndSeen(Schema):
    """When a season ended, as a screen had it."""

    ended_on: date | None


class EndIn(Schema):
    """The last day of a season; None lets it go on. `seen` is how that stood on the screen."""

    ended_on: date | None
    seen: SeasonEndSeen | None = None


@router.patch(
    "/grows/{grow_id}/seasons/{season_id}",
    response={200: CourseOut, **_ANSWERS},
    operation_id="end_season",
)
@transaction.atomic
def end_season(request: HttpRequest, grow_id: int, season_id: int, body: EndIn) -> HttpResponse:
    """End a season on a day, or let it go on where no other has begun."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    season = scope.one(scope.all(Season), season_id)
    if body.seen and season.ended_on not in (body.seen.ended_on, body.ended_on):
        if season.ended_on:
            raise Outdated("changed_meanwhile.ended", "ended_on", on=season.ended_on)
        raise Outdated("changed_meanwhile.reopened", "ended_on")
    if body.ended_on is not None and not season.filled_on <= body.ended_on <= LATEST_DAY:
        raise InputError("before_start.end", "ended_on")
    others = scope.all(Season).filter(tank=season.tank_id, ended_on=None).exclude(pk=season.pk)
    if body.ended_on is None and others.exists():
        raise InputError("season_overlaps.another", "ended_on")
    season.ended_on = body.ended_on
    season.save(update_fields=["ended_on"])
    running = running_season(scope, season_id)
    return answer(scope, running, course_of(running, scope.grow))


@router.delete(
    "/grows/{grow_id}/seasons/{season_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="take_season_back",
)
@transaction.atomic
def take_season_back(request: HttpRequest, grow_id: int, season_id: int) -> Kept:
    """Remove a season of which nothing was told yet; the one that it ended goes on.

    What was mixed and read in its tank stays with the tank.
    """
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    season = scope.one(scope.all(Season).select_related("replaces", "tank"), season_id)
    if season.ended_on is not None:
        raise InputError("season_ended", "season_id")
    if season.entries.exists() or season.together.exists():
        raise InputError("season_told", "season_id")
    before = season.replaces
    season.delete()
    if before is not None and before.ended_on is not None:
        before.ended_on = None
        before.save(update_fields=["ended_on"])
        running = running_season(scope, before.pk)
        course = course_of(running, scope.grow)
        day = min((running.today - before.started_on).days, course.season.last)
        column = course.season.by_day[max(day, course.request.first_filling)].column.key
        feed_tank_by(season.tank, running.lead.version, column)
    return Kept()
