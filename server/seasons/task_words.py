"""Tasks of a season as answers: what its products are called, and what they come to in its tank."""

from collections.abc import Iterable, Mapping
from dataclasses import replace
from datetime import date, datetime
from fractions import Fraction
from zoneinfo import ZoneInfo

from core.chart import Chart
from core.course import Course, Programme, Task, TaskKind, Why
from core.leaflet.meaning import MixedAt, amount_range
from core.quantities import (
    Amount,
    AmountUnit,
    Spoons,
    Volume,
    decimal_text,
    figure,
    number_text,
    rounded,
)
from core.tending.living import Brew, brew_for
from server.grows.figures import Figure, percent_shown
from server.grows.scope import Scope
from server.seasons.running import RunningSeason
from server.seasons.shapes import AmountOut, DiffersOut, SeasonProduct, TaskOut
from server.seasons.tasks import StandingTask


class TaskWords:
    """Tasks of one season as answers: what its products come to in its tank."""

    def __init__(
        self, running: RunningSeason, course: Course, in_tank: MixedAt, zone: ZoneInfo
    ) -> None:
        self._running, self._course = running, course
        self._in_tank, self._zone = in_tank, zone
        self._labels = {
            column.key: column.label
            for stored in (running.chart, *running.others.values())
            for column in stored.chart.columns
        }

    @classmethod
    def of(cls, scope: Scope, running: RunningSeason, course: Course) -> "TaskWords":
        """With the spoons that a person means, by the clock of the grow."""
        litres = Volume(figure(running.season.tank.litres))
        in_tank = MixedAt(litres, Fraction(1), Spoons(scope.membership.spoons))
        return cls(running, course, in_tank, ZoneInfo(scope.grow.time_zone))

    def task_out(self, standing: StandingTask) -> TaskOut:
        """A task."""
        task = standing.task
        return TaskOut(
            key=standing.key,
            on=task.on,
            at=task.at.strftime("%H:%M") if task.at else None,
            moment=datetime.combine(task.on, task.at, self._zone) if task.at else None,
            kind=task.kind,
            state=standing.state,
            column=task.column,
            column_label=self._labels.get(task.column or "", ""),
            products=list(task.products),
            amounts=list(self._amounts(standing.task)),
            why=list(task.why),
            strength_shown=percent_shown(task.strength) if task.strength is not None else None,
            differs=[
                DiffersOut(
                    product=differ.product, by_column=differ.by_column, by_rule=differ.by_rule
                )
                for differ in task.differs
            ],
            meter=task.meter,
            again_since=self._again_since(standing),
        )

    def _again_since(self, standing: StandingTask) -> date | None:
        """When a product went in that would go in again, with no filling between: doses add up."""
        task, done = standing.task, self._running.done
        if task.kind is not TaskKind.ADD or Why.ON_LEAVES in task.why:
            return None
        filled = max(done.fillings, default=self._running.season.filled_on)
        printed = self._pours_of_last_filling(filled)
        days = [on for on, key in self._running.poured if key in task.products and on >= filled]
        days += [filled] if done.fillings and printed & set(task.products) else []
        return max(days, default=None)

    def _pours_of_last_filling(self, filled: date) -> set[str]:
        """What the column of the last filling pours, where no rule says when."""
        season = self._course.season
        day = self._course.request.day(filled)
        ruled = {rule.product for rule in self._course.request.rules}
        return set(season.printed(day)) - ruled if 0 <= day <= season.last else set()

    def _amounts(self, task: Task) -> Iterable[AmountOut]:
        """What a task takes: of the brew that it prepares, or of each product that goes in."""
        if task.kind is TaskKind.PREPARE:
            yield from _brewed(task.why[0], brew_for(self._in_tank.volume))
        if task.kind not in (TaskKind.ADD, TaskKind.INOCULATE) or task.column is None:
            return
        chart = self._chart_on(task.on)
        is_living = self._running.lead.plan.get("programme") == Programme.LIVING
        takes_brew = is_living and task.kind is TaskKind.INOCULATE
        for key in task.products:
            printed = self._printed_amount(chart, key, task.column, task.strength)
            if printed is not None:
                yield _amount_out(key, *printed)
            elif takes_brew:
                brew = Amount(brew_for(self._in_tank.volume).water_l * 1000, AmountUnit.ML)
                yield _amount_out(key, brew, brew)

    def _chart_on(self, on: date) -> Chart:
        season, day = self._course.season, self._course.request.day(on)
        laid = season.by_day[day] if 0 <= day <= season.last else None
        return laid.chart if laid else self._running.chart.chart

    def _printed_amount(
        self, chart: Chart, key: str, column: str, strength: Fraction | None
    ) -> tuple[Amount, Amount] | None:
        """Both ends of what a column prints of a product, in the tank; None where it has none."""
        row = next((product for product in chart.products if product.key == key), None)
        dose = chart.dose(key, column)
        if row is None or dose is None:
            return None
        return amount_range(dose, row, replace(self._in_tank, strength=strength or Fraction(1)))


def _amount_out(key: str, low: Amount, high: Amount) -> AmountOut:
    middle = rounded((low.value + high.value) / 2, 3)
    return AmountOut(
        product=key,
        amount=Figure(value=decimal_text(middle), unit=low.unit),
        shown=f"{number_text(middle, 1).removesuffix('.0')} {low.unit}",
    )


def _brewed(why: Why, brew: Brew) -> Iterable[AmountOut]:
    """What a day of the brew takes, by product."""
    steps = {
        Why.MOLASSES: (("water", brew.water_l * 1000), ("molasses", brew.molasses_ml)),
        Why.INOCULANT: (("inoculant", brew.inoculant_ml),),
    }
    for name, amount in steps.get(why, ()):
        value = rounded(amount, 3)
        litres = value >= 1000
        shown = number_text(value / 1000, 2) if litres else number_text(value, 1)
        yield AmountOut(
            product=name,
            amount=Figure(value=decimal_text(value), unit="mL"),
            shown=f"{shown.rstrip('0').rstrip('.')} {'L' if litres else 'mL'}",
        )


def products_out(
    running: RunningSeason, course: Course, tags: Mapping[int, str]
) -> list[SeasonProduct]:
    """The products of a season, those of rules without a row among them."""
    names, shelf = running.product_names, running.products
    keys = dict.fromkeys([*names, *(rule.product for rule in course.request.rules)])
    return [
        SeasonProduct(
            key=key,
            name=names.get(key, key),
            tag=tags.get(shelf.get(key, 0)) or names.get(key, key)[:2].title(),
            product=shelf.get(key),
        )
        for key in keys
    ]
