"""What waters read over time, and the question that a far reading asks."""

from collections.abc import Iterator
from datetime import UTC, datetime, timedelta
from fractions import Fraction
from typing import Any

import pytest
import time_machine

from server.tanks.models import TimeLineEntry
from server.tanks.timeline import note_reading
from tests.server.conftest import Yard

NOON = datetime(2026, 3, 14, 12, tzinfo=UTC)


@pytest.fixture(autouse=True)
def _clock() -> Iterator[None]:
    with time_machine.travel(NOON, tick=False):
        yield


def read(yard: Yard, *figures: str) -> dict[str, Any]:
    """Read the water on as many days, the last today; its line then."""
    for days, told in enumerate(reversed(figures)):
        with time_machine.travel(NOON - timedelta(days=days), tick=False):
            note_reading(yard.water, {"ec": Fraction(told)}, by=yard.person.pk)
    return line(yard)


def line(yard: Yard) -> dict[str, Any]:
    yard.client.force_login(yard.person)
    found = yard.client.get(f"/api/grows/{yard.grow.pk}/water-lines").json()
    return next(one for one in found if one["water"] == yard.water.pk)


def explain(yard: Yard, entry: int, because: str) -> tuple[int, dict[str, Any]]:
    path = f"/api/grows/{yard.grow.pk}/waters/{yard.water.pk}/far-reading"
    return yard.send("POST", path, {"entry": entry, "because": because})


@pytest.fixture
def fresh(neighbour: Yard) -> Yard:
    TimeLineEntry.objects.filter(grow=neighbour.grow).delete()
    return neighbour


def test_readings_are_drawn_by_their_days_and_a_report_is_a_mark(fresh: Yard) -> None:
    fresh.water.reported_on = NOON.date() - timedelta(days=40)
    fresh.water.save()
    found = read(fresh, "0.5", "0.52", "0.55")
    assert [(one["days_ago"], one["shown"], one["far"]) for one in found["points"]] == [
        (2, "0.50", False), (1, "0.52", False), (0, "0.55", False),
    ]  # fmt: skip
    assert (found["report_days_ago"], found["far"]) == (40, None)


def test_a_far_reading_asks_and_the_season_answers(fresh: Yard) -> None:
    found = read(fresh, "0.5", "0.52", "0.81")
    assert found["points"][-1]["far"]
    assert (found["far"]["shown"], found["far"]["usual_shown"]) == ("0.81", "0.51")
    status, after = explain(fresh, found["far"]["entry"], "water_changed")
    assert (status, after["far"]) == (200, None)
    assert read(fresh, "0.83")["far"] is None  # it is held against the new water
    assert read(fresh, "0.5")["far"]["usual_shown"] == "0.82"
    # an answer about a reading that is no more the last is none
    assert explain(fresh, found["far"]["entry"], "pen_off")[1]["error"]["code"] == "not_far"


def test_where_the_pen_was_off_nobody_knows_what_the_water_reads(fresh: Yard) -> None:
    found = read(fresh, "0.5", "0.52", "5.2")
    status, after = explain(fresh, found["far"]["entry"], "pen_off")
    assert (status, after["far"], len(after["points"])) == (200, None, 2)
    [water] = fresh.listed("waters")
    assert water["reading"] is None
    sheet = fresh.plan(reading="")[1]["sheet"]
    assert "water_not_read" in [one["code"] for one in sheet["warnings"]]
    assert read(fresh, "0.53")["far"] is None
    assert read(fresh, "5.3")["far"]["usual_shown"] == "0.52"


def test_the_mix_asks_when_the_water_reads_otherwise(fresh: Yard) -> None:
    read(fresh, "0.5")
    assert fresh.plan(reading="0.55")[1]["usual_reading"] is None
    assert fresh.plan(reading="0.9")[1]["usual_reading"] == "0.50"
    assert fresh.plan(reading="")[1]["usual_reading"] is None


def test_no_more_queries_for_more_waters_and_readings(
    yard: Yard, django_assert_max_num_queries: Any
) -> None:
    with django_assert_max_num_queries(5):
        yard.client.get(f"/api/grows/{yard.grow.pk}/water-lines")


def test_what_each_water_does_to_a_column_is_what_a_mix_of_it_says(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}/chart-versions/{yard.version.pk}/waters"
    found = yard.client.get(f"{path}?column=w5&strength=80 %").json()
    names = {one["id"]: one["name"] for one in yard.listed("waters")}
    by_name = {names[one["water"]]: one for one in found}
    mains, ro = by_name["Yard mains"], by_name["RO barrel"]
    sheet = yard.plan(column="w5", volume="100 L", reading="0.52")[1]["sheet"]
    calcium = next(one for one in sheet["in_tank"]["elements"] if one["element"] == "Ca")
    assert mains["calcium_shown"] == f"{calcium['from_water']:.0f}" == "68"
    assert mains["acid_name"] == sheet["in_tank"]["acid"]["name"]
    assert ro["calcium_shown"] == "0"
    share = {name: int(one["share_shown"].removesuffix(" %")) for name, one in by_name.items()}
    assert share["RO barrel"] < share["Roof rain"] < share["Yard mains"] < share["Slip borehole"]
    codes = [one["code"] for one in sheet["warnings"]]
    assert mains["too_strong"] is ("water_takes_half" in codes)
    assert yard.client.get(f"{path}?column=w99").status_code == 422
    assert yard.client.get(f"{path}?column=w5&strength=much").status_code == 422


def test_a_neutraliser_leaves_nothing_to_stand_for(yard: Yard) -> None:
    def codes() -> list[str]:
        sheet = yard.plan(column="w5", reading="0.52")[1]["sheet"]
        return [one["code"] for one in sheet["warnings"]]

    path = f"/api/grows/{yard.grow.pk}/waters/{yard.water.pk}"
    assert "chlorine_in_water" in codes()
    status, water = yard.send("PATCH", path, {"treated_by": "carbon", "seen": {"treated_by": None}})
    assert (status, water["treated_by"], water["disinfectant"]) == (200, "carbon", "chlorine")
    assert "chlorine_in_water" not in codes()
    yard.send("PATCH", path, {"disinfectant": "chloramine"})
    assert "chloramine_in_water" in codes()  # carbon hardly takes it out
    yard.send("PATCH", path, {"treated_by": "neutraliser"})
    assert "chloramine_in_water" not in codes()
    stale = {"treated_by": None, "seen": {"treated_by": "carbon"}}
    assert yard.send("PATCH", path, stale)[0] == 409


def test_how_much_of_another_water_and_what_a_membrane_draws_for_it(yard: Yard) -> None:
    numbers = {one["name"]: one["id"] for one in yard.listed("waters")}
    asked = {
        "source": numbers["Slip borehole"], "other": numbers["RO barrel"], "wanted": "ec",
        "figure": "0.44", "volume": "400 L", "recovery": "25 %",
    }  # fmt: skip
    path = f"/api/grows/{yard.grow.pk}/share-of-water"
    # 0.86 and 0.02: half of each; 200 L through a quarter take 800 L
    assert yard.send("POST", path, asked) == (200, {
        "share": "0.5", "percent": "50 %",
        "made_shown": "200 L", "drawn_shown": "800 L", "rejected_shown": "600 L",
    })  # fmt: skip
    status, answer = yard.send("POST", path, {**asked, "recovery": "0 %"})
    assert (status, answer["error"]["where"]) == (422, "recovery")
