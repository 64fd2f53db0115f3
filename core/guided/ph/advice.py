"""What the pH assistant advises, and what to look at first where it doubts a reading."""

from dataclasses import dataclass
from enum import StrEnum

PH_CAUSES = ("ph_pen", "not_stirred", "mixed_up", "other_water", "volume")
"""Likely causes of a pH that does not follow, in the order in which to check them: common
practice. A broken electrode reads about 7 in everything."""

FAR_PH_CAUSES = ("not_stirred", "ph_pen", "mixed_up", "volume", "other_water")
"""Likely causes of a pH far past what a portion should bring, in the order in which to check them:
common practice."""


class Advice(StrEnum):
    """What the assistant advises.

    Odd: the last portion brought pH far past the window. No response: pH shows nothing of what went
    in, and more may burn a tank whose pen stands still.
    """

    RIGHT = "right"
    ACID = "acid"
    ALKALI = "alkali"
    WAIT_SETTLING = "wait_settling"
    STOP_CHASING = "stop_chasing"
    NO_ACID = "no_acid"
    UNMOVED = "ph_unmoved"
    ODD = "ph_odd"
    NO_RESPONSE = "ph_no_response"
    BEYOND_NEED = "beyond_need"
    TOO_MANY_ROUNDS = "too_many_rounds"


@dataclass(frozen=True, slots=True)
class Assistance:
    """What to do about a pH.

    Args:
        advice: what to do.
        amount: mL of the bottle, or g of a dry alkali; 0 for an alkali of unknown strength.
        meq_l: the same portion in meq/L.
        look_again_h: hours until the next look, where waiting is advised.
    """

    advice: Advice
    amount: float = 0.0
    meq_l: float = 0.0
    look_again_h: int = 0
