"""Rows of EC, CF, ppm and pH: one reading or range for each column."""

import re
from collections.abc import Iterator
from dataclasses import dataclass, field
from fractions import Fraction

from core.chart import PhWindow, Readings
from core.errors import InputError
from core.leaflet.grid import Cell
from core.leaflet.request import Asked, CellKind, Question
from core.leaflet.rows.cells import DoseCellHabits, as_figure, is_long, is_no_dose
from core.leaflet.rows.names import RangeEnd, RowKind, RowName
from core.leaflet.statements import ppm_scale_in
from core.limits import STRONGEST_WATER
from core.messages import Message
from core.quantities import PpmScale, Reading, ReadingRange, ReadingScale, ReadingUnit
from core.quantities.typed_numbers import split_range, tidy_text

LIKELY_EC = Fraction(10)
"""mS/cm; more in a row called "EC" is CF or µS/cm (common practice: feeds stay below 5)."""

_UNITS = (
    (ReadingUnit.PPM, re.compile(r"\s*(?:ppm|tds)\b.*$")),
    (ReadingUnit.US_CM, re.compile(r"\s*us(?: ?/ ?cm)?$")),
    (ReadingUnit.MS_CM, re.compile(r"\s*(?:ms(?: ?/ ?cm)?|ds ?/ ?m|ec)$")),
    (ReadingUnit.CF, re.compile(r"\s*cf$")),
)


_LEADING = {"cf": ReadingUnit.CF, "ppm": ReadingUnit.PPM, "tds": ReadingUnit.PPM}


@dataclass(slots=True)
class ReadingRow:
    """A row of readings as it stands in the table.

    Args:
        name: what its name says.
        label: its name's cell.
        cells: by place of the column.
        spans, units, scales: of each cell that is understood.
        unsaid: places of those that do not say their own unit.
    """

    name: RowName
    label: Cell
    cells: dict[int, Cell]
    spans: dict[int, tuple[Fraction, Fraction]] = field(default_factory=dict)
    units: dict[int, ReadingUnit] = field(default_factory=dict)
    scales: dict[int, PpmScale | None] = field(default_factory=dict)
    unsaid: list[int] = field(default_factory=list)


@dataclass(slots=True)
class ReadRows:
    """What all rows of readings come to.

    Args:
        ec, ph: by place of the column.
        readings: what the EC means, where it is said.
        scale: what it is printed in.
        questions: what is open.
        kinds: each cell's kind, with its meaning; those left out are told elsewhere.
        spare: rows of EC that say again what another says.
    """

    ec: dict[int, ReadingRange] = field(default_factory=dict)
    ph: dict[int, PhWindow] = field(default_factory=dict)
    readings: Readings | None = None
    scale: ReadingScale | None = None
    questions: list[Question] = field(default_factory=list)
    kinds: list[tuple[Cell, CellKind, str | Message]] = field(default_factory=list)
    spare: list[ReadingRow] = field(default_factory=list)


def read_reading_rows(
    rows: list[ReadingRow], habits: DoseCellHabits, told: ReadingUnit | None = None
) -> ReadRows:
    """Readings of a table.

    Args:
        rows: in the order of the table.
        habits: what commas are, and the ppm scale, where anything says it.
        told: what a row called "EC" is in where its figures are beyond any feed in mS/cm.
    """
    made, scale = ReadRows(), habits.scale
    for row in rows:
        _read_spans(row, habits, made)
    ec_rows = [row for row in rows if row.name.kind is RowKind.EC]
    chosen = _best(ec_rows, scale)
    made.spare = [row for row in ec_rows if row not in chosen]
    for row in _of_likely_units(chosen, told, made):
        _take_ec(row, scale, made)
    for row in rows:
        if row.name.kind is RowKind.PH:
            _take_ph(row, made)
    made.readings = next((row.name.readings for row in chosen if row.name.readings), None)
    return made


def _read_spans(row: ReadingRow, habits: DoseCellHabits, made: ReadRows) -> None:
    """Figures, units and scales of its cells."""
    for at, cell in row.cells.items():
        if is_no_dose(cell.text) and not re.fullmatch(r"0([.,]0+)?", cell.text):
            made.kinds.append((cell, CellKind.NO_DOSE, ""))
            continue
        try:
            row.spans[at], unit = _span(cell.text, habits)
        except InputError as error:
            _ask_cell(cell, error.message, made)
            continue
        row.units[at] = unit or _unit_by_size(row, row.spans[at][1])
        row.unsaid += [] if unit else [at]
        row.scales[at] = ppm_scale_in(cell.text) or row.name.scale


def _unit_by_size(row: ReadingRow, figure: Fraction) -> ReadingUnit:
    """The unit of a figure that does not say: under "EC / ppm" what is below 20 is in mS/cm."""
    if row.name.in_both and figure < _LEAST_PPM:
        return ReadingUnit.MS_CM
    return row.name.unit or ReadingUnit.MS_CM


_LEAST_PPM = 20


def _span(
    text: str, habits: DoseCellHabits
) -> tuple[tuple[Fraction, Fraction], ReadingUnit | None]:
    """Both ends of a cell's range, and the unit that it says."""
    if is_long(text):
        raise InputError("too_long.reading")
    figures, unit = _without_unit(tidy_text(_without_remark(text), _WANTED))
    figures = re.sub(r"(?<=\d) ?(?:~|…|\.{2,3}|/| or ) ?(?=\d)", "-", figures)
    if re.fullmatch(r"[1-9]\d{0,2},\d{3}", figures) and habits.comma != "decimal":
        figures = figures.replace(",", "")
    up_to = re.match(r"(?:up to|max\.?|<|≤) ?", figures)
    first, last, rest = split_range(figures[up_to.end() :] if up_to else figures, _WANTED)
    if rest:
        raise InputError("words_unclear.reading_unit", rest=rest[:40])
    return (as_figure(last if up_to else first), as_figure(last)), unit


def _of_likely_units(
    rows: list[ReadingRow], told: ReadingUnit | None, made: ReadRows
) -> Iterator[ReadingRow]:
    """Rows of EC in units that feeds have; one beyond any feed in the unit told, or asked about."""
    for row in rows:
        odd = _beyond_ec(row)
        if not odd:
            yield row
        elif told is None:
            _ask_unit(row, odd, made)
        else:
            row.units |= dict.fromkeys(row.unsaid, told)
            yield row


_WANTED = Message("typed.cell_reading")


def _without_remark(text: str) -> str:
    """A cell without the mark of a footnote, and without a remark in brackets behind it."""
    bare = re.sub(r"[*†‡¹²³]+$", "", text)
    return re.sub(r"\s*[(\[][^)\]]*[)\]]\s*$", "", bare).strip() or bare


def _without_unit(text: str) -> tuple[str, ReadingUnit | None]:
    """A reading's figures, and the unit that stands behind or before them."""
    unit = None
    for one, words in _UNITS:
        if behind := words.search(text):
            unit, text = one, text[: behind.start()]
            break
    if before := re.match(r"(ec|cf|ppm|tds|ph)\b\s*[:=]?\s*", text):
        unit, text = unit or _LEADING.get(before[1]), text[before.end() :]
    if twice := re.fullmatch(r"(\d+(?:[.,]\d+)?) ?/ ?(\d{3,5})", text):
        return twice[1], ReadingUnit.MS_CM  # 1.2 / 600: mS/cm, and the same in ppm
    return text, unit


def _ask_cell(cell: Cell, why: Message, made: ReadRows) -> None:
    message = Message("ask_reading.misread", text=cell.text[:60], why=why)
    made.questions.append(Question(Asked.CELL, message, cell.row, cell.column, of_doses=False))
    made.kinds.append((cell, CellKind.QUESTION, why))


def _best(rows: list[ReadingRow], scale: PpmScale | None) -> list[ReadingRow]:
    """The row that says EC with least doubt, with the other end of its range where one gives it."""
    filled = [row for row in rows if row.spans]
    if not filled:
        return []
    first = min(filled, key=lambda row: (
        scale is None and _lacks_scale(row), row.name.readings is Readings.TOTAL
    ))  # fmt: skip
    if first.name.end is RangeEnd.BOTH:
        return [first]
    other = RangeEnd.HIGH if first.name.end is RangeEnd.LOW else RangeEnd.LOW
    also = [row for row in filled if row.name.end is other and row.name.unit is first.name.unit]
    return [first, *also[:1]]


def _lacks_scale(row: ReadingRow) -> bool:
    """Whether a figure in ppm does not say its scale."""
    ppm = [at for at, unit in row.units.items() if unit is ReadingUnit.PPM]
    return any(row.scales.get(at) is None for at in ppm)


def _take_ec(row: ReadingRow, scale: PpmScale | None, made: ReadRows) -> None:
    unsaid = [
        at for at in row.spans if row.units[at] is ReadingUnit.PPM and not (row.scales[at] or scale)
    ]
    if unsaid:
        _ask_scale(row, made)
    for at, (low, high) in row.spans.items():
        if at in unsaid:
            made.kinds.append(
                (row.cells[at], CellKind.QUESTION, Message("cell_meaning.which_scale"))
            )
            continue
        _take_span(row, at, (low, high), scale, made)


def _take_span(
    row: ReadingRow,
    at: int,
    span: tuple[Fraction, Fraction],
    scale: PpmScale | None,
    made: ReadRows,
) -> None:
    unit = row.units[at]
    shown = ReadingScale(unit, (row.scales[at] or scale) if unit is ReadingUnit.PPM else None)
    low, high = (Reading.of(one, shown) for one in span)
    cell = row.cells[at]
    if high.ms_cm > STRONGEST_WATER:
        _ask_cell(cell, Message("ask_reading.too_strong"), made)
        return
    made.scale = made.scale or shown
    kept = made.ec.get(at)
    if kept is not None:
        low, high = min(low, kept.low), max(high, kept.high)
    made.ec[at] = ReadingRange(low, high)
    made.kinds.append((cell, CellKind.READING, f"{cell.text} {shown.words}"))


def _beyond_ec(row: ReadingRow) -> Cell | None:
    """A cell of a row called "EC" alone that no feed reaches in mS/cm; None where none is."""
    if row.name.unit is not None:
        return None
    return next((row.cells[at] for at in row.unsaid if row.spans[at][1] > LIKELY_EC), None)


def _ask_unit(row: ReadingRow, odd: Cell, made: ReadRows) -> None:
    made.questions.append(
        Question(
            Asked.READING_UNIT,
            Message("ask_reading_unit", row=row.label.text, text=odd.text),
            row.label.row, row.label.column, ("CF", "uS/cm"), of_doses=False,
        )
    )  # fmt: skip
    made.kinds += [
        (row.cells[at], CellKind.QUESTION, Message("cell_meaning.which_unit")) for at in row.spans
    ]


def _ask_scale(row: ReadingRow, made: ReadRows) -> None:
    made.questions.append(
        Question(
            Asked.PPM_SCALE,
            Message("ask_scale", row=row.label.text or "ppm"),
            row.label.row, row.label.column, ("500", "640", "700"), of_doses=False,
        )
    )  # fmt: skip


def _take_ph(row: ReadingRow, made: ReadRows) -> None:
    for at, (low, high) in row.spans.items():
        cell = row.cells[at]
        if high > 14:
            _ask_cell(cell, Message("ask_reading.ph"), made)
            continue
        if at in made.ph and row.name.end is RangeEnd.BOTH:
            made.kinds.append((cell, CellKind.NOTE, Message("cell_meaning.another_ph")))
            continue
        kept = made.ph.get(at, PhWindow(low, high))
        made.ph[at] = PhWindow(min(low, kept.low), max(high, kept.high))
        made.kinds.append((cell, CellKind.READING, f"pH {cell.text}"))
