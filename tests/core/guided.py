"""A grower who follows the screen of a guided mix, and the waters they have."""

from core.chemistry import Alkali
from core.guided import Event, EventKind, GuidedPlan, GuidedState, StepKind, guided_plan, replay
from core.planning import MixRequest, plan_mix
from core.quantities import Volume
from core.water import Water
from tests.core.labels import acid_on_shelf, labelled
from tests.core.mixes import F, ec, pair, water

RO = water("0.02", alkalinity="3", calcium="0", sodium="2", ph=F("6.5"))
SOFT = water("0.05", alkalinity="12", calcium="3", ph=F("6.5"))
MAINS = water("0.52", alkalinity="150", calcium="68", magnesium="7", sodium="18", ph=F("7.6"))
HARD = water("0.86", alkalinity="265", calcium="112", magnesium="15", sodium="31", ph=F("7.3"))


def plan_for(source: Water = MAINS, **fields: object) -> GuidedPlan:
    of = fields.pop("of", pair(target=ec("1.4", "1.5")))
    fields.setdefault("shelf", labelled(acid_on_shelf()))
    request = MixRequest(of, "w1", Volume(F(100)), water=source, **fields)  # type: ignore[arg-type]
    return guided_plan(request, plan_mix(request))


READS = {
    StepKind.READ_TEMPERATURE: "20",
    StepKind.READ_WATER: "0.52",
    StepKind.READ_EC: "1.95",
    StepKind.READ_PH: "5.8",
}


def next_event(state: GuidedState, number: int, figures: dict[StepKind, str] = READS) -> Event:
    """What a grower does who follows the screen."""
    assert state.now is not None
    step = state.steps[state.now]
    stamp = {"id": f"e{number:04}", "at": float(number), "by": "wren", "step": step.id}
    if step.kind in figures:
        return Event(**stamp, kind=EventKind.READ, figure=F(figures[step.kind]))  # type: ignore[arg-type]
    if step.kind in (StepKind.POUR, StepKind.ADD, StepKind.DRAIN, StepKind.ACID, StepKind.ALKALI):
        figure = F(1) if step.amount is None else step.amount
        return Event(**stamp, kind=EventKind.POURED, figure=figure)  # type: ignore[arg-type]
    return Event(**stamp, kind=EventKind.DONE)  # type: ignore[arg-type]


def whole(plan: GuidedPlan) -> list[Event]:
    """All events of a mix that goes as planned."""
    events: list[Event] = []
    while (state := replay(plan, events)).now is not None:
        events.append(next_event(state, len(events)))
        assert len(events) < 200
    return events


PLANS = [plan_for(), plan_for(split=True)]

AT = {"low": 5.7, "high": 6.2, "litres": 100.0, "acid_meq": 7.4}
MIDDLE = 5.95
POTASH = Alkali(meq=4.5, carbonate=0.5)
