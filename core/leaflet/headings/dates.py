"""Days of a year as leaflets write them; only what is between two of them is used."""

import re
from calendar import isleap, monthrange
from dataclasses import dataclass
from datetime import date

_MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"]
_NAME = r"(jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)[a-z]*\.?"
_ISO = re.compile(r"(\d{4})-(\d{1,2})-(\d{1,2})(?:[ t]00:00(?::00)?)?")
_PLAIN = re.compile(
    r"(?=\d\d/\d\d$|.*[./].*[./])(\d{1,2})[./](\d{1,2})(?:[./](\d{4}|\d{2})?)?"
)  # 1.2 alone is a figure; 1.2., 01/02 and 1/2/27 are days
_DAY_MONTH = re.compile(rf"(\d{{1,2}})(?:st|nd|rd|th|\.)? ?-?{_NAME}(?:[ -]?(\d{{4}}))?")
_MONTH_DAY = re.compile(rf"{_NAME} ?(\d{{1,2}})(?:st|nd|rd|th)?(?:,? (\d{{4}}))?")


@dataclass(frozen=True, slots=True)
class Day:
    """A day of a year; `turned` where day and month may be the other way round."""

    month: int
    day: int
    year: int | None = None
    turned: bool = False


def read_day(text: str) -> Day | None:
    """A date that stands alone in a cell; None where it is none.

    >>> read_day("1 Mar"), read_day("2027-03-08").day
    (Day(month=3, day=1, year=None, turned=False), 8)
    """
    low = text.lower().strip()
    if found := _ISO.fullmatch(low):
        return _valid(Day(int(found[2]), int(found[3]), int(found[1])))
    if found := _DAY_MONTH.fullmatch(low):
        return _valid(Day(_month(found[2]), int(found[1]), _year(found[3])))
    if found := _MONTH_DAY.fullmatch(low):
        return _valid(Day(_month(found[1]), int(found[2]), _year(found[3])))
    if found := _PLAIN.fullmatch(low):
        first, second = int(found[1]), int(found[2])
        named = _valid(Day(second, first, _year(found[3]), turned=first <= 12))
        return named or _valid(Day(first, second, _year(found[3])))
    return None


def read_span(text: str) -> tuple[Day, int] | None:
    """A span of days such as `1-7 Mar` or `29 Mar - 11 Apr`: its first day, and how many it has.

    >>> read_span("29 Mar – 11 Apr")
    (Day(month=3, day=29, year=None, turned=False), 14)
    """
    parts = re.split(r" ?(?:-|–|—|\bto\b) ?", text.strip(), maxsplit=1)
    if len(parts) != 2:
        return None
    first, last = (read_day(part) for part in parts)
    first = first or _in_month_of(last, parts[0])
    last = last or _in_month_of(first, parts[1])
    days = days_between(first, last) if first and last else None
    return (first, days + 1) if first and days else None


def _in_month_of(other: Day | None, text: str) -> Day | None:
    """A bare day, in the month that the other end of its span names."""
    if other is None or not text.isdigit() or len(text) > 2:
        return None
    return _valid(Day(other.month, int(text), other.year))


def days_between(first: Day, later: Day) -> int | None:
    """Days from one to the next; None beyond a season, and where it goes backwards.

    Where not both tell their year, going backwards is going into the new year.

    >>> days_between(Day(12, 28), Day(1, 4)), days_between(Day(3, 1, 2027), Day(3, 5, 2028))
    (7, None)
    """
    between = _day_of_year(later) - _day_of_year(first)
    if first.year and later.year:
        between += (date(later.year, 1, 1) - date(first.year, 1, 1)).days
    elif between <= 0:
        between += 366 if isleap(first.year or 2001) else 365
    return between if 0 < between <= 180 else None


def turn(day: Day) -> Day | None:
    """The same figures with day and month the other way round."""
    return _valid(Day(day.day, day.month, day.year))


def _month(name: str) -> int:
    return _MONTHS.index(name[:3]) + 1


def _year(text: str | None) -> int | None:
    return None if not text else int(text) + (2000 if len(text) == 2 else 0)


def _valid(day: Day) -> Day | None:
    if not 1 <= day.month <= 12 or (day.year is not None and not 1900 <= day.year <= 2200):
        return None
    return day if 1 <= day.day <= monthrange(day.year or 2000, day.month)[1] else None


def _day_of_year(day: Day) -> int:
    year = day.year or 2001
    return sum(monthrange(year, month)[1] for month in range(1, day.month)) + day.day
