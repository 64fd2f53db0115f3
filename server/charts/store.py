"""Charts into the database and out of it, always by way of the open format."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass

from django.db import models, transaction
from django.db.models import Max
from django.http import Http404

from core.chart import Chart as CoreChart
from core.formats import FeedChart, document_of
from core.formats.chart import ProductDocument
from core.limits import LONGEST_NAME
from core.memory import MEGABYTE, Memory
from server.charts.models import Chart, ChartVersion, LeafletPicture
from server.grows.models import Grow
from server.grows.scope import Scope, lock_grow
from server.shelf.models import Product
from server.shelf.tags import new_tag


@dataclass(frozen=True, slots=True)
class StoredChart:
    """A version: its document, as core uses it, and which product each row is."""

    document: FeedChart
    chart: CoreChart
    products: Mapping[str, int]


def _chart_bytes(_: object, stored: StoredChart) -> int:
    cells = len(stored.chart.columns) * len(stored.chart.products)
    return 16_000 + 1500 * len(stored.chart.products) + 1200 * cells


charts_in_memory: Memory[tuple[int, int], StoredChart] = Memory(64 * MEGABYTE, weigh=_chart_bytes)
"""By the numbers of a grow and of a version of it, which is never altered."""


@transaction.atomic
def publish_chart(grow: Grow, document: FeedChart, *, maker: str = "") -> ChartVersion:
    """Keep a chart as the newest version under its name; older versions stay as they are.

    Products are found on the grow's shelf by name, and put there if they are new.

    Raises:
        InputError: the chart contradicts itself.
    """
    document.chart()  # refuses what contradicts itself before anything is stored
    lock_grow(grow.pk)  # two charts may bring the same product, or two whose tags would be the same
    name = document.name or "Unnamed chart"
    chart, _ = Chart.objects.get_or_create(grow=grow, name=name, defaults={"maker": maker})
    return add_version(chart, document)


@transaction.atomic
def add_version(
    chart: Chart,
    document: FeedChart,
    *,
    notes: Sequence[str] = (),
    picture: LeafletPicture | None = None,
) -> ChartVersion:
    """Keep a document as the newest version of a chart, under that chart's name.

    Raises:
        InputError: the document contradicts itself.
    """
    document.chart()
    lock_grow(chart.grow_id)
    last = chart.versions.aggregate(last=Max("number"))["last"] or 0
    named = document.model_copy(update={"name": chart.name})
    return ChartVersion.objects.create(
        grow_id=chart.grow_id,
        chart=chart,
        number=last + 1,
        document=named.model_dump(mode="json", exclude_none=True),
        products=_link_products(chart.grow, document),
        notes=list(notes),
        picture=picture,
    )


def _link_products(grow: Grow, document: FeedChart) -> dict[str, int]:
    """The number of the shelf's product by each row's key; what is new is put there."""
    shelf = {product.name: product for product in Product.objects.filter(grow=grow)}
    taken = {product.tag for product in shelf.values()}
    links: dict[str, int] = {}
    printed_as: dict[str, str] = {}
    for printed in document.products:
        name = _name_on_shelf(printed)
        if printed_as.setdefault(name, printed.name) != printed.name:
            name = printed.key  # two long names that begin alike are two products
        if name not in shelf:
            shelf[name] = Product.objects.create(
                grow=grow, name=name, tag=new_tag(name, taken), role=printed.role, form=printed.form
            )
            taken.add(shelf[name].tag)
        links[printed.key] = shelf[name].pk
    return links


def _name_on_shelf(printed: ProductDocument) -> str:
    """What the product of a row is called where it is new; a leaflet may print more than that."""
    return printed.name.strip()[:LONGEST_NAME].strip() or printed.key


def stored_charts(
    grow: Grow, versions: models.QuerySet[ChartVersion], numbers: Iterable[int]
) -> dict[int, StoredChart]:
    """Versions of a grow by their numbers, with one query for all that are not in memory yet."""
    found = {}
    for pk in numbers:
        if (kept := charts_in_memory.get((grow.pk, pk))) is not None:
            found[pk] = kept
    missing = [pk for pk in numbers if pk not in found]
    if missing:
        rows = versions.filter(pk__in=missing).values_list("pk", "document", "products")
        for pk, stored, products in rows:
            document = document_of(FeedChart, stored)
            chart = StoredChart(document, document.chart(), products)
            found[pk] = charts_in_memory.put((grow.pk, pk), chart)
    return found


def chart_in(scope: Scope, number: int) -> StoredChart:
    """One version within a grow.

    Raises:
        Http404: the grow has no such version.
    """
    found = stored_charts(scope.grow, scope.all(ChartVersion), [number])
    if number not in found:
        raise Http404("No such chart.")
    return found[number]
