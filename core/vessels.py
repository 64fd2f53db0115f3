"""Which vessels measure an amount, and to which mark each is filled: the one place that rounds."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.quantities import Amount, AmountUnit


class VesselKind(StrEnum):
    """What a vessel is; it decides how it is drawn and read."""

    SYRINGE = "syringe"
    CYLINDER = "cylinder"
    JUG = "jug"
    SCALE = "scale"


@dataclass(frozen=True, slots=True)
class Vessel:
    """A measuring vessel or scale; capacity and mark in mL, for a scale in g."""

    kind: VesselKind
    capacity: Fraction
    mark: Fraction


def _vessel(kind: VesselKind, capacity: str, mark: str) -> Vessel:
    return Vessel(kind, Fraction(capacity), Fraction(mark))


LIQUID_VESSELS: tuple[Vessel, ...] = (
    _vessel(VesselKind.SYRINGE, "1", "0.01"),
    _vessel(VesselKind.SYRINGE, "5", "0.2"),
    _vessel(VesselKind.SYRINGE, "10", "0.5"),
    _vessel(VesselKind.SYRINGE, "20", "1"),
    _vessel(VesselKind.SYRINGE, "60", "1"),
    _vessel(VesselKind.CYLINDER, "100", "1"),
    _vessel(VesselKind.CYLINDER, "250", "2"),
    _vessel(VesselKind.JUG, "1000", "50"),
)
"""The usual bench, smallest first: capacities common practice, marks as sold, from memory."""

SCALES: tuple[Vessel, ...] = (
    _vessel(VesselKind.SCALE, "500", "0.1"),
    _vessel(VesselKind.SCALE, "5000", "1"),
)
"""The usual scales, finest first: common practice, from memory."""

_FINEST = 100  # the finest mark of any vessel is a hundredth of a mL or g
_Step = tuple[Vessel, int, int]


def _steps(vessels: tuple[Vessel, ...]) -> tuple[_Step, ...]:
    """Each vessel with its capacity and mark in hundredths."""
    return tuple((v, int(v.capacity * _FINEST), int(v.mark * _FINEST)) for v in vessels)


_LIQUID_STEPS = _steps(LIQUID_VESSELS)
_SCALE_STEPS = _steps(SCALES)

TOLERANCE = Fraction(1, 100)
FARTHEST = Fraction(1)
"""One vessel may round by a hundredth of the amount, and never by more than 1 mL or 1 g, before a
second, finer one is taken: our own default, below what pens can tell."""

_LEAST_MARKS = 10  # half a mark, as near as one reads, is then a twentieth of the pour


@dataclass(frozen=True, slots=True)
class Fill:
    """One vessel, filled to a level (mL or g) so many times."""

    vessel: Vessel
    level: Fraction
    times: int = 1


@dataclass(frozen=True, slots=True)
class Measured:
    """How an amount is measured.

    Args:
        amount: what the fills come to: the amount rounded to the vessels' marks.
        fills: the vessels, the largest first.
        too_small: whether it is less than ten of the finest marks, so that it wants diluting first.
    """

    amount: Amount
    fills: tuple[Fill, ...]
    too_small: bool


def measure(amount: Amount) -> Measured:
    """Split an amount over vessels: one if a mark of it comes close enough, else two.

    >>> [float(fill.level) for fill in measure(Amount(Fraction(680), AmountUnit.ML)).fills]
    [650.0, 30.0]
    """
    steps = _SCALE_STEPS if amount.unit is AmountUnit.G else _LIQUID_STEPS
    # Whole numbers from here on: hundredths of a mL or g, times the amount's own denominator.
    whole, per = amount.value.numerator * _FINEST, amount.value.denominator
    largest, capacity, _ = steps[-1]
    full, rest = divmod(whole, capacity * per)
    fills = [Fill(largest, largest.capacity, full)] if full else []
    total = full * capacity
    if rest:
        near = min(whole * TOLERANCE, FARTHEST * _FINEST * per)
        for vessel, level in _measure_rest(rest, per, near, steps):
            fills.append(Fill(vessel, Fraction(level, _FINEST)))
            total += level
    too_small = 0 < whole < _LEAST_MARKS * steps[0][2] * per
    return Measured(Amount(Fraction(total, _FINEST), amount.unit), tuple(fills), too_small)


def _measure_rest(
    rest: int, per: int, near: Fraction, steps: tuple[_Step, ...]
) -> list[tuple[Vessel, int]]:
    """Vessels and levels for what is left below the largest capacity, as near as asked."""
    index = next(i for i, (_, capacity, _) in enumerate(steps) if capacity * per >= rest)
    vessel, _, mark = steps[index]
    marks, beyond = divmod(rest, mark * per)
    up = beyond * 2 >= mark * per
    off = mark * per - beyond if up else beyond
    if index == 0 or off <= near:
        return [(vessel, (marks + up) * mark)] if marks + up else []
    lower = [(vessel, marks * mark)] if marks else []
    return [*lower, *_measure_rest(beyond, per, near, steps[:index])[:1]]
