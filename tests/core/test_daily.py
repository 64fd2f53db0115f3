"""What a daily reading says, and what a living tank takes."""

from datetime import UTC, datetime, timedelta
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import PhWindow
from core.quantities import Amount, AmountUnit, Reading, ReadingRange, Volume
from core.tending.brewing import BrewAct, BrewDay, BrewState, brew_state, brew_steps
from core.tending.daily import (
    MOVED_EC,
    ODD_EC_SHIFT,
    ODD_PH_SHIFT,
    Said,
    TankReading,
    judge_reading,
)
from core.tending.living import brew_for, oxygen_is_short, oxygen_saturation
from core.water import Disinfectant

BAND = ReadingRange(Reading(Fraction("1.6")), Reading(Fraction("1.8")))
WINDOW = PhWindow(Fraction("5.5"), Fraction("6.2"))
ADVICE = {Said.TOP_UP_PLAIN, Said.TOP_UP_THINS, Said.TOP_UP_WEAK, Said.TOP_UP_FULL}


def said(
    ec: str, before: str = "", ph: str = "", ph_before: str = "", **what: object
) -> list[Said]:
    """What a reading says against a band of 1.6 to 1.8 and a window of 5.5 to 6.2."""

    def read(ec: str, ph: str) -> TankReading:
        return TankReading(Reading(Fraction(ec)) if ec else None, Fraction(ph) if ph else None)

    asked = {"target": BAND, "window": WINDOW, **what}
    return list(judge_reading(read(ec, ph), read(before, ph_before), **asked))  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("ec", "before", "expected"),
    [
        # EC rises: plain water; it stays: weak feed; it falls: full feed (common practice)
        ("1.80", "1.65", [Said.EC_RIGHT, Said.TOP_UP_PLAIN]),
        ("1.68", "1.65", [Said.EC_RIGHT, Said.TOP_UP_WEAK]),
        ("1.60", "1.75", [Said.EC_RIGHT, Said.TOP_UP_FULL]),
        ("1.30", "1.70", [Said.EC_LOW, Said.TOP_UP_FULL]),
        # a twentieth either way is what pens differ by, a hundredth more is not
        ("1.68", "1.60", [Said.EC_RIGHT, Said.TOP_UP_WEAK]),
        ("1.69", "1.60", [Said.EC_RIGHT, Said.TOP_UP_PLAIN]),
        ("1.71", "1.80", [Said.EC_RIGHT, Said.TOP_UP_WEAK]),
        ("1.70", "1.80", [Said.EC_RIGHT, Said.TOP_UP_FULL]),
        # above its band no feed goes in, though it fell
        ("2.00", "2.30", [Said.EC_HIGH, Said.TOP_UP_THINS]),
        # a first reading that no feed has, or far above what is aimed at; 1.80 is the target's top
        ("4.50", "", [Said.EC_HIGH, Said.TOP_UP_THINS]), ("4.51", "", [Said.EC_ODD]),
        # nothing to compare with, nothing to advise
        ("1.70", "", [Said.EC_RIGHT]),
        # a slip of the point, or a pen that shows something else
        ("17.0", "1.70", [Said.EC_ODD]), ("0.17", "1.70", [Said.EC_ODD]),
        # from more than two fifths, either way
        ("1.75", "1.25", [Said.EC_RIGHT, Said.TOP_UP_PLAIN]), ("1.76", "1.25", [Said.EC_ODD]),
        ("1.80", "3.00", [Said.EC_RIGHT, Said.TOP_UP_FULL]), ("1.79", "3.00", [Said.EC_ODD]),
        ("1.70", "0", [Said.EC_RIGHT, Said.TOP_UP_WEAK]),
    ],
)  # fmt: skip
def test_what_ec_says(ec: str, before: str, expected: list[Said]) -> None:
    assert said(ec, before) == expected


@pytest.mark.parametrize(
    ("ph", "before", "expected"),
    [
        ("5.5", "", [Said.PH_RIGHT]), ("6.2", "", [Said.PH_RIGHT]), ("6.3", "6.0", [Said.PH_HIGH]),
        ("5.4", "6.0", [Said.PH_LOW]), ("7.4", "6.0", [Said.PH_HIGH]), ("7.6", "6.0", [Said.PH_ODD]), ("4.4", "6.0", [Said.PH_ODD]),
    ],
)  # fmt: skip
def test_what_ph_says(ph: str, before: str, expected: list[Said]) -> None:
    assert said("", ph=ph, ph_before=before) == expected


@given(
    st.fractions(Fraction("0.01"), 20, max_denominator=100),
    st.none() | st.fractions(0, 20, max_denominator=100),
)
def test_no_advice_rests_on_a_reading_that_is_odd(ec: Fraction, before: Fraction | None) -> None:
    now, then = TankReading(Reading(ec)), TankReading(None if before is None else Reading(before))
    found = judge_reading(now, then, target=BAND, window=WINDOW)
    far = before is not None and before > 0 and abs(ec / before - 1) > ODD_EC_SHIFT
    far = far or (before is None and ec > BAND.high.ms_cm * Fraction(5, 2))
    assert (found == (Said.EC_ODD,)) is far
    assert len(ADVICE.intersection(found)) <= 1
    if ec > BAND.high.ms_cm * (1 + MOVED_EC) and not far:
        rose = before is not None and before > 0 and ec > before * (1 + MOVED_EC)
        assert ADVICE.intersection(found) == {Said.TOP_UP_PLAIN if rose else Said.TOP_UP_THINS}


def test_a_band_is_left_by_more_than_pens_differ_by() -> None:
    high, low = BAND.high.ms_cm * (1 + MOVED_EC), BAND.low.ms_cm * (1 - MOVED_EC)
    step = Fraction(1, 1000)
    assert said(str(high)) == said(str(low)) == [Said.EC_RIGHT]
    assert said(str(high + step)) == [Said.EC_HIGH, Said.TOP_UP_THINS]
    assert said(str(low - step)) == [Said.EC_LOW]


@pytest.mark.parametrize(
    ("water", "says"),
    [("0.4", Said.TOP_UP_PLAIN), ("1.79", Said.TOP_UP_PLAIN),
     ("1.8", Said.WATER_OVER_TARGET), ("2.6", Said.WATER_OVER_TARGET)],
)  # fmt: skip
def test_water_that_reads_more_than_the_target_is_no_way_down(water: str, says: Said) -> None:
    """Water can bring a tank down to what it reads itself, not under it (a mean of the two)."""
    assert said("2.2", "2.0", water=Reading(Fraction(water))) == [Said.EC_HIGH, says]
    assert said("1.7", "1.6", water=Reading(Fraction(water))) == [Said.EC_RIGHT, Said.TOP_UP_PLAIN]


def test_a_ph_that_drifts_is_believed_up_to_its_bound() -> None:
    edge = Fraction(6) + ODD_PH_SHIFT
    assert said("", ph=str(edge), ph_before="6") == [Said.PH_HIGH]
    assert said("", ph=str(edge + Fraction(1, 100)), ph_before="6") == [Said.PH_ODD]


@pytest.mark.parametrize(
    ("degrees", "is_living", "expected"),
    [("16", False, ()), ("24", False, ()), ("15", False, (Said.COLD,)), ("25", False, (Said.WARM,)),
     ("26", True, (Said.WARM,)), ("30", True, (Said.OXYGEN_SHORT,)), ("30", False, (Said.WARM,))],
)  # fmt: skip
def test_what_warm_water_says(degrees: str, is_living: bool, expected: tuple[Said, ...]) -> None:
    now = TankReading(temperature=Fraction(degrees))
    found = judge_reading(now, TankReading(), target=None, window=None, is_living=is_living)
    assert found == expected


@pytest.mark.parametrize(
    ("degrees", "mg_l"),
    # Standard Methods for the Examination of Water and Wastewater, table 4500-O:I, chloride 0
    [(0, 14.621), (5, 12.770), (10, 11.288), (15, 10.084), (20, 9.092), (25, 8.263), (30, 7.559)],
)  # fmt: skip
def test_oxygen_that_water_can_hold(degrees: int, mg_l: float) -> None:
    assert oxygen_saturation(degrees) == pytest.approx(mg_l, abs=0.002)


def test_water_is_too_warm_for_a_living_tank_from_where_it_cannot_hold_its_oxygen() -> None:
    assert [oxygen_is_short(degrees) for degrees in (20, 28, 29, 35)] == [False, False, True, True]


def test_a_brew_in_gallons_is_as_growers_measure_it() -> None:
    """1 fl oz of molasses and 2 of inoculant in 5 gal, 1 : 60 of the tank."""
    gallon, ounce = Fraction("3.785411784"), Fraction("29.5735295625")
    brew = brew_for(Volume(300 * gallon))  # whose brew is 5 gal
    assert brew.water_l == 5 * gallon
    assert (brew.molasses_ml, brew.inoculant_ml) == (ounce, 2 * ounce)


# The brew, step by step


@pytest.mark.parametrize(
    ("day", "disinfectant", "is_first", "acts"),
    [
        (BrewDay.MOLASSES, Disinfectant.CHLORINE, True, "water molasses air"),
        (BrewDay.MOLASSES, Disinfectant.CHLORAMINE, True, "water neutralise molasses air"),
        (BrewDay.INOCULANT, Disinfectant.CHLORINE, True, "smell inoculant air fill"),
        # RO and well water skip the gassing-off (common practice)
        (BrewDay.INOCULANT, None, True, "smell inoculant air"),
        # a tank that runs is not filled again for its cultures
        (BrewDay.INOCULANT, Disinfectant.CHLORINE, False, "smell inoculant air"),
        (BrewDay.POUR, None, True, "smell no_oxidiser feed pour stir"),
        (BrewDay.POUR, None, False, "smell no_oxidiser pour stir"),
    ],
)
def test_the_three_days_of_a_brew(
    day: BrewDay, disinfectant: Disinfectant | None, is_first: bool, acts: str
) -> None:
    steps = brew_steps(day, Volume(Fraction(90)), disinfectant, is_first=is_first)
    assert [step.act for step in steps] == acts.split()
    if is_first:  # as it is where nothing else is said
        assert brew_steps(day, Volume(Fraction(90)), disinfectant) == steps
    water = [step.amount for step in steps if step.act is BrewAct.WATER]
    assert water == ([Amount(Fraction(1500), AmountUnit.ML)] if "water" in acts else [])  # 1 : 60
    # fed until EC is 1.0 above the source (common practice)
    rises = {step.act: step.above_source.ms_cm for step in steps if step.above_source}
    assert rises == ({BrewAct.FEED: 1} if "feed" in acts else {})


def test_240_gallons_take_4_gallons_of_the_brew() -> None:
    """Common practice: 4 gal of inoculant for 240 gal, a quarter of a gallon for 15."""
    gallon = Fraction(3785411784, 10**9)
    for reservoir, brewed in ((240, Fraction(4)), (15, Fraction(1, 4))):
        steps = brew_steps(BrewDay.POUR, Volume(reservoir * gallon), None)
        [poured] = [step.amount for step in steps if step.act is BrewAct.POUR]
        assert poured == Amount(brewed * gallon * 1000, AmountUnit.ML)


def test_a_brew_is_ready_when_it_has_stood_and_not_for_ever() -> None:
    now = datetime(2026, 3, 10, 12, tzinfo=UTC)

    def stood(**of: float) -> BrewState:
        return brew_state(BrewDay.INOCULANT, now - timedelta(**of), now)

    assert brew_state(BrewDay.MOLASSES, None, now) is BrewState.READY
    assert brew_state(BrewDay.POUR, None, now) is BrewState.UNTOLD
    assert [stood(hours=23, minutes=59), stood(hours=24), stood(hours=72), stood(hours=72, minutes=1)] == [
        BrewState.STANDING, BrewState.READY, BrewState.READY, BrewState.STALE,
    ]  # fmt: skip
    # a clock that was set back leaves a brew that was begun in the future: it has not stood
    assert stood(hours=-3) is BrewState.STANDING
