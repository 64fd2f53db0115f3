"""What else moves when one thing in a season is moved."""

from collections.abc import Iterator
from dataclasses import dataclass
from datetime import date

from core.course.plan import Course
from core.course.tasks import TaskKind

_FILLINGS = (TaskKind.CHANGE_OUT, TaskKind.FLUSH)


@dataclass(frozen=True, slots=True)
class Move:
    """Something that comes on another day than before.

    Args:
        what: a column's label, the key of what a rule gives, `next_filling` or `end`.
        before, after: its day as it was and as it is then; None where it is not planned.
    """

    what: str
    before: date | None
    after: date | None


def what_moves(before: Course, after: Course, today: date) -> tuple[Move, ...]:
    """Columns that begin on another day, the next filling, additions and the end, from today on."""
    moves = list(_columns(before, after, today))
    fillings = [_next_filling(one, today) for one in (before, after)]
    moves.append(Move("next_filling", fillings[0], fillings[1]))
    moves += _additions(before, after, today)
    moves.append(Move("end", _end(before), _end(after)))
    return tuple(move for move in moves if move.before != move.after)


def _columns(before: Course, after: Course, today: date) -> Iterator[Move]:
    begins: list[dict[str, date]] = []
    for course in (before, after):
        found: dict[str, date] = {}
        for column in course.columns:
            begin = course.dates(column)[0]
            if begin >= today:
                found.setdefault(column.column.label, begin)
        begins.append(found)
    for label in dict.fromkeys([*begins[0], *begins[1]]):
        yield Move(label, begins[0].get(label), begins[1].get(label))


def _next_filling(course: Course, today: date) -> date | None:
    return next(
        (task.on for task in course.tasks if task.kind in _FILLINGS and task.on >= today), None
    )


def _additions(before: Course, after: Course, today: date) -> Iterator[Move]:
    """When each product that a rule gives comes next."""
    ruled = dict.fromkeys(
        rule.product for course in (before, after) for rule in course.request.rules
    )
    for product in ruled:
        days = [_next_of(product, course, today) for course in (before, after)]
        yield Move(product, days[0], days[1])


def _next_of(product: str, course: Course, today: date) -> date | None:
    return next(
        (task.on for task in course.tasks if product in task.products and task.on >= today), None
    )


def _end(course: Course) -> date | None:
    last = course.columns[-1]
    return None if last.is_open else course.dates(last)[1]
