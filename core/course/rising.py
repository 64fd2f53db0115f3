"""A strength that rises from column to column, as a careful grower raises it."""

from collections.abc import Iterator
from fractions import Fraction

from core.chart import Chart
from core.course.request import StrengthFrom


def rising_strengths(
    chart: Chart, first: str, low: Fraction, high: Fraction, by: str
) -> Iterator[StrengthFrom]:
    """A strength for each column from the first to the one by which it is reached, in even steps.

    Args:
        chart: the chart.
        first: the column with which the season begins.
        low, high: the share of the printed dose in the first and in the last of them.
        by: the key of the last; one that stands before the first rises at once.

    Raises:
        InputError: the chart does not have one of the columns.
    """
    keys = [column.key for column in chart.columns]
    begin = keys.index(chart.column(first).key)
    end = max(keys.index(chart.column(by).key), begin)
    steps = end - begin
    for step in range(steps + 1):
        share = Fraction(step, steps) if steps else Fraction(1)
        percent = round((low + (high - low) * share) * 100)
        exact = {0: low, steps: high}.get(step, Fraction(percent, 100))
        yield StrengthFrom(exact if steps else high, column=keys[begin + step])
