"""A mix that is over is found again: its record, and the same once more."""

import re

from playwright.sync_api import Page, expect

from tests.journeys.presses import Presses
from tests.journeys.test_mix_journey import AXE
from tests.server.at_the_bench import begin, finish
from tests.server.conftest import demo_yard


def test_a_mix_is_found_from_today_and_from_its_tank_and_mixed_again(mix: Page) -> None:
    yard = demo_yard()
    done = finish(yard, begin(yard))
    mix.get_by_role("button", name="Today", exact=True).click()
    mix.get_by_role("button", name="All mixes").click()
    line = mix.get_by_role("listitem").filter(has_text="Strawberry gutters").filter(
        has=mix.get_by_role("button", name="Record of Strawberry gutters")
    )  # fmt: skip
    expect(line).to_contain_text("425 L · EC")
    mix.evaluate(AXE.read_text())
    found = mix.evaluate("() => axe.run({runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']})")
    assert [
        (one["id"], [node["html"] for node in one["nodes"]]) for one in found["violations"]
    ] == []
    line.get_by_role("button", name="Record").click()
    expect(mix.get_by_role("heading", name="Strawberry gutters: mixed")).to_be_visible()
    assert mix.url.endswith(f"/guided/{done['id']}")
    mix.go_back()

    mix.get_by_role("combobox", name="Tank").click()
    mix.get_by_role("option", name="Gerbera bench").click()
    expect(mix.get_by_text("Nothing was mixed here yet.")).to_be_visible()
    mix.get_by_role("navigation", name="Tanks").get_by_role("button", name="Strawberry").click()
    expect(line).to_have_count(1)
    mix.get_by_role("button", name="Mix this again").click()
    expect(mix).to_have_url(re.compile(r"/tanks/\d+/mix#.*column=w5.*strength=80"))
    expect(mix.get_by_role("heading", name="Marram One")).to_be_visible()


def test_a_finished_mix_is_corrected_and_both_records_are_there(mix: Page) -> None:
    yard = demo_yard()
    done = finish(yard, begin(yard))
    presses = Presses("correcting a finished mix")
    presses.press(mix.get_by_role("button", name="Today", exact=True))
    presses.press(mix.get_by_role("button", name="All mixes"))
    presses.press(mix.get_by_role("button", name="Record of Strawberry gutters").first)
    presses.press(mix.get_by_role("button", name="Correct"))
    expect(mix.get_by_label("Water in the tank")).to_be_focused()
    mix.get_by_label("Water in the tank").fill("420 L")  # where the focus is already
    presses.type(mix.get_by_label("Why"), "the mark was read from the side")
    mix.get_by_label("Why").press("Enter")
    presses.count += 1
    expect(mix.get_by_role("heading", name="Corrected")).to_be_visible()
    presses.at_most(6)
    expect(mix.get_by_text("water 425 L → 420 L")).to_be_visible()
    expect(mix.get_by_text("wren: the mark was read from the side")).to_be_visible()
    first = mix.get_by_role("link", name="First record").get_attribute("href")
    assert mix.request.get(f"{mix.url.split('/g/')[0]}{first}").json() == done["record"]
    mix.get_by_role("button", name="Done so far").click()  # it offers nothing that is refused
    expect(mix.get_by_role("button", name="Correct")).to_have_count(1)
    mix.keyboard.press("Escape")

    # Ten times as much is asked about once, and the figure is marked.
    mix.get_by_role("button", name="Correct").click()
    mix.get_by_label("Poured: Marram One").fill("7140")
    mix.get_by_label("Why").fill("three jugs")
    mix.get_by_role("button", name="Save the correction").click()
    expect(mix.get_by_role("alert")).to_contain_text("far more than this tank takes")
    expect(mix.get_by_label("Poured: Marram One")).to_have_attribute("aria-invalid", "true")
    mix.get_by_role("button", name="It is so: save it").click()
    expect(mix.get_by_text("wren: three jugs")).to_be_visible()
