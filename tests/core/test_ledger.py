"""The account of a tank in worked sums: what went in, what is in, and what that should read."""

from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.guided.ec.ledger import Ledger
from tests.core.guided import plan_for
from tests.core.mixes import F

PLAN = plan_for()


def uneven() -> Ledger:
    """100 L of a base of 200 mL and 50 mL, which bring 0.8 and 0.4 mS/cm."""
    first, second = PLAN.pours[:2]
    plan = replace(
        PLAN,
        pours=(
            replace(first, amount=F(200), ec_rise=F("0.8"), scaled=True, base=True),
            replace(second, amount=F(50), ec_rise=F("0.4"), scaled=True, base=True),
        ),
    )
    return Ledger(plan, plan.litres, plan.litres)


def test_base_parts_of_unlike_doses_are_in_ratio_by_their_shares() -> None:
    ledger = uneven()
    one, two = ledger.plan.base
    ledger.pour(one, F(100))
    ledger.pour(two, F(25))
    assert ledger.shares() == {one: F(1, 2), two: F(1, 2)}
    assert not ledger.is_askew(F(1, 10))
    ledger.pour(one, F(25))  # now as many mL more of one, which is an eighth of its dose
    assert ledger.shares() == {one: F(5, 8), two: F(1, 2)}
    assert ledger.is_askew(F("0.19"))
    assert not ledger.is_askew(F("0.21"))  # an eighth of five eighths is a fifth


def test_what_is_drained_was_poured_all_the_same() -> None:
    ledger = uneven()
    one, two = ledger.plan.base
    ledger.pour(one, F(200))
    ledger.keep(F(3, 4))
    assert ledger.inside == {one: F(150)}
    assert ledger.poured == {one: F(200)}
    assert (ledger.left(one), ledger.left(two)) == (F(0), F(50))
    assert (ledger.of_dose(one), ledger.of_dose(two)) == (F(1), F(0))
    ledger.pour(one, F(20))
    assert ledger.left(one) == 0  # never below nothing
    assert ledger.of_dose(one) == F(11, 10)


@pytest.mark.parametrize(
    ("litres", "dose_litres", "shrink", "dose", "rise"),
    [
        (F(100), F(100), F(1), F(200), F("0.4")),
        (F(200), F(100), F(1), F(200), F("0.2")),  # twice the water halves what the half brings
        (F(100), F(150), F(1), F(300), F("0.4")),
        (F(100), F(100), F(1, 2), F(100), F("0.4")),  # the bottle brings what it brings
    ],
)
def test_a_volume_that_was_measured_moves_doses_and_rises_each_by_itself(
    litres: F, dose_litres: F, shrink: F, dose: F, rise: F
) -> None:
    ledger = uneven()
    ledger.litres, ledger.dose_litres, ledger.shrink = litres, dose_litres, shrink
    one, _ = ledger.plan.base
    assert ledger.dose(one) == dose
    assert ledger.ec_rise(one, F(100)) == rise


def test_a_whole_mix_as_planned_reads_as_planned() -> None:
    ledger = uneven()
    assert ledger.as_planned == F("1.2")
    for key in ledger.plan.base:
        ledger.pour(key, ledger.left(key))
    assert ledger.expected == ledger.as_planned
    ledger.keep(F(1, 3))
    assert ledger.expected == F("0.4")


@given(
    st.lists(st.tuples(st.booleans(), st.integers(1, 400)), max_size=6),
    st.lists(st.fractions(0, 1, max_denominator=9), max_size=3),
)
def test_what_is_in_is_never_more_than_was_poured(
    pours: list[tuple[bool, int]], kept: list[F]
) -> None:
    ledger = uneven()
    one, two = ledger.plan.base
    for first, amount in pours:
        ledger.pour(one if first else two, F(amount))
        if kept:
            ledger.keep(kept.pop())
    for key in (one, two):
        assert 0 <= ledger.inside.get(key, F(0)) <= ledger.poured.get(key, F(0))
        assert ledger.left(key) == max(ledger.dose(key) - ledger.poured.get(key, F(0)), F(0))
    assert ledger.expected == sum((ledger.ec_rise(k, v) for k, v in ledger.inside.items()), F(0))
