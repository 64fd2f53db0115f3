"""A whole guided mix without a bench: a grower, pens and a tank that may all be wrong."""

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from enum import StrEnum
from fractions import Fraction
from random import Random

from core.chemistry import Alkali, contents_of
from core.chemistry.source import source_water
from core.errors import InputError
from core.guided import (
    Event,
    EventKind,
    GuidedPlan,
    GuidedState,
    Step,
    StepKind,
    causes_of,
    guided_plan,
    replay,
)
from core.guided.causes import OFFERED
from core.planning import MixRequest, PourSheet, plan_mix
from core.planning.tank import label_of
from core.practice.tank import SimulatedTank
from core.quantities import Amount, AmountUnit, rounded
from core.vessels import measure

MOST_STEPS = 400
"""Steps after which a rehearsal is given up; no mix of sixty products has so many."""

MOST_OFF = Fraction(1000)
"""Times by which anything may be off: more is a slip of the keyboard."""


class Stops(StrEnum):
    """How the grower takes advice and stops.

    Answer: each is seen to, and what is offered beyond the printed dose, or of acid beyond the
    need, is declined. Insist: that is taken too. Obey: the mix ends at the first.
    """

    ANSWER = "answer"
    INSIST = "insist"
    OBEY = "obey"


@dataclass(frozen=True, slots=True)
class Truth:
    """How things really are, as factors on what the request believes.

    Args:
        volume: of the water in the tank.
        acid: of the strength of acid and alkali.
        alkalinity: of the water's alkalinity.
        bottles: of the strength of single products.
        swapped: for a product, the one that is really in its bottle.
    """

    volume: Fraction = Fraction(1)
    acid: Fraction = Fraction(1)
    alkalinity: Fraction = Fraction(1)
    bottles: Mapping[str, Fraction] = field(default_factory=dict)
    swapped: Mapping[str, str] = field(default_factory=dict)


@dataclass(frozen=True, slots=True)
class PenFault:
    """How a pen shows something else than what is so.

    Args:
        stuck: what it shows whatever it is in, from the first reading after the water on.
        gain: the share of the rise over the water that it shows.
        offset: what it shows too much.
        drift: the share of itself by which each reading after the water is further off.
        noise: the share of a reading by which it wavers, one standard deviation.
    """

    stuck: Fraction | None = None
    gain: Fraction = Fraction(1)
    offset: Fraction = Fraction(0)
    drift: Fraction = Fraction(0)
    noise: Fraction = Fraction(0)


@dataclass(frozen=True, slots=True)
class RehearsalRequest:
    """A mix, and how everything about it really is.

    Args:
        mix: what the grower believes and asks for.
        truth: how it really is.
        ec_pen, ph_pen: how the pens show it.
        pours: by product, times of what is asked for that are poured and told.
        water_read: mS/cm that the water really reads at the bench; None for what was believed.
        stops: how the grower takes stops.
        volume_told: litres that the grower tells when asked; None to take the bench's estimate.
        seed: of the pens' noise.
    """

    mix: MixRequest
    truth: Truth = Truth()
    ec_pen: PenFault = PenFault()
    ph_pen: PenFault = PenFault()
    pours: Mapping[str, Fraction] = field(default_factory=dict)
    water_read: Fraction | None = None
    stops: Stops = Stops.ANSWER
    volume_told: Fraction | None = None
    seed: int = 1

    def __post_init__(self) -> None:
        keys = {product.key for product in self.mix.chart.products}
        swaps = self.truth.swapped
        named = [
            *(("truth.bottles", key) for key in self.truth.bottles),
            *(("truth.swapped", key) for pair in swaps.items() for key in pair),
            *(("pours", key) for key in self.pours),
        ]
        for where, key in named:
            if key not in keys:
                raise InputError("unknown_product", f"The chart has no product {key!r}.", where)
        factors = {
            "truth.volume": self.truth.volume, "truth.acid": self.truth.acid,
            "truth.alkalinity": self.truth.alkalinity,
        } | {f"truth.bottles.{k}": v for k, v in self.truth.bottles.items()} | {
            f"pours.{k}": v for k, v in self.pours.items()
        }  # fmt: skip
        for where, factor in factors.items():
            least = 1 / MOST_OFF if where == "truth.volume" else 0
            if not least <= factor <= MOST_OFF:
                raise InputError("factor_out_of_range", "A factor is at most 1000.", where)


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


def rehearse(request: RehearsalRequest) -> Rehearsal:
    """Carry a guided mix through to its end, or to where it stops.

    Raises:
        InputError: the mix cannot be planned, or pours nothing.
    """
    sheet = plan_mix(request.mix)
    if not sheet.pours:
        raise InputError("nothing_to_pour", "This mix pours nothing.", "request")
    bench = _Bench(request, sheet)
    return bench.run()


class _Bench:
    """The grower at work."""

    def __init__(self, request: RehearsalRequest, sheet: PourSheet) -> None:
        self.request = request
        self.plan: GuidedPlan = guided_plan(request.mix, sheet)
        self.tank = _TrueTank(request, self.plan)
        self.pens = _Pens(request, self.tank)
        self.events: list[Event] = []
        self.steps: list[RehearsedStep] = []
        self.causes: dict[str, None] = {}

    def run(self) -> Rehearsal:
        state, ended = replay(self.plan, self.events), "done"
        while state.now is not None:
            step = state.steps[state.now]
            if step.kind is StepKind.ADVICE:
                self.causes |= dict.fromkeys(causes_of(step.why))
                if self.request.stops is Stops.OBEY:
                    self._note(step, None, state)
                    ended = "stopped"
                    break
            if len(self.steps) >= MOST_STEPS:
                ended = "too_many_steps"
                break
            asked, event = self._do(step)
            self.events.append(event)
            self._note(step, asked, state, event)
            state = replay(self.plan, self.events)
        return self._rehearsal(state, ended)

    def _do(self, step: Step) -> tuple[Fraction | None, Event]:
        kind, figure, asked = EventKind.DONE, None, step.amount
        match step.kind:
            case StepKind.READ_WATER | StepKind.READ_EC:
                kind, figure = (
                    EventKind.READ,
                    self.pens.ec(of_water=step.kind is StepKind.READ_WATER),
                )
            case StepKind.READ_PH:
                kind, figure = EventKind.READ, self.pens.ph()
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
            case _:
                pass
        number = len(self.events)
        return asked, Event(f"e{number:05}", float(number), "rehearsal", kind, step.id, figure)

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
        how = measure(Amount(step.amount, AmountUnit(step.unit)), self.plan.vessels)
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
        key = self.plan.pours[step.pour or 0].key
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
        adjusted = state.adjusted
        alkali_unit = plan.alkali.unit.value if plan.alkali else "mL"
        drained = [e.figure for e in self.steps_of(StepKind.DRAIN)]
        ecs, phs = [s.ec for s in self.steps], [s.ph for s in self.steps]
        return Rehearsal(
            ended=ended,
            steps=tuple(self.steps),
            poured={
                key: (amount, units[key], state.of_dose.get(key))
                for key, amount in state.poured.items()
            },
            acid=_in_all(adjusted.get(StepKind.ACID), "mL"),
            alkali=_in_all(adjusted.get(StepKind.ALKALI), alkali_unit),
            drained_l=sum((litres for litres in drained if litres), Fraction(0)),
            ec_high=max(ecs),
            ph_low=min(phs),
            ph_high=max(phs),
            verdicts=tuple(verdict.value for verdict in state.verdicts),
            causes=tuple(self.causes),
            accept_at=state.way_out.accept_at if state.way_out else None,
        )

    def steps_of(self, kind: StepKind) -> list[Event]:
        ids = {step.step for step in self.steps if step.kind is kind}
        return [event for event in self.events if event.step in ids]


def _in_all(amount: Fraction | None, unit: str) -> tuple[Fraction, str] | None:
    return None if amount is None else (amount, unit)


class _TrueTank:
    """The tank as it is."""

    def __init__(self, request: RehearsalRequest, plan: GuidedPlan) -> None:
        self.mix, self.truth, self.plan = request.mix, request.truth, plan
        believed = request.mix.water
        report = believed.report
        if report.alkalinity is not None:
            more = replace(report, alkalinity=report.alkalinity * self.truth.alkalinity)
            water = replace(believed, report=more)
        else:
            water = believed
        self.fresh = dict(source_water(water).moles)
        self.tank = SimulatedTank(float(plan.litres * self.truth.volume), dict(self.fresh))
        solved = self.tank.solved()
        read = believed.reading.ms_cm if believed.reading else Fraction(solved.ms_cm)
        self.water_ec = float(request.water_read if request.water_read is not None else read)
        # What the model and the reading of this water differ by stays between them.
        self._zero = self.water_ec - solved.ms_cm
        self.now = (self.water_ec, solved.ph)
        self.water_ph = solved.ph

    def _solve(self) -> None:
        solved = self.tank.solved()
        self.now = (max(solved.ms_cm + self._zero, 0.0), solved.ph)

    def pour(self, key: str, amount: Fraction) -> None:
        really = self.truth.swapped.get(key, key)
        strong = self.truth.bottles.get(key, Fraction(1))
        product = next(p for p in self.mix.chart.products if p.key == really)
        label = label_of(self.mix, really)
        if label is not None:
            self.tank.pour(contents_of(label, product.form, product.role), float(amount * strong))
        else:
            pours = [p for p in self.plan.pours if p.key == really]
            whole = sum((p.amount or p.estimate or Fraction(0) for p in pours), Fraction(0))
            ec_rise = self.plan.rise_of(really)
            if whole:
                self.tank.pour_unlabelled(
                    float(ec_rise * amount * strong / whole * self.plan.litres)
                )
        self._solve()

    def pour_acid(self, amount: Fraction) -> None:
        if self.plan.acid is not None:
            self.tank.pour_acid(self.plan.acid.acid, float(amount * self.truth.acid))
        self._solve()

    def pour_alkali(self, amount: Fraction) -> None:
        alkali = self.plan.alkali.alkali if self.plan.alkali else Alkali(1.0, 0.0)
        self.tank.pour_alkali(alkali, float(amount * self.truth.acid))
        self._solve()

    def drain(self, litres: Fraction) -> None:
        self.tank.exchange(float(litres), self.fresh)
        self._solve()


class _Pens:
    """What the pens show of it."""

    def __init__(self, request: RehearsalRequest, tank: _TrueTank) -> None:
        self.request, self.tank = request, tank
        self.chance = Random(request.seed)  # noqa: S311 -- a pen's noise
        self.ecs = self.phs = 0

    def ec(self, *, of_water: bool) -> Fraction:
        self.ecs += not of_water
        pen = self.request.ec_pen
        shown = self._show(pen, self.tank.now[0], self.tank.water_ec, self.ecs)
        return rounded(Fraction(max(shown, 0.0)), 2)

    def ph(self) -> Fraction:
        self.phs += 1
        pen = self.request.ph_pen
        shown = self._show(pen, self.tank.now[1], self.tank.water_ph, self.phs)
        return rounded(Fraction(min(max(shown, 0.0), 14.0)), 1)

    def _show(self, pen: PenFault, true: float, water: float, reading: int) -> float:
        if pen.stuck is not None and reading:
            return float(pen.stuck)
        shown = water + (true - water) * float(pen.gain) + float(pen.offset)
        shown *= float(1 + pen.drift) ** reading
        return shown * (1 + self.chance.gauss(0, float(pen.noise)))
