"""Tables into charts: invented leaflets of many habits, and laws that hold for any table."""

from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Chart, Column, Dose, Form, Medium, PhWindow, Product, Readings, Role, Stage
from core.errors import InputError
from core.formats.leaflets.reading import draft_of_rows, table_options
from core.leaflet import Asked, CellKind, ChartDraft, TableRequest, read_table, whole_table
from core.leaflet.about import about_lines
from core.leaflet.rows.cells import read_dose_cell
from core.leaflet.table import WhereUnit, chart_table
from core.limits import LONGEST_NAME, STRONGEST_WATER
from core.quantities import DoseUnit, Reading, ReadingRange, ReadingUnit
from core.quantities.dose_units import DoseUnitSaid
from core.tables import csv_text, read_table_file, rows_of_text
from core.wording import in_words, wording
from tests.core.mixes import F, pair
from tests.core.read_leaflets import read_settled
from tests.core.test_charts import charts
from tests.lanes import drawn

LEAFLETS = Path(__file__).parent / "leaflets"
FILES = sorted(path for path in LEAFLETS.iterdir() if path.suffix != ".read")


def told(draft: ChartDraft) -> str:
    """A draft as its `.read` file has it: the chart as a table, its roles, what is open, noted and
    guessed, and what each cell was taken for."""
    lines = [f"{draft.name} / {draft.medium} / {draft.readings}"]
    lines += ["rows are the mixing order"] if draft.rows_are_order else []
    if draft.chart is not None:
        lines += [" | ".join(row) for row in chart_table(draft.chart)]
    else:
        lines.append(f"no chart / {' | '.join(column.label for column in draft.columns)}")
        for row in draft.rows:
            unit = row.unit.words if row.unit else "?"
            lines.append(" | ".join((row.product.name, unit, *row.cells)))
    for row in draft.rows:
        of = row.product
        group = f" {of.group} {of.rank}" if of.group else ""
        oxidiser = " oxidiser" if of.oxidiser else ""
        lines.append(f"= {of.name}: {of.form} {of.role}{group}{oxidiser}")
    lines += [f"? {q.code} at {q.row},{q.column} {' '.join(q.choices)}" for q in draft.questions]
    lines += [f"~ {note.row},{note.column} {in_words(note.text)}" for note in draft.notes]
    lines += [
        f"< {one.product or 'all'} {one.field} {one.value}: {wording(one.why)}"
        for one in draft.guesses
    ]
    for row in range(1, max((cell.row for cell in draft.cells), default=0) + 1):
        cells = [cell for cell in draft.cells if cell.row == row]
        lines.append(
            f"{row} {' | '.join(f'{one.column} {one.kind} {in_words(one.meaning)}'.strip() for one in cells)}"
        )
    return "\n".join(line.rstrip() for line in lines) + "\n"


@pytest.mark.parametrize("path", FILES, ids=lambda path: path.stem)
def test_leaflets_of_all_habits_are_read_as_a_person_reads_them(path: Path) -> None:
    """Each `.read` beside a leaflet was checked against it by eye."""
    rows = read_table_file(path.read_bytes()).rows
    draft = read_table(TableRequest(rows))
    assert told(draft) == path.with_suffix(".read").read_text()
    assert {(cell.row, cell.column) for cell in draft.cells} == filled(rows)


ANSWERS = {
    Asked.GALLON: "gallon", Asked.PPM_SCALE: "ppm_scale", Asked.UNIT: "unit",
    Asked.READING_UNIT: "reading_unit",
}  # fmt: skip


@pytest.mark.parametrize("path", FILES, ids=lambda path: path.stem)
def test_each_answer_that_is_offered_settles_its_question(path: Path) -> None:
    rows = read_table_file(path.read_bytes()).rows
    for question in read_table(TableRequest(rows)).questions:
        for choice in question.choices if question.code in ANSWERS else ():
            told = dict.fromkeys(ANSWERS.values()) | {ANSWERS[question.code]: choice}
            again = draft_of_rows(rows, table_options(**told))
            open_still = {(one.code, one.row, one.column) for one in again.questions}
            assert (question.code, question.row, question.column) not in open_still, choice


def filled(rows: tuple[tuple[str, ...], ...]) -> set[tuple[int, int]]:
    """Places of cells that are not blank."""
    return {
        (r, c) for r, row in enumerate(rows, 1) for c, text in enumerate(row, 1) if text.strip()
    }


PIECES = [
    "", "", "Week 1", "wk 2", "W3-4", "Bloom", "Grow", "Flush", "1 Mar", "Day 1-7", "Part A (ml/L)",
    "Part B", "Silica", "EC", "ppm", "pH", "Notes", "Total", "1", "2", "2,5", "1/2", "4/5", "2-3",
    "3-2", "–", "x", "0", "<1", "up to 2", "4*", "4 ml", "1,000", "2 tsp/gal", "until EC +1.0",
    "until ppm +500", "* in soft water", "all doses per 10 litres", "ml/L", "as needed", "#", "1:500",
    "1e5", "-3", "99999999999999", "½", "2027-02-01", "=A1+B2", "6.2", "<", "A + B", "“", "\u200b",
]  # fmt: skip
tables = st.lists(
    st.lists(st.sampled_from(PIECES) | st.text(max_size=6), min_size=1, max_size=6).map(tuple),
    min_size=1, max_size=8,
).map(tuple)  # fmt: skip


@given(tables)
def test_no_cell_of_any_table_is_dropped(rows: tuple[tuple[str, ...], ...]) -> None:
    try:
        draft = read_table(TableRequest(rows))
    except InputError as error:
        assert error.code == "no_table"
        return
    from core.leaflet.grid import tidy_cell

    tidy = tuple(tuple(tidy_cell(text) for text in row) for row in rows)
    assert {(cell.row, cell.column) for cell in draft.cells} == filled(tidy)
    if draft.chart is not None:
        doses = sum(cell.kind is CellKind.DOSE for cell in draft.cells)
        assert doses == len(draft.chart.doses)
        for row in draft.rows:  # what a bottle's row says is poured, or asked about
            poured = [dose for dose in draft.chart.doses if dose.product == row.product.key]
            assert len(poured) == sum(bool(text) for text in row.cells)
    else:
        assert any(question.of_doses for question in draft.questions)


def is_water(of: Chart) -> bool:
    """Whether its readings are of water: stronger than the sea is asked about."""
    return all(one.ec is None or one.ec.high.ms_cm <= STRONGEST_WATER for one in of.columns)


@given(charts().filter(is_water))
def test_any_chart_comes_back_from_its_own_table(of: Chart) -> None:
    kept = tuple(dose for dose in of.doses if dose.high != 0 or dose.until_ec is not None)
    wanted = Chart(
        of.name, of.medium, of.readings, of.rows_are_order, of.products, of.columns, kept
    )  # a printed 0 says that nothing goes in
    draft = read_table(TableRequest(rows_of_text(csv_text(whole_table(of)))))
    assert draft.questions == ()
    assert draft.chart == wanted


@pytest.mark.parametrize(
    ("over", "role"),
    [
        ([("Boosters", "Week 1", "Week 2")], Role.BOOSTER),
        ([("Cal-mag", "Week 1", "Week 2")], Role.CALMAG),
        ([("Boosters", "", ""), ("", "Week 1", "Week 2")], Role.BOOSTER),
        ([("", "Week 1", "Week 2")], Role.BASE),
    ],
)
def test_a_heading_that_is_said_again_tells_what_the_bottles_below_it_are_for(
    over: list[tuple[str, ...]], role: Role
) -> None:
    rows = (("mL/L", "Week 1", "Week 2"), ("Skerry", "2", "2"), *over, ("Limpet", "1", "1"))
    products = [row.product for row in read_table(TableRequest(rows)).rows]
    assert [(one.name, one.role) for one in products] == [("Skerry", Role.BASE), ("Limpet", role)]


@pytest.mark.parametrize("units", list(WhereUnit))
@pytest.mark.parametrize("labels", [["unit"], ["Unit", "UNIT"], ["Week 1", "unit"], ["bottle"]])
def test_a_column_may_be_called_as_what_stands_beside_it(
    labels: list[str], units: WhereUnit
) -> None:
    columns = tuple(Column(f"c{at}", label) for at, label in enumerate(labels))
    of = replace(pair(), columns=columns, doses=tuple(
        Dose(part, column.key, F(2), F(2), DoseUnit.ML_PER_L)
        for part in ("one", "two") for column in columns
    ))  # fmt: skip
    lines = ((line,) for line in about_lines(of))
    table = csv_text([*chart_table(of, units=units), *lines])
    assert read_table(TableRequest(rows_of_text(table))).chart == of


@given(charts(), st.sampled_from(WhereUnit), st.integers(0, 5), st.integers(0, 5))
def test_a_kept_table_that_lost_a_row_and_columns_is_read_or_asked_about(
    of: Chart, units: WhereUnit, row: int, column: int
) -> None:
    table = [line for at, line in enumerate(chart_table(of, units=units)) if at != row]
    lines = [(line,) for line in about_lines(of)]
    for rest in (
        [line[:column] + line[column + 1 :] for line in table],
        [line[: column + 1] for line in table],
    ):
        if sum(any(line) for line in rest) < 2:
            continue  # where nothing stands, nothing is read
        draft = read_table(TableRequest((*rest, *lines)))
        assert draft.chart is not None or draft.questions


def test_a_kept_table_of_names_and_units_alone_asks_for_its_columns() -> None:
    of = replace(pair(), columns=(Column("c1", "Week 1"), Column("c2", "Week 2")), doses=())
    lines = ((line,) for line in about_lines(of))
    bare = csv_text([*(row[:2] for row in chart_table(of)), *lines])
    draft = read_table(TableRequest(rows_of_text(bare)))
    assert (draft.chart, {one.code for one in draft.questions}) == (None, {Asked.HEADER})


NAMES = {
    "Skerry A": (Role.BASE, "skerry", 1), "Skerry B": (Role.BASE, "skerry", 2),
    "Limpet cal-mag": (Role.CALMAG, "", 0), "Glass silica": (Role.SILICA, "", 0),
    "Tide boost": (Role.BOOSTER, "", 0), "Scour enzymes": (Role.ENZYME, "", 0),
}  # fmt: skip
LIQUID = [unit for unit in DoseUnit if unit.amount_unit == "mL"]


@st.composite
def plain_charts(draw: st.DrawFn) -> Chart:
    """Charts as leaflets have them, of which a table without further words tells all."""
    both = ["Skerry A", "Skerry B"]
    others = draw(st.lists(st.sampled_from([*NAMES][2:]), unique=True))
    products = [
        Product(name.lower().replace(" ", "-"), name, *NAMES[name][:1], Form.LIQUID, *NAMES[name][1:],
                scales=NAMES[name][0] in (Role.BASE, Role.CALMAG, Role.BOOSTER))
        for name in [*both, *others]
    ]  # fmt: skip
    weeks = draw(st.integers(1, 6))
    stages = sorted(draw(st.lists(st.sampled_from(list(Stage)), min_size=weeks, max_size=weeks)))
    has_ec, has_ph = draw(st.booleans()), draw(st.booleans())
    figures = st.integers(1, 4000).map(lambda one: F(one, 100))
    columns = []
    for number in range(1, weeks + 1):
        low = draw(st.integers(3, 30)) * F("0.1")
        ec = ReadingRange(Reading(low), Reading(low + draw(st.integers(0, 5)) * F("0.1")))
        columns.append(
            Column(f"w{number}", f"Week {number}", 7, stages[number - 1], ec if has_ec else None,
                   PhWindow(F("5.6"), F("6.1")) if has_ph else None)
        )  # fmt: skip
    unit = draw(st.sampled_from(LIQUID))
    doses = []
    for product in products:
        for column in columns:
            if draw(st.booleans()) or column is columns[0]:
                one = draw(figures)
                high = one + draw(st.just(F(0)) | figures)
                doses.append(Dose(product.key, column.key, one, high, unit))
    readings = draw(st.sampled_from([Readings.ADDED, Readings.TOTAL])) if has_ec else Readings.NONE
    return Chart("", Medium.WATER, readings, False, tuple(products), tuple(columns), tuple(doses))


@given(plain_charts(), st.sampled_from(list(WhereUnit)), st.booleans(), st.sampled_from(",;\t"))
def test_a_chart_in_any_layout_is_read_as_the_same_chart(
    of: Chart, units: WhereUnit, down: bool, delimiter: str
) -> None:
    table = chart_table(of, units=units, down=down)
    text = "\n".join(delimiter.join(row) for row in table)
    draft = read_settled(TableRequest(rows_of_text(text)))
    assert draft.questions == ()
    assert draft.chart == of


@pytest.mark.parametrize(
    ("last", "columns", "feet"),
    [
        (("Week 3",), 3, 0),  # as the one before it, and nothing in it
        (("Week 3", "flush"), 3, 0),
        (("Flush", "", "", "-"), 3, 0),
        (("Week 3 is for leaf only",), 2, 1),
        (("Flush with plain water for a week.",), 2, 1),
        (("Shake well", "before use"), 2, 2),
    ],
)
def test_a_week_down_a_table_may_be_empty_and_a_note_below_it_is_none(
    last: tuple[str, ...], columns: int, feet: int
) -> None:
    rows = (
        ("Bottle", "Stage", "Part A mL/L", "Part B mL/L", "Silica mL/L", "Kelp mL/L"),
        ("Week 1", "leaf", "2", "2", "1", "1"),
        ("Week 2", "leaf", "3", "3", "1", "1"),
        (*last, *[""] * (6 - len(last))),
    )
    draft = read_table(TableRequest(rows))
    assert draft.chart is not None
    assert len(draft.chart.columns) == columns
    assert len(draft.chart.doses) == 8
    assert len([note for note in draft.notes if note.row == 4]) == feet


def test_weeks_that_stand_last_end_where_a_note_begins() -> None:
    rows = (
        ("Bottle", "Stage", "Part A mL/L", "Part B mL/L", "Silica mL/L", "Kelp mL/L"),
        ("Week 1", "leaf", "2", "2", "1", "1"),
        ("Week 2", *[""] * 5),
        ("Week 3", "flush", *[""] * 4),
        ("Shake well", *[""] * 5),
    )
    draft = read_table(TableRequest(rows))
    assert draft.chart is not None
    assert [one.label for one in draft.chart.columns] == ["Week 1", "Week 2", "Week 3"]
    assert [note.row for note in draft.notes] == [5]


@pytest.mark.parametrize(
    ("text", "low", "high"),
    # 10 CF, 1000 µS/cm and 500, 640 or 700 ppm by their scale are 1 mS/cm (common practice)
    [
        ("1.4", "1.4", "1.4"), ("1.2-1.6", "1.2", "1.6"), ("1.2 to 1.6", "1.2", "1.6"),
        ("1.2~1.6", "1.2", "1.6"), ("1.2 … 1.6", "1.2", "1.6"), ("1,2 - 1,6", "1.2", "1.6"),
        ("up to 1.6", "1.6", "1.6"), ("max. 1.6", "1.6", "1.6"), ("<1.6", "1.6", "1.6"),
        ("≤ 1.6", "1.6", "1.6"), ("EC 1.4", "1.4", "1.4"), ("CF 14", "1.4", "1.4"),
        ("14 CF", "1.4", "1.4"), ("1400 us/cm", "1.4", "1.4"), ("12-16 cf", "1.2", "1.6"),
        ("1.2 / 600", "1.2", "1.2"), ("1.4 *", "1.4", "1.4"), ("1.4 (soft water)", "1.4", "1.4"),
        ("980 ppm (700)", "1.4", "1.4"), ("700 ppm (500)", "1.4", "1.4"),
    ],
)  # fmt: skip
def test_a_reading_is_read_as_it_is_printed(text: str, low: str, high: str) -> None:
    rows = (("", "Week 1", "Week 2"), ("Part A (mL/L)", "2", "2"), ("EC (mS/cm)", text, "2"))
    draft = read_table(TableRequest(rows))
    assert draft.questions == ()
    assert draft.chart is not None
    assert draft.chart.columns[0].ec == ReadingRange(Reading(F(low)), Reading(F(high)))


@pytest.mark.parametrize(
    ("text", "rise"),
    [
        ("until EC +1.0", "1"), ("until +1.2", "1.2"), ("until +10 CF", "1"), ("till CF +12", "1.2"),
        ("until EC 1.5 above the water", "1.5"), ("until EC rises by +0,8", "0.8"),
        ("until ppm +500 (500)", "1"), ("until +700 ppm (700)", "1"), ("until +1000 us/cm", "1"),
        ("until tds +640 @640", "1"),
    ],
)  # fmt: skip
def test_a_rule_is_read_in_the_unit_that_it_names(text: str, rise: str) -> None:
    assert read_dose_cell(text).until_ec == F(rise)


def test_what_is_poured_until_a_reading_is_the_feed_with_its_parts_as_named() -> None:
    rows = (("", "Week 1", "Week 2"), ("Ferment (ml/L)", "until EC +0.6", "5"),
            ("Skerry A (ml/L)", "until EC +1.0", "until EC +1.0"), ("Skerry B (ml/L)", "2", "2"))  # fmt: skip
    draft = read_table(TableRequest(rows))
    assert draft.chart is not None
    assert [(one.role, one.group) for one in draft.chart.products] == [
        (Role.BASE, "base"), (Role.BASE, "skerry"), (Role.BASE, "skerry")
    ]  # fmt: skip


def test_days_that_are_counted_are_as_long_as_it_is_to_the_next() -> None:
    rows = (("", "Day 1", "Day 2", "Day 4", "Day 11"), ("Part A (ml/L)", "1", "2", "2", "3"))
    draft = read_table(TableRequest(rows))
    assert draft.chart is not None
    assert [column.days for column in draft.chart.columns][:3] == [1, 2, 7]


def test_keys_are_no_longer_than_may_be_however_long_a_name_is() -> None:
    long = "kelp " * 40
    rows = (("", "Week 1"), *((f"{long}{n}", "2 ml/L") for n in range(2)))
    draft = read_table(TableRequest(rows))
    assert draft.chart is not None
    keys = [one.key for one in draft.chart.products]
    assert len(set(keys)) == 2
    assert max(map(len, keys)) <= LONGEST_NAME


@pytest.mark.parametrize("text", ["until EC 1.5", "until ppm +500", "until it is green"])
def test_a_rule_that_may_mean_two_things_is_none(text: str) -> None:
    with pytest.raises(InputError):
        read_dose_cell(text)


@pytest.mark.parametrize(("others", "weeks"), [(2, 2), (3, 0)])
def test_headings_are_weeks_for_the_most_part(others: int, weeks: int) -> None:
    """As many columns of anything else leave them headings, more do not."""
    foreign = [f"place {letter}" for letter in "xyz"[:others]]
    rows = (
        ("Feed with", "Week 1", "Week 2", *foreign),
        ("Part A (mL/L)", "2", "3", *(["left"] * others)),
        ("Part B (mL/L)", "2", "3", *(["right"] * others)),
    )
    chart = read_table(TableRequest(rows)).chart
    assert (len(chart.columns) if chart else 0) == weeks


KEPT = '# chart {"name": "Dunlin", "medium": "coir", "readings": "total", "rows_are_order": true}'
BOTTLE = '# bottle {"name": "Part A", "key": "one", "role": "buffer", "rank": 2, "wait_min": 9}'


def beside(*lines: str) -> Chart:
    """A chart of one bottle and one week, with such lines below its table."""
    rows = (("Bottle", "Week 1"), ("Part A (mL/L)", "2"), ("EC (mS/cm)", "1.4"), ("",))
    draft = read_table(TableRequest((*rows, *((line,) for line in lines))))
    assert draft.chart is not None
    return draft.chart


def test_what_was_kept_beside_a_table_comes_back_with_it() -> None:
    chart = beside(KEPT, BOTTLE.replace("Part A", "Part A (mL/L)"))
    assert (chart.name, chart.medium, chart.readings) == ("Dunlin", Medium.COIR, Readings.TOTAL)
    assert chart.rows_are_order
    assert not beside(KEPT.replace(', "rows_are_order": true', "")).rows_are_order


def test_which_bottles_go_in_first_is_kept_for_those_that_are_left() -> None:
    rows = (("Bottle", "Week 1"), ("Part A (mL/L)", "2"), ("Part B (mL/L)", "2"), ("",))
    lines = (
        '# bottle {"name": "Part A (mL/L)", "key": "one", "role": "base"}',
        '# bottle {"name": "Part B (mL/L)", "key": "two", "role": "base", "after": ["one", "three"]}',
    )
    draft = read_table(TableRequest((*rows, *((line,) for line in lines))))
    assert draft.chart is not None
    assert [one.after for one in draft.chart.products] == [(), ("one",)]


SPOILED = {
    "no name": KEPT.replace('"name": "Dunlin", ', ""),
    "a name too long": KEPT.replace("Dunlin", "D" * 121),
    "no such medium": KEPT.replace("coir", "moon dust"),
    "a medium that is a number": KEPT.replace('"coir"', "7"),
    "no such readings": KEPT.replace("total", "some"),
    "no end": KEPT.replace("true}", "true"),
    "a list": KEPT.replace("{", "[").replace("}", "]"),
    "without end": '# chart {"name": ' + "[" * 3000 + "}",
    "no such role": BOTTLE.replace("buffer", "brew"),
    "a rank too high": BOTTLE.replace('"rank": 2', '"rank": 1000'),
    "a rank that is true": BOTTLE.replace('"rank": 2', '"rank": true'),
    "a wait before it": BOTTLE.replace('"wait_min": 9', '"wait_min": -1'),
    "one that is no list": BOTTLE.replace('"wait_min": 9', '"after": "one"'),
    "a list of numbers": BOTTLE.replace('"wait_min": 9', '"after": [1]'),
    "no key": BOTTLE.replace('"key": "one"', '"key": ""'),
    "no label": '# column {"key": "w1"}',
    "a key too long": '# column {"key": "' + "k" * 61 + '", "label": "Week 1"}',
}


@pytest.mark.parametrize("line", SPOILED.values(), ids=SPOILED)
def test_a_kept_line_that_somebody_spoiled_is_a_line_like_any_other(line: str) -> None:
    plain, spoiled = beside(), beside(line)
    # its words may be read, as those of any note: "coir", "total"
    read = {"name": plain.name, "medium": plain.medium, "readings": plain.readings}
    assert replace(spoiled, **read) == plain


def test_kept_columns_have_their_keys_and_labels_up_to_the_longest() -> None:
    line = '# column {"key": "%s", "label": "First weeks"}'
    [kept] = beside(line % ("k" * 60)).columns
    [other] = beside(line % "").columns
    assert (kept.key, kept.label) == ("k" * 60, "First weeks")
    assert (other.key, other.label) == ("w1", "Week 1")


def test_a_reader_answers_what_the_leaflet_leaves_open() -> None:
    rows = (("", "Week 1", "Week 2"), ("Part A (tsp/gal)", "1", "2"), ("ppm", "500", "700"))
    asked = {question.code for question in read_table(TableRequest(rows)).questions}
    assert asked == {Asked.GALLON, Asked.PPM_SCALE}
    answered = read_table(TableRequest(rows, gallon="uk", ppm_scale=500))
    assert answered.questions == ()
    assert answered.chart is not None
    [first, _] = answered.chart.doses
    assert first.unit is DoseUnit.TSP_PER_GAL_UK
    assert answered.chart.columns[0].ec == ReadingRange(Reading(F(1)), Reading(F(1)))
    strong = ((*rows[0], "Week 3"), ("Part A (mL/L)", "1", "2", "2"), ("EC", "8", "14", "1.6 mS"))
    # a CF of 10 is 1 mS/cm, as is 1000 µS/cm (common practice)
    for unit, ms_cm in (
        (ReadingUnit.CF, ("0.8", "1.4", "1.6")), (ReadingUnit.US_CM, ("0.008", "0.014", "1.6")),
    ):  # fmt: skip
        chart = read_table(TableRequest(strong, reading_unit=unit)).chart
        assert chart is not None
        assert [one.ec and one.ec.low.ms_cm for one in chart.columns] == [F(ms) for ms in ms_cm]
    bare = (("", "Week 1"), ("Part A", "2"), ("Part B", "2"))
    assert [q.code for q in read_table(TableRequest(bare)).questions] == [Asked.UNIT]
    per_ten = read_table(TableRequest(bare, unit=DoseUnitSaid("mL", "L", 10))).chart
    assert per_ten is not None
    assert {dose.unit for dose in per_ten.doses} == {DoseUnit.ML_PER_10L}


@pytest.mark.parametrize(
    "sign", ["(", "[", " ", "1/", "a b ", "½", "-", ",", "ml/", "until ", "* "]
)
def test_long_texts_take_no_longer_than_they_are_long(sign: str) -> None:
    """Every pattern meets a long run of what it looks for, in every place; no clock is asked."""
    long = sign * (drawn(6_000, 30_000) // len(sign))
    rows = (
        (long, "Week 1", long),
        ("Part A ml/L", "1", long),
        (long, long, "2"),
        ("EC", long, "1"),
    )
    draft = read_table(TableRequest(rows))
    assert draft.chart is None or long.strip() == ""
