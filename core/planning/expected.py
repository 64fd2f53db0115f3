"""What the meters should show after each pour, where each figure comes from and how sure it is.

Labels are asked first, through chemistry. A base part without one falls back on its share of the
chart's EC, by printed amounts; other products without a label count for nothing. Either is good
enough to notice a wrong bottle.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction
from math import hypot

from core.chart import Column
from core.planning.doses import Dosed
from core.planning.planned_pours import PlannedPour
from core.quantities import Reading, of_float


class RestsOn(StrEnum):
    """What an expected reading rests on."""

    LABEL = "label"
    CHART = "chart"
    RULE = "rule"
    NOTHING = "nothing"


CHART_UNCERTAINTY = Fraction(15, 100)
"""How far off a share of the chart's EC may be, of itself: our own estimate; the demo's
labels and charts part by about that."""


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


def ec_rises(
    dosed: Sequence[Dosed], column: Column, unscaled: Fraction = Fraction(0)
) -> Mapping[str, Fraction | None]:
    """By how many mS/cm each product lifts the reading; None where the chart does not tell.

    Args:
        dosed: all that the column doses, also what is left out: its share of the chart's EC is
            then missing in the tank, and must not be given to the parts that go in.
        column: the column, with its printed EC.
        unscaled: mS/cm of that EC which labels give to what strength does not scale.
    """
    found: dict[str, Fraction | None] = {
        item.product.key: None if item.product.is_base else Fraction(0) for item in dosed
    }
    if column.ec is None:
        return found
    of_base = max(column.ec.middle.ms_cm - unscaled, Fraction(0))
    parts = [item for item in dosed if _has_a_share(item)]
    for item, weight in zip(parts, _weights(parts), strict=True):
        if item.amount and item.nominal and item.nominal.value:
            found[item.product.key] = of_base * weight * item.amount.value / item.nominal.value
    return found


def _has_a_share(item: Dosed) -> bool:
    """Whether the chart's EC stands for it: a base part that is poured by dose."""
    by_dose = item.amount is not None and item.dose.until_ec is None
    return item.product.is_base and by_dose and item.nominal is not None


def _weights(parts: Sequence[Dosed]) -> list[Fraction]:
    """Each part's share of the chart's EC; equal shares where mL and g stand side by side."""
    amounts = [part.nominal for part in parts if part.nominal]
    total = sum((amount.value for amount in amounts), start=Fraction(0))
    if len({amount.unit for amount in amounts}) > 1 or total == 0:
        return [Fraction(1, len(parts)) for _ in parts]
    return [amount.value / total for amount in amounts]


def expect(
    steps: Sequence[PlannedPour],
    chart_ec_rises: Mapping[str, Fraction | None],
    label_ec_rises: Sequence[float | None],
    label_uncertainty: Sequence[float],
) -> list[Expected]:
    """The reading after each step, climbing from the water.

    Args:
        steps: the pours in order.
        chart_ec_rises: mS/cm by product, by the chart, for all of its amount.
        label_ec_rises: mS/cm by step, by the labels; None without one.
        label_uncertainty: by which share of itself each of those may be off.
    """
    at = Expected(Reading(Fraction(0)), 0.0, RestsOn.NOTHING)
    found = []
    for step, by_label, share in zip(steps, label_ec_rises, label_uncertainty, strict=True):
        if step.item.stop is not None:
            at = _at_the_rule(at, step.item.stop)
        elif by_label is not None:
            rise = of_float(by_label, 6)
            at = _risen(at, rise, by_label * share, RestsOn.LABEL)
        else:
            whole = chart_ec_rises[step.item.product.key]
            by_chart = None if whole is None else whole * _part(step)
            basis = RestsOn.CHART if by_chart else RestsOn.NOTHING
            at = _risen(at, by_chart, float((by_chart or 0) * CHART_UNCERTAINTY), basis)
        found.append(at)
    return found


def _at_the_rule(at: Expected, stop: Fraction) -> Expected:
    """What is above a rule already is left there: nothing poured makes a reading fall."""
    if at.above_water is not None and at.above_water.ms_cm >= stop:
        return Expected(at.above_water, at.uncertainty, RestsOn.RULE, met=True)
    return Expected(Reading(stop), 0.0, RestsOn.RULE)


def _risen(at: Expected, rise: Fraction | None, uncertainty: float, basis: RestsOn) -> Expected:
    """So much further up; from where nothing tells the rise on, nobody knows the reading."""
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
