"""Reading EC after the feed, and what is done about it."""

from dataclasses import dataclass
from fractions import Fraction

from core.session.doubting import Trust, settle_volume, weigh
from core.session.events import Kind
from core.session.ph import WAIT_MIN
from core.session.steering import (
    HARDLY,
    PEN_STEP,
    PEN_SWAY,
    RATIO_OFF,
    SLOPE_OFF,
    Correction,
    Offer,
    Slope,
    Verdict,
    correct,
    follows,
    more_of_base,
)
from core.session.steps import StepKind
from core.session.volume import volume_by_draining
from core.session.walk import MOST_ROUNDS, Walk

AS_PLANNED_OVER = Fraction(1, 10)
"""By which share of its rise a tank may read above the band where just what was planned is in it: a
half dose conducts a little more than half of a whole one (Kohlrausch). Our own bound on it."""


@dataclass(frozen=True, slots=True)
class _Made:
    """A correction that was made: the reading before it, how far it was to move, litres drained."""

    before: Fraction
    move: Fraction
    drained: Fraction | None = None

    def supposed(self, source: Fraction | None) -> Fraction:
        """The share of what was in that draining was to leave; 1 where nothing was drained."""
        above = self.before - (source or Fraction(0))
        if not self.drained or above <= 0:
            return Fraction(1)
        return max(1 + self.move / above, Fraction(1, 1000))


def read_ec(walk: Walk) -> None:
    """Read EC, and correct until it is right, accepted, or not to be believed."""
    if walk.ended or any(p.until is not None for p in walk.plan.pours):
        return
    if walk.target is None and walk.ledger.as_planned <= 2 * PEN_SWAY:
        return
    made: _Made | None = None
    for turn in range(1, MOST_ROUNDS + 1):
        read = walk.step(f"read-ec-{turn}", StepKind.READ_EC)
        if read is None or read.figure is None:
            return
        walk.ec = read.figure
        trust = _believed(walk, turn, made)
        if walk.is_ahead:
            return
        made = _act(walk, turn, trust) if trust in _JUDGED else None
        if walk.correction is not None:
            walk.verdicts.append(walk.correction.verdict)
        if made is None and trust is not Trust.AGAIN:
            return


_JUDGED = (Trust.FITS, Trust.STANDS)


def _believed(walk: Walk, turn: int, made: _Made | None) -> Trust:
    """Whether the reading goes along with what was done, and with all that is in."""
    assert walk.ec is not None
    name = f"ec-{turn}"
    if made is not None and not follows(Slope(walk.ec - made.before, made.move)):
        walk.correction = Correction(Verdict.UNMOVED)
        walk.ledger.keep(1 / made.supposed(walk.source))  # what did not show is not counted on
        if not walk.advised(name, Verdict.UNMOVED):
            return Trust.LEFT
        walk.doubt(walk.ec)
        return Trust.AGAIN
    if made is not None and made.drained:
        _after_draining(walk, name, made)
    stood = walk.has_stood(walk.ec)
    was_odd = walk.rise_at(walk.ec).is_odd
    trust = weigh(walk, name, walk.ec)
    # What did not follow a correction, and still shows the same, is not corrected again.
    return Trust.STANDS if stood and not was_odd else trust


def _after_draining(walk: Walk, name: str, made: _Made) -> None:
    """What stayed in is what the reading shows of it; if it fell too far, the volume was less."""
    assert walk.ec is not None
    assert made.drained is not None
    source, ledger = walk.source or Fraction(0), walk.ledger
    before, after = made.before - source, max(walk.ec - source, Fraction(0))
    if before <= 0:
        return
    ledger.keep(after / before / made.supposed(walk.source))
    too_far = made.move * (1 + SLOPE_OFF) - (walk.ec - made.before)
    if too_far > PEN_SWAY:
        estimate = volume_by_draining(made.drained, before=before, after=after)
        litres = ledger.litres
        settle_volume(walk, f"{name}-drained", estimate)
        ledger.keep(ledger.litres / litres)  # the reading tells what is in, whatever it is in


def _act(walk: Walk, turn: int, trust: Trust) -> _Made | None:
    """Lay out what the reading calls for; None where nothing follows any more."""
    assert walk.ec is not None
    if walk.target is None:  # where there is no target the reading is a check
        walk.correction = Correction(Verdict.RIGHT if trust is Trust.FITS else Verdict.ODD)
        return None
    walk.correction = judged(walk, walk.ec, *_band(walk))
    verdict = walk.correction.verdict
    if verdict is Verdict.RIGHT:
        _check_ratio(walk, turn)
        return None
    if verdict is Verdict.WATER_TOO_STRONG or turn == MOST_ROUNDS:
        why = verdict if verdict is Verdict.WATER_TOO_STRONG else Verdict.TOO_MANY_ROUNDS
        walk.correction = Correction(why)
        walk.advised(f"ec-{turn}", why)
        return None
    if trust is Trust.STANDS and not (verdict is Verdict.STRONG and walk.volume_told):
        unmoved = walk.rise_at(walk.ec).is_unmoved or not walk.rise_at(walk.ec).is_odd
        walk.correction = Correction(Verdict.UNMOVED if unmoved else Verdict.ODD)
        return None
    return _thin(walk, turn) if verdict is Verdict.STRONG else _strengthen(walk, turn)


def _band(walk: Walk) -> tuple[Fraction, Fraction]:
    """The target; just what was planned is never too strong, where chart and labels part."""
    assert walk.target is not None
    low, high = walk.target
    source, ledger = walk.source or Fraction(0), walk.ledger
    as_poured = all(
        amount <= ledger.dose(key) for key, amount in ledger.inside.items() if ledger.dose(key)
    )
    if as_poured:
        planned = source + ledger.as_planned + PEN_STEP
        high = max(high, min(planned, high + (high - source) * AS_PLANNED_OVER))
    return low, high


def _check_ratio(walk: Walk, turn: int) -> None:
    """A pair out of its ratio is never right without a word."""
    if walk.ledger.is_askew(RATIO_OFF):
        walk.correction = Correction(Verdict.RATIO_OFF)
        walk.advised(f"ratio-{turn}", Verdict.RATIO_OFF)


def _thin(walk: Walk, turn: int) -> _Made | None:
    assert walk.ec is not None
    before = walk.ec
    drained = drain(walk, f"{turn}")
    if drained is None:
        return None
    kept = 1 - min(drained / walk.litres, Fraction(1))
    return _Made(before, (before - (walk.source or Fraction(0))) * (kept - 1), drained)


def drain(walk: Walk, name: str) -> Fraction | None:
    """Lay out draining and filling; the litres, None if that is left out."""
    assert walk.correction is not None
    litres = walk.correction.drain_l
    done = walk.step(f"drain-{name}", StepKind.DRAIN, amount=litres, unit="L")
    if done is not None and done.kind is Kind.SKIPPED:
        return None
    if done is not None and done.figure is not None:
        litres = done.figure
    walk.ledger.keep(1 - min(litres / walk.litres, Fraction(1)))
    _settle(walk, name)
    return litres


def _settle(walk: Walk, name: str) -> None:
    """Let a correction mix through before the next reading."""
    walk.step(f"settle-{name}", StepKind.WAIT, seconds=WAIT_MIN * 60)


def _strengthen(walk: Walk, turn: int) -> _Made | None:
    """More of every base part: up to its dose freely, past it only on purpose."""
    assert walk.ec is not None
    assert walk.aim is not None
    wanted = _more(walk, walk.aim - walk.ec)
    if wanted is None:
        walk.correction = Correction(Verdict.UNMOVED)
        walk.advised(f"ec-{turn}", Verdict.UNMOVED)
        return None
    ledger, before = walk.ledger, walk.ec
    within = {key: min(amount, ledger.left(key)) for key, amount in wanted.items()}
    if not any(within[key] > ledger.dose(key) * LEAST_ADDED for key in within):
        if _is_near_enough(walk):
            walk.correction = Correction(Verdict.RIGHT)
            _check_ratio(walk, turn)
            return None
        walk.offer = _offer(walk, wanted)
        walk.correction = Correction(Verdict.BEYOND_DOSE)
        if not walk.advised(f"beyond-{turn}", Verdict.BEYOND_DOSE):
            return None
        within = wanted
    made = _add(walk, turn, within)
    if not made:
        return None
    _settle(walk, f"{turn}")
    slope = walk.rise_at(before)
    worth = slope.measured / slope.expected if slope.expected > 0 else Fraction(1)
    return _Made(before, worth * sum((ledger.rise(k, v) for k, v in made.items()), Fraction(0)))


def _is_near_enough(walk: Walk) -> bool:
    """Whether only passing printed dose × strength would bring the step or two that are missing."""
    assert walk.ec is not None
    assert walk.target is not None
    return walk.target[0] - walk.ec <= NEAR_ENOUGH


NEAR_ENOUGH = 2 * PEN_STEP
"""mS/cm below the band that are no reason to pass a printed dose: no pen is surer."""

LEAST_ADDED = Fraction(1, 100)
"""Below this share of a dose an addition is a mark's breadth: our own default."""


def _more(walk: Walk, wanted: Fraction) -> dict[str, Fraction] | None:
    """mL or g of each base part that bring so much more; None where nothing tells."""
    ledger = walk.ledger
    shares = ledger.shares()
    if walk.ec is None or not any(shares.values()):
        return None
    slope = walk.rise_at(walk.ec)
    if slope.expected > 0 and slope.measured < slope.expected * HARDLY:
        return None
    worth = slope.measured / slope.expected if slope.expected > 0 else Fraction(1)
    rises = {key: ledger.rise(key, ledger.dose(key)) * worth for key in shares}
    if not any(rises.values()):  # nothing tells the parts apart: each brought its share
        inside = sum(shares.values(), Fraction(0))
        rises = dict.fromkeys(shares, slope.measured / inside)
    more = more_of_base(shares, rises, wanted)
    return {key: share * ledger.dose(key) for key, share in more.items()}


def _offer(walk: Walk, wanted: dict[str, Fraction]) -> Offer:
    ledger = walk.ledger
    return Offer(
        add={key: amount for key, amount in wanted.items() if amount > 0},
        of_dose={
            key: (ledger.inside.get(key, Fraction(0)) + amount) / ledger.dose(key)
            for key, amount in wanted.items()
            if amount > 0
        },
        reading=walk.aim or Fraction(0),
    )


def _add(walk: Walk, turn: int, amounts: dict[str, Fraction]) -> dict[str, Fraction]:
    """Lay out additions; what of each went in, or will. One part alone leaves the others out."""
    made = {}
    for key, amount in amounts.items():
        at = next(i for i, p in enumerate(walk.plan.pours) if p.key == key)
        unit = walk.plan.pours[at].unit.value
        if amount <= 0 and f"add-{turn}-{key}" not in walk.first:
            continue
        done = walk.step(f"add-{turn}-{key}", StepKind.ADD, pour=at, amount=amount, unit=unit)
        if done is None:
            made[key] = amount
        elif done.figure is not None:
            walk.went_in(at, done.figure)
            made[key] = done.figure
    return {key: amount for key, amount in made.items() if amount > 0}


def judged(walk: Walk, reading: Fraction, low: Fraction, high: Fraction) -> Correction:
    """What a reading calls for, by the volume that counts."""
    return correct(
        reading,
        low=low,
        high=high,
        source=walk.source or Fraction(0),
        litres=walk.litres,
        resolution=PEN_STEP,
    )
