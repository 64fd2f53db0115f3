"""A season as answers: columns with their days, the target, strokes, tasks, and what happened."""

from collections.abc import Iterable, Mapping
from datetime import date
from math import ceil
from zoneinfo import ZoneInfo

from core.course import (
    Course,
    CourseDrawing,
    Move,
    draw_course,
)
from core.course.drawing import Stroke
from core.quantities import (
    Reading,
    ReadingScale,
    Spoons,
    Volume,
    VolumeUnit,
    decimal_text,
    figure,
    number_text,
)
from core.wording import wording
from server.grows.figures import percent_shown
from server.grows.scope import Scope
from server.seasons.models import SeasonEntry
from server.seasons.running import Happened, RunningSeason
from server.seasons.shapes import (
    CourseOut,
    HappenedOut,
    LaidColumnOut,
    MoveOut,
    SeasonConflict,
    SeasonTold,
    SpanOut,
    StrokeOut,
    TankTogether,
    TreadOut,
)
from server.seasons.task_words import TaskWords, products_out
from server.seasons.tasks import standing_tasks, told_of


def course_out(
    scope: Scope,
    running: RunningSeason,
    course: Course,
    *,
    tags: Mapping[int, str],
    moves: Iterable[Move] = (),
) -> CourseOut:
    """A season, for who asks.

    Args:
        scope: who asks.
        running: the season.
        course: its course.
        tags: of the shelf's products, by number.
        moves: what moves against the course that is kept.
    """
    season, lead, member = running.season, running.lead, scope.membership
    meter, water = member.meter, season.tank.water
    drawing = draw_course(course, water.reading, Spoons(member.spoons))
    shown = TaskWords.of(scope, running, course)
    plan = course.request.change_out
    return CourseOut(
        season=season.pk,
        tank=season.tank_id,
        name=season.tank.name,
        chart_name=running.chart.chart.name,
        version_id=lead.version_id,
        planted=lead.planted,
        started_on=lead.started_on,
        joined_on=season.joined_on,
        together=[TankTogether(tank=tank, name=name) for tank, name in running.together.items()],
        ended_on=season.ended_on,
        today=running.today,
        until=course.request.until,
        unit=meter.words,
        water=water.name,
        floor=_level(water.reading, meter),
        floor_shown=water.reading.shown(meter) if water.reading else None,
        change_out_days=plan.every_days if plan else None,
        programme=course.request.programme.value,
        columns=_columns(course),
        treads=_treads(course, drawing, meter),
        strokes=_strokes(running, course, drawing),
        products=products_out(running, course, tags),
        tasks=[shown.task_out(task) for task in told_of(standing_tasks(running, course))],
        told=[_entry_out(entry) for entry in running.told],
        happened=[
            _happened_out(entry, running, ZoneInfo(scope.grow.time_zone), meter, member.tank_unit)
            for entry in running.done.line
        ],
        conflicts=[
            SeasonConflict(
                code=conflict.code,
                rules=list(conflict.rules),
                message=wording(conflict.message, member.manner),
            )
            for conflict in course.conflicts
        ],
        moves=[MoveOut(what=move.what, before=move.before, after=move.after) for move in moves],
    )


def _columns(course: Course) -> list[LaidColumnOut]:
    waits = {wait.column: wait.sign for wait in course.request.waits_for}
    found = []
    for laid in course.columns:
        first, last = course.dates(laid)
        ph = laid.column.ph
        found.append(
            LaidColumnOut(
                key=laid.column.key,
                label=laid.column.label,
                stage=laid.column.stage,
                chart_name=laid.chart.name,
                first=first,
                last=last,
                is_open=laid.is_open,
                waits_for=waits.get(laid.column.key, "") if laid.is_open else "",
                ph_low=decimal_text(ph.low) if ph else None,
                ph_high=decimal_text(ph.high) if ph else None,
            )
        )
    return found


def _treads(course: Course, drawing: CourseDrawing, meter: ReadingScale) -> list[TreadOut]:
    return [
        TreadOut(
            first=course.date_of(tread.first),
            last=course.date_of(tread.last),
            low=_level(tread.target.low, meter) if tread.target else None,
            high=_level(tread.target.high, meter) if tread.target else None,
            shown=_band_shown(tread.target.low, tread.target.high, meter) if tread.target else None,
            ro_least_shown=f"{ceil(tread.ro.at_least * 100)} %" if tread.ro else None,
            ro_shown=f"{number_text(tread.ro.advised * 100, 0)} %" if tread.ro else None,
            strength_shown=percent_shown(tread.strength),
        )
        for tread in drawing.treads
    ]


def _band_shown(low: Reading, high: Reading, meter: ReadingScale) -> str:
    first, last = low.shown(meter), high.shown(meter)
    return first if first == last else f"{first} to {last}"


def _strokes(running: RunningSeason, course: Course, drawing: CourseDrawing) -> list[StrokeOut]:
    """Products over the season; of those that rules give, what went in stands with what comes."""
    ruled = [rule.product for rule in course.request.rules]
    poured: dict[str, list[date]] = {key: [] for key in ruled}
    for on, key in running.poured:
        if key in poured:
            poured[key].append(on)
    drawn = {stroke.product: stroke for stroke in drawing.strokes}
    order = dict.fromkeys([*drawn, *(key for key in ruled if poured[key])])
    strokes = (drawn.get(key, Stroke(key, (), ())) for key in order)
    return [
        _stroke(
            course,
            one,
            poured.get(one.product, []),
            ruled.index(one.product) if one.product in ruled else None,
        )
        for one in strokes
    ]


def _stroke(course: Course, stroke: Stroke, poured: list[date], rule: int | None) -> StrokeOut:
    planned = [course.date_of(day) for day in stroke.days]
    return StrokeOut(
        product=stroke.product,
        rule=rule,
        spans=[
            SpanOut(
                first=course.date_of(span.first), last=course.date_of(span.last), share=span.share
            )
            for span in stroke.spans
        ],
        days=sorted({*planned, *poured}),
    )


def _level(reading: Reading | None, meter: ReadingScale) -> float | None:
    """For drawing only; what is acted on stays decimal text."""
    return None if reading is None else float(reading.in_unit(meter))


def _entry_out(entry: SeasonEntry) -> SeasonTold:
    told = entry.told
    return SeasonTold(
        id=entry.pk,
        on=entry.on,
        kind=SeasonEntry.Kind(entry.kind),
        what=told.get("column") or told.get("sign") or told.get("task") or "",
        days=told.get("days"),
        reason=entry.reason,
        by=entry.author or "",
    )


def _happened_out(
    entry: Happened,
    running: RunningSeason,
    zone: ZoneInfo,
    meter: ReadingScale,
    unit: VolumeUnit,
) -> HappenedOut:
    at, kind, values, note = entry
    local = at.astimezone(zone)
    whole = (local.date() - running.lead.started_on).days
    told = {what: figure(one["value"]) for what, one in values.items() if one}
    ec = Reading(told["ec"]) if "ec" in told else None
    litres = told.get("litres")
    return HappenedOut(
        at=at,
        day=round(whole + (local.hour * 60 + local.minute) / 1440, 3),
        kind=kind,
        ec=_level(ec, meter),
        ec_shown=ec.shown(meter) if ec else None,
        ph=float(told["ph"]) if "ph" in told else None,
        litres_shown=Volume(litres).shown(unit) if litres else None,
        note=note,
    )
