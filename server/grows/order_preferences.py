"""What a grow keeps for all its mixes: the schools of mixing order, and own ranges of elements."""

from typing import Annotated

from django.http import HttpRequest
from ninja import Field, Router, Schema

from core.chemistry import Element
from core.errors import InputError
from core.limits import LARGEST_PPM
from core.order.rules import CalmagPlace, LivePlace, RowsPlace, SilicaPlace
from core.quantities import decimal_text
from server.api.shapes import ErrorOut, Kept
from server.api.typed import typed_figure
from server.grows.scope import Scope

router = Router(tags=["order_preferences"])
_ANSWERS = {200: Kept, 404: ErrorOut, 422: ErrorOut}


class OrderPreferencesIn(Schema):
    """The schools of mixing order to follow from now on."""

    calmag: CalmagPlace
    silica: SilicaPlace
    live: LivePlace
    rows: RowsPlace


class RangeIn(Schema):
    """An own range of an element as typed, ppm."""

    low: Annotated[str, Field(max_length=20)]
    high: Annotated[str, Field(max_length=20)]


class RangesIn(Schema):
    """Own ranges; an element that is left out goes back to the general range."""

    ranges: dict[Element, RangeIn]


@router.put(
    "/grows/{grow_id}/order-preferences", response=_ANSWERS, operation_id="set_order_preferences"
)
def set_order_preferences(request: HttpRequest, grow_id: int, body: OrderPreferencesIn) -> Kept:
    """Keep the schools of mixing order of this grow."""
    grow = Scope.enter(request.user, grow_id).grow
    grow.calmag, grow.silica, grow.live, grow.rows = (
        body.calmag.value,
        body.silica.value,
        body.live.value,
        body.rows.value,
    )
    grow.save(update_fields=["calmag", "silica", "live", "rows"])
    return Kept()


def _range(element: Element, body: RangeIn) -> dict[str, str]:
    low = typed_figure(f"{element}.low", body.low)
    high = typed_figure(f"{element}.high", body.high)
    if low > high:
        raise InputError("range_upside_down.reading", f"{element}.low")
    if high > LARGEST_PPM:
        raise InputError("range_out_of_range", f"{element}.high")
    return {"low": decimal_text(low), "high": decimal_text(high)}


@router.put("/grows/{grow_id}/ranges", response=_ANSWERS, operation_id="set_ranges")
def set_ranges(request: HttpRequest, grow_id: int, body: RangesIn) -> Kept:
    """Keep this grow's own ranges of elements."""
    grow = Scope.enter(request.user, grow_id).grow
    grow.ranges = {element.value: _range(element, one) for element, one in body.ranges.items()}
    grow.save(update_fields=["ranges"])
    return Kept()
