"""How many mS/cm what was poured brought, beside what was expected of it."""

from dataclasses import dataclass
from fractions import Fraction

SLOPE_OFF = Fraction(15, 100)
"""A slope further off than this has a cause worth looking for: common practice."""

PEN_STEP = Fraction(1, 100)
"""mS/cm that a pen can tell apart: common practice."""

PEN_SWAY = 5 * PEN_STEP
"""mS/cm within which a pen, a mark and a mixing tank may differ: our own default, the
last figure of a common pen twice over and as much again for a tank that is not yet even."""

HARDLY = Fraction(1, 4)
"""Where less than this share of an expected rise shows, going on would be blind: our own default,
as a dose that a slip of the gallon or of a part divides by four still shows more."""


@dataclass(frozen=True, slots=True)
class Slope:
    """How many mS/cm what was poured so far was worth, beside what was expected of it.

    Args:
        measured: the rise that was read, mS/cm.
        expected: the rise that was expected.
        of_nothing: whether nothing at all went in by the record.
        left_out: mS/cm that what was left out on the screen would have brought besides.
        least, most: mS/cm between which the rise may lie, where neither label nor chart gives
            the rise of some of it; None where they give all, so that it may be off by a share.
    """

    measured: Fraction
    expected: Fraction
    of_nothing: bool = False
    left_out: Fraction = Fraction(0)
    least: Fraction | None = None
    most: Fraction | None = None

    @property
    def is_sure(self) -> bool:
        """Whether label or chart tell of all that went in."""
        return self.least is None or self.most is None

    @property
    def off(self) -> Fraction | None:
        """By which share the rise was off; None where none was expected."""
        return (self.measured - self.expected) / self.expected if self.expected > 0 else None

    @property
    def is_odd(self) -> bool:
        """Whether a cause is worth looking for: off by more than a pen may sway, and by a share."""
        return self._is_far or self.is_untold

    @property
    def _is_far(self) -> bool:
        if self.least is not None and self.most is not None:
            return not self.least - PEN_SWAY <= self.measured <= self.most + PEN_SWAY
        short = abs(self.measured - self.expected)
        return self.expected > 0 and short > max(self.expected * SLOPE_OFF, PEN_SWAY)

    @property
    def is_untold(self) -> bool:
        """Whether it is as if what was left out were in; or it rose though nothing at all is in."""
        if self.of_nothing:
            return self.measured > PEN_SWAY
        tells = (self.is_sure and self._is_far) or (self.expected == 0 and self.measured > PEN_SWAY)
        with_it = Slope(self.measured, self.expected + self.left_out)
        return self.left_out > 0 and tells and not with_it._is_far

    @property
    def worth(self) -> Fraction:
        """How many times what was expected it brought; 1 where nothing was expected."""
        return self.measured / self.expected if self.expected > 0 else Fraction(1)

    @property
    def is_unmoved(self) -> bool:
        """Whether hardly any of the rise shows, so that going on would be blind."""
        return self.is_odd and not self.is_untold and self.measured < self.expected * HARDLY


def follows(slope: Slope) -> bool:
    """Whether a reading went along with a correction, as far as a pen can tell."""
    short = abs(slope.expected - slope.measured)
    return short <= PEN_SWAY or slope.measured / slope.expected >= HARDLY
