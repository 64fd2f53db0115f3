"""How the parts of a mix went: what each gives back of its readings of EC."""

from dataclasses import dataclass, field
from fractions import Fraction

from core.guided.ec.slope import Slope
from core.guided.ec.steering import Correction, Offer, SecondPour, Verdict, WayOut
from core.guided.readings.doubting import Trust, Weighed


@dataclass(frozen=True, slots=True)
class Prepared:
    """How preparing the tank went.

    Args:
        correction: what the water's reading called for, where it is unlike the plan.
        ended: whether nothing is poured at all, since the water leaves no room.
    """

    correction: Correction | None = None
    ended: bool = False


@dataclass(slots=True)
class EcOutcome:
    """How readings of EC went in one part of a mix.

    Args:
        slope: what the last that told showed, beside what was expected.
        correction: what the last calls for.
        offer: more than printed dose × strength, for whoever wants it on purpose.
        verdicts: what those after the feed were judged to say, in order.
        unfollowed: whether one did not follow a correction, so that the same is not made again.
    """

    slope: Slope | None = None
    correction: Correction | None = None
    offer: Offer | None = None
    verdicts: list[Verdict] = field(default_factory=list)
    unfollowed: bool = False

    def believe(self, weighed: Weighed) -> Trust:
        """Keep what a reading was found to show; how far it is believed."""
        self.slope = weighed.slope or self.slope
        self.correction = weighed.correction or self.correction
        return weighed.trust


@dataclass(slots=True)
class FeedOutcome(EcOutcome):
    """How pouring the feed went.

    Args:
        ratio: what an overpoured part of the base asks of the others.
        second: what follows for the second pass.
        way_out: what can be done about the last product of which too much went in.
    """

    ratio: Fraction = Fraction(1)
    second: SecondPour | None = None
    way_out: WayOut | None = None
