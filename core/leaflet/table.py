"""A chart as a table that people can read, and that reads back as the same chart."""

from collections.abc import Iterator, Sequence
from enum import StrEnum
from fractions import Fraction

from core.chart import Chart, Column, Dose, Product, Readings
from core.leaflet.about import about_lines, name_in_table
from core.leaflet.grid import tidy_cell
from core.leaflet.headings.words import read_heading
from core.quantities import DoseUnit, ReadingScale, ReadingUnit, decimal_text

Table = tuple[tuple[str, ...], ...]


class WhereUnit(StrEnum):
    """Where a table says the unit of a row."""

    COLUMN = "column"
    NAME = "name"
    CELL = "cell"


def chart_table(
    chart: Chart,
    *,
    units: WhereUnit = WhereUnit.COLUMN,
    down: bool = False,
    scale: ReadingScale = ReadingScale(),  # noqa: B008 -- frozen
) -> Table:
    """A chart as rows of texts: bottles down and weeks across, readings below.

    Args:
        chart: what to write.
        scale: what its EC is written in.
        units: where a row's unit stands.
        down: whether weeks go down and bottles across.
    """
    rows = [
        *_headings(chart, units),
        *(_bottle(chart, product, units) for product in chart.products),
    ]
    rows += _readings(chart, units, scale)
    return tuple(zip(*rows, strict=True)) if down else tuple(rows)


def _headings(chart: Chart, units: WhereUnit) -> Iterator[tuple[str, ...]]:
    columns = chart.columns
    rows = [("Bottle", "Unit", [tidy_cell(column.label) or column.key for column in columns])]
    if any(map(_tells_stage, columns)):
        rows.append(("Stage", "", [column.stage or "-" for column in columns]))
    if any(map(_tells_days, columns)):
        rows.append(("Days", "", [str(column.days or "-") for column in columns]))
    for name, unit, texts in rows:
        yield (name, *((unit,) if units is WhereUnit.COLUMN else ()), *texts)


def _tells_stage(column: Column) -> bool:
    """Whether a column has a stage, or its label alone would be read as one."""
    said = read_heading(column.label)
    return bool(column.stage or (said and said.stage))


def _tells_days(column: Column) -> bool:
    """Whether a column has its days, or its label alone would be read as so many."""
    said = read_heading(column.label)
    return bool(column.days or (said and (said.is_fine or said.number)))


def _bottle(chart: Chart, product: Product, units: WhereUnit) -> tuple[str, ...]:
    doses = [chart.dose(product.key, column.key) for column in chart.columns]
    usual = usual_unit(doses) if units is not WhereUnit.CELL else None
    name = name_in_table(product.name, product.key)
    beside = (usual.words if usual else "",)
    if units is WhereUnit.NAME and usual:
        name = f"{name} ({usual.words})"
    cells = [dose_text(dose, usual) for dose in doses]
    if not any(cells):
        cells = ["-"] * len(cells)  # a row of blanks would read as a heading
    return (name, *(beside if units is WhereUnit.COLUMN else ()), *cells)


def usual_unit(doses: Sequence[Dose | None]) -> DoseUnit | None:
    """The unit of most of a row's doses."""
    units = [dose.unit for dose in doses if dose is not None and dose.unit is not None]
    return max(units, key=units.count, default=None)


def dose_text(dose: Dose | None, usual: DoseUnit | None) -> str:
    """A cell as it is typed: its unit only where it is not the row's.

    >>> spoons = Dose("one", "w1", Fraction(2), Fraction(3), DoseUnit.TSP_PER_GAL_US)
    >>> dose_text(spoons, DoseUnit.ML_PER_L)
    '2-3 tsp/gal (US)'
    """
    if dose is None:
        return ""
    parts = []
    if dose.low is not None and dose.high is not None and dose.unit is not None:
        text = span_text(dose.low, dose.high)
        parts.append(text if dose.unit is usual else f"{text} {dose.unit.words}")
    if dose.until_ec is not None:
        parts.append(f"until EC +{decimal_text(dose.until_ec)}")
    return ", ".join(parts)


def span_text(low: Fraction, high: Fraction) -> str:
    """One figure, or two with a hyphen."""
    first = decimal_text(low)
    return first if low == high else f"{first}-{decimal_text(high)}"


def _readings(chart: Chart, units: WhereUnit, scale: ReadingScale) -> Iterator[tuple[str, ...]]:
    apart = units is WhereUnit.COLUMN
    if any(column.ec for column in chart.columns):
        what = {Readings.ADDED: " added", Readings.TOTAL: " total"}.get(chart.readings, "")
        name = f"{'ppm' if scale.unit is ReadingUnit.PPM else 'EC'}{what}"
        texts = (_ec_text(column, scale) for column in chart.columns)
        yield (*((name, scale.words) if apart else (f"{name} ({scale.words})",)), *texts)
    if any(column.ph for column in chart.columns):
        yield ("pH", *(("",) if apart else ()), *map(_ph_text, chart.columns))


def _ec_text(column: Column, scale: ReadingScale) -> str:
    if not column.ec:
        return ""
    return span_text(column.ec.low.in_unit(scale), column.ec.high.in_unit(scale))


def _ph_text(column: Column) -> str:
    return span_text(column.ph.low, column.ph.high) if column.ph else ""


def beside_the_table(chart: Chart) -> tuple[str, ...]:
    """What the table itself cannot hold, in words, before anybody exports it."""
    told = [
        "for what it was written, and whether its EC is added or total",
        "whether its rows are the mixing order",
        "what each bottle is for, its form, and the parts that belong together",
    ]
    if any(product.after or product.wait_min is not None for product in chart.products):
        told.append("after which others a bottle goes in, and its wait")
    if any(product.oxidiser or product.settles for product in chart.products):
        told.append("which bottles are oxidisers or settle the pH by themselves")
    return tuple(told)


def whole_table(
    chart: Chart,
    scale: ReadingScale = ReadingScale(),  # noqa: B008 -- frozen
) -> Table:
    """The table, and below it the lines that keep what it cannot hold."""
    table = chart_table(chart, scale=scale)
    return (*table, ("",), *((line,) for line in about_lines(chart)))
