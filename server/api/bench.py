"""The guided mix: started from a sheet, carried on by events, read by a pen, kept as a record."""

from dataclasses import dataclass
from datetime import datetime
from fractions import Fraction
from typing import Annotated, Literal

from django.db import IntegrityError, transaction
from django.http import HttpRequest, HttpResponse
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chemistry import Element
from core.chemistry.source import source_water
from core.errors import InputError
from core.formats.bench import BenchPlanDocument
from core.formats.measured import MeasuredDocument
from core.formats.record import MixRecordDocument
from core.mix import plan_mix
from core.mix.steps import Pass
from core.quantities import (
    Amount,
    AmountUnit,
    Reading,
    ReadingScale,
    decimal_text,
    number_text,
    parse_reading,
)
from core.session import BenchPlan, Event, Kind, State, Step, StepKind, bench_plan, follow
from core.session import Status as StepStatus
from core.session.ph import Advice
from core.session.steering import CAUSES, SecondPour, Verdict
from core.vessels import VesselKind, measure
from core.water import Water
from server.api.gathered import gather
from server.api.mix import MixIn, request_of
from server.api.shapes import ErrorOut
from server.api.typed import typed, typed_figure
from server.charts.models import ChartRow
from server.grows.scope import Scope
from server.mixes.additions import ppm_of_additions
from server.mixes.meter import meter_of
from server.mixes.models import Mix
from server.mixes.running import events_of, give_up, hear

router = Router(tags=["bench"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_EC_STEPS = frozenset({StepKind.READ_WATER, StepKind.READ_EC})
ODD_EC = Fraction(8)
ODD_PH = (Fraction(3), Fraction(10))
"""Readings beyond these are asked for again: no feed for plants is there."""


class StepOut(Schema):
    """One step; `amount` exact as text, `due` in epoch seconds.

    `goes_in` is what is in when the vessels were filled to their marks; it is told when poured.
    `beyond` is what the reading asks for where printed dose × strength caps the amount;
    `figure_shown` is what was poured or read, in the person's unit.
    """

    id: str
    kind: StepKind
    status: StepStatus
    pour: int | None
    product: str | None
    name: str | None
    amount: str | None
    goes_in: str | None
    unit: str
    measured: MeasuredDocument | None
    cup_water: str | None
    beyond: str | None
    adds_ppm: dict[Element, float]
    seconds: int | None
    due: float | None
    figure_shown: str | None
    event: str | None
    by: str


class BenchPourOut(Schema):
    """A pour of the plan, for its ticket; `rinse` names what is to be rinsed out first."""

    product: str
    tag: str
    name: str
    printed: str
    rinse: str
    live: bool
    until: str | None


class BottleOut(Schema):
    """A bottle to have at hand: what this mix takes of it, and what was left when it began.

    `is_enough` is None where the shelf does not know what is left.
    """

    tag: str
    name: str
    takes: str | None
    left: str | None
    is_enough: bool | None


class WayOutOut(Schema):
    """Too much went in: what was poured and planned, and the ways out of it."""

    name: str
    poured: str
    planned: str
    dilute_to: str
    accept_at: str | None


class ConflictOut(Schema):
    """Two devices told of one step."""

    step: str
    counts: str
    counts_by: str
    counts_shown: str | None
    other: str
    other_by: str
    other_shown: str | None


class SteeringOut(Schema):
    """What readings call for, in words and codes that the bench shows.

    `off_percent` is how far off the first pass's rise was, "12 % less", with `causes` where that
    is odd; `way_out` is what can be done where too much went in;
    `capped` tells that more than printed dose × strength would be wanted.
    """

    off_percent: str | None
    way_out: WayOutOut | None
    causes: list[str]
    capped: bool
    verdict: Verdict | None
    advice: Advice | None
    look_again_h: int | None
    acid_why: str | None


class BenchOut(Schema):
    """Where a guided mix stands. `heard` counts the events behind it."""

    id: int
    tank: int
    tank_name: str
    column: str
    unit: str
    has_pen: bool
    target: str | None
    ph_low: str
    ph_high: str
    heard: int
    now: int | None
    steps: list[StepOut]
    pours: list[BenchPourOut]
    bottles: list[BottleOut]
    vessels: list[str]
    conflicts: list[ConflictOut]
    steering: SteeringOut
    undoable: str | None
    ended_at: datetime | None
    record: MixRecordDocument | None


class OpenMix(Schema):
    """A mix that is under way."""

    id: int
    tank: int
    tank_name: str
    column: str
    started_at: datetime


class EventIn(Schema):
    """One thing that happened, as a device tells it; `figure` as typed, `sure` if asked again."""

    id: Annotated[str, Field(min_length=8, max_length=40, pattern=r"^[A-Za-z0-9-]+$")]
    at: Annotated[float, Field(ge=0, le=1e11)]
    kind: Kind
    step: Annotated[str, Field(max_length=120)] = ""
    figure: Annotated[str, Field(max_length=40)] = ""
    of: Annotated[str, Field(max_length=40)] = ""
    sure: bool = False


class PenIn(Schema):
    """For how many seconds the pen has been in the tank."""

    seconds: Annotated[float, Field(ge=0, le=3600)]


class PenOut(Schema):
    """What the pen shows, EC in the person's unit; once it stands still, the median."""

    ec: str
    ph: str
    temperature: str
    still: bool


class EventsIn(Schema):
    """Events in any order, new or told before."""

    events: Annotated[list[EventIn], Field(max_length=300)]


def _shown(
    step_kind: StepKind | None, figure: Fraction | None, unit: str, meter: ReadingScale
) -> str | None:
    if figure is None:
        return None
    if step_kind in _EC_STEPS:
        return f"{Reading(figure).shown(meter)} {meter.words}"
    if step_kind is StepKind.READ_TEMPERATURE:
        return f"{number_text(figure, 1)} °C"
    if step_kind is StepKind.READ_PH:
        return f"pH {number_text(figure, 1)}"
    return f"{number_text(figure, 2).rstrip('0').rstrip('.')} {unit}"


@dataclass(frozen=True, slots=True)
class _Screen:
    """What all steps of one mix are shown by; `adds` by step, in ppm by element."""

    plan: BenchPlan
    second: SecondPour | None
    events: dict[str, str]
    meter: ReadingScale
    adds: dict[str, dict[Element, float]]


def _step(step: Step, screen: _Screen) -> StepOut:
    plan, second = screen.plan, screen.second
    pour = plan.pours[step.pour] if step.pour is not None else None
    beyond = None
    if pour and second and pour.turn is Pass.SECOND and step.kind is StepKind.POUR:
        beyond = second.beyond.get(pour.key)
    measured, cup, goes_in = None, None, step.amount
    if step.amount is not None and step.amount > 0 and step.unit in ("mL", "g"):
        how = measure(Amount(step.amount, AmountUnit(step.unit)), plan.bench)
        measured = MeasuredDocument.of(how)
        goes_in = step.amount if how.dilute else how.amount.value
        if step.kind is StepKind.ACID:
            cup = decimal_text(how.amount.value * 9 if not how.dilute else step.amount * 9)
    name = (
        pour.name if pour else plan.acid.name if step.kind is StepKind.ACID and plan.acid else None
    )
    return StepOut(
        id=step.id,
        kind=step.kind,
        status=step.status,
        pour=step.pour,
        product=pour.key if pour else None,
        name=name,
        amount=None if step.amount is None else decimal_text(step.amount),
        goes_in=None if goes_in is None else number_text(goes_in, 6),
        unit=step.unit,
        measured=measured,
        cup_water=cup,
        beyond=None if beyond is None else number_text(beyond, 1),
        adds_ppm=screen.adds.get(step.id, {}),
        seconds=step.seconds,
        due=step.due,
        figure_shown=_shown(step.kind, step.figure, step.unit, screen.meter),
        event=screen.events.get(step.id),
        by=step.by,
    )


def _way_out(plan: BenchPlan, state: State, meter: ReadingScale) -> WayOutOut | None:
    way = state.way_out
    if way is None:
        return None
    pour = next(pour for pour in plan.pours if pour.key == way.product)
    unit = pour.unit.value
    reading = Reading(way.accept_at).shown(meter) if way.accept_at is not None else None
    return WayOutOut(
        name=pour.name,
        poured=f"{number_text(way.poured, 1)} {unit}",
        planned=f"{number_text(way.planned, 1)} {unit}",
        dilute_to=f"{number_text(way.dilute_to, 0)} L",
        accept_at=f"{reading} {meter.words}" if reading else None,
    )


def _bottles(mix: Mix, plan: BenchPlan) -> list[BottleOut]:
    found = []
    for key in dict.fromkeys(pour.key for pour in plan.pours):
        pours = [pour for pour in plan.pours if pour.key == key]
        takes = sum((pour.amount or pour.estimate or Fraction(0) for pour in pours), Fraction(0))
        product, unit = mix.products.get(key, {}), pours[0].unit.value
        left = product.get("left")
        found.append(
            BottleOut(
                tag=product.get("tag", pours[0].name[:2]),
                name=pours[0].name,
                takes=f"{number_text(takes, 1)} {unit}" if takes else None,
                left=None if left is None else f"{number_text(Fraction(left), 0)} {unit}",
                is_enough=None if left is None else Fraction(left) >= takes,
            )
        )
    return found


def _vessels(plan: BenchPlan) -> list[str]:
    """The vessels in words, each kind with its sizes; one that is there twice is named once."""
    sizes: dict[str, dict[str, None]] = {}
    for vessel in plan.bench:
        sizes.setdefault(vessel.kind.value, {})[number_text(vessel.capacity, 0)] = None
    return [
        kind if kind == VesselKind.SCALE.value else f"{kind} {', '.join(held)} mL"
        for kind, held in sizes.items()
    ]


def _off(share: Fraction) -> str:
    return f"{number_text(abs(share) * 100, 0)} % {'more' if share > 0 else 'less'}"


def _steering(plan: BenchPlan, state: State, meter: ReadingScale) -> SteeringOut:
    slope, second = state.slope, state.second
    return SteeringOut(
        off_percent=_off(slope.off) if slope and slope.off else None,
        way_out=_way_out(plan, state, meter),
        causes=list(CAUSES) if slope and slope.is_odd else [],
        capped=bool(second and second.capped),
        verdict=state.correction.verdict if state.correction else None,
        advice=state.assistance.advice if state.assistance else None,
        look_again_h=state.assistance.look_again_h if state.assistance else None,
        acid_why=plan.acid.why if plan.acid else None,
    )


def _bench(mix: Mix, plan: BenchPlan, state: State, events: list[Event], scope: Scope) -> BenchOut:
    meter = scope.membership.meter
    kinds = {step.id: step for step in state.steps}
    ids = {event.step: event.id for event in reversed(events) if event.step}
    target = None
    if plan.target:
        low, high = (Reading(edge).shown(meter) for edge in plan.target)
        target = low if low == high else f"{low} to {high}"

    screen = _Screen(plan, state.second, ids, meter, ppm_of_additions(mix, plan, state))

    def shown(event: Event) -> str | None:
        step = kinds.get(event.step)
        return _shown(step.kind if step else None, event.figure, step.unit if step else "", meter)

    return BenchOut(
        id=mix.pk,
        tank=mix.tank_id,
        tank_name=mix.tank.name,
        column=mix.column,
        unit=meter.words,
        has_pen=meter_of(scope.grow) is not None,
        target=target,
        ph_low=decimal_text(plan.ph[0]),
        ph_high=decimal_text(plan.ph[1]),
        heard=len(events),
        now=state.now,
        steps=[_step(step, screen) for step in state.steps],
        pours=[
            BenchPourOut(
                product=pour.key,
                tag=mix.products.get(pour.key, {}).get("tag", pour.name[:2]),
                name=pour.name,
                printed=pour.printed,
                rinse=pour.rinse,
                live=pour.live,
                until=Reading(pour.until).shown(meter) if pour.until is not None else None,
            )
            for pour in plan.pours
        ],
        bottles=_bottles(mix, plan),
        vessels=_vessels(plan),
        conflicts=[
            ConflictOut(
                step=one.step,
                counts=one.counts.id,
                counts_by=one.counts.by,
                counts_shown=shown(one.counts),
                other=one.other.id,
                other_by=one.other.by,
                other_shown=shown(one.other),
            )
            for one in state.conflicts
        ],
        steering=_steering(plan, state, meter),
        undoable=state.undoable,
        ended_at=mix.ended_at,
        record=MixRecordDocument.model_validate(mix.record) if mix.record else None,
    )


def _moles(water: Water) -> dict[str, float]:
    return {part.value: mol for part, mol in source_water(water).moles.items()}


def _find(scope: Scope, mix_id: int) -> Mix:
    return scope.one(scope.all(Mix).select_related("tank"), mix_id)


def _answer(mix: Mix, scope: Scope) -> BenchOut:
    plan, events = mix.as_plan(), events_of(mix)
    return _bench(mix, plan, follow(plan, events), events, scope)


@router.post(
    "/grows/{grow_id}/mixes", response={201: BenchOut, **_ANSWERS}, operation_id="start_mix"
)
def start_mix(request: HttpRequest, grow_id: int, told: MixIn) -> Status[BenchOut]:
    """Take a mix to the bench; its stops must have been acknowledged by name."""
    scope = Scope.enter(request.user, grow_id)
    waters = [told.water, *(part.water for part in told.blend)]
    gathered = gather(scope, tank=told.tank, waters=waters, version=told.chart)
    asked = request_of(scope, told, gathered)
    sheet = plan_mix(asked)
    if sheet.unacknowledged:
        raise InputError(
            "stops_open",
            "A stop of this mix was not acknowledged yet: read it in the margin first.",
            "acknowledged",
        )
    if not sheet.pours:
        raise InputError("nothing_to_pour", "This mix pours nothing.", "column")
    products = {
        row.key: {
            "product": row.product_id,
            "tag": row.product.tag,
            "left": None if row.product.left is None else str(row.product.left),
        }
        for row in ChartRow.objects.filter(version_id=told.chart).select_related("product")
    }
    before = Mix.objects.filter(tank=gathered.tank, record__isnull=False).first()
    learned = before.record.get("alkalinity_meq") if before and before.record else None
    plan = bench_plan(asked, sheet, learned=None if learned is None else Fraction(learned))
    try:
        with transaction.atomic():
            mix = Mix.objects.create(
                grow=scope.grow,
                tank=gathered.tank,
                version_id=told.chart,
                column=sheet.column.label,
                strength=told.strength,
                plan=BenchPlanDocument.of(plan).model_dump(mode="json"),
                products=products,
                simulated_water=_moles(asked.water),
            )
    except IntegrityError:
        raise InputError(
            "mix_under_way",
            "A mix is under way in this tank: go on with it, or give it up.",
            "tank",
        ) from None
    return Status(201, _answer(mix, scope))


@router.get(
    "/grows/{grow_id}/mixes",
    response={200: list[OpenMix], 404: ErrorOut},
    operation_id="open_mixes",
)
def open_mixes(request: HttpRequest, grow_id: int) -> list[OpenMix]:
    """The mixes that are under way."""
    scope = Scope.enter(request.user, grow_id)
    return [
        OpenMix(
            id=mix.pk,
            tank=mix.tank_id,
            tank_name=mix.tank.name,
            column=mix.column,
            started_at=mix.started_at,
        )
        for mix in scope.all(Mix).filter(ended_at=None).select_related("tank")
    ]


@router.get(
    "/grows/{grow_id}/mixes/{mix_id}", response={200: BenchOut, **_ANSWERS}, operation_id="mix"
)
def mix(request: HttpRequest, grow_id: int, mix_id: int) -> BenchOut:
    """Where a mix stands."""
    scope = Scope.enter(request.user, grow_id)
    return _answer(_find(scope, mix_id), scope)


def _event(told: EventIn, kinds: dict[str, StepKind], scope: Scope, at: int) -> Event:
    where, figure = f"events[{at}].figure", None
    if told.figure.strip():
        kind = kinds.get(told.step)
        if kind in _EC_STEPS:
            meter = scope.membership.meter
            figure = typed(where, lambda: parse_reading(told.figure, preferred=meter).ms_cm)
        else:
            figure = typed_figure(where, told.figure)
        _ask_again(told, kind, figure, where)
    return Event(told.id, told.at, scope.membership.person.get_username(), told.kind, told.step,
                 figure, told.of)  # fmt: skip


def _ask_again(told: EventIn, kind: StepKind | None, figure: Fraction, where: str) -> None:
    odd = kind in _EC_STEPS and figure > ODD_EC
    odd = odd or (kind is StepKind.READ_PH and not ODD_PH[0] <= figure <= ODD_PH[1])
    if odd and not told.sure:
        raise InputError(
            "reading_odd",
            "No feed for plants reads so: look at the unit and the pen once more. If it is so, "
            "send it again.",
            where,
        )
    if kind is StepKind.READ_PH and figure > 14:
        raise InputError("ph_out_of_range", "A pH lies between 0 and 14.", where)


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/events",
    response={200: BenchOut, **_ANSWERS},
    operation_id="tell_events",
)
def tell_events(request: HttpRequest, grow_id: int, mix_id: int, told: EventsIn) -> BenchOut:
    """Tell what happened; telling it twice has no second effect."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    steps = follow(found.as_plan(), events_of(found)).steps
    kinds = {step.id: step.kind for step in steps}
    events = [
        _event(one, kinds | _by_name(one.step), scope, at) for at, one in enumerate(told.events)
    ]
    person_id = scope.membership.person_id
    plan, state, heard = hear(found, person_id, events)
    return _bench(found, plan, state, heard, scope)


def _by_name(step: str) -> dict[str, StepKind]:
    """The kind of a reading that is not laid out yet, told by a device that was without network."""
    if step.startswith("read-ph"):
        return {step: StepKind.READ_PH}
    return {step: StepKind.READ_EC} if step.startswith("read-") else {}


@router.delete(
    "/grows/{grow_id}/mixes/{mix_id}", response={200: BenchOut, **_ANSWERS}, operation_id="give_up"
)
def give_up_mix(request: HttpRequest, grow_id: int, mix_id: int) -> BenchOut:
    """Give a mix up: it ends without a record, and nothing is drawn down."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    give_up(found)
    return _answer(found, scope)


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/pen",
    response={200: PenOut, **_ANSWERS},
    operation_id="read_pen",
)
def read_pen(request: HttpRequest, grow_id: int, mix_id: int, told: PenIn) -> PenOut:
    """What the pen shows; a grow without one is told so."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    meter = meter_of(scope.grow)
    if meter is None:
        raise InputError("no_pen", "No pen is connected: type what yours shows.", "seconds")
    shown = meter.read(found, follow(found.as_plan(), events_of(found)), told.seconds)
    unit = scope.membership.meter
    return PenOut(
        ec=Reading(Fraction(str(shown.ec))).shown(unit),
        ph=f"{shown.ph:.1f}",
        temperature=f"{shown.temperature:.1f}",
        still=shown.still,
    )


@router.get(
    "/grows/{grow_id}/mixes/{mix_id}/record",
    response={200: MixRecordDocument, **_ANSWERS},
    operation_id="mix_record",
)
def mix_record(
    request: HttpRequest, grow_id: int, mix_id: int, as_: Literal["json", "csv"] = "json"
) -> MixRecordDocument | HttpResponse:
    """The record of a mix that is over, as JSON or CSV."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    if found.record is None:
        raise InputError("no_record", "This mix is not over, or was given up.", "mix_id")
    record = MixRecordDocument.model_validate(found.record)
    if as_ == "csv":
        answer = HttpResponse(record.as_csv(), content_type="text/csv; charset=utf-8")
        answer["Content-Disposition"] = f'attachment; filename="mix-{found.pk}.csv"'
        return answer
    return record
