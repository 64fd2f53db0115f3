"""Splitting an amount over vessels: least error, then fewest fills, vessels, and smallest vessels.

A fill below a tenth of its vessel is read badly: where a few fills more avoid it, they are taken.

Whole numbers throughout: amounts and marks are counted in a unit of which all marks are multiples.
Which sums the vessels can show at all is a shortest path over residues: for each remainder by the
finest mark, the least sum that leaves it (Dijkstra). Among the fills that come to a sum the best is
found by branch and bound: a branch whose vessels or size are more than the best's is left.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from heapq import heappop, heappush
from math import ceil, floor, gcd, lcm

TOLERANCE = Fraction(1, 100)
FARTHEST = Fraction(1)
"""An error of up to a hundredth of the amount, and never more than 1 mL or 1 g, counts as none, so
that no second vessel is dirtied for it: our own default, below what pens can tell."""

LEAST_FILL = Fraction(1, 10)
"""Of a vessel's capacity, below which another is taken where there is one: common practice."""

MORE_FILLS = 3
"""Fills more that are worth it; nobody fills a syringe ten times for it: our own default."""

_MOST_SEARCHED = 24
"""Fills up to which every combination is weighed; of more, most are full ones of the largest."""


@dataclass(frozen=True, slots=True)
class VesselMarks:
    """A vessel's capacity and mark, in marks of the common unit."""

    capacity: int
    mark: int

    @property
    def least(self) -> int:
        """The level from which it is read well."""
        return -(-self.capacity * LEAST_FILL.numerator // LEAST_FILL.denominator)

    def is_slip(self, total: int) -> bool:
        """Whether the last of its fills is below that level."""
        return 0 < total % self.capacity < self.least


Use = tuple[int, int]
"""Index of a vessel, and the sum of its fills in the common unit."""


@dataclass(frozen=True, slots=True)
class _Best:
    """The best way found yet; compared as a tuple, smaller is better."""

    rank: tuple[int, int, int]
    """How many vessels, their size, and the error in parts of the common unit."""
    uses: tuple[Use, ...]


class Splitter:
    """Splits amounts over a set of vessels.

    Args:
        vessels: (capacity, mark) of each, in mL or g; each may be filled any number of times.
    """

    def __init__(self, vessels: Sequence[tuple[Fraction, Fraction]]) -> None:
        per = lcm(*(mark.denominator for _, mark in vessels))
        marks = [int(mark * per) for _, mark in vessels]
        step = gcd(*marks)
        self.unit = Fraction(step, per)
        marked = [
            VesselMarks(floor(capacity / mark) * whole // step, whole // step)
            for (capacity, mark), whole in zip(vessels, marks, strict=True)
        ]
        self.order = sorted(range(len(marked)), key=lambda i: (-marked[i].capacity, marked[i].mark))
        self.marked = [marked[i] for i in self.order]
        self._least = _least_sums(tuple(sorted({kind.mark for kind in marked})))

    def split(self, amount: Fraction) -> list[Use]:
        """The best fills for an amount; none where nothing nearer than an empty vessel exists."""
        target = amount / self.unit
        near = min(amount * TOLERANCE, FARTHEST) / self.unit
        ranges = self._allowed(target, near)
        if not ranges:
            return []
        largest = self.marked[0].capacity
        peeled = max(0, ceil(ranges[0][0] / largest) - _MOST_SEARCHED)
        off = peeled * largest
        rest = [(low - off, high - off) for low, high in ranges]
        search = _Search(self.marked, target - off, rest)
        uses = self._read_well(search, self._fewest(search))
        if peeled:
            uses = _with_more_of(uses, 0, off)
        return [(self.order[index], total) for index, total in uses]

    def _allowed(self, target: Fraction, near: Fraction) -> list[tuple[int, int]]:
        """Ranges of sums with the least error that counts: one range, or one or two points."""
        low, high = max(ceil(target - near), 1), floor(target + near)
        above = self._at_least(low)
        if above <= high:
            return [(low, high)]
        below = self._at_most(ceil(target - near) - 1)
        over, under = above - target, target - below
        points = [p for p, off in ((below, under), (above, over)) if off == min(over, under)]
        return [(point, point) for point in points if point > 0] if 0 not in points else []

    def _at_least(self, bound: int) -> int:
        """The smallest reachable sum from a bound on."""
        step = len(self._least)
        return min(least + max(0, -((least - bound) // step)) * step for least in self._least)

    def _at_most(self, bound: int) -> int:
        """The largest reachable sum up to a bound; 0 if there is none."""
        step = len(self._least)
        sums = [least + (bound - least) // step * step for least in self._least if least <= bound]
        return max(sums, default=0)

    def _read_well(self, search: "_Search", uses: tuple[Use, ...]) -> tuple[Use, ...]:
        """The same with as few fills below a tenth of their vessels as a few fills more allow."""
        slips = sum(self.marked[index].is_slip(total) for index, total in uses)
        fewest = sum(-(-total // self.marked[index].capacity) for index, total in uses)
        for allowed in range(slips):
            for fills in range(fewest, fewest + MORE_FILLS + 1):
                if found := search.best_of(fills, allowed):
                    return found
        return uses

    def _fewest(self, search: "_Search") -> tuple[Use, ...]:
        fills = max(1, ceil(search.ranges[0][0] / self.marked[0].capacity))
        while not (found := search.best_of(fills, fills)):
            fills += 1
        return found


class _Search:
    """The best fills of one amount, in whole numbers.

    Args:
        marked: the vessels, the largest first.
        target: the amount, in the common unit.
        ranges: sums that count as near enough, in the common unit.
    """

    def __init__(
        self, marked: Sequence[VesselMarks], target: Fraction, ranges: Sequence[tuple[int, int]]
    ) -> None:
        self.ranges = ranges
        self._marked = marked
        self._parts = target.denominator
        """The amount is a whole number of these parts of the common unit."""
        self._target = target.numerator
        self._best: _Best | None = None

    def best_of(self, fills: int, slips: int) -> tuple[Use, ...]:
        """The best uses of exactly so many fills; none where they come near no such sum.

        Args:
            fills: how many.
            slips: how many of them may be below a tenth of their vessel.
        """
        self._best = None
        for low, high in self.ranges:
            self._bring(0, fills, low, high, (), (0, 0), slips)
        return self._best.uses if self._best else ()

    def _bring(  # noqa: PLR0917 -- the innermost loop
        self,
        index: int,
        fills: int,
        low: int,
        high: int,
        uses: tuple[Use, ...],
        used: tuple[int, int],
        slips: int,
    ) -> None:
        """Bring exactly so many more fills, from a vessel on, into low to high.

        `used` is what the fills so far come to, and the size of their vessels.
        """
        for at in range(index, len(self._marked)):
            kind = self._marked[at]
            if fills * kind.capacity < low:
                break  # the vessels that follow are smaller still
            self._bring_in_one(at, fills, low, high, uses, used, slips)
            if self._best is not None and len(uses) + 2 > self._best.rank[0]:
                continue
            smaller = self._marked[at + 1].capacity if at + 1 < len(self._marked) else 0
            for mine in range(fills - 1, 0, -1):
                rest = fills - mine
                first = max(low - rest * smaller, (mine - 1) * kind.capacity + 1)
                last = min(high - 1, mine * kind.capacity)
                for count in range(last // kind.mark, -(-first // kind.mark) - 1, -1):
                    sum_ = count * kind.mark
                    left = slips - kind.is_slip(sum_)
                    if left < 0:
                        continue
                    self._bring(
                        at + 1, rest, low - sum_, high - sum_, (*uses, (at, sum_)),
                        (used[0] + sum_, used[1] + kind.capacity), left,
                    )  # fmt: skip

    def _bring_in_one(  # noqa: PLR0917
        self,
        at: int,
        fills: int,
        low: int,
        high: int,
        uses: tuple[Use, ...],
        used: tuple[int, int],
        slips: int,
    ) -> None:
        """One vessel does all that is left, if a multiple of its mark lies where it should."""
        kind = self._marked[at]
        least = (fills - 1) * kind.capacity + (1 if slips else kind.least)
        first = -(-max(low, least) // kind.mark)
        last = min(high, fills * kind.capacity) // kind.mark
        if first > last:
            return
        left = self._target - used[0] * self._parts
        mark = kind.mark * self._parts
        count = min(max(_nearest(left, mark), first), last)
        rank = (len(uses) + 1, used[1] + kind.capacity, abs(left - count * mark))
        if self._best is None or rank < self._best.rank:
            self._best = _Best(rank, (*uses, (at, count * kind.mark)))


def _nearest(amount: int, mark: int) -> int:
    """The number of marks nearest to an amount; of two as near the even one, as in round()."""
    whole, rest = divmod(amount, mark)
    return whole + (2 * rest > mark or (2 * rest == mark and whole % 2 == 1))


def _with_more_of(uses: tuple[Use, ...], index: int, more: int) -> tuple[Use, ...]:
    """The uses with more of one vessel."""
    if any(i == index for i, _ in uses):
        return tuple((i, total + more if i == index else total) for i, total in uses)
    return ((index, more), *uses)


@lru_cache(maxsize=256)
def _least_sums(marks: tuple[int, ...]) -> tuple[int, ...]:
    """For each remainder by the smallest mark, the least sum of marks that leaves it.

    The marks have no common divisor, so that each remainder is reached.
    """
    step = marks[0]
    least = [-1] * step
    queue = [0]
    while queue:
        total = heappop(queue)
        if least[total % step] >= 0:
            continue
        least[total % step] = total
        for mark in marks[1:]:
            heappush(queue, total + mark)
    return tuple(least)
