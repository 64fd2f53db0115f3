"""PHREEQC, the geochemical model of the U.S. Geological Survey, asked for what pens would show.

Only initial-solution calculations are used, in which PHREEQC keeps nitrate and ammonium apart; in
its batch reactions they would come to equilibrium with each other, as they never do in a tank.
"""

import threading
from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files

from phreeqc import Phreeqc

from core.chemistry.elements import CONDUCTING, Component, Moles
from core.memory import MEGABYTE, Memory

_ADDITIONS = """
SOLUTION_MASTER_SPECIES
Citrate Citrate-3 2 189.102 189.102
SOLUTION_SPECIES
Citrate-3 = Citrate-3
 -dw 0.623e-9
H+ + Citrate-3 = HCitrate-2
 log_k 6.396
 -dw 0.7e-9
2 H+ + Citrate-3 = H2Citrate-
 log_k 11.157
 -dw 0.8e-9
3 H+ + Citrate-3 = H3Citrate
 log_k 14.285
PHASES
Calcite
 CaCO3 = CO3-2 + Ca+2
 log_k -8.48
 -analytic 17.118 -0.046528 -3496
Gypsum
 CaSO4:2H2O = Ca+2 + SO4-2 + 2 H2O
 log_k -4.58
 -analytic 93.7 5.99e-3 -4e3 -35.019
Brushite
 CaHPO4:2H2O = Ca+2 + H+ + PO4-3 + 2 H2O
 log_k -18.995
SELECTED_OUTPUT 1
 -reset false
 -high_precision true
USER_PUNCH 1
 -headings ph us_cm charge carbon gypsum phosphate calcite
 10 PUNCH -LA("H+"), SC, CHARGE_BALANCE, TOT("C(4)"), SI("Gypsum"), SI("Brushite"), SI("Calcite")
END
"""
"""Constants of calcite and gypsum as in phreeqc.dat, of citric acid and brushite as in
minteq.v4.dat, which both come with PHREEQC; diffusion coefficients of the citrates from memory."""

_MOST_INDEX = 300.0  # as far as a float goes
_BYTES_OF_SOLUTIONS = 4 * MEGABYTE
_ABSENT = -90.0  # PHREEQC says -99.99 or -999.999 where a mineral's elements are not there


@dataclass(frozen=True, slots=True)
class Solution:
    """A solution at 25 °C, of which the pH is given or follows from the charges.

    Args:
        moles: mol per kg of water of each component.
        ph: its pH; None for the one at which the charges balance.
        alkalinity: mol/kg in place of the carbonate, for water by its lab report.
    """

    moles: Moles
    ph: float | None = None
    alkalinity: float | None = None


@dataclass(frozen=True, slots=True)
class Solved:
    """What PHREEQC says of a solution.

    Args:
        ph: its pH.
        ms_cm: its conductivity at 25 °C, as a pen would show it.
        charge: equivalents per kg that are missing as anions at that pH.
        carbonate: mol of dissolved carbonate per kg.
        gypsum, phosphate, calcite: how many times saturated, for gypsum, brushite (the calcium
            phosphate that forms first) and calcite; 0 where an element of it is not there.
    """

    ph: float
    ms_cm: float
    charge: float
    carbonate: float
    gypsum: float
    phosphate: float
    calcite: float


class ChemistryError(ArithmeticError):
    """PHREEQC found no solution; the figures given to it are none of a real tank."""


_own = threading.local()


def engine() -> Phreeqc:
    """This thread's engine: loading the database takes as long as some recomputes."""
    found: Phreeqc | None = getattr(_own, "engine", None)
    if found is None:
        found = Phreeqc()
        if found.LoadDatabaseString(_species()) or found.RunString(_ADDITIONS):
            raise ChemistryError(found.GetErrorString())
        _own.engine = found
    return found


@lru_cache(maxsize=1)
def _species() -> str:
    """PHREEQC's own database up to its minerals: each of those costs time in every solution."""
    database = files("phreeqc") / "databases" / "phreeqc.dat"
    before, *_ = database.read_text(encoding="latin-1").partition("\nPHASES\n")
    return f"{before}\nEND\n"


def described(solution: Solution) -> str:
    """A solution in PHREEQC's words; the same for two that differ by less than twelve digits."""
    ph = "7 charge" if solution.ph is None else repr(solution.ph)
    lines = [f"units mol/kgw\npH {ph}"]
    for component in CONDUCTING:
        amount = solution.moles.get(component, 0.0)
        if component is Component.CARBONATE and solution.alkalinity is not None:
            lines.append(f"Alkalinity {max(solution.alkalinity, 0.0):.12g}")
        elif amount > 0:
            lines.append(f"{component.value} {amount:.12g}")
    return "\n".join(lines)


_solved_before: Memory[str, Solved] = Memory(
    _BYTES_OF_SOLUTIONS, weigh=lambda described, _: 600 + len(described)
)


def solve(solutions: Sequence[Solution]) -> list[Solved]:
    """Ask PHREEQC about solutions, all that it was not asked before in one run.

    Its answers are kept, because the same water and the same tank are asked for again and again: by
    another volume of it, in other units, in another order, and by each device that looks at it.

    Raises:
        ChemistryError: it found no answer for one of them.
    """
    asked = [described(solution) for solution in solutions]
    known = {one: _solved_before.get(one) for one in asked}
    new = [one for one, solved in known.items() if solved is None]
    for one, solved in zip(new, _run(new), strict=True):
        known[one] = _solved_before.put(one, solved)
    return [found for one in asked if (found := known[one])]


def _run(asked: Sequence[str]) -> list[Solved]:
    """PHREEQC's answers for solutions in its words."""
    if not asked:
        return []
    phreeqc = engine()
    blocks = [f"SOLUTION {number}\n{one}\n" for number, one in enumerate(asked, start=1)]
    if phreeqc.RunString("".join(blocks) + "END\n"):
        raise ChemistryError(phreeqc.GetErrorString())
    value = phreeqc.GetSelectedOutputValue
    rows = range(1, phreeqc.GetSelectedOutputRowCount())  # row 0 is the headings
    return [_solved([value(row, column) for column in range(7)]) for row in rows]


def forget_solutions() -> None:
    """Have PHREEQC run again for all that it was asked before."""
    _solved_before.clear()


def solve_each(solutions: Sequence[Solution]) -> list[Solved | None]:
    """The same, with None for each that has no solution: what everything outside asks by.

    Figures that no real tank has are typed all the same, and may not raise.
    """
    try:
        return list(solve(solutions))
    except (ChemistryError, OverflowError):
        return (
            [None] if len(solutions) == 1 else [solve_each([solution])[0] for solution in solutions]
        )


def _solved(row: list[float]) -> Solved:
    ph, us_cm, charge, carbonate, *indices = row
    gypsum, phosphate, calcite = (
        10 ** min(index, _MOST_INDEX) if index > _ABSENT else 0.0 for index in indices
    )
    return Solved(ph, us_cm / 1000, charge, carbonate, gypsum, phosphate, calcite)
