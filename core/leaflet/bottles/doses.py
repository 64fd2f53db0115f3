"""The bottles of a table: their doses in units, what they are for, and what is open of them."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from core.chart import Column, Dose, Form, Product
from core.errors import InputError
from core.leaflet.about import About
from core.leaflet.bottles.products import products_of
from core.leaflet.findings import Findings
from core.leaflet.grid import Cell
from core.leaflet.layout import Layout
from core.leaflet.request import Asked, CellKind, DraftRow, Note, TableRequest
from core.leaflet.rows.body import Body, BottleRow
from core.leaflet.rows.cells import DoseCell, DoseCellHabits, read_dose_cell
from core.leaflet.rows.footnotes import footnote, unit_of_footnote
from core.leaflet.statements import Statements
from core.leaflet.table import span_text
from core.leaflet.units import dose_of, fitting_unit, unit_for
from core.messages import Listed, Message
from core.quantities import DoseUnit, decimal_text
from core.quantities.dose_units import DoseUnitSaid


@dataclass(frozen=True, slots=True)
class Bottles:
    """Rows of bottles, and the doses of all cells that are understood."""

    rows: tuple[DraftRow, ...]
    doses: tuple[Dose, ...]


@dataclass(frozen=True, slots=True)
class Printed:
    """A dose as the cell has it, and all that is said of its unit."""

    read: DoseCell
    said: DoseUnitSaid | None

    def kept(self, form: Form) -> tuple[DoseUnit, Fraction] | None:
        """The unit it is kept in, and what its figures are multiplied by; None while it is open."""
        return fitting_unit(self.said, form) if self.read.low is not None else None


def read_bottles(  # noqa: PLR0917 -- all that a dose may rest on
    body: Body,
    columns: tuple[Column, ...],
    habits: DoseCellHabits,
    said: Statements,
    layout: Layout,
    about: About,
    request: TableRequest,
    found: Findings,
) -> Bottles:
    """The bottles of a table.

    Args:
        body: its rows.
        columns: those of the chart.
        habits: what commas and ppm are in it.
        said: what titles and notes say.
        layout: where its texts stand, for notes at its foot.
        about: what was kept of an exported chart.
        request: what its reader knows besides.
        found: filled with what each cell is, and with what is open.
    """
    strength = body.strength if request.strength == "times" else {}
    printed = [
        _printed(row, habits, said, layout, request, found, strength) for row in body.bottles
    ]
    _ask_units(body.bottles, printed, layout, found)
    measures = [[cell.said.measure for cell in cells.values() if cell.said] for cells in printed]
    dosed = [len(cells) / max(len(columns), 1) for cells in printed]
    rules = [any(cell.read.until_ec is not None for cell in cells.values()) for cells in printed]
    products = products_of(body.bottles, measures, dosed, rules, about, request.shelf, found)
    rows, doses = [], []
    for row, product, cells in zip(body.bottles, products, printed, strict=True):
        usual = _usual_unit(cells, product.form)
        texts = _texts(row, cells, product.form, usual, found)
        printed_cells = tuple(texts.get(at, "") for at in range(len(columns)))
        rows.append(DraftRow(product, row.label.row, usual, printed_cells))
        for at, one in cells.items():
            dose = dose_of(one.read, one.said, product, columns[at].key)
            doses += [dose] if dose else []
            _mark(row.cells[at], one, dose, product, texts[at], found)
    return Bottles(tuple(rows), tuple(doses))


def _mark(  # noqa: PLR0917 -- a cell, and all that it came to
    cell: Cell, read: Printed, dose: Dose | None, product: Product, text: str, found: Findings
) -> None:
    """Mark a cell as a dose, or ask about a unit that does not fit its bottle."""
    if dose is not None:
        found.mark(cell, CellKind.DOSE, text)
    elif _lacking(read) is None:
        _ask_fit(cell, product, found)


def _usual_unit(cells: Mapping[int, Printed], form: Form) -> DoseUnit | None:
    """The unit that most cells of a row are kept in; of equals the first."""
    units = [kept[0] for cell in cells.values() if (kept := cell.kept(form))]
    return max(dict.fromkeys(units), key=units.count, default=None)


def _texts(
    row: BottleRow,
    cells: Mapping[int, Printed],
    form: Form,
    usual: DoseUnit | None,
    found: Findings,
) -> dict[int, str]:
    """What the sheet shows in the cells of a row: what is no dose stands as it was typed."""
    texts = {at: _cell_text(cell, row.cells[at].text, form, usual) for at, cell in cells.items()}
    others = {at: cell for at, cell in row.cells.items() if at not in cells}
    return texts | {at: cell.text for at, cell in others.items() if not found.is_left_out(cell)}


def _printed(  # noqa: PLR0917 -- all that a cell may rest on
    row: BottleRow,
    habits: DoseCellHabits,
    said: Statements,
    layout: Layout,
    request: TableRequest,
    found: Findings,
    strength: Mapping[int, Fraction],
) -> dict[int, Printed]:
    """The doses of a row; what is no dose is marked as what it is."""
    doses: dict[int, Printed] = {}
    of_row = _footnoted(row.mark, row.label, row, layout, found)
    first: DoseUnitSaid | None = None
    for at, cell in row.cells.items():
        try:
            read = read_dose_cell(cell.text, habits)
        except InputError as error:
            _ask_cell(cell, row, error, found)
            continue
        by_foot = _footnoted(read.note, cell, row, layout, found)
        if read.is_none:
            found.mark(cell, CellKind.NO_DOSE, "left out")
            continue
        if not doses and not row.has_own_unit:
            first = read.unit
        if by_foot is not None and read.unit is not None and read.unit.over(by_foot) != by_foot:
            _ask_of_two_units(cell, row, found)
        others = (by_foot, of_row, row.units.get(at), row.unit, said.unit, request.unit)
        unit = _told_by([read.unit, *others], said, request)
        follows = _told_by([read.unit or (None if by_foot else first), *others], said, request)
        if follows != unit and follows is not None:
            _guess_as_first(row, follows, found)
        doses[at] = Printed(_at_strength(read, strength.get(at)), follows)
    return doses


def _at_strength(read: DoseCell, share: Fraction | None) -> DoseCell:
    """A dose as a row of strengths makes it."""
    if share is None or read.low is None or read.high is None:
        return read
    return replace(read, low=read.low * share, high=read.high * share)


def _footnoted(
    mark: str, cell: Cell, row: BottleRow, layout: Layout, found: Findings
) -> DoseUnitSaid | None:
    """Keep what stands at the foot for a mark; the unit that it gives, where it gives one."""
    if not mark:
        return None
    text = footnote(mark, layout)
    found.notes.append(Note(text or f"{row.name}: {cell.text}", cell.row, cell.column))
    unit, speaks_of_one = unit_of_footnote(text) if text else (None, False)
    if speaks_of_one:
        found.ask(
            Asked.CELL,
            Message("ask_cell.footnote", text=text[:80]).about(_place(row, cell)),
            cell,
        )
    return unit


def _ask_of_two_units(cell: Cell, row: BottleRow, found: Findings) -> None:
    """A dose whose own unit is another than that of the note to which its mark points."""
    found.ask(
        Asked.CELL,
        Message("ask_cell.two_units").about(_place(row, cell)),
        cell,
    )


def _guess_as_first(row: BottleRow, unit: DoseUnitSaid, found: Findings) -> None:
    """Say once that the cells of a row follow the unit of its first."""
    why = Message("guess.first_dose")
    words = "/".join(filter(None, (unit.measure, unit.per)))
    if not any((guess.product, guess.why) == (row.name, why) for guess in found.guesses):
        found.guess(row.name, "unit", words, why)


def _ask_fit(cell: Cell, product: Product, found: Findings) -> None:
    """A row of millilitres in which one cell has grams: one of them is a slip."""
    others = {"others": "by_weight" if product.form is Form.DRY else "by_volume"}
    place = Message("cell_of", row=product.name, text=cell.text[:60])
    found.ask(
        Asked.CELL,
        Message("ask_cell.fit", **others).about(place),
        cell,
    )
    found.mark(cell, CellKind.QUESTION, Message("cell_meaning.fit", **others))


def _ask_cell(cell: Cell, row: BottleRow, error: InputError, found: Findings) -> None:
    code = Asked.PPM_SCALE if error.code == "ppm_without_scale" else Asked.CELL
    if code is Asked.PPM_SCALE and found.is_asked(code):
        found.make_it_of_doses(code)
    else:
        scales = ("500", "640", "700")
        choices = scales if code is Asked.PPM_SCALE else _choices_in(error)
        found.ask(code, error.message.about(_place(row, cell)), cell, *choices)
    found.mark(cell, CellKind.QUESTION, error.message)


def _place(row: BottleRow, cell: Cell) -> Message:
    return Message("cell_of", row=row.name, text=cell.text[:60])


_TWO_WAYS = (("many", "few"), ("thousands", "decimals"), ("whole", "decimal"))
"""What errors call both ways in which a figure could be written."""


def _choices_in(error: InputError) -> tuple[str, ...]:
    """Both ways in which an error says that a figure could be written."""
    values = error.message.values
    ways = next((pair for pair in _TWO_WAYS if values.keys() >= set(pair)), ())
    return tuple(str(values[way]) for way in ways)


def _told_by(
    units: Sequence[DoseUnitSaid | None], said: Statements, request: TableRequest
) -> DoseUnitSaid | None:
    """All that is said of a cell's unit: by itself, its row, the leaflet, and who reads it."""
    unit = None
    for other in units:
        unit = unit.over(other) if unit else other
    return unit.with_gallon(said.gallon or request.gallon) if unit else None


def _ask_units(
    rows: list[BottleRow], printed: list[dict[int, Printed]], layout: Layout, found: Findings
) -> None:
    """Once for the chart: a gallon that nobody names, and a unit that nobody says."""
    lacks: dict[Asked, list[tuple[BottleRow, DoseUnitSaid]]] = {Asked.GALLON: [], Asked.UNIT: []}
    for row, cells in zip(rows, printed, strict=True):
        for at, cell in cells.items():
            if lacking := _lacking(cell):
                lacks[lacking].append((row, cell.said or DoseUnitSaid()))
                found.mark(row.cells[at], CellKind.QUESTION, _OPEN[lacking])
    if of_gallons := lacks[Asked.GALLON]:
        first, _ = of_gallons[0]
        found.ask(
            Asked.GALLON,
            Message("ask_gallon"),
            layout.first_that_says("gal") or first.unit_cell or first.label, "us", "uk",
        )  # fmt: skip
    if unsaid := lacks[Asked.UNIT]:
        every = len({id(row) for row, _ in unsaid}) == len(rows)
        _ask_unit(unsaid, found, every=every)


_OPEN = {
    Asked.GALLON: Message("cell_meaning.which_gallon"),
    Asked.UNIT: Message("cell_meaning.which_unit"),
}


def _lacking(cell: Printed) -> Asked | None:
    if cell.read.low is None:
        return None
    said = cell.said or DoseUnitSaid()
    if said.is_whole and said.lacks_gallon:
        return Asked.GALLON
    return None if unit_for(said, Form.LIQUID) else Asked.UNIT


def _ask_unit(
    unsaid: list[tuple[BottleRow, DoseUnitSaid]], found: Findings, *, every: bool
) -> None:
    row, said = unsaid[0]
    names = Listed(tuple(dict.fromkeys(one.name for one, _ in unsaid))[:4], "comma")
    if said.measure and said.per is None:
        message = Message("ask_unit.per", measure=said.measure)
        choices = _units_of(said.measure)
    elif said.per is not None:
        message = Message("ask_unit.measure")
        per = f"{said.count}{said.per}" if said.count > 1 else said.per
        choices = (f"mL/{per}", f"g/{per}")
    else:
        message, choices = Message("ask_unit.none"), _units_of("mL")
    whose = None if every else Message("rows", names=names)
    found.ask(Asked.UNIT, message.about(whose), row.label, *choices)


def _units_of(measure: str) -> tuple[str, ...]:
    """Units with a measure; one that charts seldom print, such as mg, is kept as another."""
    kept = tuple(unit.value for unit in DoseUnit if unit.measure == measure)
    return kept or tuple(f"{measure}/{per}" for per in ("L", "10L", "100L", "gal_us", "gal_uk"))


def _cell_text(cell: Printed, text: str, form: Form, usual: DoseUnit | None) -> str:
    """A cell as it is typed into a sheet whose row has a unit; as printed while that is open."""
    read, kept = cell.read, cell.kept(form)
    parts = []
    if read.low is not None and read.high is not None:
        if kept is None:
            return text
        unit, times = kept
        span = span_text(read.low, read.high)
        if times != 1:
            span = span_text(read.low * times, read.high * times)
        parts.append(span if unit is usual else f"{span} {unit.words}")
    if read.until_ec is not None:
        parts.append(f"until EC +{decimal_text(read.until_ec)}")
    return ", ".join(parts)
