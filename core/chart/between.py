"""Between two columns: growers split the difference by a share."""

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction

from core.chart.model import Chart
from core.chart.parts import Column, Dose, PhWindow
from core.errors import InputError
from core.quantities import AmountUnit, DoseUnit, Reading, ReadingRange

PerLitre = Callable[[DoseUnit], Fraction]
"""What a dose of 1 in a unit is in mL or g per litre."""


def column_between(chart: Chart, first: Column, second: Column, share: Fraction) -> Column:
    """A column on the way from the first to the second.

    Args:
        chart: the chart of both.
        first: where one comes from; its stage stays until half way.
        second: where one goes.
        share: how far, from 0 to 1.
    """
    nearer = second if share > Fraction(1, 2) else first
    return replace(
        nearer,
        key=first.key,
        label=f"{first.label} to {second.label}",
        ec=readings_between(first.ec, second.ec, share),
        ph=_windows(first.ph, second.ph, share) or nearer.ph,
    )


def _mean(one: Fraction, other: Fraction, share: Fraction) -> Fraction:
    return one + (other - one) * share


def readings_between(
    one: ReadingRange | None, other: ReadingRange | None, share: Fraction
) -> ReadingRange | None:
    """The band on the way from one to another; None where either prints none."""
    if one is None or other is None:
        return None
    return ReadingRange(
        Reading(_mean(one.low.ms_cm, other.low.ms_cm, share)),
        Reading(_mean(one.high.ms_cm, other.high.ms_cm, share)),
    )


def _windows(one: PhWindow | None, other: PhWindow | None, share: Fraction) -> PhWindow | None:
    if one is None or other is None:
        return None
    return PhWindow(_mean(one.low, other.low, share), _mean(one.high, other.high, share))


def dose_between(
    one: Dose | None, other: Dose | None, share: Fraction, per_litre: PerLitre, *, name: str
) -> Dose | None:
    """A cell on the way from one to another; a blank counts as 0, two units meet per litre.

    Raises:
        InputError: one of them is a rule until which EC to pour, and the other is not.
    """
    if one is None and other is None:
        return None
    if any(dose is not None and dose.until_ec is not None for dose in (one, other)):
        return _rule_between(one, other, share, per_litre, name)
    return _printed_between(one, other, share, per_litre)


def _printed_between(
    one: Dose | None, other: Dose | None, share: Fraction, per_litre: PerLitre
) -> Dose:
    unit = next(dose.unit for dose in (one, other) if dose is not None)
    if one is not None and other is not None and one.unit is not other.unit:
        unit = DoseUnit.G_PER_L if _is_dry(one) else DoseUnit.ML_PER_L
        one, other = _in_litres(one, unit, per_litre), _in_litres(other, unit, per_litre)
    some = one or other
    assert some is not None
    low, high = (_mean(_end(one, end), _end(other, end), share) for end in ("low", "high"))
    return replace(some, column=some.column, low=low, high=high, unit=unit)


def _end(dose: Dose | None, end: str) -> Fraction:
    found: Fraction | None = getattr(dose, end) if dose is not None else None
    return Fraction(0) if found is None else found


def _is_dry(dose: Dose) -> bool:
    return dose.unit is not None and dose.unit.amount_unit is AmountUnit.G


def _in_litres(dose: Dose, unit: DoseUnit, per_litre: PerLitre) -> Dose:
    assert dose.unit is not None
    one = per_litre(dose.unit)
    return replace(dose, low=_end(dose, "low") * one, high=_end(dose, "high") * one, unit=unit)


def _rule_between(
    one: Dose | None, other: Dose | None, share: Fraction, per_litre: PerLitre, name: str
) -> Dose:
    if one is None or other is None or one.until_ec is None or other.until_ec is None:
        raise InputError("no_way_between", "between", name=name)
    until = _mean(one.until_ec, other.until_ec, share)
    if one.unit is None or other.unit is None:  # where one prints no dose, nothing is half way
        return replace(one, low=None, high=None, unit=None, until_ec=until)
    return replace(_printed_between(one, other, share, per_litre), until_ec=until)
