"""Where a guided mix stands, as the bench shows it."""

from collections.abc import Mapping
from fractions import Fraction

from core.formats.record import MixRecordDocument
from core.guided import (
    Conflict,
    Event,
    GuidedPlan,
    GuidedPour,
    GuidedState,
    Pace,
    Step,
    StepKind,
    endings,
    ppm_of_additions,
)
from core.guided.steps import VOLUME_STEPS
from core.meters import DROPS_STEP
from core.quantities import Reading, ReadingScale, Volume, decimal_text, figure, number_text
from core.vessels import VesselKind
from server.grows.calendar import day_of
from server.grows.figures import Figure
from server.grows.models import Membership
from server.grows.scope import Scope
from server.grows.units import units_out
from server.guided.meter import meter_of
from server.guided.models import Mix
from server.guided.shapes import BottleOut, ConflictOut, DaysOut, GuidedOut, GuidedPourOut
from server.guided.shown import figure_shown
from server.guided.steering_shown import steering_out, unplaced_out
from server.guided.steps_shown import Screen, step_out
from server.guided.summary import summary_of
from server.shelf.calibrations import BesideReading, beside_reading


def _bottles(mix: Mix, plan: GuidedPlan) -> list[BottleOut]:
    found = []
    for key in dict.fromkeys(pour.key for pour in plan.pours):
        first = next(pour for pour in plan.pours if pour.key == key)
        takes, unit = plan.takes(key), first.unit.value
        product = mix.products.get(key, {})
        left = product.get("left")
        found.append(
            BottleOut(
                tag=product.get("tag", first.name[:2]),
                name=first.name,
                takes=f"{number_text(takes, 1)} {unit}" if takes else None,
                left=None if left is None else f"{number_text(Fraction(left), 0)} {unit}",
                is_enough=None if left is None else Fraction(left) >= takes,
            )
        )
    return found


def _stop_shown(pour: GuidedPour, state: GuidedState, meter: ReadingScale) -> str | None:
    """The reading at which to stop, counted from the water that is in the tank."""
    if pour.stop_at_rise is None:
        return None
    return Reading((state.source or Fraction(0)) + pour.stop_at_rise).shown(meter)


def _vessels(plan: GuidedPlan) -> list[str]:
    """The vessels in words, each kind with its sizes; one that is there twice is named once."""
    sizes: dict[str, dict[str, None]] = {}
    cups = [vessel.words or "marked cup" for vessel in plan.vessels if vessel.product is not None]
    for vessel in plan.vessels:
        if vessel.product is not None:
            continue
        sizes.setdefault(vessel.kind.value, {})[number_text(vessel.capacity, 0)] = None
    return [
        kind if kind == VesselKind.SCALE.value else f"{kind} {', '.join(held)} mL"
        for kind, held in sizes.items()
    ] + cups


def _beside(state: GuidedState, scope: Scope) -> list[BesideReading]:
    """What calibrations say of the readings that stand; advice goes by what was read."""
    if state.now is None:
        return []
    return beside_reading(scope, None if state.ec is None else Reading(state.ec), state.ph)


def guided_out(
    mix: Mix, plan: GuidedPlan, state: GuidedState, events: list[Event], scope: Scope
) -> GuidedOut:
    member, pace = scope.membership, Pace(scope.membership.pace)
    ends = {
        step.id: ending
        for step, ending in zip(state.steps, endings(plan, state.steps, pace), strict=True)
    }
    adds = ppm_of_additions(plan, state)
    screen = Screen(plan, state, member, adds, ends)
    record = mix.as_record()
    return GuidedOut(
        id=mix.pk,
        tank=mix.tank_id,
        tank_name=mix.tank.name,
        column=mix.label,
        volume=Volume(plan.litres).shown(member.tank_unit),
        unit=member.meter.words,
        has_pen=meter_of(scope) is not None,
        target=_target_shown(state, member.meter),
        ec_shown=figure_shown(StepKind.READ_EC, state.ec, "", member),
        ph_low=decimal_text(plan.ph[0]),
        by_drops=plan.ph_step >= DROPS_STEP,
        ph_high=decimal_text(plan.ph[1]),
        heard=len(events),
        held=list(state.held),
        now=state.now,
        steps=[step_out(step, screen) for step in state.steps],
        pours=[_pour_out(pour, mix, state, member) for pour in plan.pours],
        bottles=_bottles(mix, plan),
        vessels=_vessels(plan),
        beside=_beside(state, scope),
        pace=pace,
        night=member.night,
        conflicts=_conflicts(state, member),
        unplaced=unplaced_out(plan, state, member),
        steering=steering_out(plan, state, member, figure(mix.tank.litres)),
        undoable=state.undoable,
        ended_at=mix.ended_at,
        record=record,
        summary=summary_of(record, member) if record else None,
        days=_days(mix, record, scope),
        time_zone=scope.grow.time_zone,
        units=units_out(member),
    )


def _target_shown(state: GuidedState, meter: ReadingScale) -> str | None:
    if not state.target:
        return None
    low, high = (Reading(edge).shown(meter) for edge in state.target)
    return low if low == high else f"{low} to {high}"


def _pour_out(pour: GuidedPour, mix: Mix, state: GuidedState, member: Membership) -> GuidedPourOut:
    return GuidedPourOut(
        product=pour.key,
        tag=mix.products.get(pour.key, {}).get("tag", pour.name[:2]),
        name=pour.name,
        printed=pour.printed,
        turn=pour.turn,
        rinse=pour.rinse,
        live=pour.live,
        until=_stop_shown(pour, state, member.meter),
        bucket=Volume(pour.bucket_l).shown(member.tank_unit) if pour.bucket_l else None,
    )


def _conflicts(state: GuidedState, member: Membership) -> list[ConflictOut]:
    """Figures of two people for one step, each as that step shows it."""
    steps = {step.id: step for step in state.steps}

    def shown(of: str, figure: Fraction | None) -> str | None:
        step = steps.get(of)
        return figure_shown(step.kind if step else None, figure, step.unit if step else "", member)

    return [
        ConflictOut(
            step=conflict.step,
            counts=conflict.counts.id,
            counts_by=conflict.counts.by,
            counts_shown=shown(conflict.step, conflict.counts.figure),
            other=conflict.other.id,
            other_by=conflict.other.by,
            other_shown=shown(conflict.step, conflict.other.figure),
            both=None if conflict.together is None else decimal_text(conflict.together),
            both_shown=shown(conflict.step, conflict.together),
            exact=_together(conflict, steps),
        )
        for conflict in state.conflicts
    ]


def _together(one: Conflict, steps: Mapping[str, Step]) -> Figure | None:
    """What is in if both poured, with its unit."""
    step = steps.get(one.step)
    if one.together is None or step is None:
        return None
    unit = "L" if step.kind in VOLUME_STEPS else step.unit
    return Figure(value=decimal_text(one.together), unit=unit)


def _days(mix: Mix, record: MixRecordDocument | None, scope: Scope) -> DaysOut | None:
    over = mix.ended_at
    if over is None or record is None:
        return None
    return DaysOut(
        mixed_on=day_of(scope.grow, over),
        look_again_on=day_of(scope.grow, over, hours=record.look_again_h),
        change_out_on=day_of(scope.grow, over, days=record.change_out_days),
        use_by_on=day_of(scope.grow, over, days=record.use_by_days),
    )
