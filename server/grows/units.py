"""The units in which a person reads and pours."""

from typing import Literal

from django.http import HttpRequest
from ninja import Router, Schema

from core.guided import Pace
from core.quantities import ReadingUnit, Spoons, VolumeUnit
from server.api.shapes import ErrorOut, Kept
from server.grows.models import Membership
from server.grows.scope import Scope

router = Router(tags=["units"])

_GALLONS = {VolumeUnit.GAL_US: "us", VolumeUnit.GAL_UK: "uk"}


class UnitsIn(Schema):
    """What to use from now on; ppm with its scale. The gallon follows the volume, if it is one."""

    volume: Literal[VolumeUnit.L, VolumeUnit.GAL_US, VolumeUnit.GAL_UK]
    reading: Literal["mS/cm", "uS/cm", "CF", "ppm 500", "ppm 640", "ppm 700"]
    spoons: Spoons


class PaceIn(Schema):
    """How much this person wants to press at the bench."""

    pace: Pace


class UnitsOut(Schema):
    """The units this person reads and pours in."""

    volume: VolumeUnit
    gallon: str
    reading: ReadingUnit
    ppm_scale: int | None
    reading_words: str
    spoons: Spoons


def units_out(membership: Membership) -> UnitsOut:
    """The units of a member."""
    return UnitsOut(
        volume=membership.tank_unit,
        gallon=membership.gallon,
        reading=ReadingUnit(membership.reading_unit),
        ppm_scale=membership.ppm_scale,
        reading_words=membership.meter.words,
        spoons=Spoons(membership.spoons),
    )


@router.put(
    "/grows/{grow_id}/units",
    response={200: Kept, 404: ErrorOut, 422: ErrorOut},
    operation_id="set_units",
)
def set_units(request: HttpRequest, grow_id: int, told: UnitsIn) -> Kept:
    """Keep the units of this person in this grow."""
    membership = Scope.enter(request.user, grow_id).membership
    unit, _, scale = told.reading.partition(" ")
    membership.volume_unit = told.volume
    membership.gallon = _GALLONS.get(told.volume, membership.gallon)
    membership.reading_unit = ReadingUnit(unit)
    membership.ppm_scale = int(scale) if scale else None
    membership.spoons = told.spoons
    membership.save()
    return Kept()


@router.put(
    "/grows/{grow_id}/pace",
    response={200: Kept, 404: ErrorOut, 422: ErrorOut},
    operation_id="set_pace",
)
def set_pace(request: HttpRequest, grow_id: int, told: PaceIn) -> Kept:
    """Keep the pace of this person at the bench of this grow."""
    membership = Scope.enter(request.user, grow_id).membership
    membership.pace = told.pace
    membership.save(update_fields=["pace"])
    return Kept()
