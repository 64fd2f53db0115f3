"""Pouring until a reading: portions, each from what the ones before it did."""

from fractions import Fraction

from core.guided.steering import HARDLY, OVERPOURED, PEN_STEP

FIRST_PORTION = Fraction(6, 10)
NEXT_PORTION = Fraction(9, 10)
"""Shares of what is still wanted that are poured at a time, sneaking up: our own defaults, so
that a product half as strong again as printed still stays below."""

UNKNOWN_PORTION = Fraction(1, 4)
"""mL or g per litre of a product of which nothing tells how much: our own default, a tenth
of what most feeds are poured at, from memory."""

MOST_PORTION_GROWTH = 4
"""How many times what is in already a next portion may be, where nothing tells how much."""


ROUGHLY = Fraction(3, 2)
"""Times what a dose printed beside a rule should bring: such doses are rough; our own default,
as living feeds differ by batch."""

BLIND_PORTIONS = 4
"""Times the first portion of which nothing tells: who sees no rise by then looks at the pen."""


def portion_until(
    *,
    estimate: Fraction | None,
    litres: Fraction,
    poured: Fraction,
    ec_rise: Fraction,
    ec_headroom: Fraction,
) -> Fraction:
    """The next portion of a product that is poured until a reading; mL or g.

    0 where nothing is wanted any more, or where the reading hardly rises with what is poured.

    Args:
        estimate: about how much in all, where the chart tells.
        litres: in the tank.
        poured: how much is in already.
        ec_rise: mS/cm that it brought.
        ec_headroom: mS/cm that are still wanted.
    """
    # Cases of one decision, in the order in which they count.
    if ec_headroom <= 0:
        return Fraction(0)
    whole = litres * UNKNOWN_PORTION if estimate is None else estimate
    if poured == 0:
        return whole * FIRST_PORTION
    tells = ec_rise > PEN_STEP
    wanted = ec_headroom * poured / ec_rise * NEXT_PORTION if tells else poured
    if estimate is None:
        if not tells and poured >= whole * FIRST_PORTION * BLIND_PORTIONS:
            return Fraction(0)
        return min(wanted, poured * MOST_PORTION_GROWTH)
    # What a vessel's mark rounded off is no portion.
    if poured >= estimate * (1 - OVERPOURED) and ec_rise < (ec_rise + ec_headroom) * HARDLY:
        return Fraction(0)
    return min(wanted, estimate if tells else max(estimate - poured, Fraction(0)))
