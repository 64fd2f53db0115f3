"""Volumes, doses, readings and weights: exact, and never without their unit."""

from core.quantities.figures import decimal_text, figure, number_text, of_float, rounded
from core.quantities.readings import PpmScale, Reading, ReadingRange, ReadingScale, ReadingUnit
from core.quantities.tank_volume import TankMeant, parse_tank_volume
from core.quantities.temperatures import (
    TemperatureUnit,
    degrees_text,
    on_both_scales,
    parse_temperature,
)
from core.quantities.typed import (
    parse_dose,
    parse_reading,
    parse_strength,
    parse_volume,
    parse_weight,
)
from core.quantities.typed_numbers import DecimalMark, by_decimal_mark
from core.quantities.units import (
    Amount,
    AmountUnit,
    DoseUnit,
    Spoons,
    Volume,
    VolumeUnit,
    Weight,
)

__all__ = [
    "Amount",
    "AmountUnit",
    "DecimalMark",
    "DoseUnit",
    "PpmScale",
    "Reading",
    "ReadingRange",
    "ReadingScale",
    "ReadingUnit",
    "Spoons",
    "TankMeant",
    "TemperatureUnit",
    "Volume",
    "VolumeUnit",
    "Weight",
    "by_decimal_mark",
    "decimal_text",
    "degrees_text",
    "figure",
    "number_text",
    "of_float",
    "on_both_scales",
    "parse_dose",
    "parse_reading",
    "parse_strength",
    "parse_tank_volume",
    "parse_temperature",
    "parse_volume",
    "parse_weight",
    "rounded",
]
