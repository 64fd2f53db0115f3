"""Figures so unlike any feed or tank that one is asked again: most are slips of a unit."""

from fractions import Fraction

from core.guided.steps import EC_STEPS, StepKind

ODD_EC = Fraction(8)
ODD_PH = (Fraction(3), Fraction(10))
"""mS/cm and pH beyond which no feed for plants is: common practice."""

ODD_VOLUME_TIMES = 10
"""Times that a tank may be larger or smaller than was thought before one is asked again."""


def is_odd_reading(kind: StepKind, figure: Fraction) -> bool:
    """Whether no feed for plants reads so: mS/cm at a step that reads EC, or pH."""
    if kind in EC_STEPS:
        return figure > ODD_EC
    return kind is StepKind.READ_PH and not ODD_PH[0] <= figure <= ODD_PH[1]


def is_odd_volume(litres: Fraction, thought: Fraction) -> bool:
    """Whether a tank is told to be another by far than it was thought to be; both in litres."""
    return max(litres / thought, thought / litres) > ODD_VOLUME_TIMES
