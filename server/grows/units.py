"""The units in which a person reads and pours."""

from typing import Literal

from django.http import HttpRequest
from ninja import Router, Schema

from core.guided import Pace
from core.quantities import ReadingUnit, Spoons, TemperatureUnit, VolumeUnit
from server.api.shapes import ErrorOut, Kept
from server.grows.models import Clock, DateStyle, DecimalMark, Membership
from server.grows.scope import Scope

router = Router(tags=["units"])

_GALLONS = {VolumeUnit.GAL_US: "us", VolumeUnit.GAL_UK: "uk"}


class UnitsIn(Schema):
    """What to use from now on; ppm with its scale. The gallon follows the volume, if it is one.

    What is not told of temperatures, the decimal mark, the clock and dates stays.
    """

    volume: Literal[VolumeUnit.L, VolumeUnit.GAL_US, VolumeUnit.GAL_UK]
    reading: Literal["mS/cm", "uS/cm", "CF", "ppm 500", "ppm 640", "ppm 700"]
    spoons: Spoons
    temperature: TemperatureUnit | None = None
    decimal: DecimalMark | None = None
    clock: Clock | None = None
    dates: DateStyle | None = None


class PaceIn(Schema):
    """How much this person wants to press at the bench, and whether it is dark; or one of both."""

    pace: Pace | None = None
    night: bool | None = None


class UnitsOut(Schema):
    """The units this person reads and pours in, and how numbers, times and dates are written."""

    volume: VolumeUnit
    gallon: str
    reading: ReadingUnit
    ppm_scale: int | None
    reading_words: str
    spoons: Spoons
    temperature: TemperatureUnit
    decimal: DecimalMark
    clock: Clock
    dates: DateStyle


def units_out(membership: Membership) -> UnitsOut:
    """The units of a member."""
    return UnitsOut(
        volume=membership.tank_unit,
        gallon=membership.gallon,
        reading=ReadingUnit(membership.reading_unit),
        ppm_scale=membership.ppm_scale,
        reading_words=membership.meter.words,
        spoons=Spoons(membership.spoons),
        temperature=membership.degrees,
        decimal=DecimalMark(membership.decimal_mark),
        clock=Clock(membership.clock),
        dates=DateStyle(membership.dates),
    )


@router.put(
    "/grows/{grow_id}/units",
    response={200: Kept, 404: ErrorOut, 422: ErrorOut},
    operation_id="set_units",
)
def set_units(request: HttpRequest, grow_id: int, body: UnitsIn) -> Kept:
    """Keep the units of this person in this grow."""
    membership = Scope.enter(request.user, grow_id).membership
    unit, _, scale = body.reading.partition(" ")
    membership.volume_unit = body.volume
    membership.gallon = _GALLONS.get(body.volume, membership.gallon)
    membership.reading_unit = ReadingUnit(unit)
    membership.ppm_scale = int(scale) if scale else None
    membership.spoons = body.spoons
    membership.temperature_unit = body.temperature or membership.temperature_unit
    membership.decimal_mark = body.decimal or membership.decimal_mark
    membership.clock = body.clock or membership.clock
    membership.dates = body.dates or membership.dates
    membership.save()
    return Kept()


@router.put(
    "/grows/{grow_id}/pace",
    response={200: Kept, 404: ErrorOut, 422: ErrorOut},
    operation_id="set_pace",
)
def set_pace(request: HttpRequest, grow_id: int, body: PaceIn) -> Kept:
    """Keep how this person has the bench of this grow: the pace, and by day or night."""
    membership = Scope.enter(request.user, grow_id).membership
    membership.pace = body.pace or membership.pace
    membership.night = membership.night if body.night is None else body.night
    membership.save(update_fields=["pace", "night"])
    return Kept()
