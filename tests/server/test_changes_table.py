"""Each thing of a grow that can be edited tells who did it, and what does not edit tells nothing."""

from typing import Any

import pytest

from server.changes.models import ChangeEntry
from server.charts.models import Chart
from server.grows.models import Membership
from server.shelf.models import Meter, Product
from tests.server.conftest import Yard

Case = tuple[str, dict[str, Any], tuple[str, str, set[str]]]

EDITS: list[Case] = [
    ("PATCH tanks/{tank}", {"name": "Trough"}, ("changed", "tank", {"name"})),
    ("PATCH tanks/{tank}", {"grown_in": "coir"}, ("changed", "tank", {"grown_in"})),
    ("PATCH tanks/{tank}", {"system_kind": "film", "crop_kind": "leafy"},
     ("changed", "tank", {"system_kind", "crop_kind"})),
    ("PUT tanks/{tank}/archived", {"archived": True}, ("changed", "tank", {"archived_at"})),
    ("PATCH tanks/{tank}/usual", {"held": True}, ("changed", "tank", {"held"})),
    ("POST tanks", {"name": "Barrel", "volume": "60 L", "water": "{water}"}, ("added", "tank", set())),
    ("POST waters", {"name": "Butt", "kind": "rain"}, ("added", "water", set())),
    ("PATCH waters/{water}", {"kind": "well"}, ("changed", "water", {"kind"})),
    ("PATCH waters/{water}", {"calcium": "71", "alkalinity": "120"},
     ("changed", "water", {"calcium_ppm", "alkalinity_ppm"})),
    ("PATCH waters/{water}", {"note": "after the rain"}, ("changed", "water", {"note"})),
    ("POST products", {"name": "Kelp", "role": "additive"}, ("added", "product", set())),
    ("PUT products/{product}", {"price": "9.5", "size": "500"},
     ("changed", "product", {"price", "size"})),
    ("POST meters", {"name": "Wand", "kind": "ec_wand"}, ("added", "meter", set())),
    ("PATCH meters/{meter}", {"every_days": 9}, ("changed", "meter", {"every_days"})),
    ("DELETE meters/{meter}", {}, ("removed", "meter", set())),
    ("PUT ranges", {"ranges": {"Ca": {"low": "120", "high": "200"}}},
     ("changed", "grow", {"ranges"})),
    ("PUT order-preferences", {"calmag": "after_base", "silica": "after_buffer", "live": "last",
                     "rows": "printed"}, ("changed", "grow", {"calmag"})),
    ("PATCH charts/{chart}", {"maker": "Somebody"}, ("changed", "chart", {"maker"})),
    ("POST starter-charts/marram", {}, ("added", "chart", set())),  # chart and first version
    ("POST charts/{chart}/copy", {}, ("added", "chart", set())),
    ("POST tanks/{tank}/seasons", {"version_id": "{version}", "started_on": "2026-03-01", "first_column": "w1"},
     ("added", "season", set())),
]  # fmt: skip

SILENT: list[tuple[str, dict[str, Any], int]] = [
    ("PATCH tanks/{tank}", {}, 200),
    ("PATCH tanks/{tank}", {"name": "Tub"}, 200),  # as it is called already
    ("PATCH tanks/{tank}", {"name": ""}, 422),
    ("PATCH tanks/{tank}", {"volume": "no idea"}, 422),
    ("PATCH waters/{water}", {"calcium": "a lot"}, 422),
    ("POST tanks", {"name": "Tub", "volume": "5 L", "water": "{water}"}, 422),
    ("POST tanks", {"name": "Far", "volume": "5 L", "water": 10**6}, 404),
    ("POST meters", {"name": "", "kind": "pen"}, 422),
    ("PUT ranges", {"ranges": {"Ca": {"low": "200", "high": "120"}}}, 422),
    ("PUT units", {"volume": "L", "reading": "CF", "spoons": "us"}, 200),  # each person's own
    ("PUT pace", {"pace": "brisk", "night": True}, 200),
    ("POST tanks/{tank}/readings", {"ec": "0.9"}, 201),  # the time line tells of readings
]


@pytest.fixture
def small(neighbour: Yard) -> Yard:
    """A grow with one of each, nothing of which has been edited yet."""
    Meter.objects.create(grow=neighbour.grow, name="Pen", kind="pen")
    ChangeEntry.objects.all().delete()
    return neighbour


def ask(yard: Yard, place: str, body: dict[str, Any]) -> tuple[int, Any]:
    method, _, path = place.partition(" ")
    numbers = {
        "tank": yard.tank.pk,
        "water": yard.water.pk,
        "chart": Chart.objects.get(grow=yard.grow, name="Small").pk,
        "product": Product.objects.get(grow=yard.grow, name="Part A").pk,
        "meter": Meter.objects.get(grow=yard.grow).pk,
        "version": yard.version.pk,
    }
    told = {key: numbers.get(str(value).strip("{}"), value) for key, value in body.items()}
    return yard.send(method, f"/api/grows/{yard.grow.pk}/{path.format(**numbers)}", told)


def edits(yard: Yard) -> list[dict[str, Any]]:
    found: list[dict[str, Any]] = yard.client.get(f"/api/grows/{yard.grow.pk}/changes").json()[
        "items"
    ]
    return found


@pytest.mark.parametrize(
    ("place", "body", "wanted"), EDITS, ids=[f"{p} {sorted(b)[:1]}" for p, b, _ in EDITS]
)
def test_an_edit_tells_what_it_was_of_which_fields_and_whose(
    small: Yard, place: str, body: dict[str, Any], wanted: tuple[str, str, set[str]]
) -> None:
    status, answer = ask(small, place, body)
    assert status in (200, 201), answer
    what, kind, fields = wanted
    found = [one for one in edits(small) if one["kind"] == kind]
    assert [one["what"] for one in found] == [what], edits(small)
    assert {one["by"] for one in found} == {small.person.get_username()}
    if fields:
        assert {line["field"].split(".")[0] for line in found[0]["fields"]} == fields
        assert all(line["before"] != line["after"] for line in found[0]["fields"])


@pytest.mark.parametrize(
    ("place", "body", "status"), SILENT, ids=[f"{p} {s}" for p, _, s in SILENT]
)
def test_what_edits_nothing_or_is_refused_leaves_no_word(
    small: Yard, place: str, body: dict[str, Any], status: int
) -> None:
    assert ask(small, place, body)[0] == status
    assert edits(small) == []


def test_a_second_version_of_a_chart_is_an_edit_of_its_own(small: Yard) -> None:
    [chart] = Chart.objects.filter(grow=small.grow, name="Small")
    at = f"/api/grows/{small.grow.pk}"
    leaflet = small.client.get(f"{at}/charts/{chart.pk}/leaflet").json()["leaflet"]
    leaflet["rows"][0]["cells"][0] = "1.75"
    told = {"leaflet": leaflet, "chart_id": chart.pk, "seen": small.version.pk}
    assert small.send("POST", f"{at}/leaflets", told)[0] == 201
    assert [(one["what"], one["name"]) for one in edits(small)] == [("added", "Small, version 2")]


def test_two_who_edit_one_thing_are_told_apart(small: Yard, yard: Yard) -> None:
    Membership.objects.create(grow=small.grow, person=yard.person, role="mixer")
    other = Yard(small.grow, yard.person, yard.client, small.tank, small.water, small.version)
    assert ask(small, "PATCH tanks/{tank}", {"crop": "Mint"})[0] == 200
    assert ask(other, "PATCH waters/{water}", {"note": "cloudy"})[0] in (200, 403)
    by = {one["kind"]: one["by"] for one in edits(small)}
    assert by["tank"] == small.person.get_username()
    assert by.get("water", yard.person.get_username()) == yard.person.get_username()
