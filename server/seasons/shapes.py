"""What is answered about seasons: columns with their days, strokes, tasks, what happened."""

from datetime import date, datetime
from typing import Annotated

from pydantic import BaseModel

from core.chart import Stage
from core.course import TaskKind, Why
from core.formats.fields import one_of
from core.wording import codes_in
from server.api.ids import VersionId
from server.grows.figures import Figure
from server.seasons.models import SeasonEntry
from server.seasons.tasks import TaskState


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

    `amounts` are those of additions whose dose the column prints, times the strength of the day.
    `again_since` is when the same went in, where the tank was not filled since: doses add up.
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
    again_since: date | None


class LaidColumnOut(BaseModel):
    """A column with its days, both of them its own; `ph` as text."""

    key: str
    label: str
    stage: Stage | None
    chart_name: str
    first: date
    last: date
    is_open: bool
    waits_for: str
    ph_low: str | None
    ph_high: str | None


class TreadOut(BaseModel):
    """Days at one target; levels for drawing, in the person's unit, `shown` as the pen shows it.

    `ro_least_shown` and `ro_shown` are there where the water alone reads as much as the target, so
    that no tank filled with it reads that: the shares of RO water that make room, and good room.
    """

    first: date
    last: date
    low: float | None
    high: float | None
    shown: str | None
    ro_least_shown: str | None
    ro_shown: str | None
    strength_shown: str


class SpanOut(BaseModel):
    """Days on which a product is poured as much; `share` is that of its largest dose, 0 to 1."""

    first: date
    last: date
    share: float


class StrokeOut(BaseModel):
    """A product over the season: spans by its columns, single days by its rule, if it has one."""

    product: str
    rule: int | None
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

    code: Annotated[str, one_of(codes_in("seasons"))]
    rules: list[str]
    message: str


class MoveOut(BaseModel):
    """Something that comes on another day than before; None where it is not planned."""

    what: str
    before: date | None
    after: date | None


class TankTogether(BaseModel):
    """Another tank that goes through the season."""

    tank: int
    name: str


class CourseOut(BaseModel):
    """The course of a tank: what came, and what comes. `floor` is the water, for drawing.

    `joined_on` is the day on which the tank came to a season that had begun, or that others share;
    `together` are those others.
    """

    season: int
    tank: int
    name: str
    chart_name: str
    version_id: VersionId
    planted: str
    started_on: date
    ended_on: date | None
    joined_on: date | None
    together: list[TankTogether]
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
