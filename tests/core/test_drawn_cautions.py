"""Ordinary mixes, drawn: few cautions, and none of what is not the case."""

import pytest

from core.cautions import Severity
from core.planning import PourSheet, plan_mix
from core.practice.drawn import DrawnCase, draw_case, seeds_of
from core.water import Water
from core.water.source import HARD_CALCIUM_PPM, SALTY_CHLORIDE_PPM, SALTY_SODIUM_PPM
from tests.lanes import drawn

ORDINARY = {"labels": "all", "known": "report", "chart": "target", "stops": "answer"}
COUNT = drawn(60, 200)


@pytest.fixture(scope="module")
def mixes() -> list[tuple[DrawnCase, PourSheet]]:
    """Right water, right chart, whatever is in either; nothing is otherwise than it is believed."""
    right = [draw_case(seed) for seed in seeds_of(11, COUNT, {**ORDINARY, "fault": "none"})]
    return [(case, plan_mix(case.rehearsal.mix)) for case in right]


def test_an_ordinary_mix_has_a_caution_at_most(mixes: list[tuple[DrawnCase, PourSheet]]) -> None:
    ordinary = [sheet for case, sheet in mixes if case.traits["water"] not in ("salty", "acid")]
    told = [
        [one for one in sheet.cautions if one.severity is not Severity.NOTE] for sheet in ordinary
    ]
    assert sum(map(len, told)) <= len(ordinary)


def _true_water(case: DrawnCase) -> Water:
    water = case.rehearsal.truth.water
    assert water is not None
    return water


def test_no_caution_names_what_is_not_the_case(
    mixes: list[tuple[DrawnCase, PourSheet]],
) -> None:
    for case, sheet in mixes:
        report = _true_water(case).report
        told = {one.code: one for one in sheet.cautions}
        assert "water_unlike_report" not in told, case.seed
        assert "water_reads_high" not in told, case.seed  # the report tells what it is
        assert "chart_and_labels_differ" not in told, case.seed
        assert ("hard_water" in told) <= ((report.calcium or 0) > HARD_CALCIUM_PPM), case.seed
        if "salty_water" in told:
            assert case.traits["water"] == "salty", case.seed
        if (report.sodium or 0) > SALTY_SODIUM_PPM or (report.chloride or 0) > SALTY_CHLORIDE_PPM:
            assert "salty_water" in told, case.seed
        if "ph_above_window" in told:
            assert sheet.in_tank is not None
            assert sheet.in_tank.ph is not None
            assert sheet.in_tank.ph > float(sheet.ph.high), case.seed
            assert not case.rehearsal.mix.shelf.acids
        for code in ("dose_beyond_any_feed", "dose_unlike_chart", "tank_beyond_any_feed"):
            assert code not in told, case.seed


@pytest.mark.parametrize("known", ["part_of_a_report", "reading", "reading_alone"])
def test_what_is_not_known_of_a_water_is_not_said_of_it(known: str) -> None:
    for seed in seeds_of(12, drawn(12, 40), {"known": known, "blend": "no"}):
        case = draw_case(seed)
        if "other_water" in case.faults or "alkalinity" in case.faults:
            continue
        told = {one.code for one in plan_mix(case.rehearsal.mix).cautions}
        assert "water_unlike_report" not in told, seed
        if case.traits["water"] != "salty":
            assert "salty_water" not in told, seed
