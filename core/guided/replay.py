"""The way through a guided mix: what was done step by step, and what is in the tank by then."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from core.guided.events import Event, EventKind
from core.guided.ledger import Ledger
from core.guided.placing import adjusted_in_all, poured_in_all
from core.guided.plan import GuidedPlan, GuidedPour
from core.guided.steering import (
    OVERPOURED,
    PEN_SWAY,
    Correction,
    Offer,
    SecondPour,
    Slope,
    Verdict,
    WayOut,
)
from core.guided.steps import Step, StepKind, StepStatus
from core.guided.volume import VolumeEstimate

MOST_ROUNDS = 8
"""Readings and corrections of one kind in a mix; who needs more has another trouble."""

MOST_DOUBTS = 2
"""Times that the cause of an odd reading is looked for before the next is taken to stand."""

OTHER_WATER = Fraction(1, 10)
"""mS/cm: a water that reads further off than this is another water; our own default,
ten steps of a pen."""


@dataclass(slots=True)
class Replay:
    """Goes through a mix step by step, as far as it was done; what follows is laid out ahead.

    `core.guided.feeding`, `correcting`, `doubting` and `adjusting` lay out the steps. `ledger` is
    what went in and what of it is in still, `astray` what went in at steps that are laid out no
    more, `ratio` what an overpoured part asks of the others. `doubted` are the readings that were
    looked into; `suspect` the volume that a reading tells which nobody has settled; `ended` that
    nothing more is poured at all.
    """

    plan: GuidedPlan
    first: Mapping[str, Event]
    astray: tuple[Event, ...] = ()
    ledger: Ledger = field(init=False)
    steps: list[Step] = field(default_factory=list)
    now: int | None = None
    at: float | None = None
    source: Fraction | None = None
    ratio: Fraction = Fraction(1)
    slope: Slope | None = None
    second: SecondPour | None = None
    way_out: WayOut | None = None
    correction: Correction | None = None
    offer: Offer | None = None
    ec: Fraction | None = None
    doubted: list[Fraction] = field(default_factory=list)
    verdicts: list[Verdict] = field(default_factory=list)
    suspect: VolumeEstimate | None = None
    offered: VolumeEstimate | None = None
    volume_asked: bool = False
    volume_told: bool = False
    ended: bool = False

    def __post_init__(self) -> None:
        self.ledger = Ledger(self.plan, self.plan.litres, self.plan.litres)
        self.ledger.poured = poured_in_all(self.plan, self.astray)

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
        status, due = StepStatus.AHEAD, None
        if event is not None:
            status = StepStatus.SKIPPED if event.kind is EventKind.SKIPPED else StepStatus.DONE
            self.at = event.at
        elif self.now is None:
            status, self.now = StepStatus.NOW, len(self.steps)
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
    def acid_astray(self) -> Fraction:
        """mL of acid that went in at steps that are laid out no more."""
        return adjusted_in_all(self.plan, self.astray).get(StepKind.ACID, Fraction(0))

    @property
    def is_ahead(self) -> bool:
        """Whether everything from here on is still to come."""
        return self.now is not None

    @property
    def litres(self) -> Fraction:
        """In the tank, by which sums are made."""
        return self.ledger.litres

    @property
    def least_litres(self) -> Fraction:
        """The smallest volume that a reading allows; acid is for that one."""
        return min(self.litres, self.suspect.low) if self.suspect else self.litres

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

    def rise_at(self, reading: Fraction) -> Slope:
        """What the water's reading rose by, beside what is in should have brought."""
        return Slope(reading - (self.source or Fraction(0)), self.ledger.expected)

    def doubt(self, reading: Fraction) -> None:
        """A reading was looked into."""
        self.doubted.append(reading)

    def has_stood(self, reading: Fraction) -> bool:
        """Whether a reading was looked into and shows the same, or others for long enough."""
        if not self.doubted:
            return False
        same = abs(self.doubted[-1] - reading) <= PEN_SWAY
        return same or len(self.doubted) >= MOST_DOUBTS

    def went_in(self, at: int, figure: Fraction) -> None:
        """Count what was poured of the pour at a place; if it is too much, there are ways out."""
        pour = self.plan.pours[at]
        self.ledger.pour(pour.key, figure)
        poured, planned = self.ledger.poured[pour.key], self.ledger.dose(pour.key)
        if planned > 0 and poured > planned * (1 + OVERPOURED) and self.correction is None:
            self.way_out = self._way_out(at, poured, planned)

    def _way_out(self, at: int, poured: Fraction, planned: Fraction) -> WayOut:
        # The ways out rest on the same few facts, and are laid out together.
        pour, over = self.plan.pours[at], poured / planned
        to_come = {p.key for p in self.plan.pours[at + 1 :] if not (p.live or p.key == pour.key)}
        tells = any(p.ec_rise for p in self.plan.pours) and self.source is not None
        behind = [key for key in self.plan.base if key != pour.key and key not in to_come]
        return WayOut(
            pour.key,
            poured,
            planned,
            dilute_to=self.litres * over,
            accept_at=self._reading_if_kept(pour, to_come, over) if tells else None,
            behind=tuple(behind) if pour.base else (),
        )

    def _reading_if_kept(self, pour: GuidedPour, to_come: set[str], over: Fraction) -> Fraction:
        """What the finished tank reads if what went in too much stays, and the base follows it."""
        reading = self.source or Fraction(0)
        for key in dict.fromkeys(p.key for p in self.plan.pours):
            amount = self.ledger.poured.get(key, Fraction(0))
            if key in to_come:
                follows = pour.base and key in self.plan.base
                amount = self.ledger.dose(key) * (over if follows else 1)
            reading += self.ledger.ec_rise(key, amount)
        return reading

    def stir_and_wait(self, at: int, name: str) -> None:
        """Lay out what follows a pour."""
        pour = self.plan.pours[at]
        self.step(f"stir-{name}", StepKind.STIR, pour=at, seconds=pour.stir_s)
        self.step(f"wait-{name}", StepKind.WAIT, pour=at, seconds=pour.wait_min * 60)

    def advised(self, name: str, why: str, *, pour: int | None = None) -> bool:
        """Lay out an advice; whether it is followed, and not left out."""
        done = self.step(f"advice-{name}", StepKind.ADVICE, pour=pour, why=why)
        return done is None or done.kind is EventKind.DONE


def base_before(plan: GuidedPlan) -> list[GuidedPour]:
    """What is poured before the first part of the base."""
    found: list[GuidedPour] = []
    for pour in plan.pours:
        if pour.base:
            break
        found.append(pour)
    return found
