"""The readings of a water over time, and whether a new one fits those before."""

from collections.abc import Sequence
from fractions import Fraction
from statistics import median

FAR_SHARE = Fraction(1, 4)
FAR_MS_CM = Fraction(1, 10)
"""A reading further off than both is asked about: a fifth is what seasons make of mains and wells,
and a tenth of a mS/cm what temperature and a pen's own step make of soft water (common
practice)."""

READINGS_COMPARED = 8
"""The last readings that a new one is held against: their middle does not follow one slip."""


def usual_reading(before: Sequence[Fraction]) -> Fraction | None:
    """What a water usually reads, mS/cm: the middle of its last readings; None of one never read.

    Args:
        before: its readings, the newest last.
    """
    recent = before[-READINGS_COMPARED:]
    return median(recent) if recent else None


def is_far(before: Sequence[Fraction], now: Fraction) -> bool:
    """Whether a new reading is so far from those before that one asks why.

    Either the season has changed the water, or the pen needs a look; a dose rests on either.
    """
    usual = usual_reading(before)
    if usual is None:
        return False
    off = abs(now - usual)
    return off > FAR_MS_CM and off > FAR_SHARE * usual
