"""Concentrates made up with hot water: common practice, step by step, and what never gets hot."""

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Product, Role
from core.errors import InputError
from core.quantities import Amount, AmountUnit
from core.stock.making_up import LARGEST_BOTTLE_ML, MakeUpAct, make_up_steps

NEVER_HOT = {Role.PH_ADJUSTER, Role.LIVE, Role.ENZYME}
SIZES = st.fractions(Fraction(1, 100), LARGEST_BOTTLE_ML)


@given(st.sampled_from([role for role in Role if role not in NEVER_HOT]), SIZES, st.booleans())
def test_it_is_half_filled_vented_shaken_filled_and_cooled_before_it_is_closed(
    role: Role, size: Fraction, weighed: bool
) -> None:
    put_in = Amount(Fraction(90), AmountUnit.G) if weighed else None
    steps = make_up_steps(Product("k", "Kelp", role), size, put_in)
    acts = [step.act for step in steps]
    assert acts[0] is MakeUpAct.PROTECT  # the caution stands before anything is hot
    assert [act for act in acts if act not in (MakeUpAct.PROTECT, MakeUpAct.PUT_IN)] == [
        MakeUpAct.HALF, MakeUpAct.LOOSE, MakeUpAct.SHAKE, MakeUpAct.FILL_UP, MakeUpAct.COOL,
        MakeUpAct.DATE,
    ]  # fmt: skip
    amounts = {step.act: step.amount.value for step in steps if step.amount}
    assert amounts[MakeUpAct.HALF] * 2 == amounts[MakeUpAct.FILL_UP] == size
    assert (acts[1] is MakeUpAct.PUT_IN) is weighed


@pytest.mark.parametrize("role", sorted(NEVER_HOT))
def test_hot_water_is_for_no_acid_and_nothing_that_it_spoils(role: Role) -> None:
    with pytest.raises(InputError) as refused:
        make_up_steps(Product("k", "Kelp", role), Fraction(1000))
    assert refused.value.code == "never_hot"


@pytest.mark.parametrize(
    ("product", "size", "code"),
    [(Product("k", "Kelp", Role.ADDITIVE, Form.DRY), "1000", "made_up_is_liquid"),
     (Product("k", "Perox", Role.ADDITIVE, oxidiser=True), "1000", "never_hot"),
     (Product("k", "Kelp", Role.ADDITIVE), "5001", "size_out_of_range"),
     (Product("k", "Kelp", Role.ADDITIVE), "0", "size_out_of_range")],
)  # fmt: skip
def test_what_cannot_be_made_up_is_refused(product: Product, size: str, code: str) -> None:
    with pytest.raises(InputError) as refused:
        make_up_steps(product, Fraction(size))
    assert refused.value.code == code
