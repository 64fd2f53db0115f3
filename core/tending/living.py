"""The living programme: what its brew takes for any volume, and what oxygen its water can hold."""

from dataclasses import dataclass
from fractions import Fraction
from math import exp

from core.quantities import Volume

BREW_SHARE = Fraction(1, 60)
"""Of the reservoir's volume: brewed inoculant that goes in (common practice: 4 gal in 240)."""

MOLASSES_PER_L = Fraction(1000, 640)
"""mL in a litre of the brew's water: 1 fl oz in 5 US gal (common practice)."""

INOCULANT_PER_L = Fraction(1000, 320)
"""mL in a litre of the brew's water: 2 fl oz in 5 US gal (common practice)."""

ABOVE_SOURCE = Fraction(1)
"""mS/cm above the source at which feed and water hold it: common practice."""

LEAST_OXYGEN, MOST_OXYGEN = 7.0, 9.0
"""mg/L that the roots and the cultures of a living tank want: common practice."""

AERATED_SHARE = 0.9
"""Of saturation: what a good air stone reaches in a warm tank; our own default, a tenth below what
the air allows."""

_KELVIN = 273.15


@dataclass(frozen=True, slots=True)
class Brew:
    """What one inoculation takes.

    Args:
        water_l: litres of water in the bucket, and of brew in the end.
        molasses_ml: on the first day, to stand for 24 h.
        inoculant_ml: on the second, to stand for another 24 h.
    """

    water_l: Fraction
    molasses_ml: Fraction
    inoculant_ml: Fraction


def brew_for(reservoir: Volume) -> Brew:
    """The brew for a reservoir; what its third day pours is `water_l` of it.

    >>> brew_for(Volume(Fraction(90))).water_l
    Fraction(3, 2)
    """
    water = reservoir.litres * BREW_SHARE
    return Brew(
        water_l=water,
        molasses_ml=water * MOLASSES_PER_L,
        inoculant_ml=water * INOCULANT_PER_L,
    )


def oxygen_saturation(temperature: float) -> float:
    """mg/L of oxygen that fresh water holds under air at sea level.

    Args:
        temperature: °C, from 0 to 40.

    Benson and Krause (1984), as in Standard Methods 4500-O and by the U.S. Geological Survey.
    """
    kelvin = temperature + _KELVIN
    terms = (-139.34411, 1.575701e5, -6.642308e7, 1.243800e10, -8.621949e11)
    return exp(sum(term / kelvin**power for power, term in enumerate(terms)))


def oxygen_is_short(temperature: float) -> bool:
    """Whether water of that temperature cannot be kept at what a living tank wants."""
    return oxygen_saturation(temperature) * AERATED_SHARE < LEAST_OXYGEN
