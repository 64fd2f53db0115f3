"""Pouring a product until a reading: portions, a reading after each; what went past is thinned."""

from dataclasses import dataclass
from fractions import Fraction

from core.facts import one_each
from core.guided.ec.correcting import judged
from core.guided.ec.slope import HARDLY, PEN_STEP, PEN_SWAY, SLOPE_OFF, Slope
from core.guided.ec.steering import OVERPOURED, Correction, Offer, Verdict
from core.guided.ec.usual import USUAL_FEED
from core.guided.events import EventKind
from core.guided.outcome import FeedOutcome
from core.guided.plan import EstimateBy, GuidedPour
from core.guided.pouring.draining import drain
from core.guided.pouring.portions import FIRST_PORTION, ROUGHLY, portion_until
from core.guided.readings.doubting import Trust, settle_volume, weigh, why_odd
from core.guided.readings.volume import volume_by_rise
from core.guided.replay import MOST_ROUNDS, Replay
from core.guided.steps import StepKind
from core.quantities import AmountUnit


@dataclass(slots=True)
class _Approach:
    """How near a pour has come to its reading.

    Args:
        outcome: of the feed, which takes what readings show.
        at: index of the pour.
        pour: the pour.
        water: mS/cm of the water, from which the rule counts.
        stop: mS/cm at which to stop.
        start, reading: mS/cm before its first portion, and after the last.
        poured: mL or g of it that are in.
        drained: whether what went past was thinned already.
    """

    outcome: FeedOutcome
    at: int
    pour: GuidedPour
    water: Fraction
    stop: Fraction
    start: Fraction
    reading: Fraction
    poured: Fraction = Fraction(0)
    drained: bool = False

    @property
    def ec_headroom(self) -> Fraction:
        """mS/cm that are still wanted; below 0 too much is in."""
        return self.stop - self.reading

    @property
    def ec_rise(self) -> Fraction:
        """mS/cm that what is in has brought."""
        return self.reading - self.start

    @property
    def is_there(self) -> bool:
        """Whether a pen shows the reading; or more, to which this product added nothing."""
        over = self.ec_headroom < 0 and not self.poured
        return over or abs(self.ec_headroom) <= PEN_STEP


def pour_until_reading(replay: Replay, at: int, outcome: FeedOutcome) -> None:
    """Sneak up on the reading at which a pour is to stop."""
    pour = replay.plan.pours[at]
    assert pour.stop_at_rise is not None
    start = _before_portions(replay, at, outcome)
    stop = replay.floor + pour.stop_at_rise
    near = _Approach(outcome, at, pour, replay.floor, stop, start, start)
    for turn in range(1, MOST_ROUNDS + 1):
        name = f"{at + 1}-{pour.key}-{turn}"
        begun = f"pour-{name}" in replay.first
        if near.is_there and not begun:
            return
        thins = near.ec_headroom < 0 and not begun
        went_on = _thin(replay, near, name) if thins else _pour_portion(replay, near, name, turn)
        if not went_on or not _read(replay, near, name):
            return
    if not near.is_there:
        outcome.correction = Correction(Verdict.TOO_MANY_ROUNDS)
        replay.advised(f"{at + 1}-{pour.key}", Verdict.TOO_MANY_ROUNDS, pour=at)


def _thin(replay: Replay, near: _Approach, name: str) -> bool:
    """Drain what went past, once; whether it was done.

    What is above still then did not follow the draining, and is looked into instead.
    """
    if near.drained and near.ec_headroom < -PEN_SWAY:
        near.outcome.correction = Correction(Verdict.ODD)
        replay.advised(name, Verdict.ODD, pour=near.at)
        return False
    if near.drained:
        return False
    near.drained = True
    near.outcome.correction = judged(replay, near.reading, near.stop, near.stop)
    drained = drain(replay, name, near.outcome.correction.drain_l)
    if drained is None:
        return False
    kept = 1 - min(drained / replay.litres, Fraction(1))
    near.poured *= kept
    near.start = near.water + (near.start - near.water) * kept
    return True


def _pour_portion(replay: Replay, near: _Approach, name: str, turn: int) -> bool:
    """Lay out the next portion; whether one was poured, or is to be."""
    pour, portion = near.pour, Fraction(0)
    if f"pour-{name}" not in replay.first:
        portion = _portion(replay, near, name)
        if not portion:
            return False
    if turn == 1:
        replay.step(f"shake-{near.at + 1}-{pour.key}", StepKind.SHAKE, pour=near.at)
    done = replay.step(
        f"pour-{name}", StepKind.POUR, pour=near.at, amount=portion, unit=pour.unit.value
    )
    if done is not None and done.kind is EventKind.SKIPPED:
        replay.ledger.leave_out(pour.key, portion)
        _look_at_what_was_left_out(replay, near, name, portion)
        return False
    if done is not None and done.figure is not None:
        near.poured += done.figure
        replay.ledger.pour(pour.key, done.figure)
    replay.stir_and_wait(near.at, name)
    return True


def _look_at_what_was_left_out(
    replay: Replay, near: _Approach, name: str, portion: Fraction
) -> None:
    """Read once more: it may be in after all, and the feed stays short of its reading if not."""
    near.outcome.correction = Correction(Verdict.WEAK)
    if not _take(replay, near, f"read-{name}"):
        return
    missing = replay.ledger.ec_rise(near.pour.key, portion)
    if near.reading - near.start > max(missing * HARDLY, PEN_SWAY):
        near.outcome.correction = Correction(Verdict.UNTOLD)
        replay.advised(name, Verdict.UNTOLD)


def _read(replay: Replay, near: _Approach, name: str) -> bool:
    """Read after a portion; whether more may go in by the reading."""
    return _take(replay, near, f"read-{name}") and _is_believed(replay, near, name)


def _take(replay: Replay, near: _Approach, step: str) -> bool:
    read = replay.step(step, StepKind.READ_EC, pour=near.at)
    if read is None or read.figure is None:
        return False
    replay.ec = near.reading = read.figure
    return True


def _is_believed(replay: Replay, near: _Approach, name: str) -> bool:
    """Look into a rise unlike what so much of it brings: read again, then ask for the volume.

    A reading that hardly moves proves nothing, so nothing more is poured on the strength of it.
    """
    slope = _slope(replay, near)
    if not slope.is_odd:
        return True
    near.outcome.slope = slope
    if not replay.doubts.stands(near.reading):
        why = why_odd(slope)
        near.outcome.correction = Correction(why)
        if not replay.advised(name, why):
            return False
        replay.doubts.looked_into.append(near.reading)
        if not _take(replay, near, f"read-{name}0"):
            return False
        slope = _slope(replay, near)
    if slope.is_odd and not replay.doubts.volume_asked:
        replay.doubts.suspect = volume_by_rise(replay.litres, slope, near.water)
        by_usual = near.pour.estimate_by is EstimateBy.USUAL
        settle_volume(replay, name, None if by_usual else replay.doubts.suspect, slope)
        slope = _slope(replay, near)
    return not slope.is_unmoved


def _before_portions(replay: Replay, at: int, outcome: FeedOutcome) -> Fraction:
    """The reading before the first portion: the water's, or of what is in already."""
    if not replay.ledger.poured and not (replay.is_ahead and at):
        return replay.floor
    name = f"{at + 1}-{replay.plan.pours[at].key}"
    for turn in ("0", "00"):
        read = replay.step(f"read-{name}-{turn}", StepKind.READ_EC, pour=at)
        if read is None or read.figure is None:
            break
        replay.ec = read.figure
        if outcome.believe(weigh(replay, f"{name}-{turn}", replay.ec)) is not Trust.AGAIN:
            break
    return replay.floor if replay.ec is None else replay.ec


def _slope(replay: Replay, near: _Approach) -> Slope:
    """What the portions brought, beside what they may bring by chart, label or habit."""
    pour, ledger = near.pour, replay.ledger
    expected = ledger.ec_rise(pour.key, near.poured)
    if pour.estimate and pour.estimate_rise:  # a label is surer than the dose beside a rule
        share = near.poured / pour.estimate * replay.plan.litres / replay.litres
        return Slope(near.ec_rise, share * pour.estimate_rise)
    match pour.estimate_by:
        case EstimateBy.LABEL:
            return Slope(near.ec_rise, expected)
        case EstimateBy.CHART:
            return Slope(near.ec_rise, expected, least=expected * HARDLY, most=expected * ROUGHLY)
    usual = USUAL_FEED[pour.unit]
    per_litre = near.poured / replay.litres
    return Slope(
        near.ec_rise, expected, least=usual.weakest * per_litre, most=usual.strongest * per_litre
    )


def _portion(replay: Replay, near: _Approach, name: str) -> Fraction:
    """The next portion; 0 where the reading does not rise, or more would pass what is known."""
    pour, headroom = near.pour, near.ec_headroom
    if pour.estimate is None:  # a rule of no rise at all
        return Fraction(0)
    estimate = pour.estimate * replay.ledger.dose_litres / replay.plan.litres
    portion = portion_until(
        estimate=estimate,
        first=FIRST_OF[pour.estimate_by],
        poured=near.poured,
        ec_rise=near.ec_rise,
        ec_headroom=headroom,
    )
    if portion == 0 and headroom > 0:
        near.outcome.slope = Slope(near.ec_rise, near.ec_rise + headroom)
        near.outcome.correction = Correction(Verdict.UNMOVED)
        replay.advised(name, Verdict.UNMOVED, pour=near.at)
        return portion
    left = estimate - replay.ledger.poured.get(pour.key, Fraction(0))
    if portion <= left:
        return portion
    if left > estimate * OVERPOURED:
        return left
    if headroom <= (near.stop - near.water) * SLOPE_OFF:  # no chart or label is surer
        near.outcome.correction = Correction(Verdict.WEAK)
        return Fraction(0)
    return portion if _goes_past(replay, near, name, portion, estimate) else Fraction(0)


FIRST_OF = one_each(
    EstimateBy,
    {
        EstimateBy.CHART: FIRST_PORTION,
        EstimateBy.LABEL: FIRST_PORTION,
        EstimateBy.USUAL: FIRST_PORTION
        * USUAL_FEED[AmountUnit.ML].common
        / USUAL_FEED[AmountUnit.ML].strongest,
    },
)
"""Share of the estimate that goes in first: where it is only what such feed usually takes, so much
that the strongest stays below its reading too."""


def _goes_past(
    replay: Replay, near: _Approach, name: str, portion: Fraction, estimate: Fraction
) -> bool:
    """Offer more than the printed dose; whether somebody takes it on purpose."""
    key = near.pour.key
    in_all = replay.ledger.poured.get(key, Fraction(0)) + portion
    worth = near.ec_rise / near.poured if near.poured else Fraction(0)
    reads = near.reading + worth * portion
    near.outcome.offer = Offer({key: portion}, {key: in_all / estimate}, reads)
    printed = near.pour.estimate_by is EstimateBy.CHART
    beyond = Verdict.BEYOND_DOSE if printed else Verdict.BEYOND_USUAL
    near.outcome.correction = Correction(beyond)
    return replay.advised(f"beyond-{name}", beyond, pour=near.at)
