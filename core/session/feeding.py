"""Preparing the tank and pouring: every step up to the last pour, and the live cultures."""

from fractions import Fraction

from core.mix.steps import Pass
from core.session.correcting import drain, judged
from core.session.events import Kind
from core.session.plan import BenchPour
from core.session.steering import (
    OVERPOURED,
    PEN_STEP,
    Slope,
    Verdict,
    portion_until,
    second_pour,
)
from core.session.steps import StepKind
from core.session.walk import MOST_ROUNDS, Walk


def prepare(walk: Walk) -> None:
    """Water, its reading, bottles, gear."""
    walk.step("fill", StepKind.FILL, amount=walk.plan.litres, unit="L")
    read = walk.step("read-water", StepKind.READ_WATER)
    walk.source = read.figure if read and read.figure is not None else walk.plan.source
    walk.step("temperature", StepKind.READ_TEMPERATURE)
    if walk.plan.chlorine_h > 0:
        walk.step("chlorine", StepKind.CHLORINE)
    walk.step("bottles", StepKind.BOTTLES)
    if walk.plan.handles_acid:
        walk.step("gear", StepKind.GEAR)


def feed(walk: Walk) -> None:
    """Every pour but the live ones, with the reading between the passes of a split base."""
    for at, pour in enumerate(walk.plan.pours):
        if pour.live:
            continue
        if pour.turn is Pass.SECOND and walk.second is None:
            _between(walk)
        if pour.until is not None:
            _until(walk, at, pour)
        else:
            _pour(walk, at, pour)


def _between(walk: Walk) -> None:
    read = walk.step("read-between", StepKind.READ_EC)
    pours = walk.plan.pours
    whole = {p.key: walk.plan.whole(p.key) for p in pours if p.turn is Pass.SECOND}
    # Before the reading the first pass may still be ahead; then it will be as planned.
    first = (
        walk.base
        if not walk.is_ahead
        else {p.key: p.amount or Fraction(0) for p in pours if p.turn is Pass.FIRST}
    )
    aim, room = walk.aim, Fraction(0)
    if read is not None and read.figure is not None and walk.source is not None:
        walk.ec = read.figure
        before = sum((p.rise for p in _before_base(walk)), Fraction(0))
        expected = sum((p.rise for p in pours if p.turn is Pass.FIRST), Fraction(0))
        walk.slope = Slope(walk.ec - walk.source - before, expected * walk.ratio)
        room = (aim or Fraction(0)) - _later(walk) - walk.ec
    slope = walk.slope if aim is not None else None
    walk.second = second_pour(first, whole, slope=slope, room=room)


def _before_base(walk: Walk) -> list[BenchPour]:
    found = []
    for pour in walk.plan.pours:
        if pour.base:
            break
        found.append(pour)
    return found


def _later(walk: Walk) -> Fraction:
    """What is expected to rise after the base."""
    last = max((i for i, p in enumerate(walk.plan.pours) if p.base), default=-1)
    return sum((p.rise for p in walk.plan.pours[last + 1 :]), Fraction(0))


def _amount(walk: Walk, pour: BenchPour) -> Fraction:
    if pour.turn is Pass.SECOND and walk.second is not None:
        return walk.second.amounts.get(pour.key, Fraction(0))
    amount = pour.amount or Fraction(0)
    # If one part of the base was overpoured, the others follow it.
    return amount * walk.ratio if pour.base else amount


def _pour(walk: Walk, at: int, pour: BenchPour) -> None:
    amount = _amount(walk, pour)
    name = f"{at + 1}-{pour.key}"
    if amount == 0 and not walk.is_ahead:
        return
    if pour.turn is not Pass.SECOND:
        walk.step(f"shake-{name}", StepKind.SHAKE, pour=at)
    done = walk.step(f"pour-{name}", StepKind.POUR, pour=at, amount=amount, unit=pour.unit.value)
    if done is not None and done.figure is not None:
        walk.went_in(pour, done.figure)
        if pour.base and pour.turn is not Pass.SECOND and pour.amount and walk.ratio == 1:
            # What a vessel's mark rounds is no overpouring.
            off = done.figure / pour.amount
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
    start = reading = water if walk.ec is None else walk.ec
    poured = Fraction(0)
    for turn in range(1, MOST_ROUNDS + 1):
        room = aim - reading
        if abs(room) <= PEN_STEP or (room < 0 and not poured):
            return
        name = f"{at + 1}-{pour.key}-{turn}"
        if room < 0:
            walk.correction = judged(walk, reading, aim, aim)
            kept = drain(walk, name)
            if kept is None:
                return
            poured, start = poured * kept, water + (start - water) * kept
        else:
            portion = portion_until(
                estimate=pour.estimate,
                litres=walk.plan.litres,
                poured=poured,
                rise=reading - start,
                room=room,
            )
            if portion == 0:
                walk.slope = Slope(reading - start, aim - start)
                walk.step(f"advice-{name}", StepKind.ADVICE, pour=at, why=Verdict.UNMOVED)
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
                walk.went_in(pour, done.figure)
            _stir_and_wait(walk, at, pour, name)
        read = walk.step(f"read-{name}", StepKind.READ_EC, pour=at)
        if read is None or read.figure is None:
            return
        walk.ec = reading = read.figure


def live(walk: Walk) -> None:
    """Live cultures, after pH."""
    for at, pour in enumerate(walk.plan.pours):
        if pour.live:
            _pour(walk, at, pour)
