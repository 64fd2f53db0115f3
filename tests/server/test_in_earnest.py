"""Served to others: what the settings insist on, and two editors at once."""

import os
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from threading import Barrier

import pytest
from django.db import connection

from core.formats import FeedChart, document_of
from server.charts.store import publish_chart
from server.grows.models import Grow
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
        "False False True",
    ], told.stderr


@pytest.mark.parametrize(
    ("changes", "says"),
    [
        ({"DATABASE_URL": None}, "DATABASE_URL is not set"),
        ({"BRISK_SECRET_KEY": None}, "BRISK_SECRET_KEY is not set"),
        ({"BRISK_HOSTS": None}, "BRISK_HOSTS is not set"),
        ({"BRISK_MODE": "demonstration"}, "it must be demo, own or serve"),
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
