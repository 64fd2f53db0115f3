"""Figures so unlike any feed or tank that one is asked again: most are slips of a unit."""

from fractions import Fraction

from core.cautions import CEILINGS
from core.guided.ec.steering import ODD_TIMES
from core.guided.plan import GuidedPlan
from core.guided.steps import EC_STEPS, StepKind

ODD_EC = Fraction(8)
ODD_WATER = Fraction(3)
ODD_PH = (Fraction(3), Fraction(10))
"""mS/cm and pH beyond which no feed for plants, nor water to make one of, is: common practice."""

ODD_TIMES_EXPECTED = 3
ODD_ABOVE_EXPECTED = Fraction(1)
"""Times, and mS/cm, beyond what a plan expects before one is asked again: a digit or a unit too
many; our own default."""

ODD_VOLUME_TIMES = 10
"""Times that a tank may be larger or smaller than was thought before one is asked again."""


def is_odd_reading(kind: StepKind, figure: Fraction, plan: GuidedPlan | None = None) -> bool:
    """Whether no feed for plants reads so, nor this one by its plan: mS/cm, or pH."""
    if kind in EC_STEPS:
        return figure > _most_ec(kind, plan)
    return kind is StepKind.READ_PH and not ODD_PH[0] <= figure <= ODD_PH[1]


def _most_ec(kind: StepKind, plan: GuidedPlan | None) -> Fraction:
    most = ODD_WATER if kind is StepKind.READ_WATER else ODD_EC
    if plan is None or plan.source is None:
        return most
    expected = plan.source
    if kind is StepKind.READ_EC:
        expected += sum((pour.ec_rise for pour in plan.pours), Fraction(0))
        if expected == plan.source:  # nothing tells what the feed brings
            return most
    return min(max(expected * ODD_TIMES_EXPECTED, expected + ODD_ABOVE_EXPECTED), most)


def is_odd_volume(litres: Fraction, thought: Fraction) -> bool:
    """Whether a tank is told to be another by far than it was thought to be; both in litres."""
    return max(litres / thought, thought / litres) > ODD_VOLUME_TIMES


ROUNDING = Fraction(5, 4)
"""Times a dose that a coarse vessel may round it to, and no slip yet: our own default."""


def most_poured(plan: GuidedPlan, product: str) -> Fraction:
    """mL or g of a product above which one is asked again: beyond any feed, or far beyond what was
    asked for, of which several pours have one part each."""
    unit = next(pour.unit for pour in plan.pours if pour.key == product)
    ceiling, asked = CEILINGS[unit] * plan.litres, plan.takes(product)
    return max(asked * ROUNDING, min(asked * ODD_TIMES, ceiling)) if asked else ceiling
