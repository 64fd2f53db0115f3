"""The pH assistant: portions of acid or alkali, each from what the last ones did."""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise, takewhile

from core.chemistry import Alkali
from core.session.buffers import DOWN, Held, Way, up
from core.session.carbonate import ORDINARY_PH, carbon_of

WAIT_MIN = 5
"""Minutes to wait after a portion: common practice."""

SMALLEST_MEQ = 0.05
FIRST_UNKNOWN_MEQ = 0.1
"""meq/L of a portion where nothing is known of the water: a quarter of what half a mL in 10 L
brings, which can move soft tap water by more than 1 (common practice)."""

CAUTIOUS_MEQ_PER_MS_CM = 2.5
"""meq/L of alkalinity for each mS/cm of a water without a report: half of an ordinary hard water's,
from memory, so that the first portion stays small."""

TELLING_MEQ = 2 * FIRST_UNKNOWN_MEQ
"""meq/L that show in every tank, more or less; what did less may be too little to be seen."""

MOST_TURNS = 2

MOST_GROWTH = 2
"""How many times all before it a portion may be: what holds pH here need not hold it further on. A
simulated tank shows that so much stays in the window in RO water too."""

LASTING_PH = 7.6
"""Above it silicate holds pH too, and holds none of the way below."""

SURE_WAY = 0.5
"""A way of pH from which on a pen's tenth is a small part of it."""

PH_CAUSES = ("ph_pen", "not_stirred", "mixed_up", "other_water", "volume")
"""Likely causes of a pH that does not follow, in the order in which to check them: common
practice. A broken electrode reads about 7 in everything."""


CAUTIOUS_PHOSPHATE_PER_MS_CM = 0.35
"""mmol/L of phosphate for each mS/cm of a feed without labels: half of an ordinary feed's, from
memory."""


BEYOND_NEED = 1.3
"""Times the need by the water's report at which one first looks at pen, report and volume: common
practice."""


class Advice(StrEnum):
    """What the assistant advises."""

    RIGHT = "right"
    ACID = "acid"
    ALKALI = "alkali"
    WAIT_SETTLING = "wait_settling"
    STOP_CHASING = "stop_chasing"
    NO_ACID = "no_acid"
    UNMOVED = "ph_unmoved"
    BEYOND_NEED = "beyond_need"
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
    phosphate: float = 0.0,
    alkali: Alkali | None = None,
    portions: Sequence[Portion] = (),
    resolution: float = 0.1,
    settles: bool = False,
    checked: bool = False,
    looked: int = 0,
    poured_besides: float = 0.0,
    need: float | None = None,
    reported: bool = False,
    pen_over: float = 0.0,
) -> Assistance:
    """The next step towards the middle of the window.

    Args:
        ph: what the pen shows.
        low, high: the window.
        litres: in the tank.
        alkalinity: meq/L of the tank's water, from its report or this tank's own history; None if
            nothing is known.
        acid_meq: what a mL of the acid at hand gives near pH 6; 0 if none is.
        phosphate: mmol/L of it in the feed, as far as labels tell.
        alkali: what raises pH; None if none is at hand whose strength is known.
        portions: the corrections made so far, in order.
        resolution: what the pen can tell apart.
        settles: whether this feed settles by itself, as organic and living ones do.
        checked: whether the pen was looked at since pH did not follow.
        looked: how often somebody looked at pen, report and volume, since the need was passed.
        poured_besides: meq/L of acid that went in besides those portions.
        need: meq/L that the tank is known to take by report and labels; None where not all tell.
        reported: whether the alkalinity is a lab report's, so that it bounds what may go in.
        pen_over: how much too high the pen may read, as far as nothing speaks against it.
    """
    if low <= ph <= high:
        return Assistance(Advice.RIGHT)
    if settles:
        return Assistance(Advice.WAIT_SETTLING, look_again_h=24)
    if _turns(portions, ph, low, high) >= MOST_TURNS:
        return Assistance(Advice.STOP_CHASING, look_again_h=24)
    held = None if alkalinity is None else Held(carbon_of(alkalinity), phosphate)
    task = _raising(held, alkali) if ph < low else _lowering(held, acid_meq)
    sign = task.way.sign
    run = list(takewhile(lambda portion: portion.meq_l * sign > 0, reversed(portions)))[::-1]
    meq = _portion(ph, (low + high) / 2, run, task, resolution, checked=checked)
    if meq is None:
        return Assistance(Advice.UNMOVED)
    if pen_over and task.advice is not Advice.ALKALI:
        meq = min(meq, _up_to_the_floor(ph, run, task, pen_over, reported=reported))
    if reported and held is not None:
        if need is None or task.advice is Advice.ALKALI:
            need = task.way.takes(run[0].before if run else ph, (low + high) / 2, held)
        left = _left(need, run, looked) - (poured_besides if task.advice is Advice.ACID else 0.0)
        if left < SMALLEST_MEQ / 4:
            return Assistance(Advice.BEYOND_NEED)
        meq = min(meq, left)
    if task.strength <= 0:
        return Assistance(task.advice)
    return Assistance(task.advice, amount=meq * litres / task.strength, meq_l=meq)


def _left(need: float, run: Sequence[Portion], looked: int) -> float:
    """meq/L before the known need is passed by a third; each look allows a part more."""
    bound = max(need, SMALLEST_MEQ) * (BEYOND_NEED + looked * MORE_NEED)
    return bound - sum(abs(portion.meq_l) for portion in run)


FLOOR = 4.75
"""pH that acid does not pass even if the pen reads too high: below it next to nothing holds pH."""


def _up_to_the_floor(
    ph: float, run: Sequence[Portion], task: "_Task", over: float, *, reported: bool
) -> float:
    """meq/L that bring the tank no further than to the floor, if the pen reads so much too high."""
    held = task.held or Held(0.0)
    done = sum(portion.meq_l for portion in run)
    by_report = 0.0
    if reported and task.held is not None:
        # Before the water's own carbonate is used up the tank cannot be below the floor.
        carbonate = Held(task.held.carbonate)
        by_report = task.way.takes(ORDINARY_PH, FLOOR, carbonate) * OF_THE_REPORT - done
    if run:
        told = task.way.held(run[0].before - over, ph - over, done, held)
        if told is not None and told.is_possible:
            held = told
    elif task.held is None:
        return task.unknown
    by_pen = task.way.takes(max(ph - over, FLOOR), FLOOR, held) * _BOLDNESS
    return max(by_report, by_pen, SMALLEST_MEQ / 4)


OF_THE_REPORT = 0.9
"""Of the reported carbonate that acid may use up whatever the pen shows: our own default."""


MORE_NEED = 0.4
"""Of the need that may follow after each such look: our own default."""


@dataclass(frozen=True, slots=True)
class _Task:
    """A way to go, and with what.

    Args:
        advice: to go it.
        way: down or up.
        strength: meq that a mL or g of what is at hand gives; 0 where that is not known.
        held: what holds pH, as far as is known beforehand; None where nothing is.
        unknown: meq/L of a first portion where nothing is known.
    """

    advice: Advice
    way: Way
    strength: float
    held: Held | None
    unknown: float


def _lowering(held: Held | None, acid_meq: float) -> _Task:
    advice = Advice.ACID if acid_meq > 0 else Advice.NO_ACID
    return _Task(advice, DOWN, acid_meq, held, FIRST_UNKNOWN_MEQ)


def _raising(held: Held | None, alkali: Alkali | None) -> _Task:
    strength, carbonate = (alkali.meq, alkali.carbonate) if alkali else (0.0, 0.0)
    return _Task(Advice.ALKALI, up(carbonate), strength, held, SMALLEST_MEQ)


def _portion(
    ph: float,
    aim: float,
    run: Sequence[Portion],
    task: _Task,
    resolution: float,
    *,
    checked: bool,
) -> float | None:
    """meq/L: at most half of an estimate first, then what the last portions did, but for a rest.

    None where what must show did not, or no tank could hold up so much.
    """
    way = task.way
    if not run:
        if task.held is None:
            return task.unknown
        return max(way.takes(ph, aim, task.held) / 2, SMALLEST_MEQ / 2)
    done = sum(abs(portion.meq_l) for portion in run)
    told = _told(ph, run, task, resolution)
    last = abs(run[-1].meq_l)
    if told is None and last < TELLING_MEQ and (run[0].before - ph) * way.sign >= SURE_WAY:
        return last * MOST_GROWTH  # the pen does tell; that portion was too small to be seen
    if told is None:
        # A pen that does not tell is given no more than as much again, and at last what must show.
        left = TELLING_MEQ - done
        if left > SMALLEST_MEQ / 4:
            return min(done, left)
        return done if checked or len(run) == 1 else None
    sure, held = told
    if not held.is_possible:
        return None
    if task.held is not None and run[-1].before > LASTING_PH:
        held = held.at_most(task.held)
    wanted = max(way.takes(sure, aim, held) * _BOLDNESS, SMALLEST_MEQ / 4)
    return min(wanted, done * MOST_GROWTH)


def _told(
    ph: float, run: Sequence[Portion], task: _Task, resolution: float
) -> tuple[float, Held] | None:
    """Where pH is at the furthest, and what all portions together showed to hold it.

    All tell more than the last: a pen's tenth is a small part of their way. A way that the pen can
    hardly tell may have been a step more: less is believed to hold it. None where nothing showed.
    """
    # What silicate held above says nothing of the way below.
    run = [portion for portion in run if portion.before <= LASTING_PH] or run
    start, sign = run[0].before, task.way.sign
    sure = ph if abs(start - ph) >= SURE_WAY else ph - sign * resolution
    held = task.way.held(
        start, sure, sum(abs(portion.meq_l) for portion in run), task.held or Held(0.0)
    )
    hardly = (start - ph) * sign < resolution * 1.5
    if held is None or (hardly and held.is_possible):
        return None
    return sure, held


_BOLDNESS = 0.8
"""How much of what is left is poured at once: phosphate holds more at one end of the way than at
the other, and a simulated tank shows that so much stays on this side of the middle."""


def _turns(portions: Sequence[Portion], ph: float, low: float, high: float) -> int:
    """How often the direction changed, the next correction counted."""
    signs = [portion.meq_l > 0 for portion in portions]
    signs.append(ph > high)
    return sum(one != other for one, other in pairwise(signs))
