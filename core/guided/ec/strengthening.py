"""More of the base where a tank reads too weak."""

from fractions import Fraction

from core.guided.ec.slope import HARDLY, PEN_STEP
from core.guided.ec.steering import RATIO_OFF, Correction, Offer, Verdict, more_of_base
from core.guided.outcome import EcOutcome
from core.guided.pouring.draining import let_mix_through
from core.guided.replay import Replay
from core.guided.steps import StepKind


def check_ratio(replay: Replay, outcome: EcOutcome, turn: int) -> None:
    """A pair out of its ratio is never right without a word."""
    if replay.ledger.is_askew(RATIO_OFF):
        outcome.correction = Correction(Verdict.RATIO_OFF)
        replay.advised(f"ratio-{turn}", Verdict.RATIO_OFF)


def strengthen(replay: Replay, outcome: EcOutcome, turn: int) -> Fraction | None:
    """Add more of every base part: up to its dose freely, past it only on purpose.

    Returns:
        mS/cm by which the reading is to rise; None where nothing is added.
    """
    assert replay.ec is not None
    assert replay.aim is not None
    wanted = _more(replay, replay.aim - replay.ec)
    if wanted is None:
        outcome.correction = Correction(Verdict.UNMOVED)
        replay.advised(f"ec-{turn}", Verdict.UNMOVED)
        return None
    before = replay.ec
    portion = _portion(replay, outcome, turn, wanted)
    made = _add(replay, turn, portion) if portion else {}
    if not made:
        return None
    let_mix_through(replay, f"{turn}")
    rises = (replay.ledger.ec_rise(key, amount) for key, amount in made.items())
    return replay.rise_at(before).worth * sum(rises, Fraction(0))


def _portion(
    replay: Replay, outcome: EcOutcome, turn: int, wanted: dict[str, Fraction]
) -> dict[str, Fraction] | None:
    """What is added of what is wanted; None where all is in that may be, and none goes past it."""
    ledger = replay.ledger
    within = {key: min(amount, ledger.left(key)) for key, amount in wanted.items()}
    if any(within[key] > ledger.dose(key) * LEAST_ADDED for key in within):
        return within
    if _is_near_enough(replay):
        outcome.correction = Correction(Verdict.RIGHT)
        check_ratio(replay, outcome, turn)
        return None
    outcome.offer = _offer(replay, wanted)
    outcome.correction = Correction(Verdict.BEYOND_DOSE)
    return wanted if replay.advised(f"beyond-{turn}", Verdict.BEYOND_DOSE) else None


def _is_near_enough(replay: Replay) -> bool:
    """Whether only passing printed dose × strength would bring the step or two that are missing."""
    assert replay.ec is not None
    assert replay.yardstick is not None
    return replay.yardstick[0] - replay.ec <= NEAR_ENOUGH


NEAR_ENOUGH = 2 * PEN_STEP
"""mS/cm below the band that are no reason to pass a printed dose: no pen is surer."""

LEAST_ADDED = Fraction(1, 100)
"""Below this share of a dose an addition is a mark's breadth: our own default, half of what
rounding to marks may be before it shows."""


def _more(replay: Replay, wanted: Fraction) -> dict[str, Fraction] | None:
    """mL or g of each base part that bring so much more; None where nothing tells."""
    ledger = replay.ledger
    shares = ledger.shares()
    if replay.ec is None or not any(shares.values()):
        return None
    slope = replay.rise_at(replay.ec)
    if slope.expected > 0 and slope.measured < slope.expected * HARDLY:
        return None
    ec_rises = {key: ledger.ec_rise(key, ledger.dose(key)) * slope.worth for key in shares}
    if not any(ec_rises.values()):  # nothing tells the parts apart: each brought its share
        inside = sum(shares.values(), Fraction(0))
        ec_rises = dict.fromkeys(shares, slope.measured / inside)
    more = more_of_base(shares, ec_rises, wanted)
    return {key: share * ledger.dose(key) for key, share in more.items()}


def _offer(replay: Replay, wanted: dict[str, Fraction]) -> Offer:
    ledger = replay.ledger
    assert replay.aim is not None
    return Offer(
        add={key: amount for key, amount in wanted.items() if amount > 0},
        of_dose={
            key: (ledger.inside.get(key, Fraction(0)) + amount) / ledger.dose(key)
            for key, amount in wanted.items()
            if amount > 0
        },
        reading=replay.aim,
    )


def _add(replay: Replay, turn: int, amounts: dict[str, Fraction]) -> dict[str, Fraction]:
    """Lay out additions; what of each went in, or will. One part alone leaves the others out."""
    made = {}
    for key, amount in amounts.items():
        at = next(i for i, p in enumerate(replay.plan.pours) if p.key == key)
        unit = replay.plan.pours[at].unit.value
        if amount <= 0 and f"add-{turn}-{key}" not in replay.first:
            continue
        done = replay.step(f"add-{turn}-{key}", StepKind.ADD, pour=at, amount=amount, unit=unit)
        if done is None:
            made[key] = amount
        elif done.figure is not None:
            replay.ledger.pour(key, done.figure)
            made[key] = done.figure
        else:
            replay.ledger.leave_out(key, amount)
    return {key: amount for key, amount in made.items() if amount > 0}
