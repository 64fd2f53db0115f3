"""Calibrations against pens that are known to be off, and buffers as their bottles print them."""

from datetime import date
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.meters import (
    BUFFERS,
    EC_STANDARDS,
    Condition,
    Measures,
    Point,
    buffer_at,
    calibrate,
    due_on,
    ec_would_be,
)
from core.quantities import Reading

F = Fraction


@pytest.mark.parametrize(
    ("buffer", "degrees", "ph"),
    # DIN 19267, as bottles of buffer print it (from memory)
    [(4, "25", "4.01"), (7, "25", "7"), (10, "25", "10.01"), (7, "20", "7.02"), (10, "20", "10.06"),
     (7, "15", "7.045"), (4, "40", "4.03"), (10, "0", "10.34"), (7, "22.5", "7.01"),
     (4, "0", "4"), (4, "10", "4"), (4, "20", "4"), (4, "30", "4.01"), (7, "0", "7.13"),
     (7, "10", "7.07"), (7, "30", "6.99"), (7, "40", "6.97"), (10, "10", "10.19"),
     (10, "30", "9.97"), (10, "40", "9.89"),
     # half way between two of its temperatures
     (4, "35", "4.02"), (4, "22.5", "4.005"), (4, "27.5", "4.01"), (7, "5", "7.1"),
     (7, "27.5", "6.995"), (7, "35", "6.98"), (10, "5", "10.265"), (10, "15", "10.125"),
     (10, "22.5", "10.035"), (10, "27.5", "9.99"), (10, "35", "9.93")],
)  # fmt: skip
def test_a_buffer_has_the_ph_of_its_temperature(buffer: int, degrees: str, ph: str) -> None:
    assert buffer_at(F(buffer), F(degrees)) == F(ph)


@given(
    st.fractions(F(86, 100), F(104, 100), max_denominator=200),
    st.fractions(F(-1, 2), F(1, 2), max_denominator=100),
    st.lists(st.sampled_from(BUFFERS), min_size=2, max_size=3, unique=True),
    st.integers(5, 40),
    st.fractions(F(4), F(9), max_denominator=50),
)
def test_a_ph_pen_of_known_slope_and_offset_is_found_out(
    slope: Fraction, offset: Fraction, buffers: list[Fraction], degrees: int, ph: Fraction
) -> None:
    def shows(true: Fraction) -> Fraction:
        return 7 + offset + (true - 7) * slope

    points = [Point(one, shows(buffer_at(one, F(degrees)))) for one in buffers]
    found = calibrate(Measures.PH, points, F(degrees))
    assert (found.slope, found.offset, found.condition) == (slope, offset, Condition.FINE)
    assert found.would_be(shows(ph)) == ph


@given(
    st.fractions(F(91, 100), F(109, 100), max_denominator=300),
    st.lists(st.sampled_from(EC_STANDARDS), min_size=1, max_size=3, unique=True),
    st.fractions(F(0), F(8), max_denominator=100),
)
def test_an_ec_pen_of_known_slope_is_found_out(
    slope: Fraction, standards: list[Fraction], ms_cm: Fraction
) -> None:
    found = calibrate(Measures.EC, [Point(one, one * slope) for one in standards])
    assert (found.slope, found.offset, found.condition) == (slope, 0, Condition.FINE)
    assert ec_would_be(found, Reading(ms_cm * slope)) == Reading(ms_cm)


@pytest.mark.parametrize(
    ("slope", "offset", "condition"),
    [("0.85", "0", Condition.FINE), ("0.849", "0", Condition.WORN), ("1", "0.5", Condition.FINE),
     ("1", "0.51", Condition.OFF), ("1", "-0.51", Condition.OFF), ("0.84", "0.6", Condition.WORN)],
)  # fmt: skip
def test_a_worn_electrode_is_said_to_be(slope: str, offset: str, condition: Condition) -> None:
    points = [Point(one, 7 + F(offset) + (buffer_at(one, F(25)) - 7) * F(slope)) for one in BUFFERS]
    assert calibrate(Measures.PH, points).condition is condition


@pytest.mark.parametrize(
    ("read", "condition"),
    [("1.5543", Condition.FINE), ("1.556", Condition.OFF), ("1.2717", Condition.FINE), ("1.27", Condition.OFF)],
)  # fmt: skip
def test_an_ec_pen_that_is_far_off_is_said_to_be(read: str, condition: Condition) -> None:
    assert calibrate(Measures.EC, [Point(F("1.413"), F(read))]).condition is condition


def test_one_buffer_tells_the_offset_alone() -> None:
    found = calibrate(Measures.PH, [Point(F(7), F("7.2"))])
    assert (found.offset, found.slope) == (F("0.2"), 1)
    assert found.would_be(F("6.1")) == F("5.9")
    assert found.would_be(F("0.1")) == 0  # and never below


@pytest.mark.parametrize(
    ("measures", "points", "degrees", "code"),
    [
        (Measures.PH, [("7", "4.1")], "25", "another_standard"),
        (Measures.EC, [("1.413", "12.9")], "25", "another_standard"),
        (Measures.EC, [("2.76", "1.3")], "25", "another_standard"),
        (Measures.EC, [("1.5", "1.5")], "25", "no_standard"),
        (Measures.PH, [("6.86", "6.9")], "25", "no_standard"),
        (Measures.PH, [("7", "7"), ("7", "7.1")], "25", "standard_twice"),
        (Measures.PH, [], "25", "standard_twice"),
        (Measures.PH, [("7", "7")], "68", "temperature_out_of_range"),
    ],
)
def test_what_is_no_calibration_is_refused(
    measures: Measures, points: list[tuple[str, str]], degrees: str, code: str
) -> None:
    with pytest.raises(InputError) as refused:
        calibrate(measures, [Point(F(one), F(read)) for one, read in points], F(degrees))
    assert refused.value.code == code


def test_a_meter_that_was_never_calibrated_is_due_today() -> None:
    today = date(2026, 3, 10)
    assert due_on(None, 30, today) == today
    assert due_on(date(2026, 3, 1), 30, today) == date(2026, 3, 31)


@pytest.mark.parametrize(("read", "is_it"), [("5.51", True), ("5.5", True), ("5.49", False)])
def test_a_ph_pen_one_and_a_half_off_was_in_its_buffer_and_further_in_another(
    read: str, is_it: bool
) -> None:
    points = [Point(F(7), F(read))]  # 7.00 at 25 °C by its bottle
    if is_it:
        assert calibrate(Measures.PH, points, F(25)).offset == F(read) - 7
        return
    with pytest.raises(InputError):
        calibrate(Measures.PH, points, F(25))


@pytest.mark.parametrize(
    ("read", "is_it"), [("0.7065", True), ("0.7064", False), ("2.826", True), ("2.827", False)]
)
def test_half_or_twice_a_standard_is_still_read_in_it_and_beyond_in_another(
    read: str, is_it: bool
) -> None:
    points = [Point(F("1.413"), F(read))]
    if is_it:
        assert calibrate(Measures.EC, points, F(25)).slope == F(read) / F("1.413")
        return
    with pytest.raises(InputError):
        calibrate(Measures.EC, points, F(25))
