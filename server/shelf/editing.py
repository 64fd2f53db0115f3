"""Edits of a product: what differs from the state it was seen in is written, or refused."""

from decimal import Decimal
from typing import Annotated, Any

from ninja import Field, Schema

from core.chart import Form
from core.errors import InputError
from core.formats import LabelDocument
from core.formats.label import PrintedIn
from core.quantities import DecimalMark, decimal_text, figure
from server.api.shapes import Outdated
from server.api.typed import optional_decimal
from server.grows.scope import Scope
from server.shelf.bottles import correct, in_use
from server.shelf.models import Product


class ProductSeen(Schema):
    """What is known of a product, as typed; empty for unknown. `price` buys `size` mL or g."""

    label: LabelDocument | None = None
    left: Annotated[str, Field(max_length=30)] = ""
    size: Annotated[str, Field(max_length=30)] = ""
    price: Annotated[str, Field(max_length=30)] = ""
    hard_form_of: int | None = None


class ProductIn(ProductSeen):
    """What is to be known of a product; `seen` is the state that the edit was made from.

    Only what differs from it is written, and refused where it was changed meanwhile.
    """

    seen: ProductSeen | None = None


def plain_decimal(value: Decimal) -> str:
    """A stored figure as it is typed."""
    return decimal_text(figure(value))


_PLACES = {"left": 3, "size": 3, "price": 2}
"""Figures of a product, and the places after the point that are kept of them."""


def _figures(
    state: ProductSeen, where: str = "", *, mark: DecimalMark = ".", seen: ProductSeen | None = None
) -> dict[str, Decimal | None]:
    """The figures that were told, each within what a shelf holds.

    Args:
        state: as typed; one that stands as it was `seen` was typed by nobody, and has a point.
        where: what leads to them.
        mark: what who typed writes before decimals.
        seen: the state that the edit was made from.

    Raises:
        InputError: one is no number, or beyond that.
    """
    found = {}
    for name, places in _PLACES.items():
        text = getattr(state, name)
        typed_with: DecimalMark = "." if text == getattr(seen, name, None) else mark
        value = optional_decimal(f"{where}{name}", text, places, typed_with)
        if value is not None and value > 10**9:
            raise InputError(f"{name}_out_of_range.shelf", name)
        found[name] = value
    if found["size"] == 0:
        raise InputError("size_out_of_range.bottle", "size")
    return found


def change_product(scope: Scope, product: Product, body: ProductIn) -> None:
    """Write what an edit changes of a product.

    Raises:
        InputError: a field cannot be used.
        Outdated: a field was changed since the state that the edit was made from.
    """
    figures = _figures(body, mark=scope.membership.mark, seen=body.seen)
    if body.label is not None:
        _check_label(product, body.label)
    form = _hard_form_of(scope, product, body.hard_form_of)
    wanted: dict[str, Any] = {
        "label": _stored(body.label), "hard_form_of_id": form.pk if form else None, **figures,
    }  # fmt: skip
    changed = list(wanted)
    if body.seen is not None:
        seen = {
            "label": _stored(body.seen.label),
            **_figures(body.seen, "seen."),
            "hard_form_of_id": body.seen.hard_form_of,
        }
        changed = [name for name in wanted if wanted[name] != seen[name]]
        for name in changed:
            if _now(product, name) not in (seen[name], wanted[name]):
                raise _outdated(product, name, wanted[name])
    if "left" in changed:
        changed.remove("left")
        _correct_left(scope, product, wanted["left"])
    for name in changed:
        setattr(product, name, wanted[name])
    product.save(update_fields=[name.removesuffix("_id") for name in changed])


def _check_label(product: Product, label: LabelDocument) -> None:
    try:
        label.label()
    except InputError as error:
        raise error.inside("label") from None
    if product.form == Form.DRY and label.printed_in is not PrintedIn.PERCENT:
        raise InputError("label_by_volume", "label")


def _correct_left(scope: Scope, product: Product, left: Decimal | None) -> None:
    """Counted anew: what was poured without it is settled."""
    bottles = in_use(product)
    if len(bottles) > 1 or (bottles and left is None):
        raise InputError("which_bottle", "left", product=product.name, bottles=len(bottles))
    correct(product, left, by=scope.membership.person_id)


def _now(product: Product, name: str) -> Any:
    if name == "label" and product.label:
        return _stored(LabelDocument.model_validate(product.label))
    return getattr(product, name)


def _outdated(product: Product, name: str, wanted: Any) -> Outdated:
    if name == "left":
        return Outdated(
            "changed_meanwhile.left",
            "left",
            product=product.name,
            now="unknown" if product.left is None else plain_decimal(product.left),
            typed="nothing" if wanted is None else plain_decimal(wanted),
        )
    return Outdated("changed_meanwhile.product", name.removesuffix("_id"), product=product.name)


def _stored(label: LabelDocument | None) -> dict[str, Any] | None:
    return label.model_dump(mode="json", exclude_none=True) if label else None


def _hard_form_of(scope: Scope, product: Product, other: int | None) -> Product | None:
    if other is None:
        return None
    found = scope.one(scope.all(Product), other)
    if found.pk == product.pk or found.hard_form_of_id is not None or found.form != product.form:
        raise InputError("not_a_hard_form", "hard_form_of")
    return found
