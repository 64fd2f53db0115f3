"""What a step is by its id alone, whether or not it is laid out now."""

import re
from collections.abc import Iterable, Mapping
from fractions import Fraction

from core.guided.events import Event, EventKind
from core.guided.plan import GuidedPlan
from core.guided.steps import StepKind

_OF_THE_TANK = {
    "fill": StepKind.FILL,
    "read-water": StepKind.READ_WATER,
    "read-water-2": StepKind.READ_WATER,
    "temperature": StepKind.READ_TEMPERATURE,
    "chlorine": StepKind.CHLORINE,
    "bottles": StepKind.BOTTLES,
    "gear": StepKind.GEAR,
    "cover": StepKind.COVER,
}
_BY_TURN = (
    (re.compile(r"read-(between|ec-\d+|between-\d+)"), StepKind.READ_EC),
    (re.compile(r"(read|check)-ph-\d+"), StepKind.READ_PH),
    (re.compile(r"volume-(between|ec-\d+|between-\d+|ec-\d+-drained)"), StepKind.VOLUME),
    (re.compile(r"drain-\d+"), StepKind.DRAIN),
    (re.compile(r"(settle|wait-ph)-\d+"), StepKind.WAIT),
    (re.compile(r"acid-\d+"), StepKind.ACID),
    (re.compile(r"alkali-\d+"), StepKind.ALKALI),
    (re.compile(r"advice-((water|ec|ratio|beyond|between)-)?\d+|advice-between"), StepKind.ADVICE),
)
_OF_A_POUR = {
    "shake": StepKind.SHAKE,
    "pour": StepKind.POUR,
    "stir": StepKind.STIR,
    "wait": StepKind.WAIT,
    "read": StepKind.READ_EC,
    "volume": StepKind.VOLUME,
    "drain": StepKind.DRAIN,
    "settle": StepKind.WAIT,
    "advice": StepKind.ADVICE,
    "advice-beyond": StepKind.ADVICE,
}


def kind_of_step(plan: GuidedPlan, step: str) -> StepKind | None:
    """What a step of this mix is; None for one that no way through the mix can have."""
    if step in _OF_THE_TANK:
        return _OF_THE_TANK[step]
    for pattern, kind in _BY_TURN:
        if pattern.fullmatch(step):
            return kind
    if product_of_step(plan, step) is None:
        return None
    if step.startswith("add-"):
        return StepKind.ADD
    kinds = (kind for head, kind in _OF_A_POUR.items() if step.startswith(f"{head}-"))
    return next(kinds, None)


def product_of_step(plan: GuidedPlan, step: str) -> str | None:
    """The key of the product that a step is about; None for a step of the whole tank."""
    added = re.fullmatch(r"add-\d+-(.+)", step, re.DOTALL)
    if added is not None:
        return added[1] if added[1] in {pour.key for pour in plan.pours} else None
    for head in _OF_A_POUR:
        rest = step.removeprefix(f"{head}-")
        if rest == step:
            continue
        for at, pour in enumerate(plan.pours):
            place = f"{at + 1}-{pour.key}"
            if rest == place or re.fullmatch(re.escape(place) + r"-\d+", rest):
                return pour.key
    return None


def poured_in_all(plan: GuidedPlan, events: Iterable[Event]) -> dict[str, Fraction]:
    """mL or g of each product that went in by the events that count, wherever they are laid out."""
    found: dict[str, Fraction] = {}
    for event in events:
        key = product_of_step(plan, event.step)
        kind = kind_of_step(plan, event.step)
        if key is not None and kind in (StepKind.POUR, StepKind.ADD) and event.figure is not None:
            found[key] = found.get(key, Fraction(0)) + event.figure
    return found


def adjusted_in_all(plan: GuidedPlan, events: Iterable[Event]) -> dict[StepKind, Fraction]:
    """mL or g of acid and of alkali that went in by the events that count."""
    found: dict[StepKind, Fraction] = {}
    for event in events:
        kind = kind_of_step(plan, event.step)
        if kind in (StepKind.ACID, StepKind.ALKALI) and event.figure is not None:
            found[kind] = found.get(kind, Fraction(0)) + event.figure
    return found


def unplaced(
    plan: GuidedPlan, first: Mapping[str, Event], laid_out: Iterable[str]
) -> tuple[Event, ...]:
    """What went in or out at steps that are no longer laid out, since a reading was corrected."""
    known = set(laid_out)
    return tuple(
        event
        for step, event in first.items()
        if event.kind is EventKind.POURED and event.figure and step not in known
    )
