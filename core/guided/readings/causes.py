"""What to look at first, by the advice that asks for it."""

from core.guided.ec.steering import Verdict
from core.guided.ph.advice import FAR_PH_CAUSES, PH_CAUSES, Advice

CAUSES = ("volume", "gallon", "not_shaken", "mixed_up", "meter")
"""Likely causes of a slope that is off, in the order in which to check them: common practice."""

BOTTLE_CAUSES = (
    "meter", "not_stirred", "scale", "mixed_up", "told_wrong", "not_shaken", "gallon", "volume",
    "water",
)  # fmt: skip
"""Likely causes of a reading unlike what is in: pen and stir are looked at in a minute, then the
bottles, then the volume (our own order)."""

WATER_CAUSES = ("meter", "old_feed", "other_water")
"""Likely causes of a water that reads far more than planned: the pen, feed that was left in the
tank, or indeed another water (our own order: a pen is looked at in a minute, a tank is emptied in
an hour)."""

WEAKER_WATER_CAUSES = ("meter", "other_water")
"""Likely causes of a water that reads far less than planned: the pen, or indeed another water, of
which no report tells (our own order)."""

UNTOLD_CAUSES = ("untold_pour", "old_feed", "meter", "water")
"""Likely causes of a reading as if what was left out on the screen were in: it went in after all,
old feed, the pen, another water (our own order)."""

UNMOVED_CAUSES = ("meter", "not_stirred", "gallon", "mixed_up")
"""Likely causes of a reading that hardly moves at all, in the order in which to check them: a pen
that is not in the water, and litres for gallons, do most (our own default)."""

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
