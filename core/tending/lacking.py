"""What a tank lacks by what was read and mixed last, whatever is scheduled."""

from enum import StrEnum
from fractions import Fraction

from core.chart import PhWindow
from core.tending.due import Due


class Lack(StrEnum):
    """What a tank lacks, the most pressing first."""

    USE_BY = "use_by"
    PH_LOW = "ph_low"
    PH_HIGH = "ph_high"
    LOOK_AGAIN = "look_again"


PEN_SWAY = Fraction(1, 20)
"""pH by which a reading may be out of its window and still be in it: half of what a pen shows."""


def lacks_of(
    *, due: Due | None, ph: Fraction | None, window: PhWindow | None, is_read_since: bool
) -> tuple[Lack, ...]:
    """What a tank lacks.

    A change-out that is due is a task of its season, and none of these.

    Args:
        due: what its last mix asks for by now.
        ph: as it was read last; None where it was not.
        window: where pH should be today; None where nothing says so.
        is_read_since: whether EC and pH were looked at since the mix asked for it.

    >>> lacks_of(due=Due.LOOK_AGAIN, ph=Fraction("6.6"), is_read_since=False,
    ...          window=PhWindow(Fraction("5.7"), Fraction("6.2")))
    (<Lack.PH_HIGH: 'ph_high'>, <Lack.LOOK_AGAIN: 'look_again'>)
    """
    found = []
    if due is Due.USE_BY:
        found.append(Lack.USE_BY)
    if ph is not None and window is not None:
        if ph < window.low - PEN_SWAY:
            found.append(Lack.PH_LOW)
        elif ph > window.high + PEN_SWAY:
            found.append(Lack.PH_HIGH)
    if due is Due.LOOK_AGAIN and not is_read_since:
        found.append(Lack.LOOK_AGAIN)
    return tuple(found)
