"""What a grow has: its lists come page by page, each thing once and in order."""

from collections.abc import Callable

import pytest
from django.db import connection
from django.test.utils import CaptureQueriesContext

from core.formats import FeedChart, document_of
from server.api.pages import LONGEST_PAGE
from server.charts.store import publish_chart
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource
from tests.server.conftest import SMALL_CHART, Yard

MANY = 230
"""More than two pages, and a last one that is not full."""


def _waters(yard: Yard) -> None:
    waters = [WaterSource(grow=yard.grow, name=f"Butt {n}", kind="rain") for n in range(MANY)]
    WaterSource.objects.bulk_create(waters)


def _tanks(yard: Yard) -> None:
    # Out of the order of their numbers, many at one place: the order is by place, then by number.
    tanks = [
        Tank(grow=yard.grow, name=f"Tub {n}", litres=5, water=yard.water, position=(MANY - n) // 7)
        for n in range(MANY)
    ]
    Tank.objects.bulk_create(tanks)


def _charts(yard: Yard) -> None:
    for n in range(MANY):
        publish_chart(yard.grow, document_of(FeedChart, {**SMALL_CHART, "name": f"Chart {n}"}))
    publish_chart(yard.grow, document_of(FeedChart, {**SMALL_CHART, "name": "Chart 7"}))


MAKING: dict[str, Callable[[Yard], None]] = {
    "waters": _waters, "tanks": _tanks, "charts": _charts,
}  # fmt: skip


@pytest.mark.parametrize("name", MAKING)
def test_pages_joined_are_the_whole_list(neighbour: Yard, name: str) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/{name}"
    before = neighbour.listed(name)
    assert len(before) == 1
    with CaptureQueriesContext(connection) as few:
        neighbour.client.get(f"{at}?after=0")
    MAKING[name](neighbour)
    found = neighbour.listed(name)
    names = [one["name"] for one in found]
    assert len(names) == len(set(names)) == MANY + 1
    if name == "tanks":
        placed = Tank.objects.filter(grow=neighbour.grow).order_by("position", "pk")
        assert [one["id"] for one in found] == [tank.pk for tank in placed]
    neighbour.client.get(at)  # charts into memory
    with CaptureQueriesContext(connection) as many:
        page = neighbour.client.get(at).json()
    assert len(page["items"]) == LONGEST_PAGE
    assert len(many) <= len(few)


def test_a_long_shelf_comes_page_by_page_and_is_looked_through(neighbour: Yard) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/shelf"
    with CaptureQueriesContext(connection) as few:
        known = [one["name"] for one in neighbour.client.get(at).json()["products"]]
    Product.objects.bulk_create(
        Product(grow=neighbour.grow, name=f"Bottle {n}", maker="Reed & Co", role="additive",
                tag=f"{n:03}", left=1, label={"acid": {"kind": "nitric", "percent": "38"}} if n > 225
                else {"analysis": {"N": "4"}})
        for n in range(MANY)
    )  # fmt: skip
    names: list[str] = []
    after, pages = 0, 0
    while after is not None:
        with CaptureQueriesContext(connection) as many:
            page = neighbour.client.get(f"{at}?after={after}").json()
        assert len(page["products"]) <= LONGEST_PAGE
        assert len(many) <= len(few) + 1  # what was used up lately is asked for where bottles are
        names += [one["name"] for one in page["products"]]
        after, pages = page["after"], pages + 1
    assert names == [*known, *(f"Bottle {n}" for n in range(MANY))]
    assert pages == -(-len(names) // LONGEST_PAGE)

    def found(words: str) -> list[str]:
        answer = neighbour.client.get(at, {"find": words}).json()
        return [one["name"] for one in answer["products"]]

    assert found("bottle 7") == ["Bottle 7", *(f"Bottle 7{n}" for n in range(10))]
    assert found(" 229 ") == ["Bottle 229"]
    assert len(found("REED & co")) == LONGEST_PAGE
    assert found("%") == found("nobody's") == []
    compared = neighbour.client.get(at, {"find": "229"}).json()["products"][0]["as_much"]
    assert len(compared) == 3  # acids on other pages count


def test_charts_come_whole_where_tanks_are_fed_by_them(neighbour: Yard) -> None:
    """The list names all that are not put away; columns come of those in use, or asked for."""
    _charts(neighbour)
    at = f"/api/grows/{neighbour.grow.pk}"
    first = neighbour.client.get(f"{at}/charts").json()["items"][0]
    assert set(first) == {"version_id", "chart_id", "version_number", "name", "maker", "medium"}
    [used] = neighbour.client.get(f"{at}/charts-in-use").json()
    assert (used["chart_id"], len(used["columns"])) == (neighbour.version.chart_id, 1)
    other = next(one for one in neighbour.listed("charts") if one["name"] == "Chart 7")
    whole = neighbour.client.get(f"{at}/chart-versions/{other['version_id']}").json()
    assert {name: whole[name] for name in other} == other
    assert [row["key"] for row in whole["rows"]] == ["a", "b"]
    neighbour.send("PATCH", f"{at}/charts/{other['chart_id']}", {"archived": True})
    assert other["version_id"] not in [one["version_id"] for one in neighbour.listed("charts")]
    neighbour.send("PATCH", f"{at}/charts/{used['chart_id']}", {"archived": True})
    assert neighbour.client.get(f"{at}/charts-in-use").json() == [used]
    Tank.objects.filter(grow=neighbour.grow).update(chart=None)
    assert len(neighbour.client.get(f"{at}/charts-in-use").json()) == 1


@pytest.mark.parametrize("name", MAKING)
def test_a_page_begins_where_it_can(yard: Yard, neighbour: Yard, name: str) -> None:
    at = f"/api/grows/{neighbour.grow.pk}/{name}"
    for after in ("-1", "x", str(2**63), "1.5"):
        assert neighbour.client.get(f"{at}?after={after}").status_code == 422
    far = neighbour.client.get(f"{at}?after={2**63 - 1}")
    if name == "tanks":  # which are placed by hand, so that a page begins behind one of them
        assert far.status_code == 404
        assert neighbour.client.get(f"{at}?after={yard.tank.pk}").status_code == 404
    else:
        assert far.json() == {"items": [], "after": None}
