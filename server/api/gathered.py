"""Everything a mix stands on, by as few queries as it takes; all of it within one grow."""

import json
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import Any

from django.db.models import OuterRef
from django.http import Http404

from core.chart import Chart
from core.chemistry import Label
from core.formats import LabelDocument
from core.mix import AcidOnShelf, HardForm, OnShelf, Shelf
from core.quantities import figure
from core.vessels import USUAL_BENCH, Shows, Vessel, VesselKind
from server.charts.models import ChartVersion
from server.charts.store import (
    charts_in_memory,
    document_from,
    json_list,
    text_of,
    with_contents,
    with_shelf,
)
from server.grows.scope import Scope
from server.tanks.models import Tank, WaterSource
from server.vessels.models import BenchVessel


@dataclass(frozen=True, slots=True)
class Gathered:
    """A tank, its waters by number, a chart, the shelf and the bench.

    Args:
        tank: with its own water.
        waters: those asked for.
        version: the number of the chart's version.
        chart: the chart.
        shelf: labels, what is left, forms for hard water, acids.
        bench: the vessels and scales; the usual ones where the grow has none.
    """

    tank: Tank
    waters: Mapping[int, WaterSource]
    version: int
    chart: Chart
    shelf: Shelf
    bench: tuple[Vessel, ...]


def gather(scope: Scope, *, tank: int, waters: Sequence[int], version: int) -> Gathered:
    """Look everything up within the grow, with three queries.

    Raises:
        Http404: the grow has no such tank, water or chart.
    """
    found_tank = scope.one(scope.all(Tank), tank)
    found_waters = {water.pk: water for water in scope.all(WaterSource).filter(pk__in=waters)}
    if set(waters) - set(found_waters):
        raise Http404("No such water.")
    bench = BenchVessel.objects.filter(grow=OuterRef("grow")).order_by("position", "pk")
    versions = with_shelf(scope.all(ChartVersion)).annotate(
        bench_json=json_list(
            bench, kind="kind", capacity=text_of("capacity"), mark=text_of("mark"), shows="shows"
        )
    )
    chart = charts_in_memory.get(version)
    stored: Any = scope.one(with_contents(versions) if chart is None else versions, version)
    if chart is None:
        chart = charts_in_memory.put(version, document_from(stored).chart())
    return Gathered(
        tank=found_tank,
        waters=found_waters,
        version=version,
        chart=chart,
        shelf=_shelf(stored.shelf_json, stored.row_products),
        bench=tuple(_vessel(one) for one in stored.bench_json) or USUAL_BENCH,
    )


def _vessel(stored: Mapping[str, str]) -> Vessel:
    return Vessel(
        VesselKind(stored["kind"]),
        figure(stored["capacity"]),
        figure(stored["mark"]),
        Shows(stored["shows"]),
    )


@lru_cache(maxsize=2048)
def _label(text: str) -> Label:
    return LabelDocument.model_validate_json(text).label()


def label_from(stored: Mapping[str, Any] | None) -> Label | None:
    """A stored label as core reckons with it; the same text is read once."""
    return None if not stored else _label(json.dumps(stored, sort_keys=True))


def _shelf(products: Sequence[Mapping[str, Any]], rows: Sequence[Mapping[str, Any]]) -> Shelf:
    by_id = {product["id"]: product for product in products}
    forms = {product["hard_form_of"]: product for product in products if product["hard_form_of"]}
    known = {row["key"]: _on_shelf(by_id[row["product"]], forms) for row in rows}
    acids = []
    for product in products:
        label = label_from(product["label"])
        if label and label.acid:
            acids.append(
                AcidOnShelf(str(product["id"]), product["name"], label.acid, label.density)
            )
    return Shelf(known, tuple(acids))


def _on_shelf(product: Mapping[str, Any], forms: Mapping[int, Mapping[str, Any]]) -> OnShelf:
    form = forms.get(product["id"])
    return OnShelf(
        label=label_from(product["label"]),
        left=None if product["left"] is None else figure(product["left"]),
        hard_form=HardForm(
            form["name"],
            label_from(form["label"]),
            None if form["left"] is None else figure(form["left"]),
        )
        if form
        else None,
    )
