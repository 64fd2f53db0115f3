"""Two versions of a chart, and what differs between them, in words."""

from collections.abc import Iterator
from dataclasses import dataclass

from core.chart import Chart, Column, Dose, Product
from core.leaflet.table import dose_text, span_text


@dataclass(frozen=True, slots=True)
class Difference:
    """One thing that differs.

    Args:
        words: as one says it: "Week 4, Keel 5 → 6 mL/gal (US)".
        product, column: keys of the row and the column; None where it is about the other alone.
    """

    words: str
    product: str | None = None
    column: str | None = None


def differences(before: Chart, after: Chart) -> tuple[Difference, ...]:
    """What has changed from one version of a chart to another: rows, columns, cells, readings."""
    return (
        *_whole(before, after),
        *_bottles(before, after),
        *_columns(before, after),
        *_doses(before, after),
    )


def _whole(before: Chart, after: Chart) -> Iterator[Difference]:
    for what, one, other in (
        ("name", before.name, after.name),
        ("written for", before.medium.value, after.medium.value),
        ("EC", before.readings.value, after.readings.value),
    ):
        if one != other:
            yield Difference(f"{what}: {one} → {other}")
    if before.rows_are_order != after.rows_are_order:
        told = "are" if after.rows_are_order else "are not"
        yield Difference(f"its rows {told} the mixing order")


def _bottles(before: Chart, after: Chart) -> Iterator[Difference]:
    old = {product.key: product for product in before.products}
    new = {product.key: product for product in after.products}
    yield from (Difference(f"{old[key].name} taken out", key) for key in old if key not in new)
    for key, product in new.items():
        if key not in old:
            yield Difference(f"{product.name} added", key)
        elif product != old[key]:
            yield Difference(_product_words(old[key], product), key)


def _product_words(old: Product, new: Product) -> str:
    parts = []
    for name in (
        "name",
        "role",
        "form",
        "group",
        "rank",
        "scales",
        "wait_min",
        "oxidiser",
        "settles",
    ):
        one, other = getattr(old, name), getattr(new, name)
        if one != other:
            parts.append(f"{name.replace('_', ' ')} {_in_words(one)} → {_in_words(other)}")
    if old.after != new.after:
        parts.append("what goes in before it")
    return f"{new.name}: {', '.join(parts)}"


def _in_words(value: object) -> str:
    if isinstance(value, bool):
        return "yes" if value else "no"
    return "none" if value in (None, "") else str(value)


def _columns(before: Chart, after: Chart) -> Iterator[Difference]:
    old = {column.key: column for column in before.columns}
    new = {column.key: column for column in after.columns}
    yield from (
        Difference(f"{old[key].label} taken out", None, key) for key in old if key not in new
    )
    for key, column in new.items():
        if key not in old:
            yield Difference(f"{column.label} added", None, key)
        elif column != old[key]:
            yield Difference(_column_words(old[key], column), None, key)


def _column_words(old: Column, new: Column) -> str:
    pairs = (
        ("called", old.label, new.label),
        ("days", _in_words(old.days), _in_words(new.days)),
        ("stage", _in_words(old.stage), _in_words(new.stage)),
        ("EC", _ec(old), _ec(new)),
        ("pH", _ph(old), _ph(new)),
    )
    changed = [f"{what} {one} → {other}" for what, one, other in pairs if one != other]
    return f"{new.label}: {', '.join(changed)}"


def _ec(column: Column) -> str:
    return f"{span_text(column.ec.low.ms_cm, column.ec.high.ms_cm)} mS/cm" if column.ec else "none"


def _ph(column: Column) -> str:
    return span_text(column.ph.low, column.ph.high) if column.ph else "none"


def _doses(before: Chart, after: Chart) -> Iterator[Difference]:
    olds = {product.key for product in before.products}
    weeks = {column.key for column in before.columns}
    for column in (one for one in after.columns if one.key in weeks):
        for product in (one for one in after.products if one.key in olds):
            old, new = (of.dose(product.key, column.key) for of in (before, after))
            if old != new:
                text = f"{column.label}, {product.name} {_change(old, new)}"
                yield Difference(text, product.key, column.key)


def _change(old: Dose | None, new: Dose | None) -> str:
    """Both doses in the unit of the later one; with a rule behind it each has its own."""
    has_rule = any(dose is not None and dose.until_ec is not None for dose in (old, new))
    unit = new.unit if new and not has_rule else None
    told = f"{dose_text(old, unit) or 'none'} → {dose_text(new, unit) or 'none'}"
    return f"{told} {unit.words}" if unit else told
