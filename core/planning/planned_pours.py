"""The steps of a mix in order: what goes in at each, the base in one pass or in two."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.order import Place
from core.planning.doses import Dosed
from core.quantities import Amount


class Pass(StrEnum):
    """Whether a pour is all of a product, or the first or second pass of a split base."""

    WHOLE = "whole"
    FIRST = "first"
    SECOND = "second"


FIRST_SHARE = Fraction(4, 5)
"""The careful put in 80 % of the base, read, then the rest: common practice."""


@dataclass(frozen=True, slots=True)
class PlannedPour:
    """One pour to come.

    Args:
        place: where its product stands, and why.
        item: its dose.
        amount: how much of it this pour is; None for a rule alone.
        turn: which pass it is.
        read_before: whether the pen is read before it.
    """

    place: Place
    item: Dosed
    amount: Amount | None
    turn: Pass = Pass.WHOLE
    read_before: bool = False

    @property
    def by_reading(self) -> bool:
        """Whether a reading decides how much goes in."""
        return self.item.dose.until_ec is not None


def _splits(item: Dosed) -> bool:
    base = item.product.is_base
    return base and item.amount is not None and item.dose.until_ec is None


def planned_pours(
    places: Sequence[Place], items: Mapping[str, Dosed], *, split: bool
) -> list[PlannedPour]:
    """The pours in order; of a split base the second pass follows its last part.

    Args:
        places: the mixing order.
        items: the doses by product.
        split: whether the base goes in as two passes with a reading between them.
    """
    steps: list[PlannedPour] = []
    rest: list[PlannedPour] = []
    last = max(
        (at for at, place in enumerate(places) if split and _splits(items[place.product.key])),
        default=-1,
    )
    for at, place in enumerate(places):
        item = items[place.product.key]
        if not split or not _splits(item) or item.amount is None:
            steps.append(PlannedPour(place, item, item.amount))
        else:
            first = Amount(item.amount.value * FIRST_SHARE, item.amount.unit)
            second = Amount(item.amount.value - first.value, item.amount.unit)
            steps.append(PlannedPour(place, item, first, Pass.FIRST))
            rest.append(PlannedPour(place, item, second, Pass.SECOND, read_before=not rest))
        if at == last:
            steps += rest
    return steps
