"""What people type: understood, or refused with the choices."""

from fractions import Fraction
from typing import Literal

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.quantities import (
    DoseUnit,
    ReadingScale,
    ReadingUnit,
    VolumeUnit,
    by_decimal_mark,
    parse_dose,
    parse_reading,
    parse_strength,
    parse_volume,
    parse_weight,
)
from tests.words import refuses, words_of

GAL_US = Fraction("3.785411784")
GAL_UK = Fraction("4.54609")


@pytest.mark.parametrize(
    ("text", "litres"),
    [
        ("425 L", 425), ("425l", 425), (" 1 500 litres ", 1500), ("1500.5 L", Fraction(3001, 2)),
        ("0,5 l", Fraction(1, 2)), ("1,234.5 L", Fraction(2469, 2)), ("750 mL", Fraction(3, 4)),
        ("2 1/2 gal us", GAL_US * 5 / 2), ("2½ US gal", GAL_US * 5 / 2), ("3 gal (UK)", GAL_UK * 3),
        ("3 imperial gallons", GAL_UK * 3), ("1/2 gal US", GAL_US / 2), (".5 L", Fraction(1, 2)),
    ],
)  # fmt: skip
def test_volumes(text: str, litres: Fraction) -> None:
    assert parse_volume(text).litres == litres


def test_a_gallon_is_whichever_the_grower_means() -> None:
    assert parse_volume("2 1/2 gal", gallon="us").litres == GAL_US * 5 / 2
    assert parse_volume("2 1/2 gal", gallon="uk").litres == GAL_UK * 5 / 2
    assert parse_volume("2 gal uk", gallon="us").litres == GAL_UK * 2
    assert parse_volume("20", unit=VolumeUnit.GAL_UK).litres == GAL_UK * 20


@pytest.mark.parametrize(
    ("text", "low", "high", "unit"),
    [
        ("1,5 ml/l", "1.5", "1.5", DoseUnit.ML_PER_L),
        ("2-3 tsp/gal us", "2", "3", DoseUnit.TSP_PER_GAL_US),
        ("2 to 3 teaspoons per US gallon", "2", "3", DoseUnit.TSP_PER_GAL_US),
        ("0.5–1 mL / 10 L", "0.5", "1", DoseUnit.ML_PER_10L),
        ("12 g per 100 l", "12", "12", DoseUnit.G_PER_100L),
        ("1 fl oz/gal us", "1", "1", DoseUnit.FL_OZ_PER_GAL_US),
        ("1 oz/gal us", "1", "1", DoseUnit.OZ_PER_GAL_US),
        ("4 drops/l", "4", "4", DoseUnit.DROP_PER_L),
        ("3 ml/gal uk", "3", "3", DoseUnit.ML_PER_GAL_UK),
    ],
)
def test_doses(text: str, low: str, high: str, unit: DoseUnit) -> None:
    typed = parse_dose(text)
    assert (typed.low, typed.high, typed.unit) == (Fraction(low), Fraction(high), unit)


@pytest.mark.parametrize("unit", list(DoseUnit))
def test_every_dose_unit_is_read_as_it_is_printed(unit: DoseUnit) -> None:
    assert parse_dose(f"2 {unit.words}").unit is unit


@pytest.mark.parametrize(
    ("text", "ms_cm"),
    [
        ("0.6 EC", "0.6"), ("EC 0,6", "0.6"), ("1.4 mS/cm", "1.4"), ("1.4 dS/m", "1.4"),
        ("520 µS/cm", "0.52"), ("520 uS", "0.52"), ("CF 12", "1.2"), ("12 cf", "1.2"),
        ("350 ppm 500", "0.7"), ("350 ppm (500)", "0.7"), ("350 ppm @ 700", "0.5"),
        ("ppm 320 640", None), ("350 500 ppm", None),
    ],
)  # fmt: skip
def test_readings(text: str, ms_cm: str | None) -> None:
    if ms_cm is None:
        with pytest.raises(InputError):
            parse_reading(text)
    else:
        assert parse_reading(text).ms_cm == Fraction(ms_cm)


def test_the_growers_own_meter_settles_a_bare_number_and_bare_ppm() -> None:
    ppm = ReadingScale(ReadingUnit.PPM, 700)
    assert parse_reading("350", preferred=ppm).ms_cm == Fraction(1, 2)
    assert parse_reading("350 ppm", preferred=ppm).ms_cm == Fraction(1, 2)
    assert parse_reading("0.5", preferred=ReadingScale()).ms_cm == Fraction(1, 2)
    with refuses("ppm 640"):  # a pen in mS/cm says nothing about ppm
        parse_reading("350 ppm", preferred=ReadingScale())


@pytest.mark.parametrize(
    ("text", "pounds"),
    [("6.25 lb", "6.25"), ("6 lb 4 oz", "6.25"), ("7 lb 14 oz", "7.875"), ("8 oz", "0.5")],
)
def test_pounds_and_ounces_are_not_decimals(text: str, pounds: str) -> None:
    assert parse_weight(text).grams == Fraction(pounds) * Fraction("453.59237")
    assert parse_weight("0.2 kg").grams == parse_weight("200 g").grams == 200


@pytest.mark.parametrize(("text", "share"), [("80 %", "0.8"), ("80", "0.8"), ("2 %", "0.02")])
def test_strengths(text: str, share: str) -> None:
    assert parse_strength(text) == Fraction(share)


@pytest.mark.parametrize(
    ("read", "text", "code", "choices"),
    [
        (parse_volume, "20 gal", "ambiguous_gallon", ["gal US", "gal UK"]),
        (parse_volume, "20 us uk gal", "ambiguous_gallon", ["gal US", "gal UK"]),
        (parse_dose, "2 tsp/gal", "ambiguous_gallon", ["gal US", "gal UK"]),
        (parse_reading, "350 ppm", "ppm_without_scale", ["ppm 500", "ppm 640", "ppm 700"]),
        (parse_reading, "0.6", "unknown_unit", ["EC", "CF", "ppm 500"]),
        (parse_reading, "350 ppm 600", "unknown_unit", ["ppm 500"]),
        (parse_volume, "1,500 L", "ambiguous_number", ["1500", "1.500"]),
        (parse_strength, "0.8", "ambiguous_strength", ["80 %"]),
        (parse_strength, "2", "ambiguous_strength", ["200 %"]),
        (parse_weight, "6 lb 16 oz", "pounds_and_ounces", ["6.25 lb"]),
        (parse_weight, "6.5 lb 4 oz", "pounds_and_ounces", ["whole"]),
        (parse_volume, "", "empty", ["425 L"]),
        (parse_volume, "-5 L", "negative", ["below zero"]),
        (parse_volume, "5 pots", "unknown_unit", ["mL, L, gal US or gal UK"]),
        (parse_volume, "5-6 L", "range_not_allowed", ["one number"]),
        (parse_dose, "3-2 ml/l", "range_upside_down", ["low end first"]),
        (parse_dose, "3 ml", "unknown_unit", ["mL/L"]),
        (parse_volume, "1/0 L", "not_a_number", ["zero"]),
        (parse_volume, "1.2.3 L", "not_a_number", ["one decimal point"]),
        (parse_volume, "9" * 80, "too_long", []),
    ],
)  # fmt: skip
def test_what_is_refused_names_the_way_out(read, text, code, choices) -> None:  # type: ignore[no-untyped-def]
    with pytest.raises(InputError) as refused:
        read(text)
    assert refused.value.code == code
    assert all(choice in words_of(refused.value) for choice in choices)


def test_sixty_signs_may_be_typed() -> None:
    assert parse_volume(f"{'0' * 55}425 L").litres == 425
    with refuses("too long"):
        parse_volume(f"{'0' * 56}425 L")


@given(st.text(max_size=70))
def test_nothing_typed_raises_anything_else(text: str) -> None:
    for read in (parse_volume, parse_dose, parse_reading, parse_weight, parse_strength):
        try:
            read(text)
        except InputError as refused:
            assert words_of(refused)


@pytest.mark.parametrize(
    ("text", "litres"),
    [
        ("1,500,000 mL", 1500), ("1.234,5 L", Fraction(2469, 2)), ("1.500.000 ml", 1500),
        ("2 m3", 2000), ("1.5 m\u00b3", 1500), ("20 ltr", 20), ("750 cc", Fraction(3, 4)),
        ("500 mls", Fraction(1, 2)), ("3 US gal", GAL_US * 3), ("2 \u215c gal us", GAL_US * 19 / 8),
        ("1-1/2 gal us", GAL_US * 3 / 2), ("1\u20442 L", Fraction(1, 2)), ("\u215e l", Fraction(7, 8)),
    ],
)  # fmt: skip
def test_volumes_as_they_are_written_too(text: str, litres: Fraction) -> None:
    assert parse_volume(text).litres == litres


@pytest.mark.parametrize(
    ("text", "low", "high"),
    [("2\u20113 mL/L", 2, 3), ("2\u22123 ml/l", 2, 3), ("2\u20103 cc/L", 2, 3),
     ("1-1/2 tsp/gal us", "3/2", "3/2"), ("1\u20442-3\u20444 tsp/gal us", "1/2", "3/4"),
     ("\u215d tsp/gal us", "5/8", "5/8"), ("2 mls per l", 2, 2)],
)  # fmt: skip
def test_doses_with_the_signs_of_leaflets(text: str, low: str, high: str) -> None:
    typed = parse_dose(text)
    assert (typed.low, typed.high) == (Fraction(low), Fraction(high))


def test_readings_weights_and_strengths_as_they_are_written_too() -> None:
    assert parse_reading("EC: 1.2").ms_cm == Fraction("1.2")
    assert parse_reading("ec = 1,2").ms_cm == Fraction("1.2")
    assert parse_weight("7lb14oz") == parse_weight("7 lb, 14 oz") == parse_weight("7 lb 14 oz")
    assert parse_strength("80 per cent") == Fraction(4, 5)
    assert parse_strength("2.1") == Fraction(21, 1000)


@pytest.mark.parametrize(
    ("text", "code", "names"),
    [("1.200 uS", "ambiguous_number", ("1200", "1.2")),
     ("1.200 \u00b5S/cm", "ambiguous_number", ("1200", "1.2")),
     ("ppm 500 350", "ambiguous_reading", ("350 ppm 500",)),
     ("ppm 500 700", "ambiguous_reading", ("500 ppm 700", "700 ppm 500"))],
)  # fmt: skip
def test_a_reading_that_could_be_two_is_refused_with_both(
    text: str, code: str, names: tuple[str, ...]
) -> None:
    with pytest.raises(InputError) as refused:
        parse_reading(text, preferred=ReadingScale(ReadingUnit.PPM, 700))
    assert refused.value.code == code
    assert all(name in words_of(refused.value) for name in names)


@given(st.integers(1, 999), st.integers(0, 999), st.sampled_from([".", ","]))
def test_three_digits_behind_a_mark_are_decimals_to_who_writes_them_so_and_else_asked_about(
    whole: int, rest: int, mark: Literal[".", ","]
) -> None:
    other: Literal[".", ","] = "," if mark == "." else "."
    text = f"{whole}{mark}{rest:03} L"
    assert parse_volume(by_decimal_mark(text, mark)).litres == whole + Fraction(rest, 1000)
    with refuses(f"{whole}{rest:03} or {whole}{other}{rest:03}") as refused:
        by_decimal_mark(text, other)
    assert refused.value.code == "ambiguous_number"


@pytest.mark.parametrize("mark", [".", ","])
@pytest.mark.parametrize(
    "text", ["0.520", "0,520", "12.5", "12,5", "1.2345", "1 250", "1.250.000", "1,250.5", "1.250,5"]
)
def test_what_can_be_meant_in_one_way_is_left_as_it_is(text: str, mark: Literal[".", ","]) -> None:
    assert by_decimal_mark(text, mark) == text
