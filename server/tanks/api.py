"""Tanks: added to a grow, and what they are usually fed with."""

from decimal import Decimal
from fractions import Fraction
from typing import Annotated, Any

from django.db import transaction
from django.http import HttpRequest
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chart.growing import Crop, System
from core.chart.strength import check_strength
from core.errors import InputError
from core.limits import LONGEST_NAME
from server.api.ids import ChartId, VersionId
from server.api.shapes import ErrorOut, Made, Name
from server.api.typed import exact_decimal
from server.charts.models import ChartVersion
from server.charts.store import chart_in
from server.grows.edits import refuse_if_outdated
from server.grows.figures import Figure, TypedFigure, TypedIn, TypedUnits, share_told
from server.grows.named import save_named
from server.grows.scope import Scope
from server.tanks.editing import MOST_TANKS
from server.tanks.fields import TankFields, kept_fields
from server.tanks.models import Tank, WaterSource
from server.tanks.presenting import UsualOut, usual_out

router = Router(tags=["tanks"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class TankIn(TankFields):
    """A tank; the volume as typed, all the water that is joined."""

    name: Name
    volume: TypedFigure
    typed_in: TypedIn | None = None
    water: int


class UsualSeen(Schema):
    """What a tank was usually fed with when an edit was begun; fields as in `TankOut`."""

    chart_id: ChartId | None = None
    column: str = ""
    strength: Figure | None = None
    held: bool = False
    system_kind: System | None = None
    crop_kind: Crop | None = None


class UsualEdit(Schema):
    """What a tank is usually fed with, and how it is grown; a field that is not named stays.

    A version comes with its column. `held` keeps the tank in
    that column. `seen` are the same fields as they were when the edit was begun.
    """

    version_id: VersionId | None = None
    column: Annotated[str, Field(max_length=LONGEST_NAME)] = ""
    strength: TypedFigure = ""
    held: bool = False
    system_kind: System | None = None
    crop_kind: Crop | None = None
    seen: UsualSeen | None = None


@router.post("/grows/{grow_id}/tanks", response={201: Made, **_ANSWERS}, operation_id="add_tank")
def add_tank(request: HttpRequest, grow_id: int, body: TankIn) -> Status[Made]:
    """Add a tank, fed from a water source of the same grow."""
    scope = Scope.enter(request.user, grow_id)
    water = scope.one(scope.all(WaterSource), body.water)
    volume = TypedUnits.of(body.typed_in, scope.membership).tank_litres("volume", body.volume)
    litres = exact_decimal(volume.litres, 9)
    if not litres:
        raise InputError("volume_out_of_range.plain", "volume")
    if Tank.in_use(scope.all(Tank)).count() >= MOST_TANKS:
        raise InputError("too_many_or_few.tanks", "name", most_tanks=MOST_TANKS)
    tank = Tank(
        grow=scope.grow,
        name=body.name.strip(),
        litres=litres,
        water=water,
        **kept_fields(body, set(TankFields.model_fields)),
    )
    return Status(201, Made(id=save_named("tank", tank).pk))


@router.patch(
    "/grows/{grow_id}/tanks/{tank_id}/usual",
    response={200: UsualOut, **_ANSWERS},
    operation_id="edit_usual",
)
@transaction.atomic
def edit_usual(request: HttpRequest, grow_id: int, tank_id: int, body: UsualEdit) -> UsualOut:
    """Change what a tank is usually fed with."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    wanted = _wanted(scope, body)
    if body.seen is not None:
        refuse_if_outdated(tank.name, now=_now(tank), seen=_seen(body.seen), wanted=wanted)
    for name, value in wanted.items():
        setattr(tank, name, value)
    if wanted:
        tank.save(update_fields=list(wanted))
    return usual_out(tank)


def _wanted(scope: Scope, body: UsualEdit) -> dict[str, Any]:
    """The columns that the edit names, as they are to be kept."""
    named, wanted = body.model_fields_set, dict[str, Any]()
    if "version_id" in named and body.version_id is not None:
        version = scope.one(scope.all(ChartVersion).only("chart_id", "grow_id"), body.version_id)
        wanted["chart_id"] = version.chart_id
        columns = chart_in(scope, body.version_id).chart.columns
        if body.column not in {column.key for column in columns}:
            raise InputError("unknown_column.chosen", "column")
        wanted["column"] = body.column
    if "strength" in named:
        wanted["strength"] = _strength(body.strength)
    if "held" in named:
        wanted["held"] = body.held
    for name in ("system_kind", "crop_kind"):
        if name in named:
            wanted[name] = getattr(body, name) or ""
    return wanted


def _strength(typed: TypedFigure) -> Decimal:
    strength = exact_decimal(share_told("strength", typed), 8)
    check_strength(Fraction(strength))
    return strength


def _now(tank: Tank) -> dict[str, object]:
    names = ("chart_id", "column", "strength", "held", "system_kind", "crop_kind")
    return {name: getattr(tank, name) for name in names}


def _seen(state: UsualSeen) -> dict[str, object]:
    """The columns that the edit saw, as `_now` gives them."""
    seen: dict[str, object] = {}
    for name in state.model_fields_set:
        value = getattr(state, name)
        if isinstance(value, Figure):
            seen[name] = Decimal(value.value) / 100
        else:
            seen[name] = value or ("" if name.endswith("_kind") else value)
    return seen
