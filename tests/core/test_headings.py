"""What stands above the columns of a leaflet; the words are common practice."""

from datetime import date, timedelta

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Stage
from core.leaflet import TableRequest, read_table
from core.leaflet.headings.dates import Day
from core.leaflet.headings.words import Heading, read_heading, says_weeks, stage_in


@pytest.mark.parametrize(
    ("text", "said"),
    [
        ("Week 5", Heading("", weeks=(5, 5))), ("wk. 3 + 4", Heading("", weeks=(3, 4))),
        ("W1–W2", Heading("", weeks=(1, 2))), ("Weeks 2 to week 4", Heading("", weeks=(2, 4))),
        ("Week five", Heading("", weeks=(5, 5))), ("Week twelve", Heading("", weeks=(12, 12))),
        ("3rd week", Heading("", weeks=(3, 3))), ("Semana 2", Heading("", weeks=(2, 2))),
        ("Week 8+", Heading("", weeks=(8, 8), is_open=True)),
        ("Week 8 and on", Heading("", weeks=(8, 8), is_open=True)),
        ("Week no. 6", Heading("", weeks=(6, 6))),
        ("Week 4-3", None),
        ("Bloom week 2", Heading("", weeks=(2, 2), stage=Stage.FLOWER)),
        ("2 weeks", Heading("", days=14)), ("10 days", Heading("", days=10)),
        ("Grow (3 weeks)", Heading("", days=21, stage=Stage.LEAF)),
        ("3-4 weeks", None),  # how long is left open
        ("Day 8", Heading("", day=8)), ("Day 8-14", Heading("", day=8, days=7)),
        ("Days 1 to day 7", Heading("", day=1, days=7)), ("Day 8-8", Heading("", day=8, days=1)),
        ("Day 14-8", Heading("", day=14)),
        ("Month 2", Heading("", days=30)), ("2nd month", Heading("", days=30)),
        ("February", Heading("", days=28)), ("Aug", Heading("", days=31)),
        ("7", Heading("", number=(7, 7))), ("3-4", Heading("", number=(3, 4))),
        ("12+", Heading("", number=(12, 12), is_open=True)), ("4-3", None),
        ("366", Heading("", number=(366, 366))), ("367", None), ("2,5", None), ("1/2", None),
        ("1 Mar", Heading("", date=Day(3, 1))),
        ("1-14 Mar", Heading("", date=Day(3, 1), days=14)),
        ("Early bloom", Heading("", stage=Stage.FLOWER)),
        ("Vegetative phase II", Heading("", stage=Stage.LEAF)), ("Phase 3", Heading("")),
        ("Bloom booster", None), ("Grow A", None), ("mL per L", None), ("", None),
        ("x" * 80, None), ("Week 1 " + "x" * 74, None),
    ],
)  # fmt: skip
def test_what_a_heading_says(text: str, said: Heading | None) -> None:
    found = read_heading(text)
    expected = said and Heading(
        text, said.weeks, said.stage, said.days, said.day, said.date, said.number, said.is_open
    )
    assert found == expected


@pytest.mark.parametrize(
    ("text", "stage"),
    [
        ("seedlings", Stage.SEEDLING), ("cuttings", Stage.SEEDLING), ("veg", Stage.LEAF),
        ("growth", Stage.LEAF), ("pre-flower", Stage.TRANSITION), ("pre flower", Stage.TRANSITION),
        ("stretch", Stage.TRANSITION), ("fruit set", Stage.FLOWER), ("bulking", Stage.FLOWER),
        ("fruit ripening", Stage.RIPEN), ("finish", Stage.RIPEN), ("plain water", Stage.FLUSH),
        ("seedling / early veg", Stage.SEEDLING), ("veg to bloom", Stage.LEAF),
        ("bloom and flush", Stage.FLOWER), ("silica", None), ("vegan", None),
    ],
)  # fmt: skip
def test_stages_by_growers_words(text: str, stage: Stage | None) -> None:
    assert stage_in(text) is stage
    assert stage_in(text.upper()) is stage


@pytest.mark.parametrize(
    ("text", "told"),
    [("Week", True), ("Weeks", True), ("wk", True), ("Week of growth", True), ("Week 2", False),
     ("Weeks per stage", False), ("Length in weeks", False), ("Weekly", False), ("Bottle", False)],
)  # fmt: skip
def test_a_corner_tells_that_numbers_are_weeks(text: str, told: bool) -> None:
    assert says_weeks(text) is told


BODY = (("Part A mL/L", 1), ("Part B mL/L", 2), ("Silica mL/L", 3), ("Kelp mL/L", 4))


def columns(*headings: str) -> list[tuple[str, str, int | None, str | None]]:
    """Label, key, days and stage of each column under rows of headings, told apart by strokes."""
    rows = [tuple(part.strip() for part in row.split("|")) for row in headings]
    many = max(map(len, rows))
    rows = [(*row, *[""] * (many - len(row))) for row in rows]
    body = [(name, *[str(dose)] * (many - 1)) for name, dose in BODY]
    draft = read_table(TableRequest((*rows, *body)))
    return [(one.label, one.key, one.days, one.stage and one.stage.value) for one in draft.columns]


@pytest.mark.parametrize(
    ("headings", "expected"),
    [
        # a stage stands over the weeks that follow it
        (["| Grow | | Bloom |", "| Week 1 | Week 2 | Week 3 | Week 4"],
         [("Week 1", "w1", 7, "leaf"), ("Week 2", "w2", 7, "leaf"),
          ("Week 3", "w3", 7, "flower"), ("Week 4", "w4", 7, "flower")]),
        # and so do weeks over their days, whether these are counted on or anew
        (["| Week 1 | | Week 2 |", "| Day 1 | Day 4 | Day 8 | Day 11"],
         [("Day 1", "w1", 3, None), ("Day 4", "w1-2", 4, None),
          ("Day 8", "w2", 3, None), ("Day 11", "w2-2", 4, None)]),
        (["| Week 1 | | Week 2-3 |", "| Day 2 | Day 5 | Day 2 | Day 9"],
         [("Week 1, day 2", "w1", 3, None), ("Week 1, day 5", "w1-2", 4, None),
          ("Week 2-3, day 2", "w2-3", 7, None), ("Week 2-3, day 9", "w2-3-2", 7, None)]),
        (["| Week 1 | | | Week 2", "| Day 1 | Day 2 | Day 3 | Day 8"],
         [("Day 1", "w1", 1, None), ("Day 2", "w1-2", 1, None), ("Day 3", "w1-3", 5, None),
          ("Day 8", "w2", 7, None)]),
        (["| Week 1 | | Week 2", "| Day 9 | Day 1 | Day 8"],  # these are no parts of a week
         [("Day 9", "w1", 7, None), ("Day 1", "w1-2", 7, None), ("Day 8", "w2", 7, None)]),
        (["| Week 1 | | Week 2 |", "Stage | Grow | Grow | Bloom | Bloom"],
         [("Week 1 1", "leaf-w1", 7, "leaf"), ("Week 1 2", "leaf-w1-2", 7, "leaf"),
          ("Week 2 1", "flower-w2", 7, "flower"), ("Week 2 2", "flower-w2-2", 7, "flower")]),
        # weeks that are counted anew are told apart by their stage
        (["| Grow | | Bloom |", "| Week 1 | Week 2 | Week 1 | Week 2"],
         [("Grow, week 1", "leaf-w1", 7, "leaf"), ("Grow, week 2", "leaf-w2", 7, "leaf"),
          ("Bloom, week 1", "flower-w1", 7, "flower"), ("Bloom, week 2", "flower-w2", 7, "flower")]),
        (["| Grow | | Bloom |", "| 1-2 | 3-4 | 1-2 | 3-4"],
         [("Grow, week 1-2", "leaf-w1-2", 14, "leaf"), ("Grow, week 3-4", "leaf-w3-4", 14, "leaf"),
          ("Bloom, week 1-2", "flower-w1-2", 14, "flower"),
          ("Bloom, week 3-4", "flower-w3-4", 14, "flower")]),
        # what does not count up is no row of weeks
        (["| Grow | Grow | Bloom | Bloom", "| 1 | 2 | 4 | 5"],
         [("Grow 1", "grow-1", None, "leaf"), ("Grow 2", "grow-2", None, "leaf"),
          ("Bloom 1", "bloom-1", None, "flower"), ("Bloom 2", "bloom-2", None, "flower")]),
        # one label over several columns is numbered
        (["| Bloom | Bloom | Flush"],
         [("Bloom 1", "bloom-1", None, "flower"), ("Bloom 2", "bloom-2", None, "flower"),
          ("Flush", "flush", None, "flush")]),
        # a row of days says how long each is, and a dash that nothing is said
        (["| Seedling | Grow | Bloom", "Days | 7 | 14-21 | –"],
         [("Seedling", "seedling", 7, "seedling"), ("Grow", "grow", None, "leaf"),
          ("Bloom", "bloom", None, "flower")]),
        (["| Seedling | Grow | Bloom", "Days | 1-7 | 8-21 | 22-42"],
         [("Seedling", "seedling", 7, "seedling"), ("Grow", "grow", 14, "leaf"),
          ("Bloom", "bloom", 21, "flower")]),
        # spans that do not follow one another are a choice
        (["| Seedling | Grow | Bloom", "Days | 1-7 | 10-21 | 22-42"],
         [("Seedling", "seedling", None, "seedling"), ("Grow", "grow", None, "leaf"),
          ("Bloom", "bloom", None, "flower")]),
        (["| Seedling | Grow | Bloom", "Duration (weeks) | 1 | 2-4 | 5-9"],
         [("Seedling", "seedling", 7, "seedling"), ("Grow", "grow", 21, "leaf"),
          ("Bloom", "bloom", 35, "flower")]),
        # days of a season: each is as long as it is to the next, the last as the others
        (["| Day 1 | Day 8 | Day 15"],
         [("Day 1", "day-1", 7, None), ("Day 8", "day-8", 7, None), ("Day 15", "day-15", 7, None)]),
        (["| Day 1 | Day 8 | Day 29"],
         [("Day 1", "day-1", 7, None), ("Day 8", "day-8", 21, None), ("Day 29", "day-29", None, None)]),
        # a date that may be either is read so that columns have whole weeks
        (["| 01/03/2027 | 08/03/2027 | 15/03/2027"],
         [("01/03/2027", "01-03-2027", 7, None), ("08/03/2027", "08-03-2027", 7, None),
          ("15/03/2027", "15-03-2027", 7, None)]),
        (["| 03/01/2027 | 03/08/2027 | 03/15/2027"],
         [("03/01/2027", "03-01-2027", 7, None), ("03/08/2027", "03-08-2027", 7, None),
          ("03/15/2027", "03-15-2027", 7, None)]),
        (["| Week 1-2 | Week 3 | Week 4+"],
         [("Week 1-2", "w1-2", 14, None), ("Week 3", "w3", 7, None), ("Week 4+", "w4", None, None)]),
        (["Week | 1 | 2-3 | 4"], [("Week 1", "w1", 7, None), ("Week 2-3", "w2-3", 14, None), ("Week 4", "w4", 7, None)]),
    ],
)  # fmt: skip
def test_headings_make_columns(
    headings: list[str], expected: list[tuple[str, str, int | None, str | None]]
) -> None:
    assert columns(*headings) == expected


@pytest.mark.parametrize(
    ("name", "of"),
    [
        ("Weeks per stage", 7), ("Weeks in each stage", 7), ("Number of weeks", 7),
        ("No. of weeks", 7), ("How many weeks", 7), ("Duration (weeks)", 7), ("Length in wks", 7),
        ("Stage length (weeks)", 7), ("Length", 1), ("Days", 1), ("Days per week", 1),
        ("Number of days", 1), ("Phase duration, in days", 1), ("How long (days)", 1),
    ],
)  # fmt: skip
def test_a_row_tells_how_long_columns_are_and_is_no_bottle(name: str, of: int) -> None:
    for heads in ("| Seedling | Grow | Bloom", "| Stage 1 | Stage 2 | Stage 3"):
        found = columns(heads, f"{name} | 1 | 3 | 5")
        assert [one[2] for one in found] == [of, 3 * of, 5 * of]


@given(st.lists(st.integers(1, 6), min_size=2, max_size=8))
def test_columns_of_dates_are_as_long_as_the_calendar_says(weeks: list[int]) -> None:
    """Whichever way day and month stand, for charts that begin on 3 April 2028."""
    first = date(2028, 4, 3)
    days = [first + timedelta(7 * sum(weeks[:at])) for at in range(len(weeks))]
    steps = [7 * one for one in weeks[:-1]]
    last = steps[0] if len(set(steps)) == 1 else None
    for form in ("%d/%m/%Y", "%m/%d/%Y", "%d.%m.%Y", "%Y-%m-%d", "%d %b %Y", "%b %d, %Y"):
        found = columns("| " + " | ".join(day.strftime(form) for day in days))
        assert [one[2] for one in found] == [*steps, last]
