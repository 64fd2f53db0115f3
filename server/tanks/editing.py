"""Tanks edited, put in order, put away and brought back."""

from decimal import Decimal
from typing import Annotated, Any

from django.db import IntegrityError, transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema

from core.errors import InputError
from core.formats.tank import JoinedDocument
from core.quantities import Volume, rounded
from core.tanks import measure_tank
from server.api.shapes import ErrorOut, Kept, Name
from server.api.typed import exact_decimal, typed
from server.grows.edits import refuse_if_outdated
from server.grows.figures import Figure, TypedFigure, TypedIn, TypedUnits, is_blank
from server.grows.scope import Scope
from server.grows.stamped import touch
from server.tanks.fields import TankFields, kept_fields
from server.tanks.models import Tank, WaterSource

router = Router(tags=["tanks"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
MOST_TANKS = 200
"""In use in one grow."""

_OF_A_MIX = frozenset(
    {"litres", "standing", "joined", "water_id", "grown_in", "system_kind", "crop_kind"}
)
"""What a mix stands on."""


class TankSeen(TankFields):
    """A tank as it was when an edit was begun; only what is named is compared."""

    name: str = ""
    litres: Figure | None = None
    water: int | None = None


class TankEdit(TankFields):
    """What is to be changed of a tank; a field that is not named stays.

    `joined` are its vessels: its volume follows from them. `volume` alone is one that is known in
    another way, and the drawing stays as it was.
    """

    name: Name | None = None
    volume: TypedFigure = ""
    typed_in: TypedIn | None = None
    joined: JoinedDocument | None = None
    water: int | None = None
    seen: TankSeen | None = None


class OrderIn(Schema):
    """All tanks that are in use, in the order in which they are wanted."""

    tanks: Annotated[list[int], Field(max_length=MOST_TANKS)]


class ArchivedIn(Schema):
    """Whether a tank is put away."""

    archived: bool


class ArchivedTank(Schema):
    """A tank that was put away."""

    id: int
    name: str


@router.patch(
    "/grows/{grow_id}/tanks/{tank_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="edit_tank",
)
@transaction.atomic
def edit_tank(request: HttpRequest, grow_id: int, tank_id: int, body: TankEdit) -> Kept:
    """Change a tank. While a mix is under way in it, nothing that the mix stands on is changed."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    wanted = _wanted(scope, body)
    if body.seen is not None:
        refuse_if_outdated(tank.name, now=_now(tank), seen=_seen(body.seen), wanted=wanted)
    changed = {name: value for name, value in wanted.items() if getattr(tank, name) != value}
    if changed.keys() & _OF_A_MIX and tank.is_being_mixed:
        raise InputError("mix_under_way.edit", tank=tank.name)
    for name, value in changed.items():
        setattr(tank, name, value)
    if tank.standing is not None and tank.standing > tank.litres:
        tank.standing = None  # a volume that is known in another way tells nothing of the parts
        changed["standing"] = None
    try:
        with transaction.atomic():
            if changed:
                tank.save(update_fields=list(changed))
    except IntegrityError:
        raise InputError("name_taken.tank", "name", name=str(body.name)) from None
    return Kept()


def _wanted(scope: Scope, body: TankEdit) -> dict[str, Any]:
    """The columns that the edit names, as they are to be kept."""
    named = body.model_fields_set
    wanted = kept_fields(body, named)
    if "name" in named and body.name is not None:
        wanted["name"] = body.name.strip()
    if "water" in named and body.water is not None:
        wanted["water_id"] = scope.one(scope.all(WaterSource), body.water).pk
    if body.joined is not None:
        wanted |= _drawn(body.joined)
    elif not is_blank(body.volume):
        volume = TypedUnits.of(body.typed_in, scope.membership).tank_litres("volume", body.volume)
        wanted["litres"] = exact_decimal(volume.litres, 9)
    return wanted


def _drawn(joined: JoinedDocument) -> dict[str, Any]:
    """What follows from the vessels that a tank is joined of."""
    tank = typed("joined", lambda: measure_tank(joined.parts()))
    draws_out = tank.standing != tank.volume
    outlines = [(part.part.count, part.outline) for part in tank.parts]
    across = sum(count * max(x for x, _ in outline) for count, outline in outlines)
    high = max(max(y for _, y in outline) for _, outline in outlines)
    return {
        "joined": joined.model_dump(mode="json"),
        "litres": _as_measured(tank.volume),
        "standing": _as_measured(tank.standing) if draws_out else None,
        "width_cm": min(max(round(across), 1), _WIDEST_DRAWN),
        "height_cm": min(max(round(high), 1), _WIDEST_DRAWN),
    }


def _as_measured(volume: Volume) -> Decimal:
    """To a tenth of a litre, or to a millilitre below 10 L: no tape tells a tank more nearly."""
    return exact_decimal(rounded(volume.litres, 1 if volume.litres >= 10 else 3), 9)


_WIDEST_DRAWN = 1000
"""cm: what is wider is drawn so wide in the tank list, or all others would shrink to lines."""


def _now(tank: Tank) -> dict[str, object]:
    names = ("name", "litres", "water_id", *TankFields.model_fields)
    return {name: getattr(tank, name) for name in names}


def _seen(state: TankSeen) -> dict[str, object]:
    """The columns that the edit saw, as `_now` gives them."""
    named = state.model_fields_set
    seen: dict[str, object] = kept_fields(state, named)
    if "name" in named:
        seen["name"] = state.name
    if state.litres is not None:
        seen["litres"] = Decimal(state.litres.value)
    if "water" in named:
        seen["water_id"] = state.water
    return seen


@router.put(
    "/grows/{grow_id}/tank-order", response={200: Kept, **_ANSWERS}, operation_id="order_tanks"
)
@transaction.atomic
def order_tanks(request: HttpRequest, grow_id: int, body: OrderIn) -> Kept:
    """Put the tanks of a grow in an order; each that is in use is named once."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tanks = {tank.pk: tank for tank in Tank.in_use(scope.all(Tank))}
    if sorted(body.tanks) != sorted(tanks):
        raise InputError("order_incomplete", "tanks")
    for position, number in enumerate(body.tanks):
        tanks[number].position = position
    Tank.objects.bulk_update(tanks.values(), ["position"])
    touch([scope.grow.pk])
    return Kept()


@router.put(
    "/grows/{grow_id}/tanks/{tank_id}/archived",
    response={200: Kept, **_ANSWERS},
    operation_id="archive_tank",
)
@transaction.atomic
def archive_tank(request: HttpRequest, grow_id: int, tank_id: int, body: ArchivedIn) -> Kept:
    """Put a tank away, or bring it back. What it was stays in its time line."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    if body.archived and tank.is_being_mixed:
        raise InputError("mix_under_way.archive", tank=tank.name)
    in_use = Tank.in_use(scope.all(Tank))
    if not body.archived and tank.archived_at and in_use.count() >= MOST_TANKS:
        raise InputError("too_many_or_few.tanks_in_use", most_tanks=MOST_TANKS)
    if body.archived is (tank.archived_at is None):
        tank.archived_at = timezone.now() if body.archived else None
        tank.save(update_fields=["archived_at"])
    return Kept()


@router.get(
    "/grows/{grow_id}/archived-tanks",
    response={200: list[ArchivedTank], **_ANSWERS},
    operation_id="archived_tanks",
)
def archived_tanks(request: HttpRequest, grow_id: int) -> list[ArchivedTank]:
    """Tanks that were put away, the last of them first."""
    scope = Scope.enter(request.user, grow_id)
    found = scope.all(Tank).exclude(archived_at=None).order_by("-archived_at")[:MOST_TANKS]
    return [ArchivedTank(id=tank.pk, name=tank.name) for tank in found]
