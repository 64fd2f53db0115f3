"""The pH to mix to where the pump draws a tank down, against PHREEQC's own mixing of solutions."""

from collections.abc import Mapping
from fractions import Fraction
from typing import Any

import pytest

from core.chemistry import contents_of
from core.chemistry.acids import moles_per_ml
from core.chemistry.elements import Component
from core.chemistry.engine import Solution, described, engine
from core.chemistry.source import source_water
from core.planning import MixRequest, PourSheet, drawn_down_ph, plan_mix
from core.quantities import Volume
from tests.core.labels import PART_ONE, acid_on_shelf, label, labelled, shelf
from tests.core.mixes import F, pair, water

# Without ammonium: PHREEQC would let it burn to nitrogen with the nitrate once solutions are mixed.
ONE, TWO = (
    label(N_nitrate="4.2", Ca="5.2", K2O="1.6"),
    label(P2O5="3.2", K2O="6.4", Mg="1.3", S="1.8"),
)


def by_phreeqc_mixed(
    request: MixRequest, sheet: PourSheet, standing: Fraction
) -> tuple[float, float]:
    """pH of what stands, and of it mixed with plain water by PHREEQC's own MIX."""
    source = source_water(request.water).moles
    stands = dict(source)

    def add(moles: Mapping[Component, float], amount: Fraction) -> None:
        for component, mol in moles.items():
            stands[component] = stands.get(component, 0.0) + mol * float(amount / standing)

    for pour in sheet.pours:
        known = request.shelf.of(pour.product.key).label
        assert known is not None
        assert pour.amount is not None
        add(contents_of(known, pour.product.form, pour.product.role).moles, pour.amount.value)
    if sheet.in_tank and sheet.in_tank.acid:
        bottle = request.shelf.acids[0].bottle
        add(moles_per_ml(bottle.acid, bottle.density)[0], sheet.in_tank.acid.amount.value)
    share = float(standing / request.volume.litres)
    run = f"SOLUTION 1\n{described(Solution(stands))}\nSOLUTION 2\n{described(Solution(source))}\nMIX 3\n1 {share}\n2 {1 - share}\nEND\n"
    phreeqc = engine()
    assert not phreeqc.RunString(run), phreeqc.GetErrorString()
    return phreeqc.GetSelectedOutputValue(1, 0), phreeqc.GetSelectedOutputValue(3, 0)


@pytest.mark.parametrize(
    ("standing", "alkalinity"), [("98", "120"), ("95", "120"), ("90", "60"), ("80", "20")]
)
def test_a_tank_that_is_drawn_down_comes_right_once_plain_water_has_followed(
    standing: str, alkalinity: str
) -> None:
    request = MixRequest(
        pair(), "w1", Volume(F(100)), shelf=shelf(acid_on_shelf(), one=ONE, two=TWO),
        water=water("0.5", alkalinity=alkalinity, calcium="40", magnesium="6"),
    )  # fmt: skip
    sheet = plan_mix(request)
    found = drawn_down_ph(request, sheet, Volume(F(standing)))
    assert found is not None
    mix_to, stands_at = by_phreeqc_mixed(request, sheet, F(standing))
    assert found.mix_to == pytest.approx(mix_to, abs=0.01)
    assert found.stands_at == pytest.approx(stands_at, abs=0.03)  # the acid is kept to a µL
    assert sheet.ph.low <= found.stands_at <= sheet.ph.high
    assert found.mix_to < found.stands_at


def test_no_ph_is_told_for_a_tank_that_is_drawn_down_where_it_is_not_known() -> None:
    hard = water("0.5", alkalinity="120")
    unknown: list[dict[str, Any]] = [
        {"water": water("0.5"), "shelf": labelled(acid_on_shelf())},  # its alkalinity
        {
            "water": hard,
            "shelf": shelf(acid_on_shelf(), one=PART_ONE),
        },  # what the other part brings
        {"water": hard, "shelf": labelled()},  # an acid for it
    ]
    for known_to in unknown:
        request = MixRequest(pair(), "w1", Volume(F(100)), **known_to)
        assert drawn_down_ph(request, plan_mix(request), Volume(F(70))) is None


def test_nobody_is_told_to_mix_to_a_ph_at_which_the_buffer_is_used_up() -> None:
    request = MixRequest(
        pair(), "w1", Volume(F(100)), shelf=labelled(acid_on_shelf()),
        water=water("0.5", alkalinity="120", calcium="40", magnesium="6"),
    )  # fmt: skip
    assert drawn_down_ph(request, plan_mix(request), Volume(F(95))) is not None
    assert drawn_down_ph(request, plan_mix(request), Volume(F(70))) is None
