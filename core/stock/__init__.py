"""Several bottles of one product: which is taken first, what is drawn from each, what lasts."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.limits import EARLIEST_DAY, LATEST_DAY

MOST_SHELF_LIFE_DAYS = 3650
"""No bottle of feed is good for more than ten years."""

SOON_DAYS = 14
"""Days ahead of which a bottle that ends, or goes off, is told of: an order takes a week or two
(common practice)."""

PACE_DAYS = 30
"""Days of use from which the pace is computed: a few change-outs of a tank (common practice)."""


@dataclass(frozen=True, slots=True)
class Bottle:
    """A bottle, jar or bag as it stands on the shelf.

    Args:
        key: which it is.
        left: mL or g in it.
        received, opened: when; None where nobody told.
        best_before: as printed on it.
        keeps_days: how long it is good once it is opened, as its label says.
    """

    key: str
    left: Fraction
    received: date | None = None
    opened: date | None = None
    best_before: date | None = None
    keeps_days: int | None = None

    def __post_init__(self) -> None:
        for name in ("received", "opened", "best_before"):
            day = getattr(self, name)
            if day is not None and not EARLIEST_DAY <= day <= LATEST_DAY:
                raise InputError(
                    "day_beyond_reason.opened", name, first=EARLIEST_DAY.year, last=LATEST_DAY.year
                )
        if self.left < 0:
            raise InputError("left_out_of_range", "left")
        if self.keeps_days is not None and not 0 < self.keeps_days <= MOST_SHELF_LIFE_DAYS:
            raise InputError(
                "days_out_of_range.keeps_days",
                "keeps_days",
                most_shelf_life_days=MOST_SHELF_LIFE_DAYS,
            )

    @property
    def good_until(self) -> date | None:
        """The last day on which it is good: the sooner of its print and its days since opening."""
        days = []
        if self.best_before is not None:
            days.append(self.best_before)
        if self.opened is not None and self.keeps_days is not None:
            days.append(self.opened + timedelta(days=self.keeps_days))
        return min(days, default=None)

    def state(self, today: date) -> "BottleState":
        """What to mind about it on a day."""
        if not self.left:
            return BottleState.EMPTY
        good = self.good_until
        if good is None or good > today + timedelta(days=SOON_DAYS):
            return BottleState.GOOD
        return BottleState.SOON_OFF if good >= today else BottleState.OFF


class BottleState(StrEnum):
    """Whether a bottle is to be used: off is past its last good day."""

    GOOD = "good"
    SOON_OFF = "soon_off"
    OFF = "off"
    EMPTY = "empty"


def oldest_first(bottles: Iterable[Bottle]) -> list[Bottle]:
    """Bottles in the order in which they are used up: opened before closed, then the first to go
    off, then the first that came. What is empty comes last."""

    def age(bottle: Bottle) -> tuple[object, ...]:
        return (
            not bottle.left,
            bottle.opened is None,
            bottle.good_until or date.max,
            bottle.opened or date.max,
            bottle.received or date.max,
        )

    return sorted(bottles, key=age)


@dataclass(frozen=True, slots=True)
class Drawn:
    """What is drawn: mL or g by bottle, in the order of use, and what no bottle had."""

    amounts: tuple[tuple[str, Fraction], ...]
    short: Fraction


def draw(bottles: Iterable[Bottle], amount: Fraction) -> Drawn:
    """Draw an amount, the oldest bottle first."""
    amounts, rest = [], amount
    for bottle in oldest_first(bottles):
        taken = min(bottle.left, rest)
        if taken > 0:
            amounts.append((bottle.key, taken))
            rest -= taken
    return Drawn(tuple(amounts), rest)


def days_left(left: Fraction, used: Sequence[tuple[date, Fraction]], today: date) -> int | None:
    """For how many days what is left will last at the pace of the last `PACE_DAYS`.

    Args:
        left: mL or g.
        used: what was used, and when; what is older counts for nothing.
        today: the day.

    Returns:
        Whole days, rather too few than too many; None where of at most one day nothing follows.
    """
    recent = [(on, amount) for on, amount in used if 0 <= (today - on).days < PACE_DAYS]
    if len({on for on, _ in recent}) < 2:
        return None
    begun = max((today - on).days for on, _ in recent)
    total = sum((amount for _, amount in recent), Fraction(0))
    return int(left * begun / total) if total > 0 and begun else None
