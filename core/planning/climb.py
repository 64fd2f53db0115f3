"""The climb: a mix drawn as readings over minutes, in the grower's own unit."""

from dataclasses import dataclass
from fractions import Fraction

from core.chart.roles import Phase
from core.planning import Pour, PourSheet
from core.planning.expected import RestsOn
from core.quantities import ReadingScale, of_float

POURING_MIN = 1
"""Minutes to measure and pour one product: our own default, what a syringe or two take."""


@dataclass(frozen=True, slots=True)
class Riser:
    """One pour in the drawing.

    Args:
        place: its place in the order.
        minute: when it goes in, from the start.
        wait_min: the tread after it.
        level: the expected reading after it in the grower's unit; None where unknown.
        low: the low edge of the band in which it may lie; None where unknown.
        high: the high edge.
        basis: what this pour's part of it rests on.
        ph: the expected pH after it; None where the water's alkalinity is not known.
    """

    place: int
    minute: int
    wait_min: int
    level: Fraction | None
    low: Fraction | None
    high: Fraction | None
    basis: RestsOn
    ph: float | None


@dataclass(frozen=True, slots=True)
class Band:
    """A range of readings in the grower's unit."""

    low: Fraction
    high: Fraction


@dataclass(frozen=True, slots=True)
class Climb:
    """A mix as readings over time, all in one unit.

    Args:
        scale: the unit.
        relative: whether levels count from the water up, because it was not read.
        floor: the source water; 0 if levels are relative.
        risers: the pours in order.
        minutes: how long the whole takes.
        target: the band to end in; None where there is none.
        end: the expected last reading; None where unknown.
        read_at: the place of the pour after whose wait EC and then pH are read: the last one
            before live cultures; 0 if nothing else is poured.
    """

    scale: ReadingScale
    relative: bool
    floor: Fraction
    risers: tuple[Riser, ...]
    minutes: int
    target: Band | None
    end: Fraction | None
    read_at: int


def draw_climb(sheet: PourSheet, scale: ReadingScale) -> Climb:
    """Lay a pour sheet out in time, with its readings in `scale`."""
    relative = sheet.source is None
    minute, risers = 0, []
    for pour in sheet.pours:
        minute += POURING_MIN
        risers.append(_riser(pour, minute, scale, relative=relative))
        minute += pour.wait_min
    target = sheet.target.reading
    floor = sheet.source.in_unit(scale) if sheet.source else Fraction(0)
    feed = [pour.place for pour in sheet.pours if pour.phase not in (Phase.LIVE, Phase.PH)]
    return Climb(
        scale=scale,
        relative=relative,
        floor=floor,
        risers=tuple(risers),
        minutes=minute,
        target=Band(target.low.in_unit(scale), target.high.in_unit(scale)) if target else None,
        end=risers[-1].level if risers else floor,
        read_at=max(feed, default=0),
    )


def _riser(pour: Pour, minute: int, scale: ReadingScale, *, relative: bool) -> Riser:
    reading = pour.above_water if relative else pour.reading_after
    level = reading.in_unit(scale) if reading else None
    off = of_float(pour.uncertainty, 4) * scale.per_ms_cm
    return Riser(
        place=pour.place,
        minute=minute,
        wait_min=pour.wait_min,
        level=level,
        low=None if level is None else max(level - off, Fraction(0)),
        high=None if level is None else level + off,
        basis=pour.basis,
        ph=pour.ph_after,
    )
