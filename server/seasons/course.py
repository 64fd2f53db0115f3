"""The course of a season: its plan, what it was told, and what its tank's time line says."""

from collections.abc import Hashable, Mapping
from dataclasses import dataclass
from datetime import timedelta

from core.chart import Role
from core.course import Course, Happening, HappeningKind, plan_course
from core.formats import document_of
from core.formats.course_request import SeasonDocument
from core.limits import MOST_DAYS
from core.memory import MEGABYTE, Memory
from server.charts.store import StoredChart
from server.grows.models import Grow
from server.seasons.models import SeasonEntry
from server.seasons.running import DECISIONS, RunningSeason

AHEAD_DAYS = 182
"""How far a season is looked ahead: half a year."""


@dataclass(frozen=True, slots=True)
class Decided:
    """A decision about a season, made or only looked at, and the chart's version that it names."""

    happening: Happening
    version: int | None = None

    @property
    def key(self) -> Hashable:
        """All that a course follows from: its reason moves nothing, and a version never changes."""
        one = self.happening
        return (one.on, one.kind, one.column, one.days, one.sign, one.over_days, self.version)


def course_of(
    running: RunningSeason,
    grow: Grow,
    *,
    also: Decided | None = None,
    plan: SeasonDocument | None = None,
    ahead: int = AHEAD_DAYS,
) -> Course:
    """The course of a season.

    Args:
        running: the season with what it follows from.
        grow: whose days count.
        also: something that has not happened yet, to see what it would move.
        plan: another plan than the one that is kept.
        ahead: for how many days from today.

    Raises:
        InputError: the plan cannot be followed.
    """
    season, lead = running.season, running.lead
    done = _done_happenings(running)
    # What is looked at stands where it will be kept: on a day with a filling the order counts.
    decided = [*_decisions(running), *([also] if also else [])]
    last = max(season.filled_on, running.today) + timedelta(days=ahead)
    until = min(season.ended_on or last, last, lead.started_on + timedelta(days=MOST_DAYS))
    document = plan or document_of(SeasonDocument, lead.plan)
    if lead is not season and lead.ended_on is None:
        # A pen is one pen, however many tanks go together: the first of them has it calibrated.
        document = document.model_copy(update={"meters": ()})
    document = _with_calibrations(document, running)
    request = document.course_request(
        running.chart.chart,
        lead.started_on,
        until,
        time_zone=grow.time_zone,
        happened=[*(one.happening for one in decided), *done],
        disinfectant=season.tank.water.disinfectant_left,
        filled_on=season.joined_on,
    )
    key = (season.pk, lead.version_id, lead.started_on, season.joined_on, until, grow.time_zone,
           request.disinfectant, document.model_dump_json(),
           tuple(one.key for one in decided),
           tuple((one.on, one.kind, one.product, one.litres) for one in done))  # fmt: skip
    kept = _courses.get(key)
    return _courses.put(key, plan_course(request)) if kept is None else kept


def _with_calibrations(document: SeasonDocument, running: RunningSeason) -> SeasonDocument:
    """The plan with its meters as they were calibrated last, where that is known."""
    if not document.meters:
        return document
    meters = [
        meter.model_copy(update={"last": max(filter(None, (meter.last, done)))})
        if (done := running.calibrated.get(meter.name))
        else meter
        for meter in document.meters
    ]
    return document.model_copy(update={"meters": meters})


def _course_bytes(key: tuple[object, ...], course: Course) -> int:
    chart = course.request.chart
    cells = len(chart.columns) * len(chart.products)
    return 8000 + 700 * len(course.tasks) + 250 * cells + 300 * len(key)


_courses: Memory[tuple[object, ...], Course] = Memory(32 * MEGABYTE, weigh=_course_bytes)
"""By all that each follows from: versions of charts, and what seasons were told, never change."""


def _decisions(running: RunningSeason) -> list[Decided]:
    return [
        Decided(happening_of(entry, running.others), entry.version_id)
        for entry in running.told
        if entry.kind in DECISIONS
    ]


def happening_of(entry: SeasonEntry, charts: Mapping[int, StoredChart]) -> Happening:
    """What a season was told, as core uses it."""
    told = entry.told
    return Happening(
        on=entry.on,
        kind=HappeningKind(entry.kind),
        column=told.get("column"),
        days=told.get("days"),
        sign=told.get("sign"),
        chart=charts[entry.version_id].chart if entry.version_id else None,
        over_days=told.get("over_days", 0),
        reason=entry.reason,
    )


def _done_happenings(running: RunningSeason) -> list[Happening]:
    """Fillings after the first day, top-ups, and what went in of products that rules give."""
    done, kinds = running.done, HappeningKind
    filled = sorted({on for on in done.fillings if on > running.season.filled_on})
    found = [Happening(on, kinds.CHANGED_OUT) for on in filled]
    found += [Happening(on, kinds.TOPPED_UP, litres=litres) for on, litres in done.topped]
    ruled = {rule["product"] for rule in running.lead.plan.get("rules", ())}
    rows = running.chart.chart.products
    ruled |= {row.key for row in rows if row.role is Role.LIVE or row.oxidiser}
    poured = dict.fromkeys((on, key) for on, key in running.poured if key in ruled)
    return found + [Happening(on, kinds.ADDED, product=key) for on, key in poured]
