"""How much water a tank holds, by what its readings do."""

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.guided.ec.slope import PEN_STEP, PEN_SWAY, SLOPE_OFF, Slope
from core.guided.readings.volume import volume_by_draining, volume_by_rise
from core.limits import LARGEST_VOLUME_L
from tests.core.mixes import F

STEP = Fraction(1, 1000)


@given(st.integers(1, 4000), st.fractions(F("0.05"), F("0.95"), max_denominator=100),
       st.fractions(1, 5, max_denominator=100))  # fmt: skip
def test_what_is_drained_and_filled_with_water_thins_by_its_share(
    litres: int, share: Fraction, before: Fraction
) -> None:
    """C1·V1 = C2·V2: what is left of the feed is in the same volume again."""
    after = before * (1 - share)
    found = volume_by_draining(litres * share, before=before, after=after)
    if before - after <= PEN_SWAY:
        assert found is None
        return
    assert found is not None
    assert float(found.litres) == pytest.approx(litres, rel=1e-3)
    unsure = min(SLOPE_OFF + 2 * PEN_STEP / (before - after), Fraction(1, 2))
    assert found.low == found.litres * (1 - unsure)
    assert found.high == min(found.litres * (1 + unsure), LARGEST_VOLUME_L)


def test_a_fall_within_what_pens_sway_tells_nothing_and_no_tank_is_smaller_than_its_drain() -> None:
    drained = F(20)
    assert volume_by_draining(drained, before=F(2), after=F(2) - PEN_SWAY) is None
    assert volume_by_draining(drained, before=F(2), after=F(2) - PEN_SWAY - STEP) is not None
    assert volume_by_draining(drained, before=F(2), after=F("2.5")) is None
    assert volume_by_draining(F(0), before=F(2), after=F(1)) is None
    fell_below_water = volume_by_draining(drained, before=F(1), after=F("-0.2"))
    assert fell_below_water is not None
    assert fell_below_water.litres == drained


@given(st.integers(1, 4000), st.fractions(F("0.2"), 3, max_denominator=100),
       st.fractions(0, 1, max_denominator=100))  # fmt: skip
def test_a_rise_as_expected_tells_the_volume_that_was_thought(
    litres: int, rise: Fraction, source: Fraction
) -> None:
    found = volume_by_rise(Fraction(litres), Slope(rise, rise), source)
    assert found is not None
    assert found.litres == litres
    assert found.low < litres < found.high or found.high == LARGEST_VOLUME_L


@given(st.fractions(F("0.2"), 3, max_denominator=100), st.fractions(0, 1, max_denominator=100),
       st.fractions(F("0.3"), F("0.9"), max_denominator=50))  # fmt: skip
def test_half_the_rise_is_a_tank_of_more_than_twice_the_water(
    rise: Fraction, source: Fraction, share: Fraction
) -> None:
    """Conductivity grows less than strength (Kohlrausch), so a rise is short by more salt."""
    found = volume_by_rise(F(100), Slope(rise * share, rise), source)
    if rise * share <= PEN_SWAY:
        assert found is None
        return
    assert found is not None
    assert float(100 / share) * 0.999 <= float(found.litres) <= float(100 / share) * 1.5


def test_a_rise_within_what_pens_sway_tells_nothing() -> None:
    assert volume_by_rise(F(100), Slope(PEN_SWAY, F(1))) is None
    assert volume_by_rise(F(100), Slope(PEN_SWAY + STEP, F(1))) is not None
    assert volume_by_rise(F(100), Slope(F(1), F(0))) is None
    assert volume_by_rise(F(LARGEST_VOLUME_L), Slope(F("0.1"), F(3))).litres == LARGEST_VOLUME_L  # type: ignore[union-attr]
