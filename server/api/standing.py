"""Where a guided mix stands, as the bench shows it."""

from dataclasses import dataclass
from datetime import datetime
from fractions import Fraction

from ninja import Schema

from core.chemistry import Element
from core.formats.measured import MeasuredDocument
from core.formats.record import MixRecordDocument
from core.mix import CUP_WATER
from core.mix.steps import Pass
from core.quantities import (
    Amount,
    AmountUnit,
    Reading,
    ReadingScale,
    decimal_text,
    number_text,
)
from core.session import BenchPlan, BenchPour, Event, State, Step, StepKind
from core.session import Status as StepStatus
from core.session.ph import Advice
from core.session.steering import CAUSES, SecondPour, Verdict
from core.vessels import VesselKind, measure
from server.grows.scope import Scope
from server.mixes.additions import ppm_of_additions
from server.mixes.meter import meter_of
from server.mixes.models import Mix

EC_STEPS = frozenset({StepKind.READ_WATER, StepKind.READ_EC})


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


class OtherWaterOut(Schema):
    """The water reads otherwise than planned; `follows` tells whether the target goes with it."""

    read: str
    planned: str
    follows: bool


class ConflictOut(Schema):
    """Two devices told of one step; `both` is what is in if both poured, and as it is shown."""

    step: str
    counts: str
    counts_by: str
    counts_shown: str | None
    other: str
    other_by: str
    other_shown: str | None
    both: str | None
    both_shown: str | None


class SteeringOut(Schema):
    """What readings call for, in words and codes that the bench shows.

    `off_percent` is how far off the first pass's rise was, "12 % less", with `causes` where that
    is odd; `other_water` where the water is not the one planned with; `way_out` is what can be
    done where too much went in;
    `capped` tells that more than printed dose × strength would be wanted.
    """

    off_percent: str | None
    other_water: OtherWaterOut | None
    way_out: WayOutOut | None
    causes: list[str]
    capped: bool
    verdict: Verdict | None
    advice: Advice | None
    look_again_h: int | None
    acid_why: str | None
    alkali_why: str | None


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


def _shown(
    step_kind: StepKind | None, figure: Fraction | None, unit: str, meter: ReadingScale
) -> str | None:
    if figure is None:
        return None
    if step_kind in EC_STEPS:
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
        if step.kind in (StepKind.ACID, StepKind.ALKALI):
            cup = decimal_text((step.amount if how.dilute else how.amount.value) * CUP_WATER)
    at_hand = {StepKind.ACID: plan.acid, StepKind.ALKALI: plan.alkali}.get(step.kind)
    name = pour.name if pour else at_hand.name if at_hand else None
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


def _until(pour: BenchPour, state: State, meter: ReadingScale) -> str | None:
    """The reading at which to stop, counted from the water that is in the tank."""
    if pour.until is None:
        return None
    return Reading((state.source or Fraction(0)) + pour.until).shown(meter)


def _vessels(plan: BenchPlan) -> list[str]:
    """The vessels in words, each kind with its sizes; one that is there twice is named once."""
    sizes: dict[str, dict[str, None]] = {}
    for vessel in plan.bench:
        sizes.setdefault(vessel.kind.value, {})[number_text(vessel.capacity, 0)] = None
    return [
        kind if kind == VesselKind.SCALE.value else f"{kind} {', '.join(held)} mL"
        for kind, held in sizes.items()
    ]


def _other_water(plan: BenchPlan, state: State, meter: ReadingScale) -> OtherWaterOut | None:
    if state.water_off is None or plan.source is None:
        return None
    read, planned = Reading(plan.source + state.water_off), Reading(plan.source)
    return OtherWaterOut(
        read=f"{read.shown(meter)} {meter.words}",
        planned=f"{planned.shown(meter)} {meter.words}",
        follows=plan.added is not None,
    )


def _off(share: Fraction) -> str:
    return f"{number_text(abs(share) * 100, 0)} % {'more' if share > 0 else 'less'}"


def _steering(plan: BenchPlan, state: State, meter: ReadingScale) -> SteeringOut:
    slope, second = state.slope, state.second
    return SteeringOut(
        off_percent=_off(slope.off) if slope and slope.off else None,
        other_water=_other_water(plan, state, meter),
        way_out=_way_out(plan, state, meter),
        causes=list(CAUSES) if slope and slope.is_odd else [],
        capped=bool(second and second.capped),
        verdict=state.correction.verdict if state.correction else None,
        advice=state.assistance.advice if state.assistance else None,
        look_again_h=state.assistance.look_again_h if state.assistance else None,
        acid_why=plan.acid.why if plan.acid else None,
        alkali_why=plan.alkali.why if plan.alkali else None,
    )


def bench_out(
    mix: Mix, plan: BenchPlan, state: State, events: list[Event], scope: Scope
) -> BenchOut:
    meter = scope.membership.meter
    kinds = {step.id: step for step in state.steps}
    ids = {event.step: event.id for event in reversed(events) if event.step}
    target = None
    if state.target:
        low, high = (Reading(edge).shown(meter) for edge in state.target)
        target = low if low == high else f"{low} to {high}"

    screen = _Screen(plan, state.second, ids, meter, ppm_of_additions(mix, plan, state))

    def shown(of: str, figure: Fraction | None) -> str | None:
        step = kinds.get(of)
        return _shown(step.kind if step else None, figure, step.unit if step else "", meter)

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
                until=_until(pour, state, meter),
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
                counts_shown=shown(one.step, one.counts.figure),
                other=one.other.id,
                other_by=one.other.by,
                other_shown=shown(one.step, one.other.figure),
                both=None if one.together is None else decimal_text(one.together),
                both_shown=shown(one.step, one.together),
            )
            for one in state.conflicts
        ],
        steering=_steering(plan, state, meter),
        undoable=state.undoable,
        ended_at=mix.ended_at,
        record=MixRecordDocument.model_validate(mix.record) if mix.record else None,
    )
