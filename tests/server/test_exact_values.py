"""Figures travel as value and unit: units that change meanwhile, and what is shown, alter nothing."""

from datetime import UTC, date, datetime
from decimal import Decimal
from fractions import Fraction
from typing import Any

import pytest
import time_machine

from server.grows.calendar import day_of
from server.grows.models import Grow, Membership
from server.guided.models import MixEvent
from server.shelf.models import Product
from server.tanks.models import Tank, TimeLineEntry, WaterSource
from server.tanks.timeline import note_reading
from tests.server.at_the_bench import at, begin, event, finish, obey, reach, tell
from tests.server.conftest import Yard

MS_CM = {"volume": "L", "gallon": "us", "reading": "mS/cm", "ppm_scale": None}
GALLONS = {"volume": "gal_us", "gallon": "us", "reading": "ppm", "ppm_scale": 700}


def set_units(yard: Yard, volume: str, reading: str, **writing: str) -> None:
    units = {"volume": volume, "reading": reading, "spoons": "metric", **writing}
    assert yard.send("PUT", f"/api/grows/{yard.grow.pk}/units", units)[0] == 200


def edit(yard: Yard, path: str, **body: object) -> tuple[int, dict[str, Any]]:
    return yard.send("PATCH", f"/api/grows/{yard.grow.pk}/{path}", body)


@pytest.mark.parametrize(
    ("step", "figure", "typed_in", "kept"),
    [
        ("read-water", "0.52", MS_CM, "0.52"),
        ("read-water", "364", GALLONS, "0.52"),
        ("drain-1", "10", GALLONS, "37.854118"),  # 10 US gallons of 3.785411784 L: NIST SP 811
        ("drain-1", "10", MS_CM, "10"),
        ("drain-1", {"value": "12.5", "unit": "L"}, None, "12.5"),
        ("temperature", "20", MS_CM, "20"),  # a device that knows of no °F yet
        ("temperature", "68", MS_CM | {"temperature": "F"}, "20"),
        ("temperature", "68 °F", MS_CM, "20"),
    ],
)
def test_what_a_device_told_late_is_read_in_the_units_it_was_typed_in(
    yard: Yard, step: str, figure: object, typed_in: object, kept: str
) -> None:
    bench = begin(yard)
    set_units(yard, "gal_uk", "CF", temperature="F")
    kind = "poured" if step.startswith("drain") else "read"
    tell(yard, bench, event(kind, step, figure=figure, typed_in=typed_in))
    stored = MixEvent.objects.get(mix_id=bench["id"]).figure
    assert stored == pytest.approx(Decimal(kept), abs=Decimal("0.000001"))


def test_what_was_drained_goes_back_exact_whatever_is_shown(yard: Yard) -> None:
    set_units(yard, "gal_us", "mS/cm")
    bench = reach(yard, begin(yard), "drain", read_ec="2.4")
    step = bench["steps"][bench["now"]]
    assert (step["unit"], step["exact"]["unit"]) == ("gal US", "L")
    tell(yard, bench, event("poured", step["id"], figure=step["exact"]))
    stored = MixEvent.objects.get(mix_id=bench["id"], step=step["id"]).figure
    assert stored == Decimal(step["exact"]["value"])


def test_a_figure_in_no_unit_of_its_kind_is_refused(yard: Yard) -> None:
    bench = begin(yard)
    told = event("read", "read-water", figure={"value": "0.5", "unit": "gal_us"})
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": [told]})
    assert (status, answer["error"]["code"]) == (422, "unit_unknown")
    status, answer = yard.plan(typed_in={**MS_CM, "reading": "ppm"})
    assert (status, answer["error"]["code"]) == (422, "ppm_without_scale")


def test_an_edit_of_one_field_leaves_all_others_to_the_last_digit(yard: Yard) -> None:
    note_reading(yard.water, {"ec": Fraction("0.035")}, by=None)
    before = WaterSource.objects.get(pk=yard.water.pk)
    status, answer = edit(yard, f"waters/{yard.water.pk}", kind="well")
    after = WaterSource.objects.get(pk=yard.water.pk)
    assert (status, after.kind, after.last("ec")) == (200, "well", Fraction("0.035"))
    assert (answer["ec"], answer["reading"]) == ({"value": "0.035", "unit": "mS/cm"}, "0.04")
    assert (after.last("ph"), after.calcium_ppm) == (before.last("ph"), before.calcium_ppm)


def test_two_edits_of_one_field_are_shown_to_both_and_of_two_fields_both_are_kept(
    yard: Yard,
) -> None:
    path = f"waters/{yard.water.pk}"
    seen = {"ec": {"value": "0.52", "unit": "mS/cm"}, "ph": "7.6"}
    assert edit(yard, path, reading="0.6", seen=seen, typed_in=MS_CM)[0] == 200
    status, answer = edit(yard, path, reading="0.7", seen=seen, typed_in=MS_CM)
    assert (status, answer["error"]["code"]) == (409, "changed_meanwhile")
    assert edit(yard, path, ph="7.4", seen=seen)[0] == 200
    water = WaterSource.objects.get(pk=yard.water.pk)
    assert (water.last("ec"), water.last("ph")) == (Fraction("0.6"), Fraction("7.4"))
    usual = f"tanks/{yard.tank.pk}/usual"
    old = {"strength": {"value": "80", "unit": "%"}}
    assert edit(yard, usual, strength="62.5 %", seen=old)[0] == 200
    status, answer = edit(yard, usual, strength="90 %", seen=old)
    assert (status, answer["error"]["where"]) == (409, "strength")
    assert edit(yard, usual, held=True, seen=old)[0] == 200


def test_a_reading_that_is_taken_back_is_not_known_any_more(yard: Yard) -> None:
    before = TimeLineEntry.objects.filter(water=yard.water).count()
    answer = edit(yard, f"waters/{yard.water.pk}", reading="")[1]
    assert (answer["ec"], answer["reading"]) == (None, None)
    readings = TimeLineEntry.objects.filter(water=yard.water).order_by("pk")
    assert [entry.values.get("ec") for entry in readings][-1] is None
    assert len(readings) == before + 1  # what it read before stays on its line


def test_a_tank_of_half_a_litre_stays_one_in_gallons(yard: Yard) -> None:
    Tank.objects.filter(pk=yard.tank.pk).update(
        litres=Decimal("0.5"), strength=Decimal("0.625"), standing=None, joined=None
    )
    set_units(yard, "gal_us", "mS/cm")
    tank = next(one for one in yard.listed("tanks") if one["id"] == yard.tank.pk)
    assert tank["volume"].startswith("0.13")
    assert (tank["strength"], tank["strength_shown"]) == ({"value": "62.5", "unit": "%"}, "62.5 %")
    answer = yard.plan(volume=tank["litres"], strength=tank["strength"], column="w5")[1]
    assert answer["litres"] == "0.5"
    [share] = [p["share"] for p in answer["sheet"]["pours"] if p["product"] == "one"]
    assert Decimal(share) == Decimal("0.625")


def test_a_typed_volume_is_meant_in_the_units_it_was_typed_in(yard: Yard) -> None:
    set_units(yard, "L", "CF")
    answer = yard.plan(volume="100", reading="364", typed_in=GALLONS)[1]
    assert (answer["litres"], answer["water_shown"]) == ("378.5", "5.2")


def test_a_started_mix_stands_on_the_labels_it_was_started_with(yard: Yard) -> None:
    def adds() -> dict[str, float]:
        bench = reach(yard, begin(yard, split=False), "add", read_ec="1.5", share="0.8")
        if label_gone:
            Product.objects.filter(grow=yard.grow).update(label=None)
            bench = yard.client.get(at(yard, bench)).json()
        step = bench["steps"][bench["now"]]
        yard.client.delete(at(yard, bench))
        found: dict[str, float] = step["adds_ppm"]
        return found

    label_gone = False
    before = adds()
    label_gone = True
    assert before
    assert adds() == before


@pytest.mark.parametrize(
    ("zone", "day"), [("Pacific/Auckland", "2026-03-15"), ("America/Denver", "2026-03-14")]
)
def test_days_are_the_grows_whatever_clock_a_device_shows(zone: str, day: str) -> None:
    grow = Grow(name="x", time_zone=zone)
    moment = datetime(2026, 3, 14, 20, 30, tzinfo=UTC)
    assert day_of(grow, moment) == date.fromisoformat(day)
    # Ten days stay ten over the clock change of 29 March (Europe) or 8 March (Denver).
    assert (day_of(grow, moment, days=10) - day_of(grow, moment)).days == 10


def test_a_tank_says_what_is_due_by_its_last_mix(yard: Yard) -> None:
    TimeLineEntry.objects.filter(tank=yard.tank).delete()  # what the demo tells of this tank
    with time_machine.travel(datetime(2026, 11, 20, 12, tzinfo=UTC), tick=False):
        finish(yard, begin(yard))
    for days, due in ((0.5, None), (2, "look_again"), (10.5, "change_out"), (15, "use_by")):
        moment = datetime(2026, 11, 20, 12, tzinfo=UTC).timestamp() + days * 86400
        with time_machine.travel(moment, tick=False):
            yard.client.force_login(yard.person)
            tank = next(one for one in yard.listed("tanks") if one["id"] == yard.tank.pk)
        assert (tank["due"], tank["change_out_on"]) == (due, "2026-11-30")


def test_a_device_that_asks_for_news_is_told_when_there_is_none(yard: Yard) -> None:
    bench = begin(yard)
    whole = yard.client.get(at(yard, bench))
    tag = whole.headers["ETag"]
    none = yard.client.get(at(yard, bench), headers={"If-None-Match": tag})
    assert (none.status_code, none.content) == (304, b"")
    obey(yard, bench, 0)
    assert yard.client.get(at(yard, bench), headers={"If-None-Match": tag}).status_code == 200
    Membership.objects.filter(grow=yard.grow, person=yard.person).update(reading_unit="CF")
    anew = yard.client.get(at(yard, bench), headers={"If-None-Match": tag})
    assert (anew.status_code, anew.json()["unit"]) == (200, "CF")


def test_a_temperature_is_kept_exact_on_whatever_scale_it_is_shown(yard: Yard) -> None:
    tap = f"waters/{yard.water.pk}"
    set_units(yard, "L", "mS/cm", temperature="F")
    status, told = edit(yard, tap, temperature="70")
    assert status == 200, told
    assert (told["temperature"], told["celsius"]) == ("70", "21.111111")
    fresh = edit(yard, tap, temperature="68", seen={"temperature": told["celsius"]})
    assert (fresh[0], fresh[1]["celsius"]) == (200, "20")
    assert edit(yard, tap, temperature="66", seen={"temperature": told["celsius"]})[0] == 409
    status, refused = edit(yard, tap, temperature="20")  # °C, typed by somebody who reads °F
    assert (status, refused["error"]["where"]) == (422, "temperature")
    assert "32 °F" in refused["error"]["message"]
    set_units(yard, "L", "ppm 700", temperature="C")
    assert edit(yard, tap, reading="365")[1]["ec"]["value"] == "0.521429"  # endless in mS/cm
    assert yard.listed("waters")[0]["temperature"] == "20"


def test_a_temperature_at_the_bench_is_one_that_water_may_have(yard: Yard) -> None:
    bench = reach(yard, begin(yard), "read_temperature")
    path = f"/api/grows/{yard.grow.pk}/mixes/{bench['id']}/events"
    hot = event("read", "temperature", figure="68", typed_in=MS_CM)
    status, refused = yard.send("POST", path, {"events": [hot]})
    assert (status, refused["error"]["code"]) == (422, "temperature_out_of_range")
    set_units(yard, "L", "mS/cm", temperature="F")
    bench = tell(yard, bench, event("read", "temperature", figure="68"))
    shown = next(one for one in bench["steps"] if one["id"] == "temperature")["figure_shown"]
    assert shown == "68 °F"


def test_how_times_and_dates_are_written_is_kept_per_person(yard: Yard) -> None:
    set_units(yard, "L", "mS/cm", clock="12", dates="month_first", temperature="F", decimal=",")
    set_units(yard, "L", "mS/cm")  # a page that does not know of them changes none
    units = yard.client.get(f"/api/grows/{yard.grow.pk}").json()["units"]
    assert (units["clock"], units["dates"], units["temperature"]) == ("12", "month_first", "F")
    assert units["decimal"] == ","
    for wrong in ({"clock": "13"}, {"decimal": ";"}, {"dates": "year"}, {"temperature": "K"}):
        body = {"volume": "L", "reading": "CF", "spoons": "metric", **wrong}
        assert yard.send("PUT", f"/api/grows/{yard.grow.pk}/units", body)[0] == 422


def test_readings_without_an_end_in_ms_cm_are_taken_everywhere(yard: Yard) -> None:
    """365 ppm on the 700 scale is 0.52142857… mS/cm, 7 gal US are 26.49788… L, 71 °F 21.6666… °C."""
    set_units(yard, "gal_us", "ppm 700", temperature="F")
    grow, tank = f"/api/grows/{yard.grow.pk}", yard.tank.pk

    def sent(method: str, path: str, **body: object) -> dict[str, Any]:
        status, answer = yard.send(method, f"{grow}/{path}", body)
        assert status in (200, 201), (path, answer)
        return answer

    sent("PATCH", f"waters/{yard.water.pk}", reading="365", ph="7.1", temperature="71")
    well = sent("POST", "waters", name="Well", kind="well", reading="37 ppm")["id"]
    sent("POST", f"tanks/{tank}/readings", ec="1111", ph="5.83", temperature="71", topped_up="7")
    sent("POST", "share-of-water", source=yard.water.pk, other=well, wanted="ec",
         figure="201", volume="7 gal us")  # fmt: skip
    sent("POST", f"tanks/{tank}/known-volume", way="buckets", count="7", volume="7 gal us")
    sent("PATCH", f"tanks/{tank}", volume="71 gal us", strength="66.6667 %")
    bench = begin(yard, volume="71 gal us", strength="66.66 %", reading="365", temperature="71",
                  ph_low="5.77", ph_high="6.1")  # fmt: skip
    over = finish(yard, bench, read_water="365", read_temperature="71", read_ec="1111",
                  read_ph="5.83")  # fmt: skip
    assert over["record"]["ec"]
    assert yard.client.get(f"{grow}/today").status_code == 200
