"""Drawn rehearsals: the space they cover, the laws that judge them, and the command."""

import json
from dataclasses import replace
from fractions import Fraction
from pathlib import Path
from typing import Any

import jsonschema
import pytest

from core.errors import InputError
from core.formats.practice.drawn import DrawnRecordDocument, DrawnReportDocument
from core.headless import main
from core.practice.drawn import (
    LAWS,
    DrawnCase,
    draw_case,
    judge_case,
    rehearse_drawn,
    seeds_of,
)
from core.practice.drawn.case import LABELS
from core.practice.drawn.charts import CHARTS
from core.practice.drawn.faults import FAULTS
from core.practice.drawn.waters import KNOWN, RECIPES
from tests.core.mixes import F

FORMATS = Path(__file__).parents[2] / "docs" / "formats"
MANY = 600


@pytest.fixture(scope="module")
def cases() -> list[DrawnCase]:
    return [draw_case(seed) for seed in range(MANY)]


def test_the_same_seed_draws_the_same_case(cases: list[DrawnCase]) -> None:
    for case in cases[:20]:
        assert draw_case(case.seed) == case


def test_every_kind_of_chart_water_label_and_fault_is_drawn(cases: list[DrawnCase]) -> None:
    drawn = {name: {case.traits[name] for case in cases} for name in cases[0].traits}
    assert drawn["chart"] == set(CHARTS)
    assert drawn["water"] == set(RECIPES)
    assert drawn["known"] == set(KNOWN)
    assert drawn["labels"] == set(LABELS)
    assert {fault for case in cases for fault in case.faults} == set(FAULTS)
    assert {len(case.faults) for case in cases} == {0, 1, 2, 3}
    litres = [float(case.rehearsal.mix.volume.litres) for case in cases]
    assert min(litres) < 5
    assert max(litres) > 5000


def test_waters_conduct_what_their_ions_do(cases: list[DrawnCase]) -> None:
    """Lime at 20 mg/L of calcium and 50 of alkalinity conducts about 0.1 mS/cm (limiting
    conductivities of the CRC Handbook, from memory); RO hardly anything."""
    for case in cases[:100]:
        water = case.rehearsal.truth.water
        if "other_water" in case.faults:
            continue
        assert water is not None
        assert water.reading is not None
        kind = case.traits["water"]
        ceiling = {"ro": 0.06, "soft": 0.2, "mains": 0.7, "hard": 1.2, "acid": 0.35}
        assert 0 < float(water.reading.ms_cm) <= ceiling.get(kind, 3.0), case.seed


def _case_like(**wanted: str) -> DrawnCase:
    return draw_case(next(seeds_of(7, 1, wanted)))


def test_a_right_mix_of_each_kind_breaks_no_law() -> None:
    for chart in CHARTS:
        judged = [
            judge_case(draw_case(seed))
            for seed in seeds_of(3, 4, {"chart": chart, "stops": "answer", "fault": "none"})
        ]
        assert [one.broken for one in judged if one] == [() for one in judged if one]


def _swamped(case: DrawnCase, **truth: Any) -> DrawnCase:
    return replace(
        case, rehearsal=replace(case.rehearsal, truth=replace(case.rehearsal.truth, **truth))
    )


def test_laws_are_broken_by_tanks_that_are_burnt() -> None:
    """A pen that shows a right mix while every bottle is far too strong hides it, and is counted
    as hidden; the same without a reading that fits is broken or said."""
    case = _case_like(chart="target", labels="all", convention="on_top", stops="answer",
                      water="ro", ph_by="pen", blend="no")  # fmt: skip
    keys = [product.key for product in case.rehearsal.mix.chart.products]
    strong = _swamped(case, bottles=dict.fromkeys(keys, F(2)))
    pen = replace(strong.rehearsal.ec_pen, gain=Fraction(1, 2))
    judged = judge_case(replace(strong, rehearsal=replace(strong.rehearsal, ec_pen=pen)))
    assert judged is not None
    assert judged.hidden == ("ec_off_is_said",)
    assert judged.record.ec_high > 1.5 * judged.aim_ec


def test_a_report_counts_what_broke_each_law_and_names_the_seeds() -> None:
    report = DrawnReportDocument.of(rehearse_drawn(6, 2, {"chart": "target"}))
    assert report.runs == 6
    assert [one.law for one in report.laws] == list(LAWS)
    for law in report.laws:
        assert law.broken == len(law.seeds)
        for seed in law.seeds:
            judged = judge_case(draw_case(seed))
            assert judged is not None
            assert law.law in judged.broken


def test_the_command_prints_a_report_and_one_record(capsys: pytest.CaptureFixture[str]) -> None:
    assert main(["rehearse", "--drawn=2", "--seed=5", "--where=water=hard", "--workers=1"]) == 0
    report = json.loads(capsys.readouterr().out)
    schema = json.loads((FORMATS / "drawn-rehearsals.schema.json").read_text())
    for one in (report, json.loads((FORMATS / "drawn-rehearsals.example.json").read_text())):
        jsonschema.Draft202012Validator(schema).validate(one)
    [seed, _] = list(seeds_of(5, 2, {"water": "hard"}))
    assert main(["rehearse", f"--only={seed}"]) == 0
    record = json.loads(capsys.readouterr().out)
    jsonschema.validate(record, DrawnRecordDocument.model_json_schema())
    assert record["traits"]["water"] == "hard"
    assert record["record"]["steps"]


@pytest.mark.parametrize(
    ("wish", "code"), [("chart", "not_a_wish"), ("chart=leaflet", "no_such_case")]
)
def test_a_wish_that_cannot_be_is_told(
    wish: str, code: str, capsys: pytest.CaptureFixture[str]
) -> None:
    assert main(["rehearse", "--drawn=1", f"--where={wish}"]) == 2
    assert json.loads(capsys.readouterr().err)["error"]["code"] == code


def test_a_case_that_cannot_be_drawn_at_all_is_told() -> None:
    with pytest.raises(InputError):
        list(seeds_of(1, 1, {"chart": "leaflet"}))
