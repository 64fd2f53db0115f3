"""From one chart to another: two columns of different charts as one chart, to mix between them."""

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, replace

from core.chart.model import Chart
from core.chart.parts import Column, Dose, Product


@dataclass(frozen=True, slots=True)
class JoinedCharts:
    """Two columns of two charts side by side.

    Args:
        chart: all that either of them pours.
        towards: the key that the column of the second chart has here.
        keys: the key that each row of the second chart has here.
    """

    chart: Chart
    towards: str
    keys: Mapping[str, str]


def join_charts(
    first: Chart, column: str, second: Chart, towards: str, same: Mapping[str, str]
) -> JoinedCharts:
    """Two columns of two charts as one chart of two columns.

    Where the EC figures of the two mean different things nothing is half way between them: the
    joined columns print none, and the doses alone count.

    Args:
        first: the chart that one comes from.
        column: its column.
        second: the chart that one goes to.
        towards: its column.
        same: rows of the second chart that are a product of the first, by their keys.

    Raises:
        InputError: one of the charts has no such column; both together have too many rows.
    """
    before, behind = first.column(column), second.column(towards)
    keys = dict(same)
    taken = {product.key for product in first.products}
    for product in second.products:
        if product.key not in same:
            keys[product.key] = _free(product.key, taken)
            taken.add(keys[product.key])
    behind = replace(
        behind, key=_free(behind.key, {before.key}), label=f"{second.name}, {behind.label}"
    )
    if first.readings is not second.readings:
        before, behind = replace(before, ec=None), replace(behind, ec=None)
    chart = replace(
        first,
        rows_are_order=first.rows_are_order and second.rows_are_order,
        products=(*first.products, *_rows(second, keys, same)),
        columns=(before, behind),
        doses=(*_cells(first, column, before, {}), *_cells(second, towards, behind, keys)),
    )
    return JoinedCharts(chart, behind.key, keys)


def _free(key: str, taken: set[str]) -> str:
    """The key itself, or the first with a number that nothing else has."""
    found, number = key, 2
    while found in taken:
        found, number = f"{key}-{number}", number + 1
    return found


def _rows(second: Chart, keys: Mapping[str, str], same: Mapping[str, str]) -> Iterator[Product]:
    """What the second chart adds; its groups of parts are others than those of the first."""
    for product in second.products:
        if product.key not in same:
            group = f"{second.name}: {product.group}" if product.group else product.group
            after = tuple(keys.get(key, key) for key in product.after)
            yield replace(product, key=keys[product.key], group=group, after=after)


def _cells(chart: Chart, column: str, into: Column, keys: Mapping[str, str]) -> Iterator[Dose]:
    for dose in chart.doses:
        if dose.column == column:
            yield replace(dose, product=keys.get(dose.product, dose.product), column=into.key)
