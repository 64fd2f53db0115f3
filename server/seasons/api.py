"""Seasons: begun with a sentence, shown as a course, told what happens, taken back, ended."""

from datetime import date, timedelta
from typing import Annotated

from django.db import transaction
from django.db.models import F
from django.http import HttpRequest, HttpResponse
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.course import (
    Programme,
    StrengthFrom,
    rising_strengths,
)
from core.errors import InputError
from core.formats.course_request import ChangeOutDocument, SeasonDocument, StrengthDocument
from core.limits import EARLIEST_DAY, LATEST_DAY, LONGEST_NAME, LONGEST_WORDS
from server.api.ids import VersionId
from server.api.shapes import PLAIN_TEXT, ErrorOut, Made
from server.charts.models import ChartVersion
from server.charts.store import chart_in
from server.grows.figures import TypedFigure, share_told
from server.grows.scope import Scope
from server.seasons.answering import answer, as_kept, running_season
from server.seasons.course import course_of
from server.seasons.models import Season
from server.seasons.running import running_seasons, seasons_of
from server.seasons.shapes import CourseOut
from server.tanks.models import Tank

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
Key = Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)]
Words = Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]
Days = Annotated[int, Field(ge=1, le=999)]


class SeasonIn(Schema):
    """The sentence that begins a season.

    `rising_to` is reached by the column `rising_by`; without
    `change_out_days` the tank is only topped up.
    """

    version_id: VersionId
    started_on: date
    planted: Key = ""
    first_column: Key
    strength: TypedFigure = "100 %"
    rising_to: TypedFigure = ""
    rising_by: Key = ""
    change_out_days: Days | None = None
    programme: Programme = Programme.MINERAL


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/seasons",
    response={201: Made, **_ANSWERS},
    operation_id="begin_season",
)
@transaction.atomic
def begin_season(request: HttpRequest, grow_id: int, tank_id: int, body: SeasonIn) -> Status[Made]:
    """Begin a season; the one that runs in the tank ends on the day before."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    _check_day(body.started_on, "started_on")
    version = scope.one(scope.all(ChartVersion), body.version_id)
    plan = _plan_of(scope, body)
    before = end_before(scope, tank, body.started_on, "started_on")
    season = Season.objects.create(
        grow=scope.grow,
        tank=tank,
        version=version,
        planted=body.planted.strip(),
        started_on=body.started_on,
        plan=as_kept(plan),
        replaces=before,
    )
    course_of(running_season(scope, season.pk), scope.grow)  # refuses what cannot be followed
    feed_tank_by(tank, version, body.first_column)
    return Status(201, Made(id=season.pk))


def end_before(scope: Scope, tank: Tank, on: date, where: str) -> Season | None:
    """What runs in a tank ends on the day before another season begins in it.

    Returns:
        The season that was ended; None where none ran.

    Raises:
        InputError: it began on that day or later; said of the field `where`.
    """
    last = scope.all(Season).filter(tank=tank, ended_on=None).first()
    if last is None:
        return None
    if last.filled_on >= on:
        raise InputError("season_overlaps.begin", where, filled_on=last.filled_on)
    last.ended_on = on - timedelta(days=1)
    last.save(update_fields=["ended_on"])
    return last


def feed_tank_by(tank: Tank, version: ChartVersion, column: str) -> None:
    """The tank is usually fed by its season's chart from now on."""
    tank.chart_id, tank.column = version.chart_id, column
    tank.save(update_fields=["chart", "column"])


def _check_day(on: date, where: str) -> None:
    if not EARLIEST_DAY <= on <= LATEST_DAY:
        raise InputError(
            "day_beyond_reason.opened", where, first=EARLIEST_DAY.year, last=LATEST_DAY.year
        )


def _plan_of(scope: Scope, body: SeasonIn) -> SeasonDocument:
    """How a season goes that was begun with a sentence."""
    chart = chart_in(scope, body.version_id).chart
    low = share_told("strength", body.strength)
    strengths = [StrengthFrom(low)]
    if body.rising_to and body.rising_by:
        high = share_told("rising_to", body.rising_to)
        strengths = list(rising_strengths(chart, body.first_column, low, high, body.rising_by))
    chart.column(body.first_column)
    plan = SeasonDocument(
        first_column=body.first_column,
        strengths=[
            StrengthDocument(from_day=one.from_day, column=one.column, strength=one.strength)
            for one in strengths
        ],
        change_out=(
            ChangeOutDocument(every_days=body.change_out_days) if body.change_out_days else None
        ),
        programme=body.programme,
    )
    for strength in plan.strengths:
        strength.strength_from()  # refuses a slip of the keyboard
    return plan


@router.get(
    "/grows/{grow_id}/tanks/{tank_id}/course",
    response={200: CourseOut | None, **_ANSWERS},
    operation_id="course",
)
def course(request: HttpRequest, grow_id: int, tank_id: int) -> HttpResponse:
    """The course of the season that runs in a tank, or of the last that did; null without one."""
    scope = Scope.enter(request.user, grow_id)
    tank = scope.one(scope.all(Tank), tank_id)
    latest = F("ended_on").desc(nulls_first=True)
    found = seasons_of(scope).filter(tank=tank).order_by(latest, "-pk")[:1]
    running = running_seasons(scope, found)
    if not running:
        return HttpResponse("null", content_type="application/json")
    return answer(scope, running[0], course_of(running[0], scope.grow))
