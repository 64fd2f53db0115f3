"""The shelf: products with their labels and what is left."""

from collections.abc import Sequence
from datetime import date
from decimal import Decimal
from fractions import Fraction
from typing import Annotated

from django.db import IntegrityError, transaction
from django.db.models import Q
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Query, Router, Schema
from ninja.responses import Status

from core.chart import Form, Role
from core.chemistry import Nutrient, as_much_of
from core.chemistry.printed_label import printed_grade
from core.errors import InputError
from core.formats import LabelDocument
from core.limits import LONGEST_NAME, LONGEST_TYPED
from core.messages import Message
from core.quantities import decimal_text
from core.stock import BottleState
from core.stock.making_up import may_be_made_up, may_be_put_in
from core.vessels import USUAL_VESSELS
from core.wording import Manner, wording
from server.api.pages import After, page_of
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept, Made, Name
from server.api.typed import typed
from server.grows.calendar import day_of
from server.grows.scope import Scope
from server.shelf.editing import ProductIn, change_product, plain_decimal
from server.shelf.models import Bottle, MeasuringVessel, Product, label_from
from server.shelf.stock import days_left_of
from server.shelf.tags import new_tag
from server.shelf.vessels import VesselOut, vessel_out

router = Router(tags=["shelf"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_MOST_PRODUCTS = 10_000
_MOST_COMPARED = 20
"""Acids that each acid is compared with: a bench has a few."""

Find = Annotated[str, Query("", max_length=LONGEST_NAME)]
"""Part of a name or a maker, or a tag, of what a list is to show; all of it where empty."""

_WORST_FIRST = (BottleState.OFF, BottleState.SOON_OFF)


class ProductOut(Schema):
    """A product on the shelf. `left` in mL or g as typed; `as_much` for an acid: what one mL of it
    does, in words, by each other acid of the shelf; `short` what was poured past what was left;
    `bottles` how many stand here, 0 where nobody told of bottles; `lasts_days` at the pace of use;
    `off` the worst that is to be minded of a bottle that is not empty; `may_be_made_up` whether a
    bottle of it can be made up with hot water, `may_be_put_in` whether it may be what goes in."""

    id: int
    name: str
    maker: str
    tag: str
    role: Role
    form: Form
    label: LabelDocument | None
    left: str
    size: str
    price: str
    short: str | None
    bottles: int
    lasts_days: int | None
    off: BottleState
    hard_form_of: int | None
    as_much: list[str]
    may_be_made_up: bool
    may_be_put_in: bool


class ShelfOut(Schema):
    """What stands on shelf and bench; `usual` while the grow has said nothing about its bench.

    `after` asks for the products that follow, None where none does; `today` is the day at the grow.
    """

    products: list[ProductOut]
    after: int | None
    vessels: list[VesselOut]
    usual: bool
    today: date


class NewProduct(Schema):
    """A product to put on the shelf."""

    name: Name
    maker: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] = ""
    role: Role
    form: Form = Form.LIQUID


class GradeIn(Schema):
    """The three figures of a label's front, as printed."""

    grade: Annotated[str, Field(max_length=LONGEST_TYPED, pattern=PLAIN_TEXT)]
    as_elements: bool = False


class GradeOut(Schema):
    """What they are, in percent, by line."""

    analysis: dict[Nutrient, str]


def _acids(scope: Scope) -> list[Product]:
    """Those that acids are compared with; a label without one may say so by a null."""
    found = scope.all(Product).filter(label__acid__isnull=False).exclude(label__acid=None)
    return list(found[:_MOST_COMPARED])


def _acids_compared(product: Product, acids: list[Product]) -> list[Message]:
    """`1 mL does what 2.1 mL of Fathom Down P do` for each other acid."""
    mine = label_from(product.label)
    if mine is None or mine.acid is None:
        return []
    found = []
    for other in acids:
        label = label_from(other.label)
        if other.pk == product.pk or label is None or label.acid is None:
            continue
        times = as_much_of(label.acid, mine.acid, density=mine.density, other_density=label.density)
        found.append(Message("as_much", times=Fraction(f"{times:.2g}"), other=other.name))
    return found


def _product(
    product: Product,
    acids: list[Product],
    bottles: Sequence[BottleState],
    lasts: int | None,
    manner: Manner,
) -> ProductOut:
    return ProductOut(
        id=product.pk,
        name=product.name,
        maker=product.maker,
        tag=product.tag,
        role=Role(product.role),
        form=Form(product.form),
        label=LabelDocument.model_validate(product.label) if product.label else None,
        left=_typed(product.left),
        size=_typed(product.size),
        price=_typed(product.price),
        short=plain_decimal(product.short) if product.short else None,
        bottles=len(bottles),
        lasts_days=lasts,
        off=next((one for one in _WORST_FIRST if one in bottles), BottleState.GOOD),
        hard_form_of=product.hard_form_of_id,
        as_much=[wording(one, manner) for one in _acids_compared(product, acids)],
        may_be_made_up=may_be_made_up(Form(product.form), Role(product.role)),
        may_be_put_in=may_be_put_in(Role(product.role)),
    )


def _typed(value: Decimal | None) -> str:
    return "" if value is None else plain_decimal(value)


@router.get("/grows/{grow_id}/shelf", response={200: ShelfOut, 404: ErrorOut}, operation_id="shelf")
def shelf(request: HttpRequest, grow_id: int, after: After, find: Find) -> ShelfOut:
    """Products of a grow, page by page, and its vessels."""
    scope = Scope.enter(request.user, grow_id)
    found = scope.all(Product).filter(pk__gt=after)
    if words := find.strip():
        named = Q(name__icontains=words) | Q(maker__icontains=words) | Q(tag__iexact=words)
        found = found.filter(named)
    products, more = page_of(found)
    own = [vessel.as_vessel() for vessel in scope.all(MeasuringVessel)]
    today, bottles = day_of(scope.grow, timezone.now()), dict[int, list[BottleState]]()
    for bottle in scope.all(Bottle).filter(discarded_at=None, product__in=products):
        bottles.setdefault(bottle.product_id, []).append(bottle.as_bottle().state(today))
    lasts = days_left_of(scope, products)
    acids, manner = _acids(scope), scope.membership.manner
    return ShelfOut(
        products=[
            _product(product, acids, bottles.get(product.pk, ()), lasts.get(product.pk), manner)
            for product in products
        ],
        after=products[-1].pk if more else None,
        vessels=[vessel_out(vessel) for vessel in own or USUAL_VESSELS],
        usual=not own,
        today=today,
    )


@router.post(
    "/grows/{grow_id}/products", response={201: Made, **_ANSWERS}, operation_id="add_product"
)
@transaction.atomic
def add_product(request: HttpRequest, grow_id: int, body: NewProduct) -> Status[Made]:
    """Put a product on the shelf."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()  # a tag is new while nobody else takes one
    taken = set(scope.all(Product).values_list("tag", flat=True))
    if len(taken) >= _MOST_PRODUCTS:
        raise InputError("too_many_or_few.shelf", "name", most_products=_MOST_PRODUCTS)
    name = body.name.strip()
    try:
        with transaction.atomic():
            made = Product.objects.create(
                grow=scope.grow, name=name, maker=body.maker.strip(), role=body.role,
                form=body.form, tag=new_tag(name, taken),
            )  # fmt: skip
    except IntegrityError:
        raise InputError("name_taken.product", "name", name=name) from None
    return Status(201, Made(id=made.pk))


@router.put(
    "/grows/{grow_id}/products/{product_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="set_product",
)
def set_product(request: HttpRequest, grow_id: int, product_id: int, body: ProductIn) -> Kept:
    """Keep a product's label, what is left of it, and what it is the hard-water form of."""
    scope = Scope.enter(request.user, grow_id)
    with transaction.atomic():
        product = scope.one(scope.all(Product).select_for_update(of=("self",)), product_id)
        change_product(scope, product, body)
    return Kept()


@router.post(
    "/grows/{grow_id}/printed-grade",
    response={200: GradeOut, **_ANSWERS},
    operation_id="printed_grade",
)
def read_grade(request: HttpRequest, grow_id: int, body: GradeIn) -> GradeOut:
    """The lines that the three figures of a label mean; nothing is stored."""
    Scope.enter(request.user, grow_id)
    lines = typed("grade", lambda: printed_grade(body.grade, as_elements=body.as_elements))
    return GradeOut(analysis={line: decimal_text(value) for line, value in lines.items()})
