"""Documents that earlier versions of the program kept: each file is read as it was meant then.

A version that is written anew gets a file of its own here, `FORMAT.VERSION.json`, and keeps it.
"""

import json
from pathlib import Path
from typing import Any

import pytest

from core.formats import FeedChart, document_of
from core.formats.chart import FEED_CHART
from core.formats.guided_plan import BENCH_PLAN, plan_document, plan_from
from core.formats.versions import VersionedFormat

KEPT_FILES = Path(__file__).parents[1] / "kept_files"


def kept(form: VersionedFormat, version: int) -> dict[str, Any]:
    name = form.name.removeprefix("brisk-measure/")
    return dict(json.loads((KEPT_FILES / f"{name}.{version}.json").read_text()))


def of_every_version(form: VersionedFormat) -> pytest.MarkDecorator:
    return pytest.mark.parametrize("version", range(form.first, form.version + 1))


@of_every_version(FEED_CHART)
def test_a_kept_chart_is_read(version: int) -> None:
    told = kept(FEED_CHART, version)
    chart = document_of(FeedChart, told).chart()
    assert (chart.name, len(chart.doses)) == (told["name"], len(told["doses"]))
    assert [product.name for product in chart.products] == [one["name"] for one in told["products"]]


@of_every_version(BENCH_PLAN)
def test_a_kept_plan_is_read_to_the_last_fraction(version: int) -> None:
    told = kept(BENCH_PLAN, version)
    again = plan_document(plan_from(told))
    assert {**again, **told, "version": BENCH_PLAN.version} == again


def test_versions_are_made_up_for_step_by_step() -> None:
    form = VersionedFormat(
        "x", 3, {1: lambda told: {**told, "b": told["a"]}, 2: lambda told: {**told, "c": told["b"]}}
    )
    assert form.upgraded({"format": "x", "version": 1, "a": 7}) == {
        "format": "x", "version": 3, "a": 7, "b": 7, "c": 7,
    }  # fmt: skip
    for other in ({"format": "x", "version": 4}, {"format": "y", "version": 1}, {"version": "1"}):
        assert form.upgraded(other) == other
        assert not form.is_read(other)
