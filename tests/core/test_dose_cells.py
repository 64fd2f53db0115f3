"""What single cells of a bottle's row say; the writings are common practice."""

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.leaflet.rows.cells import (
    DoseCell,
    DoseCellHabits,
    comma_habit,
    is_no_dose,
    is_tick,
    read_dose_cell,
)
from tests.core.mixes import F
from tests.words import refuses

NOTHING = DoseCell(is_none=True)


def said(
    low: str, high: str | None = None, *, note: str = "", until: str | None = None
) -> DoseCell:
    return DoseCell(F(low), F(high or low), None, None if until is None else F(until), note)


@pytest.mark.parametrize(
    ("text", "cell"),
    [
        ("4", said("4")), (" 2.5 ", said("2.5")), ("2,5", said("2.5")), ("½", said("0.5")),
        ("1½", said("1.5")), ("1 1/2", said("1.5")), ("1/2", said("0.5")), ("3/16", said("0.1875")),
        ("2-3", said("2", "3")), ("2 – 3", said("2", "3")), ("2 to 3", said("2", "3")),
        ("2 or 3", said("2", "3")), ("2...3", said("2", "3")), ("2~3", said("2", "3")),
        ("2…3", said("2", "3")), ("0-2", said("0", "2")),
        ("up to 2", said("2", "2", note="up to")), ("max. 2", said("2", "2", note="max.")), ("<1", said("1", "1", note="<")),
        ("≤ 1,5", said("1.5", "1.5", note="≤")), ("no more than 2", said("2", "2", note="no more than")),
        ("~4", said("4", note="~")), ("ca. 4", said("4", note="ca.")),
        ("approx. 2-3", said("2", "3", note="approx.")),
        ("4*", said("4", note="*")), ("4**", said("4", note="**")), ("4 †", said("4", note="†")),
        ("4¹", said("4", note="¹")), ("4 1)", said("4", note="1)")),
        ("4 (in soft water)", said("4", note="(in soft water)")),
        ("4 [optional]*", said("4", note="[optional] *")),
        ("~4 (from day 3)", said("4", note="~ (from day 3)")),
        ("4 until EC +1.0", said("4", until="1")), ("4, until EC +0.4*", said("4", note="*", until="0.4")),
        ("2-3 or until +1", said("2", "3", until="1")), ("0 until EC +1", said("0", until="1")),
        ("until EC +1.0 (see back)", DoseCell(until_ec=F(1), note="(see back)")),
        ("–", NOTHING), ("n/a", NOTHING), ("0.0", NOTHING), ("X", NOTHING), ("", NOTHING),
        ("0-0", NOTHING), ("0 mL", NOTHING), ("–*", DoseCell(is_none=True, note="*")),
        ("0*", DoseCell(is_none=True, note="*")), ("0 (rest)", DoseCell(is_none=True, note="(rest)")),
        ("Flush", DoseCell(is_none=True, note="Flush")),
        ("1/3", said("0.333333333333")),
    ],
)  # fmt: skip
def test_what_a_cell_says(text: str, cell: DoseCell) -> None:
    assert read_dose_cell(text) == cell


@pytest.mark.parametrize(
    ("text", "low", "high", "unit"),
    [
        ("4 ml/L", "4", "4", "mL"), ("2-3 ml", "2", "3", "mL"), ("2 ml - 3 ml", "2", "3", "mL"),
        ("2ml to 3ml", "2", "3", "mL"), ("5 g", "5", "5", "g"),
        ("½ tsp", "0.5", "0.5", "mL"), ("4 (mL per L)", "4", "4", "mL"),
    ],
)  # fmt: skip
def test_a_cell_may_bring_its_unit(text: str, low: str, high: str, unit: str) -> None:
    cell = read_dose_cell(text)
    assert (cell.low, cell.high) == (F(low), F(high))
    assert cell.unit is not None
    assert cell.note == ""


@pytest.mark.parametrize(
    ("text", "code"),
    [
        ("4/5", "fraction_unclear"), ("3/2", "fraction_unclear"), ("2/2", "fraction_unclear"),
        ("4 5/4", "fraction_unclear"),
        ("2027-03-02", "cell_is_a_date"), ("2027-03-02 00:00:00", "cell_is_a_date"),
        ("up to 2-3", "words_unclear"), ("4 splashes", "words_unclear"),
        ("as the plants ask for it, but not in the first week " * 2, "too_long"),
        ("as the plants ask", "not_a_number"),
        ("until EC 1.0", "rule_unclear"), ("until bloom", "rule_unclear"),
        ("1" * 13, "out_of_range"),
    ],
)  # fmt: skip
def test_what_no_cell_can_mean_is_asked(text: str, code: str) -> None:
    with pytest.raises(InputError) as refused:
        read_dose_cell(text)
    assert refused.value.code == code


def test_of_words_that_are_no_unit_the_first_forty_signs_are_told() -> None:
    with refuses(f"^“{'x' * 40}” is no unit"):
        read_dose_cell(f"4 {'x' * 41}")


def test_a_date_of_a_spreadsheet_is_asked_with_both_of_its_readings() -> None:
    with refuses(r"may say 12-11 or 11-12"):
        read_dose_cell("2027-11-12")
    for text in ("2027-03-02", "2027-03-02 00:00:00"):
        with refuses(r"cell \(2027-03-02\); the leaflet may say 2-3 or 3-2"):
            read_dose_cell(text)


@pytest.mark.parametrize(("comma", "figure"), [("decimal", "1"), ("thousands", "1000")])
def test_a_comma_before_three_digits_is_what_the_table_says(comma: str, figure: str) -> None:
    assert read_dose_cell("1,000", DoseCellHabits(comma=comma)) == said(figure)
    assert read_dose_cell("2,5", DoseCellHabits(comma=comma)).low == F("2.5")


@pytest.mark.parametrize(
    ("texts", "habit"),
    [
        (["2,5", "1,000"], "decimal"), (["2.5", "1,000"], "thousands"), (["1,000"], ""),
        (["2,5", "2.5"], ""), ([], ""), (["about 2,25 mL"], "decimal"), (["2,255"], ""),
        (["10.75 x"], "thousands"),
    ],
)  # fmt: skip
def test_commas_are_told_by_cells_that_can_mean_one_thing(texts: list[str], habit: str) -> None:
    assert comma_habit(texts) == habit


@given(st.decimals(0, 999_999, allow_nan=False, places=3), st.sampled_from(["{}", "{} ml", "{}*"]))
def test_a_plain_figure_is_read_exactly(figure: object, form: str) -> None:
    cell = read_dose_cell(form.format(figure))
    if Fraction(str(figure)) == 0:
        assert cell.is_none
    else:
        assert cell.low == cell.high == Fraction(str(figure))


def test_ticks_may_mean_either() -> None:
    assert is_tick("X")
    assert is_tick(" ✓ ")
    assert not is_tick("–")
    assert is_no_dose("x")
    assert not is_no_dose("yes")
