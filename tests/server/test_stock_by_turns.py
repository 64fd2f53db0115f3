"""Bottles that come, are drawn from, counted anew and thrown away in any order: the shelf adds up."""

from decimal import Decimal
from fractions import Fraction
from typing import Any

import pytest
from django.db import transaction
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from server.shelf.bottles import Bottle, StockEntry, take
from server.shelf.models import Product
from tests.lanes import drawn
from tests.server.conftest import Yard

Turn = tuple[str, int, int]

TURNS = st.lists(
    st.tuples(
        st.sampled_from(["receive", "use", "use", "count", "open", "discard"]),
        st.integers(0, 9),
        st.integers(0, 1500),
    ),
    min_size=3,
    max_size=14,
)


class Shelf:
    """One product over the API, and beside it the same with paper and pencil."""

    def __init__(self, yard: Yard) -> None:
        self.yard = yard
        self.product = Product.objects.get(grow=yard.grow, name="Part A")
        self.path = f"/api/grows/{yard.grow.pk}/products/{self.product.pk}"
        self.left: dict[int, Decimal] = {}
        self.short = Decimal(0)

    def turn(self, what: str, which: int, amount: int) -> None:
        if what == "receive":
            return self._receive(which % 3 + 1, amount)
        if what == "use":
            return self._use(Decimal(amount) / 2)
        if not self.left:
            return None
        bottle = sorted(self.left)[which % len(self.left)]
        if what == "count":
            self._send("PATCH", f"bottles/{bottle}", {"left": str(amount)}, 200)
            if self.left[bottle] != amount:
                self.short = Decimal(0)  # what was poured without it is settled
            self.left[bottle] = Decimal(amount)
        elif what == "open":
            self._send("PATCH", f"bottles/{bottle}", {"opened_on": f"2026-03-{which + 1:02}"}, 200)
        else:
            self._send("POST", f"bottles/{bottle}/discarded", {"reason": "gone off"}, 200)
            del self.left[bottle]
        return None

    def _send(self, method: str, path: str, told: object, wanted: int) -> dict[str, Any]:
        status, answer = self.yard.send(method, f"{self.path}/{path}", told)
        assert status == wanted, answer
        return answer

    def _receive(self, count: int, size: int) -> None:
        if size == 0:
            return
        known = set(self.left)
        answer = self._send("POST", "bottles", {"size": str(size), "count": count}, 201)
        came = {one["id"] for one in answer["bottles"]} - known
        assert len(came) == count
        self.left |= dict.fromkeys(came, Decimal(size))

    def _use(self, amount: Decimal) -> None:
        with transaction.atomic():
            product = Product.objects.select_for_update(of=("self",)).get(pk=self.product.pk)
            known = product.left is not None
            take(product, Fraction(amount))
        now = {one.pk: one.left for one in Bottle.objects.filter(pk__in=self.left)}
        drawn = {key: self.left[key] - left for key, left in now.items() if left != self.left[key]}
        # one bottle is emptied before the next is begun
        assert sum(now[key] > 0 for key in drawn) <= 1
        assert sum(drawn.values(), Decimal(0)) == min(amount, sum(self.left.values(), Decimal(0)))
        if known:
            self.short += amount - sum(drawn.values(), Decimal(0))
        self.left = now

    def adds_up(self) -> None:
        self.product.refresh_from_db()
        stock = self.yard.client.get(f"{self.path}/stock").json()
        assert {one["id"]: Decimal(one["left"]) for one in stock["bottles"]} == self.left
        if self.product.left is not None:
            assert self.product.left == sum(self.left.values(), Decimal(0))
            assert (self.product.short or 0) == self.short
        last = StockEntry.objects.filter(product=self.product).first()
        assert last is None or last.left == self.product.left


@settings(max_examples=drawn(6, 20), suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(TURNS)
def test_the_shelf_adds_up_whatever_becomes_of_its_bottles(
    neighbour: Yard, turns: list[Turn]
) -> None:
    with transaction.atomic():
        shelf = Shelf(neighbour)
        for turn in turns:
            shelf.turn(*turn)
            shelf.adds_up()
        transaction.set_rollback(True)


def test_what_became_of_stock_is_never_altered(neighbour: Yard) -> None:
    shelf = Shelf(neighbour)
    shelf.turn("receive", 0, 500)
    with pytest.raises(TypeError, match="never altered"):
        StockEntry.objects.get(product=shelf.product).save()
