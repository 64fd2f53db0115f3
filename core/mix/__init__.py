"""The main job: from a column of a chart to a pour sheet."""

from core.mix.doses import LeftOut
from core.mix.in_tank import CUP_WATER, LEAST_CUP
from core.mix.plan import plan_mix
from core.mix.request import Between, MixRequest, Tank
from core.mix.sheet import AcidPlan, InTank, Pour, PourSheet
from core.mix.shelf import AcidOnShelf, AlkaliOnShelf, HardForm, OnShelf, Shelf

__all__ = [
    "CUP_WATER",
    "LEAST_CUP",
    "AcidOnShelf",
    "AcidPlan",
    "AlkaliOnShelf",
    "Between",
    "HardForm",
    "InTank",
    "LeftOut",
    "MixRequest",
    "OnShelf",
    "Pour",
    "PourSheet",
    "Shelf",
    "Tank",
    "plan_mix",
]
