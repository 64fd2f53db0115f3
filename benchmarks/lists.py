"""A page of a long list beside one of a short list: tanks and products, 50 and 5 000 of them."""

import statistics
from time import perf_counter

from django.conf import settings
from django.contrib.auth.models import User
from django.db import transaction
from django.test import Client

from server.grows.models import Grow, Membership
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource

_SIZES = 50, 5_000
_ASKED = 15
_MOST_TIMES = 2
"""Times that a page of the long list may take as long as the short list."""

_LABEL = {"analysis": {"N": "4", "K2O": "6"}, "density": "1.1"}


def _grow_of(person: User, size: int) -> int:
    grow = Grow.objects.create(name=f"{size} of each")
    Membership.objects.create(grow=grow, person=person)
    water = WaterSource.objects.create(grow=grow, name="tap", kind="mains")
    Tank.objects.bulk_create(
        Tank(grow=grow, name=f"tank {at}", litres=100, water=water, position=at)
        for at in range(size)
    )
    Product.objects.bulk_create(
        Product(grow=grow, name=f"bottle {at}", role="base", form="liquid", tag=f"{at:03x}"[-3:],
                label=_LABEL if at % 2 else None)
        for at in range(min(size, 16**3))
    )  # fmt: skip
    return grow.pk


def _took_ms(client: Client, path: str) -> float:
    taken = []
    for _ in range(_ASKED):
        began = perf_counter()
        answer = client.get(path)
        taken.append(1000 * (perf_counter() - began))
        assert answer.status_code == 200, answer.content
    return statistics.median(taken)


def report() -> None:
    """Print how long pages take; what was made for it is gone afterwards."""
    settings.ALLOWED_HOSTS.append("testserver")
    print("a page of a list, ms              50    5 000    times")
    with transaction.atomic():
        person = User.objects.create(username="who-times-lists")
        client = Client()
        client.force_login(person)
        grows = [_grow_of(person, size) for size in _SIZES]
        for what in ("tanks", "shelf", "shelf?find=bottle 49"):
            short, long = (_took_ms(client, f"/api/grows/{grow}/{what}") for grow in grows)
            print(f"  {what:24}{short:11.1f}{long:9.1f}{long / short:9.1f}")
        transaction.set_rollback(True)
    print(f"  (to reach: at most {_MOST_TIMES} times)")
