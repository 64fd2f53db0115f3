"""The course of a tank: laws of its columns, rules against brute force, clocks against the calendar."""

import json
from dataclasses import replace
from datetime import UTC, date, datetime, time, timedelta
from fractions import Fraction
from itertools import pairwise
from zoneinfo import ZoneInfo

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from core.chart import Chart, Readings, Role, Stage
from core.course import (
    Anchor,
    AnchorKind,
    Apart,
    ChangeOut,
    CourseRequest,
    Happening,
    HappeningKind,
    MeterDue,
    Occasion,
    Programme,
    StrengthFrom,
    Task,
    TaskKind,
    TimingRule,
    Wait,
    Why,
    draw_course,
    plan_course,
    rising_strengths,
    target_on,
    what_moves,
)
from core.course.fillings import FEW_DAYS
from core.course.rule_bounds import OXIDISER_APART_DAYS
from core.errors import InputError
from core.formats import document_of
from core.formats.course_request import CourseRequestDocument, RuleDocument
from core.headless import course_text
from core.quantities import Reading, ReadingRange, Spoons
from core.water import Disinfectant
from tests.core.courses import (
    KEYS,
    PRODUCTS,
    START,
    after,
    ask,
    chart,
    days_of,
    days_with,
    happenings,
    living,
    ruled_seasons,
    spans,
)
from tests.lanes import drawn
from tests.words import refuses, words_of

HAPPENED = HappeningKind
FLOWERS = Wait("w3", "first flowers")


# Columns over days


def test_columns_follow_each_other_by_their_printed_days() -> None:
    course = plan_course(ask(chart=chart((3, 7, 14, 1, 2, 30))))
    assert spans(course) == [
        ("w1", 0, 2, False), ("w2", 3, 9, False), ("w3", 10, 23, False),
        ("w4", 24, 24, False), ("w5", 25, 26, False), ("w6", 27, 56, False),
    ]  # fmt: skip


@pytest.mark.parametrize(
    ("happened", "expected"),
    [
        # what ends a column ends it on that day: the next begins on the day after
        ([after(9, HAPPENED.ADVANCE)], [("w1", 0, 6), ("w2", 7, 9), ("w3", 10, 16)]),
        ([after(9, HAPPENED.HOLD, days=3)], [("w1", 0, 6), ("w2", 7, 16), ("w3", 17, 23)]),
        ([after(9, HAPPENED.STRETCH, days=-2)], [("w1", 0, 6), ("w2", 7, 11), ("w3", 12, 18)]),
        ([after(9, HAPPENED.STRETCH, days=5)], [("w1", 0, 6), ("w2", 7, 18), ("w3", 19, 25)]),
        ([after(9, HAPPENED.JUMP, column="w5")], [("w1", 0, 6), ("w2", 7, 9), ("w5", 10, 16)]),
        ([after(9, HAPPENED.SET_BACK, column="w1")], [("w1", 0, 6), ("w2", 7, 9), ("w1", 10, 16)]),
        # a repeated column comes once more, and then all goes on as before
        ([after(9, HAPPENED.REPEAT, column="w2")],
         [("w1", 0, 6), ("w2", 7, 13), ("w2", 14, 20), ("w3", 21, 27)]),
        ([after(3, HAPPENED.ADVANCE), after(5, HAPPENED.ADVANCE)],
         [("w1", 0, 3), ("w2", 4, 5), ("w3", 6, 12)]),
    ],
)  # fmt: skip
def test_what_growers_decide_moves_all_that_is_behind(
    happened: list[Happening], expected: list[tuple[str, int, int]]
) -> None:
    course = plan_course(ask(happened=tuple(happened)))
    assert [(key, first, last) for key, first, last, _ in spans(course)][
        : len(expected)
    ] == expected
    assert course.conflicts == ()


def test_a_column_that_waits_is_as_long_as_printed_until_its_sign_is_seen() -> None:
    waiting = ask(waits_for=(FLOWERS,))
    assert spans(plan_course(waiting))[2:4] == [("w3", 14, 20, True), ("w4", 21, 27, False)]
    late = replace(waiting, happened=(after(25, HAPPENED.SIGN, sign="First  flowers"),))
    assert spans(plan_course(late))[2:4] == [("w3", 14, 25, False), ("w4", 26, 32, False)]
    soon = replace(waiting, happened=(after(16, HAPPENED.SIGN, sign="first flowers"),))
    assert spans(plan_course(soon))[2:4] == [("w3", 14, 16, False), ("w4", 17, 23, False)]


def test_a_sign_that_came_before_its_column_is_not_waited_for_again() -> None:
    seen = (after(10, HAPPENED.SIGN, sign="first flowers"),)
    course = plan_course(ask(waits_for=(FLOWERS,), happened=seen))
    assert spans(course)[1:4] == [
        ("w2", 7, 13, False),
        ("w3", 14, 20, False),
        ("w4", 21, 27, False),
    ]


def test_while_a_sign_is_waited_for_days_that_went_by_are_days_of_its_column() -> None:
    happened = (after(30, HAPPENED.CHANGED_OUT),)
    course = plan_course(ask(waits_for=(FLOWERS,), happened=happened))
    assert spans(course)[2:4] == [("w3", 14, 30, True), ("w4", 31, 37, False)]


def test_leaf_is_held_for_good_until_one_goes_on() -> None:
    held = ask(happened=(after(9, HAPPENED.HOLD),))
    assert spans(plan_course(held)) == [("w1", 0, 6, False), ("w2", 7, 140, True)]
    on = replace(held, happened=(*held.happened, after(100, HAPPENED.ADVANCE)))
    assert spans(plan_course(on))[1:3] == [("w2", 7, 100, False), ("w3", 101, 107, False)]


def test_a_column_without_days_goes_on_until_it_is_ended() -> None:
    assert spans(plan_course(ask(chart=chart((7, None, 7)))))[1:] == [("w2", 7, 140, True)]


def test_nothing_that_was_done_is_shortened_away() -> None:
    course = plan_course(ask(happened=(after(12, HAPPENED.STRETCH, days=-20),)))
    assert spans(course)[1] == ("w2", 7, 12, False)
    assert [one.code for one in course.conflicts] == ["shortened_too_far"]


def test_a_column_that_begins_tomorrow_keeps_a_day_of_its_own() -> None:
    happened = (after(3, HAPPENED.ADVANCE), after(3, HAPPENED.STRETCH, days=-9))
    assert spans(plan_course(ask(happened=happened)))[:3] == [
        ("w1", 0, 3, False), ("w2", 4, 4, False), ("w3", 5, 11, False)
    ]  # fmt: skip
    twice = (after(3, HAPPENED.ADVANCE), after(3, HAPPENED.ADVANCE))  # about one that never began
    assert spans(plan_course(ask(happened=twice)))[:2] == [
        ("w1", 0, 3, False),
        ("w3", 4, 10, False),
    ]


def test_after_the_last_column_nothing_can_be_decided() -> None:
    course = plan_course(ask(happened=(after(60, HAPPENED.ADVANCE),)))
    assert spans(course)[-1] == ("w6", 35, 41, False)
    assert [one.code for one in course.conflicts] == ["season_over"]


def test_another_chart_is_gone_over_to_and_blended_in() -> None:
    other = chart((10, 10), pours=("tide",), name="Turnstone")
    switch = after(9, HAPPENED.SWITCH, chart=other, column="w2", over_days=5)
    course = plan_course(ask(happened=(switch,), change_out=ChangeOut(every_days=2)))
    assert [(one.chart.name, one.column.key, one.first, one.last) for one in course.columns] == [
        ("Marram", "w1", 0, 6), ("Marram", "w2", 7, 9), ("Turnstone", "w2", 10, 19)
    ]  # fmt: skip
    assert days_of(course, "one") == [0, 2, 4, 6, 8, 10, 12, 14]  # five days of both
    assert days_of(course, "tide") == [10, 12, 14, 16, 18]
    blends = [course.season.blend(day) for day in range(9, 16)]
    assert [one and one[1] for one in blends] == [
        None, *(Fraction(step, 6) for step in range(1, 6)), None,
    ]  # fmt: skip
    assert all(one is None or one[0].column.key == "w2" for one in blends)
    one, tide = draw_course(course, None, Spoons.METRIC).strokes
    assert [(span.first, round(span.share, 4)) for span in one.spans] == [
        (0, 1.0), (10, 0.8333), (11, 0.6667), (12, 0.5), (13, 0.3333), (14, 0.1667),
    ]  # fmt: skip
    assert [span.share for span in tide.spans][-1] == 1.0


def test_the_target_goes_over_from_one_chart_to_the_other_in_even_steps() -> None:
    def at(ec: str, readings: Readings = Readings.ADDED) -> Chart:
        made = chart((30,), name=ec)
        columns = tuple(replace(one, ec=ReadingRange(Reading(Fraction(ec)), Reading(Fraction(ec))))
                        for one in made.columns)  # fmt: skip
        return replace(made, columns=columns, readings=readings)

    def targets(other: Chart) -> list[Fraction | None]:
        switch = after(3, HAPPENED.SWITCH, chart=other, column="w1", over_days=3)
        course = plan_course(ask(chart=at("1"), happened=(switch,)))
        found = [target_on(course, day, Reading(Fraction(0))) for day in range(3, 8)]
        return [one.reading.middle.ms_cm if one.reading else None for one in found]

    assert targets(at("2")) == [1, Fraction(5, 4), Fraction(3, 2), Fraction(7, 4), 2]
    # readings that mean different things have nothing half way
    assert targets(at("2", Readings.TOTAL)) == [1, None, None, None, 2]


@given(st.sampled_from(Readings), st.fractions(0, 2, max_denominator=20),
       st.fractions(Fraction(1, 10), 1, max_denominator=10))  # fmt: skip
def test_a_target_is_drawn_only_where_a_tank_of_this_water_can_read_it(
    readings: Readings, source: Fraction, strength: Fraction
) -> None:
    """Whatever is added lifts a reading: under the water's own there is nothing to aim at."""
    ec = ReadingRange(Reading(Fraction("0.8")), Reading(Fraction("1.2")))
    made = chart((7, 7))
    made = replace(
        made, readings=readings, columns=tuple(replace(one, ec=ec) for one in made.columns)
    )
    course = plan_course(ask(chart=made, strengths=(StrengthFrom(strength),)))
    (tread,) = {
        (one.target, one.ro) for one in draw_course(course, Reading(source), Spoons.METRIC).treads
    }
    target, ro = tread
    if readings is Readings.NONE:
        assert (target, ro) == (None, None)
    elif readings is Readings.ADDED:
        assert target is not None
        assert (target.low.ms_cm >= source, ro) == (True, None)
    else:
        assert (ro is not None) == (source >= strength)  # the middle of what is printed is 1
        if ro is not None:
            assert source * (1 - ro.at_least) == strength


@given(st.integers(0, 41), st.integers(0, 41))
def test_hold_then_advance_on_the_day_it_would_have_ended_is_the_same_plan(
    one: int, other: int
) -> None:
    day, _ = sorted((one, other))
    ends = next(last for _, first, last, _ in spans(plan_course(ask())) if first <= day <= last)
    held = (after(day, HAPPENED.HOLD), after(ends, HAPPENED.ADVANCE))
    assert plan_course(ask(happened=held)).tasks == plan_course(ask()).tasks
    for days in (1, 9):
        longer = (after(day, HAPPENED.HOLD, days=days), after(ends, HAPPENED.ADVANCE))
        assert spans(plan_course(ask(happened=longer))) == spans(plan_course(ask()))


@given(st.lists(happenings(), max_size=8), st.booleans())
def test_whatever_happens_each_day_has_one_column(happened: list[Happening], waits: bool) -> None:
    asked = ask(happened=tuple(happened), waits_for=(FLOWERS,) if waits else ())
    columns = plan_course(asked).columns
    assert columns[0].first == 0
    assert all(one.first <= one.last for one in columns)
    assert [one.first for one in columns[1:]] == [one.last + 1 for one in columns[:-1]]


@given(st.lists(happenings(), max_size=6), st.integers(-400, 400))
def test_a_season_that_starts_later_is_later_in_all(happened: list[Happening], by: int) -> None:
    moved = timedelta(days=by)
    rule = TimingRule("mud", every_days=9, from_day=3)
    asked = ask(happened=tuple(happened), change_out=ChangeOut(every_days=10), rules=(rule,))
    later = replace(
        asked,
        start=asked.start + moved,
        until=asked.until + moved,
        happened=tuple(replace(one, on=one.on + moved) for one in asked.happened),
    )
    there, here = plan_course(later), plan_course(asked)
    assert spans(there) == spans(here)
    assert [replace(one, on=one.on - moved) for one in there.tasks] == list(here.tasks)


# Fillings


def test_a_tank_is_mixed_first_and_changed_out_as_often_as_was_said() -> None:
    course = plan_course(ask(change_out=ChangeOut(every_days=10)))
    assert days_with(course, TaskKind.MIX) == [0]
    assert days_with(course, TaskKind.CHANGE_OUT) == [10, 20, 30, 40]
    assert [one.column for one in course.tasks] == ["w1", "w2", "w3", "w5", "w6"]


def test_a_change_out_that_was_done_counts_from_its_day() -> None:
    done = (after(12, HAPPENED.CHANGED_OUT),)
    course = plan_course(ask(change_out=ChangeOut(every_days=10), happened=done))
    assert days_with(course, TaskKind.CHANGE_OUT) == [22, 32]


def test_a_tank_that_was_changed_out_on_its_first_day_was_filled_once() -> None:
    changed = (after(0, HAPPENED.CHANGED_OUT), after(10, HAPPENED.CHANGED_OUT))
    course = plan_course(ask(change_out=ChangeOut(every_days=20), happened=changed))
    assert days_with(course, TaskKind.MIX, TaskKind.CHANGE_OUT)[:2] == [0, 30]


def test_what_plants_drank_tells_when_the_tank_is_due() -> None:
    """Common practice: changed when the plants have drunk its volume once."""
    topped = tuple(after(day, HAPPENED.TOPPED_UP, litres=Fraction(10)) for day in (2, 4, 6, 8))
    asked = ask(change_out=ChangeOut(after_litres=Fraction(100)), happened=topped)
    assert days_with(plan_course(asked), TaskKind.CHANGE_OUT) == [20, 40]  # 5 L a day
    larger = replace(asked, change_out=ChangeOut(after_litres=Fraction(141)))
    assert days_with(plan_course(larger), TaskKind.CHANGE_OUT) == [29]  # 101 L are 20.2 days
    drunk = replace(asked, happened=(*topped, after(9, HAPPENED.TOPPED_UP, litres=Fraction(70))))
    assert days_with(plan_course(drunk), TaskKind.CHANGE_OUT)[0] == 9
    for litres, day in (("30", 6), ("29.5", 6), ("30.5", 8)):
        just = replace(asked, change_out=ChangeOut(after_litres=Fraction(litres)))
        assert days_with(plan_course(just), TaskKind.CHANGE_OUT)[0] == day
    assert days_with(plan_course(replace(asked, happened=())), TaskKind.CHANGE_OUT) == []


def test_what_was_drunk_on_one_day_is_the_pace_of_a_day() -> None:
    topped = (after(0, HAPPENED.TOPPED_UP, litres=Fraction(10)),)
    asked = ask(change_out=ChangeOut(after_litres=Fraction(30)), happened=topped)
    assert days_with(plan_course(asked), TaskKind.CHANGE_OUT) == [3, 6, 9, *range(12, 42, 3)]


def test_a_tank_is_filled_for_a_new_column_only_where_that_is_wanted() -> None:
    each = ChangeOut(with_each_column=True)
    assert days_with(plan_course(ask(change_out=each)), TaskKind.CHANGE_OUT) == [7, 14, 21, 28, 35]
    assert days_with(plan_course(ask()), TaskKind.CHANGE_OUT) == []


def test_strength_is_that_of_the_day() -> None:
    strengths = (StrengthFrom(Fraction(1, 2)), StrengthFrom(Fraction(4, 5), from_day=15))
    course = plan_course(ask(change_out=ChangeOut(every_days=10), strengths=strengths))
    assert [one.strength for one in course.tasks] == [Fraction(1, 2)] * 2 + [Fraction(4, 5)] * 3


def test_a_strength_by_column_waits_with_a_season_that_is_held_and_goes_back_with_it() -> None:
    strengths = (StrengthFrom(Fraction(1, 2)), StrengthFrom(Fraction(4, 5), column="w3"))
    asked = ask(change_out=ChangeOut(every_days=7), strengths=strengths)
    half, full = Fraction(1, 2), Fraction(4, 5)
    assert [one.strength for one in plan_course(asked).tasks] == [
        half,
        half,
        full,
        full,
        full,
        full,
    ]
    held = replace(asked, happened=(after(9, HAPPENED.HOLD, days=14),))
    assert [one.strength for one in plan_course(held).tasks][:5] == [half, half, half, half, full]
    back = replace(asked, happened=(after(16, HAPPENED.SET_BACK, column="w1"),))
    assert [one.strength for one in plan_course(back).tasks][:5] == [half, half, full, half, half]


RISING = tuple(
    StrengthFrom(Fraction(percent, 100), column=f"w{week}")
    for week, percent in ((1, 50), (2, 60), (3, 70), (4, 80))
)


@given(
    st.sampled_from(["w1", "w2", "other", None]),
    st.integers(0, 5),
    st.sampled_from([None, HAPPENED.SET_BACK, HAPPENED.JUMP, HAPPENED.HOLD, HAPPENED.REPEAT]),
)
def test_another_chart_is_fed_at_the_strength_of_the_one_before(
    key: str | None, over_days: int, then: HappeningKind | None
) -> None:
    other = chart((7,) * 5, name="Turnstone")
    if key == "other":  # no column of its is called as one of the season's own chart
        columns = tuple(replace(one, key=f"t{one.key}") for one in other.columns)
        doses = tuple(replace(one, column=f"t{one.column}") for one in other.doses)
        other, key = replace(other, columns=columns, doses=doses), "tw1"
    happened = [after(9, HAPPENED.SWITCH, chart=other, column=key, over_days=over_days)]
    if then is not None:
        happened.append(after(12, then, column=other.columns[1].key))
    asked = ask(strengths=RISING, happened=tuple(happened))
    strength = plan_course(asked).season.strength
    kept = Fraction(60, 100)
    assert [strength(day) for day in range(11)] == [Fraction(1, 2)] * 7 + [kept] * 4
    assert {strength(day) for day in range(10, 35)} == {kept}
    drawing = draw_course(plan_course(asked), None, Spoons.METRIC)
    assert {one.strength for one in drawing.treads if one.first >= 7} == {kept}
    # a day, or a column that only the other chart has, says otherwise
    told = (*RISING, StrengthFrom(Fraction(3, 4), from_day=20))
    strength = plan_course(replace(asked, strengths=told)).season.strength
    assert (strength(19), strength(20)) == (kept, Fraction(3, 4))


def test_versions_of_one_chart_and_columns_of_the_other_alone_keep_what_was_said_of_them() -> None:
    reprint, other = chart((9,) * 6), chart((7,) * 6, name="Turnstone")
    newer = plan_course(
        ask(strengths=RISING, happened=(after(9, HAPPENED.SWITCH, chart=reprint, column="w3"),))
    )
    assert (newer.season.strength(9), newer.season.strength(10)) == (
        Fraction(60, 100), Fraction(70, 100),
    )  # fmt: skip
    last = replace(other.columns[1], key="bloom")
    doses = tuple(one for one in other.doses if one.column == "w1")
    other = replace(other, columns=(other.columns[0], last), doses=doses)
    told = (*RISING, StrengthFrom(Fraction(9, 10), column="bloom"))
    switch = after(9, HAPPENED.SWITCH, chart=other, column="w1")
    back = after(25, HAPPENED.SWITCH, chart=chart(), column="w2")
    course = plan_course(ask(strengths=told, happened=(switch, back)))
    found = [course.season.strength(day) for day in (9, 10, 16, 17, 22)]
    assert found == [Fraction(share, 100) for share in (60, 60, 60, 90, 90)]


def test_a_sign_is_waited_for_in_the_chart_that_it_was_named_of() -> None:
    waits = (Wait("w3", "first flowers"),)
    switch = after(9, HAPPENED.SWITCH, chart=chart(name="Turnstone"), column="w2")
    course = plan_course(ask(waits_for=waits, happened=(switch,)))
    assert [one.is_open for one in course.columns if one.chart.name == "Turnstone"] == [False] * 5
    reprint = after(9, HAPPENED.SWITCH, chart=chart((8,) * 6), column="w2")
    course = plan_course(ask(waits_for=waits, happened=(reprint,)))
    assert ("w3", 18, 25, True) in spans(course)


def test_the_flush_is_a_filling_of_its_own_with_nothing_behind_it() -> None:
    stages = (Stage.LEAF,) * 5 + (Stage.FLUSH,)
    by_column = chart(stages=stages)
    course = plan_course(ask(chart=by_column, rules=(TimingRule("mud", every_days=2),)))
    assert days_with(course, TaskKind.FLUSH) == [35]
    assert max(days_of(course, "mud")) == 34
    before = ask(harvest=START + timedelta(days=40), flush_days=7,
                 rules=(TimingRule("mud", every_days=2),))  # fmt: skip
    flushed = plan_course(before)
    assert days_with(flushed, TaskKind.FLUSH) == [33]
    assert [one.products for one in flushed.tasks if one.kind is TaskKind.FLUSH] == [()]
    assert max(days_of(flushed, "mud")) == 32
    assert max(one.on for one in flushed.tasks) <= START + timedelta(days=40)
    on_its_first_day = plan_course(ask(harvest=START + timedelta(days=14)))
    assert [(one.first, one.last) for one in on_its_first_day.columns] == [
        (0, 6),
        (7, 13),
        (14, 14),
    ]


# Additives by rules


@pytest.mark.parametrize(
    ("rule", "expected"),
    [
        # "every other week for two months, then every month and a half" (common practice)
        (TimingRule("mud", every_days=14, for_days=60, then_every_days=40), [0, 14, 28, 42, 56, 96, 136]),
        (TimingRule("mud", every_days=14, from_day=3, for_days=30), [3, 17, 31]),
        (TimingRule("mud", every_days=20, only_stages=frozenset({Stage.FLOWER})), [30, 50, 70]),
        (TimingRule("mud"), [0]),
        (TimingRule("mud", occasion=Occasion.CHANGE_OUT), [0, 25, 50, 75, 100, 125]),
        (TimingRule("mud", occasion=Occasion.BETWEEN), [1, 26, 51, 76, 101, 126]),
        (TimingRule("mud", every_days=40, occasion=Occasion.CHANGE_OUT), [0, 50, 100]),
        (TimingRule("mud", every_days=25, occasion=Occasion.BETWEEN), [1, 26, 51, 76, 101, 126]),
        # until two weeks before harvest, which is on day 120
        (TimingRule("mud", every_days=30, until_days_before_harvest=14), [0, 30, 60, 90]),
        (TimingRule("mud", every_days=53, until_days_before_harvest=14), [0, 53, 106]),
        (TimingRule("mud", every_days=53, until_days_before_harvest=15), [0, 53]),
        # at first flowers for ten days; the sign was seen on day 44
        (TimingRule("mud", every_days=3, begins=Anchor(AnchorKind.SIGN, "first flowers"), for_days=10),
         [44, 47, 50, 53]),
        (TimingRule("mud", begins=Anchor(AnchorKind.STAGE, "flower", days=-5)), [25]),
        (TimingRule("mud", every_days=20, ends=Anchor(AnchorKind.STAGE, "flower")), [0, 20]),
        (TimingRule("mud", begins=Anchor(AnchorKind.HARVEST, days=-21)), [99]),
        (TimingRule("mud", begins=Anchor(AnchorKind.SIGN, "never seen")), []),
    ],
)  # fmt: skip
def test_rules_as_growers_say_them(rule: TimingRule, expected: list[int]) -> None:
    lengths = (10, 10, 10, 30, 30, 60)
    asked = ask(
        chart=chart(lengths), rules=(rule,), change_out=ChangeOut(every_days=25),
        happened=(after(44, HAPPENED.SIGN, sign="first flowers"),),
        harvest=START + timedelta(days=120) if "harvest" in repr(rule.ends or rule.begins)
        or rule.until_days_before_harvest is not None else None,
    )  # fmt: skip
    course = plan_course(asked)
    assert days_of(course, "mud") == expected
    assert course.conflicts == ()


def test_what_was_added_counts_from_its_day() -> None:
    added = (after(5, HAPPENED.ADDED, product="mud"),)
    course = plan_course(ask(rules=(TimingRule("mud", every_days=14),), happened=added))
    assert days_of(course, "mud") == [19, 33]


def test_a_product_that_is_named_beside_a_remark_was_not_added() -> None:
    noted = (after(5, HAPPENED.SIGN, sign="leaves curl", product="mud"),)
    rules = (TimingRule("mud", every_days=14),)
    assert (
        plan_course(ask(rules=rules, happened=noted)).tasks == plan_course(ask(rules=rules)).tasks
    )


def test_column_and_rule_are_both_shown_where_they_differ() -> None:
    asked = ask(chart=chart(pours=("one", "mud")), change_out=ChangeOut(every_days=10),
                rules=(TimingRule("mud", every_days=15),))  # fmt: skip
    course = plan_course(asked)
    said = {
        (one.on - START).days: [(d.product, d.by_column, d.by_rule) for d in one.differs]
        for one in course.tasks
    }
    held_back = [("mud", True, False)]
    assert said == {0: [], 10: held_back, 15: [], 20: held_back, 30: [], 40: held_back}
    unprinted = replace(asked, chart=chart(pours=("one",)))  # of which the chart says nothing
    assert not any(one.differs for one in plan_course(unprinted).tasks)


def test_what_is_sprayed_does_not_go_into_the_tank() -> None:
    rule = TimingRule("glass", every_days=10, is_foliar=True)
    course = plan_course(ask(change_out=ChangeOut(every_days=10), rules=(rule,)))
    assert all("glass" not in one.products for one in course.tasks if one.kind is not TaskKind.ADD)
    sprayed = [one for one in course.tasks if one.kind is TaskKind.ADD]
    assert all(Why.ON_LEAVES in one.why for one in sprayed)
    assert days_with(course, TaskKind.ADD) == [0, 10, 20, 30, 40]
    told = {"product": "glass", "every_days": 10}
    assert not RuleDocument.model_validate(told).rule().is_foliar
    assert RuleDocument.model_validate(told | {"foliar": True}).rule().is_foliar


def _forbids(
    asked: CourseRequest,
    rule: TimingRule,
    at: int,
    given: dict[str, list[int]],
    *,
    fillings: set[int],
    stages: list[Stage | None],
) -> bool:
    """Whether anything that was said keeps a product from a day: written a second time, day by day."""
    stage = stages[at]
    harvest = (asked.harvest - asked.start).days if asked.harvest else None
    flushing = bool(harvest is not None and asked.flush_days and at >= harvest - asked.flush_days)
    distances: list[tuple[str, int]] = [(one.product or "", one.days) for one in rule.apart_from]
    for other in asked.rules:
        distances += [
            (other.product, one.days) for one in other.apart_from if one.product == rule.product
        ]
    named = {key for key, _ in distances}
    for enemy in {"mud": ["perox"], "perox": ["mud"]}.get(rule.product, []):
        distances += [(enemy, OXIDISER_APART_DAYS)] if enemy not in named else []
    return (
        at < rule.from_day
        or flushing
        or (stage not in rule.only_stages if rule.only_stages else stage is Stage.FLUSH)
        or (rule.until_days_before_harvest is not None and harvest is not None
            and harvest - at < rule.until_days_before_harvest)
        or (rule.for_days is not None and rule.then_every_days is None
            and at >= _first_held(rule, stages) + rule.for_days)
        or (rule.occasion is Occasion.CHANGE_OUT and at not in fillings)
        or (rule.occasion is Occasion.BETWEEN and at in fillings)
        or any(abs(day - at) < least for other, least in distances for day in given.get(other, []))
    )  # fmt: skip


def _first_held(rule: TimingRule, stages: list[Stage | None]) -> int:
    """The first day that a rule is for: its spans are counted from there."""
    days = range(rule.from_day, len(stages)) if rule.only_stages else ()
    return next((at for at in days if stages[at] in rule.only_stages), rule.from_day)


@settings(max_examples=drawn(40, 150))
@given(ruled_seasons())
def test_rules_never_place_what_they_forbid_and_never_later_than_they_must(
    asked: CourseRequest,
) -> None:
    course = plan_course(asked)
    fillings = set(days_with(course, TaskKind.MIX, TaskKind.CHANGE_OUT, TaskKind.FLUSH))
    ruled = [rule.product for rule in asked.rules]
    stages = [one.column.stage for one in course.columns for _ in range(one.first, one.last + 1)]
    given_on = {key: days_of(course, key) for key in [*ruled, "one", "perox", "mud"]}
    for place, rule in enumerate(asked.rules):
        days = given_on[rule.product]
        assert not any(
            _forbids(asked, rule, at, given_on, fillings=fillings, stages=stages) for at in days
        )
        for before, behind in pairwise(days):
            least = rule.every_days or 1
            held = _first_held(rule, stages)
            if rule.for_days is not None and before + least >= held + rule.for_days:
                least = min(least, rule.then_every_days or least)
            assert behind - before >= least
        # a day sooner, something would have been in the way: what came before, or a day by columns
        if days and asked.most_additions_a_day is None:
            seen = {
                key: on if key not in ruled else [
                    at for at in on if (at, ruled.index(key)) < (days[0], place)
                ]
                for key, on in given_on.items()
            }  # fmt: skip
            sooner = range(rule.from_day, days[0])
            assert all(
                _forbids(asked, rule, at, seen, fillings=fillings, stages=stages) for at in sooner
            )
    if asked.most_additions_a_day is not None:
        alone = [at for key in ruled for at in given_on[key] if at not in fillings]
        assert all(alone.count(at) <= asked.most_additions_a_day for at in alone)


@pytest.mark.parametrize(
    ("rules", "named", "code"),
    [
        # the peroxide comes with each filling, and fillings are too close for the cultures
        ((TimingRule("mud", every_days=7, apart_from=(Apart(6, product="one"),)),), {"mud", "one"}, "no_day"),
        ((TimingRule("tide", every_days=2), TimingRule("mud", every_days=5, apart_from=(Apart(3, product="tide"),))),
         {"mud", "tide"}, "no_day"),
        ((TimingRule("mud", every_days=4, occasion=Occasion.CHANGE_OUT),), {"mud", "change_out"}, "too_late"),
        ((TimingRule("mud", occasion=Occasion.CHANGE_OUT, from_day=1, for_days=3),), {"mud", "change_out"}, "no_day"),
        ((TimingRule("mud", only_stages=frozenset({Stage.TRANSITION})),), {"mud", "stages"}, "no_such_stage"),
        # seedlings are over by day 30
        ((TimingRule("mud", only_stages=frozenset({Stage.SEEDLING}), from_day=40),),
         {"mud", "stages", "first_day"}, "no_day"),
        ((TimingRule("mud", from_day=100, until_days_before_harvest=30),), {"mud", "harvest"}, "ends_before_it_begins"),
        ((TimingRule("tide", every_days=1), TimingRule("mud", apart_from=(Apart(1, role=Role.BOOSTER),))),
         {"mud", "tide"}, "no_day"),
    ],
)  # fmt: skip
def test_what_no_day_can_satisfy_names_both(
    rules: tuple[TimingRule, ...], named: set[str], code: str
) -> None:
    asked = ask(rules=rules, change_out=ChangeOut(every_days=9), harvest=START + timedelta(days=120),
                chart=chart((30, 30, 30, 20, 5, 5)))  # fmt: skip
    conflicts = plan_course(asked).conflicts
    assert [(one.code, set(one.rules)) for one in conflicts] == [(code, named)]
    assert all(
        name in words_of(conflicts[0]) for name in named - {"change_out", "stages", "first_day"}
    )


def test_two_weekly_rules_that_keep_each_other_waiting_say_so() -> None:
    """Five days between them, and each would have the other's day: every ten days in place of seven."""
    apart = (Apart(5, product="tide"),)
    rules = (TimingRule("tide", every_days=7), TimingRule("mud", every_days=7, apart_from=apart))
    course = plan_course(ask(rules=rules, chart=chart((30, 30, 30))))
    assert days_of(course, "mud")[:3] == [5, 15, 25]
    assert {one.code for one in course.conflicts} == {"too_late"}
    near = (replace(rules[0]), replace(rules[1], apart_from=(Apart(3, product="tide"),)))
    assert plan_course(ask(rules=near, chart=chart((30, 30, 30)))).conflicts == ()


def test_a_rule_by_the_harvest_asks_for_its_day() -> None:
    rule = TimingRule("glass", every_days=7, until_days_before_harvest=14)
    [conflict] = plan_course(ask(rules=(rule,), chart=chart((30, 30)))).conflicts
    assert (conflict.code, conflict.rules) == ("no_harvest", ("glass", "harvest"))
    dated = ask(rules=(rule,), chart=chart((30, 30)), harvest=START + timedelta(days=50))
    assert plan_course(dated).conflicts == ()


def test_a_span_within_a_stage_is_counted_from_the_stage() -> None:
    """For ten days once flowers come, which is on day 90 of these columns."""
    rule = TimingRule("tide", every_days=5, for_days=10, only_stages=frozenset({Stage.FLOWER}))
    course = plan_course(ask(rules=(rule,), chart=chart((30, 30, 30, 30))))
    assert days_of(course, "tide") == [90, 95]


@pytest.mark.parametrize(("harvest", "flush"), [(60, None), (66, 5), (62, None)])
def test_no_tank_is_filled_with_feed_for_a_day_or_two(harvest: int, flush: int | None) -> None:
    """Changed out every ten days: the last before harvest or flush would be on day 60."""
    asked = ask(change_out=ChangeOut(every_days=10), chart=chart((30, 30, 30)), flush_days=flush,
                harvest=START + timedelta(days=harvest))  # fmt: skip
    course = plan_course(asked)
    assert days_with(course, TaskKind.CHANGE_OUT)[-1] == 50
    later = replace(asked, harvest=START + timedelta(days=harvest + 3))
    assert days_with(plan_course(later), TaskKind.CHANGE_OUT)[-1] == 60


def test_a_living_tank_is_never_given_an_oxidiser() -> None:
    rules = (TimingRule("perox", every_days=10),)
    course = plan_course(ask(rules=rules, programme=Programme.LIVING, chart=chart((30, 30))))
    assert "perox" not in {key for task in course.tasks for key in task.products}
    assert [one.code for one in course.conflicts] == ["oxidiser_in_living_tank"]


def test_all_that_is_in_the_way_of_a_rule_is_named_together() -> None:
    apart = (Apart(3, product="tide"), Apart(6, product="one"))
    rules = (TimingRule("tide", every_days=2), TimingRule("mud", every_days=5, apart_from=apart))
    asked = ask(rules=rules, change_out=ChangeOut(every_days=9), chart=chart((30, 30, 30)))
    [conflict] = plan_course(asked).conflicts
    assert words_of(conflict).startswith("mud finds no day, because of one and tide. Give one of")


@pytest.mark.parametrize(("every", "late"), [(3, True), (4, True), (5, False), (8, False)])
def test_a_rule_is_late_once_it_waited_as_long_as_it_should_have_lasted(
    every: int, late: bool
) -> None:
    """The tank is changed out on every ninth day: a rule of 5 days waits for 4 of them."""
    rule = TimingRule("mud", every_days=every, occasion=Occasion.CHANGE_OUT)
    asked = ask(rules=(rule,), change_out=ChangeOut(every_days=9), chart=chart((30, 30, 30)))
    course = plan_course(asked)
    assert days_of(course, "mud") == list(range(0, 90, 9))
    assert [one.code for one in course.conflicts] == (["too_late"] if late else [])
    because = "mud comes later than its rule wants, because of its change-outs."
    assert all(words_of(one).startswith(because) for one in course.conflicts)


@pytest.mark.parametrize(
    ("rule", "others", "most", "why"),
    [
        (TimingRule("mud", every_days=5), (), None, set()),
        (TimingRule("mud", every_days=5, occasion=Occasion.BETWEEN), (), None, {"moved_to_occasion"}),
        (TimingRule("mud", every_days=5, apart_from=(Apart(2, product="tide"),)),
         (TimingRule("tide", every_days=5),), None, {"moved_apart"}),
        (TimingRule("mud", every_days=5), (TimingRule("tide", every_days=5),), 1, {"moved_by_cap"}),
    ],
)  # fmt: skip
def test_what_moved_an_addition_is_told_and_nothing_else(
    rule: TimingRule, others: tuple[TimingRule, ...], most: int | None, why: set[str]
) -> None:
    asked = ask(rules=(*others, rule), change_out=ChangeOut(every_days=9), chart=chart((30, 30, 30)),
                most_additions_a_day=most)  # fmt: skip
    told = {one for task in plan_course(asked).tasks for one in task.why if "mud" in task.products}
    assert {one.value for one in told if one.value.startswith("moved")} == why


def test_a_rule_that_may_yet_find_its_day_is_no_conflict() -> None:
    rules = (
        TimingRule("tide", every_days=2),
        TimingRule("kelp", apart_from=(Apart(3, product="tide"),)),
    )
    asked = ask(rules=rules, until=START + timedelta(days=20), chart=chart((365,)),
                change_out=ChangeOut(every_days=5))  # fmt: skip
    assert plan_course(asked).conflicts == ()
    longer = plan_course(replace(asked, until=START + timedelta(days=100)))
    assert [one.rules for one in longer.conflicts] == [("kelp", "tide")]


@pytest.mark.parametrize(("days", "in_vain"), [(5, True), (None, False)])
def test_a_rule_whose_days_are_over_has_found_none_for_good(
    days: int | None, in_vain: bool
) -> None:
    """In an open season it would be looked for further on, where its days did not end before."""
    ends = None if days is None else Anchor(AnchorKind.START, days=days)
    rules = (
        TimingRule("tide", every_days=2),
        TimingRule("kelp", apart_from=(Apart(3, product="tide"),), ends=ends),
    )
    asked = ask(rules=rules, until=START + timedelta(days=20), chart=chart((365,)),
                change_out=ChangeOut(every_days=5))  # fmt: skip
    assert [one.code for one in plan_course(asked).conflicts] == (["no_day"] if in_vain else [])


def test_a_rule_for_change_outs_of_a_tank_that_is_never_changed_out_is_told_at_once() -> None:
    rule = TimingRule("mud", occasion=Occasion.CHANGE_OUT, from_day=10)
    asked = ask(rules=(rule,), until=START + timedelta(days=20), chart=chart((365,)),
                change_out=ChangeOut())  # fmt: skip
    assert [(one.code, set(one.rules)) for one in plan_course(asked).conflicts] == [
        ("no_day", {"mud", "change_out"})
    ]
    course = plan_course(replace(asked, change_out=ChangeOut(every_days=8)))
    assert (course.conflicts, days_of(course, "mud")) == ((), [16])


def test_an_oxidiser_and_cultures_of_one_column_are_told() -> None:
    course = plan_course(ask(chart=chart(pours=("one", "mud", "perox"))))
    assert [(one.code, one.rules) for one in course.conflicts] == [
        ("oxidiser_meets_cultures", ("mud", "perox"))
    ]
    ruled = ask(
        chart=chart(pours=("one", "mud", "perox")), rules=(TimingRule("mud", every_days=7),)
    )
    kept = plan_course(ruled)
    assert kept.conflicts == ()
    assert days_of(kept, "mud")[0] == OXIDISER_APART_DAYS


def test_no_more_is_added_on_one_day_than_the_grower_can() -> None:
    rules = tuple(TimingRule(f"p{at}", from_day=1) for at in range(5))
    course = plan_course(ask(rules=rules, most_additions_a_day=2))
    assert days_with(course, TaskKind.ADD) == [1, 1, 2, 2, 3]


# Counting back


@pytest.mark.parametrize(
    ("zone", "filled", "begun"),
    [
        # last Sunday of March and of October (Directive 2000/84/EC)
        ("Europe/Paris", date(2027, 3, 28), datetime(2027, 3, 27, 8)),
        ("Europe/Paris", date(2027, 10, 31), datetime(2027, 10, 30, 10)),
        # second Sunday of March, first of November (Energy Policy Act of 2005)
        ("America/New_York", date(2027, 3, 14), datetime(2027, 3, 13, 8)),
        ("America/New_York", date(2027, 11, 7), datetime(2027, 11, 6, 10)),
        # half an hour, first Sunday of April and of October
        ("Australia/Lord_Howe", date(2027, 4, 4), datetime(2027, 4, 3, 9, 30)),
        ("Australia/Lord_Howe", date(2027, 10, 3), datetime(2027, 10, 2, 8, 30)),
        ("UTC", date(2027, 3, 28), datetime(2027, 3, 27, 9)),
    ],
)
def test_chlorine_has_its_24_hours_over_a_change_of_the_clocks(
    zone: str, filled: date, begun: datetime
) -> None:
    asked = ask(start=filled, until=filled, time_zone=zone, disinfectant=Disinfectant.CHLORINE)
    prepared, _ = plan_course(asked).tasks
    assert (prepared.on, prepared.at, prepared.why) == (
        begun.date(), begun.time(), (Why.CHLORINE_GASSES_OFF,)
    )  # fmt: skip


def _without_hour(task: Task) -> tuple[object, ...]:
    return task.on, task.kind, task.products, task.why, task.column


@given(
    st.sampled_from(["Europe/Paris", "America/New_York", "Australia/Lord_Howe"]),
    st.integers(0, 365),
    st.times(min_value=time(4), max_value=time(20)).map(
        lambda at: at.replace(second=0, microsecond=0)
    ),
)
def test_no_task_is_lost_or_doubled_by_clocks(zone: str, shift: int, at: time) -> None:
    start = START + timedelta(days=shift)
    asked = ask(
        start=start, until=start + timedelta(days=41), mix_at=at, disinfectant=Disinfectant.CHLORINE,
        change_out=ChangeOut(every_days=1, plain_water_h=Fraction(6)), stock_h=Fraction(30),
        rules=(TimingRule("mud", every_days=3),),
    )  # fmt: skip
    there = plan_course(replace(asked, time_zone=zone)).tasks
    here = plan_course(asked).tasks
    days = [one for one in here if one.kind is not TaskKind.PREPARE]
    assert [one for one in there if one.kind is not TaskKind.PREPARE] == days
    assert len(there) == len(here)
    hours = {Why.PLAIN_WATER_RUN: 6, Why.CHLORINE_GASSES_OFF: 30, Why.STOCK_MADE_UP: 30}
    filled = [datetime.combine(one.on, at, ZoneInfo(zone)).astimezone(UTC) for one in days
              if one.kind in (TaskKind.MIX, TaskKind.CHANGE_OUT)]  # fmt: skip
    for one in (one for one in there if one.kind is TaskKind.PREPARE):
        assert one.at is not None
        begun = datetime.combine(one.on, one.at, ZoneInfo(zone))
        waits = timedelta(hours=hours[one.why[0]])
        first = (
            timedelta(hours=24) if one.on < start and Why.CHLORINE_GASSES_OFF in one.why else waits
        )
        folds = {begun.replace(fold=fold).astimezone(UTC) for fold in (0, 1)}
        assert any(
            start + wait in filled
            for start in folds
            for wait in (waits, first, timedelta(hours=24))
        )


def test_a_living_tank_has_its_three_days_and_is_held() -> None:
    """Day 1 molasses, day 2 inoculant and gassing off, day 3 feed and cultures (common practice)."""
    course = plan_course(living(disinfectant=Disinfectant.CHLORINE))
    first = [
        ((one.on - START).days, one.kind, one.why[0], one.products) for one in course.tasks[:5]
    ]
    assert first == [
        (-2, TaskKind.PREPARE, Why.MOLASSES, ()),
        (-1, TaskKind.PREPARE, Why.CHLORINE_GASSES_OFF, ()),
        (-1, TaskKind.PREPARE, Why.INOCULANT, ()),
        (0, TaskKind.MIX, Why.FIRST_FILLING, ("one",)),
        (0, TaskKind.INOCULATE, Why.BY_RULE, ("mud",)),
    ]
    assert days_with(course, TaskKind.INOCULATE) == [0, 14, 28, 42, 56, 91, 126]
    assert days_with(course, TaskKind.CHANGE_OUT) == [90]
    assert spans(course)[-1] == ("w2", 3, 140, True)
    well = plan_course(living())  # RO and well water have no chlorine
    assert not any(Why.CHLORINE_GASSES_OFF in one.why for one in well.tasks)


def test_a_living_tank_takes_no_oxidiser() -> None:
    course = plan_course(living(rules=(TimingRule("perox", every_days=7),)))
    assert ("oxidiser_in_living_tank", ("perox", "living")) in [
        (one.code, one.rules) for one in course.conflicts
    ]


def test_meters_fall_due_and_tanks_are_read_on_days_without_a_filling() -> None:
    pen = MeterDue("pH pen", 14, START - timedelta(days=4))
    course = plan_course(ask(meters=(pen,), read_every_days=1, change_out=ChangeOut(every_days=10)))
    assert days_with(course, TaskKind.CALIBRATE) == [10, 24, 38]
    last = plan_course(ask(meters=(MeterDue("pH pen", 41, START),)))
    assert days_with(last, TaskKind.CALIBRATE) == [41]
    assert days_with(course, TaskKind.READ) == [day for day in range(42) if day % 10]


# What is drawn, and what moves


def test_a_decision_tells_what_it_moves_and_no_more() -> None:
    rule = TimingRule("mud", every_days=14, from_day=11)
    asked = ask(change_out=ChangeOut(with_each_column=True), rules=(rule,))
    held = replace(asked, happened=(after(9, HAPPENED.HOLD, days=3),))
    today = START + timedelta(days=9)
    moves = what_moves(plan_course(asked), plan_course(held), today)
    day = {one.what: (one.before and (one.before - START).days, one.after and (one.after - START).days)
           for one in moves}  # fmt: skip
    assert day == {
        "Week 3": (14, 17), "Week 4": (21, 24), "Week 5": (28, 31), "Week 6": (35, 38),
        "next_filling": (14, 17), "end": (41, 44),
    }  # fmt: skip
    # a filling of today is the next one still
    on_its_day = what_moves(plan_course(asked), plan_course(held), START + timedelta(days=14))
    assert [(one.before, one.after) for one in on_its_day if one.what == "next_filling"] == [
        (START + timedelta(days=14), START + timedelta(days=17))
    ]
    asked = replace(asked, read_every_days=1)  # days on which something else is due
    later = replace(asked, rules=(replace(rule, from_day=13),))
    assert [(one.what, one.before, one.after) for one in what_moves(
        plan_course(asked), plan_course(later), today
    )] == [("mud", START + timedelta(days=11), START + timedelta(days=13))]  # fmt: skip
    endless = replace(asked, happened=(after(9, HAPPENED.HOLD),))
    gone = {
        one.what: one.after for one in what_moves(plan_course(asked), plan_course(endless), today)
    }
    assert gone == dict.fromkeys(["Week 3", "Week 4", "Week 5", "Week 6", "next_filling", "end"])
    # what was to begin or to be given today is moved from today
    on_its_day = {one.what: one.before for one in what_moves(
        plan_course(asked), plan_course(held), START + timedelta(days=14)
    )}  # fmt: skip
    assert on_its_day["Week 3"] == START + timedelta(days=14)
    late = START + timedelta(days=11)
    assert [one.before for one in what_moves(plan_course(asked), plan_course(later), late)] == [
        late
    ]


def test_the_picture_has_a_tread_for_each_target_and_strokes_as_thick_as_their_dose() -> None:
    strengths = (StrengthFrom(Fraction(1, 2)), StrengthFrom(Fraction(1), from_day=10))
    poured = chart((7, 7, 7), pours=("one", "glass"))
    asked = ask(
        chart=replace(poured, doses=tuple(replace(one, low=one.low * 3, high=one.high * 3)
                                          for one in poured.doses)),
        strengths=strengths,
        change_out=ChangeOut(every_days=10), rules=(TimingRule("mud", every_days=9, from_day=1),),
    )  # fmt: skip
    drawing = draw_course(plan_course(asked), Reading(Fraction("0.3")), Spoons.METRIC)
    assert [(one.first, one.last, one.strength) for one in drawing.treads] == [
        (0, 6, Fraction(1, 2)), (7, 9, Fraction(1, 2)), (10, 13, 1), (14, 20, 1)
    ]  # fmt: skip
    strokes = {one.product: one for one in drawing.strokes}
    assert [(one.first, one.last, one.share) for one in strokes["one"].spans] == [
        (0, 9, 0.5),
        (10, 20, 1),
    ]
    # silica is not scaled by strength
    assert [(one.first, one.last, one.share) for one in strokes["glass"].spans] == [(0, 20, 1)]
    assert strokes["mud"].days == (1, 10, 19)


def test_what_is_poured_until_a_reading_is_drawn_as_one_of_its_unit() -> None:
    plain = chart((7, 7), pours=("one",))
    rule, dosed = plain.doses
    rule = replace(rule, low=None, high=None, unit=None, until_ec=Fraction(1))
    dosed = replace(dosed, low=Fraction(4), high=Fraction(4))
    asked = ask(chart=replace(plain, doses=(rule, dosed)))
    drawing = draw_course(plan_course(asked), None, Spoons.METRIC)
    [stroke] = drawing.strokes
    assert [(one.first, one.last, one.share) for one in stroke.spans] == [(0, 6, 0.25), (7, 13, 1)]


def test_strength_rises_in_even_steps_from_column_to_column() -> None:
    low, high = Fraction(1, 2), Fraction(4, 5)
    rising = list(rising_strengths(chart(), "w2", low, high, "w5"))
    assert [(one.column, one.strength) for one in rising] == [
        ("w2", low), ("w3", Fraction(3, 5)), ("w4", Fraction(7, 10)), ("w5", high)
    ]  # fmt: skip
    assert [
        (one.column, one.strength) for one in rising_strengths(chart(), "w4", low, high, "w2")
    ] == [("w4", high)]


# The format

EXAMPLE = {
    "format": "brisk-measure/course-request", "version": 1, "start": "2027-03-01",
    "until": "2027-05-31", "time_zone": "Europe/Paris", "first_column": "w1",
    "chart": {
        "format": "brisk-measure/feed-chart", "version": 1,
        "products": [{"key": one.key, "role": one.role} for one in PRODUCTS],
        "columns": [{"key": key, "days": 7, "stage": "leaf"} for key in KEYS],
        "doses": [{"product": "one", "column": key, "low": "1", "unit": "mL/L"} for key in KEYS],
    },
}  # fmt: skip


@pytest.mark.parametrize(
    ("change", "code", "where"),
    [
        ({"start": "2027-02-30"}, "day_unclear", "start"),
        ({"start": 20270301}, "day_unclear", "start"),
        ({"start": "2027-06-01"}, "until_before_start", "until"),
        ({"until": "2090-01-01"}, "too_long", "until"),
        ({"start": "0001-01-01"}, "day_beyond_reason", "start"),
        ({"start": "1949-12-31", "until": "1950-01-31"}, "day_beyond_reason", "start"),
        ({"start": "2150-12-01", "until": "2151-01-01"}, "day_beyond_reason", "start"),
        ({"filled_on": "2027-02-28"}, "before_start", "filled_on"),
        ({"filled_on": "2151-01-01"}, "day_beyond_reason", "filled_on"),
        ({"harvest": "2027-02-28"}, "before_start", "harvest"),
        ({"harvest": "2151-01-01"}, "day_beyond_reason", "harvest"),
        ({"happened": [{"on": "2151-01-01", "kind": "advance"}]}, "day_beyond_reason", "happened[0].on"),
        ({"time_zone": "Europe/Atlantis"}, "unknown_time_zone", "time_zone"),
        ({"time_zone": "../../etc/passwd"}, "unknown_time_zone", "time_zone"),
        ({"first_column": "w9"}, "unknown_column", "first_column"),
        ({"waits_for": [{"column": "w9", "sign": "roots"}]}, "unknown_column", "waits_for[0].column"),
        ({"happened": [{"on": "2027-02-01", "kind": "advance"}]}, "before_start", "happened[0].on"),
        ({"happened": [{"on": "2027-03-05", "kind": "jump"}]}, "missing", "happened[0].column"),
        ({"happened": [{"on": "2027-03-05", "kind": "jump", "column": "w9"}]}, "unknown_column",
         "happened[0].column"),
        ({"happened": [{"on": "2027-03-05", "kind": "hold", "days": 0}]}, "days_unclear", "happened[0].days"),
        ({"rules": [{"product": "mud", "apart_from": [{"product": "mud"}]}]}, "apart_from_itself",
         "rules[0].apart_from"),
        ({"rules": [{"product": "mud", "every_days": 0}]}, "wrong_type", "rules[0].every_days"),
        ({"rules": [{"product": "mud", "with": "always"}]}, "not_a_choice", "rules[0].with"),
        ({"rules": [{"product": "mud", "occasion": "any"}]}, "unknown_field", "rules[0].occasion"),
        ({"rules": [{"product": "mud", "begins": {"of": "stage", "name": "budding"}}]}, "stage_unclear",
         "rules[0].begins.name"),
        ({"strengths": [{"from_day": 0, "strength": "50"}]}, "strength_out_of_range", "strengths[0].strength"),
        ({"strengths": [{"strength": "2"}, {"strength": "2.01"}]}, "strength_out_of_range", "strengths[1].strength"),
        ({"rules": [{"product": "mud", "apart_from": [{"days": 2}]}]}, "apart_unclear",
         "rules[0].apart_from[0].product"),
        ({"rules": [{"product": "mud", "apart_from": [{"product": "one", "role": "base"}]}]}, "apart_unclear",
         "rules[0].apart_from[0].product"),
        ({"stock_hours": "241"}, "wrong_type", "stock_hours"),
        ({"mix_at": "9 am"}, "time_unclear", "mix_at"),
    ],
)  # fmt: skip
def test_what_cannot_be_planned_is_refused_with_its_place(
    change: dict[str, object], code: str, where: str
) -> None:
    with pytest.raises(InputError) as refused:
        course_text(json.dumps({**EXAMPLE, **change}).encode())
    assert (refused.value.code, refused.value.where) == (code, where)


@pytest.mark.parametrize("days", [("1950-01-01", "1950-01-31"), ("2150-12-01", "2150-12-31")])
def test_seasons_at_the_ends_of_all_years_are_planned(days: tuple[str, str]) -> None:
    start, until = days
    told = {**EXAMPLE, "start": start, "until": until, "filled_on": start, "harvest": until}
    planned = json.loads(course_text(json.dumps(told).encode()))
    assert planned["columns"][0]["from"] == start


def test_a_season_in_json_is_the_one_that_is_meant() -> None:
    told = EXAMPLE | {
        "filled_on": "2027-03-02", "first_column": "w2", "harvest": "2027-05-20", "flush_days": 7,
        "strengths": [{"column": "w2", "strength": "0.8"}, {"from_day": 3, "strength": "2"}],
        "change_out": {"every_days": 10, "after_topped_up": {"value": "100", "unit": "gal_us"},
                       "with_each_column": True, "plain_water_hours": "1.5"},
        "waits_for": [{"column": "w3", "sign": "roots"}], "programme": "living", "mix_at": "17:30",
        "read_every_days": None, "most_additions_a_day": 2, "stock_hours": "240",
        "meters": [{"name": "EC pen", "every_days": 30, "last": "2027-02-20"}],
        "rules": [{"product": "mud", "every_days": 14, "from_day": 2, "for_days": 60, "then_every_days": 40,
                   "only_stages": ["leaf"], "until_days_before_harvest": 9, "with": "between",
                   "apart_from": [{"role": "booster", "days": 3}, {"product": "perox"}], "foliar": True,
                   "begins": {"of": "sign", "name": "roots", "days": 2}, "ends": {"of": "harvest", "days": -5}}],
        "happened": [{"on": "2027-03-05", "kind": "topped_up", "volume": {"value": "5", "unit": "L"}},
                     {"on": "2027-03-06", "kind": "hold", "days": 2, "reason": "cold"}],
        "water": {"disinfectant": "chlorine"},
    }  # fmt: skip
    found = document_of(CourseRequestDocument, told).request()
    rule = TimingRule(
        "mud", every_days=14, from_day=2, for_days=60, then_every_days=40, only_stages=frozenset({Stage.LEAF}),
        until_days_before_harvest=9, occasion=Occasion.BETWEEN, is_foliar=True,
        apart_from=(Apart(3, role=Role.BOOSTER), Apart(1, product="perox")),
        begins=Anchor(AnchorKind.SIGN, "roots", 2), ends=Anchor(AnchorKind.HARVEST, days=-5),
    )  # fmt: skip
    # NIST Handbook 44: a US gallon is 3.785411784 L
    change_out = ChangeOut(
        10, Fraction("378.5411784"), with_each_column=True, plain_water_h=Fraction("1.5")
    )
    assert replace(found, chart=chart()) == CourseRequest(
        chart(), date(2027, 3, 1), date(2027, 5, 31), "Europe/Paris", "w2",
        (StrengthFrom(Fraction("0.8"), 0, "w2"), StrengthFrom(Fraction(2), 3, None)), change_out,
        (Wait("w3", "roots"),),
        (Happening(date(2027, 3, 5), HAPPENED.TOPPED_UP, litres=Fraction(5)),
         Happening(date(2027, 3, 6), HAPPENED.HOLD, days=2, reason="cold")),
        (rule,), date(2027, 5, 20), 7, Disinfectant.CHLORINE, Programme.LIVING, time(17, 30), None, 2,
        Fraction(240), (MeterDue("EC pen", 30, date(2027, 2, 20)),), date(2027, 3, 2),
    )  # fmt: skip
    plain = document_of(CourseRequestDocument, EXAMPLE).request()
    assert replace(plain, chart=chart()) == CourseRequest(
        chart(), date(2027, 3, 1), date(2027, 5, 31), "Europe/Paris", "w1"
    )


def test_a_course_as_json_has_days_tasks_and_reasons() -> None:
    rule = {
        "product": "mud",
        "every_days": 14,
        "with": "any",
        "apart_from": [{"product": "perox", "days": 3}],
    }
    told = {**EXAMPLE, "rules": [rule], "water": {"disinfectant": "chlorine"}, "harvest": None}
    made = json.loads(course_text(json.dumps(told).encode()))
    assert made["format"] == "brisk-measure/course"
    first = made["columns"][0]
    assert (first["column"], first["from"], first["to"], first["open"]) == (
        "w1", "2027-03-01", "2027-03-07", False
    )  # fmt: skip
    prepared, mixed = made["tasks"][:2]
    assert (prepared["on"], prepared["at"], prepared["kind"]) == ("2027-02-28", "09:00", "prepare")
    assert (mixed["on"], mixed["at"], mixed["kind"], mixed["products"]) == (
        "2027-03-01", None, "mix", ["one", "mud"]
    )  # fmt: skip


# A tank that joined a season


@given(st.lists(happenings(), max_size=5), st.integers(0, 160), ruled_seasons())
def test_a_tank_that_joins_has_the_same_columns_and_nothing_to_do_before_its_filling(
    happened: list[Happening], day: int, ruled: CourseRequest
) -> None:
    asked = replace(ruled, happened=tuple(happened), change_out=ChangeOut(every_days=9))
    joined = plan_course(replace(asked, filled_on=START + timedelta(days=day)))
    assert spans(joined) == spans(plan_course(asked))
    done = [(one.on - START).days for one in joined.tasks if one.kind is not TaskKind.PREPARE]
    assert all(one >= day for one in done)
    if day <= joined.season.last:
        assert days_with(joined, TaskKind.MIX) == [day]
        filled = days_with(joined, TaskKind.MIX, TaskKind.CHANGE_OUT, TaskKind.FLUSH)
        changed = [asked.day(one.on) for one in happened if one.kind is HappeningKind.CHANGED_OUT]
        last = max([day, *(one for one in changed if one <= joined.season.last)])
        behind = [last, *(one for one in filled if one > last)]
        # Right before a flush nothing is filled with feed any more.
        flushes = days_with(joined, TaskKind.FLUSH)
        for earlier, later in pairwise(behind):
            assert later - earlier <= (9 + FEW_DAYS - 1 if later in flushes else 9)
    else:
        assert not done


def test_cultures_go_into_a_tank_that_joins_a_living_one_with_its_first_filling() -> None:
    living = ask(chart=chart(pours=("one", "mud")), programme=Programme.LIVING)
    joined = plan_course(replace(living, filled_on=START + timedelta(days=70)))
    assert days_of(plan_course(living), "mud")[:2] == [0, 14]
    # two months of the season are over: every 35 days from its own first time on
    assert days_of(joined, "mud")[:2] == [70, 105]
    assert days_with(joined, TaskKind.PREPARE)[:2] == [68, 69]
    assert days_with(joined, TaskKind.CHANGE_OUT) == []


def test_a_tank_joins_no_season_before_its_start() -> None:
    with refuses("joins a season on its start or later") as refused:
        plan_course(ask(filled_on=START - timedelta(days=1)))
    assert refused.value.where == "filled_on"


def test_in_a_stage_that_does_not_come_back_a_rule_has_found_no_day_for_good() -> None:
    rules = (
        TimingRule("tide", every_days=2),
        TimingRule(
            "kelp", apart_from=(Apart(3, product="tide"),), only_stages=frozenset({Stage.LEAF})
        ),
    )
    of = chart((10, 365), stages=(Stage.LEAF, Stage.FLOWER))
    asked = ask(chart=of, rules=rules, until=START + timedelta(days=20))
    assert [one.code for one in plan_course(asked).conflicts] == ["no_day"]
    still = replace(asked, until=START + timedelta(days=8))
    assert plan_course(still).conflicts == ()


def test_a_sign_that_is_waited_for_is_computed_at_the_end_of_its_own_column() -> None:
    waits = (Wait("w2", "first roots"), Wait("w4", "First  flowers"))
    rule = TimingRule("mud", begins=Anchor(AnchorKind.SIGN, "first flowers"))
    assert days_of(plan_course(ask(waits_for=waits, rules=(rule,))), "mud") == [27]


def test_on_one_day_what_is_early_stands_first() -> None:
    late, early, any_time = (
        Task(START, TaskKind.PREPARE, (Why.STOCK_MADE_UP,), at=at)
        for at in (time(19, 30), time(7), None)
    )
    ordered = sorted((late, early, any_time), key=lambda one: one.in_order)
    assert ordered == [any_time, early, late]
