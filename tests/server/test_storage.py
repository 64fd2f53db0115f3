"""Charts in versions, what the database itself refuses, and the commands that make data."""

from decimal import Decimal
from io import StringIO

import pytest
from django.contrib.auth.models import User
from django.core.management import CommandError, call_command
from django.db import IntegrityError, transaction

from core.errors import InputError
from core.formats import FeedChart, document_of
from server.charts.models import Chart, ChartColumn, ChartDose, ChartRow, ChartVersion, Product
from server.charts.store import new_tag, publish_chart, read_chart, read_document
from server.grows.models import Grow, Membership
from server.tanks.models import Tank, WaterSource
from tests.server.conftest import SMALL_CHART, Yard


def test_a_stored_chart_is_the_published_one(neighbour: Yard) -> None:
    published = document_of(FeedChart, SMALL_CHART).chart()
    assert read_chart(neighbour.version.pk) == published
    assert read_document(neighbour.version.pk).columns[0].ec.low == 350  # type: ignore[union-attr]


def test_every_demo_chart_comes_back_as_written(yard: Yard) -> None:
    for version in ChartVersion.objects.filter(grow=yard.grow):
        document = read_document(version.pk)
        assert FeedChart.of(document.chart()).chart() == document.chart()


def test_an_edit_makes_a_new_version_and_leaves_the_old(neighbour: Yard) -> None:
    changed = {**SMALL_CHART, "doses": SMALL_CHART["doses"][:1]}
    second = publish_chart(neighbour.grow, document_of(FeedChart, changed))
    assert (second.number, second.chart) == (2, neighbour.version.chart)
    assert len(read_chart(neighbour.version.pk).doses) == 2
    assert len(read_chart(second.pk).doses) == 1
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
    grow, version = neighbour.grow, neighbour.version
    row, column = ChartRow.objects.filter(version=version)[0], version.columns.get()
    tank = {"grow": grow, "name": "New", "water": neighbour.water}
    refused = [
        lambda: Tank.objects.create(**tank, litres=-1),
        lambda: Tank.objects.create(**tank, litres=0),
        lambda: Tank.objects.create(**tank, litres=Decimal("1000000.001")),
        lambda: Tank.objects.create(**tank, litres=5, strength_percent=201),
        lambda: Tank.objects.create(**{**tank, "name": "Tub"}, litres=5),
        lambda: WaterSource.objects.create(grow=grow, name="x", kind="well", ec=-1),
        lambda: WaterSource.objects.create(grow=grow, name="x", kind="well", ph=15),
        lambda: WaterSource.objects.create(grow=grow, name="x", kind="magic"),
        lambda: ChartColumn.objects.create(version=version, key="w1", position=9, label="x"),
        lambda: ChartColumn.objects.create(version=version, key="w2", position=0, label="x"),
        lambda: ChartColumn.objects.create(version=version, key="w2", position=9, label="x",
                                           ec_low=2, ec_high=1, ec_unit="CF"),
        lambda: ChartColumn.objects.create(version=version, key="w2", position=9, label="x",
                                           ec_low=1, ec_high=1, ec_unit="ppm"),
        lambda: ChartColumn.objects.create(version=version, key="w2", position=9, label="x",
                                           ec_low=1, ec_unit="CF"),
        lambda: ChartColumn.objects.create(version=version, key="w2", position=9, label="x",
                                           ph_high=6),
        lambda: ChartRow.objects.create(version=version, product=row.product, key="a", position=9,
                                        role="base", form="liquid", scales=True),
        lambda: ChartDose.objects.create(row=row, column=column, low=1, high=1, unit="mL/L"),
        lambda: ChartVersion.objects.create(grow=grow, chart=version.chart, number=1,
                                            medium="water", readings="none"),
        lambda: Membership.objects.create(grow=grow, person=neighbour.person),
        lambda: Membership.objects.filter(grow=grow).update(reading_unit="ppm"),
        lambda: Product.objects.create(grow=grow, name="Part A", tag="Zz", role="base"),
    ]  # fmt: skip
    for attempt in refused:
        with pytest.raises(IntegrityError), transaction.atomic():
            attempt()
    ChartDose.objects.all().delete()
    for bad in ({"low": -1, "high": 1}, {"low": 2, "high": 1}, {"low": 1, "high": 1, "unit": ""},
                {"low": 1}, {"unit": ""}):  # fmt: skip
        with pytest.raises(IntegrityError), transaction.atomic():
            ChartDose.objects.create(row=row, column=column, **{"unit": "mL/L", **bad})


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
