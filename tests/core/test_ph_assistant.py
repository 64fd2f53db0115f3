"""The pH assistant, its carbonate equilibria, and the alkali and acid that it takes into account."""

from dataclasses import replace
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Form, Medium, Role
from core.chemistry import Alkali, Label, Salt, alkali_of, contents_of
from core.chemistry.buffers import DOWN, PHOSPHATE_PK, BufferCapacity, phosphate_between, up
from core.chemistry.carbonate import (
    acid_between,
    alkali_between,
    alkalinity_of,
    carbon_from_acid,
    carbon_from_alkali,
    carbon_of,
)
from core.chemistry.elements import Component
from core.guided import Event, StepKind, record_of, replay
from core.guided.ph.adjusting import PEN_CHECK
from core.guided.ph.assistant import Advice, Assistance, PhReading, Portion, assist
from core.meters import MeterKind, ph_step_of
from core.planning import AlkaliOnShelf, Tank
from core.quantities import AmountUnit
from tests.core.guided import AT, MAINS, MIDDLE, POTASH, READS, next_event, plan_for
from tests.core.labels import PART_TWO, acid_on_shelf, label, labelled, shelf
from tests.core.mixes import F, water


@given(st.floats(6.4, 8.2), st.floats(5.4, 6.2), st.floats(0.05, 8), st.floats(0, 3))
def test_what_holds_ph_is_found_again_from_what_acid_did(
    from_ph: float, to_ph: float, carbon: float, phosphate: float
) -> None:
    acid = acid_between(from_ph, to_ph, carbon)
    assert carbon_from_acid(from_ph, to_ph, acid) == pytest.approx(carbon, rel=1e-3)
    true = BufferCapacity(carbon, phosphate)
    found = DOWN.capacity(from_ph, to_ph, DOWN.takes(from_ph, to_ph, true), BufferCapacity(carbon))
    assert found is not None
    assert found.phosphate == pytest.approx(phosphate, abs=1e-3)
    # Carbonate of which there is less than was thought is found too, and nothing else made of it.
    less = DOWN.capacity(from_ph, to_ph, acid * 0.999, BufferCapacity(carbon * 2))
    assert less is not None
    assert (less.carbonate, less.phosphate) == (pytest.approx(carbon, rel=1e-2), 0)
    assert DOWN.capacity(to_ph, from_ph, 1.0, true) is None
    assert alkalinity_of(carbon_of(carbon)) == pytest.approx(carbon)


def test_phosphate_holds_most_near_its_second_constant() -> None:
    """Half of it has given its proton away there, a tenth one pH below, by Henderson-Hasselbalch."""
    assert phosphate_between(PHOSPHATE_PK, PHOSPHATE_PK - 1, 1.1) == pytest.approx(0.45)
    assert phosphate_between(PHOSPHATE_PK + 9, PHOSPHATE_PK, 1.0) == pytest.approx(0.5)


@given(
    st.floats(4.6, 5.6), st.floats(5.7, 6.3), st.floats(0.05, 8), st.sampled_from([0.0, 0.5, 1.0])
)
def test_what_holds_ph_is_found_again_from_what_alkali_did(
    from_ph: float, to_ph: float, carbon: float, carbonate: float
) -> None:
    alkali = alkali_between(from_ph, to_ph, carbon, carbonate)
    found = carbon_from_alkali(from_ph, to_ph, alkali, carbonate)
    assert found == pytest.approx(carbon, rel=1e-3)
    assert up(carbonate).capacity(to_ph, from_ph, 1.0, BufferCapacity(carbon)) is None
    # what is known to be phosphate's is not put down to carbonate
    fed = BufferCapacity(carbon, 1.5)
    taken = up(carbonate).takes(from_ph, to_ph, fed)
    shown = up(carbonate).capacity(from_ph, to_ph, taken, BufferCapacity(0.0, 1.5))
    assert shown is not None
    assert shown.carbonate == pytest.approx(carbon, rel=1e-3)
    # Carbonate holds its own against the acid, so that more of it is needed than of a hydroxide.
    assert alkali >= alkali_between(from_ph, to_ph, carbon, 0.0)


@given(
    st.floats(4.6, 5.6), st.floats(5.7, 6.9), st.floats(0.05, 8), st.sampled_from([0.0, 0.5, 1.0])
)
def test_alkali_balances_the_charges_of_the_water_that_it_is_in(
    from_ph: float, to_ph: float, carbon: float, carbonate: float
) -> None:
    """Alkalinity by its definition (Stumm and Morgan, Aquatic Chemistry, chapter 4), before + added."""

    def alkalinity(ph: float, total: float) -> float:
        h = 10**-ph
        bicarbonate = total / (1 + h / 10**-6.352 + 10**-10.329 / h)
        return bicarbonate + 2 * bicarbonate * 10**-10.329 / h + (10**-13.995 / h - h) * 1000

    added = alkali_between(from_ph, to_ph, carbon, carbonate)
    after = alkalinity(to_ph, carbon + carbonate * added)
    assert after == pytest.approx(alkalinity(from_ph, carbon) + added, rel=1e-6)


def test_alkali_after_acid_comes_back_to_where_it_began() -> None:
    """Closed water that acid brought down is brought up again by as much hydroxide."""
    down = acid_between(7.5, 5.2, carbon_of(3.0))
    assert alkali_between(5.2, 7.5, carbon_of(3.0), 0.0) == pytest.approx(down, rel=1e-6)


def test_the_first_portion_is_at_most_half() -> None:
    advice = assist(PhReading(7.5, alkalinity=3.0, **AT))  # type: ignore[arg-type]
    assert advice.advice is Advice.ACID
    assert advice.meq_l == pytest.approx(acid_between(7.5, 5.95, carbon_of(3.0)) / 2)
    assert advice.amount == pytest.approx(advice.meq_l * 100 / 7.4)
    assert assist(PhReading(6.0, alkalinity=3.0, **AT)).advice is Advice.RIGHT  # type: ignore[arg-type]
    none = {**AT, "acid_meq": 0.0}
    assert assist(PhReading(7.0, alkalinity=3.0, **none)).advice is Advice.NO_ACID  # type: ignore[arg-type]


def test_the_first_portion_of_alkali_is_at_most_half_too() -> None:
    advice = assist(PhReading(5.2, alkalinity=3.0, alkali=POTASH, **AT))  # type: ignore[arg-type]
    assert advice.advice is Advice.ALKALI
    assert advice.meq_l == pytest.approx(alkali_between(5.2, 5.95, carbon_of(3.0), 0.5) / 2)
    assert advice.amount == pytest.approx(advice.meq_l * 100 / 4.5)
    unknown = assist(PhReading(5.2, alkalinity=3.0, **AT))  # type: ignore[arg-type]
    assert (unknown.advice, unknown.amount) == (Advice.ALKALI, 0)  # its strength is not known


@pytest.mark.parametrize(
    ("grown_in", "alkalinity", "why"),
    [
        (Medium.COIR, "150", "alkali_carbonate_in_coir"),
        (Medium.WATER, "12", "alkali_carbonate_in_soft_water"),
        (Medium.WATER, "49.9", "alkali_carbonate_in_soft_water"),
        (Medium.WATER, "50", "alkali_hydroxide_in_buffered_water"),
        (Medium.WATER, "150", "alkali_hydroxide_in_buffered_water"),
        # where nothing is known of it, the one that leaves a buffer
        (Medium.WATER, None, "alkali_carbonate_in_soft_water"),
    ],
)
def test_the_alkali_is_chosen_by_medium_and_water(
    grown_in: Medium, alkalinity: str | None, why: str
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
    advice = assist(PhReading(6.5, alkalinity=1.0, portions=chased, **AT))  # type: ignore[arg-type]
    assert (advice.advice, advice.look_again_h) == (Advice.STOP_CHASING, 24)


@given(
    stuck=st.floats(6.4, 8.2) | st.floats(4.6, 5.5),
    alkalinity=st.none() | st.floats(0.1, 8),
    strength=st.sampled_from([POTASH, None]),
)
def test_a_pen_that_never_moves_never_draws_more_than_the_estimate(
    stuck: float, alkalinity: float | None, strength: Alkali | None
) -> None:
    """A broken electrode reads about 7 in everything: common practice."""
    portions: list[Portion] = []
    advice = assist(PhReading(stuck, alkalinity=alkalinity, alkali=strength, **AT))  # type: ignore[arg-type]
    while advice.advice in (Advice.ACID, Advice.ALKALI):
        assert len(portions) < 6
        sign = 1 if advice.advice is Advice.ACID else -1
        portions.append(Portion(sign * (advice.meq_l or 0.1), stuck, stuck))
        advice = assist(
            PhReading(stuck, alkalinity=alkalinity, alkali=strength, portions=portions, **AT)
        )  # type: ignore[arg-type]
    poured = sum(abs(portion.meq_l) for portion in portions)
    known = 0.0
    if alkalinity is not None and stuck > MIDDLE:
        known = acid_between(stuck, MIDDLE, carbon_of(alkalinity))
    elif alkalinity is not None:
        known = alkali_between(stuck, MIDDLE, carbon_of(alkalinity), POTASH.carbonate)
    assert poured <= max(known + 1e-9, 0.2)


def test_a_way_that_no_water_could_hold_up_is_not_believed() -> None:
    """1.6 meq/L that move pH by 0.1 would be water of far more than 15 meq/L."""
    advice = assist(PhReading(6.9, alkalinity=3.4, portions=[Portion(1.6, 7.0, 6.9)], **AT))  # type: ignore[arg-type]
    assert (advice.advice, advice.amount) == (Advice.UNMOVED, 0)


def test_the_assistant_stops_after_so_many_rounds_and_learns_nothing_from_it() -> None:
    plan = plan_for(replace(MAINS, report=replace(MAINS.report, alkalinity=None)))
    slow = [
        "7.2", "7.1", "7.0", "6.9", "6.8", "6.7", "6.6", "6.5", "6.45", "6.4"
    ]  # fmt: skip
    events: list[Event] = []
    while (state := replay(plan, events)).now is not None:
        reads = {**READS, StepKind.READ_PH: "0"}
        if state.steps[state.now].kind is StepKind.READ_PH:
            checks = state.steps[state.now].why == PEN_CHECK
            reads[StepKind.READ_PH] = "3.0" if checks else slow.pop(0)
        events.append(next_event(state, len(events), reads))
    kinds = [step.kind for step in state.steps]
    assert [step.why for step in state.steps[-2:]] == ["too_many_rounds", ""]
    assert kinds.count(StepKind.ACID) < 10
    assert not slow
    assert record_of(plan, state, events).alkalinity is None


def test_a_pen_that_was_mended_tells_what_the_last_portion_did() -> None:
    plan = plan_for()
    reads = ["7.0", "7.0", "6.4", "6.0"]
    events: list[Event] = []
    while (state := replay(plan, events)).now is not None:
        figures = {**READS}
        if state.steps[state.now].kind is StepKind.READ_PH:
            figures[StepKind.READ_PH] = reads.pop(0)
        events.append(next_event(state, len(events), figures))
    assert [p.before for p in state.portions] == [7.0, 6.4]
    assert [p.after for p in state.portions] == [6.4, 6.0]
    assert [step.id for step in state.steps if step.kind is StepKind.ADVICE] == ["advice-2"]


def test_what_silicate_held_above_is_not_asked_for_below() -> None:
    """RO water with potassium silicate: 0.1 meq/L from 8.2 to 7.2, and little holds it further."""
    ro = {**AT, "alkalinity": 0.06, "phosphate": 0.15}
    above = [Portion(0.1, 8.2, 7.2)]
    next_one = assist(PhReading(7.2, portions=above, **ro))  # type: ignore[arg-type]
    assert next_one.meq_l <= DOWN.takes(7.2, MIDDLE, BufferCapacity(carbon_of(0.06), 0.15))
    below = [*above, Portion(next_one.meq_l, 7.2, 6.6)]
    last = assist(PhReading(6.6, portions=below, **ro))  # type: ignore[arg-type]
    assert 0 < last.meq_l < next_one.meq_l


def test_the_feed_s_phosphate_is_known_where_every_label_tells() -> None:
    """100 mL of the second part in 100 L, in mmol/L by its label; a bottle without one hides it."""
    known = plan_for().phosphate
    assert known is not None
    two = contents_of(PART_TWO, Form.LIQUID, Role.BASE)
    per_ml = two.moles[Component.PHOSPHORUS] * 1000 / 100
    poured = next(pour.amount for pour in plan_for().pours if pour.key == "two")
    assert poured is not None
    assert float(known) == pytest.approx(per_ml * float(poured), rel=1e-3)
    assert plan_for(shelf=shelf(acid_on_shelf(), two=PART_TWO)).phosphate is None


def test_after_the_pen_was_checked_it_goes_on_by_as_much_again() -> None:
    stuck = [Portion(0.2, 7.0, 7.0), Portion(0.2, 7.0, 7.0)]
    at = {**AT, "alkalinity": 0.5, "portions": stuck}
    assert assist(PhReading(7.0, **at)).advice is Advice.NO_RESPONSE  # type: ignore[arg-type]
    again = assist(PhReading(7.0, checked=True, **at))  # type: ignore[arg-type]
    assert (again.advice, again.meq_l) == (Advice.ACID, pytest.approx(0.4))


def by_drops(ph: float, **more: object) -> Assistance:
    told = {"low": 5.8, "high": 6.2, "litres": 100.0, "alkalinity": 2.0, "acid_meq": 5.0}
    return assist(PhReading(ph, **{**told, "resolution": 0.5, **more}))  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("ph", "low", "high", "advice"),
    [
        (6.0, 5.8, 6.2, Advice.RIGHT),
        (6.5, 5.8, 6.2, Advice.ACID),  # 6.25 to 6.75
        (6.5, 5.8, 6.3, Advice.RIGHT),  # may be right: a colour tells no more
        (5.5, 5.5, 6.0, Advice.RIGHT),
        (5.5, 5.8, 6.2, Advice.ALKALI),  # 5.25 to 5.75
        (5.5, 5.7, 6.2, Advice.RIGHT),
    ],
)
def test_a_colour_is_a_band_of_half_a_ph(
    ph: float, low: float, high: float, advice: Advice
) -> None:
    alkali = Alkali(1.0, 0.0)
    assert by_drops(ph, low=low, high=high, alkali=alkali).advice is advice


@given(st.sampled_from([6.5, 7.0, 7.5, 8.0, 8.5]), st.floats(0.05, 6))
def test_a_portion_by_drops_is_never_more_than_by_a_pen(ph: float, alkalinity: float) -> None:
    drops, pen = (by_drops(ph, alkalinity=alkalinity, resolution=step) for step in (0.5, 0.1))
    assert drops.meq_l <= pen.meq_l


def test_one_colour_further_is_taken_for_as_much_as_it_may_have_been() -> None:
    run = [Portion(0.5, 7.5, 7.0)]
    drops, pen = (by_drops(7.0, portions=run, resolution=step) for step in (0.5, 0.1))
    assert 0 < drops.meq_l <= pen.meq_l


def test_drops_are_asked_only_where_no_pen_tells_ph() -> None:
    kinds = MeterKind
    assert ph_step_of([kinds.DROPS, kinds.EC_WAND]) == Fraction(1, 2)
    for pen in (kinds.PEN, kinds.PH_PEN):
        assert ph_step_of([kinds.DROPS, pen]) == Fraction(1, 10)
    assert ph_step_of([]) == ph_step_of([kinds.EC_WAND]) == Fraction(1, 10)


@pytest.mark.parametrize(("alkalinity", "meq"), [(None, 0.1), (3.0, 0.22)])
def test_a_pen_that_stops_on_its_way_is_looked_at_before_more_goes_in(
    alkalinity: float | None, meq: float
) -> None:
    """0.8 meq/L moved it from 7.1 to 6.3; of portions that by that move it 0.3, it shows nothing."""

    def after(*portions: Portion, checked: bool = False) -> Advice:
        return assist(PhReading(
            portions[-1].after, alkalinity=alkalinity, portions=portions, checked=checked,
            **AT,  # type: ignore[arg-type]
        )).advice  # fmt: skip

    far, still = Portion(0.8, 7.1, 6.3), Portion(meq, 6.3, 6.3)
    assert after(far, still) is Advice.ACID
    assert after(far, still, still) is Advice.NO_RESPONSE
    assert after(far, Portion(2 * meq, 6.3, 6.3)) is Advice.NO_RESPONSE
    assert after(far, still, still, checked=True) is Advice.ACID
    crept = Portion(meq, 6.4, 6.35)
    assert after(Portion(0.8, 7.1, 6.4), crept, Portion(meq, 6.35, 6.3)) is Advice.ACID


def test_a_step_of_acid_or_alkali_has_its_bottle_and_no_other_step_has() -> None:
    both = plan_for(
        shelf=replace(
            labelled(acid_on_shelf()), alkalis=(AlkaliOnShelf("up", "Up", POTASH, AmountUnit.ML),)
        )
    )
    assert both.bottle(StepKind.ACID) is both.acid is not None
    assert both.bottle(StepKind.ALKALI) is both.alkali is not None
    assert both.bottle(StepKind.POUR) is both.bottle(None) is None


def test_of_drops_the_buffer_is_computed_from_the_near_end_of_a_colour() -> None:
    """7.0 of drops that tell half a pH may be 6.75, and the next portion is four fifths of what leads
    from there to the middle."""
    found = assist(
        PhReading(
            7.0, alkalinity=3.0, portions=[Portion(0.5, 7.5, 7.0)], **(AT | {"resolution": 0.5})
        )
    )  # type: ignore[arg-type]
    shown = DOWN.capacity(7.5, 6.75, 0.5, BufferCapacity(carbon_of(3.0)))
    assert shown is not None
    assert found.meq_l == pytest.approx(min(DOWN.takes(6.75, MIDDLE, shown) * 0.8, 0.5))


def test_alkali_of_unknown_strength_counts_as_a_small_step_up() -> None:
    plan, events = plan_for(shelf=labelled()), []
    shown = ["5.0", "5.3", "5.9"]
    while (state := replay(plan, events)).now is not None:
        kind = state.steps[state.now].kind
        reads = {**READS, StepKind.READ_EC: "1.97"}
        if kind is StepKind.READ_PH:
            reads[kind] = shown.pop(0)
        events.append(next_event(state, len(events), reads))
    assert [(one.meq_l, one.after) for one in state.portions] == [(-0.1, 5.3), (-0.1, 5.9)]
