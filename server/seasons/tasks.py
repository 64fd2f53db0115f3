"""Tasks of a season as they stand today: done, left out, late, due, or still to come."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date
from enum import StrEnum

from core.course import Course, Task, TaskKind
from server.seasons.models import SeasonEntry
from server.seasons.running import RunningSeason


class TaskState(StrEnum):
    """How a task stands."""

    DONE = "done"
    SKIPPED = "skipped"
    LATE = "late"
    DUE = "due"
    PLANNED = "planned"


@dataclass(frozen=True, slots=True)
class StandingTask:
    """A task of a season, by a key that stays while its day and its matter do."""

    key: str
    task: Task
    state: TaskState


def key_of(task: Task) -> str:
    """What a task is called by whoever does it or leaves it out; calendars keep it, too."""
    matter = task.meter or "+".join(task.products) if task.kind in _BY_MATTER else ""
    if task.kind is TaskKind.PREPARE:
        matter = task.why[0].value
    return f"{task.on}.{task.kind}.{matter}"[:200]


_BY_MATTER = frozenset({TaskKind.ADD, TaskKind.INOCULATE, TaskKind.CALIBRATE})
_FILLINGS = frozenset({TaskKind.MIX, TaskKind.CHANGE_OUT, TaskKind.FLUSH})


def standing_tasks(running: RunningSeason, course: Course) -> list[StandingTask]:
    """All tasks; of those of one matter that are late, one, with the day since when it is."""
    told = {
        entry.told.get("task"): entry.kind
        for entry in running.told
        if entry.kind in (SeasonEntry.Kind.DONE, SeasonEntry.Kind.SKIPPED)
    }
    found = []
    late = set[tuple[object, ...]]()
    for task in course.tasks:
        key = key_of(task)
        state = _state(task, running, told.get(key))
        if state is TaskState.LATE:
            matter = (task.kind, task.products if task.kind in _BY_MATTER else (), task.meter)
            if matter in late:
                continue
            late.add(matter)
        if state is not None:
            found.append(StandingTask(key, task, state))
    return found


def _state(task: Task, running: RunningSeason, text: str | None) -> TaskState | None:
    """How a task stands; None for one that nobody needs any more."""
    if text is not None:
        return TaskState.DONE if text == SeasonEntry.Kind.DONE else TaskState.SKIPPED
    if _is_done(task, running):
        return TaskState.DONE
    if task.on > running.today:
        return TaskState.PLANNED
    if task.on == running.today:
        return TaskState.DUE
    return None if task.kind is TaskKind.READ else TaskState.LATE


def _is_done(task: Task, running: RunningSeason) -> bool:
    done = running.done
    if task.kind is TaskKind.READ:
        return done.read_on is not None and task.on <= done.read_on
    if task.on <= running.season.filled_on and task.kind in (TaskKind.MIX, TaskKind.PREPARE):
        return bool(done.fillings)
    if task.kind is TaskKind.INOCULATE and task.on == running.season.filled_on:
        return any(key in task.products for _, key in running.poured)
    return False


def told_of(tasks: Iterable[StandingTask]) -> list[StandingTask]:
    """Without the readings of each day but those of today: nobody plans by them."""
    return [
        task for task in tasks if task.task.kind is not TaskKind.READ or task.state is TaskState.DUE
    ]


def needed(tasks: Iterable[StandingTask], until: date) -> list[StandingTask]:
    """What is late or due, and what comes up to a day."""
    open_states = (TaskState.LATE, TaskState.DUE, TaskState.PLANNED)
    return [task for task in told_of(tasks) if task.state in open_states and task.task.on <= until]
