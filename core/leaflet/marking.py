"""What each heading and each name of a table was taken for, and what is open of them."""

from core.leaflet.about import About
from core.leaflet.asking import said_twice
from core.leaflet.findings import Findings
from core.leaflet.grid import Cell
from core.leaflet.headings.columns import Head
from core.leaflet.layout import Layout
from core.leaflet.request import Asked, CellKind
from core.leaflet.rows.body import Body, BottleRow
from core.messages import Message


def mark_heads(heads: list[Head], layout: Layout, about: About, found: Findings) -> None:
    """Mark headings, and ask of columns that have none, or one that another has."""
    for row in layout.headings:
        for cell in row.cells:
            found.mark(cell, CellKind.HEADING)
    for cell in layout.unit_row:
        found.mark(cell, CellKind.UNIT)
    above = layout.headings[-1].cells
    for head in heads:
        if not head.is_named:
            found.ask(
                Asked.HEADER,
                Message("ask_column.unnamed"),
                above[head.at], of_doses=False,
            )  # fmt: skip
    for head in [] if about.columns else said_twice(heads):
        found.ask(
            Asked.HEADER,
            Message("ask_column.twice", label=head.label),
            above[head.at],
        )
    for at in layout.unclear:
        text = above[at].text
        found.ask(
            Asked.HEADER,
            Message("ask_column.unclear", text=text[:40]) if text else Message("ask_column.blank"),
            above[at],
        )


def mark_names(body: Body, found: Findings) -> None:
    """Mark the names of rows, their units and notes, and ask of rows that are not understood."""
    for cell in body.headings:
        found.mark(cell, CellKind.HEADING)
    for cell in body.units:
        found.mark(cell, CellKind.UNIT)
    for cell, text in body.notes:
        found.note(cell, text)
    for cell in body.open:
        found.mark(cell, CellKind.QUESTION, Message("cell_meaning.which_week"))
    for reading in body.readings:
        found.mark(reading.label, CellKind.NAME)
    for row in body.bottles:
        found.mark(row.label, CellKind.NAME, row.name)
        found.mark(row.unit_cell, CellKind.UNIT)
    for row in body.nameless:
        _ask_row(
            row, next(iter(row.cells.values())), Message("cell_meaning.whose_dose"),
            Message("ask_row.nameless"), found,
        )  # fmt: skip
    for row in body.ticked:
        _ask_row(
            row, row.label, Message("cell_meaning.how_much"),
            Message("ask_row.ticked", name=row.name), found,
        )  # fmt: skip
    for row in body.double:
        _ask_row(
            row, row.label, Message("cell_meaning.of_each"),
            Message("ask_row.double", name=row.name), found,
        )  # fmt: skip


def _ask_row(
    row: BottleRow, cell: Cell, meaning: Message, message: Message, found: Findings
) -> None:
    found.ask(Asked.ROW, message, cell)
    found.mark(row.label, CellKind.NAME, row.name)
    for one in (*row.cells.values(), row.unit_cell, *([] if row.cells else [row.label])):
        found.mark(one, CellKind.QUESTION, meaning)
