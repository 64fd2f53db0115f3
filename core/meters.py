"""Meters and their calibration: how far a pen is off, by what it reads in known solutions.

A calibration says what a reading would be; it is shown beside the reading and never put in its
place.
"""

from bisect import bisect_left
from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.facts import one_each
from core.messages import Listed
from core.quantities import Reading


class MeterKind(StrEnum):
    """What a meter tells."""

    PEN = "pen"
    EC_WAND = "ec_wand"
    PH_PEN = "ph_pen"
    DROPS = "drops"


class Measures(StrEnum):
    """What is calibrated."""

    EC = "ec"
    PH = "ph"


MEASURES: Mapping[MeterKind, frozenset[Measures]] = one_each(
    MeterKind,
    {
        MeterKind.PEN: frozenset({Measures.EC, Measures.PH}),
        MeterKind.EC_WAND: frozenset({Measures.EC}),
        MeterKind.PH_PEN: frozenset({Measures.PH}),
        MeterKind.DROPS: frozenset(),
    },
)
"""What of each kind can be calibrated; drops and their colours cannot."""

DROPS_STEP = Fraction(1, 2)
"""pH within which a colour is told: common practice."""

PEN_PH_STEP = Fraction(1, 10)
"""pH that a pen tells apart: common practice."""


def ph_step_of(kinds: Collection[MeterKind]) -> Fraction:
    """pH within which a reading tells what is so, by the meters there are: a pen comes first."""
    has_pen = any(Measures.PH in MEASURES[kind] for kind in kinds)
    return DROPS_STEP if MeterKind.DROPS in kinds and not has_pen else PEN_PH_STEP


EC_STANDARDS = (Fraction("1.413"), Fraction("2.76"), Fraction("12.88"))
"""mS/cm at 25 °C of potassium chloride of 0.01, 0.02 and 0.1 mol/L (IEC 60746-3; 2.76 as sold, for
2.765): pens compensate to 25 °C, so they should show this at any temperature."""

_BUFFERS: Mapping[Fraction, tuple[tuple[int, float], ...]] = {
    Fraction(4): ((0, 4.00), (10, 4.00), (20, 4.00), (25, 4.01), (30, 4.01), (40, 4.03)),
    Fraction(7): ((0, 7.13), (10, 7.07), (20, 7.02), (25, 7.00), (30, 6.99), (40, 6.97)),
    Fraction(10): ((0, 10.34), (10, 10.19), (20, 10.06), (25, 10.01), (30, 9.97), (40, 9.89)),
}
"""pH of the usual buffers by °C, as their bottles print it (DIN 19267, from memory)."""

BUFFERS = tuple(_BUFFERS)

WORN_SLOPE = Fraction(85, 100)
"""Of the slope of a new electrode: below it an electrode is worn out (common practice)."""

FAR_OFFSET = Fraction(1, 2)
"""pH by which an electrode may be off at 7, about 30 mV: beyond it is cleaned or replaced (common
practice)."""

FAR_EC = Fraction(1, 10)
"""Share by which EC may be off before the pen is cleaned and calibrated: our own default, more than
a percent or two of drift in a month would explain."""


@dataclass(frozen=True, slots=True)
class Point:
    """What a meter read in a standard: mS/cm or pH, both."""

    standard: Fraction
    read: Fraction


class Condition(StrEnum):
    """What a calibration says of its meter."""

    FINE = "fine"
    OFF = "off"
    WORN = "worn"


@dataclass(frozen=True, slots=True)
class Calibration:
    """How far a meter is off.

    Args:
        measures: what was calibrated.
        offset: pH above 7 that it shows in 7; 0 for EC.
        slope: what it shows of a step, of 1; of EC what it shows of the standard.
        condition: what that says of the meter.
    """

    measures: Measures
    offset: Fraction
    slope: Fraction
    condition: Condition

    def would_be(self, read: Fraction) -> Fraction:
        """What a reading would be without the meter's own error, never below 0."""
        if self.measures is Measures.EC:
            return read / self.slope
        return max(Fraction(0), 7 + (read - 7 - self.offset) / self.slope)


def buffer_at(buffer: Fraction, degrees: Fraction) -> Fraction:
    """The pH of a buffer at a temperature, between the figures of its bottle.

    >>> float(buffer_at(Fraction(7), Fraction(20)))
    7.02

    Raises:
        InputError: no buffer that is sold for pens, or beyond 0 to 40 °C.
    """
    if buffer not in _BUFFERS:
        raise InputError(
            "no_standard.ph", "standard", buffers=Listed(tuple(map(str, BUFFERS)), "comma")
        )
    table = _BUFFERS[buffer]
    if not table[0][0] <= degrees <= table[-1][0]:
        raise InputError("temperature_out_of_range.calibration", "temperature")
    at = max(1, bisect_left([degree for degree, _ in table], degrees))
    (low, one), (high, other) = table[at - 1], table[at]
    share = (degrees - low) / (high - low)
    return Fraction(str(one)) + (Fraction(str(other)) - Fraction(str(one))) * share


def calibrate(
    measures: Measures, points: Sequence[Point], degrees: Fraction = Fraction(25)
) -> Calibration:
    """How far a meter is off, from what it read in one to three standards.

    Args:
        measures: EC, in mS/cm, or pH.
        points: each standard once.
        degrees: °C of the buffers; EC is compensated.

    Raises:
        InputError: a standard that is none or comes twice, or a reading so far from it that it was
            another one.
    """
    standards = [point.standard for point in points]
    if not points or len(set(standards)) < len(standards):
        raise InputError("standard_twice", "points")
    return (_of_ec if measures is Measures.EC else _of_ph)(points, degrees)


def _of_ec(points: Sequence[Point], _: Fraction) -> Calibration:
    for at, one in enumerate(points):
        if one.standard not in EC_STANDARDS:
            raise InputError(
                "no_standard.ec",
                f"points[{at}].standard",
                standards=Listed(tuple(EC_STANDARDS), "comma"),
            )
        if not one.standard / 2 <= one.read <= one.standard * 2:
            raise _another(at)
    # Through nothing: a clean, dry pen shows 0. The larger standards weigh more, as they should.
    squares = sum((point.standard**2 for point in points), Fraction(0))
    slope = sum((one.read * one.standard for one in points), Fraction(0)) / squares
    off = abs(slope - 1) > FAR_EC
    return Calibration(Measures.EC, Fraction(0), slope, Condition.OFF if off else Condition.FINE)


def _of_ph(points: Sequence[Point], degrees: Fraction) -> Calibration:
    known = []
    for at, one in enumerate(points):
        true = buffer_at(one.standard, degrees)
        if abs(one.read - true) > _FARTHEST_PH:
            raise _another(at)
        known.append((true, one.read))
    if len(known) == 1:
        true, read = known[0]
        offset, slope = read - true, Fraction(1)
    else:
        # The straight line that comes nearest to all of them.
        middle = sum((true for true, _ in known), Fraction(0)) / len(known)
        shown = sum((read for _, read in known), Fraction(0)) / len(known)
        spread = sum(((true - middle) ** 2 for true, _ in known), Fraction(0))
        slope = sum(((t - middle) * (r - shown) for t, r in known), Fraction(0)) / spread
        offset = shown + slope * (7 - middle) - 7
    condition = Condition.FINE
    if slope < WORN_SLOPE:
        condition = Condition.WORN
    elif abs(offset) > FAR_OFFSET:
        condition = Condition.OFF
    return Calibration(Measures.PH, offset, slope, condition)


_FARTHEST_PH = Fraction(3, 2)
"""pH from a buffer: farther is another buffer, half way to the next."""


def _another(at: int) -> InputError:
    return InputError("another_standard", f"points[{at}].read")


def due_on(last: date | None, every_days: int, today: date) -> date:
    """When a meter is calibrated next; today where it never was."""
    return today if last is None else last + timedelta(days=every_days)


def ec_would_be(calibration: Calibration, read: Reading) -> Reading:
    """What a reading of EC would be without the meter's own error."""
    return Reading(calibration.would_be(read.ms_cm))
