"""What the meter should show in the end: growers follow two schools."""

from dataclasses import dataclass
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
    """

    school: School
    target: ReadingRange | None
    on_top: ReadingRange | None
    all_in: ReadingRange | None
    room: Fraction
    ro: RoShares | None


def aim_for(
    school: School, printed: ReadingRange | None, strength: Fraction, source: Reading | None
) -> Aim:
    """What the meter should show, by the school followed and by the other.

    Args:
        school: which school.
        printed: the column's EC as printed, or None if it prints none.
        strength: share of the printed doses.
        source: the water's reading, or None if nobody has read it.
    """
    added = printed.times(strength) if printed else None
    on_top = added.above(source) if added and source else None
    target = {School.ON_TOP: on_top, School.ALL_IN: added, School.DOSES_ONLY: None}[school]
    room, ro = Fraction(1), None
    if school is School.ALL_IN and added and source:
        total = added.middle.ms_cm
        if source.ms_cm >= total:
            room = Fraction(0)
            ro = ro_shares(source, total)
        else:
            room = (total - source.ms_cm) / total
    return Aim(school, target, on_top, added, room, ro)


def ro_shares(source: Reading, total: Fraction) -> RoShares | None:
    """How much RO water brings a source below a total target, in mS/cm.

    None where the water reads 0 already: then the target itself is 0.
    """
    if source.ms_cm == 0:
        return None
    return RoShares(
        at_least=1 - total / source.ms_cm, advised=1 - total * WATER_SHARE / source.ms_cm
    )
