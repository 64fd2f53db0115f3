"""The format brisk-measure/course, version 1."""

from typing import Annotated, Literal

from pydantic import ConfigDict, Field

from core.course import Course, LaidColumn, Task, TaskKind, Why
from core.formats.fields import Day, Document, Figure, TimeOfDay, one_of
from core.wording import codes_in, wording


class LaidColumnDocument(Document):
    """A column over days, both of them its own; `open` while its end is not known."""

    model_config = ConfigDict(extra="forbid", frozen=True, populate_by_name=True)

    column: str
    first: Day = Field(alias="from")
    last: Day = Field(alias="to")
    open: bool
    chart: str
    blends_from: str | None
    blend_days: int


class DiffersDocument(Document):
    """A product of which column and rule say different things."""

    product: str
    by_column: bool
    by_rule: bool


class TaskDocument(Document):
    """One thing to do; `at` where its hour matters."""

    on: Day
    at: TimeOfDay | None
    kind: TaskKind
    column: str | None
    products: tuple[str, ...]
    why: tuple[Why, ...]
    strength: Figure | None
    differs: tuple[DiffersDocument, ...]
    meter: str | None


class ConflictDocument(Document):
    """What cannot be as it was asked for."""

    code: Annotated[str, one_of(codes_in("seasons"))]
    rules: tuple[str, ...]
    message: str


class CourseDocument(Document):
    """What comes, and what came: a tank over weeks."""

    format: Literal["brisk-measure/course"] = "brisk-measure/course"
    version: Literal[1] = 1
    columns: tuple[LaidColumnDocument, ...]
    tasks: tuple[TaskDocument, ...]
    conflicts: tuple[ConflictDocument, ...]

    @classmethod
    def of(cls, course: Course) -> "CourseDocument":
        """The document of a course."""
        return cls(
            columns=tuple(_column(course, column) for column in course.columns),
            tasks=tuple(_task(task) for task in course.tasks),
            conflicts=tuple(
                ConflictDocument(
                    code=conflict.code, rules=conflict.rules, message=wording(conflict.message)
                )
                for conflict in course.conflicts
            ),
        )


def _column(course: Course, laid: LaidColumn) -> LaidColumnDocument:
    first, last = course.dates(laid)
    before = laid.blends_from
    return LaidColumnDocument(
        column=laid.column.key,
        first=first,
        last=last,
        open=laid.is_open,
        chart=laid.chart.name,
        blends_from=before.column.key if before else None,
        blend_days=laid.blend_days,
    )


def _task(task: Task) -> TaskDocument:
    return TaskDocument(
        on=task.on,
        at=task.at,
        kind=task.kind,
        column=task.column,
        products=task.products,
        why=task.why,
        strength=task.strength,
        differs=tuple(
            DiffersDocument(
                product=differ.product, by_column=differ.by_column, by_rule=differ.by_rule
            )
            for differ in task.differs
        ),
        meter=task.meter,
    )
