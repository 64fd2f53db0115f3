"""Cautions: each names the risk, the reason and the way out, and stands by what it is about."""

import inspect

import pytest

from core import cautions
from core.cautions import Caution, Severity
from core.chart import Medium
from core.quantities import Reading, ReadingScale
from core.water import RoShares
from tests.core.mixes import F, water

ALL: list[Caution] = [
    cautions.water_not_read(),
    cautions.hard_water(water("0.6", calcium_ppm=F(90)), ReadingScale(), ("limpet",)),
    cautions.water_too_strong(
        Reading(F(1)), Reading(F("0.9")), RoShares(F("0.1"), F("0.7")), ReadingScale()
    ),
    cautions.water_too_strong(Reading(F(0)), Reading(F(0)), None, ReadingScale()),
    cautions.soil_chart_in_water(F(1)),
    cautions.soil_chart_in_water(F("0.4")),
    cautions.no_ph_window(Medium.WATER, cautions.PH_WINDOWS[Medium.WATER]),
    cautions.pair_unequal(("A", "B"), ("14 mL", "10 mL"), ("a", "b"), printed_so=False),
    cautions.pair_unequal(("A", "B"), ("14 mL", "none"), ("a", "b"), printed_so=True),
    cautions.strength_over_chart(F("1.5")),
    cautions.no_target_reading(),
    cautions.printed_order_changed(("Slip",), ("slip",)),
    cautions.chlorine_kills_live(("Mud",), ("mud",)),
    cautions.acid_into_water(("Down",), ("down",)),
    cautions.below_finest_mark("Drop", "drop"),
]


def test_none_is_forgotten_here() -> None:
    makers = {
        name
        for name, maker in inspect.getmembers(cautions, inspect.isfunction)
        if maker.__module__ == cautions.__name__ and not name.startswith("_")
    }
    assert {caution.code for caution in ALL} == makers


@pytest.mark.parametrize("caution", ALL, ids=lambda caution: caution.code)
def test_a_message_is_whole_sentences_that_fit_the_margin(caution: Caution) -> None:
    assert not caution.message[0].islower()
    assert caution.message.endswith(".")
    assert "_" not in caution.message
    assert "None" not in caution.message
    assert 40 < len(caution.message) < 260
    assert all(isinstance(value, str) for value in caution.values.values())


def test_what_can_hurt_someone_is_a_danger_and_says_how_to_stay_whole() -> None:
    acid = cautions.acid_into_water(("Down",), ("down",))
    assert acid.severity is Severity.DANGER
    for word in ("goggles", "gloves", "acid into water", "never the other way", "label"):
        assert word in acid.message


def test_figures_stand_beside_the_words() -> None:
    hard = cautions.hard_water(water("0.6", calcium_ppm=F(90)), ReadingScale(), ("limpet",))
    assert hard.values == {"ec": "0.6", "calcium_ppm": "90"}
    assert hard.products == ("limpet",)
    assert "cut the cal-mag" in hard.message
    assert "cal-mag" not in cautions.hard_water(water("0.6"), ReadingScale(), ()).message
