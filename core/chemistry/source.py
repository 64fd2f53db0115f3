"""What the source water brings, as the model uses it."""

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache

from core.chemistry.elements import CHARGE, Component, Moles, weight_of
from core.chemistry.engine import Solution, solve_each
from core.water import Water

MEQ_PER_PPM_CACO3 = 1 / 50.04
"""meq/L of alkalinity in a mg/L CaCO3."""

_C = Component
_REPORTED = {
    "calcium": _C.CALCIUM,
    "magnesium": _C.MAGNESIUM,
    "potassium": _C.POTASSIUM,
    "sodium": _C.SODIUM,
    "chloride": _C.CHLORIDE,
    "sulfur": _C.SULFATE,
    "nitrate_n": _C.NITRATE,
}
_USUAL_EQUIVALENTS = {
    _C.CALCIUM: 5.5, _C.MAGNESIUM: 1.5, _C.SODIUM: 3.0,
    _C.CARBONATE: 5.5, _C.SULFATE: 2.0, _C.CHLORIDE: 2.5,
}  # fmt: skip
"""meq/L for each mS/cm of a water of which only the reading is known: an ordinary hard water, from
memory. It is there so that the feed's ions meet others; nothing else is made of it."""

_USUAL_PH = 7.5


@dataclass(frozen=True, slots=True)
class SourceWater:
    """A source water for the model.

    Args:
        moles: mol per kg of each component, closed by charge.
        reported: those that the lab report names, before closing.
        alkalinity_known: whether acid can be computed from it.
        closed: share of all its charge for which the report names no ion.
        ph_fits: whether its pH goes with its alkalinity; else an ordinary one is taken.
    """

    moles: Moles
    reported: Moles
    alkalinity_known: bool
    ph_fits: bool = True
    closed: float = 1.0

    @property
    def conducts_as_reported(self) -> bool:
        """Whether the report names enough of its ions to tell what it conducts."""
        return self.alkalinity_known and self.closed <= MOST_CLOSED


MOST_CLOSED = 0.35
"""Share of a water's charge that a report may leave out and still tell what it conducts: a balance
within 10 % is a good one (Standard Methods 1030 E, from memory), and one ion is often left out."""


@lru_cache(maxsize=256)
def source_water(water: Water) -> SourceWater:
    """What a water brings, from its lab report, or else as an ordinary water of its reading."""
    reported = {
        component: float(value) / 1000 / weight_of(component)
        for name, component in _REPORTED.items()
        if (value := getattr(water.report, name)) is not None
    }
    if water.report.alkalinity is None:
        return SourceWater(_usual(water), reported, False)
    alkalinity = float(water.report.alkalinity) * MEQ_PER_PPM_CACO3 / 1000
    moles, closed = _closed_by(reported, alkalinity)
    moles[_C.CARBONATE] = 0.0
    if alkalinity == 0:
        return SourceWater(moles, reported, True, closed=closed)
    # A pen in water without a buffer shows pH that its alkalinity cannot hold.
    ph = _USUAL_PH if water.ph is None else float(water.ph)
    asked = [Solution(moles, one, alkalinity=alkalinity) for one in (ph, _USUAL_PH)]
    as_read, as_usual = solve_each(asked)
    solved = as_read or as_usual
    moles[_C.CARBONATE] = solved.carbonate if solved else alkalinity
    return SourceWater(moles, reported, True, as_read is not None, closed)


def _closed_by(reported: Moles, alkalinity: float) -> tuple[Moles, float]:
    """The reported ions with the one that balances their charges, and how much that stands for."""
    charge = sum(amount * CHARGE[component] for component, amount in reported.items())
    missing = charge - alkalinity
    ion = _C.CHLORIDE if missing > 0 else _C.SODIUM
    moles = {**reported, ion: reported.get(ion, 0.0) + abs(missing)}
    positive = sum(max(amount * CHARGE.get(one, 0), 0.0) for one, amount in moles.items())
    return moles, abs(missing) / positive if positive else 1.0


def _usual(water: Water) -> Moles:
    level = float(water.reading.ms_cm) if water.reading else 0.0
    return {
        component: meq * level / 1000 / abs(CHARGE.get(component, 1))
        for component, meq in _USUAL_EQUIVALENTS.items()
    }


def blend_ph(parts: Sequence[tuple[Water, Fraction]]) -> Fraction | None:
    """The pH of a blend from its carbonates and charges; None where a part's is not known.

    >>> from core.water import LabReport
    >>> mains = Water(ph=Fraction("7.6"), report=LabReport(alkalinity=Fraction(150)))
    >>> ro = Water(ph=Fraction("6.3"), report=LabReport(alkalinity=Fraction(3)))
    >>> float(blend_ph([(mains, Fraction(1, 2)), (ro, Fraction(1, 2))]))
    7.5
    """
    total: Moles = {}
    for water, share in parts:
        source = source_water(water)
        if water.ph is None or not source.alkalinity_known:
            return None
        for component, amount in source.moles.items():
            total[component] = total.get(component, 0.0) + amount * float(share)
    [solved] = solve_each([Solution(total)])
    return Fraction(round(solved.ph, 1)).limit_denominator(10) if solved else None
