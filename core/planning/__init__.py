"""The main job: from a column of a chart to a pour sheet."""

from core.planning.doses import LeftOut
from core.planning.drawn_down_ph import DrawnDownPh, drawn_down_ph
from core.planning.plan import plan_mix
from core.planning.request import Between, MixRequest, Tank
from core.planning.sheet import AcidPlan, InTank, Pour, PourSheet
from core.planning.shelf import AcidOnShelf, AlkaliOnShelf, HardForm, OnShelf, Shelf

__all__ = [
    "AcidOnShelf",
    "AcidPlan",
    "AlkaliOnShelf",
    "Between",
    "DrawnDownPh",
    "HardForm",
    "InTank",
    "LeftOut",
    "MixRequest",
    "OnShelf",
    "Pour",
    "PourSheet",
    "Shelf",
    "Tank",
    "drawn_down_ph",
    "plan_mix",
]
