"""Cautions about the order."""

from collections.abc import Iterator, Sequence

from core.cautions import Caution
from core.chart import Product, Role
from core.chemistry import Mineral
from core.planning.judging.judging_input import JudgingInput, keys, names
from core.planning.tank import choose_acid

MINERAL_WORDS = {
    Mineral.GYPSUM: "gypsum",
    Mineral.CALCIUM_PHOSPHATE: "calcium phosphate",
    Mineral.CALCITE: "lime",
}


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What the order gives to mind."""
    moved = [place.product for place in given.places if place.moved]
    if moved:
        yield Caution(
            "printed_order_changed",
            f"{names(moved)}: moved from the printed place, because the printed order would let "
            "products spoil each other; the reason stands at the pour.",
            products=keys(moved),
        )
    yield from _live(given)


def _live(given: JudgingInput) -> Iterator[Caution]:
    live = given.poured(Role.LIVE)
    if not live:
        return
    order = [place.product for place in given.places]
    if _meets_acid(given, order[min(order.index(product) for product in live) :]):
        yield Caution(
            "live_before_acid",
            f"{names(live)} would meet the acid that is still to come, and much of it dies: pour "
            "it last, after pH, unless the chart insists.",
            products=keys(live),
        )
    oxidisers = [product for product in order if product.oxidiser]
    if oxidisers:
        yield Caution(
            "live_with_oxidiser",
            f"{names(oxidisers)} kills {names(live)} in the same tank: give one of them now, and "
            "the cultures not before the oxidiser is used up; its label says how long.",
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


def number_text_of(times: float) -> str:
    """How many times saturated, to one figure or two: at such strengths the model is rough."""
    if times < 10:
        return f"{times:.0f}" if times >= 2 else f"{times:.1f}"
    digits = len(str(int(times))) - 1
    return str(round(times / 10**digits) * 10**digits)
