"""The guided mix: any prefix of events is a state, devices converge, nothing is lost."""

import random
from dataclasses import replace
from fractions import Fraction

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from core.chart import Dose, Role
from core.errors import InputError
from core.guided import Event, EventKind, GuidedPlan, StepKind, StepStatus, record_of, replay
from core.guided.events import ABOUT_EVENTS, WITH_FIGURE, tell
from core.guided.step_lookup import kind_of_step, product_of_step
from core.planning import Shelf
from core.quantities import DoseUnit
from core.water import TargetConvention, Water
from tests.core.guided import MAINS, PLANS, RO, next_event, plan_for, whole
from tests.core.labels import acid_on_shelf, labelled
from tests.core.mixes import F, chart, dose, ec, pair, product, water
from tests.lanes import drawn


def test_a_mix_goes_from_the_water_to_the_cover() -> None:
    plan = PLANS[0]
    events = whole(plan)
    state = replay(plan, events)
    kinds = [step.kind for step in state.steps]
    assert kinds[:2] == [StepKind.FILL, StepKind.READ_WATER]
    assert kinds[2:5] == [StepKind.READ_TEMPERATURE, StepKind.BOTTLES, StepKind.GEAR]
    assert kinds[5:9] == [StepKind.SHAKE, StepKind.POUR, StepKind.STIR, StepKind.WAIT]
    assert kinds[-3:] == [StepKind.READ_EC, StepKind.READ_PH, StepKind.COVER]
    assert state.poured == {"one": 200, "two": 200}
    assert {step.status for step in state.steps} == {StepStatus.DONE}


@settings(max_examples=drawn(10, 40))
@given(st.sampled_from(PLANS), st.integers(0, 40), st.randoms())
def test_any_prefix_is_a_legal_state_and_any_order_comes_to_the_same(
    plan: GuidedPlan, length: int, chance: random.Random
) -> None:
    events = whole(plan)[:length]
    state = replay(plan, events)
    assert [step.status for step in state.steps].count(StepStatus.NOW) == (state.now is not None)
    if state.now is not None:
        assert all(step.status is not StepStatus.AHEAD for step in state.steps[: state.now])
        assert all(step.status is StepStatus.AHEAD for step in state.steps[state.now + 1 :])
    assert len({step.id for step in state.steps}) == len(state.steps)
    assert len([s for s in state.steps if s.status is StepStatus.DONE]) == len(events)
    heap = [*events, *chance.choices(events, k=5)] if events else []
    chance.shuffle(heap)
    assert replay(plan, heap) == state


def test_two_devices_on_one_step_are_a_conflict_shown_and_not_overwritten() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    poured = events[-1]
    assert poured.kind is EventKind.POURED
    other = Event("other", poured.at + 1, "tamsin", EventKind.POURED, poured.step, F(205))
    one, two = replay(plan, [*events, other]), replay(plan, [other, *reversed(events)])
    assert one == two
    [conflict] = one.conflicts
    assert (conflict.counts.by, conflict.other.by) == ("wren", "tamsin")
    assert one.poured == {"one": 200}
    # Both really happened: the first is corrected to the sum, the other taken back.
    settled = [*events, other, Event("fix", 99, "wren", EventKind.CORRECTED, figure=F(405), of=poured.id),
               Event("gone", 99, "wren", EventKind.UNDONE, of="other")]  # fmt: skip
    state = replay(plan, settled)
    assert (state.poured["one"], state.conflicts) == (405, ())


def test_back_one_takes_a_correction_back_before_what_it_corrected() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    fix = Event("fix", 60.0, "wren", EventKind.CORRECTED, figure=F(230), of=events[-1].id)
    corrected = replay(plan, [*events, fix])
    assert (corrected.undoable, corrected.poured["one"]) == ("fix", 230)
    back = Event("back", 61.0, "wren", EventKind.UNDONE, of="fix")
    state = replay(plan, [*events, fix, back])
    assert (state.undoable, state.poured["one"]) == (events[-1].id, 200)


@pytest.mark.parametrize(
    ("kind", "first", "second", "together"),
    [
        (EventKind.DONE, None, None, None),
        (EventKind.READ, "0.52", "0.52", None),
        (EventKind.READ, "0.52", "0.53", "differ"),
        (EventKind.POURED, "200", "200", "400"),
        (EventKind.POURED, "200", "14.5", "214.5"),
        (EventKind.POURED, "0", "14.5", "14.5"),
        (EventKind.POURED, "14.5", "0", "14.5"),
    ],
)
def test_two_who_say_the_same_agree_but_two_who_poured_may_both_have(
    kind: EventKind, first: str | None, second: str | None, together: str | None
) -> None:
    figures = [None if text is None else F(text) for text in (first, second)]
    told = [Event(f"e{at}", float(at), by, kind, "fill", figure)
            for at, (by, figure) in enumerate(zip(("wren", "tamsin"), figures, strict=True))]  # fmt: skip
    conflicts = replay(PLANS[0], told).conflicts
    assert bool(conflicts) is (together is not None)
    if kind is EventKind.POURED:
        assert conflicts[0].together == F(together or 0)
    elif conflicts:
        assert conflicts[0].together is None
    left_out = Event("no", 5.0, "tamsin", EventKind.SKIPPED, "fill")
    assert replay(PLANS[0], [told[0], left_out]).conflicts


def test_the_last_event_is_undone_and_the_undoing_too() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    back = Event("u1", 50, "wren", EventKind.UNDONE, of=replay(plan, events).undoable or "")
    assert replay(plan, [*events, back]) == replay(plan, events[:-1])
    for at in (51, 0):  # by whatever clock
        again = Event("u2", at, "wren", EventKind.UNDONE, of="u1")
        assert replay(plan, [*events, back, again]) == replay(plan, events)
        third = Event("u3", 1, "wren", EventKind.UNDONE, of="u2")
        assert replay(plan, [*events, back, again, third]) == replay(plan, events[:-1])


def test_if_one_part_was_overpoured_the_other_follows() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    wrong = Event("fix", 60, "wren", EventKind.CORRECTED, figure=F(230), of=events[-1].id)
    ahead = next(s for s in replay(plan, [*events, wrong]).steps if s.id == "pour-2-two")
    assert ahead.amount == 230
    rounded = Event("fix", 60, "wren", EventKind.CORRECTED, figure=F(202), of=events[-1].id)
    ahead = next(s for s in replay(plan, [*events, rounded]).steps if s.id == "pour-2-two")
    assert ahead.amount == 200  # a mark's breadth is no overpouring


def test_a_wait_counts_from_when_it_began_whatever_is_asleep() -> None:
    plan = PLANS[0]
    events = whole(plan)[:8]
    state = replay(plan, events)
    assert state.now is not None
    step = state.steps[state.now]
    assert (step.kind, step.seconds, step.due) == (StepKind.WAIT, 300, events[-1].at + 300)


@given(st.integers(0, 7), st.floats(-86_400, 86_400))
def test_no_clock_that_is_off_lets_a_wait_begin_before_what_it_follows(
    which: int, off: float
) -> None:
    plan = PLANS[0]
    events = whole(plan)[:8]
    latest = max(one.at for one in events[:-1])
    events[which] = replace(events[which], at=events[which].at + off)
    state = replay(plan, events)
    assert state.now is not None
    due = state.steps[state.now].due
    assert due is not None
    assert due >= latest + 300


def test_a_skipped_reading_ends_its_rounds() -> None:
    plan = PLANS[0]
    events: list[Event] = []
    while (state := replay(plan, events)).now is not None:
        step, number = state.steps[state.now], len(events)
        if step.kind in (StepKind.READ_EC, StepKind.READ_PH):
            events.append(Event(f"e{number}", number, "wren", EventKind.SKIPPED, step.id))
        else:
            events.append(next_event(state, number))
    assert [s.kind for s in state.steps if s.status is StepStatus.SKIPPED] == [
        StepKind.READ_EC, StepKind.READ_PH,
    ]  # fmt: skip


@pytest.mark.parametrize(
    "wrong",
    [
        {"kind": EventKind.READ, "step": "read-water"}, {"kind": EventKind.DONE, "step": "x", "figure": F(1)},
        {"kind": EventKind.POURED, "step": "x", "figure": F(-1)}, {"kind": EventKind.UNDONE, "step": "x"},
        {"kind": EventKind.READ, "step": "x", "figure": F(10**9)}, {"kind": EventKind.DONE},
        {"kind": EventKind.DONE, "step": "x", "of": "y"},
    ],
)  # fmt: skip
def test_events_that_cannot_be(wrong: dict[str, object]) -> None:
    with pytest.raises(InputError):
        Event("e", 0.0, "wren", **wrong)  # type: ignore[arg-type]


@st.composite
def heaps(draw: st.DrawFn) -> list[Event]:
    """Events about a few steps, with corrections and undoing of any of them, also of each other."""
    names = [f"e{number}" for number in range(draw(st.integers(0, 12)))]
    found = []
    for name in names:
        kind = draw(
            st.sampled_from([EventKind.DONE, EventKind.POURED, EventKind.SKIPPED, *ABOUT_EVENTS])
        )
        about = kind in ABOUT_EVENTS
        found.append(Event(
            name, float(draw(st.integers(0, 5))), draw(st.sampled_from(["wren", "tamsin"])), kind,
            "" if about else draw(st.sampled_from(["a", "b", "c"])),
            F(draw(st.integers(0, 9))) if kind in WITH_FIGURE else None,
            draw(st.sampled_from(names)) if about else "",
        ))  # fmt: skip
    return found


@given(heaps(), st.randoms())
def test_any_heap_comes_to_one_story_in_any_order_and_doubled(
    heap: list[Event], chance: random.Random
) -> None:
    told = tell(heap)
    mixed = [*heap, *heap[: len(heap) // 2]]
    chance.shuffle(mixed)
    assert tell(mixed) == told
    counted = [*told.first.values(), *told.others]
    assert len({event.id for event in counted}) == len(counted)
    assert {event.kind for event in counted}.isdisjoint(ABOUT_EVENTS)
    # Of one step the first that happened counts, and the last of all is the one to undo.
    for other in told.others:
        assert (told.first[other.step].at, told.first[other.step].id) < (other.at, other.id)
    assert (told.undoable is None) is not counted
    if told.undoable:
        back = Event("zz", 99.0, "wren", EventKind.UNDONE, of=told.undoable)
        assert tell([*heap, back]) != told


@given(heaps(), st.integers(0, 30))
def test_undoing_what_counts_leaves_the_rest_as_it_was(heap: list[Event], which: int) -> None:
    told = tell(heap)
    counted = [*told.first.values(), *told.others]
    if not counted:
        return
    gone = counted[which % len(counted)]
    back = Event("zz", 99.0, "wren", EventKind.UNDONE, of=gone.id)
    after = tell([*heap, back])
    assert {e.id for e in [*after.first.values(), *after.others]} == (
        {e.id for e in counted} - {gone.id}
    )
    for at in (100.0, 0.0):
        again = Event("zzz", at, "wren", EventKind.UNDONE, of="zz")
        assert tell([*heap, back, again]) == told


@given(heaps(), st.fractions(0, 100))
def test_the_last_correction_of_an_amount_is_the_one_that_counts(
    heap: list[Event], figure: Fraction
) -> None:
    for event in tell(heap).first.values():
        fix = Event("zz", 99.0, "wren", EventKind.CORRECTED, figure=figure, of=event.id)
        after = tell([*heap, fix]).first[event.step]
        assert after.figure == (figure if event.kind is EventKind.POURED else None)
        assert (after.id, after.at, after.by) == (event.id, event.at, event.by)


ORGANIC = product("one", Role.BASE, settles=True)
CHARTS = [
    pair(target=ec("1.4", "1.5")),
    pair("2-3 tsp/gal_us"),
    chart([ORGANIC], [Dose("one", "w1", F(7), F(7), DoseUnit.ML_PER_L, F(1))], target=ec("1")),
    chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F(1))]),
    chart([product("brew", Role.LIVE), *pair().products],
          [dose("brew", "1 mL/L"), *pair().doses], target=ec("0")),
]  # fmt: skip
ANY_PLAN = st.builds(
    lambda of, **fields: plan_for(fields.pop("source"), of=of, **fields),
    of=st.sampled_from(CHARTS),
    source=st.sampled_from([RO, MAINS, water("0.5"), Water()]),
    split=st.booleans(),
    convention=st.sampled_from([None, *TargetConvention]),
    shelf=st.sampled_from([labelled(acid_on_shelf()), Shelf()]),
)
FIGURES = st.one_of(
    st.sampled_from([F(0), F("0.52"), F("1.95"), F(7), F(14), F(200), F(10**7)]),
    st.fractions(0, 20, max_denominator=100),
)


@st.composite
def any_script(draw: st.DrawFn) -> tuple[GuidedPlan, list[Event]]:
    """A mix that goes any way at all: any event at its step, at another one, or about another."""
    plan = draw(ANY_PLAN)
    last = plan.pours[-1].key
    events: list[Event] = []
    for number in range(draw(st.integers(0, 25))):
        state = replay(plan, events)
        steps = [step.id for step in state.steps]
        at = state.now if state.now is not None and draw(st.integers(0, 5)) else None
        step = steps[at] if at is not None else draw(st.sampled_from([*steps, f"add-1-{last}"]))
        kind = draw(
            st.sampled_from(
                [EventKind.POURED, EventKind.READ, EventKind.DONE, EventKind.SKIPPED, *ABOUT_EVENTS]
            )
        )
        if kind in ABOUT_EVENTS and not events:
            kind = EventKind.READ
        about = kind in ABOUT_EVENTS
        events.append(Event(
            f"e{number}", float(draw(st.integers(number, number + 2))), "wren", kind,
            "" if about else step, draw(FIGURES) if kind in WITH_FIGURE else None,
            draw(st.sampled_from(events)).id if about else "",
        ))  # fmt: skip
    return plan, events


@settings(max_examples=drawn(30, 150), deadline=None)
@given(any_script())
def test_whatever_happens_a_mix_stands_somewhere_and_all_that_was_poured_counts(
    scripted: tuple[GuidedPlan, list[Event]],
) -> None:
    plan, events = scripted
    state = replay(plan, events)
    record = record_of(plan, state, events)
    first = tell(events).first
    ids = {step.id for step in state.steps}
    for event in first.values():
        kind = kind_of_step(plan, event.step)
        assert kind is not None
        if event.kind is EventKind.POURED and kind in (StepKind.POUR, StepKind.ADD):
            assert state.poured[product_of_step(plan, event.step) or ""] >= (event.figure or 0)
            assert event.step in ids or event in state.unplaced or not event.figure
    poured = sum(
        (event.figure or F(0)) for event in first.values()
        if kind_of_step(plan, event.step) in (StepKind.POUR, StepKind.ADD)
    )  # fmt: skip
    assert sum(state.poured.values()) == poured
    lines = sum(line.poured for line in record.lines if line.key in state.poured)
    assert lines == poured
    assert all(kind_of_step(plan, step.id) is step.kind for step in state.steps)


def test_what_was_added_by_a_reading_that_was_wrong_counts_all_the_same() -> None:
    plan = PLANS[0]
    events = [
        e for e in whole(plan) if e.at < next(x.at for x in whole(plan) if x.step == "read-ec-1")
    ]
    at = events[-1].at
    low = [replace(e, figure=F(170)) if e.step.startswith("pour-") else e for e in events]
    read = Event("read", at + 1, "wren", EventKind.READ, "read-ec-1", F("1.70"))
    added = Event("added", at + 2, "wren", EventKind.POURED, "add-1-one", F(99))
    fixed = Event("fixed", at + 3, "wren", EventKind.CORRECTED, figure=F("1.95"), of="read")
    state = replay(plan, [*low, read, added, fixed])
    assert "add-1-one" not in {step.id for step in state.steps}
    assert [event.id for event in state.unplaced] == ["added"]
    assert state.poured["one"] == 170 + 99
    assert {
        line.key: line.poured for line in record_of(plan, state, [*low, read, added, fixed]).lines
    }["one"] == 269
    # Somebody settles it: it was not poured after all.
    gone = Event("gone", at + 4, "wren", EventKind.UNDONE, of="added")
    assert replay(plan, [*low, read, added, fixed, gone]).unplaced == ()


@pytest.mark.parametrize(
    ("step", "kind"),
    [("pour-1-one", StepKind.POUR), ("pour-2-one", None), ("add-3-two", StepKind.ADD),
     ("add-1-three", None), ("read-ec-2", StepKind.READ_EC), ("read-ec-two", None),
     ("acid-1", StepKind.ACID), ("nonsense", None), ("pour-1-one-1", StepKind.POUR), ("", None)],
)  # fmt: skip
def test_a_step_that_no_mix_can_have_is_known(step: str, kind: StepKind | None) -> None:
    assert kind_of_step(PLANS[0], step) is kind


def test_stronger_water_that_is_left_as_it_is_ends_nothing() -> None:
    """Who leaves the advice out goes on; only water without any room for feed ends a mix."""
    plan = plan_for()
    events = [Event("a", 1, "wren", EventKind.DONE, "fill"),
              Event("b", 2, "wren", EventKind.READ, "read-water", F("0.95"))]  # fmt: skip
    state = replay(plan, events)
    assert state.now is not None
    step = state.steps[state.now]
    assert (step.kind, step.why) == (StepKind.ADVICE, "water_stronger")
    left = replay(plan, [*events, Event("c", 3, "wren", EventKind.SKIPPED, step.id)])
    assert {StepKind.POUR, StepKind.READ_EC} <= {step.kind for step in left.steps}
