"""What the meter should show in the end: growers follow two schools."""

from dataclasses import dataclass, replace
from enum import StrEnum
from fractions import Fraction

from core.chart import Readings
from core.quantities import Reading, ReadingRange


class School(StrEnum):
    """What the target reading means; growers disagree.

    On top: the chart's EC is what the bottles add, so the plant food stays exact. All-in: it is the
    final reading, so the feed shrinks by what the water brings, which protects roots on salty
    water. Doses only: the reading is a check, not a target. The default is what the chart states.
    """

    ON_TOP = "on_top"
    ALL_IN = "all_in"
    DOSES_ONLY = "doses_only"


SCHOOL_OF_READINGS: dict[Readings, School] = {
    Readings.ADDED: School.ON_TOP,
    Readings.TOTAL: School.ALL_IN,
    Readings.NONE: School.DOSES_ONLY,
}

WATER_SHARE = Fraction(1, 3)
"""The part of an all-in target that we let the water take before advising RO: our own default."""


MOST_CROWDING = Fraction(1, 10)
"""Share of a target by which a weak feed may conduct more than its share: our own bound."""


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
class Aim:
    """What a mix aims at.

    Args:
        school: the school followed.
        target: the final reading, or None where there is none or the water was not read.
        on_top: the final reading by the first school, for comparison.
        all_in: the final reading by the second.
        room: the share of the scaled doses that the water leaves room for; 1 unless all-in.
        ro: the remedy, where the water is at or above an all-in target.
        total: printed EC × strength, mS/cm, by which an all-in mix shares room; 0 where none is.
        whole: mS/cm of the target that strength does not scale: silica, tonics and the like.
        uncounted: names of what strength does not scale and no label tells of.
        crowding: mS/cm by which the target reaches higher, as a weak feed conducts more.
    """

    school: School
    target: ReadingRange | None
    on_top: ReadingRange | None
    all_in: ReadingRange | None
    room: Fraction
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

    def reaching(self, reading: Reading) -> "Aim":
        """The same with its target reaching up to what just the printed doses are expected to read.

        A half dose conducts a little more than half of a whole one (Kohlrausch), so that a mix that
        is poured as planned would be called too strong. More than a tenth is another matter.
        """
        if self.target is None:
            return self
        over = reading.ms_cm - self.target.high.ms_cm
        if not 0 < over <= self.target.high.ms_cm * MOST_CROWDING:
            return self
        wider = replace(self, crowding=over)
        return replace(wider, target=wider._widened(self.target))


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


def aim_for(
    school: School,
    printed: ReadingRange | None,
    strength: Fraction,
    source: Reading | None,
    unscaled: Unscaled = NOTHING_UNSCALED,
) -> Aim:
    """What the meter should show, by the school followed and by the other.

    Args:
        school: which school.
        printed: the column's EC as printed, or None if it prints none.
        strength: share of the printed doses.
        source: the water's reading, or None if nobody has read it.
        unscaled: what of the printed EC goes in whole: it stays whole in the target too, or a
            perfect mix at half strength would read too strong (common practice).
    """
    added = _added(printed, strength, unscaled) if printed else None
    on_top = added.above(source) if added and source else None
    target = {School.ON_TOP: on_top, School.ALL_IN: added, School.DOSES_ONLY: None}[school]
    room, ro = Fraction(1), None
    total = printed.middle.ms_cm * strength if printed else Fraction(0)
    if school is School.ALL_IN and added and source:
        room = room_left(total, source.ms_cm)
        if room == 0:
            ro = ro_shares(source, total)
    return Aim(school, target, on_top, added, room, ro, total, unscaled.poured, unscaled.uncounted)


def _added(printed: ReadingRange, strength: Fraction, unscaled: Unscaled) -> ReadingRange:
    low, high = (
        Reading(max(end.ms_cm - unscaled.printed, Fraction(0)) * strength + unscaled.poured)
        for end in (printed.low, printed.high)
    )
    return ReadingRange(low, high)


def room_left(total: Fraction, source: Fraction) -> Fraction:
    """The share of the doses for which a water leaves room under an all-in total, both in mS/cm.

    (T - S) / T: common practice. Doses follow from what is printed, never from what labels tell.

    >>> room_left(Fraction(2), Fraction(1, 2))
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
