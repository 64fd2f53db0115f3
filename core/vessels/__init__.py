"""What amounts are measured with, and to which mark each vessel is filled."""

from core.vessels.cups import Cup, cup_for
from core.vessels.measured import JUG, WORTH_SHOWING, Fill, Measured, Predilution, measure
from core.vessels.measuring_vessels import USUAL_VESSELS, Shows, Vessel, VesselKind
from core.vessels.rinses import SMEARS, rinses
from core.vessels.split import FARTHEST, TOLERANCE

__all__ = [
    "FARTHEST",
    "JUG",
    "SMEARS",
    "TOLERANCE",
    "USUAL_VESSELS",
    "WORTH_SHOWING",
    "Cup",
    "Fill",
    "Measured",
    "Predilution",
    "Shows",
    "Vessel",
    "VesselKind",
    "cup_for",
    "measure",
    "rinses",
]
