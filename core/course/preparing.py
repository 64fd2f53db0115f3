"""What must be done before a filling, counted back in hours, also over a change of the clocks."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from datetime import UTC, date, datetime, time, timedelta
from fractions import Fraction
from zoneinfo import ZoneInfo

from core.course.fillings import Filling
from core.course.request import CourseRequest, Programme
from core.course.season import Season
from core.course.tasks import Task, TaskKind, Why
from core.water import Disinfectant
from core.water.source import GASSED_OFF_H

MOLASSES_H, INOCULANT_H = Fraction(48), Fraction(24)
"""The brew of the living programme: molasses stand for a day, with the inoculant for another;
common practice."""


@dataclass(frozen=True, slots=True)
class _Clock:
    """A season's zone, and the hour at which its tank is filled."""

    zone: ZoneInfo
    mix_at: time

    def before(self, on: date, hours: Fraction) -> tuple[date, time]:
        """So many hours before a filling, by the clock on the wall."""
        filled = datetime.combine(on, self.mix_at, self.zone).astimezone(UTC)
        begun = (filled - timedelta(seconds=float(hours * 3600))).astimezone(self.zone)
        return begun.date(), begun.time().replace(second=0, microsecond=0, fold=0)


def preparations(
    season: Season, fillings: Sequence[Filling], inoculated: Sequence[int]
) -> list[Task]:
    """Tasks that come before fillings and before cultures go in; each once.

    Args:
        season: the season.
        fillings: all of them; those that are done need nothing any more.
        inoculated: the days on which cultures go into a living tank.
    """
    request = season.request
    clock = _Clock(ZoneInfo(request.time_zone), request.mix_at)
    found: dict[tuple[date, time | None, Why], Task] = {}
    wanted: dict[int, list[tuple[Fraction | None, Why]]] = {}
    for filling in fillings:
        if not filling.is_done:
            wanted.setdefault(filling.day, []).extend(_before_filling(request, filling))
    if request.programme is Programme.LIVING:
        for day in inoculated:
            wanted.setdefault(day, []).extend(_BREW)
    for day, steps in wanted.items():
        on = request.start + timedelta(days=day)
        for hours, why in steps:
            begins = (on, None) if hours is None else clock.before(on, hours)
            task = Task(
                on=begins[0],
                at=begins[1],
                kind=TaskKind.PREPARE,
                why=(why,),
                column=season.by_day[day].column.key,
            )
            found.setdefault((task.on, task.at, why), task)
    return list(found.values())


_BREW: list[tuple[Fraction | None, Why]] = [
    (MOLASSES_H, Why.MOLASSES),
    (INOCULANT_H, Why.INOCULANT),
]


def _before_filling(
    request: CourseRequest, filling: Filling
) -> Iterator[tuple[Fraction | None, Why]]:
    """What a filling needs, with its hours before it; None where only the day matters."""
    runs = request.change_out.plain_water_h if request.change_out else Fraction(0)
    if filling.kind is not TaskKind.CHANGE_OUT:
        runs = Fraction(0)
    if runs:
        yield runs, Why.PLAIN_WATER_RUN
    if request.disinfectant is Disinfectant.CHLORINE:
        yield runs + GASSED_OFF_H, Why.CHLORINE_GASSES_OFF
    elif request.disinfectant is Disinfectant.CHLORAMINE:
        yield None, Why.CHLORAMINE_STAYS
    if request.stock_h is not None and filling.kind is not TaskKind.FLUSH:
        yield request.stock_h, Why.STOCK_MADE_UP
