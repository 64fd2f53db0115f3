"""What is in bottles and tanks, and what pens will show."""

from core.chemistry.acids import as_much_of, molarity
from core.chemistry.alkalis import Alkali, alkali_of
from core.chemistry.contents import Contents, Doubt, brings_calcium, contents_of
from core.chemistry.elements import Component, Element
from core.chemistry.feeds import conducts, declared_by, elements_of, rise_of
from core.chemistry.label import Acid, AcidKind, Basis, Label, Nutrient, Salt, check_density
from core.chemistry.pairs import Mineral, Saturation, saturations, undiluted
from core.chemistry.source import blend_ph, source_water
from core.chemistry.tank import (
    AcidBottle,
    AcidNeed,
    Ingredient,
    TankChemistry,
    fill_tank,
    ph_of_mixture,
)

__all__ = [
    "Acid",
    "AcidBottle",
    "AcidKind",
    "AcidNeed",
    "Alkali",
    "Basis",
    "Component",
    "Contents",
    "Doubt",
    "Element",
    "Ingredient",
    "Label",
    "Mineral",
    "Nutrient",
    "Salt",
    "Saturation",
    "TankChemistry",
    "alkali_of",
    "as_much_of",
    "blend_ph",
    "brings_calcium",
    "check_density",
    "conducts",
    "contents_of",
    "declared_by",
    "elements_of",
    "fill_tank",
    "molarity",
    "ph_of_mixture",
    "rise_of",
    "saturations",
    "source_water",
    "undiluted",
]
