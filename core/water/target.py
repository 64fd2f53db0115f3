"""What the meter should show in the end: growers follow two schools."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from enum import StrEnum
from fractions import Fraction

from core.chart import Readings
from core.facts import one_each
from core.quantities import Reading, ReadingRange


class TargetConvention(StrEnum):
    """What the target reading means; growers disagree.

    On top: the chart's EC is what the bottles add, so the plant food stays exact. All-in: it is the
    final reading, so the feed shrinks by what the water brings, which protects roots on salty
    water. Doses only: the reading is a check, not a target. The default is what the chart states.
    """

    ON_TOP = "on_top"
    ALL_IN = "all_in"
    DOSES_ONLY = "doses_only"


CONVENTION_OF_READINGS: Mapping[Readings, TargetConvention] = one_each(
    Readings,
    {
        Readings.ADDED: TargetConvention.ON_TOP,
        Readings.TOTAL: TargetConvention.ALL_IN,
        Readings.NONE: TargetConvention.DOSES_ONLY,
    },
)

WATER_SHARE = Fraction(1, 3)
"""The part of an all-in target that we let the water take before advising RO: our own default, so
that two thirds are food."""


MOST_CROWDING = Fraction(1, 10)
"""Share of a target by which a weak feed may conduct more than its share: our own bound;
a half dose of a strong feed conducts some 5 % more than half (Kohlrausch)."""


@dataclass(frozen=True, slots=True)
class RoShares:
    """How much of the tank to fill with RO water (taken as 0 mS/cm), as shares of the volume.

    Args:
        at_least: below this the water alone is above the target.
        advised: at this the water takes a third of the target.
    """

    at_least: Fraction
    advised: Fraction


@dataclass(frozen=True, slots=True)
class Target:
    """What a mix aims at.

    Args:
        convention: the one followed.
        reading: the final reading, or None where there is none or the water was not read.
        on_top: the final reading by the first convention, for comparison.
        all_in: the final reading by the second.
        headroom_share: the share of the scaled doses that the water leaves room for; 1
            unless all-in.
        ro: the remedy, where the water is at or above an all-in target.
        total: printed EC × strength, mS/cm, by which an all-in mix shares room; 0 where none is.
        whole: mS/cm of the target that strength does not scale: silica, tonics and the like.
        uncounted: names of what strength does not scale and no label tells of.
        crowding: mS/cm by which the target reaches higher, as a weak feed conducts more.
    """

    convention: TargetConvention
    reading: ReadingRange | None
    on_top: ReadingRange | None
    all_in: ReadingRange | None
    headroom_share: Fraction
    ro: RoShares | None
    total: Fraction = Fraction(0)
    whole: Fraction = Fraction(0)
    uncounted: tuple[str, ...] = ()
    crowding: Fraction = Fraction(0)

    @property
    def added(self) -> ReadingRange | None:
        """What the feed brings, low and high; as wide as the target followed."""
        return self._widened(self.all_in)

    def _widened(self, band: ReadingRange | None) -> ReadingRange | None:
        if band is None or not self.crowding:
            return band
        return ReadingRange(band.low, Reading(band.high.ms_cm + self.crowding))

    def reaching(self, reading: Reading) -> "Target":
        """The same with its target reaching up to what just the printed doses are expected to read.

        A half dose conducts a little more than half of a whole one (Kohlrausch), so that a mix that
        is poured as planned would be called too strong. More than a tenth is another matter.
        """
        if self.reading is None:
            return self
        over = reading.ms_cm - self.reading.high.ms_cm
        if not 0 < over <= self.reading.high.ms_cm * MOST_CROWDING:
            return self
        wider = replace(self, crowding=over)
        return replace(wider, reading=wider._widened(self.reading))


@dataclass(frozen=True, slots=True)
class Unscaled:
    """What goes in whole at any strength: silica, buffers, tonics.

    Args:
        printed: mS/cm that it brings by its printed doses.
        poured: mS/cm that it brings as it is poured in this mix.
        uncounted: names of those of which no label tells.
    """

    printed: Fraction = Fraction(0)
    poured: Fraction = Fraction(0)
    uncounted: tuple[str, ...] = ()


NOTHING_UNSCALED = Unscaled()


def target_for(
    convention: TargetConvention,
    printed: ReadingRange | None,
    strength: Fraction,
    source: Reading | None,
    unscaled: Unscaled = NOTHING_UNSCALED,
) -> Target:
    """What the meter should show, by the school followed and by the other.

    Args:
        convention: which school.
        printed: the column's EC as printed, or None if it prints none.
        strength: share of the printed doses.
        source: the water's reading, or None if nobody has read it.
        unscaled: what of the printed EC goes in whole: it stays whole in the target too, or a
            perfect mix at half strength would read too strong (common practice).
    """
    added = _added(printed, strength, unscaled) if printed else None
    on_top = added.above(source) if added and source else None
    target = {
        TargetConvention.ON_TOP: on_top,
        TargetConvention.ALL_IN: added,
        TargetConvention.DOSES_ONLY: None,
    }[convention]
    headroom_share, ro = Fraction(1), None
    total = printed.middle.ms_cm * strength if printed else Fraction(0)
    if convention is TargetConvention.ALL_IN and added and source:
        headroom_share = headroom_share_of(total, source.ms_cm)
        if headroom_share == 0:
            ro = ro_shares(source, total)
    return Target(
        convention,
        target,
        on_top,
        added,
        headroom_share,
        ro,
        total,
        unscaled.poured,
        unscaled.uncounted,
    )


def _added(printed: ReadingRange, strength: Fraction, unscaled: Unscaled) -> ReadingRange:
    low, high = (
        Reading(max(end.ms_cm - unscaled.printed, Fraction(0)) * strength + unscaled.poured)
        for end in (printed.low, printed.high)
    )
    return ReadingRange(low, high)


def headroom_share_of(total: Fraction, source: Fraction) -> Fraction:
    """The share of the doses for which a water leaves room under an all-in total, both in mS/cm.

    (T - S) / T: common practice. Doses follow from what is printed, never from what labels tell.

    >>> headroom_share_of(Fraction(2), Fraction(1, 2))
    Fraction(3, 4)
    """
    return max((total - source) / total, Fraction(0)) if total > 0 else Fraction(0)


def ro_shares(source: Reading, total: Fraction) -> RoShares | None:
    """How much RO water brings a source below a total target, in mS/cm.

    None where the water reads 0 already: then the target itself is 0.
    """
    if source.ms_cm == 0:
        return None
    return RoShares(
        at_least=1 - total / source.ms_cm, advised=1 - total * WATER_SHARE / source.ms_cm
    )
