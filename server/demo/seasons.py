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
from core.quantities import Spoons
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
        for entry in _past(grow, running, story, people)
    ]
    TimeLineEntry.objects.bulk_create(entries)


def _past(
    grow: Grow, running: RunningSeason, story: _Story, people: list[User]
) -> Iterator[TimeLineEntry]:
    """Fillings on their days, readings each morning but one weekend, top-ups, and cultures."""
    chance = Random(story.tank)  # noqa: S311 -- readings of a story, the same each time
    zone = ZoneInfo(grow.time_zone)
    course = course_of(running, grow)
    treads = draw_course(course, running.season.tank.water.reading, Spoons.METRIC).treads
    names = running.product_names
    ruled = {rule.product for rule in course.request.rules}
    ec, ph = 1.0, 5.8
    for day in range(story.days):
        on = course.date_of(day)
        who = people[chance.random() < 0.3]
        at = _moment(on, time(8, chance.randint(0, 50)), zone)
        tasks = [task for task in course.tasks if task.on == on]
        kinds = (TaskKind.MIX, TaskKind.CHANGE_OUT)
        fills = [one for one in tasks if one.kind in kinds and day not in story.missed]
        if fills:
            target = next(one.target for one in treads if one.first <= day <= one.last)
            middle = float(target.middle.ms_cm) if target else 1.2
            ec, ph = middle * chance.uniform(0.97, 1.02), chance.uniform(5.7, 5.9)
            values = {
                **_reading(ec, ph), "look_again": value_of("look_again", Fraction(24)),
                "use_by": value_of("use_by", Fraction(120 if story.tank == "Living raft" else 14)),
                "change_out": value_of("change_out", Fraction(_change_out_days(story))),
            }  # fmt: skip
            yield _entry(grow, running, _Kind.MIX, at + timedelta(hours=1), values, who)
        for task in tasks:
            for key in ruled & set(task.products):
                amount = {"amount": {"value": "12", "unit": "mL"}}
                after = at + timedelta(hours=2)
                yield _entry(grow, running, _Kind.POUR, after, amount, who, note=names[key],
                             product=running.products.get(key))  # fmt: skip
        if not fills and not _is_missed(day, story):
            yield _entry(grow, running, _Kind.READING, at, _reading(ec, ph), who)
        if day % 7 == 3 and not fills:
            litres = value_of("litres", Fraction(max(1, int(running.season.tank.litres) // 12)))
            after = at + timedelta(minutes=20)
            yield _entry(grow, running, _Kind.TOP_UP, after, {"litres": litres}, who)
            ec *= 0.96
        ec += story.drifts[0] * chance.uniform(0.2, 1.8)
        ph = min(6.6, ph + story.drifts[1] * chance.uniform(0.2, 1.8))
        if ph > 6.4:
            ph -= 0.5  # brought back by hand


def _is_missed(day: int, story: _Story) -> bool:
    """The weekend that nobody came."""
    return day in (story.days - 17, story.days - 16)


def _change_out_days(story: _Story) -> int:
    change_out = story.plan.get("change_out")
    return change_out["every_days"] if change_out else 90


def _reading(ec: float, ph: float) -> dict[str, dict[str, str] | None]:
    figures = {"ec": Fraction(f"{ec:.2f}"), "ph": Fraction(f"{ph:.1f}")}
    return {what: value_of(what, figure) for what, figure in figures.items()}


def _moment(on: date, clock: time, zone: ZoneInfo) -> datetime:
    return min(datetime.combine(on, clock, zone), timezone.now())


def _entry(  # noqa: PLR0917 -- all that an entry holds
    grow: Grow,
    running: RunningSeason,
    kind: TimeLineEntry.Kind,
    at: datetime,
    values: Mapping[str, Mapping[str, str] | None],
    by: User,
    *,
    note: str = "",
    product: int | None = None,
) -> TimeLineEntry:
    return TimeLineEntry(
        grow=grow, tank=running.season.tank, kind=kind, values=dict(values), at=at, by=by,
        note=note, product=product, source=TimeLineEntry.Source.HAND,
    )  # fmt: skip
