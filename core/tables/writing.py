"""Rows of texts into files: CSV by RFC 4180, and XLSX."""

import csv
import io
import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from core.limits import ABOUT_SHEET

if TYPE_CHECKING:
    from openpyxl.worksheet.worksheet import Worksheet

Rows = Sequence[Sequence[str]]
_FORMULA = re.compile(r"[=+@\t\r]|-(?![\d.\s]*$)")
_FIGURE = re.compile(r"(?=.{1,12}$)\d+(?:\.\d+)?")  # short enough for a spreadsheet's own numbers


def csv_text(rows: Rows) -> str:
    """Rows as CSV; a text that a spreadsheet would take for a formula begins with an apostrophe."""
    made = io.StringIO(newline="")
    writer = csv.writer(made, lineterminator="\r\n")
    writer.writerows([_harmless(cell) for cell in row] for row in rows)
    return made.getvalue()


def _harmless(cell: str) -> str:
    return f"'{cell}" if _FORMULA.match(cell) else cell


def xlsx_bytes(rows: Rows, about: Sequence[str], *, title: str) -> bytes:
    """Rows as the first sheet of a workbook, and lines about them as its second."""
    # Reading a table must not wait for what only writing needs.
    from openpyxl import Workbook

    book = Workbook()
    sheet = book.active
    assert sheet is not None
    sheet.title = re.sub(r"[\[\]:*?/\\'\x00-\x1f]", " ", title).strip()[:31] or "Chart"
    for number, row in enumerate(rows, 1):
        for column, text in enumerate(row, 1):
            _write(sheet, number, column, text)
    _dress(sheet, rows)
    kept = book.create_sheet(ABOUT_SHEET)
    for number, line in enumerate(about, 1):
        _write(kept, number, 1, line)
    kept.column_dimensions["A"].width = 100
    made = io.BytesIO()
    book.save(made)
    return made.getvalue()


def _write(sheet: "Worksheet", row: int, column: int, text: str) -> None:
    if not text:
        return
    cell = sheet.cell(row=row, column=column)
    if _FIGURE.fullmatch(text):
        cell.value = float(text) if "." in text else int(text)
        return
    cell.value = text
    cell.data_type = "s"  # what begins with = is a name, and never a formula


def _dress(sheet: "Worksheet", rows: Rows) -> None:
    """Bold names and headings that stay in sight, columns as wide as their texts."""
    from openpyxl.styles import Alignment, Font
    from openpyxl.utils import get_column_letter

    for column in range(1, max(map(len, rows), default=1) + 1):
        texts = [len(row[column - 1]) for row in rows if len(row) >= column]
        sheet.column_dimensions[get_column_letter(column)].width = min(
            max(texts, default=0) + 2, 40
        )
    for cell in sheet[1]:
        cell.font = Font(bold=True)
        cell.alignment = Alignment(wrap_text=True, vertical="top")
    sheet.freeze_panes = "B2"
