"""A reading that contradicts what went in: its cause is looked for, and the volume settled."""

from enum import StrEnum
from fractions import Fraction

from core.guided.events import EventKind
from core.guided.replay import Replay
from core.guided.steering import Correction, Slope, Verdict
from core.guided.steps import StepKind
from core.guided.volume import VolumeEstimate, volume_by_rise


class Trust(StrEnum):
    """How far a reading is believed.

    It fits; or it is read again after its cause was looked for; or it is left as it is; or it was
    looked into and stands, so that nothing more goes in by it.
    """

    FITS = "fits"
    AGAIN = "again"
    LEFT = "left"
    STANDS = "stands"


def weigh(replay: Replay, name: str, reading: Fraction) -> Trust:
    """Lay out what a reading asks for that contradicts what is in the tank.

    Hardly any rise is first looked for at the pen; another rise than expected is first asked of the
    volume. What contradicts then is advised, read again, and if it says the same it stands.
    """
    # One course of asking: pen, volume, again, believed; apart it could not be followed.
    slope = replay.rise_at(reading)
    if not slope.is_odd:
        replay.suspect = None
        return Trust.FITS
    replay.slope = slope
    replay.suspect = volume_by_rise(replay.litres, slope, replay.source or Fraction(0))
    stood = replay.has_stood(reading)
    if (not slope.is_unmoved or stood) and not replay.volume_asked:
        settle_volume(replay, name, replay.suspect, slope)
        if replay.is_ahead or not replay.rise_at(reading).is_odd:
            return Trust.FITS
    if stood:
        return Trust.STANDS
    why = Verdict.UNMOVED if replay.rise_at(reading).is_unmoved else Verdict.ODD
    replay.correction = Correction(why)
    if not replay.advised(name, why):
        return Trust.LEFT
    replay.doubt(reading)
    return Trust.AGAIN


def settle_volume(
    replay: Replay, name: str, estimate: VolumeEstimate | None, slope: Slope | None = None
) -> None:
    """Ask for the litres that are really in the tank, and make later sums by them.

    An estimate that is taken counts where it is smaller than what was thought: a larger one rests
    on the reading alone, which a pen that shows too little gives too. Litres that somebody measured
    count; for printed doses only where the reading agrees.
    """
    replay.volume_asked = True
    replay.offered = estimate
    done = replay.step(
        f"volume-{name}", StepKind.VOLUME, amount=estimate.litres if estimate else None, unit="L"
    )
    if done is None or done.kind is EventKind.SKIPPED:
        return
    ledger = replay.ledger
    if done.figure:
        before, ledger.litres = ledger.litres, done.figure
        replay.volume_told = True
        agrees = (
            slope is None
            or not Slope(slope.measured, slope.expected * before / ledger.litres).is_odd
        )
        ledger.dose_litres = ledger.litres if agrees else min(ledger.litres, ledger.dose_litres)
        replay.suspect = None if agrees else replay.suspect
    elif estimate is not None and estimate.litres < ledger.litres:
        ledger.litres = estimate.litres
        ledger.dose_litres = min(ledger.dose_litres, ledger.litres)
        replay.suspect = None
