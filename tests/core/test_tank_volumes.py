"""Volumes as people say them of a tank: understood, or asked about; never taken for litres."""

from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.errors import InputError
from core.quantities import TankMeant, Volume, VolumeUnit, parse_tank_volume, parse_volume
from core.tanks import Box, Channel, Part, volume_at_mark

TUB = Part("Tub", Box(100, 50, 60), 45)
RUN = Part("Run", Channel(1000, 10, 8), 1, is_film=True)
TANK = TankMeant(Volume(Fraction(225)), lambda level: volume_at_mark([TUB], level))


def litres(text: str, tank: TankMeant | None = TANK) -> Fraction:
    return parse_tank_volume(text, gallon="us", unit=VolumeUnit.L, tank=tank).litres


@pytest.mark.parametrize(
    ("text", "meant"),
    [
        ("half", "112.5"), ("half the tank", "112.5"), ("half full", "112.5"), ("a half", "112.5"),
        ("2/3 of the tank", "150"), ("⅔ of my reservoir", "150"), ("two thirds", "150"),
        ("2 thirds of the tank", "150"), ("0.5 tank", "112.5"), ("50 %", "112.5"),
        ("60% full", "135"), ("fill to half", "112.5"), ("three quarters full", "168.75"),
        ("full", "225"), ("the whole tank", "225"), ("Full Tank", "225"),
        # 100 by 50 cm: each cm is 5 L
        ("to the 40 cm mark", "200"), ("40 cm", "200"), ("up to 400 mm", "200"),
        ("10 in", "127"), ("10 inch mark", "127"),
        ("90", "90"), ("90 L", "90"), ("1 1/2 gal", "5.678117676"), ("0.7 L", "0.7"), ("1/2 gal", "1.892705892"),
    ],
)  # fmt: skip
def test_what_a_person_means_is_understood(text: str, meant: str) -> None:
    assert litres(text) == Fraction(meant)


@pytest.mark.parametrize(
    ("text", "why"),
    [
        ("2/3", "bare"), ("0.7", "bare"), ("1/2", "bare"), ("top up 15 L", "added"), ("add 15 L", "added"),
        ("15 L more", "added"), ("+ 15 L", "added"), ("150 %", "beyond"), ("0 %", "beyond"),
        ("5 thirds", None), ("half a glass", None), ("0 cm", None), ("70 cm", None),
        ("40 cm and a bit", None),
    ],
)  # fmt: skip
def test_what_may_be_two_things_is_asked(text: str, why: str | None) -> None:
    with pytest.raises(InputError) as error:
        litres(text)
    if why:
        assert error.value.message.id == f"volume_unclear.{why}"


def test_without_a_tank_or_its_shape_it_is_asked_for() -> None:
    for text, why in (
        ("half", "no_tank"),
        ("60 %", "no_tank"),
        ("2/3", "small"),
        ("40 cm", "no_shape"),
    ):
        with pytest.raises(InputError) as error:
            litres(text, None)
        assert error.value.message.id == f"volume_unclear.{why}"
    with pytest.raises(InputError):
        litres("40 cm", TankMeant(Volume(Fraction(90))))


def test_what_is_joined_keeps_its_own_level_and_two_tubs_have_no_one_mark() -> None:
    alone = volume_at_mark([TUB], Fraction(40)).litres
    assert volume_at_mark([TUB, RUN], Fraction(40)).litres > alone == 200
    with pytest.raises(InputError):
        volume_at_mark([TUB, TUB], Fraction(40))
    with pytest.raises(InputError):
        volume_at_mark([TUB], Fraction(61))  # above the rim


@given(st.text(st.sampled_from("0123456789./ ½halfthirdtnkcmLgqu%+"), min_size=1, max_size=12))
def test_whatever_is_a_volume_without_a_tank_is_the_same_with_one_or_is_asked(text: str) -> None:
    """No text that is litres becomes a share, and no share becomes litres."""
    try:
        plain = parse_volume(text, gallon="us", unit=VolumeUnit.L).litres
    except InputError:
        plain = None
    try:
        meant = litres(text)
    except InputError:
        return
    assert meant > 0
    if plain is not None:
        assert meant == plain
        assert plain >= 1 or any(letter.isalpha() for letter in text)
    else:
        assert meant <= 225 or "cm" in text
