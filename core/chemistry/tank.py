"""The tank as it fills: what the pen shows after each pour, and what is in it at the end."""

from collections.abc import Sequence
from dataclasses import dataclass, field
from fractions import Fraction

from core.chemistry.acids import COMPONENT, PROTONS_AT_6, molarity
from core.chemistry.contents import Contents
from core.chemistry.elements import ELEMENT_OF, Component, Element, Moles, weight_of
from core.chemistry.engine import Solution, Solved, solve_each
from core.chemistry.label import Acid, AcidKind, check_density
from core.chemistry.source import SourceWater, source_water
from core.quantities import Amount
from core.water import Water


@dataclass(frozen=True, slots=True)
class Ingredient:
    """One pour: how much of it, and what is in it; None where its label is not known."""

    amount: Amount
    contents: Contents | None

    @property
    def is_poured(self) -> bool:
        """Whether any of it goes in of which is known what it is."""
        return self.contents is not None and bool(self.amount.value)


@dataclass(frozen=True, slots=True)
class AcidBottle:
    """A bottle of acid; density in g/mL, None to take the handbook's.

    Raises:
        InputError: a density that no acid has.
    """

    acid: Acid
    density: Fraction | None = None

    def __post_init__(self) -> None:
        """Refuse what no scale has shown."""
        check_density(self.density)


@dataclass(frozen=True, slots=True)
class AcidNeed:
    """The acid that brings the finished tank to a pH.

    Args:
        kind: which acid.
        ml: mL of the bottle.
        to_ph: the pH it brings the tank to.
        adds_ppm: ppm of nitrogen, phosphorus or sulfur that it adds; none for citric acid.
        ms_cm: by how much it moves the reading.
    """

    kind: AcidKind
    ml: float
    to_ph: float
    adds_ppm: dict[Element, float]
    ms_cm: float


@dataclass(frozen=True, slots=True)
class TankChemistry:
    """The tank from plain water to the last pour.

    Args:
        water_ms_cm: what the source conducts by the model; None if it has no solution.
        ec_rises: mS/cm that each pour adds, None where its contents are not known.
        phs: the pH after each pour; None where the water's alkalinity is not known.
        elements: ppm of each in the finished tank, the source water's included.
        nitrogen: ppm of N by its form.
        from_water: ppm of each that the source water brings.
        ph: of the finished tank before any acid; None where the water's alkalinity is not known.
        ph_about: the same, with an ordinary water's alkalinity where its own is not known.
        finished: the finished tank, solved, at the wanted pH if acid is needed for it; None if it
            has no solution.
        acid: what brings it to the wanted pH; None where it cannot be known or is not needed.
    """

    water_ms_cm: float | None
    ec_rises: tuple[float | None, ...]
    phs: tuple[float | None, ...]
    elements: dict[Element, float]
    nitrogen: dict[Component, float]
    from_water: dict[Element, float]
    ph: float | None = None
    finished: Solved | None = None
    acid: AcidNeed | None = None
    ph_about: float | None = None


@dataclass(slots=True)
class _Filling:
    """The tank between two pours: mol per kg of water."""

    moles: Moles
    reported: Moles = field(default_factory=dict)

    def pour(self, contents: Contents, per_kg: float) -> None:
        for component, amount in contents.moles.items():
            self.moles[component] = self.moles.get(component, 0.0) + amount * per_kg
        for component, amount in contents.declared.items():
            self.reported[component] = self.reported.get(component, 0.0) + amount * per_kg


def _solutions_on_the_way(
    tank: _Filling, litres: Fraction, ingredients: Sequence[Ingredient]
) -> list[Solution]:
    """Pour into the tank; the water, and what is in it after each pour."""
    found = [Solution(dict(tank.moles))]
    for item in ingredients:
        if item.is_poured:
            assert item.contents is not None
            tank.pour(item.contents, float(item.amount.value / litres))
            found.append(Solution(dict(tank.moles)))
    return found


def fill_tank(
    water: Water,
    litres: Fraction,
    ingredients: Sequence[Ingredient],
    *,
    to_ph: float | None = None,
    highest_ph: float = 0.0,
    bottle: AcidBottle | None = None,
) -> TankChemistry:
    """Pour into a tank in order; a litre of such dilute water counts as a kg.

    Args:
        water: the source.
        litres: of water in the tank.
        ingredients: in mixing order.
        to_ph: the pH that acid is computed for.
        highest_ph: up to this no acid is needed.
        bottle: the acid for it.
    """
    source = source_water(water)
    tank = _Filling(dict(source.moles), dict(source.reported))
    asked = _solutions_on_the_way(tank, litres, ingredients)
    titrating = _titration(tank, source, to_ph, bottle)
    solved = [solution for solution in solve_each([*asked, *titrating]) if solution is not None]
    if len(solved) < len(asked) + len(titrating):
        unknown = (None,) * len(ingredients)
        return TankChemistry(None, unknown, unknown, *_elements(tank, source))
    filled, titrated = solved[: len(asked)], solved[len(asked) :]
    last = filled[-1]
    acid, finished = None, last
    if bottle is not None and to_ph is not None and titrated and last.ph > highest_ph:
        acid = _acid(titrated, titrating, before=last, to_ph=to_ph, bottle=bottle, litres=litres)
        finished = titrated[0]
    ec_rises, phs = _by_ingredient(ingredients, filled)
    known = source.alkalinity_known
    return TankChemistry(
        filled[0].ms_cm,
        ec_rises,
        phs if known else (None,) * len(phs),
        *_elements(tank, source),
        ph=last.ph if known else None,
        finished=finished,
        acid=acid,
        ph_about=last.ph,
    )


def ph_of_mixture(
    water: Water, litres: Fraction, ingredients: Sequence[Ingredient]
) -> float | None:
    """The pH of a tank in which all is, without what it was on the way.

    Args:
        water: the source.
        litres: of water in the tank.
        ingredients: what is poured.

    Returns:
        None where the water's alkalinity is not known, or no tank has such a solution.
    """
    source = source_water(water)
    if not source.alkalinity_known:
        return None
    *_, whole = _solutions_on_the_way(_Filling(dict(source.moles)), litres, ingredients)
    [solved] = solve_each([whole])
    return solved.ph if solved else None


def _by_ingredient(
    ingredients: Sequence[Ingredient], filled: Sequence[Solved]
) -> tuple[tuple[float | None, ...], tuple[float, ...]]:
    """What each ingredient lifts the reading by, where its label tells; and the pH after it.

    `filled` is the water and the tank after each ingredient that is poured.
    """
    ec_rises: list[float | None] = []
    phs: list[float] = []
    at = 0
    for item in ingredients:
        before, at = at, at + item.is_poured
        rise = filled[at].ms_cm - filled[before].ms_cm if item.is_poured else 0.0
        ec_rises.append(None if item.contents is None else rise)
        phs.append(filled[at].ph)
    return tuple(ec_rises), tuple(phs)


def _elements(
    tank: _Filling, source: SourceWater
) -> tuple[dict[Element, float], dict[Component, float], dict[Element, float]]:
    """ppm in the tank, ppm of nitrogen by form, ppm from the water."""
    nitrogen = {
        form: tank.reported.get(form, 0.0) * weight_of(form) * 1000
        for form in (Component.NITRATE, Component.AMMONIUM, Component.UREA)
    }
    return _ppm(tank.reported), nitrogen, _ppm(source.reported)


def _ppm(moles: Moles) -> dict[Element, float]:
    found: dict[Element, float] = {}
    for component, amount in moles.items():
        if element := ELEMENT_OF.get(component):
            found[element] = found.get(element, 0.0) + amount * weight_of(component) * 1000
    return found


def _titration(
    tank: _Filling, source: SourceWater, to_ph: float | None, bottle: AcidBottle | None
) -> list[Solution]:
    """The finished tank at the wanted pH, without acid and with a first guess of it."""
    if to_ph is None or bottle is None or not source.alkalinity_known:
        return []
    component = COMPONENT[bottle.acid.kind]
    guess = max(source.moles.get(Component.CARBONATE, 0.0), 1e-4) / PROTONS_AT_6[bottle.acid.kind]
    with_acid = dict(tank.moles)
    with_acid[component] = with_acid.get(component, 0.0) + guess
    return [Solution(dict(tank.moles), to_ph), Solution(with_acid, to_ph)]


def _acid(
    solved: Sequence[Solved],
    asked: Sequence[Solution],
    *,
    before: Solved,
    to_ph: float,
    bottle: AcidBottle,
    litres: Fraction,
) -> AcidNeed | None:
    """Between the two solutions the missing charge falls in a straight line; where is it none?"""
    component = COMPONENT[bottle.acid.kind]
    guess = asked[1].moles[component] - asked[0].moles.get(component, 0.0)
    missing, left = solved[0].charge, solved[1].charge
    if missing <= 0 or left >= missing:
        return None
    share = missing / (missing - left)
    per_litre = guess * share
    element = ELEMENT_OF.get(component)
    reading = solved[0].ms_cm + (solved[1].ms_cm - solved[0].ms_cm) * share
    return AcidNeed(
        kind=bottle.acid.kind,
        ml=per_litre * float(litres) / molarity(bottle.acid, bottle.density)[0] * 1000,
        to_ph=to_ph,
        adds_ppm={element: per_litre * weight_of(component) * 1000} if element else {},
        ms_cm=reading - before.ms_cm,
    )
