"""In which order products go in, and why each stands where it does."""

from collections.abc import Collection, Sequence
from dataclasses import dataclass
from fractions import Fraction
from graphlib import CycleError, TopologicalSorter
from itertools import pairwise

from core.chart import Form, Product, Role
from core.chart.roles import ROLES, Phase
from core.errors import InputError
from core.messages import Listed, Message
from core.order.rules import (
    HARD_RULES,
    CalmagPlace,
    LivePlace,
    OrderPreferences,
    RowsPlace,
    wait_after,
)
from core.order.settling import Edges, first_that_is_free, settle
from core.quantities import Volume

_ABOUT_EARLIER = {rule.code for rule in HARD_RULES if rule.about_before}
_LABEL = "label_says_after"


@dataclass(frozen=True, slots=True)
class Place:
    """One product's place in the order.

    Args:
        product: the row.
        phase: the part of the mixing.
        wait_min: minutes to wait afterwards.
        why: reason codes, the deciding one first.
        moved: whether a hard rule moved it away from its printed place.
    """

    product: Product
    phase: Phase
    wait_min: int
    why: tuple[str, ...]
    moved: bool = False


def hard_edges(products: Sequence[Product]) -> Edges:
    """What must come before what: by the hard rules, and by what labels say."""
    edges: Edges = {}
    keys = {product.key for product in products}
    for rule in HARD_RULES:
        for earlier in products:
            if earlier.role in rule.before:
                for later in products:
                    if later.role in rule.after:
                        edges[earlier.key, later.key] = rule.code
    for product in products:
        for other in product.after:
            if other in keys:
                edges.setdefault((other, product.key), _LABEL)
    return edges


def preference(
    products: Sequence[Product],
    *,
    rows_are_order: bool,
    order_preferences: OrderPreferences,
    calcium: Collection[str] = (),
) -> dict[str, tuple[int, ...]]:
    """A sorting key for each product: the order it would have if no hard rule spoke."""
    if rows_are_order:
        return {product.key: (row,) for row, product in enumerate(products)}
    place = {role: index for index, role in enumerate(order_preferences.sequence())}
    groups = {group: index for index, group in enumerate(dict.fromkeys(p.group for p in products))}
    last_dry = _dry_calcium(products, calcium)
    keys: dict[str, tuple[int, ...]] = {}
    for row, product in enumerate(products):
        phase = place[product.role]
        if product.key in last_dry:
            phase = place[Role.MAGNESIUM]  # after it: row 1 of the tie below
        late = int(product.key in last_dry)
        keys[product.key] = (phase, late, groups[product.group], product.rank, row)
    return keys


def _dry_calcium(products: Sequence[Product], calcium: Collection[str]) -> frozenset[str]:
    """The dry calcium salts, which go in last of the dry minerals.

    Dry salts go in as phosphate and potassium blend, magnesium sulfate, calcium nitrate, each
    dissolved on its own (common practice). Where neither label nor name tells which one brings
    calcium, it is the one that the chart ranks last beside dry magnesium.
    """
    minerals = [p for p in products if p.form is Form.DRY and p.role in _DRY_MINERALS]
    dry = [p for p in minerals if p.is_base]
    known = _told_to_be_calcium(dry, calcium)
    if known:
        return known if len(minerals) > len(known) else frozenset()
    has_magnesium = len(minerals) > len(dry)
    return _ranked_last(dry) if has_magnesium and len(dry) > 1 else frozenset()


def _told_to_be_calcium(dry: Sequence[Product], calcium: Collection[str]) -> frozenset[str]:
    """Products whose label or name says so."""
    return frozenset(p.key for p in dry if p.key in calcium or _CALCIUM_SALT in p.name.lower())


def _ranked_last(dry: Sequence[Product]) -> frozenset[str]:
    """The one that the chart ranks behind the others; none where it ranks all alike."""
    first, *_, last = sorted(dry, key=lambda p: p.rank)
    return frozenset({last.key}) if last.rank > first.rank else frozenset()


_DRY_MINERALS = frozenset({Role.BASE, Role.MAGNESIUM})
_CALCIUM_SALT = "calcium nitrate"


def put_in_order(
    products: Sequence[Product],
    *,
    rows_are_order: bool = False,
    order_preferences: OrderPreferences = OrderPreferences(),  # noqa: B008 -- frozen
    calcium: Collection[str] = (),
    volume: Volume = Volume(Fraction(100)),  # noqa: B008 -- frozen
) -> tuple[Place, ...]:
    """The mixing order: the preferred one, in which only what a hard rule is about has moved.

    Args:
        products: in the chart's printed order; keys are unique.
        rows_are_order: whether the chart states its rows as the mixing order.
        order_preferences: the schools followed where growers disagree.
        calcium: keys of products that bring calcium by their labels.
        volume: all the water, on which waits depend.

    Raises:
        InputError: labels and hard rules contradict each other; names them.
    """
    rows_are_order = rows_are_order and order_preferences.rows is RowsPlace.PRINTED
    edges = hard_edges(products)
    graph: TopologicalSorter[str] = TopologicalSorter({product.key: () for product in products})
    for earlier, later in edges:
        graph.add(later, earlier)
    try:
        graph.prepare()
    except CycleError as error:
        raise _contradiction(error.args[1], edges, products) from None
    wanted = preference(
        products,
        rows_are_order=rows_are_order,
        order_preferences=order_preferences,
        calcium=calcium,
    )
    order = sorted(products, key=lambda product: wanted[product.key])
    if not settle(order, edges, _ABOUT_EARLIER):
        order = first_that_is_free(products, edges, wanted)
    last_dry = frozenset() if rows_are_order else _dry_calcium(order, calcium)
    reasons = _Reasons(order, edges, wanted, last_dry, rows_are_order, order_preferences)
    return tuple(
        Place(
            product,
            ROLES[product.role].phase,
            wait_after(product, volume),
            reasons.of(product),
            moved=rows_are_order and product.key in reasons.moved,
        )
        for product in order
    )


class _Reasons:
    """Why each product of an order stands where it does, the deciding reason first."""

    def __init__(  # noqa: PLR0917 -- all that a reason may rest on
        self,
        order: Sequence[Product],
        edges: Edges,
        wanted: dict[str, tuple[int, ...]],
        last_dry: frozenset[str],
        rows_are_order: bool,
        order_preferences: OrderPreferences,
    ) -> None:
        self._order, self._last_dry = order, last_dry
        self._rows_are_order, self._preferences = rows_are_order, order_preferences
        self.moved = _moved(edges, wanted)
        self._labelled = {later for (_, later), code in edges.items() if code == _LABEL}

    def of(self, product: Product) -> tuple[str, ...]:
        """Reason codes."""
        why = sorted(self.moved.get(product.key, ()))
        if self._rows_are_order and not why:
            why.append("chart_order")
        if product.key in self._last_dry:
            why.append("dry_calcium_last")
        else:
            why.append(_role_reason(product, self._order, self._rows_are_order, self._preferences))
        if product.key in self._labelled:
            why.append(_LABEL)
        return tuple(dict.fromkeys(why))


def _moved(edges: Edges, wanted: dict[str, tuple[int, ...]]) -> dict[str, set[str]]:
    """Products that a rule takes away from where the preference has them, with the rules."""
    found: dict[str, set[str]] = {}
    for (earlier, later), code in edges.items():
        if wanted[earlier] > wanted[later]:
            found.setdefault(earlier if code in _ABOUT_EARLIER else later, set()).add(code)
    return found


def _role_reason(
    product: Product,
    order: Sequence[Product],
    rows_are_order: bool,
    order_preferences: OrderPreferences,
) -> str:
    match product.role:
        case Role.CALMAG if order_preferences.calmag is CalmagPlace.AFTER_BASE:
            return "calmag_after_base"
        case Role.LIVE if rows_are_order:
            return "live_where_chart_says" if order[-1] is not product else "live_after_ph"
        case Role.LIVE if order_preferences.live is LivePlace.FIRST:
            return "live_in_plain_water"
        case Role.BASE:
            return _base_reason(product, order)
    return ROLES[product.role].reason


def _base_reason(product: Product, order: Sequence[Product]) -> str:
    parts = [p for p in order if p.is_base and p.group == product.group]
    if len(parts) == 1:
        return "base_alone"
    if product is parts[0]:
        ranked_first = all(product.rank < other.rank for other in parts[1:])
        liquid = product.form is Form.LIQUID
        return "calcium_before_phosphate" if liquid and ranked_first else ROLES[Role.BASE].reason
    return "pair_follows" if len(parts) == 2 else ROLES[Role.BASE].reason


def _contradiction(cycle: Sequence[str], edges: Edges, products: Sequence[Product]) -> InputError:
    """Name each rule along a cycle of keys, in which each precedes the next."""
    names = {product.key: product.name for product in products}
    rules = []
    for earlier, later in pairwise(cycle):
        code = edges[earlier, later]
        if code == _LABEL:
            which = Message("order_contradiction.label", later=names[later], earlier=names[earlier])
        else:
            reason = Message(f"order_rule.{code}")
            which = Message(
                "order_contradiction.rule",
                earlier=names[earlier],
                later=names[later],
                code=code,
                reason=reason,
            )
        rules.append(which)
    return InputError("order_contradiction", rules=Listed(tuple(rules), "semicolon"))
