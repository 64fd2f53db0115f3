"""A reading that contradicts what went in: its cause is looked for, and the volume settled."""

from enum import StrEnum
from fractions import Fraction

from core.session.events import Kind
from core.session.steering import Correction, Slope, Verdict
from core.session.steps import StepKind
from core.session.volume import VolumeEstimate, volume_by_rise
from core.session.walk import Walk


class Trust(StrEnum):
    """How far a reading is believed.

    It fits; or it is read again after its cause was looked for; or it is left as it is; or it was
    looked into and stands, so that nothing more goes in by it.
    """

    FITS = "fits"
    AGAIN = "again"
    LEFT = "left"
    STANDS = "stands"


def weigh(walk: Walk, name: str, reading: Fraction) -> Trust:
    """Lay out what a reading asks for that contradicts what is in the tank.

    Hardly any rise is first looked for at the pen; another rise than expected is first asked of the
    volume. What contradicts then is advised, read again, and if it says the same it stands.
    """
    slope = walk.rise_at(reading)
    if not slope.is_odd:
        walk.suspect = None
        return Trust.FITS
    walk.slope = slope
    walk.suspect = volume_by_rise(walk.litres, slope, walk.source or Fraction(0))
    stood = walk.has_stood(reading)
    if (not slope.is_unmoved or stood) and not walk.volume_asked:
        settle_volume(walk, name, walk.suspect, slope)
        if walk.is_ahead or not walk.rise_at(reading).is_odd:
            return Trust.FITS
    if stood:
        return Trust.STANDS
    why = Verdict.UNMOVED if walk.rise_at(reading).is_unmoved else Verdict.ODD
    walk.correction = Correction(why)
    if not walk.advised(name, why):
        return Trust.LEFT
    walk.doubt(reading)
    return Trust.AGAIN


def settle_volume(
    walk: Walk, name: str, estimate: VolumeEstimate | None, slope: Slope | None = None
) -> None:
    """Ask for the litres that are really in the tank, and make later sums by them.

    An estimate that is taken counts where it is smaller than what was thought: a larger one rests
    on the reading alone, which a pen that shows too little gives too. Litres that somebody measured
    count; for printed doses only where the reading agrees.
    """
    walk.volume_asked = True
    walk.offered = estimate
    done = walk.step(
        f"volume-{name}", StepKind.VOLUME, amount=estimate.litres if estimate else None, unit="L"
    )
    if done is None or done.kind is Kind.SKIPPED:
        return
    ledger = walk.ledger
    if done.figure:
        before, ledger.litres = ledger.litres, done.figure
        walk.volume_told = True
        agrees = (
            slope is None
            or not Slope(slope.measured, slope.expected * before / ledger.litres).is_odd
        )
        ledger.dose_litres = ledger.litres if agrees else min(ledger.litres, ledger.dose_litres)
        walk.suspect = None if agrees else walk.suspect
    elif estimate is not None and estimate.litres < ledger.litres:
        ledger.litres = estimate.litres
        ledger.dose_litres = min(ledger.dose_litres, ledger.litres)
        walk.suspect = None
