"""The main job: from a column of a chart to a pour sheet."""

from core.mix.plan import plan_mix
from core.mix.request import MixRequest
from core.mix.sheet import LeftOut, Pour, PourSheet

__all__ = ["LeftOut", "MixRequest", "Pour", "PourSheet", "plan_mix"]
