"""What a reading of a tank between two fillings says, and what growers do about it."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.chart import PhWindow
from core.guided.readings.plausible import ODD_EC
from core.quantities import Reading, ReadingRange
from core.tending.living import oxygen_is_short

ODD_EC_SHIFT = Fraction(2, 5)
"""A tank that nobody filled reads this share more or less than a day ago only by a wrong pen or
place: our own bound; a hot day in a small tank moves it by about a fifth."""

ODD_TIMES_TARGET = Fraction(5, 2)
"""Times its target that a tank reads at first only by a wrong pen, place or unit: our own bound."""

ODD_PH_SHIFT = Fraction(3, 2)
"""pH that no tank drifts by between two readings unless somebody poured: our own bound,
three times the half a unit a day that is common practice to expect."""

MOVED_EC = Fraction(1, 20)
"""A change under 5 % is what pens and places in a tank differ by: common practice."""

WARM_C, COLD_C = Fraction(24), Fraction(16)
"""Above it water holds too little oxygen, below it roots stand still: common practice."""


class Said(StrEnum):
    """What one reading says."""

    EC_ODD = "ec_odd"
    PH_ODD = "ph_odd"
    EC_RIGHT = "ec_right"
    EC_HIGH = "ec_high"
    EC_LOW = "ec_low"
    WATER_OVER_TARGET = "water_over_target"
    TOP_UP_PLAIN = "top_up_plain"
    TOP_UP_THINS = "top_up_thins"
    TOP_UP_WEAK = "top_up_weak"
    TOP_UP_FULL = "top_up_full"
    PH_RIGHT = "ph_right"
    PH_HIGH = "ph_high"
    PH_LOW = "ph_low"
    OXYGEN_SHORT = "oxygen_short"
    WARM = "warm"
    COLD = "cold"


@dataclass(frozen=True, slots=True)
class TankReading:
    """What was read of a tank; None for what was not."""

    ec: Reading | None = None
    ph: Fraction | None = None
    temperature: Fraction | None = None


def judge_reading(
    now: TankReading,
    before: TankReading,
    *,
    target: ReadingRange | None,
    window: PhWindow | None,
    water: Reading | None = None,
    is_living: bool = False,
) -> tuple[Said, ...]:
    """What a reading says, the most pressing first; no advice rests on a reading that is odd.

    Args:
        now: what was read.
        before: what was read last since the tank was filled; nothing where it was not.
        target: the reading that is aimed at; None where none is.
        window: pH that is aimed at.
        water: what the water that is topped up reads; None where nobody has read it.
        is_living: whether roots share the water with cultures that breathe, too.

    >>> judge_reading(TankReading(Reading(Fraction(2))), TankReading(Reading(Fraction("1.8"))),
    ...               target=None, window=None)
    (<Said.TOP_UP_PLAIN: 'top_up_plain'>,)
    """
    return (
        *_ec(now.ec, before.ec, target, water),
        *_ph(now.ph, before.ph, window),
        *_temperature(now.temperature, is_living=is_living),
    )


def _ec(
    now: Reading | None, before: Reading | None, target: ReadingRange | None, water: Reading | None
) -> list[Said]:
    if now is None:
        return []
    moved = _moved(now, before)
    if abs(moved) > ODD_EC_SHIFT or (before is None and _is_no_feed(now, target)):
        return [Said.EC_ODD]
    drift = [] if before is None else _top_up(moved)
    if target is None:
        return drift
    band = _in_band(now, target)
    if band is Said.EC_HIGH:  # more feed would be wrong, whichever way it went
        over = water is not None and water.ms_cm >= target.high.ms_cm
        plain = Said.TOP_UP_PLAIN if moved > MOVED_EC else Said.TOP_UP_THINS
        return [band, Said.WATER_OVER_TARGET if over else plain]
    return [band, *drift]


def _is_no_feed(now: Reading, target: ReadingRange | None) -> bool:
    """Whether a first reading is far above any feed, or above what is aimed at."""
    most = min(ODD_EC, target.high.ms_cm * ODD_TIMES_TARGET) if target else ODD_EC
    return now.ms_cm > most


def _moved(now: Reading, before: Reading | None) -> Fraction:
    """By which share of itself the reading before has moved; 0 where there is none."""
    if before is None or not before.ms_cm:
        return Fraction(0)
    return (now.ms_cm - before.ms_cm) / before.ms_cm


def _in_band(now: Reading, target: ReadingRange) -> Said:
    if now.ms_cm > target.high.ms_cm * (1 + MOVED_EC):
        return Said.EC_HIGH
    return Said.EC_LOW if now.ms_cm < target.low.ms_cm * (1 - MOVED_EC) else Said.EC_RIGHT


def _top_up(moved: Fraction) -> list[Said]:
    """EC rises: plain water; it stays: weak feed; it falls: full feed (common practice)."""
    if moved > MOVED_EC:
        return [Said.TOP_UP_PLAIN]
    return [Said.TOP_UP_FULL if moved < -MOVED_EC else Said.TOP_UP_WEAK]


def _ph(now: Fraction | None, before: Fraction | None, window: PhWindow | None) -> list[Said]:
    if now is None:
        return []
    if before is not None and abs(now - before) > ODD_PH_SHIFT:
        return [Said.PH_ODD]
    if window is None:
        return []
    if now > window.high:
        return [Said.PH_HIGH]
    return [Said.PH_LOW if now < window.low else Said.PH_RIGHT]


def _temperature(now: Fraction | None, *, is_living: bool) -> list[Said]:
    if now is None:
        return []
    if is_living and oxygen_is_short(float(now)):
        return [Said.OXYGEN_SHORT]
    if now > WARM_C:
        return [Said.WARM]
    return [Said.COLD] if now < COLD_C else []
