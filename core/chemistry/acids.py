"""How strong acids are, and how much of one is as much as another."""

from bisect import bisect
from collections.abc import Mapping
from fractions import Fraction

from core.chemistry.elements import ATOMIC_WEIGHT, Component, Moles
from core.chemistry.label import Acid, AcidKind
from core.facts import one_each

_A = ATOMIC_WEIGHT
MOLAR_MASS: Mapping[AcidKind, float] = one_each(
    AcidKind,
    {
        AcidKind.NITRIC: _A["H"] + _A["N"] + 3 * _A["O"],
        AcidKind.PHOSPHORIC: 3 * _A["H"] + _A["P"] + 4 * _A["O"],
        AcidKind.SULFURIC: 2 * _A["H"] + _A["S"] + 4 * _A["O"],
        AcidKind.CITRIC: 6 * _A["C"] + 8 * _A["H"] + 7 * _A["O"],
    },
)
"""g/mol."""

COMPONENT: Mapping[AcidKind, Component] = one_each(
    AcidKind,
    {
        AcidKind.NITRIC: Component.NITRATE,
        AcidKind.PHOSPHORIC: Component.PHOSPHORUS,
        AcidKind.SULFURIC: Component.SULFATE,
        AcidKind.CITRIC: Component.CITRATE,
    },
)
"""What each brings into the tank."""

PROTONS_AT_6: Mapping[AcidKind, float] = one_each(
    AcidKind,
    {
        AcidKind.NITRIC: 1,
        AcidKind.PHOSPHORIC: 1.06,
        AcidKind.SULFURIC: 2,
        AcidKind.CITRIC: 2.3,
    },
)
"""Hydrogen ions that it gives near pH 6, from its pK values; only for swapping one for another."""

_DENSITIES: Mapping[AcidKind, tuple[tuple[float, float], ...]] = one_each(AcidKind, {
    AcidKind.NITRIC: ((0, 1.0), (10, 1.054), (20, 1.115), (38, 1.23), (53, 1.33), (68, 1.41)),
    AcidKind.PHOSPHORIC: ((0, 1.0), (10, 1.053), (30, 1.181), (50, 1.335), (75, 1.579),
                          (85, 1.685)),
    AcidKind.SULFURIC: ((0, 1.0), (10, 1.066), (35, 1.26), (50, 1.395), (78, 1.71),
                        (93.2, 1.835)),
    AcidKind.CITRIC: ((0, 1.0), (10, 1.039), (30, 1.13), (50, 1.234)),
})  # fmt: skip
"""Percent by weight and g/mL near 20 °C: Perry's handbook tables, from memory."""


def density_of(kind: AcidKind, percent: float) -> float:
    """g/mL of an acid, between the handbook's points."""
    points = _DENSITIES[kind]
    at = min(max(bisect(points, (percent, 0.0)), 1), len(points) - 1)
    (x0, y0), (x1, y1) = points[at - 1], points[at]
    return y0 + (y1 - y0) * (min(percent, x1) - x0) / (x1 - x0)


def molarity(acid: Acid, density: Fraction | None = None) -> tuple[float, bool]:
    """mol/L of an acid, and whether it rests on a stated strength alone.

    >>> round(molarity(Acid(AcidKind.SULFURIC, Fraction(35)), Fraction("1.26"))[0] * 2, 1)
    9.0
    """
    if acid.molar is not None:
        return float(acid.molar), True
    assert acid.percent is not None
    percent = float(acid.percent)
    grams = float(density) if density is not None else density_of(acid.kind, percent)
    return 10 * percent * grams / MOLAR_MASS[acid.kind], density is not None


def moles_per_ml(acid: Acid, density: Fraction | None) -> tuple[Moles, bool]:
    """mol of its component in a mL, and whether it rests on a stated strength alone."""
    strength, sure = molarity(acid, density)
    return {COMPONENT[acid.kind]: strength / 1000}, sure


_STRONGEST_PERCENT: Mapping[AcidKind, float] = one_each(
    AcidKind,
    {
        AcidKind.NITRIC: 68,
        AcidKind.PHOSPHORIC: 85,
        AcidKind.SULFURIC: 93.2,
        AcidKind.CITRIC: 50,
    },
)
"""Percent by weight of the strongest grade in which each is usually sold: common practice."""


def strongest_molarity(kind: AcidKind) -> float:
    """mol/L of the strongest usual grade of an acid.

    >>> round(strongest_molarity(AcidKind.PHOSPHORIC), 1)
    14.6
    """
    percent = _STRONGEST_PERCENT[kind]
    return 10 * percent * density_of(kind, percent) / MOLAR_MASS[kind]


def as_much_of(
    other: Acid, of: Acid, *, density: Fraction | None = None, other_density: Fraction | None = None
) -> float:
    """How many mL of another acid do near pH 6 what a mL of one does.

    >>> strong = Acid(AcidKind.SULFURIC, Fraction("93.2"))
    >>> weak = Acid(AcidKind.SULFURIC, Fraction(35))
    >>> round(as_much_of(weak, strong), 1)
    3.9
    """
    one = molarity(of, density)[0] * PROTONS_AT_6[of.kind]
    return one / (molarity(other, other_density)[0] * PROTONS_AT_6[other.kind])
