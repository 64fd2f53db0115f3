"""Leaflets by the API: read, typed, kept in versions, compared, exported; pictures; the library."""

import io
import json
from fractions import Fraction
from typing import Any

import pytest
from django.core.files.uploadedfile import SimpleUploadedFile
from django.db import connection
from django.test.utils import CaptureQueriesContext
from PIL import Image

from core.formats import FeedChart, document_of
from core.leaflet import TableRequest, read_table
from core.tables import read_table_file
from server.charts.models import Chart, ChartVersion
from server.charts.store import publish_chart, stored_charts
from server.leaflets.library import CARDS
from server.shelf.models import Product
from server.tanks.models import WaterSource
from tests.server.conftest import SMALL_CHART, Yard

TEXT = "Skerry\n\tWeek 1\tWeek 2\nPart A ml/gal\t1\t2-3\nPart B ml/gal\t1\t2-3\nppm\t400\t600"


def read(yard: Yard, **told: Any) -> tuple[int, dict[str, Any]]:
    answer = yard.client.post(f"/api/grows/{yard.grow.pk}/read-table", told)
    return answer.status_code, answer.json()


def keep(yard: Yard, leaflet: dict[str, Any], **told: Any) -> tuple[int, dict[str, Any]]:
    body = {"leaflet": leaflet, **told}
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/leaflets", body)


def meaning(yard: Yard, leaflet: dict[str, Any], **told: Any) -> dict[str, Any]:
    at = f"/api/grows/{yard.grow.pk}/leaflet-meaning"
    status, made = yard.send("POST", at, {"leaflet": leaflet, **told})
    assert status == 200, made
    return made


def skerry(yard: Yard) -> dict[str, Any]:
    status, made = read(yard, text=TEXT, gallon="us", ppm_scale="500")
    assert status == 200
    assert made["is_whole"]
    return dict(made["leaflet"])


def test_rows_that_nothing_names_are_settled_with_all_other_answers_at_once(yard: Yard) -> None:
    text = "mL/L\tWeek 1\tWeek 2\nKelpie\t1\t1\nTide boost\t1\t40\nLichtstunden\t18\t12"
    status, made = read(yard, text=text)
    assert status == 200
    asked = {one["code"]: one["rows"] for one in made["questions"]}
    assert [(row["row"], row["likely"]) for row in asked["rows_unsure"]] == [
        (2, "bottle"), (4, "note")
    ]  # fmt: skip
    assert [row["row"] for row in asked["implausible"]] == [3]
    answers = {"rows": {"2": "bottle", "4": "note"}, "as_printed": [3]}
    status, made = read(yard, text=text, answers=json.dumps(answers))
    assert (status, made["is_whole"]) == (200, True)
    assert [row["name"] for row in made["leaflet"]["rows"]] == ["Kelpie", "Tide boost"]
    for spoiled in ('{"rows": {"0": "bottle"}}', '{"rows": {"2": "jar"}}', "[", '{"table": 0}'):
        status, made = read(yard, text=text, answers=spoiled)
        assert status == 422, spoiled


def test_one_of_several_tables_is_read_at_a_time(yard: Yard) -> None:
    one = "mL/L\tWeek 1\tWeek 2\nPart A\t{0}\t{0}\nPart B\t{0}\t{0}"
    text = f"GROW\n{one.format(1)}\n\nBLOOM\n{one.format(3)}"
    status, made = read(yard, text=text)
    assert [(one["index"], one["title"]) for one in made["tables"]] == [(1, "GROW"), (2, "BLOOM")]
    status, made = read(yard, text=text, answers='{"table": 2}')
    assert (status, made["is_whole"]) == (200, True)
    assert made["leaflet"]["rows"][0]["cells"] == ["3", "3"]
    assert read(yard, text=text, answers='{"table": 3}')[0] == 422


def test_a_pasted_table_is_asked_about_and_nothing_is_kept(neighbour: Yard) -> None:
    before = ChartVersion.objects.count(), Product.objects.count()
    status, made = read(neighbour, text=TEXT)
    assert status == 200
    asked = {one["code"]: one["choices"] for one in made["questions"]}
    assert asked == {"gallon_unsaid": ["us", "uk"], "ppm_scale_unsaid": ["500", "640", "700"]}
    # Bottles of these names are on the shelf: nothing of them is guessed.
    assert [one["field"] for one in made["guesses"]] == ["medium"]
    assert {(cell["row"], cell["column"]) for cell in made["cells"]} >= {(3, 2), (3, 3), (5, 2)}
    assert (ChartVersion.objects.count(), Product.objects.count()) == before


@pytest.mark.parametrize(
    ("told", "code"),
    [({"text": " "}, "no_table"), ({"text": "one"}, "no_table"), ({}, "no_table"),
     ({"text": TEXT, "unit": "splash/L"}, "not_a_choice"), ({"text": '{"a": 1}'}, "missing"),
     ({"text": "\x01" * 50}, "not_text"), ({"file": b"PK\x03\x04"}, "file_broken"),
     ({"file": b"%PDF-1.4"}, "no_table_file"), ({"text": TEXT, "sheet": "x"}, "unknown_sheet")],
)  # fmt: skip
def test_what_is_no_table_is_refused(neighbour: Yard, told: dict[str, Any], code: str) -> None:
    if "file" in told:
        told = {"file": SimpleUploadedFile("leaflet.xlsx", told["file"])}
    status, made = read(neighbour, **told)
    assert (status, made["error"]["code"]) == (422, code)


def test_answers_that_are_offered_are_taken_all_at_once(neighbour: Yard) -> None:
    text = "Skerry, per 2 L\n\tWeek 1\tWeek 2\nPart A\t1\t2\nPart B\t1\t2\nEC\t8\t14"
    _, asked = read(neighbour, text=text)
    offered = {one["code"]: one["choices"] for one in asked["questions"]}
    assert offered == {"unit_unsaid": ["mL/2L", "g/2L"], "reading_unit_unsaid": ["CF", "uS/cm"]}
    status, made = read(neighbour, text=text, unit="mL/2L", reading_unit="CF")
    assert (status, made["is_whole"], made["questions"]) == (200, True, [])
    assert made["leaflet"]["rows"][0]["cells"] == ["0.5", "1"]  # mL in each litre
    assert [one["ec"] for one in made["leaflet"]["columns"]] == ["8", "14"]
    assert made["leaflet"]["reading_unit"] == "CF"


def test_cells_mean_millilitres_in_the_tank(neighbour: Yard) -> None:
    """3 mL in each of 50 L / 3.785411784 L at 80 %, NIST Handbook 44: 31.7 mL."""
    leaflet = skerry(neighbour)
    found = meaning(neighbour, leaflet, tank=neighbour.tank.pk, strength="80 %")
    shown = {(one["row"], one["column"]): one["shown"] for one in found["cells"]}
    exact = [Fraction(n) * 50 / Fraction("3.785411784") * 80 / 100 for n in (2, 3)]
    assert shown[0, 1] == f"{float(exact[0]):.1f} to {float(exact[1]):.1f} mL"
    assert found["problems"] == found["margin"] == []
    leaflet["rows"][0]["cells"] = ["1", "4/5"]
    leaflet["rows"][1]["cells"] = ["1", ""]
    leaflet["columns"][1]["days"] = "0"
    odd = meaning(neighbour, leaflet)
    assert [(one["row"], one["column"], one["part"]) for one in odd["problems"]] == [
        (0, 1, "cell"), (None, 1, "days"),
    ]  # fmt: skip


def test_the_margin_offers_the_one_edit_that_settles_it(neighbour: Yard) -> None:
    leaflet = skerry(neighbour)
    leaflet["rows"][1]["cells"] = ["1", ""]
    [found] = meaning(neighbour, leaflet)["margin"]
    assert (found["code"], found["row"], found["column"]) == ("part_missing", 1, 1)
    remedy = found["remedy"]
    leaflet["rows"][remedy["row"]]["cells"][remedy["column"]] = remedy["text"]
    assert meaning(neighbour, leaflet)["margin"] == []


def test_what_it_feeds_follows_the_labels_and_the_strength(yard: Yard) -> None:
    at = f"/api/grows/{yard.grow.pk}/charts/{yard.tank.chart_id}/leaflet"
    leaflet = yard.client.get(at).json()["leaflet"]
    told = {"tank": yard.tank.pk, "feeds": True}
    rain = WaterSource.objects.get(grow=yard.grow, name="Roof rain")
    [mains, other] = (meaning(yard, leaflet, tank=yard.tank.pk, feeds=True, **water)
                      for water in ({}, {"water": rain.pk}))  # fmt: skip
    assert (mains["water_ms_cm"], other["water_ms_cm"]) == (0.52, 0.04)
    calcium = [next(e["ppm"] for e in found["fed"][0]["elements"] if e["element"] == "Ca")
               for found in (mains, other)]  # fmt: skip
    assert calcium[0] - calcium[1] == pytest.approx(68 - 2, abs=0.5)  # by their lab reports
    whole, half = (meaning(yard, leaflet, strength=s, **told) for s in ("100 %", "50 %"))
    assert whole["labelled"] > 0
    for one, other in zip(whole["fed"], half["fed"], strict=True):
        if one["by_labels"]:
            # What additives bring stays whole, and ions conduct a little better when they are few.
            assert 0.4 < other["by_labels"] / one["by_labels"] < 0.75
        if one["printed_low"]:
            assert other["printed_low"] == pytest.approx(one["printed_low"] / 2)


def test_what_a_hundred_litres_cost(neighbour: Yard) -> None:
    """4 mL/L of a bottle of 5 L at 52, and 2 mL/L of one without a price: 400 mL x 52 / 5000 mL."""
    [one, _] = Product.objects.filter(grow=neighbour.grow)
    at = f"/api/grows/{neighbour.grow.pk}/products/{one.pk}"
    assert neighbour.send("PUT", at, {"size": "5000", "price": "52"})[0] == 200
    leaflet = skerry(neighbour)
    for row, dose in zip(leaflet["rows"], ("4", "2"), strict=True):
        row["unit"], row["cells"] = "mL/L", [dose, ""]
    first, second = meaning(neighbour, leaflet, feeds=True)["fed"]
    assert (first["cost"], second["cost"]) == ("4.16", None)
    half = meaning(neighbour, leaflet, feeds=True, strength="50 %")["fed"][0]
    assert half["cost"] == "2.08"


def test_a_sheet_is_kept_in_versions_and_mixes_keep_theirs(neighbour: Yard) -> None:
    leaflet = skerry(neighbour)
    status, kept = keep(neighbour, leaflet)
    assert (status, kept["version_number"]) == (201, 1)
    at = f"/api/grows/{neighbour.grow.pk}/charts/{kept['chart_id']}/leaflet"
    opened = neighbour.client.get(at).json()
    assert opened["leaflet"]["reading_unit"] == "ppm"
    assert [one["ec"] for one in opened["leaflet"]["columns"]] == ["400", "600"]
    assert [row["cells"] for row in opened["leaflet"]["rows"]] == [["1", "2-3"]] * 2
    changed = opened["leaflet"]
    changed["rows"][0]["cells"][1] = "4"
    status, second = keep(neighbour, changed, chart_id=kept["chart_id"], seen=kept["version_id"])
    assert (status, second["version_number"]) == (201, 2)
    stale, told = keep(neighbour, changed, chart_id=kept["chart_id"], seen=kept["version_id"])
    assert (stale, told["error"]["code"]) == (409, "changed_meanwhile")
    compared = neighbour.client.get(
        f"/api/grows/{neighbour.grow.pk}/chart-versions/{second['version_id']}/compared"
        f"?before={kept['version_id']}"
    ).json()
    assert [one["words"] for one in compared["differences"]] == [
        "Week 2, Part A 2-3 → 4 mL/gal (US)"
    ]
    first = neighbour.client.get(f"{at}?version_id={kept['version_id']}").json()
    assert first["leaflet"]["rows"][0]["cells"][1] == "2-3"


@pytest.mark.parametrize(
    ("change", "code", "where"),
    [({"name": " "}, "name_missing", "leaflet.name"), ({"name": "Small"}, "name_taken", "name"),
     ({"rows": []}, "too_many_or_few", ""),
     ({"reading_unit": "ppm", "ppm_scale": None}, "ppm_without_scale", "scale")],
)  # fmt: skip
def test_what_is_no_chart_is_not_kept(
    neighbour: Yard, change: dict[str, Any], code: str, where: str
) -> None:
    before = ChartVersion.objects.count()
    status, made = keep(neighbour, {**skerry(neighbour), **change})
    assert (status, made["error"]["code"], made["error"]["where"]) == (422, code, where)
    assert ChartVersion.objects.count() == before


def test_an_open_cell_is_not_kept_and_is_named(neighbour: Yard) -> None:
    leaflet = skerry(neighbour)
    leaflet["rows"][1]["cells"] = ["1", "as needed"]
    status, made = keep(neighbour, leaflet)
    assert (status, made["error"]["where"]) == (422, "leaflet.rows[1].cells[1]")


def test_files_out_come_back_as_the_same_chart(yard: Yard) -> None:
    stored = stored_charts(yard.grow, ChartVersion.objects.all(), [yard.version.pk])
    for kind in ("csv", "xlsx", "json"):
        at = f"/api/grows/{yard.grow.pk}/chart-versions/{yard.version.pk}/file?kind={kind}"
        answer = yard.client.get(at)
        assert answer.status_code == 200
        assert "Marram v1" in answer["Content-Disposition"]
        if kind == "json":
            again = document_of(FeedChart, json.loads(answer.content)).chart()
        else:
            again = read_table(TableRequest(read_table_file(answer.content).rows)).chart
        assert again == stored[yard.version.pk].chart


def test_the_library_renames_copies_and_puts_away(neighbour: Yard) -> None:
    grow = f"/api/grows/{neighbour.grow.pk}"
    chart = neighbour.version.chart_id
    cards = neighbour.client.get(f"{grow}/library").json()["items"]
    assert [(one["name"], one["ink"], one["used_in"]) for one in cards] == [
        ("Small", ["9", "9"], ["Tub"])
    ]
    assert neighbour.send("POST", f"{grow}/charts/{chart}/copy", {})[0] == 201
    assert neighbour.send("PATCH", f"{grow}/charts/{chart}", {"name": "Small (copy)"})[0] == 422
    assert neighbour.send("PATCH", f"{grow}/charts/{chart}", {"name": "Spring"})[0] == 200
    assert neighbour.send("PATCH", f"{grow}/charts/{chart}", {"archived": True})[0] == 200

    def names(query: str) -> list[str]:
        found = neighbour.client.get(f"{grow}/library?{query}").json()["items"]
        return [one["name"] for one in found]

    assert (names(""), names("archived=true")) == (["Small (copy)"], ["Spring"])
    assert names("search=SMALL") == ["Small (copy)"]
    assert names("search=100%25") == []
    neighbour.send("PATCH", f"{grow}/charts/{chart}", {"archived": False})
    assert sorted(names("")) == ["Small (copy)", "Spring"]


def test_the_library_asks_as_few_queries_for_many_charts(neighbour: Yard) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/library"
    with CaptureQueriesContext(connection) as few:
        neighbour.client.get(at)
    for n in range(CARDS + 10):
        publish_chart(neighbour.grow, document_of(FeedChart, {**SMALL_CHART, "name": f"C {n}"}))
    with CaptureQueriesContext(connection) as many:
        page = neighbour.client.get(at).json()
    assert len(page["items"]) == CARDS
    rest = neighbour.client.get(f"{at}?after={page['after']}").json()
    assert (len(rest["items"]), rest["after"]) == (11, None)
    assert len(many) <= len(few)


def picture(kind: str = "JPEG", size: tuple[int, int] = (400, 300)) -> bytes:
    made = io.BytesIO()
    image = Image.new("RGB", size, "white")
    exif = Image.Exif()
    exif[0x010F] = "A camera"  # Make
    exif[0x0112] = 6  # Orientation: turned by a quarter
    image.save(made, kind, exif=exif)
    return made.getvalue()


@pytest.mark.parametrize("kind", ["JPEG", "PNG", "WEBP"])
def test_a_picture_is_kept_upright_and_without_its_camera(neighbour: Yard, kind: str) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/leaflet-pictures"
    made = neighbour.client.post(at, {"file": SimpleUploadedFile("a.jpg", picture(kind))}).json()
    assert (made["width"], made["height"]) == (300, 400)
    answer = neighbour.client.get(f"{at}/{made['id']}")
    with Image.open(io.BytesIO(answer.content)) as kept:
        assert (kept.format, kept.size, dict(kept.getexif())) == ("WEBP", (300, 400), {})
    status, version = keep(neighbour, skerry(neighbour), picture=made["id"])
    assert status == 201
    found = neighbour.client.get(
        f"/api/grows/{neighbour.grow.pk}/charts/{version['chart_id']}/leaflet"
    ).json()
    assert [one["picture"] for one in found["versions"]] == [made["id"]]


@pytest.mark.parametrize(
    "raw",
    [b"", b"no picture", picture()[:200], b"GIF89a" + bytes(50), b"<svg xmlns='x'/>",
     b"\x89PNG\r\n\x1a\n" + bytes(90), bytes(10_000_001)],
)  # fmt: skip
def test_what_is_no_picture_is_refused(neighbour: Yard, raw: bytes) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/leaflet-pictures"
    answer = neighbour.client.post(at, {"file": SimpleUploadedFile("a.jpg", raw)})
    assert answer.status_code == 422
    assert answer.json()["error"]["code"] in ("no_picture", "too_large")


def test_a_bomb_of_pixels_is_refused_before_it_is_unpacked(neighbour: Yard) -> None:
    made = io.BytesIO()
    Image.new("1", (30_000, 30_000)).save(made, "PNG")
    at = f"/api/grows/{neighbour.grow.pk}/leaflet-pictures"
    answer = neighbour.client.post(at, {"file": SimpleUploadedFile("a.png", made.getvalue())})
    assert answer.json()["error"]["code"] in ("no_picture", "too_large")


def test_another_grows_charts_and_pictures_are_not_there(yard: Yard, neighbour: Yard) -> None:
    own = f"/api/grows/{neighbour.grow.pk}"
    kept = neighbour.client.post(
        f"{own}/leaflet-pictures", {"file": SimpleUploadedFile("a.jpg", picture())}
    ).json()
    chart, version = neighbour.version.chart_id, neighbour.version.pk
    mine = f"/api/grows/{yard.grow.pk}"
    for path in (
        f"{mine}/charts/{chart}/leaflet", f"{mine}/leaflet-pictures/{kept['id']}",
        f"{mine}/chart-versions/{version}/file?kind=csv",
        f"{mine}/chart-versions/{yard.version.pk}/compared?before={version}",
        f"{own}/library", f"{own}/leaflet-pictures/{kept['id']}",
    ):  # fmt: skip
        assert yard.client.get(path).status_code == 404, path
    leaflet = skerry(yard)
    assert keep(yard, leaflet, chart_id=chart)[0] == 404
    assert keep(yard, leaflet, picture=kept["id"])[0] == 404
    at = f"{mine}/leaflet-meaning"
    for theirs in ({"tank": neighbour.tank.pk}, {"water": neighbour.water.pk}):
        assert yard.send("POST", at, {"leaflet": leaflet, **theirs})[0] == 404
    for method, path in (
        ("PATCH", f"{mine}/charts/{chart}"),
        ("POST", f"{mine}/charts/{chart}/copy"),
    ):
        assert yard.send(method, path, {})[0] == 404
    assert Chart.objects.filter(pk=chart, name="Small").exists()


def test_starters_are_copied_in(neighbour: Yard) -> None:
    found = neighbour.client.get("/api/starter-charts").json()
    assert {one["key"] for one in found} >= {"marram", "turnstone"}
    grow = f"/api/grows/{neighbour.grow.pk}"
    assert neighbour.send("POST", f"{grow}/starter-charts/marram", {})[0] == 201
    assert neighbour.send("POST", f"{grow}/starter-charts/none", {})[0] == 404
    assert Chart.objects.filter(grow=neighbour.grow, name="Marram", maker="Marram").exists()
