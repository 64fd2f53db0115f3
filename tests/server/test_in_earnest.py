"""Served to others: what the settings insist on, and two editors at once."""

import json
import os
import subprocess
import sys
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from threading import Barrier
from typing import Any

import pytest
from django.contrib.auth.models import User
from django.db import connection
from django.test import Client, RequestFactory
from pytest_django import Settings

from core.formats import FeedChart, document_of
from server.api.addresses import address_of
from server.charts.store import publish_chart
from server.grows.models import Grow, Membership
from server.shelf.models import MeasuringVessel, Product
from tests.server.conftest import SMALL_CHART

ROOT = Path(__file__).parents[2]
EARNEST = {
    "DATABASE_URL": "postgres://nobody@127.0.0.1:1/none",
    "BRISK_SECRET_KEY": "a-key-of-more-than-fifty-characters-for-the-tests-alone-0123456789",
    "BRISK_HOSTS": "brisk.example",
    "DJANGO_SETTINGS_MODULE": "server.settings",
    "PYTHONPATH": str(ROOT),
    "PATH": os.environ["PATH"],
}
ASK = """
import django
django.setup()
from django.test import Client
plain = Client().get("/", headers={"host": "brisk.example"})
print(plain.status_code, plain.headers["Location"])
safe = Client().get("/", secure=True, headers={"host": "brisk.example"})
print(safe.status_code, safe.headers["Strict-Transport-Security"].split(";")[0])
print(bool(safe.cookies["csrftoken"]["secure"]))
print(Client().get("/", secure=True, headers={"host": "elsewhere.example"}).status_code)
print(Client().get("/healthz", headers={"host": "127.0.0.1:8765"}).content.decode())
from django.conf import settings
print(settings.DEBUG, settings.DEMO, settings.SESSION_COOKIE_SECURE)
"""


def run(program: str, **changes: str | None) -> subprocess.CompletedProcess[str]:
    env = {name: value for name, value in (EARNEST | changes).items() if value is not None}
    return subprocess.run(
        [sys.executable, "-W", "ignore", "-c", program],
        env=env, cwd=ROOT, capture_output=True, text=True, check=False,
    )  # fmt: skip


def test_others_are_served_over_https_alone_and_never_the_demo() -> None:
    told = run(ASK)
    assert told.stdout.splitlines() == [
        "301 https://brisk.example/",
        "200 max-age=31536000",
        "True",
        "400",
        "no database",
        "False False True",
    ], told.stderr


@pytest.mark.parametrize(
    ("changes", "says"),
    [
        ({"DATABASE_URL": None}, "DATABASE_URL is not set"),
        ({"BRISK_SECRET_KEY": None}, "BRISK_SECRET_KEY is not set"),
        ({"BRISK_HOSTS": None}, "BRISK_HOSTS is not set"),
        ({"BRISK_MODE": "demonstration"}, "it must be demo, own or serve"),
        ({"BRISK_HOSTS": " , "}, "names the hosts that are served"),
        ({"BRISK_HOSTS": "*"}, "takes no `*`"),
        ({"BRISK_HOSTS": "*.example"}, "takes no `*`"),
        ({"BRISK_DEV_ASSETS": "http://127.0.0.1:5173"}, "for ./brisk dev alone"),
    ],
)
def test_a_setting_that_is_missing_is_named(changes: dict[str, str | None], says: str) -> None:
    told = run("import django; django.setup()", **changes)
    assert told.returncode != 0
    assert says in told.stderr


@pytest.mark.django_db(transaction=True)
def test_two_editors_at_once_get_two_versions() -> None:
    grow = Grow.objects.create(name="Busy")
    document = document_of(FeedChart, SMALL_CHART)
    publish_chart(grow, document)
    together = Barrier(4)

    def edit(_: int) -> int:
        together.wait()
        try:
            return publish_chart(grow, document).number
        finally:
            connection.close()

    with ThreadPoolExecutor(4) as editors:
        assert sorted(editors.map(edit, range(4))) == [2, 3, 4, 5]


def test_the_wsgi_entrance_boots_with_the_three_documented_settings() -> None:
    told = run(
        "from server.wsgi import application; from django.conf import settings\n"
        "print(type(application).__name__, settings.ALLOWED_HOSTS)",
        DJANGO_SETTINGS_MODULE=None, BRISK_HOSTS=" brisk.example , two.example",
    )  # fmt: skip
    assert told.stdout.strip() == "WSGIHandler ['brisk.example', 'two.example']", told.stderr


def test_what_else_is_below_the_domain_is_asked_about_on_request_alone() -> None:
    ask = "import django; django.setup(); from django.conf import settings\n"
    ask += "print(settings.SECURE_HSTS_INCLUDE_SUBDOMAINS)"
    assert run(ask).stdout.strip() == "False"
    assert run(ask, BRISK_HSTS_SUBDOMAINS="1").stdout.strip() == "True"


@pytest.mark.parametrize(
    ("proxies", "remote", "forwarded", "address"),
    [
        ("", "10.0.0.9", "6.6.6.6", "10.0.0.9"),
        ("127.0.0.1", "127.0.0.1", "6.6.6.6, 203.0.113.7", "203.0.113.7"),
        ("127.0.0.1,10.0.0.2", "127.0.0.1", "203.0.113.7, 10.0.0.2", "203.0.113.7"),
        ("127.0.0.1", "127.0.0.1", "", "127.0.0.1"),
    ],
)
def test_a_proxy_is_believed_only_where_a_setting_names_it(
    settings: Settings, proxies: str, remote: str, forwarded: str, address: str
) -> None:
    settings.PROXIES = frozenset(proxies.split(","))
    asked = RequestFactory().get("/", REMOTE_ADDR=remote, HTTP_X_FORWARDED_FOR=forwarded)
    assert address_of(asked) == address


@pytest.mark.django_db
def test_the_health_check_says_no_on_a_database_that_is_behind() -> None:
    assert Client().get("/healthz").content == b"ok"
    with connection.cursor() as cursor:
        cursor.execute(
            "DELETE FROM django_migrations WHERE app = 'mixes' AND name ="
            " (SELECT max(name) FROM django_migrations WHERE app = 'mixes')"
        )
    behind = Client().get("/healthz")
    assert (behind.status_code, behind.content) == (503, b"not migrated")


def together(count: int, act: Callable[[int], Any]) -> list[Any]:
    """So many threads that begin at one moment, each with a connection of its own."""
    barrier = Barrier(count)

    def one(number: int) -> Any:
        barrier.wait()
        try:
            return act(number)
        finally:
            connection.close()

    with ThreadPoolExecutor(count) as pool:
        return list(pool.map(one, range(count)))


@pytest.mark.django_db(transaction=True)
def test_two_charts_may_bring_the_same_new_product_at_one_moment() -> None:
    grow = Grow.objects.create(name="Busy")
    documents = [document_of(FeedChart, {**SMALL_CHART, "name": f"Chart {at}"}) for at in range(4)]
    together(4, lambda at: publish_chart(grow, documents[at]))
    assert sorted(Product.objects.filter(grow=grow).values_list("name", flat=True)) == [
        "Part A", "Part B",
    ]  # fmt: skip


@pytest.mark.django_db(transaction=True)
def test_products_whose_tags_would_be_the_same_and_vessels_do_not_collide() -> None:
    grow = Grow.objects.create(name="Busy")
    person = User.objects.create_user("busy", password="long-legged-bird")
    Membership.objects.create(grow=grow, person=person)

    def send(method: str, path: str, body: object) -> int:
        client = Client()
        client.force_login(person)
        answer = client.generic(method, f"/api/grows/{grow.pk}/{path}", json.dumps(body),
                                "application/json")  # fmt: skip
        return answer.status_code

    made = together(
        6, lambda at: send("POST", "products", {"name": f"Kelp {at}", "role": "additive"})
    )
    assert made == [201] * 6
    tags = Product.objects.filter(grow=grow).values_list("tag", flat=True)
    assert len(set(tags)) == 6
    bench = {"vessels": [{"vessel": "jug", "capacity": "1000", "mark": "50"}] * 3}
    assert together(5, lambda _: send("PUT", "vessels", bench)) == [200] * 5
    assert MeasuringVessel.objects.filter(grow=grow).count() == 3
