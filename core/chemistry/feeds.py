"""What whole feeds conduct in water without anything in it."""

from collections.abc import Iterable, Mapping, Sequence
from functools import lru_cache

from core.chemistry.contents import Contents
from core.chemistry.elements import ELEMENT_OF, Component, Element, weight_of
from core.chemistry.engine import Solution, solve_each
from core.chemistry.source import source_water
from core.water import Water

Feed = Sequence[tuple[Contents, float]]
"""Contents, and mL or g of it per litre."""


def conducts(feeds: Sequence[Feed]) -> list[float | None]:
    """mS/cm of each feed in neutral water; None for one that has no solution."""
    solved = solve_each([Solution(moles_of(feed)) for feed in feeds])
    return [solution.ms_cm if solution else None for solution in solved]


def elements_of(moles: Mapping[Component, float]) -> dict[Element, float]:
    """ppm (mg/L) of each element in a litre of so many mol; carbonate and citrate are none."""
    found: dict[Element, float] = {}
    for component, amount in moles.items():
        if (element := ELEMENT_OF.get(component)) is not None and amount:
            ppm = amount * weight_of(component) * 1000
            found[element] = found.get(element, 0.0) + ppm
    return found


def rise_of(water: Water, beside: Feed, feed: Feed) -> float:
    """mS/cm that a feed lifts a water's reading with another feed in it; 0 where nothing tells.

    Beside what it ends up with: silicate conducts far more alone in pure water than in a feed.
    """
    moles = tuple(sorted(moles_of(feed).items()))
    return _rise(water, tuple(sorted(moles_of(beside).items())), moles) if moles else 0.0


@lru_cache(maxsize=512)
def _rise(
    water: Water,
    beside: tuple[tuple[Component, float], ...],
    added: tuple[tuple[Component, float], ...],
) -> float:
    before = dict(source_water(water).moles)
    for component, mol in beside:
        before[component] = before.get(component, 0.0) + mol
    after = dict(before)
    for component, mol in added:
        after[component] = after.get(component, 0.0) + mol
    one, other = solve_each([Solution(before), Solution(after)])
    return max(other.ms_cm - one.ms_cm, 0.0) if one and other else 0.0


def moles_of(feed: Feed) -> dict[Component, float]:
    """mol of each component in a litre of a feed, as it conducts."""
    return _per_litre((contents.moles, per_litre) for contents, per_litre in feed)


def declared_by(feed: Feed) -> dict[Component, float]:
    """mol of each component in a litre of a feed, as far as labels name it."""
    return _per_litre((contents.declared, per_litre) for contents, per_litre in feed)


def _per_litre(parts: Iterable[tuple[Mapping[Component, float], float]]) -> dict[Component, float]:
    moles: dict[Component, float] = {}
    for brings, per_litre in parts:
        for component, amount in brings.items():
            moles[component] = moles.get(component, 0.0) + amount * per_litre
    return moles
