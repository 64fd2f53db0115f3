"""A large grow, drawn: years of a yard of many tanks, to see what growth costs.

Drawn from a seed, the same each time but for the clock. Nothing of it is told by anybody's hand, so
it goes into the database in pieces; what is drawn is what the application itself would have kept.
"""

from collections.abc import Iterator
from copy import copy
from dataclasses import dataclass
from datetime import datetime, timedelta
from decimal import Decimal
from fractions import Fraction
from itertools import cycle
from random import Random
from typing import Any

from django.contrib.auth.models import User
from django.db import transaction
from django.db.models.base import ModelState
from django.utils import timezone

from core.guided import Event, EventKind, Step, StepKind, replay
from core.guided.steps import READ_STEPS
from server.charts.models import Chart, ChartVersion
from server.charts.starters import starters
from server.charts.store import publish_chart
from server.demo.shelf import load_shelf
from server.grows.models import Grow, Membership
from server.grows.scope import Scope
from server.guided.models import Mix, MixEvent
from server.guided.running import hear
from server.guided.starting import start
from server.planning.asked import MixIn
from server.seasons.models import Season, SeasonEntry
from server.shelf.bottles import Bottle
from server.shelf.models import Product, StockEntry
from server.tanks.models import Tank, WaterSource
from server.tanks.timeline import TimeLineEntry, note_reading, value_of

_PIECE = 2_000
_READINGS_A_DAY = 2


@dataclass(frozen=True, slots=True)
class GrowSize:
    """How many of each a drawn grow has.

    Args:
        tanks, mixes, charts, bottles, seasons: in all; `bottles` are products, each in one bottle.
        readings: of each tank, two a day.
    """

    tanks: int = 50
    readings: int = 1_500
    mixes: int = 3_000
    charts: int = 300
    bottles: int = 500
    seasons: int = 20

    @property
    def days(self) -> int:
        """How long the grow has been kept."""
        return self.readings // _READINGS_A_DAY


FIVE_YEARS = GrowSize()


@transaction.atomic
def draw_grow(name: str, owner: User, size: GrowSize = FIVE_YEARS, *, seed: int = 1) -> Grow:
    """Make a grow of that size, owned by somebody."""
    grow = Grow.objects.create(name=name)
    scope = Scope(Membership.objects.create(grow=grow, person=owner))
    drawing = _Drawing(scope, size, Random(seed), timezone.now())  # noqa: S311 -- drawn, not secret
    drawing.draw()
    return grow


class _Drawing:
    def __init__(self, scope: Scope, size: GrowSize, drawn: Random, now: datetime) -> None:
        self._scope, self._grow = scope, scope.grow
        self._size, self._drawn, self._now = size, drawn, now
        self._begun = now - timedelta(days=size.days)

    def draw(self) -> None:
        """Everything, each after what it stands on."""
        load_shelf(self._grow)
        waters = self._waters()
        versions = self._charts()
        self._bottles()
        tanks = self._tanks(waters, versions)
        TimeLineEntry.objects.bulk_create(self._readings(tanks), batch_size=_PIECE)
        self._seasons(tanks, versions)
        self._mixes(tanks, versions[0])

    def _waters(self) -> list[WaterSource]:
        kinds = (("Mains", "mains", "0.4"), ("Well", "well", "0.6"), ("RO", "ro", "0.02"))
        made = [WaterSource.objects.create(grow=self._grow, name=name, kind=kind)
                for name, kind, _ in kinds]  # fmt: skip
        for water, (_, _, ec) in zip(made, kinds, strict=True):
            note_reading(water, {"ec": Fraction(ec), "ph": Fraction("7.2")}, by=None)
        return made

    def _charts(self) -> list[ChartVersion]:
        first = [publish_chart(self._grow, starter) for starter in starters().values()][
            : self._size.charts
        ]
        charts = Chart.objects.bulk_create(
            Chart(grow=self._grow, name=f"Chart {at}")
            for at in range(self._size.charts - len(first))
        )
        return first + ChartVersion.objects.bulk_create(
            ChartVersion(
                grow=self._grow, chart=chart, number=1, products=like.products,
                document={**like.document, "name": chart.name},
            )
            for chart, like in zip(charts, cycle(first), strict=False)
        )  # fmt: skip

    def _bottles(self) -> None:
        """Products beside those of the charts; tags have three letters where there are so many."""
        there = Product.objects.filter(grow=self._grow).count()
        many = self._size.bottles - there
        products = Product.objects.bulk_create(
            Product(
                grow=self._grow, name=f"Bottle {at}", tag=f"{at:03x}"[-3:], role="additive",
                form="liquid", left=Decimal(800), size=Decimal(1000),
            )
            for at in range(many)
        )  # fmt: skip
        Bottle.objects.bulk_create(
            Bottle(grow=self._grow, product=product, left=Decimal(800), size=Decimal(1000))
            for product in products
        )

    def _tanks(self, waters: list[WaterSource], versions: list[ChartVersion]) -> list[Tank]:
        return Tank.objects.bulk_create(
            Tank(
                grow=self._grow, name=f"Tank {at}", litres=Decimal(self._drawn.randint(40, 900)),
                water=self._drawn.choice(waters), position=at, strength=Decimal("0.8"),
                chart_id=version.chart_id, column=version.document["columns"][0]["key"],
            )
            for at, version in zip(range(self._size.tanks), cycle(versions), strict=False)
        )  # fmt: skip

    def _readings(self, tanks: list[Tank]) -> Iterator[TimeLineEntry]:
        for number in range(self._size.readings):
            at = self._begun + timedelta(hours=24 * number / _READINGS_A_DAY)
            for tank in tanks:
                told = {"ec": Fraction(self._drawn.randint(100, 220), 100),
                        "ph": Fraction(self._drawn.randint(55, 65), 10)}  # fmt: skip
                yield TimeLineEntry(
                    grow=self._grow, tank=tank, kind=TimeLineEntry.Kind.READING, at=at,
                    values={what: value_of(what, figure) for what, figure in told.items()},
                    by_id=self._scope.membership.person_id,
                )  # fmt: skip

    def _seasons(self, tanks: list[Tank], versions: list[ChartVersion]) -> None:
        """One in each of as many tanks, begun some weeks ago; held now and then."""
        for tank, version in zip(tanks[: self._size.seasons], versions, strict=False):
            days = self._drawn.randint(5, 60)
            begun = (self._now - timedelta(days=days)).date()
            column = version.document["columns"][0]["key"]
            season = Season.objects.create(
                grow=self._grow, tank=tank, version=version, planted="plugs", started_on=begun,
                plan={"first_column": column, "change_out": {"every_days": 7},
                      "strengths": [{"strength": "0.8"}]},
            )  # fmt: skip
            SeasonEntry.objects.create(
                grow=self._grow, season=season, kind=SeasonEntry.Kind.HOLD, on=begun,
                told={"days": 2}, reason="late", by_id=self._scope.membership.person_id,
            )  # fmt: skip

    def _mixes(self, tanks: list[Tank], version: ChartVersion) -> None:
        """One mix as the bench would keep it, at so many days in all tanks."""
        one = _mixed(self._scope, tanks[0], version)
        numbered = list(enumerate(tanks * (self._size.mixes // len(tanks) + 1)))[
            1 : self._size.mixes
        ]
        at = {number: self._now - timedelta(hours=7 * number) for number, _ in numbered}
        mixes = Mix.objects.bulk_create(
            (one.copied(tank, at[number]) for number, tank in numbered), batch_size=200
        )
        MixEvent.objects.bulk_create(
            (event for mix in mixes for event in one.events_of(mix)), batch_size=_PIECE
        )
        TimeLineEntry.objects.bulk_create(
            (entry for mix in mixes for entry in one.entries_of(mix)), batch_size=_PIECE
        )
        StockEntry.objects.bulk_create(
            (entry for mix in mixes for entry in one.stock_of(mix)), batch_size=_PIECE
        )


@dataclass(frozen=True, slots=True)
class _Mixed:
    """A mix that was carried through, with what it left behind; times from its beginning."""

    mix: Mix
    events: list[MixEvent]
    entries: list[TimeLineEntry]
    stock: list[StockEntry]

    def copied(self, tank: Tank, at: datetime) -> Mix:
        """The same in a tank at a time."""
        mix: Mix = _fresh(self.mix)
        mix.tank, mix.started_at, mix.ended_at = tank, at, at + timedelta(minutes=40)
        return mix

    def events_of(self, mix: Mix) -> Iterator[MixEvent]:
        """Its events, at the times of a mix."""
        for event in self.events:
            made = _fresh(event)
            made.mix, made.at = mix, event.at + (mix.started_at - self.mix.started_at)
            yield made

    def entries_of(self, mix: Mix) -> Iterator[TimeLineEntry]:
        """What it told the time line of its tank."""
        for entry in self.entries:
            made = _fresh(entry)
            made.tank_id, made.mix = mix.tank_id, mix.pk
            made.at = entry.at + (mix.started_at - self.mix.started_at)
            yield made

    def stock_of(self, mix: Mix) -> Iterator[StockEntry]:
        """What it drew from bottles."""
        for entry in self.stock:
            made = _fresh(entry)
            made.mix, made.at = mix.pk, mix.started_at
            yield made


def _fresh(record: Any) -> Any:
    """The same record, to be kept anew."""
    made = copy(record)
    made.pk, made._state = None, ModelState()
    return made


def _mixed(scope: Scope, tank: Tank, version: ChartVersion) -> _Mixed:
    told = MixIn(
        tank=tank.pk, water=tank.water_id, version_id=version.pk, column=tank.column,
        volume="100 L", strength="80 %", reading="0.5",
    )  # fmt: skip
    mix = start(scope, told)
    person = scope.membership.person
    plan, done = mix.as_plan(), list[Event]()
    at = mix.started_at.timestamp() - 3600
    while (state := replay(plan, done)).now is not None:
        step = state.steps[state.now]
        at = step.due or at + 15
        done.append(_obeyed(step, f"drawn-{len(done):04d}", at, person.username))
    hear(mix, person.pk, lambda *_: done, people={person.username: person.pk})
    return _Mixed(
        mix, list(mix.events.all()), list(TimeLineEntry.objects.filter(mix=mix.pk)),
        list(StockEntry.objects.filter(mix=mix.pk)),
    )  # fmt: skip


_READS = {
    StepKind.READ_TEMPERATURE: "20", StepKind.READ_WATER: "0.5", StepKind.READ_EC: "1.6",
    StepKind.READ_PH: "5.9",
}  # fmt: skip


def _obeyed(step: Step, name: str, at: float, by: str) -> Event:
    """What somebody tells who does as the screen says."""
    kind, figure = EventKind.DONE, None
    if step.kind in _READS:
        kind, figure = EventKind.READ, Fraction(_READS[step.kind])
    elif step.kind in READ_STEPS:
        kind, figure = EventKind.READ, step.amount
    elif step.amount is not None:
        kind, figure = EventKind.POURED, step.amount
    return Event(name, at, by, kind, step.id, figure)
