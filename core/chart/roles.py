"""What products are for, and all that follows from it: one table.

A new role is a line of `Role` and a line of `ROLES`; its words on screen are in
`web/src/words/growing.ts`, which does not compile without them.
"""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum

from core.facts import one_each


class Role(StrEnum):
    """What a product is for; it decides its place in the order and whether strength scales it."""

    BUFFER = "buffer"
    SILICA = "silica"
    CALMAG = "calmag"
    BASE = "base"
    MAGNESIUM = "magnesium"
    ADDITIVE_ALKALINE = "additive_alkaline"
    ENZYME = "enzyme"
    ADDITIVE = "additive"
    BOOSTER = "booster"
    PH_ADJUSTER = "ph_adjuster"
    LIVE = "live"


class Phase(StrEnum):
    """The part of the mixing in which a product goes in."""

    BUFFER = "buffer"
    SILICA = "silica"
    CALMAG = "calmag"
    BASE = "base"
    MAGNESIUM = "magnesium"
    ADDITIVE = "additive"
    BOOSTER = "booster"
    PH = "ph"
    LIVE = "live"


@dataclass(frozen=True, slots=True)
class RoleFacts:
    """What a role brings with it.

    Args:
        phase: when its products go in.
        wait_min: minutes to stir and wait after each.
        reason: the code that says why it stands where it does by default.
        scales: whether strength scales it unless the product says otherwise; the others are dosed
            per volume whatever the strength (common practice).
        lifts: whether the counter-ion that its label leaves out is hydroxide or carbonate, or for
            an acid hydrogen: it is left open, and moves the pH.
    """

    phase: Phase
    wait_min: int
    reason: str
    scales: bool = False
    lifts: bool = False


ROLES: Mapping[Role, RoleFacts] = one_each(
    Role,
    {
        Role.BUFFER: RoleFacts(Phase.BUFFER, 3, "buffer_steadies_water", lifts=True),
        Role.SILICA: RoleFacts(Phase.SILICA, 5, "silica_alone", lifts=True),
        Role.CALMAG: RoleFacts(Phase.CALMAG, 3, "calmag_before_base", scales=True),
        Role.BASE: RoleFacts(Phase.BASE, 5, "base_in_rank", scales=True),
        Role.MAGNESIUM: RoleFacts(Phase.MAGNESIUM, 3, "magnesium_last_mineral", scales=True),
        Role.ADDITIVE_ALKALINE: RoleFacts(
            Phase.ADDITIVE, 2, "alkaline_before_other_additives", lifts=True
        ),
        Role.ENZYME: RoleFacts(Phase.ADDITIVE, 2, "enzyme_before_boosters"),
        Role.ADDITIVE: RoleFacts(Phase.ADDITIVE, 2, "additive_after_base"),
        Role.BOOSTER: RoleFacts(Phase.BOOSTER, 2, "booster_after_additives", scales=True),
        Role.PH_ADJUSTER: RoleFacts(Phase.PH, 5, "ph_after_feed", lifts=True),
        Role.LIVE: RoleFacts(Phase.LIVE, 2, "live_after_ph"),
    },
)
"""Waits after silica, base and pH are common practice; the rest are our own defaults, a few minutes
in which a pump turns a small tank over."""

NEEDS_WAIT = frozenset({Role.SILICA, Role.BASE, Role.PH_ADJUSTER})
"""Whose waits stay at any pace (common practice): silica gels in what follows it too soon, parts of
the base fall out against each other, pH settles slowly."""
