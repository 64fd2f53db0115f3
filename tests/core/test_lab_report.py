"""Lab reports in other units against handbook figures, the balance of ions, what a water is."""

from contextlib import suppress
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chemistry.lab_report import (
    WaterIs,
    hardness,
    ion_balance,
    is_balanced,
    reported,
    water_is,
)
from core.errors import InputError
from core.water import REPORT_FIELDS, LabReport
from tests.words import refuses

F = Fraction


@pytest.mark.parametrize(
    ("name", "text", "ppm"),
    [
        ("calcium", "68", 68), ("calcium", "68,5 mg/L", 68.5), ("calcium", "68 ppm", 68),
        ("calcium", "68 mg/L Ca", 68), ("magnesium", "12 mg/L as Mg", 12), ("alkalinity", "150 CaCO3", 150),
        ("magnesium", "100 mg/L CaCO3", 24.29), ("nitrate_n", "5 N", 5),
        # 1 mmol/L of calcium is 40.08 mg/L, 1 meq/L is half of it (IUPAC)
        ("calcium", "1 mmol/L", 40.078), ("calcium", "1 meq/L", 20.039),
        # 1 °dH is 7.15 mg/L calcium or 4.34 mg/L magnesium (DIN 38409-6)
        ("calcium", "1 °dH", 7.15), ("magnesium", "1 dH", 4.34), ("alkalinity", "1 °dH", 17.85),
        # 1 °fH is 4.0 mg/L calcium; a grain in a US gallon is 17.1 mg/L CaCO3
        ("calcium", "1 °fH", 4.0), ("alkalinity", "10 gpg", 171.2), ("calcium", "100 mg/L CaCO3", 40.05),
        # sulfate is a third sulfur, nitrate 22.6 % nitrogen (Standard Methods)
        ("sulfur", "96.06 mg/L SO4", 32.06), ("sulfur", "1 mmol/L", 32.06), ("sulfur", "3 mg/L S", 3),
        ("nitrate_n", "50 mg/L NO3", 11.3), ("nitrate_n", "5 mg/L as NO3-N", 5), ("nitrate_n", "1 mmol/L", 14.007),
        # 61 mg/L of bicarbonate are 50 mg/L CaCO3
        ("alkalinity", "61.017 mg/L HCO3", 50.04), ("alkalinity", "3 meq/L", 150.12),
        ("alkalinity", "3 mmol/L", 150.12), ("sodium", "1 mmol/L", 22.99), ("chloride", "2 meq/L", 70.9),
    ],
)  # fmt: skip
def test_a_line_is_read_as_it_is_printed(name: str, text: str, ppm: float) -> None:
    assert float(reported(name, text)) == pytest.approx(ppm, rel=2e-3)


@pytest.mark.parametrize(
    ("name", "text", "code"),
    [("sodium", "5 °dH", "unit_unknown"), ("calcium", "5 mg/L SO4", "form_unknown"),
     ("sodium", "5 mg/L CaCO3", "form_unknown"), ("calcium", "much", "report_unclear"),
     ("calcium", "", "report_unclear"), ("calcium", "5 mol", "report_unclear"),
     ("calcium", "-5", "report_unclear"), ("calcium", "1.2.3", "not_a_number"),
     ("nitrate_n", "5 mg/L NO2", "report_unclear")],
)  # fmt: skip
def test_what_no_report_prints_is_refused(name: str, text: str, code: str) -> None:
    with pytest.raises(InputError) as refused:
        reported(name, text)
    assert refused.value.code == code


@pytest.mark.parametrize(
    ("name", "text", "forms"),
    [("calcium", "5 mg/L SO4", "comes as Ca or CaCO3."), ("sulfur", "5 mg/L NO3", "comes as SO4 or S."),
     ("sodium", "5 mg/L CaCO3", "comes as its own element alone.")],
)  # fmt: skip
def test_the_forms_that_a_line_may_have_are_named(name: str, text: str, forms: str) -> None:
    with refuses(forms):
        reported(name, text)


@given(st.text(max_size=20), st.sampled_from(REPORT_FIELDS))
def test_nothing_that_is_typed_raises_anything_else(text: str, name: str) -> None:
    with suppress(InputError):
        assert reported(name, text) >= 0


def report(**ppm: str) -> LabReport:
    """A report of some lines."""
    return LabReport(**{name: F(value) for name, value in ppm.items()})


def test_the_balance_of_a_worked_example() -> None:
    """2 meq/L each of calcium and of bicarbonate, 1 of sodium and of chloride: balanced."""
    lines = {"calcium": "40.078", "magnesium": "0", "sodium": "22.99", "chloride": "35.45",
             "sulfur": "0", "alkalinity": "100.08"}  # fmt: skip
    assert ion_balance(report(**lines)) == 0
    # without its bicarbonate 3 meq/L stand against 1: half of all charge too much
    assert ion_balance(report(**{**lines, "alkalinity": "0"})) == F(1, 2)
    assert ion_balance(report(**{**lines, "sodium": "0", "chloride": "106.35"})) == F(-3, 7)
    # a meq/L of magnesium stands against one of sulfate, 32.06 g of sulfur in two
    both = {**lines, "magnesium": "12.1525", "sulfur": "16.03"}
    assert abs(ion_balance(report(**both)) or F(0)) < F(1, 10_000)
    assert (ion_balance(report(**{**lines, "magnesium": "12.1525"})) or 0) > F(1, 8)
    # potassium and nitrate count where they were looked for, and need not be
    assert ion_balance(report(**lines, potassium="39.098", nitrate_n="14.007")) == 0
    for missing in lines:
        rest = {name: value for name, value in lines.items() if name != missing}
        assert ion_balance(report(**rest)) is None
    assert ion_balance(report(**dict.fromkeys(lines, "0"))) is None


@pytest.mark.parametrize("side", [1, -1])
def test_a_report_is_doubted_beyond_a_tenth_of_its_charges(side: int) -> None:
    # Standard Methods 1030 E: within 10 % is good (from memory)
    assert is_balanced(F("0.1") * side)
    assert not is_balanced(F("0.1001") * side)


@pytest.mark.parametrize(
    ("caco3", "what"),
    # U.S. Geological Survey: 0 to 60 soft, to 120 moderately hard, to 180 hard, above very hard
    [("60", WaterIs.SOFT), ("60.1", WaterIs.MODERATE), ("120", WaterIs.MODERATE),
     ("120.1", WaterIs.HARD), ("180", WaterIs.HARD), ("180.1", WaterIs.VERY_HARD)],
)  # fmt: skip
def test_hardness_has_its_word(caco3: str, what: WaterIs) -> None:
    calcium = F(caco3) / F("50.04") * F("20.039")
    told = LabReport(calcium=calcium, magnesium=F(0))
    assert hardness(told) == F(caco3)
    assert [one.what for one in water_is(told)] == [what]
    assert water_is(LabReport(calcium=calcium)) == ()


@pytest.mark.parametrize(
    ("calcium", "magnesium"), [("40", "12"), ("40", "0"), ("0", "12"), ("112", "15"), ("3", "0.4")]
)
def test_hardness_by_calculation(calcium: str, magnesium: str) -> None:
    """Standard Methods 2340 B: 2.497 Ca + 4.118 Mg, mg/L as CaCO3."""
    found = hardness(report(calcium=calcium, magnesium=magnesium))
    assert found is not None
    by_standard = 2.497 * float(calcium) + 4.118 * float(magnesium)
    assert float(found) == pytest.approx(by_standard, rel=1e-3)
    assert hardness(report(calcium=calcium)) is None
    assert hardness(report(magnesium=magnesium)) is None


@pytest.mark.parametrize(
    ("name", "edge", "what"),
    [("alkalinity", "150", WaterIs.ALKALINE), ("sodium", "50", WaterIs.SALTY_SODIUM),
     ("chloride", "100", WaterIs.SALTY_CHLORIDE)],
)  # fmt: skip
def test_a_water_is_what_its_threshold_says(name: str, edge: str, what: WaterIs) -> None:
    assert water_is(report(**{name: edge})) == ()
    [found] = water_is(report(**{name: f"{edge}.1"}))
    assert (found.what, found.threshold) == (what, F(edge))
