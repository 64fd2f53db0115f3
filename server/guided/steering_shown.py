"""What readings call for, as the bench shows it."""

from fractions import Fraction

from core.guided import GuidedPlan, GuidedState, StepKind
from core.guided.readings.causes import CAUSES
from core.guided.step_lookup import kind_of_step, product_of_step
from core.quantities import Volume, number_text, rounded
from server.grows.figures import litres_figure
from server.grows.models import Membership
from server.guided.shapes import (
    OfferLineOut,
    OfferOut,
    OtherWaterOut,
    SteeringOut,
    UnplacedOut,
    VolumeOut,
    WayOutOut,
)
from server.guided.shown import figure_shown


def _way_out(
    plan: GuidedPlan, state: GuidedState, member: Membership, whole: Fraction
) -> WayOutOut | None:
    """The ways out of a pour of which too much went in; `whole` is what the tank holds."""
    way = state.way_out
    if way is None:
        return None
    pour = next(pour for pour in plan.pours if pour.key == way.product)
    unit = pour.unit.value
    fits = way.dilute_to <= max(whole, state.litres) * TANK_HOLDS
    drained = state.litres * (1 - state.litres / way.dilute_to)
    return WayOutOut(
        name=pour.name,
        poured=f"{number_text(way.poured, 1)} {unit}",
        planned=f"{number_text(way.planned, 1)} {unit}",
        dilute_to=Volume(way.dilute_to).shown(member.tank_unit, 0) if fits else None,
        drain=None if fits else Volume(drained).shown(member.tank_unit, 0),
        accept_at=figure_shown(StepKind.READ_EC, way.accept_at, "", member),
        behind=[next(p.name for p in plan.pours if p.key == key) for key in way.behind],
    )


TANK_HOLDS = Fraction(105, 100)
"""Times its volume that a tank may be filled to: freeboard of a few cm; our own default."""


def _offer(plan: GuidedPlan, state: GuidedState, member: Membership) -> OfferOut | None:
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
        reading=figure_shown(StepKind.READ_EC, offer.reading, "", member) or "",
    )


def _estimate(state: GuidedState, member: Membership) -> VolumeOut | None:
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


def unplaced_out(plan: GuidedPlan, state: GuidedState, member: Membership) -> list[UnplacedOut]:
    """What went in at steps that are no longer laid out, each with what it was."""
    names = {pour.key: (pour.name, pour.unit.value) for pour in plan.pours}
    found = []
    for event in state.unplaced:
        key, kind = product_of_step(plan, event.step), kind_of_step(plan, event.step)
        bottle = plan.bottle(kind)
        name, unit = names.get(key or "", (bottle.name if bottle else "", "mL"))
        shown = figure_shown(kind, event.figure, unit, member)
        found.append(UnplacedOut(event=event.id, name=name, shown=shown or "", by=event.by))
    return found


def _other_water(plan: GuidedPlan, state: GuidedState, member: Membership) -> OtherWaterOut | None:
    read = figure_shown(StepKind.READ_WATER, state.source, "", member)
    planned = figure_shown(StepKind.READ_WATER, plan.source, "", member)
    if state.water_off is None or read is None or planned is None:
        return None
    return OtherWaterOut(read=read, planned=planned, follows=plan.added is not None)


def _off(state: GuidedState) -> str | None:
    """How much more or less water there is by what the readings rise."""
    if state.slope is None or not state.slope.off:
        return None
    share = state.slope.off
    return f"{number_text(abs(share) * 100, 0)} % {'more' if share > 0 else 'less'}"


def steering_out(
    plan: GuidedPlan, state: GuidedState, member: Membership, whole: Fraction
) -> SteeringOut:
    """What readings call for; `whole` is how many litres the tank is believed to hold."""
    is_off = state.litres != plan.litres
    return SteeringOut(
        off_percent=_off(state),
        other_water=_other_water(plan, state, member),
        way_out=_way_out(plan, state, member, whole),
        offer=_offer(plan, state, member),
        estimate=_estimate(state, member),
        litres=Volume(state.litres).shown(member.tank_unit) if is_off else None,
        holds=litres_figure(rounded(state.litres, 6)) if is_off and plan.litres == whole else None,
        causes=list(CAUSES) if state.slope and state.slope.off and state.slope.is_odd else [],
        capped=bool(state.second and state.second.capped),
        verdict=state.correction.verdict if state.correction else None,
        look_again_h=state.assistance.look_again_h if state.assistance else None,
        acid_why=plan.acid.why if plan.acid else None,
        alkali_why=plan.alkali.why if plan.alkali else None,
    )
