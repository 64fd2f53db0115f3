"""Too much of a product went in: the ways out."""

from fractions import Fraction

from core.guided.ec.steering import OVERPOURED, WayOut
from core.guided.plan import GuidedPour
from core.guided.replay import Replay


def way_out_of(replay: Replay, at: int) -> WayOut | None:
    """What can be done about the pour at a place; None where no more than its dose is in."""
    pour = replay.plan.pours[at]
    poured, planned = replay.ledger.poured[pour.key], replay.ledger.dose(pour.key)
    if planned <= 0 or poured <= planned * (1 + OVERPOURED):
        return None
    over = poured / planned
    later = replay.plan.pours[at + 1 :]
    to_come = {p.key for p in later if not (p.live or p.key == pour.key)}
    tells = any(p.ec_rise for p in replay.plan.pours) and replay.source is not None
    return WayOut(
        pour.key,
        poured,
        planned,
        dilute_to=replay.litres * over,
        accept_at=_reading_if_kept(replay, pour, to_come, over) if tells else None,
        behind=_behind(replay, pour, to_come) if pour.base else (),
    )


def _behind(replay: Replay, pour: GuidedPour, to_come: set[str]) -> tuple[str, ...]:
    return tuple(key for key in replay.plan.base if key != pour.key and key not in to_come)


def _reading_if_kept(
    replay: Replay, pour: GuidedPour, to_come: set[str], over: Fraction
) -> Fraction:
    """What the finished tank reads if what went in too much stays, and the base follows it."""
    ledger = replay.ledger
    reading = replay.floor
    for key in dict.fromkeys(p.key for p in replay.plan.pours):
        amount = ledger.poured.get(key, Fraction(0))
        if key in to_come:
            follows = pour.base and key in replay.plan.base
            amount = ledger.dose(key) * (over if follows else 1)
        reading += ledger.ec_rise(key, amount)
    return reading
