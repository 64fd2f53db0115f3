"""What holds a tank's pH: the carbonate of its water, and the phosphate of its feed beside it."""

from collections.abc import Callable
from dataclasses import dataclass

from core.chemistry.carbonate import (
    MOST_MEQ,
    acid_between,
    alkali_between,
    carbon_from_acid,
    carbon_from_alkali,
)

PHOSPHATE_PK = 6.9
"""Between H2PO4- and HPO4-- in a feed: 7.2 in pure water, less by the activities of a feed, its
calcium and its magnesium; a test holds it to what PHREEQC finds of a common feed."""

MOST_PHOSPHATE = 8.0
"""mmol/L, 250 ppm P: several times what any feed has, from memory."""

LEAST_TOLD = 0.05
"""A change of pH below this tells nothing of what holds it."""


@dataclass(frozen=True, slots=True)
class BufferCapacity:
    """What holds pH in a tank.

    Args:
        carbonate: mmol/L of it dissolved, most of it carbonic acid in an acid tank.
        phosphate: mmol/L.
    """

    carbonate: float
    phosphate: float = 0.0

    @property
    def is_possible(self) -> bool:
        """Whether a tank that plants stand in could hold so much."""
        return self.carbonate < MOST_MEQ and self.phosphate < MOST_PHOSPHATE

    def at_most(self, other: "BufferCapacity") -> "BufferCapacity":
        """The smaller of two capacities, part by part."""
        return BufferCapacity(
            min(self.carbonate, other.carbonate), min(self.phosphate, other.phosphate)
        )


def phosphate_between(from_ph: float, to_ph: float, phosphate: float) -> float:
    """meq/L that so much phosphate (mmol/L) takes up between one pH and another.

    >>> round(phosphate_between(6.9, 5.9, 1.0), 2)
    0.41
    """
    return phosphate * abs(_second_share(from_ph) - _second_share(to_ph))


def _second_share(ph: float) -> float:
    """The share of phosphate that has given its second proton away."""
    share: float = 1 / (1 + 10 ** (PHOSPHATE_PK - ph))
    return share


@dataclass(frozen=True, slots=True)
class TitrationDirection:
    """Titrating a tank down with acid or up with alkali.

    Args:
        sign: 1 down, -1 up.
        carbonate_takes: meq/L that carbonate takes from one pH to another.
        carbonate_of: the carbonate, mmol/L, that so many meq/L from one pH to another tell of.
    """

    sign: int
    carbonate_takes: Callable[[float, float, float], float]
    carbonate_of: Callable[[float, float, float], float]

    def takes(self, from_ph: float, to_ph: float, capacity: BufferCapacity) -> float:
        """meq/L from one pH to another."""
        return self.carbonate_takes(from_ph, to_ph, capacity.carbonate) + phosphate_between(
            from_ph, to_ph, capacity.phosphate
        )

    def capacity(
        self, from_ph: float, to_ph: float, meq: float, before: BufferCapacity
    ) -> BufferCapacity | None:
        """The buffer that so many meq/L showed by moving pH so far; None where pH hardly moved.

        On the way down the carbonate is taken as known, and what was taken up beyond it is put down
        to phosphate: that holds less further on, so that no portion is computed too large. Where
        less was taken up, there was less carbonate. On the way up phosphate holds little at first,
        and all is put down to carbonate.
        """
        if (from_ph - to_ph) * self.sign < LEAST_TOLD:
            return None
        if self.sign < 0:
            rest = meq - phosphate_between(from_ph, to_ph, before.phosphate)
            return BufferCapacity(
                self.carbonate_of(from_ph, to_ph, max(rest, 0.0)), before.phosphate
            )
        rest = meq - self.carbonate_takes(from_ph, to_ph, before.carbonate)
        if rest >= 0:
            # Far from its constant phosphate holds nothing: then no amount of it explains the rest.
            of_one = max(phosphate_between(from_ph, to_ph, 1.0), 1e-9)
            return BufferCapacity(before.carbonate, rest / of_one)
        return BufferCapacity(self.carbonate_of(from_ph, to_ph, meq))


DOWN = TitrationDirection(1, acid_between, carbon_from_acid)


def up(carbonate: float) -> TitrationDirection:
    """The way up by an alkali; `carbonate` as in `core.chemistry.Alkali`."""
    return TitrationDirection(
        -1,
        lambda from_ph, to_ph, carbon: alkali_between(from_ph, to_ph, carbon, carbonate),
        lambda from_ph, to_ph, meq: carbon_from_alkali(from_ph, to_ph, meq, carbonate),
    )
