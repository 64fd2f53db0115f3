"""What the meter should show after each pour: an estimate from the chart's EC.

The chart's EC is shared over the base parts by their printed amounts; other products count for
nothing. It is good enough to notice a wrong bottle; label chemistry is not used.
"""

from collections.abc import Mapping, Sequence
from fractions import Fraction

from core.chart import Column, Role
from core.mix.doses import Dosed
from core.quantities import Reading


def rises(dosed: Sequence[Dosed], column: Column) -> Mapping[str, Fraction | None]:
    """By how many mS/cm each product lifts the reading; None where the chart does not tell.

    Args:
        dosed: all that the column doses, also what is left out: its share of the chart's EC is
            then missing in the tank, and must not be given to the parts that go in.
        column: the column, with its printed EC.
    """
    found: dict[str, Fraction | None] = {
        item.product.key: None if item.product.role is Role.BASE else Fraction(0) for item in dosed
    }
    parts = [i for i in dosed if i.product.role is Role.BASE and i.amount and i.nominal]
    parts = [item for item in parts if item.dose.until_ec is None]
    if column.ec is None:
        return found
    for item, weight in zip(parts, _weights(parts), strict=True):
        if item.amount and item.nominal and item.nominal.value:
            poured_share = item.amount.value / item.nominal.value
            found[item.product.key] = column.ec.middle.ms_cm * weight * poured_share
    return found


def _weights(parts: Sequence[Dosed]) -> list[Fraction]:
    """Each part's share of the chart's EC; equal shares where mL and g stand side by side."""
    amounts = [part.nominal for part in parts if part.nominal]
    total = sum((amount.value for amount in amounts), start=Fraction(0))
    if len({amount.unit for amount in amounts}) > 1 or total == 0:
        return [Fraction(1, len(parts)) for _ in parts]
    return [amount.value / total for amount in amounts]


def stop_above_water(item: Dosed) -> Reading | None:
    """How far above the water to stop pouring; None for a product without such a rule."""
    if item.dose.until_ec is None:
        return None
    # Room left by the water is no matter here: the rule itself counts from the water up.
    return Reading(item.dose.until_ec * item.share.chosen)
