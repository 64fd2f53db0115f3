"""The guided mix: any prefix of events is a state, devices converge, readings lead to the target."""

import random
from dataclasses import replace
from fractions import Fraction
from random import Random

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from core.chart import Dose, Form, Medium, Role
from core.chemistry import Acid, AcidKind, Alkali, Label, Salt, alkali_of, contents_of, molarity
from core.chemistry.acids import PROTONS_AT_6
from core.chemistry.source import source_water
from core.errors import InputError
from core.mix import AlkaliOnShelf, MixRequest, Tank, plan_mix
from core.practice import Pen, PenReading, SimulatedTank
from core.practice.pen import stands_still
from core.quantities import AmountUnit, Volume
from core.session import BenchPlan, Event, Kind, State, Status, StepKind, bench_plan, follow
from core.session.carbonate import (
    acid_between,
    alkali_between,
    alkalinity_from,
    carbon_from,
    carbon_of,
)
from core.session.ph import Advice, Portion, assist
from core.session.steering import Slope, Verdict, correct, portion_until, second_pour
from core.water import School, Water
from tests.core.labels import PART_ONE, PART_TWO, acid_on_shelf, label, labelled
from tests.core.mixes import F, chart, ec, pair, product, water

SOFT = water("0.05", alkalinity="12", calcium="3", ph=F("6.5"))
MAINS = water("0.52", alkalinity="150", calcium="68", magnesium="7", sodium="18", ph=F("7.6"))
HARD = water("0.86", alkalinity="265", calcium="112", magnesium="15", sodium="31", ph=F("7.3"))


def plan_for(source: Water = MAINS, **fields: object) -> BenchPlan:
    of = fields.pop("of", pair(target=ec("1.4", "1.5")))
    fields.setdefault("shelf", labelled(acid_on_shelf()))
    request = MixRequest(of, "w1", Volume(F(100)), water=source, **fields)  # type: ignore[arg-type]
    return bench_plan(request, plan_mix(request))


READS = {
    StepKind.READ_TEMPERATURE: "20",
    StepKind.READ_WATER: "0.52",
    StepKind.READ_EC: "1.95",
    StepKind.READ_PH: "5.8",
}


def next_event(state: State, number: int, figures: dict[StepKind, str] = READS) -> Event:
    """What a grower does who follows the screen."""
    assert state.now is not None
    step = state.steps[state.now]
    stamp = {"id": f"e{number:04}", "at": float(number), "by": "wren", "step": step.id}
    if step.kind in figures:
        return Event(**stamp, kind=Kind.READ, figure=F(figures[step.kind]))  # type: ignore[arg-type]
    if step.kind in (StepKind.POUR, StepKind.ADD, StepKind.DRAIN, StepKind.ACID):
        return Event(**stamp, kind=Kind.POURED, figure=step.amount)  # type: ignore[arg-type]
    return Event(**stamp, kind=Kind.DONE)  # type: ignore[arg-type]


def whole(plan: BenchPlan) -> list[Event]:
    """All events of a mix that goes as planned."""
    events: list[Event] = []
    while (state := follow(plan, events)).now is not None:
        events.append(next_event(state, len(events)))
        assert len(events) < 200
    return events


PLANS = [plan_for(), plan_for(split=True)]


def test_a_mix_goes_from_the_water_to_the_cover() -> None:
    plan = PLANS[0]
    events = whole(plan)
    state = follow(plan, events)
    kinds = [step.kind for step in state.steps]
    assert kinds[:2] == [StepKind.FILL, StepKind.READ_WATER]
    assert kinds[2:5] == [StepKind.READ_TEMPERATURE, StepKind.BOTTLES, StepKind.GEAR]
    assert kinds[5:9] == [StepKind.SHAKE, StepKind.POUR, StepKind.STIR, StepKind.WAIT]
    assert kinds[-3:] == [StepKind.READ_EC, StepKind.READ_PH, StepKind.COVER]
    assert state.poured == {"one": 200, "two": 200}
    assert {step.status for step in state.steps} == {Status.DONE}


@settings(max_examples=40)
@given(st.sampled_from(PLANS), st.integers(0, 40), st.randoms())
def test_any_prefix_is_a_legal_state_and_any_order_comes_to_the_same(
    plan: BenchPlan, length: int, chance: random.Random
) -> None:
    events = whole(plan)[:length]
    state = follow(plan, events)
    assert [step.status for step in state.steps].count(Status.NOW) == (state.now is not None)
    if state.now is not None:
        assert all(step.status is not Status.AHEAD for step in state.steps[: state.now])
        assert all(step.status is Status.AHEAD for step in state.steps[state.now + 1 :])
    assert len({step.id for step in state.steps}) == len(state.steps)
    assert len([s for s in state.steps if s.status is Status.DONE]) == len(events)
    heap = [*events, *chance.choices(events, k=5)] if events else []
    chance.shuffle(heap)
    assert follow(plan, heap) == state


def test_two_devices_on_one_step_are_a_conflict_shown_and_not_overwritten() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    poured = events[-1]
    assert poured.kind is Kind.POURED
    other = Event("other", poured.at + 1, "tamsin", Kind.POURED, poured.step, F(205))
    one, two = follow(plan, [*events, other]), follow(plan, [other, *reversed(events)])
    assert one == two
    [conflict] = one.conflicts
    assert (conflict.counts.by, conflict.other.by) == ("wren", "tamsin")
    assert one.poured == {"one": 200}
    # Both really happened: the first is corrected to the sum, the other taken back.
    settled = [*events, other, Event("fix", 99, "wren", Kind.CORRECTED, figure=F(405), of=poured.id),
               Event("gone", 99, "wren", Kind.UNDONE, of="other")]  # fmt: skip
    state = follow(plan, settled)
    assert (state.poured["one"], state.conflicts) == (405, ())


def test_the_last_event_is_undone_and_the_undoing_too() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    back = Event("u1", 50, "wren", Kind.UNDONE, of=follow(plan, events).undoable or "")
    assert follow(plan, [*events, back]) == follow(plan, events[:-1])
    again = Event("u2", 51, "wren", Kind.UNDONE, of="u1")
    assert follow(plan, [*events, back, again]) == follow(plan, events)


def test_if_one_part_was_overpoured_the_other_follows() -> None:
    plan = PLANS[0]
    events = whole(plan)[:7]
    wrong = Event("fix", 60, "wren", Kind.CORRECTED, figure=F(230), of=events[-1].id)
    ahead = next(s for s in follow(plan, [*events, wrong]).steps if s.id == "pour-2-two")
    assert ahead.amount == 230
    rounded = Event("fix", 60, "wren", Kind.CORRECTED, figure=F(202), of=events[-1].id)
    ahead = next(s for s in follow(plan, [*events, rounded]).steps if s.id == "pour-2-two")
    assert ahead.amount == 200  # a mark's breadth is no overpouring


def test_a_wait_counts_from_when_it_began_whatever_is_asleep() -> None:
    plan = PLANS[0]
    events = whole(plan)[:8]
    state = follow(plan, events)
    assert state.now is not None
    step = state.steps[state.now]
    assert (step.kind, step.seconds, step.due) == (StepKind.WAIT, 300, events[-1].at + 300)


def test_a_skipped_reading_ends_its_rounds() -> None:
    plan = PLANS[0]
    events: list[Event] = []
    while (state := follow(plan, events)).now is not None:
        step, number = state.steps[state.now], len(events)
        if step.kind in (StepKind.READ_EC, StepKind.READ_PH):
            events.append(Event(f"e{number}", number, "wren", Kind.SKIPPED, step.id))
        else:
            events.append(next_event(state, number))
    assert [s.kind for s in state.steps if s.status is Status.SKIPPED] == [
        StepKind.READ_EC, StepKind.READ_PH,
    ]  # fmt: skip


@pytest.mark.parametrize(
    "wrong",
    [
        {"kind": Kind.READ, "step": "read-water"}, {"kind": Kind.DONE, "step": "x", "figure": F(1)},
        {"kind": Kind.POURED, "step": "x", "figure": F(-1)}, {"kind": Kind.UNDONE, "step": "x"},
        {"kind": Kind.READ, "step": "x", "figure": F(10**9)}, {"kind": Kind.DONE},
        {"kind": Kind.DONE, "step": "x", "of": "y"},
    ],
)  # fmt: skip
def test_events_that_cannot_be(wrong: dict[str, object]) -> None:
    with pytest.raises(InputError):
        Event("e", 0.0, "wren", **wrong)  # type: ignore[arg-type]


# Readings that steer


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
    left_so = follow(
        plan, [*told("2.02")[:upto], Event("no", 90, "wren", Kind.SKIPPED, drain.id)]
    )
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


# The pH assistant


@given(st.floats(6.4, 8.2), st.floats(5.4, 6.2), st.floats(0.1, 8))
def test_alkalinity_is_found_again_from_what_acid_did(
    from_ph: float, to_ph: float, alkalinity: float
) -> None:
    acid = acid_between(from_ph, to_ph, alkalinity)
    if acid > 0.001:
        found = alkalinity_from(from_ph, to_ph, acid)
        assert found == pytest.approx(alkalinity, rel=1e-3)
    assert alkalinity_from(to_ph, from_ph, 1.0) is None


@given(
    st.floats(4.6, 5.6), st.floats(5.7, 6.3), st.floats(0.05, 8), st.sampled_from([0.0, 0.5, 1.0])
)
def test_what_holds_ph_is_found_again_from_what_alkali_did(
    from_ph: float, to_ph: float, carbon: float, carbonate: float
) -> None:
    alkali = alkali_between(from_ph, to_ph, carbon, carbonate)
    found = carbon_from(from_ph, to_ph, alkali, carbonate)
    assert found == pytest.approx(carbon, rel=1e-3)
    assert carbon_from(to_ph, from_ph, 1.0, carbonate) is None
    # Carbonate holds its own against the acid, so that more of it is needed than of a hydroxide.
    assert alkali >= alkali_between(from_ph, to_ph, carbon, 0.0)


def test_alkali_after_acid_comes_back_to_where_it_began() -> None:
    """Closed water that acid brought down is brought up again by as much hydroxide."""
    down = acid_between(7.5, 5.2, 3.0)
    assert alkali_between(5.2, 7.5, carbon_of(3.0), 0.0) == pytest.approx(down, rel=1e-6)


AT = {"low": 5.7, "high": 6.2, "litres": 100.0, "acid_meq": 7.4}
MIDDLE = 5.95
POTASH = Alkali(meq=4.5, carbonate=0.5)


def test_the_first_portion_is_at_most_half() -> None:
    advice = assist(7.5, alkalinity=3.0, **AT)  # type: ignore[arg-type]
    assert advice.advice is Advice.ACID
    assert advice.meq_l == pytest.approx(acid_between(7.5, 5.95, 3.0) / 2)
    assert advice.amount == pytest.approx(advice.meq_l * 100 / 7.4)
    assert assist(6.0, alkalinity=3.0, **AT).advice is Advice.RIGHT  # type: ignore[arg-type]
    none = {**AT, "acid_meq": 0.0}
    assert assist(7.0, alkalinity=3.0, **none).advice is Advice.NO_ACID  # type: ignore[arg-type]


def test_the_first_portion_of_alkali_is_at_most_half_too() -> None:
    advice = assist(5.2, alkalinity=3.0, alkali=POTASH, **AT)  # type: ignore[arg-type]
    assert advice.advice is Advice.ALKALI
    assert advice.meq_l == pytest.approx(alkali_between(5.2, 5.95, carbon_of(3.0), 0.5) / 2)
    assert advice.amount == pytest.approx(advice.meq_l * 100 / 4.5)
    unknown = assist(5.2, alkalinity=3.0, **AT)  # type: ignore[arg-type]
    assert (unknown.advice, unknown.amount) == (Advice.ALKALI, 0)  # its strength is not known


@pytest.mark.parametrize(
    ("grown_in", "alkalinity", "why"),
    [
        (Medium.COIR, "150", "alkali_carbonate_in_coir"),
        (Medium.WATER, "12", "alkali_carbonate_in_soft_water"),
        (Medium.WATER, "150", "alkali_hydroxide_in_buffered_water"),
    ],
)
def test_the_alkali_is_chosen_by_medium_and_water(
    grown_in: Medium, alkalinity: str, why: str
) -> None:
    both = (
        AlkaliOnShelf("kc", "Up C", POTASH, AmountUnit.ML),
        AlkaliOnShelf("kh", "Up H", Alkali(5.0, 0.0), AmountUnit.ML),
    )
    at = {"source": water("0.4", alkalinity=alkalinity, ph=F(7)), "tank": Tank(grown_in=grown_in)}
    chosen = plan_for(shelf=replace(labelled(), alkalis=both), **at).alkali  # type: ignore[arg-type]
    assert chosen is not None
    assert (chosen.why, chosen.key) == (why, "kh" if "hydroxide" in why else "kc")
    alone = plan_for(shelf=replace(labelled(), alkalis=both[:1]), **at).alkali  # type: ignore[arg-type]
    assert alone is not None
    assert alone.key == "kc"
    assert plan_for(shelf=labelled(), **at).alkali is None  # type: ignore[arg-type]


def test_an_alkali_is_as_strong_as_its_label() -> None:
    """25 % K2CO3 of 1.24 g/mL: 2 × 0.31 g / 138.2 g/mol; KOH: 1 / 56.1."""
    potash = Label({}, salt=Salt.POTASSIUM_CARBONATE, purity=F(25), density=F("1.24"))
    found = alkali_of(contents_of(potash, Form.LIQUID, Role.PH_ADJUSTER))
    assert found is not None
    assert found.meq == pytest.approx(4.486, rel=1e-3)
    assert found.carbonate == pytest.approx(0.5)
    caustic = Label({}, salt=Salt.POTASSIUM_HYDROXIDE)
    dry = alkali_of(contents_of(caustic, Form.DRY, Role.PH_ADJUSTER))
    assert dry is not None
    assert (dry.meq, dry.carbonate) == (pytest.approx(17.82, rel=1e-3), 0)
    assert alkali_of(contents_of(label(P2O5="5"), Form.LIQUID, Role.PH_ADJUSTER)) is None


def test_after_two_turns_it_says_stop() -> None:
    chased = [Portion(0.5, 6.8, 5.4), Portion(-0.1, 5.4, 6.5)]
    advice = assist(6.5, alkalinity=1.0, portions=chased, **AT)  # type: ignore[arg-type]
    assert (advice.advice, advice.look_again_h) == (Advice.STOP_CHASING, 24)


ONE, TWO = (contents_of(known, Form.LIQUID, Role.BASE) for known in (PART_ONE, PART_TWO))
SILICA = contents_of(label("1.1", K2O="3", SiO2="7"), Form.LIQUID, Role.SILICA)


def read(tank: SimulatedTank, pen: Pen, chance: Random) -> PenReading:
    """A reading as it is taken: the median of a pen that stands still."""
    solved = tank.solved()
    shown = [
        pen.show(solved.ms_cm, solved.ph, seconds=60 + second, chance=chance,
                 before=PenReading(0, 7, 20))
        for second in range(5)
    ]  # fmt: skip
    return sorted(shown, key=lambda one: one.ph)[2]


@pytest.mark.parametrize("source", [SOFT, MAINS, HARD], ids=["soft", "mains", "hard"])
def test_ph_reaches_the_window_in_at_most_four_readings_without_overshoot(source: Water) -> None:
    counts = []
    for seed in range(200):
        chance, pen = Random(seed), Pen()  # noqa: S311 -- cases, no secrets
        tank = SimulatedTank.filled(source, 100 * chance.uniform(0.95, 1.05))
        tank.pour(SILICA, 40 * chance.uniform(0, 1))
        tank.pour(ONE, 150 * chance.uniform(0.5, 1.3))
        tank.pour(TWO, 150 * chance.uniform(0.5, 1.3))
        kind, percent = chance.choice([(AcidKind.NITRIC, 38), (AcidKind.PHOSPHORIC, 59)])
        acid = Acid(kind, F(percent))
        strength = molarity(acid)[0] * PROTONS_AT_6[kind]
        known = source.report.alkalinity or F(0)
        portions: list[Portion] = []
        now, readings = read(tank, pen, chance).ph, 1
        while True:
            advice = assist(now, **{**AT, "acid_meq": strength},  # type: ignore[arg-type]
                            alkalinity=float(known) / 50.04, portions=portions)  # fmt: skip
            if advice.advice is not Advice.ACID:
                break
            tank.pour_acid(acid, advice.amount)
            assert tank.solved().ph >= MIDDLE - 0.1, seed  # by what a pen can tell
            after = read(tank, pen, chance).ph
            portions.append(Portion(advice.meq_l, now, after))
            now, readings = after, readings + 1
        counts.append(readings)
        assert advice.advice is Advice.RIGHT, (seed, portions)
        assert now >= AT["low"]  # type: ignore[operator]
    assert max(counts) <= 4


@pytest.mark.parametrize("source", [SOFT, MAINS, HARD], ids=["soft", "mains", "hard"])
def test_alkali_brings_a_sour_tank_up_in_at_most_four_readings(source: Water) -> None:
    counts = []
    for seed in range(200):
        chance, pen = Random(seed), Pen()  # noqa: S311
        tank = SimulatedTank.filled(source, 100 * chance.uniform(0.95, 1.05))
        tank.pour(ONE, 150 * chance.uniform(0.5, 1.3))
        tank.pour(TWO, 150 * chance.uniform(0.5, 1.3))
        nitric = Acid(AcidKind.NITRIC, F(38))
        sour = chance.uniform(4.7, 5.5)
        while tank.solved().ph > sour:
            tank.pour_acid(nitric, 0.5)
        alkali = chance.choice([POTASH, Alkali(5.0, 0.0)])
        known = source.report.alkalinity or F(0)
        portions: list[Portion] = []
        now, readings = read(tank, pen, chance).ph, 1
        while True:
            advice = assist(now, **AT, alkali=alkali, portions=portions,  # type: ignore[arg-type]
                            alkalinity=float(known) / 50.04)  # fmt: skip
            if advice.advice is not Advice.ALKALI:
                break
            tank.pour_alkali(alkali, advice.amount)
            assert tank.solved().ph <= MIDDLE + 0.1, seed
            after = read(tank, pen, chance).ph
            portions.append(Portion(-advice.meq_l, now, after))
            now, readings = after, readings + 1
        counts.append(readings)
        assert advice.advice is Advice.RIGHT, (seed, portions)
        assert now <= AT["high"]
    assert max(counts) <= 4


@pytest.mark.parametrize("source", [SOFT, MAINS, HARD], ids=["soft", "mains", "hard"])
def test_the_second_pour_reaches_the_target_in_at_most_four_readings(source: Water) -> None:
    reading = source.reading
    assert reading is not None
    plan = plan_for(source, split=True)
    assert plan.target is not None
    for seed in range(200):
        chance, pen = Random(seed), Pen()  # noqa: S311
        tank = SimulatedTank.filled(source, 100 * chance.uniform(0.96, 1.04))
        zero = tank.solved().ms_cm - float(reading.ms_cm)
        state, readings = _drive(plan, tank, pen, chance, zero)
        assert state.ec is not None
        assert plan.target[0] - F("0.02") <= state.ec <= plan.target[1] + F("0.02"), seed
        assert readings <= 4


def _drive(
    plan: BenchPlan, tank: SimulatedTank, pen: Pen, chance: Random, zero: float
) -> tuple[State, int]:
    """Follow the screen with a simulated tank up to pH; how often EC was read."""
    events: list[Event] = []
    readings = 0
    while (state := follow(plan, events)).now is not None:
        step = state.steps[state.now]
        if step.kind is StepKind.READ_PH:
            return state, readings
        shown = read(tank, pen, chance).ec - zero
        if step.kind is StepKind.READ_EC:
            readings += 1
        figures = {**READS, StepKind.READ_WATER: f"{shown:.2f}", StepKind.READ_EC: f"{shown:.2f}"}
        if step.kind in (StepKind.POUR, StepKind.ADD) and step.amount:
            tank.pour(ONE if "one" in step.id else TWO, float(step.amount))
        if step.kind is StepKind.DRAIN and step.amount:
            tank.exchange(float(step.amount), source_water(MAINS).moles)
        events.append(next_event(state, len(events), figures))
    return state, readings


# The pen


def test_a_pen_settles_and_then_stands_still() -> None:
    chance, pen, before = Random(3), Pen(), PenReading(0.0, 7.0, 20.0)  # noqa: S311
    shown = [pen.show(1.5, 6.0, seconds=s, chance=chance, before=before).ec for s in range(40)]
    assert not stands_still(shown[:4], step=pen.ec_step)
    assert shown[3] < 1.2
    assert sorted(shown[-5:])[2] == pytest.approx(1.5, abs=0.02)
    assert stands_still([1.5, 1.5, 1.51, 1.5], step=0.01)
