"""Preparing the tank and pouring: every step up to the last pour, and the live cultures."""

from fractions import Fraction

from core.guided.ec.steering import OVERPOURED, Correction, Verdict
from core.guided.events import Event
from core.guided.outcome import FeedOutcome, Prepared
from core.guided.plan import GuidedPour
from core.guided.pouring.by_reading import pour_until_reading
from core.guided.pouring.overpouring import way_out_of
from core.guided.pouring.passes import read_between
from core.guided.replay import OTHER_WATER, SAME_WATER, Replay
from core.guided.steps import StepKind
from core.planning.planned_pours import Pass
from core.water import headroom_share_of

FAR_ABOVE = Fraction(3, 10)
"""mS/cm: a water that reads so much more than planned is asked about, since the target follows it;
our own default, twice what a season changes most mains by (from memory)."""


def prepare(replay: Replay) -> Prepared:
    """Water, its reading, bottles, gear."""
    replay.step("fill", StepKind.FILL, amount=replay.plan.litres, unit="L")
    prepared = _read_water(replay)
    replay.step("temperature", StepKind.READ_TEMPERATURE)
    if prepared.ended:
        return prepared
    if replay.plan.chlorine_h > 0:
        replay.step("chlorine", StepKind.CHLORINE)
    replay.step("bottles", StepKind.BOTTLES)
    if replay.plan.handles_acid:
        replay.step("gear", StepKind.GEAR)
    return prepared


def _read_water(replay: Replay) -> Prepared:
    """Read the water; one that leaves no room, or reads far above the plan, is read once more."""
    prepared = Prepared()
    replay.source = replay.plan.source
    for turn, name in enumerate(("read-water", "read-water-2")):
        read = replay.step(name, StepKind.READ_WATER)
        if read is None or read.figure is None:
            break
        replay.source = read.figure
        why = _unlike_plan(replay)
        if why is None or (turn and why is not Verdict.WATER_TOO_STRONG):
            break
        followed = replay.advised(f"water-{turn + 1}", why)
        over = turn > 0 or not followed
        prepared = Prepared(Correction(why), ended=over and why is Verdict.WATER_TOO_STRONG)
        if over:
            break
    _make_room(replay)
    return prepared


def _unlike_plan(replay: Replay) -> Verdict | None:
    plan, source = replay.plan, replay.source
    if source is None:
        return None
    if plan.total is not None and headroom_share_of(plan.total, source) == 0:
        return Verdict.WATER_TOO_STRONG
    if plan.source is None:
        return None
    if source - plan.source > FAR_ABOVE:
        return Verdict.WATER_STRONGER
    if plan.source - source > OTHER_WATER and source < plan.source * SAME_WATER:
        return Verdict.WATER_WEAKER
    return None


def _make_room(replay: Replay) -> None:
    """Under an all-in target the doses shrink to the room that the water in the tank leaves."""
    plan = replay.plan
    if plan.total is None or replay.source is None:
        return
    planned = headroom_share_of(plan.total, plan.source or Fraction(0))
    left = headroom_share_of(plan.total, replay.source)
    if planned > 0:
        replay.ledger.shrink = min(left / planned, Fraction(1))


def feed(replay: Replay) -> FeedOutcome:
    """Every pour but the live ones that end the order, with a reading in a split base."""
    outcome = FeedOutcome()
    pours = replay.plan.pours
    for at in range(_first_live_at_the_end(replay)):
        pour = pours[at]
        if pour.turn is Pass.SECOND and outcome.second is None:
            outcome.second = read_between(replay, outcome)
        if pour.stop_at_rise is not None:
            pour_until_reading(replay, at, outcome)
        else:
            _pour(replay, at, outcome)
    return outcome


def _first_live_at_the_end(replay: Replay) -> int:
    """Cultures that end the order come after pH; those that the order puts first stay first."""
    at = len(replay.plan.pours)
    while at > 0 and replay.plan.pours[at - 1].live:
        at -= 1
    return at


def live(replay: Replay) -> None:
    """Live cultures, after pH."""
    for at in range(_first_live_at_the_end(replay), len(replay.plan.pours)):
        _pour(replay, at, FeedOutcome())  # no finished tank is thinned for cultures


def _amount(replay: Replay, pour: GuidedPour, outcome: FeedOutcome) -> Fraction:
    if pour.turn is Pass.SECOND and outcome.second is not None:
        return outcome.second.amounts.get(pour.key, Fraction(0))
    amount = replay.ledger.asked(pour)
    if replay.doubts.looked_into and replay.doubts.suspect is not None:
        # A reading contradicts the volume and nothing settled it: the least that it allows counts.
        amount *= min(replay.least_litres / replay.ledger.dose_litres, Fraction(1))
    # If one part of the base was overpoured, the others follow it.
    return amount * outcome.ratio if pour.base else amount


def _pour(replay: Replay, at: int, outcome: FeedOutcome) -> None:
    pour = replay.plan.pours[at]
    amount = _amount(replay, pour, outcome)
    name = f"{at + 1}-{pour.key}"
    if amount == 0 and not replay.is_ahead and f"pour-{name}" not in replay.first:
        return
    if pour.turn is not Pass.SECOND:
        replay.step(f"shake-{name}", StepKind.SHAKE, pour=at)
    done = replay.step(f"pour-{name}", StepKind.POUR, pour=at, amount=amount, unit=pour.unit.value)
    if done is not None and done.figure is not None:
        replay.ledger.pour(pour.key, done.figure)
        outcome.way_out = way_out_of(replay, at) or outcome.way_out
        _let_others_follow(outcome, pour, amount, done.figure)
    elif done is not None:
        replay.ledger.leave_out(pour.key, amount)
        return  # nothing went in that has to be stirred in
    if f"stir-{name}" in replay.first or not _is_told_late(replay, done):
        replay.stir_and_wait(at, name)


def _is_told_late(replay: Replay, poured: Event | None) -> bool:
    """Whether a pour was left out on screen alone, and told after what follows it was done.

    It is stirred in by then. Times tell nothing of that: a device's clock may be off.
    """
    if poured is None or poured.step not in replay.resumed:
        return False
    laid = {step.id for step in replay.steps}
    return any(step not in laid for step in replay.first)


def _let_others_follow(
    outcome: FeedOutcome, pour: GuidedPour, amount: Fraction, poured: Fraction
) -> None:
    """If the first part of the base that is off was poured otherwise, the others follow it."""
    if not pour.base or pour.turn is Pass.SECOND or not amount or outcome.ratio != 1:
        return
    off = poured / amount
    if abs(off - 1) > OVERPOURED:  # what a vessel's mark rounds is no overpouring
        outcome.ratio = off
