"""Pouring until a reading: portions, each from what the ones before it did."""

from fractions import Fraction

from core.guided.ec.slope import HARDLY, PEN_STEP
from core.guided.ec.steering import OVERPOURED

FIRST_PORTION = Fraction(6, 10)
NEXT_PORTION = Fraction(9, 10)
"""Shares of what is still wanted that are poured at a time, sneaking up: our own defaults, so
that a product half as strong again as printed still stays below."""

ROUGHLY = Fraction(3, 2)
"""Times what a dose printed beside a rule should bring: such doses are rough; our own default,
as living feeds differ by batch."""


def portion_until(
    *,
    estimate: Fraction,
    first: Fraction,
    poured: Fraction,
    ec_rise: Fraction,
    ec_headroom: Fraction,
) -> Fraction:
    """The next portion of a product that is poured until a reading; mL or g.

    0 where nothing is wanted any more, or where the reading hardly rises with what is poured. Never
    more than the estimate at a time, whatever a reading asks for.

    Args:
        estimate: about how much in all, by chart, label, or what such feed usually takes.
        first: the share of it that goes in first.
        poured: how much is in already.
        ec_rise: mS/cm that it brought.
        ec_headroom: mS/cm that are still wanted.
    """
    if ec_headroom <= 0:
        return Fraction(0)
    if poured == 0:
        return estimate * first
    # What a vessel's mark rounded off is no portion.
    if poured >= estimate * (1 - OVERPOURED) and ec_rise < (ec_rise + ec_headroom) * HARDLY:
        return Fraction(0)
    if ec_rise <= PEN_STEP:
        return min(poured, max(estimate - poured, Fraction(0)))
    return min(ec_headroom * poured / ec_rise * NEXT_PORTION, estimate)
