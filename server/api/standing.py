"""Where a guided mix stands, as the bench shows it."""

from dataclasses import dataclass
from fractions import Fraction

from core.chemistry import Element
from core.formats.measured import MeasuredDocument
from core.formats.record import MixRecordDocument
from core.mix import CUP_WATER, LEAST_CUP
from core.mix.steps import Pass
from core.quantities import (
    Amount,
    AmountUnit,
    Reading,
    ReadingScale,
    Volume,
    decimal_text,
    number_text,
    rounded,
)
from core.session import BenchPlan, BenchPour, Event, State, Status, Step, StepKind, causes_of
from core.session.causes import OFFERED
from core.session.placing import kind_of_step, product_of_step
from core.session.steering import CAUSES, ODD_TIMES, SecondPour
from core.vessels import VesselKind, measure
from server.api.bench_shapes import (
    BenchOut,
    BenchPourOut,
    BottleOut,
    ConflictOut,
    OfferLineOut,
    OfferOut,
    OtherWaterOut,
    SteeringOut,
    StepOut,
    UnplacedOut,
    VolumeOut,
    WayOutOut,
)
from server.grows.models import Membership
from server.grows.scope import Scope
from server.mixes.additions import ppm_of_additions
from server.mixes.meter import meter_of
from server.mixes.models import Mix

EC_STEPS = frozenset({StepKind.READ_WATER, StepKind.READ_EC})
VOLUME_STEPS = frozenset({StepKind.FILL, StepKind.DRAIN, StepKind.VOLUME})


def _shown(
    step_kind: StepKind | None, figure: Fraction | None, unit: str, member: Membership
) -> str | None:
    if figure is None:
        return None
    if step_kind in EC_STEPS:
        return f"{Reading(figure).shown(member.meter)} {member.meter.words}"
    if step_kind in VOLUME_STEPS:
        return Volume(figure).shown(member.tank_unit)
    if step_kind is StepKind.READ_TEMPERATURE:
        return f"{number_text(figure, 1)} °C"
    if step_kind is StepKind.READ_PH:
        return f"pH {number_text(figure, 1)}"
    return f"{decimal_text(rounded(figure, 2))} {unit}"


@dataclass(frozen=True, slots=True)
class _Screen:
    """What all steps of one mix are shown by; `adds` by step, in ppm by element."""

    plan: BenchPlan
    second: SecondPour | None
    poured: dict[str, Fraction]
    events: dict[str, str]
    member: Membership
    adds: dict[str, dict[Element, float]]


def _of_dose(step: Step, pour: BenchPour, screen: _Screen) -> str | None:
    """At what share of printed dose × strength a product stands after an addition."""
    whole = screen.plan.whole(pour.key)
    if step.kind is not StepKind.ADD or not whole or step.status is not Status.NOW:
        return None
    stands = screen.poured.get(pour.key, Fraction(0)) + (step.amount or Fraction(0))
    return f"{number_text(stands / whole * 100, 0)} %"


def _step(step: Step, screen: _Screen) -> StepOut:
    plan, second = screen.plan, screen.second
    pour = plan.pours[step.pour] if step.pour is not None else None
    beyond = None
    if pour and second and pour.turn is Pass.SECOND and step.kind is StepKind.POUR:
        beyond = second.beyond.get(pour.key)
    amount, unit = step.amount, step.unit
    if step.kind in VOLUME_STEPS:
        shown = Volume(amount or Fraction(0)).shown(screen.member.tank_unit)
        figure, _, unit = shown.partition(" ")
        amount = None if amount is None else Fraction(figure)
    measured, cup, goes_in = None, None, amount
    if step.amount is not None and step.amount > 0 and step.unit in ("mL", "g"):
        how = measure(Amount(step.amount, AmountUnit(step.unit)), plan.bench)
        measured = MeasuredDocument.of(how) if how.fills else None
        goes_in = how.amount.value if how.fills and not how.dilute else step.amount
        # What is measured by a dilution is in its cup already.
        if step.kind in (StepKind.ACID, StepKind.ALKALI) and not how.dilute:
            cup = decimal_text(max(goes_in * CUP_WATER, Fraction(LEAST_CUP)))
    at_hand = {StepKind.ACID: plan.acid, StepKind.ALKALI: plan.alkali}.get(step.kind)
    name = pour.name if pour else at_hand.name if at_hand else None
    return StepOut(
        id=step.id,
        kind=step.kind,
        status=step.status,
        pour=step.pour,
        product=pour.key if pour else None,
        name=name,
        amount=None if amount is None else decimal_text(amount),
        goes_in=None if goes_in is None else decimal_text(rounded(goes_in, 6)),
        unit=unit,
        measured=measured,
        cup_water=cup,
        beyond=None if beyond is None else number_text(beyond, 1),
        of_dose=_of_dose(step, pour, screen) if pour else None,
        odd_above=decimal_text(rounded(amount * ODD_TIMES, 3)) if amount else None,
        why=step.why,
        offers=step.why in OFFERED,
        causes=list(causes_of(step.why)),
        adds_ppm=screen.adds.get(step.id, {}),
        seconds=step.seconds,
        due=step.due,
        figure_shown=_shown(step.kind, step.figure, step.unit, screen.member),
        event=screen.events.get(step.id),
        by=step.by,
    )


def _way_out(plan: BenchPlan, state: State, member: Membership) -> WayOutOut | None:
    way = state.way_out
    if way is None:
        return None
    pour = next(pour for pour in plan.pours if pour.key == way.product)
    unit = pour.unit.value
    return WayOutOut(
        name=pour.name,
        poured=f"{number_text(way.poured, 1)} {unit}",
        planned=f"{number_text(way.planned, 1)} {unit}",
        dilute_to=Volume(way.dilute_to).shown(member.tank_unit, 0),
        accept_at=_shown(StepKind.READ_EC, way.accept_at, "", member),
        behind=[next(p.name for p in plan.pours if p.key == key) for key in way.behind],
    )


def _offer(plan: BenchPlan, state: State, member: Membership) -> OfferOut | None:
    offer = state.offer
    if offer is None:
        return None
    pours = {pour.key: pour for pour in plan.pours}
    return OfferOut(
        lines=[
            OfferLineOut(
                name=pours[key].name,
                add=f"{number_text(amount, 1)} {pours[key].unit.value}",
                of_dose=f"{number_text(offer.of_dose[key] * 100, 0)} %",
            )
            for key, amount in offer.add.items()
        ],
        reading=_shown(StepKind.READ_EC, offer.reading, "", member) or "",
    )


def _estimate(state: State, member: Membership) -> VolumeOut | None:
    found = state.estimate
    if found is None:
        return None
    unit = member.tank_unit
    # An estimate has no more figures than it is sure of.
    places = 0 if found.litres >= LITRES_WITHOUT_PLACES else 1
    low, high = (Volume(litres).shown(unit, places) for litres in (found.low, found.high))
    about = Volume(found.litres).shown(unit, places)
    return VolumeOut(about=about, low=low.partition(" ")[0], high=high)


LITRES_WITHOUT_PLACES = 20
"""From here an estimate is shown in whole litres or gallons."""


def _unplaced(plan: BenchPlan, state: State, member: Membership) -> list[UnplacedOut]:
    """What went in at steps that are laid out no more, each with what it was."""
    names = {pour.key: (pour.name, pour.unit.value) for pour in plan.pours}
    found = []
    for event in state.unplaced:
        key, kind = product_of_step(plan, event.step), kind_of_step(plan, event.step)
        bottle = plan.acid if kind is StepKind.ACID else plan.alkali
        name, unit = names.get(key or "", (bottle.name if bottle else "", "mL"))
        shown = _shown(kind, event.figure, unit, member)
        found.append(UnplacedOut(event=event.id, name=name, shown=shown or "", by=event.by))
    return found


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


def _other_water(plan: BenchPlan, state: State, member: Membership) -> OtherWaterOut | None:
    read = _shown(StepKind.READ_WATER, state.source, "", member)
    planned = _shown(StepKind.READ_WATER, plan.source, "", member)
    if state.water_off is None or read is None or planned is None:
        return None
    return OtherWaterOut(read=read, planned=planned, follows=plan.added is not None)


def _off(share: Fraction) -> str:
    return f"{number_text(abs(share) * 100, 0)} % {'more' if share > 0 else 'less'}"


def _steering(plan: BenchPlan, state: State, member: Membership) -> SteeringOut:
    slope, second = state.slope, state.second
    return SteeringOut(
        off_percent=_off(slope.off) if slope and slope.off else None,
        other_water=_other_water(plan, state, member),
        way_out=_way_out(plan, state, member),
        offer=_offer(plan, state, member),
        estimate=_estimate(state, member),
        litres=None
        if state.litres == plan.litres
        else Volume(state.litres).shown(member.tank_unit),
        causes=list(CAUSES) if slope and slope.is_odd else [],
        capped=bool(second and second.capped),
        verdict=state.correction.verdict if state.correction else None,
        look_again_h=state.assistance.look_again_h if state.assistance else None,
        acid_why=plan.acid.why if plan.acid else None,
        alkali_why=plan.alkali.why if plan.alkali else None,
    )


def bench_out(
    mix: Mix, plan: BenchPlan, state: State, events: list[Event], scope: Scope
) -> BenchOut:
    member = scope.membership
    meter = member.meter
    kinds = {step.id: step for step in state.steps}
    ids = {event.step: event.id for event in reversed(events) if event.step}
    target = None
    if state.target:
        low, high = (Reading(edge).shown(meter) for edge in state.target)
        target = low if low == high else f"{low} to {high}"

    screen = _Screen(
        plan, state.second, state.poured, ids, member, ppm_of_additions(mix, plan, state)
    )

    def shown(of: str, figure: Fraction | None) -> str | None:
        step = kinds.get(of)
        return _shown(step.kind if step else None, figure, step.unit if step else "", member)

    return BenchOut(
        id=mix.pk,
        tank=mix.tank_id,
        tank_name=mix.tank.name,
        column=mix.column,
        volume=Volume(plan.litres).shown(member.tank_unit),
        unit=meter.words,
        has_pen=meter_of(scope.grow) is not None,
        target=target,
        ec_shown=_shown(StepKind.READ_EC, state.ec, "", member),
        ph_low=decimal_text(plan.ph[0]),
        ph_high=decimal_text(plan.ph[1]),
        heard=len(events),
        held=list(state.held),
        now=state.now,
        steps=[_step(step, screen) for step in state.steps],
        pours=[
            BenchPourOut(
                product=pour.key,
                tag=mix.products.get(pour.key, {}).get("tag", pour.name[:2]),
                name=pour.name,
                printed=pour.printed,
                turn=pour.turn,
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
        unplaced=_unplaced(plan, state, member),
        steering=_steering(plan, state, member),
        undoable=state.undoable,
        ended_at=mix.ended_at,
        record=MixRecordDocument.model_validate(mix.record) if mix.record else None,
    )
