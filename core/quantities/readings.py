"""Strength of a solution as meters show it: EC, CF, or ppm on a named scale."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction
from typing import Literal

from core.errors import InputError
from core.messages import Worded
from core.quantities.figures import number_text

PpmScale = Literal[500, 640, 700]
PPM_SCALES: tuple[PpmScale, ...] = (500, 640, 700)
"""ppm per mS/cm on the scales that pens use: common practice."""


class ReadingUnit(StrEnum):
    """Units of a reading; mS/cm is the same as dS/m and what growers call EC."""

    MS_CM = "mS/cm"
    US_CM = "uS/cm"
    CF = "CF"
    PPM = "ppm"


@dataclass(frozen=True, slots=True)
class ReadingScale:
    """A unit of reading, with the scale if it is ppm.

    Raises:
        InputError: ppm without its scale, or a scale with another unit.
    """

    unit: ReadingUnit = ReadingUnit.MS_CM
    scale: PpmScale | None = None

    def __post_init__(self) -> None:
        if self.unit is ReadingUnit.PPM and self.scale not in PPM_SCALES:
            raise InputError("ppm_without_scale.pen", "scale")
        if self.unit is not ReadingUnit.PPM and self.scale is not None:
            raise InputError("scale_without_ppm", "scale", unit=self.unit)

    @property
    def per_ms_cm(self) -> int:
        """How many of this unit are one mS/cm."""
        match self.unit:
            case ReadingUnit.MS_CM:
                return 1
            case ReadingUnit.US_CM:
                return 1000
            case ReadingUnit.CF:
                return 10
            case ReadingUnit.PPM:
                assert self.scale is not None
                return self.scale

    @property
    def places(self) -> int:
        """Places after the point that pens show in this unit: common practice."""
        return {ReadingUnit.MS_CM: 2, ReadingUnit.CF: 1}.get(self.unit, 0)

    @property
    def words(self) -> str:
        """The unit as people write it, the ppm scale named."""
        if self.unit is ReadingUnit.PPM:
            return f"ppm ({self.scale})"
        return "µS/cm" if self.unit is ReadingUnit.US_CM else str(self.unit)


@dataclass(frozen=True, slots=True, order=True)
class Reading(Worded):
    """The strength of a solution, exact, in mS/cm at 25 °C."""

    ms_cm: Fraction

    @classmethod
    def of(cls, value: Fraction, scale: ReadingScale) -> "Reading":
        """So many of a unit."""
        return cls(value / scale.per_ms_cm)

    def in_unit(self, scale: ReadingScale) -> Fraction:
        """The reading in another unit, exactly."""
        return self.ms_cm * scale.per_ms_cm

    def shown(self, scale: ReadingScale) -> str:
        """The figure as a pen in that unit would show it, without the unit."""
        return number_text(self.in_unit(scale), scale.places)


@dataclass(frozen=True, slots=True)
class ReadingRange:
    """A reading, or a range of them; a single one has low equal to high."""

    low: Reading
    high: Reading

    def __post_init__(self) -> None:
        if self.low > self.high:
            raise InputError("range_upside_down.reading", "low")

    @property
    def middle(self) -> Reading:
        """The one number where one is needed."""
        return Reading((self.low.ms_cm + self.high.ms_cm) / 2)

    def times(self, share: Fraction) -> "ReadingRange":
        """Both ends multiplied."""
        return ReadingRange(Reading(self.low.ms_cm * share), Reading(self.high.ms_cm * share))

    def above(self, source: Reading) -> "ReadingRange":
        """Both ends on top of a source reading."""
        return ReadingRange(
            Reading(source.ms_cm + self.low.ms_cm), Reading(source.ms_cm + self.high.ms_cm)
        )
