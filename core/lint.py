"""A second look at a chart as it was typed: what is probably a slip, and where it stands.

What contradicts itself, such as a range the wrong way round, is refused when a chart is read in;
here is what could be meant and seldom is.
"""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from fractions import Fraction
from itertools import pairwise
from statistics import median

from core.chart import Chart, Column, Product, Stage
from core.chemistry import Label, conducts, contents_of
from core.messages import Figure, Message
from core.plausible import doses_per_litre, implausible_doses
from core.quantities import Spoons, VolumeUnit, decimal_text, of_float
from core.quantities.units import LITRES


@dataclass(frozen=True, slots=True)
class Finding:
    """Something to look at again.

    Args:
        message: what is odd, why it matters and what to compare; its code is a stable word.
        product: key of the row, or None for the whole column.
        column: key of the column, or None for the whole chart.
        values: the figures behind it, as decimal text.
    """

    message: Message
    product: str | None = None
    column: str | None = None
    values: Mapping[str, str] = field(default_factory=dict)

    @property
    def code(self) -> str:
        """A stable word for programs and tests."""
        return self.message.code


JUMP = 3
"""Doses seldom change by more between two columns: common practice."""

GALLON = float(LITRES[VolumeUnit.GAL_US])
UK_GALLON = float(LITRES[VolumeUnit.GAL_UK] / LITRES[VolumeUnit.GAL_US])
_NEAR_GALLON = 0.20
_NEAR_UK = 0.06
"""How near a factor must be to be taken for a slip: labels and salts are not surer than that."""

_EASES = (Stage.RIPEN, Stage.FLUSH)


def lint_chart(
    chart: Chart,
    labels: Mapping[str, Label] | None = None,
    *,
    spoons: Spoons = Spoons.METRIC,
) -> tuple[Finding, ...]:
    """What is probably a slip in a chart.

    Args:
        chart: the chart as typed.
        labels: labels of its products by key; with them, doses are held against the printed EC.
        spoons: which spoons it means.
    """
    table = _Table(chart, doses_per_litre(chart.doses, spoons))
    return (
        *_implausible(table),
        *_missing_parts(table),
        *_unequal_pairs(table),
        *_jumps(table),
        *_falling_ec(table),
        *_wrong_volume(table, labels or {}),
        *_no_days(chart),
    )


@dataclass(frozen=True, slots=True)
class _Table:
    """A chart with its cells in mL or g per litre, ranges by their middle."""

    chart: Chart
    doses: Mapping[tuple[str, str], Fraction]

    def of(self, product: Product, column: Column) -> Fraction:
        return self.doses.get((product.key, column.key), Fraction(0))

    def bases(self) -> list[Product]:
        return [p for p in self.chart.products if p.is_base]

    def groups(self) -> list[list[Product]]:
        groups: dict[str, list[Product]] = {}
        for product in self.bases():
            groups.setdefault(product.group, []).append(product)
        return [group for group in groups.values() if len(group) > 1]

    def total(self, column: Column) -> Fraction:
        return sum((self.of(product, column) for product in self.bases()), Fraction(0))


def _implausible(table: _Table) -> Iterator[Finding]:
    names = {product.key: product.name for product in table.chart.products}
    for dose in implausible_doses(table.chart.products, table.chart.columns, table.doses):
        yield Finding(
            Message("dose_implausible", product=names[dose.product], why=dose.why),
            dose.product,
            dose.column,
            {"dose": decimal_text(table.doses[dose.product, dose.column])},
        )


def _missing_parts(table: _Table) -> Iterator[Finding]:
    for group in table.groups():
        for product in group:
            yield from _blanks(table, group, product)


def _blanks(table: _Table, group: list[Product], product: Product) -> Iterator[Finding]:
    """Columns in which a part is blank while the others are not: between its own, or of a pair."""
    columns = table.chart.columns
    used = [at for at, column in enumerate(columns) if table.of(product, column)]
    between = range(used[0], used[-1]) if used else range(0)
    looked_at = range(len(columns)) if len(group) == 2 else between
    for at in sorted({*looked_at}.difference(used)):
        column = columns[at]
        others = [p for p in group if p is not product and table.of(p, column)]
        if others:
            yield Finding(
                Message(
                    "part_missing",
                    product=product.name,
                    column=column.label,
                    other=others[0].name,
                ),
                product.key,
                column.key,
            )


def _unequal_pairs(table: _Table) -> Iterator[Finding]:
    for group in table.groups():
        if len(group) != 2:
            continue
        for column in table.chart.columns:
            one, other = (table.of(product, column) for product in group)
            if one and other and one != other:
                yield Finding(
                    Message(
                        "pair_unequal_as_typed",
                        first=group[0].name,
                        second=group[1].name,
                        column=column.label,
                    ),
                    group[1].key,
                    column.key,
                )


def _jumps(table: _Table) -> Iterator[Finding]:
    for product in table.chart.products:
        for before, column in pairwise(table.chart.columns):
            one, other = table.of(product, before), table.of(product, column)
            eases = column.stage in _EASES or before.stage in _EASES
            if not one or not other or eases or max(one, other) <= JUMP * min(one, other):
                continue
            times = max(one, other) / min(one, other)
            yield Finding(
                Message(
                    "dose_jumps.up" if other > one else "dose_jumps.down",
                    product=product.name,
                    times=Figure(times, 1),
                    before=before.label,
                    column=column.label,
                ),
                product.key,
                column.key,
                {"times": f"{float(times):.2f}"},
            )


def _falling_ec(table: _Table) -> Iterator[Finding]:
    for before, column in pairwise(table.chart.columns):
        if before.ec is None or column.ec is None:
            continue
        falls = column.ec.middle < before.ec.middle
        one, other = table.total(before), table.total(column)
        if falls and one and other > one * Fraction(105, 100):
            yield Finding(
                Message("ec_falls_while_doses_rise", before=before.label, column=column.label),
                None,
                column.key,
            )


def _no_days(chart: Chart) -> Iterator[Finding]:
    lacking = [column for column in chart.columns if column.days is None]
    if lacking:
        every = len(lacking) == len(chart.columns)
        message = Message("no_days.column", column=lacking[0].label)
        yield Finding(
            Message("no_days") if every else message,
            None,
            None if every else lacking[0].key,
        )


def _wrong_volume(table: _Table, labels: Mapping[str, Label]) -> Iterator[Finding]:
    """Doses whose EC is off by the factor of a gallon: by labels, else against other columns."""
    feeds = [
        column
        for column in table.chart.columns
        if column.ec and column.stage is not Stage.FLUSH and table.total(column)
    ]  # what is printed for a flush is mostly the water's own
    by_labels = _by_labels(table, feeds, labels)
    yield from _off_by_labels(table, by_labels) if by_labels else _off_the_others(table, feeds)


def _off_the_others(table: _Table, feeds: Sequence[Column]) -> Iterator[Finding]:
    """Columns whose doses and EC part by a gallon from those of the other columns."""
    ratios = {
        column.key: float(table.total(column) / column.ec.middle.ms_cm)
        for column in feeds
        if column.ec and column.ec.middle.ms_cm
    }
    if len(ratios) < 4:
        return
    usual = median(ratios.values())
    for column in feeds:
        factor = ratios.get(column.key, usual) / usual
        if _near(factor, GALLON, _NEAR_GALLON):
            yield Finding(
                Message(
                    "litre_or_gallon",
                    column=column.label,
                    times=Figure(of_float(max(factor, 1 / factor), 1), 1),
                ),
                None,
                column.key,
                {"factor": f"{factor:.2f}"},
            )


def _near(factor: float, wanted: float, by: float) -> bool:
    """Whether a factor or its inverse is near a wanted one."""
    larger = max(factor, 1 / factor) if factor else 0.0
    return abs(larger / wanted - 1) <= by


def _by_labels(
    table: _Table, columns: Sequence[Column], labels: Mapping[str, Label]
) -> dict[str, float]:
    """How many times the printed EC each column's labels come to; empty without all labels."""
    if not columns or any(product.key not in labels for product in table.bases()):
        return {}
    feed = [p for p in table.chart.products if p.is_feed and p.key in labels]
    contents = [(p, contents_of(labels[p.key], p.form, p.role)) for p in feed]
    feeds = [[(inside, float(table.of(p, column))) for p, inside in contents] for column in columns]
    return _times_printed(columns, conducts(feeds))


def _times_printed(columns: Sequence[Column], found: Sequence[float | None]) -> dict[str, float]:
    """What was found of each column as times what is printed there, where both tell."""
    return {
        column.key: ms_cm / float(column.ec.middle.ms_cm)
        for column, ms_cm in zip(columns, found, strict=True)
        if ms_cm and column.ec and column.ec.middle.ms_cm
    }


def _off_by_labels(table: _Table, ratios: Mapping[str, float]) -> Iterator[Finding]:
    labels_of = {column.key: column.label for column in table.chart.columns}
    steady = median(ratios.values())
    alike = all(abs(ratio / steady - 1) < 0.1 for ratio in ratios.values())
    if alike and _near(steady, UK_GALLON, _NEAR_UK):
        yield Finding(
            Message("us_or_uk_gallon", times=Figure(of_float(steady, 2), 2)),
            values={"factor": f"{steady:.2f}"},
        )
    for key, ratio in ratios.items():
        if _near(ratio, GALLON, _NEAR_GALLON):
            yield Finding(
                Message(
                    "litre_or_gallon.labels",
                    column=labels_of[key],
                    times=Figure(of_float(ratio, 1), 1),
                ),
                None,
                key,
                {"factor": f"{ratio:.2f}"},
            )
