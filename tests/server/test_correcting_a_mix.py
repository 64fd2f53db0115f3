"""A mix that is over, corrected over the API: the record, bottles, course and learned figures follow."""

from decimal import Decimal
from typing import Any

import pytest
from django.utils import timezone

from server.guided.models import Mix, MixCorrection
from server.shelf.models import Bottle, Product
from server.tanks.timeline import TimeLineEntry, standing
from tests.server.at_the_bench import at, begin, finish
from tests.server.conftest import Yard


def correct(yard: Yard, bench: dict[str, Any], *changes: dict[str, Any], seen: int = 0,
            why: str = "misread", **more: object) -> tuple[int, dict[str, Any]]:  # fmt: skip
    body = {"changes": list(changes), "why": why, "seen": seen, **more}
    return yard.send("POST", f"{at(yard, bench)}/corrections", body)


def line(answer: dict[str, Any], what: str, of: str = "") -> dict[str, Any]:
    [found] = [one for one in answer["summary"]["lines"] if (one["what"], one["of"]) == (what, of)]
    return found


def standing_of(mix: Mix, kind: str) -> list[TimeLineEntry]:
    return list(standing(TimeLineEntry.objects.filter(mix=mix.pk, kind=kind)).order_by("pk"))


@pytest.fixture
def over(yard: Yard) -> dict[str, Any]:
    return finish(yard, begin(yard))


def test_an_amount_moves_record_bottle_and_time_line_and_the_first_record_stays(
    yard: Yard, over: dict[str, Any]
) -> None:
    mix = Mix.objects.get(pk=over["id"])
    poured = next(one for one in over["record"]["poured"] if Decimal(one["poured"]) > 10)
    key, name = poured["product"], poured["name"]
    product = Product.objects.get(pk=mix.products[key]["product"])
    product.left = Decimal(5000)
    product.save()
    Bottle.objects.create(grow=yard.grow, product=product, left=5000)
    more = Decimal(poured["poured"]) + 10
    status, answer = correct(yard, over, {"what": "poured", "of": key, "figure": str(more)})
    assert status == 200, answer
    product.refresh_from_db()
    assert product.left == 4990
    assert product.bottles.get().opened_on is not None  # what is poured from is open
    assert line(answer, "poured", key)["was"] == f"{float(poured['poured']):g} mL"
    [entry] = [one for one in standing_of(mix, "pour") if one.note == name]
    assert Decimal(entry.values["amount"]["value"]) == more
    assert entry.corrects is not None
    [told] = answer["summary"]["corrections"]
    assert (told["by"], told["why"]) == (yard.person.get_username(), "misread")
    first = yard.client.get(f"{at(yard, over)}/record?first=true").json()
    now = yard.client.get(f"{at(yard, over)}/record").json()
    assert first == over["record"]
    assert [len(one["corrections"]) for one in (first, now)] == [0, 1]
    # It did not go in at all: the bottle has it back, and no day of the course was a pour.
    status, answer = correct(yard, over, {"what": "poured", "of": key, "figure": "0"}, seen=1)
    assert status == 200, answer
    product.refresh_from_db()
    assert product.left == 4990 + more
    for path in ("", "/shelf"):  # what was put back is no use below zero
        assert yard.client.get(f"/api/grows/{yard.grow.pk}{path}").status_code == 200
    assert name not in {one.note for one in standing_of(mix, "pour")}
    assert "corrected," in yard.client.get(f"{at(yard, over)}/record?as_=csv").content.decode()


def test_readings_volume_and_person_move_what_the_tank_is_known_by(
    yard: Yard, over: dict[str, Any]
) -> None:
    mix = Mix.objects.get(pk=over["id"])
    reads = {one["what"]: one["step"] for one in over["record"]["readings"]}
    people = yard.client.get(f"/api/grows/{yard.grow.pk}/people").json()["people"]
    other = next(one["name"] for one in people if one["name"] != yard.person.get_username())
    status, answer = correct(
        yard, over,
        {"what": "reading", "of": reads["ec"], "figure": "1.9"},
        {"what": "reading", "of": reads["ph"], "figure": "6.1"},
        {"what": "volume", "figure": "400 L"},
        {"what": "person", "of": yard.person.get_username(), "name": other},
    )  # fmt: skip
    assert status == 200, answer
    record = answer["record"]
    assert (record["ec"], record["ph"], record["litres"]) == ("1.9", "6.1", "400")
    assert record["people"] == [other]
    assert {one["by"] for one in record["readings"]} == {other}
    [entry] = standing_of(mix, "mix")
    values = {what: entry.values[what]["value"] for what in ("ec", "ph", "litres")}
    assert values == {"ec": "1.9", "ph": "6.1", "litres": "400"}
    assert entry.at == mix.ended_at
    assert {one.author for one in standing_of(mix, "reading")} == {other}
    listed = yard.client.get(f"/api/grows/{yard.grow.pk}/mixes-done", {"person": other}).json()
    assert (listed["items"][0]["volume"], listed["items"][0]["ec"]) == ("400 L", "1.90")


def test_what_the_acid_showed_follows_the_acid_the_litres_and_ph(yard: Yard) -> None:
    """Twice the acid, or half the water, is twice the charge: more alkalinity, as meq/L counts it."""
    number, bench = 0, begin(yard)
    phs = iter(["6.9", "6.3", "5.9", "5.8"])
    while bench["now"] is not None:
        step = bench["steps"][bench["now"]]
        from tests.server.at_the_bench import obey

        figures = {"read_ph": next(phs, "5.8")} if step["kind"] == "read_ph" else {}
        bench = obey(yard, bench, number, **figures)
        number += 1
    learned = bench["record"]["alkalinity_meq"]
    assert learned is not None
    acid = next(one for one in bench["record"]["poured"] if one["product"] == "acid")
    twice = str(2 * Decimal(acid["poured"]))
    _, by_acid = correct(yard, bench, {"what": "poured", "of": "acid", "figure": twice})
    _, by_litres = correct(
        yard, bench, {"what": "poured", "of": "acid", "figure": acid["poured"]},
        {"what": "volume", "figure": "212.5 L"}, seen=1,
    )  # fmt: skip
    assert by_acid["record"]["alkalinity_meq"] == by_litres["record"]["alkalinity_meq"]
    assert Decimal(by_acid["record"]["alkalinity_meq"]) > Decimal(learned)
    _, back = correct(yard, bench, {"what": "volume", "figure": "425 L"}, seen=2)
    assert back["record"]["alkalinity_meq"] == learned


@pytest.mark.parametrize(
    ("change", "code"),
    [
        ({"what": "poured", "of": "nothing", "figure": "3"}, "not_in_record"),
        ({"what": "reading", "of": "nothing", "figure": "3"}, "not_in_record"),
        ({"what": "poured", "of": "", "figure": "3"}, "correction_incomplete"),
        ({"what": "volume", "figure": "5 mL"}, "unit_unclear"),
        ({"what": "volume", "figure": "42500 L"}, "volume_odd"),
        ({"what": "person", "of": "wren", "name": "nobody here"}, "not_in_grow"),
        ({"what": "volume", "figure": "425 L"}, "correction_incomplete"),
    ],
)
def test_what_cannot_be_is_refused_and_nothing_is_kept(
    yard: Yard, over: dict[str, Any], change: dict[str, Any], code: str
) -> None:
    status, answer = correct(yard, over, change)
    assert status == 422
    if code != "unit_unclear":  # what a volume cannot be is told elsewhere
        assert answer["error"]["code"] == code
    assert not MixCorrection.objects.exists()


def test_of_two_who_correct_the_second_looks_again_and_a_mix_under_way_is_told_at_the_bench(
    yard: Yard, over: dict[str, Any]
) -> None:
    assert correct(yard, over, {"what": "volume", "figure": "420 L"})[0] == 200
    status, answer = correct(yard, over, {"what": "volume", "figure": "410 L"})
    assert (status, answer["error"]["code"]) == (409, "changed_meanwhile")
    going = begin(yard)
    status, answer = correct(yard, going, {"what": "volume", "figure": "410 L"})
    assert (status, answer["error"]["code"]) == (422, "no_record")
    assert timezone.now() >= MixCorrection.objects.get().at
