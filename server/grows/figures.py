"""Figures in requests and answers: exact, each with its unit; what is shown stands beside them.

Who types gives a text, and the units in which it was typed: units that are changed meanwhile, here
or on another device, do not change what was meant.
"""

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from functools import partial
from typing import Annotated, Literal, Protocol, TypeVar

from ninja import Field, Schema
from pydantic import Discriminator, Tag

from core.errors import InputError
from core.limits import LARGEST_VOLUME_L, LONGEST_TYPED, STRONGEST_WATER
from core.quantities import (
    DecimalMark,
    Reading,
    ReadingScale,
    ReadingUnit,
    TankMeant,
    TemperatureUnit,
    Volume,
    VolumeUnit,
    by_decimal_mark,
    decimal_text,
    figure,
    parse_reading,
    parse_strength,
    parse_tank_volume,
    parse_temperature,
    parse_volume,
)
from core.quantities.dose_units import Gallon
from core.water.source import checked_temperature
from server.api.typed import typed, typed_figure
from server.grows.models import Membership

_T = TypeVar("_T")

TypedText = Annotated[str, Field(max_length=LONGEST_TYPED)]


class Figure(Schema):
    """An exact figure: decimal text, and its unit: L, gal_us, gal_uk, mS/cm, %, mL, g, °C or pH."""

    value: Annotated[str, Field(max_length=LONGEST_TYPED)]
    unit: Annotated[str, Field(max_length=12)]


class TypedIn(Schema):
    """The units in which a text was typed, as its screen showed them.

    `decimal` is the mark before decimals; not told, it is the person's own.
    """

    volume: VolumeUnit
    gallon: Literal["us", "uk", ""] = ""
    reading: ReadingUnit
    ppm_scale: Literal[500, 640, 700] | None = None
    temperature: TemperatureUnit = TemperatureUnit.C
    decimal: DecimalMark | None = None


def _tag_of_figure(value: object) -> str:
    return "exact" if isinstance(value, dict | Figure) else "typed"


TypedFigure = Annotated[
    Annotated[TypedText, Tag("typed")] | Annotated[Figure, Tag("exact")],
    Discriminator(_tag_of_figure),
]
"""A text as typed, or an exact figure that somebody took as it stands."""


class _ParseVolume(Protocol):
    def __call__(
        self, text: str, /, *, gallon: Gallon | None = None, unit: VolumeUnit | None = None
    ) -> Volume: ...


@dataclass(frozen=True, slots=True)
class TypedUnits:
    """How bare numbers and bare gallons of a text are meant, and its decimal mark."""

    volume: VolumeUnit
    gallon: Gallon | None
    reading: ReadingScale
    temperature: TemperatureUnit
    mark: DecimalMark

    @classmethod
    def of(cls, typed_in: TypedIn | None, member: Membership) -> "TypedUnits":
        """As the request says, or else as the person's units are now.

        Raises:
            InputError: ppm without its scale.
        """
        if typed_in is None:
            return cls(member.tank_unit, member.meant, member.meter, member.degrees, member.mark)
        scale = typed("typed_in", lambda: ReadingScale(typed_in.reading, typed_in.ppm_scale))
        mark = typed_in.decimal or member.mark
        return cls(typed_in.volume, typed_in.gallon or None, scale, typed_in.temperature, mark)

    def _read(self, where: str, text: str, read: Callable[[str], _T]) -> _T:
        return typed(where, lambda: read(by_decimal_mark(text, self.mark)))

    def plain(self, where: str, text: str) -> Fraction:
        """A bare number: mL, g, pH, a count.

        Raises:
            InputError: it is none, seen from the field `where`.
        """
        return typed_figure(where, text, self.mark)

    def litres(self, where: str, typed_figure: TypedFigure) -> Volume:
        """The volume that was told, above 0 and no larger than any tank.

        Raises:
            InputError: it is none, seen from the field `where`.
        """
        return self._volume(where, typed_figure, parse_volume)

    def tank_litres(
        self, where: str, typed_figure: TypedFigure, tank: TankMeant | None = None
    ) -> Volume:
        """The same of a tank: a share of it and a mark on it are understood, too."""
        return self._volume(where, typed_figure, partial(parse_tank_volume, tank=tank))

    def _volume(self, where: str, typed_figure: TypedFigure, parse: _ParseVolume) -> Volume:
        if isinstance(typed_figure, Figure):
            volume = typed(
                where, lambda: Volume.of(_exact(typed_figure), _volume_unit(typed_figure))
            )
        else:
            volume = self._read(
                where, typed_figure, lambda text: parse(text, gallon=self.gallon, unit=self.volume)
            )
        if not 0 < volume.litres <= LARGEST_VOLUME_L:
            raise InputError("volume_out_of_range.plain", where)
        return volume

    def ec(self, where: str, typed_figure: TypedFigure) -> Reading:
        """The reading of EC that was told, no saltier than the sea.

        Raises:
            InputError: it is none, seen from the field `where`.
        """
        if isinstance(typed_figure, Figure):
            reading = typed(where, lambda: Reading(_in_unit(typed_figure, ReadingUnit.MS_CM)))
        else:
            reading = self._read(
                where, typed_figure, partial(parse_reading, preferred=self.reading)
            )
        if reading.ms_cm > STRONGEST_WATER:
            raise InputError("reading_out_of_range.figures_ec", where)
        return reading

    def celsius(self, where: str, text: str) -> Fraction:
        """The temperature that was told, in °C, as water may have it.

        Raises:
            InputError: it is none, seen from the field `where`.
        """
        degrees = self.degrees(where, text)
        return typed(where, lambda: checked_temperature(degrees))

    def degrees(self, where: str, text: str) -> Fraction:
        """A temperature in °C, of whatever.

        Raises:
            InputError: it is none, seen from the field `where`.
        """
        return self._read(where, text, partial(parse_temperature, unit=self.temperature))


def share_told(where: str, typed_figure: TypedFigure) -> Fraction:
    """The share that was told, such as a strength: 1 for 100 %.

    Raises:
        InputError: it is none, seen from the field `where`.
    """
    if isinstance(typed_figure, Figure):
        return typed(where, lambda: _in_unit(typed_figure, "%") / 100)
    return typed(where, lambda: parse_strength(typed_figure))


def is_blank(typed: TypedFigure | None) -> bool:
    """Whether nothing was typed."""
    return typed is None or (isinstance(typed, str) and not typed.strip())


def ec_figure(reading: Reading | None) -> Figure | None:
    """A reading as it is kept."""
    return None if reading is None else Figure(value=decimal_text(reading.ms_cm), unit="mS/cm")


def litres_figure(litres: Fraction) -> Figure:
    """A volume as it is kept."""
    return Figure(value=decimal_text(litres), unit="L")


def percent_figure(share: Fraction) -> Figure:
    """A share as percent, to the last digit."""
    return Figure(value=decimal_text(share * 100), unit="%")


def percent_shown(share: Fraction) -> str:
    """A share as percent, all its digits."""
    return f"{decimal_text(share * 100)} %"


def _exact(exact: Figure) -> Fraction:
    return figure(exact.value)


def _volume_unit(figure: Figure) -> VolumeUnit:
    try:
        return VolumeUnit(figure.unit)
    except ValueError:
        raise _other_unit(figure.unit) from None


def _in_unit(figure: Figure, unit: str) -> Fraction:
    if figure.unit != unit:
        raise _other_unit(figure.unit)
    return _exact(figure)


def _other_unit(unit: str) -> InputError:
    return InputError("unit_unknown.figure", unit=unit)
