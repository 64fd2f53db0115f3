"""Water sources: readings, lab reports, and how much of another water is wanted."""

from datetime import date
from typing import Annotated

from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema

from core.errors import InputError
from core.mix.request import STRONGEST_WATER
from core.quantities import decimal_text, number_text, parse_reading
from core.water import REPORT_FIELDS, Disinfectant, Wanted, WaterKind, share_for
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.api.typed import exact_decimal, optional_decimal, typed, typed_figure
from server.api.units import Kept
from server.grows.scope import Scope
from server.tanks.models import WaterSource

router = Router(tags=["waters"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}
Typed = Annotated[str, Field(max_length=30)]


class ReportIn(Schema):
    """A source's last reading and lab report as typed, ppm; empty for what nobody has measured."""

    kind: WaterKind
    reading: Annotated[str, Field(max_length=60)] = ""
    ph: Typed = ""
    temperature: Typed = ""
    disinfectant: Disinfectant | None = None
    calcium: Typed = ""
    magnesium: Typed = ""
    potassium: Typed = ""
    sodium: Typed = ""
    chloride: Typed = ""
    sulfur: Typed = ""
    nitrate_n: Typed = ""
    alkalinity: Typed = ""
    reported_on: date | None = None
    note: Annotated[str, Field(max_length=120, pattern=PLAIN_TEXT)] = ""


class ShareIn(Schema):
    """How much of another water brings a source to a figure: EC in the person's unit, else ppm."""

    source: int
    other: int
    wanted: Wanted
    figure: Annotated[str, Field(max_length=60)]


class ShareOut(Schema):
    """The share of the other water, of 1, and as whole percent."""

    share: str
    percent: str


@router.put(
    "/grows/{grow_id}/waters/{water_id}", response={200: Kept, **_ANSWERS}, operation_id="set_water"
)
def set_water(request: HttpRequest, grow_id: int, water_id: int, told: ReportIn) -> Kept:
    """Keep a source's reading and lab report."""
    scope = Scope.enter(request.user, grow_id)
    water = scope.one(scope.all(WaterSource), water_id)
    meter = scope.membership.meter
    water.kind, water.note = told.kind, told.note
    water.ec = None
    if told.reading.strip():
        reading = typed("reading", lambda: parse_reading(told.reading, preferred=meter))
        if reading.ms_cm > STRONGEST_WATER:
            raise InputError(
                "reading_out_of_range", "Saltier than the sea: check the unit.", "reading"
            )
        water.ec = exact_decimal(reading.ms_cm, 3)
    water.ph = optional_decimal("ph", told.ph, 2)
    water.temperature = optional_decimal("temperature", told.temperature, 1)
    water.disinfectant = told.disinfectant or ""
    figures = {name: getattr(told, name).strip() for name in REPORT_FIELDS}
    for name, text in figures.items():
        setattr(water, f"{name}_ppm", optional_decimal(name, text, 2))
    if told.reported_on and told.reported_on > timezone.now().date():
        raise InputError("date_to_come", "A lab report is not from a day to come.", "reported_on")
    water.reported_on = told.reported_on
    water.as_water(water.reading)  # refuses what no water is
    water.save()
    return Kept()


@router.post(
    "/grows/{grow_id}/share-of-water",
    response={200: ShareOut, **_ANSWERS},
    operation_id="share_of_water",
)
def share_of_water(request: HttpRequest, grow_id: int, told: ShareIn) -> ShareOut:
    """How much of another water, such as RO, brings a source to a wanted figure."""
    scope = Scope.enter(request.user, grow_id)
    source = scope.one(scope.all(WaterSource), told.source)
    other = scope.one(scope.all(WaterSource), told.other)
    meter = scope.membership.meter
    if told.wanted is Wanted.EC:
        wanted = typed("figure", lambda: parse_reading(told.figure, preferred=meter).ms_cm)
    else:
        wanted = typed_figure("figure", told.figure)
    share = share_for(
        source.as_water(source.reading), other.as_water(other.reading), told.wanted, wanted
    )
    return ShareOut(share=decimal_text(share), percent=f"{number_text(share * 100, 0)} %")
