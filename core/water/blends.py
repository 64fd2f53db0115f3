"""Waters joined in one tank, and how much of another water is wanted."""

from collections.abc import Sequence
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.limits import MOST_WATERS
from core.quantities import Reading
from core.water.source import REPORT_FIELDS, BlendPart, Disinfectant, LabReport, Water, WaterKind


class Wanted(StrEnum):
    """What a blend can aim at."""

    EC = "ec"
    CALCIUM = "calcium"
    ALKALINITY = "alkalinity"


def blend(parts: Sequence[tuple[str, Water, Fraction]]) -> Water:
    """Waters in one tank: readings and reports by share; what one lacks is unknown of the whole.

    The pH of a blend does not follow by share and is left open; see `core.chemistry.blend_ph`.

    Args:
        parts: name, water and share of each; the shares come to 1.

    Raises:
        InputError: shares that do not come to 1, or too many parts.
    """
    # One property of the blend after the other.
    shares = [share for *_, share in parts]
    _check_shares(shares)
    waters = [water for _, water, _ in parts]
    if len(waters) == 1:
        return waters[0]
    ec = _mean([w.reading.ms_cm if w.reading else None for w in waters], shares)
    found = {
        name: _mean([getattr(water.report, name) for water in waters], shares)
        for name in REPORT_FIELDS
    }
    return Water(
        reading=None if ec is None else Reading(ec),
        report=LabReport(**found),
        kind=_shared_kind(waters),
        temperature=_mean([water.temperature for water in waters], shares),
        disinfectant=_worst(waters),
        stood_h=_least_stood(waters),
        parts=tuple(BlendPart(name, share) for name, _, share in parts),
    )


def _check_shares(shares: Sequence[Fraction]) -> None:
    if not 1 <= len(shares) <= MOST_WATERS:
        raise InputError("blend_unclear.parts", "parts", most_waters=MOST_WATERS)
    if sum(shares) != 1 or min(shares) <= 0:
        raise InputError("blend_unclear.shares", "parts")


def _mean(values: Sequence[Fraction | None], shares: Sequence[Fraction]) -> Fraction | None:
    """The mean by share; None where one is not known."""
    total = Fraction(0)
    for value, share in zip(values, shares, strict=True):
        if value is None:
            return None
        total += value * share
    return total


def _least_stood(waters: Sequence[Water]) -> Fraction:
    """Hours that the chlorinated one stood which stood least; 0 where none is."""
    return min((w.stood_h for w in waters if w.is_chlorinated), default=Fraction(0))


def _shared_kind(waters: Sequence[Water]) -> WaterKind | None:
    kinds = {water.kind for water in waters}
    return kinds.pop() if len(kinds) == 1 else None


def _worst(waters: Sequence[Water]) -> Disinfectant:
    if any(water.disinfectant is Disinfectant.CHLORAMINE for water in waters):
        return Disinfectant.CHLORAMINE
    chlorinated = any(water.is_chlorinated for water in waters)
    return Disinfectant.CHLORINE if chlorinated else Disinfectant.NONE


def share_for(source: Water, other: Water, wanted: Wanted, figure: Fraction) -> Fraction:
    """The share of another water, such as RO, that brings a source to a wanted figure.

    Args:
        source: the water to be thinned.
        other: the water to thin it with.
        wanted: what the figure is.
        figure: mS/cm, ppm calcium, or mg/L CaCO3.

    Raises:
        InputError: a figure of one of them is not known, or the wanted one does not lie between.
    """
    have, brings = _figure(source, wanted, "source"), _figure(other, wanted, "other")
    if not min(have, brings) <= figure <= max(have, brings) or have == brings:
        raise InputError("out_of_reach", "figure", figure=wanted.value)
    return (have - figure) / (have - brings)


def _figure(water: Water, wanted: Wanted, where: str) -> Fraction:
    found = {
        Wanted.EC: water.reading.ms_cm if water.reading else None,
        Wanted.CALCIUM: water.report.calcium,
        Wanted.ALKALINITY: water.report.alkalinity,
    }[wanted]
    if found is None:
        raise InputError("water_unknown", where, figure=wanted.value)
    return found
