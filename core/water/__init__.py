"""The source water: what is in it, waters joined, and what the meter should show in the end."""

from core.water.aim import (
    SCHOOL_OF_READINGS,
    Aim,
    RoShares,
    School,
    Unscaled,
    aim_for,
    ro_shares,
    room_left,
)
from core.water.blends import Wanted, blend, share_for
from core.water.source import (
    BUFFERED_PPM,
    GASSED_OFF_H,
    HARD_CALCIUM_PPM,
    HARD_MS_CM,
    REPORT_FIELDS,
    SOFT_KINDS,
    Disinfectant,
    LabReport,
    Part,
    Water,
    WaterKind,
)

__all__ = [
    "BUFFERED_PPM",
    "GASSED_OFF_H",
    "HARD_CALCIUM_PPM",
    "HARD_MS_CM",
    "REPORT_FIELDS",
    "SCHOOL_OF_READINGS",
    "SOFT_KINDS",
    "Aim",
    "Disinfectant",
    "LabReport",
    "Part",
    "RoShares",
    "School",
    "Unscaled",
    "Wanted",
    "Water",
    "WaterKind",
    "aim_for",
    "blend",
    "ro_shares",
    "room_left",
    "share_for",
]
