"""Files and what their reader knows of them, into the draft of a chart."""

from dataclasses import dataclass, replace

from core.errors import InputError
from core.formats.chart import FeedChart
from core.formats.text import document_of, read_json
from core.leaflet import ChartDraft, DraftRow, ShelfBottle, TableRequest, read_table
from core.leaflet.table import dose_text, usual_unit
from core.quantities import DoseUnit, PpmScale, ReadingUnit
from core.quantities.dose_units import GALLONS, DoseUnitSaid, Gallon, read_dose_unit
from core.quantities.readings import PPM_SCALES
from core.tables import read_table_file


@dataclass(frozen=True, slots=True)
class TableOptions:
    """What the reader of a table knows besides; see `core.leaflet.TableRequest`."""

    gallon: Gallon | None = None
    ppm_scale: PpmScale | None = None
    unit: DoseUnitSaid | None = None
    reading_unit: ReadingUnit | None = None
    shelf: tuple[ShelfBottle, ...] = ()


def table_options(
    gallon: str | None, ppm_scale: str | None, unit: str | None, reading_unit: str | None = None
) -> TableOptions:
    """Options as they are typed.

    Raises:
        InputError: one of them is none of its choices.
    """
    return TableOptions(
        _gallon(gallon), _scale(ppm_scale), _unit(unit), _reading_unit(reading_unit)
    )


def _gallon(text: str | None) -> Gallon | None:
    if text is None:
        return None
    found = next((one for one in GALLONS if one == text.lower()), None)
    if found is None:
        raise InputError("not_a_choice", "A gallon is us or uk.", "gallon")
    return found


def _scale(text: str | None) -> PpmScale | None:
    if text is None:
        return None
    found = next((one for one in PPM_SCALES if str(one) == text.strip()), None)
    if found is None:
        raise InputError("not_a_choice", "A ppm scale is 500, 640 or 700.", "ppm_scale")
    return found


def _reading_unit(text: str | None) -> ReadingUnit | None:
    """Of EC; ppm say what they are, and are asked for their scale."""
    if text is None:
        return None
    units = {unit.value: unit for unit in ReadingUnit if unit is not ReadingUnit.PPM}
    if text not in units:
        raise InputError("not_a_choice", f"A row of EC is in {', '.join(units)}.", "reading_unit")
    return units[text]


def _unit(text: str | None) -> DoseUnitSaid | None:
    """A whole unit, such as mL/L or mL/2 L; which gallon it is may be told elsewhere."""
    if text is None:
        return None
    said = read_dose_unit(text)
    if said is None or said.with_gallon("us").unit() is None:
        choices = ", ".join(unit.value for unit in DoseUnit)
        raise InputError("not_a_choice", f"A unit of doses is one of {choices}.", "unit")
    return said


def draft_of_file(
    raw: bytes, options: TableOptions, *, name: str = "", sheet: str | None = None
) -> ChartDraft:
    """What a file was understood as: a table, or a chart in the open format.

    Args:
        raw: its bytes.
        options: what its reader knows besides.
        name: what to call the chart where the file does not say.
        sheet: which sheet of a spreadsheet.

    Raises:
        InputError: it holds neither.
    """
    if raw.lstrip(b"\xef\xbb\xbf \t\r\n")[:1] == b"{":
        return draft_of_chart(document_of(FeedChart, read_json(raw)))
    rows = read_table_file(raw, sheet=sheet).rows
    return draft_of_rows(rows, options, name=name)


def draft_of_rows(
    rows: tuple[tuple[str, ...], ...], options: TableOptions, *, name: str = ""
) -> ChartDraft:
    """What rows of texts were understood as.

    Raises:
        InputError: there is no table in them.
    """
    request = TableRequest(
        rows=rows,
        name=name,
        gallon=options.gallon,
        ppm_scale=options.ppm_scale,
        unit=options.unit,
        reading_unit=options.reading_unit,
        shelf=options.shelf,
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
