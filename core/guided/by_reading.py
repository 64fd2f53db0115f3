"""Pouring a product until a reading: portions, a reading after each; what went past is thinned."""

from dataclasses import dataclass
from fractions import Fraction

from core.guided.correcting import judged
from core.guided.doubting import Trust, settle_volume, weigh
from core.guided.draining import drain
from core.guided.events import EventKind
from core.guided.outcome import FeedOutcome
from core.guided.plan import GuidedPour
from core.guided.portions import ROUGHLY, portion_until
from core.guided.replay import MOST_ROUNDS, Replay
from core.guided.steering import (
    OVERPOURED,
    PEN_STEP,
    PEN_SWAY,
    Correction,
    Offer,
    Slope,
    Verdict,
)
from core.guided.steps import StepKind
from core.guided.volume import volume_by_rise


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
    """

    outcome: FeedOutcome
    at: int
    pour: GuidedPour
    water: Fraction
    stop: Fraction
    start: Fraction
    reading: Fraction
    poured: Fraction = Fraction(0)

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


def _thin(replay: Replay, near: _Approach, name: str) -> bool:
    """Drain what went past; whether it was done."""
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
        return False
    if done is not None and done.figure is not None:
        near.poured += done.figure
        replay.ledger.pour(pour.key, done.figure)
    replay.stir_and_wait(near.at, name)
    return True


def _read(replay: Replay, near: _Approach, name: str) -> bool:
    """Read after a portion; whether there is a reading to go on by."""
    read = replay.step(f"read-{name}", StepKind.READ_EC, pour=near.at)
    if read is None or read.figure is None:
        return False
    replay.ec = near.reading = read.figure
    _doubt_volume(replay, near, name)
    return True


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


def _doubt_volume(replay: Replay, near: _Approach, name: str) -> None:
    """A rise far above what a printed dose roughly brings is first asked of the volume."""
    slope = Slope(near.ec_rise, _expected(replay, near))
    far = slope.expected > 0 and slope.measured > slope.expected * ROUGHLY + PEN_SWAY
    doubts = replay.doubts
    if far and not doubts.volume_asked:
        near.outcome.slope = slope
        doubts.suspect = volume_by_rise(replay.litres, slope, near.water)
        settle_volume(replay, name, doubts.suspect, slope)


def _expected(replay: Replay, near: _Approach) -> Fraction:
    """What so much of it should have brought, roughly, by the dose printed beside its rule."""
    pour = near.pour
    if not pour.estimate:
        return Fraction(0)
    share = near.poured / pour.estimate
    return pour.ec_rise * share * replay.plan.litres / replay.litres


def _portion(replay: Replay, near: _Approach, name: str) -> Fraction:
    """The next portion; 0 where the reading does not rise, or more would pass the printed dose."""
    pour, headroom = near.pour, near.ec_headroom
    share = replay.ledger.dose_litres / replay.plan.litres
    estimate = None if pour.estimate is None else pour.estimate * share
    portion = portion_until(
        estimate=estimate,
        litres=replay.ledger.dose_litres,
        poured=near.poured,
        ec_rise=near.ec_rise,
        ec_headroom=headroom,
    )
    if portion == 0 and headroom > 0:
        near.outcome.slope = Slope(near.ec_rise, near.ec_rise + headroom)
        near.outcome.correction = Correction(Verdict.UNMOVED)
        replay.advised(name, Verdict.UNMOVED, pour=near.at)
        return portion
    if estimate is None:
        return portion
    left = estimate - replay.ledger.poured.get(pour.key, Fraction(0))
    if portion <= left:
        return portion
    if left > estimate * OVERPOURED:
        return left
    return portion if _goes_past(replay, near, name, portion, estimate) else Fraction(0)


def _goes_past(
    replay: Replay, near: _Approach, name: str, portion: Fraction, estimate: Fraction
) -> bool:
    """Offer more than the printed dose; whether somebody takes it on purpose."""
    key = near.pour.key
    in_all = replay.ledger.poured.get(key, Fraction(0)) + portion
    worth = near.ec_rise / near.poured if near.poured else Fraction(0)
    reads = near.reading + worth * portion
    near.outcome.offer = Offer({key: portion}, {key: in_all / estimate}, reads)
    near.outcome.correction = Correction(Verdict.BEYOND_DOSE)
    return replay.advised(f"beyond-{name}", Verdict.BEYOND_DOSE, pour=near.at)
