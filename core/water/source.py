"""Where water comes from and what is in it."""

from dataclasses import dataclass, fields
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.limits import COLDEST_WATER_C, HOTTEST_WATER_C, LARGEST_PPM, MOST_HOURS_STOOD
from core.messages import Celsius
from core.quantities import Reading


class WaterKind(StrEnum):
    """Where water comes from."""

    RO = "ro"
    RAIN = "rain"
    MAINS = "mains"
    WELL = "well"


def checked_temperature(celsius: Fraction) -> Fraction:
    """A temperature that water to be mixed may have.

    Raises:
        InputError: colder than ice, or hotter than any tank.
    """
    if not COLDEST_WATER_C <= celsius <= HOTTEST_WATER_C:
        low, high = Celsius(Fraction(COLDEST_WATER_C)), Celsius(Fraction(HOTTEST_WATER_C))
        raise InputError("temperature_out_of_range.water", "temperature", low=low, high=high)
    return celsius


SOFT_KINDS = frozenset({WaterKind.RO, WaterKind.RAIN})
"""Kinds without calcium and without a buffer."""


class Disinfectant(StrEnum):
    """What keeps mains water free of germs, and harms live cultures and roots."""

    NONE = "none"
    CHLORINE = "chlorine"
    CHLORAMINE = "chloramine"


HARD_MS_CM = Fraction(2, 5)
"""Hard above 200 ppm in total (common practice); read on the 500 scale, as most such pens are."""

HARD_CALCIUM_PPM = Fraction(70)
"""Hard above 70 ppm calcium (common practice)."""

LIME_MS_CM_PER_PPM = Fraction("0.0052")
DOLOMITE_MS_CM_PER_PPM = Fraction("0.0080")
"""mS/cm that a ppm of calcium conducts as bicarbonate, and one of magnesium: 59.5 + 44.5 S·cm² per
equivalent of 20.04 g, 53.0 + 44.5 per equivalent of 12.15 g (the CRC Handbook's limiting
conductivities, from memory); a test holds both to PHREEQC."""

SALTY_SODIUM_PPM, SALTY_CHLORIDE_PPM = Fraction(50), Fraction(100)
"""Above these plants suffer: the top of the general ranges of a feed (see `core.windows`)."""

SOFT_READS_MS_CM = Fraction(1, 5)
"""RO and rain that read more are not what they are called: a membrane in order leaves 0.02 to 0.1
(common practice)."""

BUFFERED_PPM = Fraction(30)
"""mg/L CaCO3 of alkalinity from which the pH of a feed stands still: common practice."""

NO_ALKALINITY_PH = Fraction("4.3")
TRACE_ALKALINITY = Fraction(5)
"""The pH at which titration finds no alkalinity any more (Standard Methods 2320 B, from memory),
and mg/L CaCO3 that a pen's error and a lab's rounding may leave below it."""

UNBUFFERED_MS_CM = Fraction(1, 10)
"""A water that reads no more has no room for a buffer: 30 mg/L CaCO3 as calcium bicarbonate conduct
about 0.06 mS/cm (CRC Handbook's limiting conductivities, from memory)."""

_BICARBONATE_MS_CM_PER_PPM = Fraction("0.0021")
"""mS/cm of a mg/L CaCO3 of alkalinity as calcium bicarbonate: 104 S·cm² per 50.04 g, likewise."""

GASSED_OFF_H = Fraction(24)
"""Hours in which chlorine leaves open water; chloramine does not: common practice."""


@dataclass(frozen=True, slots=True)
class LabReport:
    """What a laboratory found in a water; mg/L of the element, None where it did not look.

    Args:
        alkalinity: mg/L as CaCO3; 50.04 are one meq/L.
    """

    calcium: Fraction | None = None
    magnesium: Fraction | None = None
    potassium: Fraction | None = None
    sodium: Fraction | None = None
    chloride: Fraction | None = None
    sulfur: Fraction | None = None
    nitrate_n: Fraction | None = None
    alkalinity: Fraction | None = None

    def __post_init__(self) -> None:
        for name in REPORT_FIELDS:
            value = getattr(self, name)
            if value is not None and value > LARGEST_PPM:
                raise InputError("report_out_of_range", f"{name}_ppm")


REPORT_FIELDS = tuple(field.name for field in fields(LabReport))


@dataclass(frozen=True, slots=True)
class BlendPart:
    """One water of a blend, and its share of the whole."""

    name: str
    share: Fraction


@dataclass(frozen=True, slots=True)
class Water:
    """The source water.

    Args:
        reading: its EC, or None if nobody has read it.
        kind: where it comes from, if known.
        report: what a laboratory found.
        ph: its pH, if read.
        temperature: in °C, if read.
        disinfectant: what the works add; None if unknown.
        stood_h: hours for which it has stood open.
        parts: for a blend, the waters in it.
    """

    reading: Reading | None = None
    kind: WaterKind | None = None
    report: LabReport = LabReport()
    ph: Fraction | None = None
    temperature: Fraction | None = None
    disinfectant: Disinfectant | None = None
    stood_h: Fraction = Fraction(0)
    parts: tuple[BlendPart, ...] = ()

    def __post_init__(self) -> None:
        if self.ph is not None and not 0 <= self.ph <= 14:
            raise InputError("ph_out_of_range.high", "ph")
        alkalinity = self.report.alkalinity or 0
        if self.ph is not None and self.ph < NO_ALKALINITY_PH and alkalinity > TRACE_ALKALINITY:
            raise InputError("water_impossible", "ph")
        if self.temperature is not None:
            checked_temperature(self.temperature)
        if self.stood_h > MOST_HOURS_STOOD:
            raise InputError("hours_out_of_range", "stood_h")

    @property
    def is_hard(self) -> bool:
        """Whether it counts as hard by its reading or its calcium."""
        calcium = self.report.calcium
        by_reading = self.reading is not None and self.reading.ms_cm > HARD_MS_CM
        return by_reading or (calcium is not None and calcium > HARD_CALCIUM_PPM)

    @property
    def is_limy(self) -> bool:
        """Whether its calcium is known to be much."""
        return self.report.calcium is not None and self.report.calcium > HARD_CALCIUM_PPM

    @property
    def is_salty(self) -> bool:
        """Whether it is known to bring much sodium or chloride, or mostly other salts than lime."""
        report = self.report
        by_report = (report.sodium or 0) > SALTY_SODIUM_PPM or (
            (report.chloride or 0) > SALTY_CHLORIDE_PPM
        )
        return by_report or self._reads_more_than_lime

    @property
    def _reads_more_than_lime(self) -> bool:
        """Whether lime and dolomite make less than half of a high reading; not where calcium or
        magnesium are not known, which may be all of it."""
        report = self.report
        if self.reading is None or report.calcium is None or report.magnesium is None:
            return False
        by_metals = report.calcium * LIME_MS_CM_PER_PPM
        by_metals += report.magnesium * DOLOMITE_MS_CM_PER_PPM
        by_alkalinity = (report.alkalinity or 0) * _BICARBONATE_MS_CM_PER_PPM
        return self.reading.ms_cm > max(HARD_MS_CM, 2 * max(by_metals, by_alkalinity))

    @property
    def is_chlorinated(self) -> bool:
        """Whether chlorine or chloramine has to be expected; mains count unless known clean."""
        if self.disinfectant is Disinfectant.CHLORAMINE:
            return True
        if self.disinfectant is None and self.kind is not WaterKind.MAINS:
            return False
        return self.disinfectant is not Disinfectant.NONE and self.hours_to_stand > 0

    @property
    def hours_to_stand(self) -> Fraction:
        """Hours until chlorine has left it."""
        return max(GASSED_OFF_H - self.stood_h, Fraction(0))

    @property
    def lacks_buffer(self) -> bool:
        """Whether nothing in it holds the pH."""
        if self.report.alkalinity is not None:
            return self.report.alkalinity < BUFFERED_PPM
        by_reading = self.reading is not None and self.reading.ms_cm <= UNBUFFERED_MS_CM
        return self.kind in SOFT_KINDS or by_reading
