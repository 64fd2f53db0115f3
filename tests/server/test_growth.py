"""A grow of twice the size asks no more queries for any answer, and for none more than ten."""

import pytest
from django.contrib.auth.models import User
from django.test import Client

from benchmarks.growth import cost_of, looked_at
from server.demo.drawn_grow import GrowSize, draw_grow
from tests.server.conftest import Yard

SMALL = GrowSize(tanks=3, readings=20, mixes=6, charts=6, bottles=40, seasons=2)
LARGE = GrowSize(tanks=6, readings=40, mixes=12, charts=12, bottles=60, seasons=4)


@pytest.fixture
def queries(yard: Yard) -> dict[str, tuple[int, int]]:
    """Of each address the queries in a small grow and in a large one."""
    tern = User.objects.create_user("tern")
    client = Client()
    client.force_login(tern)
    found = []
    for size in (SMALL, LARGE):
        grow = draw_grow(f"{size.tanks} tanks", tern, size)
        found.append({path: cost_of(client, where)[0] for path, where in looked_at(grow)})
    small, large = found
    assert set(small) == set(large)
    return {path: (small[path], large[path]) for path in small}


def test_queries_do_not_grow_with_the_grow(queries: dict[str, tuple[int, int]]) -> None:
    assert len(queries) > 20
    assert {path: both for path, both in queries.items() if both[0] != both[1]} == {}
    assert {path: both for path, both in queries.items() if max(both) > 10} == {}
