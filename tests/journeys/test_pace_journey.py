"""The bench at each pace: times that move on by themselves, what is seen and heard, two people."""

import re

import pytest
from playwright.sync_api import expect

from core.guided import Pace
from server.grows.demo_people import DEMO_PEOPLE, DEMO_PERSON
from server.grows.models import Membership
from server.guided.models import Mix, MixEvent
from tests.journeys.line import Line
from tests.journeys.phones import (
    Phones,
    go_on,
    go_to,
    is_told,
    other_than,
    settled,
    shows,
    start,
    wind,
)
from tests.lanes import deep

ANOTHER = DEMO_PEOPLE[1]

HEARD = """
  window.heard = 0; window.awake = 0;
  const begin = OscillatorNode.prototype.start;
  OscillatorNode.prototype.start = function (...at) { window.heard += 1; return begin.apply(this, at); };
  const lock = { release: async () => {}, addEventListener: () => {} };
  Object.defineProperty(navigator, 'wakeLock', { value: {
    request: async () => { window.awake += 1; if (%s) throw new DOMException('low battery', 'NotAllowedError'); return lock; },
  } });
"""


@pytest.mark.parametrize("pace", [Pace.USUAL, pytest.param(Pace.BRISK, marks=deep)])
def test_six_products_take_a_press_each_and_times_pass_by_themselves(
    phones: Phones, pace: Pace
) -> None:
    Membership.objects.update(pace=pace.value)
    page = phones.open()
    start(page)
    presses = 0
    shown = page.locator("main.screen[data-step], section.summary").first
    while shown.evaluate("found => found.matches('main')"):
        presses += go_on(page)
    assert presses <= 12
    expect(page.get_by_role("row", name="Marram One 714 714 mL")).to_be_visible()
    record = Mix.objects.get().record
    assert record is not None
    cut = [step for step in record["skipped"] if step.startswith("wait-")]
    # a tonic's wait may go; those behind silica and base, and before a reading, stay
    assert cut == (["wait-2-limpet", "wait-5-wrack"] if pace is Pace.BRISK else [])


def test_the_next_bottle_stands_below_the_count_down_and_comes_forward_at_its_end(
    phones: Phones,
) -> None:
    Membership.objects.update(pace=Pace.USUAL.value)
    page = phones.open()
    start(page)
    go_to(page, "stir-1-glasswort")
    coming = page.get_by_label("What comes next")
    expect(coming.get_by_role("heading")).to_have_text(re.compile("Get it ready now: Li\\s+Limpet"))
    expect(coming.get_by_text("102")).to_be_visible()
    wind(150, page)  # the stir is over, and standing goes on in one count-down
    other_than(page, "stir-1-glasswort")
    shows(page, "wait-1-glasswort")
    page.reload()
    shows(page, "wait-1-glasswort")
    minutes, _, seconds = page.get_by_role("timer").inner_text().partition(":")
    left = int(minutes) * 60 + int(seconds)
    assert 200 < left <= 270
    wind(left - 12, page)
    expect(page.get_by_label("What comes next").get_by_role("heading")).to_have_text(
        re.compile("In a moment")
    )
    wind(15, page)
    other_than(page, "wait-1-glasswort")
    shows(page, "pour-2-limpet")
    # what went on by itself is taken back with what was pressed before it
    page.get_by_role("button", name="Back one").tap()
    expect(page.get_by_role("heading", name="Shake Glasswort, then pour")).to_be_visible()
    # who leaves out the stir is not rid of the wait that chemistry needs
    go_to(page, "stir-1-glasswort")
    leave_out = page.get_by_role("button", name="Leave it out")
    settled(page)
    page.locator("main.screen .press").tap()
    leave_out.tap()
    other_than(page, "stir-1-glasswort")
    shows(page, "wait-1-glasswort")
    # nor is a question that the end of the time overtakes asked of the next bottle
    settled(page)
    page.locator("main.screen .press").tap()
    leave_out.wait_for()
    wind(300, page)
    other_than(page, "wait-1-glasswort")
    expect(leave_out).to_have_count(0)


@pytest.mark.parametrize("refused", [pytest.param(False, marks=deep), True])
def test_the_end_of_a_time_is_heard_and_a_device_that_refuses_to_stay_awake_is_no_hindrance(
    phones: Phones, refused: bool
) -> None:
    Membership.objects.update(pace=Pace.USUAL.value)
    page = phones.open(script=HEARD % str(refused).lower())
    start(page)
    assert page.evaluate("window.awake") == 1
    go_to(page, "stir-1-glasswort")
    assert page.evaluate("window.heard") == 0
    wind(480, page)
    other_than(page, "stir-1-glasswort")
    go_to(page, "pour-2-limpet")
    page.wait_for_function("() => window.heard === 2")
    page.get_by_role("button", name="Pace").tap()
    page.get_by_label("two tones when a time is over").uncheck()
    page.get_by_role("button", name="Close").tap()
    settled(page)
    page.keyboard.press("PageDown")  # a foot switch
    other_than(page, "pour-2-limpet")
    go_to(page, "pour-3-one")
    assert page.evaluate("window.heard") == 2


@deep
def test_times_pass_by_themselves_without_network_and_are_told_when_it_is_back(
    phones: Phones, line: Line
) -> None:
    Membership.objects.update(pace=Pace.USUAL.value)
    page = phones.open(url=line.url)
    start(page)
    go_to(page, "pour-1-glasswort")
    line.cut()
    go_on(page)
    expect(page.get_by_text("no network")).to_be_visible()
    go_to(page, "pour-2-limpet")
    go_on(page)
    line.mend()
    go_to(page, "pour-3-one")
    is_told(page, "wait-2-limpet")
    expect(page.get_by_text("no network")).not_to_be_visible()
    told = MixEvent.objects.filter(step__regex="^(pour|stir|wait)-[12]").order_by("at")
    assert [(one.step, one.kind) for one in told] == [
        (f"{kind}-{bottle}", "poured" if kind == "pour" else "done")
        for bottle in ("1-glasswort", "2-limpet")
        for kind in ("pour", "stir", "wait")
    ]


@deep
def test_two_people_of_different_pace_work_on_one_mix(phones: Phones) -> None:
    Membership.objects.filter(person__username=DEMO_PERSON).update(pace=Pace.USUAL.value)
    Membership.objects.filter(person__username=ANOTHER).update(pace=Pace.BRISK.value)
    usual = phones.open()
    start(usual)
    go_to(usual, "stir-2-limpet")
    brisk = phones.open(ANOTHER)
    brisk.goto(usual.url)
    shows(brisk, "stir-2-limpet")
    wind(120, usual, brisk)
    shows(brisk, "wait-2-limpet")  # who poured it is in no hurry
    shows(usual, "wait-2-limpet")
    go_to(usual, "stir-4-two")
    wind(480, usual)
    go_to(usual, "pour-5-wrack")
    shows(brisk, "pour-5-wrack")
    settled(brisk)
    brisk.locator("main.screen .press").tap()
    other_than(brisk, "pour-5-wrack")
    wind(120, usual, brisk)
    shows(brisk, "pour-6-tide")
    is_told(brisk, "wait-5-wrack")
    shows(usual, "pour-6-tide")
    waits = MixEvent.objects.filter(step__startswith="wait-").values_list("step", "kind")
    assert dict(waits) == {
        "wait-1-glasswort": "done", "wait-2-limpet": "done", "wait-3-one": "done",
        "wait-4-two": "done", "wait-5-wrack": "skipped",
    }  # fmt: skip
    expect(usual.get_by_text("One thing to settle")).to_have_count(0)
    expect(usual.get_by_label("5 of 6 pours are in")).to_be_visible()


def test_each_part_goes_through_the_bucket_one_after_the_other(phones: Phones) -> None:
    Membership.objects.update(pace=Pace.USUAL.value)
    page = phones.open()
    page.get_by_role("combobox", name="Also").tap()
    page.get_by_role("option", name="dilute each part in a bucket").tap()
    expect(page.get_by_label("Bucket")).to_have_value("10 L")
    expect(page.get_by_text("by the bucket: clear").first).to_be_visible()
    page.get_by_label("Bucket").fill("500 L")
    expect(page.get_by_text("smaller than the tank")).to_be_visible()
    page.get_by_label("Bucket").fill("12 L")
    expect(page.get_by_text("by the bucket: clear").first).to_be_visible()
    start(page)
    go_to(page, "pour-3-one")
    expect(page.get_by_text("12 L of tank water in the bucket")).to_be_visible()
