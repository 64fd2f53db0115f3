"""Where in a table its headings, bottles and figures stand, whichever way round it is."""

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace

from core.leaflet.grid import Cell, Grid, plain_text, turned
from core.leaflet.headings.heading_rows import (
    HeadingRow,
    all_headings,
    exported_heading_row,
    heading_row,
    names_a_side,
)
from core.leaflet.headings.words import Heading, read_heading
from core.leaflet.rows.names import RowKind, read_row_name
from core.leaflet.statements import unit_said
from core.quantities.dose_units import DoseUnitSaid, read_dose_unit


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

    def number(self, label: Cell) -> int:
        """The number of a row in the file, by its name; where bottles go across, of its column."""
        return label.column if self.is_turned else label.row

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
    across = _layout(grid, kept=kept)
    if kept:
        return across and _as_exported(across, kept)
    top, block, bottom = _block(grid)
    down = _layout(turned(block)) if block else None
    if down is None or (across is not None and across.weight >= down.weight):
        return across
    return replace(down, titles=(*top, *down.titles), feet=(*bottom, *down.feet), is_turned=True)


def _as_exported(layout: Layout, kept: int) -> Layout:
    """An exported table that nobody gave or took a column: bottle, unit, and its columns."""
    width = len(layout.grid[0])
    if width != kept + 2 or plain_text(layout.headings[0].cells[0].text) != "bottle":
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
    while last + 1 < len(grid) and _is_sparse_week(grid[last + 1], grid[last]):
        last += 1
    return _filled(grid[:first]), grid[first : last + 1], _filled(grid[last + 1 :])


def _filled(grid: Grid) -> tuple[Cell, ...]:
    """The cells of a part of a table in which something stands."""
    return tuple(cell for row in grid for cell in row if cell)


def _is_sparse_week(row: Sequence[Cell], above: Sequence[Cell]) -> bool:
    """Whether a row of hardly any cells is one more week after others, in which nothing is fed.

    It begins as the row above it but for its numbers, or with another heading and a cell beside it:
    one text alone is a note at the foot.
    """
    at = next((at for at, cell in enumerate(above) if cell), 0)
    own, before = row[at].text, above[at].text
    if not own or read_heading(before) is None:
        return False
    same = re.sub(r"\d+", "#", own) == re.sub(r"\d+", "#", before)
    return same or (sum(map(bool, row)) > 1 and read_heading(own) is not None)


def _layout(grid: Grid, *, kept: int = 0) -> Layout | None:
    main = exported_heading_row(grid, kept) if kept else heading_row(grid)
    if main is None:
        return None
    first, rows = all_headings(grid, *main, forced=kept > 0)
    body = first + len(rows)
    columns = _columns(grid, rows, body)
    unit_row = _unit_row(grid[body], columns) if body < len(grid) else ()
    body += bool(unit_row)
    units = _column_units(rows, unit_row, columns)
    twins = {at for at in columns if _is_twin(at, columns, rows, units)}
    columns = tuple(at for at in columns if at not in twins)
    names, unit, beside = _sides(grid, rows, body, columns)
    figures = (at for at in beside if _is_unclear(grid, rows, body, names, at))
    return Layout(
        grid=grid,
        titles=_filled(grid[:first]),
        headings=tuple(rows),
        unit_row=unit_row,
        names=names,
        unit=unit,
        columns=columns,
        column_units=units,
        beside=beside,
        unclear=tuple(at for at in figures if at not in twins),
        body=grid[body:],
        weight=max(row.weight for row in rows),
    )


def _columns(grid: Grid, rows: Sequence[HeadingRow], body: int) -> tuple[int, ...]:
    """The columns of weeks, with those under a merged heading."""
    heads = {at for row in rows for at in row.headings}
    last = max(heads)
    return tuple(
        at
        for at in range(min(heads), len(grid[0]))
        if at in heads or _is_below_a_merged_heading(grid, rows, body, at, last=last)
    )


def _is_below_a_merged_heading(
    grid: Grid, rows: Sequence[HeadingRow], body: int, at: int, *, last: int
) -> bool:
    """Whether a column has cells, and its heading is that of a column before it.

    `last` is the last column with a heading of its own: behind that, a unit or figures must tell
    that a column is one more of its weeks, and no heading may stand for a single week.
    """
    if any(row.cells[at] for row in rows) or not any(row[at] for row in grid[body:]):
        return False
    if at < last or read_dose_unit(grid[body][at].text) is not None:
        return True
    return not _are_single_weeks(rows) and is_figures(grid, body, at)


def _are_single_weeks(rows: Sequence[HeadingRow]) -> bool:
    return any(
        heading.is_fine or heading.number for row in rows for heading in row.headings.values()
    )


def is_figures(grid: Grid, body: int, at: int) -> bool:
    """Whether most of a column's cells begin with a digit."""
    texts = _texts(grid, body, at)
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
    return all(_says_again(row.headings.get(at), row.headings.get(before)) for row in rows)


def _says_again(heading: Heading | None, before: Heading | None) -> bool:
    """Whether a heading, where there is one, is of the weeks or stage of the one before it."""
    if heading is None:
        return True
    said = before and (before.weeks or before.stage)
    return (heading.weeks or heading.stage) == said


def _sides(
    grid: Grid, rows: Sequence[HeadingRow], body: int, columns: tuple[int, ...]
) -> tuple[int, int | None, tuple[int, ...]]:
    """The column of names, that of units, and the others that are no weeks."""
    rest = [at for at in range(len(grid[0])) if at not in columns]
    texts = {at: _texts(grid, body, at) for at in rest}
    units = [at for at in rest if _is_of_units(texts[at], [row.cells[at].text for row in rows])]
    beside = {at: _texts_beside(grid, body, at) for at in rest}
    names = _names({at: beside[at] for at in rest if at < columns[0] and at not in units})
    unit = next(iter(units), None)
    return names, unit, tuple(at for at in rest if at not in (names, unit))


def _names(texts: Mapping[int, Sequence[str]]) -> int:
    """Which of the columns before the weeks has the names, by what stands in each."""
    filled = [at for at, own in texts.items() if own]
    return max(filled, key=lambda at: (_wordiness(texts[at]), -at), default=0)


def _texts_beside(grid: Grid, body: int, at: int) -> list[str]:
    """The same without lines of one text, such as feet and headings over rows."""
    return [row[at].text for row in grid[body:] if row[at] and sum(map(bool, row)) > 1]


def _texts(grid: Grid, body: int, at: int) -> list[str]:
    """What stands in a column below the headings."""
    return [row[at].text for row in grid[body:] if row[at]]


def _is_of_units(texts: Sequence[str], above: Sequence[str]) -> bool:
    """Whether a column holds units: of doses, or for readings their own."""
    units = [text for text in texts if read_dose_unit(text)]
    others = [text for text in texts if not read_dose_unit(text) and not _is_reading_unit(text)]
    return bool(units) and (not others or any(plain_text(text) in _UNIT_HEADINGS for text in above))


_UNIT_HEADINGS = frozenset({"unit", "units", "dose per", "per"})


def _is_reading_unit(text: str) -> bool:
    return read_row_name(text).kind is not RowKind.BOTTLE or text in ("°C", "°F", "h", "hours", "%")


def _wordiness(texts: Sequence[str]) -> tuple[bool, int]:
    """Names are words that differ; the first such column has them."""
    worded = [text for text in texts if any(sign.isalpha() for sign in text)]
    return len({*worded}) * 2 >= len(worded) > 0, min(len({*worded}), 3)


def _is_unclear(grid: Grid, rows: Sequence[HeadingRow], body: int, names: int, at: int) -> bool:
    """Whether a column beside the weeks may hold doses: figures, and nothing says of what."""
    heads = [row.cells[at].text for row in rows if row.cells[at]]
    if at < names or any(map(names_a_side, heads)) or not is_figures(grid, body, at):
        return False
    texts = _texts(grid, body, at)
    return texts != [str(number) for number in range(1, len(texts) + 1)]
