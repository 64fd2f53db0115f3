"""Leaflets from which nothing is invented: rows, doses and tables that are asked about."""

import io
from collections.abc import Callable

import openpyxl
import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Role
from core.errors import InputError
from core.formats.leaflets.reading import TableOptions, read_file, table_options
from core.leaflet import ChartDraft, ShelfBottle, TableRequest, TakenAs, read_table
from core.leaflet.drawn import Outcome, draw_leaflet, read_as_a_person
from core.tables import rows_of_text
from tests.core.mixes import F
from tests.core.read_leaflets import read_settled
from tests.words import words_of

HEADS = ("mL/L", "Week 1", "Week 2", "Week 3")
PAIR = (("Skerry A", "2", "2.5", "3"), ("Skerry B", "2", "2.5", "3"))


def read(*rows: tuple[str, ...], **known: object) -> ChartDraft:
    return read_table(TableRequest((HEADS, *PAIR, *rows), **known))  # type: ignore[arg-type]


def codes(draft: ChartDraft) -> list[str]:
    return [question.code.value for question in draft.questions]


def doses(draft: ChartDraft) -> dict[str, list[str]]:
    """Each bottle's doses by the order of its columns, as figures with their unit."""
    assert draft.chart is not None
    found: dict[str, list[str]] = {product.name: [] for product in draft.chart.products}
    names = {product.key: product.name for product in draft.chart.products}
    for one in draft.chart.doses:
        assert one.low is not None
        found[names[one.product]].append(f"{float(one.low):g} {one.unit}")
    return found


@given(st.integers(0, 10**9))
def test_a_drawn_leaflet_gives_its_chart_or_a_question_that_leads_to_it(seed: int) -> None:
    """In any layout, with any rows, notes and tables beside: never another dose without a word."""
    outcome, draft = read_as_a_person(draw_leaflet(seed))
    assert outcome in (Outcome.RIGHT, Outcome.ASKED), draft


@pytest.mark.parametrize(
    "name",
    [
        "days", "Duration", "RH %", "base EC", "EC out", "Ca ppm", "plants", "reservoir", "P.H.",
        "Sum", "Waterings", "Feeds per day", "Leaf temp", "CO2", "Calcium", "Alkalinity", "Flower",
        "pH-Wert", "Lichtstunden", "CE", "Température", "Luftfeuchte", "Heures de lumière",
        "Horas de luz", "Conductividad", "Umidità", "Giorni", "Aantal planten", "Geleidbaarheid",
        "Dygn", "Ljus", "Pen 1", "Kelpie",
    ],
)  # fmt: skip
def test_a_row_of_which_nothing_says_that_it_is_a_bottle_is_no_dose(name: str) -> None:
    """Names as they stand on leaflets (common practice), other languages from memory."""
    draft = read((name, "5", "6", "7"))
    if draft.chart is None:
        assert codes(draft) == ["rows_unsure"]
        assert [row.name for row in draft.questions[0].rows] == [name]
    else:  # it was read as what it is, without a word
        assert list(doses(draft)) == ["Skerry A", "Skerry B"]


@pytest.mark.parametrize(
    "name", ["Tide boost", "Glass silica", "pH Down", "Cal-mag", "Part 3", "Calcium nitrate",
             "Kelpie (mL/L)", "Mud bacteria", "Grow", "PK 13-14", "Nutrient C"],
)  # fmt: skip
def test_a_word_or_a_unit_of_its_own_makes_a_row_a_bottle(name: str) -> None:
    assert codes(read((name, "0.5", "0.6", "0.7"))) == []


def test_a_bottle_on_the_shelf_is_known_in_any_letters() -> None:
    shelf = tuple(ShelfBottle(name, Role.ADDITIVE, Form.LIQUID) for name in ("Kelpie", "Морская"))
    draft = read(("Kelpie", "1", "1", "1"), ("Морская", "1", "1", "1"), shelf=shelf)
    assert codes(draft) == []
    assert codes(read(("Морская", "1", "1", "1"))) == ["rows_unsure"]


def test_all_unsure_rows_are_one_question_each_with_what_it_is_likely_to_be() -> None:
    rows = (("Kelpie", "1", "1", "1"), ("P.H.", "5.8", "5.8", "5.9"), ("Lichtstunden", "18", "18", "12"),
            ("Leitwert", "1", "1.2", "1.4"))  # fmt: skip
    draft = read(*rows)
    [question] = draft.questions
    assert [(row.row, row.likely.value) for row in question.rows] == [
        (4, "bottle"), (5, "reading:ph"), (6, "note"), (7, "reading:ec")
    ]  # fmt: skip
    settled = read(*rows, said={row.row: row.likely for row in question.rows})
    assert list(doses(settled)) == ["Skerry A", "Skerry B", "Kelpie"]
    assert settled.chart is not None
    ends = [(one.ec and one.ec.low.ms_cm, one.ph and one.ph.low) for one in settled.chart.columns]
    assert ends == [(F(1), F("5.8")), (F("1.2"), F("5.8")), (F("1.4"), F("5.9"))]
    assert "Lichtstunden: 18 (Week 1)" in [note.text for note in settled.notes]


def test_where_bottles_go_across_a_row_is_the_column_of_the_file() -> None:
    rows = rows_of_text("mL/L,Skerry A,Skerry B,Kelpie\nWeek 1,2,2,1\nWeek 2,3,3,1")
    [question] = read_table(TableRequest(rows)).questions
    assert [row.row for row in question.rows] == [4]
    settled = read_table(TableRequest(rows, said={4: TakenAs.BOTTLE}))
    assert list(doses(settled)) == ["Skerry A", "Skerry B", "Kelpie"]


@pytest.mark.parametrize(
    ("row", "what"),
    [
        # 8 to 17 mL/L are the weakest liquids and brews, 2 to 3 g/L dry feeds (common practice)
        (("Tide boost", "31", "1", "1"), "no liquid is dosed above 30"),
        (("Post powder (g/L)", "5.1", "5", "5"), "no dry feed is dosed above 5"),
        (("Tide boost", "1", "5", "1"), "beside it have 1 and 1"),
        (("Tide boost", "2.5", "0.5", "2.5"), "beside it have 2.5 and 2.5"),
        (("Skerry C", "0.04", "0.05", "0.06"), "50 times Skerry C"),
    ],
)
def test_a_dose_that_no_bottle_has_is_said_before_it_is_kept(
    row: tuple[str, ...], what: str
) -> None:
    draft = read(row)
    assert codes(draft) == ["implausible"]
    assert what in words_of(draft.questions[0])
    rows = frozenset(one.row for one in draft.questions[0].rows)
    assert codes(read(row, as_printed=rows)) == []


def test_what_rises_and_falls_as_feeds_do_is_plausible() -> None:
    row = ("Tide boost", "0.5", "2.4", "0.5")
    assert codes(read(row)) == []
    assert codes(read(("Tide boost", "30", "29", "30"))) == []


def test_a_limit_is_the_dose_and_no_range_from_nothing() -> None:
    draft = read(("Tide boost", "up to 1", "max 2", "≤ 1.5"))
    assert doses(draft)["Tide boost"] == ["1 mL/L", "2 mL/L", "1.5 mL/L"]


def test_a_footnote_that_names_a_unit_is_of_its_doses_alone() -> None:
    draft = read(("Tide boost*", "5", "6", "7"), ("Cal-mag", "1", "5†", "1"),
                 ("* mL per 10 L",), ("† ml per 10 litres",))  # fmt: skip
    assert codes(draft) == []
    assert doses(draft) == {
        "Skerry A": ["2 mL/L", "2.5 mL/L", "3 mL/L"],
        "Skerry B": ["2 mL/L", "2.5 mL/L", "3 mL/L"],
        "Tide boost": ["5 mL/10L", "6 mL/10L", "7 mL/10L"],
        "Cal-mag": ["1 mL/L", "5 mL/10L", "1 mL/L"],
    }
    unclear = read(("Cal-mag", "4", "5†", "4"), ("† only 2 mL per 10 L in soft water",))
    assert codes(unclear) == ["cell_unclear"]
    two = read(("Cal-mag", "4", "5 mL/L†", "4"), ("† ml per 10 litres",))
    assert codes(two) == ["cell_unclear"]


def test_cells_follow_the_unit_of_the_first_as_a_guess_that_is_shown() -> None:
    draft = read(("Tide boost", "5 mL/10 L", "6", "7"))
    assert doses(draft)["Tide boost"] == ["5 mL/10L", "6 mL/10L", "7 mL/10L"]
    assert ("Tide boost", "unit", "mL/L") in [
        (one.product, one.field, one.value) for one in draft.guesses
    ]
    own = read(("Tide boost (mL/10 L)", "5 mL/L", "6", "7"))
    assert doses(own)["Tide boost"] == ["5 mL/L", "6 mL/10L", "7 mL/10L"]


@pytest.mark.parametrize(("strength", "first"), [("in_doses", "2"), ("times", "1")])
def test_a_row_of_strengths_is_asked_about(strength: str, first: str) -> None:
    row = ("Strength", "50 %", "75 %", "100 %")
    assert codes(read(row)) == ["strength_unsaid"]
    assert doses(read(row, strength=strength))["Skerry A"][0] == f"{first} mL/L"
    assert codes(read(("Strength", "100 %", "100 %", "100 %"))) == []


def test_points_before_three_digits_beside_commas_are_asked_about() -> None:
    def boost(*texts: str) -> list[str]:
        rows = (HEADS, ("Grow", "2", "2", "2"), ("Tide boost", *texts))
        return codes(read_table(TableRequest(rows)))

    assert boost("1.500", "1,500", "2") == ["cell_unclear"] * 2
    assert boost("1.500", "2,5", "2") == ["cell_unclear"]
    assert boost("1.500", "2.5", "2") == []


def test_a_week_that_stands_over_two_columns_is_asked_about() -> None:
    rows = rows_of_text("mL/L,Week 1,Week 2,Week 2\nSkerry A,1,2,3\nSkerry B,1,2,3")
    assert codes(read_table(TableRequest(rows))) == ["header_unclear"]


GROW = "GROW\nmL/L,Week 1,Week 2\nSkerry A,1,2\nSkerry B,1,2\n"
BLOOM = "BLOOM\nmL/L,Week 1,Week 2\nSkerry A,3,4\nSkerry B,3,4\n"
BESIDE = (
    "mL/L,Week 1,Week 2,,mL/L,Week 1,Week 2\nSkerry A,1,2,,Skerry A,3,4\nSkerry B,1,2,,Skerry B,3,4"
)
GROUPS = ",Hydro,,Coco,\nmL/L,Week 1,Week 2,Week 1,Week 2\nSkerry A,1,2,3,4\nSkerry B,1,2,3,4"


@pytest.mark.parametrize("text", [f"{GROW}\n{BLOOM}", f"{GROW}{BLOOM}", BESIDE, GROUPS])
def test_several_tables_are_several_charts(text: str) -> None:
    raw = text.encode()
    asked = read_file(raw, TableOptions())
    assert codes(asked.draft) == ["tables_several"]
    assert asked.draft.chart is None
    assert [(one.rows, one.columns) for one in asked.tables] == [(2, 2), (2, 2)]
    for number, doses_of in ((1, ["1 mL/L", "2 mL/L"]), (2, ["3 mL/L", "4 mL/L"])):
        one = read_file(raw, table_options(None, None, None, table=number)).draft
        assert codes(one) == []
        assert doses(one) == {"Skerry A": doses_of, "Skerry B": doses_of}
    with pytest.raises(InputError):
        read_file(raw, table_options(None, None, None, table=3))


def test_headings_that_are_said_again_over_more_bottles_are_one_chart() -> None:
    text = "mL/L,Week 1,Week 2\nSkerry A,1,2\nSkerry B,1,2\nBoosters,Week 1,Week 2\nTide boost,1,1"
    found = read_file(text.encode(), TableOptions())
    assert (codes(found.draft), found.tables) == ([], ())


def book(fill: Callable[[openpyxl.Workbook], None]) -> bytes:
    made, out = openpyxl.Workbook(), io.BytesIO()
    fill(made)
    made.save(out)
    return out.getvalue()


def rows_into(sheet: object, text: str) -> None:
    for row in rows_of_text(text):
        sheet.append(list(row))  # type: ignore[attr-defined]


def test_every_sheet_with_a_table_is_offered() -> None:
    def fill(made: openpyxl.Workbook) -> None:
        rows_into(made.active, GROW)
        rows_into(made.create_sheet("Flowering"), BLOOM)
        made.create_sheet("Thanks").append(["Thank you for growing."])

    raw = book(fill)
    asked = read_file(raw, TableOptions())
    assert [(one.sheet, one.title) for one in asked.tables] == [
        ("Sheet", "GROW"), ("Flowering", "BLOOM")
    ]  # fmt: skip
    second = read_file(raw, table_options(None, None, None, table=2))
    assert second.table.sheet == "Flowering"
    assert doses(second.draft)["Skerry A"] == ["3 mL/L", "4 mL/L"]
    alone = read_file(raw, TableOptions(), sheet="Flowering")
    assert (codes(alone.draft), alone.tables) == ([], ())


@pytest.mark.parametrize(("hidden", "bottles"), [("with", 3), ("without", 2)])
def test_what_a_file_hides_is_asked_about(hidden: str, bottles: int) -> None:
    def fill(made: openpyxl.Workbook) -> None:
        rows_into(
            made.active,
            "mL/L,Week 1,Week 2,Week 3\nSkerry A,1,2,3\nSkerry B,1,2,3\nTide boost,1,1,2",
        )
        assert made.active is not None
        made.active.row_dimensions[4].hidden = True
        made.active.column_dimensions["D"].hidden = True

    raw = book(fill)
    assert codes(read_file(raw, TableOptions()).draft) == ["hidden_unsure"]
    draft = read_file(raw, table_options(None, None, None, hidden=hidden)).draft  # type: ignore[arg-type]
    assert len(doses(draft)) == bottles
    assert draft.chart is not None
    assert len(draft.chart.columns) == (3 if hidden == "with" else 2)


def test_answers_as_they_are_likely_settle_any_of_the_leaflets() -> None:
    draft = read_settled(TableRequest((HEADS, *PAIR, ("Kelpie", "40", "1", "1"))))
    assert codes(draft) == []
