"""Today: what each tank needs, late, due and next; done by doing it, left out with a reason."""

from collections.abc import Mapping
from datetime import date, datetime, timedelta
from typing import Annotated, Literal, assert_never

from django.db import transaction
from django.http import HttpRequest, HttpResponse
from django.utils import timezone
from ninja import Field, Router, Schema
from pydantic import BaseModel

from core.chart import PhWindow
from core.course import Course, Programme, TaskKind
from core.errors import InputError
from core.limits import LONGEST_WORDS
from core.quantities import decimal_text, figure, number_text, rounded
from core.tanks.first_fill import FirstFill
from core.tending.lacking import Lack, lacks_of
from server.api.ids import VersionId
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept
from server.grows.figures import Figure, percent_shown
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.seasons.course import course_of
from server.seasons.models import Season, SeasonEntry
from server.seasons.round import aim_of, band_shown
from server.seasons.running import RunningSeason, running_seasons, seasons_of, today_of
from server.seasons.shapes import SeasonProduct, TaskOut
from server.seasons.task_words import TaskWords, products_out
from server.seasons.tasks import StandingTask, TaskState, needed, standing_tasks
from server.shelf.models import Product
from server.tanks.first_fill import FirstFillOut, first_fill_out, watched_tanks
from server.tanks.models import Tank, TimeLineEntry
from server.tanks.presenting import due_by
from server.tanks.timeline import LastMix, last_look, last_mix

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
WEEK_DAYS = 7


class TowardsToday(BaseModel):
    """The column of another chart that a season goes over to, and how far it is by today."""

    version_id: VersionId
    column_key: str
    share_shown: str


class TankToday(BaseModel):
    """A tank today: where its season stands, what it aims at, and what it needs in the week.

    `version_id`, `column_key` and `strength_shown` are those of a mix today; `column` is its label.
    While the season goes over to another chart, they are those of the chart before. `watched` is
    plain water that stands in a new system, to be looked at for leaks. `lacks` is what it lacks by
    its last mix and readings, `last_ph` as it was read.
    """

    tank: int
    name: str
    water: int
    season: int | None
    chart_name: str
    version_id: VersionId | None
    column: str
    column_key: str
    towards: TowardsToday | None
    programme: Programme
    strength_shown: str
    day: int | None
    target_shown: str | None
    ph_shown: str | None
    products: list[SeasonProduct]
    tasks: list[TaskOut]
    watched: FirstFillOut | None
    lacks: list[Lack]
    last_ph: str | None


class TodayOut(BaseModel):
    """What a grow needs: tanks in the order of a walk that shares its preparations."""

    today: date
    tanks: list[TankToday]


@router.get("/grows/{grow_id}/today", response={200: TodayOut, **_ANSWERS}, operation_id="today")
def today(request: HttpRequest, grow_id: int) -> HttpResponse:
    """What every tank needs today and in the week, by its season."""
    scope = Scope.enter(request.user, grow_id)
    tanks = list(
        Tank.with_readings(Tank.in_use(scope.all(Tank))).annotate(
            looked_at=last_look(), **last_mix()
        )
    )
    seasons = seasons_of(scope).filter(ended_on=None)
    running = {
        season.season.tank_id: season
        for season in running_seasons(scope, seasons, are_all=True, with_lines=False)
    }
    tags = dict(scope.all(Product).values_list("pk", "tag"))
    watched = watched_tanks(scope, [tank.pk for tank in tanks])
    found = [
        _lacking(
            tank,
            _tank_today(scope, tank, running.get(tank.pk), tags, watched),
            aim_of(scope, running[tank.pk]).window if tank.pk in running else None,
        )
        for tank in tanks
    ]
    out = TodayOut(
        today=today_of(scope.grow),
        tanks=sorted(found, key=_on_a_walk),
    )
    return HttpResponse(out.model_dump_json(), content_type="application/json")


def _lacking(tank: Tank, shown: TankToday, window: PhWindow | None) -> TankToday:
    """The same with what the tank lacks; the tank with its last readings, look and mix."""
    mixed = LastMix.of(tank)
    last_ph: str | None = getattr(tank, "last_ph")  # noqa: B009 -- by with_readings
    looked_at: datetime | None = getattr(tank, "looked_at")  # noqa: B009 -- by the query
    hours = mixed.values.get("look_again") if mixed else None
    asked_at = mixed.mixed_at + timedelta(hours=float(hours or 0)) if mixed else None
    lacks = lacks_of(
        due=due_by(mixed),
        ph=None if last_ph is None else figure(last_ph),
        window=window,
        is_read_since=bool(looked_at and asked_at and looked_at >= asked_at),
    )
    ph_shown = None if last_ph is None else number_text(figure(last_ph), 1)
    return shown.model_copy(update={"lacks": list(lacks), "last_ph": ph_shown})


def _on_a_walk(tank: TankToday) -> tuple[int, int, str]:
    """What is late first, then what is due, then what is only read; shared water side by side."""
    urgent = [task for task in tank.tasks if task.kind is not TaskKind.READ]
    pressing = (
        any(one.state is TaskState.LATE for one in urgent),
        any(one.state is TaskState.DUE for one in urgent),
        any(one.state is TaskState.DUE for one in tank.tasks),
    )
    return pressing.index(True) if any(pressing) else len(pressing), tank.water, tank.chart_name


def _tank_today(
    scope: Scope,
    tank: Tank,
    running: RunningSeason | None,
    tags: dict[int, str],
    watched: Mapping[int, FirstFill],
) -> TankToday:
    bare = TankToday(
        tank=tank.pk, name=tank.name, water=tank.water_id, season=None, chart_name="",
        version_id=None, column="", column_key="", towards=None,
        programme=Programme.MINERAL, strength_shown="", day=None,
        target_shown=None, ph_shown=None, products=[], tasks=[],
        watched=first_fill_out(watched.get(tank.pk)), lacks=[], last_ph=None,
    )  # fmt: skip
    if running is None:
        return bare
    course = course_of(running, scope.grow)
    aim = aim_of(scope, running)
    words = TaskWords.of(scope, running, course)
    tasks = needed(standing_tasks(running, course), running.today + timedelta(days=WEEK_DAYS))
    window = aim.window
    ends = [decimal_text(end) for end in (window.low, window.high)] if window else []
    return bare.model_copy(
        update={
            "season": running.season.pk,
            "chart_name": running.chart.chart.name,
            **_stands(running, course),
            "programme": course.request.programme,
            "day": (running.today - running.lead.started_on).days,
            "target_shown": band_shown(scope, aim.target),
            "ph_shown": " to ".join(dict.fromkeys(ends)) or None,
            "products": products_out(running, course, tags),
            "tasks": [words.task_out(task) for task in tasks],
        }
    )


def _stands(running: RunningSeason, course: Course) -> dict[str, object]:
    """What a mix of today is poured by: nothing before the start and after the end."""
    day = course.request.day(running.today)
    if not 0 <= day <= course.season.last:
        return {}
    laid, towards = course.season.by_day[day], None
    label = laid.column.label
    if blend := course.season.blend(day):
        towards = TowardsToday(
            version_id=running.version_of(laid.chart),
            column_key=laid.column.key,
            share_shown=percent_shown(blend[1]),
        )
        laid = blend[0]
        label = f"{laid.column.label} to {label}"
    return {
        "version_id": running.version_of(laid.chart),
        "column": label,
        "column_key": laid.column.key,
        "towards": towards,
        "strength_shown": percent_shown(course.season.strength(day)),
    }


class TaskTold(Schema):
    """What became of a task: done where nothing else tells of it, or left out for a reason.

    `amount` is what went in of an addition.
    """

    task: Annotated[str, Field(max_length=200, pattern=PLAIN_TEXT)]
    state: Literal["done", "skipped"]
    amount: Figure | None = None
    reason: Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)] = ""


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/tasks",
    response={200: Kept, **_ANSWERS},
    operation_id="tell_task",
)
@transaction.atomic
def tell_task(
    request: HttpRequest, grow_id: int, season_id: int, body: TaskTold, once: Once = None
) -> Kept:
    """Tell what became of a task of a season.

    A mix and a reading are never ticked: they are done by mixing and reading.
    """
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    season = scope.one(seasons_of(scope), season_id)
    if was_heard(scope, once):
        return Kept()
    running = running_seasons(scope, [season])[0]
    tasks = standing_tasks(running, course_of(running, scope.grow))
    standing = next((task for task in tasks if task.key == body.task), None)
    if standing is None or standing.state in (TaskState.DONE, TaskState.SKIPPED):
        raise InputError("task_settled", "task")
    if body.state == "skipped":
        _leave_out(scope, season, standing, body.reason.strip())
    else:
        _tick(scope, running, standing, body)
    return Kept()


def _leave_out(scope: Scope, season: Season, standing: StandingTask, reason: str) -> None:
    if not reason:
        raise InputError("missing.reason", "reason")
    _entry(scope, season, SeasonEntry.Kind.SKIPPED, standing, reason)


def _entry(
    scope: Scope, season: Season, kind: SeasonEntry.Kind, standing: StandingTask, reason: str
) -> None:
    SeasonEntry.objects.create(
        grow=scope.grow,
        season=season,
        kind=kind,
        on=standing.task.on,
        told={"task": standing.key},
        reason=reason,
        by_id=scope.membership.person_id,
    )


def _tick(scope: Scope, running: RunningSeason, standing: StandingTask, body: TaskTold) -> None:
    task, season = standing.task, running.season
    if task.on > running.today + timedelta(days=1):
        raise InputError("not_yet", "task", on=task.on)
    match task.kind:
        case TaskKind.ADD | TaskKind.INOCULATE:
            _pour(scope, running, task.products, body)
        case TaskKind.CHANGE_OUT | TaskKind.FLUSH if not task.products:
            _on_time_line(scope, season, TimeLineEntry.Kind.CHANGE_OUT, {}, "plain water")
        case TaskKind.PREPARE | TaskKind.CALIBRATE:
            _entry(scope, season, SeasonEntry.Kind.DONE, standing, body.reason.strip())
        case TaskKind.MIX | TaskKind.CHANGE_OUT | TaskKind.FLUSH | TaskKind.READ:
            raise InputError("done_by_doing", "task")
        case _:
            assert_never(task.kind)


def _pour(scope: Scope, running: RunningSeason, products: tuple[str, ...], body: TaskTold) -> None:
    """What went in, as the tank's time line keeps it; the rule goes on from today."""
    if body.amount is None or body.amount.unit not in ("mL", "g"):
        raise InputError("missing.amount", "amount")
    amount = rounded(figure(body.amount.value), 6)
    if not amount:
        raise InputError("amount_out_of_range", "amount")
    value = {"amount": {"value": decimal_text(amount), "unit": body.amount.unit}}
    names, shelf = running.product_names, running.products
    for key in products:
        _on_time_line(
            scope, running.season, TimeLineEntry.Kind.POUR, value, names.get(key, key),
            product=shelf.get(key),
        )  # fmt: skip


def _on_time_line(
    scope: Scope,
    season: Season,
    kind: TimeLineEntry.Kind,
    values: dict[str, dict[str, str]],
    note: str,
    *,
    product: int | None = None,
) -> None:
    TimeLineEntry.objects.create(
        grow=scope.grow, tank=season.tank, kind=kind, values=values, at=timezone.now(), note=note,
        product=product, by_id=scope.membership.person_id,
    )  # fmt: skip
