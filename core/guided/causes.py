"""What to look at first, by the advice that asks for it."""

from core.guided.ph_advice import FAR_PH_CAUSES, PH_CAUSES, Advice
from core.guided.steering import (
    BOTTLE_CAUSES,
    UNMOVED_CAUSES,
    UNTOLD_CAUSES,
    WATER_CAUSES,
    WEAKER_WATER_CAUSES,
    Verdict,
)

NEED_CAUSES = ("ph_pen", "report", "volume", "mixed_up")
"""Likely causes of acid far past the water's need, in the order in which to check them: common
practice."""

_CAUSES_OF: dict[str, tuple[str, ...]] = {
    Verdict.UNMOVED: UNMOVED_CAUSES,
    Verdict.ODD: BOTTLE_CAUSES,
    Verdict.UNTOLD: UNTOLD_CAUSES,
    Verdict.BEYOND_USUAL: BOTTLE_CAUSES,
    Verdict.WATER_STRONGER: WATER_CAUSES,
    Verdict.WATER_TOO_STRONG: WATER_CAUSES,
    Verdict.WATER_WEAKER: WEAKER_WATER_CAUSES,
    Advice.UNMOVED: PH_CAUSES,
    Advice.ODD: FAR_PH_CAUSES,
    Advice.NO_RESPONSE: PH_CAUSES,
    Advice.BEYOND_NEED: NEED_CAUSES,
}


def causes_of(why: str) -> tuple[str, ...]:
    """Likely causes, the likeliest first; none for an advice that has none."""
    return _CAUSES_OF.get(why, ())


OFFERED = frozenset(
    {
        str(Verdict.BEYOND_DOSE),
        str(Verdict.BEYOND_USUAL),
        str(Advice.BEYOND_NEED),
    }
)
"""Advice that offers more than is right, for whoever takes it on purpose."""
