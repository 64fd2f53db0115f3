"""The drawing of a mix, in the person's own unit."""

from fractions import Fraction

from pydantic import BaseModel

from core.planning import PourSheet
from core.planning.climb import Band, Climb, Riser
from core.planning.expected import RestsOn
from core.quantities import ReadingRange, ReadingScale, number_text


class RiserOut(BaseModel):
    """One pour in the drawing; levels in the person's unit, `shown` as the pen shows it.

    `low` and `high` are the edges of the band in which the reading may lie, `unsure_shown` half its
    width.
    """

    place: int
    minute: int
    wait_min: int
    level: float | None
    low: float | None
    high: float | None
    basis: RestsOn
    ph: float | None
    shown: str | None
    unsure_shown: str | None


class BandOut(BaseModel):
    """The target band."""

    low: float
    high: float
    shown: str


class ClimbOut(BaseModel):
    """The mix as readings over minutes; `relative` if they count from unread water up."""

    unit: str
    relative: bool
    floor: float
    floor_shown: str
    risers: list[RiserOut]
    minutes: int
    target: BandOut | None
    end: float | None
    end_shown: str | None
    read_at: int


def band_words(band: ReadingRange | None, meter: ReadingScale) -> str | None:
    """A range as the pen shows it; None where there is none."""
    if band is None:
        return None
    low, high = band.low.shown(meter), band.high.shown(meter)
    return low if low == high else f"{low} to {high}"


def _shown(level: Fraction | None, meter: ReadingScale) -> str | None:
    return None if level is None else number_text(level, meter.places)


def climb_out(climb: Climb, sheet: PourSheet) -> ClimbOut:
    """The drawing of a sheet."""
    meter, band = climb.scale, climb.target
    return ClimbOut(
        unit=meter.words,
        relative=climb.relative,
        floor=float(climb.floor),
        floor_shown=number_text(climb.floor, meter.places),
        risers=[_riser(riser, meter) for riser in climb.risers],
        minutes=climb.minutes,
        target=_band(band, band_words(sheet.target.reading, meter) or "") if band else None,
        end=_number(climb.end),
        end_shown=_shown(climb.end, meter),
        read_at=climb.read_at,
    )


def _riser(riser: Riser, meter: ReadingScale) -> RiserOut:
    return RiserOut(
        place=riser.place,
        minute=riser.minute,
        wait_min=riser.wait_min,
        level=_number(riser.level),
        low=_number(riser.low),
        high=_number(riser.high),
        basis=riser.basis,
        ph=riser.ph,
        shown=_shown(riser.level, meter),
        unsure_shown=_unsure(riser, meter),
    )


def _unsure(riser: Riser, meter: ReadingScale) -> str | None:
    """How far off a reading may be as the pen would show it; None where that is nothing."""
    if riser.level is None or riser.high is None or riser.high == riser.level:
        return None
    shown = number_text(riser.high - riser.level, meter.places)
    return shown if float(shown) else None


def _band(band: Band, shown: str) -> BandOut:
    return BandOut(low=float(band.low), high=float(band.high), shown=shown)


def _number(level: Fraction | None) -> float | None:
    """For drawing only; what is acted on stays decimal text."""
    return None if level is None else float(level)
