"""Tanks: shapes, what they hold, other ways to know it, and what a pump draws out of them."""

from core.tanks.drawing_down import DrawnDown, drawn_down
from core.tanks.known_volume import KnownVolume, by_buckets, by_dose, by_flow, by_meter
from core.tanks.measuring import MeasuredPart, MeasuredTank, Part, measure_tank, volume_at_mark
from core.tanks.shapes import (
    Box,
    Bucket,
    Channel,
    ConeBottomed,
    LyingCylinder,
    Points,
    Shape,
    Tray,
    UprightCylinder,
)

__all__ = [
    "Box",
    "Bucket",
    "Channel",
    "ConeBottomed",
    "DrawnDown",
    "KnownVolume",
    "LyingCylinder",
    "MeasuredPart",
    "MeasuredTank",
    "Part",
    "Points",
    "Shape",
    "Tray",
    "UprightCylinder",
    "by_buckets",
    "by_dose",
    "by_flow",
    "by_meter",
    "drawn_down",
    "measure_tank",
    "volume_at_mark",
]
