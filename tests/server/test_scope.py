"""Another grow's objects are not there, by any path of the API."""

import json

import pytest
from django.test import Client
from pytest_django import Settings

from server.api.entrance import api
from tests.server.conftest import SMALL_CHART, Yard


def _grow_paths() -> list[tuple[str, str]]:
    """Every method and path of the API that names a grow, taken from its own document."""
    return [
        (method.upper(), path)
        for path, methods in api.get_openapi_schema()["paths"].items()
        for method in methods
        if "{grow_id}" in path
    ]


BODIES: dict[str, dict[str, object]] = {
    "units": {"volume": "L", "reading": "CF", "spoons": "us"},
    "waters": {"name": "Well", "kind": "well"},
    "charts": {**SMALL_CHART, "name": "Smaller"},
}


def _ask(client: Client, method: str, path: str, yard: Yard) -> int:
    tank = {"name": "Trough", "volume": "5 L", "water": yard.water.pk}
    bodies = {**BODIES, "tanks": tank, "mix": yard.mix(), "quay": {}}
    body = bodies[path.rpartition("/")[2]]
    where = path.format(grow_id=yard.grow.pk)
    return client.generic(method, where, json.dumps(body), "application/json").status_code


def test_there_are_paths_to_try() -> None:
    assert len(_grow_paths()) >= 6


@pytest.mark.parametrize(("method", "path"), _grow_paths())
def test_a_stranger_finds_nothing_in_a_grow(
    yard: Yard, neighbour: Yard, method: str, path: str
) -> None:
    assert _ask(neighbour.client, method, path, neighbour) in (200, 201)
    assert _ask(yard.client, method, path, neighbour) == 404
    assert _ask(Client(), method, path, neighbour) == 401


def test_a_tank_is_not_filled_from_another_grows_water(yard: Yard, neighbour: Yard) -> None:
    tank = {"name": "Trough", "volume": "5 L", "water": neighbour.water.pk}
    assert yard.send("POST", f"/api/grows/{yard.grow.pk}/tanks", tank)[0] == 404


@pytest.mark.parametrize("name", ["tank", "water", "chart"])
def test_another_grows_object_is_not_found_from_ones_own(
    yard: Yard, neighbour: Yard, name: str
) -> None:
    assert neighbour.plan()[0] == 200
    theirs = {"tank": neighbour.tank, "water": neighbour.water, "chart": neighbour.version}[name]
    status, answer = yard.plan(**{name: theirs.pk})
    assert (status, answer["error"]["code"]) == (404, "not_found")
    assert yard.plan(**{name: 10**9})[1] == answer  # no telling whether it exists elsewhere


def test_the_quay_shows_ones_own_things_alone(yard: Yard, neighbour: Yard) -> None:
    quay = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/quay").json()
    assert [tank["name"] for tank in quay["tanks"]] == ["Tub"]
    assert [chart["name"] for chart in quay["charts"]] == ["Small"]


def test_the_demo_is_gone_where_it_is_not_served(yard: Yard, settings: Settings) -> None:
    settings.DEMO = False
    assert yard.plan()[0] == 404
    assert yard.client.get("/api/session").json()["grows"] == []
