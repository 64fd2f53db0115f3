"""A reading that contradicts what went in: its cause is looked for, and the volume settled."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.guided.ec.slope import Slope
from core.guided.ec.steering import Correction, Verdict
from core.guided.events import EventKind
from core.guided.readings.volume import VolumeEstimate, volume_by_rise
from core.guided.replay import Replay
from core.guided.steps import StepKind


class Trust(StrEnum):
    """How far a reading is believed.

    It fits; or it is read again after its cause was looked for; or it is left as it is; or it was
    looked into and stands, so that nothing more goes in by it.
    """

    FITS = "fits"
    AGAIN = "again"
    LEFT = "left"
    STANDS = "stands"


@dataclass(frozen=True, slots=True)
class Weighed:
    """A reading beside what is in the tank.

    Args:
        trust: how far it is believed.
        slope: what it shows, where that contradicts.
        correction: what was advised, where its cause was to be looked for.
    """

    trust: Trust
    slope: Slope | None = None
    correction: Correction | None = None


def weigh(replay: Replay, name: str, reading: Fraction) -> Weighed:
    """Lay out what a reading asks for that contradicts what is in the tank.

    First its causes are looked for and it is read again: a pen that is wet with concentrate and a
    tank that is not stirred are seen to in a minute. What reads the same then is asked of the
    volume. What that does not explain stands: nothing more goes in by it.
    """
    slope, doubts = replay.rise_at(reading), replay.doubts
    if not slope.is_odd:
        doubts.suspect = None
        replay.ledger.left_out.clear()
        return Weighed(Trust.FITS)
    doubts.suspect = _volume_by_rise(replay, slope)
    if not doubts.stands(reading):
        why = why_odd(slope)
        if not replay.advised(name, why):
            return Weighed(Trust.LEFT, slope, Correction(why))
        doubts.looked_into.append(reading)
        return Weighed(Trust.AGAIN, slope, Correction(why))
    if not slope.of_nothing and not doubts.volume_asked:
        settle_volume(replay, name, doubts.suspect if slope.is_sure else None, slope)
        if replay.is_ahead or not replay.rise_at(reading).is_odd:
            return Weighed(Trust.FITS, slope)
    return Weighed(Trust.STANDS, slope)


def _volume_by_rise(replay: Replay, slope: Slope) -> VolumeEstimate | None:
    """Return the volume in which that rise fits; by usual feed, the smallest that it may be."""
    if slope.is_sure:
        return volume_by_rise(replay.litres, slope, replay.floor)
    weakest = Slope(slope.measured, slope.least or Fraction(0))
    return volume_by_rise(replay.litres, weakest, replay.floor)


def why_odd(slope: Slope) -> Verdict:
    """What an odd reading is said to be."""
    if slope.is_untold:
        return Verdict.UNTOLD
    return Verdict.UNMOVED if slope.is_unmoved else Verdict.ODD


def settle_volume(
    replay: Replay, name: str, estimate: VolumeEstimate | None, slope: Slope | None = None
) -> None:
    """Ask for the litres that are really in the tank, and make later sums by them.

    An estimate that is taken counts where it is smaller than what was thought: a larger one rests
    on the reading alone, which a pen that shows too little gives too. Litres that somebody measured
    count; for printed doses only where the reading agrees.
    """
    doubts, ledger = replay.doubts, replay.ledger
    doubts.volume_asked, doubts.offered = True, estimate
    done = replay.step(
        f"volume-{name}", StepKind.VOLUME, amount=estimate.litres if estimate else None, unit="L"
    )
    if done is None or done.kind is EventKind.SKIPPED:
        return
    if done.figure:
        before, ledger.litres = ledger.litres, done.figure
        doubts.volume_told = True
        agrees = (
            slope is None
            or not Slope(slope.measured, slope.expected * before / ledger.litres).is_odd
        )
        ledger.dose_litres = ledger.litres if agrees else min(ledger.litres, ledger.dose_litres)
        doubts.suspect = None if agrees else doubts.suspect
    elif estimate is not None and estimate.litres < ledger.litres:
        ledger.litres = estimate.litres
        ledger.dose_litres = min(ledger.dose_litres, ledger.litres)
        doubts.suspect = None
