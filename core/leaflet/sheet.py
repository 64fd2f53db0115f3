"""A leaflet as it is typed: a grid of texts, read cell by cell while somebody types."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field
from fractions import Fraction
from typing import TypeVar

from core.chart import Chart, Column, Dose, Medium, PhWindow, Product, Readings, Stage
from core.errors import InputError
from core.leaflet.rows.cells import DoseCellHabits, as_figure, comma_habit, read_dose_cell
from core.leaflet.units import dose_of, unit_for
from core.limits import STRONGEST_WATER
from core.messages import Message
from core.quantities import DoseUnit, Reading, ReadingRange, ReadingScale
from core.quantities.dose_units import DoseUnitSaid, said_of
from core.quantities.typed_numbers import single_number, split_range, tidy_text


@dataclass(frozen=True, slots=True)
class SheetRow:
    """A bottle of the sheet.

    Args:
        product: what is known of it.
        unit: what its figures are in, where a cell does not say.
        cells: texts, one for each column.
    """

    product: Product
    unit: DoseUnit | None
    cells: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class SheetColumn:
    """A week or stage of the sheet; days, EC and pH as typed."""

    key: str
    label: str
    days: str = ""
    stage: Stage | None = None
    ec: str = ""
    ph: str = ""


@dataclass(frozen=True, slots=True)
class Sheet:
    """A leaflet as it stands on screen.

    Args:
        name, medium, readings, rows_are_order: as in a chart.
        scale: what its EC row is in.
        rows: bottles, as printed.
        columns: weeks or stages.
    """

    name: str
    medium: Medium
    readings: Readings
    rows_are_order: bool
    scale: ReadingScale
    rows: tuple[SheetRow, ...]
    columns: tuple[SheetColumn, ...]


@dataclass(frozen=True, slots=True)
class SheetProblem:
    """What cannot be read, and where: a bottle's row, a column, or a cell of both.

    Args:
        message: what is wrong and what to do.
        row, column: counted from 0.
        part: which line it is in: `cell`, `name`, `days`, `ec` or `ph`.
    """

    message: Message
    row: int | None = None
    column: int | None = None
    part: str = "cell"

    @property
    def code(self) -> str:
        """A stable word for it."""
        return self.message.code


@dataclass(frozen=True, slots=True)
class SheetRead:
    """What a sheet says.

    Args:
        chart: all that is understood; None where there is nothing yet.
        doses: by row and column.
        problems: what stands in the way of keeping it.
    """

    chart: Chart | None
    doses: Mapping[tuple[int, int], Dose] = field(default_factory=dict)
    problems: tuple[SheetProblem, ...] = ()


def read_sheet(sheet: Sheet) -> SheetRead:
    """The chart of a sheet, as far as it is understood."""
    problems: list[SheetProblem] = []
    texts = [text for row in sheet.rows for text in row.cells]
    habits = DoseCellHabits(comma_habit(texts), sheet.scale.scale)
    doses: dict[tuple[int, int], Dose] = {}
    for at, row in enumerate(sheet.rows):
        if is_blank(row):
            continue
        if not row.product.name.strip():
            problems.append(SheetProblem(Message("name_missing.bottle"), at, part="name"))
        for place, (text, column) in enumerate(zip(row.cells, sheet.columns, strict=False)):
            try:
                dose = read_cell(text, row, column.key, habits)
            except InputError as error:
                problems.append(SheetProblem(error.message, at, place))
                continue
            if dose is not None:
                doses[at, place] = dose
    columns = tuple(_column(at, one, sheet.scale, problems) for at, one in enumerate(sheet.columns))
    return SheetRead(_chart(sheet, columns, doses, problems), doses, tuple(problems))


def is_blank(row: SheetRow) -> bool:
    """Whether nothing was typed in a row: it is paper, and no bottle."""
    return not row.product.name.strip() and not any(cell.strip() for cell in row.cells)


def read_cell(text: str, row: SheetRow, column: str, habits: DoseCellHabits) -> Dose | None:
    """The dose of one cell; None where nothing goes in.

    Raises:
        InputError: it is no dose, its unit is open, or does not fit the bottle.
    """
    read = read_dose_cell(text, habits)
    if read.is_none:
        return None
    product = row.product
    told = said_of(row.unit) if row.unit else None
    said = read.unit.over(told) if read.unit else told
    if read.low is not None:
        _check_unit(said, product)
    dose = dose_of(read, said, product, column)
    if dose is None and read.low is not None:
        raise InputError("unit_does_not_fit.cell", product=product.name, form=product.form.value)
    return dose


def _check_unit(said: DoseUnitSaid | None, product: Product) -> None:
    """Refuse a unit that is open."""
    if said is not None and said.is_whole and said.lacks_gallon:
        raise InputError("gallon_unsaid")
    if said is None or unit_for(said, product.form) is None:
        raise InputError("unit_unsaid")


_T = TypeVar("_T")


def _column(
    at: int, column: SheetColumn, scale: ReadingScale, problems: list[SheetProblem]
) -> Column:
    def typed(part: str, text: str, read: Callable[[str], _T]) -> _T | None:
        if text.strip() in ("", "-", "–"):
            return None
        try:
            return read(text)
        except InputError as error:
            problems.append(SheetProblem(error.message, None, at, part))
            return None

    return Column(
        column.key,
        column.label,
        typed("days", column.days, _days),
        column.stage,
        typed("ec", column.ec, lambda text: _ec(text, scale)),
        typed("ph", column.ph, _ph),
    )


def _days(text: str) -> int:
    value, rest = single_number(tidy_text(text, Message("typed.days")), Message("typed.days"))
    if value.denominator != 1 or not 1 <= value <= 366 or rest not in ("", "d", "day", "days"):
        raise InputError("days_out_of_range.whole")
    return int(value)


def _ec(text: str, scale: ReadingScale) -> ReadingRange:
    low, high = _span(text, Message("typed.cell_reading"))
    first, last = (Reading.of(as_figure(one), scale) for one in (low, high))
    if last.ms_cm > STRONGEST_WATER:
        raise InputError("reading_out_of_range.ec", text=text.strip(), scale=scale.words)
    return ReadingRange(first, last)


def _ph(text: str) -> PhWindow:
    low, high = _span(text, Message("typed.ph"))
    return PhWindow(as_figure(low), as_figure(high))


def _span(text: str, what: Message) -> tuple[Fraction, Fraction]:
    low, high, rest = split_range(tidy_text(text, what), what)
    if rest:
        raise InputError("words_unclear.surplus", rest=rest[:40], what=what)
    return low, high


def _chart(
    sheet: Sheet,
    columns: tuple[Column, ...],
    doses: Mapping[tuple[int, int], Dose],
    problems: list[SheetProblem],
) -> Chart | None:
    products = tuple(row.product for row in sheet.rows if not is_blank(row))
    if not products or not columns:
        return None
    try:
        return Chart(
            sheet.name, sheet.medium, sheet.readings, sheet.rows_are_order,
            products, columns, tuple(doses.values()),
        )  # fmt: skip
    except InputError as error:
        problems.append(SheetProblem(error.message))
        return None
