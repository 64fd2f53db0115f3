"""How much of a printed dose goes in, and why."""

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Dose, Role
from core.chart.strength import End, Override, printed_amount, share_of
from core.formats.chart import ProductDocument
from core.quantities import DoseUnit, Spoons, Volume
from tests.core.mixes import F, dose, product

SINGLE, RANGE = dose("p", "2 mL/L"), dose("p", "2-3 mL/L")
shares = st.fractions(F(1, 100), 2, max_denominator=100)


@given(shares, st.fractions(0, 1, max_denominator=100))
def test_what_does_not_scale_is_left_alone(strength: Fraction, headroom_share: Fraction) -> None:
    fixed = product("p", Role.SILICA)
    share = share_of(fixed, SINGLE, strength=strength, headroom_share=headroom_share, end=End.LOW)
    assert (share.value, share.why) == (1, ("not_scaled",))


@given(shares, st.fractions(0, 1, max_denominator=100))
def test_strength_and_room_multiply(strength: Fraction, headroom_share: Fraction) -> None:
    base = product("p", Role.BASE)
    share = share_of(base, SINGLE, strength=strength, headroom_share=headroom_share, end=End.LOW)
    assert share.value == strength * headroom_share
    assert share.chosen == strength
    assert ("room_left_by_water" in share.why) == (headroom_share != 1)


@given(shares, shares)
def test_a_wish_goes_before_the_rule_but_not_before_the_water(
    strength: Fraction, wish: Fraction
) -> None:
    base = product("p", Role.BASE)
    share = share_of(
        base, RANGE, strength=strength, headroom_share=F(1, 2), end=End.LOW,
        override=Override("p", wish, End.HIGH),
    )  # fmt: skip
    assert share.value == wish / 2
    assert share.end is End.HIGH
    assert share.why == ("override", "room_left_by_water", "range_high")


@given(st.fractions(0, 50), st.fractions(0, 50), shares)
def test_the_middle_lies_between_the_ends(low: Fraction, more: Fraction, share: Fraction) -> None:
    cell = Dose("p", "w1", low, low + more, DoseUnit.TSP_PER_GAL_US)
    printed = printed_amount(cell, Volume(F(30)), Spoons.METRIC, {})
    assert printed is not None
    poured = [printed.poured(end, share).value for end in (End.LOW, End.MIDDLE, End.HIGH)]
    assert poured == sorted(poured)
    assert poured[1] * 2 == poured[0] + poured[2]


def test_a_rule_alone_has_no_printed_amount() -> None:
    assert printed_amount(Dose("p", "w1", until_ec=F(1)), Volume(F(1)), Spoons.METRIC, {}) is None


SCALED = {Role.BASE, Role.CALMAG, Role.MAGNESIUM, Role.BOOSTER}


@pytest.mark.parametrize("role", list(Role))
def test_roles_scale_as_the_trade_has_it_unless_said_otherwise(role: Role) -> None:
    # Common practice: silica, buffers, enzymes and cultures are dosed per volume.
    assert ProductDocument(key="p", role=role).product().scales is (role in SCALED)
    assert ProductDocument(key="p", role=role, scales=True).product().scales
