"""Seasons of tanks: begun, told, planned anew, read on a round, and given to calendars."""

import json
from collections.abc import Iterator
from datetime import UTC, date, datetime, timedelta
from fractions import Fraction
from typing import Any

import pytest
import time_machine
from django.db import connection
from django.test import Client
from django.test.utils import CaptureQueriesContext
from icalendar import Calendar

from core.formats import FeedChart, document_of
from server.charts.models import ChartVersion
from server.charts.store import publish_chart
from server.grows.models import Grow, Membership
from server.guided.models import Mix
from server.seasons.models import CalendarKey, Season, SeasonEntry
from server.seasons.running import mixes_in_memory
from server.shelf.bottles import take
from server.shelf.models import Product
from server.tanks.models import Tank, TimeLineEntry, WaterSource
from tests.server import at_the_bench as bench
from tests.server.conftest import Yard

NOON = datetime(2026, 3, 10, 12, tzinfo=UTC)
"""A Tuesday."""


@pytest.fixture(autouse=True)
def clock() -> Iterator[time_machine.Traveller]:
    """All of it happens on one day, unless a test moves on."""
    with time_machine.travel(NOON, tick=False) as traveller:
        yield traveller


@pytest.fixture
def version(neighbour: Yard) -> ChartVersion:
    """A chart of three weeks and a flush, with cultures in it."""
    told = {
        "format": "brisk-measure/feed-chart", "version": 1, "name": "Dunes",
        "products": [{"key": "a", "name": "Dune A", "role": "base"},
                     {"key": "mud", "name": "Mudlark", "role": "live"}],
        "columns": [{"key": f"w{n}", "label": f"Week {n}", "days": 7, "stage": "leaf",
                     "ec": {"low": "1", "high": "1.2"}, "ph": {"low": "5.5", "high": "6"}}
                    for n in (1, 2, 3)]
        + [{"key": "rinse", "label": "Rinse", "days": 7, "stage": "flush"}],
        "doses": [{"product": p, "column": f"w{n}", "low": "2", "unit": "mL/L"}
                  for p in ("a", "mud") for n in (1, 2, 3)],
    }  # fmt: skip
    return publish_chart(neighbour.grow, document_of(FeedChart, told))


def begin(yard: Yard, version: ChartVersion, **changes: object) -> tuple[int, dict[str, Any]]:
    """Begin a season on the day before yesterday."""
    told = {"version_id": version.pk, "started_on": "2026-03-08", "planted": "plugs", "first_column": "w1",
            "strength": "50 %", "rising_to": "80 %", "rising_by": "w3", "change_out_days": 7, **changes}  # fmt: skip
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}/seasons", told)


def test_a_season_begun_by_mistake_is_taken_back_and_the_one_before_goes_on(
    neighbour: Yard, version: ChartVersion
) -> None:
    assert begin(neighbour, version)[0] == 201
    first = course(neighbour)
    usual = Tank.objects.values_list("chart", "column").get(pk=neighbour.tank.pk)
    status, made = begin(neighbour, version, started_on="2026-03-10", first_column="w2")
    assert status == 201, made
    season = f"/api/grows/{neighbour.grow.pk}/seasons"
    status, _ = neighbour.send("DELETE", f"{season}/{made['id']}", None)
    assert status == 200
    assert course(neighbour) == first
    assert Tank.objects.values_list("chart", "column").get(pk=neighbour.tank.pk) == usual
    # What was told of a season is not thrown away with it; that one is ended.
    assert tell(neighbour, "hold", days=1)[0] == 200
    status, answer = neighbour.send("DELETE", f"{season}/{first['season']}", None)
    assert (status, answer["error"]["code"]) == (422, "season_told")
    assert course(neighbour)["season"] == first["season"]


def course(yard: Yard) -> dict[str, Any]:
    """The course of the first tank."""
    path = f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}/course"
    found: dict[str, Any] = yard.client.get(path).json()
    return found


def tell(
    yard: Yard, kind: str, on: str = "2026-03-10", **what: object
) -> tuple[int, dict[str, Any]]:
    """Tell the season something."""
    season = course(yard)["season"]
    path = f"/api/grows/{yard.grow.pk}/seasons/{season}/told"
    return yard.send("POST", path, {"kind": kind, "on": on, **what})


def task(yard: Yard, kind: str) -> dict[str, Any]:
    """The first task of a kind that is open."""
    return next(one for one in course(yard)["tasks"]
                if one["kind"] == kind and one["state"] not in ("done", "skipped"))  # fmt: skip


def tell_task(yard: Yard, key: str, **what: object) -> tuple[int, dict[str, Any]]:
    """Tell what became of a task."""
    season = course(yard)["season"]
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/seasons/{season}/tasks",
                     {"task": key, "state": "done", **what})  # fmt: skip


def spans(told: dict[str, Any]) -> list[tuple[str, str, str, bool]]:
    """Columns and their days."""
    return [(one["key"], one["first"], one["last"], one["is_open"]) for one in told["columns"]]


def read(yard: Yard, **what: object) -> tuple[int, dict[str, Any]]:
    """Read the first tank."""
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}/readings", what)


def test_a_season_begun_with_a_sentence_has_its_course(
    neighbour: Yard, version: ChartVersion
) -> None:
    assert course(neighbour) is None
    assert begin(neighbour, version)[0] == 201
    told = course(neighbour)
    assert spans(told) == [
        ("w1", "2026-03-08", "2026-03-14", False), ("w2", "2026-03-15", "2026-03-21", False),
        ("w3", "2026-03-22", "2026-03-28", False), ("rinse", "2026-03-29", "2026-04-04", False),
    ]  # fmt: skip
    # 0.3 of the water, and half, 65 % and 80 % of 1.0 to 1.2
    assert [(one["shown"], one["strength_shown"]) for one in told["treads"]] == [
        ("0.80 to 0.90", "50 %"), ("0.95 to 1.08", "65 %"), ("1.10 to 1.26", "80 %"), (None, "80 %")
    ]  # fmt: skip
    assert (told["today"], told["planted"], told["change_out_days"]) == ("2026-03-10", "plugs", 7)
    states = [(one["on"], one["kind"], one["state"]) for one in told["tasks"]]
    assert states[:3] == [
        ("2026-03-08", "mix", "late"), ("2026-03-10", "read", "due"), ("2026-03-15", "change_out", "planned"),
    ]  # fmt: skip
    assert ("2026-03-29", "flush", "planned") in states
    tank = neighbour.listed("tanks")[0]
    assert (tank["chart_id"], tank["column"]) == (version.chart_id, "w1")


@pytest.mark.parametrize(
    ("changes", "code"),
    [
        ({"started_on": "1900-01-01"}, "day_beyond_reason"),
        ({"started_on": "tomorrow"}, "wrong_type"),
        ({"first_column": "w9"}, "unknown_column"),
        ({"rising_by": "w9"}, "unknown_column"),
        ({"strength": "500 %"}, "strength_out_of_range"),
        ({"rising_to": "much"}, "not_a_number"),
        ({"change_out_days": 0}, "wrong_type"),
    ],
)
def test_a_sentence_that_cannot_be_followed_leaves_nothing(
    neighbour: Yard, version: ChartVersion, changes: dict[str, object], code: str
) -> None:
    status, answer = begin(neighbour, version, **changes)
    assert (status, answer["error"]["code"]) == (422, code)
    assert not Season.objects.filter(grow=neighbour.grow).exists()


def test_another_season_ends_the_one_before_on_the_day_before(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    status, answer = begin(neighbour, version, started_on="2026-03-08")
    assert (status, answer["error"]["code"]) == (422, "season_overlaps")
    assert begin(neighbour, version, started_on="2026-03-12")[0] == 201
    ends = (
        Season.objects.filter(grow=neighbour.grow).order_by("pk").values_list("ended_on", flat=True)
    )
    assert list(ends) == [date(2026, 3, 11), None]


def test_what_is_done_behind_its_end_is_no_more_of_a_season(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{course(neighbour)['season']}"
    assert neighbour.send("PATCH", path, {"ended_on": "2026-03-09"})[0] == 200
    assert read(neighbour, ec="0.9")[0] == 201
    assert course(neighbour)["happened"] == []
    assert neighbour.send("PATCH", path, {"ended_on": None})[0] == 200
    assert [one["ec_shown"] for one in course(neighbour)["happened"]] == ["0.90"]


def test_what_would_move_is_shown_before_anything_is_kept(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    season = course(neighbour)["season"]
    held = {"kind": "hold", "on": "2026-03-10", "days": 3}
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{season}"
    status, looked = neighbour.send("POST", f"{path}/preview", held)
    assert status == 200
    assert [(one["what"], one["before"], one["after"]) for one in looked["moves"]] == [
        ("Week 2", "2026-03-15", "2026-03-18"), ("Week 3", "2026-03-22", "2026-03-25"),
        ("Rinse", "2026-03-29", "2026-04-01"), ("end", "2026-04-04", "2026-04-07"),
    ]  # fmt: skip
    assert not SeasonEntry.objects.filter(season=season).exists()
    assert spans(neighbour.send("POST", f"{path}/told", held)[1]) == spans(looked)


def test_what_a_season_is_told_is_kept_and_taken_back_without_a_trace_lost(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    before = spans(course(neighbour))
    status, told = tell(neighbour, "advance", reason="roots through the plug")
    assert (status, spans(told)[:2]) == (
        200, [("w1", "2026-03-08", "2026-03-10", False), ("w2", "2026-03-11", "2026-03-17", False)]
    )  # fmt: skip
    entry = told["told"][0]
    assert (entry["reason"], entry["by"]) == ("roots through the plug", "heron")
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{told['season']}/told/{entry['id']}"
    assert spans(neighbour.client.delete(path).json()) == before
    assert neighbour.client.delete(path).status_code == 404
    assert SeasonEntry.objects.filter(season=told["season"]).count() == 2
    with pytest.raises(TypeError, match="never altered"):
        SeasonEntry.objects.filter(season=told["season"])[0].save()


@pytest.mark.parametrize(
    ("kind", "what", "code"),
    [
        ("jump", {"column": "w9"}, "unknown_column"),
        ("jump", {}, "missing"),
        ("stretch", {}, "missing"),
        ("hold", {"days": -1}, "days_unclear"),
        ("advance", {"on": "2026-01-01"}, "day_beyond_reason"),
        ("added", {"product": "mud"}, "not_a_choice"),
        ("changed_out", {}, "not_a_choice"),
        ("switch", {}, "missing"),
    ],
)
def test_a_season_is_told_nothing_that_it_cannot_follow(
    neighbour: Yard, version: ChartVersion, kind: str, what: dict[str, object], code: str
) -> None:
    begin(neighbour, version)
    status, answer = tell(neighbour, kind, **what)
    assert (status, answer["error"]["code"]) == (422, code)
    assert not SeasonEntry.objects.filter(grow=neighbour.grow).exists()


def test_rules_are_planned_with_and_refused_if_somebody_else_changed_them(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{course(neighbour)['season']}/plan"
    seen = neighbour.client.get(path).json()["plan"]
    rule = {"product": "mud", "every_days": 5, "from_day": 1, "with": "between"}
    plan = {**seen, "rules": [rule]}
    told = neighbour.send("PUT", path, {"plan": plan, "seen": seen})[1]
    days = next(one["days"] for one in told["strokes"] if one["product"] == "mud")
    # every 5 days and never on the 15th, 22nd or 29th, on which the tank is filled
    assert days == ["2026-03-09", "2026-03-14", "2026-03-19", "2026-03-24"]
    other = {**seen, "rules": []}
    status, answer = neighbour.send(
        "PUT", path, {"plan": {**other, "read_every_days": 3}, "seen": other}
    )
    assert (status, answer["error"]["code"]) == (409, "changed_meanwhile")
    wrong = {**plan, "rules": [{**rule, "apart_from": [{"product": "mud", "days": 2}]}]}
    status, answer = neighbour.send("PUT", path, {"plan": wrong, "seen": plan})
    assert (status, answer["error"]["code"]) == (422, "apart_from_itself")


def test_another_plan_shows_what_it_moves_before_it_is_kept(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{course(neighbour)['season']}/plan"
    seen = neighbour.client.get(path).json()["plan"]
    plan = {**seen, "rules": [{"product": "mud", "every_days": 5, "from_day": 4}]}
    looked = neighbour.send("POST", path, {"plan": plan})[1]
    # cultures stood in each column from the next filling; now they come by a rule
    assert [(one["what"], one["before"], one["after"]) for one in looked["moves"]] == [
        ("mud", "2026-03-15", "2026-03-12")
    ]
    assert neighbour.client.get(path).json()["plan"] == seen
    assert neighbour.send("POST", path, {"plan": {**plan, "harvest": "1999-01-01"}})[0] == 422


def other_tank(yard: Yard, name: str = "Second") -> Tank:
    """Another tank of the same grow and water."""
    return Tank.objects.create(grow=yard.grow, name=name, litres=60, water=yard.water)


def course_in(yard: Yard, tank: Tank) -> dict[str, Any]:
    """The course of a tank."""
    found: dict[str, Any] = yard.client.get(
        f"/api/grows/{yard.grow.pk}/tanks/{tank.pk}/course"
    ).json()
    return found


def join(yard: Yard, tank: Tank, on: str = "2026-03-10", **what: object) -> tuple[int, Any]:
    """A tank joins the season of the first."""
    told = {"season": course(yard)["season"], "on": on, **what}
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/tanks/{tank.pk}/joined-season", told)


def split(yard: Yard, tank: Tank) -> tuple[int, Any]:
    """A tank goes on alone."""
    season = course_in(yard, tank)["season"]
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/seasons/{season}/split", {})


def test_tanks_that_go_together_share_what_is_told_and_are_filled_each_for_itself(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    second = other_tank(neighbour)
    status, told = join(neighbour, second)
    assert status == 200
    assert told["together"] == [{"tank": neighbour.tank.pk, "name": neighbour.tank.name}]
    assert (told["started_on"], told["joined_on"], told["planted"]) == ("2026-03-08", "2026-03-10", "plugs")  # fmt: skip
    fillings = [(one["on"], one["kind"]) for one in told["tasks"] if one["kind"] != "read"]
    assert fillings[:2] == [("2026-03-10", "mix"), ("2026-03-17", "change_out")]
    # what is told at either is told to both
    season = f"/api/grows/{neighbour.grow.pk}/seasons/{told['season']}"
    held = neighbour.send("POST", f"{season}/told", {"kind": "hold", "on": "2026-03-10", "days": 3})
    assert held[0] == 200
    assert spans(course(neighbour)) == spans(course_in(neighbour, second)) == spans(held[1])
    assert spans(held[1])[0] == ("w1", "2026-03-08", "2026-03-17", False)
    plan = neighbour.client.get(f"{season}/plan").json()["plan"]
    changed = {"plan": {**plan, "change_out": {"every_days": 5}}, "seen": plan}
    assert neighbour.send("PUT", f"{season}/plan", changed)[0] == 200
    assert course(neighbour)["change_out_days"] == 5
    # a reading of one is no reading of the other
    read(neighbour, ec="0.9")
    states = {one["tank"]: {task["state"] for task in one["tasks"] if task["kind"] == "read"}
              for one in neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/today").json()["tanks"]}  # fmt: skip
    assert states == {neighbour.tank.pk: set(), second.pk: set()}  # the second is filled today
    entry = course(neighbour)["told"][0]["id"]
    assert neighbour.client.delete(f"{season}/told/{entry}").status_code == 200
    assert spans(course(neighbour))[0][2] == "2026-03-14"


@pytest.mark.parametrize("first", [True, False])
def test_a_tank_that_goes_on_alone_keeps_all_that_was_told_and_hears_no_more(
    neighbour: Yard, version: ChartVersion, first: bool
) -> None:
    begin(neighbour, version)
    second, third = other_tank(neighbour), other_tank(neighbour, "Third")
    tell(neighbour, "hold", days=3, reason="pale")
    join(neighbour, second)
    join(neighbour, third)
    held = spans(course(neighbour))
    alone = neighbour.tank if first else second
    status, told = split(neighbour, alone)
    assert (status, told["together"], spans(told)) == (200, [], held)
    assert [(one["kind"], one["reason"]) for one in told["told"]] == [("hold", "pale")]
    left = [second, third] if first else [neighbour.tank, third]
    names = [{one["name"] for one in course_in(neighbour, tank)["together"]} for tank in left]
    assert names == [{left[1].name}, {left[0].name}]
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{told['season']}/told"
    assert neighbour.send("POST", path, {"kind": "advance", "on": "2026-03-10"})[0] == 200
    assert spans(course_in(neighbour, alone))[0][2] == "2026-03-10"
    assert [spans(course_in(neighbour, tank)) for tank in left] == [held, held]
    other = course_in(neighbour, left[0])["season"]
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{other}/told"
    assert neighbour.send("POST", path, {"kind": "hold", "on": "2026-03-11", "days": 2})[0] == 200
    assert spans(course_in(neighbour, left[1]))[0][2] == "2026-03-19"
    assert spans(course_in(neighbour, alone))[0][2] == "2026-03-10"


def test_a_season_that_others_go_with_ends_in_its_own_tank_alone(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    second = other_tank(neighbour)
    join(neighbour, second)
    season = course(neighbour)["season"]
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{season}"
    assert neighbour.send("PATCH", path, {"ended_on": "2026-03-10"})[0] == 200
    told = course_in(neighbour, second)
    assert (told["ended_on"], told["together"]) == (None, [])
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{told['season']}/told"
    assert neighbour.send("POST", path, {"kind": "hold", "on": "2026-03-12", "days": 4})[0] == 200
    assert spans(course_in(neighbour, second))[0][2] == "2026-03-18"
    assert spans(course(neighbour))[0] == ("w1", "2026-03-08", "2026-03-14", False)
    assert split(neighbour, second)[1]["error"]["code"] == "not_together"


def test_a_tank_joins_what_runs_elsewhere_alone(neighbour: Yard, version: ChartVersion) -> None:
    begin(neighbour, version)
    second = other_tank(neighbour)
    assert join(neighbour, neighbour.tank)[1]["error"]["code"] == "joined_already"
    assert join(neighbour, second, "2026-03-01")[1]["error"]["code"] == "before_start"
    assert join(neighbour, second, season=999_999)[0] == 404
    assert join(neighbour, second)[0] == 200
    assert join(neighbour, second)[1]["error"]["code"] == "joined_already"
    assert join(neighbour, neighbour.tank, season=course_in(neighbour, second)["season"])[1]["error"]["code"] == "joined_already"  # fmt: skip
    third = other_tank(neighbour, "Third")
    joined = course_in(neighbour, second)["season"]
    assert join(neighbour, third, "2026-03-12", season=joined)[0] == 200  # and so the first's
    assert {one["name"] for one in course(neighbour)["together"]} == {"Second", "Third"}
    assert Season.objects.filter(goes_with__goes_with__isnull=False).count() == 0
    season = course(neighbour)["season"]
    neighbour.send("PATCH", f"/api/grows/{neighbour.grow.pk}/seasons/{season}", {"ended_on": "2026-03-10"})  # fmt: skip
    assert join(neighbour, other_tank(neighbour, "Fourth"), season=season)[1]["error"]["code"] == "season_ended"  # fmt: skip


def test_what_a_rule_gives_is_known_again_under_another_name(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    rule = {"product": "mud", "every_days": 14}
    season = f"/api/grows/{neighbour.grow.pk}/seasons/{course(neighbour)['season']}"
    plan = neighbour.client.get(f"{season}/plan").json()["plan"]
    neighbour.send("PUT", f"{season}/plan", {"plan": {**plan, "rules": [rule]}, "seen": plan})
    TimeLineEntry.objects.create(
        grow=neighbour.grow, tank=neighbour.tank, kind="pour", at=NOON, note="Mudlark, new recipe",
        product=version.products["mud"], values={"amount": {"value": "12", "unit": "mL"}},
    )  # fmt: skip
    given = [one["on"] for one in course(neighbour)["tasks"]
             if "mud" in one["products"] and one["state"] == "planned"]  # fmt: skip
    assert given[:1] == ["2026-03-24"]


def test_a_mix_of_today_is_poured_by_where_the_season_stands(
    neighbour: Yard, version: ChartVersion, clock: time_machine.Traveller
) -> None:
    begin(neighbour, version)
    stands = []
    for days in (0, 5, 12, 40):
        clock.move_to(NOON + timedelta(days=days))
        neighbour.client.force_login(neighbour.person)
        tank = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/today").json()["tanks"][0]
        stands.append((tank["version_id"], tank["column_key"], tank["strength_shown"]))
    assert stands == [
        (version.pk, "w1", "50 %"), (version.pk, "w2", "65 %"), (version.pk, "w3", "80 %"), (None, "", "")
    ]  # fmt: skip


def test_a_season_that_goes_over_to_another_chart_is_mixed_between_the_two(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version, strength="50 %", rising_to="70 %", rising_by="w3")
    rows = [  # the same bottle by another key, and another bottle by that bottle's key
        version.document["products"][0], {"key": "lark", "name": "Mudlark", "role": "live"},
        {"key": "mud", "name": "Kelp Shore", "role": "additive"},
    ]  # fmt: skip
    other = document_of(FeedChart, {
        **version.document, "name": "Marsh",
        "products": rows,
        "doses": [{"product": p, "column": "w2", "low": "6", "unit": "mL/L"} for p in ("a", "lark", "mud")],
    })  # fmt: skip
    marsh = publish_chart(neighbour.grow, other)
    tell(neighbour, "switch", "2026-03-09", version_id=marsh.pk, column="w2", over_days=3)
    [tank] = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/today").json()["tanks"]
    assert (tank["version_id"], tank["column_key"]) == (version.pk, "w1")
    towards = tank["towards"]
    assert towards == {"version_id": marsh.pk, "column_key": "w2", "share_shown": "25 %"}
    # its second week is not the second of the season's own chart
    assert tank["strength_shown"] == "50 %"
    between = {"version_id": marsh.pk, "column": "w2", "share": towards["share_shown"]}
    mix = {
        "version_id": version.pk,
        "column": "w1",
        "volume": "10 L",
        "strength": tank["strength_shown"],
    }
    status, answer = neighbour.plan(**mix, between=between)
    assert status == 200
    # 2 mL/L going to 6 mL/L, a quarter of the way: 3 mL/L, half of it; others are not scaled
    assert {one["product"]: one["amount"]["value"] for one in answer["sheet"]["pours"]} == {"a": "15", "mud": "30", "mud-2": "15"}  # fmt: skip
    tags = dict(Product.objects.filter(grow=neighbour.grow).values_list("name", "tag"))
    letters = [tags[name] for name in ("Dune A", "Mudlark", "Kelp Shore")]
    assert [answer["tags"][key] for key in ("a", "mud", "mud-2")] == letters
    started = neighbour.send("POST", f"/api/grows/{neighbour.grow.pk}/mixes", neighbour.mix(
        **mix, between=between,
        acknowledged=[one["code"] for one in answer["sheet"]["warnings"]]))  # fmt: skip
    assert started[0] == 201, started
    guided = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/mixes/{started[1]['id']}").json()
    assert "Week 1 to Marsh, Week 2" in json.dumps(guided)
    with_stranger = {**between, "version_id": 999_999}
    assert neighbour.plan(**mix, between=with_stranger)[0] == 404
    assert neighbour.plan(**mix, between={**between, "column": "w9"})[0] == 422


def test_what_is_done_is_ticked_by_doing_it(
    neighbour: Yard, version: ChartVersion, clock: time_machine.Traveller
) -> None:
    begin(neighbour, version)
    mix = task(neighbour, "mix")
    status, answer = tell_task(neighbour, mix["key"])
    assert (status, answer["error"]["code"]) == (422, "done_by_doing")
    TimeLineEntry.objects.create(
        grow=neighbour.grow, tank=neighbour.tank, kind="mix", at=NOON, values={}
    )
    assert [one["state"] for one in course(neighbour)["tasks"] if one["kind"] == "mix"] == ["done"]
    # it was filled two days late, and the next filling is counted from then
    assert task(neighbour, "change_out")["on"] == "2026-03-17"
    assert not [
        one for one in course(neighbour)["tasks"] if one["state"] == "due"
    ]  # a mix reads it
    clock.move_to(NOON + timedelta(days=1))
    neighbour.client.force_login(neighbour.person)
    assert task(neighbour, "read")["state"] == "due"
    assert read(neighbour, ec="0.85", ph="5.8")[0] == 201
    assert not [one for one in course(neighbour)["tasks"] if one["kind"] == "read"]


def test_an_addition_is_kept_on_the_time_line_and_its_rule_goes_on_from_there(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{course(neighbour)['season']}/plan"
    seen = neighbour.client.get(path).json()["plan"]
    rule = {"product": "mud", "every_days": 14, "from_day": 1}
    neighbour.send("PUT", path, {"plan": {**seen, "rules": [rule]}, "seen": seen})
    cultures = task(neighbour, "inoculate")
    assert (cultures["on"], cultures["state"]) == ("2026-03-09", "late")
    assert cultures["amounts"] == [  # 2 mL/L in 50 L; cultures are not scaled
        {"product": "mud", "amount": {"value": "100", "unit": "mL"}, "shown": "100 mL"}
    ]
    for amount in (None, {"value": "0", "unit": "mL"}, {"value": "1", "unit": "tsp"}):
        assert tell_task(neighbour, cultures["key"], amount=amount)[0] == 422
    assert tell_task(neighbour, cultures["key"], amount={"value": "90", "unit": "mL"})[0] == 200
    poured = TimeLineEntry.objects.get(tank=neighbour.tank, kind="pour")
    assert (poured.note, poured.values) == ("Mudlark", {"amount": {"value": "90", "unit": "mL"}})
    assert task(neighbour, "inoculate")["on"] == "2026-03-24"
    status, answer = tell_task(neighbour, cultures["key"], amount={"value": "90", "unit": "mL"})
    assert (status, answer["error"]["code"]) == (422, "task_settled")


def test_what_would_go_in_again_is_told_and_scaled_as_its_day_is(
    neighbour: Yard, clock: time_machine.Traveller
) -> None:
    """A booster is scaled by strength; given again before the tank is filled, its doses add up."""
    told = {
        "format": "brisk-measure/feed-chart", "version": 1, "name": "Boosted",
        "products": [{"key": "a", "name": "Dune A", "role": "base"},
                     {"key": "tide", "name": "Second Tide", "role": "booster"}],
        "columns": [{"key": "w1", "label": "Week 1", "days": 60, "stage": "flower"}],
        "doses": [{"product": p, "column": "w1", "low": "2", "unit": "mL/L"} for p in ("a", "tide")],
    }  # fmt: skip
    chart = publish_chart(neighbour.grow, document_of(FeedChart, told))
    begin(neighbour, chart, rising_to="", change_out_days=30)
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{course(neighbour)['season']}/plan"
    seen = neighbour.client.get(path).json()["plan"]
    plan = {**seen, "rules": [{"product": "tide", "every_days": 3, "from_day": 1}]}
    neighbour.send("PUT", path, {"plan": plan, "seen": seen})
    mixed = TimeLineEntry(grow=neighbour.grow, tank=neighbour.tank, kind="mix", values={},
                          at=NOON - timedelta(days=2))  # fmt: skip
    mixed.save()
    first = task(neighbour, "add")
    # half of 2 mL/L in 50 L; nothing of it has gone in since the tank was filled
    assert (first["amounts"][0]["shown"], first["again_since"]) == ("50 mL", None)
    tell_task(neighbour, first["key"], amount={"value": "50", "unit": "mL"})
    clock.move_to(NOON + timedelta(days=3))
    neighbour.client.force_login(neighbour.person)
    again = task(neighbour, "add")
    assert (again["state"], again["again_since"]) == ("due", "2026-03-10")
    TimeLineEntry.objects.create(grow=neighbour.grow, tank=neighbour.tank, kind="change_out", values={},
                                 at=NOON + timedelta(days=3))  # fmt: skip
    assert task(neighbour, "add")["again_since"] is None


def test_a_task_is_left_out_for_a_reason_alone(neighbour: Yard, version: ChartVersion) -> None:
    begin(neighbour, version)
    mix = task(neighbour, "mix")["key"]
    status, answer = tell_task(neighbour, mix, state="skipped", reason=" ")
    assert (status, answer["error"]["where"]) == (422, "reason")
    assert (
        tell_task(neighbour, mix, state="skipped", reason="it was filled by the neighbour")[0]
        == 200
    )
    assert {one["state"] for one in course(neighbour)["tasks"] if one["kind"] == "mix"} == {
        "skipped"
    }
    assert [one["kind"] for one in course(neighbour)["told"]] == ["skipped"]


def test_today_lists_what_is_late_due_and_next_of_every_tank(
    yard: Yard, neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    day = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/today").json()
    assert day["today"] == "2026-03-10"
    tank = day["tanks"][0]
    assert (tank["name"], tank["column"], tank["day"], tank["target_shown"], tank["ph_shown"]) == (
        "Tub", "Week 1", 2, "0.80 to 0.90", "5.5 to 6"
    )  # fmt: skip
    assert [(one["kind"], one["state"]) for one in tank["tasks"]] == [
        ("mix", "late"), ("read", "due"), ("change_out", "planned")
    ]  # fmt: skip


def test_a_course_in_memory_follows_all_that_it_stands_on(
    neighbour: Yard, version: ChartVersion
) -> None:
    WaterSource.objects.filter(pk=neighbour.water.pk).update(disinfectant="chlorine")
    begin(neighbour, version)

    def stood() -> tuple[str, str]:
        tasks = course(neighbour)["tasks"]
        first = next(
            one
            for one in tasks
            if one["why"] == ["chlorine_gasses_off"] and one["on"] > "2026-03-20"
        )
        return first["on"], first["at"]

    assert stood() == ("2026-03-21", "09:00")
    Season.objects.filter(grow=neighbour.grow).update(started_on=date(2026, 3, 7))
    assert stood() == ("2026-03-27", "09:00")
    # Paris puts its clocks forward on the 29th, before the filling of that day
    Season.objects.filter(grow=neighbour.grow).update(started_on=date(2026, 3, 8))
    Grow.objects.filter(pk=neighbour.grow.pk).update(time_zone="Europe/Paris")
    assert [one["at"] for one in course(neighbour)["tasks"] if one["on"] == "2026-03-28"] == [
        "08:00"
    ]
    WaterSource.objects.filter(pk=neighbour.water.pk).update(disinfectant="none")
    assert not [one for one in course(neighbour)["tasks"] if one["kind"] == "prepare"]


def test_the_day_asks_as_many_queries_for_six_tanks_as_for_one(
    yard: Yard, neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    asked = []
    for one in (neighbour, yard, neighbour, yard):
        with CaptureQueriesContext(connection) as queries:
            assert one.client.get(f"/api/grows/{one.grow.pk}/today").status_code == 200
        asked.append(len(queries))
    assert asked[2] == asked[3] <= 11


def test_a_reading_is_judged_at_once_and_an_odd_one_is_asked_about(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    assert read(neighbour, ec="0.85", ph="5.8")[1]["said"] == ["ec_right", "ph_right"]
    assert read(neighbour, ec="0.95", ph="6.3")[1]["said"] == ["ec_high", "top_up_plain", "ph_high"]
    status, odd = read(neighbour, ec="8.5", ph="6.2")
    assert (status, odd["kept"], odd["said"], odd["before_shown"]) == (
        200, False, ["ec_odd", "ph_high"], "0.95"
    )  # fmt: skip
    assert TimeLineEntry.objects.filter(tank=neighbour.tank, kind="reading").count() == 2
    assert read(neighbour, ec="8.5", ph="6.2", sure=True)[0] == 201
    assert neighbour.listed("tanks")[0]["last_ec"] == "8.50"


def test_a_tank_is_judged_by_what_its_mix_was_steered_to(
    neighbour: Yard, version: ChartVersion
) -> None:
    """The bench knows the water as it was read and the school that was chosen; a chart does not."""
    begin(neighbour, version)

    def target() -> str:
        day = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/today").json()
        shown: str = day["tanks"][0]["target_shown"]
        return shown

    assert target() == "0.80 to 0.90"
    mix = bench.begin(neighbour, version_id=version.pk, column="w1", strength="50 %", reading="0.30",
                      convention="all_in", volume="90 L", split=False)  # fmt: skip
    bench.finish(neighbour, mix, read_water="0.30", read_ec="0.55", read_ph="5.8")
    assert target() == "0.50 to 0.60"
    mixed = course(neighbour)["happened"]  # the water that the bench read is no reading of the tank
    assert [(one["kind"], one["ec_shown"], one["ph"]) for one in mixed] == [("mix", "0.55", 5.8)]
    assert read(neighbour, ec="0.55")[1]["said"] == ["ec_right", "top_up_weak"]
    Mix.objects.update(strength="0.6")
    mixes_in_memory.clear()
    assert target() == "0.80 to 0.90"  # the season stands at 50 %
    Mix.objects.update(strength="0.5")
    mixes_in_memory.clear()
    TimeLineEntry.objects.create(grow=neighbour.grow, tank=neighbour.tank, kind="change_out",
                                 values={}, at=NOON + timedelta(hours=1))  # fmt: skip
    assert target() == "0.80 to 0.90"


def test_a_target_under_what_the_water_reads_is_told_with_the_way_out(
    neighbour: Yard, version: ChartVersion
) -> None:
    all_in = {**version.document, "name": "Saltings", "readings": "total"}
    begin(neighbour, publish_chart(neighbour.grow, document_of(FeedChart, all_in)))
    assert {one["ro_shown"] for one in course(neighbour)["treads"]} == {None}
    TimeLineEntry.objects.create(grow=neighbour.grow, water=neighbour.water, kind="reading", at=NOON,
                                 values={"ec": {"value": "0.75", "unit": "mS/cm"}})  # fmt: skip
    # half of 1.1 is 0.55: 27 % RO water makes that of 0.75, and 76 % a third of it
    assert [(one["shown"], one["ro_least_shown"], one["ro_shown"]) for one in course(neighbour)["treads"]] == [
        ("0.50 to 0.60", "27 %", "76 %"), ("0.65 to 0.78", "5 %", "68 %"),
        ("0.80 to 0.96", None, None), (None, None, None),
    ]  # fmt: skip
    read(neighbour, ec="0.80")
    assert read(neighbour, ec="0.90")[1]["said"] == ["ec_high", "water_over_target"]


def test_water_that_went_in_is_kept_in_litres_whatever_it_was_typed_in(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    gallons = {"volume": "gal_us", "gallon": "us", "reading": "mS/cm"}
    assert read(neighbour, topped_up="2", typed_in=gallons)[0] == 201
    entry = TimeLineEntry.objects.get(tank=neighbour.tank, kind="top_up")
    assert entry.values == {"litres": {"value": "7.570824", "unit": "L"}}  # 2 × 3.785411784 L


@pytest.mark.parametrize(
    ("what", "where"),
    [
        ({}, "ec"), ({"ec": "salt"}, "ec"), ({"ec": "200"}, "ec"), ({"ph": "17"}, "ph"),
        ({"ph": "0"}, "ph"), ({"temperature": "75"}, "temperature"), ({"topped_up": "-4"}, "topped_up"),
        ({"topped_up": "0"}, "topped_up"), ({"note": "a\x00b"}, "note"),
    ],
)  # fmt: skip
def test_what_no_tank_reads_is_refused_and_nothing_kept(
    neighbour: Yard, what: dict[str, object], where: str
) -> None:
    status, answer = read(neighbour, **what)
    assert (status, answer["error"]["where"]) == (422, where)
    assert not TimeLineEntry.objects.filter(tank=neighbour.tank).exists()


# Calendars


def feed(yard: Yard, address: str) -> Calendar:
    """A feed as another program reads it: without signing in."""
    found = Client().get(address)
    assert found.status_code == 200
    assert found.headers["Content-Type"] == "text/calendar; charset=utf-8"
    read = Calendar.from_ical(found.content)
    assert isinstance(read, Calendar)
    return read


def events(calendar: Calendar) -> dict[str, Any]:
    """Events by their id."""
    return {str(one["uid"]): one for one in calendar.walk("VEVENT")}


def test_a_feed_is_read_again_by_another_program(neighbour: Yard, version: ChartVersion) -> None:
    WaterSource.objects.filter(pk=neighbour.water.pk).update(disinfectant="chlorine")
    Grow.objects.filter(pk=neighbour.grow.pk).update(time_zone="Europe/Paris")
    begin(neighbour, version)
    address = neighbour.client.post(f"/api/grows/{neighbour.grow.pk}/calendar").json()["path"]
    found = events(feed(neighbour, address))
    by_day = {one["dtstart"].dt: str(one["summary"]) for one in found.values()}
    assert by_day[date(2026, 3, 15)] == "Tub: Change out, Week 2"
    # a day before 29 March at nine, when the clocks have gone forward: eight in the morning
    stood = next(one for one in found.values() if "stand" in str(one["summary"])
                 and one["dtstart"].dt.date() == date(2026, 3, 28))  # fmt: skip
    assert stood["dtstart"].dt.astimezone(UTC) == datetime(2026, 3, 28, 7, tzinfo=UTC)
    assert str(stood["dtstart"].dt.tzinfo) == "Europe/Paris"
    assert all(one.walk("VALARM") for one in found.values())
    assert not any("Read" in words for words in by_day.values())


def test_an_event_keeps_its_id_while_other_things_of_its_season_change(
    neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    address = neighbour.client.post(f"/api/grows/{neighbour.grow.pk}/calendar").json()["path"]
    before = set(events(feed(neighbour, address)))
    assert set(events(feed(neighbour, address))) == before
    tell(neighbour, "stretch", on="2026-03-22", days=7)
    behind = set(events(feed(neighbour, address)))
    assert {one for one in before if ".2026-03-2" not in one and "flush" not in one} <= behind


def test_an_address_is_known_to_nobody_else_and_ends_when_it_is_revoked(
    yard: Yard, neighbour: Yard, version: ChartVersion
) -> None:
    begin(neighbour, version)
    path = f"/api/grows/{neighbour.grow.pk}/calendar"
    first = neighbour.client.post(path).json()["path"]
    second = neighbour.client.post(path).json()["path"]
    assert first != second
    assert Client().get(first).status_code == 404
    secret = second.removeprefix("/calendar/").removesuffix(".ics")
    assert secret not in json.dumps(list(CalendarKey.objects.values("digest")))
    assert Client().post(second).status_code == 405
    Membership.objects.filter(grow=neighbour.grow).delete()
    assert Client().get(second).status_code == 404
    Membership.objects.create(grow=neighbour.grow, person=neighbour.person)
    assert Client().get(second).status_code == 404  # who comes back makes a new one
    third = neighbour.client.post(path).json()["path"]
    assert Client().get(third).status_code == 200
    assert neighbour.client.delete(path).status_code == 200
    assert Client().get(third).status_code == 404


def test_the_demo_is_in_the_middle_of_its_seasons(
    yard: Yard, clock: time_machine.Traveller
) -> None:
    clock.move_to(TimeLineEntry.objects.latest("at").at + timedelta(hours=2))
    yard.client.force_login(yard.person)
    day = yard.client.get(f"/api/grows/{yard.grow.pk}/today").json()
    stands = {one["name"]: (one["column"], one["day"]) for one in day["tanks"]}
    assert stands["Strawberry gutters"][0] == "week 5, flower"
    assert stands["Shiso raft"][0] == "week 2, leaf"
    assert stands["Cucumber buckets"][0] == "week 9, ripen"
    for tank in yard.listed("tanks"):
        told = yard.client.get(f"/api/grows/{yard.grow.pk}/tanks/{tank['id']}/course").json()
        assert told["conflicts"] == []


def test_a_brew_is_guided_from_molasses_to_the_tank(
    neighbour: Yard, version: ChartVersion, clock: time_machine.Traveller
) -> None:
    begin(neighbour, version, started_on="2026-03-12", programme="living", change_out_days=None)
    season = course(neighbour)["season"]
    path = f"/api/grows/{neighbour.grow.pk}/seasons/{season}/brew"

    def brew(key: str) -> dict[str, Any]:
        told: dict[str, Any] = neighbour.client.get(path, {"task": key}).json()
        return told

    keys = [one["key"] for one in course(neighbour)["tasks"]
            if {"molasses", "inoculant"} & set(one["why"]) or one["kind"] == "inoculate"][:3]  # fmt: skip
    assert keys == ["2026-03-10.prepare.molasses", "2026-03-11.prepare.inoculant", "2026-03-12.inoculate.mud"]  # fmt: skip
    first = brew(keys[0])
    assert (first["day"], first["state"], first["ready_at"]) == ("molasses", "ready", None)
    litres = float(neighbour.tank.litres)
    molasses = next(one for one in first["steps"] if one["act"] == "molasses")
    # 1 fl oz in 5 US gal of the brew, which is 1/60 of the tank (common practice)
    assert float(molasses["measured"]["value"]) == pytest.approx(litres / 60 * 1000 / 640, abs=0.1)
    assert brew(keys[1])["state"] == "untold"
    assert tell_task(neighbour, keys[0])[0] == 200
    second = brew(keys[1])
    assert (second["state"], second["ready_at"]) == ("standing", "2026-03-11T12:00:00Z")
    # 24 hours a day of it (common practice); a third day is one too many
    assert (second["stands_h"], second["stale_h"]) == (24, 72)
    clock.shift(timedelta(days=1))
    assert brew(keys[1])["state"] == "ready"
    assert tell_task(neighbour, keys[1])[0] == 200
    clock.shift(timedelta(days=1, hours=1))
    third = brew(keys[2])
    assert (third["day"], third["state"]) == ("pour", "ready")
    assert str(third["target_shown"]).endswith(" mS/cm")
    Membership.objects.filter(grow=neighbour.grow).update(reading_unit="CF")
    in_cf = brew(keys[2])
    assert str(in_cf["target_shown"]).endswith(" CF")
    fed = [one["above_source_shown"] for of in (third, in_cf) for one in of["steps"]
           if one["act"] == "feed"]  # fmt: skip
    assert fed == ["1.00 mS/cm", "10.0 CF"]  # common practice; CF is ten times EC
    # the column prints a dose of it, 2 mL/L; that is what goes in
    assert (
        next(one["shown"] for one in third["steps"] if one["act"] == "pour") == f"{litres * 2:g} mL"
    )
    clock.shift(timedelta(days=3))
    assert brew(keys[2])["state"] == "stale"
    refused = neighbour.client.get(path, {"task": "2026-03-12.mix."})
    assert (refused.status_code, refused.json()["error"]["code"]) == (422, "no_brew")


def test_a_rule_that_the_leaflet_prints_is_offered_until_the_plan_has_one(
    neighbour: Yard,
) -> None:
    leaflet = {
        "name": "Saltings", "notes": ["Scour: every 14 days", "Part A: shake it"],
        "columns": [{"key": "w1", "label": "Week 1", "days": "7"}],
        "rows": [{"key": "sc", "name": "Scour", "role": "enzyme", "unit": "mL/L", "cells": ["1"]},
                 {"key": "a", "name": "Part A", "role": "base", "unit": "mL/L", "cells": ["1"]}],
    }  # fmt: skip
    at = f"/api/grows/{neighbour.grow.pk}"
    kept = neighbour.send("POST", f"{at}/leaflets", {"leaflet": leaflet})[1]
    begin(neighbour, ChartVersion.objects.get(chart=kept["chart_id"]), rising_to="", rising_by="")
    season = Season.objects.get(grow=neighbour.grow, ended_on=None)
    path = f"{at}/seasons/{season.pk}/plan"
    told = neighbour.client.get(path).json()
    [offered] = told["offered"]
    assert offered["note"] == "Scour: every 14 days"
    assert offered["rule"]["every_days"] == 14
    plan = {**told["plan"], "rules": [offered["rule"]]}
    assert neighbour.send("PUT", path, {"plan": plan, "seen": told["plan"]})[0] == 200
    assert neighbour.client.get(path).json()["offered"] == []


def test_today_says_what_a_tank_lacks_and_which_bottle_ends(
    neighbour: Yard, version: ChartVersion, clock: time_machine.Traveller
) -> None:
    assert begin(neighbour, version)[0] == 201

    def lacking() -> tuple[list[str], list[tuple[str, int]]]:
        neighbour.client.force_login(neighbour.person)  # sessions end within such times
        path = f"/api/grows/{neighbour.grow.pk}/today"
        answer = neighbour.client.get(path).json()
        grow = neighbour.client.get(f"/api/grows/{neighbour.grow.pk}").json()
        tank = next(one for one in answer["tanks"] if one["tank"] == neighbour.tank.pk)
        ending = [(one["name"], one["lasts_days"]) for one in grow["bottles_ending"]]
        return tank["lacks"], ending

    values = {"ec": ("1.1", "mS/cm"), "ph": ("5.8", "pH"), "look_again": ("24", "h"),
              "use_by": ("14", "d"), "change_out": ("10", "d")}  # fmt: skip
    TimeLineEntry.objects.create(
        grow=neighbour.grow, tank=neighbour.tank, kind="mix", at=NOON,
        values={what: {"value": value, "unit": unit} for what, (value, unit) in values.items()},
    )  # fmt: skip
    assert lacking() == ([], [])
    clock.move_to(NOON + timedelta(hours=25))
    assert lacking()[0] == ["look_again"]
    readings = f"/api/grows/{neighbour.grow.pk}/tanks/{neighbour.tank.pk}/readings"
    assert neighbour.send("POST", readings, {"ec": "1.1", "ph": "6.4"})[0] == 201
    assert lacking()[0] == ["ph_high"]
    clock.move_to(NOON + timedelta(days=15))
    assert lacking()[0] == ["use_by", "ph_high"]
    product = Product.objects.filter(grow=neighbour.grow, name="Dune A").get()
    product.left = 100
    product.save()
    for days in (10, 0):
        clock.move_to(NOON + timedelta(days=15 - days))
        take(product, Fraction(40))
    assert lacking()[1] == [("Dune A", 2)]  # 80 mL in ten days, and 20 mL are left
