"""The way through a guided mix: what was done step by step, and what follows from it."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from core.chemistry.acids import PROTONS_AT_6
from core.mix.steps import Pass
from core.quantities import AmountUnit
from core.session.events import Event, Kind
from core.session.ph import (
    CAUTIOUS_MEQ_PER_MS_CM,
    FIRST_UNKNOWN_MEQ,
    WAIT_MIN,
    Advice,
    Assistance,
    Portion,
    assist,
)
from core.session.plan import BenchPlan, BenchPour
from core.session.steering import (
    OVERPOURED,
    PEN_STEP,
    Correction,
    SecondPour,
    Slope,
    Verdict,
    WayOut,
    correct,
    follows,
    portion_until,
    second_pour,
)
from core.session.steps import Status, Step, StepKind

MOST_ROUNDS = 8
"""Readings and corrections of one kind in a mix; who needs more has another trouble."""

_GOES_ON = (Advice.ACID, Advice.ALKALI, Advice.UNMOVED)
"""Advice after which pH is read again."""

OTHER_WATER = Fraction(1, 10)
"""mS/cm: a water that reads further off than this is another water; our own default."""


@dataclass(slots=True)
class Walk:
    """Goes through a mix step by step, as far as it was done; what follows is laid out ahead."""

    plan: BenchPlan
    first: Mapping[str, Event]
    steps: list[Step] = field(default_factory=list)
    now: int | None = None
    at: float | None = None
    poured: dict[str, Fraction] = field(default_factory=dict)
    adjusted: dict[StepKind, Fraction] = field(default_factory=dict)
    base: dict[str, Fraction] = field(default_factory=dict)
    source: Fraction | None = None
    ratio: Fraction = Fraction(1)
    slope: Slope | None = None
    second: SecondPour | None = None
    way_out: WayOut | None = None
    correction: Correction | None = None
    assistance: Assistance | None = None
    ec: Fraction | None = None
    ph: Fraction | None = None
    portions: list[Portion] = field(default_factory=list)

    def step(
        self,
        id_: str,
        kind: StepKind,
        *,
        pour: int | None = None,
        amount: Fraction | None = None,
        unit: str = "",
        why: str = "",
        seconds: int | None = None,
    ) -> Event | None:
        """Lay out a step; the event that ended it, if it is over and so is all before it."""
        event = self.first.get(id_) if self.now is None else None
        status, due = Status.AHEAD, None
        if event is not None:
            status = Status.SKIPPED if event.kind is Kind.SKIPPED else Status.DONE
            self.at = event.at
        elif self.now is None:
            status, self.now = Status.NOW, len(self.steps)
            due = self.at + seconds if seconds is not None and self.at is not None else None
        self.steps.append(
            Step(
                id=id_,
                kind=kind,
                status=status,
                pour=pour,
                amount=amount,
                unit=unit,
                why=why,
                seconds=seconds,
                due=due,
                figure=event.figure if event else None,
                at=event.at if event else None,
                by=event.by if event else "",
            )
        )
        return event

    @property
    def is_ahead(self) -> bool:
        """Whether everything from here on is still to come."""
        return self.now is not None

    @property
    def target(self) -> tuple[Fraction, Fraction] | None:
        """Low and high of the final reading; on top it follows what the water reads now."""
        if self.plan.added is None or self.source is None:
            return self.plan.target
        low, high = self.plan.added
        return self.source + low, self.source + high

    @property
    def water_off(self) -> Fraction | None:
        """How far the water reads above what the plan took it to, where that is another water."""
        if self.source is None or self.plan.source is None:
            return None
        off = self.source - self.plan.source
        return off if abs(off) > OTHER_WATER else None

    def prepare(self) -> None:
        """Water, its reading, bottles, gear."""
        self.step("fill", StepKind.FILL, amount=self.plan.litres, unit="L")
        read = self.step("read-water", StepKind.READ_WATER)
        self.source = read.figure if read and read.figure is not None else self.plan.source
        self.step("temperature", StepKind.READ_TEMPERATURE)
        if self.plan.chlorine_h > 0:
            self.step("chlorine", StepKind.CHLORINE)
        self.step("bottles", StepKind.BOTTLES)
        if self.plan.handles_acid:
            self.step("gear", StepKind.GEAR)

    def feed(self) -> None:
        """Every pour but the live ones, with the reading between the passes of a split base."""
        for at, pour in enumerate(self.plan.pours):
            if pour.live:
                continue
            if pour.turn is Pass.SECOND and self.second is None:
                self._between()
            if pour.until is not None:
                self._until(at, pour)
            else:
                self._pour(at, pour)

    def _between(self) -> None:
        read = self.step("read-between", StepKind.READ_EC)
        pours = self.plan.pours
        whole = {p.key: self._whole(p.key) for p in pours if p.turn is Pass.SECOND}
        # Before the reading the first pass may still be ahead; then it will be as planned.
        first = (
            self.base
            if not self.is_ahead
            else {p.key: p.amount or Fraction(0) for p in pours if p.turn is Pass.FIRST}
        )
        aim, room = self._aim(), Fraction(0)
        if read is not None and read.figure is not None and self.source is not None:
            self.ec = read.figure
            before = sum((p.rise for p in self._before_base()), Fraction(0))
            expected = sum((p.rise for p in pours if p.turn is Pass.FIRST), Fraction(0))
            self.slope = Slope(self.ec - self.source - before, expected * self.ratio)
            room = (aim or Fraction(0)) - self._later() - self.ec
        slope = self.slope if aim is not None else None
        self.second = second_pour(first, whole, slope=slope, room=room)

    def _whole(self, key: str) -> Fraction:
        """Printed dose × strength of a product, mL or g."""
        return sum((p.amount or Fraction(0) for p in self.plan.pours if p.key == key), Fraction(0))

    def _before_base(self) -> list[BenchPour]:
        found = []
        for pour in self.plan.pours:
            if pour.base:
                break
            found.append(pour)
        return found

    def _later(self) -> Fraction:
        """What is expected to rise after the base."""
        last = max((i for i, p in enumerate(self.plan.pours) if p.base), default=-1)
        return sum((p.rise for p in self.plan.pours[last + 1 :]), Fraction(0))

    def _aim(self) -> Fraction | None:
        return (self.target[0] + self.target[1]) / 2 if self.target else None

    def _amount(self, pour: BenchPour) -> Fraction:
        if pour.turn is Pass.SECOND and self.second is not None:
            return self.second.amounts.get(pour.key, Fraction(0))
        amount = pour.amount or Fraction(0)
        # If one part of the base was overpoured, the others follow it.
        return amount * self.ratio if pour.base else amount

    def _pour(self, at: int, pour: BenchPour) -> None:
        amount = self._amount(pour)
        name = f"{at + 1}-{pour.key}"
        if amount == 0 and not self.is_ahead:
            return
        if pour.turn is not Pass.SECOND:
            self.step(f"shake-{name}", StepKind.SHAKE, pour=at)
        done = self.step(
            f"pour-{name}", StepKind.POUR, pour=at, amount=amount, unit=pour.unit.value
        )
        if done is not None and done.figure is not None:
            self._went_in(pour, done.figure)
            if pour.base and pour.turn is not Pass.SECOND and pour.amount and self.ratio == 1:
                # What a vessel's mark rounds is no overpouring.
                off = done.figure / pour.amount
                self.ratio = off if abs(off - 1) > OVERPOURED else Fraction(1)
        self._stir_and_wait(at, pour, name)

    def _stir_and_wait(self, at: int, pour: BenchPour, name: str) -> None:
        self.step(f"stir-{name}", StepKind.STIR, pour=at, seconds=pour.stir_s)
        self.step(f"wait-{name}", StepKind.WAIT, pour=at, seconds=pour.wait_min * 60)

    def _went_in(self, pour: BenchPour, figure: Fraction) -> None:
        self.poured[pour.key] = self.poured.get(pour.key, Fraction(0)) + figure
        if pour.base:
            self.base[pour.key] = self.base.get(pour.key, Fraction(0)) + figure
        poured, planned = self.poured[pour.key], self._whole(pour.key)
        if planned > 0 and poured > planned * (1 + OVERPOURED) and self.correction is None:
            self.way_out = self._way_out(pour, poured, planned)

    def _way_out(self, pour: BenchPour, poured: Fraction, planned: Fraction) -> WayOut:
        over = poured / planned
        likewise = [p for p in self.plan.pours if (p.base if pour.base else p.key == pour.key)]
        more = sum((p.rise for p in likewise), Fraction(0)) * (over - 1)
        aim = self._aim()
        return WayOut(
            pour.key,
            poured,
            planned,
            dilute_to=self.plan.litres * over,
            accept_at=aim + more if aim is not None and more > 0 else None,
        )

    def _until(self, at: int, pour: BenchPour) -> None:
        """Sneak up on a reading by portions, reading after each; what went past is thinned."""
        assert pour.until is not None
        water = self.source or Fraction(0)
        aim = water + pour.until
        start = reading = water if self.ec is None else self.ec
        poured = Fraction(0)
        for turn in range(1, MOST_ROUNDS + 1):
            room = aim - reading
            if abs(room) <= PEN_STEP or (room < 0 and not poured):
                return
            name = f"{at + 1}-{pour.key}-{turn}"
            if room < 0:
                self.correction = self._judged(reading, aim, aim)
                kept = self._drain(name)
                if kept is None:
                    return
                poured, start = poured * kept, water + (start - water) * kept
            else:
                portion = portion_until(
                    estimate=pour.estimate,
                    litres=self.plan.litres,
                    poured=poured,
                    rise=reading - start,
                    room=room,
                )
                if portion == 0:
                    self.slope = Slope(reading - start, aim - start)
                    self.step(f"advice-{name}", StepKind.ADVICE, pour=at, why=Verdict.UNMOVED)
                    return
                if turn == 1:
                    self.step(f"shake-{at + 1}-{pour.key}", StepKind.SHAKE, pour=at)
                done = self.step(
                    f"pour-{name}", StepKind.POUR, pour=at, amount=portion, unit=pour.unit.value
                )
                if done is not None and done.kind is Kind.SKIPPED:
                    return
                if done is not None and done.figure is not None:
                    poured += done.figure
                    self._went_in(pour, done.figure)
                self._stir_and_wait(at, pour, name)
            read = self.step(f"read-{name}", StepKind.READ_EC, pour=at)
            if read is None or read.figure is None:
                return
            self.ec = reading = read.figure

    def _judged(self, reading: Fraction, low: Fraction, high: Fraction) -> Correction:
        """What a reading calls for, by what is in the tank."""
        source = self.source or Fraction(0)
        return correct(
            reading,
            low=low,
            high=high,
            source=source,
            litres=self.plan.litres,
            poured=self.base,
            rise=reading - source,
            resolution=PEN_STEP,
        )

    def read_ec(self) -> None:
        """Read EC, and correct until it is right or accepted."""
        if self.target is None or any(p.until is not None for p in self.plan.pours):
            return
        low, high = self.target
        corrected: tuple[Fraction, Fraction] | None = None
        for turn in range(1, MOST_ROUNDS + 1):
            read = self.step(f"read-ec-{turn}", StepKind.READ_EC)
            if read is None or read.figure is None:
                return
            self.ec = read.figure
            self.correction = self._judged(self.ec, low, high)
            if self.correction.verdict is Verdict.RIGHT:
                return
            if turn == MOST_ROUNDS:
                self.correction = Correction(Verdict.TOO_MANY_ROUNDS)
            elif corrected and not follows(Slope(self.ec - corrected[0], corrected[1])):
                self.correction = Correction(Verdict.UNMOVED)
            if self.correction.verdict in (Verdict.WEAK, Verdict.STRONG):
                if turn == 1:
                    source = self.source or Fraction(0)
                    self.slope = Slope(self.ec - source, (low + high) / 2 - source)
                move = self._correct(turn)
                if move is None:
                    return
                corrected = self.ec, move
            elif self._advised(f"ec-{turn}", self.correction.verdict):
                corrected = None
            else:
                return

    def _advised(self, name: str, why: Verdict | Advice) -> bool:
        """Lay out an advice; whether its cause is looked for, so that it is read again."""
        done = self.step(f"advice-{name}", StepKind.ADVICE, why=why)
        looked = done is None or done.kind is Kind.DONE
        return looked and why in (Verdict.UNMOVED, Advice.UNMOVED)

    def _correct(self, turn: int) -> Fraction | None:
        """Lay out a correction; by how much it is to move the reading, None if it is left out."""
        assert self.correction is not None
        assert self.ec is not None
        if self.correction.verdict is Verdict.STRONG:
            kept = self._drain(f"{turn}")
            return None if kept is None else (self.ec - (self.source or 0)) * (kept - 1)
        share = self._add(turn)
        if share == 0:
            return None
        self._settle(f"{turn}")
        return ((self._aim() or self.ec) - self.ec) * share

    def _drain(self, name: str) -> Fraction | None:
        """Lay out draining and filling; the share that stays in, None if that is left out."""
        assert self.correction is not None
        drain = self.correction.drain_l
        done = self.step(f"drain-{name}", StepKind.DRAIN, amount=drain, unit="L")
        if done is not None and done.kind is Kind.SKIPPED:
            return None
        if done is not None and done.figure is not None:
            drain = done.figure
        kept = 1 - min(drain / self.plan.litres, Fraction(1))
        self.base = {key: amount * kept for key, amount in self.base.items()}
        self._settle(name)
        return kept

    def _settle(self, name: str) -> None:
        """Let a correction mix through before the next reading."""
        self.step(f"settle-{name}", StepKind.WAIT, seconds=WAIT_MIN * 60)

    def _add(self, turn: int) -> Fraction:
        """More of every base part, in ratio; the share of it that was made, 0 to accept as it is.

        One part alone is poured by leaving the others out.
        """
        assert self.correction is not None
        shares = []
        for key, amount in (self.correction.add or {}).items():
            at = next(i for i, p in enumerate(self.plan.pours) if p.key == key)
            pour = self.plan.pours[at]
            done = self.step(
                f"add-{turn}-{key}", StepKind.ADD, pour=at, amount=amount, unit=pour.unit.value
            )
            shares.append(Fraction(done is None or done.kind is not Kind.SKIPPED))
            if done and done.figure is not None:
                shares[-1] = done.figure / amount
                self._went_in(pour, done.figure)
        return sum(shares, Fraction(0)) / len(shares)

    def read_ph(self) -> None:
        """Read pH, and correct by portions until it is right or accepted."""
        low, high = (float(edge) for edge in self.plan.ph)
        portions = self.portions
        pending: tuple[float, float] | None = None
        for turn in range(1, MOST_ROUNDS + 1):
            read = self.step(f"read-ph-{turn}", StepKind.READ_PH)
            if read is None or read.figure is None:
                return
            self.ph = read.figure
            if pending is not None:
                portions.append(Portion(pending[0], pending[1], float(self.ph)))
            self.assistance = assist(
                float(self.ph),
                low=low,
                high=high,
                litres=float(self.plan.litres),
                alkalinity=self._alkalinity(),
                acid_meq=self._acid_meq(),
                alkali=self.plan.alkali.alkali if self.plan.alkali else None,
                portions=portions,
                settles=self.plan.settles,
            )
            if self.assistance.advice is Advice.RIGHT:
                return
            if turn == MOST_ROUNDS and self.assistance.advice in _GOES_ON:
                self.assistance = Assistance(Advice.TOO_MANY_ROUNDS)
            if self.assistance.advice not in (Advice.ACID, Advice.ALKALI):
                if not self._advised(f"{turn}", self.assistance.advice):
                    return
                if not self.is_ahead:
                    last = portions.pop()  # of which the next reading tells what it did
                    pending = (last.meq_l, last.before)
                continue
            done = self._ph_step(turn)
            if done is not None and done.kind is not Kind.POURED:
                return
            if done is not None and done.figure is not None:
                pending = (self._meq_of(done.figure), float(self.ph))
            self.step(f"wait-ph-{turn}", StepKind.WAIT, seconds=WAIT_MIN * 60)

    def _alkalinity(self) -> float | None:
        if self.plan.alkalinity is not None:
            return float(self.plan.alkalinity)
        return None if self.source is None else float(self.source) * CAUTIOUS_MEQ_PER_MS_CM

    def _ph_step(self, turn: int) -> Event | None:
        assert self.assistance is not None
        advice, alkali = self.assistance.advice, self.plan.alkali
        if advice is Advice.ACID:
            kind, unit = StepKind.ACID, AmountUnit.ML
        else:
            kind, unit = StepKind.ALKALI, alkali.unit if alkali else AmountUnit.ML
        amount = Fraction(self.assistance.amount).limit_denominator(1000) or None
        done = self.step(f"{kind.value}-{turn}", kind, amount=amount, unit=unit.value)
        if done and done.figure is not None:
            self.adjusted[kind] = self.adjusted.get(kind, Fraction(0)) + done.figure
        return done

    def _acid_meq(self) -> float:
        """What a mL of the acid at hand gives near pH 6, meq; 0 where there is none."""
        acid = self.plan.acid
        return float(acid.molar) * PROTONS_AT_6[acid.acid.kind] if acid else 0.0

    def _meq_of(self, amount: Fraction) -> float:
        """meq/L of a portion; of an alkali of unknown strength, a small step the other way."""
        assert self.assistance is not None
        per_litre = float(amount / self.plan.litres)
        if self.assistance.advice is Advice.ACID:
            return per_litre * self._acid_meq()
        alkali = self.plan.alkali
        return -per_litre * float(alkali.meq) if alkali else -FIRST_UNKNOWN_MEQ

    def live(self) -> None:
        """Live cultures, after pH."""
        for at, pour in enumerate(self.plan.pours):
            if pour.live:
                self._pour(at, pour)
