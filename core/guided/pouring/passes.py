"""A base in two passes: the first is read, and the rest follows from what it was worth."""

from collections.abc import Mapping
from fractions import Fraction

from core.guided.ec.slope import Slope
from core.guided.ec.steering import SecondPour, second_pour
from core.guided.outcome import FeedOutcome
from core.guided.readings.doubting import Trust, weigh
from core.guided.replay import Replay, base_before
from core.guided.steps import StepKind
from core.planning.planned_pours import Pass

MOST_BETWEEN = 3
"""Readings between two passes: one, one after its cause was looked for, one more if it changed."""

_Amounts = Mapping[str, Fraction]
"""mL or g by product."""


def read_between(replay: Replay, outcome: FeedOutcome) -> SecondPour:
    """Read between the passes; how much of the rest goes in by it."""
    keys = [pour.key for pour in replay.plan.pours if pour.turn is Pass.SECOND]
    before = {key: replay.ledger.dose(key) for key in keys}
    trust = _read(replay, outcome)
    first = _first(replay, keys, trust)
    slope, headroom, rise = None, Fraction(0), Fraction(0)
    # Without a printed target a reading that fits is a check; one that contradicts holds it back.
    tells = replay.target is not None or trust is Trust.STANDS
    if (
        tells
        and trust in (Trust.FITS, Trust.STANDS)
        and replay.ec is not None
        and replay.aim is not None
    ):
        slope = outcome.slope = _slope(replay, first, replay.ec)
        headroom = replay.aim - _later(replay) - replay.ec
        rise = sum((replay.ledger.ec_rise(key, dose) for key, dose in before.items()), rise)
    whole = _doses_of_both_passes(replay, before, trust)
    return second_pour(first, whole, slope=slope, ec_headroom=headroom, ec_rise=rise)


def _read(replay: Replay, outcome: FeedOutcome) -> Trust | None:
    """The reading between two passes, looked into where it is odd; None where there is none yet."""
    for turn in range(1, MOST_BETWEEN + 1):
        name = "between" if turn == 1 else f"between-{turn}"
        read = replay.step(f"read-{name}", StepKind.READ_EC)
        if read is None:
            return None
        if read.figure is None:
            return Trust.LEFT
        replay.ec = read.figure
        if replay.source is None:
            return Trust.LEFT
        trust = outcome.believe(weigh(replay, name, replay.ec))
        if trust is not Trust.AGAIN:
            return trust
    return Trust.STANDS


def _first(replay: Replay, keys: list[str], trust: Trust | None) -> _Amounts:
    """What is in of the first pass; before its reading, what will be if it goes as planned."""
    ledger = replay.ledger
    if trust is not None:
        return {key: ledger.inside.get(key, Fraction(0)) for key in keys}
    pours = (pour for pour in replay.plan.pours if pour.turn is Pass.FIRST)
    return {pour.key: ledger.asked(pour) for pour in pours}


def _doses_of_both_passes(replay: Replay, before: _Amounts, trust: Trust | None) -> _Amounts:
    """The doses that both passes together are held to."""
    if trust is Trust.STANDS and replay.ec is not None:
        rise = replay.rise_at(replay.ec)
        if rise.is_unmoved or rise.is_untold:  # by a reading that tells nothing nothing goes in
            return dict.fromkeys(before, Fraction(0))
    now = {key: replay.ledger.dose(key) for key in before}
    if trust is Trust.FITS:
        return now
    return {key: min(now[key], dose) for key, dose in before.items()}


def _slope(replay: Replay, first: _Amounts, reading: Fraction) -> Slope:
    """What the first pass was worth, beside what was expected of it."""
    ledger = replay.ledger
    before = dict.fromkeys(pour.key for pour in base_before(replay.plan))
    earlier = sum((ledger.ec_rise(key, ledger.inside.get(key, Fraction(0))) for key in before),
                  Fraction(0))  # fmt: skip
    measured = reading - replay.floor - earlier
    expected = (ledger.ec_rise(key, amount) for key, amount in first.items())
    return Slope(measured, sum(expected, Fraction(0)))


def _later(replay: Replay) -> Fraction:
    """What is expected to rise after the base."""
    last = max((i for i, p in enumerate(replay.plan.pours) if p.base), default=-1)
    pours = replay.plan.pours[last + 1 :]
    ledger = replay.ledger
    return sum((ledger.ec_rise(pour.key, ledger.asked(pour)) for pour in pours), Fraction(0))
