"""Rows of headings: found, told from rows of figures, and read."""

import re
from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise

from core.leaflet.grid import Cell, Grid, plain_text
from core.leaflet.headings.words import (
    DATE_ROW,
    DAYS_ROW,
    STAGE_ROW,
    Heading,
    read_heading,
    says_weeks,
)
from core.leaflet.rows.cells import is_no_dose
from core.leaflet.rows.names import RowKind, read_row_name
from core.leaflet.statements import is_statement


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
        return bool(DAYS_ROW.fullmatch(plain_text(self.name)))

    @property
    def weight(self) -> float:
        """How sure it is that these are headings."""
        return sum(
            3.0 if heading.is_fine else 2.0 if heading.stage else 1.0
            for heading in self.headings.values()
        )


_SEARCHED = 30
"""Rows in which headings are looked for: nobody prints a longer preface."""


def all_headings(
    grid: Grid, at: int, row: HeadingRow, *, forced: bool
) -> tuple[int, list[HeadingRow]]:
    """The first row of headings, and all of them that follow one another."""
    main, first, last = row, at, at
    while first > 0 and (above := _group_row(grid[first - 1], row)):
        first -= 1
        row = above if above.weight > row.weight else row
    while last + 1 < len(grid) and _beneath(grid[last + 1], row, exported=forced):
        last += 1
    rows = [main if n == at else _read_row(grid[n]) for n in range(first, last + 1)]
    if first > 0 and _names_rows_beneath(rows[0]):
        labels = _read_row(grid[first - 1], forced=True)
        if set(rows[0].headings) <= set(labels.headings):
            return first - 1, [labels, *rows]
    return first, rows


def _names_rows_beneath(row: HeadingRow) -> bool:
    """Whether a row tells stages, days or dates of columns that have labels of their own above."""
    return any(form.fullmatch(plain_text(row.name)) for form in (DAYS_ROW, DATE_ROW, STAGE_ROW))


def exported_heading_row(grid: Grid, kept: int) -> tuple[int, HeadingRow] | None:
    """The headings of an exported table that had so many columns; None where nothing stands there.

    Its unit may be a column's label: it has a column of units unless just names stand beside them.
    """
    at = next((at for at, row in enumerate(grid) if sum(map(bool, row)) > 1), None)
    if at is None:
        return None
    row = _read_row(grid[at], forced=True, has_units=len(grid[at]) != kept + 1)
    return (at, row) if row.headings else None


def heading_row(grid: Grid) -> tuple[int, HeadingRow] | None:
    """The row that is most surely headings."""
    best: tuple[int, HeadingRow] | None = None
    for at, cells in enumerate(grid[:_SEARCHED]):
        row = _read_row(cells)
        if _is_main(row) and (best is None or row.weight > best[1].weight):
            best = at, row
    return best


def main_heading_rows(grid: Grid) -> list[tuple[int, HeadingRow]]:
    """Every row of a grid that may be the headings of a table; bare numbers count up in it."""
    rows = ((at, _read_row(cells)) for at, cells in enumerate(grid))
    return [
        (at, row) for at, row in rows if len(row.headings) > 1 and _is_main(row) and _is_sure(row)
    ]


def _is_sure(row: HeadingRow) -> bool:
    """Whether its headings are no figures of the body, such as a row of how many weeks."""
    plain = [heading for heading in row.headings.values() if heading.number]
    return len(plain) * 2 < len(row.headings) or _counts_up(plain, anew=True)


def _read_row(cells: Sequence[Cell], *, forced: bool = False, has_units: bool = True) -> HeadingRow:
    """A row as headings, its leftmost texts as its name.

    Args:
        cells: of the row.
        forced: whether every text is a heading, whatever it says; but for the first "Unit".
        has_units: whether that stands above the column of units.
    """
    read = {at: read_heading(cell.text) for at, cell in enumerate(cells) if at}
    if forced:
        titles = _titles(cells, has_units=has_units)
        read |= {at: read[at] or Heading(cells[at].text) for at in titles}
    found = {at: heading for at, heading in read.items() if heading is not None}
    start = min(found, default=len(cells))
    name = " ".join(cell.text for cell in cells[:start] if not is_no_dose(cell.text))
    return HeadingRow(name, found, tuple(cells))


def _titles(cells: Sequence[Cell], *, has_units: bool) -> list[int]:
    """Places of the texts beside the names, without that above the column of units."""
    filled = [at for at, cell in enumerate(cells) if at and cell]
    units = [at for at in filled if plain_text(cells[at].text) == "unit"] if has_units else []
    return [at for at in filled if at not in units[:1]]


_SIDE = re.compile(
    r"(?:units?|notes?|comments?|remarks?|dose(?: per)?|per|products?|bottles?|nutrients?|use|role"
    r"|function|purpose|what for|npk|n-p-k|part|size|pack|maker|brand|code|(?:grand )?totals?|sum"
    r"|price|cost|order|step|nr|no|#)\b.{0,30}"
)


def names_a_side(text: str) -> bool:
    """Whether a heading stands over something else than a week: units, notes, totals, prices."""
    return bool(_SIDE.fullmatch(plain_text(text)))


def _is_main(row: HeadingRow) -> bool:
    heads = list(row.headings.values())
    if not heads or _is_of_the_body(row.name) or _unread(row) > len(heads):
        return False
    plain = [head for head in heads if head.number]
    if len(plain) * 2 >= len(heads):
        # Under a bottle's name they would be doses.
        return says_weeks(row.name) or (is_statement(row.name or "week") and _counts_up(plain))
    return _are_days(heads)


def _unread(row: HeadingRow) -> int:
    """How many cells after the first heading are neither a week nor anything beside the weeks."""
    behind = range(min(row.headings) + 1, len(row.cells))
    cells = [row.cells[at] for at in behind if at not in row.headings]
    return sum(bool(cell) and not names_a_side(cell.text) for cell in cells)


def _are_days(heads: Sequence[Heading]) -> bool:
    """Whether dates, where there are any, are all there is, and none comes twice."""
    dates = [head.date for head in heads if head.date]
    return not dates or (len(set(dates)) == len(dates) == len(heads))


def _counts_up(heads: Sequence[Heading], *, anew: bool = False) -> bool:
    """Whether bare numbers go 1, 2, 3 …, or 1-2, 3-4 …; with `anew` from 1 again in each stage."""
    spans = [head.number for head in heads if head.number]
    steps = all(
        later[0] == before[1] + 1 or (anew and later[0] == 1) for before, later in pairwise(spans)
    )
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
    only = all(heading.number for heading in row.headings.values())
    return None if only and not (says_weeks(row.name) or row.gives_days) else row


def _beneath(cells: Sequence[Cell], above: HeadingRow, *, exported: bool) -> bool:
    """Whether the next row is headings too."""
    row = _read_row(cells)
    named = _names_rows_beneath(row)
    if not (row.headings or named) or _is_of_the_body(row.name):
        return False
    if _has_doses(cells, row, above):
        return False
    if named or (says_weeks(row.name) and not exported):
        return True
    return not (row.name or exported) and _goes_on(row, above)


def _has_doses(cells: Sequence[Cell], row: HeadingRow, above: HeadingRow) -> bool:
    """Whether something that may be a dose stands under the headings above."""
    texts = [at for at, cell in enumerate(cells) if cell and at >= min(above.headings)]
    return any(at not in row.headings and not is_no_dose(cells[at].text) for at in texts)


def _goes_on(row: HeadingRow, above: HeadingRow) -> bool:
    """Whether headings without a name count weeks that the row above does not, or are dates."""
    heads = list(row.headings.values())
    if not all(head.number for head in heads):
        return _are_days(heads)
    plain = any(heading.number for heading in above.headings.values())
    return _counts_up(heads, anew=True) and not plain
