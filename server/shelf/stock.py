"""The stock of a product: its bottles, what became of them, and how long they last."""

from collections.abc import Iterable
from datetime import date, timedelta
from decimal import Decimal
from fractions import Fraction
from typing import Any

from django.db import transaction
from django.http import Http404, HttpRequest
from django.utils import timezone
from ninja import Router
from ninja.responses import Status

from core import stock
from core.chart import Form
from core.errors import InputError
from core.quantities import DecimalMark, figure
from server.api.shapes import ErrorOut, Outdated
from server.api.typed import optional_decimal
from server.grows.calendar import day_of
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.grows.stamped import touch
from server.shelf.bottles import (
    Bottle,
    StockChange,
    StockEntry,
    in_use,
    note_entry,
    put_on_shelf,
    settle,
    told_bottles,
)
from server.shelf.editing import plain_decimal
from server.shelf.models import Product
from server.shelf.stock_shapes import (
    BottleEdit,
    BottleEnding,
    BottleIn,
    DiscardedIn,
    ReceivedIn,
    StockBottle,
    StockEntryOut,
    StockOut,
)

router = Router(tags=["shelf"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_MOST_BOTTLES = 60
_SHOWN_ENTRIES = 60
_MOST_KEPT = 10**9


@router.get(
    "/grows/{grow_id}/products/{product_id}/stock",
    response={200: StockOut, **_ANSWERS},
    operation_id="stock",
)
def product_stock(request: HttpRequest, grow_id: int, product_id: int) -> StockOut:
    """The bottles of a product, and the last that became of them."""
    scope = Scope.enter(request.user, grow_id)
    return stock_out(scope, scope.one(scope.all(Product), product_id))


@router.post(
    "/grows/{grow_id}/products/{product_id}/bottles",
    response={201: StockOut, **_ANSWERS},
    operation_id="receive_bottles",
)
@transaction.atomic
def receive(
    request: HttpRequest, grow_id: int, product_id: int, body: ReceivedIn, once: Once = None
) -> Status[StockOut]:
    """Put bottles that came on the shelf; full ones, unless said otherwise."""
    scope = Scope.enter(request.user, grow_id)
    product = locked_product(scope, product_id)
    if was_heard(scope, once):
        return Status(201, stock_out(scope, product))
    wanted = bottle_fields(body, set(BottleIn.model_fields), scope.membership.mark)
    if wanted["left"] is None:
        wanted["left"] = wanted["size"]
    if wanted["left"] is None:
        raise InputError("missing.size", "size")
    bottles = room_for(product, body.count)
    for _ in range(body.count):
        put_on_shelf(product, bottles, wanted, by=scope.membership.person_id)
    return Status(201, stock_out(scope, product))


@router.patch(
    "/grows/{grow_id}/products/{product_id}/bottles/{bottle_id}",
    response={200: StockOut, **_ANSWERS},
    operation_id="edit_bottle",
)
@transaction.atomic
def edit_bottle(
    request: HttpRequest, grow_id: int, product_id: int, bottle_id: int, body: BottleEdit
) -> StockOut:
    """Change what is known of a bottle; only the fields that are given."""
    scope = Scope.enter(request.user, grow_id)
    product = locked_product(scope, product_id)
    bottle = _bottle(product, bottle_id)
    named = body.model_fields_set & set(BottleIn.model_fields)
    wanted = bottle_fields(body, named, scope.membership.mark)
    left = wanted.pop("left", bottle.left)
    if left is None:
        raise InputError("missing.left", "left")
    _refuse_if_drawn_meanwhile(bottle, left, body.seen_left)
    for name, value in wanted.items():
        setattr(bottle, name, value)
    changed, bottle.left = left - bottle.left, left
    bottle.as_bottle()
    bottle.save()
    touch([scope.grow.pk])  # mixes look at its dates
    if changed:
        product.short = None  # counted anew: what was poured without it is settled
        product.save(update_fields=["short"])
        settle(product, told_bottles(product))
        note_entry(
            product, StockChange.CORRECTED, changed, bottle=bottle, reason=body.reason or "",
            by=scope.membership.person_id,
        )  # fmt: skip
    return stock_out(scope, product)


def _refuse_if_drawn_meanwhile(bottle: Bottle, left: Decimal, seen_left: str | None) -> None:
    """What is typed into a field was right for what stood there; a mix may have drawn since.

    Raises:
        Outdated: something else is in the bottle now than was on the screen.
    """
    if seen_left is None or left == bottle.left:
        return
    # As it was shown: exact, with a decimal point.
    seen = optional_decimal("seen_left", seen_left, 3, ".")
    if seen != bottle.left:
        raise Outdated(
            "changed_meanwhile.drawn",
            "left",
            left=plain_decimal(bottle.left),
            typed=plain_decimal(left),
        )


@router.post(
    "/grows/{grow_id}/products/{product_id}/bottles/{bottle_id}/discarded",
    response={200: StockOut, **_ANSWERS},
    operation_id="discard_bottle",
)
@transaction.atomic
def discard(
    request: HttpRequest, grow_id: int, product_id: int, bottle_id: int, body: DiscardedIn
) -> StockOut:
    """Take a bottle off the shelf, with the reason; an empty one, too."""
    scope = Scope.enter(request.user, grow_id)
    product = locked_product(scope, product_id)
    bottle = _bottle(product, bottle_id)
    bottle.discarded_at = timezone.now()
    bottle.save(update_fields=["discarded_at"])
    settle(product, in_use(product))
    note_entry(
        product, StockChange.DISCARDED, -bottle.left, bottle=bottle, reason=body.reason.strip(),
        by=scope.membership.person_id,
    )  # fmt: skip
    return stock_out(scope, product)


def room_for(product: Product, count: int) -> list[Bottle]:
    """The bottles that stand here, where so many more have room.

    Raises:
        InputError: they have none.
    """
    bottles = told_bottles(product)
    if len(bottles) + count > _MOST_BOTTLES:
        raise InputError("too_many_or_few.bottles", "count", most_bottles=_MOST_BOTTLES)
    return bottles


def locked_product(scope: Scope, product_id: int) -> Product:
    """A product that nobody else changes meanwhile."""
    return scope.one(scope.all(Product).select_for_update(of=("self",)), product_id)


def _bottle(product: Product, bottle_id: int) -> Bottle:
    found = next((bottle for bottle in told_bottles(product) if bottle.pk == bottle_id), None)
    if found is None:
        raise Http404("No such bottle.")
    return found


def bottle_fields(
    body: BottleIn | BottleEdit, names: set[str], mark: DecimalMark
) -> dict[str, Any]:
    """What was told of a bottle, as it is kept."""
    places = {"size": 3, "left": 3, "price": 2}
    found: dict[str, Any] = {}
    for name in names:
        value = getattr(body, name)
        if value is None and name in (*places, "batch", "note"):
            continue  # a text that is not given is no empty one
        if name in places:
            value = optional_decimal(name, value, places[name], mark)
            if value is not None and value > _MOST_KEPT:
                raise InputError(f"{name}_out_of_range.shelf", name)
        found[name] = value.strip() if isinstance(value, str) else value
    if found.get("size") == 0:
        raise InputError("size_out_of_range.bottle", "size")
    return found


def stock_out(scope: Scope, product: Product) -> StockOut:
    """The bottles of a product as an answer, and what became of them."""
    today = day_of(scope.grow, timezone.now())
    bottles = {
        str(one.pk): one for one in Bottle.objects.filter(product=product, discarded_at=None)
    }
    kept = stock.oldest_first(bottle.as_bottle() for bottle in bottles.values())
    entries = StockEntry.objects.filter(product=product).select_related("by")[:_SHOWN_ENTRIES]
    return StockOut(
        unit="g" if product.form == Form.DRY else "mL",
        left="" if product.left is None else plain_decimal(product.left),
        lasts_days=days_left_of(scope, [product]).get(product.pk),
        bottles=[_bottle_out(bottles[one.key], one, today) for one in kept],
        history=[_entry_out(entry, scope) for entry in entries],
    )


def _bottle_out(bottle: Bottle, known: stock.Bottle, today: date) -> StockBottle:
    size = bottle.size
    return StockBottle(
        id=bottle.pk,
        **{
            name: "" if value is None else plain_decimal(value)
            for name, value in (("left", bottle.left), ("size", size), ("price", bottle.price))
        },
        level=None if size is None else min(1.0, float(bottle.left / size)),
        received_on=bottle.received_on,
        opened_on=bottle.opened_on,
        best_before=bottle.best_before,
        keeps_days=bottle.keeps_days,
        good_until=known.good_until,
        state=known.state(today),
        batch=bottle.batch,
        note=bottle.note,
    )


def _entry_out(entry: StockEntry, scope: Scope) -> StockEntryOut:
    return StockEntryOut(
        kind=StockChange(entry.kind),
        amount=signed_decimal(entry.amount),
        left="" if entry.left is None else plain_decimal(entry.left),
        reason=entry.reason,
        mix=entry.mix,
        on=day_of(scope.grow, entry.at),
        by=entry.author,
    )


def signed_decimal(value: Decimal) -> str:
    """A change of stock as it is read: with its sign."""
    return f"{'−' if value < 0 else '+'}{plain_decimal(abs(value))}"


SOON_DAYS = 7
"""Days within which a bottle that ends is said on the page of the day."""


def bottles_ending(scope: Scope) -> list[BottleEnding]:
    """Products that are used up within the week, the first to end first."""
    products = {product.pk: product for product in scope.all(Product).exclude(left=None)}
    lasts = days_left_of(scope, products.values())
    ending = [
        BottleEnding(product=number, name=products[number].name, lasts_days=days)
        for number, days in lasts.items()
        if days <= SOON_DAYS
    ]
    return sorted(ending, key=lambda one: (one.lasts_days, one.name))


def days_left_of(scope: Scope, products: Iterable[Product]) -> dict[int, int]:
    """For how many days products last at their pace, by number, where that is known."""
    known = {product.pk: product.left for product in products if product.left is not None}
    today = day_of(scope.grow, timezone.now())
    since = timezone.now() - timedelta(days=stock.PACE_DAYS)
    used: dict[int, list[tuple[date, Fraction]]] = {}
    rows = scope.all(StockEntry).filter(kind=StockChange.USED, at__gte=since, product__in=known)
    for number, at, amount in rows.values_list("product", "at", "amount"):
        used.setdefault(number, []).append((day_of(scope.grow, at), Fraction(-amount)))
    lasts = {
        number: stock.days_left(figure(left), used.get(number, ()), today)
        for number, left in known.items()
    }
    return {number: days for number, days in lasts.items() if days is not None}
