"""The guided mix over the API: started once, told in any order, ended with a record."""

import csv
import io
from datetime import date, timedelta
from decimal import Decimal
from time import time
from typing import Any

import pytest
import time_machine
from django.contrib.auth.models import User
from django.db import connection
from django.test import Client
from django.test.utils import CaptureQueriesContext

from core.formats import FeedChart, document_of
from server.charts.store import publish_chart
from server.guided.models import Mix, MixEvent
from server.shelf.models import Product
from server.tanks.models import TimeLineEntry
from tests.server.at_the_bench import START, at, begin, event, finish, obey, reach, tell
from tests.server.conftest import SMALL_CHART, Yard


def test_a_whole_mix_draws_bottles_down_and_tells_the_tank(yard: Yard) -> None:
    before = Product.objects.get(grow=yard.grow, name="Marram One").left
    bench = begin(yard)
    assert [step["kind"] for step in bench["steps"][:2]] == ["fill", "read_water"]
    over = finish(yard, bench)
    assert over["ended_at"]
    record = over["record"]
    poured = {line["product"]: line["poured"] for line in record["poured"]}
    assert poured["glasswort"] == "128"  # of 127.5: what the vessels show
    assert record["people"] == ["wren"]
    # the water, twice between the passes as the first was odd, at the end, and pH
    assert [line["what"] for line in record["readings"]] == ["ec", "ec", "ec", "ec", "ph"]
    left = Product.objects.get(grow=yard.grow, name="Marram One").left
    assert before is not None
    assert left is not None
    assert float(before - left) == pytest.approx(float(poured["one"]), abs=0.001)
    line = list(TimeLineEntry.objects.filter(tank=yard.tank, mix=bench["id"]))
    assert [entry.kind for entry in line if entry.kind == "reading"] == ["reading"] * 5
    pours = {e.note: e.values["amount"] for e in line if e.kind == "pour"}
    assert pours["Glasswort"] == {"value": "128", "unit": "mL"}
    assert (line[-1].kind, line[-1].mix) == ("mix", bench["id"])
    assert line[-1].values["ec"] == {"value": "1.82", "unit": "mS/cm"}
    with pytest.raises(TypeError, match="never altered"):
        line[-1].save()
    tank = yard.listed("tanks")[0]
    assert (tank["last_ec"], tank["last_ph"], tank["due"]) == ("1.82", "5.9", None)
    days = over["days"]
    use_by, mixed = (date.fromisoformat(days[name]) for name in ("use_by_on", "mixed_on"))
    assert (use_by - mixed).days == 14
    assert tank["use_by_on"] == days["use_by_on"]
    assert yard.send("POST", f"{at(yard, bench)}/events", {"events": [event("done", "cover")]})[
        1]["error"]["code"] == "mix_is_over"  # fmt: skip


def test_telling_twice_has_no_second_effect_and_order_is_no_matter(yard: Yard) -> None:
    bench = begin(yard)
    fill, read = event("done", "fill"), event("read", "read-water", "0.5", at=1_700_000_005.0)
    one = tell(yard, bench, read)
    assert one["now"] == 0  # the water is read, but the fill was not heard of yet
    two = tell(yard, bench, fill, read, fill)
    assert two["now"] == 2
    assert tell(yard, bench, read, fill) == two
    assert MixEvent.objects.filter(mix_id=bench["id"]).count() == 2
    with pytest.raises(TypeError, match="never altered"):
        MixEvent.objects.filter(mix_id=bench["id"])[0].save()


def test_two_people_see_one_mix_and_a_conflict_is_shown(yard: Yard) -> None:
    bench = begin(yard)
    tamsin = Client()
    tamsin.force_login(User.objects.get(username="tamsin"))
    tell(yard, bench, event("read", "read-water", "0.52"))
    other = {"events": [event("read", "read-water", "0.61", at=1_700_000_001.0)]}
    seen = tamsin.post(f"{at(yard, bench)}/events", other, content_type="application/json").json()
    [conflict] = seen["conflicts"]
    assert (conflict["counts_by"], conflict["other_by"]) == ("wren", "tamsin")
    assert (conflict["counts_shown"], conflict["other_shown"]) == ("0.52 mS/cm", "0.61 mS/cm")
    assert conflict["both"] is None
    settled = tell(yard, bench, event("undone", of=conflict["other"]))
    assert settled["conflicts"] == []


def test_a_mix_with_an_open_conflict_waits_for_it_and_counts_what_both_poured(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "pour")
    first = bench["steps"][bench["now"]]
    poured = [event("poured", first["id"], figure, at=1_700_000_500.0 + at)
              for at, figure in enumerate(["128", "120"])]  # fmt: skip
    over = finish(yard, tell(yard, bench, *poured))
    assert (over["now"], over["ended_at"], over["record"]) == (None, None, None)
    [conflict] = over["conflicts"]
    assert (conflict["both"], conflict["both_shown"]) == ("248", "248 mL")
    settled = tell(
        yard, bench, event("corrected", figure=conflict["both"], of=conflict["counts"]),
        event("undone", of=conflict["other"]),
    )  # fmt: skip
    assert settled["ended_at"]
    lines = {line["product"]: line["poured"] for line in settled["record"]["poured"]}
    assert lines[first["product"]] == "248"


def test_a_stop_must_be_acknowledged_and_a_tank_has_one_mix_at_a_time(yard: Yard) -> None:
    path = f"/api/grows/{yard.grow.pk}/mixes"
    before = Product.objects.get(grow=yard.grow, name="Marram One").left
    large = yard.mix(**{**START, "volume": "3000 L"})
    status, answer = yard.send("POST", path, large)
    assert (status, answer["error"]["code"]) == (422, "stops_open")
    bench = begin(yard, volume="3000 L", acknowledged=["bottle_runs_out"])
    status, answer = yard.send("POST", path, yard.mix(**START))
    assert (status, answer["error"]["code"]) == (422, "mix_under_way")
    assert [one["id"] for one in yard.client.get(path).json()] == [bench["id"]]
    assert yard.client.delete(at(yard, bench)).json()["ended_at"]
    assert yard.client.get(path).json() == []
    # Nothing was poured, so that nothing is out of its bottle.
    assert before == Product.objects.get(grow=yard.grow, name="Marram One").left
    begin(yard)


@pytest.mark.parametrize(
    ("told", "code"),
    [
        (event("read", "read-water", "40"), "reading_odd"),
        (event("read", "read-ph-1", "12"), "reading_odd"),
        (event("read", "read-water", "350 ppm"), "ppm_without_scale"),
        (event("read", "read-water"), "event_incomplete"),
        (event("poured", "fill", "-5"), "negative"),
        (event("done", "fill", id="x"), "wrong_type"),
        (event("burnt", "fill"), "not_a_choice"),
    ],
)
def test_events_that_are_refused(yard: Yard, told: dict[str, Any], code: str) -> None:
    bench = begin(yard)
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": [told]})
    assert (status, answer["error"]["code"]) == (422, code)
    assert not MixEvent.objects.filter(mix_id=bench["id"]).exists()


def test_the_record_goes_out_as_json_and_csv(yard: Yard) -> None:
    bench = begin(yard, split=False)
    early = yard.client.get(f"{at(yard, bench)}/record")
    assert early.json()["error"]["code"] == "no_record"
    finish(yard, bench)
    record = yard.client.get(f"{at(yard, bench)}/record").json()
    assert record["format"] == "brisk-measure/mix-record"
    answer = yard.client.get(f"{at(yard, bench)}/record?as_=csv")
    rows = list(csv.DictReader(io.StringIO(answer.content.decode())))
    assert [row["figure"] for row in rows if row["name"] == "Marram One"] == ["714"]
    assert answer["Content-Disposition"].startswith("attachment")


def test_a_mix_keeps_the_plan_it_was_started_from(yard: Yard) -> None:
    bench = begin(yard)
    Product.objects.filter(grow=yard.grow).update(label=None)
    again = yard.client.get(at(yard, bench)).json()
    assert again == bench
    assert Mix.objects.get(pk=bench["id"]).as_plan().pours[1].ec_rise > 0


def test_an_amount_that_was_wrong_is_corrected_and_taken_back(yard: Yard) -> None:
    bench = reach(yard, begin(yard, split=False), "pour")
    while bench["steps"][bench["now"]]["product"] != "one":
        bench = reach(yard, obey(yard, bench, 50), "pour")
    poured = event("poured", bench["steps"][bench["now"]]["id"], "714", at=1_700_001_000.0)
    bench = tell(yard, bench, poured)

    def other_part(bench: dict[str, Any]) -> str:
        return str(next(s["amount"] for s in bench["steps"] if s["id"].endswith("-two")
                        and s["kind"] == "pour"))  # fmt: skip

    assert other_part(bench) == "714"
    wrong = event("corrected", figure="785.4", of=poured["id"], at=1_700_001_001.0)
    corrected = tell(yard, bench, wrong)
    assert other_part(corrected) == "785.4"  # a tenth more of both
    back = event("undone", of=wrong["id"], at=1_700_001_002.0)
    assert other_part(tell(yard, bench, back)) == "714"
    gone = tell(yard, bench, event("undone", of=poured["id"], at=1_700_001_003.0))
    assert gone["steps"][gone["now"]]["id"] == poured["step"]
    assert gone["heard"] == bench["heard"] + 3  # what happened stays in the list
    # a step that was taken back waits for the next press, and then has the event of that one
    assert gone["steps"][gone["now"]]["event"] is None
    assert poured["step"] not in gone["held"]
    again = event("poured", poured["step"], "714", at=1_700_001_004.0)
    retold = tell(yard, bench, again)
    assert [one["event"] for one in retold["steps"] if one["id"] == poured["step"]] == [again["id"]]


def test_a_tank_that_was_not_read_at_the_end_of_its_mix_reads_nothing(yard: Yard) -> None:
    finish(yard, begin(yard))
    assert (yard.listed("tanks")[0]["last_ec"], yard.listed("tanks")[0]["last_ph"]) == (
        "1.82",
        "5.9",
    )
    bench = begin(yard)
    number = 100
    while bench["now"] is not None:
        step = bench["steps"][bench["now"]]
        number += 1
        if step["kind"] in ("read_ec", "read_ph") and step["id"] != "read-between":
            late = event("skipped", step["id"], at=1_700_000_000.0 + 10 * number)
            bench = tell(yard, bench, late)
        else:
            bench = obey(yard, bench, number, read_ec="1.41")
    readings = [line["step"] for line in bench["record"]["readings"]]
    assert readings == ["read-water", "read-between"]  # of the water, and of half the feed
    # nor does it read what the filling before did
    assert (yard.listed("tanks")[0]["last_ec"], yard.listed("tanks")[0]["last_ph"]) == (None, None)


def test_a_step_that_was_left_out_is_in_the_record(yard: Yard) -> None:
    bench = begin(yard, split=False)
    bench = tell(yard, bench, event("done", "fill"), event("skipped", "read-water"))
    over = finish(yard, bench)
    assert over["record"]["skipped"] == ["read-water"]
    assert next(s for s in over["steps"] if s["id"] == "read-water")["status"] == "skipped"


def test_a_name_that_a_spreadsheet_would_run_is_only_text(neighbour: Yard) -> None:
    chart = {**SMALL_CHART, "name": "Sly", "products": [
        {**SMALL_CHART["products"][0], "name": "=1+1"}, SMALL_CHART["products"][1],
    ]}  # fmt: skip
    version = publish_chart(neighbour.grow, document_of(FeedChart, chart))
    bench = begin(neighbour, version_id=version.pk, column="w1", volume="50 L", split=False)
    finish(neighbour, bench, read_water="0.3", read_ec="0.7")
    answer = neighbour.client.get(f"{at(neighbour, bench)}/record?as_=csv").content.decode()
    assert next(row["name"] for row in csv.DictReader(io.StringIO(answer))) == "'=1+1"


def test_what_two_people_did_is_in_the_record_by_name(yard: Yard) -> None:
    bench = begin(yard, split=False)
    tamsin = Client()
    tamsin.force_login(User.objects.get(username="tamsin"))
    fill = {"events": [event("done", "fill")]}
    tamsin.post(f"{at(yard, bench)}/events", fill, content_type="application/json")
    over = finish(yard, yard.client.get(at(yard, bench)).json())
    assert over["record"]["people"] == ["tamsin", "wren"]
    assert [line["by"] for line in over["record"]["readings"]] == ["wren"] * 3


def test_a_mix_asks_the_database_as_often_whatever_its_length(yard: Yard) -> None:
    bench = begin(yard)
    with CaptureQueriesContext(connection) as early:
        yard.client.get(at(yard, bench))
    bench = reach(yard, bench, "read_ph")
    with CaptureQueriesContext(connection) as late:
        yard.client.get(at(yard, bench))
    assert len(late) == len(early) <= 8


@pytest.mark.parametrize(
    ("told", "code"),
    [
        ({"kind": "read", "step": "read-ph-1", "figure": "14.5", "sure": True}, "ph_out_of_range"),
        ({"kind": "corrected", "of": "never-heard-of", "figure": "-1"}, "negative"),
        ({"kind": "undone"}, "event_incomplete"),
        (
            {"kind": "poured", "step": "pour-3-one", "figure": "99999999", "sure": True},
            "figure_out_of_range",
        ),
        ({"kind": "poured", "step": "pour-99-one", "figure": "1"}, "unknown_step"),
    ],
)
def test_of_a_heap_with_one_bad_event_none_is_kept(
    yard: Yard, told: dict[str, Any], code: str
) -> None:
    bench = begin(yard)
    heap = [event("done", "fill"), event(**told), event("done", "temperature")]
    status, answer = yard.send("POST", f"{at(yard, bench)}/events", {"events": heap})
    assert (status, answer["error"]["code"]) == (422, code)
    assert answer["error"]["where"].startswith("events[1]")
    assert not MixEvent.objects.filter(mix_id=bench["id"]).exists()


def test_a_mix_that_pours_nothing_is_not_started(yard: Yard) -> None:
    none = [{"product": key, "strength": "0 %"} for key in yard.version.products]
    told = yard.mix(**START, overrides=none)
    status, answer = yard.send("POST", f"/api/grows/{yard.grow.pk}/mixes", told)
    assert (status, answer["error"]["code"]) == (422, "nothing_to_pour")


def test_what_was_poured_is_out_of_its_bottle_when_the_mix_is_given_up(yard: Yard) -> None:
    first = Product.objects.get(grow=yard.grow, name="Glasswort")
    assert first.left is not None
    bench = reach(yard, begin(yard, split=False), "stir")
    assert bench["steps"][bench["now"]]["name"] == "Glasswort"
    for _ in range(2):  # a second press finds it over, and takes nothing more
        assert yard.client.delete(at(yard, bench)).json()["ended_at"]
        assert Product.objects.get(pk=first.pk).left == first.left - 128
    assert yard.client.get(f"{at(yard, bench)}/record").json()["error"]["code"] == "no_record"


def test_the_form_for_hard_water_is_what_is_poured_shown_and_drawn_down(yard: Yard) -> None:
    usual = Product.objects.get(grow=yard.grow, name="Marram One")
    hard = Product.objects.create(grow=yard.grow, name="Marram One H", tag="MH", role="base",
                                  hard_form_of=usual, label=usual.label, left=3000)  # fmt: skip
    bench = begin(yard, split=False, hard_forms=True)
    assert [(p["name"], p["tag"]) for p in bench["pours"] if p["product"] == "one"] == [
        ("Marram One H", "MH")
    ]
    [bottle] = [one for one in bench["bottles"] if one["tag"] == "MH"]
    assert (bottle["name"], bottle["left"]) == ("Marram One H", "3000 mL")
    finish(yard, bench)
    assert Product.objects.get(pk=hard.pk).left == 3000 - 714
    assert Product.objects.get(pk=usual.pk).left == usual.left


def test_who_pressed_is_kept_whoever_tells_of_it(yard: Yard) -> None:
    bench = begin(yard)
    mine, other = event("done", "fill"), event("done", "temperature", by="tamsin")
    stranger = event("read", "read-water", "0.52", by="heron")
    tell(yard, bench, mine, other, stranger)
    kept = {e.step: e for e in MixEvent.objects.filter(mix_id=bench["id"]).select_related("by")}
    assert kept["fill"].by.username == "wren"
    assert (kept["temperature"].by.username, kept["temperature"].told_by) == ("tamsin", yard.person)
    read = kept["read-water"]  # heron is no member of this grow
    assert (read.by, read.author, read.told_by) == (None, "heron", yard.person)


def test_a_clock_that_is_far_off_is_not_believed(yard: Yard) -> None:
    bench = begin(yard)
    now = time()
    tell(
        yard, bench, event("done", "fill", at=now - 3600), event("done", "temperature", at=now * 2)
    )
    kept = {e.step: e for e in MixEvent.objects.filter(mix_id=bench["id"])}
    assert not kept["fill"].clock_off
    assert kept["fill"].at.timestamp() == pytest.approx(now - 3600, abs=0.01)
    assert kept["temperature"].clock_off
    assert abs(kept["temperature"].at - kept["temperature"].heard_at) < timedelta(seconds=5)


@pytest.mark.parametrize("ahead", [2, 600])
def test_nothing_has_happened_that_is_still_to_come(yard: Yard, ahead: int) -> None:
    bench = begin(yard)
    early, late = (event("done", step, at=time() + ahead + n) for n, step in
                   enumerate(("fill", "temperature")))  # fmt: skip
    tell(yard, bench, late, early)
    kept = {e.step: e for e in MixEvent.objects.filter(mix_id=bench["id"])}
    assert kept["fill"].at < kept["temperature"].at
    assert kept["temperature"].at - kept["temperature"].heard_at < timedelta(seconds=1)
    assert kept["fill"].clock_off == (ahead > 5)


def test_a_wait_counts_by_the_servers_clock_whoever_poured(yard: Yard) -> None:
    """A phone ten minutes ahead pours: the stir behind it is over no later for it, nor earlier."""
    bench = reach(yard, begin(yard, split=False), "pour")
    pour = bench["steps"][bench["now"]]
    tell(yard, bench, event("poured", pour["id"], pour["goes_in"], at=time() + 600))
    answer = yard.client.get(at(yard, bench))
    again = yard.client.get(at(yard, bench), headers={"If-None-Match": answer["ETag"]})
    for told_at in (float(answer["Told-At"]), float(again["Told-At"])):
        stir = answer.json()["steps"][answer.json()["now"]]
        assert stir["kind"] == "stir"
        assert stir["due"] - told_at == pytest.approx(stir["seconds"], abs=2)


def test_what_was_poured_beyond_what_was_left_is_kept(yard: Yard) -> None:
    Product.objects.filter(grow=yard.grow, name="Marram One").update(left=700)
    finish(yard, begin(yard, split=False, acknowledged=["bottle_runs_out"]))
    bottle = Product.objects.get(grow=yard.grow, name="Marram One")
    assert (bottle.left, bottle.short) == (0, Decimal("14"))


def test_steps_end_as_the_persons_pace_has_it(yard: Yard) -> None:
    bench = begin(yard, split=False)
    seen = yard.client.get(at(yard, bench))

    def ends() -> dict[str, str]:
        answer = yard.client.get(at(yard, bench), headers={"If-None-Match": seen["ETag"]})
        return {step["id"]: step["ends"] for step in answer.json()["steps"]}

    def walk(pace: str) -> None:
        status, _ = yard.send("PUT", f"/api/grows/{yard.grow.pk}/pace", {"pace": pace})
        assert status == 200

    assert seen.json()["pace"] == "usual"
    walk("brisk")  # a device that has seen it at another pace is told anew
    cut = ends()
    assert (cut["shake-5-wrack"], cut["pour-5-wrack"], cut["stir-5-wrack"], cut["wait-5-wrack"]) == (
        "with_next", "press", "itself", "cut",
    )  # fmt: skip
    assert {cut["wait-1-glasswort"], cut["wait-3-one"], cut["wait-4-two"]} == {"itself"}
    walk("full")
    assert set(ends().values()) == {"press"}
    assert yard.send("PUT", f"/api/grows/{yard.grow.pk}/pace", {"pace": "hasty"})[0] == 422


def test_day_or_night_goes_with_the_person_and_not_with_the_device(yard: Yard) -> None:
    bench = begin(yard)
    tamsin = Client()
    tamsin.force_login(User.objects.get(username="tamsin"))
    seen = yard.client.get(at(yard, bench))
    assert seen.json()["night"] is False
    assert yard.send("PUT", f"/api/grows/{yard.grow.pk}/pace", {"night": True})[0] == 200
    again = yard.client.get(at(yard, bench), headers={"If-None-Match": seen["ETag"]}).json()
    assert (again["night"], again["pace"]) == (True, seen.json()["pace"])
    assert tamsin.get(at(yard, bench)).json()["night"] is False
    assert yard.send("PUT", f"/api/grows/{yard.grow.pk}/pace", {"pace": "brisk"})[0] == 200
    again = yard.client.get(at(yard, bench)).json()
    assert (again["night"], again["pace"]) == (True, "brisk")


def test_a_bench_is_told_anew_when_numbers_are_to_be_written_in_another_way(yard: Yard) -> None:
    bench = begin(yard)
    seen = yard.client.get(at(yard, bench))
    units = seen.json()["units"]
    told = {"volume": "L", "reading": "mS/cm", "spoons": units["spoons"], "decimal": ","}
    assert yard.send("PUT", f"/api/grows/{yard.grow.pk}/units", told)[0] == 200
    again = yard.client.get(at(yard, bench), headers={"If-None-Match": seen["ETag"]})
    assert (again.status_code, again.json()["units"]["decimal"]) == (200, ",")


def test_a_time_is_over_when_it_is_over_or_is_left_out_on_purpose(yard: Yard) -> None:
    bench = reach(yard, begin(yard), "wait")
    step = bench["steps"][bench["now"]]
    assert step["due"] - time() > 20

    def done(kind: str = "done") -> tuple[int, dict[str, Any]]:
        told = {"events": [event(kind, step["id"], at=time())]}
        return yard.send("POST", f"{at(yard, bench)}/events", told)

    status, refused = done()
    assert (status, refused["error"]["code"]) == (422, "time_not_over")
    assert refused["error"]["where"] == "events[0]"
    with time_machine.travel(step["due"] + 1):
        assert done()[0] == 200
    bench = reach(yard, yard.client.get(at(yard, bench)).json(), "wait")
    step = bench["steps"][bench["now"]]
    assert done("skipped")[0] == 200
