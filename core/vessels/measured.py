"""How an amount is measured: the one place that rounds."""

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache

from core.quantities import Amount, AmountUnit
from core.vessels.measuring_vessels import USUAL_VESSELS, Vessel
from core.vessels.split import FARTHEST, TOLERANCE, Splitter

WORTH_SHOWING = Fraction(2, 100)
"""An error from rounding above this share of the dose is shown: common practice."""

CUP = Fraction(250)
"""mL: a dilution is worth its trouble as long as it is poured from a cup, our own default."""

JUG = Fraction(1000)
"""mL: nobody mixes more than a jug to pour a little of it, our own default."""

_MARKS = ((10, 25), (3, 10), (1, 3), (1, 1))
"""Marks of the product and of the pour that are wanted: of the first, half a mark, as near as one
reads, is 2 % of the pour; where that is more than a jug, the next."""


@dataclass(frozen=True, slots=True)
class Fill:
    """One vessel, filled to a level (mL or g) so many times."""

    vessel: Vessel
    level: Fraction
    times: int = 1


@dataclass(frozen=True, slots=True)
class Predilution:
    """What is mixed in a cup first, so that enough can be measured of it.

    Args:
        product: how much of the product goes into the cup.
        water: how much tank water is in the cup already.
        pour: how much of the dilution goes into the tank.
        drawn: the vessels that draw the neat product.
    """

    product: Amount
    water: Amount
    pour: Amount
    drawn: tuple[Vessel, ...] = ()


@dataclass(frozen=True, slots=True)
class Measured:
    """How an amount is measured.

    Args:
        amount: what the fills come to: the amount rounded to the vessels' marks; of the dilution,
            if there is one.
        fills: the vessels, the largest first; none where no vessel can show it.
        error: how much of the dose is poured too much, as a share of it; below 0 too little.
        dilute: what to mix first, where the amount is below the finest mark, or where rounding
            would show and a cup of the dilution does not.
    """

    amount: Amount
    fills: tuple[Fill, ...]
    error: Fraction = Fraction(0)
    dilute: Predilution | None = None

    @property
    def is_off(self) -> bool:
        """Whether the error is worth showing."""
        return abs(self.error) > WORTH_SHOWING


@lru_cache(maxsize=256)
def _splitter(vessels: tuple[Vessel, ...]) -> Splitter:
    return Splitter([(vessel.capacity, vessel.mark) for vessel in vessels])


def _able(vessels: Sequence[Vessel], unit: AmountUnit) -> tuple[Vessel, ...]:
    """The vessels that measure in a unit; the usual ones where the grower has none."""
    mine = tuple(vessel for vessel in vessels if vessel.unit is unit)
    return mine or tuple(vessel for vessel in USUAL_VESSELS if vessel.unit is unit)


@lru_cache(maxsize=4096)
def measure(
    amount: Amount, vessels: tuple[Vessel, ...] = USUAL_VESSELS, product: str | None = None
) -> Measured:
    """Split an amount over vessels, diluting it first if it is too little for all of them.

    A cup that is marked for just this amount of just this product goes before all others, and is
    never taken for anything else.

    >>> [float(fill.level) for fill in measure(Amount(Fraction(680), AmountUnit.ML)).fills]
    [650.0, 30.0]
    """
    cups = [
        vessel for vessel in vessels if vessel.product is not None and vessel.product == product
    ]
    for cup in cups:
        if _is_marked_for(cup, amount):
            error = (cup.capacity - amount.value) / amount.value
            return Measured(Amount(cup.capacity, amount.unit), (Fill(cup, cup.capacity),), error)
    return _by_usual_vessels(amount, vessels)


def _by_usual_vessels(amount: Amount, vessels: tuple[Vessel, ...]) -> Measured:
    """By vessels that are marked for no product, diluted first where that is nearer."""
    vessels = tuple(one for one in vessels if one.product is None)
    able, liquid = _able(vessels, amount.unit), _able(vessels, AmountUnit.ML)
    neat = _fills(amount, able)
    below = 0 < amount.value < min(vessel.mark for vessel in able)
    if not below and not neat.is_off:
        return neat
    diluted = _diluted(amount, able, liquid)
    if diluted is None or below:
        return diluted or neat
    assert diluted.dilute is not None
    is_cup = diluted.dilute.pour.value <= CUP
    return diluted if is_cup and abs(diluted.error) < abs(neat.error) else neat


def _is_marked_for(cup: Vessel, amount: Amount) -> bool:
    """Whether a cup's mark stands for an amount: within what counts as no error."""
    off = abs(cup.capacity - amount.value)
    return cup.unit is amount.unit and off <= min(amount.value * TOLERANCE, FARTHEST)


def _diluted(
    amount: Amount, able: tuple[Vessel, ...], liquid: tuple[Vessel, ...]
) -> Measured | None:
    """The same poured as a dilution; None where nobody would mix so much of one."""
    dilute = _predilution(amount, able, liquid)
    if dilute is None:
        return None
    poured = _fills(dilute.pour, liquid)
    return Measured(poured.amount, poured.fills, poured.error, dilute)


def _fills(amount: Amount, able: tuple[Vessel, ...]) -> Measured:
    splitter = _splitter(able)
    uses = splitter.split(amount.value) if amount.value else []
    fills: list[Fill] = []
    total = Fraction(0)
    for index, marks in uses:
        vessel, level = able[index], marks * splitter.unit
        capacity = vessel.capacity // vessel.mark * vessel.mark
        full, rest = divmod(level, capacity)
        if full:
            fills.append(Fill(vessel, capacity, int(full)))
        if rest:
            fills.append(Fill(vessel, rest))
        total += level
    fills.sort(key=lambda fill: -fill.level)
    error = (total - amount.value) / amount.value if amount.value else Fraction(0)
    return Measured(Amount(total, amount.unit), tuple(fills), error)


def _predilution(
    amount: Amount, able: tuple[Vessel, ...], liquid: tuple[Vessel, ...]
) -> Predilution | None:
    """1 part in 10, or where that is too little still 1 in 100 and so on; enough for the pour.

    None where that takes more than a jug.
    """
    finest, finest_pour = (min(vessel.mark for vessel in those) for those in (able, liquid))
    for marks, pour_marks in _MARKS:
        factor = 10 if amount.unit is AmountUnit.ML else 100
        while amount.value * factor < pour_marks * finest_pour:
            factor *= 10
        pour = Amount(amount.value * factor, AmountUnit.ML)
        product = marks * finest
        while product * factor < pour.value:
            product *= 2
        # A weighed salt adds next to nothing to the water; a liquid takes its own place in it.
        water = product * (factor if amount.unit is AmountUnit.G else factor - 1)
        if product * factor <= JUG:
            neat = Amount(product, amount.unit)
            drawn = tuple(dict.fromkeys(fill.vessel for fill in _fills(neat, able).fills))
            return Predilution(neat, Amount(water, AmountUnit.ML), pour, drawn)
    return None
