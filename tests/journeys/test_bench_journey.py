"""At the bench: a whole mix by touch, through reloads, lost networks, and a server that is killed."""

import os
import re
import signal
import subprocess
import sys
from collections.abc import Iterator
from contextlib import contextmanager, suppress

import pytest
from django.db import connection
from playwright.sync_api import Browser, Page, expect
from playwright.sync_api import Error as PlaywrightError
from pytest_django.live_server_helper import LiveServer

from server.guided.models import Mix, MixEvent
from server.guided.running import give_up
from server.tanks.models import TimeLineEntry
from tests.journeys.line import Line
from tests.journeys.phones import TIMED, at, start
from tests.journeys.test_mix_journey import AXE
from tests.lanes import deep
from tests.ports import free_port


def go_on(page: Page, *, ec: str = "1.82", ph: str = "5.9") -> None:
    """Do what the screen says, by touch; waits are left out, which is asked for once."""
    step = at(page)
    kind = step.partition("-")[0]
    if kind in ("read", "temperature"):
        figure = {"read-water": "0.52", "temperature": "20"}.get(step, ph if "ph" in step else ec)
        page.locator("main input").fill(figure)
        page.get_by_role("button", name="That is the reading").tap()
    else:
        page.locator("button.press").tap()
        if kind in TIMED:
            page.get_by_role("button", name="Leave it out").tap()
    page.wait_for_function(
        "step => document.querySelector('main.screen')?.dataset.step !== step", arg=step
    )


def go_to(page: Page, step: str) -> None:
    """Go on until a step is on screen."""
    while at(page) != step:
        go_on(page)


@pytest.fixture
def touch(line: Line, browser: Browser, door: Page) -> Iterator[Page]:
    """A phone in the demo yard."""
    context = browser.new_context(viewport={"width": 390, "height": 844}, has_touch=True)
    page = context.new_page()
    page.goto(line.url)
    page.get_by_role("button", name="Look around the demo yard").tap()
    page.get_by_role("heading", name="Marram One").wait_for()
    yield page
    context.close()


@deep
def test_a_whole_mix_by_touch(touch: Page) -> None:
    start(touch)
    go_to(touch, "read-water")
    touch.get_by_role("button", name="Take it from the pen").tap()
    expect(touch.get_by_role("button", name="Wait for the pen")).to_be_disabled()
    touch.locator("main input").fill("0.52")  # who types is believed instead
    expect(touch.get_by_role("button", name="That is the reading")).to_be_enabled()
    either = touch.locator("main.screen[data-step], section.summary").first
    while either.evaluate("found => found.matches('main')"):
        go_on(touch)
    expect(touch.get_by_role("heading", name="Strawberry gutters: mixed")).to_be_visible()
    expect(touch.get_by_role("row", name="Marram One 714 714 mL")).to_be_visible()
    expect(touch.get_by_text("Look at EC and pH again")).to_be_visible()
    address = touch.get_by_role("link", name="JSON").get_attribute("href")
    record = touch.request.get(f"{touch.evaluate('location.origin')}{address}")
    assert record.json()["ph"] == "5.9"
    touch.get_by_role("button", name="To the mix").tap()
    expect(touch.get_by_role("button", name="Take it to the bench")).to_be_visible()
    mix = Mix.objects.latest("ended_at")
    [entry] = TimeLineEntry.objects.filter(mix=mix.pk, kind="mix")
    assert (mix.tank.name, entry.values["ec"]["value"]) == ("Strawberry gutters", "1.82")


def test_a_person_who_writes_with_a_comma_sees_and_types_nothing_else(touch: Page) -> None:
    touch.get_by_role("button", name="Units").tap()
    touch.get_by_label("1,5", exact=True).check()
    touch.get_by_role("button", name="Save these units").tap()
    expect(touch.get_by_label("Reading of the water")).to_have_value("0,52")
    expect(touch.get_by_text("1,72 to 1,92").first).to_be_visible()
    start(touch)
    comma = {"temperature": "20,5", "read-water": "0,52"}
    for _ in range(60):
        if not touch.locator("main.screen[data-step]").count():
            break
        step = at(touch)
        assert not re.findall(r"\d\.\d", touch.locator("body").inner_text()), step
        if step in comma:
            touch.locator("main input").fill(comma[step])
            touch.get_by_role("button", name="That is the reading").tap()
            touch.wait_for_function(
                "step => document.querySelector('main.screen')?.dataset.step !== step", arg=step
            )
        else:
            go_on(touch, ec="1,82", ph="5,9")
        touch.locator("main.screen[data-step], section.summary").first.wait_for()
    expect(touch.get_by_text("EC 1,82")).to_be_visible()
    assert not re.findall(r"\d\.\d", touch.locator("body").inner_text())
    mix = Mix.objects.latest("ended_at")
    [entry] = TimeLineEntry.objects.filter(mix=mix.pk, kind="mix")
    assert (entry.values["ec"]["value"], entry.values["ph"]["value"]) == ("1.82", "5.9")


def test_a_reload_in_the_middle_of_a_wait_counts_on(touch: Page) -> None:
    start(touch)
    go_to(touch, "wait-1-glasswort")
    touch.reload()
    assert at(touch) == "wait-1-glasswort"
    left = touch.get_by_role("timer").inner_text()
    assert left in ("5:00", *(f"4:{second:02}" for second in range(30, 60)))
    touch.get_by_role("button", name="Back one").tap()
    expect(touch.get_by_role("heading", name="Stir Glasswort in")).to_be_visible()


def test_without_network_the_bench_goes_on_and_catches_up(touch: Page, line: Line) -> None:
    start(touch)
    touch.wait_for_function("() => navigator.serviceWorker.controller !== null")
    touch.wait_for_function(
        "async () => (await (await caches.open('brisk-measure-page-1')).keys()).length > 3"
    )
    go_to(touch, "shake-1-glasswort")
    touch.wait_for_function("() => !document.querySelector('.off')")
    known = MixEvent.objects.count()
    line.cut()
    for step in ("pour-1-glasswort", "stir-1-glasswort", "wait-1-glasswort"):
        go_on(touch)
        assert at(touch) == step
    expect(touch.get_by_text("no network")).to_be_visible()
    touch.reload()  # an empty battery, still without network
    assert at(touch) == "wait-1-glasswort"
    assert MixEvent.objects.count() == known
    line.mend()
    expect(touch.get_by_text("no network")).not_to_be_visible()
    touch.wait_for_function("() => !document.querySelector('.off')")
    assert MixEvent.objects.count() == known + 3
    assert at(touch) == "wait-1-glasswort"


def test_the_end_waits_for_the_network_and_the_record_is_one_page(touch: Page, line: Line) -> None:
    start(touch)
    go_to(touch, "cover")
    line.cut()
    touch.get_by_role("button", name="The mix is done").tap()
    expect(touch.get_by_role("heading", name="All is done")).to_be_visible()
    assert Mix.objects.get().record is None
    line.mend()
    expect(touch.get_by_role("heading", name="Strawberry gutters: mixed")).to_be_visible()
    assert Mix.objects.get().record is not None
    expect(touch.get_by_role("row", name="Read the water 0.52 mS/cm wren")).to_be_visible()
    paper = touch.pdf(prefer_css_page_size=True)
    assert len(re.findall(rb"/Type\s*/Page\b", paper)) == 1


def test_what_was_told_too_late_is_shown_until_it_is_noted(touch: Page, line: Line) -> None:
    start(touch)
    go_to(touch, "pour-1-glasswort")
    touch.wait_for_function("() => !document.querySelector('.off')")
    line.cut()
    go_on(touch)
    give_up(Mix.objects.get())  # by somebody else
    line.mend()
    expect(touch.get_by_text("Pour Glasswort: 128 mL")).to_be_visible()
    touch.reload()
    expect(touch.get_by_text("Pour Glasswort: 128 mL")).to_be_visible()
    touch.get_by_role("button", name="I have noted it").tap()
    expect(touch.get_by_text("Pour Glasswort: 128 mL")).not_to_be_visible()
    assert not MixEvent.objects.filter(step="pour-1-glasswort").exists()


@deep
def test_two_devices_see_each_other(
    touch: Page, line: Line, live_server: LiveServer, browser: Browser
) -> None:
    start(touch)
    other = browser.new_page()
    other.goto(live_server.url)
    other.get_by_label("Name").fill("tamsin")
    other.get_by_label("Password").fill("tidetable")
    other.get_by_role("button", name="Sign in").click()
    other.get_by_role("button", name="Go on at the bench").click()
    assert at(other) == "fill"
    go_on(touch)
    expect(other.get_by_role("heading", name="Read the water")).to_be_visible()
    line.cut()
    go_on(touch)
    other.locator("main input").fill("0.61")
    other.get_by_role("button", name="That is the reading").click()
    expect(other.get_by_role("heading", name="Read the temperature")).to_be_visible()
    line.mend()
    expect(touch.get_by_text("was told twice")).to_be_visible()
    touch.get_by_role("button", name="as tamsin says").tap()
    expect(touch.get_by_text("was told twice")).not_to_be_visible()
    other.context.close()


def test_a_mix_under_way_is_not_held_up_by_the_stops_of_another(touch: Page) -> None:
    start(touch)
    go_to(touch, "shake-1-glasswort")
    touch.get_by_role("button", name="Mix", exact=False).first.tap()
    touch.get_by_label("Volume").fill("3000 L")
    expect(touch.get_by_role("heading", name="Not enough left")).to_be_visible()
    touch.get_by_role("button", name="Go on at the bench").tap()
    assert at(touch) == "shake-1-glasswort"


def tell_amount(page: Page, row: str, button: str, ml: str) -> None:
    """Say in "Done so far" what really went in."""
    page.get_by_role("button", name="Done so far").tap()
    told = page.get_by_role("listitem").filter(has_text=row)
    told.get_by_role("button", name=button).tap()
    told.get_by_label("It really was").fill(ml)
    told.get_by_role("button", name="Save the correction").tap()
    page.get_by_role("button", name="Close").tap()


@deep
@deep
def test_an_amount_is_corrected_and_the_pair_follows(touch: Page) -> None:
    start(touch)
    go_to(touch, "pour-3-one")
    touch.get_by_role("button", name="Another amount").tap()
    touch.get_by_label("It was").fill("8000")  # a digit too many
    touch.get_by_role("button", name="That went in").tap()
    expect(touch.get_by_role("button", name="It is so: 8000 mL")).to_be_visible()
    touch.get_by_label("It was").fill("800")
    touch.get_by_role("button", name="That went in").tap()
    go_to(touch, "pour-4-two")
    expect(touch.locator(".amount b")).to_have_text("800")
    tell_amount(touch, "Pour Marram One", "Correct", "714")
    expect(touch.locator(".amount b")).to_have_text("714")


def test_a_bottle_that_was_left_out_on_the_screen_alone_is_told_once_a_reading_shows_it(
    touch: Page,
) -> None:
    start(touch)
    go_to(touch, "pour-3-one")
    touch.get_by_role("button", name="Leave out").tap()
    touch.get_by_role("button", name="Leave it out").tap()
    go_to(touch, "advice-ec-1")
    expect(touch.get_by_text("as if something that was left out here were in")).to_be_visible()
    tell_amount(touch, "Pour Marram One left out", "It went in after all", "714")
    expect(touch.locator("main.screen")).to_have_attribute("data-step", "read-ph-1")
    told = Mix.objects.latest("started_at").events.filter(kind="poured", step="pour-3-one")
    assert [one.figure for one in told] == [714]


def test_an_odd_reading_is_asked_for_again(touch: Page) -> None:
    start(touch)
    go_on(touch)
    touch.locator("main input").fill("40")
    touch.get_by_role("button", name="That is the reading").tap()
    expect(touch.get_by_role("alert")).to_contain_text("No plant feed reads that")
    assert at(touch) == "read-water"
    touch.get_by_role("button", name="Give up").tap()
    touch.get_by_role("button", name="Give it up").tap()
    expect(touch.get_by_role("heading", name="This mix was given up")).to_be_visible()


def test_the_bench_is_accessible_by_day_and_night(touch: Page) -> None:
    start(touch)
    for step in ("fill", "read-water", "pour-1-glasswort", "wait-1-glasswort"):
        go_to(touch, step)
        for theme in ("Night", "Day"):
            touch.get_by_role("button", name=theme).tap()
            touch.evaluate(AXE.read_text())
            found = touch.evaluate("() => axe.run()")
            assert [(v["id"], v["nodes"][0]["html"][:120]) for v in found["violations"]] == []
        assert touch.evaluate("document.documentElement.scrollWidth") <= 390
    touch.get_by_role("button", name="Night").tap()
    touch.wait_for_function(
        "() => Object.keys(localStorage).every(key => !key.includes('bench-night'))"
    )
    touch.reload()  # the night goes with the person: nothing of it is on the device
    expect(touch.get_by_role("button", name="Day")).to_be_visible()


@contextmanager
def own_server(port: int) -> Iterator[subprocess.Popen[bytes]]:
    """A server of its own on the tests' database, that can be killed."""
    told = connection.settings_dict
    address = f"{told['USER']}:{told['PASSWORD']}@{told['HOST']}:{told['PORT']}/{told['NAME']}"
    web = subprocess.Popen(
        [sys.executable, "-m", "gunicorn", "server.wsgi:application", "--config",
         "server/gunicorn.conf.py", "--bind", f"127.0.0.1:{port}", "--log-level", "error"],
        env={**os.environ, "DATABASE_URL": f"postgres://{address}"}, start_new_session=True,
    )  # fmt: skip
    try:
        yield web
    finally:
        if web.poll() is None:
            os.killpg(web.pid, signal.SIGKILL)
        web.wait()


def test_a_server_that_is_killed_loses_nothing(door: Page, browser: Browser) -> None:
    port = free_port()
    page = browser.new_context(viewport={"width": 390, "height": 844}, has_touch=True).new_page()
    with own_server(port) as web:
        page.goto("about:blank")
        while web.poll() is None:
            with suppress(PlaywrightError):  # not up yet, however long a busy machine takes
                page.goto(f"http://127.0.0.1:{port}/")
                break
        page.get_by_role("button", name="Look around the demo yard").tap()
        page.get_by_role("heading", name="Marram One").wait_for()
        start(page)
        go_to(page, "pour-1-glasswort")
        os.killpg(web.pid, signal.SIGKILL)
        web.wait()
        go_on(page)
        expect(page.get_by_text("no network")).to_be_visible()
        assert at(page) == "stir-1-glasswort"
    with own_server(port):
        expect(page.get_by_text("no network")).not_to_be_visible(timeout=20_000)
        page.wait_for_function("() => !document.querySelector('.off')")
    poured = MixEvent.objects.get(step="pour-1-glasswort")
    assert poured.figure == 128
    assert Mix.objects.get().ended_at is None
    page.context.close()
