"""The bytes of a file into a table, whatever its name says it is."""

from collections.abc import Sequence
from dataclasses import dataclass

from core.errors import InputError
from core.limits import LARGEST_BYTES, MOST_TABLE_COLUMNS, MOST_TABLE_ROWS
from core.messages import MessageValue
from core.tables.archive import Archive
from core.tables.text import decoded, rows_of_text
from core.tables.workbook import read_workbook

Rows = tuple[tuple[str, ...], ...]


@dataclass(frozen=True, slots=True)
class FileTable:
    """A table, and the sheets among which it was chosen.

    Args:
        rows: texts; every row is as long as the longest.
        sheets: names of the sheets of the file; none for plain text.
        sheet: the one that was read.
        filled: sheets with something in them.
        hidden_rows, hidden_columns: of the table, from 1.
    """

    rows: Rows
    sheets: tuple[str, ...] = ()
    sheet: str = ""
    filled: tuple[str, ...] = ()
    hidden_rows: frozenset[int] = frozenset()
    hidden_columns: frozenset[int] = frozenset()


_MOST_LINES = 10 * MOST_TABLE_ROWS
"""Of a text: a row in quotation marks may have several."""

_OLE = b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1"
_OTHERS = {
    b"%PDF": "pdf",
    b"\x89PNG": "picture",
    b"\xff\xd8\xff": "picture",
    b"GIF8": "picture",
    b"RIFF": "riff",
    b"\x1f\x8b": "packed",
    b"7z\xbc\xaf": "packed",
    b"Rar!": "packed",
    b"\x7fELF": "program",
    b"MZ": "program",
}


def read_table_file(raw: bytes, *, sheet: str | None = None) -> FileTable:
    """The table of a file.

    Args:
        raw: CSV or other delimited text, XLSX or ODS, told apart by what they hold.
        sheet: the sheet wanted; the first that is not blank without it.

    Raises:
        InputError: it is too large, broken, locked, dangerous, or no table; one sentence says why.
    """
    if len(raw) > LARGEST_BYTES:
        raise InputError("too_large.table_file", largest_bytes=LARGEST_BYTES // 1000000)
    if not raw.strip():
        raise InputError("no_table.empty_file")
    if raw.startswith(b"PK"):
        read = read_workbook(Archive(raw), sheet)
        return FileTable(
            _within(read.rows),
            read.sheets,
            read.sheet,
            read.filled,
            read.hidden_rows,
            read.hidden_columns,
        )
    _refuse_others(raw)
    if sheet is not None:
        raise InputError("unknown_sheet.text", "sheet")
    text = decoded(raw).rstrip()
    lines = max(text.count("\n"), text.count("\r")) + 1
    if lines > _MOST_LINES:  # told before seconds are spent on splitting them
        raise _too_large(lines)
    return FileTable(_within(rows_of_text(text)))


def _refuse_others(raw: bytes) -> None:
    if raw.startswith(_OLE):
        raise InputError("file_locked_or_old.old")
    for start, kind in _OTHERS.items():
        if raw.startswith(start):
            raise InputError("no_table_file.other_kind", kind=kind)


def _within(rows: Rows) -> Rows:
    """A table without blank rows and columns at its ends, of no more than may be.

    Raises:
        InputError: it is blank, or larger.
    """
    filled = max((number for number, row in enumerate(rows, 1) if _reach(row)), default=0)
    rows = rows[:filled]
    width = max(map(_reach, rows), default=0)
    if not rows:
        raise InputError("no_table.empty_sheet")
    if len(rows) > MOST_TABLE_ROWS or width > MOST_TABLE_COLUMNS:
        raise _too_large(len(rows), width)
    return tuple(tuple(row[at] if at < len(row) else "" for at in range(width)) for row in rows)


def _too_large(rows: int, columns: int | None = None) -> InputError:
    most: dict[str, MessageValue] = {
        "most_rows": MOST_TABLE_ROWS,
        "most_columns": MOST_TABLE_COLUMNS,
    }
    if columns is None:
        return InputError("table_too_large.text", "", rows=rows, **most)
    return InputError("table_too_large.table", "", rows=rows, columns=columns, **most)


def _reach(row: Sequence[str]) -> int:
    """How many columns a row takes up to its last cell with something in it."""
    return max((at for at, cell in enumerate(row, 1) if cell.strip()), default=0)
