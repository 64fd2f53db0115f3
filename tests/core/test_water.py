"""The source water: both schools, the room it leaves, the remedy, and what counts as hard."""

from fractions import Fraction
from typing import Any

import pytest
from hypothesis import assume, given
from hypothesis import strategies as st

from core.chart import Chart, Readings
from core.errors import InputError
from core.planning import MixRequest, Shelf
from core.planning.water_in_chart import WaterInChart, water_in_chart
from core.quantities import Reading, ReadingRange, Volume
from core.water import (
    HARD_MS_CM,
    Disinfectant,
    TargetConvention,
    Treatment,
    Wanted,
    Water,
    WaterKind,
    blend,
    left_by,
    osmosis_need,
    ro_shares,
    share_for,
    target_for,
)
from core.water.history import is_far
from core.water.target import WATER_SHARE
from tests.core.labels import acid_on_shelf, labelled
from tests.core.mixes import F, ec, pair, water
from tests.words import refuses

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
    target = target_for(TargetConvention.ON_TOP, of, strength, source)
    assert target.reading is not None
    assert target.reading.low.ms_cm - source.ms_cm == strength * of.low.ms_cm
    assert target.reading.high.ms_cm - source.ms_cm == strength * of.high.ms_cm
    assert (target.headroom_share, target.ro) == (1, None)


@given(printed(), strengths, readings)
def test_all_in_fills_exactly_the_room_the_water_leaves(
    of: ReadingRange, strength: Fraction, source: Reading
) -> None:
    target = target_for(TargetConvention.ALL_IN, of, strength, source)
    total = strength * of.middle.ms_cm
    assert target.reading is not None
    assert target.reading.middle.ms_cm == total
    assert 0 <= target.headroom_share <= 1
    if source.ms_cm < total:
        assert source.ms_cm + total * target.headroom_share == total
        assert target.ro is None
    else:
        assert target.headroom_share == 0


@given(printed(), strengths, readings, st.sampled_from(list(TargetConvention)))
def test_every_school_shows_the_figures_of_both(
    of: ReadingRange, strength: Fraction, source: Reading, convention: TargetConvention
) -> None:
    target = target_for(convention, of, strength, source)
    assert target.on_top == target_for(TargetConvention.ON_TOP, of, strength, source).reading
    assert target.all_in == target_for(TargetConvention.ALL_IN, of, strength, source).reading


@given(readings, st.fractions(F(1, 100), 3, max_denominator=100))
def test_the_remedy_does_what_it_says(source: Reading, total: Fraction) -> None:
    assume(source.ms_cm >= total)
    ro = ro_shares(source, total)
    assert ro is not None
    assert source.ms_cm * (1 - ro.at_least) == total  # the water alone is the whole target
    assert source.ms_cm * (1 - ro.advised) == total * WATER_SHARE
    assert 0 <= ro.at_least < ro.advised < 1


def test_worked_examples_of_both_schools() -> None:  # common practice
    assert target_for(TargetConvention.ON_TOP, ec("0.8"), F(1), Reading(F("0.5"))).reading == ec(
        "1.3"
    )
    assert target_for(TargetConvention.ON_TOP, ec("1.0"), F(1), Reading(F("0.4"))).reading == ec(
        "1.4"
    )
    assert (
        target_for(TargetConvention.DOSES_ONLY, ec("0.8"), F(1), Reading(F("0.5"))).reading is None
    )


def test_without_a_reading_only_all_in_knows_its_target() -> None:
    assert target_for(TargetConvention.ON_TOP, ec("0.8"), F(1), None).reading is None
    assert target_for(TargetConvention.ALL_IN, ec("0.8"), F(1), None).reading == ec("0.8")
    assert target_for(TargetConvention.ALL_IN, ec("0.8"), F(1), None).headroom_share == 1


@pytest.mark.parametrize(
    ("expected", "high"),
    [
        ("1.30", "1.30"), ("1.10", "1.30"),  # within the target, or below it
        ("1.301", "1.301"), ("1.43", "1.43"),  # up to a tenth above it is what weak feeds conduct
        ("1.431", "1.30"), ("2.6", "1.30"),  # and more is another matter
    ],
)  # fmt: skip
def test_a_target_reaches_up_to_what_the_doses_are_expected_to_read(
    expected: str, high: str
) -> None:
    target = target_for(TargetConvention.ON_TOP, ec("0.8"), F(1), Reading(F("0.5")))
    reached = target.reaching(Reading(F(expected)))
    assert reached.reading == ReadingRange(Reading(F("1.3")), Reading(F(high)))
    assert (reached.on_top, reached.all_in) == (target.on_top, target.all_in)
    over = F(high) - F("1.3")
    assert reached.crowding == over
    assert reached.added == ReadingRange(Reading(F("0.8")), Reading(F("0.8") + over))
    unread = target_for(TargetConvention.ON_TOP, ec("0.8"), F(1), None)
    assert unread.reaching(Reading(F(expected))) == unread


def test_water_at_nothing_needs_no_remedy() -> None:
    assert ro_shares(Reading(F(0)), F(0)) is None
    assert target_for(TargetConvention.ALL_IN, ec("0"), F(1), Reading(F(0))).headroom_share == 0


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


sources = st.builds(
    lambda ec_, calcium, alkalinity: water(str(ec_), calcium=str(calcium),
                                           alkalinity=str(alkalinity)),
    st.decimals(0, 4, places=2), st.decimals(0, 300, places=1), st.decimals(0, 400, places=0),
)  # fmt: skip


@given(sources, sources, st.fractions(F("0.01"), F("0.99"), max_denominator=100))
def test_a_blend_lies_between_its_waters_by_share(one: Water, other: Water, share: F) -> None:
    mixed = blend([("one", one, 1 - share), ("other", other, share)])
    for of in (mixed, blend([("other", other, share), ("one", one, 1 - share)])):
        assert of.reading is not None
        assert one.reading is not None
        assert other.reading is not None
        assert of.reading.ms_cm == (
            one.reading.ms_cm + (other.reading.ms_cm - one.reading.ms_cm) * share
        )
        for name in ("calcium", "alkalinity"):
            first, second = getattr(one.report, name), getattr(other.report, name)
            assert getattr(of.report, name) == first + (second - first) * share
    assert [(part.name, part.share) for part in mixed.parts] == [
        ("one", 1 - share), ("other", share)
    ]  # fmt: skip


@given(sources, sources, st.sampled_from(list(Wanted)), st.fractions(F("0.01"), F("0.99")))
def test_the_share_that_is_said_brings_the_figure_that_was_wanted(
    one: Water, other: Water, wanted: Wanted, between: F
) -> None:
    have, brings = (_figure_of(of, wanted) for of in (one, other))
    assume(have != brings)
    figure = have + (brings - have) * between
    share = share_for(one, other, wanted, figure)
    assert 0 < share < 1
    mixed = blend([("one", one, 1 - share), ("other", other, share)])
    assert _figure_of(mixed, wanted) == figure


def _figure_of(of: Water, wanted: Wanted) -> F:
    found = {
        Wanted.EC: of.reading.ms_cm if of.reading else None,
        Wanted.CALCIUM: of.report.calcium,
        Wanted.ALKALINITY: of.report.alkalinity,
    }[wanted]
    assert found is not None
    return found


def test_what_one_water_does_not_tell_the_blend_does_not_either() -> None:
    mixed = blend([
        ("mains", water("0.5", calcium="70"), F("0.5")), ("rain", water(None), F("0.5")),
    ])  # fmt: skip
    assert (mixed.reading, mixed.report.calcium) == (None, None)
    assert blend([("mains", water("0.5"), F(1))]) == water("0.5")


def test_a_blend_is_of_a_kind_where_all_its_waters_are() -> None:
    half = F("0.5")
    mains, rain = (water("0.5", kind=kind) for kind in (WaterKind.MAINS, WaterKind.RAIN))
    assert blend([("one", mains, half), ("other", mains, half)]).kind is WaterKind.MAINS
    assert blend([("mains", mains, half), ("rain", rain, half)]).kind is None


@pytest.mark.parametrize(
    ("one", "stood", "other", "worst", "wait"),
    [
        (Disinfectant.CHLORINE, 20, Disinfectant.NONE, Disinfectant.CHLORINE, 4),
        (Disinfectant.CHLORINE, 20, Disinfectant.CHLORINE, Disinfectant.CHLORINE, 22),
        (Disinfectant.CHLORINE, 30, Disinfectant.NONE, Disinfectant.NONE, None),  # it has gone
        (Disinfectant.CHLORINE, 20, Disinfectant.CHLORAMINE, Disinfectant.CHLORAMINE, None),
        (Disinfectant.NONE, 0, Disinfectant.NONE, Disinfectant.NONE, None),
    ],
)
def test_a_blend_is_as_disinfected_as_its_worst_water(
    one: Disinfectant, stood: int, other: Disinfectant, worst: Disinfectant, wait: int | None
) -> None:
    half = F("0.5")
    mixed = blend([
        ("a", water("0.5", disinfectant=one, stood_h=F(stood)), half),
        ("b", water("0.5", disinfectant=other, stood_h=F(2)), half),
    ])  # fmt: skip
    assert mixed.disinfectant is worst
    if wait is not None:
        assert mixed.hours_to_stand == wait


@pytest.mark.parametrize("shares", [[], ["0.5", "0.4"], ["1.5", "-0.5"], ["1", "0"], ["0.125"] * 8])
def test_shares_that_are_no_blend_are_refused(shares: list[str]) -> None:
    with pytest.raises(InputError) as refused:
        blend([(str(at), water("0.5"), F(share)) for at, share in enumerate(shares)])
    assert refused.value.code == "blend_unclear"


@pytest.mark.parametrize(("figure", "share"), [("0.52", 0), ("0.02", 1), ("0.27", F("0.5"))])
def test_a_blend_may_be_all_of_one_of_the_two(figure: str, share: object) -> None:
    assert share_for(water("0.52"), water("0.02"), Wanted.EC, F(figure)) == share


@pytest.mark.parametrize(
    ("figure", "other", "code", "where"),
    [
        ("0.6", water("0.02"), "out_of_reach", "figure"),
        ("0.01", water("0.02"), "out_of_reach", "figure"),
        ("0.52", water("0.52"), "out_of_reach", "figure"),
        ("0.3", water(None), "water_unknown", "other"),
    ],
)
def test_a_figure_that_no_blend_of_the_two_has_is_refused(
    figure: str, other: Water, code: str, where: str
) -> None:
    with pytest.raises(InputError) as refused:
        share_for(water("0.52"), other, Wanted.EC, F(figure))
    assert (refused.value.code, refused.value.where) == (code, where)


@pytest.mark.parametrize(
    ("before", "now", "far"),
    [
        ([], "0.9", False),
        (["0.5"], "0.6", False),  # a tenth is what temperature and pen make of it
        (["0.5"], "0.62", False),  # and a quarter what a season does
        (["0.5"], "0.63", True),
        (["0.2"], "0.3", False),
        (["0.2"], "0.301", True),
        (["0.2"], "0.099", True),
        (["0.8"], "1.0", False),
        (["0.8"], "1.001", True),
        (["0.02"], "0.13", True),  # a membrane that has torn
        (["2.0"], "2.4", False),
        (["0.5", "0.5", "5.0", "0.5"], "0.5", False),  # one slip moves no middle
        (["0.1"] * 20 + ["0.5"] * 8, "0.5", False),
        (["0.1"] * 5 + ["0.5"] * 4, "0.3", False),  # of the last eight the middle is 0.3
    ],
)
def test_a_reading_far_from_those_before_is_asked_about(
    before: list[str], now: str, far: bool
) -> None:
    assert is_far([Fraction(one) for one in before], Fraction(now)) is far


@pytest.mark.parametrize(
    ("treatment", "before", "left"),
    [
        (None, Disinfectant.CHLORINE, Disinfectant.CHLORINE),
        (None, None, None),
        (Treatment.CARBON, Disinfectant.CHLORINE, Disinfectant.NONE),
        (Treatment.CARBON, Disinfectant.CHLORAMINE, Disinfectant.CHLORAMINE),
        (Treatment.CARBON, None, None),  # it may be chloramine
        (Treatment.NEUTRALISER, Disinfectant.CHLORAMINE, Disinfectant.NONE),
        (Treatment.NEUTRALISER, None, Disinfectant.NONE),
    ],
)
def test_what_treatment_leaves_of_a_disinfectant(
    treatment: Treatment | None, before: Disinfectant | None, left: Disinfectant | None
) -> None:
    assert left_by(treatment, before) is left


@given(st.fractions(F("0.1"), 10_000), st.fractions(F("0.02"), F("0.99")))
def test_a_membrane_draws_what_it_makes_and_what_it_rejects(
    made: Fraction, share: Fraction
) -> None:
    need = osmosis_need(Volume(made), share)
    assert need.drawn.litres * share == made
    assert need.drawn.litres - need.rejected.litres == made


@pytest.mark.parametrize("share", ["0", "0.01", "1", "25"])
def test_no_membrane_lets_all_or_nothing_through(share: str) -> None:
    with refuses("a quarter to a half"):
        osmosis_need(Volume(Fraction(100)), Fraction(share))


# What a water does to a chart


def in_chart(of: Chart, reading: str | None, **fields: Any) -> WaterInChart:
    shelf = fields.pop("shelf", Shelf())
    return water_in_chart(
        MixRequest(of, "w1", Volume(F(7)), water=water(reading, **fields), shelf=shelf)
    )


def test_the_share_of_the_target_that_is_the_water_itself() -> None:
    """A target of 1.2 to 1.6 in all is 1.4 in its middle; on top of 0.5 it is 1.9."""
    total = pair(target=ec("1.2", "1.6"), readings=Readings.TOTAL)
    added = pair(target=ec("1.2", "1.6"))
    assert in_chart(total, "0.35").share == F("0.25")
    assert in_chart(added, "0.5").share == F("0.5") / F("1.9")
    thin = pair(target=ec("0.8"), readings=Readings.TOTAL)
    assert in_chart(thin, "0.2").share == F("0.25")
    assert in_chart(added, None).share is None
    assert in_chart(pair(), "0.5").share is None
    assert [in_chart(total, one).too_strong for one in ("0.69", "0.71", "1.5")] == [
        False,
        True,
        True,
    ]


def test_calcium_and_acid_of_a_water_are_those_of_a_hundred_litres() -> None:
    of = pair(target=ec("1.4"))
    shelf = labelled(acid_on_shelf())
    hard = in_chart(of, "0.6", calcium="80", alkalinity="200", ph=F("7.6"), shelf=shelf)
    assert hard.calcium == pytest.approx(80)
    # 2 mL/L × 1.2 g/mL × 5.2 % are 124.8 ppm more
    assert hard.calcium_in_all == pytest.approx(80 + 124.8)
    assert hard.ph is not None
    assert hard.ph > 6.5
    assert hard.acid is not None
    # 200 ppm are 4 meq/L: 38 % nitric acid, of 1.23 g/mL, holds 7.4 mol/L (CRC Handbook, from memory);
    # pH 5.8 leaves about a fifth of the buffer, as carbonic acid's pKa of 6.35 has it
    assert float(hard.acid.amount.value) == pytest.approx(100 * 4 * 0.78 / 7.4, rel=0.1)
    assert (hard.acid.amount.value * 1000).denominator == 1  # to a µL
    untold = in_chart(of, "0.6", shelf=shelf)
    assert (untold.calcium, untold.calcium_in_all, untold.acid, untold.ph) == (None,) * 4
    assert in_chart(of, "0.6", alkalinity="200", shelf=shelf).calcium is None
