"""A tank whose true volume, water and bottles may differ from what its grower believes."""

from collections.abc import Mapping
from dataclasses import dataclass, field

from core.chemistry import Acid, Alkali, Contents, molarity
from core.chemistry.acids import COMPONENT
from core.chemistry.elements import Component, Moles
from core.chemistry.engine import Solution, Solved, solve_each
from core.chemistry.source import source_water
from core.errors import InputError
from core.water import Water

KCL_PER_MS_CM = 0.01 / 1.4083
"""mol/L of potassium chloride for 1 mS/cm: 0.01 M KCl has 1.4083 mS/cm at 25 °C (OIML R 56)."""


@dataclass(slots=True)
class SimulatedTank:
    """Water and what was poured into it, solved by PHREEQC when it is read.

    Args:
        litres: the true volume.
        moles: mol per litre of each component.
    """

    litres: float
    moles: Moles = field(default_factory=dict)

    @classmethod
    def filled(cls, water: Water, litres: float) -> "SimulatedTank":
        """A tank of a water."""
        return cls(litres, dict(source_water(water).moles))

    def pour(self, contents: Contents, amount: float) -> None:
        """So many mL or g of a product."""
        self.pour_moles(contents.moles, amount)

    def pour_moles(self, moles: Mapping[Component, float], amount: float) -> None:
        """So many mL or g of what has so many mol of each component in one of them."""
        for component, mol in moles.items():
            self._add(component, mol * amount / self.litres)

    def pour_unlabelled(self, ms_cm_litres: float) -> None:
        """What would bring so many mS/cm to one litre, whatever it is: potassium chloride, say."""
        mol = ms_cm_litres * KCL_PER_MS_CM / self.litres
        self._add(Component.POTASSIUM, mol)
        self._add(Component.CHLORIDE, mol)

    def pour_acid(self, acid: Acid, ml: float) -> None:
        """So many mL of a bottle of acid."""
        mol = molarity(acid)[0] * ml / 1000
        self._add(COMPONENT[acid.kind], mol / self.litres)

    def pour_alkali(self, alkali: Alkali, amount: float) -> None:
        """So many mL or g of what raises pH."""
        eq = alkali.meq * amount / 1000 / self.litres
        self._add(Component.POTASSIUM, eq)
        self._add(Component.CARBONATE, eq * alkali.carbonate)

    def exchange(self, litres: float, fresh: Moles) -> None:
        """Drain so many litres, and fill with water that has so many mol in a litre."""
        share = min(max(litres / self.litres, 0.0), 1.0)
        self.moles = {
            component: self.moles.get(component, 0.0) * (1 - share)
            + fresh.get(component, 0.0) * share
            for component in {*self.moles, *fresh}
        }

    def solved(self) -> Solved:
        """Its true reading and pH now.

        Raises:
            InputError: so much is in it that no model tells.
        """
        [found] = solve_each([Solution(dict(self.moles))])
        if found is None:
            raise InputError("tank_beyond_model")
        return found

    def _add(self, component: Component, mol_per_litre: float) -> None:
        self.moles[component] = self.moles.get(component, 0.0) + mol_per_litre
