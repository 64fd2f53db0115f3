"""The one entrance: from a chart, dates and rules to the days and tasks of a season."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from datetime import date, timedelta

from core.chart import Role
from core.course.additions import Addition, Additions, place_additions
from core.course.checking import check_request
from core.course.columns import LaidColumn, lay_columns
from core.course.conflicts import CourseConflict
from core.course.fillings import Filling, fillings_of
from core.course.preparing import preparations
from core.course.request import ChangeOut, CourseRequest, Programme, TimingRule
from core.course.season import Season
from core.course.tasks import Differs, Task, TaskKind, Why

LIVING_DAYS = 90
"""How long a living tank runs, unless the grower says otherwise: common practice, up to 150."""

REINOCULATION = (14, 60, 35)
"""Every 2 weeks for 2 months, then every 4 to 6 weeks: common practice."""


@dataclass(frozen=True, slots=True)
class Course:
    """What comes, and what came: a tank over weeks.

    Args:
        season: which column holds on each day, with what it was planned from.
        tasks: in order of days and hours.
        conflicts: what cannot be as it was asked for.
    """

    season: Season
    tasks: tuple[Task, ...]
    conflicts: tuple[CourseConflict, ...]

    @property
    def request(self) -> CourseRequest:
        """What it was planned from."""
        return self.season.request

    @property
    def columns(self) -> tuple[LaidColumn, ...]:
        """In order, without a gap."""
        return self.season.laid.columns

    def date_of(self, day: int) -> date:
        """The date of a day counted from the start."""
        return self.request.start + timedelta(days=day)

    def dates(self, column: LaidColumn) -> tuple[date, date]:
        """The first and the last day of a column."""
        return self.date_of(column.first), self.date_of(column.last)


def plan_course(request: CourseRequest) -> Course:
    """Lay a chart over dates, and say what is to be done on each.

    Raises:
        InputError: dates out of order or beyond reason, a column that the chart does not have, a
            time zone that is none.
    """
    check_request(request)
    request = _with_usual_rules(request)
    laid = lay_columns(request)
    season = Season.of(request, laid)
    fillings = fillings_of(season)
    additions = place_additions(season, fillings)
    tasks = [
        *_fillings(season, fillings, additions),
        *_additions(season, fillings, additions),
        *_readings(season, fillings),
        *_calibrations(season),
    ]
    inoculated = [request.day(task.on) for task in tasks if task.kind is TaskKind.INOCULATE]
    tasks += preparations(season, fillings, inoculated)
    return Course(
        season,
        tuple(sorted(tasks, key=lambda one: one.in_order)),
        (*laid.conflicts, *additions.conflicts, *_oxidisers(season, fillings, additions)),
    )


def _with_usual_rules(request: CourseRequest) -> CourseRequest:
    """A living tank is held for months, and its cultures come again; what was said goes first."""
    if request.programme is not Programme.LIVING:
        return request
    ruled = {rule.product for rule in request.rules}
    every, days, then = REINOCULATION
    usual = tuple(
        TimingRule(product.key, every_days=every, for_days=days, then_every_days=then)
        for product in request.chart.products
        if product.role is Role.LIVE and product.key not in ruled
    )
    return replace(
        request,
        rules=request.rules + usual,
        change_out=request.change_out or ChangeOut(every_days=LIVING_DAYS),
    )


def _on(season: Season, day: int) -> date:
    return season.request.start + timedelta(days=day)


def _goes_in_apart(season: Season, product: str) -> bool:
    """Cultures go into a living tank as a step of their own."""
    return season.request.programme is Programme.LIVING and product in season.cultures


def _kills(season: Season, product: str) -> bool:
    """An oxidiser goes into no living tank, whatever column and rule say."""
    return season.request.programme is Programme.LIVING and product in season.oxidisers


def _fillings(season: Season, fillings: Sequence[Filling], additions: Additions) -> Iterable[Task]:
    """Each filling with what its column pours and what rules give on its day."""
    by_day = _by_day(additions.all)
    for filling in fillings:
        if not filling.is_done:
            on_day = by_day.get(filling.day, ())
            ruled = [addition.rule.product for addition in on_day if not addition.rule.is_foliar]
            yield _filling(season, filling, ruled, additions.governed)


def _filling(
    season: Season, filling: Filling, ruled: Sequence[str], governed: frozenset[str]
) -> Task:
    """A filling with what its column pours and the products that rules give besides."""
    printed = season.printed(filling.day)
    poured = dict.fromkeys(key for key in printed if key not in governed)
    in_order = _in_chart_order(season, [*poured, *ruled])
    products = tuple(
        key for key in in_order if not (_goes_in_apart(season, key) or _kills(season, key))
    )
    differs = _differing(season, printed, ruled, governed)
    why = [filling.why]
    why += [Why.BY_RULE] if ruled else []
    why += [Why.RULE_UNLIKE_COLUMN] if differs else []
    return Task(
        on=_on(season, filling.day),
        kind=filling.kind,
        why=tuple(why),
        column=season.by_day[filling.day].column.key,
        products=products,
        strength=season.strength(filling.day) if products else None,
        differs=differs,
    )


def _differing(
    season: Season, printed: Sequence[str], ruled: Sequence[str], governed: frozenset[str]
) -> tuple[Differs, ...]:
    """Where the column of a filling and the rules of its day are unlike."""
    held_back = [key for key in printed if key in governed and key not in ruled]
    beyond = [key for key in ruled if key not in printed and key in season.ever_printed]
    return tuple(Differs(key, by_column=True, by_rule=False) for key in held_back) + tuple(
        Differs(key, by_column=False, by_rule=True) for key in beyond
    )


def _additions(season: Season, fillings: Sequence[Filling], additions: Additions) -> Iterable[Task]:
    """What rules give besides fillings; in a living tank cultures by their column too."""
    filled = {filling.day for filling in fillings if not filling.is_done}
    for one in additions.all:
        product, alone = one.rule.product, _goes_in_apart(season, one.rule.product)
        if one.day in filled and not one.rule.is_foliar and not alone:
            continue
        if _kills(season, product) and not one.rule.is_foliar:
            continue
        differs = _differing(season, season.printed(one.day), [product], frozenset())
        yield Task(
            on=_on(season, one.day),
            kind=TaskKind.INOCULATE if product in season.cultures else TaskKind.ADD,
            why=(*one.why, Why.RULE_UNLIKE_COLUMN) if differs else one.why,
            column=season.by_day[one.day].column.key,
            products=(product,),
            strength=season.strength(one.day),
            differs=differs,
        )


def _by_day(additions: Iterable[Addition]) -> dict[int, list[Addition]]:
    found: dict[int, list[Addition]] = {}
    for addition in additions:
        found.setdefault(addition.day, []).append(addition)
    return found


def _in_chart_order(season: Season, products: Iterable[str]) -> list[str]:
    """In the order of the chart; what no chart has behind it, in the order of its rules."""
    rows = list(season.products)
    return sorted(dict.fromkeys(products), key=lambda key: rows.index(key) if key in rows else 999)


def _readings(season: Season, fillings: Sequence[Filling]) -> Iterable[Task]:
    """The tank is read on days on which it is not filled; filling it is reading it."""
    every = season.request.read_every_days
    filled = {filling.day for filling in fillings}
    first = season.request.first_filling
    for day in range(first + every, season.last + 1, every) if every else ():
        if day not in filled:
            yield Task(
                on=_on(season, day),
                kind=TaskKind.READ,
                why=(Why.DAILY_READING,),
                column=season.by_day[day].column.key,
            )


def _calibrations(season: Season) -> Iterable[Task]:
    request = season.request
    for meter in request.meters:
        day = request.first_filling
        if meter.last is not None:
            day = max(request.day(meter.last) + meter.every_days, day)
        for due in range(day, season.last + 1, meter.every_days):
            yield Task(
                on=_on(season, due),
                kind=TaskKind.CALIBRATE,
                why=(Why.METER_DUE,),
                column=season.by_day[due].column.key,
                meter=meter.name,
            )


def _oxidisers(
    season: Season, fillings: Sequence[Filling], additions: Additions
) -> Iterable[CourseConflict]:
    """An oxidiser in a living tank, or in one filling with cultures that no rule keeps apart."""
    if season.request.programme is Programme.LIVING:
        used = {key for one in fillings for key in season.printed(one.day)}
        used |= additions.governed
        yield from (
            CourseConflict.oxidiser_in_living_tank(key) for key in sorted(season.oxidisers & used)
        )
        return
    first_days = dict[tuple[str, str], int]()
    for filling in fillings:
        poured = frozenset(season.printed(filling.day)) - additions.governed
        for oxidiser in sorted(season.oxidisers & poured):
            for cultures in sorted(season.cultures & poured):
                first_days.setdefault((oxidiser, cultures), filling.day)
    for pair, day in first_days.items():
        yield CourseConflict.oxidiser_meets_cultures(*pair, season.by_day[day].column.label)
