"""Two grows side by side: the demo's, and a neighbour's that must stay out of reach."""

import json
from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from typing import Any

import pytest
from axes.utils import reset
from django.conf import settings
from django.contrib.auth.models import User
from django.test import Client
from pytest_django import DjangoDbBlocker

from core.formats import FeedChart, document_of
from server.charts.models import ChartVersion
from server.charts.store import charts_in_memory, publish_chart
from server.demo.scenario import load_scenario
from server.grows.models import Grow, Membership
from server.planning.snapshot import snapshots_in_memory
from server.seasons.running import mixes_in_memory
from server.tanks.models import Tank, WaterSource
from server.tanks.timeline import note_reading

# The real hasher is slow on purpose; signing in is tested, not the hasher.
settings.PASSWORD_HASHERS = ["django.contrib.auth.hashers.MD5PasswordHasher"]

SMALL_CHART: dict[str, Any] = {
    "format": "brisk-measure/feed-chart",
    "version": 1,
    "name": "Small",
    "products": [
        {"key": "a", "name": "Part A", "role": "base", "group": "g", "rank": 1},
        {"key": "b", "name": "Part B", "role": "base", "group": "g", "rank": 2},
    ],
    "columns": [
        {"key": "w1", "label": "Week 1", "ec": {"low": "350", "unit": "ppm", "scale": 700},
         "ph": {"low": "5.8"}}
    ],
    "doses": [
        {"product": "a", "column": "w1", "low": "0.1", "high": "0.3", "unit": "mL/L"},
        {"product": "b", "column": "w1", "low": "0.1", "high": "0.3", "unit": "mL/L"},
    ],
}  # fmt: skip


@dataclass
class Yard:
    """A grow with one member who is signed in."""

    grow: Grow
    person: User
    client: Client
    tank: Tank
    water: WaterSource
    version: ChartVersion

    def mix(self, **changes: object) -> dict[str, object]:
        """A recompute request for the first tank."""
        return {
            "tank": self.tank.pk, "water": self.water.pk, "version_id": self.version.pk, "column": "w1",
            "volume": "100 L", "strength": "80 %", "reading": "0.5", **changes,
        }  # fmt: skip

    def plan(self, **changes: object) -> tuple[int, dict[str, Any]]:
        """Ask for a mix; status and JSON."""
        return self.send("POST", f"/api/grows/{self.grow.pk}/mix", self.mix(**changes))

    def listed(self, name: str) -> list[dict[str, Any]]:
        """Tanks, waters or charts of the grow, all pages of them."""
        found, after = list[dict[str, Any]](), 0
        while after is not None:
            page = self.client.get(f"/api/grows/{self.grow.pk}/{name}?after={after}").json()
            found, after = found + page["items"], page["after"]
        return found

    def send(self, method: str, path: str, body: object) -> tuple[int, dict[str, Any]]:
        """Send JSON; status and JSON."""
        answer = self.client.generic(method, path, json.dumps(body), "application/json")
        return answer.status_code, answer.json()


@pytest.fixture(autouse=True)
def _fresh(db: None) -> Iterator[None]:
    """Numbers of charts come again after a rollback, and so do locked-out names."""
    for memory in (charts_in_memory, snapshots_in_memory, mixes_in_memory):
        memory.clear()
    reset()
    yield
    for memory in (charts_in_memory, snapshots_in_memory, mixes_in_memory):
        memory.clear()


def _enter(person: User) -> Client:
    client = Client()
    client.force_login(person)
    return client


@pytest.fixture(scope="package")
def django_db_setup(django_db_setup: None, django_db_blocker: DjangoDbBlocker) -> None:
    """The demo scenario, loaded once; every test puts back what it changes."""
    with django_db_blocker.unblock():
        load_scenario()


@pytest.fixture
def yard() -> Yard:
    """The demo's grow."""
    return demo_yard()


def demo_yard() -> Yard:
    """The demo's grow as it is, seen by its owner."""
    if not Grow.objects.filter(is_demo=True).exists():
        load_scenario()  # tests that commit empty the tables, and may run before others here
    grow = Grow.objects.get(is_demo=True)
    person = User.objects.get(username="wren")
    tank = Tank.objects.select_related("water").get(grow=grow, name="Strawberry gutters")
    version = ChartVersion.objects.get(chart=tank.chart)
    return Yard(grow, person, _enter(person), tank, tank.water, version)


@pytest.fixture
def neighbour() -> Yard:
    """Another grow, with everything of its own."""
    grow = Grow.objects.create(name="Next door")
    person = User.objects.create_user("heron", password="long-legged-bird")
    Membership.objects.create(grow=grow, person=person)
    water = WaterSource.objects.create(grow=grow, name="Tap", kind="mains")
    note_reading(water, {"ec": Fraction("0.3")}, by=None)
    version = publish_chart(grow, document_of(FeedChart, SMALL_CHART))
    tank = Tank.objects.create(grow=grow, name="Tub", litres=50, water=water, chart=version.chart)
    return Yard(grow, person, _enter(person), tank, water, version)
