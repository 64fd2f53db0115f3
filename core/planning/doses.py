"""How much of each product goes in, before the order is known."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from enum import StrEnum
from fractions import Fraction

from core.chart import Column, Dose, Product
from core.chart.between import column_between, dose_between
from core.chart.strength import End, PrintedAmount, Share, printed_amount, share_of
from core.planning.request import MixRequest
from core.quantities import Amount, DoseUnit, Reading, Volume
from core.quantities.units import amount_of_one
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


class WhyLeftOut(StrEnum):
    """The grower's own wish; a printed 0; or water that leaves no room for feed."""

    OVERRIDE = "override"
    ZERO_DOSE = "zero_dose"
    NO_ROOM = "no_room"


@dataclass(frozen=True, slots=True)
class LeftOut:
    """A dosed product that is not poured, with the reason."""

    product: Product
    why: WhyLeftOut


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
    ones: dict[DoseUnit, Fraction] = {}
    cells = ((product, *cell_of(request, product)) for product in request.chart.products)
    return [
        _dosed(request, target, product, dose, as_printed, ones)
        for product, dose, as_printed in cells
        if dose is not None
    ]


def _dosed(  # noqa: PLR0917 -- a cell, and all that it stands in
    request: MixRequest,
    target: Target,
    product: Product,
    dose: Dose,
    as_printed: str,
    ones: dict[DoseUnit, Fraction],
) -> Dosed:
    override = next((one for one in request.overrides if one.product == product.key), None)
    share = share_of(
        product,
        dose,
        strength=request.strength,
        headroom_share=target.headroom_share,
        end=request.end,
        override=override,
    )
    stop = None
    if dose.until_ec is not None:
        stop, share = _where_a_rule_stops(dose.until_ec, share, target, request.water.reading)
    printed = printed_amount(dose, request.volume, request.spoons, ones)
    hard_form = request.shelf.of(product.key).hard_form if request.hard_forms else None
    return Dosed(
        product=replace(product, name=hard_form.name) if hard_form else product,
        dose=dose,
        as_printed=as_printed,
        share=share,
        printed=printed,
        amount=printed.poured(share.end, share.value) if printed else None,
        nominal=printed.poured(request.end, _WHOLE) if printed and product.is_base else None,
        instead_of=product.name if hard_form else None,
        stop=stop,
    )


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
    reasons = [(item, _left_out(item, target)) for item in dosed]
    poured = [item for item, why in reasons if why is None]
    return poured, tuple(LeftOut(item.product, why) for item, why in reasons if why is not None)


def _left_out(item: Dosed, target: Target) -> WhyLeftOut | None:
    """Why a dosed product is not poured; None where it is."""
    # The reasons in the order in which they count, each of which ends the search.
    by_rule = item.dose.until_ec is not None
    stopped = by_rule and bool(item.dose.until_ec) and item.stop == 0 and item.share.chosen > 0
    if stopped or (target.headroom_share == 0 and item.is_feed):
        return WhyLeftOut.NO_ROOM
    if item.share.value == 0:
        return WhyLeftOut.OVERRIDE
    nothing = item.amount is not None and item.amount.value == 0
    return WhyLeftOut.ZERO_DOSE if nothing and not by_rule else None
