"""A leaflet as it is typed: what is read of it, what it means in a tank, and what it feeds."""

from dataclasses import replace
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Chart, Medium, PhWindow, Readings, Role, Stage
from core.chemistry import Element, Salt
from core.formats.chart import MS_CM, FeedChart
from core.formats.leaflets.sheet import LeafletDocument, leaflet_of_chart, leaflet_of_draft
from core.leaflet import TableRequest, read_table
from core.leaflet.meaning import (
    MixedAt,
    Remedy,
    amount_range,
    amount_range_words,
    margin_of,
    what_it_feeds,
)
from core.leaflet.sheet import (
    Sheet,
    SheetColumn,
    SheetProblem,
    SheetRead,
    SheetRow,
    read_sheet,
)
from core.quantities import (
    Amount,
    AmountUnit,
    DoseUnit,
    PpmScale,
    Reading,
    ReadingRange,
    ReadingScale,
    ReadingUnit,
    Spoons,
    Volume,
)
from tests.core.labels import PART_ONE, PART_TWO, label, salt
from tests.core.mixes import DRY, F, chart, dose, ec, pair, product, water
from tests.core.test_charts import charts
from tests.core.test_leaflet import is_water
from tests.words import words_of

ONE = product("one", Role.BASE, group="g", rank=1)
SALT = product("salt", Role.BASE, form=DRY)
PER_L = DoseUnit.ML_PER_L
WEEK = SheetColumn("w1", "Week 1", "7", Stage.LEAF, "1.2-1.6", "5.6-6.0")


def sheet(*rows: SheetRow, columns: tuple[SheetColumn, ...] = (WEEK,), **fields: Any) -> Sheet:
    told = {"name": "Dunlin", "medium": Medium.WATER, "readings": Readings.ADDED,
            "rows_are_order": False, "scale": MS_CM} | fields  # fmt: skip
    return Sheet(rows=rows, columns=columns, **told)  # type: ignore[arg-type]


def row(*cells: str, of: Any = ONE, unit: DoseUnit | None = PER_L) -> SheetRow:
    return SheetRow(of, unit, cells)


def problems(read: SheetRead) -> list[tuple[str, int | None, int | None, str]]:
    return [(one.code, one.row, one.column, one.part) for one in read.problems]


def test_a_sheet_is_the_chart_that_it_says() -> None:
    columns = (WEEK, SheetColumn("w2", "Week 2", "10 days", None, "–", ""))
    read = read_sheet(
        sheet(row("2", "2-3"), row("", "5 g/10L", of=SALT, unit=None), columns=columns)
    )
    assert read.problems == ()
    assert read.chart is not None
    first, second = read.chart.columns
    assert (first.days, first.stage, first.ec, first.ph) == (
        7, Stage.LEAF, ec("1.2", "1.6"), PhWindow(F("5.6"), F(6))
    )  # fmt: skip
    assert (second.days, second.stage, second.ec, second.ph) == (10, None, None, None)
    assert {at: (one.low, one.high, one.unit.value) for at, one in read.doses.items()} == {
        (0, 0): (2, 2, "mL/L"), (0, 1): (2, 3, "mL/L"), (1, 1): (5, 5, "g/10L"),
    }  # fmt: skip
    assert set(read.chart.doses) == set(read.doses.values())


@pytest.mark.parametrize(
    ("cell", "of", "unit", "code"),
    [
        ("lots", ONE, PER_L, "not_a_number"), ("4/5", ONE, PER_L, "fraction_unclear"),
        ("4", ONE, None, "unit_unsaid"), ("4 tsp", ONE, None, "unit_unsaid"),
        ("4 ml/gal", ONE, None, "gallon_unsaid"), ("4 ml/gal", SALT, PER_L, "gallon_unsaid"),
        ("4", SALT, PER_L, "unit_does_not_fit"), ("4 g/L", ONE, PER_L, "unit_does_not_fit"),
        ("until EC 1.0", ONE, PER_L, "rule_unclear"),
    ],
)  # fmt: skip
def test_a_cell_that_cannot_be_read_is_told_with_its_place(
    cell: str, of: Any, unit: DoseUnit | None, code: str
) -> None:
    columns = (WEEK, replace(WEEK, key="w2"))
    read = read_sheet(
        sheet(row("1"), row("", cell, of=replace(of, key="k"), unit=unit), columns=columns)
    )
    assert problems(read) == [(code, 1, 1, "cell")]
    assert list(read.doses) == [(0, 0)]


@pytest.mark.parametrize(
    ("of", "said"), [(SALT, "dry, and dosed by weight"), (ONE, "liquid, and dosed by volume")]
)
def test_a_unit_that_does_not_fit_is_told_with_what_would(of: Any, said: str) -> None:
    other = PER_L if of is SALT else DoseUnit.G_PER_L
    [problem] = read_sheet(sheet(row("4", of=of, unit=other))).problems
    assert said in words_of(problem)


@pytest.mark.parametrize(
    ("change", "found"),
    [
        ({"days": "0"}, ("days_out_of_range", "days")), ({"days": "367"}, ("days_out_of_range", "days")),
        ({"days": "7.5"}, ("days_out_of_range", "days")), ({"days": "7 weeks"}, ("days_out_of_range", "days")),
        ({"days": "soon"}, ("not_a_number", "days")), ({"ec": "61"}, ("reading_out_of_range", "ec")),
        ({"ec": "1.4 ppm"}, ("words_unclear", "ec")), ({"ec": "strong"}, ("not_a_number", "ec")),
        ({"ph": "15"}, ("ph_out_of_range", "ph")), ({"ph": "5.8 or so"}, ("words_unclear", "ph")),
    ],
)  # fmt: skip
def test_a_line_of_a_column_that_cannot_be_read(
    change: dict[str, str], found: tuple[str, str]
) -> None:
    read = read_sheet(sheet(row("2"), columns=(replace(WEEK, **change),)))
    code, part = found
    assert problems(read) == [(code, None, 0, part)]
    assert read.chart is not None


@pytest.mark.parametrize(
    ("days", "expected"),
    [("1", 1), ("366", 366), ("7 d", 7), ("7 day", 7), ("", None), ("-", None)],
)
def test_days_of_a_column(days: str, expected: int | None) -> None:
    read = read_sheet(sheet(row("2"), columns=(replace(WEEK, days=days),)))
    assert read.problems == ()
    assert read.chart is not None
    assert read.chart.columns[0].days == expected


@pytest.mark.parametrize(
    ("unit", "scale", "text", "ms_cm"),
    [
        (ReadingUnit.PPM, 500, "700", "1.4"), (ReadingUnit.PPM, 700, "700", "1"),
        (ReadingUnit.CF, None, "14", "1.4"), (ReadingUnit.US_CM, None, "1400", "1.4"),
        (ReadingUnit.MS_CM, None, "60", "60"),
    ],
)  # fmt: skip
def test_readings_are_in_the_unit_of_the_sheet(
    unit: ReadingUnit, scale: PpmScale | None, text: str, ms_cm: str
) -> None:
    typed = sheet(row("2"), columns=(replace(WEEK, ec=text),), scale=ReadingScale(unit, scale))
    read = read_sheet(typed)
    assert read.chart is not None
    assert read.chart.columns[0].ec == ec(ms_cm)


def test_a_row_without_a_word_is_paper_and_one_without_a_name_is_not() -> None:
    blank = replace(ONE, key="blank", name=" ")
    read = read_sheet(sheet(row("2"), row("", " ", of=blank)))
    assert read.problems == ()
    assert read.chart is not None
    assert [one.key for one in read.chart.products] == ["one"]
    named = read_sheet(sheet(row("2"), row("3", of=blank)))
    assert problems(named) == [("name_missing", 1, None, "name")]


def test_an_empty_sheet_has_no_chart_and_no_problem() -> None:
    for empty in (sheet(), sheet(row("2"), columns=()), sheet(row("", of=replace(ONE, name="")))):
        assert read_sheet(empty) == SheetRead(None)


def test_what_contradicts_itself_is_told_of_the_whole() -> None:
    read = read_sheet(sheet(row("2"), row("3")))  # one key twice
    assert read.chart is None
    assert [(one.row, one.column) for one in read.problems] == [(None, None)]
    assert isinstance(read.problems[0], SheetProblem)


def test_commas_are_what_the_sheet_has_them_for() -> None:
    columns = (WEEK, replace(WEEK, key="w2"))
    decimal = read_sheet(sheet(row("2,5", "1,000"), columns=columns))
    assert decimal.doses[0, 1].high == 1
    thousands = read_sheet(sheet(row("2.5", "1,000"), columns=columns))
    assert thousands.doses[0, 1].high == 1000


def leaflet_texts(of: Chart, scale: ReadingScale = MS_CM) -> LeafletDocument:
    return leaflet_of_chart(FeedChart.of(of, scale), scale)


@given(charts(), st.booleans())
def test_any_chart_typed_on_a_sheet_is_the_same_chart(of: Chart, by_json: bool) -> None:
    try:
        document = leaflet_texts(of)
    except ValueError:
        return  # a cell longer than anybody types
    if not is_water(of) or not all(one.name.strip() for one in of.products):
        return
    if by_json:
        document = LeafletDocument.model_validate_json(document.model_dump_json())
    read = read_sheet(document.sheet())
    kept = tuple(one for one in of.doses if one.high != 0 or one.until_ec is not None)
    assert read.problems == ()
    assert read.chart == replace(of, doses=kept)  # a printed 0 says that nothing goes in


def test_a_draft_becomes_a_sheet_with_its_notes_by_line() -> None:
    rows = (
        ("Dunlin",), ("", "Week 1", "Week 2", "Week 3"), ("Part A (tsp/gal)", "2", "3", "3"),
        ("ppm (700)", "700", "840", "–"), ("Light hours", "18", "18", "12"), ("Stir well",),
        ("Kelp (mL/L)", "1", "as needed", ""),
    )  # fmt: skip
    document = leaflet_of_draft(read_table(TableRequest(rows)), MS_CM)
    assert (document.name, document.reading_unit, document.ppm_scale) == ("Dunlin", "ppm", 700)
    assert [one.ec for one in document.columns] == ["700", "840", ""]
    part, kelp = document.rows
    assert (part.unit, part.cells) == (None, ("2", "3", "3"))  # of which gallon is open
    assert (kelp.unit, kelp.cells) == (PER_L, ("1", "as needed", ""))
    assert document.notes == ("Light hours: 18 · 18 · 12", "Stir well")
    two = tuple(one[:3] for one in rows)
    assert leaflet_of_draft(read_table(TableRequest(two)), MS_CM).notes[0] == "Light hours: 18 · 18"


# What it means in a tank

TANK = MixedAt(Volume(F(100)), F("0.5"), Spoons.METRIC)


def test_amounts_are_scaled_where_the_product_scales() -> None:
    ranged = dose("one", "2-3 mL/L")
    assert amount_range(ranged, ONE, TANK) == (
        Amount(F(100), AmountUnit.ML), Amount(F(150), AmountUnit.ML)
    )  # fmt: skip
    silica = product("one", Role.SILICA)
    assert amount_range(ranged, silica, TANK) == (
        Amount(F(200), AmountUnit.ML), Amount(F(300), AmountUnit.ML)
    )  # fmt: skip
    assert (
        amount_range(replace(ranged, low=None, high=None, unit=None, until_ec=F(1)), ONE, TANK)
        is None
    )


@pytest.mark.parametrize(
    ("low", "high", "words"),
    [
        ("170.4", "254.6", "170 to 255 mL"), ("170.4", "170.2", "170 mL"), ("12.34", "12.34", "12.3 mL"),
        ("99.96", "99.96", "100 mL"), ("100", "100", "100 mL"), ("10", "10.04", "10 mL"),
        ("9.994", "9.994", "9.99 mL"), ("0.5", "1.25", "0.5 to 1.25 mL"), ("2", "2.5", "2 to 2.5 mL"),
    ],
)  # fmt: skip
def test_amounts_have_three_digits(low: str, high: str, words: str) -> None:
    one, other = (Amount(F(text), AmountUnit.ML) for text in (low, high))
    assert amount_range_words(one, other) == words


def margin(typed: Sheet) -> dict[str, tuple[int | None, int | None, Remedy | None]]:
    notes = margin_of(typed, read_sheet(typed), {}, Spoons.METRIC)
    return {one.code: (one.row, one.column, one.remedy) for one in notes}


TWO = product("two", Role.BASE, group="g", rank=2)


def test_the_margin_says_where_and_by_which_edit_it_is_settled() -> None:
    columns = (WEEK, replace(WEEK, key="w2", label="Week 2", days=""))
    typed = sheet(row("2", "2-3"), row("2", "", of=TWO), columns=columns)
    found = margin(typed)
    assert found["part_missing"] == (1, 1, Remedy("2-3 as One", "2-3", 1, 1))
    assert margin_of(sheet(), read_sheet(sheet()), {}, Spoons.METRIC) == ()
    grams = margin(
        sheet(row("2", "2-3"), row("2", "", of=TWO, unit=DoseUnit.ML_PER_10L), columns=columns)
    )
    assert grams["part_missing"][2] == Remedy("2-3 mL/L as One", "2-3 mL/L", 1, 1)


UNITS = (PER_L, DoseUnit.ML_PER_10L, DoseUnit.ML_PER_GAL_US, DoseUnit.TSP_PER_GAL_UK)


@given(st.sampled_from(UNITS), st.sampled_from(UNITS), st.integers(1, 9), st.integers(0, 3),
       st.sampled_from(["", "1"]))  # fmt: skip
def test_the_edit_that_the_margin_offers_settles_what_it_is_offered_for(
    unit: DoseUnit, other: DoseUnit, low: int, more: int, stands: str
) -> None:
    dosed = f"{low}-{low + more}" if more else str(low)
    columns = (WEEK, replace(WEEK, key="w2", label="Week 2"))
    rows = [row(dosed, dosed, unit=unit), row(dosed, stands, of=TWO, unit=other)]
    typed = sheet(*rows, columns=columns)
    for code, (_, _, remedy) in margin(typed).items():
        if remedy is not None and remedy.row is not None and remedy.column is not None:
            cells = list(rows[remedy.row].cells)
            cells[remedy.column] = remedy.text
            edited = replace(rows[remedy.row], cells=tuple(cells))
            rest = [edited if at == remedy.row else one for at, one in enumerate(rows)]
            left = margin(sheet(*rest, columns=columns))
            assert left.get(code, (None, None, None))[:2] != (remedy.row, remedy.column)


def test_a_chart_without_days_gets_seven_in_each_column() -> None:
    columns = tuple(replace(WEEK, key=f"w{at}", label=f"Week {at}", days="") for at in (1, 2))
    typed = sheet(row("2", "2"), row("2", "2", of=TWO), columns=columns)
    assert margin(typed)["no_days"] == (None, None, Remedy("7 days each", "7", None, None))


def test_of_three_parts_nobody_says_as_which_the_one_that_is_missing_is() -> None:
    three = product("three", Role.BASE, group="g", rank=3)
    columns = tuple(replace(WEEK, key=f"w{at}", label=f"Week {at}") for at in (1, 2, 3))
    rows = [row("2", "2", "2", of=one) for one in (ONE, TWO)]
    found = margin(sheet(*rows, row("2", "", "2", of=three), columns=columns))
    assert found["part_missing"] == (2, 1, None)
    assert "part_missing" not in margin(sheet(*rows, row("2", "2", "", of=three), columns=columns))


# What it feeds

FED = chart(
    list(pair().products), [dose("one", "2 mL/L"), dose("two", "1-3 mL/L")], target=ec("1.4")
)


def fed(of: Chart = FED, **fields: Any) -> Any:
    told = {"strength": F(1), "crop": None, "spoons": Spoons.METRIC} | fields
    labels = told.pop("labels", {"one": PART_ONE, "two": PART_TWO})
    [column] = what_it_feeds(of, labels, **told)
    return column


def test_what_a_column_brings_is_what_its_labels_say() -> None:
    """2 mL/L of 1.2 g/mL: 2400 mg/L, of which 4.4 % N and 5.2 % Ca; of the other 0.5 % N."""
    column = fed()
    assert column.elements[Element.N] == pytest.approx(2400 * (0.044 + 0.005))
    assert column.elements[Element.CA] == pytest.approx(2400 * 0.052)
    # P2O5 to P is 61.9476 / 141.9446, K2O to K 78.1966 / 94.1960 (atomic weights, IUPAC 2021)
    phosphorus, potassium = 2400 * 0.032 * 0.436421, 2400 * (0.016 + 0.064) * 0.830148
    assert column.elements[Element.P] == pytest.approx(phosphorus, rel=1e-3)
    assert column.elements[Element.K] == pytest.approx(potassium, rel=1e-3)
    shares = [2400 * 0.049, phosphorus, potassium]
    assert column.ratio == ":".join(f"{one / phosphorus:.1f}".removesuffix(".0") for one in shares)
    assert fed(labels={"one": PART_ONE}).ratio == ""
    weak = replace(column, elements={Element.N: 10.0, Element.P: 0.5, Element.K: 5.25})
    assert weak.ratio == "20:1:10.5"
    # what a label leaves out conducts, and is told of nobody: sulfate here, chloride there
    bare = fed(labels={"one": label("1.2", K2O="10"), "two": label("1.2", Ca="4")})
    assert set(bare.elements) == {Element.K, Element.CA}
    assert bare.by_labels.ms_cm > F("0.5")


@given(st.fractions(F("0.1"), 2, max_denominator=100))
def test_half_the_strength_brings_half_of_all(strength: Fraction) -> None:
    whole, part = fed(), fed(strength=strength)
    for element, ppm in whole.elements.items():
        assert part.elements[element] == pytest.approx(ppm * float(strength))
    assert part.printed == ReadingRange(*(Reading(F("1.4") * strength) for _ in range(2)))
    assert part.ratio == whole.ratio


def test_a_known_salt_conducts_as_the_handbook_says() -> None:
    """CRC Handbook, conductivity of electrolytes: 0.01 mol/L of KNO3 conducts 1.328 mS/cm at 25 °C.

    From memory; 0.01 mol/L are 1.011 g.
    """
    of = chart([SALT], [dose("salt", "1.011 g/L")])
    column = fed(of, labels={"salt": salt(Salt.POTASSIUM_NITRATE)})
    assert float(column.by_labels.ms_cm) == pytest.approx(1.328, rel=0.03)
    assert column.printed is None
    nothing = fed(of, labels={})
    assert (nothing.by_labels, nothing.elements, nothing.cost) == (None, {}, None)


def test_a_waters_own_elements_count_in_where_it_is_given() -> None:
    alone = fed()
    for known in ({}, {"alkalinity": "150"}):  # whether or not acid can be computed from it
        column = fed(water=water("0.5", calcium="60", magnesium="10", **known))
        brought = {Element.CA: 60, Element.MG: 10}
        assert column.elements == pytest.approx({
            one: alone.elements.get(one, 0) + brought.get(one, 0) for one in alone.elements
        })  # fmt: skip
    assert fed(water=water("0.5")).elements == alone.elements  # a reading names no element


def test_a_hundred_litres_cost_what_goes_into_them() -> None:
    """2 mL/L are 200 mL at 0.05, and 1 to 3 mL/L are 200 mL at 0.03."""
    costs = {"one": F("0.05"), "two": F("0.03")}
    assert fed(costs=costs).cost == 16
    assert fed(costs=costs, strength=F("0.5")).cost == 8
    assert fed(costs={"two": F("0.03")}, labels={}).cost == 6
    assert fed(costs={"other": F(1)}).cost is None


def test_seedlings_are_held_to_ranges_of_their_own() -> None:
    of = replace(FED, columns=(replace(FED.columns[0], stage=Stage.SEEDLING),))
    young, grown = fed(of).windows[Element.N], fed().windows[Element.N]
    assert young.high < grown.high


def test_a_leaflet_has_room_for_five_hundred_notes_of_five_hundred_signs() -> None:
    full = LeafletDocument(name="Skerry", notes=("n" * 500,) * 500)
    assert len(full.model_dump()["notes"]) == 500
    for notes in (("n" * 501,), ("n",) * 501):
        with pytest.raises(ValueError, match="at most 500"):
            LeafletDocument(name="Skerry", notes=notes)
