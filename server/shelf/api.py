"""The shelf and the bench: products with their labels and what is left, vessels and scales."""

from decimal import Decimal
from typing import Annotated, Any

from django.db import IntegrityError, transaction
from django.http import HttpRequest
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chart import Form, Role
from core.chemistry import as_much_of
from core.errors import InputError
from core.formats import LabelDocument
from core.formats.shelf import VesselDocument
from core.limits import LONGEST_NAME, MOST_VESSELS
from core.quantities import decimal_text, figure, number_text
from core.vessels import USUAL_VESSELS, Shows, Vessel, VesselKind
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept, Made, Name, Outdated
from server.api.typed import optional_decimal
from server.grows.scope import Scope
from server.shelf.models import MeasuringVessel, Product, label_from
from server.shelf.tags import new_tag

router = Router(tags=["shelf"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_MOST_PRODUCTS = 300


class ProductOut(Schema):
    """A product on the shelf. `left` in mL or g as typed; `as_much` for an acid: what one mL of it
    does, in words, by each other acid of the shelf; `short` what was poured past what was left."""

    id: int
    name: str
    maker: str
    tag: str
    role: Role
    form: Form
    label: LabelDocument | None
    left: str
    short: str | None
    hard_form_of: int | None
    as_much: list[str]


class VesselOut(Schema):
    """A vessel or scale; capacity and mark in mL, of a scale in g."""

    vessel: VesselKind
    capacity: str
    mark: str
    shows: Shows


class ShelfOut(Schema):
    """Everything on shelf and bench; `usual` while the grow has said nothing about its bench."""

    products: list[ProductOut]
    vessels: list[VesselOut]
    usual: bool


class ProductSeen(Schema):
    """What is known of a product; `left` as typed, empty for unknown."""

    label: LabelDocument | None = None
    left: Annotated[str, Field(max_length=30)] = ""
    hard_form_of: int | None = None


class ProductIn(ProductSeen):
    """What is to be known of a product; `seen` is the state that the edit was made from.

    Only what differs from it is written, and refused where it was changed meanwhile.
    """

    seen: ProductSeen | None = None


class NewProduct(Schema):
    """A product to put on the shelf."""

    name: Name
    maker: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] = ""
    role: Role
    form: Form = Form.LIQUID


class VesselsIn(Schema):
    """All vessels and scales of the bench; none goes back to the usual ones."""

    vessels: Annotated[list[VesselDocument], Field(max_length=MOST_VESSELS)]


def _acids_compared(product: Product, acids: list[Product]) -> list[str]:
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
        found.append(f"1 mL does what {times:.2g} mL of {other.name} do")
    return found


def _product(product: Product, acids: list[Product]) -> ProductOut:
    return ProductOut(
        id=product.pk,
        name=product.name,
        maker=product.maker,
        tag=product.tag,
        role=Role(product.role),
        form=Form(product.form),
        label=LabelDocument.model_validate(product.label) if product.label else None,
        left="" if product.left is None else _plain(product.left),
        short=_plain(product.short) if product.short else None,
        hard_form_of=product.hard_form_of_id,
        as_much=_acids_compared(product, acids),
    )


def _plain(value: Decimal) -> str:
    return decimal_text(figure(value))


def _vessel(vessel: Vessel) -> VesselOut:
    return VesselOut(
        vessel=vessel.kind,
        capacity=decimal_text(vessel.capacity),
        mark=decimal_text(vessel.mark),
        shows=vessel.shows,
    )


@router.get("/grows/{grow_id}/shelf", response={200: ShelfOut, 404: ErrorOut}, operation_id="shelf")
def shelf(request: HttpRequest, grow_id: int) -> ShelfOut:
    """Products and vessels of a grow."""
    scope = Scope.enter(request.user, grow_id)
    products = list(scope.all(Product))
    acids = [p for p in products if p.label and p.label.get("acid")]
    own = [vessel.as_vessel() for vessel in scope.all(MeasuringVessel)]
    return ShelfOut(
        products=[_product(product, acids) for product in products],
        vessels=[_vessel(vessel) for vessel in own or USUAL_VESSELS],
        usual=not own,
    )


@router.post(
    "/grows/{grow_id}/products", response={201: Made, **_ANSWERS}, operation_id="add_product"
)
@transaction.atomic
def add_product(request: HttpRequest, grow_id: int, told: NewProduct) -> Status[Made]:
    """Put a product on the shelf."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()  # a tag is new while nobody else takes one
    taken = set(scope.all(Product).values_list("tag", flat=True))
    if len(taken) >= _MOST_PRODUCTS:
        raise InputError(
            "too_many_or_few", f"A shelf has at most {_MOST_PRODUCTS} products.", "name"
        )
    name = told.name.strip()
    try:
        with transaction.atomic():
            made = Product.objects.create(
                grow=scope.grow, name=name, maker=told.maker.strip(), role=told.role,
                form=told.form, tag=new_tag(name, taken),
            )  # fmt: skip
    except IntegrityError:
        raise InputError(
            "name_taken", f"{name} is on the shelf already: give another name.", "name"
        ) from None
    return Status(201, Made(id=made.pk))


@router.put(
    "/grows/{grow_id}/products/{product_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="set_product",
)
def set_product(request: HttpRequest, grow_id: int, product_id: int, told: ProductIn) -> Kept:
    """Keep a product's label, what is left of it, and what it is the hard-water form of."""
    scope = Scope.enter(request.user, grow_id)
    with transaction.atomic():
        product = scope.one(scope.all(Product).select_for_update(of=("self",)), product_id)
        _change(scope, product, told)
    return Kept()


def _change(scope: Scope, product: Product, told: ProductIn) -> None:
    left = optional_decimal("left", told.left, 3)
    if left is not None and left > 10**9:
        raise InputError("left_out_of_range", "That is more than a shelf holds.", "left")
    if told.label is not None:
        try:
            told.label.label()
        except InputError as error:
            raise error.inside("label") from None
    form = _hard_form_of(scope, product, told.hard_form_of)
    wanted: dict[str, Any] = {
        "label": _stored(told.label), "left": left, "hard_form_of_id": form.pk if form else None,
    }  # fmt: skip
    changed = list(wanted)
    if told.seen is not None:
        seen = {
            "label": _stored(told.seen.label),
            "left": optional_decimal("seen.left", told.seen.left, 3),
            "hard_form_of_id": told.seen.hard_form_of,
        }
        changed = [name for name in wanted if wanted[name] != seen[name]]
        for name in changed:
            if _now(product, name) not in (seen[name], wanted[name]):
                raise _outdated(product, name, wanted[name])
    for name in changed:
        setattr(product, name, wanted[name])
    if "left" in changed:
        product.short = None  # counted anew: what was poured without it is settled
        changed.append("short")
    product.save(update_fields=[name.removesuffix("_id") for name in changed])


def _now(product: Product, name: str) -> Any:
    if name == "label" and product.label:
        return _stored(LabelDocument.model_validate(product.label))
    return getattr(product, name)


def _outdated(product: Product, name: str, wanted: Any) -> Outdated:
    if name == "left":
        now = "unknown" if product.left is None else f"{_plain(product.left)}"
        typed = "nothing" if wanted is None else _plain(wanted)
        return Outdated(
            "changed_meanwhile",
            f"{product.name}: {now} are left now, a mix or somebody else changed it since this "
            f"sheet was opened; you typed {typed}. Open it again, and say what is right.",
            "left",
        )
    return Outdated(
        "changed_meanwhile",
        f"{product.name} was changed by somebody else since this sheet was opened: open it again "
        "to see both.",
        name.removesuffix("_id"),
    )


def _stored(label: LabelDocument | None) -> dict[str, Any] | None:
    return label.model_dump(mode="json", exclude_none=True) if label else None


def _hard_form_of(scope: Scope, product: Product, other: int | None) -> Product | None:
    if other is None:
        return None
    found = scope.one(scope.all(Product), other)
    if found.pk == product.pk or found.hard_form_of_id is not None or found.form != product.form:
        raise InputError(
            "not_a_hard_form",
            "A hard-water form stands for another product of the same kind, not for itself or for "
            "another such form.",
            "hard_form_of",
        )
    return found


@router.put(
    "/grows/{grow_id}/vessels", response={200: Kept, **_ANSWERS}, operation_id="set_vessels"
)
def set_vessels(request: HttpRequest, grow_id: int, told: VesselsIn) -> Kept:
    """Keep the vessels and scales of the bench, in place of those before."""
    scope = Scope.enter(request.user, grow_id)
    vessels = []
    for at, one in enumerate(told.vessels):
        try:
            vessels.append(one.as_vessel())
        except InputError as error:
            raise error.inside(f"vessels[{at}]") from None
    with transaction.atomic():
        scope.lock()
        scope.all(MeasuringVessel).delete()
        MeasuringVessel.objects.bulk_create(
            MeasuringVessel(
                grow=scope.grow,
                kind=vessel.kind,
                capacity=Decimal(number_text(vessel.capacity, 6)),
                mark=Decimal(number_text(vessel.mark, 6)),
                shows=vessel.shows,
                position=at,
            )
            for at, vessel in enumerate(vessels)
        )
    return Kept()
