"""The living programme at the bench: the steps of a day, with their amounts and vessels."""

from collections.abc import Sequence
from datetime import datetime, timedelta

from django.http import HttpRequest, HttpResponse
from django.utils import timezone
from ninja import Router
from pydantic import BaseModel

from core.course import TaskKind, Why
from core.errors import InputError
from core.formats.measured import MeasuredDocument
from core.quantities import (
    Amount,
    AmountUnit,
    ReadingScale,
    Volume,
    figure,
    number_text,
    rounded,
)
from core.tending.brewing import (
    STALE_H,
    STANDS_H,
    BrewAct,
    BrewDay,
    BrewState,
    BrewStep,
    brew_state,
    brew_steps,
)
from core.vessels import Vessel, measure
from server.api.shapes import ErrorOut
from server.grows.scope import Scope
from server.planning.snapshot import snapshot_of
from server.seasons.answering import running_season
from server.seasons.course import course_of
from server.seasons.models import SeasonEntry
from server.seasons.round import aim_of, band_shown
from server.seasons.running import RunningSeason
from server.seasons.task_words import TaskWords
from server.seasons.tasks import StandingTask, standing_tasks

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}
_LARGEST_MEASURED = 2000
"""mL; what is more is filled to a mark of the bucket, not measured by cylinders."""

_STEPS_OF = {Why.MOLASSES: BrewDay.MOLASSES, Why.INOCULANT: BrewDay.INOCULANT}
_BEFORE = {BrewDay.INOCULANT: Why.MOLASSES, BrewDay.POUR: Why.INOCULANT}
_ONE_BREW = timedelta(days=5)
"""What was told longer before a task than this was told of another brew."""


class BrewStepOut(BaseModel):
    """One press; `shown` is its amount for the eye, `measured` how vessels measure it.

    `above_source_shown` is what it brings the reading to above the source's, with its unit.
    """

    act: BrewAct
    shown: str | None
    measured: MeasuredDocument | None
    above_source_shown: str | None


class BrewOut(BaseModel):
    """A day of the brew: its steps, and whether the bucket is ready for it.

    `ready_at` is when it has stood long enough, where the day before was told; `stands_h` and
    `stale_h` are the hours that it stands and those after which it is begun anew; `target_shown` is
    what the reservoir should read, with its unit.
    """

    day: BrewDay
    state: BrewState
    ready_at: datetime | None
    stands_h: int
    stale_h: int
    target_shown: str | None
    steps: list[BrewStepOut]


@router.get(
    "/grows/{grow_id}/seasons/{season_id}/brew",
    response={200: BrewOut, **_ANSWERS},
    operation_id="brew",
)
def brew(request: HttpRequest, grow_id: int, season_id: int, task: str) -> HttpResponse:
    """The steps of a task of the living programme."""
    scope = Scope.enter(request.user, grow_id)
    running = running_season(scope, season_id)
    course = course_of(running, scope.grow)
    standing = next((one for one in standing_tasks(running, course) if one.key == task), None)
    day = None if standing is None else _day_of(standing)
    if standing is None or day is None:
        raise InputError("no_brew", "task")
    before = _told_before(running, standing, day)
    planned = TaskWords.of(scope, running, course).task_out(standing).amounts
    brewed = None
    if day is BrewDay.POUR and planned:
        told = planned[0].amount
        brewed = Amount(figure(told.value), AmountUnit(told.unit))
    steps = brew_steps(
        day,
        Volume(figure(running.season.tank.litres)),
        running.season.tank.water.disinfectant_left,
        brewed=brewed,
        is_first=course.request.day(standing.task.on) <= course.request.first_filling,
    )
    vessels, meter = snapshot_of(scope).stock_of(scope).vessels, scope.membership.meter
    target = band_shown(scope, aim_of(scope, running).target)
    out = BrewOut(
        day=day,
        state=brew_state(day, before, timezone.now()),
        ready_at=before + timedelta(hours=STANDS_H) if before else None,
        stands_h=STANDS_H,
        stale_h=STALE_H,
        target_shown=target and f"{target} {meter.words}",
        steps=[_step_out(step, vessels, meter) for step in steps],
    )
    return HttpResponse(out.model_dump_json(), content_type="application/json")


def _step_out(step: BrewStep, vessels: Sequence[Vessel], meter: ReadingScale) -> BrewStepOut:
    above = step.above_source
    above_shown = f"{above.shown(meter)} {meter.words}" if above else None
    if step.amount is None:
        return BrewStepOut(act=step.act, shown=None, measured=None, above_source_shown=above_shown)
    amount = _measurable(step.amount)
    is_measured = amount.value <= _LARGEST_MEASURED
    return BrewStepOut(
        act=step.act,
        shown=_shown(amount),
        measured=MeasuredDocument.of(measure(amount, vessels)) if is_measured else None,
        above_source_shown=above_shown,
    )


def _day_of(standing: StandingTask) -> BrewDay | None:
    if standing.task.kind is TaskKind.INOCULATE:
        return BrewDay.POUR
    return _STEPS_OF.get(standing.task.why[0])


def _told_before(running: RunningSeason, standing: StandingTask, day: BrewDay) -> datetime | None:
    """When the day before this one was told, of the same brew."""
    if day not in _BEFORE:
        return None
    ending = f".{TaskKind.PREPARE}.{_BEFORE[day]}"
    told = [
        entry.at
        for entry in running.told
        if entry.kind == SeasonEntry.Kind.DONE
        and str(entry.told.get("task")).endswith(ending)
        and standing.task.on - _ONE_BREW <= entry.on <= standing.task.on
    ]
    return max(told, default=None)


def _measurable(amount: Amount) -> Amount:
    """To a tenth, or a hundredth below 1: a brew asks for no more, and shows what is measured."""
    return Amount(rounded(amount.value, 1 if amount.value >= 1 else 2), amount.unit)


def _shown(amount: Amount) -> str:
    """As a bucket or a cylinder shows it."""
    value, unit, places = amount.value, amount.unit.value, 2
    if amount.unit is AmountUnit.ML and value >= _LARGEST_MEASURED:
        value, unit, places = value / 1000, "L", 2
    return f"{number_text(value, places).rstrip('0').rstrip('.')} {unit}"
