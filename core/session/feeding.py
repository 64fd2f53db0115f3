"""Preparing the tank and pouring: every step up to the last pour, and the live cultures."""

from fractions import Fraction

from core.mix.steps import Pass
from core.session.correcting import drain, judged
from core.session.doubting import Trust, settle_volume, weigh
from core.session.events import Kind
from core.session.plan import BenchPour
from core.session.portions import ROUGHLY, portion_until
from core.session.steering import (
    OVERPOURED,
    PEN_STEP,
    PEN_SWAY,
    Correction,
    Offer,
    Slope,
    Verdict,
    second_pour,
)
from core.session.steps import StepKind
from core.session.volume import volume_by_rise
from core.session.walk import MOST_ROUNDS, Walk, base_before
from core.water import room_left

FAR_ABOVE = Fraction(3, 10)
"""mS/cm: a water that reads so much more than planned is asked about, since the target follows it;
our own default, twice what a season changes most mains by (from memory)."""


def prepare(walk: Walk) -> None:
    """Water, its reading, bottles, gear."""
    walk.step("fill", StepKind.FILL, amount=walk.plan.litres, unit="L")
    _read_water(walk)
    walk.step("temperature", StepKind.READ_TEMPERATURE)
    if walk.ended:
        return
    if walk.plan.chlorine_h > 0:
        walk.step("chlorine", StepKind.CHLORINE)
    walk.step("bottles", StepKind.BOTTLES)
    if walk.plan.handles_acid:
        walk.step("gear", StepKind.GEAR)


def _read_water(walk: Walk) -> None:
    """Read the water; one that leaves no room, or reads far above the plan, is read once more."""
    walk.source = walk.plan.source
    for turn, name in enumerate(("read-water", "read-water-2")):
        read = walk.step(name, StepKind.READ_WATER)
        if read is None or read.figure is None:
            break
        walk.source = read.figure
        why = _unlike_plan(walk)
        if why is None or (turn and why is Verdict.WATER_STRONGER):
            break
        walk.correction = Correction(why)
        walk.ended = bool(turn)
        if not walk.advised(f"water-{turn + 1}", why) or turn:
            walk.ended = why is Verdict.WATER_TOO_STRONG
            break
    _make_room(walk)


def _unlike_plan(walk: Walk) -> Verdict | None:
    plan, source = walk.plan, walk.source
    if source is None:
        return None
    if plan.total is not None:
        strong = room_left(plan.total, source) == 0
        return Verdict.WATER_TOO_STRONG if strong else None
    far = plan.added is not None and plan.source is not None and source - plan.source > FAR_ABOVE
    return Verdict.WATER_STRONGER if far else None


def _make_room(walk: Walk) -> None:
    """Under an all-in target the doses shrink to the room that the water in the tank leaves."""
    plan = walk.plan
    if plan.total is None or walk.source is None:
        return
    planned = room_left(plan.total, plan.source or Fraction(0))
    left = room_left(plan.total, walk.source)
    if planned > 0:
        walk.ledger.shrink = min(left / planned, Fraction(1))


def feed(walk: Walk) -> None:
    """Every pour but the live ones that end the order, with a reading in a split base."""
    if walk.ended:
        return
    pours = walk.plan.pours
    for at in range(_first_live_at_the_end(walk)):
        pour = pours[at]
        if pour.turn is Pass.SECOND and walk.second is None:
            _between(walk)
        if pour.until is not None:
            _until(walk, at, pour)
        else:
            _pour(walk, at, pour)


def _first_live_at_the_end(walk: Walk) -> int:
    """Cultures that end the order come after pH; those that the order puts first stay first."""
    at = len(walk.plan.pours)
    while at > 0 and walk.plan.pours[at - 1].live:
        at -= 1
    return at


def live(walk: Walk) -> None:
    """Live cultures, after pH."""
    if walk.ended:
        return
    for at in range(_first_live_at_the_end(walk), len(walk.plan.pours)):
        _pour(walk, at, walk.plan.pours[at])


def _between(walk: Walk) -> None:
    """Read between the passes, and see by it how much of the rest goes in."""
    pours, ledger = walk.plan.pours, walk.ledger
    whole = {p.key: ledger.dose(p.key) for p in pours if p.turn is Pass.SECOND}
    trust = _read_between(walk)
    whole = {key: min(ledger.dose(key), dose) if trust is not Trust.FITS else ledger.dose(key)
             for key, dose in whole.items()}  # fmt: skip
    # Before the reading the first pass may still be ahead; then it will be as planned.
    shrink = ledger.shrink
    first = (
        {key: ledger.inside.get(key, Fraction(0)) for key in whole}
        if trust is not None
        else {p.key: (p.amount or Fraction(0)) * shrink for p in pours if p.turn is Pass.FIRST}
    )
    if trust is Trust.STANDS and walk.rise_at(walk.ec or Fraction(0)).is_unmoved:
        whole = dict.fromkeys(whole, Fraction(0))  # by a reading that does not move nothing goes in
    room, slope = Fraction(0), None
    if trust in (Trust.FITS, Trust.STANDS) and walk.ec is not None and walk.aim is not None:
        before = sum((ledger.rise(p.key, p.amount or Fraction(0)) for p in base_before(walk.plan)),
                     Fraction(0))  # fmt: skip
        expected = sum((ledger.rise(key, amount) for key, amount in first.items()), Fraction(0))
        slope = Slope(walk.ec - (walk.source or Fraction(0)) - before, expected)
        walk.slope = slope
        room = walk.aim - _later(walk) - walk.ec
    walk.second = second_pour(first, whole, slope=slope, room=room)


def _read_between(walk: Walk) -> Trust | None:
    """The reading between two passes, looked into where it is odd; None where there is none yet."""
    trust: Trust | None = None
    for turn in range(1, MOST_BETWEEN + 1):
        name = "between" if turn == 1 else f"between-{turn}"
        read = walk.step(f"read-{name}", StepKind.READ_EC)
        if read is None:
            return None
        if read.figure is None:
            return Trust.LEFT
        walk.ec = read.figure
        trust = weigh(walk, name, walk.ec) if walk.source is not None else Trust.LEFT
        if trust is not Trust.AGAIN:
            return trust
    return Trust.STANDS


MOST_BETWEEN = 3
"""Readings between two passes: one, one after its cause was looked for, one more if it changed."""


def _later(walk: Walk) -> Fraction:
    """What is expected to rise after the base."""
    last = max((i for i, p in enumerate(walk.plan.pours) if p.base), default=-1)
    pours = walk.plan.pours[last + 1 :]
    return sum((walk.ledger.rise(p.key, p.amount or Fraction(0)) for p in pours), Fraction(0))


def _amount(walk: Walk, pour: BenchPour) -> Fraction:
    if pour.turn is Pass.SECOND and walk.second is not None:
        return walk.second.amounts.get(pour.key, Fraction(0))
    amount = (pour.amount or Fraction(0)) * (walk.ledger.shrink if pour.scaled else 1)
    # If one part of the base was overpoured, the others follow it.
    return amount * walk.ratio if pour.base else amount


def _pour(walk: Walk, at: int, pour: BenchPour) -> None:
    amount = _amount(walk, pour)
    name = f"{at + 1}-{pour.key}"
    if amount == 0 and not walk.is_ahead and f"pour-{name}" not in walk.first:
        return
    if pour.turn is not Pass.SECOND:
        walk.step(f"shake-{name}", StepKind.SHAKE, pour=at)
    done = walk.step(f"pour-{name}", StepKind.POUR, pour=at, amount=amount, unit=pour.unit.value)
    if done is not None and done.figure is not None:
        walk.went_in(at, done.figure)
        if pour.base and pour.turn is not Pass.SECOND and amount and walk.ratio == 1:
            # What a vessel's mark rounds is no overpouring.
            off = done.figure / amount
            walk.ratio = off if abs(off - 1) > OVERPOURED else Fraction(1)
    _stir_and_wait(walk, at, pour, name)


def _stir_and_wait(walk: Walk, at: int, pour: BenchPour, name: str) -> None:
    walk.step(f"stir-{name}", StepKind.STIR, pour=at, seconds=pour.stir_s)
    walk.step(f"wait-{name}", StepKind.WAIT, pour=at, seconds=pour.wait_min * 60)


def _until(walk: Walk, at: int, pour: BenchPour) -> None:
    """Sneak up on a reading by portions, reading after each; what went past is thinned."""
    assert pour.until is not None
    water = walk.source or Fraction(0)
    aim = water + pour.until
    start = reading = _before_portions(walk, at, pour, water)
    poured = Fraction(0)
    for turn in range(1, MOST_ROUNDS + 1):
        room = aim - reading
        name = f"{at + 1}-{pour.key}-{turn}"
        begun = f"pour-{name}" in walk.first
        if (abs(room) <= PEN_STEP or (room < 0 and not poured)) and not begun:
            return
        if room < 0 and not begun:
            walk.correction = judged(walk, reading, aim, aim)
            drained = drain(walk, name)
            if drained is None:
                return
            kept = 1 - min(drained / walk.litres, Fraction(1))
            poured, start = poured * kept, water + (start - water) * kept
        else:
            portion = Fraction(0)
            if not begun:
                portion = _portion(walk, at, name, poured=poured, rise=reading - start, room=room)
                if not portion:
                    return
            if turn == 1:
                walk.step(f"shake-{at + 1}-{pour.key}", StepKind.SHAKE, pour=at)
            done = walk.step(
                f"pour-{name}", StepKind.POUR, pour=at, amount=portion, unit=pour.unit.value
            )
            if done is not None and done.kind is Kind.SKIPPED:
                return
            if done is not None and done.figure is not None:
                poured += done.figure
                walk.went_in(at, done.figure)
            _stir_and_wait(walk, at, pour, name)
        read = walk.step(f"read-{name}", StepKind.READ_EC, pour=at)
        if read is None or read.figure is None:
            return
        walk.ec = reading = read.figure
        _doubt_volume(walk, name, pour, Slope(reading - start, _expected(walk, pour, poured)))


def _before_portions(walk: Walk, at: int, pour: BenchPour, water: Fraction) -> Fraction:
    """The reading before the first portion: the water's, or of what is in already."""
    if not walk.ledger.poured and not (walk.is_ahead and at):
        return water
    name = f"{at + 1}-{pour.key}"
    for turn in ("0", "00"):
        read = walk.step(f"read-{name}-{turn}", StepKind.READ_EC, pour=at)
        if read is None or read.figure is None:
            break
        walk.ec = read.figure
        if weigh(walk, f"{name}-{turn}", walk.ec) is not Trust.AGAIN:
            break
    return water if walk.ec is None else walk.ec


def _expected(walk: Walk, pour: BenchPour, poured: Fraction) -> Fraction:
    """What so much of a product should have brought, roughly, by the dose beside its rule."""
    if not pour.estimate:
        return Fraction(0)
    return pour.rise * poured / pour.estimate * walk.plan.litres / walk.litres


def _doubt_volume(walk: Walk, name: str, pour: BenchPour, slope: Slope) -> None:
    """A rise far above what a printed dose roughly brings is first asked of the volume."""
    far = slope.expected > 0 and slope.measured > slope.expected * ROUGHLY + PEN_SWAY
    if far and not walk.volume_asked:
        walk.slope = slope
        walk.suspect = volume_by_rise(walk.litres, slope, walk.source or Fraction(0))
        settle_volume(walk, name, walk.suspect, slope)


def _portion(
    walk: Walk, at: int, name: str, *, poured: Fraction, rise: Fraction, room: Fraction
) -> Fraction:
    """The next portion; 0 where the reading does not rise, or more would pass the printed dose."""
    pour = walk.plan.pours[at]
    share = walk.ledger.dose_litres / walk.plan.litres
    estimate = None if pour.estimate is None else pour.estimate * share
    portion = portion_until(
        estimate=estimate, litres=walk.ledger.dose_litres, poured=poured, rise=rise, room=room
    )
    if portion == 0 and room > 0:
        walk.slope = Slope(rise, rise + room)
        walk.correction = Correction(Verdict.UNMOVED)
        walk.advised(name, Verdict.UNMOVED, pour=at)
        return portion
    in_all = walk.ledger.poured.get(pour.key, Fraction(0))
    if estimate is None or in_all + portion <= estimate:
        return portion
    left = estimate - in_all
    if left > estimate * OVERPOURED:
        return left
    worth = rise / poured if poured else Fraction(0)
    walk.offer = Offer({pour.key: portion}, {pour.key: (in_all + portion) / estimate},
                       (walk.ec or Fraction(0)) + worth * portion)  # fmt: skip
    walk.correction = Correction(Verdict.BEYOND_DOSE)
    go_on = walk.advised(f"beyond-{name}", Verdict.BEYOND_DOSE, pour=at)
    return portion if go_on else Fraction(0)
