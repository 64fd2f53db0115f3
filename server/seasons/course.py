"""The course of a season: its plan, what it was told, and what its tank's time line says."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, timedelta
from fractions import Fraction
from typing import Any
from zoneinfo import ZoneInfo

from django.db.models import QuerySet
from django.utils import timezone

from core.chart import Role
from core.course import Course, Happening, HappeningKind, plan_course
from core.formats import document_of
from core.formats.course_request import SeasonDocument
from core.limits import MOST_DAYS
from core.quantities import figure
from core.water import Disinfectant
from server.charts.models import ChartVersion
from server.charts.store import StoredChart, stored_charts
from server.grows.memory import Memory
from server.grows.models import Grow
from server.grows.scope import Scope
from server.seasons.models import Season, SeasonEntry
from server.tanks.models import TimeLineEntry

AHEAD_DAYS = 182
"""How far a season is looked ahead: half a year."""

_DECISIONS = {kind.value for kind in HappeningKind} & set(SeasonEntry.Kind.values)


Happened = tuple[datetime, str, Mapping[str, Any], str]
"""An entry of a time line: when, what, its values and its note."""


@dataclass(slots=True)
class Done:
    """What was done in a season's tank.

    Args:
        fillings: days on which it was mixed or changed out.
        topped: litres of plain water by day.
        poured: days on which each product went in, by its name.
        read_on: the last day on which it was read.
        line: all of it but what was poured, in order, for the picture.
    """

    fillings: list[date] = field(default_factory=list)
    topped: list[tuple[date, Fraction]] = field(default_factory=list)
    poured: list[tuple[date, str]] = field(default_factory=list)
    read_on: date | None = None
    line: list[Happened] = field(default_factory=list)


@dataclass(frozen=True, slots=True)
class RunningSeason:
    """A season with all that its course follows from.

    Args:
        season: with its tank and the tank's water.
        told: what it was told and nobody took back, in order.
        done: what was done in its tank since it started.
        chart: its chart, with the shelf's product of each row.
        others: charts it was switched to, by the number of the version.
        today: the grow's day.
    """

    season: Season
    told: tuple[SeasonEntry, ...]
    done: Done
    chart: StoredChart
    others: Mapping[int, StoredChart]
    today: date

    @property
    def product_names(self) -> dict[str, str]:
        """What rows are called, by key; of several charts the first that has it."""
        names: dict[str, str] = {}
        for stored in (self.chart, *self.others.values()):
            for product in stored.chart.products:
                names.setdefault(product.key, product.name)
        return names

    @property
    def products(self) -> dict[str, int]:
        """The shelf's product of each row, by key."""
        found: dict[str, int] = {}
        for stored in (self.chart, *self.others.values()):
            found = {**stored.products, **found}
        return found


def today_of(grow: Grow) -> date:
    """The day in the grow's time zone."""
    return timezone.now().astimezone(ZoneInfo(grow.time_zone)).date()


def seasons_of(scope: Scope) -> QuerySet[Season]:
    """The seasons of a grow with their tanks, and those with their waters' last readings."""
    return scope.all(Season).select_related("tank").prefetch_related("tank__water")


def running_seasons(scope: Scope, seasons: Iterable[Season]) -> list[RunningSeason]:
    """Seasons with what they follow from: the same number of queries for any number of them."""
    found = list(seasons)
    told = _told(scope, found)
    done = _done(scope, found)
    versions = {season.version_id for season in found}
    versions |= {
        entry.version_id for entries in told.values() for entry in entries if entry.version_id
    }
    charts = stored_charts(scope.grow, scope.all(ChartVersion), versions)
    today = today_of(scope.grow)
    return [
        RunningSeason(
            season=season,
            told=tuple(told.get(season.pk, ())),
            done=done.get(season.tank_id, Done()),
            chart=charts[season.version_id],
            others={
                entry.version_id: charts[entry.version_id]
                for entry in told.get(season.pk, ())
                if entry.version_id
            },
            today=today,
        )
        for season in found
    ]


def _told(scope: Scope, seasons: Sequence[Season]) -> dict[int, list[SeasonEntry]]:
    entries = scope.all(SeasonEntry).filter(
        season__in=[one.pk for one in seasons], taken_back_by=None
    )
    found: dict[int, list[SeasonEntry]] = {}
    for entry in entries.exclude(kind=SeasonEntry.Kind.TAKEN_BACK).select_related("by"):
        found.setdefault(entry.season_id, []).append(entry)
    return found


def _done(scope: Scope, seasons: Sequence[Season]) -> dict[int, Done]:
    """What time lines say of each tank since its season started."""
    starts = {season.tank_id: season.started_on for season in seasons}
    ends = {season.tank_id: season.ended_on for season in seasons}
    if not starts:
        return {}
    kinds = TimeLineEntry.Kind
    zone = ZoneInfo(scope.grow.time_zone)
    begun = datetime.combine(min(starts.values()), datetime.min.time(), zone)
    rows = (
        scope.all(TimeLineEntry)
        .filter(tank__in=starts, at__gte=begun, corrected_by=None)
        .order_by("at", "pk")
        .values_list("tank_id", "kind", "at", "note", "values")
    )
    found: dict[int, Done] = {tank: Done() for tank in starts}
    for tank, kind, at, note, values in rows:
        on = at.astimezone(zone).date()
        if tank is None or on < starts[tank] or on > (ends[tank] or on):
            continue  # what is done behind the end is no more of this season
        done = found[tank]
        if kind != kinds.POUR:
            done.line.append((at, kind, values, note))
        if kind in (kinds.MIX, kinds.CHANGE_OUT):
            done.fillings.append(on)
        elif kind == kinds.POUR:
            done.poured.append((on, note))
        elif kind == kinds.TOP_UP and (litres := values.get("litres")):
            done.topped.append((on, figure(litres["value"])))
        if kind in (kinds.READING, kinds.MIX):
            done.read_on = on
    return found


def course_of(
    running: RunningSeason,
    grow: Grow,
    *,
    also: Happening | None = None,
    plan: SeasonDocument | None = None,
    ahead: int = AHEAD_DAYS,
) -> Course:
    """The course of a season.

    Args:
        running: the season with what it follows from.
        grow: whose days count.
        also: something that has not happened yet, to see what it would move.
        plan: another plan than the one that is kept.
        ahead: for how many days from today.

    Raises:
        InputError: the plan cannot be followed.
    """
    season = running.season
    done = _done_happenings(running)
    happened = [*_decisions(running), *done, *([also] if also else [])]
    last = max(season.started_on, running.today) + timedelta(days=ahead)
    until = min(season.ended_on or last, last, season.started_on + timedelta(days=MOST_DAYS))
    document = plan or document_of(SeasonDocument, season.plan)
    water = season.tank.water.disinfectant
    request = document.course_request(
        running.chart.chart,
        season.started_on,
        until,
        time_zone=grow.time_zone,
        happened=happened,
        disinfectant=Disinfectant(water) if water else None,
    )
    if also is not None:
        return plan_course(request)
    told = tuple(entry.pk for entry in running.told)
    key = (season.pk, season.version_id, season.started_on, until, grow.time_zone,
           request.disinfectant, repr(document), told,
           tuple((one.on, one.kind, one.product, one.litres) for one in done))  # fmt: skip
    kept = _courses.get(key)
    return _courses.put(key, plan_course(request)) if kept is None else kept


_courses: Memory[tuple[object, ...], Course] = Memory(128)
"""By all that each follows from: versions of charts, and what seasons were told, never change."""


def _decisions(running: RunningSeason) -> list[Happening]:
    return [
        happening_of(entry, running.others) for entry in running.told if entry.kind in _DECISIONS
    ]


def happening_of(entry: SeasonEntry, charts: Mapping[int, StoredChart]) -> Happening:
    """What a season was told, as core reckons with it."""
    told = entry.told
    return Happening(
        on=entry.on,
        kind=HappeningKind(entry.kind),
        column=told.get("column"),
        days=told.get("days"),
        sign=told.get("sign"),
        chart=charts[entry.version_id].chart if entry.version_id else None,
        over_days=told.get("over_days", 0),
        reason=entry.reason,
    )


def _done_happenings(running: RunningSeason) -> list[Happening]:
    """Fillings behind the first day, top-ups, and what went in of products that rules give."""
    done, kinds = running.done, HappeningKind
    filled = sorted({on for on in done.fillings if on > running.season.started_on})
    found = [Happening(on, kinds.CHANGED_OUT) for on in filled]
    found += [Happening(on, kinds.TOPPED_UP, litres=litres) for on, litres in done.topped]
    ruled = {rule["product"] for rule in running.season.plan.get("rules", ())}
    rows = running.chart.chart.products
    ruled |= {row.key for row in rows if row.role is Role.LIVE or row.oxidiser}
    keys = {name: key for key, name in running.product_names.items() if key in ruled}
    keys |= {key: key for key in ruled}
    poured = dict.fromkeys((on, keys[name]) for on, name in done.poured if name in keys)
    return found + [Happening(on, kinds.ADDED, product=key) for on, key in poured]
