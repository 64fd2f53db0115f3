"""What a grower measures with."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction
from functools import cached_property

from core.errors import InputError
from core.facts import one_each
from core.quantities import AmountUnit, decimal_text, number_text, rounded
from core.quantities.units import OUNCE_G, POUND_G


class VesselKind(StrEnum):
    """What a vessel is; it decides how it is drawn and read."""

    SYRINGE = "syringe"
    CYLINDER = "cylinder"
    JUG = "jug"
    SPOON = "spoon"
    MARKED_CUP = "marked_cup"
    SCALE = "scale"


class Shows(StrEnum):
    """How a scale shows a weight. 6 lb 4 oz is 6.25 lb: growers mix the two up."""

    G = "g"
    LB = "lb"
    LB_OZ = "lb_oz"


_SCALE_UNIT_G = one_each(Shows, {Shows.G: Fraction(1), Shows.LB: POUND_G, Shows.LB_OZ: OUNCE_G})


@dataclass(frozen=True)
class Vessel:
    """A measuring vessel or scale.

    Args:
        kind: what it is.
        capacity: in mL; for a scale in g; for a set of spoons one teaspoon, for a marked cup what
            it holds up to its mark.
        mark: from one mark to the next, in the same unit; for a scale its step, for a set of
            spoons the smallest.
        shows: for a scale, how it shows a weight.
        product: for a marked cup, key of the product whose amount it was marked for.
        words: for a marked cup, what it is: `shot glass to the red line`.

    Raises:
        InputError: a mark above the capacity, more marks than a vessel has, or a cup that is not
            marked for a product and an amount.
    """

    kind: VesselKind
    capacity: Fraction
    mark: Fraction
    shows: Shows = Shows.G
    product: str | None = None
    words: str = ""

    @cached_property
    def _hash(self) -> int:
        """Kept: each amount of a mix is looked up by all vessels that it may be measured with."""
        return hash((self.kind, self.capacity, self.mark, self.shows, self.product, self.words))

    def __hash__(self) -> int:
        return self._hash

    def __post_init__(self) -> None:
        if not 0 < self.mark <= self.capacity <= 1_000_000:
            raise InputError("vessel_unclear.mark", "mark")
        is_cup = self.kind is VesselKind.MARKED_CUP
        if is_cup and (self.product is None or self.mark != self.capacity):
            raise InputError("cup_unclear.product", "product")
        if not is_cup and self.product is not None:
            raise InputError("cup_unclear.unmarked", "product")
        most = 1_000_000 if self.kind is VesselKind.SCALE else 1000
        if self.capacity / self.mark > most:
            raise InputError("vessel_unclear.most_marks", "mark", most=most)

    @property
    def unit(self) -> AmountUnit:
        """What it measures in."""
        return AmountUnit.G if self.kind is VesselKind.SCALE else AmountUnit.ML

    def display(self, level: Fraction) -> str:
        """What a scale shows at a weight in g, or how many teaspoons; empty for other vessels.

        >>> kitchen = Vessel(VesselKind.SCALE, POUND_G * 11, OUNCE_G, Shows.LB_OZ)
        >>> kitchen.display(POUND_G * 25 / 4)
        '6 lb 4 oz'
        """
        if self.kind is VesselKind.SPOON:
            return f"{_spoons(level / self.capacity)} tsp"
        if self.kind is not VesselKind.SCALE:
            return ""
        unit = _SCALE_UNIT_G[self.shows]
        places = _places(self.mark / unit)
        if self.shows is not Shows.LB_OZ:
            return f"{number_text(level / unit, places)} {self.shows}"
        pounds, rest = divmod(level, POUND_G)
        ounces = number_text(rest / OUNCE_G, places)
        return f"{int(pounds)} lb {ounces} oz" if pounds else f"{ounces} oz"


_QUARTERS = {Fraction(1, 4): "¼", Fraction(1, 2): "½", Fraction(3, 4): "¾"}


def _spoons(count: Fraction) -> str:
    """Teaspoons as they are counted: whole ones, a half, quarters."""
    return _QUARTERS.get(count) or decimal_text(rounded(count, 2))


def _places(step: Fraction) -> int:
    """Places after the point that a step of a display needs."""
    return next((n for n in range(4) if (step * 10**n).denominator == 1), 4)


def _vessel(kind: VesselKind, capacity: str, mark: str) -> Vessel:
    return Vessel(kind, Fraction(capacity), Fraction(mark))


USUAL_VESSELS: tuple[Vessel, ...] = (
    _vessel(VesselKind.SYRINGE, "1", "0.01"),
    _vessel(VesselKind.SYRINGE, "5", "0.2"),
    _vessel(VesselKind.SYRINGE, "10", "0.5"),
    _vessel(VesselKind.SYRINGE, "20", "1"),
    _vessel(VesselKind.SYRINGE, "60", "1"),
    _vessel(VesselKind.CYLINDER, "100", "1"),
    _vessel(VesselKind.CYLINDER, "250", "2"),
    _vessel(VesselKind.JUG, "1000", "50"),
    _vessel(VesselKind.SCALE, "500", "0.1"),
    _vessel(VesselKind.SCALE, "5000", "1"),
)
"""For who has not said what is on the bench: capacities common practice, marks as sold, from
memory."""
