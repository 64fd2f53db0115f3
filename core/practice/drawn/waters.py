"""Drawn source waters: what is truly in them, and what their grower knows of it.

Ranges are those of ordinary waters, from memory; readings follow from the ions by PHREEQC.
"""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from fractions import Fraction
from random import Random

from core.chemistry import blend_ph
from core.chemistry.engine import Solution, solve_each
from core.chemistry.source import source_water
from core.practice.drawn.chance import between, figure
from core.quantities import Reading
from core.water import LabReport, Water, WaterKind
from core.water.blends import blend


@dataclass(frozen=True, slots=True)
class Recipe:
    """Ranges of a kind of water: ppm of the ions, mg/L CaCO3 of alkalinity, and pH."""

    kind: WaterKind
    ph: tuple[float, float]
    ions: Mapping[str, tuple[float, float]]


_WELL, _MAINS = WaterKind.WELL, WaterKind.MAINS
RECIPES: Mapping[str, Recipe] = {
    "ro": Recipe(WaterKind.RO, (5.8, 6.8), {"alkalinity": (1, 5), "calcium": (0, 1),
                                            "sodium": (1, 4)}),
    "soft": Recipe(_MAINS, (6.5, 7.5), {"alkalinity": (10, 45), "calcium": (3, 15),
                                        "magnesium": (0.5, 3), "sodium": (2, 10)}),
    "mains": Recipe(_MAINS, (7.2, 8.0), {"alkalinity": (80, 170), "calcium": (35, 70),
                                         "magnesium": (3, 12), "sodium": (8, 30)}),
    "hard": Recipe(_WELL, (7.0, 7.8), {"alkalinity": (180, 340), "calcium": (75, 125),
                                       "magnesium": (8, 25), "sodium": (10, 40)}),
    "salty": Recipe(_WELL, (7.0, 8.0), {"alkalinity": (40, 150), "calcium": (20, 60),
                                        "magnesium": (8, 40), "sodium": (120, 320),
                                        "chloride": (180, 480)}),
    "acid": Recipe(_WELL, (4.8, 5.9), {"alkalinity": (1, 8), "calcium": (4, 15),
                                       "sodium": (5, 20), "sulfur": (4, 15)}),
}  # fmt: skip

_PLACES = 1


def draw_water(chance: Random, name: str) -> Water:
    """A water of a kind, with all its ions known and its reading and pH as they truly are."""
    recipe = RECIPES[name]
    ions = {ion: between(chance, *ends, _PLACES) for ion, ends in recipe.ions.items()}
    return _read(
        Water(
            kind=recipe.kind,
            report=LabReport(**ions),
            ph=between(chance, *recipe.ph, _PLACES),
        )
    )


def _read(water: Water) -> Water:
    """The same with the reading that its ions give."""
    [solved] = solve_each([Solution(dict(source_water(water).moles))])
    assert solved is not None
    return replace(
        water,
        reading=Reading(figure(max(solved.ms_cm, 0.01))),
        ph=figure(solved.ph, _PLACES),
    )


def draw_blend(chance: Random, name: str) -> Water:
    """A water of a kind cut with RO, in shares of a tenth."""
    share = Fraction(chance.randint(2, 8), 10)
    one, other = draw_water(chance, name), draw_water(chance, "ro")
    joined = blend([(name, one, share), ("RO", other, 1 - share)])
    return _read(replace(joined, ph=blend_ph([(one, share), (other, 1 - share)])))


_PART = ("calcium", "alkalinity")

KNOWN = ("report", "part_of_a_report", "reading", "reading_alone")
"""What a grower knows of a water, the most first."""


def as_known(water: Water, known: str) -> Water:
    """What its grower knows of a water: all its ions, two of them, its reading and pH, or that."""
    if known == "report":
        return water
    if known == "part_of_a_report":
        part = {name: getattr(water.report, name) for name in _PART}
        return replace(water, report=LabReport(**part))
    bare = replace(water, report=LabReport())
    return bare if known == "reading" else replace(bare, ph=None, kind=None)
