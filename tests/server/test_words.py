"""Every code that the rules answer with has its words in the interface."""

import re
from pathlib import Path

import pytest

import core
from core.chart.roles import ROLES
from core.chemistry import Doubt, Element, Mineral
from core.guided import causes_of
from core.guided.ec.steering import Verdict
from core.guided.ph.assistant import Advice
from core.guided.readings.causes import CAUSES, OFFERED
from core.order import rules as order_rules
from core.planning.doses import WhyLeftOut
from core.planning.expected import RestsOn
from server.charts.models import ChartVersion
from server.demo.scenario import _TANKS
from server.tanks.models import Tank, WaterSource
from tests.server.conftest import Yard
from tests.server.test_storage import stored

ROOT = Path(__file__).parents[2]
WORDS = (ROOT / "web" / "src" / "words" / "planning.ts").read_text()
BENCH_WORDS = (ROOT / "web" / "src" / "words" / "guided.ts").read_text()
CORE = Path(core.__file__).parent


def worded(table: str, words: str = WORDS) -> set[str]:
    """The keys of a table in words.ts."""
    body = words.partition(f"export const {table}")[2].partition("};")[0]
    return set(re.findall(r"^  (\w+):", body, re.MULTILINE))


def test_every_reason_for_a_place_is_worded() -> None:
    codes = {facts.reason for facts in ROLES.values()}
    codes |= {rule.code for rule in order_rules.HARD_RULES}
    source = (CORE / "order" / "__init__.py").read_text()
    codes |= set(re.findall(r'(?:return|why\.append\(|_LABEL =)\s*"([a-z]+_[a-z_]+)"', source))
    codes |= set(re.findall(r'"(live\w+)"', source))
    assert {code for code in codes if code} <= worded("WHY")


def test_every_reason_for_leaving_out_is_worded() -> None:
    assert {why.value for why in WhyLeftOut} == worded("LEFT_OUT")


def test_whatever_chemistry_answers_with_is_worded() -> None:
    assert {doubt.value for doubt in Doubt} == worded("DOUBTS")
    assert {mineral.value for mineral in Mineral} == worded("MINERALS")
    assert {basis.value for basis in RestsOn} == worded("RESTS_ON")
    acids = set(re.findall(r'"(acid_\w+)"', (CORE / "planning" / "tank.py").read_text()))
    assert acids == worded("ACID_WHY")
    assert {element.value for element in Element} == worded("ELEMENTS")


def test_every_advice_at_the_bench_is_worded_and_so_are_its_causes() -> None:
    advised = set(Advice) - {Advice.RIGHT, Advice.ACID, Advice.ALKALI}
    judged = set(Verdict) - {Verdict.RIGHT, Verdict.WEAK, Verdict.STRONG}
    assert {code.value for code in advised | judged} == worded("ADVICE", BENCH_WORDS)
    told = {cause for code in advised | judged for cause in causes_of(code)}
    assert {*CAUSES, *told} == worded("CAUSES", BENCH_WORDS)
    assert worded("PAST", BENCH_WORDS) == OFFERED


@pytest.mark.parametrize("tank", [row[0] for row in _TANKS])
def test_the_demo_plans_whatever_one_chooses(yard: Yard, tank: str) -> None:
    """Every tank with every chart, column, water and convention gives a sheet that the words cover."""
    own = Tank.objects.get(grow=yard.grow, name=tank)
    why = worded("WHY")
    for version in ChartVersion.objects.filter(grow=yard.grow):
        for number, column in enumerate(stored(version).chart.columns):
            convention = ["on_top", "all_in", "doses_only"][number % 3]
            water = WaterSource.objects.filter(grow=yard.grow)[number % 4]
            status, answer = yard.plan(
                tank=own.pk, version_id=version.pk, column=column.key, water=water.pk,
                volume=f"{own.litres} L", reading=str(water.last_ec), convention=convention,
                split=number % 2 == 0, hard_forms=number % 3 == 0,
            )  # fmt: skip
            assert status == 200
            for pour in answer["sheet"]["pours"]:
                assert set(pour["why"]) <= why
            assert all(warning["title"] for warning in answer["sheet"]["warnings"])
