"""Parts diluted in a bucket first: what stays clear, and from how many litres."""

from dataclasses import replace
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from core.chart import Form, Role
from core.chemistry import Mineral
from core.errors import InputError
from core.guided import guided_plan
from core.planning import MixRequest, PourSheet, plan_mix
from core.planning.premixing import Premix
from core.quantities import Volume
from core.water import Water
from tests.core.guided import HARD, MAINS
from tests.core.labels import label, labelled, shelf
from tests.core.mixes import F, chart, dose, product, water
from tests.lanes import drawn

RO = water("0.02", alkalinity="3", calcium="0")
GYPSUM_G_PER_L = 2.4
"""Of CaSO4·2H2O dissolve 2.4 g in a litre at 25 °C (CRC Handbook of Chemistry and Physics)."""


def mixed(bucket: str | None = "10", **fields: Any) -> PourSheet:
    """100 L of a pair and what else is asked for, each part first in a bucket of so many litres."""
    rows = [
        product("one", Role.BASE, group="g", rank=1),
        product("two", Role.BASE, group="g", rank=2),
    ]
    of = fields.pop("of", chart(rows, [dose("one", "2 mL/L"), dose("two", "2 mL/L")]))
    fields.setdefault("shelf", labelled())
    fields.setdefault("water", MAINS)
    held = None if bucket is None else Volume(F(bucket))
    return plan_mix(MixRequest(of, "w1", Volume(F(100)), bucket=held, **fields))


def test_gypsum_dissolves_in_as_much_water_as_the_handbook_says() -> None:
    stone = product("stone", Role.MAGNESIUM, form=Form.DRY)
    made = chart([stone], [dose("stone", "1 g/L")])
    known = shelf(stone=label(None, Ca="23.28", S="18.62"))  # CaSO4·2H2O by its formula
    (pour,) = mixed(of=made, shelf=known, water=water("0", alkalinity="0", calcium="0")).pours
    assert pour.premix is not None
    assert (pour.premix.is_clear, pour.premix.mineral) == (False, Mineral.GYPSUM)
    assert pour.premix.least == pytest.approx(100 / GYPSUM_G_PER_L, rel=0.1)


def test_a_part_alone_stays_clear_where_both_together_would_not() -> None:
    sheet = mixed()
    assert [pour.premix for pour in sheet.pours] == [Premix(is_clear=True)] * 2
    assert "bucket_clouds" not in {one.code for one in sheet.cautions}
    assert mixed(bucket=None).pours[0].premix is None


def test_what_clouds_is_told_and_poured_neat_at_the_bench() -> None:
    made = chart([product("sulf", Role.MAGNESIUM)], [dose("sulf", "4 mL/L")])
    known = shelf(sulf=label("1.2", S="9", K2O="12"))
    request = MixRequest(made, "w1", Volume(F(100)), bucket=Volume(F("0.2")), shelf=known,
                         water=water("0.9", alkalinity="265", calcium="160"))  # fmt: skip
    sheet = plan_mix(request)
    (pour,) = sheet.pours
    assert pour.premix is not None
    assert pour.premix.is_clear is False
    (caution,) = [one for one in sheet.cautions if one.code == "bucket_clouds"]
    assert caution.products == ("sulf",)
    assert guided_plan(request, sheet).pours[0].bucket_l is None
    assert pour.premix.least is not None
    wider = plan_mix(replace(request, bucket=Volume(F(pour.premix.least))))
    assert wider.pours[0].premix == Premix(is_clear=True)
    assert (
        guided_plan(replace(request, bucket=Volume(F(pour.premix.least))), wider).pours[0].bucket_l
        == pour.premix.least
    )


def test_without_a_label_one_is_asked_to_look_and_acid_has_its_own_cup() -> None:
    rows = [product("kelp", Role.ADDITIVE), product("down", Role.PH_ADJUSTER)]
    made = chart(rows, [dose("kelp", "1 mL/L"), dose("down", "0.1 mL/L")])
    assert [pour.premix for pour in mixed(of=made, shelf=shelf()).pours] == [Premix(None), None]


@given(
    st.sampled_from([F("0.2"), F(1), F(4)]), st.integers(1, 12), st.sampled_from([MAINS, HARD, RO])
)
@settings(max_examples=drawn(8, 25))
def test_the_bucket_that_is_named_stays_clear(bucket: Fraction, times: int, source: Water) -> None:
    made = chart([product("sulf", Role.MAGNESIUM)], [dose("sulf", f"{times} mL/L")])
    known = shelf(sulf=label("1.3", S="9", Ca="6"))
    (pour,) = mixed(of=made, shelf=known, bucket=str(float(bucket)), water=source).pours
    assert pour.premix is not None
    if pour.premix.least is not None:
        assert bucket < pour.premix.least < 100
        (wider,) = mixed(of=made, shelf=known, bucket=str(pour.premix.least), water=source).pours
        assert wider.premix == Premix(is_clear=True)
    if pour.premix.least is not None and pour.premix.least - 1 > bucket:
        litre_less = str(pour.premix.least - 1)
        (smaller,) = mixed(of=made, shelf=known, bucket=litre_less, water=source).pours
        assert smaller.premix is not None
        assert smaller.premix.is_clear is False


@pytest.mark.parametrize("bucket", ["0", "100", "400"])
def test_a_bucket_is_smaller_than_its_tank(bucket: str) -> None:
    with pytest.raises(InputError) as refused:
        mixed(bucket=bucket)
    assert refused.value.where == "bucket"
