"""The record of a mix: planned against poured, readings, acid, who, how long, and what is next."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.chemistry.buffers import phosphate_between
from core.chemistry.carbonate import alkalinity_of, carbon_from_acid
from core.guided.events import Event
from core.guided.ph.advice import Advice
from core.guided.ph.portion_sizes import SURE_STEPS
from core.guided.plan import GuidedPlan
from core.guided.state import GuidedState
from core.guided.steps import EC_STEPS, Step, StepKind, StepStatus
from core.quantities import AmountUnit, rounded

LOOK_AGAIN_H = 24
"""Hours to the next look at EC and pH: a day or two is common practice."""

MINERAL_DAYS, ORGANIC_DAYS = 14, 7
"""Days for which mixed feed keeps: common practice; the shorter with organic or live products."""

CHANGE_OUT_DAYS = 10
"""Days to a change-out in a recirculating tank: 7 to 14, 10 is common practice."""


@dataclass(frozen=True, slots=True)
class PouredLine:
    """One product: planned and poured, mL or g."""

    key: str
    name: str
    unit: str
    planned: Fraction | None
    poured: Fraction


@dataclass(frozen=True, slots=True)
class ReadLine:
    """One reading: which step, EC in mS/cm or pH, when and by whom."""

    step: str
    what: str
    figure: Fraction
    at: float
    by: str


@dataclass(frozen=True, slots=True)
class MixRecord:
    """What is kept of a mix.

    Args:
        litres: of water.
        lines: product by product, acid and alkali last.
        readings: in order of time.
        skipped: steps that were left out, knowingly.
        people: who took part.
        began, ended: seconds since the epoch.
        ec, ph: the last readings; None where none was taken, or what went in or out since has moved
            them.
        target: low and high of the reading that it was steered to, mS/cm; None where there is none.
        alkalinity: meq/L that the acid showed the water to have; None where none was poured.
        look_again_h, use_by_days, change_out_days: what is next, counted from the end.
    """

    litres: Fraction
    lines: tuple[PouredLine, ...]
    readings: tuple[ReadLine, ...]
    skipped: tuple[str, ...]
    people: tuple[str, ...]
    began: float
    ended: float
    ec: Fraction | None
    ph: Fraction | None
    alkalinity: Fraction | None
    look_again_h: int
    use_by_days: int
    change_out_days: int
    target: tuple[Fraction, Fraction] | None = None

    @property
    def minutes(self) -> int:
        """How long it took."""
        return round((self.ended - self.began) / 60)


def record_of(plan: GuidedPlan, state: GuidedState, events: Sequence[Event]) -> MixRecord:
    """What is kept of a mix, over or not."""
    times = [event.at for event in events]
    people = tuple(dict.fromkeys(event.by for event in sorted(events, key=lambda e: e.at)))
    organic = plan.settles or any(pour.live for pour in plan.pours)
    return MixRecord(
        litres=plan.litres,
        lines=_lines(plan, state),
        readings=tuple(_readings(state)),
        skipped=tuple(step.id for step in state.steps if step.status is StepStatus.SKIPPED),
        people=people,
        began=min(times, default=0.0),
        ended=max(times, default=0.0),
        ec=None if _moved(plan, state, StepKind.READ_EC, _MOVES_EC) else state.ec,
        ph=None if _moved(plan, state, StepKind.READ_PH, _MOVES_PH) else state.ph,
        alkalinity=_learned(plan, state),
        look_again_h=(state.assistance and state.assistance.look_again_h) or LOOK_AGAIN_H,
        use_by_days=ORGANIC_DAYS if organic else MINERAL_DAYS,
        change_out_days=CHANGE_OUT_DAYS,
        target=state.target,
    )


_MOVES_EC = frozenset({StepKind.ADD, StepKind.DRAIN})
_MOVES_PH = _MOVES_EC | {StepKind.ACID, StepKind.ALKALI}
_MOVES_MS_CM = Fraction(1, 20)
"""Rise of pours after a reading that it may still stand for: no more than pens differ by."""


def _moved(plan: GuidedPlan, state: GuidedState, read: StepKind, by: frozenset[StepKind]) -> bool:
    """Whether something went in or out after the last reading that moves what was read."""
    steps = list(state.steps)
    at = max(
        (n for n, one in enumerate(steps) if one.kind is read and one.figure is not None),
        default=None,
    )
    since = [step for step in steps[at + 1 :] if step.figure] if at is not None else []
    return any(one.kind in by for one in since) or _rise(plan, since) > _MOVES_MS_CM


def _rise(plan: GuidedPlan, steps: Sequence[Step]) -> Fraction:
    """mS/cm that pours are expected to bring, each by how much of it was poured."""
    risen = Fraction(0)
    for step in steps:
        if step.kind is StepKind.POUR and step.pour is not None and step.figure is not None:
            pour = plan.pours[step.pour]
            planned = pour.amount or pour.estimate
            risen += pour.ec_rise * (step.figure / planned if planned else 1)
    return risen


def _readings(state: GuidedState) -> Iterator[ReadLine]:
    """EC and pH as they were read; the temperature is no part of a record."""
    for step in state.steps:
        if step.figure is None or step.at is None:
            continue
        if step.kind in EC_STEPS:
            yield ReadLine(step.id, "ec", step.figure, step.at, step.by)
        elif step.kind is StepKind.READ_PH:
            yield ReadLine(step.id, "ph", step.figure, step.at, step.by)


def _lines(plan: GuidedPlan, state: GuidedState) -> tuple[PouredLine, ...]:
    names: dict[str, tuple[str, str]] = {}
    planned: dict[str, Fraction | None] = {}
    for pour in plan.pours:
        names[pour.key] = (pour.name, pour.unit.value)
        amount = pour.amount if pour.amount is not None else pour.estimate
        before = planned.get(pour.key)
        planned[pour.key] = amount if before is None else before + (amount or 0)
    lines = [
        PouredLine(key, name, unit, _recorded(planned[key]), state.poured.get(key, Fraction(0)))
        for key, (name, unit) in names.items()
    ]
    for kind, amount in state.adjusted.items():
        bottle = plan.bottle(kind)
        unit = bottle.unit if bottle else AmountUnit.ML
        name = bottle.name if bottle else "pH up"
        lines.append(PouredLine(kind.value, name, unit.value, None, amount))
    return tuple(lines)


_UNTOLD = (Advice.UNMOVED, Advice.NO_RESPONSE, Advice.ODD, Advice.TOO_MANY_ROUNDS)


def _learned(plan: GuidedPlan, state: GuidedState) -> Fraction | None:
    """The alkalinity that all portions of acid together showed, over a way that tells it."""
    seen = acid_seen(plan, state)
    if seen is None:
        return None
    meq = sum(portion.meq_l for portion in state.portions)
    return alkalinity_by(state.portions[0].before, state.portions[-1].after, meq, seen)


@dataclass(frozen=True, slots=True)
class AcidSeen:
    """What portions of acid showed of a tank.

    Args:
        meq_per_ml: meq that a mL of the acid counted as, in the litres of the record.
        first, last: which of the readings of pH, from 0, stand before and after the portions.
        readings: how many readings of pH there were.
        phosphate: mmol/L of the feed, which takes up acid as well.
        least_fall: the fall of pH from which the portions tell something.
    """

    meq_per_ml: float
    first: int
    last: int
    readings: int
    phosphate: float
    least_fall: float


def acid_seen(plan: GuidedPlan, state: GuidedState) -> AcidSeen | None:
    """What all portions of acid together showed; None where they tell no alkalinity."""
    portions = state.portions
    if not portions or any(portion.meq_l <= 0 for portion in portions):
        return None
    if state.assistance is None or state.assistance.advice in _UNTOLD:
        return None
    phs = [float(line.figure) for line in _readings(state) if line.what == "ph"]
    poured = float(state.adjusted.get(StepKind.ACID, Fraction(0)))
    start, end = portions[0].before, portions[-1].after
    meq = sum(portion.meq_l for portion in portions) * float(plan.litres)
    return AcidSeen(
        meq_per_ml=meq / poured if poured else 0.0,
        first=phs.index(start) if start in phs else 0,
        last=len(phs) - 1 - (phs[::-1].index(end) if end in phs else 0),
        readings=len(phs),
        phosphate=float(plan.phosphate or 0),
        least_fall=SURE_STEPS * float(plan.ph_step),
    )


def alkalinity_by(start: float, end: float, meq_l: float, seen: AcidSeen) -> Fraction | None:
    """The alkalinity, meq/L, of a tank that so much acid brought from one pH to another.

    None where it hardly fell.
    """
    if start - end < seen.least_fall:
        return None
    left = meq_l - phosphate_between(start, end, seen.phosphate)
    return rounded(Fraction(alkalinity_of(carbon_from_acid(start, end, max(left, 0.0)))), 3)


def _recorded(value: Fraction | None) -> Fraction | None:
    """A record has an end: no vessel shows a millionth of a mL."""
    return None if value is None else rounded(value, 6)
