"""What the rows and columns of a leaflet's table are taken for."""

from typing import Any

import pytest

from core.chart import Readings
from core.formats.leaflets.reading import table_options
from core.leaflet import Asked, ChartDraft, TableRequest, read_table
from core.leaflet.rows.names import RangeEnd, RowKind, read_row_name
from core.quantities import DoseUnit, ReadingUnit
from tests.core.mixes import F
from tests.core.read_leaflets import read_settled
from tests.words import words_of

WEEKS = ("", "Week 1", "Week 2")
PARTS = (("Part A (mL/L)", "2", "3"), ("Part B (mL/L)", "2", "3"))


def draft(*rows: tuple[str, ...], heads: tuple[str, ...] = WEEKS, **asked: Any) -> ChartDraft:
    wide = max(map(len, (heads, *rows)))
    full = [(*row, *[""] * (wide - len(row))) for row in (heads, *PARTS, *rows)]
    return read_table(TableRequest(tuple(full), **asked))


def ec_of(found: ChartDraft) -> list[tuple[str, str] | None]:
    assert found.chart is not None
    return [
        one.ec and (str(float(one.ec.low.ms_cm)), str(float(one.ec.high.ms_cm)))
        for one in found.chart.columns
    ]


def ph_of(found: ChartDraft) -> list[tuple[str, str] | None]:
    assert found.chart is not None
    return [
        one.ph and (str(float(one.ph.low)), str(float(one.ph.high))) for one in found.chart.columns
    ]


def asked_of(found: ChartDraft) -> list[tuple[Asked, tuple[str, ...]]]:
    return [(one.code, one.choices) for one in found.questions]


@pytest.mark.parametrize(
    ("rows", "ec", "readings"),
    [
        ([("EC", "1.2", "1.4-1.6")], [("1.2", "1.2"), ("1.4", "1.6")], Readings.ADDED),
        ([("EC min", "1.2", "1.4"), ("EC max", "1.4", "1.7")],
         [("1.2", "1.4"), ("1.4", "1.7")], Readings.ADDED),
        ([("Upper EC", "1.4", "1.7"), ("Lower EC", "1.2", "1.4")],
         [("1.2", "1.4"), ("1.4", "1.7")], Readings.ADDED),
        # a third end of a range says again what another says
        ([("EC min", "1.2", "1.4"), ("EC max", "1.4", "1.7"), ("Highest EC", "2.4", "2.7")],
         [("1.2", "1.4"), ("1.4", "1.7")], Readings.ADDED),
        # of two rows the one that is added; ppm without a scale gives way to any other
        ([("Total EC", "1.6", "1.8"), ("EC added", "1.2", "1.4")],
         [("1.2", "1.2"), ("1.4", "1.4")], Readings.ADDED),
        ([("ppm", "600", "700"), ("Total EC", "1.6", "1.8")],
         [("1.6", "1.6"), ("1.8", "1.8")], Readings.TOTAL),
        ([("ppm (500)", "600", "700"), ("Total EC", "1.6", "1.8")],
         [("1.2", "1.2"), ("1.4", "1.4")], Readings.ADDED),
        ([("Total EC", "1.6", "1.8"), ("EC", "", "")], [("1.6", "1.6"), ("1.8", "1.8")], Readings.TOTAL),
        # a row of both tells by size which it is
        ([("EC / ppm (700)", "1.2", "840")], [("1.2", "1.2"), ("1.2", "1.2")], Readings.ADDED),
        ([("EC / ppm (500)", "19.9", "20")], [("19.9", "19.9"), ("0.04", "0.04")], Readings.ADDED),
        # up to ten a feed may conduct
        ([("EC", "10", "1.4")], [("10.0", "10.0"), ("1.4", "1.4")], Readings.ADDED),
        ([("EC (mS/cm)", "12", "60")], [("12.0", "12.0"), ("60.0", "60.0")], Readings.ADDED),
        ([("EC (µS/cm)", "1200", "1,400")], [("1.2", "1.2"), ("1.4", "1.4")], Readings.ADDED),
        ([("EC", "–", "0")], [None, ("0.0", "0.0")], Readings.ADDED),
    ],
)  # fmt: skip
def test_rows_of_ec(
    rows: list[tuple[str, ...]], ec: list[tuple[str, str] | None], readings: Readings
) -> None:
    found = draft(*rows)
    assert (ec_of(found), found.questions) == (ec, ())
    assert found.readings is readings


@pytest.mark.parametrize(
    ("row", "asked"),
    [
        (("EC", "10.1", "1.4"), [(Asked.READING_UNIT, ("CF", "uS/cm"))]),
        (("EC", "12", "14"), [(Asked.READING_UNIT, ("CF", "uS/cm"))]),
        (("ppm", "600", "700"), [(Asked.PPM_SCALE, ("500", "640", "700"))]),
        (("EC (mS/cm)", "1.2", "60.1"), [(Asked.CELL, ())]),
        (("EC (mS/cm)", "1.2", "a lot"), [(Asked.CELL, ())]),
        (("pH", "5.8", "14.1"), [(Asked.CELL, ())]),
    ],
)  # fmt: skip
def test_readings_that_are_asked_about_leave_the_doses_alone(
    row: tuple[str, ...], asked: list[tuple[Asked, tuple[str, ...]]]
) -> None:
    found = draft(row)
    assert asked_of(found) == asked
    assert asked_of(draft((row[0], *row[:0:-1]))) == asked  # also with what is clear behind it
    assert found.chart is not None
    assert [one.of_doses for one in found.questions] == [False]
    assert asked_of(draft(("EC", "1.2", "1.4"), ("ppm", "600", "700"))) == []


@pytest.mark.parametrize(
    ("row", "asked", "notes"),
    [
        (("Foliar", "spray", "spray"), 0, 3),
        (("EC", "", ""), 0, 1),
        (("EC", "low", "high"), 2, 2),
        (("pH", "about right", "so"), 2, 0),
    ],
)
def test_a_row_of_words_is_a_note_and_readings_in_words_are_asked_about(
    row: tuple[str, ...], asked: int, notes: int
) -> None:
    found = draft(row)
    assert asked_of(found) == [(Asked.CELL, ())] * asked
    assert len([note for note in found.notes if note.row == 4]) == notes
    assert len(found.rows) == 2


@pytest.mark.parametrize(
    ("rows", "ph"),
    [
        ([("pH", "5.5-6.1", "14")], [("5.5", "6.1"), ("14.0", "14.0")]),
        ([("pH min", "5.5", "5.6"), ("pH max", "6.0", "6.2")], [("5.5", "6.0"), ("5.6", "6.2")]),
        ([("Target pH", "5.8", "5.9"), ("pH range", "5.0", "6.9")], [("5.8", "5.8"), ("5.9", "5.9")]),
        ([("pH", "up to 6", "–")], [("6.0", "6.0"), None]),
        # what the first leaves open the second tells
        ([("Target pH", "5.8", "–"), ("pH range", "5.0", "6.9")], [("5.8", "5.8"), ("6.9", "6.9")]),
    ],
)  # fmt: skip
def test_rows_of_ph(rows: list[tuple[str, ...]], ph: list[tuple[str, str] | None]) -> None:
    found = draft(*rows)
    assert (ph_of(found), found.questions) == (ph, ())


@pytest.mark.parametrize(
    ("name", "kind"),
    [
        ("EC", RowKind.EC), ("Target EC (total)", RowKind.EC), ("TDS ppm x0.7", RowKind.EC), ("TDS ppm (x 0,7)", RowKind.EC), ("ppm x500", RowKind.EC),
        ("Conductivity of the solution", RowKind.EC), ("EC booster", RowKind.BOTTLE),
        ("pH", RowKind.PH), ("Ideal pH range", RowKind.PH), ("pH Down", RowKind.BOTTLE),
        ("pH of the tank", RowKind.PH), ("Water temp (°C)", RowKind.NOTE), ("Notes", RowKind.NOTE),
        ("Total mL per L", RowKind.NOTE), ("Light hours", RowKind.NOTE), ("Light", RowKind.NOTE),
        ("Lighthouse", RowKind.BOTTLE), ("Tank change", RowKind.NOTE), ("NPK", RowKind.NOTE),
        ("Strength", RowKind.NOTE), ("Kelp", RowKind.BOTTLE), ("EC " * 50, RowKind.BOTTLE),
    ],
)  # fmt: skip
def test_a_row_is_what_its_name_says(name: str, kind: RowKind) -> None:
    assert read_row_name(name).kind is kind


@pytest.mark.parametrize(
    ("name", "unit", "end"),
    [
        ("EC", None, RangeEnd.BOTH), ("EC min", None, RangeEnd.LOW), ("Lowest EC", None, RangeEnd.LOW),
        ("EC maximum (mS/cm)", ReadingUnit.MS_CM, RangeEnd.HIGH), ("ppm", ReadingUnit.PPM, RangeEnd.BOTH),
        ("Upper µS/cm", ReadingUnit.US_CM, RangeEnd.HIGH), ("CF", ReadingUnit.CF, RangeEnd.BOTH),
        ("dS/m", ReadingUnit.MS_CM, RangeEnd.BOTH),
    ],
)  # fmt: skip
def test_a_row_of_ec_says_its_unit_and_end(
    name: str, unit: ReadingUnit | None, end: RangeEnd
) -> None:
    found = read_row_name(name)
    assert (found.unit, found.end) == (unit, end)


def test_a_heading_over_rows_says_their_unit_and_what_they_are_for() -> None:
    found = draft(("Boosters, g per 10 L",), ("Pearl", "5", "6"), ("Week", "Week 1", "Week 2"),
                  ("Ember (mL/L)", "1", "1"))  # fmt: skip
    assert found.chart is not None
    pearl, ember = found.rows[2:]
    assert (pearl.product.name, pearl.unit and pearl.unit.words) == ("Pearl", "g/10 L")
    assert pearl.product.role.value == "booster"
    assert ember.unit
    assert ember.unit.words == "mL/L"
    assert [note.text for note in found.notes] == ["Boosters, g per 10 L"]
    assert len(found.columns) == 2


def test_rows_of_marks_of_two_bottles_and_without_a_name_are_asked() -> None:
    found = draft(("Kelp", "x", "–"), ("Skerry A + B (mL/L)", "2", "3"), ("", "4", "5"))
    assert [one.code for one in found.questions] == [Asked.ROW] * 3
    assert sorted(one.row for one in found.questions) == [4, 5, 6]
    assert [row.product.name for row in found.rows] == ["Part A", "Part B"]
    left_out = draft(("Kelp (mL/L)", "–", "–"))
    assert left_out.questions == ()
    assert [row.product.name for row in left_out.rows] == ["Part A", "Part B", "Kelp"]


def test_names_are_the_column_of_words_that_differ() -> None:
    rows = (
        ("Use", "Product", "Week 1", "Week 2"), ("Base", "Skerry A", "2", "3"),
        ("Base", "Skerry B", "2", "3"), ("Base", "Skerry C", "2", "3"), ("Extra", "Kelp", "1", "1"),
        ("Extra", "Silica", "1", "1"),
    )  # fmt: skip
    found = read_table(TableRequest((("All doses in mL per litre",), *rows)))
    assert [row.product.name for row in found.rows] == [
        "Skerry A",
        "Skerry B",
        "Skerry C",
        "Kelp",
        "Silica",
    ]
    turned = tuple((name, use, *rest) for use, name, *rest in rows)
    again = read_table(TableRequest((("All doses in mL per litre",), *turned)))
    assert [row.product for row in again.rows] == [row.product for row in found.rows]
    # where both have words that differ, the first has the names
    places = tuple((row[0], f"Shelf {at}", *row[1:]) for at, row in enumerate(PARTS))
    beside = read_table(TableRequest((("", "Place", "Week 1", "Week 2"), *places)))
    assert [row.product.name for row in beside.rows] == ["Part A", "Part B"]


@pytest.mark.parametrize(
    ("head", "cells", "asked"),
    [
        ("", ("3", "4"), True), ("Clover", ("3", "4"), True),
        ("Notes", ("3", "4"), False), ("Price", ("3", "4"), False), ("", ("1", "2"), False),
        ("", ("left", "right"), False), ("", ("3", "right"), True), ("", ("", ""), False),
    ],
)  # fmt: skip
def test_figures_in_a_column_of_which_nothing_says_what_it_is_are_asked(
    head: str, cells: tuple[str, str], asked: bool
) -> None:
    rows = tuple((*row, cell) for row, cell in zip(PARTS, cells, strict=True))
    found = read_table(TableRequest(((*WEEKS, head), *rows)))
    assert any(one.code is Asked.HEADER for one in found.questions) is asked
    assert len(found.columns) == 2


def test_a_column_that_says_doses_again_in_another_unit_is_left_aside() -> None:
    heads = ("", "Week 1 mL/L", "Week 1 mL/gal (US)", "Week 2 mL/L", "Week 2 mL/gal (US)")
    rows = (("Part A", "2", "7.6", "3", "11.4"), ("Part B", "2", "7.6", "3", "11.4"))
    found = read_table(TableRequest((heads, *rows)))
    assert found.chart is not None
    assert [row.cells for row in found.rows] == [("2", "3"), ("2", "3")]
    assert {dose.high for dose in found.chart.doses} == {F(2), F(3)}


@pytest.mark.parametrize(
    ("unit", "choices"),
    [
        ("", ("mL/L", "mL/10L", "mL/100L", "mL/gal_us", "mL/gal_uk")),
        (" (g)", ("g/L", "g/10L", "g/100L", "g/gal_us", "g/gal_uk")),
        (" (per L)", ("mL/L", "g/L")), (" (per 10 litres)", ("mL/10L", "g/10L")),
        (" (per US gal)", ("mL/gal_us", "g/gal_us")), (" (per gal)", ("mL/gal", "g/gal")),
        (" (per 2 L)", ("mL/2L", "g/2L")), (" (per 1000 L)", ("mL/1000L", "g/1000L")),
        (" (per 5 US gal)", ("mL/5gal_us", "g/5gal_us")),
        (" (mg)", ("mg/L", "mg/10L", "mg/100L", "mg/gal_us", "mg/gal_uk")),
        (" (tsp)", ("tsp/L", "tsp/10L", "tsp/gal_us", "tsp/gal_uk")),
    ],
)  # fmt: skip
def test_a_unit_that_is_half_said_is_asked_for_its_other_half(
    unit: str, choices: tuple[str, ...]
) -> None:
    rows = (WEEKS, (f"Skerry A{unit}", "2", "3"), (f"Skerry B{unit}", "2", "3"))
    found = read_table(TableRequest(rows))
    assert found.chart is None
    [question] = found.questions
    assert (question.code, question.row, question.column) == (Asked.UNIT, 2, 1)
    assert set(question.choices) == set(choices)
    assert words_of(question).startswith("The doses ")
    beside = read_table(TableRequest((*rows, ("Kelp (mL/L)", "1", "1"))))
    assert words_of(beside.questions[0]).startswith("Skerry A, Skerry B: The doses ")
    for choice in choices:
        told = table_options("us", None, choice).unit
        assert read_table(TableRequest(rows, gallon="us", unit=told)).questions == ()


@pytest.mark.parametrize(
    ("per", "choice", "dose", "unit"),
    [
        ("per 2 L", "mL/2L", "2.5", DoseUnit.ML_PER_L), ("per 10 L", "mL/10L", "5", DoseUnit.ML_PER_10L),
        ("per 1000 litres", "mL/1000L", "0.005", DoseUnit.ML_PER_L),
        ("per 5 US gallons", "mL/5gal_us", "1", DoseUnit.ML_PER_GAL_US),
        ("per 5 US gallons", "mL/gal_us", "1", DoseUnit.ML_PER_GAL_US),  # the leaflet's count holds
        ("", "mL/2L", "2.5", DoseUnit.ML_PER_L), ("in mg", "mg/10L", "0.005", DoseUnit.G_PER_10L),
        ("in kg", "kg/100L", "5000", DoseUnit.G_PER_100L),
    ],
)  # fmt: skip
def test_what_the_reader_says_is_the_other_half_and_the_leaflet_s_volume_stays(
    per: str, choice: str, dose: str, unit: DoseUnit
) -> None:
    rows = ((f"Doses {per}",), WEEKS, ("Skerry A", "5", "5"), ("Skerry B", "5", "5"))
    found = read_settled(TableRequest(rows, unit=table_options(None, None, choice).unit)).chart
    assert found is not None
    assert {(one.low, one.unit) for one in found.doses} == {(F(dose), unit)}


def test_a_gallon_is_asked_once_for_all() -> None:
    rows = (WEEKS, ("Skerry A (mL/gal)", "2", "3"), ("Skerry B (mL/gal)", "2", "3"))
    found = read_table(TableRequest((("Dunlin, per gallon",), *rows)))
    assert asked_of(found) == [(Asked.GALLON, ("us", "uk"))]
    assert (found.questions[0].row, found.questions[0].column) == (1, 1)
    alone = read_table(TableRequest(rows))
    assert (alone.questions[0].row, alone.questions[0].column) == (2, 1)


def test_a_scale_that_a_rule_needs_is_asked_of_the_doses() -> None:
    rule = ("Kelp (mL/L)", "until ppm +500", "1")
    found = draft(rule)
    assert asked_of(found) == [(Asked.PPM_SCALE, ("500", "640", "700"))]
    assert (found.questions[0].of_doses, found.chart) == (True, None)
    both = draft(("ppm", "500", "700"), rule)
    assert asked_of(both) == [(Asked.PPM_SCALE, ("500", "640", "700"))]
    assert (both.questions[0].of_doses, both.chart) == (True, None)
    assert draft(("ppm", "500", "700"), rule, ppm_scale=500).chart is not None


def test_a_cell_that_may_be_one_of_two_is_asked_with_both() -> None:
    found = draft(("Kelp (mL/L)", "4/5", "2027-03-02"))
    assert [one.code for one in found.questions] == [Asked.CELL, Asked.CELL]
    assert words_of(found.questions[0]) == (
        "Kelp, “4/5”: 4/5 could be a fraction, or 4 to 5: write 4-5, or the decimal."
    )
    assert "2-3 or 3-2" in words_of(found.questions[1])


@pytest.mark.parametrize(
    ("cells", "asked", "how"),
    [(("4", "2 g/L", "5"), [3], "volume"), (("4", "2 g/L", "3 g/L"), [2], "weight"),
     (("4", "2 g/L", ""), [2], "weight"), (("4", "5", "6"), [], "")],
)  # fmt: skip
def test_a_weight_among_volumes_is_asked_and_the_other_way_round(
    cells: tuple[str, ...], asked: list[int], how: str
) -> None:
    mixed = draft(("Kelp (mL/L)", *cells), heads=(*WEEKS, "Week 3"))
    assert [one.column for one in mixed.questions] == asked
    for question in mixed.questions:
        told = cells[question.column - 2]
        assert (
            words_of(question)
            == f"Kelp, “{told}”: the others of this row are dosed by {how}. Which is right?"
        )


def test_a_footnote_is_told_in_its_own_words() -> None:
    found = draft(
        ("Kelp (mL/L)", "4*", "4 1)"), ("Slate (mL/L)", "4**", "4 (late)"), ("* in soft water",),
        ("** not with lime",), ("1) from day 3",),
    )  # fmt: skip
    told = [(one.row, one.column, one.text) for one in found.notes if one.row in (4, 5)]
    assert told == [
        (4, 2, "* in soft water"), (4, 3, "1) from day 3"), (5, 2, "** not with lime"),
        (5, 3, "Slate: 4 (late)"),
    ]  # fmt: skip


def test_weeks_down_a_table_of_one_bottle_are_its_columns() -> None:
    rows = (("Week", "Base (ml/L)"), ("Week 1", "1"), ("Week 2", "2"), ("Week 3", "2.5"))
    found = read_table(TableRequest(rows)).chart
    assert found is not None
    assert [column.label for column in found.columns] == ["Week 1", "Week 2", "Week 3"]
    assert [dose.low for dose in found.doses] == [1, 2, F("2.5")]


@pytest.mark.parametrize(("count", "weeks"), [(2, 0), (3, 3), (4, 4)])
def test_bare_numbers_are_weeks_from_three_on(count: int, weeks: int) -> None:
    numbers = tuple(str(one) for one in range(1, count + 1))
    found = read_table(TableRequest((("Bottle (mL/L)", *numbers), ("Base A", *["2"] * count),
                                     ("Base B", *["2"] * count))))  # fmt: skip
    assert len(found.columns) == weeks


def test_columns_of_one_name_have_keys_that_count_up() -> None:
    rows = (("", "Bloom", "Bloom", "Bloom", "Bloom"), ("Base (mL/L)", "1", "2", "3", "4"))
    found = read_table(TableRequest(rows)).chart
    assert found is not None
    assert [column.label for column in found.columns] == [f"Bloom {at}" for at in (1, 2, 3, 4)]
    bottles = (("", "Week 1"), *[("Base (mL/L)", str(at)) for at in range(1, 5)])
    same = read_table(TableRequest(bottles))
    assert [row.product.key for row in same.rows] == ["base", "base-2", "base-3", "base-4"]


def test_two_columns_that_count_days_on_are_as_long_as_that() -> None:
    rows = (("", "Grow", "Bloom"), ("Days", "1-14", "15-42"), ("Base (mL/L)", "1", "2"))
    found = read_table(TableRequest(rows)).chart
    assert found is not None
    assert [column.days for column in found.columns] == [14, 28]


@pytest.mark.parametrize(("first", "weeks"), [("1-2", 3), ("0-2", 3), ("2-2", 0)])
def test_bare_spans_are_weeks_where_they_begin_with_the_first(first: str, weeks: int) -> None:
    rows = (
        ("Bottle (mL/L)", first, "3-4", "5-6"),
        ("Base A", "2", "2", "2"),
        ("Base B", "2", "2", "2"),
    )
    assert len(read_table(TableRequest(rows)).columns) == weeks
