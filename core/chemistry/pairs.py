"""What falls out where two products meet undiluted."""

from dataclasses import dataclass
from enum import StrEnum
from functools import lru_cache

from core.chemistry.contents import Contents
from core.chemistry.elements import Component, weight_of
from core.chemistry.engine import Solution, Solved, solve_each


class Mineral(StrEnum):
    """White grit that nutrients are lost to."""

    GYPSUM = "gypsum"
    CALCIUM_PHOSPHATE = "calcium_phosphate"
    CALCITE = "calcite"


@dataclass(frozen=True, slots=True)
class Saturation:
    """How many times a solution is saturated with a mineral; above 1 it can fall out."""

    mineral: Mineral
    times: float


def saturations(solved: Solved) -> tuple[Saturation, ...]:
    """The minerals that a solution is more than saturated with, the worst first."""
    found = (
        Saturation(Mineral.GYPSUM, solved.gypsum),
        Saturation(Mineral.CALCIUM_PHOSPHATE, solved.phosphate),
        Saturation(Mineral.CALCITE, solved.calcite),
    )
    return tuple(sorted((s for s in found if s.times > 1), key=lambda s: -s.times))


_CONCENTRATE_PH = 4.5  # concentrates are kept sour, or nothing would stay dissolved in them
_SALT_PER_ELEMENT = 2.5  # g of salt for each g of elements in a concentrate, about


_Moles = frozenset[tuple[Component, float]]


@lru_cache(maxsize=4096)
def _meet(one: _Moles, other: _Moles, water: float) -> tuple[Saturation, ...]:
    moles: dict[Component, float] = {}
    for component, amount in (*one, *other):
        moles[component] = moles.get(component, 0.0) + amount * 500 / water
    [solved] = solve_each([Solution(moles, _CONCENTRATE_PH)])
    return saturations(solved) if solved else ()


def undiluted(one: Contents, other: Contents) -> tuple[Saturation, ...]:
    """What two liquids form, mixed undiluted half and half, and how many times saturated.

    At such strengths the model is rough: tens mean tens, not twenty-three.
    """
    pair = (one.moles, other.moles)
    if not any(Component.CALCIUM in moles for moles in pair):
        return ()
    if not any({Component.SULFATE, Component.PHOSPHORUS, Component.CARBONATE} & moles.keys()
               for moles in pair):  # fmt: skip
        return ()
    dissolved = sum(
        amount * weight_of(component) * _SALT_PER_ELEMENT / 2
        for moles in pair
        for component, amount in moles.items()
        if component is not Component.CARBONATE
    )
    water = max((one.density + other.density) / 2 - dissolved, 0.3)
    return _meet(frozenset(one.moles.items()), frozenset(other.moles.items()), round(water, 3))
