"""The shelf as leaflets need it: bottles that rows are matched with, and labels by row."""

from core.chart import Form, Role
from core.chemistry import Label
from core.formats.leaflet_sheet import LeafletDocument
from core.leaflet import ShelfBottle
from server.grows.scope import Scope
from server.shelf.models import Product


def bottles_on_shelf(scope: Scope) -> tuple[ShelfBottle, ...]:
    """The bottles of a grow that rows of a table may be."""
    found = scope.all(Product).values_list("name", "role", "form")
    return tuple(ShelfBottle(name, Role(role), Form(form)) for name, role, form in found)


def labels_by_key(scope: Scope, leaflet: LeafletDocument) -> dict[str, Label]:
    """What the labels of a sheet's bottles say, by key of the row, where the shelf has them."""
    products = {one.name: one for one in scope.all(Product).exclude(label=None)}
    rows = [(row.key, products.get(row.name)) for row in leaflet.rows]
    labels = {key: product.read_label() for key, product in rows if product is not None}
    return {key: label for key, label in labels.items() if label is not None}
