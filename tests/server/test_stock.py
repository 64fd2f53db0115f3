"""Bottles received, drawn down by mixes, corrected and discarded over the API."""

from datetime import UTC, datetime
from fractions import Fraction
from typing import Any

import pytest
import time_machine

from server.shelf.bottles import take
from server.shelf.models import Bottle, Product, StockEntry
from tests.server.at_the_bench import begin, finish
from tests.server.conftest import Yard

NOON = datetime(2026, 3, 14, 12, tzinfo=UTC)


@pytest.fixture(autouse=True)
def _clock() -> Any:
    with time_machine.travel(NOON, tick=False):
        yield


def at(yard: Yard, name: str, *parts: str | int) -> str:
    product = Product.objects.get(grow=yard.grow, name=name)
    return "/".join(map(str, (f"/api/grows/{yard.grow.pk}/products/{product.pk}", *parts)))


def stock(yard: Yard, name: str) -> dict[str, Any]:
    yard.client.force_login(yard.person)
    found: dict[str, Any] = yard.client.get(at(yard, name, "stock")).json()
    return found


def receive(yard: Yard, name: str, **told: object) -> dict[str, Any]:
    yard.client.force_login(yard.person)
    status, answer = yard.send("POST", at(yard, name, "bottles"), told)
    assert status == 201, answer
    return answer


def listed(yard: Yard, name: str) -> dict[str, Any]:
    products = yard.client.get(f"/api/grows/{yard.grow.pk}/shelf").json()["products"]
    return next(one for one in products if one["name"] == name)


def test_what_was_one_figure_is_a_bottle_once_another_comes(neighbour: Yard) -> None:
    Product.objects.filter(grow=neighbour.grow, name="Part A").update(left=400, size=1000, price=30)
    assert stock(neighbour, "Part A")["bottles"] == []
    answer = receive(neighbour, "Part A", size="1000", count=2, price="28,50", batch="L7")
    assert answer["left"] == "2400"
    assert sorted(one["left"] for one in answer["bottles"]) == ["1000", "1000", "400"]
    assert {one["price"] for one in answer["bottles"]} == {"28.5", "30"}
    assert [one["amount"] for one in answer["history"]] == ["+1000", "+1000"]
    assert listed(neighbour, "Part A")["bottles"] == 3
    # one figure for three bottles says too little
    status, refused = neighbour.send("PUT", at(neighbour, "Part A"), {"left": "700"})
    assert (status, refused["error"]["code"]) == (422, "which_bottle")


def test_what_is_counted_anew_of_one_bottle_is_in_that_bottle(neighbour: Yard) -> None:
    receive(neighbour, "Part A", size="1000")
    status, _ = neighbour.send("PUT", at(neighbour, "Part A"), {"left": "640"})
    answer = stock(neighbour, "Part A")
    assert (status, answer["left"]) == (200, "640")
    assert [bottle["left"] for bottle in answer["bottles"]] == ["640"]
    assert answer["history"][0]["amount"] == "−360"
    poured = Product.objects.get(grow=neighbour.grow, name="Part A")
    take(poured, Fraction(40))
    assert [bottle["left"] for bottle in stock(neighbour, "Part A")["bottles"]] == ["600"]


def test_more_than_a_full_one_holds_is_no_single_bottle(neighbour: Yard) -> None:
    Product.objects.filter(grow=neighbour.grow, name="Part A").update(left=600, size=250, price=19)
    first, _ = receive(neighbour, "Part A", size="250", opened_on="2026-03-01")["bottles"][::-1]
    assert (first["left"], first["size"], first["price"]) == ("600", "", "")


def test_a_mix_draws_the_oldest_bottle_first_and_what_is_short_is_told(neighbour: Yard) -> None:
    receive(neighbour, "Part A", size="1000", best_before="2027-01-01")
    receive(neighbour, "Part A", size="10", opened_on="2026-03-01")
    mix = begin(neighbour, column="w1", volume="100 L", split=False)
    finish(neighbour, mix)
    poured = Product.objects.get(grow=neighbour.grow, name="Part A")
    used = StockEntry.objects.get(product=poured, kind="used")
    assert -used.amount > 10  # more than what stood open
    bottles = {one["size"]: one for one in stock(neighbour, "Part A")["bottles"]}
    assert (bottles["10"]["left"], bottles["10"]["state"]) == ("0", "empty")
    left = 1010 + used.amount
    assert float(bottles["1000"]["left"]) == float(left) == float(poured.left or 0)
    assert used.mix == mix["id"]
    assert poured.short is None
    Bottle.objects.filter(product=poured).update(left=0)
    Product.objects.filter(pk=poured.pk).update(left=0)
    mix = begin(
        neighbour, column="w1", volume="100 L", split=False, acknowledged=["bottle_runs_out"]
    )
    finish(neighbour, mix)
    poured.refresh_from_db()
    assert (poured.left, poured.short) == (0, -used.amount)


def test_the_pace_of_use_says_how_long_it_lasts(neighbour: Yard) -> None:
    receive(neighbour, "Part A", size="200")
    for day in (1, 8):
        with time_machine.travel(datetime(2026, 3, day, 12, tzinfo=UTC), tick=False):
            neighbour.client.force_login(neighbour.person)
            finish(neighbour, begin(neighbour, column="w1", volume="100 L", split=False))
    # 16 mL a week from 1 March: 32 mL in 13 days, and 168 are left
    assert stock(neighbour, "Part A")["left"] == "168"
    assert listed(neighbour, "Part A")["lasts_days"] == int(168 * 13 / 32)


def test_a_bottle_is_opened_corrected_and_discarded_with_a_reason(neighbour: Yard) -> None:
    first = receive(neighbour, "Part B", size="500", received_on="2026-01-05")["bottles"][0]
    path = at(neighbour, "Part B", "bottles", first["id"])
    status, answer = neighbour.send("PATCH", path, {"opened_on": "2026-03-01", "keeps_days": 20})
    assert status == 200
    assert answer["bottles"][0]["good_until"] == "2026-03-21"
    assert listed(neighbour, "Part B")["off"] == "soon_off"
    status, answer = neighbour.send("PATCH", path, {"left": "450", "reason": "spilt"})
    assert (answer["left"], answer["bottles"][0]["level"]) == ("450", 0.9)
    assert next((one["amount"], one["reason"]) for one in answer["history"]) == ("−50", "spilt")
    assert neighbour.send("POST", f"{path}/discarded", {"reason": ""})[0] == 422
    status, answer = neighbour.send("POST", f"{path}/discarded", {"reason": "moulds"})
    assert (status, answer["left"], answer["bottles"]) == (200, "0", [])
    last = answer["history"][0]
    assert (last["kind"], last["amount"], last["left"], last["by"]) == (
        "discarded", "−450", "0", "heron",
    )  # fmt: skip
    assert neighbour.send("PATCH", path, {"note": "x"})[0] == 404


@pytest.mark.parametrize(
    ("told", "where"),
    [
        ({}, "size"),
        ({"size": "0"}, "size"),
        ({"size": "much"}, "size"),
        ({"size": "1e12"}, "size"),
        ({"size": "100", "left": "-3"}, "left"),
        ({"size": "100", "price": "free"}, "price"),
        ({"size": "100", "opened_on": "0206-03-01"}, "opened"),
        ({"size": "100", "keeps_days": 0}, "keeps_days"),
        ({"size": "100", "keeps_days": 99999}, "keeps_days"),
        ({"size": "100", "count": 0}, "count"),
        ({"size": "100", "count": 5000}, "count"),
    ],
)
def test_what_no_bottle_is_is_refused_and_nothing_is_kept(
    neighbour: Yard, told: dict[str, object], where: str
) -> None:
    neighbour.client.force_login(neighbour.person)
    status, answer = neighbour.send("POST", at(neighbour, "Part A", "bottles"), told)
    assert status == 422
    assert answer["error"]["where"].endswith(where)
    assert not Bottle.objects.filter(grow=neighbour.grow).exists()


def test_the_oldest_of_many_is_not_counted_again_for_each(
    neighbour: Yard, django_assert_max_num_queries: Any
) -> None:
    for name in ("Part A", "Part B"):
        receive(neighbour, name, size="100", count=12)
    with django_assert_max_num_queries(11):
        neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/shelf")


def test_a_bottle_of_another_product_is_not_there(neighbour: Yard) -> None:
    other = receive(neighbour, "Part B", size="500")["bottles"][0]["id"]
    assert (
        neighbour.send("PATCH", at(neighbour, "Part A", "bottles", other), {"note": "x"})[0] == 404
    )


def test_a_concentrate_made_up_here_ends_as_a_bottle_with_its_date(neighbour: Yard) -> None:
    powder = Product.objects.create(grow=neighbour.grow, name="Dune powder", tag="Dp", role="base",
                                    form="dry", left=500)  # fmt: skip
    told = {"size": "1000", "from_product": powder.pk, "amount": "250", "keeps_days": 90}
    status, steps = neighbour.send("POST", at(neighbour, "Part A", "make-up"), told)
    assert status == 200
    assert [(one["act"], one["shown"]) for one in steps if one["shown"]] == [  # type: ignore[index]
        ("put_in", "250 g"), ("half", "500 mL"), ("fill_up", "1000 mL"),
    ]  # fmt: skip
    assert not Bottle.objects.filter(grow=neighbour.grow).exists()
    status, answer = neighbour.send("POST", at(neighbour, "Part A", "made-up"), told)
    assert status == 201
    (bottle,) = answer["bottles"]
    assert (bottle["left"], bottle["opened_on"], bottle["good_until"]) == (
        "1000", "2026-03-14", "2026-06-12",
    )  # fmt: skip
    assert [(one["kind"], one["reason"]) for one in answer["history"]] == [
        ("received", "made up here")
    ]
    powder.refresh_from_db()
    assert powder.left == 250
    used = StockEntry.objects.get(product=powder)
    assert (used.kind, used.amount, used.reason) == ("used", -250, "made up to Part A")


@pytest.mark.parametrize(
    ("changes", "code"),
    [({"amount": "501"}, "not_enough"), ({"amount": ""}, "not_a_number"), ({"size": "9000"}, "size_out_of_range"),
     ({"amount": "0"}, "missing"), ({"keeps_days": -1}, "days_out_of_range")],
)  # fmt: skip
def test_what_was_not_made_up_so_draws_nothing(
    neighbour: Yard, changes: dict[str, object], code: str
) -> None:
    powder = Product.objects.create(grow=neighbour.grow, name="Dune powder", tag="Dp", role="base",
                                    form="dry", left=500)  # fmt: skip
    told = {"size": "1000", "from_product": powder.pk, "amount": "250", **changes}
    status, answer = neighbour.send("POST", at(neighbour, "Part A", "made-up"), told)
    assert (status, answer["error"]["code"]) == (422, code)
    powder.refresh_from_db()
    assert (powder.left, Bottle.objects.filter(grow=neighbour.grow).count()) == (500, 0)


@pytest.mark.parametrize("role", ["ph_adjuster", "live", "enzyme"])
@pytest.mark.parametrize("path", ["make-up", "made-up"])
def test_no_acid_and_nothing_that_lives_goes_into_hot_water(
    neighbour: Yard, role: str, path: str
) -> None:
    source = Product.objects.create(grow=neighbour.grow, name="Fell", tag="Fe", role=role, left=500)
    body = {"size": "1000", "from_product": source.pk, "amount": "250", "keeps_days": 90}
    status, answer = neighbour.send("POST", at(neighbour, "Part A", path), body)
    assert (status, answer["error"]["code"]) == (422, "never_hot")
    (listed_source,) = [
        one
        for one in neighbour.client.get(f"/api/grows/{neighbour.grow.pk}/shelf").json()["products"]
        if one["id"] == source.pk
    ]
    assert (listed_source["may_be_put_in"], listed_source["may_be_made_up"]) == (False, False)
