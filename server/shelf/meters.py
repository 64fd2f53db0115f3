"""Meters of a grow: calibrated in known solutions, due again, and what that does to a reading."""

from datetime import date
from typing import Annotated
from zoneinfo import ZoneInfo

from django.db import transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.errors import InputError
from core.limits import LONGEST_TYPED
from core.meters import (
    BUFFERS,
    EC_STANDARDS,
    MEASURES,
    Measures,
    MeterKind,
    Point,
    calibrate,
    due_on,
)
from core.quantities import decimal_text, rounded
from server.api.shapes import ErrorOut, Kept, Made, Name
from server.api.typed import exact_decimal, typed_figure
from server.grows.figures import TypedFigure, TypedIn, TypedUnits
from server.grows.named import save_named
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.shelf.calibrations import CalibrationOut, calibration_out, last_calibrations
from server.shelf.models import CalibrationEntry, Meter

router = Router(tags=["meters"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
MOST_METERS = 50


class MeterIn(Schema):
    """A meter that is read by hand, and how often it is calibrated."""

    name: Name
    kind: MeterKind = MeterKind.PEN
    every_days: Annotated[int, Field(ge=1, le=999)] = 30


class MeterDays(Schema):
    """How often a meter is calibrated from now on."""

    every_days: Annotated[int, Field(ge=1, le=999)]


class PointIn(Schema):
    """A standard by its name, such as 1.413 or 7, and what the meter read in it, as typed."""

    standard: Annotated[str, Field(max_length=LONGEST_TYPED)]
    read: TypedFigure


class CalibrationIn(Schema):
    """What a meter read; `degrees` of the standards, a bare number in the person's unit."""

    measures: Measures
    points: Annotated[list[PointIn], Field(min_length=1, max_length=3)]
    degrees: Annotated[str, Field(max_length=LONGEST_TYPED)] = "25 °C"
    typed_in: TypedIn | None = None


class MeterOut(Schema):
    """A meter with its last calibrations; `due_on` by the older of them, None where it has none."""

    id: int
    name: str
    kind: MeterKind
    measures: list[Measures]
    every_days: int
    connected: bool
    ec: CalibrationOut | None
    ph: CalibrationOut | None
    due_on: date | None


class MetersOut(Schema):
    """All meters of a grow, and the standards that they are calibrated in, as they are named."""

    meters: list[MeterOut]
    today: date
    ec_standards: list[str]
    buffers: list[str]


@router.get("/grows/{grow_id}/meters", response={200: MetersOut, **_ANSWERS}, operation_id="meters")
def meters(request: HttpRequest, grow_id: int) -> MetersOut:
    """The meters of a grow."""
    scope = Scope.enter(request.user, grow_id)
    zone = ZoneInfo(scope.grow.time_zone)
    today = timezone.now().astimezone(zone).date()
    last = last_calibrations(scope)
    found = []
    for meter in scope.all(Meter):
        kinds = sorted(MEASURES[MeterKind(meter.kind)])
        told = {what: last.get((meter.pk, what)) for what in kinds}
        days = [one.at.astimezone(zone).date() if one else None for one in told.values()]
        due = [due_on(day, meter.every_days, today) for day in days]
        outs = {what: calibration_out(one, zone) if one else None for what, one in told.items()}
        found.append(
            MeterOut(
                id=meter.pk,
                name=meter.name,
                kind=MeterKind(meter.kind),
                measures=kinds,
                every_days=meter.every_days,
                connected=meter.connection != Meter.Connection.BY_HAND,
                ec=outs.get(Measures.EC),
                ph=outs.get(Measures.PH),
                due_on=min(due, default=None),
            )
        )
    return MetersOut(
        meters=found,
        today=today,
        ec_standards=[decimal_text(one) for one in EC_STANDARDS],
        buffers=[decimal_text(one) for one in BUFFERS],
    )


@router.post("/grows/{grow_id}/meters", response={201: Made, **_ANSWERS}, operation_id="add_meter")
@transaction.atomic
def add_meter(request: HttpRequest, grow_id: int, body: MeterIn) -> Status[Made]:
    """Add a meter that is read by hand."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    if scope.all(Meter).count() >= MOST_METERS:
        raise InputError("too_many_or_few.meters", "name", most_meters=MOST_METERS)
    meter = Meter(
        grow=scope.grow, name=body.name.strip(), kind=body.kind.value, every_days=body.every_days
    )
    return Status(201, Made(id=save_named("meter", meter).pk))


@router.patch(
    "/grows/{grow_id}/meters/{meter_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="edit_meter",
)
def edit_meter(request: HttpRequest, grow_id: int, meter_id: int, body: MeterDays) -> Kept:
    """Change how often a meter is calibrated."""
    scope = Scope.enter(request.user, grow_id)
    meter = scope.one(scope.all(Meter), meter_id)
    meter.every_days = body.every_days
    meter.save(update_fields=["every_days"])
    return Kept()


@router.delete(
    "/grows/{grow_id}/meters/{meter_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="remove_meter",
)
def remove_meter(request: HttpRequest, grow_id: int, meter_id: int) -> Kept:
    """Remove a meter with its calibrations."""
    scope = Scope.enter(request.user, grow_id)
    scope.one(scope.all(Meter), meter_id).delete()
    return Kept()


@router.post(
    "/grows/{grow_id}/meters/{meter_id}/calibrations",
    response={201: CalibrationOut, **_ANSWERS},
    operation_id="calibrate_meter",
)
@transaction.atomic
def calibrate_meter(
    request: HttpRequest, grow_id: int, meter_id: int, body: CalibrationIn, once: Once = None
) -> Status[CalibrationOut]:
    """Keep what a meter read in its standards, and say how far it is off."""
    scope = Scope.enter(request.user, grow_id)
    meter = scope.one(scope.all(Meter), meter_id)
    zone = ZoneInfo(scope.grow.time_zone)
    if was_heard(scope, once) and (last := meter.calibrations.last()):
        return Status(201, calibration_out(last, zone))
    if body.measures not in MEASURES[MeterKind(meter.kind)]:
        raise InputError("not_measured", "measures", meter=meter.name)
    units = TypedUnits.of(body.typed_in, scope.membership)
    degrees = units.degrees("degrees", body.degrees)
    points = _points(units, body)
    calibrate(body.measures, points, degrees)  # refuses what is none
    entry = CalibrationEntry.objects.create(
        grow=scope.grow,
        meter=meter,
        measures=body.measures.value,
        points=[
            {"standard": decimal_text(point.standard), "read": decimal_text(rounded(point.read, 6))}
            for point in points
        ],
        degrees=exact_decimal(degrees, 1),
        by_id=scope.membership.person_id,
    )
    return Status(201, calibration_out(entry, zone))


def _points(units: TypedUnits, body: CalibrationIn) -> list[Point]:
    """What was typed: EC in the person's units, pH as it is."""
    found = []
    for at, one in enumerate(body.points):
        where = f"points[{at}].read"
        standard = typed_figure(f"points[{at}].standard", one.standard)
        if body.measures is Measures.EC:
            read = units.ec(where, one.read).ms_cm
        else:
            reading = one.read
            if isinstance(reading, str):
                read = units.plain(where, reading)
            else:
                read = typed_figure(where, reading.value)
        found.append(Point(standard, read))
    return found
