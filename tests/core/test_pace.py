"""What each pace asks of a person, and what it never cuts."""

from dataclasses import replace

import pytest

from core.chart import Role
from core.guided import (
    Ending,
    Event,
    EventKind,
    GuidedPlan,
    Pace,
    Step,
    StepKind,
    endings,
    guided_plan,
    replay,
)
from core.guided.pace import PRESS_S, effort, takes_s
from core.guided.steps import READ_STEPS
from core.planning import MixRequest, plan_mix
from core.quantities import Volume
from tests.core.mixes import F, chart, dose, ec, product, water

HARD = {Role.SILICA, Role.BASE, Role.PH_ADJUSTER}
"""Whose waits stay at any pace: common practice, written out a second time."""


ROWS = [
    product("sil", Role.SILICA), product("one", Role.BASE, rank=1, group="g"),
    product("two", Role.BASE, rank=2, group="g"), product("kelp", Role.ADDITIVE),
    product("boost", Role.BOOSTER), product("mud", Role.LIVE),
]  # fmt: skip


def six(*, split: bool = False) -> GuidedPlan:
    """Six products of five roles, two of them the base."""
    made = chart(ROWS, [dose(row.key, "1 mL/L") for row in ROWS], target=ec("1.2"))
    mix = MixRequest(made, "w1", Volume(F(100)), water=water("0.4"), split=split)
    return guided_plan(mix, plan_mix(mix))


def walked(plan: GuidedPlan) -> tuple[Step, ...]:
    """All steps of a mix in which everything is as planned."""
    events: list[Event] = []
    state = replay(plan, events)
    while state.now is not None:
        step = state.steps[state.now]
        figure, kind = None, EventKind.DONE
        if step.kind in READ_STEPS:
            middle = state.target and (state.target[0] + state.target[1]) / 2
            figure = {StepKind.READ_WATER: F("0.4"), StepKind.READ_TEMPERATURE: F(20),
                      StepKind.READ_PH: F("5.8")}.get(step.kind, middle or F("1.4"))  # fmt: skip
            kind = EventKind.READ
        elif step.amount is not None and step.kind is not StepKind.FILL:
            figure, kind = step.amount, EventKind.POURED
        events.append(
            Event(f"e{len(events):04}", float(len(events)), "wren", kind, step.id, figure)
        )
        state = replay(plan, events)
    return state.steps


@pytest.mark.parametrize("split", [False, True])
@pytest.mark.parametrize("pace", Pace)
def test_only_times_end_by_themselves_and_nothing_that_is_poured_or_read(
    pace: Pace, split: bool
) -> None:
    plan = six(split=split)
    steps = walked(plan)
    for step, following, ending in zip(
        steps, [*steps[1:], None], endings(plan, steps, pace), strict=True
    ):
        timed = step.kind in (StepKind.STIR, StepKind.WAIT)
        assert (ending in (Ending.ITSELF, Ending.CUT)) == (timed and pace is not Pace.FULL)
        if ending is Ending.WITH_NEXT:
            assert step.kind in (StepKind.SHAKE, StepKind.BOTTLES)
            assert following is not None
            assert following.kind in (StepKind.POUR, StepKind.GEAR)


def test_the_brisk_pace_keeps_every_wait_that_chemistry_or_a_reading_needs() -> None:
    plan = six(split=True)
    roles = {row.key: row.role for row in ROWS}
    steps = walked(plan)
    for step, following, ending in zip(
        steps, [*steps[1:], None], endings(plan, steps, Pace.BRISK), strict=True
    ):
        if step.kind is not StepKind.WAIT:
            assert ending is not Ending.CUT
            continue
        reads = following is not None and following.kind in READ_STEPS
        hard = step.pour is None or roles[plan.pours[step.pour].key] in HARD
        assert (ending is Ending.CUT) == (not reads and not hard), step.id


def test_six_products_at_the_usual_pace_take_at_most_twelve_presses() -> None:
    plan = six()
    steps = walked(plan)
    full, usual, brisk = (effort(plan, steps, pace) for pace in Pace)
    assert usual.presses <= 12 < full.presses / 2
    assert (usual.readings, usual.seconds) == (full.readings, full.seconds)
    assert brisk.presses == usual.presses
    assert brisk.seconds < usual.seconds


def test_a_step_takes_its_time_or_that_of_a_press_or_none() -> None:
    steps = walked(six())
    for pace in Pace:
        for step, ending in zip(steps, endings(six(), steps, pace), strict=True):
            expected = {Ending.CUT: 0, Ending.WITH_NEXT: 0}.get(ending, step.seconds or PRESS_S)
            assert takes_s(step, ending) == expected
    [stir] = [step for step in steps if step.id == "stir-1-sil"]
    assert takes_s(stir, Ending.PRESS) == takes_s(stir, Ending.ITSELF) == stir.seconds
    assert takes_s(replace(stir, seconds=0), Ending.PRESS) == 0


def test_a_plan_tells_what_it_takes_of_each_product_and_its_share() -> None:
    plan = six(split=True)
    assert [plan.takes(row.key) for row in ROWS] == [100] * 6
    assert plan.takes("none") == 0
    assert replay(plan, []).share_of_dose("one", F(150)) == F("1.5")
    assert replay(plan, []).share_of_dose("none", F(150)) is None


def test_a_time_that_one_lets_pass_and_another_cuts_is_no_conflict() -> None:
    plan = six()
    told = [Event("a", 1.0, "wren", EventKind.DONE, "stir-1-sil"), Event("b", 1.1, "knot", EventKind.SKIPPED, "stir-1-sil"),
            Event("c", 2.0, "wren", EventKind.DONE, "bottles"), Event("d", 2.1, "knot", EventKind.SKIPPED, "bottles")]  # fmt: skip
    assert [one.step for one in replay(plan, told).conflicts] == ["bottles"]
