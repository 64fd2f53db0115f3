"""What is kept of a guided mix: planned beside poured, as a record, a document and rows."""

import csv
import json
from dataclasses import replace
from fractions import Fraction
from io import StringIO

import pytest
from hypothesis import given
from hypothesis import strategies as st

from core.chart import Role
from core.chemistry.buffers import DOWN, BufferCapacity
from core.chemistry.carbonate import carbon_of
from core.formats.record import MixRecordDocument
from core.guided import Event, EventKind, GuidedPlan, MixRecord, StepKind, record_of, replay
from core.guided.record import PouredLine, ReadLine
from core.planning import AlkaliOnShelf
from core.quantities import AmountUnit
from tests.core.guided import MAINS, PLANS, POTASH, READS, next_event, plan_for, whole
from tests.core.labels import acid_on_shelf, labelled
from tests.core.mixes import F, chart, dose, ec, pair, product


def run(plan: GuidedPlan, **reads: list[str]) -> tuple[MixRecord, list[Event]]:
    """A mix in which the pen shows these readings, one after the other; then as usual."""
    events: list[Event] = []
    while (state := replay(plan, events)).now is not None:
        kind = state.steps[state.now].kind
        shown = reads.get(kind.value, [])
        figure = shown.pop(0) if shown else READS.get(kind, "0")
        events.append(next_event(state, len(events), {**READS, kind: figure}
                                 if kind in READS else READS))  # fmt: skip
        assert len(events) < 200
    return record_of(plan, state, events), events


def test_planned_stands_beside_poured_and_two_passes_are_one_line() -> None:
    plan = PLANS[1]
    record, events = run(plan, read_ec=["1.66", "1.95"])
    lines = {line.key: line for line in record.lines}
    assert (lines["one"].planned, lines["one"].unit) == (200, "mL")
    # 160 in the first pass; the rest by the reading, capped.
    assert lines["one"].poured == sum(
        (e.figure or 0) for e in events if e.kind is EventKind.POURED and "one" in e.step
    )
    assert F(160) < lines["one"].poured <= F(200)
    assert [line.step for line in record.readings][:2] == ["read-water", "read-between"]


def test_who_when_and_how_long() -> None:
    plan = PLANS[0]
    events = whole(plan)
    first = replace(events[0], by="tamsin", at=-600.0)
    told = [*reversed(events[1:]), first]
    record = record_of(plan, replay(plan, told), told)
    assert record.people == ("tamsin", "wren")
    assert (record.began, record.ended) == (-600, len(events) - 1)
    assert record.minutes == round((len(events) - 1 + 600) / 60)
    untold = record_of(plan, replay(plan, []), [])
    assert (untold.people, untold.began, untold.ended, untold.minutes) == ((), 0, 0, 0)


def run_without(plan: GuidedPlan, *left_out: str, **reads: str) -> MixRecord:
    """A mix in which steps whose id begins so are left out."""
    events: list[Event] = []
    figures = READS | {StepKind(kind): figure for kind, figure in reads.items()}
    while (state := replay(plan, events)).now is not None:
        event = next_event(state, len(events), figures)
        if event.step.startswith(left_out):
            event = replace(event, kind=EventKind.SKIPPED, figure=None)
        events.append(event)
        assert len(events) < 200
    return record_of(plan, state, events)


def test_a_reading_that_was_moved_since_is_not_what_the_tank_reads() -> None:
    split = PLANS[1]
    assert run_without(split, read_ec="1.66").ec == F("1.66")
    half = run_without(split, "read-ec", read_ec="1.66")  # the second pass is in, and was not read
    assert ("read-between", "ec", F("1.66")) in [
        (line.step, line.what, line.figure) for line in half.readings
    ]
    assert half.ec is None
    sour = run_without(split, "read-ph-2", "read-ph-3", read_ph="7.4")  # acid is in since
    assert ("read-ph-1", F("7.4")) in [(line.step, line.figure) for line in sour.readings]
    assert sour.ph is None
    assert run_without(split, "acid", read_ph="7.4").ph == F("7.4")  # nothing moved it


@pytest.mark.parametrize(("poured", "stands"), [("10", True), ("14", False)])
def test_a_reading_stands_behind_a_part_that_moves_it_by_no_more_than_pens_differ(
    poured: str, stands: bool
) -> None:
    """40 mL of the second pass are expected to bring 0.156 mS/cm: 10 mL bring 0.039, 14 0.055."""
    plan = PLANS[1]
    events: list[Event] = []
    while (state := replay(plan, events)).now is not None:
        event = next_event(state, len(events), READS | {StepKind.READ_EC: "1.66"})
        if event.step == "pour-3-one":
            event = replace(event, figure=F(poured))
        elif event.step.startswith(("pour-4", "read-ec")):
            event = replace(event, kind=EventKind.SKIPPED, figure=None)
        events.append(event)
    assert record_of(plan, state, events).ec == (F("1.66") if stands else None)


@pytest.mark.parametrize("alkalinity", [0.4, 2.0, 4.0])
def test_the_alkalinity_is_learned_from_what_acid_did(alkalinity: float) -> None:
    plan = plan_for(replace(MAINS, report=replace(MAINS.report, alkalinity=None)))
    assert plan.acid is not None
    events = run(plan, read_ph=["7.8", "5.8"])[1]
    poured = next(e.figure for e in events if e.step == "acid-1")
    assert poured is not None
    meq = alkalinity * 0.7
    poured = F(str(meq)) * plan.litres / plan.acid.molar
    # Where so much acid brings a water of that alkalinity:
    assert plan.phosphate is not None
    held = BufferCapacity(carbon_of(alkalinity), float(plan.phosphate))
    after = next(ph / 1000 for ph in range(7800, 3000, -1)
                 if DOWN.takes(7.8, ph / 1000, held) > meq)  # fmt: skip
    told = run(plan, read_ph=["7.8", f"{after:.3f}", "5.8"])[1]
    again = [replace(e, figure=poured) if e.step == "acid-1" else e for e in told]
    upto = next(at for at, e in enumerate(again) if e.step == "read-ph-2") + 1
    record = record_of(plan, replay(plan, again[:upto]), again[:upto])
    assert record.alkalinity is not None
    assert float(record.alkalinity) == pytest.approx(alkalinity, rel=0.02)


def test_a_tank_that_was_chased_both_ways_teaches_nothing() -> None:
    potash = AlkaliOnShelf("up", "Up", POTASH, AmountUnit.ML)
    both = plan_for(shelf=replace(labelled(acid_on_shelf()), alkalis=(potash,)))
    record, events = run(both, read_ph=["7.0", "5.2", "5.8"])
    waits = [one.seconds for one in replay(both, events).steps if one.id.startswith("wait-ph")]
    assert waits == [300, 300]  # five minutes behind each portion, common practice
    assert [line.key for line in record.lines] == ["one", "two", "acid", "alkali"]
    assert record.alkalinity is None
    assert run(plan_for(), read_ph=["5.8"])[0].alkalinity is None
    assert run(plan_for(), read_ph=["7.0", "5.8"])[0].alkalinity is not None


def test_acid_and_alkali_have_lines_of_their_own_beside_a_product_called_so() -> None:
    base = pair()
    acid = product("acid", Role.BOOSTER)
    of = chart([*base.products, acid], [*base.doses, dose("acid", "1 mL/L")], target=ec("1.4"))
    plan = plan_for(of=of)
    record, _ = run(plan, read_ph=["7.0", "5.8"])
    named = [(line.key, line.name) for line in record.lines]
    assert named == [("one", "One"), ("two", "Two"), ("acid", "Acid"), ("acid", "Down nitric")]
    chart_line, own_line = record.lines[2:]
    assert (chart_line.planned, chart_line.poured) == (100, 100)
    assert own_line.planned is None
    assert 0 < own_line.poured < 100


def test_live_cultures_shorten_how_long_it_keeps() -> None:
    base = pair()
    of = chart([*base.products, product("brew", Role.LIVE)], [*base.doses, dose("brew", "1 mL/L")])
    kinds = [s.kind for s in replay(plan_for(of=of), []).steps]
    assert kinds.index(StepKind.READ_PH) < kinds.index(StepKind.POUR, kinds.index(StepKind.READ_PH))
    assert run(plan_for(of=of))[0].use_by_days == 7
    assert run(plan_for())[0].use_by_days == 14


def test_a_mix_that_is_not_over_has_a_record_so_far() -> None:
    plan = plan_for(shelf=labelled())
    nothing = record_of(plan, replay(plan, []), [])
    assert (nothing.minutes, nothing.readings, nothing.people) == (0, (), ())
    assert [line.poured for line in nothing.lines] == [0, 0]
    skipped = [Event("s", 5.0, "wren", EventKind.SKIPPED, "fill")]
    assert record_of(plan, replay(plan, skipped), skipped).skipped == ("fill",)


figures = st.decimals(0, 10**6, places=3).map(Fraction)
words = st.text(min_size=1, max_size=30)
records = st.builds(
    MixRecord,
    litres=figures,
    lines=st.lists(
        st.builds(PouredLine, key=words, name=words, unit=st.sampled_from(["mL", "g"]),
                  planned=st.none() | figures, poured=figures), max_size=3).map(tuple),
    readings=st.lists(
        st.builds(ReadLine, step=words, what=st.sampled_from(["ec", "ph"]), figure=figures,
                  at=st.floats(0, 1e10), by=words), max_size=3).map(tuple),
    skipped=st.lists(words, max_size=3).map(tuple),
    people=st.lists(words, max_size=3).map(tuple),
    began=st.floats(0, 1e10), ended=st.floats(0, 1e10),
    ec=st.none() | figures, ph=st.none() | figures, alkalinity=st.none() | figures,
    look_again_h=st.integers(1, 48), use_by_days=st.integers(1, 14),
    change_out_days=st.integers(1, 14),
)  # fmt: skip


@given(records)
def test_a_record_goes_out_and_comes_back(record: MixRecord) -> None:
    document = MixRecordDocument.of(record)
    told = json.loads(document.model_dump_json())
    again = MixRecordDocument.model_validate(told)
    assert again.model_dump(mode="json") == told
    assert [line.poured for line in again.poured] == [line.poured for line in record.lines]
    assert (again.ec, again.ph) == (record.ec, record.ph)
    read = [(line.step, line.what, line.figure) for line in record.readings]
    assert [(line.step, line.what, line.figure) for line in again.readings] == read


@given(records)
def test_rows_come_back_as_they_were_and_no_cell_is_a_formula(record: MixRecord) -> None:
    rows = list(csv.reader(StringIO(MixRecordDocument.of(record).as_csv(), newline="")))
    assert rows[0] == ["what", "name", "planned", "figure", "unit", "at", "by"]
    assert {len(row) for row in rows} == {7}
    assert len(rows) == 1 + len(record.lines) + len(record.readings) + len(record.skipped)
    for row in rows:
        assert not any(cell[:1] in "=+-@\t\r" for cell in row if cell)
    for row, line in zip(rows[1:], record.lines, strict=False):
        assert row[1] in (line.name, f"'{line.name}")
        assert Fraction(row[3]) == line.poured
        assert row[2] == "" if line.planned is None else Fraction(row[2]) == line.planned
    read = [row[4] for row in rows if row[0] == "read"]
    assert read == ["mS/cm" if line.what == "ec" else "pH" for line in record.readings]
