"""Where a guided mix stands: a pure function of its plan and of what happened."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from fractions import Fraction

from core.guided.ec.correcting import read_ec
from core.guided.ec.slope import Slope
from core.guided.ec.steering import Correction, Offer, SecondPour, Verdict, WayOut
from core.guided.events import CountedEvents, Event, EventKind, tell
from core.guided.outcome import EcOutcome, FeedOutcome, Prepared
from core.guided.ph.adjusting import PhOutcome, read_ph
from core.guided.ph.advice import Assistance
from core.guided.ph.bounds import Portion
from core.guided.plan import GuidedPlan
from core.guided.pouring.feeding import feed, live, prepare
from core.guided.readings.volume import VolumeEstimate
from core.guided.replay import Replay
from core.guided.step_lookup import adjusted_in_all, kind_of_step, poured_in_all, unplaced
from core.guided.steps import TIMED_STEPS, Step, StepKind


@dataclass(frozen=True, slots=True)
class Conflict:
    """Two devices told of one step, and not the same: what counts, and what was told besides."""

    step: str
    counts: Event
    other: Event

    @property
    def together(self) -> Fraction | None:
        """mL, g or litres if both went in; None where nothing was poured."""
        one, other = self.counts, self.other
        if one.kind is not EventKind.POURED or other.kind is not EventKind.POURED:
            return None
        return (one.figure or Fraction(0)) + (other.figure or Fraction(0))


_OVER = (EventKind.DONE, EventKind.SKIPPED)


def _agree(plan: GuidedPlan, one: Event, other: Event) -> bool:
    """Whether two tell the same. Two that poured may both have poured, so they never do; a time
    that is over for one and cut by another, whose pace is quicker, is over."""
    timed = kind_of_step(plan, one.step) in TIMED_STEPS
    if timed and one.kind in _OVER and other.kind in _OVER:
        return True
    told = (one.kind, one.figure)
    return told == (other.kind, other.figure) and one.kind is not EventKind.POURED


@dataclass(frozen=True, slots=True)
class GuidedState:
    """Where a guided mix stands.

    Args:
        steps: all that are known of: those over, the one on now, those to come.
        now: index of the one on now; None when the mix is over.
        poured: mL or g of each product.
        of_dose: of each product with a dose, the share of printed dose × strength that went in.
        doses: printed dose × strength of each, mL or g, for the litres that are in the tank.
        adjusted: mL or g of acid and of alkali.
        held: by step that has an event, laid out or not, the id of the one that counts.
        unplaced: what went in, or out, at steps that are no longer laid out; they still count.
        source: the water's reading, as read at the bench or else as planned.
        target: low and high of the final reading, mS/cm; None where there is none.
        water_off: mS/cm by which the water reads more than the plan took it to, below 0 less; None
            where that is no more than a pen and a day make.
        slope: what went in was worth by the last reading that told: the first pass of the base,
            or all of the feed where that is not right.
        second: what follows for the second pass.
        litres: in the tank, as far as that was settled.
        estimate: the volume that a reading told when it was asked for; None where it told none.
        offer: more than printed dose × strength, for whoever wants it on purpose.
        way_out: what can be done about the last product of which too much went in.
        correction: what the last reading of EC calls for.
        verdicts: what the readings of EC after the feed were judged to say, in order.
        assistance: what the last reading of pH calls for.
        ec, ph: the last readings.
        portions: the corrections of pH made so far, with the pH around each.
        conflicts: steps of which two devices told.
        undoable: id of the event that can be taken back.
    """

    steps: tuple[Step, ...]
    now: int | None
    poured: dict[str, Fraction]
    adjusted: dict[StepKind, Fraction]
    held: Mapping[str, str]
    unplaced: tuple[Event, ...]
    source: Fraction | None
    target: tuple[Fraction, Fraction] | None
    water_off: Fraction | None
    slope: Slope | None
    second: SecondPour | None
    litres: Fraction
    estimate: VolumeEstimate | None
    offer: Offer | None
    of_dose: Mapping[str, Fraction]
    doses: Mapping[str, Fraction]
    way_out: WayOut | None
    correction: Correction | None
    verdicts: tuple[Verdict, ...]
    assistance: Assistance | None
    ec: Fraction | None
    ph: Fraction | None
    portions: tuple[Portion, ...]
    conflicts: tuple[Conflict, ...]
    undoable: str | None

    def share_of_dose(self, key: str, poured: Fraction) -> Fraction | None:
        """The share of printed dose × strength that so much of a product is; None without one."""
        dose = self.doses.get(key)
        return poured / dose if dose else None


def _conflicts(plan: GuidedPlan, counted: CountedEvents) -> tuple[Conflict, ...]:
    pairs = ((counted.first[other.step], other) for other in counted.others)
    return tuple(
        Conflict(one.step, one, other) for one, other in pairs if not _agree(plan, one, other)
    )


MOST_PASSES = 3
"""Times a mix is walked through until what is no longer laid out is known: what went in so counts
in the sums, and may change what is laid out."""


@dataclass(frozen=True, slots=True)
class _Course:
    """How a whole mix went, by its parts."""

    run: Replay
    prepared: Prepared
    fed: FeedOutcome
    ec: EcOutcome
    ph: PhOutcome


def _run_through(plan: GuidedPlan, told: CountedEvents, astray: tuple[Event, ...]) -> _Course:
    run = Replay(plan, told.first, astray, told.resumed)
    prepared = prepare(run)
    fed, ec, ph = FeedOutcome(), EcOutcome(), PhOutcome()
    if not prepared.ended:
        fed = feed(run)
        ec = read_ec(run)
        ph = read_ph(run)
        live(run)
    run.step("cover", StepKind.COVER)
    return _Course(run, prepared, fed, ec, ph)


def replay(plan: GuidedPlan, events: Iterable[Event]) -> GuidedState:
    """Where a mix stands after what happened, in whatever order that was heard of."""
    told = tell(events)
    outcome = _run_through(plan, told, ())
    for _ in range(MOST_PASSES):
        astray = unplaced(plan, told.first, (step.id for step in outcome.run.steps))
        if astray == outcome.run.astray:
            break
        outcome = _run_through(plan, told, astray)
    counting = told.first.values()
    run, fed, ec, ph = outcome.run, outcome.fed, outcome.ec, outcome.ph
    return GuidedState(
        steps=tuple(run.steps),
        now=run.now,
        poured=poured_in_all(plan, counting),
        adjusted=adjusted_in_all(plan, counting),
        held={step: event.id for step, event in told.first.items()},
        unplaced=unplaced(plan, told.first, (step.id for step in run.steps)),
        source=run.source,
        target=run.target,
        water_off=run.water_off,
        slope=ec.slope or fed.slope,
        second=fed.second,
        litres=run.litres,
        estimate=run.doubts.offered,
        offer=ec.offer or fed.offer,
        of_dose=run.ledger.shares_of_dose(),
        doses=run.ledger.printed_doses,
        way_out=fed.way_out,
        correction=ec.correction or fed.correction or outcome.prepared.correction,
        verdicts=tuple(ec.verdicts),
        assistance=ph.assistance,
        ec=run.ec,
        ph=ph.ph,
        portions=tuple(ph.portions),
        conflicts=_conflicts(plan, told),
        undoable=told.undoable,
    )
