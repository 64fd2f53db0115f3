"""What feed usually brings, where neither a label nor a chart tells: the yardstick beside readings.

A mL of a liquid feed in a litre brings 0.1 to 1 mS/cm: two parts of a common line at 2 mL/L each
bring about 1.4, a weak organic one at 1 fl oz a gallon about 1.0. A g of dry feed in a litre brings
0.4 to 2: 0.75 as magnesium sulfate, 1.3 as potassium nitrate, 2 as potassium chloride. Common
practice, from memory.
"""

from dataclasses import dataclass
from fractions import Fraction

from core.facts import one_each
from core.quantities import AmountUnit


@dataclass(frozen=True, slots=True)
class UsualFeed:
    """mS/cm that a mL or g of feed brings to a litre: the weakest, a common one, the strongest."""

    weakest: Fraction
    common: Fraction
    strongest: Fraction


USUAL_FEED = one_each(
    AmountUnit,
    {
        AmountUnit.ML: UsualFeed(Fraction(1, 10), Fraction(35, 100), Fraction(1)),
        AmountUnit.G: UsualFeed(Fraction(4, 10), Fraction(1), Fraction(2)),
    },
)

STRONGEST_ADDITIVE = Fraction(1, 2)
"""mS/cm that a mL or g of silica, a buffer or a tonic brings to a litre at most: as much as
potassium silicate of 15 % K2O; common practice, from memory."""
