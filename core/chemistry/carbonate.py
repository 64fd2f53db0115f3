"""Acid and alkali by the carbonate equilibria: pH from what went in, and what went in from pH.

A tank is taken as closed, its carbonic acid staying in: after Whipker, Bailey, Nelson, Fonteno and
Hammer 1996, Commun. Soil Sci. Plant Anal. 27.
"""

from collections.abc import Callable

K1, K2, KW = 10**-6.352, 10**-10.329, 10**-13.995
"""mol/L at 25 °C: those of phreeqc.dat, to which a test holds them."""

ORDINARY_PH = 7.5
"""Of a source water: common practice."""

MOST_MEQ = 15.0
"""meq/L of alkalinity, mmol/L of carbonate (750 ppm CaCO3): no water that plants stand in holds
more, from memory. What seems to hold more was not reached by what was poured, or is read by a pen
that does not tell."""


def _bicarbonate(ph: float, carbon: float) -> float:
    """Alkalinity, mol/L, of so much dissolved carbonate at a pH."""
    h: float = 10.0**-ph
    whole = h * h + K1 * h + K1 * K2
    return carbon * (K1 * h + 2 * K1 * K2) / whole + KW / h - h


def carbon_of(alkalinity: float) -> float:
    """mmol/L of dissolved carbonate in water of an alkalinity in meq/L, at an ordinary pH.

    >>> round(carbon_of(3.0), 1)
    3.2
    """
    of_one = _bicarbonate(ORDINARY_PH, 1.0) - _bicarbonate(ORDINARY_PH, 0.0)
    return max((alkalinity - _bicarbonate(ORDINARY_PH, 0.0) * 1000) / of_one, 0.0)


def alkalinity_of(carbon: float) -> float:
    """The alkalinity, meq/L, of water with so much dissolved carbonate (mmol/L), as `carbon_of`.

    >>> round(alkalinity_of(carbon_of(3.0)), 6)
    3.0
    """
    return _bicarbonate(ORDINARY_PH, carbon / 1000) * 1000


def acid_between(from_ph: float, to_ph: float, carbon: float) -> float:
    """meq/L of acid that brings water with so much dissolved carbonate (mmol/L) to a lower pH.

    >>> round(acid_between(7.5, 5.8, carbon_of(3.0)), 2)
    2.3
    """
    held = carbon / 1000
    return max((_bicarbonate(from_ph, held) - _bicarbonate(to_ph, held)) * 1000, 0.0)


def carbon_from_acid(from_ph: float, to_ph: float, acid: float) -> float:
    """mmol/L of dissolved carbonate in water that so much acid (meq/L) brought down so far."""
    return _where(lambda carbon: acid_between(from_ph, to_ph, carbon), acid)


def alkali_between(from_ph: float, to_ph: float, carbon: float, carbonate: float) -> float:
    """meq/L of alkali that brings water with so much dissolved carbonate from one pH to a higher.

    Args:
        from_ph, to_ph: where from and where to.
        carbon: mmol/L of dissolved carbonate, most of it carbonic acid in an acid tank.
        carbonate: mol of carbonate in an equivalent of the alkali; see `core.chemistry.Alkali`.

    >>> round(alkali_between(5.2, 5.9, 3.2, 0.0), 2)
    0.63
    """
    held = carbon / 1000
    needed = _bicarbonate(to_ph, held) - _bicarbonate(from_ph, held)
    # Each mol of carbonate that comes along takes up acid only as far as it does at that pH.
    brought = _bicarbonate(to_ph, 1.0) - _bicarbonate(to_ph, 0.0)
    # Near pH 14 a carbonate gives nothing any more; no window is there, but one may be typed.
    return max(needed / max(1 - carbonate * brought, 0.01) * 1000, 0.0)


def carbon_from_alkali(from_ph: float, to_ph: float, alkali: float, carbonate: float) -> float:
    """mmol/L of dissolved carbonate in water that so much alkali (meq/L) brought up so far."""
    return _where(lambda carbon: alkali_between(from_ph, to_ph, carbon, carbonate), alkali)


def _where(rising: Callable[[float], float], wanted: float) -> float:
    """The place between 0 and the most at which a rising function reaches a value."""
    low, high = 0.0, MOST_MEQ
    if rising(high) < wanted:
        return high
    for _ in range(60):
        middle = (low + high) / 2
        if rising(middle) < wanted:
            low = middle
        else:
            high = middle
    return (low + high) / 2
