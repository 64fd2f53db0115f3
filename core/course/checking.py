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
        years = f"{EARLIEST_DAY.year} and {LATEST_DAY.year}"
        raise InputError("day_beyond_reason", f"Give days between the years {years}.", "start")
    if request.until < request.start:
        raise InputError(
            "until_before_start", "The last day is before the start; give a later one.", "until"
        )
    if request.day(request.until) > MOST_DAYS:
        raise InputError(
            "too_long", f"At most {MOST_DAYS} days are planned at once; give a sooner day.", "until"
        )
    begins = "A tank joins a season on its start or later."
    _check_from_start(request, request.filled_on, begins, "filled_on")
    _check_from_start(request, request.harvest, "The harvest is before the start.", "harvest")


def _check_from_start(
    request: CourseRequest, day: date | None, before_start: str, where: str
) -> None:
    """Refuse a day before the season, saying that so, and one beyond all seasons."""
    if day is not None and day < request.start:
        raise InputError("before_start", before_start, where)
    if day is not None and day > LATEST_DAY:
        raise InputError("day_beyond_reason", f"Give a day before {LATEST_DAY.year + 1}.", where)


def _check_happened(request: CourseRequest) -> None:
    before = "This happened before the season started."
    for at, happening in enumerate(request.happened):
        _check_from_start(request, happening.on, before, f"happened[{at}].on")


def _check_columns(request: CourseRequest) -> None:
    charts = [request.chart, *(one.chart for one in request.happened if one.chart)]
    known = {column.key for chart in charts for column in chart.columns}
    for at, wait in enumerate(request.waits_for):
        if wait.column not in known:
            raise InputError(
                "unknown_column",
                f"The chart has no column {wait.column!r}.",
                f"waits_for[{at}].column",
            )


def _check_rules(request: CourseRequest) -> None:
    for at, rule in enumerate(request.rules):
        if any(apart.product == rule.product for apart in rule.apart_from):
            raise InputError(
                "apart_from_itself",
                f"{rule.product} cannot keep a distance from itself; say how often it is given.",
                f"rules[{at}].apart_from",
            )


def _check_zone(request: CourseRequest) -> None:
    try:
        ZoneInfo(request.time_zone)
    except (ZoneInfoNotFoundError, ValueError, OSError):
        raise InputError(
            "unknown_time_zone",
            f"There is no time zone {request.time_zone!r}; give one such as Europe/Paris.",
            "time_zone",
        ) from None
