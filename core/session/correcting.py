"""Reading EC after the feed, and what is done about it."""

from fractions import Fraction

from core.session.events import Kind
from core.session.ph import WAIT_MIN
from core.session.steering import PEN_STEP, Correction, Slope, Verdict, correct, follows
from core.session.steps import StepKind
from core.session.walk import MOST_ROUNDS, Walk


def read_ec(walk: Walk) -> None:
    """Read EC, and correct until it is right or accepted."""
    if walk.target is None or any(p.until is not None for p in walk.plan.pours):
        return
    low, high = walk.target
    corrected: tuple[Fraction, Fraction] | None = None
    for turn in range(1, MOST_ROUNDS + 1):
        read = walk.step(f"read-ec-{turn}", StepKind.READ_EC)
        if read is None or read.figure is None:
            return
        walk.ec = read.figure
        walk.correction = judged(walk, walk.ec, low, high)
        if walk.correction.verdict is Verdict.RIGHT:
            return
        if turn == MOST_ROUNDS:
            walk.correction = Correction(Verdict.TOO_MANY_ROUNDS)
        elif corrected and not follows(Slope(walk.ec - corrected[0], corrected[1])):
            walk.correction = Correction(Verdict.UNMOVED)
        if walk.correction.verdict in (Verdict.WEAK, Verdict.STRONG):
            if turn == 1:
                source = walk.source or Fraction(0)
                walk.slope = Slope(walk.ec - source, (low + high) / 2 - source)
            move = _correct(walk, turn)
            if move is None:
                return
            corrected = walk.ec, move
        elif walk.advised(f"ec-{turn}", walk.correction.verdict):
            corrected = None
        else:
            return


def _correct(walk: Walk, turn: int) -> Fraction | None:
    """Lay out a correction; by how much it is to move the reading, None if it is left out."""
    assert walk.correction is not None
    assert walk.ec is not None
    if walk.correction.verdict is Verdict.STRONG:
        kept = drain(walk, f"{turn}")
        return None if kept is None else (walk.ec - (walk.source or 0)) * (kept - 1)
    share = _add(walk, turn)
    if share == 0:
        return None
    _settle(walk, f"{turn}")
    return ((walk.aim or walk.ec) - walk.ec) * share


def drain(walk: Walk, name: str) -> Fraction | None:
    """Lay out draining and filling; the share that stays in, None if that is left out."""
    assert walk.correction is not None
    litres = walk.correction.drain_l
    done = walk.step(f"drain-{name}", StepKind.DRAIN, amount=litres, unit="L")
    if done is not None and done.kind is Kind.SKIPPED:
        return None
    if done is not None and done.figure is not None:
        litres = done.figure
    kept = 1 - min(litres / walk.plan.litres, Fraction(1))
    walk.base = {key: amount * kept for key, amount in walk.base.items()}
    _settle(walk, name)
    return kept


def _settle(walk: Walk, name: str) -> None:
    """Let a correction mix through before the next reading."""
    walk.step(f"settle-{name}", StepKind.WAIT, seconds=WAIT_MIN * 60)


def _add(walk: Walk, turn: int) -> Fraction:
    """More of every base part, in ratio; the share of it that was made, 0 to accept as it is.

    One part alone is poured by leaving the others out.
    """
    assert walk.correction is not None
    shares = []
    for key, amount in (walk.correction.add or {}).items():
        at = next(i for i, p in enumerate(walk.plan.pours) if p.key == key)
        pour = walk.plan.pours[at]
        done = walk.step(
            f"add-{turn}-{key}", StepKind.ADD, pour=at, amount=amount, unit=pour.unit.value
        )
        shares.append(Fraction(done is None or done.kind is not Kind.SKIPPED))
        if done and done.figure is not None:
            shares[-1] = done.figure / amount
            walk.went_in(pour, done.figure)
    return sum(shares, Fraction(0)) / len(shares)


def judged(walk: Walk, reading: Fraction, low: Fraction, high: Fraction) -> Correction:
    """What a reading calls for, by what is in the tank."""
    source = walk.source or Fraction(0)
    return correct(
        reading,
        low=low,
        high=high,
        source=source,
        litres=walk.plan.litres,
        poured=walk.base,
        rise=reading - source,
        resolution=PEN_STEP,
    )
