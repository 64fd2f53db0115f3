"""What a grow has to mix with, as one snapshot: looked up once, shared by its requests.

While the grow's stamp stands still nothing in it has changed, in whichever process; the request has
read the stamp with its membership. Each thing is looked up when it is first asked for.
"""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field, replace
from datetime import date
from typing import NamedTuple

from django.http import Http404

from core import stock
from core.chart import Chart, Form, Role
from core.chart.joining import join_charts
from core.chemistry import alkali_of, contents_of
from core.memory import MEGABYTE, Memory
from core.planning import AcidOnShelf, AlkaliOnShelf, HardForm, OnShelf, Shelf
from core.quantities import AmountUnit, figure
from core.vessels import USUAL_VESSELS, Vessel
from server.charts.store import StoredChart, chart_in
from server.grows.scope import Scope
from server.shelf.models import Bottle, MeasuringVessel, Product
from server.tanks.models import Tank, WaterSource


@dataclass(frozen=True, slots=True)
class Stock:
    """A grow's shelf by the numbers of its products, its acids, alkalis and measuring vessels.

    A marked cup names its product by its number.
    """

    products: Mapping[int, OnShelf]
    acids: tuple[AcidOnShelf, ...]
    alkalis: tuple[AlkaliOnShelf, ...]
    vessels: tuple[Vessel, ...]
    tags: Mapping[int, str]


@dataclass(frozen=True, slots=True)
class MixBasis:
    """A tank, its waters by number, a chart, the shelf and the measuring vessels.

    Args:
        tank: with its own water.
        waters: those asked for.
        versions: the numbers of the chart's version, and of that of the chart that is gone over to.
        chart: the chart; towards a column of another one, both of these columns.
        towards: the key of that column in it, where a mix goes towards one.
        rows: the shelf's product of each row, by key.
        shelf: labels, what is left, forms for hard water, acids.
        vessels: the vessels and scales; the usual ones where the grow has none.
        tags: the letters on the bottle of each row, by key.
    """

    tank: Tank
    waters: Mapping[int, WaterSource]
    versions: tuple[int, ...]
    chart: Chart
    towards: str
    rows: Mapping[str, int]
    shelf: Shelf
    vessels: tuple[Vessel, ...]
    tags: dict[str, str]


class ColumnOf(NamedTuple):
    """A column by its key, and its chart's version; None for the mix's own chart."""

    version_id: int | None
    key: str


@dataclass(slots=True)
class Snapshot:
    """A grow as it was at one stamp, as far as anybody asked."""

    tanks: dict[int, Tank] = field(default_factory=dict)
    waters: dict[int, WaterSource] = field(default_factory=dict)
    stock: Stock | None = None

    def tank(self, scope: Scope, number: int) -> Tank:
        """A tank of the grow."""
        if number not in self.tanks:
            self.tanks[number] = scope.one(scope.all(Tank), number)
        return self.tanks[number]

    def waters_of(self, scope: Scope, numbers: Iterable[int]) -> dict[int, WaterSource]:
        """Waters of the grow."""
        missing = {number for number in numbers if number not in self.waters}
        if missing:
            found = scope.all(WaterSource).filter(pk__in=missing)
            self.waters.update({water.pk: water for water in found})
        if not set(numbers) <= set(self.waters):
            raise Http404("No such water.")
        return {number: self.waters[number] for number in numbers}

    def chart(self, scope: Scope, number: int) -> StoredChart:
        """A version of a chart of the grow."""
        return chart_in(scope, number)

    def shelf_of(self, scope: Scope, number: int) -> Shelf:
        """The shelf, by the rows of a version of a chart."""
        stock, rows = self.stock_of(scope), self.chart(scope, number).products
        return _shelf(stock, rows)

    def stock_of(self, scope: Scope) -> Stock:
        """What is on the shelf."""
        if self.stock is None:
            self.stock = _stock(
                list(scope.all(Product)),
                _good_until(scope),
                [vessel.as_vessel() for vessel in scope.all(MeasuringVessel)],
            )
        return self.stock


snapshots_in_memory: Memory[tuple[int, int], Snapshot] = Memory(
    64 * MEGABYTE, weigh=lambda _, __: MEGABYTE
)
"""By grow and its stamp. One grows while it is asked: it counts as full from the start."""


def snapshot_of(scope: Scope) -> Snapshot:
    """What is known of a grow at the stamp that this request has read."""
    key = (scope.grow.pk, scope.grow.stamp)
    kept = snapshots_in_memory.get(key)
    return snapshots_in_memory.put(key, Snapshot()) if kept is None else kept


def mix_basis(
    scope: Scope, *, tank: int, waters: Iterable[int], column: ColumnOf, towards: ColumnOf | None
) -> MixBasis:
    """All that a mix stands on, within the grow; no query for what the snapshot has.

    Args:
        scope: who asks.
        tank: its number.
        waters: theirs.
        column: what is mixed.
        towards: another column that it goes towards, of the same chart or of another.

    Raises:
        Http404: the grow has no such tank, water or chart.
        InputError: one of two charts does not have its column.
    """
    snapshot, waters, version = snapshot_of(scope), list(waters), column.version_id or 0
    stored, stock = snapshot.chart(scope, version), snapshot.stock_of(scope)
    chart, rows, key = stored.chart, stored.products, towards.key if towards else ""
    versions: tuple[int, ...] = (version,)
    if towards and towards.version_id not in (None, version):
        other = snapshot.chart(scope, towards.version_id)
        own = {product: row for row, product in rows.items()}
        same = {row: own[product] for row, product in other.products.items() if product in own}
        joined = join_charts(chart, column.key, other.chart, towards.key, same)
        chart, key, versions = joined.chart, joined.towards, (version, towards.version_id)
        rows = {**{joined.keys[row]: product for row, product in other.products.items()}, **rows}
    return MixBasis(
        tank=snapshot.tank(scope, tank),
        waters=snapshot.waters_of(scope, waters),
        versions=versions,
        chart=chart,
        towards=key,
        rows=rows,
        shelf=_shelf(stock, rows),
        vessels=_vessels(stock, rows),
        tags={
            row.key: stock.tags.get(rows.get(row.key, 0)) or row.name[:2] for row in chart.products
        },
    )


def _vessels(stock: Stock, rows: Mapping[str, int]) -> tuple[Vessel, ...]:
    """The vessels, marked cups by the rows of a chart; a cup for none of them stays away."""
    keys = {str(number): key for key, number in rows.items()}
    return tuple(
        vessel if vessel.product is None else replace(vessel, product=keys[vessel.product])
        for vessel in stock.vessels
        if vessel.product is None or vessel.product in keys
    )


def _shelf(stock: Stock, rows: Mapping[str, int]) -> Shelf:
    known = {key: stock.products[one] for key, one in rows.items() if one in stock.products}
    return Shelf(known, stock.acids, stock.alkalis)


def _good_until(scope: Scope) -> dict[int, date]:
    """The last good day of the bottle that is poured from, by product, where it is known."""
    bottles: dict[int, list[stock.Bottle]] = {}
    for bottle in scope.all(Bottle).filter(discarded_at=None, left__gt=0):
        bottles.setdefault(bottle.product_id, []).append(bottle.as_bottle())
    first = {product: stock.oldest_first(found)[0] for product, found in bottles.items()}
    return {product: one.good_until for product, one in first.items() if one.good_until}


def _stock(products: list[Product], good_until: Mapping[int, date], vessels: list[Vessel]) -> Stock:
    forms = {one.hard_form_of_id: one for one in products if one.hard_form_of_id}
    labelled = [(product, product.read_label()) for product in products]
    return Stock(
        products={
            product.pk: replace(
                _on_shelf(product, forms.get(product.pk)), good_until=good_until.get(product.pk)
            )
            for product in products
        },
        acids=tuple(
            AcidOnShelf(str(product.pk), product.name, label.acid, label.density)
            for product, label in labelled
            if label and label.acid
        ),
        alkalis=tuple(filter(None, map(_alkali, products))),
        vessels=tuple(vessels) or USUAL_VESSELS,
        tags={product.pk: product.tag for product in products},
    )


def _alkali(product: Product) -> AlkaliOnShelf | None:
    """A product for pH whose label makes it an alkali."""
    label, form = product.read_label(), Form(product.form)
    if label is None or label.acid is not None or product.role != Role.PH_ADJUSTER:
        return None
    alkali = alkali_of(contents_of(label, form, Role.PH_ADJUSTER))
    if alkali is None:
        return None
    unit = AmountUnit.G if form is Form.DRY else AmountUnit.ML
    return AlkaliOnShelf(str(product.pk), product.name, alkali, unit)


def _on_shelf(product: Product, form: Product | None) -> OnShelf:
    return OnShelf(
        label=product.read_label(),
        left=None if product.left is None else figure(product.left),
        hard_form=HardForm(
            form.name, form.read_label(), None if form.left is None else figure(form.left)
        )
        if form
        else None,
    )
