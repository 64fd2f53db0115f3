"""Drawing figures as people and labels write them."""

from fractions import Fraction
from random import Random


def figure(value: float, places: int = 2) -> Fraction:
    """A drawn number, rounded to that many places, as it would be printed."""
    return Fraction(str(round(value, places)))


def between(chance: Random, low: float, high: float, places: int = 2) -> Fraction:
    """A number between two, evenly."""
    return figure(chance.uniform(low, high), places)


def times_between(chance: Random, low: float, high: float, places: int = 3) -> Fraction:
    """A number between two above 0, as often in each of its doublings."""
    return figure(low * (high / low) ** chance.random(), places)
