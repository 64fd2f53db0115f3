"""A leaflet as it is typed, on its way between a screen and the rules: texts in a grid."""

import re
from typing import Annotated

from pydantic import Field, StrictBool, StringConstraints

from core.chart import Column, Form, Medium, Product, Readings, Role, Stage
from core.chart.parts import product_from, said_of
from core.formats.chart import FeedChart
from core.formats.fields import Count, Document, Key, Words
from core.leaflet import ChartDraft
from core.leaflet.rows.footnotes import without_foot_mark
from core.leaflet.sheet import Sheet, SheetColumn, SheetRow
from core.leaflet.table import dose_text, span_text, usual_unit
from core.limits import LONGEST_TYPED, MOST_COLUMNS, MOST_PRODUCTS
from core.quantities import DoseUnit, PpmScale, ReadingRange, ReadingScale, ReadingUnit
from core.wording import in_words

Typed = Annotated[str, StringConstraints(max_length=LONGEST_TYPED, pattern=r"^[^\x00-\x1f]*$")]


class LeafletRow(Document):
    """A bottle: what is known of it, the unit of its figures, and its cells as typed."""

    key: Key
    name: Words
    role: Role
    form: Form = Form.LIQUID
    group: Words = ""
    rank: Count = 0
    scales: StrictBool | None = None
    after: Annotated[tuple[Key, ...], Field(max_length=MOST_PRODUCTS)] = ()
    wait_min: Count | None = None
    oxidiser: StrictBool = False
    settles: StrictBool = False
    unit: DoseUnit | None = None
    cells: Annotated[tuple[Typed, ...], Field(max_length=MOST_COLUMNS)] = ()

    def row(self) -> SheetRow:
        """The row it means."""
        return SheetRow(product_from(dict(self)), self.unit, self.cells)


class LeafletColumn(Document):
    """A week or stage; days, EC and pH as typed."""

    key: Key
    label: Words
    days: Typed = ""
    stage: Stage | None = None
    ec: Typed = ""
    ph: Typed = ""


class LeafletDocument(Document):
    """A leaflet as it stands on screen; `reading_unit` is what its EC row is typed in."""

    name: Words
    maker: Words = ""
    medium: Medium = Medium.WATER
    readings: Readings = Readings.ADDED
    rows_are_order: StrictBool = False
    reading_unit: ReadingUnit = ReadingUnit.MS_CM
    ppm_scale: PpmScale | None = None
    rows: Annotated[tuple[LeafletRow, ...], Field(max_length=MOST_PRODUCTS)] = ()
    columns: Annotated[tuple[LeafletColumn, ...], Field(max_length=MOST_COLUMNS)] = ()
    notes: Annotated[tuple[Annotated[str, Field(max_length=500)], ...], Field(max_length=500)] = ()

    def sheet(self) -> Sheet:
        """The sheet it means.

        Raises:
            InputError: ppm without its scale.
        """
        return Sheet(
            name=self.name,
            medium=self.medium,
            readings=self.readings,
            rows_are_order=self.rows_are_order,
            scale=ReadingScale(self.reading_unit, self.ppm_scale),
            rows=tuple(row.row() for row in self.rows),
            columns=tuple(
                SheetColumn(
                    column.key, column.label, column.days, column.stage, column.ec, column.ph
                )
                for column in self.columns
            ),
        )


def leaflet_of_chart(
    document: FeedChart, scale: ReadingScale, *, maker: str = "", notes: tuple[str, ...] = ()
) -> LeafletDocument:
    """A chart as a leaflet to type on.

    Args:
        document: the chart.
        scale: what its EC row is shown in where it prints none.
        maker: whose leaflet it is.
        notes: what stands at its foot.
    """
    chart, scale = document.chart(), document.reading_scale or scale
    rows = []
    for product in chart.products:
        doses = [chart.dose(product.key, column.key) for column in chart.columns]
        usual = usual_unit(doses)
        rows.append(_row(product, usual, tuple(dose_text(dose, usual) for dose in doses)))
    columns = tuple(_column(column, scale) for column in chart.columns)
    return LeafletDocument(
        name=chart.name,
        maker=maker,
        medium=chart.medium,
        readings=chart.readings,
        rows_are_order=chart.rows_are_order,
        reading_unit=scale.unit,
        ppm_scale=scale.scale,
        rows=tuple(rows),
        columns=columns,
        notes=notes,
    )


def leaflet_of_draft(draft: ChartDraft, scale: ReadingScale) -> LeafletDocument:
    """A draft as a leaflet to type on; what is open stands in its cells as printed.

    Args:
        draft: as a table was understood.
        scale: what its EC row is shown in where it prints none.
    """
    scale = draft.scale or scale
    return LeafletDocument(
        name=draft.name,
        medium=draft.medium,
        readings=draft.readings,
        rows_are_order=draft.rows_are_order,
        reading_unit=scale.unit,
        ppm_scale=scale.scale,
        rows=tuple(
            _row(row.product, row.unit, tuple(cell[:LONGEST_TYPED] for cell in row.cells))
            for row in draft.rows
        ),
        columns=tuple(_column(column, scale) for column in draft.columns),
        notes=_notes(draft),
    )


def _notes(draft: ChartDraft) -> tuple[str, ...]:
    """What stands at the foot of a sheet: notes of one row of the table in one line."""
    lines: dict[int, list[str]] = {}
    bottles = {row.row: row.product.name for row in draft.rows}
    for note in draft.notes:
        if note.text != draft.name:
            lines.setdefault(note.row, []).append(
                _of_bottle(in_words(note.text), bottles.get(note.row))
            )
    return tuple(dict.fromkeys(_one_line(texts)[:500] for texts in lines.values()))


def _of_bottle(text: str, name: str | None) -> str:
    """A note with the bottle that it is of: a footnote stands far from what points to it."""
    if name is None or name.lower() in text.lower():
        return text
    return f"{name}: {without_foot_mark(text)}"


def _one_line(texts: list[str]) -> str:
    """`Light hours: 18 (Week 1)` and its like for other weeks as one line."""
    head, _, _ = texts[0].partition(":")
    parts = [re.fullmatch(rf"{re.escape(head)}: (.*?) \(.*\)", text) for text in texts[1:]]
    if len(texts) > 2 and all(parts):
        return f"{head}: {' · '.join(part[1] for part in parts if part)}"
    return "; ".join(dict.fromkeys(texts))


def _row(product: Product, unit: DoseUnit | None, cells: tuple[str, ...]) -> LeafletRow:
    return LeafletRow(**said_of(product), unit=unit, cells=cells)


def _column(column: Column, scale: ReadingScale) -> LeafletColumn:
    return LeafletColumn(
        key=column.key,
        label=column.label,
        days=str(column.days or ""),
        stage=column.stage,
        ec=_ec_text(column.ec, scale),
        ph=span_text(column.ph.low, column.ph.high) if column.ph else "",
    )


def _ec_text(ec: ReadingRange | None, scale: ReadingScale) -> str:
    return span_text(ec.low.in_unit(scale), ec.high.in_unit(scale)) if ec else ""
