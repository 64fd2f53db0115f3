"""What a grow takes in: kept whole, or refused with nothing kept."""

import pytest

from server.charts.models import Chart, ChartVersion
from server.tanks.models import Tank, WaterSource
from tests.server.conftest import SMALL_CHART, Yard


def test_water_tank_and_chart_make_a_mix(neighbour: Yard) -> None:
    at = f"/api/grows/{neighbour.grow.pk}"
    status, water = neighbour.send(
        "POST", f"{at}/waters", {"name": "Well", "kind": "well", "reading": "CF 4"}
    )
    assert status == 201
    tub = {"name": "Bath", "volume": "20 gal US", "water": water["id"], "grown_in": "coir"}
    status, tank = neighbour.send("POST", f"{at}/tanks", tub)
    assert status == 201
    assert str(Tank.objects.get(pk=tank["id"]).litres) == "75.708235680"
    status, version = neighbour.send("POST", f"{at}/charts", {**SMALL_CHART, "name": "New"})
    assert status == 201
    changes = {"tank": tank["id"], "water": water["id"], "version_id": version["version_id"]}
    status, answer = neighbour.plan(**changes, reading="CF 4", volume="20 gal US")
    assert (status, answer["climb"]["floor_shown"]) == (200, "0.40")


def test_a_chart_of_a_known_name_is_its_next_version(neighbour: Yard) -> None:
    path = f"/api/grows/{neighbour.grow.pk}/charts"
    assert neighbour.send("POST", path, SMALL_CHART)[0] == 201
    assert list(neighbour.version.chart.versions.values_list("number", flat=True)) == [2, 1]
    assert [chart["version_number"] for chart in neighbour.listed("charts")] == [2]


@pytest.mark.parametrize(
    ("what", "body", "where"),
    [
        ("waters", {"name": "Tap", "kind": "well"}, "name"),
        ("waters", {"name": "\x00", "kind": "well"}, "name"),
        ("waters", {"name": "x", "kind": "sea"}, "kind"),
        ("waters", {"name": "x", "kind": "well", "reading": "350 ppm"}, "reading"),
        ("waters", {"name": "x", "kind": "well", "reading": "520"}, "reading"),
        ("tanks", {"name": "Tub", "volume": "5 L"}, "name"),
        ("tanks", {"name": "x", "volume": "0 L"}, "volume"),
        ("tanks", {"name": "x", "volume": "0.0000000001 L"}, "volume"),
        ("tanks", {"name": "x", "volume": "20 gal"}, "volume"),
        ("charts", {**SMALL_CHART, "doses": SMALL_CHART["doses"] * 2}, "doses[2]"),
        ("charts", {**SMALL_CHART, "name": "a\x00b"}, "name"),
        ("charts", [], ""),
    ],
)
def test_refused_with_nothing_kept(neighbour: Yard, what: str, body: object, where: str) -> None:
    if isinstance(body, dict) and what == "tanks":
        body = {**body, "water": neighbour.water.pk}
    status, answer = neighbour.send("POST", f"/api/grows/{neighbour.grow.pk}/{what}", body)
    assert (status, answer["error"]["where"]) == (422, where)
    assert answer["error"]["message"]
    kept = [kind.objects.filter(grow=neighbour.grow).count()
            for kind in (WaterSource, Tank, Chart, ChartVersion)]  # fmt: skip
    assert kept == [1, 1, 1, 1]


def test_a_file_too_large_is_refused(neighbour: Yard) -> None:
    path = f"/api/grows/{neighbour.grow.pk}/charts"
    answer = neighbour.client.post(path, b" " * 3_000_000, content_type="application/json")
    assert (answer.status_code, answer.json()["error"]["code"]) == (413, "too_large")


@pytest.mark.parametrize("number", [0, -1, 10**30])
def test_any_number_of_a_thing_is_safe_to_ask_for(neighbour: Yard, number: int) -> None:
    assert neighbour.client.get(f"/api/grows/{number}").status_code == 404
    for name in ("tank", "water", "version_id"):
        assert neighbour.plan(**{name: number})[0] == 404
