"""A table of texts into the draft of a chart: the one entrance of reading a leaflet."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, field
from itertools import chain

from core.chart import Chart, Column, Medium, Readings
from core.errors import InputError
from core.leaflet.about import About, split_about
from core.leaflet.asking import ask_of_doses, ask_of_rows, ask_of_strength
from core.leaflet.bottles.doses import Bottles, read_bottles
from core.leaflet.choosing import (
    asking_which,
    besides_hidden,
    chosen_of,
    hidden_in,
    with_cells,
    without_cells,
)
from core.leaflet.findings import Findings
from core.leaflet.grid import Cell, Grid, grid_of
from core.leaflet.headings.columns import Head, heads_of, keys_of, labels_of
from core.leaflet.layout import Layout, find_layout
from core.leaflet.marking import mark_heads, mark_names
from core.leaflet.request import (
    Asked,
    CellKind,
    ChartDraft,
    Note,
    Question,
    TableRequest,
    Understood,
)
from core.leaflet.rows.body import Body, sort_rows
from core.leaflet.rows.cells import DoseCellHabits, comma_habit
from core.leaflet.rows.footnotes import is_footnote, marks_in, without_mark
from core.leaflet.rows.readings import ReadRows, read_reading_rows
from core.leaflet.rows.reasons import KnownRows, known_rows
from core.leaflet.several import tables_in
from core.leaflet.statements import Statements, is_statement, statements_in
from core.leaflet.units import split_unit
from core.limits import MOST_COLUMNS, MOST_PRODUCTS
from core.messages import Message


def read_table(request: TableRequest) -> ChartDraft:
    """What a leaflet's table says: a chart as far as it goes, and all that is open, with its place.

    No cell is lost: each is a title, a heading, a name, a unit, a dose, a reading, a note, or a
    question.

    Raises:
        InputError: there is no table, or more of one than a chart may have.
    """
    rows, about = split_about(request.rows)
    whole = grid_of(rows)
    hidden = hidden_in(whole, request)
    grid = whole if request.hidden == "with" else without_cells(whole, hidden)
    tables = () if about.columns else tables_in(grid)
    others: list[Cell] = []
    if tables:
        whole, grid = grid, grid_of(chosen_of(tables, request.table).alone(grid, tables))
        pairs = zip(chain(*whole), chain(*grid), strict=True)
        others = [cell for cell, kept in pairs if cell and not kept]
    layout = find_layout(grid, kept=len(about.columns)) if grid else None
    if layout is None or not layout.columns:
        return besides_hidden(_no_table(grid, request), hidden, request)
    draft = _Reader(request, layout, about).draft()
    draft = with_cells(draft, others, Message("cell_meaning.another_table"))
    if tables and not request.table:
        draft = asking_which(draft, [table.found for table in tables])
    return besides_hidden(draft, hidden, request)


def _no_table(grid: Grid, request: TableRequest) -> ChartDraft:
    """A draft in which all is open: no row and no column are weeks or stages."""
    cells = [cell for row in grid for cell in row if cell]
    if len(cells) < 2:
        raise InputError("no_table.no_rows")
    first = cells[0]
    asked = Question(
        Asked.HEADER,
        Message("ask_column.none"),
        first.row,
        first.column,
    )
    kept = [
        Understood(c.row, c.column, CellKind.QUESTION, Message("cell_meaning.which_column"))
        for c in cells
    ]
    return ChartDraft(
        None, (asked,), (), (), tuple(kept), (), (),
        request.name, Medium.WATER, Readings.NONE, rows_are_order=False,
    )  # fmt: skip


@dataclass(slots=True)
class _Reader:
    """One reading of one table."""

    request: TableRequest
    layout: Layout
    about: About
    found: Findings = field(default_factory=Findings)

    def draft(self) -> ChartDraft:
        heads = heads_of(self.layout)
        labels = self.about.labels(labels_of(heads))
        body = sort_rows(self.layout, heads, labels, self._known(), self.about.names)
        _refuse_too_many(body, heads)
        said = self._statements(body)
        mark_heads(heads, self.layout, self.about, self.found)
        mark_names(body, self.found)
        habits = DoseCellHabits(comma_habit(_figures(body)), said.scale or self.request.ppm_scale)
        read = read_reading_rows(body.readings, habits, self.request.reading_unit)
        self._take_readings(read, labels)
        columns = self._columns(heads, labels, read)
        bottles = read_bottles(
            body, columns, habits, said, self.layout, self.about, self.request, self.found
        )
        ask_of_strength(body, self.request, self.found)
        ask_of_rows(body, self.found)
        ask_of_doses(
            body,
            columns,
            bottles,
            self.about,
            layout=self.layout,
            request=self.request,
            found=self.found,
        )
        return self._chart_draft(columns, bottles, said, read)

    def _known(self) -> KnownRows:
        """What is known of the rows before they are read."""
        names = (split_unit(row[self.layout.names].text)[0] for row in self.layout.body)
        labels = [without_mark(name)[0] for name in names]
        bottles = [bottle.name for bottle in self.request.shelf]
        return known_rows(labels, bottles, self.request.said)

    def _ask_for_bottles(self) -> None:
        first = next(cell for cell in self.layout.headings[-1].cells if cell)
        self.found.ask(Asked.ROW, Message("ask_row.none"), first)

    def _columns(self, heads: list[Head], labels: list[str], read: ReadRows) -> tuple[Column, ...]:
        keys = self.about.keys(keys_of(heads, labels))
        return tuple(
            Column(keys[at], labels[at], _days(head), head.stage, read.ec.get(at), read.ph.get(at))
            for at, head in enumerate(heads)
        )

    def _chart_draft(
        self, columns: tuple[Column, ...], bottles: Bottles, said: Statements, read: ReadRows
    ) -> ChartDraft:
        name, medium = self._name(), self._medium(said)
        readings = self._readings(said, read.readings, has_ec=bool(read.ec))
        told = self.about.rows_are_order
        in_order = said.rows_are_order if told is None else told
        self._keep_the_rest()
        found, rows = self.found, bottles.rows
        is_open = any(question.of_doses for question in found.questions)
        if not rows and not is_open:
            self._ask_for_bottles()
        chart = None
        if rows and not is_open:
            products = tuple(row.product for row in rows)
            chart = Chart(name, medium, readings, in_order, products, columns, bottles.doses)
        return ChartDraft(
            chart,
            tuple(sorted(found.questions, key=lambda one: (one.row, one.column))),
            tuple(found.notes),
            tuple(found.guesses),
            tuple(found.cells[place] for place in sorted(found.cells)),
            rows, columns, name, medium, readings, in_order, read.scale,
        )  # fmt: skip

    # What each cell was taken for.

    def _take_readings(self, read: ReadRows, labels: list[str]) -> None:
        self.found.questions += read.questions
        for cell, kind, meaning in read.kinds:
            if kind is CellKind.NOTE:
                self.found.note(cell, Message("noted", text=cell.text, meaning=meaning))
            else:
                self.found.mark(cell, kind, meaning)
        for row in read.spare:
            for place, cell in row.cells.items():
                self.found.note(cell, f"{row.label.text}: {cell.text} ({labels[place]})")

    def _keep_the_rest(self) -> None:
        """Titles, feet, and whatever else stands somewhere, as notes."""
        for cell in (*self.layout.titles, *self.layout.feet):
            if not self.found.knows(cell):
                kind = CellKind.TITLE if cell in self.layout.titles else CellKind.NOTE
                self.found.notes.append(Note(cell.text, cell.row, cell.column))
                self.found.mark(cell, kind)
        for row in self.layout.grid:
            for cell in row:
                if cell and not self.found.knows(cell):
                    self.found.note(cell, cell.text)

    # What is said of the whole chart.

    def _statements(self, body: Body) -> Statements:
        """What titles, corners and notes say; of a heading over rows only what follows it hears."""
        corner = " ".join(row.name for row in self.layout.headings)
        marks = _marks_of(body)
        texts = [text for text in self._texts(body) if not is_footnote(text, marks)]
        names = [row.label.text for row in body.bottles if "gal" in row.label.text.lower()]
        heads = [cell.text for row in self.layout.headings for cell in row.cells if cell]
        return statements_in(texts, corner, besides=[*names, *heads])

    def _texts(self, body: Body) -> list[str]:
        """Titles, what stands at the foot, and notes below the last bottle."""
        last = max((row.label.row for row in body.bottles), default=0)
        below = [text for cell, text in body.notes if self.layout.is_turned or cell.row > last]
        return [cell.text for cell in (*self.layout.titles, *self.layout.feet)] + below

    def _readings(self, said: Statements, of_rows: Readings | None, *, has_ec: bool) -> Readings:
        told = self.about.readings or of_rows or said.readings
        if told is None and has_ec:
            why = Message("guess.readings")
            self.found.guess(None, "readings", Readings.ADDED.value, why)
            return Readings.ADDED
        return told or Readings.NONE

    def _medium(self, said: Statements) -> Medium:
        told = self.about.medium or said.medium
        if told is None:
            why = Message("guess.medium")
            self.found.guess(None, "medium", Medium.WATER.value, why)
        return told or Medium.WATER

    def _name(self) -> str:
        if self.about.name is not None:
            return self.about.name
        texts = [cell.text for cell in self.layout.titles]
        texts.append(self.layout.corner)
        names = [name for text in texts if (name := _title(text))]
        return (names[0] if names else self.request.name)[:80].strip()


def _marks_of(body: Body) -> frozenset[str]:
    """The marks that refer to the foot, as they stand in names and cells."""
    cells = [cell.text for row in body.bottles for cell in (row.label, *row.cells.values())]
    return marks_in([*cells, *(row.name + row.mark for row in body.bottles)])


_BESIDE = re.compile(
    r"(?P<maker>brand|maker|manufacturer|company|line)\s*[:=]\s*(?P<name>.+)|"
    r"(?:crop|medium|substrate|water|date|version|author|unit|season|page|stage|plants?)\s*[:=].*",
    re.IGNORECASE,
)


def _title(text: str) -> str:
    """The name that a line over a table gives it; "Crop: tomato" gives it none."""
    beside = _BESIDE.fullmatch(text)
    if beside:
        return beside["name"] or ""
    return (
        ""
        if is_statement(text)
        else re.sub(r"^(?:name|chart|title)\s*[:=]\s*", "", text, flags=re.IGNORECASE)
    )


def _refuse_too_many(body: Body, heads: Sequence[Head]) -> None:
    if len(body.bottles) > MOST_PRODUCTS or len(heads) > MOST_COLUMNS:
        raise InputError(
            "too_many_or_few.table",
            bottles=len(body.bottles),
            heads=len(heads),
            most_products=MOST_PRODUCTS,
            most_columns=MOST_COLUMNS,
        )


def _figures(body: Body) -> list[str]:
    cells = [row.cells for row in body.bottles] + [row.cells for row in body.readings]
    return [cell.text for row in cells for cell in row.values()]


def _days(head: Head) -> int | None:
    """Its length, unless a row of days says that it has none."""
    if head.is_without_days or head.days is None:
        return None
    return head.days if 1 <= head.days <= 366 else None
