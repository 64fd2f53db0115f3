"""How much of the printed dose goes in: strength, end of a range, and per-product wishes."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.chart import Dose, Product
from core.errors import InputError
from core.limits import HIGHEST_STRENGTH
from core.quantities import Amount, AmountUnit, DoseUnit, Spoons, Volume
from core.quantities.units import amount_of_one


def check_strength(strength: Fraction) -> None:
    """Refuse what is no strength of a mix.

    Raises:
        InputError: it is nothing, below nothing, or above `HIGHEST_STRENGTH`.
    """
    if not 0 < strength <= HIGHEST_STRENGTH:
        raise InputError(
            "strength_out_of_range.whole", "strength", highest_strength=HIGHEST_STRENGTH * 100
        )


class End(StrEnum):
    """Which end of a printed range to pour: seedlings take the low one, grown plants the high."""

    LOW = "low"
    MIDDLE = "middle"
    HIGH = "high"

    def of(self, low: Fraction, high: Fraction) -> Fraction:
        """That end of a range."""
        match self:
            case End.LOW:
                return low
            case End.HIGH:
                return high
            case End.MIDDLE:
                return (low + high) / 2


@dataclass(frozen=True, slots=True)
class Override:
    """What the grower wants otherwise for one product.

    Args:
        product: its key.
        strength: share of its printed dose, in place of the mix's strength; 0 leaves it out.
        end: which end of its range, in place of the mix's.
    """

    product: str
    strength: Fraction | None = None
    end: End | None = None


@dataclass(frozen=True, slots=True)
class Share:
    """What part of its printed dose a product gets.

    Args:
        value: the part.
        chosen: the same before the water took its room.
        end: the end of its range.
        why: reason codes: `override`, `scaled`, `not_scaled`, `room_left_by_water`, `range_low`,
            `range_middle`, `range_high`.
    """

    value: Fraction
    chosen: Fraction
    end: End
    why: tuple[str, ...]


def share_of(
    product: Product,
    dose: Dose,
    *,
    strength: Fraction,
    headroom_share: Fraction,
    end: End,
    override: Override | None = None,
) -> Share:
    """The part of its printed dose that a product gets.

    Args:
        product: the row.
        dose: its cell.
        strength: the mix's share of the printed doses.
        headroom_share: the further share that the water leaves under an all-in target; 1 elsewhere.
        end: the mix's end of ranges.
        override: what the grower wants otherwise for this product.
    """
    why: list[str] = []
    if override and override.strength is not None:
        value = override.strength
        why.append("override")
    else:
        value = strength if product.scales else Fraction(1)
        why.append("scaled" if product.scales else "not_scaled")
    chosen = value
    if product.scales and headroom_share != 1:
        value *= headroom_share
        why.append("room_left_by_water")
    its_end = override.end if override and override.end else end
    if dose.is_range:
        why.append(f"range_{its_end}")
    return Share(value, chosen, its_end, tuple(why))


@dataclass(frozen=True, slots=True)
class PrintedAmount:
    """A printed dose in the mix's volume, at full strength; low equals high for a single value."""

    low: Fraction
    high: Fraction
    unit: AmountUnit

    def poured(self, end: End, share: Fraction) -> Amount:
        """That end of it, times a share."""
        value = self.low if self.low == self.high else end.of(self.low, self.high)
        return Amount(value * share, self.unit)


def printed_amount(
    dose: Dose, volume: Volume, spoons: Spoons, ones: dict[DoseUnit, Fraction]
) -> PrintedAmount | None:
    """The printed dose in that volume at full strength; None for a rule alone.

    Args:
        dose: the cell.
        volume: all the water.
        spoons: which spoons the chart means.
        ones: what a dose of 1 comes to, by unit; filled as units are met.
    """
    if dose.low is None or dose.high is None or dose.unit is None:
        return None
    if dose.unit not in ones:
        ones[dose.unit] = amount_of_one(dose.unit, volume, spoons)
    one = ones[dose.unit]
    low = dose.low * one
    return PrintedAmount(low, dose.high * one if dose.is_range else low, dose.unit.amount_unit)
