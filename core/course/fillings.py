"""When a tank is filled: at the start, by days, by what plants drank, and for a flush."""

from bisect import bisect_right
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import ceil
from operator import itemgetter

from core.course.request import ChangeOut, CourseRequest, Happening, HappeningKind
from core.course.season import Season
from core.course.tasks import TaskKind, Why

FEW_DAYS = 3
"""Days before flush or harvest in which no tank is filled with feed any more: our own default, as
roots take up little of it in less."""


@dataclass(frozen=True, slots=True)
class Filling:
    """A day on which the tank is filled.

    Args:
        day: counted from the start.
        kind: mixed first, changed out, or filled with plain water.
        why: what makes it due.
        is_done: whether it is done already, and no task.
    """

    day: int
    kind: TaskKind
    why: Why
    is_done: bool = False


def fillings_of(season: Season) -> tuple[Filling, ...]:
    """All fillings in order: those that were done, and after the last of them those to come.

    What was planned before the last that was done is past: it was done then, or left out.
    """
    due, request = _Due(season), season.request
    first = request.first_filling
    if season.last < first:
        return ()
    changed = {
        request.day(one.on) for one in _happenings_of_kind(request, HappeningKind.CHANGED_OUT)
    }
    done = sorted(day for day in changed if first < day <= season.last)
    found = [Filling(first, TaskKind.MIX, Why.FIRST_FILLING)]
    found += [Filling(day, TaskKind.CHANGE_OUT, Why.SO_MANY_DAYS, is_done=True) for day in done]
    while (following := due.after(found[-1].day)) is not None:
        found.append(following)
    return tuple(found)


class _Due:
    """What makes the next filling of a season due."""

    def __init__(self, season: Season) -> None:
        self._last = season.last
        harvest = season.request.harvest
        self._harvest = None if harvest is None else season.request.day(harvest)
        self._change_out = season.request.change_out or ChangeOut()
        days = range(1, season.last + 1)
        plain = [season.is_plain_water(day) for day in range(season.last + 1)]
        self._flushes = [day for day in days if plain[day] and not plain[day - 1]]
        # A column that begins within a flush finds plain water in the tank already.
        self._columns = [
            column.first
            for column in season.laid.columns
            if not all(plain[max(column.first - 1, 0) : column.first + 1])
        ]
        self._topped = sorted(
            (season.request.day(one.on), one.litres or Fraction(0))
            for one in _happenings_of_kind(season.request, HappeningKind.TOPPED_UP)
        )

    def after(self, day: int) -> Filling | None:
        """The first that is due after a filling; a flush before all others of its day."""
        kinds: list[tuple[int | None, TaskKind, Why]] = [
            (_first_after(self._flushes, day), TaskKind.FLUSH, Why.FLUSH_BEGINS),
            (self._new_column(day), TaskKind.CHANGE_OUT, Why.NEW_COLUMN),
            (self._so_many_days(day), TaskKind.CHANGE_OUT, Why.SO_MANY_DAYS),
            (self._drunk(day), TaskKind.CHANGE_OUT, Why.DRUNK_ONCE),
        ]
        due = [
            Filling(on, kind, why)
            for on, kind, why in kinds
            if on and on <= self._last and (kind is TaskKind.FLUSH or self._is_worth(on))
        ]
        return min(due, key=lambda one: one.day, default=None)

    def _is_worth(self, day: int) -> bool:
        """Whether a tank is filled with feed for more than a few days before flush or harvest."""
        ends = [*self._flushes, *([] if self._harvest is None else [self._harvest])]
        return not any(day <= end < day + FEW_DAYS for end in ends)

    def _new_column(self, after: int) -> int | None:
        return _first_after(self._columns, after) if self._change_out.with_each_column else None

    def _so_many_days(self, after: int) -> int | None:
        every = self._change_out.every_days
        return after + every if every else None

    def _drunk(self, after: int) -> int | None:
        """When so much is drunk; after the last top-up, at the pace of all of them."""
        left, seen = self._change_out.after_litres, after
        if not left or not self._topped:
            return None
        for day, litres in self._topped[bisect_right(self._topped, after, key=itemgetter(0)) :]:
            left, seen = left - litres, day
            if left <= 0:
                return day
        pace = sum((one for _, one in self._topped), Fraction(0)) / max(self._topped[-1][0], 1)
        return seen + max(1, ceil(left / pace)) if pace else None


def _first_after(days: Sequence[int], after: int) -> int | None:
    at = bisect_right(days, after)
    return days[at] if at < len(days) else None


def _happenings_of_kind(request: CourseRequest, kind: HappeningKind) -> list[Happening]:
    return [happening for happening in request.happened if happening.kind is kind]
