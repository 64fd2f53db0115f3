"""The living programme's three days as steps at the bench: what goes into the bucket, and when.

Common practice: molasses stand in open water for a day, with the inoculant for another, air all the
while; then the brew goes into a reservoir that is fed and free of chlorine.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from datetime import datetime, timedelta
from enum import StrEnum
from fractions import Fraction

from core.quantities import Amount, AmountUnit, Reading, Volume
from core.tending.living import ABOVE_SOURCE, brew_for
from core.water import Disinfectant

STANDS_H = 24
"""Hours for which the bucket stands after each of its two days: common practice."""

STALE_H = 72
"""Hours after which a brew that was not used is begun anew: our own default, a day beyond the two
that it needs, as nobody knows then what grows in it."""


class BrewDay(StrEnum):
    """Which of the three days."""

    MOLASSES = "molasses"
    INOCULANT = "inoculant"
    POUR = "pour"


class BrewAct(StrEnum):
    """One act of the instructions; each is a press at the bench."""

    NEUTRALISE = "neutralise"
    WATER = "water"
    MOLASSES = "molasses"
    AIR = "air"
    SMELL = "smell"
    INOCULANT = "inoculant"
    FILL = "fill"
    FEED = "feed"
    NO_OXIDISER = "no_oxidiser"
    POUR = "pour"
    STIR = "stir"


@dataclass(frozen=True, slots=True)
class BrewStep:
    """One press at the bench.

    Args:
        act: what is done.
        amount: what is measured for it, where anything is.
        above_source: what it brings the reading to above the source's, where a reading ends it.
    """

    act: BrewAct
    amount: Amount | None = None
    above_source: Reading | None = None


class BrewState(StrEnum):
    """Whether the bucket is ready for a day, by when the day before was told."""

    READY = "ready"
    STANDING = "standing"
    UNTOLD = "untold"
    STALE = "stale"


def brew_state(day: BrewDay, before: datetime | None, now: datetime) -> BrewState:
    """Whether the day before was done, long enough ago and not too long.

    Args:
        day: which day is begun.
        before: when the day before was told; None where nobody told it.
        now: the moment.
    """
    if day is BrewDay.MOLASSES:
        return BrewState.READY
    if before is None:
        return BrewState.UNTOLD
    stood = now - before
    if stood < timedelta(hours=STANDS_H):
        return BrewState.STANDING
    return BrewState.STALE if stood > timedelta(hours=STALE_H) else BrewState.READY


def brew_steps(
    day: BrewDay,
    reservoir: Volume,
    disinfectant: Disinfectant | None,
    *,
    brewed: Amount | None = None,
    is_first: bool = True,
) -> tuple[BrewStep, ...]:
    """The steps of a day, in order.

    Args:
        day: which.
        reservoir: all the water that is joined.
        disinfectant: of the source.
        brewed: how much of the brew goes in; None for its whole share.
        is_first: whether the reservoir is new, and filled and fed for this brew.
    """
    steps = {BrewDay.MOLASSES: _molasses, BrewDay.INOCULANT: _inoculant, BrewDay.POUR: _pour}
    return tuple(steps[day](reservoir, disinfectant, brewed, is_first))


def _ml(value: Fraction) -> Amount:
    return Amount(value, AmountUnit.ML)


def _molasses(
    reservoir: Volume, disinfectant: Disinfectant | None, _: Amount | None, __: bool
) -> Iterator[BrewStep]:
    brew = brew_for(reservoir)
    yield BrewStep(BrewAct.WATER, _ml(brew.water_l * 1000))
    if disinfectant is Disinfectant.CHLORAMINE:
        yield BrewStep(BrewAct.NEUTRALISE)  # it does not gas off, however long the bucket stands
    yield BrewStep(BrewAct.MOLASSES, _ml(brew.molasses_ml))
    yield BrewStep(BrewAct.AIR)


def _inoculant(
    reservoir: Volume, disinfectant: Disinfectant | None, _: Amount | None, is_first: bool
) -> Iterator[BrewStep]:
    yield BrewStep(BrewAct.SMELL)
    yield BrewStep(BrewAct.INOCULANT, _ml(brew_for(reservoir).inoculant_ml))
    yield BrewStep(BrewAct.AIR)
    if is_first and disinfectant in (Disinfectant.CHLORINE, Disinfectant.CHLORAMINE):
        yield BrewStep(BrewAct.FILL)  # so that it has its day to gas off; well water needs none


def _pour(
    reservoir: Volume, _: Disinfectant | None, brewed: Amount | None, is_first: bool
) -> Iterator[BrewStep]:
    yield BrewStep(BrewAct.SMELL)
    yield BrewStep(BrewAct.NO_OXIDISER)
    if is_first:
        yield BrewStep(BrewAct.FEED, above_source=Reading(ABOVE_SOURCE))
    yield BrewStep(BrewAct.POUR, brewed or _ml(brew_for(reservoir).water_l * 1000))
    yield BrewStep(BrewAct.STIR)
