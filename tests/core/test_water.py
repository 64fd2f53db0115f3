"""The source water: both schools, the room it leaves, the remedy, and what counts as hard."""

from fractions import Fraction

import pytest
from hypothesis import assume, given
from hypothesis import strategies as st

from core.quantities import Reading, ReadingRange
from core.water import HARD_MS_CM, School, aim_for, ro_shares
from core.water.aim import WATER_SHARE
from tests.core.mixes import F, ec, water

readings = st.fractions(0, 4, max_denominator=1000).map(Reading)
strengths = st.fractions(F(1, 100), 2, max_denominator=100)


@st.composite
def printed(draw: st.DrawFn) -> ReadingRange:
    """A column's EC, a value or a range."""
    low = draw(st.fractions(F(1, 100), 3, max_denominator=1000))
    return ReadingRange(Reading(low), Reading(low + draw(st.fractions(0, 1, max_denominator=100))))


@given(printed(), strengths, readings)
def test_on_top_is_the_source_and_what_the_bottles_add(
    of: ReadingRange, strength: Fraction, source: Reading
) -> None:
    aim = aim_for(School.ON_TOP, of, strength, source)
    assert aim.target is not None
    assert aim.target.low.ms_cm - source.ms_cm == strength * of.low.ms_cm
    assert aim.target.high.ms_cm - source.ms_cm == strength * of.high.ms_cm
    assert (aim.room, aim.ro) == (1, None)


@given(printed(), strengths, readings)
def test_all_in_fills_exactly_the_room_the_water_leaves(
    of: ReadingRange, strength: Fraction, source: Reading
) -> None:
    aim = aim_for(School.ALL_IN, of, strength, source)
    total = strength * of.middle.ms_cm
    assert aim.target is not None
    assert aim.target.middle.ms_cm == total
    assert 0 <= aim.room <= 1
    if source.ms_cm < total:
        assert source.ms_cm + total * aim.room == total
        assert aim.ro is None
    else:
        assert aim.room == 0


@given(printed(), strengths, readings, st.sampled_from(list(School)))
def test_every_school_shows_the_figures_of_both(
    of: ReadingRange, strength: Fraction, source: Reading, school: School
) -> None:
    aim = aim_for(school, of, strength, source)
    assert aim.on_top == aim_for(School.ON_TOP, of, strength, source).target
    assert aim.all_in == aim_for(School.ALL_IN, of, strength, source).target


@given(readings, st.fractions(F(1, 100), 3, max_denominator=100))
def test_the_remedy_does_what_it_says(source: Reading, total: Fraction) -> None:
    assume(source.ms_cm >= total)
    ro = ro_shares(source, total)
    assert ro is not None
    assert source.ms_cm * (1 - ro.at_least) == total  # the water alone is the whole target
    assert source.ms_cm * (1 - ro.advised) == total * WATER_SHARE
    assert 0 <= ro.at_least < ro.advised < 1


def test_worked_examples_of_both_schools() -> None:  # common practice
    assert aim_for(School.ON_TOP, ec("0.8"), F(1), Reading(F("0.5"))).target == ec("1.3")
    assert aim_for(School.ON_TOP, ec("1.0"), F(1), Reading(F("0.4"))).target == ec("1.4")
    assert aim_for(School.DOSES_ONLY, ec("0.8"), F(1), Reading(F("0.5"))).target is None


def test_without_a_reading_only_all_in_knows_its_target() -> None:
    assert aim_for(School.ON_TOP, ec("0.8"), F(1), None).target is None
    assert aim_for(School.ALL_IN, ec("0.8"), F(1), None).target == ec("0.8")
    assert aim_for(School.ALL_IN, ec("0.8"), F(1), None).room == 1


def test_water_at_nothing_needs_no_remedy() -> None:
    assert ro_shares(Reading(F(0)), F(0)) is None
    assert aim_for(School.ALL_IN, ec("0"), F(1), Reading(F(0))).room == 0


@pytest.mark.parametrize(
    ("reading", "calcium", "hard"),
    [("0.4", None, False), ("0.401", None, True), ("0.1", "70", False), ("0.1", "70.1", True),
     (None, "71", True), (None, None, False)],
)  # fmt: skip
def test_hard_is_over_200_ppm_or_over_70_ppm_calcium(  # common practice
    reading: str | None, calcium: str | None, hard: bool
) -> None:
    of = water(reading, calcium=calcium)
    assert of.is_hard is hard
    assert HARD_MS_CM * 500 == 200
