"""Tanks that go through one season together: joined on a day, and split when their ways part."""

from datetime import date

from django.db import transaction
from django.http import HttpRequest, HttpResponse
from ninja import Router, Schema

from core.errors import InputError
from core.limits import LATEST_DAY
from server.api.shapes import ErrorOut
from server.grows.scope import Scope
from server.seasons.answering import answer, running_season
from server.seasons.api import end_before, feed_tank_by
from server.seasons.course import course_of
from server.seasons.models import Season, SeasonEntry
from server.seasons.running import DECISIONS, RunningSeason, running_seasons, seasons_of
from server.seasons.shapes import CourseOut
from server.tanks.models import Tank

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class JoinIn(Schema):
    """Which season a tank goes with, and from which day: that of its first filling."""

    season: int
    on: date


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/joined-season",
    response={200: CourseOut, **_ANSWERS},
    operation_id="join_season",
)
@transaction.atomic
def join_season(request: HttpRequest, grow_id: int, tank_id: int, body: JoinIn) -> HttpResponse:
    """A tank joins a season of another; the one that runs in it ends on the day before.

    What either is told holds for both from then on; each is filled, read and topped up for itself.
    """
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    other = running_season(scope, body.season)
    lead = other.lead
    if other.season.tank_id == tank.pk or tank.pk in other.together:
        raise InputError("joined_already", "season")
    if other.season.ended_on is not None:
        raise InputError("season_ended", "season")
    if not lead.started_on <= body.on <= LATEST_DAY:
        raise InputError("before_start.join", "on", started_on=lead.started_on)
    before = end_before(scope, tank, body.on, "on")
    season = Season.objects.create(
        grow=scope.grow, tank=tank, version=lead.version, planted=lead.planted,
        started_on=lead.started_on, joined_on=body.on, goes_with=lead, replaces=before,
    )  # fmt: skip
    running = running_season(scope, season.pk)
    course = course_of(running, scope.grow)
    day = min(course.request.first_filling, course.season.last)
    feed_tank_by(tank, lead.version, course.season.by_day[day].column.key)
    return answer(scope, running, course)


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/split",
    response={200: CourseOut, **_ANSWERS},
    operation_id="split_season",
)
@transaction.atomic
def split_season(request: HttpRequest, grow_id: int, season_id: int) -> HttpResponse:
    """A tank goes on alone: with the plan and all that was told so far, and by itself from now on.

    Where it is the one that keeps the plan for others, the first of those keeps it for the rest.
    """
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    running = running_season(scope, season_id)
    if not running.together:
        raise InputError("not_together", "season_id")
    if running.lead is not running.season:
        _keep_for_itself(running)
    else:
        going = seasons_of(scope).filter(goes_with=running.lead, ended_on=None).order_by("pk")
        first, *rest = running_seasons(scope, going)
        _keep_for_itself(first)
        scope.all(Season).filter(pk__in=[one.season.pk for one in rest]).update(
            goes_with=first.season
        )
    after = running_season(scope, season_id)
    return answer(scope, after, course_of(after, scope.grow))


def _keep_for_itself(running: RunningSeason) -> None:
    """A season that went with another keeps its plan and what was told of it from now on."""
    season, lead = running.season, running.lead
    season.version, season.planted, season.plan = lead.version, lead.planted, lead.plan
    season.goes_with = None
    season.save(update_fields=["version", "planted", "plan", "goes_with"])
    SeasonEntry.objects.bulk_create(
        SeasonEntry(
            grow_id=season.grow_id, season=season, kind=entry.kind, on=entry.on, told=entry.told,
            version_id=entry.version_id, reason=entry.reason, by_id=entry.by_id,
        )
        for entry in running.told
        if entry.season_id == lead.pk and entry.kind in DECISIONS
    )  # fmt: skip
