"""Bringing a preferred order in line with what must come before what."""

from collections.abc import Collection, Sequence
from graphlib import TopologicalSorter
from heapq import heappop, heappush

from core.chart import Product

Edges = dict[tuple[str, str], str]
"""(earlier product, later product) to the code of the rule that demands it."""


def settle(order: list[Product], edges: Edges, about_earlier: Collection[str]) -> bool:
    """Move only what a rule is about, and only as far as it asks; whether that is enough.

    What goes in earlier moves up to the first that has to wait for it; what goes in later moves
    down behind the last that it has to wait for. Of several that move up the first goes first, of
    several that move down the last: so they stay in order among themselves.

    Args:
        order: changed in place.
        edges: what must come before what.
        about_earlier: codes of the rules that move what goes in earlier.
    """
    for _ in range(len(order) ** 2 + 1):
        at = {product.key: index for index, product in enumerate(order)}
        broken = [edge for edge in edges if at[edge[0]] > at[edge[1]]]
        up = [at[earlier] for earlier, later in broken if edges[earlier, later] in about_earlier]
        if not broken:
            return True
        if up:
            moving = min(up)
            to = min(at[other] for other in _behind(order[moving].key, edges))
        else:
            moving = max(at[later] for _, later in broken)
            to = max(at[other] for other in _ahead_of(order[moving].key, edges))
        order.insert(to, order.pop(moving))
    return False


def _behind(key: str, edges: Edges) -> list[str]:
    return [later for earlier, later in edges if earlier == key]


def _ahead_of(key: str, edges: Edges) -> list[str]:
    return [earlier for earlier, later in edges if later == key]


def first_that_is_free(
    products: Sequence[Product], edges: Edges, wanted: dict[str, tuple[int, ...]]
) -> list[Product]:
    """Where rules pull one product both ways: always the most preferred of those that may go in."""
    graph: TopologicalSorter[str] = TopologicalSorter({product.key: () for product in products})
    for earlier, later in edges:
        graph.add(later, earlier)
    graph.prepare()
    by_key = {product.key: product for product in products}
    ready: list[tuple[tuple[int, ...], str]] = []
    order: list[Product] = []
    while graph.is_active():
        for key in graph.get_ready():
            heappush(ready, (wanted[key], key))
        _, key = heappop(ready)
        order.append(by_key[key])
        graph.done(key)
    return order
