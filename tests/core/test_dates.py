"""Days as leaflets write them, against Python's own calendar."""

from datetime import date, timedelta

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.leaflet.headings.dates import Day, days_between, read_day, read_span, turn

MONTHS = (
    "January", "February", "March", "April", "May", "June", "July", "August", "September",
    "October", "November", "December",
)  # fmt: skip
dates = st.dates(date(1900, 1, 1), date(2200, 12, 31))


@given(dates, st.sampled_from(["", "st", "nd", "rd", "th", "."]), st.integers(3, 9))
def test_a_day_is_read_in_each_writing(on: date, ordinal: str, letters: int) -> None:
    name = MONTHS[on.month - 1]
    for month in (name, name.upper(), name[: max(letters, 3)]):
        for text in (f"{on.day}{ordinal} {month} {on.year}", f"{on.day} {month}-{on.year}"):
            assert read_day(text) == Day(on.month, on.day, on.year)
        if ordinal != ".":
            assert read_day(f"{month} {on.day}{ordinal}, {on.year}") == Day(
                on.month, on.day, on.year
            )
    assert read_day(on.isoformat()) == Day(on.month, on.day, on.year)
    assert read_day(f"{on} 00:00:00") == Day(on.month, on.day, on.year)


@given(dates)
def test_figures_alone_are_a_day_and_a_month_and_may_be_turned(on: date) -> None:
    may_turn = on.day <= 12
    said = Day(on.month, on.day, on.year, turned=may_turn)
    assert read_day(f"{on.day}/{on.month}/{on.year}") == said
    assert read_day(f"{on.day:02}.{on.month:02}.{on.year}") == said
    if on.day > 12:  # then the month is printed first, whatever the leaflet does elsewhere
        assert read_day(f"{on.month}/{on.day}/{on.year}") == Day(on.month, on.day, on.year)
    turned = turn(said)
    assert turned == (Day(on.day, on.month, on.year) if may_turn else None)


@pytest.mark.parametrize(
    "text",
    ["0/1/2027", "1/0/2027", "13/13/2027", "31/4/2027", "2027-13-01", "2027-00-01", "2027-02-29",
     "1899-12-31", "2201-01-01", "30 Feb", "0 Mar", "32 Mar", "1.2", "12", "Mar", "1 Foo", "1/2"],
)  # fmt: skip
def test_what_no_calendar_has_is_no_day(text: str) -> None:
    assert read_day(text) is None


@pytest.mark.parametrize(
    ("text", "day"),
    [
        ("29 Feb", Day(2, 29)),  # of a leap year, where none is named
        ("2028-02-29", Day(2, 29, 2028)), ("1900-01-01", Day(1, 1, 1900)),
        ("2200-12-31", Day(12, 31, 2200)), ("01/02", Day(2, 1, turned=True)),
        ("1.2.", Day(2, 1, turned=True)), ("1/2/27", Day(2, 1, 2027, turned=True)),
        ("12/13", Day(12, 13)), ("1 Sept.", Day(9, 1)),
    ],
)  # fmt: skip
def test_days_at_the_edge_of_what_is_one(text: str, day: Day) -> None:
    assert read_day(text) == day


@given(dates, st.integers(1, 180))
def test_days_between_are_those_of_the_calendar(on: date, days: int) -> None:
    later = on + timedelta(days)
    first, second = Day(on.month, on.day, on.year), Day(later.month, later.day, later.year)
    assert days_between(first, second) == days
    assert days_between(Day(on.month, on.day), Day(on.month, on.day)) is None


@pytest.mark.parametrize(
    ("first", "later", "days"),
    [
        (Day(12, 28), Day(1, 4), 7),
        (Day(2, 28), Day(3, 1), 1),  # no year, no leap day
        (Day(2, 28, 2028), Day(3, 1, 2028), 2),
        (Day(1, 1), Day(6, 30), 180), (Day(1, 1), Day(7, 1), None),
        (Day(7, 5), Day(1, 1), 180), (Day(7, 4), Day(1, 1), None),
        (Day(3, 1), Day(2, 1), None),  # eleven months are no column
        (Day(12, 28, 2027), Day(1, 4), 7), (Day(12, 28), Day(1, 4, 2028), 7),
        (Day(12, 28, 2027), Day(1, 4, 2027), None),  # backwards in one year: one of them is a slip
        (Day(3, 1, 2027), Day(3, 5, 2028), None), (Day(3, 8, 2027), Day(3, 1, 2027), None),
    ],
)  # fmt: skip
def test_no_column_is_longer_than_half_a_year(first: Day, later: Day, days: int | None) -> None:
    assert days_between(first, later) == days


@pytest.mark.parametrize(
    ("text", "first", "days"),
    [
        ("1-7 Mar", Day(3, 1), 7), ("Mar 1 to 7", Day(3, 1), 7), ("29 Mar – 11 Apr", Day(3, 29), 14),
        ("28 Dec — 3 Jan", Day(12, 28), 7), ("1 Mar - 2 Mar", Day(3, 1), 2),
    ],
)  # fmt: skip
def test_a_span_counts_both_of_its_ends(text: str, first: Day, days: int) -> None:
    assert read_span(text) == (first, days)


@pytest.mark.parametrize(
    "text", ["7 Mar", "1-7", "7-1 Foo", "1 Mar - 1 Mar", "001-7 Mar", "0-7 Mar", "week 1-7", "1-"]
)
def test_what_is_no_span(text: str) -> None:
    assert read_span(text) is None
