"""Units of volume, weight and dose.

Exact values: NIST Handbook 44, Appendix C, for US units; the UK gallon of 4.546 09 L is exact by
the Units of Measurement Regulations 1995. Kitchen measures: 21 CFR 101.9(b)(5)(viii).
"""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.facts import one_each
from core.messages import Worded
from core.quantities.figures import decimal_text, rounded


class VolumeUnit(StrEnum):
    """Units in which the water of a tank is given."""

    ML = "mL"
    L = "L"
    GAL_US = "gal_us"
    GAL_UK = "gal_uk"


LITRES: Mapping[VolumeUnit, Fraction] = one_each(
    VolumeUnit,
    {
        VolumeUnit.ML: Fraction(1, 1000),
        VolumeUnit.L: Fraction(1),
        VolumeUnit.GAL_US: Fraction("3.785411784"),
        VolumeUnit.GAL_UK: Fraction("4.54609"),
    },
)
"""Litres in one of each unit."""

_VOLUME_WORDS = one_each(
    VolumeUnit,
    {
        VolumeUnit.ML: "mL",
        VolumeUnit.L: "L",
        VolumeUnit.GAL_US: "gal US",
        VolumeUnit.GAL_UK: "gal UK",
    },
)


@dataclass(frozen=True, slots=True)
class Volume(Worded):
    """A volume of water, exact, in litres."""

    litres: Fraction

    @classmethod
    def of(cls, value: Fraction, unit: VolumeUnit) -> "Volume":
        """So many of a unit."""
        return cls(value * LITRES[unit])

    def in_unit(self, unit: VolumeUnit) -> Fraction:
        """How many of a unit this is, exactly."""
        return self.litres / LITRES[unit]

    def shown(self, unit: VolumeUnit, places: int = 2) -> str:
        """The volume for people and as they may type it again, rounded to so many places.

        >>> Volume(Fraction(425)).shown(VolumeUnit.GAL_US), Volume(Fraction(20)).shown(VolumeUnit.L)
        ('112.27 gal US', '20 L')
        """
        return f"{decimal_text(rounded(self.in_unit(unit), places))} {_VOLUME_WORDS[unit]}"


POUND_G = Fraction("453.59237")
OUNCE_G = POUND_G / 16


@dataclass(frozen=True, slots=True)
class Weight:
    """A weight, exact, in grams."""

    grams: Fraction


class Spoons(StrEnum):
    """Which spoon and fluid ounce a chart means."""

    METRIC = "metric"
    US = "us"


class AmountUnit(StrEnum):
    """What a pour is measured in."""

    ML = "mL"
    G = "g"


@dataclass(frozen=True, slots=True)
class Amount(Worded):
    """How much of one product, exact."""

    value: Fraction
    unit: AmountUnit


_SPOONS: Mapping[Spoons, dict[str, Fraction]] = one_each(
    Spoons,
    {
        Spoons.METRIC: {"tsp": Fraction(5), "tbsp": Fraction(15), "fl_oz": Fraction(30)},
        Spoons.US: {
            "tsp": Fraction("4.92892159375"),
            "tbsp": Fraction("14.78676478125"),
            "fl_oz": Fraction("29.5735295625"),
        },
    },
)
_DROP_ML = Fraction(1, 20)  # 20 drops to the mL: common practice
_PER = {
    "L": Fraction(1),
    "10L": Fraction(10),
    "100L": Fraction(100),
    "gal_us": LITRES[VolumeUnit.GAL_US],
    "gal_uk": LITRES[VolumeUnit.GAL_UK],
}
_PER_WORDS = {
    "L": "L",
    "10L": "10 L",
    "100L": "100 L",
    "gal_us": "gal (US)",
    "gal_uk": "gal (UK)",
}


class DoseUnit(StrEnum):
    """Units in which charts print doses: a measure per volume of water."""

    ML_PER_L = "mL/L"
    ML_PER_10L = "mL/10L"
    ML_PER_100L = "mL/100L"
    ML_PER_GAL_US = "mL/gal_us"
    ML_PER_GAL_UK = "mL/gal_uk"
    TSP_PER_L = "tsp/L"
    TSP_PER_10L = "tsp/10L"
    TSP_PER_GAL_US = "tsp/gal_us"
    TSP_PER_GAL_UK = "tsp/gal_uk"
    TBSP_PER_10L = "tbsp/10L"
    TBSP_PER_GAL_US = "tbsp/gal_us"
    TBSP_PER_GAL_UK = "tbsp/gal_uk"
    FL_OZ_PER_GAL_US = "fl_oz/gal_us"
    FL_OZ_PER_GAL_UK = "fl_oz/gal_uk"
    DROP_PER_L = "drop/L"
    DROP_PER_10L = "drop/10L"
    DROP_PER_GAL_US = "drop/gal_us"
    DROP_PER_GAL_UK = "drop/gal_uk"
    G_PER_L = "g/L"
    G_PER_10L = "g/10L"
    G_PER_100L = "g/100L"
    G_PER_GAL_US = "g/gal_us"
    G_PER_GAL_UK = "g/gal_uk"
    OZ_PER_GAL_US = "oz/gal_us"
    OZ_PER_GAL_UK = "oz/gal_uk"

    @property
    def measure(self) -> str:
        """What is counted out: mL, g, tsp, tbsp, fl_oz, drop or oz (by weight)."""
        return self.value.partition("/")[0]

    @property
    def words(self) -> str:
        """The unit as a leaflet prints it, the gallon named."""
        measure, _, per = self.value.partition("/")
        return f"{measure.replace('_', ' ')}/{_PER_WORDS[per]}"

    @property
    def amount_unit(self) -> AmountUnit:
        """What a dose in this unit is measured in at the bench."""
        return AmountUnit.G if self.measure in ("g", "oz") else AmountUnit.ML


_IMPERIAL_OUNCE = LITRES[VolumeUnit.GAL_UK] * 1000 / 160
"""mL: beside a UK gallon a fluid ounce is a 160th of it (Units of Measurement Regulations 1995),
whichever spoons a chart means."""


def _size(unit: DoseUnit, spoons: Spoons) -> Fraction:
    """One measure in mL or g."""
    if unit is DoseUnit.FL_OZ_PER_GAL_UK:
        return _IMPERIAL_OUNCE
    match unit.measure:
        case "mL" | "g":
            return Fraction(1)
        case "drop":
            return _DROP_ML
        case "oz":
            return OUNCE_G
        case _:
            return _SPOONS[spoons][unit.measure]


_PER_LITRE: dict[tuple[DoseUnit, Spoons], Fraction] = {
    (unit, spoons): _size(unit, spoons) / _PER[unit.value.partition("/")[2]]
    for unit in DoseUnit
    for spoons in Spoons
}


def amount_of_one(unit: DoseUnit, volume: Volume, spoons: Spoons) -> Fraction:
    """What a printed dose of 1 comes to in a volume of water, in mL or g, at full strength.

    >>> forty = Volume.of(Fraction(40), VolumeUnit.GAL_US)
    >>> 3 * amount_of_one(DoseUnit.ML_PER_GAL_US, forty, Spoons.METRIC)
    Fraction(120, 1)
    """
    return volume.litres * _PER_LITRE[unit, spoons]
