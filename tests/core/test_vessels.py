"""Measuring: the one place that rounds, and by how little."""

from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from core.quantities import Amount, AmountUnit
from core.vessels import FARTHEST, LIQUID_VESSELS, SCALES, TOLERANCE, measure

F = Fraction


@given(st.fractions(0, 20_000), st.sampled_from(list(AmountUnit)))
def test_fills_add_up_stay_on_marks_and_hardly_round(value: Fraction, unit: AmountUnit) -> None:
    measured = measure(Amount(value, unit))
    assert sum(fill.level * fill.times for fill in measured.fills) == measured.amount.value
    for fill in measured.fills:
        assert 0 < fill.level <= fill.vessel.capacity
        assert (fill.level / fill.vessel.mark).denominator == 1
    finest = (SCALES if unit is AmountUnit.G else LIQUID_VESSELS)[0].mark
    near = max(min(value * TOLERANCE, FARTHEST), finest / 2)
    # Behind a full jug or a coarser mark, the second vessel is at most a finer half mark off.
    assert abs(measured.amount.value - value) <= max(near, F(1, 2))


def levels(amount: str, unit: AmountUnit = AmountUnit.ML) -> list[tuple[int, float]]:
    fills = measure(Amount(F(amount), unit)).fills
    return [(fill.times, float(fill.level)) for fill in fills]


def test_examples() -> None:
    assert levels("14") == [(1, 14.0)]
    assert levels("680") == [(1, 650.0), (1, 30.0)]
    assert levels("3570") == [(3, 1000.0), (1, 550.0), (1, 20.0)]
    assert levels("0.3") == [(1, 0.3)]
    assert levels("200", AmountUnit.G) == [(1, 200.0)]
    assert levels("0") == []


def test_too_small_for_the_finest_mark() -> None:
    assert measure(Amount(F("0.09"), AmountUnit.ML)).too_small
    assert not measure(Amount(F("0.1"), AmountUnit.ML)).too_small
