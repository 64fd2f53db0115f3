"""Everything a mix stands on, by as few queries as it takes; all of it within one grow."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from django.db import models
from django.db.models import OuterRef
from django.http import Http404

from core.chart import Chart, Form, Role
from core.chemistry import Label, alkali_of, contents_of
from core.formats import LabelDocument
from core.mix import AcidOnShelf, AlkaliOnShelf, HardForm, OnShelf, Shelf
from core.quantities import AmountUnit, figure
from core.vessels import USUAL_BENCH, Shows, Vessel, VesselKind
from server.charts.models import ChartVersion, Product
from server.charts.store import (
    charts_in_memory,
    json_list,
    stored_chart,
    text_of,
    with_contents,
)
from server.grows.memory import Memory
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


@dataclass(frozen=True, slots=True)
class _Stock:
    """A grow's shelf by the numbers of its products, its acids, alkalis and its bench."""

    products: Mapping[int, OnShelf]
    acids: tuple[AcidOnShelf, ...]
    alkalis: tuple[AlkaliOnShelf, ...]
    bench: tuple[Vessel, ...]


stocks_in_memory: Memory[tuple[int, int], _Stock] = Memory(64)
"""By grow and the stamp that moves when its shelf or bench change."""


def gather(scope: Scope, *, tank: int, waters: Sequence[int], version: int) -> Gathered:
    """Look everything up within the grow, with three queries.

    Raises:
        Http404: the grow has no such tank, water or chart.
    """
    found_tank = scope.one(scope.all(Tank), tank)
    found_waters = {water.pk: water for water in scope.all(WaterSource).filter(pk__in=waters)}
    if set(waters) - set(found_waters):
        raise Http404("No such water.")
    stock_key = (scope.grow.pk, scope.grow.shelf_stamp)
    chart, stock = charts_in_memory.get(version), stocks_in_memory.get(stock_key)
    # Always asked, since it tells whether this grow has the chart; with what is not at hand yet.
    versions = scope.all(ChartVersion)
    if chart is None:
        versions = with_contents(versions)
    if stock is None:
        versions = _with_stock(versions)
    stored: Any = scope.one(versions, version)
    if chart is None:
        chart = charts_in_memory.put(version, stored_chart(stored))
    if stock is None:
        stock = stocks_in_memory.put(stock_key, _stock(stored))
    known = {
        key: stock.products[product]
        for key, product in chart.products.items()
        if product in stock.products
    }
    return Gathered(
        tank=found_tank,
        waters=found_waters,
        version=version,
        chart=chart.chart,
        shelf=Shelf(known, stock.acids, stock.alkalis),
        bench=stock.bench,
    )


def _with_stock(versions: models.QuerySet[ChartVersion]) -> models.QuerySet[ChartVersion]:
    """Versions with their grow's shelf and bench, in the one query."""
    shelf = Product.objects.filter(grow=OuterRef("grow")).order_by("pk")
    bench = BenchVessel.objects.filter(grow=OuterRef("grow")).order_by("position", "pk")
    return versions.annotate(
        shelf_json=json_list(
            shelf, id="pk", name="name", label="label", left=text_of("left"), form="form",
            role="role", hard_form_of="hard_form_of",
        ),
        bench_json=json_list(
            bench, kind="kind", capacity=text_of("capacity"), mark=text_of("mark"), shows="shows"
        ),
    )  # fmt: skip


def _stock(stored: Any) -> _Stock:
    products: list[dict[str, Any]] = stored.shelf_json
    forms = {product["hard_form_of"]: product for product in products if product["hard_form_of"]}
    acids = []
    for product in products:
        label = label_from(product["label"])
        if label and label.acid:
            key = str(product["id"])
            acids.append(AcidOnShelf(key, product["name"], label.acid, label.density))
    return _Stock(
        products={product["id"]: _on_shelf(product, forms) for product in products},
        acids=tuple(acids),
        alkalis=tuple(filter(None, map(_alkali, products))),
        bench=tuple(_vessel(one) for one in stored.bench_json) or USUAL_BENCH,
    )


def _alkali(product: Mapping[str, Any]) -> AlkaliOnShelf | None:
    """A product for pH whose label makes it an alkali."""
    label, form = label_from(product["label"]), Form(product["form"])
    if label is None or label.acid is not None or product["role"] != Role.PH_ADJUSTER:
        return None
    alkali = alkali_of(contents_of(label, form, Role.PH_ADJUSTER))
    if alkali is None:
        return None
    unit = AmountUnit.G if form is Form.DRY else AmountUnit.ML
    return AlkaliOnShelf(str(product["id"]), product["name"], alkali, unit)


def _vessel(stored: Mapping[str, str]) -> Vessel:
    return Vessel(
        VesselKind(stored["kind"]),
        figure(stored["capacity"]),
        figure(stored["mark"]),
        Shows(stored["shows"]),
    )


def label_from(stored: Mapping[str, Any] | None) -> Label | None:
    """A stored label as core reckons with it."""
    return LabelDocument.model_validate(stored).label() if stored else None


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
