"""Whole mixes as their screens went: each step, what it asked for, and what was told of it.

Each `.read` in `whole_mixes` was gone through by hand: doses by the chart, the rest of a split base
by what its first pass was worth, what is drained by V × (reading − target) / (reading − source),
portions by what the one before did.
"""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from pathlib import Path

import pytest

from core.chart import Dose, Medium, Role
from core.chemistry import AcidKind
from core.guided import (
    Event,
    EventKind,
    GuidedPlan,
    GuidedState,
    Pace,
    StepKind,
    record_of,
    replay,
)
from core.guided.pace import effort
from core.planning import AlkaliOnShelf, Tank
from core.quantities import AmountUnit
from core.water import Disinfectant, TargetConvention
from tests.core.guided import HARD, MAINS, POTASH, RO, SOFT, next_event, plan_for
from tests.core.labels import CALMAG, acid_on_shelf, labelled, shelf
from tests.core.mixes import F, chart, dose, ec, pair, product

WHOLE_MIXES = Path(__file__).parent / "whole_mixes"


@dataclass(frozen=True)
class Told:
    """A mix, and what a grower tells at its screens.

    Args:
        plan: the mix.
        water, ec, ph: what pens show, in turn; the last again.
        volume: litres where they are counted; None where what is offered is taken.
        left_out: steps that are left out, by how their ids begin.
        poured: mL by step, where it is not what is asked for.
    """

    plan: GuidedPlan
    ec: Sequence[str]
    ph: Sequence[str] = ("5.9",)
    water: Sequence[str] = ("0.52",)
    volume: str | None = None
    left_out: tuple[str, ...] = ()
    poured: Mapping[str, str] = field(default_factory=dict)


UP = AlkaliOnShelf("up", "Up", POTASH, AmountUnit.ML)
LIVELY = chart(
    [product("silica", Role.SILICA), product("one", Role.BASE, group="g", rank=1),
     product("two", Role.BASE, group="g", rank=2), product("boost", Role.BOOSTER),
     product("mud", Role.LIVE)],
    [dose("silica", "0.3 mL/L"), dose("one", "2 mL/L"), dose("two", "2 mL/L"),
     dose("boost", "0.5 mL/L"), dose("mud", "1 mL/L")],
    target=ec("1.4", "1.5"),
)  # fmt: skip
ROUGH = chart(
    [product("one", Role.BASE), product("two", Role.ADDITIVE)],
    [Dose("one", "w1", F("2"), F("2"), dose("one", "2 mL/L").unit, F("0.8")), dose("two", "1 mL/L")],
    target=ec("0.8"),
)  # fmt: skip
CALMAGGED = chart(
    [*pair().products, product("calmag", Role.CALMAG)],
    [*pair().doses, dose("calmag", "0.5 mL/L")], target=ec("1.7"),
)  # fmt: skip
MIXES = {
    "split-and-right": Told(plan_for(split=True), ["1.62", "1.97"], ["7.4", "6.6", "6.0"]),
    "split-and-weak": Told(plan_for(split=True), ["1.55", "1.83", "1.95"]),
    "split-of-another-volume": Told(plan_for(split=True), ["1.25", "1.60"], volume="150"),
    "one-part-out-of-its-ratio": Told(
        plan_for(), ["2.30", "2.00"], poured={"pour-1-one": "300"}, left_out=("pour-2",)),
    "too-much-of-both": Told(
        plan_for(), ["2.38", "1.97"], poured={"pour-1-one": "260", "pour-2-two": "262"}),
    "half-the-tank": Told(plan_for(), ["3.10", "3.10", "1.95"], ["6.1"]),
    "acid-for-litres-that-a-reading-contradicts": Told(
        plan_for(), ["3.10", "3.10", "1.97"], ["7.3", "6.9", "6.1"], volume="100"),
    "acid-for-litres-that-were-measured": Told(
        plan_for(), ["3.10", "1.97"], ["7.3", "6.6", "6.0"], volume="54"),
    "a-pen-that-does-not-move": Told(plan_for(), ["0.60", "0.60", "0.61"]),
    "more-than-the-printed-dose": Told(plan_for(of=pair(target=ec("1.9"))), ["1.89", "2.20", "2.41"]),
    "all-in-with-stronger-water": Told(
        plan_for(of=pair(target=ec("1.4", "1.5")), convention=TargetConvention.ALL_IN),
        ["1.46"], water=["0.70"]),
    "no-room-for-feed": Told(
        plan_for(of=pair(target=ec("0.6")), convention=TargetConvention.ALL_IN), [],
        water=["0.75", "0.74"]),
    "stronger-water-than-planned": Told(plan_for(), ["2.30"], water=["0.95", "0.93"]),
    "a-base-without-labels": Told(
        plan_for(of=CALMAGGED, shelf=shelf(acid_on_shelf(), calmag=CALMAG)), ["2.22"]),
    "a-calmag-without-a-label": Told(plan_for(of=CALMAGGED), ["2.22"]),
    "until-a-reading": Told(plan_for(of=ROUGH, shelf=labelled()), ["0.95", "1.20", "1.32", "1.40"]),
    "until-a-reading-and-past-it": Told(
        plan_for(of=ROUGH, shelf=labelled()), ["1.62", "1.33"]),
    "acid-left-out": Told(plan_for(), ["1.97"], ["7.2"], left_out=("acid",)),
    "doses-alone-and-right": Told(plan_for(convention=TargetConvention.DOSES_ONLY), ["1.93"]),
    "doses-alone-and-odd": Told(
        plan_for(convention=TargetConvention.DOSES_ONLY), ["1.20", "1.20"], volume="100"),
    "weak-feed-thinned": Told(
        plan_for(of=pair("0.5 mL/L", target=ec("0.35", "0.4")), shelf=labelled()),
        ["1.30", "1.04", "0.93"], poured={"pour-1-one": "90", "pour-2-two": "92"}),
    "cultures-and-chlorine": Told(
        plan_for(replace(MAINS, disinfectant=Disinfectant.CHLORINE, stood_h=F(10)), of=LIVELY),
        ["1.97"], ["7.1", "6.1"]),
    "boosters-and-cultures-in-half-the-water": Told(
        plan_for(of=LIVELY, split=True), ["2.55", "2.00", "2.00"], ["6.0"], volume="50"),
    "boosters-and-cultures-in-more-water": Told(
        plan_for(of=LIVELY, split=True), ["1.22", "1.97"], ["6.0"], volume="150"),
    "ph-overshot-and-lifted": Told(
        plan_for(shelf=replace(labelled(acid_on_shelf()), alkalis=(UP,))),
        ["1.97"], ["7.3", "5.2", "5.6", "5.9"]),
    "ph-of-water-nobody-knows": Told(
        plan_for(replace(MAINS, report=replace(MAINS.report, alkalinity=None))),
        ["1.97"], ["7.3", "7.0", "6.6", "6.3", "6.1"]),
    "acid-in-a-feed-without-labels": Told(
        plan_for(shelf=shelf(acid_on_shelf())), ["1.97"], ["7.3", "6.4", "6.0"]),
    "ph-that-does-not-move": Told(plan_for(HARD), ["2.30"], ["7.5", "7.5", "7.4", "7.5"],
                                  water=["0.86"]),
    "phosphoric-in-soft-water": Told(
        plan_for(SOFT, shelf=labelled(acid_on_shelf(AcidKind.PHOSPHORIC, "25"))),
        ["1.50"], ["6.6", "6.2"], water=["0.05"]),
    "ro-in-coir": Told(
        plan_for(RO, tank=Tank(grown_in=Medium.COIR),
                 shelf=replace(labelled(), alkalis=(UP,))),
        ["1.45"], ["4.9", "5.6", "5.9"], water=["0.02"]),
}  # fmt: skip


def events_of(told: Told) -> tuple[list[Event], GuidedState]:
    """What was told until the mix was over, and where it stands then."""
    events: list[Event] = []
    left = {StepKind.READ_EC: [*told.ec], StepKind.READ_PH: [*told.ph],
            StepKind.READ_WATER: [*told.water]}  # fmt: skip
    while (state := replay(told.plan, events)).now is not None:
        step = state.steps[state.now]
        reads = left.get(step.kind)
        shown = (reads.pop(0) if len(reads) > 1 else reads[0]) if reads else "20"
        event = next_event(state, len(events), {StepKind.READ_TEMPERATURE: "20", step.kind: shown}
                           if step.kind in (*left, StepKind.READ_TEMPERATURE) else {})  # fmt: skip
        if told.left_out and step.id.startswith(told.left_out):
            event = replace(event, kind=EventKind.SKIPPED, figure=None)
        elif step.id in told.poured:
            event = replace(event, figure=F(told.poured[step.id]))
        elif step.kind is StepKind.VOLUME and told.volume:
            event = replace(event, kind=EventKind.READ, figure=F(told.volume))
        events.append(event)
        assert len(events) < 150
    return events, state


def number(value: object) -> str:
    return f"{float(value):.4g}"  # type: ignore[arg-type]


def lines_of(told: Told) -> Iterator[str]:
    """A mix as its `.read` has it."""
    events, state = events_of(told)
    for step in state.steps:
        words = [step.id, f"({step.why})" if step.why else ""]
        words += [f"asks {number(step.amount)} {step.unit}"] if step.amount is not None else []
        words += [f"{step.seconds} s"] if step.seconds is not None else []
        words += [f"told {number(step.figure)}"] if step.figure is not None else []
        words += ["left out"] if step.status == "skipped" else []
        yield " ".join(word for word in words if word)
    yield f"= {', '.join(state.verdicts)}; {number(state.litres)} L"
    for key, share in state.of_dose.items():
        yield f"= {key}: {number(state.poured[key])}, {float(share):.1%} of its dose"
    if state.target:
        yield f"= target {' to '.join(map(number, state.target))}"
    for one in state.portions:
        yield f"= pH {number(one.before)} to {number(one.after)} by {number(one.meq_l)} meq/L"
    record = record_of(told.plan, state, events)
    for line in record.lines:
        planned = "-" if line.planned is None else number(line.planned)
        yield f"= {line.key} {line.unit}: planned {planned}, poured {number(line.poured)}"
    yield f"= read {' '.join(f'{line.what} {number(line.figure)}' for line in record.readings)}"
    yield (
        f"= {record.minutes} min; again in {record.look_again_h} h, good for {record.use_by_days} "
        f"days, changed out in {record.change_out_days}"
    )
    for pace in Pace:
        asks = effort(told.plan, state.steps, pace)
        yield (
            f"= {pace}: {asks.presses} presses, {asks.readings} readings, {asks.screens} screens, "
            f"{asks.seconds} s"
        )
    kept = {"EC": record.ec, "pH": record.ph, "alkalinity": record.alkalinity}
    yield f"= kept: {', '.join(f'{name} {number(one)}' for name, one in kept.items() if one is not None)}"


@pytest.mark.parametrize("name", MIXES)
def test_a_mix_goes_as_it_was_gone_through_by_hand(name: str) -> None:
    assert list(lines_of(MIXES[name])) == (WHOLE_MIXES / f"{name}.read").read_text().splitlines()
