"""Several tables in one grid, above one another or side by side: each is a chart of its own."""

import re
from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise

from core.leaflet.bottles.uses import word_of_a_bottle
from core.leaflet.grid import Cell, Grid
from core.leaflet.headings.heading_rows import HeadingRow, main_heading_rows, names_a_side
from core.leaflet.headings.words import stage_in
from core.leaflet.request import FoundTable
from core.leaflet.statements import is_statement


@dataclass(frozen=True, slots=True)
class Region:
    """Where one of several tables stands, from 0, and the table as it is chosen.

    Args:
        rows: from the first of its titles to after its last row.
        columns: those in which it stands.
        found: what it is called, and how large it is.
    """

    rows: range
    columns: frozenset[int]
    found: FoundTable

    def alone(self, grid: Grid, others: Sequence["Region"]) -> tuple[tuple[str, ...], ...]:
        """The rows of a file with the cells of the other tables left blank."""
        taken = [other for other in others if other is not self]

        def is_of_another(row: int, column: int) -> bool:
            if row in self.rows and column in self.columns:
                return False
            return any(row in one.rows and column in one.columns for one in taken)

        return tuple(
            tuple("" if is_of_another(r, c) else cell.text for c, cell in enumerate(row))
            for r, row in enumerate(grid)
        )


def tables_in(grid: Grid) -> tuple[Region, ...]:
    """The tables of a grid, in reading order; one alone is none to choose from."""
    starts = _starts(grid)
    regions: list[Region] = []
    for number, (at, row) in enumerate(starts):
        first = _first_title(grid, at) if number else _own_title(grid, at)
        end = _behind_the_last(grid)
        if number + 1 < len(starts):
            end = _first_title(grid, starts[number + 1][0])
        for columns in _side_by_side(grid, range(at, end), row):
            found = _found_table(grid, range(first, end), at, columns, row)
            regions.append(Region(range(first, end), columns, found))
    return tuple(regions) if len(regions) > 1 else ()


def _behind_the_last(grid: Grid) -> int:
    """Where the feet begin, that speak of all tables: lines of one text at the end."""
    end = len(grid)
    while end > 0 and sum(map(bool, grid[end - 1])) <= 1:
        end -= 1
    return end


def _starts(grid: Grid) -> list[tuple[int, HeadingRow]]:
    """Rows of headings at which a table begins: the first, and those that do not say it again."""
    starts: list[tuple[int, HeadingRow]] = []
    for at, row in main_heading_rows(grid):
        if not starts:
            starts.append((at, row))
            continue
        before, above = starts[-1]
        between = grid[before + 1 : at]
        if not any(_has_figures(cells) for cells in between):
            continue  # the same headings in two rows
        below = grid[at + 1 :]
        again = _says_again(row, above) and not _names(between) & _names(below)
        if not (again and _is_one_more_part(grid, at, row)):
            starts.append((at, row))
    return starts


def _says_again(row: HeadingRow, above: HeadingRow) -> bool:
    """Whether headings are those above once more, as over a second part of one table."""
    texts = {at: heading.text.lower() for at, heading in row.headings.items()}
    return texts == {at: heading.text.lower() for at, heading in above.headings.items()}


def _is_one_more_part(grid: Grid, at: int, row: HeadingRow) -> bool:
    """Whether headings that are said again stand over more bottles of the same chart.

    No line parts them from what stands above, or their title says what those bottles are for.
    """
    first = _first_title(grid, at)
    title = " ".join(cell.text for r in range(first, at) for cell in grid[r] if cell)
    if title or (first > 0 and not any(grid[first - 1])):
        return bool(title) and stage_in(title) is None and word_of_a_bottle(title) is not None
    return True


def _has_figures(cells: Sequence[Cell]) -> bool:
    return sum(bool(cell) and cell.text[0].isdigit() for cell in cells) > 0 and bool(
        any(cell for cell in cells[:1]) or sum(map(bool, cells)) > 1
    )


def _names(rows: Grid) -> set[str]:
    """What stands first in each row."""
    firsts = (next((cell.text.lower() for cell in row if cell), "") for row in rows)
    return {text for text in firsts if text and not text[0].isdigit()}


def _first_title(grid: Grid, at: int) -> int:
    """The first of the lines right above a heading row that are its titles."""
    first = at
    while first > 0 and 0 < sum(map(bool, grid[first - 1])) <= 1:
        first -= 1
    return first


def _own_title(grid: Grid, at: int) -> int:
    """The line right above the first table, where it names that one and not all that follow."""
    above = [cell for cell in grid[at - 1] if cell] if at else []
    named = bool(above) and not is_statement(above[0].text) and _names_one_table(grid, at)
    return at - 1 if named else at


def _names_one_table(grid: Grid, at: int) -> bool:
    """Whether something else stands above that line, or it stands over some columns alone."""
    filled = [c for c, cell in enumerate(grid[at - 1]) if cell]
    return len(filled) > 1 or filled[0] > 0 or any(any(row) for row in grid[: at - 1])


def _side_by_side(grid: Grid, rows: range, row: HeadingRow) -> list[frozenset[int]]:
    """The columns of each table under one row of headings; all of them where it is one table."""
    width = len(row.cells)
    cuts = [at for at in range(min(row.headings) + 1, width) if _are_names(grid, rows, row, at)]
    if cuts:
        edges = [0, *cuts, width]
        return [frozenset(range(low, high)) for low, high in pairwise(edges)]
    starts = _restarts(row)
    return (_grouped(grid, rows, row, starts) if starts else None) or [frozenset(range(width))]


def _restarts(row: HeadingRow) -> list[int]:
    """Columns at which weeks begin again, as they did at the first."""
    order = sorted(row.headings)
    first = row.headings[order[0]]
    said = first.weeks or first.number
    if said is None or first.stage is not None:
        return []
    return [
        at
        for at in order[1:]
        if (row.headings[at].weeks or row.headings[at].number) == said
        and row.headings[at].stage is None
    ]


_OF_NAMES = re.compile(r"(?:products?|bottles?|nutrients?|feeds?)\b.*")


def _are_names(grid: Grid, rows: range, row: HeadingRow, at: int) -> bool:
    """Whether a column after weeks has the names of one more table: words, and weeks after it."""
    head = row.cells[at].text
    is_beside = names_a_side(head) and not _OF_NAMES.fullmatch(head.lower())
    if at in row.headings or is_beside or max(row.headings) < at:
        return False
    texts = [grid[r][at].text for r in rows[1:] if grid[r][at]]
    worded = [text for text in texts if not text[0].isdigit() and len(text) > 1]
    before = any(grid[r][at - 1] for r in rows)
    return len(worded) * 2 > len(texts) and (not before or len(set(worded)) == len(texts))


def _grouped(
    grid: Grid, rows: range, row: HeadingRow, starts: list[int]
) -> list[frozenset[int]] | None:
    """Columns by groups that share their names, where what stands above them is no stage."""
    above = grid[rows[0] - 1] if rows[0] else ()
    order = sorted(row.headings)
    groups = [order[0], *starts]
    titles = [above[at].text if above else "" for at in groups]
    if not all(titles) or len(set(titles)) < len(titles) or any(map(stage_in, titles)):
        return None
    names = frozenset(range(order[0]))
    edges = [*groups, len(row.cells)]
    return [names | frozenset(range(low, high)) for low, high in pairwise(edges)]


def _found_table(
    grid: Grid, rows: range, at: int, columns: frozenset[int], row: HeadingRow
) -> FoundTable:
    """What a table is called, and how large it is."""
    over = [
        grid[r][c].text
        for r in (*rows[: at - rows[0]], max(at - 1, 0), at)
        for c in sorted(columns)
        if grid[r][c] and c not in row.headings
    ]
    group = [grid[at - 1][c].text for c in sorted(columns) if at and c in row.headings]
    titles = [text for text in (*group, *over) if text and not is_statement(text)]
    body = [r for r in range(at + 1, rows.stop) if sum(bool(grid[r][c]) for c in columns) > 1]
    return FoundTable(
        title=titles[0][:80] if titles else "",
        rows=len(body),
        columns=len(columns & row.headings.keys()),
    )
