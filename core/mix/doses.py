"""How much of each product goes in, before the order is known."""

from collections.abc import Sequence
from dataclasses import dataclass

from core.chart import Dose, Product, Role
from core.mix.request import MixRequest
from core.mix.sheet import LeftOut
from core.quantities import Amount
from core.strength import End, Share, printed_amount, share_of, times
from core.water import Aim


@dataclass(frozen=True, slots=True)
class Dosed:
    """A product with a dose in the column.

    Args:
        product: the row.
        dose: the cell.
        share: the part of the printed dose that goes in.
        amount: how much that is; None for a rule alone.
        nominal: the printed dose at full strength and the mix's end of ranges, for which the
            chart's EC stands; None for a rule alone.
    """

    product: Product
    dose: Dose
    share: Share
    amount: Amount | None
    nominal: Amount | None

    @property
    def is_feed(self) -> bool:
        """Whether an all-in target that leaves no room leaves it out."""
        return self.product.scales or self.product.role is Role.BASE


def doses_of(request: MixRequest, aim: Aim) -> list[Dosed]:
    """Every product that the column doses, in the chart's printed order."""
    overrides = {override.product: override for override in request.overrides}
    found = []
    for product in request.chart.products:
        dose = request.chart.dose(product.key, request.column)
        if dose is None:
            continue
        share = share_of(
            product,
            dose,
            strength=request.strength,
            room=aim.room,
            end=request.end,
            override=overrides.get(product.key),
        )
        printed = printed_amount(dose, request.volume, request.spoons, share.end)
        nominal = printed_amount(dose, request.volume, request.spoons, request.end)
        found.append(Dosed(product, dose, share, times(printed, share.value), nominal))
    return found


def ends_of(item: Dosed, request: MixRequest) -> tuple[Amount, Amount] | None:
    """The amounts at both ends of a printed range; None for a single value or a rule."""
    if not item.dose.is_range:
        return None
    low, high = (
        times(printed_amount(item.dose, request.volume, request.spoons, end), item.share.value)
        for end in (End.LOW, End.HIGH)
    )
    return (low, high) if low and high else None


def separate(dosed: Sequence[Dosed], aim: Aim) -> tuple[list[Dosed], tuple[LeftOut, ...]]:
    """What is poured, and what is left out with the reason."""
    poured, left_out = [], []
    for item in dosed:
        if aim.room == 0 and item.is_feed:
            left_out.append(LeftOut(item.product, "no_room"))
        elif item.share.value == 0:
            left_out.append(LeftOut(item.product, "override"))
        elif item.amount is not None and item.amount.value == 0 and item.dose.until_ec is None:
            left_out.append(LeftOut(item.product, "zero_dose"))
        else:
            poured.append(item)
    return poured, tuple(left_out)
