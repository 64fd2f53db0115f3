"""What a mixed tank asks for next."""

from enum import StrEnum
from fractions import Fraction


class Due(StrEnum):
    """What is due, the most pressing first."""

    USE_BY = "use_by"
    CHANGE_OUT = "change_out"
    LOOK_AGAIN = "look_again"


def due_of(
    hours: Fraction, *, look_again_h: Fraction, change_out_days: Fraction, use_by_days: Fraction
) -> Due | None:
    """The most pressing of what is due; None while all is well.

    Args:
        hours: since the tank was mixed.
        look_again_h, change_out_days, use_by_days: when each falls due, counted from then.

    >>> due_of(Fraction(30), look_again_h=Fraction(24), change_out_days=Fraction(10),
    ...        use_by_days=Fraction(14))
    <Due.LOOK_AGAIN: 'look_again'>
    """
    if hours >= use_by_days * 24:
        return Due.USE_BY
    if hours >= change_out_days * 24:
        return Due.CHANGE_OUT
    return Due.LOOK_AGAIN if hours >= look_again_h else None
