"""Files of a few bytes that would take gigabytes or minutes: refused in one sentence, each alone."""

import io
import zipfile
from collections.abc import Callable

import pytest
from django.core.files.uploadedfile import SimpleUploadedFile
from PIL import Image

from core.bounded import bounded
from core.errors import InputError
from tests.server.conftest import Yard
from tests.server.work_to_bound import grow_without_end, refuse, stumble, turn_without_end
from tests.words import words_of

ODS = (
    'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
    'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" '
    'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"'
)
SHEET = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
REL = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
PARTS = "http://schemas.openxmlformats.org/package/2006"


def zipped(**parts: str) -> bytes:
    made = io.BytesIO()
    with zipfile.ZipFile(made, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
    return made.getvalue()


def ods(body: str) -> bytes:
    return zipped(**{
        "mimetype": "application/vnd.oasis.opendocument.spreadsheet",
        "content.xml": f"<office:document-content {ODS}>{body}</office:document-content>",
    })  # fmt: skip


def xlsx(*sheets: tuple[str, str]) -> bytes:
    """A workbook of sheets, by their names and the XML within them."""
    numbered = list(enumerate(sheets, 1))
    named = "".join(
        f'<sheet name="{name}" sheetId="{n}" r:id="r{n}"/>' for n, (name, _) in numbered
    )
    related = "".join(
        f'<Relationship Id="r{n}" Type="{REL}/worksheet" Target="worksheets/s{n}.xml"/>'
        for n, _ in numbered
    )
    return zipped(**{
        "[Content_Types].xml": f'<Types xmlns="{PARTS}/content-types"/>',
        "_rels/.rels": f'<Relationships xmlns="{PARTS}/relationships"><Relationship Id="b" '
                       f'Type="{REL}/officeDocument" Target="xl/workbook.xml"/></Relationships>',
        "xl/workbook.xml": f'<workbook xmlns="{SHEET}" xmlns:r="{REL}"><sheets>{named}</sheets>'
                           "</workbook>",
        "xl/_rels/workbook.xml.rels": f'<Relationships xmlns="{PARTS}/relationships">{related}'
                                      "</Relationships>",
        **{f"xl/worksheets/s{n}.xml": f'<worksheet xmlns="{SHEET}">{body}</worksheet>'
           for n, (_, body) in numbered},
    })  # fmt: skip


ONE = '<sheetData><row r="1"><c r="A1" t="inlineStr"><is><t>a</t></is></c></row></sheetData>'
FAR = '<sheetData><row r="1048576"><c r="XFD1048576"><v>1</v></c></row></sheetData>'
MERGED = "".join(f'<mergeCell ref="B{n}:Z{n + 400}"/>' for n in range(1, 200_000))
FILES = {
    "spaces": ods(
        '<office:body><office:spreadsheet><table:table table:name="a"><table:table-row>'
        '<table:table-cell office:value-type="string"><text:p>a<text:s text:c="2000000000"/>b'
        "</text:p></table:table-cell></table:table-row></table:table></office:spreadsheet>"
        "</office:body>"
    ),
    "deep": ods("<text:p>" * 200_000 + "</text:p>" * 200_000),
    "twins": xlsx(("One", FAR), ("One", ONE)),
    "twins by case": xlsx(("ONE", FAR), ("One", ONE)),
    "merged": xlsx(("One", f"{ONE}<mergeCells>{MERGED}</mergeCells>")),
    "ranges": "\n".join(",".join(["1-2"] * 190) for _ in range(420)).encode(),
    "ranges under weeks": "\n".join(
        [",".join(["", *(f"Week {n}" for n in range(1, 190))]),
         *(",".join(["a", *["1-2"] * 189]) for _ in range(420))]
    ).encode(),
}  # fmt: skip


@pytest.mark.parametrize("name", FILES)
def test_a_file_that_would_take_too_much_is_refused_in_one_sentence(yard: Yard, name: str) -> None:
    at = f"/api/grows/{yard.grow.pk}/read-table"
    answer = yard.client.post(at, {"file": SimpleUploadedFile("a", FILES[name])})
    assert answer.status_code in (200, 422), answer.content
    if answer.status_code == 422:
        message = answer.json()["error"]["message"]
        assert len(message) < 200
    else:  # read as far as a table reaches, and asked about
        assert answer.json()["questions"]
    again = yard.client.post(at, {"text": "mL/L\tWeek 1\nGrow\t2"})
    assert again.json()["is_whole"]


def test_a_picture_of_many_pixels_is_redrawn_alone(yard: Yard) -> None:
    made = io.BytesIO()
    Image.new("L", (7000, 8000)).save(made, "PNG")
    at = f"/api/grows/{yard.grow.pk}/leaflet-pictures"
    answer = yard.client.post(at, {"file": SimpleUploadedFile("a.png", made.getvalue())})
    assert answer.status_code in (201, 422)


@pytest.mark.parametrize("work", [grow_without_end, turn_without_end, stumble])
def test_work_that_does_not_end_well_ends_alone(work: Callable[[], None]) -> None:
    with pytest.raises(InputError) as error:
        bounded(work)
    assert error.value.code == "file_unsafe"


def test_what_work_refuses_and_gives_comes_back_as_it_is() -> None:
    assert bounded(divmod, 7, 2) == (3, 1)
    with pytest.raises(InputError) as error:
        bounded(refuse, "unknown_sheet.no_table", "rows[2]")
    one = error.value
    assert (one.code, one.where) == ("unknown_sheet", "rows[2]")
    assert words_of(one) == "a.csv is no sheet with a table."
