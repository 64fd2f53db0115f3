"""The pH assistant: portions of acid or alkali, each from what the last ones did."""

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise, takewhile

from core.chemistry import Alkali
from core.session.carbonate import (
    MOST_MEQ,
    acid_between,
    alkali_between,
    alkalinity_from,
    carbon_from,
    carbon_of,
)

WAIT_MIN = 5
"""Minutes to wait after a portion: common practice."""

SMALLEST_MEQ = 0.05
FIRST_UNKNOWN_MEQ = 0.1
"""meq/L of a portion where nothing is known of the water: a quarter of what half a mL in 10 L
brings, which can move soft tap water by more than 1 (common practice)."""

CAUTIOUS_MEQ_PER_MS_CM = 2.5
"""meq/L of alkalinity for each mS/cm of a water without a report: half of an ordinary hard water's,
from memory, so that the first portion stays small."""

MOST_TURNS = 2

SURE_WAY = 0.5
"""A way of pH from which on a pen's tenth is a small part of it."""

PH_CAUSES = ("ph_pen", "not_stirred", "mixed_up", "volume")
"""Likely causes of a pH that does not follow, in the order in which to check them: common
practice. A broken electrode reads about 7 in everything."""


class Advice(StrEnum):
    """What the assistant advises."""

    RIGHT = "right"
    ACID = "acid"
    ALKALI = "alkali"
    WAIT_SETTLING = "wait_settling"
    STOP_CHASING = "stop_chasing"
    NO_ACID = "no_acid"
    UNMOVED = "ph_unmoved"
    TOO_MANY_ROUNDS = "too_many_rounds"


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
        amount: mL of the bottle, or g of a dry alkali; 0 for an alkali of unknown strength.
        meq_l: the same portion in meq/L.
        look_again_h: hours until the next look, where waiting is advised.
    """

    advice: Advice
    amount: float = 0.0
    meq_l: float = 0.0
    look_again_h: int = 0


def assist(
    ph: float,
    *,
    low: float,
    high: float,
    litres: float,
    alkalinity: float | None,
    acid_meq: float,
    alkali: Alkali | None = None,
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
        acid_meq: what a mL of the acid at hand gives near pH 6; 0 if none is.
        alkali: what raises pH; None if none is at hand whose strength is known.
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
    aim = (low + high) / 2
    way = _raising(aim, alkalinity, alkali) if ph < low else _lowering(aim, alkalinity, acid_meq)
    run = list(takewhile(lambda portion: portion.meq_l * way.sign > 0, reversed(portions)))[::-1]
    meq = _portion(ph, run, way, resolution)
    if meq is None:
        return Assistance(Advice.UNMOVED)
    if way.strength <= 0:
        return Assistance(way.advice)
    return Assistance(way.advice, amount=meq * litres / way.strength, meq_l=meq)


def _hardly_moved(run: Sequence[Portion], ph: float, resolution: float) -> bool:
    """Whether pH went no further their way than the pen can tell."""
    sign = 1 if run[0].meq_l > 0 else -1
    return (run[0].before - ph) * sign < resolution * 1.5


@dataclass(frozen=True, slots=True)
class _Way:
    """The way down or up, and what on it tells how far a portion goes.

    Args:
        advice: to go it.
        sign: of its portions.
        strength: meq that a mL or g of what is at hand gives; 0 where that is not known.
        need: meq/L to the middle of the window, from a pH and what holds it there.
        holds: what held the pH, from where it was, where it went, and meq/L.
        held: what holds it, as far as is known beforehand.
        unknown: meq/L of a first portion where nothing is known.
    """

    advice: Advice
    sign: int
    strength: float
    need: Callable[[float, float], float]
    holds: Callable[[float, float, float], float | None]
    held: float | None
    unknown: float


def _lowering(aim: float, alkalinity: float | None, acid_meq: float) -> _Way:
    return _Way(
        Advice.ACID if acid_meq > 0 else Advice.NO_ACID,
        1,
        acid_meq,
        lambda ph, held: acid_between(ph, aim, held),
        alkalinity_from,
        alkalinity,
        FIRST_UNKNOWN_MEQ,
    )


def _raising(aim: float, alkalinity: float | None, alkali: Alkali | None) -> _Way:
    carbonate = alkali.carbonate if alkali else 0.0
    return _Way(
        Advice.ALKALI,
        -1,
        alkali.meq if alkali else 0.0,
        lambda ph, held: alkali_between(ph, aim, held, carbonate),
        lambda before, after, meq: carbon_from(before, after, meq, carbonate),
        None if alkalinity is None else carbon_of(alkalinity),
        SMALLEST_MEQ,
    )


def _portion(ph: float, run: Sequence[Portion], way: _Way, resolution: float) -> float | None:
    """meq/L: at most half of an estimate first, then what the last portions did, but for a rest.

    None where two of them did not show, or no water could hold up so much.
    """
    if not run:
        if way.held is None:
            return way.unknown
        return max(way.need(ph, way.held) / 2, SMALLEST_MEQ / 2)
    unmoved = _hardly_moved(run, ph, resolution)
    if unmoved and len(run) > 1:
        return None
    # All portions of a run tell more than the last: a pen's tenth is a small part of their way. A
    # way that the pen can hardly tell may have been a step more: the smaller water is believed.
    start, done = run[0].before, sum(abs(portion.meq_l) for portion in run)
    sure = ph if abs(start - ph) >= SURE_WAY else ph - way.sign * resolution
    known = way.holds(start, sure, done)
    if known is not None and known >= MOST_MEQ:
        return None
    if known is None or unmoved:
        return abs(run[-1].meq_l)  # a pen that does not tell is given no more than as much again
    return max((way.need(start, known) - done) * _BOLDNESS, SMALLEST_MEQ / 4)


_BOLDNESS = 0.8
"""How much of what is left is poured at once: phosphate holds more at one end of the way than at
the other, and a simulated tank shows that so much stays on this side of the middle."""


def _turns(portions: Sequence[Portion], ph: float, low: float, high: float) -> int:
    """How often the direction changed, the next correction counted."""
    signs = [portion.meq_l > 0 for portion in portions]
    signs.append(ph > high)
    return sum(one != other for one, other in pairwise(signs))
