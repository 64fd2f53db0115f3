"""Meters calibrated, due, and seen beside what they read."""

from collections.abc import Iterator
from datetime import timedelta
from fractions import Fraction
from typing import Any

import pytest
import time_machine

from server.guided.models import Mix
from server.shelf.models import CalibrationEntry, Meter
from server.tanks.models import TimeLineEntry
from tests.server import at_the_bench
from tests.server.conftest import Yard
from tests.server.test_seasons import NOON, begin, course, read, version

__all__ = ["version"]


@pytest.fixture(autouse=True)
def clock() -> Iterator[time_machine.Traveller]:
    """All of it happens on one day, unless a test moves on."""
    with time_machine.travel(NOON, tick=False) as traveller:
        yield traveller


@pytest.fixture
def yard(neighbour: Yard) -> Yard:
    """A small grow without a meter."""
    return neighbour


def send(yard: Yard, method: str, path: str, **what: object) -> tuple[int, dict[str, Any]]:
    """Ask of the grow's meters."""
    return yard.send(method, f"/api/grows/{yard.grow.pk}/meters{path}", what)


def listed(yard: Yard) -> dict[str, Any]:
    """The first meter."""
    found: dict[str, Any] = yard.client.get(f"/api/grows/{yard.grow.pk}/meters").json()
    return dict(found["meters"][0])


def points(**read: object) -> list[dict[str, object]]:
    """Standards and what was read in them."""
    return [{"standard": name.removeprefix("_").replace("_", "."), "read": told}
            for name, told in read.items()]  # fmt: skip


def test_a_pen_is_calibrated_and_due_again(yard: Yard, clock: time_machine.Traveller) -> None:
    status, made = send(yard, "POST", "", name="Bench pen", every_days=14)
    assert status == 201
    assert (listed(yard)["measures"], listed(yard)["due_on"]) == (["ec", "ph"], "2026-03-10")
    path = f"/{made['id']}/calibrations"
    status, ec = send(yard, "POST", path, measures="ec", points=points(_1_413="1.36 EC"))
    assert (status, ec["slope_shown"], ec["condition"]) == (201, "96.2 %", "fine")
    # pH was never calibrated: that is due still
    assert listed(yard)["due_on"] == "2026-03-10"
    told = points(_4="4.1", _7="7.12", _10="9.9")
    ph = send(yard, "POST", path, measures="ph", points=told, degrees="20")[1]
    # at 20 °C these are 4.00, 7.02 and 10.06: the line through them, by hand
    assert (ph["condition"], ph["slope_shown"], ph["offset_shown"]) == ("fine", "95.7 %", "+0.01")
    assert listed(yard)["due_on"] == "2026-03-24"
    clock.shift(timedelta(days=10))
    assert listed(yard)["due_on"] == "2026-03-24"
    assert send(yard, "PATCH", f"/{made['id']}", every_days=30)[0] == 200
    assert listed(yard)["due_on"] == "2026-04-09"


def test_what_was_read_in_other_units_is_kept_in_one(yard: Yard) -> None:
    made = send(yard, "POST", "", name="Wand", kind="ec_wand")[1]
    told = {"volume": "L", "gallon": "", "reading": "ppm", "ppm_scale": 500}
    path = f"/{made['id']}/calibrations"
    status, _ = send(yard, "POST", path, measures="ec", points=points(_2_76="1380"), typed_in=told)
    assert status == 201
    assert CalibrationEntry.objects.get(grow=yard.grow).points == [
        {"standard": "2.76", "read": "2.76"}
    ]


@pytest.mark.parametrize(
    ("told", "where"),
    [({"measures": "ph", "points": points(_7="4.0")}, "points[0].read"),
     ({"measures": "ec", "points": points(_1_413="12.9")}, "points[0].read"),
     ({"measures": "ec", "points": points(_1_5="1.5")}, "points[0].standard"),
     ({"measures": "ph", "points": []}, "points"),
     ({"measures": "ph", "points": points(_7="much")}, "points[0].read"),
     ({"measures": "ph", "points": points(_7="7"), "degrees": "68"}, "temperature")],
)  # fmt: skip
def test_what_is_no_calibration_is_refused_and_nothing_kept(
    yard: Yard, told: dict[str, Any], where: str
) -> None:
    made = send(yard, "POST", "", name="Bench pen")[1]
    status, refused = send(yard, "POST", f"/{made['id']}/calibrations", **told)
    assert (status, refused["error"]["where"]) == (422, where)
    assert not CalibrationEntry.objects.filter(grow=yard.grow).exists()


def test_drops_and_wands_are_calibrated_for_what_they_measure(yard: Yard) -> None:
    drops = send(yard, "POST", "", name="Drops", kind="drops")[1]
    assert (listed(yard)["measures"], listed(yard)["due_on"]) == ([], None)
    told = {"measures": "ph", "points": points(_7="7")}
    status, refused = send(yard, "POST", f"/{drops['id']}/calibrations", **told)
    assert (status, refused["error"]["code"]) == (422, "not_measured")
    status, refused = send(yard, "POST", "", name="Drops", kind="pen")
    assert (status, refused["error"]["code"]) == (422, "name_taken")
    assert send(yard, "DELETE", f"/{drops['id']}")[0] == 200
    assert not Meter.objects.filter(grow=yard.grow).exists()


def test_a_worn_electrode_is_said_to_be(yard: Yard) -> None:
    made = send(yard, "POST", "", name="Old pen", kind="ph_pen")[1]
    told = points(_4="4.6", _7="7.0")
    status, worn = send(yard, "POST", f"/{made['id']}/calibrations", measures="ph", points=told)
    assert (status, worn["condition"]) == (201, "worn")
    assert listed(yard)["ph"]["condition"] == "worn"


def test_a_calibration_stands_beside_a_reading_and_never_in_it(yard: Yard) -> None:
    assert read(yard, ec="1.30", ph="6.1")[1]["beside"] == []
    made = send(yard, "POST", "", name="Bench pen")[1]
    path = f"/{made['id']}/calibrations"
    send(yard, "POST", path, measures="ec", points=points(_2_76="2.484"))  # a tenth too low
    send(yard, "POST", path, measures="ph", points=points(_7="7.3"))
    status, told = read(yard, ec="1.35", ph="6.1")
    assert status == 201
    assert [(one["measures"], one["shown"], one["meter"], one["on"]) for one in told["beside"]] == [
        ("ec", "1.50", "Bench pen", "2026-03-10"), ("ph", "5.8", "Bench pen", "2026-03-10"),
    ]  # fmt: skip
    kept = TimeLineEntry.objects.filter(tank=yard.tank, kind="reading").latest("pk").values
    assert (kept["ec"]["value"], kept["ph"]["value"]) == ("1.35", "6.1")
    # an old one whose electrode is worn out has nothing to say that anybody should go by
    worn = send(yard, "POST", "", name="Old pen", kind="ph_pen")[1]
    told = points(_4="4.6", _7="7.0")
    send(yard, "POST", f"/{worn['id']}/calibrations", measures="ph", points=told)
    assert {one["meter"] for one in read(yard, ec="1.35", ph="6.1")[1]["beside"]} == {"Bench pen"}
    # calibrated anew and right, it has nothing to say
    send(yard, "POST", path, measures="ec", points=points(_2_76="2.76"))
    send(yard, "POST", path, measures="ph", points=points(_7="7"))
    assert read(yard, ec="1.35", ph="6.1")[1]["beside"] == []


def test_a_season_knows_when_its_meter_was_calibrated(yard: Yard, version: Any) -> None:
    begin(yard, version)
    season = f"/api/grows/{yard.grow.pk}/seasons/{course(yard)['season']}"
    plan = yard.client.get(f"{season}/plan").json()["plan"]
    meters = [{"name": "Bench pen", "every_days": 14, "last": None}]
    yard.send("PUT", f"{season}/plan", {"plan": {**plan, "meters": meters}, "seen": plan})

    def due() -> list[str]:
        return [one["on"] for one in course(yard)["tasks"] if one["kind"] == "calibrate"][:2]

    assert due() == ["2026-03-08", "2026-03-22"]
    made = send(yard, "POST", "", name="Bench pen")[1]
    told = {"measures": "ph", "points": points(_7="7")}
    assert send(yard, "POST", f"/{made['id']}/calibrations", **told)[0] == 201
    assert due() == ["2026-03-24"]  # and behind the 28 days of its chart no more


def test_a_mix_whose_ph_is_read_by_drops_says_so_and_is_told_by_colours(neighbour: Yard) -> None:
    Meter.objects.create(grow=neighbour.grow, name="Drops", kind="drops")
    mix = at_the_bench.begin(neighbour, column="w1", volume="50 L", split=False)
    assert mix["by_drops"]
    assert Mix.objects.get(pk=mix["id"]).as_plan().ph_step == Fraction(1, 2)
    # a colour that may be in the window is as right as drops can tell
    assert at_the_bench.finish(neighbour, mix, read_ph="6.0")["now"] is None
    Meter.objects.create(grow=neighbour.grow, name="pH pen", kind="ph_pen")
    assert not at_the_bench.begin(neighbour, column="w1", volume="50 L", split=False)["by_drops"]
