"""Temperatures: kept in °C, typed and shown in °C or °F."""

import re
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.messages import Message
from core.quantities.figures import decimal_text, number_text
from core.quantities.typed_numbers import single_number, tidy_text

_FREEZING_F = 32
_F_PER_C = Fraction(9, 5)


class TemperatureUnit(StrEnum):
    """A scale of temperature."""

    C = "C"
    F = "F"

    @property
    def words(self) -> str:
        """As it is written behind a figure."""
        return f"°{self.value}"


_UNITS = {
    **dict.fromkeys(["c", "celsius", "centigrade"], TemperatureUnit.C),
    **dict.fromkeys(["f", "fahrenheit"], TemperatureUnit.F),
}


def degrees_in(celsius: Fraction, unit: TemperatureUnit) -> Fraction:
    """A temperature on a scale.

    >>> degrees_in(Fraction(20), TemperatureUnit.F)
    Fraction(68, 1)
    """
    return celsius if unit is TemperatureUnit.C else celsius * _F_PER_C + _FREEZING_F


def celsius_of(degrees: Fraction, unit: TemperatureUnit) -> Fraction:
    """A temperature in °C.

    >>> celsius_of(Fraction(50), TemperatureUnit.F)
    Fraction(10, 1)
    """
    return degrees if unit is TemperatureUnit.C else (degrees - _FREEZING_F) / _F_PER_C


def degrees_text(celsius: Fraction, unit: TemperatureUnit) -> str:
    """The bare number on a scale, as fine as it was typed in °C, to a tenth in °F.

    >>> degrees_text(Fraction(190, 9), TemperatureUnit.F)
    '70'
    """
    if unit is TemperatureUnit.C:
        return decimal_text(celsius)
    return number_text(degrees_in(celsius, unit), 1).removesuffix(".0")


def on_both_scales(celsius: Fraction) -> str:
    """A temperature for a sentence that anybody may read.

    >>> on_both_scales(Fraction(8))
    '8 °C (46 °F)'
    """
    in_c = number_text(celsius, 1).removesuffix(".0")
    return f"{in_c} °C ({number_text(degrees_in(celsius, TemperatureUnit.F), 0)} °F)"


def parse_temperature(text: str, *, unit: TemperatureUnit) -> Fraction:
    """A temperature in °C, such as `20`, `68 °F` or `20,5 C`.

    Args:
        text: what was typed.
        unit: the scale of a bare number.

    Raises:
        InputError: no number, or words behind it that are no scale.
    """
    value, rest = single_number(
        tidy_text(text, Message("typed.temperature")), Message("typed.temperature")
    )
    named = re.sub(r"^(°|º|degrees|deg\.?)\s*", "", rest).strip()
    scale = _UNITS.get(named) if named else unit
    if scale is None:
        raise InputError("unknown_unit.temperature", text=text.strip())
    return celsius_of(value, scale)
