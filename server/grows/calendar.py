"""Dates in a grow: its own days, whatever clock the asking device shows."""

from datetime import date, datetime, timedelta
from zoneinfo import ZoneInfo

from server.grows.models import Grow


def day_of(grow: Grow, moment: datetime, *, days: int = 0, hours: float = 0) -> date:
    """The grow's day so many hours and whole days after a moment.

    Days are counted on the calendar, so that ten days stay ten over a change of clocks.
    """
    local = (moment + timedelta(hours=hours)).astimezone(ZoneInfo(grow.time_zone))
    return local.date() + timedelta(days=days)
