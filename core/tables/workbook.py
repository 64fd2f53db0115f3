"""XLSX and ODS into rows of texts: calamine reads them, once their shape is known."""

import io
import posixpath
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any
from xml.parsers import expat

from python_calamine import CalamineError, CalamineWorkbook, SheetTypeEnum

from core.errors import InputError
from core.limits import ABOUT_SHEET
from core.messages import Listed
from core.tables.archive import Archive
from core.tables.shapes import Shape, ods_shapes, xlsx_shape
from core.tables.xml import elements

_BROKEN = InputError("file_broken.save_anew")


@dataclass(frozen=True, slots=True)
class ReadSheet:
    """A sheet of a workbook.

    Args:
        sheets: names of all that can be seen.
        filled: those of them with something in them.
        sheet: the one that was read.
        rows: its texts.
        hidden_rows, hidden_columns: of them, from 1.
    """

    sheets: tuple[str, ...]
    filled: tuple[str, ...]
    sheet: str
    rows: tuple[tuple[str, ...], ...]
    hidden_rows: frozenset[int]
    hidden_columns: frozenset[int]


def read_workbook(archive: Archive, sheet: str | None) -> ReadSheet:
    """The sheet that was asked for, else the first with something in it.

    Raises:
        InputError: it is no spreadsheet, has no such sheet, or more cells than a leaflet.
    """
    try:
        shapes = _shapes(archive)
    except InputError:
        raise
    except (expat.ExpatError, ValueError, KeyError, RecursionError):
        raise _BROKEN from None
    names = tuple(name for name in shapes if name != ABOUT_SHEET) or tuple(shapes)
    if not names:
        raise InputError("no_table_file.no_sheet")
    chosen = _chosen(names, shapes, sheet)
    rows = _rows(archive, chosen, shapes[chosen])
    if ABOUT_SHEET in shapes and chosen != ABOUT_SHEET:
        rows += _rows(archive, ABOUT_SHEET, shapes[ABOUT_SHEET])
    shape = shapes[chosen]
    return ReadSheet(
        names,
        tuple(name for name in names if shapes[name].is_filled),
        chosen,
        rows,
        frozenset(shape.hidden_rows),
        frozenset(shape.hidden_columns),
    )


def _chosen(names: Sequence[str], shapes: Mapping[str, Shape], sheet: str | None) -> str:
    """The sheet that was asked for, else the first with something in it."""
    if sheet is not None and sheet not in shapes:
        raise InputError(
            "unknown_sheet.chosen",
            "sheet",
            sheet=sheet[:40],
            names=Listed(tuple(names[:12]), "comma"),
        )
    return sheet or next((name for name in names if shapes[name].is_filled), names[0])


def _shapes(archive: Archive) -> dict[str, Shape]:
    """The shape of each sheet that can be seen, by its name."""
    parts = archive.parts
    if "content.xml" in parts and b"opendocument.spreadsheet" in parts.get("mimetype", b""):
        manifest = parts.get("META-INF/manifest.xml", b"")
        if b"encryption-data" in manifest:
            raise InputError("file_locked_or_old.locked")
        return ods_shapes(parts["content.xml"])
    if "[Content_Types].xml" not in parts:
        raise InputError("no_table_file.packed")
    if b"macroEnabled" in parts["[Content_Types].xml"]:
        raise InputError("file_has_macros.perhaps")
    return _xlsx_shapes(parts)


def _xlsx_shapes(parts: dict[str, bytes]) -> dict[str, Shape]:
    book = _main_part(parts)
    folder, name = posixpath.split(book)
    targets = _targets(parts.get(f"{folder}/_rels/{name}.rels", b""))
    shapes: dict[str, Shape] = {}
    for tag, attributes in elements(parts[book]):
        if tag != "sheet" or attributes.get("state", "visible") != "visible":
            continue
        # A workbook may call the relations by any prefix: "r:id" in most, "rel:id" in some.
        relation = next((id_ for name, id_ in attributes.items() if name.endswith(":id")), "")
        target = targets.get(relation, "")
        path = (
            target.lstrip("/")
            if target.startswith("/")
            else posixpath.normpath(f"{folder}/{target}")
        )
        if path in parts and "worksheets" in path:
            shapes[attributes["name"]] = xlsx_shape(parts[path])
    if not shapes:
        raise InputError("no_table_file.no_sheet")
    return shapes


def _targets(relations: bytes) -> dict[str, str]:
    """Where the parts of a workbook are, by what it calls them."""
    targets = {}
    for tag, attributes in elements(relations):
        if tag != "Relationship":
            continue
        if attributes.get("TargetMode") == "External":
            raise InputError("file_links_outside")
        targets[attributes["Id"]] = attributes["Target"]
    return targets


def _main_part(parts: dict[str, bytes]) -> str:
    for tag, attributes in elements(parts.get("_rels/.rels", b"")):
        if tag == "Relationship" and attributes.get("Type", "").endswith("/officeDocument"):
            name = attributes["Target"].lstrip("/")
            if name in parts:
                return name
    raise InputError("no_table_file.packed")


def _rows(archive: Archive, name: str, shape: Shape) -> tuple[tuple[str, ...], ...]:
    shape.refuse_too_large()
    try:
        book = CalamineWorkbook.from_filelike(io.BytesIO(archive.raw))
        kinds = {one.name: one.typ for one in book.sheets_metadata}
        if kinds.get(name) is not SheetTypeEnum.WorkSheet:
            raise InputError("unknown_sheet.no_table", "sheet", name=name[:40])
        found = book.get_sheet_by_name(name).to_python(skip_empty_area=False)
    except InputError:
        raise
    except (CalamineError, OSError, ValueError):
        raise _BROKEN from None
    except BaseException as error:
        # A panic of the parser is no Exception; anything else that is not one goes on its way.
        if type(error).__name__ != "PanicException":
            raise
        raise _BROKEN from None
    rows = [[_cell_text(value) for value in row] for row in found]
    shape.fill(rows)
    return tuple(map(tuple, rows))


def _cell_text(value: Any) -> str:
    """A cell as its sheet shows it, as far as that can be known."""
    match value:
        case bool():
            return "TRUE" if value else "FALSE"
        case int():
            return str(value)
        case float():
            return f"{value:.12g}" if abs(value) < 1e12 else f"{value:.0f}"
    return str(value)
