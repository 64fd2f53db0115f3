"""Files and what their reader knows of them, into the draft of a chart."""

from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass, field, replace

from core.errors import InputError
from core.formats.chart import FeedChart
from core.formats.text import document_of, read_json
from core.leaflet import (
    ChartDraft,
    DraftRow,
    FoundTable,
    Hidden,
    ShelfBottle,
    Strength,
    TableRequest,
    TakenAs,
    asking_which,
    read_table,
    tables_of,
)
from core.leaflet.table import dose_text, usual_unit
from core.messages import Listed
from core.quantities import DoseUnit, PpmScale, ReadingUnit
from core.quantities.dose_units import GALLONS, DoseUnitSaid, Gallon, read_dose_unit
from core.quantities.readings import PPM_SCALES
from core.tables import FileTable, read_table_file


@dataclass(frozen=True, slots=True)
class TableOptions:
    """What the reader of a table knows besides; see `core.leaflet.TableRequest`."""

    gallon: Gallon | None = None
    ppm_scale: PpmScale | None = None
    unit: DoseUnitSaid | None = None
    reading_unit: ReadingUnit | None = None
    shelf: tuple[ShelfBottle, ...] = ()
    rows: Mapping[int, TakenAs] = field(default_factory=dict)
    as_printed: frozenset[int] = frozenset()
    strength: Strength | None = None
    hidden: Hidden | None = None
    table: int | None = None


def table_options(
    gallon: str | None,
    ppm_scale: str | None,
    unit: str | None,
    reading_unit: str | None = None,
    *,
    rows: Mapping[int, TakenAs] | None = None,
    as_printed: Collection[int] = (),
    strength: Strength | None = None,
    hidden: Hidden | None = None,
    table: int | None = None,
) -> TableOptions:
    """Options as they are typed.

    Raises:
        InputError: one of them is none of its choices.
    """
    return TableOptions(
        _gallon(gallon),
        _scale(ppm_scale),
        _unit(unit),
        _reading_unit(reading_unit),
        rows=rows or {},
        as_printed=frozenset(as_printed),
        strength=strength,
        hidden=hidden,
        table=table,
    )


def _gallon(text: str | None) -> Gallon | None:
    if text is None:
        return None
    found = next((one for one in GALLONS if one == text.lower()), None)
    if found is None:
        raise InputError("not_a_choice.gallon", "gallon")
    return found


def _scale(text: str | None) -> PpmScale | None:
    if text is None:
        return None
    found = next((one for one in PPM_SCALES if str(one) == text.strip()), None)
    if found is None:
        raise InputError("not_a_choice.ppm_scale", "ppm_scale")
    return found


def _reading_unit(text: str | None) -> ReadingUnit | None:
    """Of EC; ppm say what they are, and are asked for their scale."""
    if text is None:
        return None
    units = {unit.value: unit for unit in ReadingUnit if unit is not ReadingUnit.PPM}
    if text not in units:
        raise InputError(
            "not_a_choice.reading_unit", "reading_unit", units=Listed(tuple(units), "comma")
        )
    return units[text]


def _unit(text: str | None) -> DoseUnitSaid | None:
    """A whole unit, such as mL/L or mL/2 L; which gallon it is may be told elsewhere."""
    if text is None:
        return None
    said = read_dose_unit(text)
    if said is None or said.with_gallon("us").unit() is None:
        choices = Listed(tuple(unit.value for unit in DoseUnit), "comma")
        raise InputError("not_a_choice.unit", "unit", choices=choices)
    return said


@dataclass(frozen=True, slots=True)
class ReadFile:
    """A file: the table that was read of it, and what that was understood as.

    Args:
        table: without rows for a chart in the open format.
        draft: what it was understood as.
        tables: all of which it was chosen; empty where there is one.
    """

    table: FileTable
    draft: ChartDraft
    tables: tuple[FoundTable, ...] = ()


def read_file(
    raw: bytes, options: TableOptions, *, name: str = "", sheet: str | None = None
) -> ReadFile:
    """What a file was understood as: a table, or a chart in the open format.

    Args:
        raw: its bytes.
        options: what its reader knows besides.
        name: what to call the chart where the file does not say.
        sheet: which sheet of a spreadsheet; all of them without it.

    Raises:
        InputError: it holds neither.
    """
    if raw.lstrip(b"\xef\xbb\xbf \t\r\n")[:1] == b"{":
        return ReadFile(FileTable(()), draft_of_chart(document_of(FeedChart, read_json(raw))))
    files = _sheets(raw, sheet)
    found = _tables_in(files)
    if len(found) <= 1:
        chosen = next((file for file, _, _ in found), files[0])
        return ReadFile(chosen, _draft_of(chosen, replace(options, table=None), name))
    if options.table is not None and not 1 <= options.table <= len(found):
        raise InputError("not_a_choice.table", "table", found=len(found))
    file, number, _ = found[(options.table or 1) - 1]
    tables = tuple(table for _, _, table in found)
    draft = _draft_of(file, replace(options, table=number), name)
    return ReadFile(file, draft if options.table else asking_which(draft, tables), tables)


def _sheets(raw: bytes, sheet: str | None) -> list[FileTable]:
    """The sheets of a file that have something on them, or the one that is named."""
    first = read_table_file(raw, sheet=sheet)
    names = (first.sheet,) if sheet is not None else first.filled[:MOST_SHEETS] or (first.sheet,)
    return [first if name == first.sheet else read_table_file(raw, sheet=name) for name in names]


def _tables_in(files: Sequence[FileTable]) -> list[tuple[FileTable, int, FoundTable]]:
    """Each table with its sheet and its number there; the sheet is named if there are several."""
    return [
        (file, number, replace(table, sheet=file.sheet if len(files) > 1 else ""))
        for file in files
        for number, table in enumerate(tables_of(file.rows), 1)
    ]


MOST_SHEETS = 20
"""Sheets of a workbook in which tables are looked for: no leaflet has more."""


def draft_of_file(
    raw: bytes, options: TableOptions, *, name: str = "", sheet: str | None = None
) -> ChartDraft:
    """The draft alone; see `read_file`."""
    return read_file(raw, options, name=name, sheet=sheet).draft


def draft_of_rows(
    rows: tuple[tuple[str, ...], ...], options: TableOptions, *, name: str = ""
) -> ChartDraft:
    """What rows of texts were understood as.

    Raises:
        InputError: there is no table in them.
    """
    return _draft_of(FileTable(rows), options, name)


def _draft_of(file: FileTable, options: TableOptions, name: str) -> ChartDraft:
    request = TableRequest(
        rows=file.rows,
        name=name,
        gallon=options.gallon,
        ppm_scale=options.ppm_scale,
        unit=options.unit,
        reading_unit=options.reading_unit,
        shelf=options.shelf,
        said=options.rows,
        as_printed=options.as_printed,
        strength=options.strength,
        table=options.table,
        hidden_rows=file.hidden_rows,
        hidden_columns=file.hidden_columns,
        hidden=options.hidden,
    )
    return read_table(request)


def draft_of_chart(document: FeedChart) -> ChartDraft:
    """A chart that needs no understanding, as a draft.

    Raises:
        InputError: it contradicts itself.
    """
    chart = document.chart()
    rows = []
    for number, product in enumerate(chart.products, 1):
        doses = [chart.dose(product.key, column.key) for column in chart.columns]
        usual = usual_unit(doses)
        cells = tuple(dose_text(dose, usual) for dose in doses)
        rows.append(DraftRow(product, number, usual, cells))
    empty = ChartDraft(
        None, (), (), (), (), (), (), chart.name, chart.medium, chart.readings, chart.rows_are_order
    )
    return replace(empty, chart=chart, rows=tuple(rows), columns=chart.columns)
