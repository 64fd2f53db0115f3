"""What readings make of a guided mix, over the API: EC, pH, another water, corrections."""

from decimal import Decimal
from fractions import Fraction
from typing import Any

import pytest

from server.grows.models import Membership
from server.guided.models import Mix, MixEvent
from server.shelf.models import Product
from server.tanks.models import Tank
from tests.server.at_the_bench import at, begin, event, finish, obey, reach, tell
from tests.server.conftest import Yard


def test_readings_steer_the_second_pour(yard: Yard) -> None:
    bench = begin(yard)
    number = 0
    while bench["steps"][bench["now"]]["id"] != "read-between":
        bench = obey(yard, bench, number)
        number += 1
    weak = tell(yard, bench, event("read", "read-between", "1.36", at=1_700_009_000.0))
    # A sixth too little: it is read again, then the volume is asked for, and here it was right.
    odd = weak["steps"][weak["now"]]
    assert (odd["kind"], odd["why"], odd["causes"][0]) == ("advice", "ec_odd", "meter")
    again = [event("done", odd["id"], at=1_700_009_001.0),
             event("read", "read-between-2", "1.36", at=1_700_009_002.0)]  # fmt: skip
    weak = tell(yard, bench, *again)
    volume = weak["steps"][weak["now"]]
    assert (volume["kind"], volume["unit"]) == ("volume", "L")
    assert weak["steering"]["estimate"]["about"].endswith(" L")
    weak = tell(yard, bench, event("read", volume["id"], "425 L", at=1_700_009_003.0))
    assert weak["steering"]["causes"] == ["volume", "gallon", "not_shaken", "mixed_up", "meter"]
    assert weak["steering"]["capped"]
    second = weak["steps"][weak["now"]]
    assert (second["kind"], second["product"], second["amount"]) == ("pour", "one", "143")
    # 571 of 714 mL of each part are in. What the base should bring in all, by what that brought:
    plan = Mix.objects.get(pk=bench["id"]).as_plan()
    assert plan.target is not None
    is_base = [pour.base for pour in plan.pours]
    before = sum(pour.ec_rise for pour in plan.pours[: is_base.index(True)])
    others = sum(pour.ec_rise for pour in plan.pours if not pour.base)
    water, target = Fraction("0.52"), sum(plan.target) / 2
    whole = 571 * (target - others - water) / (Fraction("1.36") - water - before)
    assert Decimal(second["beyond"]) == round(Decimal(float(whole - 571)), 1)


def test_an_addition_says_what_it_makes_of_the_dose_and_what_may_be_behind_it(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "add", read_ec="1.5", share="0.8")
    step = bench["steps"][bench["now"]]
    assert float(step["amount"]) == pytest.approx(714 * 0.2, rel=1e-2)  # up to the printed dose
    assert step["of_dose"] == "100 %"
    assert Decimal(step["odd_above"]) == pytest.approx(2 * Decimal(step["amount"]), abs=1)


def test_more_than_any_feed_takes_is_asked_again_of_every_device(yard: Yard) -> None:
    """Of 475 L no feed takes 14 250 mL; One was planned at 714 mL, of which a digit too many is
    7140."""
    bench = begin(yard, split=False)
    while (step := bench["steps"][bench["now"]])["kind"] != "pour" or step["product"] != "one":
        bench = obey(yard, bench, bench["now"])
    slip = event("poured", step["id"], "7140", at=1_700_009_000.0)
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": [slip]})
    assert (status, answer["error"]["code"]) == (422, "amount_odd")
    assert answer["error"]["where"] == "events[0].figure"
    right = tell(yard, bench, event("poured", step["id"], step["goes_in"], at=1_700_009_001.0))
    of = next(one["event"] for one in right["steps"] if one["id"] == step["id"])
    wrong = event("corrected", figure="7140", of=of, at=1_700_009_002.0)
    assert yard.send("POST", f"{at(yard, bench)}/events", {"events": [wrong]})[0] == 422
    sure = tell(yard, right, {**wrong, "sure": True})
    assert next(s for s in sure["steps"] if s["id"] == step["id"])["figure_shown"] == "7140 mL"


def test_more_than_the_printed_dose_is_offered_by_name_and_left_unless_on_purpose(
    yard: Yard,
) -> None:
    bench = reach(yard, begin(yard, split=False), "advice", read_ec="1.65")
    step = bench["steps"][bench["now"]]
    assert (step["why"], step["offers"]) == ("beyond_dose", True)
    offer = bench["steering"]["offer"]
    assert [line["name"] for line in offer["lines"]] == ["Marram One", "Marram Two"]
    assert all(line["of_dose"] > "105 %" for line in offer["lines"])
    assert offer["reading"] == "1.82 mS/cm"
    left = tell(yard, bench, event("skipped", step["id"], at=1_700_009_000.0))
    assert left["steps"][left["now"]]["kind"] == "read_ph"


def test_a_tank_of_another_volume_is_settled_before_it_is_thinned(yard: Yard) -> None:
    """A quarter of the litres, as a gallon slip makes."""
    bench = reach(yard, begin(yard, split=False), "volume", read_ec="4.95")
    step = bench["steps"][bench["now"]]
    far = event("read", step["id"], "5 L", at=1_700_009_000.0)
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": [far]})
    assert (status, answer["error"]["code"]) == (422, "volume_odd")
    none = event("read", step["id"], "0 L", at=1_700_009_000.0)
    assert yard.send("POST", f"{at(yard, bench)}/events", {"events": [none]})[0] == 422
    bench = tell(yard, bench, event("read", step["id"], "112 L", at=1_700_009_000.0))
    assert bench["steering"]["litres"] == "112 L"
    # it was planned for the whole tank: so the tank holds something else than is believed
    assert bench["steering"]["holds"] == {"value": "112", "unit": "L"}
    Tank.objects.filter(pk=yard.tank.pk).update(litres=500)
    path = f"/api/grows/{yard.grow.pk}/mixes/{bench['id']}"
    assert yard.client.get(path).json()["steering"]["holds"] is None
    drain = bench["steps"][bench["now"]]
    assert drain["kind"] == "drain"
    assert float(drain["amount"]) < 112


def test_what_was_added_before_a_reading_was_corrected_is_shown_and_drawn_down(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "add", read_ec="1.5", share="0.8")
    step = bench["steps"][bench["now"]]
    reading = next(one for one in bench["steps"] if one["id"] == "read-ec-1")
    fixed = event("corrected", figure="1.82", of=reading["event"], at=1_700_009_001.0)
    bench = tell(yard, bench, event("poured", step["id"], "99", at=1_700_009_000.0), fixed)
    [stray] = bench["unplaced"]
    assert (stray["name"], stray["shown"]) == ("Marram One", "99 mL")
    before = Product.objects.get(grow=yard.grow, name="Marram One").left
    over = finish(yard, bench)
    lines = {line["name"]: Decimal(line["poured"]) for line in over["record"]["poured"]}
    assert lines["Marram One"] == pytest.approx(
        Decimal(714) * Decimal("0.8") + 99, abs=Decimal("0.5")
    )
    after = Product.objects.get(grow=yard.grow, name="Marram One").left
    assert before - after == lines["Marram One"]


def test_the_bottles_are_counted_and_too_much_has_ways_out(yard: Yard) -> None:
    Product.objects.filter(grow=yard.grow, name="Marram One").update(left=100)
    bench = begin(yard, acknowledged=["bottle_runs_out"])
    bottles = {bottle["name"]: bottle for bottle in bench["bottles"]}
    assert (bottles["Marram One"]["takes"], bottles["Marram One"]["left"]) == ("714.0 mL", "100 mL")
    assert bottles["Marram One"]["is_enough"] is False
    assert bench["vessels"]
    number = 0
    while not bench["steps"][bench["now"]]["id"].startswith("pour-"):
        bench = obey(yard, bench, number)
        number += 1
    step = bench["steps"][bench["now"]]["id"]
    bench = tell(yard, bench, event("poured", step, "1500", at=1_700_009_000.0, sure=True))
    way = bench["steering"]["way_out"]
    assert way["name"] == bench["pours"][0]["name"]
    assert way["poured"] == "1500.0 mL"
    # twice as much and more would have to go into the tank: it is drained instead
    assert way["dilute_to"] is None
    assert way["drain"].endswith(" L")


def test_an_odd_reading_is_kept_when_it_is_sent_again_as_sure(yard: Yard) -> None:
    bench = begin(yard)
    assert tell(yard, bench, event("read", "read-water", "40", sure=True))["heard"] == 1


def test_the_simulated_pen_settles_and_follows_what_is_poured(yard: Yard) -> None:
    bench = begin(yard)

    def pen(seconds: float) -> dict[str, Any]:
        status, shown = yard.send("POST", f"{at(yard, bench)}/pen", {"seconds": seconds})
        assert status == 200
        return shown

    assert not pen(1)["still"]
    water = pen(40)
    assert water["still"]
    assert float(water["ec"]) == pytest.approx(0.5, abs=0.1)
    number = 0
    while bench["steps"][bench["now"]]["kind"] != "read_ec":
        bench = obey(yard, bench, number)
        number += 1
    assert float(pen(40)["ec"]) > float(water["ec"]) + 0.7


def test_a_grow_of_ones_own_has_no_pen(neighbour: Yard) -> None:
    status, bench = neighbour.send(
        "POST", f"/api/grows/{neighbour.grow.pk}/mixes", neighbour.mix(acknowledged=[])
    )
    assert status == 201
    assert not bench["has_pen"]
    status, answer = neighbour.send("POST", f"{at(neighbour, bench)}/pen", {"seconds": 5})
    assert (status, answer["error"]["code"]) == (422, "no_pen")


def test_a_sour_tank_is_raised_by_the_alkali_of_the_shelf(yard: Yard) -> None:
    up = Product.objects.get(grow=yard.grow, name="Fathom Up")
    bench = reach(yard, begin(yard), "alkali", read_ph="5.2")
    step = bench["steps"][bench["now"]]
    assert step["name"] == "Fathom Up"
    assert bench["steering"]["alkali_why"] == "alkali_on_the_shelf"  # no hydroxide is there
    assert float(step["cup_water"]) == pytest.approx(9 * float(step["goes_in"]))
    bench = tell(yard, bench, event("poured", step["id"], step["goes_in"], at=1_700_009_000.0))
    assert bench["steps"][bench["now"]]["seconds"] == 300
    over = finish(yard, bench)
    lines = {line["product"]: line for line in over["record"]["poured"]}
    assert lines["alkali"]["name"] == "Fathom Up"
    assert Decimal(lines["alkali"]["poured"]) == Decimal(step["goes_in"])
    assert over["record"]["alkalinity_meq"] is None  # only acid tells it
    left = Product.objects.get(pk=up.pk).left
    assert (up.left, left) == (980, up.left - Decimal(step["goes_in"]))


def test_a_dead_pen_stops_the_pouring_and_is_read_again(yard: Yard) -> None:
    bench = reach(yard, begin(yard), "advice", read_ec="0.5")
    step = bench["steps"][bench["now"]]
    assert (step["why"], step["causes"][0]) == ("ec_unmoved", "meter")
    bench = reach(yard, tell(yard, bench, event("done", step["id"])), "acid", read_ph="7.0")
    assert bench["ec_shown"] == "1.82 mS/cm"
    bench = reach(yard, obey(yard, bench, 200), "advice", read_ph="7.0")
    step = bench["steps"][bench["now"]]
    assert (step["why"], step["causes"][0]) == ("ph_unmoved", "ph_pen")


def test_a_few_drops_of_acid_go_into_a_cup_that_can_be_poured(yard: Yard) -> None:
    bench = reach(yard, begin(yard, volume="12 L", split=False), "acid", read_ph="6.3")
    assert bench["steps"][bench["now"]]["cup_water"] == "50"


def test_a_drop_of_acid_is_measured_by_its_dilution_and_by_no_second_one(yard: Yard) -> None:
    bench = reach(yard, begin(yard, volume="0.4 L", split=False), "acid", read_ph="6.3")
    step = bench["steps"][bench["now"]]
    dilute = step["measured"]["dilute"]
    assert Decimal(step["amount"]) < Decimal("0.05")  # the finest mark of the yard's vessels
    assert step["cup_water"] is None
    assert Decimal(dilute["water"]["value"]) >= 9 * Decimal(dilute["product"]["value"])
    # The pour is of the dilution, what is told of it is the acid.
    assert Decimal(step["goes_in"]) == pytest.approx(Decimal(step["amount"]), rel=Decimal("0.001"))


def test_an_alkali_without_a_label_is_poured_as_the_grower_tells(yard: Yard) -> None:
    Product.objects.filter(grow=yard.grow, name="Fathom Up").update(label=None)
    bench = reach(yard, begin(yard), "alkali", read_ph="5.2")
    step = bench["steps"][bench["now"]]
    assert (step["name"], step["amount"], step["cup_water"]) == (None, None, None)
    bench = tell(yard, bench, event("poured", step["id"], "2.5", at=1_700_009_000.0))
    over = finish(yard, bench)
    lines = {line["product"]: line for line in over["record"]["poured"]}
    assert (lines["alkali"]["name"], lines["alkali"]["poured"]) == ("pH up", "2.5")


def test_a_tank_that_swings_is_left_alone(yard: Yard) -> None:
    bench = begin(yard)
    for turn, (kind, figure) in enumerate([("acid", "6.9"), ("alkali", "5.4"), ("advice", "6.4")]):
        bench = reach(yard, bench, kind, read_ph=figure)
        assert bench["steps"][bench["now"]]["id"] == f"{kind}-{turn + 1}"
        if kind != "advice":
            bench = obey(yard, bench, 200 + turn)
    assert bench["steps"][bench["now"]]["why"] == "stop_chasing"
    over = finish(yard, bench)
    assert over["record"]["ph"] == "6.4"


def test_readings_are_typed_and_corrected_as_the_pen_shows_them(yard: Yard) -> None:
    Membership.objects.filter(person=yard.person).update(reading_unit="ppm", ppm_scale=500)
    bench = begin(yard, reading="260")
    read = event("read", "read-water", "260")
    bench = tell(yard, bench, event("done", "fill"), read)
    assert bench["steps"][1]["figure_shown"] == "260 ppm (500)"
    fixed = event("corrected", figure="300", of=read["id"], at=1_700_000_002.0)
    bench = tell(yard, bench, fixed)
    assert bench["steps"][1]["figure_shown"] == "300 ppm (500)"
    assert bench["steering"]["other_water"] is None  # 0.60 of a planned 0.52
    assert list(MixEvent.objects.filter(mix_id=bench["id"]).values_list("figure", flat=True)) == [
        None, Decimal("0.52"), Decimal("0.6"),
    ]  # fmt: skip
    both = [event("read", "temperature", "20"), event("read", "read-ec-1", "950")]
    odd = event("corrected", figure="9000", of=both[1]["id"], at=1_700_000_009.0)
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": [*both, odd]})
    assert (status, answer["error"]["code"]) == (422, "reading_odd")
    assert answer["error"]["where"] == "events[2].figure"


@pytest.mark.parametrize(("convention", "follows"), [("on_top", True), ("all_in", False)])
def test_another_water_than_planned_is_said_before_anything_is_poured(
    yard: Yard, convention: str, follows: bool
) -> None:
    bench = begin(yard, convention=convention, acknowledged=["water_too_strong"])
    assert bench["steering"]["other_water"] is None
    planned = [Decimal(edge) for edge in bench["target"].split(" to ")]
    bench = tell(yard, bench, event("done", "fill"), event("read", "read-water", "0.82"))
    assert bench["steering"]["other_water"] == {
        "read": "0.82 mS/cm", "planned": "0.52 mS/cm", "follows": follows,
    }  # fmt: skip
    moved = [Decimal(edge) for edge in bench["target"].split(" to ")]
    assert [new - old for new, old in zip(moved, planned, strict=True)] == (
        [Decimal("0.30")] * 2 if follows else [0, 0]
    )


def test_a_tank_that_reads_too_strong_is_thinned_by_the_litres_it_says(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "drain", read_ec="1.95")
    step = bench["steps"][bench["now"]]
    plan = Mix.objects.get(pk=bench["id"]).as_plan()
    assert plan.target is not None
    target = sum(plan.target) / 2
    # V × (reading − target) / (reading − source), common practice.
    litres = 425 * (Fraction("1.95") - target) / (Fraction("1.95") - Fraction("0.52"))
    assert float(step["amount"]) == pytest.approx(float(litres), abs=0.01)

    def pen() -> float:
        return float(yard.send("POST", f"{at(yard, bench)}/pen", {"seconds": 40})[1]["ec"])

    before = pen()
    bench = tell(yard, bench, event("poured", step["id"], "212.5", at=1_700_009_000.0))
    # Half of it is plain water now: the reading is about half way to the water's.
    assert pen() == pytest.approx((before + 0.52) / 2, rel=0.08)
    assert finish(yard, bench)["record"]["ec"] == "1.82"


def test_a_grower_of_gallons_fills_and_drains_in_gallons(yard: Yard) -> None:
    Membership.objects.filter(person=yard.person).update(volume_unit="gal_us", gallon="us")
    bench = begin(yard, split=False)
    fill = bench["steps"][0]
    assert (fill["amount"], fill["unit"]) == ("112.27", "gal US")  # 425 / 3.785 411 784
    assert bench["volume"] == "112.27 gal US"
    bench = reach(yard, bench, "drain", read_ec="1.95")
    drain = bench["steps"][bench["now"]]
    assert drain["unit"] == "gal US"
    bench = tell(yard, bench, event("poured", drain["id"], "10", at=1_700_009_000.0))
    kept = MixEvent.objects.get(mix_id=bench["id"], step=drain["id"]).figure
    assert kept == Decimal("37.854118")
    told = next(step for step in bench["steps"] if step["id"] == drain["id"])
    assert told["figure_shown"] == "10 gal US"
    uk = event("poured", "drain-2", "10 gal UK", at=1_700_009_001.0)
    tell(yard, bench, uk)  # heard before that step is laid out: a device without network
    assert MixEvent.objects.get(mix_id=bench["id"], step="drain-2").figure == Decimal("45.4609")


def test_what_raises_ph_raises_it_at_the_pen(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "alkali", read_ph="5.2")

    def pen() -> float:
        return float(yard.send("POST", f"{at(yard, bench)}/pen", {"seconds": 40})[1]["ph"])

    before, step = pen(), bench["steps"][bench["now"]]
    bench = tell(yard, bench, event("poured", step["id"], "200", at=1_700_009_000.0))
    assert pen() > before + 0.2


def test_a_living_feed_is_poured_until_its_reading_and_thinned_past_it(yard: Yard) -> None:
    tank = Tank.objects.get(grow=yard.grow, name="Living raft")
    assert tank.chart is not None
    version = tank.chart.versions.get()
    bench = begin(yard, tank=tank.pk, water=tank.water_id, version_id=version.pk, column="hold",
                  volume="90 L", strength="100 %", reading="0.02", split=False)  # fmt: skip
    [feed] = [pour for pour in bench["pours"] if pour["until"]]
    assert (feed["name"], feed["until"]) == ("Samphire", "1.02")
    bench = reach(yard, bench, "pour", read_water="0.10")
    assert [pour["until"] for pour in bench["pours"] if pour["until"]] == ["1.10"]
    bench = reach(yard, bench, "drain", read_water="0.10", read_ec="1.14", volume="90 L")
    step = bench["steps"][bench["now"]]
    assert float(step["amount"]) == pytest.approx(90 * 0.04 / 1.04, abs=0.01)
    bench = reach(yard, obey(yard, bench, 150), "advice", read_ec="1.10", read_ph="4.8")
    assert bench["steps"][bench["now"]]["why"] == "wait_settling"
    over = finish(yard, bench)
    assert over["record"]["use_by_days"] == 7


def test_a_part_alone_shows_what_it_brings(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "add", read_ec="1.50", share="0.8")
    adds = [step for step in bench["steps"] if step["kind"] == "add"]
    # Marram One carries calcium, Marram Two phosphorus; neither carries the other's.
    assert [step["name"] for step in adds] == ["Marram One", "Marram Two"]
    assert adds[0]["adds_ppm"]["Ca"] > 1
    assert "P" not in adds[0]["adds_ppm"]
    assert adds[1]["adds_ppm"]["P"] > 1
    assert "Ca" not in adds[1]["adds_ppm"]


def test_the_pen_follows_a_bottle_without_a_label_too(yard: Yard) -> None:
    tank = Tank.objects.get(grow=yard.grow, name="Living raft")
    assert tank.chart is not None
    assert Product.objects.get(grow=yard.grow, name="Samphire").label is None
    version = tank.chart.versions.get()
    bench = begin(yard, tank=tank.pk, water=tank.water_id, version_id=version.pk, column="hold",
                  volume="90 L", strength="100 %", reading="0.02", split=False)  # fmt: skip
    for number in range(60):
        step = bench["steps"][bench["now"]]
        if step["kind"] == "read_ph":
            break
        shown = yard.send("POST", f"{at(yard, bench)}/pen", {"seconds": 40})[1]
        bench = obey(yard, bench, number, read_water="0.02", read_ec=shown["ec"])
    assert "advice" not in {step["kind"] for step in bench["steps"]}
    # The printed dose is not passed for what a tank that is 3 % larger lacks, and a step of the pen.
    assert float(shown["ec"]) == pytest.approx(1.02, abs=0.05)
