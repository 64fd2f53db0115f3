"""What amounts are measured with, and to which mark each vessel is filled."""

from core.vessels.bench import USUAL_BENCH, Shows, Vessel, VesselKind
from core.vessels.measured import JUG, WORTH_SHOWING, Fill, Measured, Predilution, measure
from core.vessels.rinses import SMEARS, rinses
from core.vessels.split import FARTHEST, TOLERANCE

__all__ = [
    "FARTHEST",
    "JUG",
    "SMEARS",
    "TOLERANCE",
    "USUAL_BENCH",
    "WORTH_SHOWING",
    "Fill",
    "Measured",
    "Predilution",
    "Shows",
    "Vessel",
    "VesselKind",
    "measure",
    "rinses",
]
