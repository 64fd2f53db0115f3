"""A new or rebuilt system is filled with plain water, and watched for leaks before feed goes in."""

from dataclasses import dataclass
from datetime import datetime, timedelta

LEAKS_SHOW = timedelta(hours=1)
"""A drip at a joint shows within an hour or two (common practice); nothing is poured until then."""


@dataclass(frozen=True, slots=True)
class FirstFill:
    """Plain water that stands in a system nobody has trusted yet.

    Args:
        filled_at: when it was filled to its line, and the line was marked.
    """

    filled_at: datetime

    @property
    def look_at(self) -> datetime:
        """From when on a look at every joint tells something."""
        return self.filled_at + LEAKS_SHOW

    def is_due(self, now: datetime) -> bool:
        """Whether it has stood long enough."""
        return now >= self.look_at
