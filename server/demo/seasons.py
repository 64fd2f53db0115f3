"""Seasons of the demo's tanks and a year of their time lines, counted back from today."""

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from fractions import Fraction
from random import Random
from typing import Any
from zoneinfo import ZoneInfo

from django.contrib.auth.models import User
from django.utils import timezone

from core.course import TaskKind, draw_course
from core.quantities import ReadingRange, Spoons
from server.charts.models import ChartVersion
from server.grows.demo_people import DEMO_PEOPLE
from server.grows.models import Grow
from server.grows.scope import Scope
from server.seasons.course import course_of
from server.seasons.models import Season, SeasonEntry
from server.seasons.running import RunningSeason, running_seasons, today_of
from server.tanks.models import Tank, TimeLineEntry
from server.tanks.timeline import value_of

_Kind = TimeLineEntry.Kind
_FILLS = (TaskKind.MIX, TaskKind.CHANGE_OUT)


@dataclass(frozen=True, slots=True)
class _Story:
    """A season as it went.

    Args:
        tank: its name.
        days: for how many days it has run.
        planted: what it was begun with.
        plan: as in brisk-measure/course-request.
        told: day, kind, what, and why.
        drifts: mS/cm and pH by which a day moves the tank.
        missed: days on which a filling was due and nobody came.
    """

    tank: str
    days: int
    planted: str
    plan: Mapping[str, Any]
    told: tuple[tuple[int, str, Mapping[str, Any], str], ...] = ()
    drifts: tuple[float, float] = field(default=(0.008, 0.035))
    missed: tuple[int, ...] = ()


def _strengths(**by_column: str) -> list[dict[str, str]]:
    return [{"column": column, "strength": share} for column, share in by_column.items()]


_MUDLARK = {"product": "mudlark", "every_days": 14, "for_days": 60, "then_every_days": 35}
_STORIES = (
    _Story(
        "Strawberry gutters", 32, "plugs rooted",
        {"first_column": "w1", "change_out": {"every_days": 10},
         "strengths": _strengths(w1="0.5", w2="0.6", w3="0.7", w4="0.8"),
         "waits_for": [{"column": "w5", "sign": "first fruit"}],
         "rules": [_MUDLARK, {"product": "tide", "every_days": 10, "with": "change_out",
                              "only_stages": ["flower", "transition"]}]},
        ((22, "sign", {"sign": "buds"}, "seen on most plants"),),
    ),
    _Story(
        "Gerbera bench", 110, "young plants",
        {"first_column": "start", "change_out": {"every_days": 4},
         "strengths": _strengths(start="0.4", leaf="0.6", bud="0.7")},
        ((44, "hold", {}, "cut daily; held in flower"),), (0.002, 0.02), (108,),
    ),
    _Story(
        "Cucumber buckets", 60, "third leaf",
        {"first_column": "w1", "change_out": {"every_days": 7},
         "strengths": _strengths(w1="0.5", w3="0.6")}, (), (0.02, 0.05),
    ),
    _Story(
        "Shiso raft", 350, "plugs",
        {"first_column": "w1", "change_out": {"every_days": 14}, "strengths": _strengths(w1="0.5")},
        ((9, "hold", {}, "herbs stay in leaf"),), (0.004, 0.03),
    ),
    _Story(
        "Nursery tray", 6, "plugs",
        {"first_column": "w1", "change_out": {"every_days": 7}, "strengths": _strengths(w1="0.5")},
        (), (0.003, 0.02),
    ),
    _Story(
        "Living raft", 54, "plugs",
        {"first_column": "start", "programme": "living", "mix_at": "10:00"}, (), (-0.006, 0.0),
    ),
)  # fmt: skip


def load_seasons(grow: Grow) -> None:
    """Begin the seasons of the demo's tanks in the past, and tell what came to pass since."""
    today = today_of(grow)
    tanks = {tank.name: tank for tank in Tank.objects.filter(grow=grow)}
    people = list(User.objects.filter(username__in=DEMO_PEOPLE).order_by("username"))
    scope = Scope(grow.memberships.select_related("grow", "person").order_by("pk")[0])
    newest = ChartVersion.objects.filter(grow=grow).order_by("chart_id", "-number")
    versions = dict(newest.distinct("chart_id").values_list("chart_id", "pk"))
    made: list[Season] = []
    for story in _STORIES:
        tank = tanks[story.tank]
        started_on = today - timedelta(days=story.days)
        season = Season.objects.create(
            grow=grow, tank=tank, version_id=versions[tank.chart_id or 0], planted=story.planted,
            started_on=started_on, plan=dict(story.plan),
        )  # fmt: skip
        made.append(season)
        for day, kind, told, reason in story.told:
            SeasonEntry.objects.create(
                grow=grow, season=season, kind=kind, on=started_on + timedelta(days=day),
                told=dict(told), reason=reason, by=people[0],
            )  # fmt: skip
    entries = [
        entry
        for running, story in zip(running_seasons(scope, made), _STORIES, strict=True)
        for entry in _Past(grow, running, story, people, _chance(story)).entries()
    ]
    TimeLineEntry.objects.bulk_create(entries)


@dataclass(slots=True)
class _Past:
    """What a season that went like its story left in the time line of its tank."""

    grow: Grow
    running: RunningSeason
    story: _Story
    people: list[User]
    chance: Random
    ec: float = 1.0
    ph: float = 5.8

    def entries(self) -> Iterator[TimeLineEntry]:
        """Fillings on their days, readings each morning but one weekend, top-ups, and cultures."""
        zone, course = ZoneInfo(self.grow.time_zone), course_of(self.running, self.grow)
        treads = draw_course(course, self.running.season.tank.water.reading, Spoons.METRIC).treads
        ruled = {rule.product for rule in course.request.rules}
        for day in range(self.story.days):
            on = course.date_of(day)
            who = self.people[self.chance.random() < 0.3]
            at = _moment(on, time(8, self.chance.randint(0, 50)), zone)
            tasks = [task for task in course.tasks if task.on == on]
            is_filled = day not in self.story.missed and any(one.kind in _FILLS for one in tasks)
            if is_filled:
                target = next(tread.target for tread in treads if tread.first <= day <= tread.last)
                yield self._filled(target, at + timedelta(hours=1), who)
            for task in tasks:
                for key in ruled & set(task.products):
                    yield self._poured(key, at + timedelta(hours=2), who)
            if not is_filled:
                yield from self._looked_after(day, at, who)
            self._drift()

    def _filled(self, target: ReadingRange | None, at: datetime, by: User) -> TimeLineEntry:
        middle = float(target.middle.ms_cm) if target else 1.2
        self.ec = middle * self.chance.uniform(0.97, 1.02)
        self.ph = self.chance.uniform(5.7, 5.9)
        use_by = 120 if self.story.tank == "Living raft" else 14
        values = {
            **self._reading(), "look_again": value_of("look_again", Fraction(24)),
            "use_by": value_of("use_by", Fraction(use_by)),
            "change_out": value_of("change_out", Fraction(_change_out_days(self.story))),
        }  # fmt: skip
        return self._entry(_Kind.MIX, at, by, values)

    def _poured(self, key: str, at: datetime, by: User) -> TimeLineEntry:
        amount = {"amount": {"value": "12", "unit": "mL"}}
        entry = self._entry(_Kind.POUR, at, by, amount)
        entry.note = self.running.product_names[key]
        entry.product = self.running.products.get(key)
        return entry

    def _looked_after(self, day: int, at: datetime, by: User) -> Iterator[TimeLineEntry]:
        """A day without a filling: a reading, and once a week plain water."""
        if not _is_missed(day, self.story):
            yield self._entry(_Kind.READING, at, by, self._reading())
        if day % 7 == 3:
            litres = Fraction(max(1, int(self.running.season.tank.litres) // 12))
            values = {"litres": value_of("litres", litres)}
            yield self._entry(_Kind.TOP_UP, at + timedelta(minutes=20), by, values)
            self.ec *= 0.96

    def _drift(self) -> None:
        """What a day does to a tank."""
        ec, ph = self.story.drifts
        self.ec += ec * self.chance.uniform(0.2, 1.8)
        self.ph = min(6.6, self.ph + ph * self.chance.uniform(0.2, 1.8))
        if self.ph > 6.4:
            self.ph -= 0.5  # brought back by hand

    def _reading(self) -> dict[str, dict[str, str] | None]:
        figures = {"ec": Fraction(f"{self.ec:.2f}"), "ph": Fraction(f"{self.ph:.1f}")}
        return {what: value_of(what, figure) for what, figure in figures.items()}

    def _entry(
        self,
        kind: TimeLineEntry.Kind,
        at: datetime,
        by: User,
        values: Mapping[str, Mapping[str, str] | None],
    ) -> TimeLineEntry:
        return TimeLineEntry(
            grow=self.grow, tank=self.running.season.tank, kind=kind, values=dict(values), at=at,
            by=by, source=TimeLineEntry.Source.HAND,
        )  # fmt: skip


def _chance(story: _Story) -> Random:
    """Readings of a story, the same each time."""
    return Random(story.tank)  # noqa: S311 -- nothing secret


def _is_missed(day: int, story: _Story) -> bool:
    """The weekend that nobody came."""
    return day in (story.days - 17, story.days - 16)


def _change_out_days(story: _Story) -> int:
    change_out = story.plan.get("change_out")
    return change_out["every_days"] if change_out else 90


def _moment(on: date, clock: time, zone: ZoneInfo) -> datetime:
    return min(datetime.combine(on, clock, zone), timezone.now())
