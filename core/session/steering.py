"""What to do about a reading: the second pour, too weak, too strong, pouring until a reading."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

SLOPE_OFF = Fraction(15, 100)
"""A slope further off than this has a cause worth looking for: common practice."""

CAUSES = ("volume", "gallon", "not_shaken", "mixed_up", "meter")
"""Likely causes of a slope that is off, in the order in which to check them: common practice."""

UNMOVED_CAUSES = ("meter", "not_stirred", "gallon", "mixed_up")
"""Likely causes of a reading that hardly moves at all, in the order in which to check them: a pen
that is not in the water, and litres for gallons, do most (our own default)."""


@dataclass(frozen=True, slots=True)
class Slope:
    """How many mS/cm what was poured so far was worth, beside what was expected of it.

    Args:
        measured: the rise that was read, mS/cm.
        expected: the rise that was expected.
    """

    measured: Fraction
    expected: Fraction

    @property
    def off(self) -> Fraction | None:
        """By which share the rise was off; None where none was expected."""
        return (self.measured - self.expected) / self.expected if self.expected > 0 else None

    @property
    def is_odd(self) -> bool:
        """Whether a cause is worth looking for."""
        return self.off is not None and abs(self.off) > SLOPE_OFF


@dataclass(frozen=True, slots=True)
class SecondPour:
    """What to pour in the second pass.

    Args:
        amounts: by product, never past printed dose × strength.
        beyond: by product, what the reading asks for where that is more; else empty.
    """

    amounts: Mapping[str, Fraction]
    beyond: Mapping[str, Fraction]

    @property
    def capped(self) -> bool:
        """Whether the reading asks for more than printed dose × strength."""
        return bool(self.beyond)


def second_pour(
    first: Mapping[str, Fraction],
    whole: Mapping[str, Fraction],
    *,
    slope: Slope | None = None,
    room: Fraction = Fraction(0),
) -> SecondPour:
    """The rest of the base, from what the first pass was worth in this tank.

    The parts end in the chart's ratio also where one of the first pass went in askew; only what is
    in too much already stays so.

    Args:
        first: what was poured of each part, mL or g.
        whole: printed dose × strength of each part, the cap.
        slope: what the first pass did; None, or no rise, where no reading tells, so that the
            planned rest follows.
        room: the rise that the base is still to bring, mS/cm.
    """
    poured = {part: first.get(part, Fraction(0)) for part in whole}
    shares = [poured[part] / dose for part, dose in whole.items() if dose]
    wanted = Fraction(1)
    if slope is not None and slope.measured > 0 and any(shares):
        is_in = sum(shares, Fraction(0)) / len(shares)
        wanted = is_in * (1 + max(room / slope.measured, Fraction(0)))

    def rest(share: Fraction) -> dict[str, Fraction]:
        return {p: max(dose * share - poured[p], Fraction(0)) for p, dose in whole.items()}

    return SecondPour(rest(min(wanted, Fraction(1))), rest(wanted) if wanted > 1 else {})


@dataclass(frozen=True, slots=True)
class WayOut:
    """What can be done when more went in than printed dose × strength.

    Args:
        product: its key.
        poured, planned: mL or g of it in all.
        dilute_to: litres at which it is as planned again; the other parts of a base follow it.
        accept_at: the reading to expect if the mix is left so, mS/cm; None if nothing tells.
    """

    product: str
    poured: Fraction
    planned: Fraction
    dilute_to: Fraction
    accept_at: Fraction | None


OVERPOURED = Fraction(2, 100)
"""Past this share it is more than what a vessel's mark rounds: our own default."""


PEN_STEP = Fraction(1, 100)
"""mS/cm that a pen can tell apart: common practice."""

PEN_SWAY = 5 * PEN_STEP
"""mS/cm within which a pen, a mark and a mixing tank may differ: our own default."""

ODD_TIMES = 2
"""Times what was asked for: who tells of more may have mistyped it; our own default."""

HARDLY = Fraction(1, 4)
"""Where all that the chart tells is in, or a correction was made, and less than this share of its
way shows, going on would be blind: our own default."""


def follows(slope: Slope) -> bool:
    """Whether a reading went along with a correction, as far as a pen can tell."""
    short = abs(slope.expected - slope.measured)
    return short <= PEN_SWAY or slope.measured / slope.expected >= HARDLY


class Verdict(StrEnum):
    """What a reading after the feed says.

    It is unmoved where it does not follow what was done. No draining helps against a water that
    reads more than the target itself. After so many rounds it is left alone.
    """

    RIGHT = "right"
    WEAK = "weak"
    STRONG = "strong"
    UNMOVED = "ec_unmoved"
    WATER_TOO_STRONG = "water_too_strong"
    TOO_MANY_ROUNDS = "too_many_rounds"


@dataclass(frozen=True, slots=True)
class Correction:
    """The way from a reading to the target.

    Args:
        verdict: what the reading says.
        drain_l: litres to drain and fill with source water, where it is too strong.
        add: mL or g of each base part, where it is too weak.
    """

    verdict: Verdict
    drain_l: Fraction = Fraction(0)
    add: Mapping[str, Fraction] | None = None


def correct(
    reading: Fraction,
    *,
    low: Fraction,
    high: Fraction,
    source: Fraction,
    litres: Fraction,
    poured: Mapping[str, Fraction],
    rise: Fraction,
    resolution: Fraction,
) -> Correction:
    """What to do about a reading after the feed.

    Args:
        reading: what the pen shows, mS/cm.
        low, high: the target band.
        source: the water's reading.
        litres: in the tank.
        poured: mL or g of each base part that is in it.
        rise: mS/cm that those brought.
        resolution: what the pen can tell apart; a single target is as wide as that.

    >>> tank = dict(low=Fraction(1), high=Fraction(1), source=Fraction(0), litres=Fraction(100))
    >>> none = dict(poured={}, rise=Fraction(1), resolution=Fraction(1, 100))
    >>> float(correct(Fraction(5, 4), **tank, **none).drain_l)
    20.0
    """
    aim = (low + high) / 2
    if reading > high + resolution:
        if source > high:
            return Correction(Verdict.WATER_TOO_STRONG)
        # V × (reading − target) / (reading − source): common practice.
        share = (reading - aim) / (reading - source)
        return Correction(Verdict.STRONG, drain_l=litres * min(share, Fraction(1)))
    if reading < low - resolution:
        if rise <= max((aim - source) * HARDLY, Fraction(0)) or not any(poured.values()):
            return Correction(Verdict.UNMOVED)
        share = (aim - reading) / rise
        more = {part: amount * share for part, amount in poured.items() if amount}
        return Correction(Verdict.WEAK, add=more)
    return Correction(Verdict.RIGHT)


FIRST_PORTION = Fraction(6, 10)
NEXT_PORTION = Fraction(9, 10)
"""Shares of what is still wanted that are poured at a time, sneaking up: our own default."""

UNKNOWN_PORTION = Fraction(1, 4)
"""mL or g per litre of a product of which nothing tells how much: our own default."""

MOST_GROWTH = 4
"""How many times what is in already a next portion may be, where nothing tells how much."""


def portion_until(
    *,
    estimate: Fraction | None,
    litres: Fraction,
    poured: Fraction,
    rise: Fraction,
    room: Fraction,
) -> Fraction:
    """The next portion of a product that is poured until a reading; mL or g.

    0 where nothing is wanted any more, or where the reading hardly rises with what is poured.

    Args:
        estimate: about how much in all, where the chart tells.
        litres: in the tank.
        poured: how much is in already.
        rise: mS/cm that it brought.
        room: mS/cm that are still wanted.
    """
    if room <= 0:
        return Fraction(0)
    whole = litres * UNKNOWN_PORTION if estimate is None else estimate
    if poured == 0:
        return whole * FIRST_PORTION
    tells = rise > PEN_STEP
    wanted = room * poured / rise * NEXT_PORTION if tells else poured
    if estimate is None:
        return min(wanted, poured * MOST_GROWTH)
    # What a vessel's mark rounded off is no portion.
    if poured >= estimate * (1 - OVERPOURED) and rise < (rise + room) * HARDLY:
        return Fraction(0)
    return min(wanted, estimate if tells else max(estimate - poured, Fraction(0)))
