"""Units against pint, NIST Handbook 44 and the handbook examples of the trade."""

from decimal import Decimal
from fractions import Fraction

import pint
import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.quantities import (
    DoseUnit,
    Reading,
    ReadingScale,
    ReadingUnit,
    Spoons,
    TemperatureUnit,
    Volume,
    VolumeUnit,
    decimal_text,
    degrees_text,
    figure,
    number_text,
    of_float,
    on_both_scales,
    parse_temperature,
)
from core.quantities.temperatures import celsius_of, degrees_in
from core.quantities.units import LITRES, OUNCE_G, POUND_G, amount_of_one
from tests.words import refuses, words_of

PINT = pint.UnitRegistry(non_int_type=Fraction)
PINT_NAMES = {"mL": "mL", "L": "L", "gal_us": "US_liquid_gallon",
              "gal_uk": "imperial_gallon", "tsp": "teaspoon", "tbsp": "tablespoon",
              "fl_oz": "US_fluid_ounce", "g": "g", "oz": "avoirdupois_ounce"}  # fmt: skip


def of_pint(expression: str, unit: str) -> Fraction:
    """pint's exact value; its own tables are floats only where a unit is not exact."""
    return Fraction(PINT.Quantity(Fraction(1), expression).to(unit).magnitude)


@pytest.mark.parametrize("unit", list(VolumeUnit))
def test_volumes_agree_with_pint(unit: VolumeUnit) -> None:
    assert LITRES[unit] == of_pint(PINT_NAMES[unit], "L")


def test_exact_values_of_nist_handbook_44_appendix_c() -> None:
    assert LITRES[VolumeUnit.GAL_US] == Fraction("3.785411784")
    one = Volume.of(Fraction(1), VolumeUnit.GAL_US)
    spoon = {unit: amount_of_one(unit, one, Spoons.US) for unit in DoseUnit}
    assert spoon[DoseUnit.FL_OZ_PER_GAL_US] == Fraction("29.5735295625")
    assert spoon[DoseUnit.TBSP_PER_GAL_US] == Fraction("14.78676478125")
    assert spoon[DoseUnit.TSP_PER_GAL_US] == Fraction("4.92892159375")
    assert Fraction("453.59237") == POUND_G == of_pint("pound", "g")
    assert OUNCE_G * 16 == POUND_G


def test_kitchen_measures_of_21_cfr_101_9() -> None:
    one = Volume.of(Fraction(1), VolumeUnit.GAL_US)
    metric = [DoseUnit.TSP_PER_GAL_US, DoseUnit.TBSP_PER_GAL_US, DoseUnit.FL_OZ_PER_GAL_US]
    assert [amount_of_one(unit, one, Spoons.METRIC) for unit in metric] == [5, 15, 30]


@pytest.mark.parametrize("unit", [u for u in DoseUnit if u.measure != "drop"])
def test_doses_agree_with_pint(unit: DoseUnit) -> None:
    measure, _, per = unit.value.partition("/")
    per_litres = of_pint(PINT_NAMES[per], "L") if per in PINT_NAMES else Fraction(per.rstrip("L"))
    ounce = "imperial_fluid_ounce" if per == "gal_uk" and measure == "fl_oz" else None
    wanted = of_pint(ounce or PINT_NAMES[measure], unit.amount_unit) / per_litres
    assert amount_of_one(unit, Volume(Fraction(1)), Spoons.US) == wanted


def test_an_ounce_in_a_hundred_gallons_is_75_ppm() -> None:
    # Extension bulletins on injectors, from memory: 1 oz in 100 US gal is 75 ppm.
    hundred = Volume.of(Fraction(100), VolumeUnit.GAL_US)
    grams = amount_of_one(DoseUnit.OZ_PER_GAL_US, hundred, Spoons.US) / 100
    assert number_text(grams * 1000 / hundred.litres, 1) == "74.9"


@given(st.fractions(0, 10**6), st.sampled_from(list(VolumeUnit)))
def test_volume_round_trip_is_exact(value: Fraction, unit: VolumeUnit) -> None:
    assert Volume.of(value, unit).in_unit(unit) == value


SCALES = [ReadingScale(unit) for unit in ReadingUnit if unit is not ReadingUnit.PPM]
SCALES += [ReadingScale(ReadingUnit.PPM, scale) for scale in (500, 640, 700)]


@given(st.fractions(0, 100), st.sampled_from(SCALES), st.sampled_from(SCALES))
def test_reading_round_trip_is_exact(
    value: Fraction, one: ReadingScale, other: ReadingScale
) -> None:
    there = Reading.of(value, one).in_unit(other)
    assert Reading.of(there, other).in_unit(one) == value


def test_one_strength_on_every_pen() -> None:
    # Common practice: EC 1.2 is CF 12, 1200 µS/cm, and 600, 768 or 840 ppm by scale.
    reading = Reading(Fraction("1.2"))
    assert [reading.shown(scale) for scale in SCALES] == [
        "1.20",
        "1200",
        "12.0",
        "600",
        "768",
        "840",
    ]


def test_ppm_needs_its_scale_and_nothing_else_has_one() -> None:
    with pytest.raises(InputError) as missing:
        ReadingScale(ReadingUnit.PPM)
    assert missing.value.code == "ppm_without_scale"
    assert all(scale in words_of(missing.value) for scale in ("500", "640", "700"))
    with pytest.raises(InputError):
        ReadingScale(ReadingUnit.CF, 500)


@given(st.decimals(0, 10**9, places=6))
def test_decimal_text_of_a_decimal_is_exact(value: object) -> None:
    exact = figure(value)
    assert figure(decimal_text(exact)) == exact


@pytest.mark.parametrize(
    "text",
    ["1234567890123.1234567890123", "0.00000000000000000000015625", "98765432109876543210.0625"],
)
def test_decimal_text_has_all_the_digits_of_a_figure_that_ends(text: str) -> None:
    assert decimal_text(Fraction(text)) == text


@given(st.fractions(0, 10**6))
def test_decimal_text_is_plain_and_never_far_off(value: Fraction) -> None:
    text = decimal_text(value)
    assert "e" not in text.lower()
    assert abs(Fraction(text) - value) <= value / 10**18


@pytest.mark.parametrize(
    ("bad", "code"),
    [
        ("", "not_a_number"), ("1e3", "not_a_number"), ("1,5", "not_a_number"), (".5", "not_a_number"),
        ("NaN", "not_a_number"), ("Infinity", "not_a_number"), ("1" * 13, "not_a_number"),
        (True, "not_a_number"), (None, "not_a_number"), (10**30, "not_a_number"),
        ("٣", "not_a_number"), ("-1", "negative"), (-1, "negative"), ("-0.01", "negative"),
    ],
)  # fmt: skip
def test_figures_that_are_refused(bad: object, code: str) -> None:
    with pytest.raises(InputError) as refused:
        figure(bad)
    assert refused.value.code == code


@given(tenths=st.integers(0, 600))
def test_temperatures_agree_with_pint_and_come_back(tenths: int) -> None:
    celsius = Fraction(tenths, 10)
    fahrenheit = degrees_in(celsius, TemperatureUnit.F)
    assert float(fahrenheit) == pytest.approx(
        PINT.Quantity(tenths / 10, "degC").to("degF").magnitude
    )
    assert celsius_of(fahrenheit, TemperatureUnit.F) == celsius
    assert degrees_text(celsius, TemperatureUnit.C) == decimal_text(celsius)
    typed = parse_temperature(degrees_text(celsius, TemperatureUnit.F), unit=TemperatureUnit.F)
    assert abs(typed - celsius) <= Fraction(1, 36)  # half of a tenth of a °F


@pytest.mark.parametrize(
    ("text", "unit", "celsius"),
    # Ice, body heat and room warmth on both scales: NIST SP 811, and common knowledge.
    [("32", "F", 0), ("98.6", "F", 37), ("68 °F", "C", 20), ("68f", "C", 20), ("20 C", "F", 20),
     ("20,5 deg C", "F", "20.5"), ("20 degrees celsius", "F", 20), ("20 °", "C", 20),
     ("71 1/2 F", "C", "21.944444"), ("20º C", "F", 20)],
)  # fmt: skip
def test_a_temperature_is_read_on_the_scale_it_names(text: str, unit: str, celsius: object) -> None:
    read = parse_temperature(text, unit=TemperatureUnit(unit))
    assert float(read) == pytest.approx(float(str(celsius)), abs=1e-6)


@pytest.mark.parametrize("text", ["warm", "20 K", "20 CF", "", "-4", "18-22", "20 L"])
def test_what_is_no_temperature_is_refused(text: str) -> None:
    with pytest.raises(InputError):
        parse_temperature(text, unit=TemperatureUnit.C)


def test_a_sentence_gives_both_scales() -> None:
    assert on_both_scales(Fraction("7.5")) == "7.5 °C (46 °F)"


@given(st.floats(-1e300, 1e300), st.integers(0, 6))
def test_a_models_figure_is_the_nearest_of_so_many_places(value: float, places: int) -> None:
    found = of_float(value, places)
    assert abs(found - Fraction(value)) <= Fraction(1, 2 * 10**places)
    assert 10**places % found.denominator == 0


@pytest.mark.parametrize(
    ("celsius", "c", "f"),
    [("20", "20", "68"), ("20.3", "20.3", "68.5"), ("20.25", "20.25", "68.5"), ("0", "0", "32"),
     ("-0.5", "-0.5", "31.1"), ("21.111", "21.111", "70")],
)  # fmt: skip
def test_degrees_are_shown_as_typed_and_in_fahrenheit_to_a_tenth(
    celsius: str, c: str, f: str
) -> None:
    """F = 1.8 C + 32 (NIST SP 811); halves go up."""
    assert degrees_text(Fraction(celsius), TemperatureUnit.C) == c
    assert degrees_text(Fraction(celsius), TemperatureUnit.F) == f


@pytest.mark.parametrize(
    ("given", "value"),
    [(Decimal("0.0000001"), Fraction(1, 10**7)), (Decimal("1E+3"), Fraction(1000)),
     (Decimal("2.50"), Fraction(5, 2)), (999_999_999_999, Fraction(999_999_999_999))],
)  # fmt: skip
def test_a_number_of_json_is_exact_however_it_is_written(
    given: Decimal | int, value: Fraction
) -> None:
    assert figure(given) == value


@pytest.mark.parametrize(
    ("given", "shown"),
    [(Decimal("1E+400"), "1E+400"), (Decimal("1E-20"), "1E-20"), (Decimal("NaN"), "NaN"),
     (Decimal("1E+19"), "1" + "0" * 19),
     (10**19, "1" + "0" * 19)],
)  # fmt: skip
def test_a_number_beyond_reason_is_named_as_short_as_it_was(
    given: Decimal | int, shown: str
) -> None:
    with pytest.raises(InputError) as refused:
        figure(given)
    assert words_of(refused.value).startswith(f"“{shown}” is not a plain")
    with refuses("at most 12 digits"):
        figure(10**20)
