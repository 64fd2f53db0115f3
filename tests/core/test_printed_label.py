"""Labels as they are printed: the three figures, g/L and mg/L, and labels that cannot be."""

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Role
from core.chemistry import Basis, Component, Label, Nutrient, contents_of
from core.chemistry.printed_label import printed_grade
from core.errors import InputError
from core.formats import LabelDocument, document_of
from tests.words import words_of


@pytest.mark.parametrize(
    ("text", "figures"),
    [
        ("4-2-6", ("4", "2", "6")),
        ("N-P-K 4-2-6", ("4", "2", "6")),
        ("NPK: 0 - 10 - 12 %", ("0", "10", "12")),
        ("3,5–1.2–7", ("3.5", "1.2", "7")),
        ("15/30/15", ("15", "30", "15")),
    ],
)
def test_the_three_figures_are_total_n_and_the_oxides(text: str, figures: tuple[str, ...]) -> None:
    found = printed_grade(text)
    assert found == dict(
        zip((Nutrient.N, Nutrient.P2O5, Nutrient.K2O), map(Fraction, figures), strict=True)
    )
    assert list(printed_grade(text, as_elements=True)) == [Nutrient.N, Nutrient.P, Nutrient.K]


@given(st.text(max_size=80))
def test_any_other_text_is_refused_with_what_to_type(text: str) -> None:
    try:
        found = printed_grade(text)
    except InputError as refused:
        assert (refused.code, "4-2-6" in words_of(refused)) == ("no_grade", True)
    else:
        assert len(found) == 3


def read(**told: object) -> Label:
    return document_of(LabelDocument, told).label()


def test_grams_and_milligrams_in_a_litre_are_percent_by_volume() -> None:
    in_percent = read(analysis={"N_nitrate": "4.2", "K2O": "1.8"}, basis="w/v")
    in_g = read(analysis={"N_nitrate": "42", "K2O": "18"}, printed_in="g/L")
    in_mg = read(analysis={"N_nitrate": "42000", "K2O": "18000"}, printed_in="mg/L", basis="w/w")
    assert in_percent == in_g == in_mg
    assert in_g.basis is Basis.BY_VOLUME
    # 42 g/L of nitrogen as nitrate: 42 / 14.007 mol in a litre (IUPAC's weight of nitrogen)
    found = contents_of(in_g, Form.LIQUID, Role.BASE)
    assert found.moles[Component.NITRATE] * 1000 == pytest.approx(42 / 14.007, rel=1e-3)


@pytest.mark.parametrize(
    ("told", "code", "where"),
    [
        ({"analysis": {"K2O": "60", "P2O5": "41"}}, "analysis_does_not_add_up", "analysis"),
        ({"analysis": {"N": "4", "N_nitrate": "5"}}, "analysis_does_not_add_up", "analysis.N"),
        # 130 g in 100 mL that weigh 120 g
        ({"analysis": {"K2O": "1300"}, "printed_in": "g/L", "density": "1.2"}, "density_cannot_hold_it", "density"),
        ({"analysis": {"K2O": "2600"}, "printed_in": "g/L"}, "density_cannot_hold_it", "analysis"),
        ({"analysis": {"K2O": "130"}, "basis": "w/v", "density": "1.2"}, "density_cannot_hold_it", "density"),
    ],
)  # fmt: skip
def test_a_label_that_cannot_be_is_refused_with_the_reason(
    told: dict[str, object], code: str, where: str
) -> None:
    with pytest.raises(InputError) as refused:
        read(**told)
    assert (refused.value.code, refused.value.where) == (code, where)


def test_a_heavy_solution_may_hold_more_than_100_g_in_100_ml() -> None:
    assert read(analysis={"K2O": "110"}, basis="w/v", density="1.5").density == Fraction(3, 2)


def test_what_it_is_derived_from_is_kept_and_counts_for_nothing() -> None:
    told = "calcium nitrate,\npotassium nitrate (Ca 99 %)"
    assert read(analysis={"K2O": "1"}, derived_from=told) == read(analysis={"K2O": "1"})
    with pytest.raises(InputError):
        document_of(LabelDocument, {"derived_from": "a\0b"})
