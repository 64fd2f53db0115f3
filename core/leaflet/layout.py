"""Where in a table its headings, bottles and figures stand, whichever way round it is."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from itertools import pairwise

from core.leaflet.cells import is_no_dose
from core.leaflet.grid import Cell, Grid, turned
from core.leaflet.headings import (
    DATE_ROW,
    DAYS_ROW,
    STAGE_ROW,
    Heading,
    read_heading,
    says_weeks,
)
from core.leaflet.row_names import RowKind, read_row_name
from core.leaflet.statements import is_statement, unit_said
from core.quantities.dose_units import DoseUnitSaid, read_dose_unit


@dataclass(frozen=True, slots=True)
class HeadingRow:
    """One row of headings.

    Args:
        name: what stands at its left.
        headings: by column of the grid.
        cells: every cell of the row.
    """

    name: str
    headings: dict[int, Heading]
    cells: tuple[Cell, ...]

    @property
    def gives_days(self) -> bool:
        """Whether its bare numbers are days."""
        return bool(DAYS_ROW.fullmatch(_plain(self.name)))

    @property
    def weight(self) -> float:
        """How sure it is that these are headings."""
        return sum(
            3.0 if one.is_fine else 2.0 if one.stage else 1.0 for one in self.headings.values()
        )


@dataclass(frozen=True, slots=True)
class Layout:
    """A table whose bottles go down and whose weeks go across.

    Args:
        grid: turned where the file has it the other way round.
        is_turned: whether it was.
        titles: cells above it.
        headings: its rows of headings, from the top.
        unit_row: cells of a row of units below them.
        names: the column of the bottles' names.
        unit: the column of their units.
        columns: those of weeks.
        column_units: units said of a column alone.
        beside: columns of anything else.
        unclear: those of them that hold figures, and nobody says of what.
        body: its rows below the headings.
        feet: cells below it.
        weight: how sure it is that headings are headings.
    """

    grid: Grid
    titles: tuple[Cell, ...]
    headings: tuple[HeadingRow, ...]
    unit_row: tuple[Cell, ...]
    names: int
    unit: int | None
    columns: tuple[int, ...]
    column_units: dict[int, DoseUnitSaid]
    beside: tuple[int, ...]
    unclear: tuple[int, ...]
    body: tuple[tuple[Cell, ...], ...]
    feet: tuple[Cell, ...] = ()
    is_turned: bool = False
    weight: float = field(default=0.0)

    @property
    def corner(self) -> str:
        """The text above the bottles' names."""
        return next((row.cells[self.names].text for row in self.headings), "")

    def first_that_says(self, word: str) -> Cell | None:
        """The first cell of the file that has a word in it."""
        cells = [cell for row in self.grid for cell in row]
        every = sorted((*self.titles, *cells, *self.feet), key=lambda one: (one.row, one.column))
        return next((cell for cell in every if word in cell.text.lower()), None)


def find_layout(grid: Grid, *, kept: int = 0) -> Layout | None:
    """How a table is laid out; None where no row and no column can be headings.

    Args:
        grid: as in the file.
        kept: how many columns an exported chart had: then its first row of several cells is its
            headings, whatever they say.
    """
    forced = kept > 0
    across = _layout(grid, forced=forced)
    if forced:
        return across and _as_exported(across, kept)
    top, block, bottom = _block(grid)
    down = _layout(turned(block)) if block else None
    if down is None or (across is not None and across.weight >= down.weight):
        return across
    return replace(down, titles=(*top, *down.titles), feet=(*bottom, *down.feet), is_turned=True)


def _as_exported(layout: Layout, kept: int) -> Layout:
    """An exported table that nobody gave or took a column: bottle, unit, and its columns."""
    width = len(layout.grid[0])
    if width != kept + 2 or _plain(layout.headings[0].cells[0].text) != "bottle":
        return layout
    columns = tuple(range(2, width))
    return replace(layout, names=0, unit=1, columns=columns, column_units={}, beside=(), unclear=())


def _block(grid: Grid) -> tuple[tuple[Cell, ...], Grid, tuple[Cell, ...]]:
    """What stands above, the rows that are a table, and what stands below."""
    counts = [sum(map(bool, row)) for row in grid]
    wide = [at for at, count in enumerate(counts) if count >= max(2, max(counts, default=0) * 0.4)]
    if not wide:
        return (), (), ()
    first, last = wide[0], wide[-1]
    top = tuple(cell for row in grid[:first] for cell in row if cell)
    bottom = tuple(cell for row in grid[last + 1 :] for cell in row if cell)
    return top, grid[first : last + 1], bottom


_SEARCHED = 30
"""Rows in which headings are looked for: nobody prints a longer preface."""


def _layout(grid: Grid, *, forced: bool = False) -> Layout | None:
    main = _forced_row(grid) if forced else _heading_row(grid)
    if main is None:
        return None
    first, rows = _all_headings(grid, *main, forced=forced)
    body = first + len(rows)
    start = min(min(one.headings) for one in rows if one.headings)
    columns = _columns(grid, rows, start, body)
    unit_row = _unit_row(grid[body], columns) if body < len(grid) else ()
    body += bool(unit_row)
    units = _column_units(rows, unit_row, columns)
    twins = {at for at in columns if _is_twin(at, columns, rows, units)}
    columns = tuple(at for at in columns if at not in twins)
    names, unit, beside = _sides(grid, rows, body, columns)
    return Layout(
        grid=grid,
        titles=tuple(cell for one in grid[:first] for cell in one if cell),
        headings=tuple(rows),
        unit_row=unit_row,
        names=names,
        unit=unit,
        columns=columns,
        column_units=units,
        beside=beside,
        unclear=tuple(
            at for at in beside if at not in twins and _is_unclear(grid, rows, body, names, at)
        ),
        body=grid[body:],
        weight=sum(one.weight for one in rows),
    )


def _all_headings(
    grid: Grid, at: int, row: HeadingRow, *, forced: bool
) -> tuple[int, list[HeadingRow]]:
    """The first row of headings, and all of them that follow one another."""
    first, last = at, at
    while first > 0 and (above := _group_row(grid[first - 1], row)):
        first -= 1
        row = above if above.weight > row.weight else row
    while last + 1 < len(grid) and _beneath(grid[last + 1], row, exported=forced):
        last += 1
    rows = [_read_row(grid[n], forced=forced and n == at) for n in range(first, last + 1)]
    if first > 0 and _names_rows_beneath(rows[0]):
        labels = _read_row(grid[first - 1], forced=True)
        if set(rows[0].headings) <= set(labels.headings):
            return first - 1, [labels, *rows]
    return first, rows


def _names_rows_beneath(row: HeadingRow) -> bool:
    """Whether a row tells stages, days or dates of columns that have labels of their own above."""
    return any(form.fullmatch(_plain(row.name)) for form in (DAYS_ROW, DATE_ROW, STAGE_ROW))


def _forced_row(grid: Grid) -> tuple[int, HeadingRow] | None:
    for at, row in enumerate(grid):
        if sum(map(bool, row)) > 1:
            return at, _read_row(row, forced=True)
    return None


def _heading_row(grid: Grid) -> tuple[int, HeadingRow] | None:
    """The row that is most surely headings."""
    best: tuple[int, HeadingRow] | None = None
    for at, cells in enumerate(grid[:_SEARCHED]):
        row = _read_row(cells)
        if _is_main(row) and (best is None or row.weight > best[1].weight):
            best = at, row
    return best


def _read_row(cells: Sequence[Cell], *, forced: bool = False) -> HeadingRow:
    """A row as headings, its leftmost texts as its name."""
    found: dict[int, Heading] = {}
    for at, cell in enumerate(cells):
        heading = read_heading(cell.text) if at else None
        if heading is None and forced and at and cell and _plain(cell.text) != "unit":
            heading = Heading(cell.text)
        if heading is not None:
            found[at] = heading
    start = min(found, default=len(cells))
    name = " ".join(cell.text for cell in cells[:start] if not is_no_dose(cell.text))
    return HeadingRow(name, found, tuple(cells))


_SIDE = re.compile(
    r"(?:units?|notes?|comments?|remarks?|dose(?: per)?|per|products?|bottles?|nutrients?|use|role"
    r"|function|purpose|what for|npk|n-p-k|part|size|pack|maker|brand|code|(?:grand )?totals?|sum|price"
    r"|cost|order|step|nr|no|#)\b.{0,30}"
)


def names_a_side(text: str) -> bool:
    """Whether a heading stands over something else than a week: units, notes, totals, prices."""
    return bool(_SIDE.fullmatch(_plain(text)))


def _is_main(row: HeadingRow) -> bool:
    heads = list(row.headings.values())
    if not heads or _is_of_the_body(row.name):
        return False
    others = [
        cell
        for at, cell in enumerate(row.cells)
        if cell
        and at > min(row.headings)
        and at not in row.headings
        and not names_a_side(cell.text)
    ]
    if len(others) > len(heads):
        return False
    plain = [one for one in heads if one.number]
    if len(plain) == len(heads):
        # Under a bottle's name they would be doses.
        return says_weeks(row.name) or (is_statement(row.name or "week") and _counts_up(plain))
    dates = [one.date for one in heads if one.date]
    return len(set(dates)) == len(dates)


def _counts_up(heads: Sequence[Heading]) -> bool:
    """Whether bare numbers go 1, 2, 3 …, or 1-2, 3-4 …"""
    spans = [one.number for one in heads if one.number]
    steps = all(later[0] == before[1] + 1 for before, later in pairwise(spans))
    return len(spans) >= 3 and steps and spans[0][0] in (0, 1)


def _is_of_the_body(name: str) -> bool:
    return bool(name) and read_row_name(name).kind is not RowKind.BOTTLE


def _group_row(cells: Sequence[Cell], below: HeadingRow) -> HeadingRow | None:
    """The row above, where it is headings too: of groups, or of what the lower row divides."""
    row = _read_row(cells)
    start = min(below.headings)
    texts = [at for at, cell in enumerate(cells) if cell and at >= start]
    if not row.headings or any(at not in row.headings for at in texts):
        return None
    only = all(one.number for one in row.headings.values())
    return None if only and not says_weeks(row.name) else row


def _beneath(cells: Sequence[Cell], above: HeadingRow, *, exported: bool) -> bool:
    """Whether the next row is headings too."""
    row = _read_row(cells)
    named = _names_rows_beneath(row)
    if not (row.headings or named) or _is_of_the_body(row.name):
        return False
    texts = [at for at, cell in enumerate(cells) if cell and at >= min(above.headings)]
    if any(at not in row.headings and not is_no_dose(cells[at].text) for at in texts):
        return False
    if named or (says_weeks(row.name) and not exported):
        return True
    if row.name or exported:
        return False
    heads = list(row.headings.values())
    if all(one.number for one in heads):
        return _counts_up(heads) and not any(one.number for one in above.headings.values())
    dates = [one.date for one in heads if one.date]
    return len(set(dates)) == len(dates)


def _columns(grid: Grid, rows: Sequence[HeadingRow], start: int, body: int) -> tuple[int, ...]:
    """The columns of weeks, with those under a merged heading."""
    heads = sorted({at for row in rows for at in row.headings if at >= start})
    fine = any(one.is_fine or one.number for row in rows for one in row.headings.values())
    columns = []
    for at in range(start, len(grid[0])):
        filled = any(row[at] for row in grid[body:])
        named = any(row.cells[at] for row in rows)
        of_unit = body < len(grid) and read_dose_unit(grid[body][at].text) is not None
        within = at < heads[-1] or of_unit or (not fine and is_figures(grid, body, at))
        if at in heads or (filled and not named and within):
            columns.append(at)
    return tuple(columns)


def is_figures(grid: Grid, body: int, at: int) -> bool:
    """Whether most of a column's cells begin with a digit."""
    texts = [row[at].text for row in grid[body:] if row[at]]
    return bool(texts) and sum(text[0].isdigit() for text in texts) * 2 >= len(texts)


def _unit_row(cells: Sequence[Cell], columns: Sequence[int]) -> tuple[Cell, ...]:
    """A row of units right below the headings."""
    texts = [cells[at].text for at in columns if cells[at]]
    return tuple(cells) if texts and all(map(read_dose_unit, texts)) else ()


def _column_units(
    rows: Sequence[HeadingRow], unit_row: Sequence[Cell], columns: Sequence[int]
) -> dict[int, DoseUnitSaid]:
    units: dict[int, DoseUnitSaid] = {}
    for at in columns:
        texts = [unit_row[at].text if unit_row else "", *(row.cells[at].text for row in rows)]
        said = next((unit for text in texts if text and (unit := unit_said(text))), None)
        if said is not None:
            units[at] = said
    return units


def _is_twin(
    at: int, columns: Sequence[int], rows: Sequence[HeadingRow], units: dict[int, DoseUnitSaid]
) -> bool:
    """Whether a column says the doses of the one before it again, in another unit."""
    place = columns.index(at)
    if not place or at not in units or units[at] == units.get(columns[place - 1]):
        return False
    before = columns[place - 1]
    if before not in units:
        return False
    pairs = [(row.headings.get(at), row.headings.get(before)) for row in rows]
    own = [
        (one.weeks or one.stage, other and (other.weeks or other.stage))
        for one, other in pairs
        if one
    ]
    return all(one == other for one, other in own)


def _sides(
    grid: Grid, rows: Sequence[HeadingRow], body: int, columns: tuple[int, ...]
) -> tuple[int, int | None, tuple[int, ...]]:
    """The column of names, that of units, and the others that are no weeks."""
    rest = [at for at in range(len(grid[0])) if at not in columns]
    texts = {at: [row[at].text for row in grid[body:] if row[at]] for at in rest}
    units = [at for at in rest if _is_of_units(texts[at], [row.cells[at].text for row in rows])]
    left = [at for at in rest if at < columns[0] and at not in units and texts[at]]
    names = max(left, key=lambda at: (_wordiness(texts[at]), -at), default=0)
    unit = next(iter(units), None)
    beside = tuple(at for at in rest if at not in (names, unit))
    return names, unit, beside


def _is_of_units(texts: Sequence[str], above: Sequence[str]) -> bool:
    """Whether a column holds units: of doses, or for readings their own."""
    units = [text for text in texts if read_dose_unit(text)]
    others = [text for text in texts if not read_dose_unit(text) and not _is_reading_unit(text)]
    return bool(units) and (not others or any(_plain(text) in _UNIT_HEADINGS for text in above))


_UNIT_HEADINGS = frozenset({"unit", "units", "dose per", "per"})


def _is_reading_unit(text: str) -> bool:
    return read_row_name(text).kind is not RowKind.BOTTLE or text in ("°C", "°F", "h", "hours", "%")


def _wordiness(texts: Sequence[str]) -> tuple[bool, int]:
    """Names are words that differ; the first such column has them."""
    worded = [text for text in texts if any(sign.isalpha() for sign in text)]
    return len({*worded}) * 2 >= len(worded) > 0, min(len({*worded}), 3)


def _plain(text: str) -> str:
    return text.lower().strip(" :.*()")


def _is_unclear(grid: Grid, rows: Sequence[HeadingRow], body: int, names: int, at: int) -> bool:
    """Whether a column beside the weeks may hold doses: it has figures, and nothing says of what."""
    heads = [row.cells[at].text for row in rows if row.cells[at]]
    if at < names or any(map(names_a_side, heads)) or not is_figures(grid, body, at):
        return False
    texts = [row[at].text for row in grid[body:] if row[at]]
    return texts != [str(number) for number in range(1, len(texts) + 1)]
