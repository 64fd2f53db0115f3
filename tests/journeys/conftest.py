"""A real browser in front of a real server with the demo scenario."""

import os
from collections.abc import Iterator
from contextlib import contextmanager
from datetime import timedelta
from threading import Condition

import pytest
from django.conf import settings
from django.core.signals import request_finished, request_started
from django.utils import timezone
from playwright.sync_api import Browser, Page, expect, sync_playwright
from pytest_django.live_server_helper import LiveServer

from core.guided import Pace
from server.charts.store import charts_in_memory
from server.grows.models import Membership
from server.planning.snapshot import snapshots_in_memory
from server.seasons.running import mixes_in_memory
from tests.journeys.kept_demo import KeptDemo, load_and_keep, put_back
from tests.journeys.line import Line
from tests.journeys.phones import SERVER_CLOCK, Phones

# The real hasher is slow on purpose; signing in is tested, not the hasher.
settings.PASSWORD_HASHERS = ["django.contrib.auth.hashers.MD5PasswordHasher"]

# Playwright's own loop runs in the thread in which fixtures prepare the database.
os.environ["DJANGO_ALLOW_ASYNC_UNSAFE"] = "true"

# A busy machine may take its time; how fast the application is, is measured elsewhere.
expect.set_options(timeout=20_000)

FLAGS = [
    "--no-sandbox", "--disable-gpu", "--disable-background-networking",
    "--disable-component-update", "--disable-sync", "--no-first-run",
]  # fmt: skip


@pytest.fixture(scope="session")
def browser() -> Iterator[Browser]:
    """Debian's chromium."""
    with sync_playwright() as playwright:
        chromium = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=FLAGS)
        yield chromium
        chromium.close()


_KEPT: list[KeptDemo] = []


def _demo_anew() -> None:
    """The demo as a first start makes it."""
    for memory in (charts_in_memory, snapshots_in_memory, mixes_in_memory):
        memory.clear()
    if _KEPT:
        put_back(_KEPT[0])
    else:
        _KEPT.append(load_and_keep())


@pytest.fixture
def door(live_server: LiveServer, browser: Browser) -> Iterator[Page]:
    """The sign-in page; any error on the page's console fails the test."""
    _demo_anew()
    # Every step by a press: the paces have journeys of their own.
    Membership.objects.update(pace=Pace.FULL.value)
    page = browser.new_page(viewport={"width": 1280, "height": 800})
    errors: list[str] = []
    page.on("pageerror", lambda error: errors.append(str(error)))
    page.on("console", lambda said: errors.append(said.text) if _is_fault(said.text) else None)
    with answered():
        page.goto(live_server.url)
        yield page
        page.context.close()
    assert errors == []


@pytest.fixture
def line(live_server: LiveServer) -> Iterator[Line]:
    """What the phone reaches the server by."""
    found = Line((live_server.thread.host, live_server.thread.port))
    yield found
    found.close()


@pytest.fixture
def phones(
    live_server: LiveServer, browser: Browser, door: Page, monkeypatch: pytest.MonkeyPatch
) -> Iterator[Phones]:
    """Phones with clocks of their own, closed in the end."""
    SERVER_CLOCK.wound = timedelta()
    monkeypatch.setattr(timezone, "now", SERVER_CLOCK.now)
    held = Phones(browser, live_server.url)
    yield held
    for one in held.contexts:
        one.close()


@contextmanager
def answered() -> Iterator[None]:
    """Ends when every request that was begun has its answer: none is cut off by an emptied table."""
    change, under_way = Condition(), 0

    def count(by: int) -> None:
        nonlocal under_way
        with change:
            under_way += by
            change.notify_all()

    def began(**_: object) -> None:
        count(1)

    def ended(**_: object) -> None:
        count(-1)

    request_started.connect(began)
    request_finished.connect(ended)
    yield
    with change:
        change.wait_for(lambda: under_way <= 0, timeout=30)
    request_started.disconnect(began)
    request_finished.disconnect(ended)


def _is_fault(said: str) -> bool:
    """A page that the content security policy stopped somewhere; refused input is no fault."""
    return "Content Security Policy" in said


@pytest.fixture
def mix(door: Page) -> Page:
    """The Mix view of the first demo tank."""
    door.get_by_role("button", name="Look around the demo yard").click()
    door.get_by_role("heading", name="Marram One").wait_for()
    return door
