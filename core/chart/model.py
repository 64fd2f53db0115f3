"""A whole feed chart. A `Chart` that exists is a valid one."""

from collections.abc import Mapping
from dataclasses import dataclass, field

from core.chart.parts import Column, Dose, Medium, Product, Readings
from core.chart.validity import check_chart
from core.errors import InputError
from core.messages import Listed


@dataclass(frozen=True, slots=True)
class Chart:
    """A feed chart.

    Args:
        name: what the leaflet is called.
        medium: what it was written for.
        readings: what its EC figures mean.
        rows_are_order: whether the chart states its rows as the mixing order.
        products: rows, as printed.
        columns: weeks or stages, in order of time.
        doses: cells that are not blank, in any order.

    Raises:
        InputError: keys that repeat or are unknown, two doses in one cell, a dose in a unit that
            does not fit the product's form; `where` points at the row and the column.
    """

    name: str
    medium: Medium
    readings: Readings
    rows_are_order: bool
    products: tuple[Product, ...]
    columns: tuple[Column, ...]
    doses: tuple[Dose, ...]
    _cells: Mapping[tuple[str, str], Dose] = field(init=False, repr=False, compare=False)

    def __post_init__(self) -> None:
        check_chart(self.products, self.columns, self.doses)
        cells = {(dose.product, dose.column): dose for dose in self.doses}
        object.__setattr__(self, "_cells", cells)

    def column(self, key: str) -> Column:
        """The column of that key.

        Raises:
            InputError: there is none; names those there are.
        """
        for column in self.columns:
            if column.key == key:
                return column
        keys = Listed(tuple(column.key for column in self.columns[:12]), "comma")
        raise InputError("unknown_column.listed", key=key, keys=keys)

    def dose(self, product: str, column: str) -> Dose | None:
        """The cell, or None where it is blank."""
        return self._cells.get((product, column))
