"""The pH assistant: portions of acid or alkali, each from what the last ones did."""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise, takewhile

from core.chemistry import Alkali
from core.chemistry.buffers import DOWN, BufferCapacity, TitrationDirection, up
from core.chemistry.carbonate import carbon_of
from core.guided.bounds import (
    BOLDNESS,
    LEAST_PORTION,
    SMALLEST_MEQ,
    UNBOUNDED,
    Bounds,
    Portion,
    more_unshown,
)
from core.meters import PEN_PH_STEP

WAIT_MIN = 5
"""Minutes to wait after a portion: common practice."""

FIRST_UNKNOWN_MEQ = 0.1
"""meq/L of a portion where nothing is known of the water: a quarter of what half a mL in 10 L
brings, which can move soft tap water by more than 1 (common practice)."""

ORDINARY_MEQ_PER_MS_CM = 5.0
"""meq/L of alkalinity for each mS/cm of a water without a report: an ordinary hard water's, from
memory. What acid does tells better from its second portion on; the first is bounded by the least."""

TELLING_MEQ = 2 * FIRST_UNKNOWN_MEQ
"""meq/L of which every tank shows something; a smaller portion may be too small to see."""

MOST_TURNS = 2
"""Changes between acid and alkali after which pH is left alone: common practice."""

MOST_TITRANT_GROWTH = 2
"""A portion is at most so many times all before it together: a buffer that holds pH here may be
used up further on. In the simulated tank this stays within the window even in RO water."""

MOST_GROWTH_UNSURE = 1.5
"""The same where nothing tells whether the pen is right."""

LASTING_PH = 7.6
"""pH above which silicate buffers too; what it took up there says nothing of the way below."""

SURE_STEPS = 5
"""Steps of a pen, or of a scale of colours, over which the error of one hardly matters."""

STILL_STEPS = 3
"""Steps of a pen that portions were to move pH by, and that show none of it, are doubted: our own
default, more than two readings that are each off by one step leave."""

PH_CAUSES = ("ph_pen", "not_stirred", "mixed_up", "other_water", "volume")
"""Likely causes of a pH that does not follow, in the order in which to check them: common
practice. A broken electrode reads about 7 in everything."""


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


FAR_PH_CAUSES = ("not_stirred", "ph_pen", "mixed_up", "volume", "other_water")
"""Likely causes of a pH far past what a portion should bring, in the order in which to check them:
common practice."""


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
    bounds: Bounds = UNBOUNDED,
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
        resolution: pH within which a reading tells what is so. Of a colour of drops the true pH is
            up to half of it away, and a portion goes by the end nearer to the window.
        settles: whether this feed settles by itself, as organic and living ones do.
        checked: whether the pen was looked at since pH did not follow.
        bounds: what no portion passes, whatever the pen shows.
    """
    # The advices in the order in which they count, each of which ends the search.
    if may_be_right(ph, low, high, resolution):
        return Assistance(Advice.RIGHT)
    if settles or _times_turned(portions, ph, low, high) >= MOST_TURNS:
        waits = Advice.WAIT_SETTLING if settles else Advice.STOP_CHASING
        return Assistance(waits, look_again_h=24)
    capacity = None if alkalinity is None else BufferCapacity(carbon_of(alkalinity), phosphate)
    task = _raising(capacity, alkali) if ph < low else _lowering(capacity, acid_meq)
    sign = task.direction.sign
    run = list(takewhile(lambda portion: portion.meq_l * sign > 0, reversed(portions)))[::-1]
    near = ph - sign * _half_a_colour(resolution)
    middle = (low + high) / 2
    if run:
        meq = _later_portion(near, middle, run, task, resolution, bounds, checked=checked)
    else:
        meq = _first_portion(near, middle, task)
    shown = _capacity_shown(near, run, task, resolution) if run else None
    if meq is None:
        still = shown is None or _stands_still(run, task, resolution)
        return Assistance(Advice.NO_RESPONSE if still and not checked else Advice.UNMOVED)
    if shown is None:
        unshown = bounds.unshown(run[0].before if run else ph, task.direction, resolution)
        if capacity is not None and run:
            # However alive the pen: past half of an ordinary need something must show.
            half = task.direction.takes(run[0].before, middle, capacity) / 2
            unshown = min(unshown, max(half, unshown / more_unshown(resolution) ** bounds.allowed))
        moved = _has_moved(near, run, task, resolution)
        unshown *= more_unshown(resolution) if moved else 1
        left = unshown - sum(abs(portion.meq_l) for portion in run)
        # A pen that was just seen to be alive, and shows nothing, stands in a tank that holds more.
        meq = left if checked and run and not moved else min(meq, left)
        meq = max(meq, _back_from_acid(portions, run, task))
        if meq < LEAST_PORTION / 2:
            return Assistance(Advice.UNMOVED if checked else Advice.NO_RESPONSE)
    if capacity is not None or run:
        most = bounds.most(near, middle, run, task.direction, capacity)
        if most < SMALLEST_MEQ / 4 - 1e-9:
            return Assistance(Advice.BEYOND_NEED)
        meq = min(meq, most)
    return task.portion(meq, litres)


def may_be_right(ph: float, low: float, high: float, resolution: float) -> bool:
    """Whether a reading is in the window, or a colour that may be: more cannot be told by it."""
    band = _half_a_colour(resolution)
    return low - band <= ph <= high + band


def _half_a_colour(resolution: float) -> float:
    """How far the true pH may be from a reading of drops; what a pen's step leaves is no matter."""
    return resolution / 2 if resolution > float(PEN_PH_STEP) else 0.0


@dataclass(frozen=True, slots=True)
class _Task:
    """Lowering or raising pH with the bottle at hand.

    Args:
        advice: what the grower is told.
        direction: down or up.
        strength: meq that a mL or g of what is at hand gives; 0 where that is not known.
        capacity: what holds pH, as far as labels and reports tell; None where they do not.
        unknown: meq/L of the first portion where they do not.
    """

    advice: Advice
    direction: TitrationDirection
    strength: float
    capacity: BufferCapacity | None
    unknown: float

    def portion(self, meq: float, litres: float) -> Assistance:
        """So many meq/L of what is at hand; without an amount where its strength is not known."""
        if self.strength <= 0:
            return Assistance(self.advice)
        return Assistance(self.advice, amount=meq * litres / self.strength, meq_l=meq)


def _lowering(capacity: BufferCapacity | None, acid_meq: float) -> _Task:
    advice = Advice.ACID if acid_meq > 0 else Advice.NO_ACID
    return _Task(advice, DOWN, acid_meq, capacity, FIRST_UNKNOWN_MEQ)


def _raising(capacity: BufferCapacity | None, alkali: Alkali | None) -> _Task:
    strength, carbonate = (alkali.meq, alkali.carbonate) if alkali else (0.0, 0.0)
    return _Task(Advice.ALKALI, up(carbonate), strength, capacity, SMALLEST_MEQ)


def _first_portion(ph: float, aim: float, task: _Task) -> float:
    """Half of what the estimate takes, meq/L."""
    if task.capacity is None:
        return task.unknown
    return max(task.direction.takes(ph, aim, task.capacity) / 2, SMALLEST_MEQ / 2)


def _later_portion(
    ph: float,
    aim: float,
    run: Sequence[Portion],
    task: _Task,
    resolution: float,
    bounds: Bounds,
    *,
    checked: bool,
) -> float | None:
    """The next portion by what those before it showed, meq/L, to a little short of the middle.

    None where a portion that every tank shows did not show, or showed a buffer that no tank has.
    """
    direction = task.direction
    done = sum(abs(portion.meq_l) for portion in run)
    told = _capacity_shown(ph, run, task, resolution)
    last = abs(run[-1].meq_l)
    far = (run[0].before - ph) * direction.sign >= SURE_STEPS * resolution
    if told is None and last < TELLING_MEQ and far:
        # the pen does tell; that portion was too small to be seen
        return last * MOST_TITRANT_GROWTH
    if told is None:
        return _blind_portion(done, checked=checked or len(run) == 1)
    sure, capacity = told
    if not capacity.is_possible or (not checked and _stands_still(run, task, resolution)):
        return None
    on_the_way = 0.0
    if task.capacity is not None and run[-1].before > LASTING_PH:
        capacity = capacity.at_most(bounds.least or task.capacity)
        on_the_way = _while_silicate_holds(ph, run, task)
    wanted = max(direction.takes(sure, aim, capacity) * BOLDNESS, on_the_way, SMALLEST_MEQ / 4)
    growth = MOST_GROWTH_UNSURE if bounds.pen_over else MOST_TITRANT_GROWTH
    return min(wanted, done * growth)


def _back_from_acid(portions: Sequence[Portion], run: Sequence[Portion], task: _Task) -> float:
    """The first portion of alkali behind acid that went too far: a quarter of its last portion.

    So much cannot lead past where that portion came from, even of an alkali four times as strong.
    """
    if run or task.direction.sign > 0 or not portions or portions[-1].meq_l <= 0:
        return 0.0
    return portions[-1].meq_l * BACK_FROM_ACID


BACK_FROM_ACID = 0.25


def _while_silicate_holds(ph: float, run: Sequence[Portion], task: _Task) -> float:
    """A third of what leads down to where silicate ends, by what the last portion did, meq/L.

    It holds less with each step down, so that the whole way by the last step would go past it.
    """
    last = run[-1]
    moved = (last.before - ph) * task.direction.sign
    if moved <= 0 or task.direction.sign < 0:
        return 0.0
    return max(ph - LASTING_PH, 0.0) / moved * abs(last.meq_l) * SILICATE_SHARE


SILICATE_SHARE = 0.35
"""Share of the way by the last step: what silicate holds falls to a tenth with each pH."""


def _has_moved(ph: float, run: Sequence[Portion], task: _Task, resolution: float) -> bool:
    """Whether the pen has moved the right way at all, be it by a step."""
    if not run:
        return False
    start = run[0].before - task.direction.sign * _half_a_colour(resolution)
    return (start - ph) * task.direction.sign > resolution / 2


def _stands_still(run: Sequence[Portion], task: _Task, resolution: float) -> bool:
    """Whether the last portions show nothing, though by those before they had moved pH far.

    A pen that dried up, or lies beside the tank, stops where it is: the way that it told before
    must not speak for the portions that it shows nothing of.
    """
    still = list(takewhile(lambda one: abs(one.before - one.after) < resolution / 2, run[::-1]))
    moved = run[: len(run) - len(still)]
    if not still or not moved:
        return False
    shown = moved[-1].after
    told = _capacity_shown(shown, moved, task, resolution)
    if told is None:
        return False
    far = shown - task.direction.sign * STILL_STEPS * resolution
    return task.direction.takes(shown, far, told[1]) <= sum(abs(one.meq_l) for one in still)


def _blind_portion(done: float, *, checked: bool) -> float | None:
    """The portion while the pen shows nothing: as much again, up to what every tank shows.

    Once that is in and the pen was checked, as much once more; None before.
    """
    left = TELLING_MEQ - done
    if left > SMALLEST_MEQ / 4:
        return min(done, left)
    return done if checked else None


def _capacity_shown(
    ph: float, run: Sequence[Portion], task: _Task, resolution: float
) -> tuple[float, BufferCapacity] | None:
    """The pH to go on from, and the buffer capacity that the portions showed; None if they did not.

    They are taken together: over their longer way a pen's tenth matters less than over the last
    portion alone. Over a short way pH is taken to be one step of the pen further than it shows, so
    that the buffer is rather thought too small, and the next portion too.
    """
    # What silicate held above says nothing of the way below.
    run = [portion for portion in run if portion.before <= LASTING_PH] or run
    start, sign = run[0].before, task.direction.sign
    by_drops = _half_a_colour(resolution) > 0  # of which the half is off already
    sure = ph if by_drops or abs(start - ph) >= SURE_STEPS * resolution else ph - sign * resolution
    capacity = task.direction.capacity(
        start,
        sure,
        sum(abs(portion.meq_l) for portion in run),
        task.capacity or BufferCapacity(0.0),
    )
    hardly = (start - ph) * sign < resolution * 1.5
    if capacity is None or (hardly and capacity.is_possible):
        return None
    return sure, capacity


def _times_turned(portions: Sequence[Portion], ph: float, low: float, high: float) -> int:
    """How often the direction changed, the next correction counted."""
    signs = [portion.meq_l > 0 for portion in portions]
    signs.append(ph > high)
    return sum(one != other for one, other in pairwise(signs))
