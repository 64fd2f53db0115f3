"""What no course can be planned from: dates out of order, names that are none."""

from collections.abc import Callable
from datetime import date
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

from core.course.request import CourseRequest
from core.errors import InputError
from core.limits import EARLIEST_DAY, LATEST_DAY, MOST_DAYS


def check_request(request: CourseRequest) -> None:
    """Refuse what cannot be planned.

    Raises:
        InputError: the first such thing, and where it stands.
    """
    checks: tuple[Callable[[CourseRequest], None], ...] = (
        _check_days, _check_happened, _check_columns, _check_rules, _check_zone,
    )  # fmt: skip
    for check in checks:
        check(request)


def _check_days(request: CourseRequest) -> None:
    if request.start < EARLIEST_DAY or request.until > LATEST_DAY:
        raise InputError(
            "day_beyond_reason.years", "start", first=EARLIEST_DAY.year, last=LATEST_DAY.year
        )
    if request.until < request.start:
        raise InputError("until_before_start", "until")
    if request.day(request.until) > MOST_DAYS:
        raise InputError("too_long.days", "until", most_days=MOST_DAYS)
    _check_from_start(request, request.filled_on, "before_start.tank", "filled_on")
    _check_from_start(request, request.harvest, "before_start.harvest", "harvest")


def _check_from_start(
    request: CourseRequest, day: date | None, before_start: str, where: str
) -> None:
    """Refuse a day before the season, saying that so, and one beyond all seasons."""
    if day is not None and day < request.start:
        raise InputError(before_start, where)
    if day is not None and day > LATEST_DAY:
        raise InputError("day_beyond_reason.before", where, year=LATEST_DAY.year + 1)


def _check_happened(request: CourseRequest) -> None:
    for at, happening in enumerate(request.happened):
        _check_from_start(request, happening.on, "before_start.happened", f"happened[{at}].on")


def _check_columns(request: CourseRequest) -> None:
    charts = [
        request.chart,
        *(happening.chart for happening in request.happened if happening.chart),
    ]
    known = {column.key for chart in charts for column in chart.columns}
    for at, wait in enumerate(request.waits_for):
        if wait.column not in known:
            raise InputError("unknown_column.named", f"waits_for[{at}].column", column=wait.column)


def _check_rules(request: CourseRequest) -> None:
    for at, rule in enumerate(request.rules):
        if any(apart.product == rule.product for apart in rule.apart_from):
            raise InputError("apart_from_itself", f"rules[{at}].apart_from", product=rule.product)


def _check_zone(request: CourseRequest) -> None:
    try:
        ZoneInfo(request.time_zone)
    except (ZoneInfoNotFoundError, ValueError, OSError):
        raise InputError(
            "unknown_time_zone.time_zone", "time_zone", time_zone=request.time_zone
        ) from None
