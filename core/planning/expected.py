"""What the meters should show after each pour, where each figure comes from and how sure it is.

Labels are asked first, through chemistry. Feed without one falls back on its share of what they
leave of the chart's EC, by printed amounts; what strength does not scale counts for nothing without
one. Either is good enough to notice a wrong bottle.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction
from math import hypot

from core.planning.chart_ec_shares import ChartRise
from core.planning.planned_pours import PlannedPour
from core.quantities import Reading, of_float


class RestsOn(StrEnum):
    """What an expected reading rests on."""

    LABEL = "label"
    CHART = "chart"
    RULE = "rule"
    NOTHING = "nothing"


@dataclass(frozen=True, slots=True)
class Expected:
    """The expected reading after a pour.

    Args:
        above_water: counted from the water up; None where nothing tells.
        uncertainty: by how many mS/cm it may be off, either way.
        basis: what this pour's part of it rests on.
        met: whether a rule until which to pour is met before anything is poured.
    """

    above_water: Reading | None
    uncertainty: float
    basis: RestsOn
    met: bool = False


def expect(
    steps: Sequence[PlannedPour],
    by_chart: Mapping[str, ChartRise],
    label_ec_rises: Sequence[float | None],
    label_uncertainty: Sequence[float],
) -> list[Expected]:
    """The reading after each step, climbing from the water.

    Args:
        steps: the pours in order.
        by_chart: mS/cm by product, by the chart, for all of its amount.
        label_ec_rises: mS/cm by step, by the labels; None without one.
        label_uncertainty: by which share of itself each of those may be off.
    """
    at = Expected(Reading(Fraction(0)), 0.0, RestsOn.NOTHING)
    found = []
    for step, by_label, share in zip(steps, label_ec_rises, label_uncertainty, strict=True):
        if step.item.stop is not None:
            at = _at_the_rule(at, step.item.stop)
        elif by_label is not None:
            at = _risen(at, of_float(by_label, 6), by_label * share, RestsOn.LABEL)
        else:
            whole, part = by_chart[step.item.product.key], _part(step)
            rise = None if whole.rise is None else whole.rise * part
            basis = RestsOn.CHART if rise else RestsOn.NOTHING
            at = _risen(at, rise, whole.uncertainty * float(part), basis)
        found.append(at)
    return found


def _at_the_rule(at: Expected, stop: Fraction) -> Expected:
    """What is above a rule already is left there: nothing poured makes a reading fall."""
    if at.above_water is not None and at.above_water.ms_cm >= stop:
        return Expected(at.above_water, at.uncertainty, RestsOn.RULE, met=True)
    return Expected(Reading(stop), 0.0, RestsOn.RULE)


def _risen(at: Expected, rise: Fraction | None, uncertainty: float, basis: RestsOn) -> Expected:
    """The reading after a rise; None from the first pour on whose rise is not known."""
    level = None
    if at.above_water is not None and rise is not None:
        level = Reading(at.above_water.ms_cm + rise)
    return Expected(level, hypot(at.uncertainty, uncertainty), basis)


def _part(step: PlannedPour) -> Fraction:
    """How much of its product a step pours."""
    whole = step.item.amount
    if whole is None or step.amount is None or not whole.value:
        return Fraction(1)
    return step.amount.value / whole.value
