"""What whole feeds conduct in water without anything in it."""

from collections.abc import Sequence

from core.chemistry.contents import Contents
from core.chemistry.elements import Component
from core.chemistry.engine import ChemistryError, Solution, solve

Feed = Sequence[tuple[Contents, float]]
"""Contents, and mL or g of it per litre."""


def conducts(feeds: Sequence[Feed]) -> list[float | None]:
    """mS/cm of each feed in neutral water; None for one that has no solution."""
    solutions = [_solution(feed) for feed in feeds]
    try:
        return [solved.ms_cm for solved in solve(solutions)]
    except ChemistryError:
        return [_alone(solution) for solution in solutions]


def _solution(feed: Feed) -> Solution:
    moles: dict[Component, float] = {}
    for contents, per_litre in feed:
        for component, amount in contents.moles.items():
            moles[component] = moles.get(component, 0.0) + amount * per_litre
    return Solution(moles)


def _alone(solution: Solution) -> float | None:
    try:
        return solve([solution])[0].ms_cm
    except ChemistryError:
        return None
