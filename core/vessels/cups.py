"""The cup in which acid or alkali is diluted before it goes into a tank."""

from dataclasses import dataclass
from fractions import Fraction

from core.quantities import Amount, AmountUnit
from core.vessels.measured import Measured

CUP_WATER = 9
"""Parts of water for each part of acid: diluted 1 to 10, common practice."""

LEAST_CUP_ML = Fraction(50)
"""mL of water in a cup for a few drops of acid: less is not poured well, our own default."""


@dataclass(frozen=True, slots=True)
class Cup:
    """A portion of acid or alkali as it is poured.

    Args:
        goes_in: how much of it the vessels show; of what is measured by a dilution, what was asked.
        water: tank water that it is diluted in.
        in_all: what is in the cup then.
        premixed: whether the vessels measure a dilution, so that no second cup is needed.
    """

    goes_in: Amount
    water: Amount
    in_all: Amount
    premixed: bool


def cup_for(amount: Amount, measured: Measured) -> Cup:
    """The cup for one portion.

    Args:
        amount: mL or g that are asked for.
        measured: how that is measured.
    """
    if measured.dilute is not None:
        pour = measured.dilute.pour
        solid = amount.unit is AmountUnit.G
        return Cup(amount, _ml(pour.value if solid else pour.value - amount.value), pour, True)
    goes_in = measured.amount if measured.fills else amount
    water = max(goes_in.value * CUP_WATER, LEAST_CUP_ML)
    liquid = goes_in.value if goes_in.unit is AmountUnit.ML else Fraction(0)
    return Cup(goes_in, _ml(water), _ml(water + liquid), False)


def _ml(value: Fraction) -> Amount:
    return Amount(value, AmountUnit.ML)
