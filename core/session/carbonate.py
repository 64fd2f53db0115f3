"""Acid from what acid did: the carbonate equilibria, asked both ways.

A tank is taken as closed, its carbonic acid staying in, and all that buffers it as alkalinity:
after Whipker, Bailey, Nelson, Fonteno and Hammer 1996, Commun. Soil Sci. Plant Anal. 27. Phosphate
of the feed buffers a little beside it; what the last portion did takes that into account.
"""

K1, K2, KW = 10**-6.352, 10**-10.329, 10**-13.995
"""mol/L at 25 °C: Stumm and Morgan, from memory."""

MOST_MEQ = 40.0
"""meq/L: no water that plants stand in holds more."""


def _bicarbonate(ph: float, carbon: float) -> float:
    """Alkalinity, mol/L, of so much dissolved carbonate at a pH."""
    h: float = 10.0**-ph
    whole = h * h + K1 * h + K1 * K2
    return carbon * (K1 * h + 2 * K1 * K2) / whole + KW / h - h


def _carbon(ph: float, alkalinity: float) -> float:
    """mol/L of dissolved carbonate that has an alkalinity at a pH."""
    h: float = 10.0**-ph
    whole = h * h + K1 * h + K1 * K2
    return max((alkalinity - KW / h + h) * whole / (K1 * h + 2 * K1 * K2), 0.0)


def acid_between(from_ph: float, to_ph: float, alkalinity: float) -> float:
    """meq/L of acid that brings water of an alkalinity in meq/L from one pH to a lower one.

    >>> round(acid_between(7.5, 5.8, 3.0), 2)
    2.3
    """
    start = alkalinity / 1000
    left = _bicarbonate(to_ph, _carbon(from_ph, start))
    return max((start - left) * 1000, 0.0)


def alkalinity_from(from_ph: float, to_ph: float, acid: float) -> float | None:
    """The alkalinity, meq/L, of water that so much acid (meq/L) brought from one pH to another.

    None where the pH did not fall by what a pen can tell.
    """
    if acid <= 0 or from_ph - to_ph < 0.05:
        return None
    low, high = 0.0, MOST_MEQ
    if acid_between(from_ph, to_ph, high) < acid:
        return high
    for _ in range(60):
        middle = (low + high) / 2
        if acid_between(from_ph, to_ph, middle) < acid:
            low = middle
        else:
            high = middle
    return (low + high) / 2
