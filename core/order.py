"""In which order products go in, and why each stands where it does."""

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from graphlib import CycleError, TopologicalSorter
from heapq import heappop, heappush
from itertools import pairwise

from core.chart import Form, Product, Role
from core.errors import InputError
from core.order_rules import (
    HARD_RULES,
    PHASE_OF_ROLE,
    REASON_OF_ROLE,
    CalmagPlace,
    Customs,
    LivePlace,
    Phase,
    RowsPlace,
    wait_after,
)
from core.quantities import Volume

_RULE_WORDS = {rule.code: rule.words for rule in HARD_RULES}
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


Edges = dict[tuple[str, str], str]
"""(earlier product, later product) to the code of the rule that demands it."""


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
    products: Sequence[Product], *, rows_are_order: bool, customs: Customs
) -> dict[str, tuple[int, ...]]:
    """A sorting key for each product: the order it would have if no hard rule spoke."""
    if rows_are_order:
        return {product.key: (row,) for row, product in enumerate(products)}
    place = {role: index for index, role in enumerate(customs.sequence())}
    groups = {group: index for index, group in enumerate(dict.fromkeys(p.group for p in products))}
    last_dry = _last_dry_base(products)
    keys: dict[str, tuple[int, ...]] = {}
    for row, product in enumerate(products):
        phase = place[product.role]
        if product is last_dry:
            phase = place[Role.MAGNESIUM]  # behind it: row 1 of the tie below
        late = int(product is last_dry)
        keys[product.key] = (phase, late, groups[product.group], product.rank, row)
    return keys


def _last_dry_base(products: Sequence[Product]) -> Product | None:
    """The dry base salt that goes in after dry magnesium: the calcium one, ranked last.

    Dry salts go in as phosphate and potassium blend, magnesium sulfate, calcium nitrate, each
    dissolved on its own (common practice).
    """
    dry = [p for p in products if p.role is Role.BASE and p.form is Form.DRY]
    magnesium = any(p.role is Role.MAGNESIUM and p.form is Form.DRY for p in products)
    if not magnesium or len(dry) < 2:
        return None
    first, *_, last = sorted(dry, key=lambda p: p.rank)
    return last if last.rank > first.rank else None


def put_in_order(
    products: Sequence[Product],
    *,
    rows_are_order: bool = False,
    customs: Customs = Customs(),  # noqa: B008 -- frozen
    volume: Volume = Volume(Fraction(100)),  # noqa: B008 -- frozen
) -> tuple[Place, ...]:
    """The mixing order: of all that keep every hard rule, the one nearest to the preference.

    Args:
        products: in the chart's printed order; keys are unique.
        rows_are_order: whether the chart states its rows as the mixing order.
        customs: the schools followed where growers disagree.
        volume: all the water, on which waits depend.

    Raises:
        InputError: labels and hard rules contradict each other; names them.
    """
    rows_are_order = rows_are_order and customs.rows is RowsPlace.PRINTED
    edges = hard_edges(products)
    graph: TopologicalSorter[str] = TopologicalSorter({product.key: () for product in products})
    for earlier, later in edges:
        graph.add(later, earlier)
    try:
        graph.prepare()
    except CycleError as error:
        raise _contradiction(error.args[1], edges, products) from None
    by_key = {product.key: product for product in products}
    wanted = preference(products, rows_are_order=rows_are_order, customs=customs)
    ready: list[tuple[tuple[int, ...], str]] = []
    order: list[Product] = []
    while graph.is_active():
        for key in graph.get_ready():
            heappush(ready, (wanted[key], key))
        _, key = heappop(ready)
        order.append(by_key[key])
        graph.done(key)
    return _with_reasons(
        order, edges, wanted, rows_are_order=rows_are_order, customs=customs, volume=volume
    )


def _with_reasons(
    order: Sequence[Product],
    edges: Edges,
    wanted: dict[str, tuple[int, ...]],
    *,
    rows_are_order: bool,
    customs: Customs,
    volume: Volume,
) -> tuple[Place, ...]:
    last_dry = None if rows_are_order else _last_dry_base(order)
    ranks = _lowest_ranks(order)
    moved = _moved(edges, wanted)
    labelled = {later for (_, later), code in edges.items() if code == _LABEL}
    places = []
    for product in order:
        why = sorted(moved.get(product.key, ()))
        if rows_are_order and not why:
            why.append("chart_order")
        if product is last_dry:
            why.append("dry_calcium_last")
        else:
            why.append(_role_reason(product, order, ranks, rows_are_order, customs))
        if product.key in labelled:
            why.append(_LABEL)
        places.append(
            Place(
                product,
                PHASE_OF_ROLE[product.role],
                wait_after(product, volume),
                tuple(dict.fromkeys(why)),
                moved=rows_are_order and product.key in moved,
            )
        )
    return tuple(places)


def _moved(edges: Edges, wanted: dict[str, tuple[int, ...]]) -> dict[str, set[str]]:
    """Products that a rule takes away from where the preference has them, with the rules."""
    found: dict[str, set[str]] = {}
    for (earlier, later), code in edges.items():
        if wanted[earlier] > wanted[later]:
            found.setdefault(earlier if code in _ABOUT_EARLIER else later, set()).add(code)
    return found


def _lowest_ranks(order: Sequence[Product]) -> dict[str, int]:
    ranks: dict[str, int] = {}
    for product in order:
        if product.role is Role.BASE:
            ranks[product.group] = min(ranks.get(product.group, product.rank), product.rank)
    return ranks


def _role_reason(
    product: Product,
    order: Sequence[Product],
    lowest_ranks: dict[str, int],
    rows_are_order: bool,
    customs: Customs,
) -> str:
    match product.role:
        case Role.CALMAG if customs.calmag is CalmagPlace.AFTER_BASE:
            return "calmag_after_base"
        case Role.LIVE if rows_are_order:
            return "live_where_chart_says" if order[-1] is not product else "live_after_ph"
        case Role.LIVE if customs.live is LivePlace.FIRST:
            return "live_in_plain_water"
        case Role.BASE:
            return _base_reason(product, order, lowest_ranks)
    return REASON_OF_ROLE[product.role]


def _base_reason(product: Product, order: Sequence[Product], lowest_ranks: dict[str, int]) -> str:
    parts = [p for p in order if p.role is Role.BASE and p.group == product.group]
    if len(parts) == 1:
        return "base_alone"
    if product.form is Form.LIQUID and product.rank == lowest_ranks[product.group]:
        return "calcium_before_phosphate"
    return "pair_follows" if len(parts) == 2 else REASON_OF_ROLE[Role.BASE]


def _contradiction(cycle: Sequence[str], edges: Edges, products: Sequence[Product]) -> InputError:
    """Name each rule along a cycle of keys, in which each precedes the next."""
    names = {product.key: product.name for product in products}
    rules = []
    for earlier, later in pairwise(cycle):
        code = edges[earlier, later]
        if code == _LABEL:
            rules.append(f"the label of {names[later]} puts it after {names[earlier]}")
        else:
            rules.append(f"{names[earlier]} before {names[later]} ({code}: {_RULE_WORDS[code]})")
    return InputError(
        "order_contradiction",
        f"No mixing order can keep these rules together: {'; '.join(rules)}. "
        "Check the labels, and change what is entered.",
    )
