"""How plants are grown: the crop, and the system that brings them their water."""

from enum import StrEnum
from fractions import Fraction


class Crop(StrEnum):
    """Kinds of crop that differ in what they want in the tank."""

    LEAFY = "leafy"
    FRUITING = "fruiting"
    FLOWERS = "flowers"


class System(StrEnum):
    """Systems that differ in how hard a feed hits the roots."""

    FILM = "film"
    DEEP_WATER = "deep_water"
    RECIRCULATING_DEEP_WATER = "recirculating_deep_water"
    AEROPONIC = "aeroponic"
    EBB_AND_FLOW = "ebb_and_flow"
    DRIP = "drip"
    HAND = "hand"


HALF_STRENGTH_SYSTEMS = frozenset({System.RECIRCULATING_DEEP_WATER, System.AEROPONIC})
"""Where printed charts start at half: common practice."""

CAREFUL_START = Fraction(1, 2)
"""The strength of a careful start: common practice."""
