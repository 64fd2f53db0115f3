"""A concentrate made up from paste or powder: guided, and a bottle on the shelf in the end."""

from typing import Annotated

from django.db import transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status
from pydantic import BaseModel

from core import chart
from core.chart import Form, Role
from core.errors import InputError
from core.limits import LONGEST_NAME, LONGEST_TYPED
from core.messages import Figure
from core.quantities import Amount, AmountUnit, figure, number_text
from core.stock.making_up import MakeUpAct, check_put_in, make_up_steps
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.api.typed import typed_figure
from server.grows.calendar import day_of
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.shelf.bottles import put_on_shelf, take
from server.shelf.models import Product
from server.shelf.stock import bottle_fields, room_for, stock_out
from server.shelf.stock_shapes import BottleIn, StockOut

router = Router(tags=["shelf"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_Typed = Annotated[str, Field(max_length=LONGEST_TYPED, pattern=PLAIN_TEXT)]


class MakeUpStepOut(BaseModel):
    """One press; `shown` is what goes in or up to what it is filled, where anything is measured."""

    act: MakeUpAct
    shown: str | None


class MadeUpIn(Schema):
    """What was made up: figures as typed, mL of the full bottle and mL or g of what went into it.

    `from_product` is what was weighed or measured into it, where that stands on the shelf.
    """

    size: _Typed
    from_product: int | None = None
    amount: _Typed = ""
    keeps_days: int | None = None
    batch: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] = ""


@router.post(
    "/grows/{grow_id}/products/{product_id}/make-up",
    response={200: list[MakeUpStepOut], **_ANSWERS},
    operation_id="make_up",
)
def make_up(
    request: HttpRequest, grow_id: int, product_id: int, body: MadeUpIn
) -> list[MakeUpStepOut]:
    """How a bottle of it is made up, one thing at a time; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    product = scope.one(scope.all(Product), product_id)
    _, put_in = _what_goes_in(scope, product, body)
    size = typed_figure("size", body.size, scope.membership.mark)
    steps = make_up_steps(_as_row(product), size, put_in)
    return [
        MakeUpStepOut(act=step.act, shown=_shown(step.amount) if step.amount else None)
        for step in steps
    ]


@router.post(
    "/grows/{grow_id}/products/{product_id}/made-up",
    response={201: StockOut, **_ANSWERS},
    operation_id="made_up",
)
@transaction.atomic
def made_up(
    request: HttpRequest, grow_id: int, product_id: int, body: MadeUpIn, once: Once = None
) -> Status[StockOut]:
    """Put the bottle that was made up on the shelf, dated today; what it was made of is drawn."""
    scope = Scope.enter(request.user, grow_id)
    both = scope.all(Product).filter(pk__in=[product_id, body.from_product or product_id])
    list(both.select_for_update(of=("self",)).order_by("pk"))
    product = scope.one(scope.all(Product), product_id)
    if was_heard(scope, once):
        return Status(201, stock_out(scope, product))
    source, put_in = _what_goes_in(scope, product, body)
    size = typed_figure("size", body.size, scope.membership.mark)
    make_up_steps(_as_row(product), size, put_in)
    today, by = day_of(scope.grow, timezone.now()), scope.membership.person_id
    fields = {"size", "left", "keeps_days", "batch"}
    wanted = bottle_fields(
        BottleIn(size=body.size, left=body.size, keeps_days=body.keeps_days, batch=body.batch),
        fields,
        scope.membership.mark,
    )
    made = {**wanted, "received_on": today, "opened_on": today, "note": "made up here"}
    put_on_shelf(product, room_for(product, 1), made, by=by, reason="made up here")
    if source is not None and put_in is not None:
        take(source, put_in.value, reason=f"made up to {product.name}", by=by)
    return Status(201, stock_out(scope, product))


def _what_goes_in(
    scope: Scope, product: Product, body: MadeUpIn
) -> tuple[Product | None, Amount | None]:
    """What goes into the bottle, and how much of it; None where its paste is in it already."""
    if body.from_product is None:
        return None, None
    source = scope.one(scope.all(Product), body.from_product)
    if source.pk == product.pk:
        raise InputError("made_of_itself", "from_product")
    check_put_in(source.name, Role(source.role))
    amount = typed_figure("amount", body.amount, scope.membership.mark)
    if amount <= 0:
        raise InputError("missing.portion", "amount")
    if source.left is not None and amount > figure(source.left):
        raise InputError(
            "not_enough", "amount", source=source.name, left=Figure(figure(source.left), 1)
        )
    unit = AmountUnit.G if source.form == Form.DRY else AmountUnit.ML
    return source, Amount(amount, unit)


def _as_row(product: Product) -> chart.Product:
    return chart.Product(str(product.pk), product.name, Role(product.role), Form(product.form))


def _shown(amount: Amount) -> str:
    return f"{number_text(amount.value, 1).removesuffix('.0')} {amount.unit.value}"
