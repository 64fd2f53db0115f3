"""Quantities as people type them; what could mean two things is refused with the choices."""

import re
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from core.errors import InputError
from core.messages import Listed, Message
from core.quantities.dose_units import Gallon, read_dose_unit
from core.quantities.readings import (
    PPM_SCALES,
    Reading,
    ReadingScale,
    ReadingUnit,
)
from core.quantities.typed_numbers import single_number, split_range, tidy_text
from core.quantities.units import OUNCE_G, POUND_G, DoseUnit, Volume, VolumeUnit, Weight

_VOLUME_UNITS: dict[str, VolumeUnit | Literal["gal"]] = {
    **dict.fromkeys(
        ["ml", "mls", "cc", "milliliter", "milliliters", "millilitre", "millilitres"],
        VolumeUnit.ML,
    ),
    **dict.fromkeys(["l", "lt", "ltr", "ltrs", "liter", "liters", "litre", "litres"], VolumeUnit.L),
    **dict.fromkeys(["gal", "gals", "gallon", "gallons"], "gal"),
}
_CUBIC_METRES = frozenset({"m3", "m³", "cbm", "cubic metre", "cubic metres"})
_US_MARKS = frozenset({"us", "u.s.", "american"})
_UK_MARKS = frozenset({"uk", "u.k.", "imp", "imp.", "imperial", "british"})
_POUNDS = {"lb", "lbs", "pound", "pounds"}
_OUNCES = {"oz", "ounce", "ounces"}


@dataclass(frozen=True, slots=True)
class TypedDose:
    """A dose as printed; a single value has low equal to high."""

    low: Fraction
    high: Fraction
    unit: DoseUnit


def _volume_unit(words: str, gallon: Gallon | None) -> VolumeUnit | None:
    """The unit in words, or None if it is none.

    Raises:
        InputError: a gallon, and nobody says which.
    """
    marks = words.replace("(", " ").replace(")", " ").split()
    named = _named_gallons(marks)
    unit = _VOLUME_UNITS.get(" ".join(m for m in marks if m not in _US_MARKS | _UK_MARKS))
    if unit != "gal":
        return None if named else unit
    meant = named or ([gallon] if gallon else [])
    if len(meant) != 1:
        raise _gallon_unsaid()
    return VolumeUnit.GAL_US if meant[0] == "us" else VolumeUnit.GAL_UK


def _named_gallons(marks: list[str]) -> list[Gallon]:
    """The gallons that words name: one, none, or by mistake both."""
    ways: tuple[tuple[Gallon, frozenset[str]], ...] = (("us", _US_MARKS), ("uk", _UK_MARKS))
    return [gallon for gallon, own in ways if not own.isdisjoint(marks)]


def _gallon_unsaid() -> InputError:
    return InputError("ambiguous_gallon")


def parse_volume(
    text: str, *, gallon: Gallon | None = None, unit: VolumeUnit | None = None
) -> Volume:
    """A volume of water, such as `425 L` or `2 1/2 gal`.

    Args:
        text: what was typed.
        gallon: which gallon this grower means, if known.
        unit: the unit of a bare number, if the field has one.

    Raises:
        InputError: no number, an unknown unit, or a gallon that could be either.
    """
    what = Message("typed.volume")
    value, rest = single_number(tidy_text(text, what), what)
    if rest in _CUBIC_METRES:
        return Volume.of(value * 1000, VolumeUnit.L)
    found = _volume_unit(rest, gallon) if rest else unit
    if found is None:
        raise InputError("unknown_unit.volume", text=text.strip())
    return Volume.of(value, found)


def parse_dose(text: str, *, gallon: Gallon | None = None) -> TypedDose:
    """A printed dose, such as `1,5 ml/l`, `2-3 tsp/gal` or `2 ml per 10 L`.

    Raises:
        InputError: as for a volume, or a unit in which charts print no doses.
    """
    what = Message("typed.dose")
    low, high, rest = split_range(tidy_text(text, what), what)
    said = read_dose_unit(rest)
    if said and said.lacks_gallon and gallon is None:
        raise _gallon_unsaid()
    if found := said.with_gallon(gallon).unit() if said else None:
        unit, times = found
        return TypedDose(low * times, high * times, unit)
    raise InputError(
        "unknown_unit.dose",
        text=text.strip(),
        units=Listed(tuple(unit.words for unit in DoseUnit), "comma"),
    )


_EC_UNITS = {
    **dict.fromkeys(["ec", "ms/cm", "ms", "ds/m", "ds"], ReadingUnit.MS_CM),
    **dict.fromkeys(["us/cm", "us"], ReadingUnit.US_CM),
    "cf": ReadingUnit.CF,
}
_PPM = re.compile(r"ppm ?[@(]? ?(?:x ?)?(\d+)? ?(?:scale)? ?\)?", re.ASCII)


def parse_reading(text: str, *, preferred: ReadingScale | None = None) -> Reading:
    """A meter reading, such as `0.6 EC`, `CF 12` or `350 ppm 500`.

    Args:
        text: what was typed.
        preferred: the unit of the grower's own meter, for a bare number, or for ppm without a
            scale if that meter reads ppm.

    Raises:
        InputError: no number, an unknown unit, or ppm that could be on any scale.
    """
    what = Message("typed.reading")
    tidy = tidy_text(text, what)
    if leading := re.match(r"(ec|cf|ppm)\s*[:=]?\s*", tidy):
        tidy = f"{tidy[leading.end() :]} {leading[1]}"
    _refuse_two_scales(tidy)
    value, rest = single_number(tidy, what)
    _refuse_thousands(text, tidy, rest)
    if not rest:
        if preferred is None:
            raise InputError("unknown_unit.bare_reading", text=text.strip())
        return Reading.of(value, preferred)
    if rest in _EC_UNITS:
        return Reading.of(value, ReadingScale(_EC_UNITS[rest]))
    if ppm := _PPM.fullmatch(rest):
        return Reading.of(value, _ppm_scale(text, ppm[1], preferred))
    raise InputError("unknown_unit.reading", text=text.strip())


def _ppm_scale(text: str, named: str | None, preferred: ReadingScale | None) -> ReadingScale:
    """The scale of a reading in ppm: as named, else that of the grower's own meter."""
    if named:
        scale = next((s for s in PPM_SCALES if str(s) == named), None)
        if scale is None:
            raise InputError("unknown_unit.ppm_scale", named=named)
        return ReadingScale(ReadingUnit.PPM, scale)
    if preferred and preferred.unit is ReadingUnit.PPM:
        return preferred
    raise InputError("ppm_without_scale.typed", text=text.strip())


def _refuse_two_scales(tidy: str) -> None:
    """`ppm 500 350`: either may be the scale, and the other the reading."""
    both = re.fullmatch(r"(\d+) (\d+) ppm", tidy)
    scales = {str(scale) for scale in PPM_SCALES}
    if both and scales & {both[1], both[2]}:
        turns = ((both[1], both[2]), (both[2], both[1]))
        ways = [f"{reading} ppm {scale}" for reading, scale in turns if scale in scales]
        raise InputError("ambiguous_reading", ways=Listed(tuple(ways), "or"))


def _refuse_thousands(text: str, tidy: str, unit: str) -> None:
    """`1.200 uS`: a thousand and two hundred as some write it, or one and a fifth."""
    number = re.match(r"[1-9]\d{0,2}\.\d{3}(?!\d)", tidy)
    if number and unit.startswith(("us", "ppm")):
        many, few = number[0].replace(".", ""), f"{float(number[0]):g}"
        raise InputError("ambiguous_number.thousands", text=text.strip(), many=many, few=few)


def parse_weight(text: str) -> Weight:
    """A weight, such as `200 g`, `6.25 lb` or `7 lb 14 oz`.

    Raises:
        InputError: no number or unit, or 16 ounces and more beside pounds.
    """
    what = Message("typed.weight")
    tidy = re.sub(r"(?<=[a-z])\s*,\s*(?=\d)", " ", tidy_text(text, what))
    tidy = re.sub(r"(?<=[a-z])(?=\d)", " ", tidy)  # 7lb14oz
    value, rest = single_number(tidy, what)
    unit, _, more = rest.partition(" ")
    if not more:
        if unit in ("g", "gram", "grams"):
            return Weight(value)
        if unit in ("kg", "kilo", "kilos"):
            return Weight(value * 1000)
        if unit in _OUNCES:
            return Weight(value * OUNCE_G)
    if unit in _POUNDS:
        if not more:
            return Weight(value * POUND_G)
        ounces, ounce_word = single_number(more, what)
        if ounce_word in _OUNCES:
            if ounces >= 16 or value.denominator != 1:
                raise InputError("pounds_and_ounces.typed", text=text.strip())
            return Weight(value * POUND_G + ounces * OUNCE_G)
    raise InputError("unknown_unit.weight", text=text.strip())


def parse_strength(text: str) -> Fraction:
    """A strength as a share of the printed dose: `80 %` or `80` is 4/5.

    Raises:
        InputError: no number, or one such as 0.8 that could be a share or a percentage.
    """
    what = Message("typed.strength")
    value, rest = single_number(tidy_text(text, what), what)
    if rest not in ("", "%", "percent", "per cent", "pct"):
        raise InputError("unknown_unit.strength", text=text.strip())
    if rest == "" and value <= 2:
        percent = f"{float(value * 100):g}"
        raise InputError("ambiguous_strength", text=text.strip(), percent=percent)
    return value / 100
