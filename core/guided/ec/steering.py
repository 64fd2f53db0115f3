"""What to do about a reading: the second pour, too weak, too strong, more than was planned."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.guided.ec.slope import Slope


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
    ec_headroom: Fraction = Fraction(0),
    ec_rise: Fraction = Fraction(0),
) -> SecondPour:
    """The rest of the base, from what the first pass was worth in this tank.

    The parts end in the chart's ratio also where one of the first pass went in askew; only what is
    in too much already stays so.

    Args:
        first: what was poured of each part, mL or g.
        whole: printed dose × strength of each part, the cap.
        slope: what the first pass did; None, or no rise, where no reading tells, so that the
            planned rest follows.
        ec_headroom: the rise that the base is still to bring, mS/cm.
        ec_rise: what the whole of them should bring, where labels or the chart tell: none of the
            first pass is in, and the reading leaves room for so much of it.
    """
    poured = {part: first.get(part, Fraction(0)) for part in whole}
    shares = [poured[part] / dose for part, dose in whole.items() if dose]
    wanted = Fraction(1)
    if slope is not None and slope.measured > 0 and any(shares):
        is_in = sum(shares, Fraction(0)) / len(shares)
        wanted = is_in * (1 + max(ec_headroom / slope.measured, Fraction(0)))
    elif slope is not None and ec_rise > 0 and not any(shares):
        wanted = min(max(ec_headroom / ec_rise, Fraction(0)), wanted)

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
        accept_at: the reading to expect of what is in and still to follow, mS/cm; None if nothing
            tells.
        behind: keys of base parts that are in already and cannot follow any more.
    """

    product: str
    poured: Fraction
    planned: Fraction
    dilute_to: Fraction
    accept_at: Fraction | None
    behind: tuple[str, ...] = ()


OVERPOURED = Fraction(2, 100)
"""Past this share it is more than what a vessel's mark rounds: our own default, the share from
which such rounding is shown."""


RATIO_OFF = Fraction(5, 100)
"""Base parts that went in by shares of their doses further apart than this are out of the chart's
ratio: our own default, more than a vessel's mark or two make."""

ODD_TIMES = 2
"""Times what was asked for: who tells of more may have mistyped it; our own default, below the ten
times of a digit too many."""


class Verdict(StrEnum):
    """What a reading of EC says.

    Unmoved: it hardly rose by what went in. Odd: it rose by much more or less than expected.
    Untold: it reads as if what was left out were in. Beyond the dose: it asks for more than printed
    dose × strength; beyond the usual, for more than the label, or such feed, takes. Water too
    strong: the water alone reads more than the target, so that no draining helps. Too many rounds:
    corrections end here.
    """

    RIGHT = "right"
    WEAK = "weak"
    STRONG = "strong"
    UNMOVED = "ec_unmoved"
    ODD = "ec_odd"
    UNTOLD = "ec_untold"
    BEYOND_DOSE = "beyond_dose"
    BEYOND_USUAL = "beyond_usual"
    RATIO_OFF = "ratio_off"
    WATER_TOO_STRONG = "water_too_strong"
    WATER_STRONGER = "water_stronger"
    WATER_WEAKER = "water_weaker"
    TOO_MANY_ROUNDS = "too_many_rounds"


@dataclass(frozen=True, slots=True)
class Correction:
    """The way from a reading to the target.

    Args:
        verdict: what the reading says.
        drain_l: litres to drain and fill with source water, where it is too strong.
    """

    verdict: Verdict
    drain_l: Fraction = Fraction(0)


@dataclass(frozen=True, slots=True)
class Offer:
    """More than printed dose × strength, for whoever wants it on purpose.

    Args:
        add: mL or g of each product.
        of_dose: the share of printed dose × strength that would then be in the tank, 1 for all.
        reading: what the tank would read then, mS/cm.
    """

    add: Mapping[str, Fraction]
    of_dose: Mapping[str, Fraction]
    reading: Fraction


def correct(
    reading: Fraction,
    *,
    low: Fraction,
    high: Fraction,
    source: Fraction,
    litres: Fraction,
    resolution: Fraction,
) -> Correction:
    """What to do about a reading after the feed.

    Args:
        reading: what the pen shows, mS/cm.
        low, high: the target band.
        source: the water's reading.
        litres: in the tank.
        resolution: what the pen can tell apart; a single target is as wide as that.

    >>> tank = dict(low=Fraction(1), high=Fraction(1), source=Fraction(0), litres=Fraction(100))
    >>> float(correct(Fraction(5, 4), **tank, resolution=Fraction(1, 100)).drain_l)
    20.0
    """
    if reading > high + resolution:
        if source > high:
            return Correction(Verdict.WATER_TOO_STRONG)
        # V × (reading − target) / (reading − source): common practice.
        share = (reading - (low + high) / 2) / (reading - source)
        return Correction(Verdict.STRONG, drain_l=litres * min(share, Fraction(1)))
    if reading < low - resolution:
        return Correction(Verdict.WEAK)
    return Correction(Verdict.RIGHT)


def more_of_base(
    shares: Mapping[str, Fraction], ec_rises: Mapping[str, Fraction], wanted: Fraction
) -> dict[str, Fraction]:
    """By which share of its dose to top up each base part, so that the reading rises by so much.

    Parts that lag behind the others catch up first; then all rise together, in the chart's ratio.

    Args:
        shares: of each part's dose that is in.
        ec_rises: mS/cm that a whole dose of each is worth in this tank.
        wanted: mS/cm that are missing.

    >>> half = {"one": Fraction(1), "two": Fraction(1, 2)}
    >>> found = more_of_base(half, {"one": Fraction(1), "two": Fraction(1)}, Fraction(3, 2))
    >>> {part: str(share) for part, share in found.items()}
    {'one': '1/2', 'two': '1'}
    """
    top = max(shares.values(), default=Fraction(0))
    lag = {part: top - share for part, share in shares.items()}
    catching_up = sum((lag[part] * ec_rises[part] for part in shares), Fraction(0))
    if catching_up > 0 and wanted <= catching_up:
        return {part: lag[part] * wanted / catching_up for part in shares}
    together = sum((ec_rises[part] for part in shares), Fraction(0))
    if together <= 0:
        return dict.fromkeys(shares, Fraction(0))
    more = max(wanted - catching_up, Fraction(0)) / together
    return {part: lag[part] + more for part in shares}
