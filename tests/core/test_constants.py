"""Constants that decide acid, pH and EC, held to PHREEQC's phreeqc.dat (USGS, Parkhurst and Appelo
2013, the database that the package from PyPI brings): none of them is read from it by core."""

from math import log10

import pytest
from phreeqc import Phreeqc

from core.chemistry.buffers import PHOSPHATE_PK
from core.chemistry.carbonate import K1, K2, KW
from core.water.source import DOLOMITE_MS_CM_PER_PPM, LIME_MS_CM_PER_PPM


def phreeqc(solution: str, *asked: str) -> list[float]:
    """What PHREEQC finds of a solution at 25 °C; amounts in mmol per kg of water."""
    engine = Phreeqc()
    assert not engine.LoadBuiltInDatabase("phreeqc.dat")
    assert not engine.RunString(
        "SELECTED_OUTPUT 1\n -reset false\n -high_precision true\n"
        f"USER_PUNCH 1\n 10 PUNCH {', '.join(asked)}\n"
        f"SOLUTION 1\n temp 25\n units mmol/kgw\n{solution}\nEND\n"
    )
    return [float(engine.GetSelectedOutputValue(1, column)) for column in range(len(asked))]


def test_the_equilibria_of_carbonate_and_of_water_are_those_of_phreeqc() -> None:
    h, bicarbonate, carbonate, carbonic, hydroxide = phreeqc(
        " pH 8\n Na 0.01 charge\n C(4) 0.01",
        'LA("H+")', 'LA("HCO3-")', 'LA("CO3-2")', 'LA("CO2")', 'LA("OH-")',
    )  # fmt: skip
    assert log10(K1) == pytest.approx(h + bicarbonate - carbonic, abs=0.01)
    assert log10(K2) == pytest.approx(h + carbonate - bicarbonate, abs=0.01)
    assert log10(KW) == pytest.approx(h + hydroxide, abs=0.01)


@pytest.mark.parametrize(
    ("metal", "g_mol", "constant"),
    [("Ca", 40.08, LIME_MS_CM_PER_PPM), ("Mg", 24.305, DOLOMITE_MS_CM_PER_PPM)],
)
def test_a_ppm_as_bicarbonate_conducts_what_phreeqc_says(
    metal: str, g_mol: float, constant: float
) -> None:
    """At no more than there is in water of the thinnest kind, where limits hold."""
    mmol = 0.005
    [us_cm] = phreeqc(f" pH 7.5\n {metal} {mmol}\n Alkalinity {2 * mmol} as HCO3", "SC")
    [water] = phreeqc(" pH 7", "SC")
    ppm = mmol * g_mol
    assert float(constant) == pytest.approx((us_cm - water) / 1000 / ppm, rel=0.05)


def test_phosphate_in_a_feed_gives_its_second_proton_at_the_ph_that_phreeqc_finds() -> None:
    """A common feed for leaves (after Sonneveld and Voogt, Plant Nutrition of Greenhouse Crops, 2009;
    from memory): what is bound to calcium and magnesium counts with what it is bound from."""
    feed = " pH 6.5\n K 6\n Ca 4\n Mg 1.5\n N(5) 14\n S(6) 1.5\n P 1.5\n Na 0.5 charge\n"  # mmol/kg
    h, acid, *bases = phreeqc(
        feed, 'LA("H+")', 'MOL("H2PO4-")+MOL("CaH2PO4+")+MOL("MgH2PO4+")', 'MOL("HPO4-2")',
        'MOL("CaHPO4")', 'MOL("MgHPO4")', 'MOL("KHPO4-")',
    )  # fmt: skip
    assert pytest.approx(-(h + log10(sum(bases) / acid)), abs=0.2) == PHOSPHATE_PK
