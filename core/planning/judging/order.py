"""Cautions about the order."""

from collections.abc import Iterator, Sequence
from fractions import Fraction

from core.cautions import Caution
from core.chart import Product, Role
from core.messages import Figure, Message
from core.planning.judging.judging_input import JudgingInput, keys, names
from core.planning.tank import choose_acid


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What the order gives to mind."""
    moved = [place.product for place in given.places if place.moved]
    if moved:
        yield Caution(Message("printed_order_changed", moved=names(moved)), products=keys(moved))
    yield from _live(given)


def _live(given: JudgingInput) -> Iterator[Caution]:
    live = given.poured(Role.LIVE)
    if not live:
        return
    order = [place.product for place in given.places]
    if _meets_acid(given, order[min(order.index(product) for product in live) :]):
        yield Caution(Message("live_before_acid", live=names(live)), products=keys(live))
    oxidisers = [product for product in order if product.oxidiser]
    if oxidisers:
        yield Caution(
            Message("live_with_oxidiser", oxidisers=names(oxidisers), live=names(live)),
            products=keys([*oxidisers, *live]),
        )


def _meets_acid(given: JudgingInput, from_live_on: Sequence[Product]) -> bool:
    """Whether acid goes in after the first live culture, by dose or where pH is adjusted."""
    if any(product.role is Role.PH_ADJUSTER for product in from_live_on):
        return True
    early = any(product.role is not Role.LIVE for product in from_live_on)
    return early and _takes_acid(given)


def _takes_acid(given: JudgingInput) -> bool:
    """Whether acid is expected; where pH is not known beforehand, whether any is at hand."""
    tank = given.in_tank
    if tank is not None and tank.ph is not None:
        return tank.acid is not None
    settles = any(pour.product.settles for pour in given.pours)
    return not settles and choose_acid(given.request, given.column.stage) is not None


def times_over(times: float) -> Figure:
    """How many times saturated, to one figure or two: at such strengths the model is rough."""
    if times < 10:
        places = 0 if times >= 2 else 1
        return Figure(Fraction(f"{times:.{places}f}"), places)
    digits = len(str(int(times))) - 1
    return Figure(Fraction(round(times / 10**digits) * 10**digits), 0)
