"""Tanks drawn, known in other ways, edited, put in order, put away: through the API."""

from datetime import UTC, datetime, timedelta
from decimal import Decimal
from typing import Any

import pytest
import time_machine
from django.utils import timezone

from server.guided.models import Mix
from server.seasons.models import Season
from server.shelf.models import Product
from server.tanks.models import Tank, TimeLineEntry
from tests.server.conftest import Yard
from tests.server.test_scope import PLAN

HEADER = {"name": "Header", "shape": "box", "level": "44",
          "lengths": {"length": "80", "width": "60", "height": "50"}}  # fmt: skip
BUCKETS = {"name": "Buckets", "shape": "bucket", "level": "24", "count": 8, "plug": "23",
           "lengths": {"bottom": "26", "top": "30", "height": "32"}}  # fmt: skip
CHANNELS = {"name": "Channels", "shape": "channel", "level": "5", "count": 2, "runs": True,
            "lengths": {"length": "360", "width": "10", "height": "6"}}  # fmt: skip
JOINED = {"unit": "cm", "vessels": [HEADER, BUCKETS, CHANNELS]}


@pytest.fixture
def yard(neighbour: Yard) -> Yard:
    """A small grow: one tank, one water, one chart."""
    return neighbour


def measure(yard: Yard, joined: object, **fill: object) -> tuple[int, dict[str, Any]]:
    """What vessels hold."""
    told = {"joined": joined, **({"fill": fill} if fill else {})}
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/tank-drawing", told)


def edit(yard: Yard, **what: object) -> tuple[int, dict[str, Any]]:
    """Change the first tank."""
    return yard.send("PATCH", f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}", what)


def known(yard: Yard, **what: object) -> tuple[int, dict[str, Any]]:
    """What the first tank holds by another way."""
    return yard.send("POST", f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}/known-volume", what)


def begin_mix(yard: Yard) -> Mix:
    """A mix under way in the first tank."""
    return Mix.objects.create(
        grow=yard.grow, tank=yard.tank, version=yard.version, label="Week 1", column="w1",
        strength=Decimal("0.5"), plan=PLAN,
    )  # fmt: skip


def test_joined_vessels_are_summed_and_what_runs_is_told_apart(yard: Yard) -> None:
    status, told = measure(yard, JOINED)
    assert status == 200
    # 80·60·44 cm³, eight frustums of 26 to 29 cm, and two channels of 360·10·5 cm³
    assert [one["shown"] for one in told["vessels"]] == ["211.2 L", "114.2 L", "36 L"]
    assert (told["shown"], told["standing_shown"]) == ("361.4 L", "325.4 L")
    assert [one["touches_plug"] for one in told["vessels"]] == [None, True, None]
    assert told["vessels"][0]["freeboard_cm"] == 6
    assert told["vessels"][0]["outline"] == [[0, 0], [80, 0], [80, 50], [0, 50]]
    assert max(y for _, y in told["vessels"][0]["water"]) == 44


@pytest.mark.parametrize(
    ("vessel", "volume", "level"), [(0, "120 L", "25"), (0, "999 L", "50"), (2, "18", "2.5")]
)
def test_litres_that_are_typed_move_the_level(
    yard: Yard, vessel: int, volume: str, level: str
) -> None:
    status, told = measure(yard, JOINED, vessel=vessel, volume=volume)
    assert (status, told["vessels"][vessel]["level"]) == (200, level)
    assert told["joined"]["vessels"][vessel]["level"] == level


def test_a_drawing_is_kept_and_the_volume_follows(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}/drawing"
    assert yard.client.get(path).json()["measured"] is None
    assert edit(yard, joined=JOINED)[0] == 200
    drawn = yard.client.get(path).json()
    assert drawn["shown"] == drawn["measured"]["shown"] == "361.4 L"
    [tank, *_] = yard.listed("tanks")
    assert (tank["volume"], tank["standing"], tank["is_drawn"]) == ("361.4 L", "325.4 L", True)
    # what is known in another way stands beside the drawing, and tells nothing of its parts
    assert edit(yard, volume="300 L")[0] == 200
    drawn = yard.client.get(path).json()
    assert (drawn["shown"], drawn["measured"]["shown"]) == ("300 L", "361.4 L")
    assert Tank.objects.get(pk=yard.tank.pk).standing is None


def test_a_tank_is_edited_field_by_field_unless_somebody_else_did(yard: Yard) -> None:
    assert edit(yard, name="Trough", crop="Basil", system_kind="deep_water")[0] == 200
    tank = Tank.objects.get(pk=yard.tank.pk)
    assert (tank.name, tank.crop, tank.system_kind, tank.litres) == (
        "Trough", "Basil", "deep_water", yard.tank.litres,
    )  # fmt: skip
    status, told = edit(yard, name="Mine", seen={"name": yard.tank.name})
    assert (status, told["error"]["code"]) == (409, "changed_meanwhile")
    assert edit(yard, crop="Mint", seen={"crop": "Basil"})[0] == 200
    Tank.objects.create(grow=yard.grow, name="Other", litres=9, water=yard.water)
    status, told = edit(yard, name="Other")
    assert (status, told["error"]["code"], told["error"]["where"]) == (422, "name_taken", "name")
    assert edit(yard, water=999_999)[0] == 404
    assert edit(yard, system_kind=None)[0] == 200
    assert Tank.objects.get(pk=yard.tank.pk).system_kind == ""


@pytest.mark.parametrize(
    ("change", "refused"),
    [({"volume": "90 L"}, True), ({"joined": JOINED}, True), ({"grown_in": "coir"}, True),
     ({"name": "Trough"}, False), ({"crop": "Mint"}, False)],
)  # fmt: skip
def test_what_a_mix_stands_on_is_not_changed_while_it_is_under_way(
    yard: Yard, change: dict[str, object], refused: bool
) -> None:
    begin_mix(yard)
    status, told = edit(yard, **change)
    assert status == (422 if refused else 200)
    if refused:
        assert told["error"]["code"] == "mix_under_way"
        assert Tank.objects.get(pk=yard.tank.pk).litres == yard.tank.litres
    # what says the same again changes nothing
    assert edit(yard, volume={"value": str(yard.tank.litres), "unit": "L"})[0] == 200


def test_tanks_stand_in_the_order_that_was_given(yard: Yard) -> None:
    others = [Tank.objects.create(grow=yard.grow, name=name, litres=9, water=yard.water, position=at)
              for at, name in enumerate(("One", "Two"), start=1)]  # fmt: skip
    wanted = [others[1].pk, yard.tank.pk, others[0].pk]
    path = f"/api/grows/{yard.grow.pk}/tank-order"
    assert yard.send("PUT", path, {"tanks": wanted})[0] == 200
    assert [one["id"] for one in yard.listed("tanks")] == wanted
    for wrong in (wanted[:2], [*wanted, wanted[0]], [*wanted[:2], 999_999]):
        status, told = yard.send("PUT", path, {"tanks": wrong})
        assert (status, told["error"]["code"]) == (422, "order_incomplete")
    assert [one["id"] for one in yard.listed("tanks")] == wanted


def test_a_tank_that_was_put_away_is_nowhere_until_it_is_brought_back(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}/archived"
    mix = begin_mix(yard)
    assert yard.send("PUT", path, {"archived": True})[1]["error"]["code"] == "mix_under_way"
    mix.delete()
    Season.objects.create(grow=yard.grow, tank=yard.tank, version=yard.version,
                          started_on="2026-03-01", plan={"first_column": "w1"})  # fmt: skip
    assert yard.send("PUT", path, {"archived": True})[0] == 200
    today = yard.client.get(f"/api/grows/{yard.grow.pk}/today").json()
    assert (yard.listed("tanks"), today["tanks"]) == ([], [])
    away = yard.client.get(f"/api/grows/{yard.grow.pk}/archived-tanks").json()
    assert away == [{"id": yard.tank.pk, "name": yard.tank.name}]
    status, told = yard.send("POST", f"/api/grows/{yard.grow.pk}/mixes", yard.mix())
    assert (status, told["error"]["code"]) == (422, "tank_archived")
    assert yard.send("PUT", path, {"archived": False})[0] == 200
    assert [one["id"] for one in yard.listed("tanks")] == [yard.tank.pk]
    assert yard.client.get(f"/api/grows/{yard.grow.pk}/archived-tanks").json() == []


def test_a_volume_is_known_in_other_ways(yard: Yard) -> None:
    assert known(yard, way="buckets", count="42.5", volume="10 L")[1]["shown"] == "425 L"
    metered = known(yard, way="meter", start="1200 L", end="1625 L")[1]
    assert (metered["shown"], metered["low_shown"], metered["high_shown"]) == (
        "425 L", "416.5 L", "433.5 L",
    )  # fmt: skip
    assert known(yard, way="flow", volume="10 L", seconds="30", minutes="20")[1]["shown"] == "400 L"
    dose = {"way": "dose", "amount": "100", "lifts": "1", "before": "0.5", "after": "1.0"}
    told = known(yard, **dose)[1]
    assert told["litres"]["value"].startswith("200")
    assert (
        180 < float(told["low_shown"].split()[0]) < 200 < float(told["high_shown"].split()[0]) < 220
    )
    for wrong, where in (({"after": "0.55"}, "after"), ({"amount": "0"}, "amount"), ({"lifts": "x"}, "lifts")):  # fmt: skip
        status, refused = known(yard, **{**dose, **wrong})
        assert (status, refused["error"]["where"]) == (422, where)


def test_a_labelled_salt_tells_the_volume(yard: Yard) -> None:
    """Potassium nitrate: 1 g/L lifts a reading by about 1.25 mS/cm (CRC Handbook, from memory)."""
    salt = Product.objects.create(
        grow=yard.grow, name="Potassium nitrate", tag="Kn", role="base", form="dry",
        label={"salt": "potassium_nitrate", "purity": "100"},
    )  # fmt: skip
    dose = {"way": "dose", "product": salt.pk, "before": "0.5", "after": "1.1"}
    told = known(yard, **dose, amount="50")[1]
    assert 90 < float(told["litres"]["value"]) < 115
    bare = Product.objects.create(grow=yard.grow, name="Kelp", tag="Ke", role="additive")
    refused = known(yard, **{**dose, "product": bare.pk}, amount="50")[1]
    assert refused["error"]["code"] == "no_label"


def test_the_mix_view_says_what_to_mix_to_where_the_pump_draws_down(yard: Yard) -> None:
    """100 L, of which 20 stand outside: half again as far above the water as it will stand."""
    assert yard.plan(reading="0.5")[1]["drawn_down"] is None
    Tank.objects.filter(pk=yard.tank.pk).update(litres=100, standing=80)
    yard.grow.save()  # whatever was known of the grow is looked up anew
    Tank.objects.get(pk=yard.tank.pk).save()
    sheet = yard.plan(reading="0", volume="100 L")[1]
    down = sheet["drawn_down"]
    assert (down["standing_shown"], down["topped_up_shown"]) == ("80 L", "20 L")
    low, _, high = down["stands_at_shown"].partition(" to ")
    stands = float(low), float(high or low)
    low, _, high = down["mix_to_shown"].partition(" to ")
    # readings are shown to a hundredth; on water that reads nothing all of it is the feed's
    assert (float(low), float(high or low)) == pytest.approx(
        [one * 1.25 for one in stands], abs=0.011
    )
    assert down["ph_mix_to"] is down["ph_stands_at"] is None  # no label tells
    # a filling so small that all of it would be outside the tank
    assert yard.plan(reading="0", volume="20 L")[1]["drawn_down"] is None
    assert yard.plan(reading="", volume="100 L")[1]["drawn_down"] is None


def test_a_lab_report_is_typed_as_it_is_printed(yard: Yard) -> None:
    """Half a litre of arithmetic: 2 meq/L each of calcium and bicarbonate, 1 of sodium, chloride."""
    path = f"/api/grows/{yard.grow.pk}/waters/{yard.water.pk}"
    told = {"calcium": "2 meq/L", "magnesium": "0", "sodium": "1 mmol/L", "chloride": "35.45",
            "sulfur": "0 mg/L SO4", "alkalinity": "122.03 mg/L HCO3"}  # fmt: skip
    status, water = yard.send("PATCH", path, told)
    assert status == 200
    assert water["report"] == {"calcium": "40.08", "magnesium": "0", "potassium": "", "sodium": "22.99",
                               "chloride": "35.45", "sulfur": "0", "nitrate_n": "", "alkalinity": "100.08"}  # fmt: skip
    assert (water["balance_shown"], water["balance_off"]) == ("+0.0 %", False)
    assert [(one["what"], one["shown"], one["threshold"]) for one in water["findings"]] == [("moderate", "100", "60")]  # fmt: skip
    slip = yard.send("PATCH", path, {"alkalinity": "10 °dH", "sodium": "60"})[1]
    assert (slip["balance_shown"], slip["balance_off"]) == ("+0.5 %", False)
    slip = yard.send("PATCH", path, {"alkalinity": "0"})[1]
    assert (slip["balance_off"], slip["balance_shown"][0]) == (True, "+")
    assert [one["what"] for one in slip["findings"]] == ["moderate", "salty_sodium"]
    status, refused = yard.send("PATCH", path, {"sodium": "5 °dH"})
    assert (status, refused["error"]["where"]) == (422, "sodium")


def test_a_new_system_is_watched_for_an_hour_before_it_is_called_tight(yard: Yard) -> None:
    """A drip at a joint shows within an hour or two: common practice."""
    base = f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}"

    def today() -> Any:
        return yard.client.get(f"/api/grows/{yard.grow.pk}/today").json()["tanks"][0]["watched"]

    def look(**told: object) -> tuple[int, dict[str, Any]]:
        return yard.send("POST", f"{base}/leak-look", told)

    began = datetime(2026, 3, 14, 12, tzinfo=UTC)
    with time_machine.travel(began, tick=False) as clock:
        assert today() is None
        assert look(leaks=False)[1]["error"]["code"] == "not_watched"
        assert yard.send("POST", f"{base}/first-fill", {})[0] == 201
        assert today() == {
            "filled_at": "2026-03-14T12:00:00Z",
            "look_at": "2026-03-14T13:00:00Z",
            "due": False,
        }
        clock.move_to(began + timedelta(minutes=59))
        assert look(leaks=False)[1]["error"]["code"] == "too_soon"
        assert look(leaks=True, note="elbow of the header")[1] == {"watched": None}
        assert yard.send("POST", f"{base}/first-fill", {})[0] == 201
        clock.move_to(began + timedelta(hours=2))
        assert today()["due"] is True
        assert look(leaks=False)[0] == 201
        assert today() is None
    kinds = (
        TimeLineEntry.objects.filter(tank=yard.tank)
        .order_by("at", "pk")
        .values_list("kind", "note")
    )
    assert list(kinds)[1:] == [
        ("leak", "elbow of the header"), ("first_fill", "plain water, level marked"), ("tight", ""),
    ]  # fmt: skip


def test_feed_ends_the_watch_and_a_mix_under_way_keeps_it_from_beginning(yard: Yard) -> None:
    base = f"/api/grows/{yard.grow.pk}/tanks/{yard.tank.pk}"
    yard.send("POST", f"{base}/first-fill", {})
    TimeLineEntry.objects.create(grow=yard.grow, tank=yard.tank, kind="mix", values={},
                                 at=timezone.now() + timedelta(seconds=1))  # fmt: skip
    assert yard.client.get(f"{base}/first-fill").json() == {"watched": None}
    Mix.objects.create(grow=yard.grow, tank=yard.tank, version=yard.version, label="w1", plan=PLAN,
                       strength=1)  # fmt: skip
    status, answer = yard.send("POST", f"{base}/first-fill", {})
    assert (status, answer["error"]["code"]) == (422, "mix_under_way")
