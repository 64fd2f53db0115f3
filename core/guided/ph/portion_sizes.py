"""How large a portion of acid or alkali is: by the estimate, then by what the last one did."""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import takewhile

from core.chemistry import Alkali
from core.chemistry.buffers import DOWN, BufferCapacity, TitrationDirection, up
from core.guided.ph.advice import Advice, Assistance
from core.guided.ph.bounds import BOLDNESS, SMALLEST_MEQ, Bounds, Portion
from core.meters import PEN_PH_STEP

FIRST_UNKNOWN_MEQ = 0.1
"""meq/L of a portion where nothing is known of the water: a quarter of what half a mL in 10 L
brings, which can move soft tap water by more than 1 (common practice)."""

TELLING_MEQ = 2 * FIRST_UNKNOWN_MEQ
"""meq/L of which every tank shows something; a smaller portion may be too small to see."""

MOST_TITRANT_GROWTH = 2
"""A portion is at most so many times all before it together: a buffer that holds pH here may be
used up further on. In the simulated tank this stays within the window even in RO water."""

MOST_GROWTH_UNSURE = 1.5
"""The same where nothing tells whether the pen is right."""

MOVED_STEPS = 3
"""Steps of a pen by which a portion moves pH enough to be the measure of the next: our own
default, as one that is off by a step at either end has moved it by one at least."""

LASTING_PH = 7.6
"""pH above which silicate buffers too; what it took up there says nothing of the way below."""

SURE_STEPS = 5
"""Steps of a pen, or of a scale of colours, over which the error of one hardly matters."""

STILL_STEPS = 3
"""Steps of a pen that portions were to move pH by, and that show none of it, are doubted: our own
default, more than two readings that are each off by one step leave."""


def half_a_colour(resolution: float) -> float:
    """How far the true pH may be from a reading of drops; what a pen's step leaves is no matter."""
    return resolution / 2 if resolution > float(PEN_PH_STEP) else 0.0


@dataclass(frozen=True, slots=True)
class Titration:
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


def lowering(capacity: BufferCapacity | None, acid_meq: float) -> Titration:
    advice = Advice.ACID if acid_meq > 0 else Advice.NO_ACID
    return Titration(advice, DOWN, acid_meq, capacity, FIRST_UNKNOWN_MEQ)


def raising(capacity: BufferCapacity | None, alkali: Alkali | None) -> Titration:
    strength, carbonate = (alkali.meq, alkali.carbonate) if alkali else (0.0, 0.0)
    return Titration(Advice.ALKALI, up(carbonate), strength, capacity, SMALLEST_MEQ)


def first_portion(ph: float, aim: float, task: Titration) -> float:
    """Half of what the estimate takes, meq/L."""
    if task.capacity is None:
        return task.unknown
    return max(task.direction.takes(ph, aim, task.capacity) / 2, SMALLEST_MEQ / 2)


def later_portion(
    ph: float,
    aim: float,
    run: Sequence[Portion],
    task: Titration,
    *,
    resolution: float,
    bounds: Bounds,
    checked: bool,
) -> float | None:
    """The next portion by what those before it showed, meq/L, to a little short of the middle.

    None where a portion that every tank shows did not show, or showed a buffer that no tank has.
    """
    direction = task.direction
    done = sum(abs(portion.meq_l) for portion in run)
    told = capacity_shown(ph, run, task, resolution)
    last = abs(run[-1].meq_l)
    far = (run[0].before - ph) * direction.sign >= SURE_STEPS * resolution
    if told is None and last < TELLING_MEQ and far:
        # the pen does tell; that portion was too small to be seen
        return last * MOST_TITRANT_GROWTH
    if told is None:
        return _blind_portion(done, checked=checked or len(run) == 1)
    sure, capacity = told
    if not capacity.is_possible or (not checked and stands_still(run, task, resolution)):
        return None
    on_the_way = 0.0
    if task.capacity is not None and run[-1].before > LASTING_PH:
        capacity = capacity.at_most(bounds.least or task.capacity)
        on_the_way = _while_silicate_holds(ph, run, task)
    wanted = max(direction.takes(sure, aim, capacity) * BOLDNESS, on_the_way, SMALLEST_MEQ / 4)
    growth = MOST_GROWTH_UNSURE if bounds.pen_over else MOST_TITRANT_GROWTH
    if direction.sign > 0 and has_moved_by(ph, run[-1:], task) >= measurable(resolution):
        return min(wanted, last)  # what held pH so far may end on the way that is left
    return min(wanted, done * growth)


def back_from_acid(portions: Sequence[Portion], run: Sequence[Portion], task: Titration) -> float:
    """The first portion of alkali after acid that went too far: a quarter of its last portion.

    So much cannot lead past where that portion came from, even of an alkali four times as strong.
    """
    if run or task.direction.sign > 0 or not portions or portions[-1].meq_l <= 0:
        return 0.0
    return portions[-1].meq_l * BACK_FROM_ACID


BACK_FROM_ACID = 0.25


def _while_silicate_holds(ph: float, run: Sequence[Portion], task: Titration) -> float:
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


def measurable(resolution: float) -> float:
    """By how much a portion moves pH that is the measure of the next; of drops by a colour."""
    return min((MOVED_STEPS - 0.5) * resolution, max(resolution, MOVED_STEPS * float(PEN_PH_STEP)))


def has_moved_by(ph: float, run: Sequence[Portion], task: Titration) -> float:
    """By how much pH moved the right way since the first of some portions."""
    return (run[0].before - ph) * task.direction.sign


def has_moved(ph: float, run: Sequence[Portion], task: Titration, resolution: float) -> bool:
    """Whether the pen has moved the right way at all, be it by a step."""
    if not run:
        return False
    start = run[0].before - task.direction.sign * half_a_colour(resolution)
    return (start - ph) * task.direction.sign > resolution / 2


def stands_still(run: Sequence[Portion], task: Titration, resolution: float) -> bool:
    """Whether the last portions show nothing, though by those before they had moved pH far.

    A pen that dried up, or lies beside the tank, stops where it is: the way that it told before
    must not speak for the portions that it shows nothing of.
    """
    still = list(takewhile(lambda one: abs(one.before - one.after) < resolution / 2, run[::-1]))
    moved = run[: len(run) - len(still)]
    if not still or not moved:
        return False
    shown = moved[-1].after
    told = capacity_shown(shown, moved, task, resolution)
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


def capacity_shown(
    ph: float, run: Sequence[Portion], task: Titration, resolution: float
) -> tuple[float, BufferCapacity] | None:
    """The pH to go on from, and the buffer capacity that the portions showed; None if they did not.

    They are taken together: over their longer way a pen's tenth matters less than over the last
    portion alone. Over a short way pH is taken to be one step of the pen further than it shows, so
    that the buffer is rather thought too small, and the next portion too.
    """
    # What silicate held above says nothing of the way below.
    run = [portion for portion in run if portion.before <= LASTING_PH] or run
    if has_moved_by(ph, run[-1:], task) >= measurable(resolution) > has_moved_by(ph, run, task):
        run = run[-1:]  # a pen that drifted up first hides what the last one did
    start, sign = run[0].before, task.direction.sign
    by_drops = half_a_colour(resolution) > 0  # of which the half is off already
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
