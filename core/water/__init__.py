"""The source water: what is in it, waters joined, and what the meter should show in the end."""

from core.water.blends import Wanted, blend, share_for
from core.water.source import (
    BUFFERED_PPM,
    GASSED_OFF_H,
    HARD_CALCIUM_PPM,
    HARD_MS_CM,
    REPORT_FIELDS,
    SOFT_KINDS,
    BlendPart,
    Disinfectant,
    LabReport,
    Water,
    WaterKind,
)
from core.water.target import (
    CONVENTION_OF_READINGS,
    RoShares,
    Target,
    TargetConvention,
    Unscaled,
    headroom_share_of,
    ro_shares,
    target_for,
)
from core.water.treating import OsmosisNeed, Treatment, left_by, osmosis_need

__all__ = [
    "BUFFERED_PPM",
    "CONVENTION_OF_READINGS",
    "GASSED_OFF_H",
    "HARD_CALCIUM_PPM",
    "HARD_MS_CM",
    "REPORT_FIELDS",
    "SOFT_KINDS",
    "BlendPart",
    "Disinfectant",
    "LabReport",
    "OsmosisNeed",
    "RoShares",
    "Target",
    "TargetConvention",
    "Treatment",
    "Unscaled",
    "Wanted",
    "Water",
    "WaterKind",
    "blend",
    "headroom_share_of",
    "left_by",
    "osmosis_need",
    "ro_shares",
    "share_for",
    "target_for",
]
