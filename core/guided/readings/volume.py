"""How much water a tank really holds, as readings tell it."""

from dataclasses import dataclass
from fractions import Fraction
from math import sqrt

from core.guided.ec.slope import PEN_STEP, PEN_SWAY, SLOPE_OFF, Slope
from core.limits import LARGEST_VOLUME_L


@dataclass(frozen=True, slots=True)
class VolumeEstimate:
    """Litres that a reading tells of a tank, and how low and high they may be."""

    litres: Fraction
    low: Fraction
    high: Fraction


CROWDING = 0.075
"""Share of its conductivity that a feed loses at 1 mS/cm since its ions hinder each other; it grows
with the root of the strength (Kohlrausch). Fitted to PHREEQC's feeds between 0.8 and 5 mS/cm."""


def volume_by_rise(
    litres: Fraction, slope: Slope, source: Fraction = Fraction(0)
) -> VolumeEstimate | None:
    """The volume in which what is in brings the rise that was read; None where none was.

    Args:
        litres: the volume for which the rise was expected.
        slope: the rise that was read, and the one expected.
        source: the water's reading.
    """
    if slope.measured <= PEN_SWAY or slope.expected <= 0:
        return None
    water = _strength(float(source))
    expected = _strength(float(source + slope.expected)) - water
    measured = _strength(float(source + slope.measured)) - water
    times = Fraction(expected / measured).limit_denominator(10_000)
    return _about(litres * times, slope.measured)


def _strength(ms_cm: float) -> float:
    """How much salt a reading stands for, in mS/cm that it would conduct if it were very dilute."""
    return ms_cm / (1 - min(CROWDING * sqrt(ms_cm), 0.9))


def volume_by_draining(
    drained: Fraction, *, before: Fraction, after: Fraction
) -> VolumeEstimate | None:
    """The volume of which so many litres were drained and filled; None where nothing shows it.

    Args:
        drained: litres.
        before, after: mS/cm above the water around it.
    """
    fell = before - after
    if fell <= PEN_SWAY or before <= 0 or drained <= 0:
        return None
    return _about(drained / min(fell / before, Fraction(1)), fell)


def _about(litres: Fraction, measured: Fraction) -> VolumeEstimate:
    # Labels and charts are sure to about as much as a slope may be off; a pen to a step or two.
    uncertainty = min(SLOPE_OFF + 2 * PEN_STEP / measured, Fraction(1, 2))
    most = Fraction(LARGEST_VOLUME_L)
    litres = max(min(litres, most).limit_denominator(1000), Fraction(1, 1000))
    return VolumeEstimate(litres, litres * (1 - uncertainty), min(litres * (1 + uncertainty), most))
