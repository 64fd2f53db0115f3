"""Charts in versions, what the database itself refuses, and the commands that make data."""

from decimal import Decimal
from io import StringIO
from pathlib import Path

import pytest
from django.contrib.auth.models import User
from django.core.management import CommandError, call_command
from django.db import IntegrityError, transaction
from django.utils import timezone

from core.errors import InputError
from core.formats import FeedChart, document_of, read_json
from server.charts import starters
from server.charts.models import Chart, ChartVersion
from server.charts.store import StoredChart, charts_in_memory, publish_chart, stored_charts
from server.grows.models import Grow, Membership
from server.shelf.models import Meter, Product
from server.shelf.tags import new_tag
from server.tanks.models import Tank, TimeLineEntry, WaterSource
from tests.server.conftest import SMALL_CHART, Yard

CHARTS = Path(starters.__file__).parent


def stored(version: ChartVersion) -> StoredChart:
    """What a version says, from the database."""
    charts_in_memory.clear()
    versions = ChartVersion.objects.filter(grow=version.grow)
    return stored_charts(version.grow, versions, [version.pk])[version.pk]


def test_a_stored_chart_is_the_published_one(neighbour: Yard) -> None:
    published = document_of(FeedChart, SMALL_CHART)
    assert stored(neighbour.version).document == published
    assert stored(neighbour.version).chart == published.chart()


def test_every_demo_chart_comes_back_as_written(yard: Yard) -> None:
    written = [read_json(file.read_bytes()) for file in CHARTS.glob("*.json")]
    documents = {told["name"]: document_of(FeedChart, told) for told in written}
    versions = ChartVersion.objects.filter(grow=yard.grow).select_related("chart")
    assert {version.chart.name for version in versions} == set(documents)
    for version in versions:
        assert stored(version).document == documents[version.chart.name]


def test_a_version_keeps_its_names_whatever_bottles_are_called_later(neighbour: Yard) -> None:
    """Two processes answered differently after a rename, as long as one had the chart at hand."""
    Product.objects.get(grow=neighbour.grow, name="Part A").delete()
    Product.objects.filter(grow=neighbour.grow, name="Part B").update(name="Renamed")
    names = [product.name for product in stored(neighbour.version).chart.products]
    assert names == ["Part A", "Part B"]
    sheet = neighbour.plan()[1]["sheet"]
    assert [pour["name"] for pour in sheet["pours"]] == ["Part A", "Part B"]


def test_an_edit_makes_a_new_version_and_leaves_the_old(neighbour: Yard) -> None:
    changed = {**SMALL_CHART, "doses": SMALL_CHART["doses"][:1]}
    second = publish_chart(neighbour.grow, document_of(FeedChart, changed))
    assert (second.number, second.chart) == (2, neighbour.version.chart)
    assert len(stored(neighbour.version).chart.doses) == 2
    assert len(stored(second).chart.doses) == 1
    with pytest.raises(TypeError, match="publish a new one"):
        neighbour.version.save()


def test_a_chart_that_contradicts_itself_leaves_nothing_behind(neighbour: Yard) -> None:
    twice = {**SMALL_CHART, "name": "Bad", "doses": SMALL_CHART["doses"] * 2}
    with pytest.raises(InputError):
        publish_chart(neighbour.grow, document_of(FeedChart, twice))
    assert not Chart.objects.filter(name="Bad").exists()


def test_tags_differ_on_one_shelf() -> None:
    taken: set[str] = set()
    for name in ["Marram One", "Mo", "Mo", "M", "m", "Marram Oak", "海", "ß", "ŉ"] + ["Mo"] * 200:
        tag = new_tag(name, taken)
        assert len(tag) <= 2
        assert tag not in taken
        taken.add(tag)


def test_what_the_database_refuses(neighbour: Yard) -> None:
    grow, version, now = neighbour.grow, neighbour.version, timezone.now()
    tank = {"grow": grow, "name": "New", "water": neighbour.water}
    refused = [
        lambda: Tank.objects.create(**tank, litres=-1),
        lambda: Tank.objects.create(**tank, litres=0),
        lambda: Tank.objects.create(**tank, litres=Decimal("1000000.000000001")),
        lambda: Tank.objects.create(**tank, litres=5, strength=Decimal("2.00000001")),
        lambda: Tank.objects.create(**{**tank, "name": "Tub"}, litres=5),
        lambda: WaterSource.objects.create(grow=grow, name="x", kind="magic"),
        lambda: ChartVersion.objects.create(grow=grow, chart=version.chart, number=1,
                                            document=version.document),
        lambda: ChartVersion.objects.create(grow=grow, chart=version.chart, number=2,
                                            document={"format": "something-else"}),
        lambda: TimeLineEntry.objects.create(grow=grow, kind="reading", at=now),
        lambda: TimeLineEntry.objects.create(grow=grow, kind="reading", at=now,
                                             tank=neighbour.tank, water=neighbour.water),
        lambda: TimeLineEntry.objects.create(grow=grow, kind="magic", at=now, tank=neighbour.tank),
        lambda: Meter.objects.create(grow=grow, name="Pen", connection="magic"),
        lambda: Membership.objects.create(grow=grow, person=neighbour.person),
        lambda: Membership.objects.filter(grow=grow).update(reading_unit="ppm"),
        lambda: Product.objects.create(grow=grow, name="Part A", tag="Zz", role="base"),
    ]  # fmt: skip
    for attempt in refused:
        with pytest.raises(IntegrityError), transaction.atomic():
            attempt()


def test_the_demo_is_put_back_and_nothing_else_is_touched(neighbour: Yard) -> None:
    call_command("load_demo")
    assert Grow.objects.filter(is_demo=True).count() == 1
    Tank.objects.filter(grow__is_demo=True).delete()
    call_command("load_demo", again=True)
    assert Tank.objects.filter(grow__is_demo=True).count() == 6
    assert Tank.objects.filter(grow=neighbour.grow).count() == 1


def test_an_account_comes_with_a_grow(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr("sys.stdin", StringIO("samphire-and-salt\n"))
    call_command("make_account", "curlew", stdout=StringIO())
    person = User.objects.get(username="curlew")
    assert person.check_password("samphire-and-salt")
    assert person.memberships.count() == 1  # type: ignore[attr-defined]
    monkeypatch.setattr("sys.stdin", StringIO("12345\n"))
    with pytest.raises(CommandError, match="too short"):
        call_command("make_account", "dunlin", stdout=StringIO())
    with pytest.raises(CommandError, match="works in the demo"):
        call_command("make_account", "wren", stdout=StringIO())
    with pytest.raises(CommandError, match="already"):
        call_command("make_account", "curlew", stdout=StringIO())
