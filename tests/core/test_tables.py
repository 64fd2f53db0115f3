"""Files into rows of texts: the good ones as they stand, a hundred hostile ones refused."""

import io
import struct
import zipfile
from collections.abc import Callable, Iterator
from datetime import date
from xml.parsers import expat

import openpyxl
import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.leaflet import TableRequest, read_table, whole_table
from core.leaflet.about import about_lines
from core.leaflet.table import chart_table
from core.tables import csv_text, read_table_file, rows_of_text, xlsx_bytes
from core.tables.shapes import Shape, ods_shapes, xlsx_shape
from core.tables.xml import elements
from tests.core.mixes import pair
from tests.words import refuses, words_of

TABLE = (("", "Week 1", "Week 2"), ("Part A (ml/L)", "1,5", "2"), ("Part B (ml/L)", "1,5", "2"))


def xlsx(fill: Callable[[openpyxl.Workbook], None]) -> bytes:
    book = openpyxl.Workbook()
    fill(book)
    made = io.BytesIO()
    book.save(made)
    return made.getvalue()


def packed(parts: dict[str, str | bytes], **options: int) -> bytes:
    made = io.BytesIO()
    with zipfile.ZipFile(made, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
    return made.getvalue()


def unpacked(raw: bytes) -> dict[str, bytes]:
    with zipfile.ZipFile(io.BytesIO(raw)) as archive:
        return {name: archive.read(name) for name in archive.namelist()}


def ods(rows: str, sheets: str = "", manifest: str = "<manifest/>") -> bytes:
    """The least that is an OpenDocument sheet (OpenDocument 1.3, part 3)."""
    names = ("office", "table", "text")
    space = "urn:oasis:names:tc:opendocument:xmlns:"
    roots = " ".join(f'xmlns:{name}="{space}{name}:1.0"' for name in names)
    content = (
        f'<?xml version="1.0"?><office:document-content {roots}><office:body><office:spreadsheet>'
        f'<table:table table:name="Chart">{rows}</table:table>{sheets}'
        "</office:spreadsheet></office:body></office:document-content>"
    )
    kind = "application/vnd.oasis.opendocument.spreadsheet"
    return packed({"mimetype": kind, "content.xml": content, "META-INF/manifest.xml": manifest})


def cell(text: str, attributes: str = "") -> str:
    value = f'office:value-type="string"{attributes}'
    return f"<table:table-cell {value}><text:p>{text}</text:p></table:table-cell>"


def row(*cells: str, attributes: str = "") -> str:
    return f"<table:table-row{attributes}>{''.join(cells)}</table:table-row>"


# What people have.


@pytest.mark.parametrize("encoding", ["utf-8", "utf-8-sig", "utf-16", "utf-16-le", "cp1252"])
@pytest.mark.parametrize("delimiter", [";", "\t", "|"])
def test_text_in_any_writing_and_with_any_delimiter(encoding: str, delimiter: str) -> None:
    rows = (("Dünger", "Week 1", "Week 2"), ("Säure – ½", "1,5", "2"), ("Part B", "1,5", "2"))
    if encoding == "utf-16-le":
        rows = (("Duenger", "Week 1", "Week 2"), *rows[1:])
    text = "\r\n".join(delimiter.join(one) for one in rows)
    assert read_table_file(text.encode(encoding)).rows == rows


@pytest.mark.parametrize("encoding", ["utf-16-le", "utf-16-be"])
def test_text_of_two_bytes_is_known_by_its_zeros_where_half_of_it_is_latin(encoding: str) -> None:
    rows = (("Часть", "мл"), ("A1", "1,5"), ("Соль", "2,5"))
    text = "\n".join("\t".join(one) for one in rows)
    text = text.ljust(2 * sum(map(str.isascii, text)), "ь")  # to just as many that are not
    assert read_table_file(text.encode(encoding)).rows[:2] == rows[:2]


def test_cells_without_an_address_follow_each_other() -> None:
    """ECMA-376, part 1, 18.3.1.4 and 18.3.1.73: the `r` of rows and cells may be left out."""
    rows = (
        "<row><c><v>1</v></c><c/><c><f>1+1</f></c></row><row/>"
        "<row><c/><c><f>2+2</f><v>4</v></c><c/></row>"
        '<row r="7"><c r="B7"><v>1</v></c><c><f>3+3</f></c><c t="str"><f>""</f></c></row>'
    )
    merged = '<mergeCells><mergeCell ref="B2:C3"/><mergeCell ref="D4"/></mergeCells>'
    shape = xlsx_shape(f"<worksheet>{rows}{merged}</worksheet>".encode())
    assert (shape.rows, shape.columns, shape.is_filled) == (7, 4, True)
    assert shape.uncomputed == {(0, 2): "1+1", (6, 2): "3+3"}
    assert shape.merged == [(1, 1, 2, 2)]
    by_row = xlsx_shape(b'<worksheet><row r="3"><c><f>1+1</f></c></row></worksheet>')
    assert by_row.uncomputed == {(2, 0): "1+1"}


def test_a_sheet_reaches_to_its_last_filled_cell_however_often_that_is_repeated() -> None:
    empty, times = "<table:table-cell{}/>", ' table:number-columns-repeated="{}"'
    rows = (
        row(empty.format(times.format(2)), cell("x", times.format(3)), empty.format(""))
        + row(empty.format(times.format(900)), attributes=' table:number-rows-repeated="4"')
        + row(cell("y"), cell("z", ' table:number-columns-spanned="2"'))
        + row(empty.format(""), attributes=' table:number-rows-repeated="2"')
    )
    content = unpacked(ods(rows))["content.xml"]
    (shape,) = ods_shapes(content).values()
    assert (shape.rows, shape.columns, shape.merged) == (6, 5, [(5, 1, 5, 2)])


@given(st.lists(st.tuples(st.text("ab ;,\"|\n.é", max_size=6), st.text("12.", min_size=1, max_size=4)),
                min_size=3, max_size=6))  # fmt: skip
def test_csv_by_rfc_4180_comes_back_as_it_was(rows: list[tuple[str, str]]) -> None:
    whole = [("Bottle", "Unit"), *rows]
    assert rows_of_text(csv_text(whole)) == tuple(whole)


def test_columns_that_spaces_keep_apart_may_have_commas_in_them() -> None:
    text = "Bottle    Week 1  Week 2  Week 3\nKeel, one  1,5  2  3\nKeel, two  2,5  3  4\nKelp  1  2  3"
    assert rows_of_text(text)[1:] == (
        ("Keel, one", "1,5", "2", "3"), ("Keel, two", "2,5", "3", "4"), ("Kelp", "1", "2", "3"),
    )  # fmt: skip


def test_a_table_drawn_with_bars_may_have_a_title_and_empty_cells() -> None:
    text = (
        "Tern works, spring\n| Bottle | Week 1 | Week 2 |\n|---|:---:|---|\n| A | 2 | |\n| B || 3 |"
    )
    assert rows_of_text(text) == (
        ("Tern works, spring",), ("Bottle", "Week 1", "Week 2", ""), ("A", "2", "", ""), ("B", "", "3", ""),
    )  # fmt: skip


@pytest.mark.parametrize("split", [",", ";", "|", "\t"])
def test_a_text_that_says_how_it_is_split_is_split_so(split: str) -> None:
    """Spreadsheets write and read such a first line: common practice."""
    rows = (("A", "1 x 2; or 3, or 4 | 5"), ("B", "3"))
    text = "\n".join(split.join(f'"{cell}"' for cell in row) for row in rows)
    assert rows_of_text(f"sep={split}\n{text}") == rows


@pytest.mark.parametrize("split", [",", ";", "|"])
def test_spaces_behind_the_sign_that_splits_a_text_split_nothing(split: str) -> None:
    rows = (("Bottle", "Week 1", "Week 2"), ("Part A", "2", "3"), ("Part B", "2", "3"))
    found = rows_of_text("\n".join(f"{split}  ".join(row) for row in rows))
    assert [tuple(cell.strip() for cell in row) for row in found] == list(rows)


def test_one_short_row_of_many_does_not_tell_how_a_text_is_split() -> None:
    rows = [["Keel", "1,5", "2", "3"]] * 39 + [["Kelp", "1,5"]]
    text = "\n".join(";".join(row) for row in rows)  # and each row has one comma, too
    assert rows_of_text(text) == tuple(map(tuple, rows))


@pytest.mark.parametrize("split", [",", ";", "\t", "|"])
@pytest.mark.parametrize("other", [", ", "; ", "\t", " | "])
def test_a_table_is_not_split_as_its_title_is(split: str, other: str) -> None:
    table = [("Name", "Week 1"), ("Keel", "2"), ("Kelp", "3")]
    title = other.join(("Tern works", "2026", "east", "by hand"))
    kept = ['# column {"key": "w1", "label": "Week 1", "days": 7}'] * 4
    text = "\n".join([title, *map(split.join, table), *kept])
    assert rows_of_text(text)[1:4] == tuple(table)


def test_a_sheet_is_chosen_and_named() -> None:
    def fill(book: openpyxl.Workbook) -> None:
        book.active.title = "Cover"
        for one in TABLE:
            book.create_sheet("Feed") if "Feed" not in book.sheetnames else None
            book["Feed"].append(one)

    table = read_table_file(xlsx(fill))
    assert (table.sheets, table.sheet, table.rows) == (("Cover", "Feed"), "Feed", TABLE)
    assert read_table_file(xlsx(fill), sheet="Feed").rows == TABLE
    with refuses("Cover, Feed") as caught:
        read_table_file(xlsx(fill), sheet="Other")
    assert caught.value.code == "unknown_sheet"


def test_a_hidden_sheet_is_none() -> None:
    def fill(book: openpyxl.Workbook) -> None:
        book.active.title = "Prices"
        book.active.append(["secret"])
        book.active.sheet_state = "hidden"
        feed = book.create_sheet("Feed")
        for one in TABLE:
            feed.append(one)

    assert read_table_file(xlsx(fill)).rows == TABLE
    with pytest.raises(InputError):
        read_table_file(xlsx(fill), sheet="Prices")


def test_numbers_dates_and_formulas_of_a_workbook() -> None:
    def fill(book: openpyxl.Workbook) -> None:
        sheet = book.active
        sheet.append(["", "Week 1", "Week 2", "Week 3", "Week 4"])
        sheet.append(["Part A", 1.1 + 2.2, "0,5", date(2027, 2, 1), "=B2*2"])
        sheet["E2"].data_type = "f"

    [_, dose] = read_table_file(xlsx(fill)).rows
    # 1.1 + 2.2 is 3.3000000000000003 in binary; a formula never computed has no value to read.
    assert dose == ("Part A", "3.3", "0,5", "2027-02-01", "=B2*2")
    others = read_table_file(
        xlsx(lambda book: book.active.append(["A", True, False, 2.5e12, 1.2e12, 7, 0.1]))
    )
    assert others.rows == (("A", "TRUE", "FALSE", "2500000000000", "1200000000000", "7", "0.1"),)
    questions = read_table(TableRequest((("", "Week 1"), ("Part A ml/L", "=B2*2")))).questions
    assert [question.code for question in questions] == ["cell_unclear"]


def test_blank_rows_and_columns_at_the_ends_are_no_part_of_a_table() -> None:
    text = "\n".join([",Week 1,,", "Part A (ml/L),2,,", ",,,", "Part B (ml/L),2,,", ",,,", ",,,"])
    rows = (("", "Week 1"), ("Part A (ml/L)", "2"), ("", ""), ("Part B (ml/L)", "2"))
    assert read_table_file(text.encode()).rows == rows


def test_a_merged_dose_stands_in_every_week_it_spans() -> None:
    def fill(book: openpyxl.Workbook) -> None:
        sheet = book.active
        for one in (["Skerry leaflet"], ["", "Grow", "", "Bloom"], ["Part A ml/L", 2, None, 3]):
            sheet.append(one)
        for span in ("A1:D1", "B2:C2", "B3:C3"):
            sheet.merge_cells(span)

    assert read_table_file(xlsx(fill)).rows == (
        ("Skerry leaflet", "", "", ""), ("", "Grow", "Grow", "Bloom"), ("Part A ml/L", "2", "2", "3"),
    )  # fmt: skip

    def down(book: openpyxl.Workbook) -> None:
        for one in (["x", "Week 1"], ["A", 2], ["B", None], ["C", None], ["D", 4]):
            book.active.append(one)
        book.active.merge_cells("B2:B3")

    assert [one[1] for one in read_table_file(xlsx(down)).rows] == ["Week 1", "2", "2", "", "4"]
    blank = '<table:covered-table-cell table:number-columns-repeated="1"/>'
    wide = ' table:number-columns-spanned="2"'
    table = read_table_file(ods(
        row(cell("x"), cell("Week 1"), cell("Week 2")) + row(cell("A"), cell("2", wide), blank)
        + row('<table:table-cell table:number-columns-repeated="16384"/>',
              attributes=' table:number-rows-repeated="1048570"')
    ))  # fmt: skip
    assert table.rows == (("x", "Week 1", "Week 2"), ("A", "2", "2"))


def test_an_exported_workbook_comes_back_whole() -> None:
    of = pair("2-3 tsp/gal_us")
    rows = [list(one) for one in chart_table(of)]
    raw = xlsx_bytes(rows, about_lines(of), title="Pair: a/b [c]")
    assert read_table(TableRequest(read_table_file(raw).rows)).chart == of
    assert read_table(TableRequest(rows_of_text(csv_text(whole_table(of))))).chart == of
    book = openpyxl.load_workbook(io.BytesIO(raw))
    assert book.sheetnames == ["Pair  a b  c", "About this chart"]
    sheet = book.active
    widths = [sheet.column_dimensions[letter].width for letter in "AB"]
    texts = [[one[at] for one in rows if len(one) > at] for at in (0, 1)]
    assert widths == [min(max(map(len, column)) + 2, 40) for column in texts]
    assert (sheet.freeze_panes, sheet["A1"].font.bold, sheet["A2"].font.bold) == ("B2", True, False)


def test_names_that_a_spreadsheet_would_run_are_texts() -> None:
    """OWASP, CSV injection: a cell that begins with = + - @ is taken for a formula."""
    rows = [["=cmd|' /C calc'!A0", "+1+1", "@SUM(A1)", "-2+3", "-", "-4"]]
    assert csv_text(rows) == "'=cmd|' /C calc'!A0,'+1+1,'@SUM(A1),'-2+3,-,-4\r\n"
    book = openpyxl.load_workbook(io.BytesIO(xlsx_bytes(rows, [], title="t")))
    assert {one.data_type for one in book.active[1]} == {"s"}


# What nobody should open.


def test_a_part_of_a_file_that_ends_in_its_midst_is_no_xml() -> None:
    assert list(elements(b'<a:b c="1"><d/></a:b>')) == [("b", {"c": "1"}), ("d", {})]
    assert [name for name, _ in elements(b"")] == ["none"]
    for broken in (b"<a><b/>", b"<a", b"a"):
        with pytest.raises(expat.ExpatError):
            list(elements(broken))


def _table_of(book: openpyxl.Workbook) -> None:
    for one in TABLE:
        book.active.append(one)


_GOOD = xlsx(_table_of)
_SHEET = "xl/worksheets/sheet1.xml"


def _with(name: str, content: str | bytes) -> bytes:
    return packed({**unpacked(_GOOD), name: content})


def _sheet(data: str) -> bytes:
    space = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
    return _with(_SHEET, f'<worksheet xmlns="{space}"><sheetData>{data}</sheetData></worksheet>')


def _hostile() -> Iterator[tuple[str, bytes, set[str]]]:  # noqa: PLR0915 -- a list
    broken = {"file_broken", "no_table_file", "not_text", "no_table", "file_unsafe"}
    yield "empty", b"", {"no_table"}
    yield "blanks", b" \r\n\t" * 50, {"no_table"}
    yield "over 2 MB", b"a,b\n" * 500_001, {"too_large"}
    yield "501 rows", b"a,b\n" * 501, {"table_too_large"}
    yield "201 columns", b",".join([b"a"] * 201) + b"\n", {"table_too_large"}
    yield "PDF", b"%PDF-1.7 not really", {"no_table_file"}
    yield "PNG", b"\x89PNG\r\n\x1a\n" + bytes(100), {"no_table_file"}
    yield "JPEG", b"\xff\xd8\xff\xe0" + bytes(100), {"no_table_file"}
    yield "ELF", b"\x7fELF" + bytes(range(200)), {"no_table_file"}
    yield "gzip", b"\x1f\x8b\x08" + bytes(100), {"no_table_file"}
    yield "old or locked", b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1" + bytes(600), {"file_locked_or_old"}
    yield "zeros", bytes(3000), broken
    yield "all bytes", bytes(range(256)) * 8, broken
    yield "no spreadsheet", packed({"a.txt": "hello"}), {"no_table_file"}
    yield "macro part", _with("xl/vbaProject.bin", b"x"), {"file_has_macros"}
    yield "macro sheet", _with("xl/macrosheets/sheet1.xml", "<a/>"), {"file_has_macros"}
    types = unpacked(_GOOD)["[Content_Types].xml"].replace(
        b"spreadsheetml.sheet.main", b"ms-excel.sheet.macroEnabled.main"
    )
    yield "xlsm", _with("[Content_Types].xml", types), {"file_has_macros"}
    yield (
        "external link",
        _with("xl/externalLinks/externalLink1.xml", "<a/>"),
        {"file_links_outside"},
    )
    yield "connection", _with("xl/connections.xml", "<a/>"), {"file_links_outside"}
    yield "query", _with("xl/queryTables/queryTable1.xml", "<a/>"), {"file_links_outside"}
    relations = unpacked(_GOOD)["xl/_rels/workbook.xml.rels"].replace(
        b"</Relationships>",
        b'<Relationship Id="rX" Type="x" Target="file:///etc/passwd" TargetMode="External"/>'
        b"</Relationships>",
    )
    yield "outside", _with("xl/_rels/workbook.xml.rels", relations), {"file_links_outside"}
    bomb = (
        '<!DOCTYPE a [<!ENTITY b "bbbbbbbbbb"><!ENTITY c "&b;&b;&b;">]><worksheet>&c;</worksheet>'
    )
    yield "entities", _with(_SHEET, bomb), {"file_unsafe"}
    yield "entities in UTF-16", _with(_SHEET, bomb.encode("utf-16")), {"file_unsafe"}
    yield (
        "external entity",
        _with(_SHEET, '<!DOCTYPE a SYSTEM "file:///etc/passwd"><a/>'),
        {"file_unsafe"},
    )
    yield "zip bomb", _with("xl/media/a.bin", bytes(30_000_000)), {"file_unsafe"}
    yield "bomb of parts", packed({f"p{n}": b"x" for n in range(500)}), {"file_unsafe"}
    yield (
        "last cell",
        _sheet('<row r="1048576"><c r="XFD1048576"><v>1</v></c></row>'),
        {"table_too_large"},
    )
    yield (
        "beyond all",
        _sheet('<row r="9"><c r="ZZZZ99999999"><v>1</v></c></row>'),
        {"table_too_large"},
    )
    yield "row 0", _sheet('<row r="0"><c r="A0"><v>1</v></c></row>'), {*broken, "table_too_large"}
    yield "no number", _sheet('<row r="x"><c><v>1</v></c></row>'), broken
    yield "cut element", _with(_SHEET, "<worksheet><sheetData>"), broken
    yield "shared string 99", _sheet('<row r="1"><c r="A1" t="s"><v>99</v></c></row>'), broken
    yield (
        "no workbook",
        packed({k: v for k, v in unpacked(_GOOD).items() if "workbook" not in k}),
        broken,
    )
    yield (
        "no sheets",
        packed({k: v for k, v in unpacked(_GOOD).items() if "sheet1" not in k}),
        broken,
    )
    locked = bytearray(_GOOD)
    for mark, place in ((b"PK\x03\x04", 6), (b"PK\x01\x02", 8)):
        at = locked.find(mark)
        while at >= 0:
            flags = struct.unpack_from("<H", locked, at + place)[0] | 1
            struct.pack_into("<H", locked, at + place, flags)
            at = locked.find(mark, at + 4)
    yield "locked", bytes(locked), {"file_locked_or_old"}
    far = 'table:number-columns-repeated="16384"'
    yield "ODS wide", ods(row(cell("x", " " + far))), {"table_too_large"}
    yield (
        "ODS long",
        ods(row(cell("x"), attributes=' table:number-rows-repeated="1048576"')),
        {"table_too_large"},
    )
    yield (
        "ODS far",
        ods(
            row("<table:table-cell/>", attributes=' table:number-rows-repeated="1048575"')
            + row(cell("x"))
        ),
        {"table_too_large"},
    )
    yield "ODS locked", ods(row(cell("x")), manifest="<encryption-data/>"), {"file_locked_or_old"}
    yield "ODS link", ods("<table:table-source/>" + row(cell("x"))), {"file_links_outside"}
    yield (
        "ODS macro",
        packed({**unpacked(ods(row(cell("x")))), "Basic/Standard/a.xml": "<a/>"}),
        {"file_has_macros"},
    )
    yield "ODS broken", packed({**unpacked(ods(row(cell("x")))), "content.xml": "<office"}), broken
    for part in range(1, 29):
        yield f"cut at {part}", _GOOD[: len(_GOOD) * part // 30], broken
    for part in range(30):
        spoilt = bytearray(_GOOD)
        at = 30 + part * (len(_GOOD) - 60) // 30
        spoilt[at : at + 20] = bytes(byte ^ 0x5A for byte in spoilt[at : at + 20])
        yield f"spoilt at {part}", bytes(spoilt), broken


@pytest.mark.parametrize(
    ("raw", "codes"), [one[1:] for one in _hostile()], ids=[o[0] for o in _hostile()]
)
def test_a_hostile_file_is_refused_in_one_sentence(raw: bytes, codes: set[str]) -> None:
    try:
        table = read_table_file(raw)
    except InputError as error:
        assert error.code in codes
        assert words_of(error).endswith(".")
        assert len(words_of(error)) < 200
        return
    # A spoilt byte in a part that holds no cells changes nothing.
    assert codes >= {"file_broken"}
    assert table.rows == TABLE


def test_the_hostile_files_are_a_hundred() -> None:
    assert len(list(_hostile())) >= 100


@pytest.mark.parametrize(
    ("raw", "fits"),
    [
        (b"a,b\n" * 500, True), (b",".join([b"a"] * 200) + b"\nb", True),
        (ods(row(cell("x", ' table:number-columns-repeated="200"'))), True),
        (ods(row(cell("x", ' table:number-columns-repeated="201"'))), False),
        (ods(row(cell("x"), attributes=' table:number-rows-repeated="500"')), True),
        (ods(row(cell("x"), attributes=' table:number-rows-repeated="501"')), False),
        (_sheet('<row r="500"><c r="GR500"><v>1</v></c></row>'), True),
        (_sheet('<row r="500"><c r="GS500"><v>1</v></c></row>'), False),
        (_sheet('<row r="501"><c r="GR501"><v>1</v></c></row>'), False),
    ],
)  # fmt: skip
def test_a_table_has_room_for_five_hundred_rows_of_two_hundred(raw: bytes, fits: bool) -> None:
    if fits:
        assert read_table_file(raw).rows
        return
    with pytest.raises(InputError) as refused:
        read_table_file(raw)
    assert refused.value.code == "table_too_large"


@pytest.mark.parametrize("over", [0, 1])
def test_parts_and_bytes_of_a_spreadsheet_are_counted_to_the_last(over: int) -> None:
    parts = unpacked(_GOOD)
    many = {f"xl/media/{at}.png": b"" for at in range(400 - len(parts) + over)}
    large = {"xl/media/a.png": bytes(24_000_000 - sum(map(len, parts.values())) + over)}
    for more in (many, large):
        raw = packed({**parts, **more})
        if not over:
            assert read_table_file(raw).rows == TABLE
            continue
        with pytest.raises(InputError) as refused:
            read_table_file(raw)
        assert refused.value.code == "file_unsafe"


def test_the_workbook_is_what_the_relations_call_it() -> None:
    """ECMA-376, part 2: other parts may be related to the package, and stand first."""
    kind = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/"
    space = "http://schemas.openxmlformats.org/package/2006/relationships"
    lines = [("extended-properties", "docProps/app.xml"), ("officeDocument", "/xl/workbook.xml")]
    related = "".join(
        f'<Relationship Id="r{at}" Type="{kind}{one}" Target="{target}"/>'
        for at, (one, target) in enumerate(lines)
    )
    raw = _with("_rels/.rels", f'<Relationships xmlns="{space}">{related}</Relationships>')
    assert read_table_file(raw).rows == TABLE
    text = unpacked(ods(row(cell("x")))) | {"mimetype": b"application/vnd.oasis.opendocument.text"}
    with pytest.raises(InputError) as refused:
        read_table_file(packed(text))  # type: ignore[arg-type]
    assert refused.value.code == "no_table_file"


@pytest.mark.parametrize("moved", [False, True])
def test_relations_may_have_any_prefix(moved: bool) -> None:
    """Namespaces in XML 1.0, 4: a prefix is only a placeholder for the namespace's name."""
    book = unpacked(_GOOD)["xl/workbook.xml"].decode()
    space = 'xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"'
    assert space in book
    other = space.replace("xmlns:r=", "xmlns:p1=")
    if moved:  # told where it is used, as some writers do
        book = book.replace(space, "").replace("r:id=", f"{other} p1:id=")
    else:
        book = book.replace(space, other).replace("r:id=", "p1:id=")
    assert read_table_file(_with("xl/workbook.xml", book)).rows == TABLE


@pytest.mark.parametrize(("long", "spread"), [(40, True), (41, False)])
def test_a_long_text_over_merged_cells_is_said_once(long: int, spread: bool) -> None:
    def fill(book: openpyxl.Workbook) -> None:
        book.active.append(["", "t" * long, None, None, "Week 4"])
        book.active.merge_cells("B1:D1")

    (found,) = read_table_file(xlsx(fill)).rows
    again = "t" * long if spread else ""
    assert found == ("", "t" * long, again, again, "Week 4")


def test_a_formula_that_nobody_computed_stands_where_it_is_however_short_the_rows() -> None:
    rows = [["a", "b"], ["c"]]
    Shape(uncomputed={(0, 1): "2*2", (1, 1): "3*3", (3, 2): "x" * 41}).fill(rows)
    assert rows == [["a", "b"], ["c", "=3*3"], [], ["", "", "=" + "x" * 40]]


def test_a_workbook_that_is_written_is_read_with_ease() -> None:
    rows = [
        ("Bottle", "Week 1"),
        ("A name of more than forty signs, which is cut off", "2.5"),
        ("B",),
    ]
    raw = xlsx_bytes(rows, ["# about"], title="[A] chart: of/more\\than *31? signs in all")
    book = openpyxl.load_workbook(io.BytesIO(raw))
    sheet, about = book.worksheets
    assert sheet.title == "A  chart  of more than  31  sig"
    assert [sheet.column_dimensions[name].width for name in "AB"] == [40, 8]
    assert about.column_dimensions["A"].width == 100
    assert [cell.value for cell in about["A"]] == ["# about"]
    assert [(one.font.bold, one.alignment.wrap_text) for one in sheet[1]] == [(True, True)] * 2
    assert not sheet["A2"].font.bold
    assert sheet.freeze_panes == "B2"
    assert sheet["B2"].value == 2.5
    assert (
        openpyxl.load_workbook(io.BytesIO(xlsx_bytes([], [], title="  "))).sheetnames[0] == "Chart"
    )


def test_a_sheet_that_is_not_there_is_named_as_far_as_forty_signs() -> None:
    with refuses(f"no sheet “{'s' * 40}”; it has") as refused:
        read_table_file(_GOOD, sheet="s" * 41)
    assert refused.value.where == "sheet"
    with refuses("over 2 MB"):
        read_table_file(b"a" * 2_000_001)
    assert len(read_table_file(b"a" * 2_000_000).rows) == 1


@pytest.mark.parametrize("end", [b"\n", b"\r", b"\r\n"])
def test_a_text_may_have_as_many_rows_as_a_sheet_however_it_ends(end: bytes) -> None:
    most = [b"Keel;2"] * 500
    assert len(read_table_file(end.join(most) + end * 900_000).rows) == 500
    for rows in (501, 300_000 // len(end)):
        with refuses(f"{rows} rows") as refused:
            read_table_file(end.join([b"a;b"] * rows))
        assert refused.value.code == "table_too_large"
    lines = b"\n".join([b'"Keel\n' + b"\n" * 8 + b'";2'] * 500)  # names of ten lines
    assert len(read_table_file(lines).rows) == 500


def test_a_merged_cell_reaches_no_further_than_it_is_merged() -> None:
    def fill(book: openpyxl.Workbook) -> None:
        sheet = book.active
        for one in (["", "Grow", "", "", "Bloom"], ["Part A ml/L", 2, None, None, 3]):
            sheet.append(one)
        sheet.merge_cells("B2:C2")

    assert read_table_file(xlsx(fill)).rows[1] == ("Part A ml/L", "2", "2", "", "3")


def test_a_table_that_is_too_large_says_how_large_it_is() -> None:
    for raw, said in (
        (b"a,b\n" * 501, "501 rows and 2 columns;"),
        (b",".join([b"a"] * 201) + b"\n", "1 rows and 201 columns;"),
    ):
        with refuses(said):
            read_table_file(raw)


def test_a_table_with_bars_at_its_edges_loses_them() -> None:
    edges = "| Bottle | Week 1 |\n|---|---|\n| Base | 2 |\n"
    assert read_table_file(edges.encode()).rows == (("Bottle", "Week 1"), ("Base", "2"))
