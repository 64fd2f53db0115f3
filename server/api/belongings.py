"""What a grow takes in: water sources, tanks, and charts in the open format."""

from typing import Annotated

from django.db import IntegrityError, transaction
from django.http import HttpRequest
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chart import Medium
from core.errors import InputError
from core.formats import FeedChart, document_of, read_json
from core.growing import Crop, System
from core.mix.request import HIGHEST_STRENGTH, LARGEST_VOLUME_L, STRONGEST_WATER
from core.quantities import parse_reading, parse_strength, parse_volume
from core.water import WaterKind
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.api.typed import exact_decimal, typed
from server.api.units import Kept
from server.charts.models import ChartVersion
from server.charts.store import publish_chart
from server.grows.scope import Scope
from server.tanks.models import Tank, WaterSource

router = Router(tags=["belongings"])
Name = Annotated[str, Field(min_length=1, max_length=60, pattern=PLAIN_TEXT)]
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_MOST_TANKS = 200


class Made(Schema):
    """The number of what was made."""

    id: int


class WaterIn(Schema):
    """A water source; an empty reading means that nobody has read it yet."""

    name: Name
    kind: WaterKind
    reading: Annotated[str, Field(max_length=60)] = ""


class TankIn(Schema):
    """A tank; the volume as typed, all the water that is joined."""

    name: Name
    crop: Annotated[str, Field(max_length=60, pattern=PLAIN_TEXT)] = ""
    volume: Annotated[str, Field(max_length=60)]
    grown_in: Medium = Medium.WATER
    system_kind: System | None = None
    crop_kind: Crop | None = None
    water: int


class UsualIn(Schema):
    """What a tank is usually fed with, and how it is grown; `held` keeps it in that column."""

    chart: int
    column: Annotated[str, Field(max_length=60)]
    strength: Annotated[str, Field(max_length=60)]
    held: bool = False
    system_kind: System | None = None
    crop_kind: Crop | None = None


def _keep(what: str, thing: WaterSource | Tank) -> Made:
    """Store a new thing, unless the grow has one of that name."""
    try:
        with transaction.atomic():
            thing.save()
    except IntegrityError:
        raise InputError(
            "name_taken",
            f"There is a {what} called {thing.name} already: give another name.",
            "name",
        ) from None
    return Made(id=thing.pk)


@router.post("/grows/{grow_id}/waters", response={201: Made, **_ANSWERS}, operation_id="add_water")
def add_water(request: HttpRequest, grow_id: int, told: WaterIn) -> Status[Made]:
    """Add a water source."""
    scope = Scope.enter(request.user, grow_id)
    water = WaterSource(grow=scope.grow, name=told.name.strip(), kind=told.kind)
    if told.reading.strip():
        meter = scope.membership.meter
        reading = typed("reading", lambda: parse_reading(told.reading, preferred=meter))
        if reading.ms_cm > STRONGEST_WATER:
            raise InputError(
                "reading_out_of_range", "Saltier than the sea: check the unit.", "reading"
            )
        water.ec = exact_decimal(reading.ms_cm, 3)
    return Status(201, _keep("water", water))


@router.post("/grows/{grow_id}/tanks", response={201: Made, **_ANSWERS}, operation_id="add_tank")
def add_tank(request: HttpRequest, grow_id: int, told: TankIn) -> Status[Made]:
    """Add a tank, fed from a water source of the same grow."""
    scope = Scope.enter(request.user, grow_id)
    water = scope.one(scope.all(WaterSource), told.water)
    member = scope.membership
    volume = typed(
        "volume",
        lambda: parse_volume(told.volume, gallon=member.meant, unit=member.tank_unit),
    )
    litres = exact_decimal(volume.litres, 3)
    if not 0 < litres <= LARGEST_VOLUME_L:
        raise InputError(
            "volume_out_of_range", "A tank holds above 0 and at most 1 000 000 L.", "volume"
        )
    if scope.all(Tank).count() >= _MOST_TANKS:
        raise InputError("too_many_or_few", f"A grow has at most {_MOST_TANKS} tanks.", "name")
    tank = Tank(
        grow=scope.grow,
        name=told.name.strip(),
        crop=told.crop,
        grown_in=told.grown_in,
        system_kind=told.system_kind or "",
        crop_kind=told.crop_kind or "",
        litres=litres,
        water=water,
    )
    return Status(201, _keep("tank", tank))


@router.put(
    "/grows/{grow_id}/tanks/{tank_id}/usual",
    response={200: Kept, **_ANSWERS},
    operation_id="set_usual",
)
def set_usual(request: HttpRequest, grow_id: int, tank_id: int, told: UsualIn) -> Kept:
    """Keep what a tank is usually fed with; the chart by the number of any of its versions."""
    scope = Scope.enter(request.user, grow_id)
    tank = scope.one(scope.all(Tank), tank_id)
    version = scope.one(scope.all(ChartVersion), told.chart)
    if not version.columns.filter(key=told.column).exists():
        raise InputError("unknown_column", "The chart has no such column.", "column")
    strength = typed("strength", lambda: parse_strength(told.strength))
    if not 0 < strength <= HIGHEST_STRENGTH:
        raise InputError(
            "strength_out_of_range", "The strength must be above 0 and at most 200 %.", "strength"
        )
    tank.chart_id, tank.column, tank.held = version.chart_id, told.column, told.held
    tank.strength_percent = max(1, round(strength * 100))
    tank.system_kind, tank.crop_kind = told.system_kind or "", told.crop_kind or ""
    # Only what was said: a mix that ends meanwhile writes its own part of the tank.
    tank.save(
        update_fields=[
            "chart", "column", "held", "strength_percent", "system_kind", "crop_kind",
        ]
    )  # fmt: skip
    return Kept()


@router.post(
    "/grows/{grow_id}/charts",
    response={201: Made, **_ANSWERS},
    operation_id="add_chart",
    openapi_extra={
        "requestBody": {
            "required": True,
            "content": {"application/json": {"schema": {"type": "object"}}},
            "description": "A feed chart in the open format, see docs/formats.",
        }
    },
)
def add_chart(request: HttpRequest, grow_id: int) -> Status[Made]:
    """Keep a chart in the open format; under a known name it becomes that chart's next version."""
    scope = Scope.enter(request.user, grow_id)
    document = document_of(FeedChart, read_json(request.body))
    return Status(201, Made(id=publish_chart(scope.grow, document).pk))
