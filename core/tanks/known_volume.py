"""Ways to know a tank's volume without a tape: buckets, a meter, time and flow, a known dose."""

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from math import hypot

from core.errors import InputError
from core.limits import LARGEST_VOLUME_L
from core.quantities import Reading, Volume

BUCKET_OFF = 0.03
"""Share by which a bucket that is filled by eye is off: our own default, half a centimetre in a
bucket of 10 L."""

METER_OFF = 0.02
"""Share by which a water meter may be off: OIML R 49, accuracy class 2, in its upper flow range."""

FLOW_OFF = 0.05
"""Share by which time and flow are off: our own default, as pressure changes while it runs."""

READING_OFF = 0.01
"""mS/cm by which a reading may be off besides its share: the last digit of a usual pen."""

READING_SHARE_OFF = 0.005
"""Share of the lift by which a pen that is the same before and after is off: our own default."""

POUR_OFF = 0.01
"""Share by which a dose poured by vessel or scale is off: half a mark of a usual cylinder."""

STRENGTH_OFF = 0.03
"""Share by which what a dose conducts is off: labels are rounded, and models too."""

LEAST_LIFT = Fraction(1, 10)
"""mS/cm by which a dose must lift the reading: below it the pen's last digit decides alone."""


@dataclass(frozen=True, slots=True)
class KnownVolume:
    """A volume, and the ends between which it lies in 95 of 100 cases."""

    volume: Volume
    low: Volume
    high: Volume

    @classmethod
    def within(cls, litres: Fraction, off: float) -> "KnownVolume":
        """So many litres, off by at most a share.

        Raises:
            InputError: no volume that a tank can have.
        """
        if not 0 < litres <= LARGEST_VOLUME_L:
            raise InputError(
                "volume_out_of_range.tank", "volume", largest_volume_l=LARGEST_VOLUME_L
            )
        share = Fraction(off).limit_denominator(10**6)
        return cls(Volume(litres), Volume(litres * (1 - share)), Volume(litres * (1 + share)))


def by_buckets(count: Fraction, bucket: Volume) -> KnownVolume:
    """By counting buckets; halves and quarters count too."""
    return KnownVolume.within(count * bucket.litres, BUCKET_OFF)


def by_meter(start: Volume, end: Volume) -> KnownVolume:
    """By what a water meter showed before and after.

    Raises:
        InputError: it ran backwards.
    """
    if end.litres <= start.litres:
        raise InputError("ran_backwards", "end")
    return KnownVolume.within(end.litres - start.litres, METER_OFF)


def by_flow(filled: Volume, seconds: Fraction, minutes: Fraction) -> KnownVolume:
    """By how long a vessel took to fill, and how long the tank did.

    Raises:
        InputError: no time at all.
    """
    if seconds <= 0 or minutes <= 0:
        raise InputError("no_time", "minutes" if seconds else "seconds")
    return KnownVolume.within(filled.litres / seconds * minutes * 60, FLOW_OFF)


def by_dose(
    amount: Fraction, before: Reading, after: Reading, lift_of: Callable[[Fraction], float]
) -> KnownVolume:
    """By how far a known dose lifted the reading.

    Args:
        amount: mL or g that went in.
        before: the reading before it, stirred.
        after: the reading after it, stirred.
        lift_of: mS/cm by which so much of it in one litre lifts this water; grows with the amount.

    Raises:
        InputError: nothing went in, or it lifted the reading too little to tell.
    """
    if amount <= 0:
        raise InputError("amount_out_of_range", "amount")
    lift = after.ms_cm - before.ms_cm
    if lift < LEAST_LIFT:
        raise InputError("lifted_too_little", "after", least_lift=f"{float(LEAST_LIFT):g}")
    share = _share_lifting(float(lift), lift_of, amount)
    pens = hypot(READING_OFF, READING_OFF) / float(lift)
    off = hypot(pens, READING_SHARE_OFF, POUR_OFF, STRENGTH_OFF)
    return KnownVolume.within(amount / share, off)


_MOST_PER_L = 100.0
"""mL or g in a litre: beyond it nothing is a feed any more."""


def _share_lifting(lift: float, lift_of: Callable[[Fraction], float], amount: Fraction) -> Fraction:
    """mL or g in a litre that lift the reading so far, by halving between bounds."""
    low, high = 0.0, min(_MOST_PER_L, float(amount) * 1000)
    if lift_of(Fraction(high)) < lift:
        raise InputError("lifted_too_far", "after")
    for _ in range(40):
        middle = (low + high) / 2
        low, high = (middle, high) if lift_of(Fraction(middle)) < lift else (low, middle)
    return Fraction(high).limit_denominator(10**9)
