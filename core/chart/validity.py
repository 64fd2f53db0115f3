"""What makes a chart a valid one. Messages name the row and the column as the leaflet does."""

from collections.abc import Iterable, Sequence

from core.chart.parts import Column, Dose, Form, Product
from core.errors import InputError
from core.limits import MOST_COLUMNS, MOST_PRODUCTS
from core.quantities import AmountUnit


def check_chart(
    products: Sequence[Product], columns: Sequence[Column], doses: Sequence[Dose]
) -> None:
    """Refuse a chart that contradicts itself; see `Chart` for what is refused."""
    if not products or len(products) > MOST_PRODUCTS:
        raise InputError(
            "too_many_or_few", f"A chart has 1 to {MOST_PRODUCTS} products.", "products"
        )
    if not columns or len(columns) > MOST_COLUMNS:
        raise InputError("too_many_or_few", f"A chart has 1 to {MOST_COLUMNS} columns.", "columns")
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
            raise InputError(
                "unknown_product",
                f"A dose names the product {dose.product!r}, which the chart does not list.",
                f"{where}.product",
            )
        if dose.column not in columns:
            raise InputError(
                "unknown_column",
                f"A dose of {products[dose.product].name} names the column {dose.column!r}, "
                "which the chart does not list.",
                f"{where}.column",
            )
        row, column = products[dose.product], columns[dose.column]
        cell = (dose.product, dose.column)
        if cell in seen:
            raise InputError(
                "two_doses_in_a_cell",
                f"{_place(row, column)}: there are two doses for one cell "
                f"(the other is doses[{seen[cell]}]).",
                where,
            )
        seen[cell] = index
        _check_dose(dose, row, column, where)


def _refuse_repeats(keys: Iterable[str], what: str) -> None:
    seen: dict[str, int] = {}
    for index, key in enumerate(keys):
        if key in seen:
            raise InputError(
                "key_repeats",
                f"The key {key!r} stands twice among the {what} (also at {what}[{seen[key]}]); "
                "keys are unique.",
                f"{what}[{index}].key",
            )
        seen[key] = index


def _check_labels(products: Sequence[Product]) -> None:
    keys = {product.key for product in products}
    for index, product in enumerate(products):
        for other in product.after:
            if other not in keys or other == product.key:
                raise InputError(
                    "unknown_product",
                    f"{product.name} is to go in after {other!r}, "
                    "which is not another product of this chart.",
                    f"products[{index}].after",
                )


def _check_lengths(columns: Sequence[Column]) -> None:
    for index, column in enumerate(columns):
        if column.days is not None and not 1 <= column.days <= 366:
            raise InputError(
                "days_out_of_range",
                f"Column {column.label}: a column lasts 1 to 366 days.",
                f"columns[{index}].days",
            )


def _place(row: Product, column: Column) -> str:
    return f"Row {row.name}, column {column.label}"


def _check_dose(dose: Dose, row: Product, column: Column, where: str) -> None:
    place = _place(row, column)
    if dose.low is None or dose.high is None or dose.unit is None:
        if (dose.low, dose.high, dose.unit) != (None, None, None) or dose.until_ec is None:
            raise InputError(
                "dose_incomplete",
                f"{place}: a dose has a value and its unit, or a rule until which EC to pour.",
                where,
            )
        return
    if dose.low > dose.high:
        raise InputError(
            "range_upside_down",
            f"{place}: the low end of the range is above its high end.",
            f"{where}.low",
        )
    fits = AmountUnit.G if row.form is Form.DRY else AmountUnit.ML
    if dose.unit.amount_unit is not fits:
        kind = "dry, so its dose is by weight" if row.form is Form.DRY else "liquid, not by weight"
        raise InputError(
            "unit_does_not_fit",
            f"{place}: {dose.unit.words} does not fit; {row.name} is {kind}.",
            f"{where}.unit",
        )
