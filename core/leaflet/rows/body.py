"""The body of a table, row by row: bottles, readings, headings over rows, and notes."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from fractions import Fraction

from core.facts import one_each
from core.leaflet.bottles.uses import word_of_a_bottle
from core.leaflet.grid import Cell, plain_text
from core.leaflet.headings.columns import Head
from core.leaflet.layout import Layout
from core.leaflet.request import UnsureRow
from core.leaflet.rows.cells import is_long, is_no_dose, is_tick
from core.leaflet.rows.footnotes import without_mark
from core.leaflet.rows.names import RowKind, RowName, read_row_name, reading_named
from core.leaflet.rows.readings import ReadingRow
from core.leaflet.rows.reasons import KnownRows, is_surely_a_bottle, likely_kind
from core.leaflet.rows.words import TakenAs
from core.leaflet.statements import unit_said
from core.leaflet.units import split_unit, unit_behind_figures
from core.limits import LONGEST_WORDS
from core.quantities.dose_units import DoseUnitSaid, read_dose_unit


@dataclass(slots=True)
class BottleRow:
    """A bottle's row.

    Args:
        label: the cell of its name.
        name: the name without unit and number.
        unit: as far as the row, or a heading over it, tells.
        cells: by place of the column.
        hint: what a heading over it or a column beside it says.
        unit_cell: the cell of its unit.
        units: those that a column says for itself, by place.
        mark: of a footnote behind the name.
    """

    label: Cell
    name: str
    unit: DoseUnitSaid | None
    cells: dict[int, Cell]
    hint: str = ""
    unit_cell: Cell | None = None
    units: dict[int, DoseUnitSaid] = field(default_factory=dict)
    mark: str = ""

    @property
    def has_own_unit(self) -> bool:
        """Whether its name, or its column of units, says what its figures are in."""
        return self.unit_cell is not None or split_unit(self.label.text)[1] is not None


@dataclass(slots=True)
class Body:
    """What the rows below the headings are.

    Args:
        bottles, readings, notes: as they are called.
        headings: cells that say the headings again.
        units: cells of units of readings.
        open: figures in a column of which nothing says what it is.
        nameless: rows of figures without a name.
        double: rows of two bottles at once.
        ticked: rows of marks without figures.
        strength: shares by place of the column, of a row that says how strong each is.
        strength_cell: the cell of its name.
        unsure: rows of which nothing says what they are, each with the cell of its name.
    """

    bottles: list[BottleRow] = field(default_factory=list)
    readings: list[ReadingRow] = field(default_factory=list)
    notes: list[tuple[Cell, str]] = field(default_factory=list)
    headings: list[Cell] = field(default_factory=list)
    units: list[Cell] = field(default_factory=list)
    open: list[Cell] = field(default_factory=list)
    nameless: list[BottleRow] = field(default_factory=list)
    double: list[BottleRow] = field(default_factory=list)
    ticked: list[BottleRow] = field(default_factory=list)
    strength: dict[int, Fraction] = field(default_factory=dict)
    strength_cell: Cell | None = None
    unsure: list[tuple[Cell, UnsureRow]] = field(default_factory=list)


def sort_rows(
    layout: Layout,
    heads: list[Head],
    labels: list[str],
    known: KnownRows,
    bottles: Sequence[str] = (),
) -> Body:
    """Tell the rows of a table apart.

    Args:
        layout: the table.
        heads, labels: its columns.
        known: what is known of its rows.
        bottles: names that are bottles' whatever they read as, since the table was exported.
    """
    left = list(bottles)
    body = Body()
    section: Cell | None = None
    for row in layout.body:
        filled = [cell for cell in row if cell]
        if not filled:
            continue
        if _repeats_headings(row, heads):
            body.headings += filled
            section = row[layout.names] or section
        elif len(filled) == 1 and filled[0] not in [row[head.at] for head in heads]:
            [section] = filled
            body.notes.append((section, section.text))
        else:
            taken = _taken_apart(row, layout, heads)
            _file_row(taken, layout, heads, labels, section, body, left, known)
    return body


def _repeats_headings(row: tuple[Cell, ...], heads: list[Head]) -> bool:
    """Whether a row says its headings again, as over a second part of a table."""
    pairs = [(row[head.at].text.lower(), [text.lower() for text in head.texts]) for head in heads]
    same = sum(bool(text) and (text in texts or f"week {text}" in texts) for text, texts in pairs)
    said = sum(bool(text) for text, _ in pairs)
    return same >= max(2, said * 0.8) and any(re.search("[a-z]", text) for text, _ in pairs)


@dataclass(frozen=True, slots=True)
class _Row:
    """A row by what its cells stand under.

    Args:
        label: the cell of its name.
        unit: the cell of its unit, where it has one.
        cells: by place of the column.
        beside: those under anything else, by column of the grid.
    """

    label: Cell
    unit: Cell | None
    cells: dict[int, Cell]
    beside: dict[int, Cell]

    def noted(self, cell: Cell) -> tuple[Cell, str]:
        """A cell as a note that begins with the name of its row."""
        return cell, f"{self.label.text}: {cell.text}" if self.label else cell.text


def _taken_apart(row: tuple[Cell, ...], layout: Layout, heads: list[Head]) -> _Row:
    return _Row(
        label=row[layout.names],
        unit=None if layout.unit is None else row[layout.unit] or None,
        cells={place: row[head.at] for place, head in enumerate(heads) if row[head.at]},
        beside={at: row[at] for at in layout.beside if row[at]},
    )


def _file_row(  # noqa: PLR0917 -- a row, and where it stands
    row: _Row,
    layout: Layout,
    heads: list[Head],
    labels: list[str],
    section: Cell | None,
    body: Body,
    exported: list[str],
    known: KnownRows,
) -> None:
    kept = row.label.text in exported
    if kept:
        exported.remove(row.label.text)  # a second row of that name is something else
    kind = RowKind.BOTTLE if kept else _kind_for_a_reason(row, layout, section, body, known)
    said = row.beside
    if kind is RowKind.BOTTLE:
        bottle = _bottle(row, section, _column_units(layout, heads))
        bottle.name = row.label.text if kept else bottle.name
        _sort_bottle(bottle, body, kept=kept)
        body.open += [cell for at, cell in said.items() if at in layout.unclear]
        said = {at: cell for at, cell in said.items() if at not in layout.unclear}
    elif kind is RowKind.NOTE:
        _note_row(row, labels, body)
    else:
        name = _row_name(row.label, row.unit)
        name = name if name.kind is kind else reading_named(row.label.text, kind)
        body.readings.append(ReadingRow(name, row.label, row.cells))
        body.units += [row.unit] if row.unit else []
    body.notes += map(row.noted, said.values())


_KINDS = one_each(
    TakenAs,
    {
        TakenAs.BOTTLE: RowKind.BOTTLE,
        TakenAs.EC: RowKind.EC,
        TakenAs.PH: RowKind.PH,
        TakenAs.NOTE: RowKind.NOTE,
    },
)


def _kind_for_a_reason(
    row: _Row, layout: Layout, section: Cell | None, body: Body, known: KnownRows
) -> RowKind:
    """What a row is; one with figures of which nothing says that it is a bottle is asked about."""
    number = layout.number(row.label)
    if row.label and number in known.said:
        return _KINDS[known.said[number]]
    kind = _kind(row.label, row.unit, row.cells)
    name, unit = split_unit(row.label.text)
    name, _ = without_mark(name)
    if kind is not RowKind.BOTTLE or not row.label or not _needs_a_reason(name, row.cells):
        return kind
    texts = [cell.text for cell in (*([row.unit] if row.unit else []), *row.cells.values())]
    units = [unit, *map(unit_behind_figures, texts)]
    if section is not None and word_of_a_bottle(section.text) is not None:
        over = unit_said(section.text)  # "Boosters, g per 10 L" says so of what stands below it
        units.append(over and replace(over, per=None))
    if is_surely_a_bottle(name, units, known):
        return kind
    likely, why = likely_kind(row.label.text, texts)
    body.unsure.append((row.label, UnsureRow(number, row.label.text[:LONGEST_WORDS], likely, why)))
    return _KINDS[likely]


def _needs_a_reason(name: str, cells: dict[int, Cell]) -> bool:
    """Whether a row has figures that may be doses, and is asked about for nothing else."""
    figures = any(re.search(r"[1-9½¼¾⅓⅔⅛]", cell.text) for cell in cells.values())
    return figures and not _TWO.search(name)


def _column_units(layout: Layout, heads: list[Head]) -> dict[int, DoseUnitSaid]:
    """The units that columns say, by the place of their heads."""
    said = {place: layout.column_units.get(head.at) for place, head in enumerate(heads)}
    return {place: unit for place, unit in said.items() if unit is not None}


def _row_name(label: Cell, unit_cell: Cell | None) -> RowName:
    """What a row's name says, with its unit where that makes it a reading."""
    name = read_row_name(label.text)
    if unit_cell is None or not label:
        return name
    with_unit = read_row_name(f"{label.text} {unit_cell.text}")
    return with_unit if with_unit.kind is RowKind.EC else name


def _kind(label: Cell, unit_cell: Cell | None, cells: dict[int, Cell]) -> RowKind:
    kind = _row_name(label, unit_cell).kind
    if kind in (RowKind.EC, RowKind.PH):
        return kind if cells else RowKind.NOTE
    nothing = not label and not cells
    return RowKind.NOTE if nothing or (cells and not _has_figures(cells)) else kind


_TWO = re.compile(
    r"\b(?:a|1|one|i) ?(?:\+|&|\band\b|/|,) ?(?:part |bottle )?(?:b|2|two|ii)\b", re.IGNORECASE
)


def _sort_bottle(bottle: BottleRow, body: Body, *, kept: bool) -> None:
    if kept:
        body.bottles.append(bottle)
    elif not bottle.label:
        body.nameless.append(bottle)
    elif _TWO.search(bottle.name):
        body.double.append(bottle)
    elif _is_ticked(bottle.cells):
        body.ticked.append(bottle)
    else:
        body.bottles.append(bottle)


def _has_figures(cells: dict[int, Cell]) -> bool:
    """Whether any cell may be a dose; a row of words, or of sentences, has none."""
    texts = [cell.text for cell in cells.values()]
    plain = [text for text in texts if not is_no_dose(text)]
    if not plain:
        return True  # a bottle that is left out in every column, or ticked
    return any(re.search(r"[\d½¼¾⅓⅔⅛]", text) and not is_long(text) for text in plain)


def _is_ticked(cells: dict[int, Cell]) -> bool:
    """Whether a row has nothing but marks that may mean "use it" as well as "leave it out"."""
    texts = [cell.text for cell in cells.values()]
    marks = [text for text in texts if is_tick(text)]
    return bool(marks) and all(is_tick(text) or is_no_dose(text) for text in texts)


_STRENGTH = re.compile(
    r"(?:(?:feed|dose|nutrient|chart)s? )?(?:strength|dilution|concentration|dose|dosage)\b.*"
    r"|(?:%|percent) of (?:the )?(?:full |whole )?(?:dose|strength|feed).*|%"
)
_SHARE = re.compile(r"(\d{1,3}(?:[.,]\d+)?) ?%")


def _strengths(row: _Row) -> dict[int, Fraction]:
    """The shares of a row that says how strong each column is; none where it is no such row."""
    shares = {at: _SHARE.fullmatch(cell.text.strip()) for at, cell in row.cells.items()}
    if not _STRENGTH.fullmatch(plain_text(row.label.text)) or not all(shares.values()):
        return {}
    found = {at: Fraction(one[1].replace(",", ".")) / 100 for at, one in shares.items() if one}
    return found if any(share != 1 for share in found.values()) else {}


def _note_row(row: _Row, labels: list[str], body: Body) -> None:
    if shares := _strengths(row):
        body.strength, body.strength_cell = shares, row.label
    if row.label:
        body.notes.append((row.label, row.label.text))
    for place, cell in row.cells.items():
        body.notes.append((cell, f"{row.noted(cell)[1]} ({labels[place]})"))
    if row.unit:
        body.notes.append((row.unit, row.unit.text))


def _bottle(row: _Row, section: Cell | None, units: dict[int, DoseUnitSaid]) -> BottleRow:
    name, unit = split_unit(row.label.text)
    name, mark = without_mark(name)
    if row.unit and (told := read_dose_unit(row.unit.text)):
        unit = told.over(unit)
    if section is not None and (over := unit_said(section.text)):
        unit = unit.over(over) if unit else over
    hint = f"{section.text} " if section is not None else ""
    hint += " ".join(cell.text for cell in row.beside.values())
    return BottleRow(row.label, name, unit, row.cells, hint, row.unit, units, mark)
