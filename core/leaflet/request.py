"""What reading a table asks and answers."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from typing import Literal

from core.chart import Chart, Column, Form, Medium, Product, Readings, Role
from core.leaflet.rows.words import TakenAs
from core.messages import Message
from core.quantities import DoseUnit, PpmScale, ReadingScale, ReadingUnit
from core.quantities.dose_units import DoseUnitSaid, Gallon


@dataclass(frozen=True, slots=True)
class ShelfBottle:
    """A bottle that a row may be.

    Args:
        name: what the shelf calls it.
        role: what it is for.
        form: liquid or dry.
    """

    name: str
    role: Role
    form: Form


Hidden = Literal["with", "without"]
"""Whether hidden rows and columns are read."""

Strength = Literal["times", "in_doses"]
"""What a row of shares does: printed doses are multiplied by it, or have it in them already."""


@dataclass(frozen=True, slots=True)
class TableRequest:
    """A table as it was found, and what its reader already knows.

    Args:
        rows: its cells as texts; rows may differ in length.
        name: what to call the chart where the table has no title.
        gallon: which gallon is meant where the leaflet does not say.
        ppm_scale: which ppm scale is meant where the leaflet does not say.
        unit: what is told of the unit of doses, for what the leaflet does not say of it.
        reading_unit: what a row called "EC" is in where its figures are beyond any feed in mS/cm.
        shelf: bottles that rows are matched with.
        said: what somebody says of rows, by their numbers in the file; where bottles go across, by
            their columns.
        as_printed: rows, by the same numbers, whose doses stand although they are implausible.
        hidden_rows, hidden_columns: of the file, from 1, that nobody sees in it.
        hidden: whether they are read.
        table: which of several tables is read, from 1.
        strength: whether doses are to be multiplied by a row of shares, or have it in them.
    """

    rows: tuple[tuple[str, ...], ...]
    name: str = ""
    gallon: Gallon | None = None
    ppm_scale: PpmScale | None = None
    unit: DoseUnitSaid | None = None
    reading_unit: ReadingUnit | None = None
    shelf: tuple[ShelfBottle, ...] = ()
    said: Mapping[int, TakenAs] = field(default_factory=dict)
    as_printed: frozenset[int] = frozenset()
    strength: Strength | None = None
    table: int | None = None
    hidden_rows: frozenset[int] = frozenset()
    hidden_columns: frozenset[int] = frozenset()
    hidden: Hidden | None = None


class Asked(StrEnum):
    """What a question is about."""

    GALLON = "gallon_unsaid"
    PPM_SCALE = "ppm_scale_unsaid"
    UNIT = "unit_unsaid"
    READING_UNIT = "reading_unit_unsaid"
    CELL = "cell_unclear"
    ROW = "row_unclear"
    ROWS = "rows_unsure"
    IMPLAUSIBLE = "implausible"
    TABLES = "tables_several"
    HIDDEN = "hidden_unsure"
    STRENGTH = "strength_unsaid"
    HEADER = "header_unclear"


@dataclass(frozen=True, slots=True)
class UnsureRow:
    """A row with figures of which nothing says that it is a bottle.

    Args:
        row: of the file, counted from 1; where bottles go across, the column.
        name: as printed.
        likely: what it is taken as until somebody says.
        why: in a few words.
    """

    row: int
    name: str
    likely: TakenAs
    why: Message


@dataclass(frozen=True, slots=True)
class FoundTable:
    """One of several tables in a file.

    Args:
        title: what it is called; empty where nothing stands above it.
        rows, columns: how many it has of either, without headings and names.
        sheet: of a spreadsheet, on which it stands.
    """

    title: str
    rows: int
    columns: int
    sheet: str = ""


@dataclass(frozen=True, slots=True)
class Question:
    """What the table leaves open, and where.

    Args:
        code: what is open.
        message: what was found, why it is open and what to do.
        row, column: the cell, counted from 1 as in the file.
        choices: answers that would settle it, where there are few.
        of_doses: whether a dose depends on the answer.
        rows: those of which it asks what they are.
        tables: those of which one is to be chosen, by its number from 1.
    """

    code: Asked
    message: Message
    row: int
    column: int
    choices: tuple[str, ...] = ()
    of_doses: bool = True
    rows: tuple[UnsureRow, ...] = ()
    tables: tuple[FoundTable, ...] = ()


@dataclass(frozen=True, slots=True)
class Note:
    """A text that is neither dose nor reading, kept where it stood; None is all of a row."""

    text: str | Message
    row: int
    column: int | None = None


@dataclass(frozen=True, slots=True)
class Guess:
    """What the leaflet does not say, and what it was taken for.

    Args:
        product: name of the row; None for the chart.
        field: which of its fields.
        value: what was taken.
        why: in a few words.
    """

    product: str | None
    field: str
    value: str
    why: Message


class CellKind(StrEnum):
    """What a cell of the table was understood as."""

    TITLE = "title"
    HEADING = "heading"
    NAME = "name"
    UNIT = "unit"
    DOSE = "dose"
    NO_DOSE = "no_dose"
    READING = "reading"
    NOTE = "note"
    QUESTION = "question"


@dataclass(frozen=True, slots=True)
class Understood:
    """A cell that is not blank, and what it was taken for, in words."""

    row: int
    column: int
    kind: CellKind
    meaning: str | Message = ""


@dataclass(frozen=True, slots=True)
class DraftRow:
    """A bottle of the draft: the product, the row of the file, and its cells as printed."""

    product: Product
    row: int
    unit: DoseUnit | None
    cells: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class ChartDraft:
    """What a table was understood as.

    Args:
        chart: None while a question changes doses.
        questions, notes, guesses: what it leaves open, says besides, and was taken for.
        cells: every cell that is not blank, each once.
        rows, columns: bottles and columns, also while there is no chart; in the order of the table.
        name, medium, readings, rows_are_order: what is said of the whole chart.
        scale: what its EC is printed in.
    """

    chart: Chart | None
    questions: tuple[Question, ...]
    notes: tuple[Note, ...]
    guesses: tuple[Guess, ...]
    cells: tuple[Understood, ...]
    rows: tuple[DraftRow, ...]
    columns: tuple[Column, ...]
    name: str
    medium: Medium
    readings: Readings
    rows_are_order: bool
    scale: ReadingScale | None = None
