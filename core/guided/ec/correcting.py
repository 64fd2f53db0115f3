"""Reading EC after the feed, and what is done about it."""

from dataclasses import dataclass
from fractions import Fraction

from core.guided.ec.slope import PEN_STEP, PEN_SWAY, SLOPE_OFF, Slope, follows
from core.guided.ec.steering import Correction, Verdict, correct
from core.guided.ec.strengthening import check_ratio, strengthen
from core.guided.outcome import EcOutcome
from core.guided.pouring.draining import drain
from core.guided.readings.doubting import Trust, settle_volume, weigh, why_odd
from core.guided.readings.volume import volume_by_draining
from core.guided.replay import MOST_ROUNDS, Replay
from core.guided.steps import StepKind

AS_PLANNED_OVER = Fraction(1, 10)
"""By which share of its rise a tank may read above the band where just what was planned is in it: a
half dose conducts a little more than half of a whole one (Kohlrausch). Our own bound on it."""


@dataclass(frozen=True, slots=True)
class _Made:
    """A correction that was made: the reading before it, how far it was to move, litres drained."""

    before: Fraction
    move: Fraction
    drained: Fraction | None = None

    def supposed(self, floor: Fraction) -> Fraction:
        """The share of what was in that draining was to leave; 1 where nothing was drained."""
        above = self.before - floor
        if not self.drained or above <= 0:
            return Fraction(1)
        return max(1 + self.move / above, Fraction(1, 1000))


def read_ec(replay: Replay) -> EcOutcome:
    """Read EC, and correct until it is right, accepted, or not to be believed."""
    # One round: every way in which it ends is named where it does.
    outcome = EcOutcome()
    if not _tells(replay):
        return outcome
    made: _Made | None = None
    drains = 0
    for turn in range(1, MOST_ROUNDS + 1):
        read = replay.step(f"read-ec-{turn}", StepKind.READ_EC)
        if read is None or read.figure is None:
            return outcome
        replay.ec = read.figure
        trust = _believed(replay, outcome, turn, made)
        if replay.is_ahead:
            return outcome
        made = _act(replay, outcome, turn, trust, drains) if trust in _JUDGED else None
        drains += made is not None and made.drained is not None
        if outcome.correction is not None:
            outcome.verdicts.append(outcome.correction.verdict)
        if made is None and trust is not Trust.AGAIN:
            return outcome
    return outcome


def _tells(replay: Replay) -> bool:
    """Whether a last reading is asked for: none ended by one, and a rise is to be seen."""
    if any(pour.stop_at_rise is not None for pour in replay.plan.pours):
        return False
    return replay.target is not None or replay.ledger.as_planned > 2 * PEN_SWAY


_JUDGED = (Trust.FITS, Trust.STANDS)


def _believed(replay: Replay, outcome: EcOutcome, turn: int, made: _Made | None) -> Trust:
    """Whether the reading goes along with what was done, and with all that is in."""
    assert replay.ec is not None
    name = f"ec-{turn}"
    if made is not None and not _followed(made, replay.ec):
        outcome.correction, outcome.unfollowed = Correction(Verdict.UNMOVED), True
        replay.ledger.keep(1 / made.supposed(replay.floor))  # what did not show is not counted on
        if not replay.advised(name, Verdict.UNMOVED):
            return Trust.LEFT
        replay.doubts.looked_into.append(replay.ec)
        return Trust.AGAIN
    if made is not None and made.drained:
        _after_draining(replay, name, made)
    stood = replay.doubts.stands(replay.ec)
    was_odd = replay.rise_at(replay.ec).is_odd
    trust = outcome.believe(weigh(replay, name, replay.ec))
    # What did not follow a correction, and still shows the same, is not corrected again.
    return Trust.STANDS if stood and outcome.unfollowed and not was_odd else trust


def _followed(made: _Made, reading: Fraction) -> bool:
    """Whether a reading went along with a correction; of draining most of the fall must show.

    A fall that stops short means a larger tank than the reading before it did: one of the two is
    wrong, and so may be the pen.
    """
    moved = Slope(reading - made.before, made.move)
    if made.drained is None:
        return follows(moved)
    short = abs(moved.expected) - abs(moved.measured)
    return moved.measured <= 0 and short <= max(abs(moved.expected) * MOST_SHORT, PEN_SWAY)


MOST_SHORT = Fraction(3, 10)
"""Share of the fall that draining was to bring that may be missing: our own default, twice what
labels, charts and so the volume may be off."""

MOST_DRAINS = 2
"""Times that a tank is thinned in one mix; what is too strong still has another cause."""

LITTLE_DRAINED = Fraction(1, 10)
"""Share of a tank that may be drained again though its readings were doubted: our own default."""


def _after_draining(replay: Replay, name: str, made: _Made) -> None:
    """What stayed in is what the reading shows of it; if it fell too far, the volume was less."""
    assert replay.ec is not None
    assert made.drained is not None
    ledger = replay.ledger
    before, after = made.before - replay.floor, max(replay.ec - replay.floor, Fraction(0))
    if before <= 0:
        return
    ledger.keep(after / before / made.supposed(replay.floor))
    too_far = made.move * (1 + SLOPE_OFF) - (replay.ec - made.before)
    if too_far > PEN_SWAY:
        estimate = volume_by_draining(made.drained, before=before, after=after)
        litres = ledger.litres
        settle_volume(replay, f"{name}-drained", estimate)
        ledger.keep(ledger.litres / litres)  # the reading tells what is in, whatever it is in


def _act(replay: Replay, outcome: EcOutcome, turn: int, trust: Trust, drains: int) -> _Made | None:
    """Lay out what the reading calls for; None where nothing follows any more."""
    # The verdicts in the order in which they count; each ends here.
    assert replay.ec is not None
    if replay.yardstick is None:  # where nothing tells what to read
        outcome.correction = Correction(Verdict.RIGHT if trust is Trust.FITS else Verdict.ODD)
        return None
    outcome.correction = judged(replay, replay.ec, *_band(replay))
    verdict = outcome.correction.verdict
    if verdict is Verdict.RIGHT:
        check_ratio(replay, outcome, turn)
        return None
    too_often = turn == MOST_ROUNDS or not _may_drain(replay, outcome.correction, drains)
    if verdict is Verdict.WATER_TOO_STRONG or too_often:
        why = verdict if verdict is Verdict.WATER_TOO_STRONG else Verdict.TOO_MANY_ROUNDS
        outcome.correction = Correction(why)
        replay.advised(f"ec-{turn}", why)
        return None
    # Thinning by litres that somebody measured is safe by whatever reading.
    if trust is Trust.STANDS and not (verdict is Verdict.STRONG and replay.doubts.volume_told):
        outcome.correction = Correction(_why_it_stands(replay, replay.ec))
        return None
    if verdict is Verdict.STRONG:
        return _thin(replay, turn, outcome.correction.drain_l)
    before = replay.ec
    move = strengthen(replay, outcome, turn)
    return None if move is None else _Made(before, move)


def _may_drain(replay: Replay, correction: Correction, drains: int) -> bool:
    """Whether the tank may be thinned again; where readings were doubted only by a little."""
    little = correction.drain_l <= replay.litres * LITTLE_DRAINED
    return drains < (MOST_DRAINS if little or not replay.doubts.looked_into else 1)


def _why_it_stands(replay: Replay, reading: Fraction) -> Verdict:
    rise = replay.rise_at(reading)
    return why_odd(rise) if rise.is_odd else Verdict.UNMOVED


def _band(replay: Replay) -> tuple[Fraction, Fraction]:
    """The target; just what was planned is never too strong, where chart and labels part."""
    assert replay.yardstick is not None
    low, high = replay.yardstick
    ledger = replay.ledger
    if ledger.planned_between is not None:
        return low, high
    as_poured = all(
        amount <= ledger.dose(key) for key, amount in ledger.inside.items() if ledger.dose(key)
    )
    if as_poured:
        planned = replay.floor + ledger.as_planned + PEN_STEP
        high = max(high, min(planned, high + (high - replay.floor) * AS_PLANNED_OVER))
    return low, high


def _thin(replay: Replay, turn: int, litres: Fraction) -> _Made | None:
    assert replay.ec is not None
    before = replay.ec
    drained = drain(replay, f"{turn}", litres)
    if drained is None:
        return None
    kept = 1 - min(drained / replay.litres, Fraction(1))
    return _Made(before, (before - replay.floor) * (kept - 1), drained)


def judged(replay: Replay, reading: Fraction, low: Fraction, high: Fraction) -> Correction:
    """What a reading calls for, by the volume that counts."""
    return correct(
        reading,
        low=low,
        high=high,
        source=replay.floor,
        litres=replay.litres,
        resolution=PEN_STEP,
    )
