"""A season as answers: columns with their days, the target, strokes, tasks, and what happened."""

from collections.abc import Iterable, Mapping
from datetime import date, datetime
from fractions import Fraction
from zoneinfo import ZoneInfo

from pydantic import BaseModel

from core.chart import Stage
from core.course import (
    Course,
    CourseDrawing,
    Move,
    Programme,
    TaskKind,
    Why,
    draw_course,
)
from core.course.drawing import Stroke
from core.leaflet.meaning import InTank, amount_range
from core.living import Brew, brew_for
from core.quantities import (
    Amount,
    AmountUnit,
    Reading,
    ReadingScale,
    Spoons,
    Volume,
    VolumeUnit,
    decimal_text,
    figure,
    number_text,
    rounded,
)
from server.grows.figures import Figure, percent_shown
from server.grows.scope import Scope
from server.seasons.course import Happened, RunningSeason
from server.seasons.models import SeasonEntry
from server.seasons.tasks import StandingTask, TaskState, standing_tasks, told_of


class SeasonProduct(BaseModel):
    """A product of a season; `product` is its number on the shelf, where it is there."""

    key: str
    name: str
    tag: str
    product: int | None


class AmountOut(BaseModel):
    """How much of a product goes into the tank on a day; `amount` is exact, `shown` for the eye."""

    product: str
    amount: Figure
    shown: str


class DiffersOut(BaseModel):
    """A product of which the column and its rule say different things."""

    product: str
    by_column: bool
    by_rule: bool


class TaskOut(BaseModel):
    """One thing to do; `at` is the time of day where its hour matters, `moment` that very moment.

    `amounts` are those of additions whose dose the column prints. `strength` is exact, in percent.
    """

    key: str
    on: date
    at: str | None
    moment: datetime | None
    kind: TaskKind
    state: TaskState
    column: str | None
    column_label: str
    products: list[str]
    amounts: list[AmountOut]
    why: list[Why]
    strength_shown: str | None
    differs: list[DiffersOut]
    meter: str | None


class LaidColumnOut(BaseModel):
    """A column with its days, both of them its own; `ph` as text."""

    key: str
    label: str
    stage: Stage | None
    chart: str
    first: date
    last: date
    is_open: bool
    waits_for: str
    ph_low: str | None
    ph_high: str | None


class TreadOut(BaseModel):
    """Days at one target; levels for drawing, in the person's unit, `shown` as the pen shows it."""

    first: date
    last: date
    low: float | None
    high: float | None
    shown: str | None
    strength_shown: str


class SpanOut(BaseModel):
    """Days on which a product is poured as much; `share` is that of its largest dose, 0 to 1."""

    first: date
    last: date
    share: float


class StrokeOut(BaseModel):
    """A product over the season: spans by its columns, single days by its rule."""

    product: str
    spans: list[SpanOut]
    days: list[date]


class HappenedOut(BaseModel):
    """What happened to the tank: a reading, a mix, a top-up, a change-out, a remark.

    `day` counts from the start of the season by the grow's clock, for drawing.
    """

    at: datetime
    day: float
    kind: str
    ec: float | None
    ec_shown: str | None
    ph: float | None
    litres_shown: str | None
    note: str


class SeasonTold(BaseModel):
    """What the season was told; `what` is the column, sign or task it is about."""

    id: int
    on: date
    kind: SeasonEntry.Kind
    what: str
    days: int | None
    reason: str
    by: str


class SeasonConflict(BaseModel):
    """What cannot be as it was asked for."""

    code: str
    rules: list[str]
    message: str


class MoveOut(BaseModel):
    """Something that comes on another day than before; None where it is not planned."""

    what: str
    before: date | None
    behind: date | None


class CourseOut(BaseModel):
    """The course of a tank: what came, and what comes. `floor` is the water, for drawing."""

    season: int
    tank: int
    name: str
    chart: str
    version: int
    planted: str
    started_on: date
    ended_on: date | None
    today: date
    until: date
    unit: str
    water: str
    floor: float | None
    floor_shown: str | None
    change_out_days: int | None
    programme: str
    columns: list[LaidColumnOut]
    treads: list[TreadOut]
    strokes: list[StrokeOut]
    products: list[SeasonProduct]
    tasks: list[TaskOut]
    told: list[SeasonTold]
    happened: list[HappenedOut]
    conflicts: list[SeasonConflict]
    moves: list[MoveOut]


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
    season, member = running.season, scope.membership
    meter, water = member.meter, season.tank.water
    drawing = draw_course(course, water.reading, Spoons(member.spoons))
    shown = TaskWords.of(scope, running)
    plan = course.request.change_out
    return CourseOut(
        season=season.pk,
        tank=season.tank_id,
        name=season.tank.name,
        chart=running.chart.chart.name,
        version=season.version_id,
        planted=season.planted,
        started_on=season.started_on,
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
        tasks=[shown.task_out(one) for one in told_of(standing_tasks(running, course))],
        told=[_entry_out(entry) for entry in running.told],
        happened=[
            _happened_out(entry, running, ZoneInfo(scope.grow.time_zone), meter, member.tank_unit)
            for entry in running.done.line
        ],
        conflicts=[
            SeasonConflict(code=one.code, rules=list(one.rules), message=one.message)
            for one in course.conflicts
        ],
        moves=[MoveOut(what=one.what, before=one.before, behind=one.behind) for one in moves],
    )


class TaskWords:
    """Tasks of one season as answers: what its products come to in its tank."""

    def __init__(self, running: RunningSeason, in_tank: InTank, zone: ZoneInfo) -> None:
        self._running, self._in_tank, self._zone = running, in_tank, zone
        self._labels = {
            column.key: column.label
            for stored in (running.chart, *running.others.values())
            for column in stored.chart.columns
        }

    @classmethod
    def of(cls, scope: Scope, running: RunningSeason) -> "TaskWords":
        """With the spoons that a person means, by the clock of the grow."""
        litres = Volume(figure(running.season.tank.litres))
        in_tank = InTank(litres, Fraction(1), Spoons(scope.membership.spoons))
        return cls(running, in_tank, ZoneInfo(scope.grow.time_zone))

    def task_out(self, standing: StandingTask) -> TaskOut:
        """A task."""
        task = standing.task
        return TaskOut(
            key=standing.key,
            on=task.on,
            at=task.at.strftime("%H:%M") if task.at else None,
            moment=datetime.combine(task.on, task.at, self._zone) if task.at else None,
            kind=task.kind,
            state=standing.state,
            column=task.column,
            column_label=self._labels.get(task.column or "", ""),
            products=list(task.products),
            amounts=list(self._amounts(standing)),
            why=list(task.why),
            strength_shown=percent_shown(task.strength) if task.strength is not None else None,
            differs=[
                DiffersOut(product=one.product, by_column=one.by_column, by_rule=one.by_rule)
                for one in task.differs
            ],
            meter=task.meter,
        )

    def _amounts(self, standing: StandingTask) -> Iterable[AmountOut]:
        task, chart = standing.task, self._running.chart.chart
        if task.kind is TaskKind.PREPARE:
            yield from _brewed(task.why[0], brew_for(self._in_tank.volume))
        if task.kind not in (TaskKind.ADD, TaskKind.INOCULATE) or task.column is None:
            return
        is_living = self._running.season.plan.get("programme") == Programme.LIVING
        rows = {product.key: product for product in chart.products}
        for key in task.products:
            dose = chart.dose(key, task.column)
            found = amount_range(dose, rows[key], self._in_tank) if dose and key in rows else None
            if found is None and is_living and task.kind is TaskKind.INOCULATE:
                brew = Amount(brew_for(self._in_tank.volume).water_l * 1000, AmountUnit.ML)
                found = (brew, brew)
            if found is not None:
                low, high = found
                middle = rounded((low.value + high.value) / 2, 3)
                yield AmountOut(
                    product=key,
                    amount=Figure(value=decimal_text(middle), unit=low.unit),
                    shown=f"{number_text(middle, 1).removesuffix('.0')} {low.unit}",
                )


def _brewed(why: Why, brew: Brew) -> Iterable[AmountOut]:
    """What a day of the brew takes, by what it is of."""
    steps = {
        Why.MOLASSES: (("water", brew.water_l * 1000), ("molasses", brew.molasses_ml)),
        Why.INOCULANT: (("inoculant", brew.inoculant_ml),),
    }
    for name, amount in steps.get(why, ()):
        value = rounded(amount, 3)
        litres = value >= 1000
        shown = number_text(value / 1000, 2) if litres else number_text(value, 1)
        yield AmountOut(
            product=name,
            amount=Figure(value=decimal_text(value), unit="mL"),
            shown=f"{shown.rstrip('0').rstrip('.')} {'L' if litres else 'mL'}",
        )


def products_out(
    running: RunningSeason, course: Course, tags: Mapping[int, str]
) -> list[SeasonProduct]:
    """The products of a season, those of rules without a row among them."""
    names, shelf = running.product_names, running.products
    keys = dict.fromkeys([*names, *(rule.product for rule in course.request.rules)])
    return [
        SeasonProduct(
            key=key,
            name=names.get(key, key),
            tag=tags.get(shelf.get(key, 0)) or names.get(key, key)[:2].title(),
            product=shelf.get(key),
        )
        for key in keys
    ]


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
                chart=laid.chart.name,
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
            first=course.date_of(one.first),
            last=course.date_of(one.last),
            low=_level(one.target.low, meter) if one.target else None,
            high=_level(one.target.high, meter) if one.target else None,
            shown=_band_shown(one.target.low, one.target.high, meter) if one.target else None,
            strength_shown=percent_shown(one.strength),
        )
        for one in drawing.treads
    ]


def _band_shown(low: Reading, high: Reading, meter: ReadingScale) -> str:
    first, last = low.shown(meter), high.shown(meter)
    return first if first == last else f"{first} to {last}"


def _strokes(running: RunningSeason, course: Course, drawing: CourseDrawing) -> list[StrokeOut]:
    """Products over the season; of those that rules give, what went in stands with what comes."""
    ruled = [rule.product for rule in course.request.rules if not rule.is_foliar]
    keys = {name: key for key, name in running.product_names.items()} | {key: key for key in ruled}
    poured: dict[str, list[date]] = {key: [] for key in ruled}
    for on, name in running.done.poured:
        if (key := keys.get(name)) in poured:
            poured[key].append(on)
    drawn = {one.product: one for one in drawing.strokes}
    order = dict.fromkeys([*drawn, *(key for key in ruled if poured[key])])
    strokes = (drawn.get(key, Stroke(key, (), ())) for key in order)
    return [_stroke(course, one, poured.get(one.product, [])) for one in strokes]


def _stroke(course: Course, stroke: Stroke, poured: list[date]) -> StrokeOut:
    planned = [course.date_of(day) for day in stroke.days]
    return StrokeOut(
        product=stroke.product,
        spans=[
            SpanOut(first=course.date_of(one.first), last=course.date_of(one.last), share=one.share)
            for one in stroke.spans
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
        by=entry.by.get_username() if entry.by else "",
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
    whole = (local.date() - running.season.started_on).days
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
