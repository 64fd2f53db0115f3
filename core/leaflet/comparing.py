"""Two versions of a chart, and what differs between them, in words."""

from collections.abc import Iterator
from dataclasses import dataclass

from core.chart import Chart, Column, Dose, Product
from core.chart.parts import PRODUCT_FIELDS
from core.leaflet.table import dose_text, span_text
from core.messages import Listed, Message, MessageValue


@dataclass(frozen=True, slots=True)
class Difference:
    """One thing that differs.

    Args:
        message: as one says it: "Week 4, Keel 5 → 6 mL/gal (US)".
        product, column: keys of the row and the column; None where it is about the other alone.
    """

    message: Message
    product: str | None = None
    column: str | None = None


def differences(before: Chart, after: Chart) -> tuple[Difference, ...]:
    """What has changed from one version of a chart to another: rows, columns, cells, readings."""
    return (
        *_differences_of_whole(before, after),
        *_bottles(before, after),
        *_columns(before, after),
        *_doses(before, after),
    )


def _differences_of_whole(before: Chart, after: Chart) -> Iterator[Difference]:
    for what, one, other in (
        ("name", before.name, after.name),
        ("medium", before.medium.value, after.medium.value),
        ("readings", before.readings.value, after.readings.value),
    ):
        if one != other:
            yield Difference(Message(f"difference.{what}", before=one, after=other))
    if before.rows_are_order != after.rows_are_order:
        order = "rows_are_order" if after.rows_are_order else "rows_are_no_order"
        yield Difference(Message(f"difference.{order}"))


def _bottles(before: Chart, after: Chart) -> Iterator[Difference]:
    old = {product.key: product for product in before.products}
    new = {product.key: product for product in after.products}
    yield from (Difference(_deleted(old[key].name), key) for key in old if key not in new)
    for key, product in new.items():
        if key not in old:
            yield Difference(Message("difference.added", name=product.name), key)
        elif product != old[key]:
            yield Difference(_product_words(old[key], product), key)


def _deleted(name: str) -> Message:
    return Message("difference.deleted", name=name)


def _changed(name: str, changes: list[Message]) -> Message:
    return Message("difference.changed", name=name, changes=Listed(tuple(changes), "comma"))


def _product_words(old: Product, new: Product) -> Message:
    parts = []
    for name in PRODUCT_FIELDS:
        if name in ("key", "after"):
            continue
        one, other = getattr(old, name), getattr(new, name)
        if one != other:
            parts.append(_field(name.replace("_", " "), _in_words(one), _in_words(other)))
    if old.after != new.after:
        parts.append(Message("difference.after"))
    return _changed(new.name, parts)


def _field(name: MessageValue, before: MessageValue, after: MessageValue) -> Message:
    return Message("difference.field", field=name, before=before, after=after)


def _in_words(value: object) -> MessageValue:
    if isinstance(value, bool):
        return Message("difference.yes" if value else "difference.no")
    return _NONE if value in (None, "") else str(value)


_NONE = Message("difference.none")


def _columns(before: Chart, after: Chart) -> Iterator[Difference]:
    old = {column.key: column for column in before.columns}
    new = {column.key: column for column in after.columns}
    yield from (Difference(_deleted(old[key].label), None, key) for key in old if key not in new)
    for key, column in new.items():
        if key not in old:
            yield Difference(Message("difference.added", name=column.label), None, key)
        elif column != old[key]:
            yield Difference(_column_words(old[key], column), None, key)


def _column_words(old: Column, new: Column) -> Message:
    pairs = (
        ("called", old.label, new.label),
        ("days", _in_words(old.days), _in_words(new.days)),
        ("stage", _in_words(old.stage), _in_words(new.stage)),
        ("column_ec", _ec(old), _ec(new)),
        ("column_ph", _ph(old), _ph(new)),
    )
    return _changed(
        new.label,
        [
            _field(Message(f"difference.{what}"), one, other)
            for what, one, other in pairs
            if one != other
        ],
    )


def _ec(column: Column) -> Message:
    if column.ec is None:
        return _NONE
    return Message("difference.ec", span=span_text(column.ec.low.ms_cm, column.ec.high.ms_cm))


def _ph(column: Column) -> MessageValue:
    return span_text(column.ph.low, column.ph.high) if column.ph else _NONE


def _doses(before: Chart, after: Chart) -> Iterator[Difference]:
    olds = {product.key for product in before.products}
    weeks = {column.key for column in before.columns}
    for column in (one for one in after.columns if one.key in weeks):
        for product in (one for one in after.products if one.key in olds):
            old, new = (of.dose(product.key, column.key) for of in (before, after))
            if old != new:
                change = _change(column, product, old, new)
                yield Difference(change, product.key, column.key)


def _change(column: Column, product: Product, old: Dose | None, new: Dose | None) -> Message:
    """Both doses in the unit of the later one; with a rule after it each has its own."""
    has_rule = any(dose is not None and dose.until_ec is not None for dose in (old, new))
    unit = new.unit if new and not has_rule else None
    return Message(
        "difference.dose_in" if unit else "difference.dose",
        column=column.label,
        product=product.name,
        before=dose_text(old, unit) or _NONE,
        after=dose_text(new, unit) or _NONE,
        **({"unit": unit.words} if unit else {}),
    )
