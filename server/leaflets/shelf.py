"""The shelf as leaflets need it: bottles that rows are matched with, and labels by row."""

from fractions import Fraction

from core.chart import Form, Role
from core.chemistry import Label
from core.formats.leaflets.sheet import LeafletDocument
from core.leaflet import ShelfBottle
from server.grows.scope import Scope
from server.shelf.models import Product


def bottles_on_shelf(scope: Scope) -> tuple[ShelfBottle, ...]:
    """The bottles of a grow that rows of a table may be."""
    found = scope.all(Product).values_list("name", "role", "form")
    return tuple(ShelfBottle(name, Role(role), Form(form)) for name, role, form in found)


def bottles_by_key(
    scope: Scope, leaflet: LeafletDocument
) -> tuple[dict[str, Label], dict[str, Fraction]]:
    """What labels say of a sheet's bottles, and what a mL or g costs, by key of the row."""
    products = {product.name: product for product in scope.all(Product)}
    rows = [(row.key, products[row.name]) for row in leaflet.rows if row.name in products]
    labels = {key: label for key, one in rows if (label := one.read_label()) is not None}
    costs = {key: cost for key, one in rows if (cost := one.cost) is not None}
    return labels, costs
