"""What makes a chart a valid one. Messages name the row and the column as the leaflet does."""

from collections.abc import Iterable, Sequence

from core.chart.parts import Column, Dose, Form, Product
from core.errors import InputError
from core.limits import MOST_COLUMNS, MOST_PRODUCTS
from core.messages import Message
from core.quantities import AmountUnit


def check_chart(
    products: Sequence[Product], columns: Sequence[Column], doses: Sequence[Dose]
) -> None:
    """Refuse a chart that contradicts itself; see `Chart` for what is refused."""
    if not products or len(products) > MOST_PRODUCTS:
        raise InputError("too_many_or_few.products", "products", most_products=MOST_PRODUCTS)
    if not columns or len(columns) > MOST_COLUMNS:
        raise InputError("too_many_or_few.columns", "columns", most_columns=MOST_COLUMNS)
    _refuse_repeats((product.key for product in products), "products")
    _refuse_repeats((column.key for column in columns), "columns")
    _check_labels(products)
    _check_lengths(columns)
    _check_cells(
        {product.key: product for product in products},
        {column.key: column for column in columns},
        doses,
    )


def _check_cells(
    products: dict[str, Product], columns: dict[str, Column], doses: Sequence[Dose]
) -> None:
    seen: dict[tuple[str, str], int] = {}
    for index, dose in enumerate(doses):
        where = f"doses[{index}]"
        if dose.product not in products:
            raise InputError("unknown_product.dose", f"{where}.product", product=dose.product)
        if dose.column not in columns:
            raise InputError(
                "unknown_column.dose",
                f"{where}.column",
                product=products[dose.product].name,
                column=dose.column,
            )
        row, column = products[dose.product], columns[dose.column]
        cell = (dose.product, dose.column)
        if cell in seen:
            raise InputError("two_doses_in_a_cell", where, seen=seen[cell]).about(
                _place(row, column)
            )
        seen[cell] = index
        _check_dose(dose, row, column, where)


def _refuse_repeats(keys: Iterable[str], what: str) -> None:
    seen: dict[str, int] = {}
    for index, key in enumerate(keys):
        if key in seen:
            raise InputError(
                "key_repeats.keys", f"{what}[{index}].key", key=key, what=what, seen=seen[key]
            )
        seen[key] = index


def _check_labels(products: Sequence[Product]) -> None:
    keys = {product.key for product in products}
    for index, product in enumerate(products):
        for other in product.after:
            if other not in keys or other == product.key:
                raise InputError(
                    "unknown_product.after",
                    f"products[{index}].after",
                    product=product.name,
                    other=other,
                )


def _check_lengths(columns: Sequence[Column]) -> None:
    for index, column in enumerate(columns):
        if column.days is not None and not 1 <= column.days <= 366:
            raise InputError(
                "days_out_of_range.column", f"columns[{index}].days", column=column.label
            )


def _place(row: Product, column: Column) -> Message:
    return Message("cell", row=row.name, column=column.label)


def _check_dose(dose: Dose, row: Product, column: Column, where: str) -> None:
    place = _place(row, column)
    if dose.low is None or dose.high is None or dose.unit is None:
        if (dose.low, dose.high, dose.unit) != (None, None, None) or dose.until_ec is None:
            raise InputError("dose_incomplete", where).about(place)
        return
    if dose.low > dose.high:
        raise InputError("range_upside_down.dose", f"{where}.low").about(place)
    fits = AmountUnit.G if row.form is Form.DRY else AmountUnit.ML
    if dose.unit.amount_unit is not fits:
        raise InputError(
            "unit_does_not_fit.chart",
            f"{where}.unit",
            unit=dose.unit.words,
            row=row.name,
            form=row.form.value,
        ).about(place)
