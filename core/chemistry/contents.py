"""How many mol of what a mL or g of a product brings, and how sure that is."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from functools import lru_cache

from core.chart import Form, Role
from core.chart.roles import ROLES
from core.chemistry.acids import moles_per_ml
from core.chemistry.elements import ATOMIC_WEIGHT, CHARGE, Component, Moles, weight_of
from core.chemistry.label import MEANS, Basis, Label, Salt
from core.facts import one_each


@dataclass(frozen=True, slots=True)
class _Formula:
    """What a salt dissolves into, and its molar mass in g/mol."""

    parts: Moles
    molar_mass: float


def _formula(parts: Moles, **atoms: int) -> _Formula:
    return _Formula(parts, sum(ATOMIC_WEIGHT[atom] * count for atom, count in atoms.items()))


_C = Component
FORMULAS: Mapping[Salt, _Formula] = one_each(Salt, {
    # The granular kind is the double salt 5 Ca(NO3)2 · NH4NO3 · 10 H2O: common practice.
    Salt.CALCIUM_NITRATE: _formula(
        {_C.CALCIUM: 5, _C.NITRATE: 11, _C.AMMONIUM: 1}, Ca=5, N=12, O=43, H=24
    ),
    Salt.CALCIUM_NITRATE_TETRAHYDRATE: _formula(
        {_C.CALCIUM: 1, _C.NITRATE: 2}, Ca=1, N=2, O=10, H=8
    ),
    Salt.POTASSIUM_NITRATE: _formula({_C.POTASSIUM: 1, _C.NITRATE: 1}, K=1, N=1, O=3),
    Salt.MAGNESIUM_NITRATE: _formula({_C.MAGNESIUM: 1, _C.NITRATE: 2}, Mg=1, N=2, O=12, H=12),
    Salt.AMMONIUM_NITRATE: _formula({_C.AMMONIUM: 1, _C.NITRATE: 1}, N=2, H=4, O=3),
    Salt.MONOPOTASSIUM_PHOSPHATE: _formula(
        {_C.POTASSIUM: 1, _C.PHOSPHORUS: 1}, K=1, H=2, P=1, O=4
    ),
    Salt.MONOAMMONIUM_PHOSPHATE: _formula(
        {_C.AMMONIUM: 1, _C.PHOSPHORUS: 1}, N=1, H=6, P=1, O=4
    ),
    Salt.POTASSIUM_SULFATE: _formula({_C.POTASSIUM: 2, _C.SULFATE: 1}, K=2, S=1, O=4),
    Salt.MAGNESIUM_SULFATE: _formula({_C.MAGNESIUM: 1, _C.SULFATE: 1}, Mg=1, S=1, O=11, H=14),
    Salt.AMMONIUM_SULFATE: _formula({_C.AMMONIUM: 2, _C.SULFATE: 1}, N=2, H=8, S=1, O=4),
    Salt.CALCIUM_CHLORIDE: _formula({_C.CALCIUM: 1, _C.CHLORIDE: 2}, Ca=1, Cl=2, H=4, O=2),
    Salt.POTASSIUM_CHLORIDE: _formula({_C.POTASSIUM: 1, _C.CHLORIDE: 1}, K=1, Cl=1),
    Salt.POTASSIUM_CARBONATE: _formula({_C.POTASSIUM: 2, _C.CARBONATE: 1}, K=2, C=1, O=3),
    Salt.POTASSIUM_HYDROXIDE: _formula({_C.POTASSIUM: 1}, K=1, O=1, H=1),
    Salt.UREA: _formula({_C.UREA: 2}, C=1, O=1, N=2, H=4),
})  # fmt: skip
"""Plain salts with the water of crystallisation they are sold with: common practice."""


class Doubt(StrEnum):
    """Why the contents are less sure than the label's own figures."""

    DENSITY_ESTIMATED = "density_estimated"
    NITROGEN_NOT_SPLIT = "nitrogen_not_split"
    CLOSED_BY_CHARGE = "closed_by_charge"
    ACID_DENSITY_ESTIMATED = "acid_density_estimated"


@dataclass(frozen=True, slots=True)
class Contents:
    """What a mL of a liquid, or a g of a dry product, brings.

    Args:
        moles: mol of each component in it.
        closing: those of them that the label leaves out, put in so that the charges balance.
        density: g/mL of a liquid; 1 for a dry product, which is dosed in g.
        share_uncertainty: by which share the reading that it gives may be off.
        doubts: why.
    """

    moles: Moles
    density: float
    share_uncertainty: float
    doubts: tuple[Doubt, ...]
    closing: Moles = field(default_factory=dict)

    @property
    def declared(self) -> Moles:
        """mol of each component that the label names."""
        return {
            component: amount - left_out
            for component, amount in self.moles.items()
            if amount > (left_out := self.closing.get(component, 0.0))
        }


_OF_FORMULA = 0.02
_OF_LABEL = 0.04
_OF_DENSITY = 0.05
_OF_NITROGEN = 0.05
"""How far off each source may be, as shares: our own estimates; labels guarantee a minimum."""

_DENSITY_PER_SHARE = 0.75
"""Density of fertiliser solutions above 1, per g of dissolved salts in a g: about 0.65 for
potassium nitrate to 1.1 for magnesium sulfate at 20 % (CRC Handbook, from memory)."""

_SALT_PER_ION = 1.35
"""g of salts for each g of what labels list: oxygen, hydrogen and ions that they leave out."""


@lru_cache(maxsize=4096)
def contents_of(label: Label, form: Form, role: Role) -> Contents:
    """What a mL or g of a product brings, closed by charge.

    Args:
        label: what its label says.
        form: liquid, then per mL; or dry, then per g.
        role: what it is for, from which a missing counter-ion is guessed.
    """
    if label.acid is not None:
        moles, sure = moles_per_ml(label.acid, label.density)
        uncertainty = _OF_FORMULA if sure else _OF_FORMULA + _OF_DENSITY
        return Contents(moles, 1.0, uncertainty, () if sure else (Doubt.ACID_DENSITY_ESTIMATED,))
    if label.salt is not None:
        formula = FORMULAS[label.salt]
        share = float(label.purity) / 100 / formula.molar_mass
        density, doubts = _density(label, form, float(label.purity) / 100)
        per = density if label.basis is Basis.BY_WEIGHT else 1.0
        moles = {component: count * share * per for component, count in formula.parts.items()}
        uncertainty = _OF_FORMULA + (_OF_DENSITY if doubts else 0)
        return Contents(moles, density, uncertainty, doubts)
    return _from_analysis(label, form, role)


def _density(label: Label, form: Form, dissolved: float) -> tuple[float, tuple[Doubt, ...]]:
    """g/mL, and a doubt where it had to be guessed and matters."""
    if form is Form.DRY:
        return 1.0, ()
    if label.density is not None:
        return float(label.density), ()
    estimate = 1 + _DENSITY_PER_SHARE * min(dissolved, 0.5)
    return estimate, (Doubt.DENSITY_ESTIMATED,) if label.basis is Basis.BY_WEIGHT else ()


def _from_analysis(label: Label, form: Form, role: Role) -> Contents:
    percents: dict[Component, float] = {}
    for line, percent in label.analysis.items():
        if line in MEANS and percent:
            component, share = MEANS[line]
            percents[component] = percents.get(component, 0) + float(percent) * share
    doubts: list[Doubt] = []
    uncertainty = _OF_LABEL
    if label.unsplit_nitrogen:
        form_of_n = _likely_nitrogen(label)
        percents[form_of_n] = percents.get(form_of_n, 0) + float(label.unsplit_nitrogen)
        doubts.append(Doubt.NITROGEN_NOT_SPLIT)
        uncertainty += _OF_NITROGEN
    dissolved = sum(percents.values()) / 100 * _SALT_PER_ION
    density, guessed = _density(label, form, dissolved)
    if guessed:
        doubts += guessed
        uncertainty += _OF_DENSITY
    per = density if label.basis is Basis.BY_WEIGHT else 1.0
    moles = {c: p / 100 * per / weight_of(c) for c, p in percents.items()}
    closing, added = _closing(moles, role)
    if added > 0.02:  # less is rounding of the label
        doubts.append(Doubt.CLOSED_BY_CHARGE)
        uncertainty += added / 4  # the wrong ion conducts up to a quarter less or more
    for component, amount in closing.items():
        moles[component] = moles.get(component, 0.0) + amount
    return Contents(moles, density, uncertainty, tuple(doubts), closing)


def _likely_nitrogen(label: Label) -> Component:
    """The form of nitrogen that a label does not split: nitrate balances its cations."""
    percents = label.analysis
    cations = any(percents.get(line) for line in MEANS if MEANS[line][0] in _CATIONS)
    return Component.NITRATE if cations else Component.UREA


_CATIONS = (_C.POTASSIUM, _C.CALCIUM, _C.MAGNESIUM)


def _closing(moles: Moles, role: Role) -> tuple[Moles, float]:
    """The ion that the label leaves out, and the share of all charge that it stands for."""
    charges = [moles.get(c, 0.0) * z for c, z in CHARGE.items()]
    plus, minus = sum(max(q, 0.0) for q in charges), sum(max(-q, 0.0) for q in charges)
    gap, most = plus - minus, max(plus, minus)
    if most == 0 or ROLES[role].lifts:
        return {}, 0.0
    if gap > 0:
        # Sulfate is the ion that labels leave out most, but it would not stay beside calcium.
        missing = _C.CHLORIDE if moles.get(_C.CALCIUM) or moles.get(_C.SULFATE) else _C.SULFATE
        return {missing: gap / -CHARGE[missing]}, gap / most
    return {_C.SODIUM: -gap}, -gap / most


def brings_calcium(label: Label) -> bool:
    """Whether a label names calcium."""
    if label.salt is not None:
        return _C.CALCIUM in FORMULAS[label.salt].parts
    named = (line for line, percent in label.analysis.items() if percent and line in MEANS)
    return any(MEANS[line][0] is _C.CALCIUM for line in named)
