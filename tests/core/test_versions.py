"""Two versions of a chart beside each other, and files that become charts."""

import json
from dataclasses import replace
from typing import Any

import pytest
from hypothesis import given

from core.chart import Chart, Column, Medium, PhWindow, Readings, Role, Stage
from core.errors import InputError
from core.formats.chart import FeedChart
from core.formats.leaflets.draft import ChartDraftDocument
from core.formats.leaflets.reading import draft_of_file, draft_of_rows, table_options
from core.leaflet import Asked
from core.leaflet.comparing import Difference, differences
from core.quantities.dose_units import DoseUnitSaid
from tests.core.mixes import DRY, F, chart, dose, ec, pair, product
from tests.core.test_charts import charts
from tests.words import words_of

PAIR = pair("2 mL/L", target=ec("1.2", "1.6"))
ONE, TWO = PAIR.products
[WEEK] = PAIR.columns


def edited(**fields: Any) -> Chart:
    return replace(PAIR, **fields)


def column(**fields: Any) -> Chart:
    return edited(columns=(replace(WEEK, **fields),))


Told = tuple[str, str | None, str | None]


def told(words: str, product: str | None = None, column: str | None = None) -> Told:
    return words, product, column


def as_told(one: Difference) -> Told:
    return words_of(one), one.product, one.column


def first(**fields: Any) -> Chart:
    return edited(products=(replace(ONE, **fields), TWO))


@pytest.mark.parametrize(
    ("after", "change"),
    [
        (edited(name="Dunlin"), told("name: Test → Dunlin")),
        (edited(medium=Medium.COIR), told("written for: water → coir")),
        (edited(readings=Readings.TOTAL), told("EC: added → total")),
        (edited(rows_are_order=True), told("its rows are the mixing order")),
        (first(name="Skerry A"), told("Skerry A: name One → Skerry A", "one")),
        (first(oxidiser=True), told("One: oxidiser no → yes", "one")),
        (first(scales=False), told("One: scales yes → no", "one")),
        (first(wait_min=5), told("One: wait min none → 5", "one")),
        (first(group=""), told("One: group g → none", "one")),
        (first(rank=3, settles=True), told("One: rank 1 → 3, settles no → yes", "one")),
        (first(role=Role.BOOSTER), told("One: role base → booster", "one")),
        (first(after=("two",)), told("One: what goes in before it", "one")),
        (column(label="Week one"), told("Week one: called Week 1 → Week one", None, "w1")),
        (column(days=10), told("Week 1: days none → 10", None, "w1")),
        (column(stage=Stage.LEAF), told("Week 1: stage none → leaf", None, "w1")),
        (column(ec=ec("1.4")), told("Week 1: EC 1.2-1.6 mS/cm → 1.4 mS/cm", None, "w1")),
        (column(ec=None), told("Week 1: EC 1.2-1.6 mS/cm → none", None, "w1")),
        (column(ph=PhWindow(F("5.8"), F("5.8")), days=7),
         told("Week 1: days none → 7, pH 5.6-6 → 5.8", None, "w1")),
        (edited(doses=(dose("one", "3 mL/L"), dose("two", "2 mL/L"))),
         told("Week 1, One 2 → 3 mL/L", "one", "w1")),
        (edited(doses=(dose("one", "2-3 mL/L"), dose("two", "2 mL/L"))),
         told("Week 1, One 2 → 2-3 mL/L", "one", "w1")),
        (edited(doses=(dose("one", "2 mL/10L"), dose("two", "2 mL/L"))),
         told("Week 1, One 2 mL/L → 2 mL/10 L", "one", "w1")),
        (edited(doses=(dose("two", "2 mL/L"),)), told("Week 1, One 2 mL/L → none", "one", "w1")),
        (edited(products=(TWO,), doses=(dose("two", "2 mL/L"),)), told("One deleted", "one")),
        (edited(products=(*PAIR.products, product("kelp", Role.ADDITIVE))), told("Kelp added", "kelp")),
        (edited(columns=(WEEK, Column("w2", "Week 2"))), told("Week 2 added", None, "w2")),
    ],
)  # fmt: skip
def test_a_change_is_told_in_words(after: Chart, change: Told) -> None:
    assert [as_told(one) for one in differences(PAIR, after)] == [change]


def test_a_dose_of_a_row_or_column_that_is_new_is_not_told_besides() -> None:
    kelp = product("kelp", Role.ADDITIVE)
    later = edited(
        products=(*PAIR.products, kelp), columns=(WEEK, Column("w2", "Week 2")),
        doses=(*PAIR.doses, dose("kelp", "1 mL/L"), dose("one", "3 mL/L", "w2")),
    )  # fmt: skip
    assert [words_of(one) for one in differences(PAIR, later)] == ["Kelp added", "Week 2 added"]
    back = [words_of(one) for one in differences(later, PAIR)]
    assert back == ["Kelp deleted", "Week 2 deleted"]
    until = edited(doses=(replace(dose("one", "2 mL/L"), until_ec=F(1)), dose("two", "2 mL/L")))
    [found] = differences(PAIR, until)
    assert words_of(found) == "Week 1, One 2 mL/L → 2 mL/L, until EC +1"


@given(charts(), charts())
def test_nothing_differs_from_itself_and_what_differs_does_so_both_ways(
    one: Chart, other: Chart
) -> None:
    assert differences(one, one) == ()
    there, back = differences(one, other), differences(other, one)
    assert bool(there) is bool(back)
    told = {(found.product, found.column) for found in there}
    assert told >= {
        (key, None) for key in {p.key for p in one.products} ^ {p.key for p in other.products}
    }
    if one != other and {p.key for p in one.products} == {p.key for p in other.products}:
        assert there or one.products != other.products or _same_but_in_order(one, other)


def _same_but_in_order(one: Chart, other: Chart) -> bool:
    """Rows, columns and doses in another order say the same."""
    return (set(one.columns), set(one.doses)) == (set(other.columns), set(other.doses))


# Files


@pytest.mark.parametrize(
    ("options", "where"),
    [
        (("imperial", None, None), "gallon"), ((None, "600", None), "ppm_scale"),
        ((None, None, "cups"), "unit"), ((None, None, "L"), "unit"), ((None, None, "mL"), "unit"),
        ((None, None, None, "ppm"), "reading_unit"), ((None, None, None, "mS"), "reading_unit"),
    ],
)  # fmt: skip
def test_options_that_are_none_of_their_choices(
    options: tuple[str | None, ...], where: str
) -> None:
    with pytest.raises(InputError) as refused:
        table_options(*options)
    assert (refused.value.code, refused.value.where) == ("not_a_choice", where)


def test_options_as_they_are_typed() -> None:
    found = table_options("UK", " 640 ", "ml per gal")
    per_gallon = DoseUnitSaid("mL", "gal")  # of the gallon that is told beside it
    assert (found.gallon, found.ppm_scale, found.unit) == ("uk", 640, per_gallon)
    assert table_options(None, None, None).unit is None
    assert table_options(None, None, "tsp/gal (US)").unit == DoseUnitSaid("tsp", "gal_us")
    assert table_options(None, None, "mL / 2 L").unit == DoseUnitSaid("mL", "L", 2)


def test_a_chart_in_its_open_format_is_its_own_draft() -> None:
    of = chart(
        [*PAIR.products, product("salt", Role.BASE, form=DRY)],
        [dose("one", "2 mL/L"), dose("two", "2-3 mL/10L"), dose("salt", "5 g/L")], target=ec("1.4"),
    )  # fmt: skip
    raw = FeedChart.of(of).model_dump_json().encode()
    for text in (raw, b"\xef\xbb\xbf \r\n" + raw):
        found = draft_of_file(text, table_options(None, None, None), name="other")
        assert (found.chart, found.name, found.questions) == (of, "Test", ())
    assert [(one.unit and one.unit.value, one.cells, one.row) for one in found.rows] == [
        ("mL/L", ("2",), 1), ("mL/10L", ("2-3",), 2), ("g/L", ("5",), 3)
    ]  # fmt: skip
    table = b",Week 1\nPart A,2\nPart B,2\n"
    named = draft_of_file(table, table_options(None, None, "mL/L"), name="Dunlin")
    assert (named.name, len(named.chart.doses if named.chart else ())) == ("Dunlin", 2)


def test_a_draft_as_json_has_what_is_open_and_what_was_guessed() -> None:
    rows = (("Stir well",), ("", "Week 1", "Week 2"), ("Part A", "2", "3"), ("Part B", "2", "3"),
            ("ppm (700)", "500", "700"))  # fmt: skip
    options = table_options(None, None, None)
    told = json.loads(ChartDraftDocument.of(draft_of_rows(rows, options)).model_dump_json())
    assert (told["format"], told["version"], told["chart"]) == (
        "brisk-measure/chart-draft",
        1,
        None,
    )
    [question] = told["questions"]
    assert (question["code"], question["row"], question["column"]) == (Asked.UNIT, 3, 1)
    assert question["choices"]
    assert {"text": "Stir well", "row": 1, "column": 1} in told["notes"]
    assert any(one["product"] and one["why"] for one in told["guesses"])
    whole = ChartDraftDocument.of(draft_of_rows(rows, table_options(None, None, "mL/L")))
    assert whole.chart is not None
    # 500 ppm on the 700 scale are 5/7 mS/cm, which no decimal tells: it stays in ppm
    assert whole.chart.chart().columns[0].ec == ec("5/7")
    assert whole.chart.reading_scale is not None
    assert whole.chart.reading_scale.scale == 700
