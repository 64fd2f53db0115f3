"""A whole guided mix without a bench: a grower, pens and a tank that may all be wrong."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from core.errors import InputError
from core.guided import (
    Ending,
    Event,
    EventKind,
    GuidedPlan,
    GuidedState,
    Step,
    StepKind,
    causes_of,
    endings,
    guided_plan,
    replay,
)
from core.guided.ec.steering import Verdict
from core.guided.ph.adjusting import PEN_CHECK
from core.guided.readings.causes import OFFERED
from core.guided.readings.plausible import is_odd_reading
from core.guided.steps import TIMED_STEPS
from core.planning import PourSheet, plan_mix
from core.practice.request import RehearsalRequest, Stops
from core.practice.truth import Pens, TrueTank
from core.quantities import Amount, AmountUnit, rounded
from core.vessels import measure

MOST_STEPS = 400
"""Steps after which a rehearsal is given up; no mix of sixty products has so many."""


@dataclass(frozen=True, slots=True)
class RehearsedStep:
    """One step: what was asked and done, its advice, and the tank's true EC and pH after it."""

    step: str
    kind: StepKind
    product: str | None
    asked: Fraction | None
    done: Fraction | None
    unit: str
    advice: tuple[str, ...]
    ec: float
    ph: float


@dataclass(frozen=True, slots=True)
class Rehearsal:
    """What came of it.

    Args:
        ended: `done`, `stopped` at a stop, or `too_many_steps`.
        steps: in order.
        poured: mL or g of each product, its unit, and the share of printed dose × strength.
        acid, alkali: in all, with its unit; None where none was poured.
        drained_l: litres.
        ec_high, ph_low, ph_high: the worst that the tank truly had.
        verdicts: what the readings of EC were judged to say, in order.
        causes: likely causes that were told.
        accept_at: the reading that was told to accept at, where too much went in.
        correction: what the last reading of EC was said to call for; None where none was.
    """

    ended: str
    steps: tuple[RehearsedStep, ...]
    poured: Mapping[str, tuple[Fraction, str, Fraction | None]]
    acid: tuple[Fraction, str] | None
    alkali: tuple[Fraction, str] | None
    drained_l: Fraction
    ec_high: float
    ph_low: float
    ph_high: float
    verdicts: tuple[str, ...]
    causes: tuple[str, ...]
    accept_at: Fraction | None
    correction: str | None = None


def rehearse(request: RehearsalRequest) -> Rehearsal:
    """Carry a guided mix through to its end, or to where it stops.

    Raises:
        InputError: the mix cannot be planned, or pours nothing.
    """
    sheet = plan_mix(request.mix)
    if not sheet.pours:
        raise InputError("nothing_to_pour.mix", "request")
    grower = _Grower(request, sheet)
    return grower.run()


class _Grower:
    """The grower at work."""

    def __init__(self, request: RehearsalRequest, sheet: PourSheet) -> None:
        self.request = request
        self.plan: GuidedPlan = guided_plan(request.mix, sheet, ph_step=request.ph_step)
        self.tank = TrueTank(request, self.plan)
        self.pens = Pens(request, self.tank)
        self.events: list[Event] = []
        self.steps: list[RehearsedStep] = []
        self.causes: dict[str, None] = {}
        self.untold: list[Event] = []
        self.readings: dict[str, int] = {}

    def run(self) -> Rehearsal:
        state, ended = replay(self.plan, self.events), "done"
        while state.now is not None:
            step = state.steps[state.now]
            ending = endings(self.plan, state.steps, self.request.pace)[state.now]
            if step.kind is StepKind.ADVICE:
                self.causes |= dict.fromkeys(causes_of(step.why))
                if self.request.stops is Stops.OBEY:
                    self._note(step, None, state)
                    ended = "stopped"
                    break
            if len(self.steps) >= MOST_STEPS:
                ended = "too_many_steps"
                break
            if step.why == Verdict.UNTOLD and self.untold and self.request.stops is Stops.ANSWER:
                self._note(step, None, state)
                self._tell_after_all()
                state = replay(self.plan, self.events)
                continue
            asked, event = self._tell_step(step, ending)
            self.events.append(event)
            self._note(step, asked, state, event)
            state = replay(self.plan, self.events)
        return self._rehearsal(state, ended)

    def _tell_step(self, step: Step, ending: Ending) -> tuple[Fraction | None, Event]:
        kind, figure, asked = EventKind.DONE, None, step.amount
        timed = step.kind in TIMED_STEPS
        if ending is Ending.CUT or (timed and self.request.hurries):
            kind = EventKind.SKIPPED
        match step.kind:
            case StepKind.READ_WATER | StepKind.READ_EC:
                shown = self.pens.ec(of_water=step.kind is StepKind.READ_WATER)
                kind, figure = EventKind.READ, self._typed("ec", step.kind, shown)
            case StepKind.READ_PH:
                shown = self.pens.ph(in_a_cup=step.why == PEN_CHECK)
                kind, figure = EventKind.READ, self._typed("ph", step.kind, shown)
            case StepKind.READ_TEMPERATURE:
                kind, figure = EventKind.READ, Fraction(20)
            case StepKind.VOLUME:
                kind, figure = self._tell_volume(step)
            case StepKind.ADVICE:
                if step.why in OFFERED and self.request.stops is not Stops.INSIST:
                    kind = EventKind.SKIPPED
            case StepKind.POUR | StepKind.ADD | StepKind.ACID | StepKind.ALKALI | StepKind.DRAIN:
                asked = self._measured(step)
                kind, figure = EventKind.POURED, self._pour(step, asked)
                if step.kind is StepKind.POUR and self._key(step) in self.request.untold:
                    return asked, self._leave_untold(step, figure)
            case _:
                pass
        return asked, self._event(kind, step.id, figure)

    def _typed(self, what: str, kind: StepKind, shown: Fraction) -> Fraction:
        """What the grower types of a reading: a slip stays only where nobody asks about it."""
        slip, nth = self.request.slip, self.readings.get(what, 0)
        self.readings[what] = nth + 1
        if slip is None or slip.kind != what or slip.reading != nth:
            return shown
        typed = shown * slip.times
        return shown if is_odd_reading(kind, typed, self.plan) else typed

    def _event(self, kind: EventKind, step: str, figure: Fraction | None, of: str = "") -> Event:
        number = len(self.events)
        return Event(f"e{number:05}", float(number), "rehearsal", kind, step, figure, of)

    def _leave_untold(self, step: Step, figure: Fraction) -> Event:
        """It is in, and the screen hears that it is not."""
        self.untold.append(Event("", 0.0, "rehearsal", EventKind.POURED, step.id, figure))
        return self._event(EventKind.SKIPPED, step.id, None)

    def _tell_after_all(self) -> None:
        """Once asked, the grower looks, and tells what went in."""
        for one in self.untold:
            left_out = next(event for event in self.events if event.step == one.step)
            self.events.append(self._event(EventKind.UNDONE, "", None, left_out.id))
            self.events.append(self._event(EventKind.POURED, one.step, one.figure))
        self.untold.clear()

    def _key(self, step: Step) -> str:
        return self.plan.pours[step.pour or 0].key

    def _tell_volume(self, step: Step) -> tuple[EventKind, Fraction | None]:
        if self.request.volume_told is not None:
            return EventKind.READ, self.request.volume_told
        return (EventKind.DONE, None) if step.amount else (EventKind.SKIPPED, None)

    def _measured(self, step: Step) -> Fraction:
        """What the vessels show of an amount; of an alkali of unknown strength, a little."""
        if step.amount is None:
            return rounded(self.plan.litres / 100, 1)
        if step.kind is StepKind.DRAIN or step.amount == 0:
            return rounded(step.amount, 2)
        product = None if step.pour is None else self.plan.pours[step.pour].key
        how = measure(Amount(step.amount, AmountUnit(step.unit)), self.plan.vessels, product)
        return rounded(how.amount.value if how.fills and not how.dilute else step.amount, 6)

    def _pour(self, step: Step, asked: Fraction) -> Fraction:
        if step.kind is StepKind.DRAIN:
            self.tank.drain(asked)
            return asked
        if step.kind is StepKind.ACID:
            self.tank.pour_acid(asked)
            return asked
        if step.kind is StepKind.ALKALI:
            self.tank.pour_alkali(asked)
            return asked
        key = self._key(step)
        done = asked * self.request.pours.get(key, Fraction(1))
        self.tank.pour(key, done)
        return rounded(done, 6)

    def _note(
        self, step: Step, asked: Fraction | None, state: GuidedState, event: Event | None = None
    ) -> None:
        advice = [str(step.why)] if step.kind is StepKind.ADVICE else []
        if state.way_out is not None and step.kind is not StepKind.ADVICE:
            advice.append("overpoured")
        ec, ph = self.tank.now
        self.steps.append(
            RehearsedStep(
                step.id,
                step.kind,
                self.plan.pours[step.pour].key if step.pour is not None else None,
                asked,
                event.figure if event else None,
                step.unit,
                tuple(advice),
                ec,
                ph,
            )
        )

    def _rehearsal(self, state: GuidedState, ended: str) -> Rehearsal:
        plan, units = self.plan, {p.key: p.unit.value for p in self.plan.pours}
        adjusted, shares = state.adjusted, state.of_dose
        alkali_unit = plan.alkali.unit.value if plan.alkali else "mL"
        drained = [e.figure for e in self.steps_of(StepKind.DRAIN) if e.figure]
        ecs, phs = [s.ec for s in self.steps], [s.ph for s in self.steps]
        return Rehearsal(
            ended=ended,
            steps=tuple(self.steps),
            poured={k: (much, units[k], shares.get(k)) for k, much in state.poured.items()},
            acid=_in_all(adjusted.get(StepKind.ACID), "mL"),
            alkali=_in_all(adjusted.get(StepKind.ALKALI), alkali_unit),
            drained_l=sum(drained, Fraction(0)),
            ec_high=max(ecs),
            ph_low=min(phs),
            ph_high=max(phs),
            verdicts=tuple(verdict.value for verdict in state.verdicts),
            causes=tuple(self.causes),
            accept_at=state.way_out.accept_at if state.way_out else None,
            correction=state.correction.verdict.value if state.correction else None,
        )

    def steps_of(self, kind: StepKind) -> list[Event]:
        ids = {step.step for step in self.steps if step.kind is kind}
        return [event for event in self.events if event.step in ids]


def _in_all(amount: Fraction | None, unit: str) -> tuple[Fraction, str] | None:
    return None if amount is None else (amount, unit)
