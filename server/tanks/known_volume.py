"""A tank's volume known without a tape: buckets, a meter, time and flow, a known dose."""

from collections.abc import Callable
from fractions import Fraction
from functools import partial
from typing import Annotated, Literal

from django.http import HttpRequest
from ninja import Field, Router, Schema

from core.chart import Form, Role
from core.chemistry import contents_of
from core.chemistry.feeds import rise_of
from core.errors import InputError
from core.limits import LONGEST_TYPED
from core.quantities import Volume
from core.tanks import KnownVolume, by_buckets, by_dose, by_flow, by_meter
from server.api.shapes import ErrorOut
from server.api.typed import typed
from server.grows.figures import Figure, TypedFigure, TypedIn, TypedUnits, litres_figure
from server.grows.scope import Scope
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource

router = Router(tags=["tanks"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}
Typed = Annotated[str, Field(max_length=LONGEST_TYPED)]


class KnownIn(Schema):
    """What was counted, metered, timed or poured; each way with what it needs.

    `buckets`: `count` of `volume`. `meter`: from `start` to `end`. `flow`: `volume` in `seconds`,
    and the tank in `minutes`. `dose`: `amount` in mL or g of a labelled `product` of the shelf, or
    of something of which one in a litre lifts a reading by `lifts` mS/cm; `before` and `after`.
    """

    way: Literal["buckets", "meter", "flow", "dose"]
    typed_in: TypedIn | None = None
    count: Typed = ""
    volume: TypedFigure = ""
    start: TypedFigure = ""
    end: TypedFigure = ""
    seconds: Typed = ""
    minutes: Typed = ""
    amount: Typed = ""
    product: int | None = None
    lifts: Typed = ""
    before: TypedFigure = ""
    after: TypedFigure = ""


class KnownOut(Schema):
    """A volume, and the ends between which it lies in 95 of 100 cases."""

    litres: Figure
    shown: str
    low_shown: str
    high_shown: str


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/known-volume",
    response={200: KnownOut, **_ANSWERS},
    operation_id="known_volume",
)
def known_volume(request: HttpRequest, grow_id: int, tank_id: int, body: KnownIn) -> KnownOut:
    """What a tank holds by what was counted or read; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    tank = scope.one(scope.all(Tank), tank_id)
    units = TypedUnits.of(body.typed_in, scope.membership)
    known = _WAYS[body.way](scope, tank, units, body)
    unit = scope.membership.tank_unit
    return KnownOut(
        litres=litres_figure(known.volume.litres),
        shown=known.volume.shown(unit, 1),
        low_shown=known.low.shown(unit, 1),
        high_shown=known.high.shown(unit, 1),
    )


def _buckets(_: Scope, __: Tank, units: TypedUnits, body: KnownIn) -> KnownVolume:
    return by_buckets(units.plain("count", body.count), units.litres("volume", body.volume))


def _meter(_: Scope, __: Tank, units: TypedUnits, body: KnownIn) -> KnownVolume:
    start = Volume(Fraction(0))
    if body.start not in ("0", ""):
        start = units.litres("start", body.start)
    return by_meter(start, units.litres("end", body.end))


def _flow(_: Scope, __: Tank, units: TypedUnits, body: KnownIn) -> KnownVolume:
    return by_flow(
        units.litres("volume", body.volume),
        units.plain("seconds", body.seconds),
        units.plain("minutes", body.minutes),
    )


def _dose(scope: Scope, tank: Tank, units: TypedUnits, body: KnownIn) -> KnownVolume:
    return by_dose(
        units.plain("amount", body.amount),
        units.ec("before", body.before),
        units.ec("after", body.after),
        _lift_of(scope, tank, units, body),
    )


def _lift_of(
    scope: Scope, tank: Tank, units: TypedUnits, body: KnownIn
) -> Callable[[Fraction], float]:
    """By how much so many mL or g in a litre lift this tank's water."""
    if body.product is None:
        each = units.plain("lifts", body.lifts)
        return lambda per_litre: float(per_litre * each)
    product = scope.one(scope.all(Product), body.product)
    label = product.read_label()
    if label is None:
        raise InputError("no_label", "product", product=product.name)
    contents = typed("product", partial(contents_of, label, Form(product.form), Role(product.role)))
    source = scope.one(scope.all(WaterSource), tank.water_id)
    water = source.as_water(source.reading)
    return lambda per_litre: rise_of(water, (), [(contents, float(per_litre))])


_WAYS = {"buckets": _buckets, "meter": _meter, "flow": _flow, "dose": _dose}
