"""A season day by day: which column holds, and what it pours."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction
from functools import cached_property

from core.chart import Chart, Product, Role, Stage
from core.course.columns import LaidColumn, LaidColumns
from core.course.request import CourseRequest


@dataclass(frozen=True)
class Season:
    """What fillings, additions and tasks stand on.

    Args:
        request: what was asked for.
        laid: its columns.
        by_day: which of them holds on each day, from the start to the last that is planned.
        flushes_from: the first day on which the tank runs on plain water before harvest.
    """

    request: CourseRequest
    laid: LaidColumns
    by_day: tuple[LaidColumn, ...]
    flushes_from: int | None

    @classmethod
    def of(cls, request: CourseRequest, laid: LaidColumns) -> "Season":
        """Day by day, as far as columns reach and the request looks."""
        by_day: list[LaidColumn] = []
        last = request.day(request.until)
        for column in laid.columns:
            by_day.extend([column] * (min(column.last, last) - column.first + 1))
        flushes_from = None
        if request.harvest is not None and request.flush_days:
            flushes_from = max(0, request.day(request.harvest) - request.flush_days)
        return cls(request, laid, tuple(by_day), flushes_from)

    @property
    def last(self) -> int:
        """The last day that is planned."""
        return len(self.by_day) - 1

    @cached_property
    def products(self) -> Mapping[str, Product]:
        """The rows of all its charts by key; of two with one key the first."""
        found: dict[str, Product] = {}
        for chart in self.charts:
            for product in chart.products:
                found.setdefault(product.key, product)
        return found

    @cached_property
    def charts(self) -> tuple[Chart, ...]:
        """Those that it is, was or will be fed by."""
        others = (
            happening.chart for happening in self.request.happened if happening.chart is not None
        )
        return self.request.chart, *others

    def of_role(self, role: Role) -> list[str]:
        """Keys of the products of a role."""
        return [key for key, product in self.products.items() if product.role is role]

    @cached_property
    def oxidisers(self) -> frozenset[str]:
        """Keys of what kills live cultures."""
        return frozenset(key for key, product in self.products.items() if product.oxidiser)

    @cached_property
    def cultures(self) -> frozenset[str]:
        """Keys of what lives."""
        return frozenset(self.of_role(Role.LIVE))

    def is_flushing(self, day: int) -> bool:
        """Whether it is flushed before harvest, whatever the column prints."""
        return self.flushes_from is not None and day >= self.flushes_from

    def is_plain_water(self, day: int) -> bool:
        """Whether nothing is added on a day: it is flushed, by its column or before harvest."""
        return self.is_flushing(day) or self.by_day[day].column.stage is Stage.FLUSH

    def printed(self, day: int) -> tuple[str, ...]:
        """Keys of what is poured on a day by its column, in the order of the chart."""
        if self.is_flushing(day):
            return ()
        laid = self.by_day[day]
        keys = self._pours[id(laid)]
        blend = self.blend(day)
        if blend is None:
            return keys
        before, _ = blend
        return tuple(dict.fromkeys(keys + printed_in(before.chart, before.column.key)))

    def blend(self, day: int) -> tuple[LaidColumn, Fraction] | None:
        """The column of the chart before, and how far towards the new one a day is.

        None where one chart alone holds. In even steps: over 3 days 1/4, 1/2, 3/4.
        """
        laid = self.by_day[day]
        before, gone = laid.blends_from, day - laid.first
        if before is None or gone >= laid.blend_days:
            return None
        return before, Fraction(gone + 1, laid.blend_days + 1)

    def strength(self, day: int) -> Fraction:
        """The share of the printed dose that holds on a day.

        A season that goes over to another chart keeps the strength that it had, until a day or a
        column of that chart says otherwise.
        """
        laid = self.by_day[day]
        since, strength = self._strengths_kept[id(laid)]
        return self._strength(laid, day, since, strength)

    def _strength(self, laid: LaidColumn, day: int, since: int, kept: Fraction) -> Fraction:
        """The last of the strengths that is reached while one chart holds; else the one kept."""
        order = {column.key: at for at, column in enumerate(laid.chart.columns)}
        found = kept
        for strength in self.request.strengths:
            if strength.column is None:
                is_reached = since <= strength.from_day <= day
            else:
                is_reached = (
                    self.request.means_column_of(laid.chart, strength.column)
                    and order[strength.column] <= order[laid.column.key]
                )
            found = strength.strength if is_reached else found
        return found

    @cached_property
    def _strengths_kept(self) -> Mapping[int, tuple[int, Fraction]]:
        """For each column since which day its chart holds, and the strength kept from before."""
        kept: dict[int, tuple[int, Fraction]] = {}
        since, strength, before = 0, Fraction(1), None
        for laid in self.laid.columns:
            if before is not None and before.chart is not laid.chart:
                strength = self._strength(before, before.last, since, strength)
                since = laid.first
            kept[id(laid)] = since, strength
            before = laid
        return kept

    @cached_property
    def ever_printed(self) -> frozenset[str]:
        """Keys of what any column of its charts pours: of the rest columns say nothing."""
        return frozenset(dose.product for chart in self.charts for dose in chart.doses)

    @cached_property
    def _pours(self) -> Mapping[int, tuple[str, ...]]:
        return {
            id(column): printed_in(column.chart, column.column.key) for column in self.laid.columns
        }


def printed_in(chart: Chart, column: str) -> tuple[str, ...]:
    """Keys of the products that a column has a dose of, in the order of the chart."""
    doses = ((product.key, chart.dose(product.key, column)) for product in chart.products)
    return tuple(key for key, dose in doses if dose and (dose.until_ec is not None or dose.high))
