"""What is kept at hand weighs about what it is counted as: measured by Python's own tracemalloc."""

import gc
import tracemalloc
from collections.abc import Callable
from typing import TypeVar

import pytest

from core.course import CourseRequest, plan_course
from server.charts.starters import starters
from server.charts.store import StoredChart, _chart_bytes
from server.seasons.course import _course_bytes
from tests.core.test_seasons import decided, living, mineral

_Made = TypeVar("_Made")


def weighed(make: Callable[[], _Made]) -> tuple[_Made, int]:
    """What was made, and how many bytes it holds."""
    make()  # what is imported or kept at the first time belongs to nobody
    gc.collect()
    tracemalloc.start()
    made = make()
    gc.collect()
    held, _ = tracemalloc.get_traced_memory()
    tracemalloc.stop()
    return made, held


@pytest.mark.parametrize("request_of", [mineral, decided, living])
def test_a_course_is_counted_as_what_it_holds(request_of: Callable[[], CourseRequest]) -> None:
    course, held = weighed(lambda: plan_course(request_of()))
    assert held / 2 < _course_bytes((), course) < held * 4


@pytest.mark.parametrize("key", starters())
def test_a_chart_is_counted_as_what_it_holds(key: str) -> None:
    def stored() -> StoredChart:
        document = starters()[key].model_copy(deep=True)
        return StoredChart(document, document.chart(), {})

    chart, held = weighed(stored)
    assert held / 2 < _chart_bytes(None, chart) < held * 4
