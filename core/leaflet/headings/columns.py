"""Headings into the columns of a chart: label, key, days and stage of each."""

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from itertools import groupby, pairwise

from core.chart import Stage
from core.leaflet.headings.dates import Day, days_between, turn
from core.leaflet.headings.heading_rows import HeadingRow
from core.leaflet.headings.words import COUNTS_WEEKS, STAGE_ROW, Heading
from core.leaflet.layout import Layout
from core.limits import LONGEST_NAME, LONGEST_WORDS


@dataclass(slots=True)
class Head:
    """What the headings say of one column; filled in turn.

    Args:
        at: its place in the grid.
        texts: its headings, from the top; merged ones too.
        stage, days: where they are said.
        weeks: first and last.
        date, day: on which it begins.
        is_open: whether it goes on after its last week.
        is_without_days: whether a row of days says that it has none.
        span: first and last day, or how long it may be; its neighbours tell which.
        span_of: days that one of these is: 7 where weeks are counted.
        is_named: whether anything stands above it.
    """

    at: int
    texts: list[str]
    stage: Stage | None = None
    days: int | None = None
    weeks: tuple[int, int] | None = None
    date: Day | None = None
    day: int | None = None
    is_open: bool = False
    is_without_days: bool = False
    span: tuple[int, int] | None = None
    span_of: int = 1
    is_named: bool = True

    @property
    def label(self) -> str:
        """Its finest heading."""
        return self.texts[-1] if self.texts else ""


def heads_of(layout: Layout) -> list[Head]:
    """The columns of a table, each with what its own and merged headings say."""
    heads = [Head(at, []) for at in layout.columns]
    for row in layout.headings:
        _take_row(heads, row, layout)
    for head in heads:
        head.is_named = bool(head.texts)
    heads = _without_group_columns(heads, layout)
    _lengths(heads)
    return heads


def _take_row(heads: list[Head], row: HeadingRow, layout: Layout) -> None:
    """Add what a row of headings says of each column; an empty cell may be under a merged one."""
    merged: Heading | None = None
    for head in heads:
        own = row.headings.get(head.at)
        if own is not None:
            merged = own
            _take(head, own, row)
        elif row.cells[head.at]:
            merged = None
            _take_nothing(head, row)
        elif merged is not None and _spreads(merged, row, layout):
            _take(head, merged, row)


def _spreads(merged: Heading, row: HeadingRow, layout: Layout) -> bool:
    """Whether a heading stands over the columns that follow it, too."""
    if row.gives_days or merged.date is not None:
        return False
    rows = [heading for heading in layout.headings if heading is not row and not heading.gives_days]
    return not merged.is_fine or any(len(one.headings) > len(row.headings) for one in rows)


def _take_nothing(head: Head, row: HeadingRow) -> None:
    """A dash in a row of days or stages says that there are none."""
    if row.gives_days:
        head.is_without_days = True
    else:
        head.stage = None


def _take(head: Head, said: Heading, row: HeadingRow) -> None:
    """Add what one heading says."""
    if row.gives_days and said.number is not None:
        _take_days(head, said.number, row)
        return
    head.stage = said.stage or head.stage
    head.days = said.days or head.days
    head.weeks = said.weeks or said.number or head.weeks
    head.date, head.day = said.date or head.date, said.day or head.day
    head.is_open = head.is_open or said.is_open
    if not _is_told_beside(head, row):
        _take_label(head, said)


def _take_days(head: Head, days: tuple[int, int], row: HeadingRow) -> None:
    """A figure in a row of days: how long the column is, or from which day to which."""
    first, last = days
    head.span, head.span_of = days, 7 if COUNTS_WEEKS.search(row.name.lower()) else 1
    head.days = first * head.span_of if first == last else None


def _is_told_beside(head: Head, row: HeadingRow) -> bool:
    """Whether a row tells days or stages of columns that have a label already."""
    return row.gives_days or bool(STAGE_ROW.fullmatch(row.name.lower().strip(" :")) and head.texts)


def _take_label(head: Head, said: Heading) -> None:
    """A stage that stands over itself ("Bloom" over "Bloom") is one label."""
    text = f"Week {said.text}" if said.number is not None else said.text
    is_stage_alone = said.stage is not None and not said.is_fine
    if not (is_stage_alone and head.texts and head.texts[-1] == said.text):
        head.texts.append(text)


def _without_group_columns(heads: list[Head], layout: Layout) -> list[Head]:
    """Of a table with weeks down, a row such as "Grow" alone stands over the weeks below it."""
    kept: list[Head] = []
    group: Head | None = None
    for head in heads:
        blank = not any(row[head.at] for row in layout.body)
        alone = head.stage is not None and head.weeks is None and head.days is None
        if blank and alone and layout.is_turned and head is not heads[-1]:
            group = head
            continue
        if group is not None and head.stage is None:
            head.stage = group.stage
            head.texts.insert(0, group.label)
        kept.append(head)
    return kept


def _lengths(heads: list[Head]) -> None:
    """Days from weeks, from dates, and from "day 1, day 8"."""
    _lengths_by_spans(heads)
    _lengths_within_weeks(heads)
    _lengths_by_weeks(heads)
    if len(heads) == 1:
        return  # nothing follows by which its length could be told
    dates = [head.date for head in heads if head.date is not None]
    if len(dates) == len(heads):
        _by_steps(heads, _date_steps(dates))
    days = [head.day for head in heads if head.day is not None]
    if len(days) == len(heads):
        steps = [later - before for before, later in pairwise(days)]
        _by_steps(heads, [step if step > 0 else None for step in steps])


def _lengths_by_spans(heads: Sequence[Head]) -> None:
    """Day 1-14, 15-28, ...: where each begins after the one before, else it is a choice."""
    spans = [head.span for head in heads if head.span is not None]
    if not len(spans) == len(heads) > 1:
        return
    is_in_turn = all(later[0] == before[1] + 1 for before, later in pairwise(spans))
    if is_in_turn and any(first < last for first, last in spans):
        for head, (first, last) in zip(heads, spans, strict=True):
            head.days = (last - first + 1) * head.span_of


def _lengths_within_weeks(heads: Sequence[Head]) -> None:
    """Days 1 and 4 under one week are its parts: each goes up to the next, the last to the end."""
    for weeks, group in groupby(heads, key=lambda head: head.weeks):
        parts = list(group)
        if weeks is None or any(head.is_open for head in parts):
            continue
        for head, length in zip(parts, _lengths_of_parts(parts, weeks), strict=False):
            head.days = head.days or (None if head.is_without_days else length)


def _lengths_of_parts(parts: Sequence[Head], weeks: tuple[int, int]) -> list[int]:
    """How long each part of weeks is; none where their days do not tell."""
    days = [head.day for head in parts if head.day is not None]
    if not len(days) == len(parts) > 1:
        return []
    end = days[0] + (weeks[1] - weeks[0] + 1) * 7
    lengths = [later - before for before, later in pairwise([*days, end])]
    return lengths if min(lengths) > 0 else []


def _lengths_by_weeks(heads: Sequence[Head]) -> None:
    for head in heads:
        if head.days is None and head.weeks is not None and not head.is_open:
            first, last = head.weeks
            head.days = None if head.is_without_days else (last - first + 1) * 7


def _date_steps(dates: Sequence[Day]) -> list[int | None]:
    """Days from each date to the next; with day and month turned where that is more even.

    Of two ways that are as even, the one with shorter columns. A date that can only be read one
    way, such as 3/15, stays as it is beside turned ones.
    """
    turned = [turn(date) if date.turned else date for date in dates]
    ways = [list(dates), [date for date in turned if date is not None]]
    steps = [[days_between(before, later) for before, later in pairwise(way)] for way in ways]
    return min(
        steps,
        key=lambda way: (sum(not one or one % 7 != 0 for one in way), sum(one or 0 for one in way)),
    )


def _by_steps(heads: list[Head], steps: Sequence[int | None]) -> None:
    even = len(set(steps)) == 1
    for head, step in zip(heads, [*steps, steps[-1] if even else None], strict=True):
        head.days = head.days or (None if head.is_without_days else step)


def labels_of(heads: Sequence[Head]) -> list[str]:
    """Labels: the finest heading, with the one above where that alone would say nothing."""
    finest = [head.label for head in heads]
    again = len(set(finest)) < len(finest)  # weeks are counted anew in each stage
    labels = []
    for number, head in enumerate(heads, 1):
        label = head.label or f"Column {number}"
        above = [text for text in head.texts[:-1] if text != label]
        if above and again:
            label = f"{above[-1]}, {label[:1].lower()}{label[1:]}"
        labels.append(label[:LONGEST_WORDS])
    return _told_apart(labels)


def _told_apart(labels: Sequence[str]) -> list[str]:
    """ "Bloom" over three columns is numbered: one chooses a column by its label."""
    often, seen, apart = Counter(labels), Counter[str](), []
    for label in labels:
        seen[label] += 1
        numbered = f"{label[: LONGEST_WORDS - 4]} {seen[label]}"
        apart.append(numbered if often[label] > 1 else label)
    return apart


def keys_of(heads: Sequence[Head], labels: Sequence[str]) -> list[str]:
    """Short keys, each once: w5, w1-2, early-bloom."""
    keys: list[str] = []
    weeks = [head.weeks for head in heads if head.weeks is not None]
    again = len(set(weeks)) < len(weeks)  # weeks are counted anew in each stage
    for head, label in zip(heads, labels, strict=True):
        key = slug(label) or "column"
        if head.weeks is not None:
            low, high = head.weeks
            key = f"w{low}" if low == high else f"w{low}-{high}"
            if again and head.stage is not None:
                key = f"{head.stage}-{key}"
        keys.append(unique(key, keys))
    return keys


def unique(key: str, taken: Sequence[str]) -> str:
    """A key that is not taken yet: itself, or itself with a number."""
    made, number = key, 2
    while made in taken:
        made, number = f"{key}-{number}", number + 1
    return made


def slug(text: str) -> str:
    """A text as a key: lower case letters and digits, joined by hyphens."""
    return re.sub(r"[^\w]+", "-", text.lower()).strip("-_")[: LONGEST_NAME - 4]
