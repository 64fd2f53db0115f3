"""The picture of a season: the target as a tread a column, each product as a stroke."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import groupby
from operator import itemgetter

from core.chart import Chart
from core.chart.between import readings_between
from core.chart.strength import printed_amount
from core.course.columns import LaidColumn
from core.course.plan import Course
from core.course.season import Season
from core.course.tasks import TaskKind
from core.quantities import DoseUnit, Reading, ReadingRange, Spoons, Volume
from core.water import CONVENTION_OF_READINGS, RoShares, Target, target_for


@dataclass(frozen=True, slots=True)
class Tread:
    """Days of one column at one strength, and the reading that is aimed at.

    Args:
        first, last: its days.
        strength: share of the printed dose.
        target: None where the column prints no EC or the water was not read.
        ro: where the water alone reads as much as the target, how much RO water it takes.
    """

    first: int
    last: int
    strength: Fraction
    target: ReadingRange | None
    ro: RoShares | None = None


@dataclass(frozen=True, slots=True)
class Span:
    """Days on which a product is poured as much; `share` is that of its largest dose."""

    first: int
    last: int
    share: float


@dataclass(frozen=True, slots=True)
class Stroke:
    """A product over the season: spans by its columns, single days by its rules."""

    product: str
    spans: tuple[Span, ...]
    days: tuple[int, ...]


@dataclass(frozen=True, slots=True)
class CourseDrawing:
    """A season as a picture, in days from its start."""

    treads: tuple[Tread, ...]
    strokes: tuple[Stroke, ...]


def draw_course(course: Course, source: Reading | None, spoons: Spoons) -> CourseDrawing:
    """What is drawn of a season.

    Args:
        course: what comes and came.
        source: what the water reads; None if nobody has read it.
        spoons: which spoons its charts mean.
    """
    runs = _runs(course.season)
    return CourseDrawing(tuple(_treads(runs, source)), tuple(_strokes(course, runs, spoons)))


def target_on(course: Course, day: int, source: Reading | None) -> Target:
    """What is aimed at on a day; without a reading where the column prints none."""
    season = course.season
    return _target(season.by_day[day], season.strength(day), source, season.blend(day))


_Blend = tuple[LaidColumn, Fraction] | None
"""What `Season.blend` says of a day."""


def _target(laid: LaidColumn, strength: Fraction, source: Reading | None, blend: _Blend) -> Target:
    convention = CONVENTION_OF_READINGS[laid.chart.readings]
    ec = laid.column.ec
    if blend is not None:
        before, share = blend
        unlike = before.chart.readings is not laid.chart.readings
        ec = None if unlike else readings_between(before.column.ec, ec, share)
    return target_for(convention, ec, strength, source)


@dataclass(frozen=True, slots=True)
class _Run:
    """Days on which nothing changes: one column, one strength, the same products."""

    first: int
    last: int
    laid: LaidColumn
    strength: Fraction
    printed: tuple[str, ...]
    blend: _Blend


def _runs(season: Season) -> list[_Run]:
    """From the first filling on: before it nothing was poured into this tank."""
    found = []
    days = (
        (id(season.by_day[day]), season.strength(day), season.printed(day), season.blend(day))
        for day in range(season.request.first_filling, season.last + 1)
    )
    first = season.request.first_filling
    for (_, strength, printed, blend), run in groupby(days):
        last = first + sum(1 for _ in run) - 1
        found.append(_Run(first, last, season.by_day[first], strength, printed, blend))
        first = last + 1
    return found


def _treads(runs: Sequence[_Run], source: Reading | None) -> Iterator[Tread]:
    for run in runs:
        target = _target(run.laid, run.strength, source, run.blend)
        yield Tread(run.first, run.last, run.strength, target.reading, target.ro)


def _strokes(course: Course, runs: Sequence[_Run], spoons: Spoons) -> Iterator[Stroke]:
    season = course.season
    ruled = {rule.product for rule in course.request.rules if not rule.is_foliar}
    given = _days_given(course)
    doses = _PerLitre(spoons)
    for product in dict.fromkeys([*season.products, *given]):
        if product in ruled or product not in season.products:
            if days := given.get(product):
                yield Stroke(product, (), tuple(days))
            continue
        scales = season.products[product].scales
        amounts = [
            doses.on(run, product) * (run.strength if scales else 1) * (product in run.printed)
            for run in runs
        ]
        if most := max(amounts, default=Fraction(0)):
            yield Stroke(product, tuple(_spans(runs, amounts, most)), ())


def _days_given(course: Course) -> dict[str, list[int]]:
    """On which days each product goes in, by its key."""
    given: dict[str, list[int]] = {}
    for task in course.tasks:
        for product in task.products if task.kind is not TaskKind.PREPARE else ():
            given.setdefault(product, []).append(course.request.day(task.on))
    return given


def _spans(runs: Sequence[_Run], amounts: Sequence[Fraction], most: Fraction) -> Iterator[Span]:
    for amount, same in groupby(zip(amounts, runs, strict=True), key=itemgetter(0)):
        days = [run for _, run in same]
        if amount:
            yield Span(days[0].first, days[-1].last, float(amount / most))


class _PerLitre:
    """mL or g in a litre by chart, product and column; each is computed once."""

    def __init__(self, spoons: Spoons) -> None:
        self._spoons = spoons
        self._ones: dict[DoseUnit, Fraction] = {}
        self._known: dict[tuple[int, str, str], Fraction] = {}

    def on(self, run: _Run, product: str) -> Fraction:
        """What a run pours; of two charts that are blended, the part of each."""
        dose = self.of(run.laid.chart, product, run.laid.column.key)
        if run.blend is None:
            return dose
        before, share = run.blend
        return dose * share + self.of(before.chart, product, before.column.key) * (1 - share)

    def of(self, chart: Chart, product: str, column: str) -> Fraction:
        """The middle of the printed dose; 1 where a reading says when to stop, 0 for a blank."""
        key = (id(chart), product, column)
        if key not in self._known:
            self._known[key] = self._computed(chart, product, column)
        return self._known[key]

    def _computed(self, chart: Chart, product: str, column: str) -> Fraction:
        dose = chart.dose(product, column)
        if dose is None:
            return Fraction(0)
        printed = printed_amount(dose, Volume(Fraction(1)), self._spoons, self._ones)
        return Fraction(1) if printed is None else (printed.low + printed.high) / 2
