"""How much of each product goes in, before the order is known."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from core.chart import Column, Dose, Product
from core.chart.between import column_between, dose_between
from core.planning.request import MixRequest
from core.quantities import Amount, DoseUnit, Reading, Volume
from core.quantities.units import amount_of_one
from core.strength import End, PrintedAmount, Share, printed_amount, share_of
from core.water import Target, TargetConvention


@dataclass(frozen=True, slots=True)
class Dosed:
    """A product with a dose in the column.

    Args:
        product: the row, under the name of its form for hard water where that is poured.
        dose: the cell.
        as_printed: the cell, or both cells of a mix between columns, as the leaflet shows them.
        share: the part of the printed dose that goes in.
        printed: the printed dose at full strength; None for a rule alone.
        amount: how much goes in; None for a rule alone.
        nominal: for a base part, the printed dose at the mix's end of ranges, for which the
            chart's EC stands.
        instead_of: for a form for hard water, what the chart calls the product.
        stop: mS/cm above the water at which to stop pouring; None without such a rule.
    """

    product: Product
    dose: Dose
    as_printed: str
    share: Share
    printed: PrintedAmount | None
    amount: Amount | None
    nominal: Amount | None
    instead_of: str | None = None
    stop: Fraction | None = None

    @property
    def is_feed(self) -> bool:
        """Whether an all-in target that leaves no room leaves it out."""
        return self.product.is_feed


@dataclass(frozen=True, slots=True)
class LeftOut:
    """A dosed product that is not poured, with the reason: `override`, `zero_dose`, `no_room`."""

    product: Product
    why: str


_WHOLE = Fraction(1)
_LITRE = Volume(Fraction(1))


def column_of(request: MixRequest) -> Column:
    """The column that is mixed, or the one on the way between two."""
    column = request.chart.column(request.column)
    if request.between is None:
        return column
    other = request.chart.column(request.between.column)
    return column_between(request.chart, column, other, request.between.share)


def cell_of(request: MixRequest, product: Product) -> tuple[Dose | None, str]:
    """The dose of a product, and how the leaflet shows it."""
    dose = request.chart.dose(product.key, request.column)
    if request.between is None:
        return dose, dose.printed if dose else ""
    other = request.chart.dose(product.key, request.between.column)
    mixed = dose_between(
        dose,
        other,
        request.between.share,
        lambda unit: amount_of_one(unit, _LITRE, request.spoons),
        name=product.name,
    )
    return mixed, f"{dose.printed if dose else '0'} → {other.printed if other else '0'}"


def doses_of(request: MixRequest, target: Target) -> list[Dosed]:
    """Every product that the column doses, in the chart's printed order.

    Raises:
        InputError: two columns between which there is no way.
    """
    overrides = {override.product: override for override in request.overrides}
    ones: dict[DoseUnit, Fraction] = {}
    found = []
    for product in request.chart.products:
        dose, as_printed = cell_of(request, product)
        if dose is None:
            continue
        share = share_of(
            product,
            dose,
            strength=request.strength,
            headroom_share=target.headroom_share,
            end=request.end,
            override=overrides.get(product.key),
        )
        stop = None
        if dose.until_ec is not None:
            stop, share = _where_a_rule_stops(dose.until_ec, share, target, request.water.reading)
        printed = printed_amount(dose, request.volume, request.spoons, ones)
        amount = printed.poured(share.end, share.value) if printed else None
        nominal = printed.poured(request.end, _WHOLE) if printed and product.is_base else None
        hard_form = request.shelf.of(product.key).hard_form if request.hard_forms else None
        named = replace(product, name=hard_form.name) if hard_form else product
        instead_of = product.name if hard_form else None
        found.append(
            Dosed(named, dose, as_printed, share, printed, amount, nominal, instead_of, stop)
        )
    return found


def _where_a_rule_stops(
    until: Fraction, share: Share, target: Target, source: Reading | None
) -> tuple[Fraction, Share]:
    """Where a rule stops, mS/cm above the water, and the dose printed beside it brought in line.

    The rule counts from the water up. An all-in target is the final reading all the same: where
    the water leaves less than the rule asks for, both shrink to what it leaves.
    """
    asked = until * share.chosen
    if (
        target.convention is not TargetConvention.ALL_IN
        or target.all_in is None
        or source is None
        or asked == 0
    ):
        return asked, replace(share, value=share.chosen)
    left = max(target.total - source.ms_cm, Fraction(0))
    if left >= asked:
        return asked, replace(share, value=share.chosen)
    return left, replace(share, value=share.chosen * left / asked)


def ends_of(item: Dosed) -> tuple[Amount, Amount] | None:
    """The amounts at both ends of a printed range; None for a single value or a rule."""
    if item.printed is None or not item.dose.is_range:
        return None
    return (
        item.printed.poured(End.LOW, item.share.value),
        item.printed.poured(End.HIGH, item.share.value),
    )


def separate(dosed: Sequence[Dosed], target: Target) -> tuple[list[Dosed], tuple[LeftOut, ...]]:
    """What is poured, and what is left out with the reason."""
    poured, left_out = [], []
    for item in dosed:
        if (target.headroom_share == 0 and item.is_feed) or (
            item.stop == 0 and item.dose.until_ec and item.share.chosen > 0
        ):
            left_out.append(LeftOut(item.product, "no_room"))
        elif item.share.value == 0:
            left_out.append(LeftOut(item.product, "override"))
        elif item.amount is not None and item.amount.value == 0 and item.dose.until_ec is None:
            left_out.append(LeftOut(item.product, "zero_dose"))
        else:
            poured.append(item)
    return poured, tuple(left_out)
