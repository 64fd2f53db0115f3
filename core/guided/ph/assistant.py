"""The pH assistant: portions of acid or alkali, each from what the last ones did."""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise, takewhile
from math import inf, isfinite

from core.chemistry import Alkali
from core.chemistry.buffers import BufferCapacity
from core.chemistry.carbonate import carbon_of
from core.guided.ph.advice import Advice, Assistance
from core.guided.ph.bounds import (
    LEAST_PORTION,
    SMALLEST_MEQ,
    UNBOUNDED,
    Bounds,
    Portion,
    more_unshown,
)
from core.guided.ph.portion_sizes import (
    Titration,
    back_from_acid,
    capacity_shown,
    first_portion,
    half_a_colour,
    has_moved,
    later_portion,
    lowering,
    raising,
    stands_still,
)

WAIT_MIN = 5
"""Minutes to wait after a portion: common practice."""

ORDINARY_MEQ_PER_MS_CM = 5.0
"""meq/L of alkalinity for each mS/cm of a water without a report: an ordinary hard water's, from
memory. What acid does tells better from the second portion on; the first is bounded otherwise."""

MOST_TURNS = 2
"""Changes between acid and alkali after which pH is left alone: common practice."""


@dataclass(frozen=True, slots=True)
class PhReading:
    """What the pen shows in a tank, and all that the next step follows from.

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

    ph: float
    low: float
    high: float
    litres: float
    alkalinity: float | None
    acid_meq: float
    phosphate: float = 0.0
    alkali: Alkali | None = None
    portions: Sequence[Portion] = ()
    resolution: float = 0.1
    settles: bool = False
    checked: bool = False
    bounds: Bounds = UNBOUNDED

    @property
    def is_right(self) -> bool:
        """Whether the true pH may be within the window."""
        return may_be_right(self.ph, self.low, self.high, self.resolution)

    @property
    def turned(self) -> int:
        """How often the corrections changed between acid and alkali."""
        return _times_turned(self.portions, self.ph, self.low, self.high)

    @property
    def task(self) -> Titration:
        """Lowering or raising, by what is known of the buffer and of what is at hand."""
        capacity = None
        if self.alkalinity is not None:
            capacity = BufferCapacity(carbon_of(self.alkalinity), self.phosphate)
        if self.ph < self.low:
            return raising(capacity, self.alkali)
        return lowering(capacity, self.acid_meq)


def assist(read: PhReading) -> Assistance:
    """The next step towards the middle of the window."""
    # The advices in the order in which they count, each of which ends the search.
    if read.is_right:
        return Assistance(Advice.RIGHT)
    if read.settles or read.turned >= MOST_TURNS:
        waits = Advice.WAIT_SETTLING if read.settles else Advice.STOP_CHASING
        return Assistance(waits, look_again_h=24)
    task, middle = read.task, (read.low + read.high) / 2
    way = _Way.of(read.ph, middle, read.portions, task, read.resolution, read.bounds)
    meq = way.portion(checked=read.checked)
    if meq is None:
        is_still = not way.shows or stands_still(way.run, task, read.resolution)
        return Assistance(Advice.NO_RESPONSE if is_still and not read.checked else Advice.UNMOVED)
    if not way.shows:
        back = back_from_acid(read.portions, way.run, task)
        meq = max(way.unshown(meq, checked=read.checked), back)
        if meq < LEAST_PORTION / 2:
            return Assistance(Advice.UNMOVED if read.checked else Advice.NO_RESPONSE)
    most = way.most()
    if most < SMALLEST_MEQ / 4 - 1e-9:
        return Assistance(Advice.BEYOND_NEED)
    return task.portion(min(meq, most), read.litres)


@dataclass(frozen=True, slots=True)
class _Way:
    """The way to the middle of the window, as far as portions have gone on it.

    Args:
        ph: what was read last.
        near: the end of its colour that is nearer to the window; of a pen the same.
        middle: where it leads.
        run: the portions made in this direction.
        task: lowering or raising.
        resolution: the smallest difference in pH that the pen or the drops show.
        bounds: what no portion passes.
    """

    ph: float
    near: float
    middle: float
    run: Sequence[Portion]
    task: Titration
    resolution: float
    bounds: Bounds

    @classmethod
    def of(  # noqa: PLR0917 -- all that a way is
        cls,
        ph: float,
        middle: float,
        portions: Sequence[Portion],
        task: Titration,
        resolution: float,
        bounds: Bounds,
    ) -> "_Way":
        """The way on which the last portions went."""
        sign = task.direction.sign
        run = list(takewhile(lambda portion: portion.meq_l * sign > 0, reversed(portions)))[::-1]
        near = ph - sign * half_a_colour(resolution)
        return cls(ph, near, middle, run, task, resolution, bounds)

    @property
    def shows(self) -> bool:
        """Whether the portions showed what holds pH."""
        run = self.run
        return bool(run) and capacity_shown(self.near, run, self.task, self.resolution) is not None

    def portion(self, *, checked: bool) -> float | None:
        """meq/L by the estimate, or by what portions did; None where they did not follow."""
        if not self.run:
            return first_portion(self.near, self.middle, self.task)
        return later_portion(
            self.near,
            self.middle,
            self.run,
            self.task,
            resolution=self.resolution,
            bounds=self.bounds,
            checked=checked,
        )

    def unshown(self, meq: float, *, checked: bool) -> float:
        """What of a portion may go in while the pen shows nothing of those before it."""
        start, capacity = self.run[0].before if self.run else self.ph, self.task.capacity
        step = more_unshown(self.resolution)
        most = self.bounds.unshown(start, self.task.direction, self.resolution)
        if capacity is not None and self.run:
            # However alive the pen: past half of an ordinary need something must show.
            half = self.task.direction.takes(start, self.middle, capacity) / 2
            most = min(most, max(half, most / step**self.bounds.allowed))
        moved = has_moved(self.near, self.run, self.task, self.resolution)
        left = most * (step if moved else 1) - sum(abs(portion.meq_l) for portion in self.run)
        # A pen that was just seen to be alive, and shows nothing, stands in a tank that holds more.
        is_alive = checked and bool(self.run) and not moved and isfinite(left)
        return left if is_alive else min(meq, left)

    def most(self) -> float:
        """What no portion passes whatever the pen shows, where anything is known."""
        if self.task.capacity is None and not self.run:
            return inf
        return self.bounds.most(
            self.near, self.middle, self.run, self.task.direction, self.task.capacity
        )


def may_be_right(ph: float, low: float, high: float, resolution: float) -> bool:
    """Whether a reading is in the window, or a colour that may be: more cannot be told by it."""
    band = half_a_colour(resolution)
    return low - band <= ph <= high + band


def _times_turned(portions: Sequence[Portion], ph: float, low: float, high: float) -> int:
    """How often the direction changed, the next correction counted."""
    signs = [portion.meq_l > 0 for portion in portions]
    signs.append(ph > high)
    return sum(one != other for one, other in pairwise(signs))
