"""What the label of a bottle, jar or bag says is in it."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction
from functools import cached_property

from core.chemistry.elements import ATOMIC_WEIGHT, Component
from core.errors import InputError


class Nutrient(StrEnum):
    """Lines of a guaranteed analysis."""

    N = "N"
    N_NITRATE = "N_nitrate"
    N_AMMONIUM = "N_ammonium"
    N_UREA = "N_urea"
    P = "P"
    P2O5 = "P2O5"
    K = "K"
    K2O = "K2O"
    CA = "Ca"
    CAO = "CaO"
    MG = "Mg"
    MGO = "MgO"
    S = "S"
    SO3 = "SO3"
    FE = "Fe"
    MN = "Mn"
    ZN = "Zn"
    CU = "Cu"
    B = "B"
    MO = "Mo"
    SI = "Si"
    SIO2 = "SiO2"
    NA = "Na"
    CL = "Cl"


def _oxide(element: str, elements: int, oxygens: int) -> float:
    """g of an element in a g of its oxide."""
    whole = elements * ATOMIC_WEIGHT[element]
    return whole / (whole + oxygens * ATOMIC_WEIGHT["O"])


MEANS: dict[Nutrient, tuple[Component, float]] = {
    Nutrient.N_NITRATE: (Component.NITRATE, 1),
    Nutrient.N_AMMONIUM: (Component.AMMONIUM, 1),
    Nutrient.N_UREA: (Component.UREA, 1),
    Nutrient.P: (Component.PHOSPHORUS, 1),
    Nutrient.P2O5: (Component.PHOSPHORUS, _oxide("P", 2, 5)),
    Nutrient.K: (Component.POTASSIUM, 1),
    Nutrient.K2O: (Component.POTASSIUM, _oxide("K", 2, 1)),
    Nutrient.CA: (Component.CALCIUM, 1),
    Nutrient.CAO: (Component.CALCIUM, _oxide("Ca", 1, 1)),
    Nutrient.MG: (Component.MAGNESIUM, 1),
    Nutrient.MGO: (Component.MAGNESIUM, _oxide("Mg", 1, 1)),
    Nutrient.S: (Component.SULFATE, 1),
    Nutrient.SO3: (Component.SULFATE, _oxide("S", 1, 3)),
    Nutrient.FE: (Component.IRON, 1),
    Nutrient.MN: (Component.MANGANESE, 1),
    Nutrient.ZN: (Component.ZINC, 1),
    Nutrient.CU: (Component.COPPER, 1),
    Nutrient.B: (Component.BORON, 1),
    Nutrient.MO: (Component.MOLYBDENUM, 1),
    Nutrient.SI: (Component.SILICON, 1),
    Nutrient.SIO2: (Component.SILICON, _oxide("Si", 1, 2)),
    Nutrient.NA: (Component.SODIUM, 1),
    Nutrient.CL: (Component.CHLORIDE, 1),
}
"""The component that a line is about, and how much of its weight is the element. The line N alone
is the total, which its parts must not exceed."""

_SAME = (
    (Nutrient.P, Nutrient.P2O5),
    (Nutrient.K, Nutrient.K2O),
    (Nutrient.CA, Nutrient.CAO),
    (Nutrient.MG, Nutrient.MGO),
    (Nutrient.S, Nutrient.SO3),
    (Nutrient.SI, Nutrient.SIO2),
)
_PARTS_OF_N = (Nutrient.N_NITRATE, Nutrient.N_AMMONIUM, Nutrient.N_UREA)


class Basis(StrEnum):
    """What a percentage counts: g in 100 g, or g in 100 mL."""

    BY_WEIGHT = "w/w"
    BY_VOLUME = "w/v"


class Salt(StrEnum):
    """Plain salts that are sold under their chemical names."""

    CALCIUM_NITRATE = "calcium_nitrate"
    CALCIUM_NITRATE_TETRAHYDRATE = "calcium_nitrate_tetrahydrate"
    POTASSIUM_NITRATE = "potassium_nitrate"
    MAGNESIUM_NITRATE = "magnesium_nitrate"
    AMMONIUM_NITRATE = "ammonium_nitrate"
    MONOPOTASSIUM_PHOSPHATE = "monopotassium_phosphate"
    MONOAMMONIUM_PHOSPHATE = "monoammonium_phosphate"
    POTASSIUM_SULFATE = "potassium_sulfate"
    MAGNESIUM_SULFATE = "magnesium_sulfate"
    AMMONIUM_SULFATE = "ammonium_sulfate"
    CALCIUM_CHLORIDE = "calcium_chloride"
    POTASSIUM_CHLORIDE = "potassium_chloride"
    POTASSIUM_CARBONATE = "potassium_carbonate"
    POTASSIUM_HYDROXIDE = "potassium_hydroxide"
    UREA = "urea"


class AcidKind(StrEnum):
    """Acids that lower pH."""

    NITRIC = "nitric"
    PHOSPHORIC = "phosphoric"
    SULFURIC = "sulfuric"
    CITRIC = "citric"


@dataclass(frozen=True, slots=True)
class Acid:
    """The strength of an acid: percent by weight, or mol/L."""

    kind: AcidKind
    percent: Fraction | None = None
    molar: Fraction | None = None

    def __post_init__(self) -> None:
        if (self.percent is None) == (self.molar is None):
            raise InputError("acid_strength_unclear.twice")
        if self.percent is not None and not 0 < self.percent <= 100:
            raise InputError("acid_strength_unclear.percent", "percent")
        if self.molar is not None and not 0 < self.molar <= 25:
            raise InputError("acid_strength_unclear.molar", "molar")


@dataclass(frozen=True)
class Label:
    """The guaranteed analysis, or for a plain salt its name, or for an acid its strength.

    Args:
        analysis: percent of each line.
        basis: by weight or w/v; dry products are by weight.
        density: g/mL of a liquid, as weighed; None if nobody has weighed it.
        salt: for a plain salt, which; then there is no analysis.
        purity: percent of the salt.
        acid: for an acid, its strength; it may have an analysis too, which then counts for
            nothing.

    Raises:
        InputError: lines that name one thing twice or come to more than 100 %, a density that no
            solution has.
    """

    analysis: Mapping[Nutrient, Fraction]
    basis: Basis = Basis.BY_WEIGHT
    density: Fraction | None = None
    salt: Salt | None = None
    purity: Fraction = Fraction(100)
    acid: Acid | None = None

    def __post_init__(self) -> None:
        self._refuse_what_is_named_twice()
        self._refuse_what_does_not_add_up()
        check_density(self.density)
        if not 0 < self.purity <= 100:
            raise InputError("purity_out_of_range", "purity")

    def _refuse_what_is_named_twice(self) -> None:
        given = {line for line, percent in self.analysis.items() if percent}
        for pure, oxide in _SAME:
            if {pure, oxide} <= given:
                raise InputError(
                    "analysis_names_twice.element", f"analysis.{oxide}", pure=pure, oxide=oxide
                )
        if self.salt is not None and given:
            raise InputError("analysis_names_twice.salt", "analysis")

    def _refuse_what_does_not_add_up(self) -> None:
        total, parts = self.analysis.get(Nutrient.N, Fraction(0)), self._nitrogen_by_form
        if total and parts > total:
            raise InputError("analysis_does_not_add_up.nitrogen", "analysis.N")
        rest = sum((p for line, p in self.analysis.items() if line not in _PARTS_OF_N), Fraction(0))
        self._refuse_more_than_whole(max(total, parts) + rest - total)

    def _refuse_more_than_whole(self, whole: Fraction) -> None:
        """Refuse an analysis, in all, that 100 g or 100 mL cannot hold."""
        if self.basis is Basis.BY_WEIGHT and whole > 100:
            raise InputError("analysis_does_not_add_up.whole", "analysis")
        heaviest = (self.density or HIGHEST_DENSITY) * 100
        if self.basis is Basis.BY_VOLUME and whole > heaviest:
            raise InputError(
                "density_cannot_hold_it",
                "density" if self.density else "analysis",
                whole=f"{float(whole):.4g}",
                known="exactly" if self.density else "at_most",
                heaviest=f"{float(heaviest):.4g}",
            )

    @property
    def _nitrogen_by_form(self) -> Fraction:
        return sum((self.analysis.get(part, Fraction(0)) for part in _PARTS_OF_N), Fraction(0))

    @cached_property
    def _hash(self) -> int:
        """Kept: a mix looks up what follows from each of its labels several times."""
        analysis = frozenset(self.analysis.items())
        return hash((analysis, self.basis, self.density, self.salt, self.purity, self.acid))

    def __hash__(self) -> int:
        return self._hash

    @property
    def says_something(self) -> bool:
        """Whether anything follows from it."""
        return bool(self.salt or self.acid or any(self.analysis.values()))

    @property
    def unsplit_nitrogen(self) -> Fraction:
        """Percent of N of which the label does not say in which form it is."""
        return max(self.analysis.get(Nutrient.N, Fraction(0)) - self._nitrogen_by_form, Fraction(0))


LOWEST_DENSITY, HIGHEST_DENSITY = Fraction(1, 2), Fraction(5, 2)
"""g/mL: no bottle of a nutrient or an acid is lighter or heavier; concentrated sulfuric acid has
1.84 (CRC Handbook, from memory)."""


def check_density(density: Fraction | None) -> None:
    """Refuse g/mL that no bottle of a nutrient or an acid has.

    Raises:
        InputError: it is below 0.5 or above 2.5 g/mL.
    """
    if density is not None and not LOWEST_DENSITY <= density <= HIGHEST_DENSITY:
        raise InputError("density_out_of_range", "density")
