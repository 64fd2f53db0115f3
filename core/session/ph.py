"""The pH assistant: portions of acid, each from what the last one did."""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise

from core.chemistry.acids import PROTONS_AT_6
from core.chemistry.label import AcidKind
from core.session.carbonate import acid_between, alkalinity_from

WAIT_MIN = 5
"""Minutes to wait after a portion: common practice."""

CUP = 10
"""A portion is diluted 1 to 10, acid into water: common practice."""

SMALLEST_MEQ = 0.05
FIRST_UNKNOWN_MEQ = 0.1
"""meq/L of a portion where nothing is known of the water: a quarter of what half a mL in 10 L
brings, which can move soft tap water by more than 1 (common practice)."""

CAUTIOUS_MEQ_PER_MS_CM = 2.5
"""meq/L of alkalinity for each mS/cm of a water without a report: half of an ordinary hard water's,
from memory, so that the first portion stays small."""

MOST_TURNS = 2


class Advice(StrEnum):
    """What the assistant advises."""

    RIGHT = "right"
    ACID = "acid"
    ALKALI = "alkali"
    WAIT_SETTLING = "wait_settling"
    STOP_CHASING = "stop_chasing"
    NO_ACID = "no_acid"


@dataclass(frozen=True, slots=True)
class Portion:
    """One correction that was made: meq/L of acid (below 0 of alkali), and the pH around it."""

    meq_l: float
    before: float
    after: float


@dataclass(frozen=True, slots=True)
class Assistance:
    """What to do about a pH.

    Args:
        advice: what to do.
        ml: of the bottle, for acid.
        water_ml: tank water to put into the cup first.
        meq_l: the same portion in meq/L.
        look_again_h: hours until the next look, where waiting is advised.
    """

    advice: Advice
    ml: float = 0.0
    water_ml: float = 0.0
    meq_l: float = 0.0
    look_again_h: int = 0


def assist(
    ph: float,
    *,
    low: float,
    high: float,
    litres: float,
    alkalinity: float | None,
    kind: AcidKind | None,
    molar: float,
    portions: Sequence[Portion] = (),
    resolution: float = 0.1,
    settles: bool = False,
) -> Assistance:
    """The next step towards the middle of the window.

    Args:
        ph: what the pen shows.
        low, high: the window.
        litres: in the tank.
        alkalinity: meq/L of the tank's water, from its report or this tank's own history; None if
            nothing is known.
        kind: which acid is at hand; None if none is.
        molar: its mol/L.
        portions: the corrections made so far, in order.
        resolution: what the pen can tell apart.
        settles: whether this feed settles by itself, as organic and living ones do.
    """
    if low <= ph <= high:
        return Assistance(Advice.RIGHT)
    if settles:
        return Assistance(Advice.WAIT_SETTLING, look_again_h=24)
    if _turns(portions, ph, low, high) >= MOST_TURNS:
        return Assistance(Advice.STOP_CHASING, look_again_h=24)
    if ph < low:
        return Assistance(Advice.ALKALI)
    if kind is None or molar <= 0:
        return Assistance(Advice.NO_ACID)
    meq = _portion(
        ph, (low + high) / 2, alkalinity=alkalinity, portions=portions, resolution=resolution
    )
    ml = meq * litres / (molar * PROTONS_AT_6[kind])
    return Assistance(Advice.ACID, ml=ml, water_ml=ml * (CUP - 1), meq_l=meq)


def _portion(
    ph: float,
    aim: float,
    *,
    alkalinity: float | None,
    portions: Sequence[Portion],
    resolution: float,
) -> float:
    """meq/L: at most half of an estimate first, then what the last portion did, but for a rest."""
    acids = [portion for portion in portions if portion.meq_l > 0]
    if not acids:
        if alkalinity is None:
            return FIRST_UNKNOWN_MEQ
        return max(acid_between(ph, aim, alkalinity) / 2, SMALLEST_MEQ / 2)
    first, last = acids[0], acids[-1]
    # All portions together tell more than the last: a pen's tenth is a small part of their way.
    # A fall that the pen can hardly tell may have been a step more: the smaller water is believed.
    fallen = first.before - ph
    sure = ph if fallen >= _SURE_FALL else ph - resolution
    known = alkalinity_from(first.before, sure, sum(portion.meq_l for portion in acids))
    if known is None:
        return min(last.meq_l * 2, FIRST_UNKNOWN_MEQ * 4)
    # What is left to the middle, read from where the first portion began.
    whole = acid_between(first.before, aim, known)
    done = sum(portion.meq_l for portion in acids)
    return max((whole - done) * _BOLDNESS, SMALLEST_MEQ / 4)


_SURE_FALL = 0.5
_BOLDNESS = 0.88
"""How much of what is left is poured at once: the feed's phosphate holds less further down."""


def _turns(portions: Sequence[Portion], ph: float, low: float, high: float) -> int:
    """How often the direction changed, the next correction counted."""
    signs = [portion.meq_l > 0 for portion in portions]
    signs.append(ph > high)
    return sum(one != other for one, other in pairwise(signs))
