"""What no portion of acid passes, whatever the pen shows: the water's need, and a floor."""

from collections.abc import Sequence
from dataclasses import dataclass
from math import inf

from core.chemistry.buffers import DOWN, BufferCapacity, TitrationDirection
from core.chemistry.carbonate import ORDINARY_PH
from core.meters import PEN_PH_STEP

SMALLEST_MEQ = 0.05
"""meq/L of a small portion: an eighth of what half a mL in 10 L brings (common practice)."""

BOLDNESS = 0.8
"""Share of the way left that one portion goes: phosphate holds pH more at one end than at the
other, and in the simulated tank this never passes the middle."""

BEYOND_NEED = 1.3
"""Times the need by the water's report at which one first looks at pen, report and volume: common
practice."""

MORE_NEED = 0.4
"""Of the need that may follow after each such look: our own default; a report is seldom off by
more, so that two looks reach twice the need."""

FLOOR = 4.75
"""pH that acid does not pass even if the pen reads too high: below it next to nothing holds pH."""

CEILING = 8.0
"""pH that alkali does not pass even if the pen stands still: our own default."""

LIKELY_PH = 6.5
"""Of a feed in water with next to no buffer, which a pen that reads too high cannot tell."""

LEAST_PORTION = 0.004
"""meq/L: less than this no vessel measures of a diluted acid, and moves water without any buffer by
about a tenth."""

MORE_UNSHOWN, MORE_UNSHOWN_ROUGHLY = 4.0, 2.0
"""Times as much that may be in unshown, each time the pen is seen to be alive: four times what a
pen's small step hides moves pH little; drops hide half a pH."""


def more_unshown(resolution: float) -> float:
    """Times as much that may be in before what pH is read with shows anything of it."""
    return MORE_UNSHOWN if resolution <= float(PEN_PH_STEP) else MORE_UNSHOWN_ROUGHLY


OF_THE_REPORT = 0.9
"""Of the reported carbonate that acid may use up whatever the pen shows: our own default, as
laboratories agree to about a tenth."""


@dataclass(frozen=True, slots=True)
class Portion:
    """One correction that was made: meq/L of acid (below 0 of alkali), and the pH around it."""

    meq_l: float
    before: float
    after: float


@dataclass(frozen=True, slots=True)
class Bounds:
    """What is known of a tank besides what its pen shows.

    Args:
        reported: whether the alkalinity is a lab report's, so that it bounds what may go in.
        need: meq/L of acid that the tank takes by report and labels; None where not all tell.
        pen_over: how much too high the pen may read, as far as nothing speaks against it.
        looked: how often somebody looked at pen, report and volume, since the need was passed.
        besides: meq/L of acid that went in besides the portions.
        least: the least that may hold pH in this tank, by report and readings of its water.
        strongest: times that the acid or alkali may be stronger, and the tank smaller, than is
            believed.
        allowed: how often the pen was seen to be alive though nothing of what went in had shown.
        hardest: the most that may hold pH in water of that reading; None where none was taken.
    """

    reported: bool = False
    need: float | None = None
    pen_over: float = 0.0
    looked: int = 0
    besides: float = 0.0
    least: BufferCapacity | None = None
    strongest: float = 1.0
    allowed: int = 0
    hardest: BufferCapacity | None = None

    def unshown(self, ph: float, direction: TitrationDirection, resolution: float) -> float:
        """meq/L that may go in before the pen shows anything of it.

        Even of the strongest usual grade, in the least buffered tank that the readings allow, they
        leave pH within the floor and the ceiling, though the pen may stand still.
        """
        if self.least is None:
            return inf
        if direction.sign > 0:
            start = min(ph - self.pen_over, LIKELY_PH) if self.pen_over else ph
            takes = DOWN.takes(max(start, FLOOR), FLOOR, self.least)
        else:
            start = ph + self.pen_over
            takes = direction.takes(min(start, CEILING), CEILING, self.least)
        return max(takes / self.strongest, LEAST_PORTION) * more_unshown(resolution) ** self.allowed

    def most(
        self,
        ph: float,
        aim: float,
        run: Sequence[Portion],
        direction: TitrationDirection,
        capacity: BufferCapacity | None,
    ) -> float:
        """meq/L that the next portion may have.

        Args:
            ph, aim: what the pen shows, and where it is to go.
            run: the portions made on this way so far.
            direction: down or up.
            capacity: what holds pH, as far as is known beforehand; None where nothing is.
        """
        found = inf
        if self.reported and capacity is not None:
            found = self._left_of_the_need(ph, aim, run, direction, capacity)
        if self.hardest is not None and direction.sign > 0:
            takes = direction.takes(max(ORDINARY_PH, aim), aim, self.hardest)
            bound = takes * (1 + self.looked * MORE_NEED) - self.besides
            found = min(found, bound - sum(portion.meq_l for portion in run))
        if self.pen_over and direction.sign > 0:
            found = min(found, self._above_the_floor(ph, run, capacity or BufferCapacity(0.0)))
        return found

    def _left_of_the_need(
        self,
        ph: float,
        aim: float,
        run: Sequence[Portion],
        direction: TitrationDirection,
        capacity: BufferCapacity,
    ) -> float:
        need = self.need if direction.sign > 0 else None
        if need is None:
            need = direction.takes(run[0].before if run else ph, aim, capacity)
        bound = max(need, SMALLEST_MEQ) * (BEYOND_NEED + self.looked * MORE_NEED)
        done = sum(abs(portion.meq_l) for portion in run)
        return bound - done - (self.besides if direction.sign > 0 else 0.0)

    def _above_the_floor(
        self, ph: float, run: Sequence[Portion], capacity: BufferCapacity
    ) -> float:
        """meq/L down to the floor if the pen reads too high by `pen_over`.

        Or what the reported carbonate takes up in any case, if that is more.
        """
        done = sum(portion.meq_l for portion in run)
        by_report = 0.0
        if self.reported:
            # Before the water's own carbonate is used up the tank cannot be below the floor.
            carbonate = BufferCapacity(capacity.carbonate)
            by_report = DOWN.takes(ORDINARY_PH, FLOOR, carbonate) * OF_THE_REPORT - done
        true = ph - self.pen_over
        told = (
            DOWN.capacity(run[0].before - self.pen_over, true, done, capacity) if run else capacity
        )
        if told is None:  # nothing shows of what went in: it is counted as gone where it should
            first = max(run[0].before - self.pen_over, FLOOR)
            return max(by_report, DOWN.takes(first, FLOOR, capacity) * BOLDNESS - done)
        by_pen = (
            DOWN.takes(max(true, FLOOR), FLOOR, told if told.is_possible else capacity) * BOLDNESS
        )
        return max(by_report, by_pen, SMALLEST_MEQ / 4)


UNBOUNDED = Bounds()
"""Nothing is known besides what the pen shows."""
