"""A tank drawn from what a grower measures: litres, sections and levels follow each change."""

from fractions import Fraction
from typing import Annotated

from django.http import HttpRequest, HttpResponse
from ninja import Field, Router, Schema
from pydantic import BaseModel

from core.errors import InputError
from core.formats import document_of
from core.formats.tank import CM_IN, JoinedDocument
from core.limits import MOST_PARTS
from core.quantities import Volume, VolumeUnit, decimal_text, figure, rounded
from core.tanks import MeasuredPart, MeasuredTank, Part, measure_tank
from server.api.shapes import ErrorOut
from server.api.typed import typed
from server.grows.figures import Figure, TypedFigure, TypedIn, TypedUnits, litres_figure
from server.grows.scope import Scope
from server.tanks.models import Tank

router = Router(tags=["tanks"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}
Points = list[list[float]]


class FillTo(Schema):
    """One of the vessels, filled until all of that kind hold so much."""

    vessel: Annotated[int, Field(ge=0, lt=MOST_PARTS)]
    volume: TypedFigure
    typed_in: TypedIn | None = None


class JoinedIn(Schema):
    """Vessels that are joined, and perhaps to what one of them is filled."""

    joined: JoinedDocument
    fill: FillTo | None = None


class DrawnVessel(BaseModel):
    """A vessel as it is drawn, in cm: its section, what of it is wet, and what it comes to.

    `level` is in the unit of the tape, as it would be typed again.
    """

    shown: str
    rim_shown: str
    level: str
    freeboard_cm: float
    touches_plug: bool | None
    outline: Points
    water: Points


class MeasuredOut(BaseModel):
    """A tank that was measured; `joined` is what it follows from, with the level that was asked."""

    litres: Figure
    shown: str
    standing_shown: str | None
    joined: JoinedDocument
    vessels: list[DrawnVessel]


class DrawnOut(BaseModel):
    """How a tank is drawn; None where nobody drew it. `litres` is what it is believed to hold."""

    litres: Figure
    shown: str
    measured: MeasuredOut | None


@router.post(
    "/grows/{grow_id}/tank-drawing",
    response={200: MeasuredOut, **_ANSWERS},
    operation_id="measure_tank",
)
def measure(request: HttpRequest, grow_id: int, body: JoinedIn) -> HttpResponse:
    """What vessels hold, and how they are drawn; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    joined = body.joined
    if body.fill is not None:
        joined = _filled(joined, body.fill, TypedUnits.of(body.fill.typed_in, scope.membership))
    tank = typed("joined", lambda: measure_tank(joined.parts()))
    out = _measured_out(tank, joined, scope.membership.tank_unit)
    return HttpResponse(out.model_dump_json(), content_type="application/json")


@router.get(
    "/grows/{grow_id}/tanks/{tank_id}/drawing",
    response={200: DrawnOut, **_ANSWERS},
    operation_id="tank_drawing",
)
def drawing(request: HttpRequest, grow_id: int, tank_id: int) -> HttpResponse:
    """How a tank is drawn, and what it is believed to hold."""
    scope = Scope.enter(request.user, grow_id)
    tank, unit = scope.one(scope.all(Tank), tank_id), scope.membership.tank_unit
    measured = None
    if tank.joined is not None:
        joined = document_of(JoinedDocument, tank.joined)
        measured = _measured_out(measure_tank(joined.parts()), joined, unit)
    litres = figure(tank.litres)
    out = DrawnOut(
        litres=litres_figure(litres), shown=_shown(Volume(litres), unit), measured=measured
    )
    return HttpResponse(out.model_dump_json(), content_type="application/json")


def _measured_out(tank: MeasuredTank, joined: JoinedDocument, unit: VolumeUnit) -> MeasuredOut:
    """A tank that was measured, for who reads volumes in such a unit."""
    levels = [decimal_text(vessel.level) for vessel in joined.vessels]
    return MeasuredOut(
        litres=litres_figure(tank.volume.litres),
        shown=_shown(tank.volume, unit),
        standing_shown=None if tank.standing == tank.volume else _shown(tank.standing, unit),
        joined=joined,
        vessels=[
            _vessel_out(one, level, unit) for one, level in zip(tank.parts, levels, strict=True)
        ],
    )


def _vessel_out(one: MeasuredPart, level: str, unit: VolumeUnit) -> DrawnVessel:
    return DrawnVessel(
        shown=_shown(Volume(one.litres), unit),
        rim_shown=_shown(Volume(one.rim), unit),
        level=level,
        freeboard_cm=one.freeboard,
        touches_plug=one.touches_plug,
        outline=[list(point) for point in one.outline],
        water=[list(point) for point in one.water],
    )


def _shown(volume: Volume, unit: VolumeUnit) -> str:
    return volume.shown(unit, 1 if volume.litres >= 1 else 2)


def _filled(joined: JoinedDocument, fill: FillTo, units: TypedUnits) -> JoinedDocument:
    """The vessels with one of them filled to hold so much; to its rim where it never does."""
    parts = typed("joined", joined.parts)
    if fill.vessel >= len(parts):
        raise InputError("not_a_choice.vessel", "fill.vessel")
    volume = units.litres("fill.volume", fill.volume)
    cm = Fraction(parts[fill.vessel].level_holding(float(volume.litres)))
    vessels = list(joined.vessels)
    level = min(rounded(cm / CM_IN[joined.unit], 2), _rim(parts[fill.vessel], joined))
    vessels[fill.vessel] = vessels[fill.vessel].model_copy(update={"level": level})
    return joined.model_copy(update={"vessels": vessels})


def _rim(part: Part, joined: JoinedDocument) -> Fraction:
    """How high it is, as the tape shows it: a rounded level stays below it."""
    return Fraction(part.shape.height).limit_denominator(10**9) / CM_IN[joined.unit]
