"""Elements, the dissolved components they come as, and how labels name them."""

from enum import StrEnum


class Element(StrEnum):
    """Elements that growers look at."""

    N = "N"
    P = "P"
    K = "K"
    CA = "Ca"
    MG = "Mg"
    S = "S"
    FE = "Fe"
    MN = "Mn"
    ZN = "Zn"
    CU = "Cu"
    B = "B"
    MO = "Mo"
    SI = "Si"
    NA = "Na"
    CL = "Cl"


ATOMIC_WEIGHT: dict[str, float] = {
    "H": 1.008, "B": 10.81, "C": 12.011, "N": 14.007, "O": 15.999, "Na": 22.98976928,
    "Mg": 24.305, "Si": 28.085, "P": 30.973761998, "S": 32.06, "Cl": 35.45, "K": 39.0983,
    "Ca": 40.078, "Mn": 54.938043, "Fe": 55.845, "Cu": 63.546, "Zn": 65.38, "Mo": 95.95,
}  # fmt: skip
"""Standard atomic weights, g/mol: IUPAC 2021, the conventional value where it gives a range."""


class Component(StrEnum):
    """What elements are dissolved as. The values are PHREEQC's names, where it knows them."""

    NITRATE = "N(5)"
    AMMONIUM = "N(-3)"
    UREA = "urea-N"
    PHOSPHORUS = "P"
    POTASSIUM = "K"
    CALCIUM = "Ca"
    MAGNESIUM = "Mg"
    SULFATE = "S(6)"
    SODIUM = "Na"
    CHLORIDE = "Cl"
    SILICON = "Si"
    CARBONATE = "C(4)"
    CITRATE = "Citrate"
    IRON = "Fe"
    MANGANESE = "Mn"
    ZINC = "Zn"
    COPPER = "Cu"
    BORON = "B"
    MOLYBDENUM = "Mo"


ELEMENT_OF: dict[Component, Element] = {
    Component.NITRATE: Element.N,
    Component.AMMONIUM: Element.N,
    Component.UREA: Element.N,
    Component.PHOSPHORUS: Element.P,
    Component.POTASSIUM: Element.K,
    Component.CALCIUM: Element.CA,
    Component.MAGNESIUM: Element.MG,
    Component.SULFATE: Element.S,
    Component.SODIUM: Element.NA,
    Component.CHLORIDE: Element.CL,
    Component.SILICON: Element.SI,
    Component.IRON: Element.FE,
    Component.MANGANESE: Element.MN,
    Component.ZINC: Element.ZN,
    Component.COPPER: Element.CU,
    Component.BORON: Element.B,
    Component.MOLYBDENUM: Element.MO,
}
"""The element of each component; carbonate and citrate feed nothing."""

CHARGE: dict[Component, int] = {
    Component.NITRATE: -1,
    Component.AMMONIUM: 1,
    Component.PHOSPHORUS: -1,  # as H2PO4-, its form between pH 3 and 7
    Component.POTASSIUM: 1,
    Component.CALCIUM: 2,
    Component.MAGNESIUM: 2,
    Component.SULFATE: -2,
    Component.SODIUM: 1,
    Component.CHLORIDE: -1,
}
"""Charges by which a label is closed; what is not listed counts as uncharged or chelated."""

CONDUCTING = (*CHARGE, Component.SILICON, Component.CARBONATE, Component.CITRATE)
"""Components that PHREEQC uses. Urea carries no current; traces stand as chelates at a few
ppm, which is below what a pen shows."""

Moles = dict[Component, float]
"""Amounts of components: mol, or mol per mL, g or kg of water, as its place says."""


def weight_of(component: Component) -> float:
    """g of its element in a mol of a component."""
    return ATOMIC_WEIGHT[ELEMENT_OF[component]]
