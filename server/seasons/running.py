"""Seasons with all that their courses follow from, fetched with as few queries as may be."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, datetime
from decimal import Decimal
from fractions import Fraction
from functools import cached_property
from operator import itemgetter
from typing import Any
from zoneinfo import ZoneInfo

from django.db.models import Q, QuerySet
from django.utils import timezone

from core.chart import Chart
from core.course import HappeningKind
from core.memory import MEGABYTE, Memory
from core.quantities import Reading, ReadingRange, figure
from server.charts.models import ChartVersion
from server.charts.store import StoredChart, stored_charts
from server.grows.models import Grow
from server.grows.scope import Scope
from server.guided.models import Mix
from server.seasons.models import Season, SeasonEntry
from server.shelf.calibrations import calibrated_on
from server.tanks.models import TimeLineEntry
from server.tanks.timeline import standing

DECISIONS = {kind.value for kind in HappeningKind} & set(SeasonEntry.Kind.values)
"""What moves the columns of a season, of all that it is told."""

_Kind = TimeLineEntry.Kind

Happened = tuple[datetime, str, Mapping[str, Any], str]
"""An entry of a time line: when, what, its values and its note."""


@dataclass(slots=True)
class Done:
    """What was done in a season's tank.

    Args:
        fillings: days on which it was mixed or changed out.
        topped: litres of plain water by day.
        poured: days on which each product went in, by its number on the shelf and its name.
        read_on: the last day on which it was read.
        mixed: the number of the guided mix that it was filled by last, and what that was steered
            to; None where it was filled otherwise.
        line: all of it but what was poured, in order, for the picture; of a guided mix only what
            stood at its end, since the bench reads the water too, and a tank that is half mixed.
    """

    fillings: list[date] = field(default_factory=list)
    topped: list[tuple[date, Fraction]] = field(default_factory=list)
    poured: list[tuple[date, int | None, str]] = field(default_factory=list)
    read_on: date | None = None
    mixed: tuple[int, ReadingRange] | None = None
    line: list[Happened] = field(default_factory=list)

    def add(self, entry: Happened, on: date, *, product: int | None, mix: int | None) -> None:
        """Take in an entry of the tank's time line; the next one, in the order of time."""
        _, kind, values, note = entry
        if kind != _Kind.POUR and not (kind == _Kind.READING and mix is not None):
            self.line.append(entry)
        if kind in (_Kind.READING, _Kind.MIX):
            self.read_on = on
        match kind:
            case _Kind.MIX | _Kind.CHANGE_OUT:
                self.fillings.append(on)
                self.mixed = _steered_to(mix, values)
            case _Kind.POUR:
                self.poured.append((on, product, note))
            case _Kind.TOP_UP if litres := values.get("litres"):
                self.topped.append((on, figure(litres["value"])))


@dataclass(frozen=True, slots=True)
class MixedTo:
    """What is in a tank: the column it was mixed by, and the reading it was steered to.

    Args:
        version: the number of the chart's version.
        column: its key.
        strength: share of the printed dose.
        target: as the bench steered to it, with the water that was read and the school chosen.
    """

    version: int
    column: str
    strength: Fraction
    target: ReadingRange


@dataclass(frozen=True)
class RunningSeason:
    """A season with all that its course follows from.

    Args:
        season: with its tank and the tank's water.
        together: names of the other tanks that go through it, by number.
        told: what it was told and nobody took back, in order.
        done: what was done in its tank since it started.
        chart: its chart, with the shelf's product of each row.
        others: charts it was switched to, by the number of the version.
        today: the grow's day.
        calibrated: the day on which each meter was calibrated last, by its name.
        mixed: what its tank was filled with last by a guided mix of one column; else None.
    """

    season: Season
    together: Mapping[int, str]
    told: tuple[SeasonEntry, ...]
    done: Done
    chart: StoredChart
    others: Mapping[int, StoredChart]
    today: date
    calibrated: Mapping[str, date] = field(default_factory=dict)
    mixed: MixedTo | None = None

    @property
    def lead(self) -> Season:
        """The season that keeps plan, chart and what was told."""
        return self.season.lead

    @cached_property
    def poured(self) -> tuple[tuple[date, str], ...]:
        """Days on which each row's product went in, by its key, whatever it is called by now.

        What no chart of the season has goes by its name.
        """
        rows = {product: key for key, product in self.products.items()}
        names = {name: key for key, name in self.product_names.items()}
        return tuple(
            (on, rows.get(product or 0) or names.get(name, name))
            for on, product, name in self.done.poured
        )

    @cached_property
    def product_names(self) -> dict[str, str]:
        """What rows are called, by key; of several charts the first that has it."""
        names: dict[str, str] = {}
        for stored in (self.chart, *self.others.values()):
            for product in stored.chart.products:
                names.setdefault(product.key, product.name)
        return names

    def version_of(self, chart: Chart) -> int:
        """The number of the version that one of its charts is."""
        if chart == self.chart.chart:
            return self.lead.version_id
        return next(number for number, one in self.others.items() if one.chart == chart)

    @cached_property
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
    found = scope.all(Season).select_related("tank", "goes_with__tank")
    return found.prefetch_related("tank__water")


def running_seasons(
    scope: Scope, seasons: Iterable[Season], *, are_all: bool = False, with_lines: bool = True
) -> list[RunningSeason]:
    """Seasons with what they follow from: the same number of queries for any number of them.

    Args:
        scope: the grow.
        seasons: those of `seasons_of`.
        are_all: that they are all that run now in the grow.
        with_lines: whether somebody looks at what was read of their tanks.
    """
    found = list(seasons)
    told = _entries_by_season(scope, found)
    done = _done(scope, found, with_lines=with_lines)
    together = _joined(found) if are_all else _together(scope, found)
    versions = {season.lead.version_id for season in found}
    versions |= {
        entry.version_id for entries in told.values() for entry in entries if entry.version_id
    }
    charts = stored_charts(scope.grow, scope.all(ChartVersion), versions)
    today = today_of(scope.grow)
    mixed = _mixed(scope, done)
    has_meters = any(season.lead.plan.get("meters") for season in found)
    calibrated = calibrated_on(scope) if has_meters else {}
    return [
        RunningSeason(
            season=season,
            together={
                tank: name
                for tank, name in together.get(season.lead.pk, {}).items()
                if tank != season.tank_id
            },
            told=tuple(told.get(season.pk, ())),
            done=done.get(season.tank_id, Done()),
            chart=charts[season.lead.version_id],
            others={
                entry.version_id: charts[entry.version_id]
                for entry in told.get(season.pk, ())
                if entry.version_id
            },
            today=today,
            calibrated=calibrated,
            mixed=mixed.get(season.tank_id),
        )
        for season in found
    ]


def _together(scope: Scope, seasons: Sequence[Season]) -> dict[int, dict[int, str]]:
    """The tanks that go through seasons now, by the season that keeps the plan."""
    leads = {season.lead.pk for season in seasons}
    rows = scope.all(Season).filter(Q(pk__in=leads) | Q(goes_with__in=leads), ended_on=None)
    return _joined(rows.select_related("tank", "goes_with"))


def _joined(seasons: Iterable[Season]) -> dict[int, dict[int, str]]:
    """The tanks of seasons, by the season that keeps the plan."""
    found: dict[int, dict[int, str]] = {}
    for season in seasons:
        found.setdefault(season.lead.pk, {})[season.tank_id] = season.tank.name
    return found


def _entries_by_season(scope: Scope, seasons: Sequence[Season]) -> dict[int, list[SeasonEntry]]:
    """What seasons were told: decisions by the season that keeps the plan, tasks by their own."""
    numbers = {one.pk for one in seasons} | {one.lead.pk for one in seasons}
    entries = scope.all(SeasonEntry).filter(season__in=numbers, taken_back_by=None)
    told: dict[int, list[SeasonEntry]] = {}
    for entry in entries.exclude(kind=SeasonEntry.Kind.TAKEN_BACK).select_related("by"):
        told.setdefault(entry.season_id, []).append(entry)
    return {
        season.pk: [
            entry
            for number in dict.fromkeys([season.lead.pk, season.pk])
            for entry in told.get(number, ())
            if (number == season.pk or entry.kind in DECISIONS)
            and entry.on <= (season.ended_on or entry.on)  # what is told later is for the others
        ]
        for season in seasons
    }


def _done(scope: Scope, seasons: Sequence[Season], *, with_lines: bool) -> dict[int, Done]:
    """What time lines say of each tank since its season started."""
    starts = {season.tank_id: season.filled_on for season in seasons}
    ends = {season.tank_id: season.ended_on for season in seasons}
    if not starts:
        return {}
    zone = ZoneInfo(scope.grow.time_zone)
    begun = datetime.combine(min(starts.values()), datetime.min.time(), zone)
    entries = standing(scope.all(TimeLineEntry)).filter(tank__in=starts, at__gte=begun)
    fields = ("at", "pk", "tank_id", "kind", "note", "values", "product", "mix")
    rows = entries.order_by().values_list(*fields)
    if not with_lines:
        # Most of what a tank tells is readings, of which only the last one's day counts then.
        is_reading = Q(kind=_Kind.READING)
        last = entries.filter(is_reading).order_by("tank_id", "-at", "-pk").distinct("tank_id")
        rows = rows.exclude(is_reading).union(last.values_list(*fields), all=True)
    found: dict[int, Done] = {tank: Done() for tank in starts}
    for at, _, tank, kind, note, values, product, mix in sorted(rows, key=itemgetter(0, 1)):
        on = at.astimezone(zone).date()
        if tank is None or on < starts[tank] or on > (ends[tank] or on):
            continue  # what is done after the end no longer belongs to this season
        found[tank].add((at, kind, values, note), on, product=product, mix=mix)
    return found


def _mixed(scope: Scope, done: Mapping[int, Done]) -> dict[int, MixedTo]:
    """What each tank was filled with; a way between two columns is neither of them."""
    targets = dict(tank.mixed for tank in done.values() if tank.mixed)
    found = {}
    for number, (tank, version, column, strength) in _poured_by(scope, targets).items():
        if column:
            found[tank] = MixedTo(version, column, Fraction(strength), targets[number])
    return found


_Poured = tuple[int, int, str, Decimal]
"""Of a mix its tank, the version of its chart, its column or nothing, and its strength."""

mixes_in_memory: Memory[tuple[int, int], _Poured] = Memory(MEGABYTE, weigh=lambda _, __: 500)
"""By the numbers of a grow and of a mix: what it was started by never changes."""


def _poured_by(scope: Scope, numbers: Iterable[int]) -> dict[int, _Poured]:
    kept = {number: mixes_in_memory.get((scope.grow.pk, number)) for number in numbers}
    found = {number: poured for number, poured in kept.items() if poured is not None}
    missing = [number for number in kept if number not in found]
    if missing:
        rows = scope.all(Mix).filter(pk__in=missing).values_list(
            "pk", "tank_id", "version_id", "column", "towards", "strength"
        )  # fmt: skip
        for number, tank, version, column, towards, strength in rows:
            poured = (tank, version, "" if towards else column, strength)
            found[number] = mixes_in_memory.put((scope.grow.pk, number), poured)
    return found


def _steered_to(mix: int | None, values: Mapping[str, Any]) -> tuple[int, ReadingRange] | None:
    """What a guided mix was steered to; None where its entry tells of none."""
    if mix is None or not values.get("target_low") or not values.get("target_high"):
        return None
    low, high = (Reading(figure(values[end]["value"])) for end in ("target_low", "target_high"))
    return mix, ReadingRange(low, high)
