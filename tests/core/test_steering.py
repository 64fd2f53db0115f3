"""What readings of EC make of a guided mix."""

from collections import Counter
from dataclasses import replace
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Dose, Role
from core.quantities import DoseUnit
from core.session import BenchPlan, Event, Kind, State, StepKind, follow
from core.session.ph import Advice
from core.session.portions import portion_until
from core.session.steering import Slope, Verdict, correct, second_pour
from core.session.steps import Status
from core.water import School, Water
from tests.core.guided import PLANS, READS, next_event, plan_for, whole
from tests.core.labels import labelled
from tests.core.mixes import F, chart, ec, product


def test_the_second_pour_follows_from_what_the_first_was_worth() -> None:
    first, doses = {"one": F(80), "two": F(80)}, {"one": F(100), "two": F(100)}
    fair, weak = Slope(F("0.8"), F("0.8")), Slope(F("0.6"), F("0.8"))
    rest = second_pour(first, doses, slope=fair, room=F("0.2"))
    assert (rest.amounts, rest.capped) == ({"one": 20, "two": 20}, False)
    assert second_pour(first, doses, slope=fair, room=F("0.1")).amounts == {"one": 10, "two": 10}
    capped = second_pour(first, doses, slope=weak, room=F("0.4"))
    assert capped.capped
    assert capped.amounts == {"one": 20, "two": 20}  # printed dose × strength is the cap
    assert capped.beyond == {"one": F(160, 3), "two": F(160, 3)}
    assert weak.is_odd  # by a quarter
    assert not fair.is_odd


@given(
    doses=st.lists(st.integers(1, 500), min_size=1, max_size=4),
    off=st.lists(st.fractions(F("0.5"), F("1.5")), min_size=4, max_size=4),
    measured=st.fractions(F("0.1"), F(2)),
    room=st.fractions(F(-1), F(2)),
)
def test_the_second_pour_keeps_to_the_cap_and_mends_the_ratio(
    doses: list[int], off: list[Fraction], measured: Fraction, room: Fraction
) -> None:
    printed = {str(at): F(dose) for at, dose in enumerate(doses)}
    first = {part: dose * F("0.8") * off[int(part)] for part, dose in printed.items()}
    rest = second_pour(first, printed, slope=Slope(measured, F(1)), room=room)
    shares = {part: (first[part] + rest.amounts[part]) / printed[part] for part in printed}
    for part, share in shares.items():
        assert share <= 1 or rest.amounts[part] == 0  # never past printed dose × strength
    grown = {shares[part] for part in printed if rest.amounts[part] > 0}
    assert len(grown) <= 1  # all that is poured ends in the chart's ratio
    assert all(rest.beyond[part] >= rest.amounts[part] for part in rest.beyond)


def test_too_much_of_a_base_part_shows_the_ways_out() -> None:
    plan = PLANS[0]
    one = next(p for p in plan.pours if p.base)
    told = whole(plan)
    at = next(i for i, e in enumerate(told) if e.step.startswith("pour-") and one.key in e.step)
    told[at] = Event("much", told[at].at, "wren", Kind.POURED, told[at].step, F(300))
    way = follow(plan, told[: at + 1]).way_out
    assert way is not None
    assert (way.poured, way.planned) == (300, 200)
    assert way.dilute_to == 150  # 100 L × 300 / 200
    assert plan.target is not None
    assert way.accept_at is not None
    assert way.accept_at > plan.target[1]
    assert follow(plan, whole(plan)).way_out is None


def test_too_strong_and_too_weak() -> None:
    tank = {"low": F("1.4"), "high": F("1.6"), "source": F("0.5"), "litres": F(80),
            "poured": {"one": F(100), "two": F(50)}, "resolution": F("0.01")}  # fmt: skip
    strong = correct(F(2), rise=F("1.5"), **tank)  # type: ignore[arg-type]
    # V × (reading − target) / (reading − source), common practice.
    assert (strong.verdict, strong.drain_l) == (Verdict.STRONG, F(80) * F("0.5") / F("1.5"))
    weak = correct(F("1.3"), rise=F("0.8"), **tank)  # type: ignore[arg-type]
    assert weak.add == {"one": 25, "two": F("12.5")}
    for right in ("1.39", "1.5", "1.61"):
        assert correct(F(right), rise=F(1), **tank).verdict is Verdict.RIGHT  # type: ignore[arg-type]


def test_what_is_poured_until_a_reading_is_sneaked_up_on() -> None:
    none = {"litres": F(90), "poured": F(0), "rise": F(0)}
    assert portion_until(estimate=F(700), room=F(1), **none) == 420
    assert portion_until(estimate=None, room=F(1), **none) == F("13.5")
    second = portion_until(
        estimate=F(700), litres=F(90), poured=F(420), rise=F("0.6"), room=F("0.4")
    )
    assert second == 252  # 0.9 of the 280 that are left
    assert portion_until(estimate=F(700), litres=F(90), poured=F(9), rise=F(1), room=F(0)) == 0


def test_a_reading_that_does_not_rise_stops_the_pouring() -> None:
    at = {"estimate": F(700), "litres": F(90)}
    assert portion_until(**at, poured=F(420), rise=F(0), room=F(1)) == 280  # the rest of it
    assert portion_until(**at, poured=F(700), rise=F("0.2"), room=F("0.8")) == 0
    assert portion_until(**at, poured=F(698), rise=F(0), room=F(1)) == 0  # by a mark's breadth
    assert portion_until(**at, poured=F(700), rise=F("0.5"), room=F("0.5")) == 630
    # A rise that a pen can hardly tell makes no giant portion.
    assert portion_until(**at, poured=F(420), rise=F("0.02"), room=F("0.98")) == 700
    unknown = {"estimate": None, "litres": F(100)}
    assert portion_until(**unknown, poured=F(15), rise=F(0), room=F(1)) == 15  # as much again
    assert portion_until(**unknown, poured=F(15), rise=F("0.02"), room=F("0.98")) == 60


def test_a_feed_that_does_nothing_is_not_poured_on_and_its_causes_are_told() -> None:
    told = Dose("one", "w1", F("7.8"), F("7.8"), DoseUnit.ML_PER_L, F(1))
    plan = plan_for(of=chart([product("one", Role.BASE)], [told]), shelf=labelled())
    state = told_until(plan, ["0.52"] * 9)
    assert [s.kind for s in state.steps if s.pour == 0][-1] is StepKind.ADVICE
    assert state.poured["one"] == 780  # the chart's estimate for 100 L, and no more
    assert state.slope is not None
    assert (state.slope.off, state.slope.is_odd) == (-1, True)


def test_an_organic_feed_is_sneaked_up_on_in_the_guided_mix() -> None:
    of = chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F(1))], target=ec("1"))
    plan = plan_for(of=of, shelf=labelled())
    events: list[Event] = []
    tank = F("0.52")
    while (state := follow(plan, events)).now is not None:
        step = state.steps[state.now]
        if step.kind is StepKind.POUR:
            assert step.amount is not None
            tank += step.amount / 40  # 40 mL are worth 1 mS/cm in this tank
        reads = {**READS, StepKind.READ_EC: str(round(tank, 2)), StepKind.READ_PH: "4.9"}
        events.append(next_event(state, len(events), reads))
    assert F("1.50") <= round(tank, 2) <= F("1.53")
    assert state.assistance is not None
    assert state.assistance.advice is Advice.WAIT_SETTLING  # it settles by itself


def test_what_went_past_the_reading_is_thinned_until_it_is_right() -> None:
    of = chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F(1))])
    plan = plan_for(of=of, shelf=labelled())

    def told(*reads: str) -> list[Event]:
        events, left = [], list(reads)
        while (state := follow(plan, events)).now is not None:
            step = state.steps[state.now]
            if step.kind is StepKind.READ_EC and not left:
                return events
            read = left.pop(0) if step.kind is StepKind.READ_EC else "0"
            events.append(next_event(state, len(events), {**READS, StepKind.READ_EC: read}))
        return events

    state = follow(plan, told("2.02"))
    [drain] = [step for step in state.steps if step.kind is StepKind.DRAIN]
    # V × (reading − target) / (reading − source), common practice: 100 × 0.5 / 1.5 L.
    assert drain.amount == F(100, 3)
    assert state.correction is not None
    assert state.correction.verdict is Verdict.STRONG
    thinned = follow(plan, told("2.02", "1.52"))
    assert [s.kind for s in thinned.steps].count(StepKind.DRAIN) == 1
    # Too much was drained: what follows is a portion by what the product did so far.
    weak = follow(plan, told("2.02", "1.40"))
    first, portion = [s.amount for s in weak.steps if s.kind is StepKind.POUR]
    assert first is not None
    left = first * F(2, 3)
    assert portion == left / (F("1.40") - F("0.52")) * F("0.12") * F("0.9")
    upto = next(at for at, event in enumerate(told("2.02")) if event.step == drain.id)
    left_so = follow(plan, [*told("2.02")[:upto], Event("no", 90, "wren", Kind.SKIPPED, drain.id)])
    assert left_so.ec == F("2.02")
    assert [s.kind for s in left_so.steps].count(StepKind.READ_EC) == 1


def test_nothing_is_poured_towards_a_reading_that_is_there_already() -> None:
    of = chart([product("one", Role.BASE)], [Dose("one", "w1", until_ec=F(0))])
    kinds = {step.kind for step in follow(plan_for(of=of, shelf=labelled()), []).steps}
    assert StepKind.POUR not in kinds


def read_water(plan: BenchPlan, reading: str) -> State:
    reads = {**READS, StepKind.READ_WATER: reading}
    events = [next_event(follow(plan, []), 0)]
    return follow(plan, [*events, next_event(follow(plan, events), 1, reads)])


def test_a_target_on_top_follows_the_water_that_is_in_the_tank() -> None:
    """Chart 1.4 to 1.5 on water at 0.82 reads 2.22 to 2.32: common practice, as 0.8 on 0.5."""
    on_top = read_water(plan_for(), "0.82")
    assert on_top.target == (F("2.22"), F("2.32"))
    assert on_top.water_off == F("0.3")
    total = read_water(plan_for(school=School.ALL_IN), "0.82")
    assert total.target == (F("1.4"), F("1.5"))
    same = read_water(plan_for(), "0.6")
    assert (same.target, same.water_off) == ((F("2.00"), F("2.10")), None)
    assert read_water(plan_for(school=School.DOSES_ONLY), "0.82").target is None
    unread = plan_for(Water())
    assert (unread.target, read_water(unread, "0.3").target) == (None, (F("1.7"), F("1.8")))


readings = st.fractions(F("0.6"), F(6), max_denominator=1000)


@given(readings, st.fractions(F("0.7"), F(3), max_denominator=100), st.fractions(F(0), F("0.5")))
def test_draining_by_the_litres_it_says_comes_out_at_the_target(
    reading: Fraction, aim: Fraction, source: Fraction
) -> None:
    """By mass balance: what is drained takes its salt along, what is filled in brings its own."""
    litres = F(250)
    said = correct(
        reading, low=aim, high=aim, source=source, litres=litres, poured={},
        rise=reading - source, resolution=F("0.01"),
    )  # fmt: skip
    if said.verdict is Verdict.STRONG:
        left = reading * (litres - said.drain_l) + source * said.drain_l
        assert left / litres == aim
        assert 0 < said.drain_l <= litres
    else:
        assert said.drain_l == 0


@given(readings, st.fractions(F("0.7"), F(3), max_denominator=100), st.fractions(F(0), F("0.5")))
def test_adding_what_it_says_comes_out_at_the_target_and_keeps_the_ratio(
    reading: Fraction, aim: Fraction, source: Fraction
) -> None:
    poured = {"one": F(90), "two": F(45)}
    said = correct(
        reading, low=aim, high=aim, source=source, litres=F(250), poured=poured,
        rise=reading - source, resolution=F("0.01"),
    )  # fmt: skip
    if said.verdict is not Verdict.WEAK:
        assert said.add is None
        return
    assert said.add is not None
    assert said.add["one"] == 2 * said.add["two"]
    per_ml = (reading - source) / 135
    assert reading + per_ml * sum(said.add.values()) == aim


@pytest.mark.parametrize(("reading", "source"), [("2.0", "2.0"), ("1.5", "1.6"), ("3.0", "1.2")])
def test_no_draining_helps_against_a_water_stronger_than_the_target(
    reading: str, source: str
) -> None:
    said = correct(F(reading), low=F(1), high=F(1), source=F(source), litres=F(80), poured={},
                   rise=F(reading) - F(source), resolution=F("0.01"))  # fmt: skip
    assert (said.verdict, said.drain_l) == (Verdict.WATER_TOO_STRONG, 0)


@given(
    worth=st.fractions(F("0.3"), F(3), max_denominator=50),
    estimate=st.none() | st.just(F(100)),
)
def test_sneaking_up_never_passes_the_reading_and_gets_there(
    worth: Fraction, estimate: Fraction | None
) -> None:
    """Whatever a product is worth, so long as the chart's estimate is not over half too high."""
    litres, wanted = F(100), F(1)
    true_whole = worth * 100  # mL for 1 mS/cm
    if true_whole < (16 if estimate is None else 60):
        return
    poured, portions = F(0), 0
    while wanted - poured / true_whole > F("0.01"):
        rise = poured / true_whole
        poured += portion_until(
            estimate=estimate, litres=litres, poured=poured, rise=rise, room=wanted - rise
        )
        portions += 1
        assert poured <= true_whole
    assert portions <= 5


def told_until(plan: BenchPlan, ecs: list[str]) -> State:
    """Follow the screen while there are readings of EC to give."""
    events: list[Event] = []
    while (state := follow(plan, events)).now is not None:
        kind = state.steps[state.now].kind
        if kind is StepKind.READ_EC and not ecs:
            return state
        ec = ecs.pop(0) if kind is StepKind.READ_EC else "0"
        events.append(next_event(state, len(events), {**READS, StepKind.READ_EC: ec}))
    return state


def test_a_weak_tank_is_read_again_until_it_is_right() -> None:
    plan = PLANS[0]
    state = told_until(plan, ["1.50", "1.75"])
    adds = [step for step in state.steps if step.kind is StepKind.ADD]
    # 200 mL brought 0.98; 0.47 are wanted; then 1.23 by what is in it, and 0.22.
    first = F(200) * F("0.47") / F("0.98")
    second = (200 + first) * F("0.22") / F("1.23")
    assert [step.amount for step in adds] == [first, first, second, second]
    assert [step.id for step in adds] == ["add-1-one", "add-1-two", "add-2-one", "add-2-two"]
    assert state.poured["one"] == 200 + first + second


def test_one_part_alone_is_added_by_leaving_the_other_out() -> None:
    plan = PLANS[0]
    events: list[Event] = []
    while True:
        state = follow(plan, events)
        assert state.now is not None
        step = state.steps[state.now]
        if step.id == "add-1-two":
            break
        reads = {**READS, StepKind.READ_EC: "1.50"}
        events.append(next_event(state, len(events), reads))
    left_out = [*events, Event("no", 500, "wren", Kind.SKIPPED, "add-1-two")]
    state = follow(plan, left_out)
    assert state.now is not None
    assert state.steps[state.now].id == "settle-1"  # it is read again all the same
    both = [e for e in events if e.step != "add-1-one"]
    both += [Event("a", 499, "wren", Kind.SKIPPED, "add-1-one"), left_out[-1]]
    state = follow(plan, both)
    assert state.now is not None
    assert state.steps[state.now].kind is StepKind.READ_PH  # the reading is accepted as it is


def test_what_was_drained_counts_as_gone_where_more_is_added_later() -> None:
    state = told_until(PLANS[0], ["2.40", "1.50"])
    [drain] = [step for step in state.steps if step.kind is StepKind.DRAIN]
    assert drain.amount is not None
    kept = 200 * (1 - drain.amount / 100)
    add = next(step for step in state.steps if step.kind is StepKind.ADD)
    assert add.amount == kept * F("0.47") / F("0.98")


def kinds_of(state: State) -> Counter[StepKind]:
    return Counter(step.kind for step in state.steps)


@pytest.mark.parametrize("dead", ["0", "0.52", "0.60"])
def test_nothing_is_added_by_a_reading_that_did_not_rise_with_the_feed(dead: str) -> None:
    """A pen beside the tank, or out of order: whatever it asks for would be poured blindly."""
    state = told_until(PLANS[0], [dead])
    advice = next(step for step in state.steps if step.kind is StepKind.ADVICE)
    assert (advice.id, advice.why) == ("advice-ec-1", "ec_unmoved")
    assert kinds_of(state)[StepKind.ADD] == 0
    again = told_until(PLANS[0], [dead, "1.50"])  # the pen was mended
    assert [s.id for s in again.steps if s.status is Status.NOW] == ["read-ec-3"]
    assert again.poured["one"] == 200 + F(200) * F("0.47") / F("0.98")
    left_out = [  # of the base nothing went in, so that nothing tells what it is worth
        Event(e.id, e.at, e.by, Kind.SKIPPED, e.step) if "pour-" in e.step else e
        for e in whole(PLANS[0])
    ]
    left_out = [e if e.step != "read-ec-1" else replace(e, figure=F("1.6")) for e in left_out]
    assert "advice-ec-1" in {step.id for step in follow(PLANS[0], left_out).steps}


def test_a_correction_that_does_not_show_is_not_made_again() -> None:
    weak = told_until(PLANS[0], ["1.50", "1.50"])
    assert (kinds_of(weak)[StepKind.ADD], kinds_of(weak)[StepKind.ADVICE]) == (2, 1)
    assert kinds_of(told_until(PLANS[0], ["1.50", "1.50", "1.95"]))[StepKind.ADD] == 2
    strong = told_until(PLANS[1], ["1.60", "2.60", "2.60"])
    assert (kinds_of(strong)[StepKind.DRAIN], kinds_of(strong)[StepKind.ADVICE]) == (1, 1)


def test_it_gives_up_after_so_many_rounds() -> None:
    slow = ["1.00", "1.35", "1.58", "1.72", "1.81", "1.86", "1.89", "1.90"]
    state = told_until(PLANS[0], slow)
    assert kinds_of(state)[StepKind.READ_EC] == 8
    assert kinds_of(state)[StepKind.ADD] == 14  # no correction without a reading after it
    assert [s.why for s in state.steps if s.kind is StepKind.ADVICE] == ["too_many_rounds"]
