"""One mix on phones whose clocks are off, or are set meanwhile: a wait is over when it is over."""

from datetime import timedelta

import pytest
from playwright.sync_api import Page, expect

from core.guided import Pace
from server.grows.demo_people import DEMO_PEOPLE
from server.grows.models import Membership
from server.guided.models import MixEvent
from tests.journeys.line import Line
from tests.journeys.phones import (
    SERVER_CLOCK,
    Phones,
    at,
    go_on,
    go_to,
    is_told,
    settled,
    shows,
    start,
    wind,
)
from tests.lanes import deep

ANOTHER = DEMO_PEOPLE[1]
OFF = timedelta(minutes=10)


def left(page: Page) -> int:
    """Seconds that a count-down shows."""
    minutes, _, seconds = page.get_by_role("timer").inner_text().partition(":")
    return int(minutes) * 60 + int(seconds)


@pytest.mark.parametrize("off", [-OFF, pytest.param(OFF, marks=deep)])
def test_phones_whose_clocks_differ_count_down_the_same(phones: Phones, off: timedelta) -> None:
    Membership.objects.update(pace=Pace.USUAL.value)
    right = phones.open()
    start(right)
    go_to(right, "pour-1-glasswort")
    wrong = phones.open(ANOTHER, off=off)
    wrong.goto(right.url)
    go_on(right)
    shows(wrong, "stir-1-glasswort")
    # seven minutes of stirring and standing, of which the last look may have taken a few seconds
    assert all(390 < left(page) <= 420 for page in (right, wrong))
    wind(7 * 60 + 5, right, wrong)
    shows(right, "pour-2-limpet")
    shows(wrong, "pour-2-limpet")
    go_on(wrong)  # now the one whose clock is off pours
    shows(right, "stir-2-limpet")
    assert abs(left(right) - left(wrong)) < 30
    # what was pressed last is taken back, by whichever clock
    wind(5 * 60, right, wrong)
    shows(right, "pour-3-one")
    shows(wrong, "pour-3-one")
    go_on(right)
    shows(wrong, "stir-3-one")
    settled(wrong)
    wrong.get_by_role("button", name="Back one").tap()
    shows(right, "pour-3-one")
    assert not MixEvent.objects.filter(clock_off=True).exists()
    assert not MixEvent.objects.filter(at__gt=SERVER_CLOCK.now()).exists()


@pytest.mark.parametrize(
    "cut", [False, pytest.param(True, marks=deep)], ids=["network", "no_network"]
)
def test_a_clock_that_is_set_meanwhile_ends_no_wait(phones: Phones, line: Line, cut: bool) -> None:
    Membership.objects.update(pace=Pace.USUAL.value)
    page = phones.open(url=line.url)
    start(page)
    go_to(page, "stir-1-glasswort")
    is_told(page, "pour-1-glasswort")
    if cut:
        line.cut()
        expect(page.get_by_text("no network")).to_be_visible()
    page.clock.set_system_time(SERVER_CLOCK.now() + OFF)
    page.clock.run_for(5_000)
    assert at(page) == "stir-1-glasswort"
    assert left(page) > 360
    wind(150, page)
    shows(page, "wait-1-glasswort")
    assert 200 < left(page) <= 300
