"""Seasons: begun with a sentence, shown as a course, told what happens, taken back, ended."""

from datetime import date, timedelta
from typing import Annotated, Any

from django.db import transaction
from django.http import HttpRequest, HttpResponse
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.course import (
    Course,
    Happening,
    HappeningKind,
    Programme,
    StrengthFrom,
    rising_strengths,
    what_moves,
)
from core.errors import InputError
from core.formats import document_of
from core.formats.course_request import ChangeOutDocument, SeasonDocument, StrengthDocument
from core.limits import EARLIEST_DAY, LATEST_DAY, LONGEST_NAME, LONGEST_WORDS, MOST_HAPPENED
from server.api.shapes import PLAIN_TEXT, ErrorOut, Made, Outdated
from server.charts.models import ChartVersion
from server.charts.store import chart_in
from server.grows.figures import TypedFigure, share_told
from server.grows.scope import Scope
from server.seasons.course import RunningSeason, course_of, running_seasons, seasons_of
from server.seasons.models import Season, SeasonEntry
from server.seasons.presenting import CourseOut, course_out
from server.shelf.models import Product
from server.tanks.models import Tank

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
Key = Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)]
Words = Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]
Days = Annotated[int, Field(ge=1, le=999)]


class SeasonIn(Schema):
    """The sentence that begins a season.

    `chart` is the number of a version; `rising_to` is reached by the column `rising_by`; without
    `change_out_days` the tank is only topped up.
    """

    chart: int
    started_on: date
    planted: Key = ""
    first_column: Key
    strength: TypedFigure = "100 %"
    rising_to: TypedFigure = ""
    rising_by: Key = ""
    change_out_days: Days | None = None
    programme: Programme = Programme.MINERAL


class DecisionIn(Schema):
    """What a season is told; each kind with what it needs, as in brisk-measure/course-request."""

    kind: HappeningKind
    on: date
    column: Key | None = None
    days: Annotated[int, Field(ge=-999, le=999)] | None = None
    sign: Words | None = None
    chart: int | None = None
    over_days: Annotated[int, Field(ge=0, le=999)] = 0
    reason: Words = ""


class PlanIn(Schema):
    """How a season goes on, whole, and how it went when the edit was begun."""

    plan: SeasonDocument
    seen: SeasonDocument


class PlanOut(Schema):
    """How a season goes."""

    plan: SeasonDocument


def _running(scope: Scope, season_id: int) -> RunningSeason:
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


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/seasons",
    response={201: Made, **_ANSWERS},
    operation_id="begin_season",
)
@transaction.atomic
def begin_season(request: HttpRequest, grow_id: int, tank_id: int, told: SeasonIn) -> Status[Made]:
    """Begin a season; the one that runs in the tank ends on the day before."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    _check_day(told.started_on, "started_on")
    version = scope.one(scope.all(ChartVersion), told.chart)
    plan = _plan_of(scope, told)
    last = scope.all(Season).filter(tank=tank, ended_on=None).first()
    if last is not None:
        if last.started_on >= told.started_on:
            raise InputError(
                "season_overlaps",
                f"A season has run here since {last.started_on}; begin this one later, or end that "
                "one first.",
                "started_on",
            )
        last.ended_on = told.started_on - timedelta(days=1)
        last.save(update_fields=["ended_on"])
    season = Season.objects.create(
        grow=scope.grow,
        tank=tank,
        version=version,
        planted=told.planted.strip(),
        started_on=told.started_on,
        plan=_as_kept(plan),
    )
    course_of(_running(scope, season.pk), scope.grow)  # refuses what cannot be followed
    _feed_tank_by(tank, version, told)
    return Status(201, Made(id=season.pk))


def _as_kept(plan: SeasonDocument) -> dict[str, Any]:
    """A plan as a season keeps it: plain JSON, without what it is anyway."""
    kept: dict[str, Any] = plan.model_dump(mode="json", by_alias=True)
    usual = SeasonDocument().model_dump(mode="json", by_alias=True)
    return {name: value for name, value in kept.items() if value != usual[name]}


def _feed_tank_by(tank: Tank, version: ChartVersion, told: SeasonIn) -> None:
    """The tank is usually fed by its season's chart from now on."""
    tank.chart_id, tank.column = version.chart_id, told.first_column
    tank.save(update_fields=["chart", "column"])


def _check_day(on: date, where: str) -> None:
    if not EARLIEST_DAY <= on <= LATEST_DAY:
        years = f"{EARLIEST_DAY.year} and {LATEST_DAY.year}"
        raise InputError("day_beyond_reason", f"Give a day between the years {years}.", where)


def _plan_of(scope: Scope, told: SeasonIn) -> SeasonDocument:
    """How a season goes that was begun with a sentence."""
    chart = chart_in(scope, told.chart).chart
    low = share_told("strength", told.strength)
    strengths = [StrengthFrom(low)]
    if told.rising_to and told.rising_by:
        high = share_told("rising_to", told.rising_to)
        strengths = list(rising_strengths(chart, told.first_column, low, high, told.rising_by))
    chart.column(told.first_column)
    plan = SeasonDocument(
        first_column=told.first_column,
        strengths=[
            StrengthDocument(from_day=one.from_day, column=one.column, strength=one.strength)
            for one in strengths
        ],
        change_out=(
            ChangeOutDocument(every_days=told.change_out_days) if told.change_out_days else None
        ),
        programme=told.programme,
    )
    for one in plan.strengths:
        one.strength_from()  # refuses a slip of the keyboard
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
    found = seasons_of(scope).filter(tank=tank).order_by("-started_on", "-pk")[:1]
    running = running_seasons(scope, found)
    if not running:
        return HttpResponse("null", content_type="application/json")
    return answer(scope, running[0], course_of(running[0], scope.grow))


def _happening(scope: Scope, running: RunningSeason, told: DecisionIn) -> Happening:
    """What was told, as core reckons with it.

    Raises:
        InputError: the kind lacks what it needs, or its day is not one of the season.
    """
    if told.kind.value not in SeasonEntry.Kind.values:
        raise InputError("not_a_choice", "That follows from the tank's own time line.", "kind")
    if not running.season.started_on <= told.on <= running.today + timedelta(days=366):
        raise InputError(
            "day_beyond_reason", "Give a day of this season, at most a year ahead.", "on"
        )
    chart = chart_in(scope, told.chart).chart if told.chart is not None else None
    for key in filter(None, [told.column]):
        (chart or running.chart.chart).column(key)
    return Happening(
        on=told.on,
        kind=told.kind,
        column=told.column,
        days=told.days,
        sign=told.sign,
        chart=chart,
        over_days=told.over_days,
        reason=told.reason,
    )


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/preview",
    response={200: CourseOut, **_ANSWERS},
    operation_id="preview_decision",
)
def preview_decision(
    request: HttpRequest, grow_id: int, season_id: int, told: DecisionIn
) -> HttpResponse:
    """What a decision would move; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    running = _running(scope, season_id)
    happening = _happening(scope, running, told)
    behind = course_of(running, scope.grow, also=happening)
    return answer(scope, running, behind, before=course_of(running, scope.grow))


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/told",
    response={200: CourseOut, **_ANSWERS},
    operation_id="tell_season",
)
@transaction.atomic
def tell_season(
    request: HttpRequest, grow_id: int, season_id: int, told: DecisionIn
) -> HttpResponse:
    """Tell a season what plants showed or what was decided; the plan follows."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    running = _running(scope, season_id)
    course_of(running, scope.grow, also=_happening(scope, running, told))
    if len(running.told) >= MOST_HAPPENED:
        raise InputError("too_many_or_few", f"A season is told at most {MOST_HAPPENED} things.")
    SeasonEntry.objects.create(
        grow=scope.grow,
        season=running.season,
        kind=told.kind.value,
        on=told.on,
        told={
            name: value
            for name in ("column", "days", "sign", "over_days")
            if (value := getattr(told, name))
        },
        version_id=told.chart,
        reason=told.reason,
        by_id=scope.membership.person_id,
    )
    behind = _running(scope, season_id)
    return answer(scope, behind, course_of(behind, scope.grow))


@router.delete(
    "/grows/{grow_id}/seasons/{season_id}/told/{entry_id}",
    response={200: CourseOut, **_ANSWERS},
    operation_id="take_back",
)
@transaction.atomic
def take_back(request: HttpRequest, grow_id: int, season_id: int, entry_id: int) -> HttpResponse:
    """Take back something a season was told; both stay in its record."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    entry = scope.one(scope.all(SeasonEntry).filter(season=season_id, taken_back_by=None), entry_id)
    SeasonEntry.objects.create(
        grow=scope.grow,
        season_id=season_id,
        kind=SeasonEntry.Kind.TAKEN_BACK,
        on=entry.on,
        takes_back=entry,
        by_id=scope.membership.person_id,
    )
    running = _running(scope, season_id)
    return answer(scope, running, course_of(running, scope.grow))


@router.get(
    "/grows/{grow_id}/seasons/{season_id}/plan",
    response={200: PlanOut, **_ANSWERS},
    operation_id="season_plan",
)
def season_plan(request: HttpRequest, grow_id: int, season_id: int) -> HttpResponse:
    """How a season goes: strengths, change-outs, rules of additives, what it waits for."""
    scope = Scope.enter(request.user, grow_id)
    season = scope.one(scope.all(Season), season_id)
    plan = PlanOut(plan=document_of(SeasonDocument, season.plan))
    return HttpResponse(plan.model_dump_json(by_alias=True), content_type="application/json")


@router.put(
    "/grows/{grow_id}/seasons/{season_id}/plan",
    response={200: CourseOut, **_ANSWERS},
    operation_id="edit_season_plan",
)
@transaction.atomic
def edit_season_plan(
    request: HttpRequest, grow_id: int, season_id: int, told: PlanIn
) -> HttpResponse:
    """Change how a season goes on; refused where somebody else changed it meanwhile."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    running = _running(scope, season_id)
    season = running.season
    kept = _as_kept(document_of(SeasonDocument, season.plan))
    if kept not in (_as_kept(told.seen), _as_kept(told.plan)):
        raise Outdated(
            "changed_meanwhile",
            "This season was changed by somebody else meanwhile. Open it again, and say what is "
            "right.",
            "plan",
        )
    course_of(running, scope.grow, plan=told.plan)  # refuses what cannot be followed
    season.plan = _as_kept(told.plan)
    season.save(update_fields=["plan"])
    behind = _running(scope, season_id)
    return answer(scope, behind, course_of(behind, scope.grow))


class EndIn(Schema):
    """The last day of a season; None lets it go on."""

    ended_on: date | None


@router.patch(
    "/grows/{grow_id}/seasons/{season_id}",
    response={200: CourseOut, **_ANSWERS},
    operation_id="end_season",
)
@transaction.atomic
def end_season(request: HttpRequest, grow_id: int, season_id: int, told: EndIn) -> HttpResponse:
    """End a season on a day, or let it go on where no other has begun."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    season = scope.one(scope.all(Season), season_id)
    if told.ended_on is not None and not season.started_on <= told.ended_on <= LATEST_DAY:
        raise InputError("before_start", "A season ends on a day after its start.", "ended_on")
    others = scope.all(Season).filter(tank=season.tank_id, ended_on=None).exclude(pk=season.pk)
    if told.ended_on is None and others.exists():
        raise InputError("season_overlaps", "Another season runs in this tank.", "ended_on")
    season.ended_on = told.ended_on
    season.save(update_fields=["ended_on"])
    running = _running(scope, season_id)
    return answer(scope, running, course_of(running, scope.grow))
