"""How much of each product goes in, before the order is known."""

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Dose, Product, Role
from core.mix.request import MixRequest
from core.mix.sheet import LeftOut
from core.quantities import Amount, DoseUnit
from core.strength import End, PrintedAmount, Share, printed_amount, share_of
from core.water import Aim


@dataclass(frozen=True, slots=True)
class Dosed:
    """A product with a dose in the column.

    Args:
        product: the row.
        dose: the cell.
        share: the part of the printed dose that goes in.
        printed: the printed dose at full strength; None for a rule alone.
        amount: how much goes in; None for a rule alone.
        nominal: for a base part, the printed dose at the mix's end of ranges, for which the
            chart's EC stands.
    """

    product: Product
    dose: Dose
    share: Share
    printed: PrintedAmount | None
    amount: Amount | None
    nominal: Amount | None

    @property
    def is_feed(self) -> bool:
        """Whether an all-in target that leaves no room leaves it out."""
        return self.product.scales or _is_base(self.product)


_WHOLE = Fraction(1)


def _is_base(product: Product) -> bool:
    return product.role is Role.BASE


def doses_of(request: MixRequest, aim: Aim) -> list[Dosed]:
    """Every product that the column doses, in the chart's printed order."""
    overrides = {override.product: override for override in request.overrides}
    ones: dict[DoseUnit, Fraction] = {}
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
        printed = printed_amount(dose, request.volume, request.spoons, ones)
        amount = printed.poured(share.end, share.value) if printed else None
        nominal = printed.poured(request.end, _WHOLE) if printed and _is_base(product) else None
        found.append(Dosed(product, dose, share, printed, amount, nominal))
    return found


def ends_of(item: Dosed) -> tuple[Amount, Amount] | None:
    """The amounts at both ends of a printed range; None for a single value or a rule."""
    if item.printed is None or not item.dose.is_range:
        return None
    return (
        item.printed.poured(End.LOW, item.share.value),
        item.printed.poured(End.HIGH, item.share.value),
    )


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
