"""What each heading and each name of a table was taken for, and what is open of them."""

from core.leaflet.about import About
from core.leaflet.asking import said_twice
from core.leaflet.columns import Head
from core.leaflet.findings import Findings
from core.leaflet.grid import Cell
from core.leaflet.layout import Layout
from core.leaflet.request import Asked, CellKind
from core.leaflet.rows import Body, BottleRow


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
                "There are figures in this column, and nothing stands above it: write its week "
                "or stage.",
                above[head.at], of_doses=False,
            )  # fmt: skip
    for head in [] if about.columns else said_twice(heads):
        found.ask(
            Asked.HEADER,
            f"“{head.label}” stands over two columns: say which is which, or take one out.",
            above[head.at],
        )
    for at in layout.unclear:
        text = above[at].text
        found.ask(
            Asked.HEADER,
            f"“{text[:40]}” is neither a week nor a stage, and there are figures below it: "
            "write its week or stage, or take the column out."
            if text
            else "There are figures in this column, and nothing stands above it: write its "
            "week or stage, or take the column out.",
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
        found.mark(cell, CellKind.QUESTION, "in which week?")
    for reading in body.readings:
        found.mark(reading.label, CellKind.NAME)
    for row in body.bottles:
        found.mark(row.label, CellKind.NAME, row.name)
        found.mark(row.unit_cell, CellKind.UNIT)
    for row in body.nameless:
        _ask_row(
            row, next(iter(row.cells.values())), "whose dose is it?",
            "This row has figures and no name: write the bottle's name, or take it out.", found,
        )  # fmt: skip
    for row in body.ticked:
        _ask_row(
            row, row.label, "how much?",
            f"{row.name}: the row has marks and no figures. Write how much it is, or take it "
            "out.", found,
        )  # fmt: skip
    for row in body.double:
        _ask_row(
            row, row.label, "of each?",
            f"{row.name}: two bottles in one row. They never meet undiluted: write a row for "
            "each.", found,
        )  # fmt: skip


def _ask_row(row: BottleRow, cell: Cell, meaning: str, message: str, found: Findings) -> None:
    found.ask(Asked.ROW, message, cell)
    found.mark(row.label, CellKind.NAME, row.name)
    for one in (*row.cells.values(), row.unit_cell, *([] if row.cells else [row.label])):
        found.mark(one, CellKind.QUESTION, meaning)
