"""What of a file is read: one of several tables, with or without what the file hides."""

from collections.abc import Sequence
from dataclasses import replace

from core.errors import InputError
from core.leaflet.about import split_about
from core.leaflet.grid import Cell, Grid, grid_of
from core.leaflet.layout import find_layout
from core.leaflet.request import (
    Asked,
    CellKind,
    ChartDraft,
    FoundTable,
    Question,
    TableRequest,
    Understood,
)
from core.leaflet.several import Region, tables_in
from core.messages import Listed, Message


def chosen_of(tables: Sequence[Region], number: int | None) -> Region:
    """The table that is asked for; the first until one is."""
    if number is not None and number > len(tables):
        raise InputError("not_a_choice.tables", "table", tables=len(tables))
    return tables[(number or 1) - 1]


def asking_which(draft: ChartDraft, tables: Sequence[FoundTable]) -> ChartDraft:
    """The draft of the first table, while nobody says which is meant."""
    said = (_called(n, one) for n, one in enumerate(tables, 1))
    asked = Question(
        Asked.TABLES,
        Message("ask_tables", count=len(tables), tables=Listed(tuple(said), "semicolon")),
        1,
        1,
        tuple(str(number) for number, _ in enumerate(tables, 1)),
        tables=tuple(tables),
    )
    # What is open of the first is asked once it is the one: rows of others have its numbers, too.
    return replace(draft, chart=None, questions=(asked,))


def _called(number: int, one: FoundTable) -> Message:
    names = ", ".join(filter(None, (one.sheet, one.title)))
    return Message(
        "ask_tables.named" if names else "ask_tables.nameless",
        number=number,
        names=names,
        rows=one.rows,
        columns=one.columns,
    )


def tables_of(rows: tuple[tuple[str, ...], ...]) -> tuple[FoundTable, ...]:
    """The tables among rows of texts, in reading order; none where nothing has headings."""
    kept, about = split_about(rows)
    grid = grid_of(kept)
    if not about.columns and (several := tables_in(grid)):
        return tuple(one.found for one in several)
    layout = find_layout(grid, kept=len(about.columns)) if grid else None
    if layout is None or not layout.columns:
        return ()
    title = layout.titles[0].text[:80] if layout.titles else ""
    return (FoundTable(title, len(layout.body), len(layout.columns)),)


def with_cells(draft: ChartDraft, cells: Sequence[Cell], why: Message) -> ChartDraft:
    """A draft with cells that are no part of it."""
    kept = [Understood(cell.row, cell.column, CellKind.NOTE, why) for cell in cells]
    every = sorted((*draft.cells, *kept), key=lambda one: (one.row, one.column))
    return replace(draft, cells=tuple(every))


def besides_hidden(draft: ChartDraft, hidden: list[Cell], request: TableRequest) -> ChartDraft:
    """A draft without what is hidden, and the question whether that belongs to it."""
    if not hidden or request.hidden == "with":
        return draft
    draft = with_cells(draft, hidden, Message("cell_meaning.hidden"))
    if request.hidden == "without":
        return draft
    asked = Question(
        Asked.HIDDEN,
        Message("ask_hidden", texts=Listed(tuple(cell.text[:20] for cell in hidden[:4]), "comma")),
        hidden[0].row,
        hidden[0].column,
        ("with", "without"),
    )
    return replace(draft, chart=None, questions=(asked, *draft.questions))


def hidden_in(grid: Grid, request: TableRequest) -> list[Cell]:
    """The cells with something in them that nobody sees in the file."""
    rows, columns = request.hidden_rows, request.hidden_columns
    every = (cell for row in grid for cell in row if cell)
    return [cell for cell in every if cell.row in rows or cell.column in columns]


def without_cells(grid: Grid, cells: Sequence[Cell]) -> Grid:
    """A grid in which some cells are blank."""
    places = {(cell.row, cell.column) for cell in cells}
    return tuple(
        tuple(Cell("" if (c.row, c.column) in places else c.text, c.row, c.column) for c in row)
        for row in grid
    )
