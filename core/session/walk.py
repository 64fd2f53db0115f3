"""The way through a guided mix: what was done step by step, and what is in the tank by then."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from core.session.events import Event, Kind
from core.session.ph import Advice, Assistance, Portion
from core.session.plan import BenchPlan, BenchPour
from core.session.steering import (
    OVERPOURED,
    Correction,
    SecondPour,
    Slope,
    Verdict,
    WayOut,
)
from core.session.steps import Status, Step, StepKind

MOST_ROUNDS = 8
"""Readings and corrections of one kind in a mix; who needs more has another trouble."""

OTHER_WATER = Fraction(1, 10)
"""mS/cm: a water that reads further off than this is another water; our own default."""


@dataclass(slots=True)
class Walk:
    """Goes through a mix step by step, as far as it was done; what follows is laid out ahead.

    `core.session.feeding`, `correcting` and `adjusting` lay out the steps. `poured` is what went in
    in all, `base` what of the base is in still, `ratio` what an overpoured part asks of the others.
    """

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

    @property
    def aim(self) -> Fraction | None:
        """The middle of the target."""
        return (self.target[0] + self.target[1]) / 2 if self.target else None

    def went_in(self, pour: BenchPour, figure: Fraction) -> None:
        """Count what was poured; if it is too much, there are ways out."""
        self.poured[pour.key] = self.poured.get(pour.key, Fraction(0)) + figure
        if pour.base:
            self.base[pour.key] = self.base.get(pour.key, Fraction(0)) + figure
        poured, planned = self.poured[pour.key], self.plan.whole(pour.key)
        if planned > 0 and poured > planned * (1 + OVERPOURED) and self.correction is None:
            self.way_out = self._way_out(pour, poured, planned)

    def _way_out(self, pour: BenchPour, poured: Fraction, planned: Fraction) -> WayOut:
        over = poured / planned
        likewise = [p for p in self.plan.pours if (p.base if pour.base else p.key == pour.key)]
        more = sum((p.rise for p in likewise), Fraction(0)) * (over - 1)
        aim = self.aim
        return WayOut(
            pour.key,
            poured,
            planned,
            dilute_to=self.plan.litres * over,
            accept_at=aim + more if aim is not None and more > 0 else None,
        )

    def advised(self, name: str, why: Verdict | Advice) -> bool:
        """Lay out an advice; whether its cause is looked for, so that it is read again."""
        done = self.step(f"advice-{name}", StepKind.ADVICE, why=why)
        looked = done is None or done.kind is Kind.DONE
        return looked and why in (Verdict.UNMOVED, Advice.UNMOVED)
