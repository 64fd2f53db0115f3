"""Preparing the tank and pouring: every step up to the last pour, and the live cultures."""

from fractions import Fraction

from core.guided.correcting import drain, judged
from core.guided.doubting import Trust, settle_volume, weigh
from core.guided.events import EventKind
from core.guided.plan import GuidedPour
from core.guided.portions import ROUGHLY, portion_until
from core.guided.replay import MOST_ROUNDS, Replay, base_before
from core.guided.steering import (
    OVERPOURED,
    PEN_STEP,
    PEN_SWAY,
    Correction,
    Offer,
    Slope,
    Verdict,
    second_pour,
)
from core.guided.steps import StepKind
from core.guided.volume import volume_by_rise
from core.planning.planned_pours import Pass
from core.water import headroom_share_of

FAR_ABOVE = Fraction(3, 10)
"""mS/cm: a water that reads so much more than planned is asked about, since the target follows it;
our own default, twice what a season changes most mains by (from memory)."""


def prepare(replay: Replay) -> None:
    """Water, its reading, bottles, gear."""
    replay.step("fill", StepKind.FILL, amount=replay.plan.litres, unit="L")
    _read_water(replay)
    replay.step("temperature", StepKind.READ_TEMPERATURE)
    if replay.ended:
        return
    if replay.plan.chlorine_h > 0:
        replay.step("chlorine", StepKind.CHLORINE)
    replay.step("bottles", StepKind.BOTTLES)
    if replay.plan.handles_acid:
        replay.step("gear", StepKind.GEAR)


def _read_water(replay: Replay) -> None:
    """Read the water; one that leaves no room, or reads far above the plan, is read once more."""
    replay.source = replay.plan.source
    for turn, name in enumerate(("read-water", "read-water-2")):
        read = replay.step(name, StepKind.READ_WATER)
        if read is None or read.figure is None:
            break
        replay.source = read.figure
        why = _unlike_plan(replay)
        if why is None or (turn and why is Verdict.WATER_STRONGER):
            break
        replay.correction = Correction(why)
        replay.ended = bool(turn)
        if not replay.advised(f"water-{turn + 1}", why) or turn:
            replay.ended = why is Verdict.WATER_TOO_STRONG
            break
    _make_room(replay)


def _unlike_plan(replay: Replay) -> Verdict | None:
    plan, source = replay.plan, replay.source
    if source is None:
        return None
    if plan.total is not None:
        strong = headroom_share_of(plan.total, source) == 0
        return Verdict.WATER_TOO_STRONG if strong else None
    far = plan.added is not None and plan.source is not None and source - plan.source > FAR_ABOVE
    return Verdict.WATER_STRONGER if far else None


def _make_room(replay: Replay) -> None:
    """Under an all-in target the doses shrink to the room that the water in the tank leaves."""
    plan = replay.plan
    if plan.total is None or replay.source is None:
        return
    planned = headroom_share_of(plan.total, plan.source or Fraction(0))
    left = headroom_share_of(plan.total, replay.source)
    if planned > 0:
        replay.ledger.shrink = min(left / planned, Fraction(1))


def feed(replay: Replay) -> None:
    """Every pour but the live ones that end the order, with a reading in a split base."""
    if replay.ended:
        return
    pours = replay.plan.pours
    for at in range(_first_live_at_the_end(replay)):
        pour = pours[at]
        if pour.turn is Pass.SECOND and replay.second is None:
            _between(replay)
        if pour.stop_at_rise is not None:
            _pour_until_reading(replay, at, pour)
        else:
            _pour(replay, at, pour)


def _first_live_at_the_end(replay: Replay) -> int:
    """Cultures that end the order come after pH; those that the order puts first stay first."""
    at = len(replay.plan.pours)
    while at > 0 and replay.plan.pours[at - 1].live:
        at -= 1
    return at


def live(replay: Replay) -> None:
    """Live cultures, after pH."""
    if replay.ended:
        return
    for at in range(_first_live_at_the_end(replay), len(replay.plan.pours)):
        _pour(replay, at, replay.plan.pours[at])


def _between(replay: Replay) -> None:
    """Read between the passes, and see by it how much of the rest goes in."""
    pours, ledger = replay.plan.pours, replay.ledger
    whole = {p.key: ledger.dose(p.key) for p in pours if p.turn is Pass.SECOND}
    trust = _read_between(replay)
    whole = {key: min(ledger.dose(key), dose) if trust is not Trust.FITS else ledger.dose(key)
             for key, dose in whole.items()}  # fmt: skip
    # Before the reading the first pass may still be ahead; then it will be as planned.
    shrink = ledger.shrink
    first = (
        {key: ledger.inside.get(key, Fraction(0)) for key in whole}
        if trust is not None
        else {p.key: (p.amount or Fraction(0)) * shrink for p in pours if p.turn is Pass.FIRST}
    )
    if trust is Trust.STANDS and replay.rise_at(replay.ec or Fraction(0)).is_unmoved:
        whole = dict.fromkeys(whole, Fraction(0))  # by a reading that does not move nothing goes in
    ec_headroom, slope = Fraction(0), None
    if trust in (Trust.FITS, Trust.STANDS) and replay.ec is not None and replay.aim is not None:
        earlier = base_before(replay.plan)
        rises = (ledger.ec_rise(p.key, p.amount or Fraction(0)) for p in earlier)
        before = sum(rises, Fraction(0))
        expected = sum((ledger.ec_rise(key, amount) for key, amount in first.items()), Fraction(0))
        slope = Slope(replay.ec - (replay.source or Fraction(0)) - before, expected)
        replay.slope = slope
        ec_headroom = replay.aim - _later(replay) - replay.ec
    replay.second = second_pour(first, whole, slope=slope, ec_headroom=ec_headroom)


def _read_between(replay: Replay) -> Trust | None:
    """The reading between two passes, looked into where it is odd; None where there is none yet."""
    trust: Trust | None = None
    for turn in range(1, MOST_BETWEEN + 1):
        name = "between" if turn == 1 else f"between-{turn}"
        read = replay.step(f"read-{name}", StepKind.READ_EC)
        if read is None:
            return None
        if read.figure is None:
            return Trust.LEFT
        replay.ec = read.figure
        trust = weigh(replay, name, replay.ec) if replay.source is not None else Trust.LEFT
        if trust is not Trust.AGAIN:
            return trust
    return Trust.STANDS


MOST_BETWEEN = 3
"""Readings between two passes: one, one after its cause was looked for, one more if it changed."""


def _later(replay: Replay) -> Fraction:
    """What is expected to rise after the base."""
    last = max((i for i, p in enumerate(replay.plan.pours) if p.base), default=-1)
    pours = replay.plan.pours[last + 1 :]
    return sum((replay.ledger.ec_rise(p.key, p.amount or Fraction(0)) for p in pours), Fraction(0))


def _amount(replay: Replay, pour: GuidedPour) -> Fraction:
    if pour.turn is Pass.SECOND and replay.second is not None:
        return replay.second.amounts.get(pour.key, Fraction(0))
    amount = (pour.amount or Fraction(0)) * (replay.ledger.shrink if pour.scaled else 1)
    # If one part of the base was overpoured, the others follow it.
    return amount * replay.ratio if pour.base else amount


def _pour(replay: Replay, at: int, pour: GuidedPour) -> None:
    amount = _amount(replay, pour)
    name = f"{at + 1}-{pour.key}"
    if amount == 0 and not replay.is_ahead and f"pour-{name}" not in replay.first:
        return
    if pour.turn is not Pass.SECOND:
        replay.step(f"shake-{name}", StepKind.SHAKE, pour=at)
    done = replay.step(f"pour-{name}", StepKind.POUR, pour=at, amount=amount, unit=pour.unit.value)
    if done is not None and done.figure is not None:
        replay.went_in(at, done.figure)
        if pour.base and pour.turn is not Pass.SECOND and amount and replay.ratio == 1:
            # What a vessel's mark rounds is no overpouring.
            off = done.figure / amount
            replay.ratio = off if abs(off - 1) > OVERPOURED else Fraction(1)
    _stir_and_wait(replay, at, pour, name)


def _stir_and_wait(replay: Replay, at: int, pour: GuidedPour, name: str) -> None:
    replay.step(f"stir-{name}", StepKind.STIR, pour=at, seconds=pour.stir_s)
    replay.step(f"wait-{name}", StepKind.WAIT, pour=at, seconds=pour.wait_min * 60)


def _pour_until_reading(replay: Replay, at: int, pour: GuidedPour) -> None:
    """Sneak up on a reading by portions, reading after each; what went past is thinned."""
    assert pour.stop_at_rise is not None
    water = replay.source or Fraction(0)
    aim = water + pour.stop_at_rise
    start = reading = _before_portions(replay, at, pour, water)
    poured = Fraction(0)
    for turn in range(1, MOST_ROUNDS + 1):
        ec_headroom = aim - reading
        name = f"{at + 1}-{pour.key}-{turn}"
        begun = f"pour-{name}" in replay.first
        if (abs(ec_headroom) <= PEN_STEP or (ec_headroom < 0 and not poured)) and not begun:
            return
        if ec_headroom < 0 and not begun:
            replay.correction = judged(replay, reading, aim, aim)
            drained = drain(replay, name)
            if drained is None:
                return
            kept = 1 - min(drained / replay.litres, Fraction(1))
            poured, start = poured * kept, water + (start - water) * kept
        else:
            portion = Fraction(0)
            if not begun:
                portion = _portion(
                    replay,
                    at,
                    name,
                    poured=poured,
                    ec_rise=reading - start,
                    ec_headroom=ec_headroom,
                )
                if not portion:
                    return
            if turn == 1:
                replay.step(f"shake-{at + 1}-{pour.key}", StepKind.SHAKE, pour=at)
            done = replay.step(
                f"pour-{name}", StepKind.POUR, pour=at, amount=portion, unit=pour.unit.value
            )
            if done is not None and done.kind is EventKind.SKIPPED:
                return
            if done is not None and done.figure is not None:
                poured += done.figure
                replay.went_in(at, done.figure)
            _stir_and_wait(replay, at, pour, name)
        read = replay.step(f"read-{name}", StepKind.READ_EC, pour=at)
        if read is None or read.figure is None:
            return
        replay.ec = reading = read.figure
        _doubt_volume(replay, name, pour, Slope(reading - start, _expected(replay, pour, poured)))


def _before_portions(replay: Replay, at: int, pour: GuidedPour, water: Fraction) -> Fraction:
    """The reading before the first portion: the water's, or of what is in already."""
    if not replay.ledger.poured and not (replay.is_ahead and at):
        return water
    name = f"{at + 1}-{pour.key}"
    for turn in ("0", "00"):
        read = replay.step(f"read-{name}-{turn}", StepKind.READ_EC, pour=at)
        if read is None or read.figure is None:
            break
        replay.ec = read.figure
        if weigh(replay, f"{name}-{turn}", replay.ec) is not Trust.AGAIN:
            break
    return water if replay.ec is None else replay.ec


def _expected(replay: Replay, pour: GuidedPour, poured: Fraction) -> Fraction:
    """What so much of a product should have brought, roughly, by the dose beside its rule."""
    if not pour.estimate:
        return Fraction(0)
    return pour.ec_rise * poured / pour.estimate * replay.plan.litres / replay.litres


def _doubt_volume(replay: Replay, name: str, pour: GuidedPour, slope: Slope) -> None:
    """A rise far above what a printed dose roughly brings is first asked of the volume."""
    far = slope.expected > 0 and slope.measured > slope.expected * ROUGHLY + PEN_SWAY
    if far and not replay.volume_asked:
        replay.slope = slope
        replay.suspect = volume_by_rise(replay.litres, slope, replay.source or Fraction(0))
        settle_volume(replay, name, replay.suspect, slope)


def _portion(
    replay: Replay,
    at: int,
    name: str,
    *,
    poured: Fraction,
    ec_rise: Fraction,
    ec_headroom: Fraction,
) -> Fraction:
    """The next portion; 0 where the reading does not rise, or more would pass the printed dose."""
    pour = replay.plan.pours[at]
    share = replay.ledger.dose_litres / replay.plan.litres
    estimate = None if pour.estimate is None else pour.estimate * share
    portion = portion_until(
        estimate=estimate,
        litres=replay.ledger.dose_litres,
        poured=poured,
        ec_rise=ec_rise,
        ec_headroom=ec_headroom,
    )
    if portion == 0 and ec_headroom > 0:
        replay.slope = Slope(ec_rise, ec_rise + ec_headroom)
        replay.correction = Correction(Verdict.UNMOVED)
        replay.advised(name, Verdict.UNMOVED, pour=at)
        return portion
    in_all = replay.ledger.poured.get(pour.key, Fraction(0))
    if estimate is None or in_all + portion <= estimate:
        return portion
    left = estimate - in_all
    if left > estimate * OVERPOURED:
        return left
    worth = ec_rise / poured if poured else Fraction(0)
    replay.offer = Offer({pour.key: portion}, {pour.key: (in_all + portion) / estimate},
                       (replay.ec or Fraction(0)) + worth * portion)  # fmt: skip
    replay.correction = Correction(Verdict.BEYOND_DOSE)
    go_on = replay.advised(f"beyond-{name}", Verdict.BEYOND_DOSE, pour=at)
    return portion if go_on else Fraction(0)
