"""What a typed leaflet means: amounts in a tank, the second look at it, and what it feeds."""

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from core.chart import Chart, Column, Dose, Product
from core.chart.growing import Crop
from core.chart.strength import printed_amount
from core.chemistry import (
    Element,
    Label,
    conducts,
    contents_of,
    declared_by,
    elements_of,
    source_water,
)
from core.leaflet.sheet import Sheet, SheetRead, SheetRow
from core.leaflet.table import dose_text
from core.lint import Finding, lint_chart
from core.messages import Message
from core.quantities import Amount, DoseUnit, Reading, ReadingRange, Spoons, Volume, number_text
from core.water import Water
from core.windows import Window, element_windows


@dataclass(frozen=True, slots=True)
class Remedy:
    """One edit that settles what was found: a text into a cell, or into the days of columns.

    Args:
        words: what it does.
        text: what is typed.
        row, column: where; a row of None is the days of a column, a column of None all columns.
    """

    words: str
    text: str
    row: int | None
    column: int | None


@dataclass(frozen=True, slots=True)
class MarginNote:
    """What stands in the margin of a sheet, by its row and column, with a remedy where one does."""

    message: Message
    row: int | None
    column: int | None
    remedy: Remedy | None = None

    @property
    def code(self) -> str:
        """A stable word for it."""
        return self.message.code


@dataclass(frozen=True, slots=True)
class MixedAt:
    """Where doses go.

    Args:
        volume: all the water.
        strength: share of the printed doses, for what scales.
        spoons: which spoons are meant.
        ones: what a dose of 1 comes to, by unit; filled as units are met.
    """

    volume: Volume
    strength: Fraction
    spoons: Spoons
    ones: dict[DoseUnit, Fraction] = field(default_factory=dict)


def amount_range(dose: Dose, product: Product, tank: MixedAt) -> tuple[Amount, Amount] | None:
    """What a dose comes to in a tank, from and to; None for a rule alone."""
    printed = printed_amount(dose, tank.volume, tank.spoons, tank.ones)
    if printed is None:
        return None
    share = tank.strength if product.scales else Fraction(1)
    return Amount(printed.low * share, printed.unit), Amount(printed.high * share, printed.unit)


def amount_range_words(low: Amount, high: Amount) -> str:
    """Amounts as a glance takes them: three digits, and the unit once.

    >>> from core.quantities import AmountUnit
    >>> one, two = (Amount(Fraction(n), AmountUnit.ML) for n in (170, 255))
    >>> amount_range_words(one, two), amount_range_words(one, one)
    ('170 to 255 mL', '170 mL')
    """
    first, last = _digits(low.value), _digits(high.value)
    return f"{first if first == last else f'{first} to {last}'} {low.unit}"


def _digits(value: Fraction) -> str:
    places = 0 if value >= 100 else 1 if value >= 10 else 2
    text = number_text(value, places)
    return text.rstrip("0").rstrip(".") if "." in text else text


def margin_of(
    sheet: Sheet, read: SheetRead, labels: Mapping[str, Label], spoons: Spoons
) -> tuple[MarginNote, ...]:
    """The second look at a chart while it is typed; see `core.lint`.

    Args:
        sheet: as typed.
        read: what it says.
        labels: by key of the product.
        spoons: which spoons are meant.
    """
    if read.chart is None:
        return ()
    rows = {row.product.key: at for at, row in enumerate(sheet.rows)}
    columns = {column.key: at for at, column in enumerate(sheet.columns)}
    notes = []
    for finding in lint_chart(read.chart, labels, spoons=spoons):
        row = rows.get(finding.product or "")
        column = columns.get(finding.column or "")
        remedy = _remedy(finding, sheet, read.chart, row, column)
        notes.append(MarginNote(finding.message, row, column, remedy))
    return tuple(notes)


def _remedy(
    finding: Finding, sheet: Sheet, chart: Chart, row: int | None, column: int | None
) -> Remedy | None:
    match finding.code:
        case "no_days":
            return Remedy("7 days each", "7", None, None)
        case "part_missing" | "pair_unequal_as_typed" if row is not None and column is not None:
            found = _as_its_pair(sheet.rows[row], chart, sheet.columns[column].key)
            return found and Remedy(f"{found[0]} as {found[1].name}", found[0], row, column)
    return None


def _as_its_pair(row: SheetRow, chart: Chart, column: str) -> tuple[str, Product] | None:
    """The dose of the other part, and that part, where there is one other."""
    own = row.product
    others = [p for p in chart.products if p.is_base and p.group == own.group and p.key != own.key]
    if len(others) != 1 or (dose := chart.dose(others[0].key, column)) is None:
        return None
    return dose_text(dose, row.unit), others[0]


@dataclass(frozen=True, slots=True)
class FedColumn:
    """What one column feeds.

    Args:
        printed: its EC as printed, at the strength chosen.
        by_labels: mS/cm that its bottles add to neutral water, by chemistry; None where no label
            tells.
        elements: ppm that they bring, by element, as far as labels name them.
        cost: what 100 L of it costs, of the bottles whose price is known; None where none is.
        windows: what the crop takes in that stage.
    """

    printed: ReadingRange | None
    by_labels: Reading | None
    elements: Mapping[Element, float] = field(default_factory=dict)
    cost: Fraction | None = None
    windows: Mapping[Element, Window] = field(default_factory=dict)

    @property
    def ratio(self) -> str:
        """N : P : K in words, the smallest as 1; empty where one of them is missing."""
        three = [self.elements.get(one, 0.0) for one in (Element.N, Element.P, Element.K)]
        if min(three) <= 0:
            return ""
        return ":".join(f"{one / min(three):.1f}".removesuffix(".0") for one in three)


def what_it_feeds(
    chart: Chart,
    labels: Mapping[str, Label],
    *,
    strength: Fraction,
    crop: Crop | None,
    spoons: Spoons,
    water: Water | None = None,
    costs: Mapping[str, Fraction] | None = None,
) -> tuple[FedColumn, ...]:
    """What each column brings, by the labels of its bottles.

    Args:
        chart: with doses in the middle of their ranges.
        labels: by key of the product; bottles without one bring nothing here.
        strength: share of the printed doses.
        crop: for the ranges; None for the general ones.
        spoons: which spoons are meant.
        water: whose own elements count in, as far as its lab report names them.
        costs: of a mL or g, by key of the product.
    """
    own = elements_of(source_water(water).reported) if water else {}
    known = [product for product in chart.products if product.key in labels]
    contents = {one.key: contents_of(labels[one.key], one.form, one.role) for one in known}
    litre = MixedAt(Volume(Fraction(1)), strength, spoons)
    feeds = [
        [(contents[key], dose) for key, dose in _per_litre(chart, known, column, litre)]
        for column in chart.columns
    ]
    solved = conducts(feeds)
    return tuple(
        FedColumn(
            column.ec and column.ec.times(strength),
            Reading(Fraction(ms_cm).limit_denominator(10_000)) if feed and ms_cm else None,
            _together(own, elements_of(declared_by(feed))),
            _cost(chart, column, litre, costs or {}),
            element_windows(column.stage, crop, {}, strength),
        )
        for column, feed, ms_cm in zip(chart.columns, feeds, solved, strict=True)
    )


def _cost(
    chart: Chart, column: Column, litre: MixedAt, costs: Mapping[str, Fraction]
) -> Fraction | None:
    priced = [product for product in chart.products if product.key in costs]
    poured = list(_doses_per_litre(chart, priced, column, litre))
    return (
        sum((costs[key] * middle * 100 for key, middle in poured), Fraction(0)) if poured else None
    )


def _together(own: Mapping[Element, float], fed: Mapping[Element, float]) -> dict[Element, float]:
    return {
        one: own.get(one, 0.0) + fed.get(one, 0.0) for one in Element if one in own or one in fed
    }


def _per_litre(
    chart: Chart, known: list[Product], column: Column, litre: MixedAt
) -> Iterator[tuple[str, float]]:
    """mL or g of each bottle in a litre, as chemistry takes them."""
    for key, middle in _doses_per_litre(chart, known, column, litre):
        yield key, float(middle)


def _doses_per_litre(
    chart: Chart, known: list[Product], column: Column, litre: MixedAt
) -> Iterator[tuple[str, Fraction]]:
    """mL or g of each bottle in a litre, in the middle of its range."""
    for product in known:
        dose = chart.dose(product.key, column.key)
        found = dose and amount_range(dose, product, litre)
        if found and (middle := (found[0].value + found[1].value) / 2):
            yield product.key, middle
