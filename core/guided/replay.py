"""The way through a guided mix: what was done step by step, and what is in the tank by then."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction

from core.guided.ec.ledger import Ledger
from core.guided.ec.slope import PEN_SWAY, SLOPE_OFF, Slope
from core.guided.events import EVENTS, Event, EventKind
from core.guided.plan import GuidedPlan, GuidedPour
from core.guided.readings.volume import VolumeEstimate
from core.guided.step_lookup import adjusted_in_all, poured_in_all
from core.guided.steps import Step, StepKind, StepStatus

MOST_ROUNDS = 8
"""Readings and corrections of one kind in a mix; who needs more has another trouble."""

MOST_DOUBTS = 2
"""Times that the cause of an odd reading is looked for before the next is taken to stand."""

SAME_WATER = Fraction(7, 10)
"""Share of the planned reading below which it is another water, of which no report tells: our own
default, more than a season changes most mains by (from memory)."""

OTHER_WATER = Fraction(1, 10)
"""mS/cm: a water that reads further off than this is another water; our own default,
ten steps of a pen."""


@dataclass(slots=True)
class Doubts:
    """What readings gave reason to doubt, through the whole mix.

    Args:
        looked_into: the readings whose cause was looked for.
        suspect: the volume that a reading tells and nobody has settled.
        offered: the volume that was offered when it was asked for.
        volume_asked: whether it was asked for.
        volume_told: whether somebody measured it.
    """

    looked_into: list[Fraction] = field(default_factory=list)
    suspect: VolumeEstimate | None = None
    offered: VolumeEstimate | None = None
    volume_asked: bool = False
    volume_told: bool = False

    def stands(self, reading: Fraction) -> bool:
        """Whether a reading was looked into and shows the same, or others for long enough."""
        if not self.looked_into:
            return False
        same = abs(self.looked_into[-1] - reading) <= PEN_SWAY
        return same or len(self.looked_into) >= MOST_DOUBTS


@dataclass(slots=True)
class Replay:
    """Goes through a mix step by step, as far as it was done; what follows is laid out ahead.

    `pouring.feeding`, `ec.correcting` and `ph.adjusting` lay out the steps, and give back what
    came of their part; here is what every part stands on.

    Args:
        plan: what the mix was started from.
        first: of each step the event that counts.
        resumed: steps that were left out once, and done after all.
        astray: what went in at steps that are no longer laid out.
        ledger: what went in, and what of it is in still.
        steps: those laid out so far.
        now: index of the one on now.
        at: when the last was over.
        source, ec: what the water read, and what the tank read last; mS/cm.
        doubts: what readings gave reason to doubt.
    """

    plan: GuidedPlan
    first: Mapping[str, Event]
    astray: tuple[Event, ...] = ()
    resumed: frozenset[str] = frozenset()
    ledger: Ledger = field(init=False)
    steps: list[Step] = field(default_factory=list)
    now: int | None = None
    at: float | None = None
    source: Fraction | None = None
    ec: Fraction | None = None
    doubts: Doubts = field(default_factory=Doubts)

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
            status = EVENTS[event.kind].leaves or StepStatus.DONE
            # Nothing is over before what it follows, whatever a device's clock says.
            self.at = max(event.at, self.at or event.at)
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
        """mL of acid that went in at steps that are no longer laid out."""
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
        suspect = self.doubts.suspect
        return min(self.litres, suspect.low) if suspect else self.litres

    @property
    def target(self) -> tuple[Fraction, Fraction] | None:
        """Low and high of the final reading; on top it follows what the water reads now."""
        if self.plan.added is None or self.source is None:
            return self.plan.target
        low, high = self.plan.added
        return self.source + low, self.source + high

    @property
    def floor(self) -> Fraction:
        """mS/cm that readings climb from: the water's, or 0 where nobody read it."""
        return self.source or Fraction(0)

    @property
    def water_off(self) -> Fraction | None:
        """How far the water reads above what the plan took it to, where that is another water."""
        if self.source is None or self.plan.source is None:
            return None
        off = self.source - self.plan.source
        return off if abs(off) > OTHER_WATER else None

    @property
    def yardstick(self) -> tuple[Fraction, Fraction] | None:
        """Low and high of the final reading: the target, or where none is printed what just the
        printed doses bring by their labels, or as feed usually does; None where nothing tells."""
        if self.target is not None:
            return self.target
        planned, between = self.ledger.as_planned, self.ledger.planned_between
        if planned <= 2 * PEN_SWAY:
            return None
        low, high = between or (planned * (1 - SLOPE_OFF), planned * (1 + SLOPE_OFF))
        return self.floor + low, self.floor + high

    @property
    def aim(self) -> Fraction | None:
        """The middle of the target, or what just the printed doses should bring."""
        if self.target is not None:
            return (self.target[0] + self.target[1]) / 2
        return None if self.yardstick is None else self.floor + self.ledger.as_planned

    def rise_at(self, reading: Fraction) -> Slope:
        """What the water's reading rose by, beside what is in should have brought."""
        ledger = self.ledger
        between = ledger.expected_between
        if between is None and ledger.expected == 0 and any(ledger.poured.values()):
            between = Fraction(0), ledger.most_of_additives
        least, most = between or (None, None)
        return Slope(
            reading - self.floor,
            ledger.expected,
            of_nothing=not any(ledger.poured.values()),
            left_out=ledger.expected_of_left_out,
            least=least,
            most=most,
        )

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
