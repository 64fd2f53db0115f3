"""Whole seasons, day by day, as a grower would write them on the wall.

Each `.read` in `seasons` was gone through by hand: columns by their printed days and what was
decided, fillings by their distance, each addition by its rule.
"""

from collections.abc import Iterator
from dataclasses import replace
from datetime import time, timedelta
from fractions import Fraction
from pathlib import Path

import pytest

from core.chart import Column, Role, Stage
from core.course import (
    Anchor,
    AnchorKind,
    Apart,
    ChangeOut,
    Course,
    CourseRequest,
    HappeningKind,
    MeterDue,
    Occasion,
    Programme,
    StrengthFrom,
    TaskKind,
    TimingRule,
    Wait,
    draw_course,
    plan_course,
)
from core.quantities import Reading, Spoons
from core.water import Disinfectant
from tests.core.courses import START, after, ask, chart
from tests.words import words_of

SEASONS = Path(__file__).parent / "seasons"
HAPPENED = HappeningKind


def mineral() -> CourseRequest:
    """Six weeks from seedling to harvest: rules of all kinds, chlorine, a flush, stock, meters."""
    of = chart(pours=("one", "glass", "mud"))
    return ask(
        chart=replace(of, columns=(*of.columns, Column("rinse", "Rinse", 7, Stage.FLUSH))),
        until=START + timedelta(days=60),
        strengths=(StrengthFrom(Fraction(1, 2)), StrengthFrom(Fraction(4, 5), column="w3"),
                   StrengthFrom(Fraction(1), from_day=25)),
        change_out=ChangeOut(every_days=10, with_each_column=True, plain_water_h=Fraction(12)),
        harvest=START + timedelta(days=45), flush_days=5,
        disinfectant=Disinfectant.CHLORINE, mix_at=time(7, 30), read_every_days=3,
        most_additions_a_day=1, stock_h=Fraction(36),
        rules=(
            TimingRule("glass", every_days=3, until_days_before_harvest=12),
            TimingRule("mud", occasion=Occasion.CHANGE_OUT, every_days=7, from_day=2),
            TimingRule("perox", every_days=9, from_day=4, apart_from=(Apart(3, role=Role.LIVE),)),
            TimingRule("tide", every_days=4, for_days=9, then_every_days=6,
                       only_stages=frozenset({Stage.FLOWER, Stage.RIPEN}),
                       begins=Anchor(AnchorKind.STAGE, "flower", 1),
                       ends=Anchor(AnchorKind.HARVEST, days=-2), is_foliar=True),
        ),
        meters=(MeterDue("EC pen", 14, START - timedelta(days=9)), MeterDue("pH pen", 30)),
    )  # fmt: skip


def decided() -> CourseRequest:
    """What growers decide: held, waited for a sign, set back, gone over to another chart."""
    other = chart((10, 10, 10), pours=("one", "tide"), name="Skerry")
    return ask(
        chart=chart((7, 7, None, 7, 7, 14), pours=("one", "glass")),
        until=START + timedelta(days=90), change_out=ChangeOut(after_litres=Fraction(40)),
        waits_for=(Wait("w2", "first roots"),), disinfectant=Disinfectant.CHLORAMINE,
        rules=(TimingRule("tide", occasion=Occasion.BETWEEN),
               TimingRule("mud", every_days=5, begins=Anchor(AnchorKind.SIGN, "first roots"))),
        happened=(
            after(3, HAPPENED.TOPPED_UP, litres=Fraction(4)),
            after(6, HAPPENED.TOPPED_UP, litres=Fraction(8)),
            after(8, HAPPENED.HOLD, days=2), after(12, HAPPENED.SIGN, sign="first roots"),
            after(20, HAPPENED.ADVANCE), after(23, HAPPENED.SET_BACK, column="w3"),
            after(30, HAPPENED.CHANGED_OUT), after(31, HAPPENED.ADDED, product="mud"),
            after(40, HAPPENED.SWITCH, chart=other, over_days=5),
        ),
    )  # fmt: skip


def living() -> CourseRequest:
    """A living tank that joins in the season's second week."""
    return ask(
        chart=chart((30, 60), pours=("one", "mud")), until=START + timedelta(days=120),
        programme=Programme.LIVING, disinfectant=Disinfectant.CHLORINE,
        filled_on=START + timedelta(days=9), read_every_days=14,
        rules=(TimingRule("perox", every_days=30),),
    )  # fmt: skip


ASKED = {"mineral": mineral, "decided": decided, "living": living}


def told(course: Course) -> Iterator[str]:
    """A course as its `.read` has it; days counted from the start."""
    for one in course.columns:
        start, end = course.dates(one)
        yield f"# {one.column.label} of {one.chart.name}: {start} to {end}{' …' * one.is_open}"
    for task in course.tasks:
        day = course.request.day(task.on)
        words = [f"{day:3}", f"{task.on:%d.%m.}", str(task.kind), *task.products]
        words += [f"{task.at:%H:%M}"] if task.at else []
        words += [f"{float(task.strength):.0%}"] if task.strength is not None else []
        words += [f"[{task.meter}]"] if task.meter else []
        words += [f"({', '.join(task.why)})", f"in {task.column}" if task.column else "in none"]
        words += [
            f"{one.product}: column {one.by_column}, rule {one.by_rule}" for one in task.differs
        ]
        yield " ".join(words)
    for conflict in course.conflicts:
        yield f"! {conflict.code} {' '.join(conflict.rules)}: {words_of(conflict)}"
    drawing = draw_course(course, Reading(Fraction("0.3")), Spoons.METRIC)
    for stroke in drawing.strokes:
        spans = ", ".join(f"{one.first}-{one.last} {one.share:.2f}" for one in stroke.spans)
        yield f"~ {stroke.product}: {spans} on {' '.join(map(str, stroke.days))}"


@pytest.mark.parametrize("name", ASKED)
def test_a_season_is_what_was_written_on_the_wall(name: str) -> None:
    lines = list(told(plan_course(ASKED[name]())))
    assert lines == (SEASONS / f"{name}.read").read_text().splitlines()


def test_every_kind_of_task_is_on_one_of_the_walls() -> None:
    kinds = {task.kind for make in ASKED.values() for task in plan_course(make()).tasks}
    assert kinds == set(TaskKind)
