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

TOLERANCE = Fraction(1, 100)
FARTHEST = Fraction(1)
"""One vessel may round by a hundredth of the amount, and never by more than 1 mL or 1 g, before a
second, finer one is taken: our own default, below what pens can tell."""

_DILUTE_BELOW = Fraction(1, 20)  # a pour whose finest mark rounds it by more than this


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
        too_small: whether the finest mark is too coarse for it, so that it wants diluting first.
    """

    amount: Amount
    fills: tuple[Fill, ...]
    too_small: bool


def measure(amount: Amount) -> Measured:
    """Split an amount over vessels: one if a mark of it comes close enough, else two.

    >>> [float(fill.level) for fill in measure(Amount(Fraction(680), AmountUnit.ML)).fills]
    [650.0, 30.0]
    """
    vessels = SCALES if amount.unit is AmountUnit.G else LIQUID_VESSELS
    largest = vessels[-1]
    full = int(amount.value // largest.capacity)
    fills = [Fill(largest, largest.capacity, full)] if full else []
    rest = amount.value - full * largest.capacity
    if rest:
        fills += _measure_rest(rest, amount.value, vessels)
    total = sum((fill.level * fill.times for fill in fills), start=Fraction(0))
    off = abs(total - amount.value)
    return Measured(Amount(total, amount.unit), tuple(fills), off > amount.value * _DILUTE_BELOW)


def _measure_rest(rest: Fraction, whole: Fraction, vessels: tuple[Vessel, ...]) -> list[Fill]:
    """Fills for what is left below the largest vessel's capacity, close enough to the whole."""
    index = next(i for i, vessel in enumerate(vessels) if vessel.capacity >= rest)
    vessel = vessels[index]
    nearest = _to_mark(rest, vessel)
    if index == 0 or abs(nearest - rest) <= min(whole * TOLERANCE, FARTHEST):
        return [Fill(vessel, nearest)] if nearest else []
    lower = rest // vessel.mark * vessel.mark
    finer = _measure_rest(rest - lower, whole, vessels[:index])[:1]
    return [*([Fill(vessel, lower)] if lower else []), *finer]


def _to_mark(value: Fraction, vessel: Vessel) -> Fraction:
    """The nearest mark, half up."""
    return (value / vessel.mark + Fraction(1, 2)) // 1 * vessel.mark
