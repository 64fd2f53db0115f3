"""How far a sheet reaches, and what its cells have besides values: told before it is parsed.

A few bytes can claim a cell in row 1 048 576, and a parser lays out all rows up to it.
"""

import re
from dataclasses import dataclass, field
from xml.parsers import expat

from core.errors import InputError
from core.limits import MOST_TABLE_COLUMNS, MOST_TABLE_ROWS

_REFERENCE = re.compile(r"\$?([A-Z]{1,4})\$?(\d{1,8})")
_LONGEST_SPREAD = 40
"""Signs of a text that a merged cell says of all it spans; longer ones are titles and notes."""


@dataclass(slots=True)
class Shape:
    """A sheet's reach.

    Args:
        rows, columns: up to its last cell with something in it.
        merged: first and last row and column of merged cells, from 0.
        uncomputed: formulas without a kept value, by row and column.
        is_filled: whether any cell has something in it.
        hidden_rows, hidden_columns: those that nobody sees, from 1.
    """

    rows: int = 0
    columns: int = 0
    merged: list[tuple[int, int, int, int]] = field(default_factory=list)
    uncomputed: dict[tuple[int, int], str] = field(default_factory=dict)
    is_filled: bool = False
    hidden_rows: set[int] = field(default_factory=set)
    hidden_columns: set[int] = field(default_factory=set)

    def hide(self, which: set[int], first: int, last: int, most: int) -> None:
        """Take rows or columns in that are hidden, from 1, as far as a table may reach."""
        which.update(range(max(first, 1), min(last, most) + 1))

    def reach(self, row: int, column: int) -> None:
        """Take in a cell that has something in it."""
        self.rows, self.columns = max(self.rows, row + 1), max(self.columns, column + 1)
        self.is_filled = True

    def refuse_too_large(self) -> None:
        """Refuse it before it is laid out.

        Raises:
            InputError: it reaches further than a leaflet.
        """
        if self.rows > MOST_TABLE_ROWS or self.columns > MOST_TABLE_COLUMNS:
            raise InputError(
                "table_too_large.sheet",
                rows=self.rows,
                columns=self.columns,
                most_table_rows=MOST_TABLE_ROWS,
                most_table_columns=MOST_TABLE_COLUMNS,
            )

    def fill(self, rows: list[list[str]]) -> None:
        """Write merged cells into all that they span, and formulas that were never computed.

        A cell merged from the first column is a title or a name, and stays where it is.
        """
        for (row, column), formula in self.uncomputed.items():
            while len(rows) <= row:
                rows.append([])
            rows[row] += [""] * (column + 1 - len(rows[row]))
            rows[row][column] = rows[row][column] or f"={formula[:40]}"
        for merged in self.merged:
            _spread(rows, *merged)


def _spread(
    rows: list[list[str]], first_row: int, first_column: int, last_row: int, last_column: int
) -> None:
    """Write the text of merged cells into all of them."""
    if not first_column or first_row >= len(rows) or first_column >= len(rows[first_row]):
        return
    text = rows[first_row][first_column]
    if len(text) > _LONGEST_SPREAD:
        return
    for spanned in rows[first_row : last_row + 1]:
        for at in range(first_column, min(last_column + 1, len(spanned))):
            spanned[at] = spanned[at] or text


def xlsx_shape(content: bytes) -> Shape:
    """The shape of a worksheet part.

    Raises:
        ExpatError: it is no XML.
    """
    reader = _XlsxReader()
    _parse(content, reader)
    return reader.shape


class _XlsxReader:
    def __init__(self) -> None:
        self.shape = Shape()
        self.row, self.column = -1, -1
        self.has_value, self.formula = False, ""
        self.inside = ""

    def start(self, name: str, attributes: dict[str, str]) -> None:
        if name == "row":
            self.row = int(attributes["r"]) - 1 if "r" in attributes else self.row + 1
            self.column = -1
            if attributes.get("hidden") in ("1", "true"):
                row = self.row + 1
                self.shape.hide(self.shape.hidden_rows, row, row, MOST_TABLE_ROWS)
        elif name == "col" and attributes.get("hidden") in ("1", "true"):
            ends = int(attributes.get("min", "1")), int(attributes.get("max", "1"))
            self.shape.hide(self.shape.hidden_columns, *ends, MOST_TABLE_COLUMNS)
        elif name == "c":
            self.column += 1
            if found := _REFERENCE.fullmatch(attributes.get("r", "")):
                self.column, self.row = column_number(found[1]), int(found[2]) - 1
            # A formula that comes to an empty text is computed; one without type and value is not.
            self.has_value, self.formula = attributes.get("t") == "str", ""
        elif name == "mergeCell":
            self.shape.merged += _merged_cells(attributes.get("ref", ""))
        self.inside = name

    def text(self, text: str) -> None:
        if self.inside == "f":
            self.formula += text
        elif self.inside in ("v", "t"):
            self.has_value = True

    def end(self, name: str) -> None:
        self.inside = ""
        if name != "c":
            return
        if self.has_value or self.formula:
            self.shape.reach(self.row, self.column)
        if self.formula and not self.has_value:
            self.shape.uncomputed[self.row, self.column] = self.formula


def _merged_cells(reference: str) -> list[tuple[int, int, int, int]]:
    """First and last row and column, from 0, of cells such as B2:D4; none where it is no such."""
    ends = [_REFERENCE.fullmatch(part) for part in reference.split(":")]
    rows_and_columns = [(int(end[2]) - 1, column_number(end[1])) for end in ends if end]
    if len(ends) != 2 or len(rows_and_columns) != 2:
        return []
    return [(*rows_and_columns[0], *rows_and_columns[1])]


def ods_shapes(content: bytes) -> dict[str, Shape]:
    """The shapes of all tables of an ODS document, by their names.

    Raises:
        ExpatError: it is no XML.
        InputError: it reaches outside.
    """
    reader = _OdsReader()
    _parse(content, reader)
    for shape in reader.shapes.values():
        shape.refuse_too_large()  # calamine lays all of them out at once
    return reader.shapes


class _OdsReader:
    def __init__(self) -> None:
        self.shapes: dict[str, Shape] = {}
        self.shape = Shape()
        self.row, self.column, self.rows, self.columns = 0, 0, 1, 1
        self.has_value = False
        self.row_has_value = False
        self.reached = 0
        self.defined = 0
        self.spans: tuple[int, int] = (1, 1)

    def start(self, name: str, attributes: dict[str, str]) -> None:
        match name:
            case "table":
                self.shape = self.shapes[attributes.get("table:name", "")] = Shape()
                self.row, self.defined = 0, 0
            case "table-column":
                again = _count(attributes, "table:number-columns-repeated")
                if attributes.get("table:visibility", "visible") != "visible":
                    ends = self.defined + 1, self.defined + again
                    self.shape.hide(self.shape.hidden_columns, *ends, MOST_TABLE_COLUMNS)
                self.defined += again
            case "table-row":
                self.rows = _count(attributes, "table:number-rows-repeated")
                self.column, self.reached, self.row_has_value = 0, -1, False
                if attributes.get("table:visibility", "visible") != "visible":
                    ends = self.row + 1, self.row + self.rows
                    self.shape.hide(self.shape.hidden_rows, *ends, MOST_TABLE_ROWS)
            case "table-cell" | "covered-table-cell":
                self.columns = _count(attributes, "table:number-columns-repeated")
                self.has_value = "office:value-type" in attributes or "office:value" in attributes
                down = _count(attributes, "table:number-rows-spanned")
                across = _count(attributes, "table:number-columns-spanned")
                self.spans = down, across
            case "p":
                self.has_value = True
            case "table-source" | "cell-range-source" | "dde-source" | "database-source-sql":
                raise InputError("file_links_outside")

    def text(self, text: str) -> None:
        """Nothing: that a cell has a paragraph is enough."""

    def end(self, name: str) -> None:
        if name in ("table-cell", "covered-table-cell"):
            if self.has_value:
                self.row_has_value = True
                self.reached = self.column + self.columns - 1
            if self.spans != (1, 1):
                down, across = self.spans
                self.shape.merged.append(
                    (self.row, self.column, self.row + down - 1, self.column + across - 1)
                )
            self.column += self.columns
            self.has_value = False
        elif name == "table-row":
            if self.row_has_value:
                self.shape.reach(self.row + self.rows - 1, self.reached)
            self.row += self.rows


def _count(attributes: dict[str, str], name: str) -> int:
    return max(int(attributes.get(name, "1")), 1)


def _parse(content: bytes, reader: "_XlsxReader | _OdsReader") -> None:
    parser = expat.ParserCreate()
    parser.buffer_text = True
    parser.StartElementHandler = lambda name, found: reader.start(name.rpartition(":")[2], found)
    parser.CharacterDataHandler = reader.text
    parser.EndElementHandler = lambda name: reader.end(name.rpartition(":")[2])
    parser.Parse(content, True)


def column_number(letters: str) -> int:
    """A column's number from 0.

    >>> column_number("A"), column_number("AA")
    (0, 26)
    """
    number = 0
    for letter in letters:
        number = number * 26 + ord(letter) - 64
    return number - 1
