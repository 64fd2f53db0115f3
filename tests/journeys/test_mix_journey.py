"""From sign-in to a recomputed sheet, as a grower does it."""

import re
from pathlib import Path

import pytest
from django.contrib.auth.models import User
from playwright.sync_api import Browser, Page, Route, expect
from pytest_django.live_server_helper import LiveServer

from core.formats import FeedChart, document_of, read_json
from server.charts.store import publish_chart
from server.grows.models import Grow, Membership
from server.tanks.models import Tank, WaterSource

ROOT = Path(__file__).parents[2]
CHART = ROOT / "docs" / "formats" / "feed-chart.example.json"
AXE = ROOT / "web" / "node_modules" / "axe-core" / "axe.min.js"


def figure(page: Page, product: str) -> str:
    """The large figure of a product's ticket."""
    return ticket(page, product).locator(".figure").inner_text()


def ticket(page: Page, product: str):  # type: ignore[no-untyped-def]
    return page.get_by_role("listitem").filter(has=page.get_by_role("heading", name=product))


def see(page: Page, product: str, amount: str) -> None:
    """Wait until a product's ticket shows an amount."""
    expect(ticket(page, product).locator(".figure")).to_have_text(amount)


def test_from_sign_in_to_a_recomputed_sheet(door: Page) -> None:
    door.get_by_label("Name").fill("tamsin")
    door.get_by_label("Password").fill("no idea")
    door.get_by_role("button", name="Sign in").click()
    expect(door.get_by_role("alert")).to_contain_text("do not go together")
    door.get_by_label("Password").fill("tidetable")
    door.get_by_role("button", name="Sign in").click()
    see(door, "Marram One", "714")

    door.get_by_label("Strength", exact=True).fill("40 %")
    see(door, "Marram One", "357")  # 2.1 × 425 × 40 %
    see(door, "Glasswort", "128")  # as is
    expect(door.get_by_role("img", name="Expected readings")).to_have_attribute(
        "aria-label", re.compile("from 0.52")
    )

    door.get_by_role("combobox", name="Week or stage").click()
    door.get_by_role("option", name="week 3, leaf").click()
    expect(door.get_by_role("heading", name="Mudlark")).to_be_visible()
    expect(door.get_by_role("heading", name="Chlorine kills cultures")).to_be_visible()

    door.get_by_role("combobox", name="What the target means").click()
    door.get_by_role("option", name="all-in").click()
    expect(
        door.get_by_role("heading", name="No room for feed")
    ).to_be_visible()  # 0.52 is above 40 % of 1.2
    expect(door.get_by_text("Marram One, the water leaves no room")).to_be_visible()

    door.get_by_label("Reading of the water").fill("0.3")
    see(door, "Marram One", "102")  # 1.6 × 425 × 40 % × (0.48 - 0.3) / 0.48
    door.reload()
    see(door, "Marram One", "102")

    door.get_by_role("button", name="Gerbera bench").click()
    expect(door.get_by_role("heading", name="Keel")).to_be_visible()
    door.get_by_role("button", name="Sign out").click()
    expect(door.get_by_role("button", name="Sign in")).to_be_visible()


def test_quick_changes_end_in_the_last_ones_result(mix: Page) -> None:
    held: list[Route] = []

    def hold_the_first(route: Route) -> None:
        if '"100 L"' in (route.request.post_data or ""):
            held.append(route)
        else:
            route.continue_()

    mix.route("**/mix", hold_the_first)
    volume = mix.get_by_label("Volume")
    volume.fill("100 L")
    mix.wait_for_function("() => location.hash.includes('100+L')")
    volume.fill("200 L")
    see(mix, "Marram One", "335")  # 2.1 × 200 × 80 % is 336; marks are 5 mL apart
    for route in held:  # the older answer comes late
        route.continue_()
    mix.unroute_all(behavior="wait")
    expect(volume).to_have_value("200 L")
    see(mix, "Marram One", "335")  # 2.1 × 200 × 80 % is 336; marks are 5 mL apart


def test_a_failed_request_keeps_the_last_good_sheet(mix: Page) -> None:
    volume = mix.get_by_label("Volume")
    volume.fill("20 tubs")
    expect(mix.get_by_text("give a unit: mL, L, gal US or gal UK")).to_be_visible()
    expect(volume).to_have_attribute("aria-invalid", "true")
    expect(mix.get_by_text("Below is the last good sheet: 425 L at 80 %.")).to_be_visible()
    assert figure(mix, "Marram One") == "714"

    mix.route("**/mix", lambda route: route.abort())
    volume.fill("200 L")
    expect(mix.get_by_text("The server does not answer.")).to_be_visible()
    assert figure(mix, "Marram One") == "714"
    mix.unroute_all()
    mix.get_by_role("button", name="Try again").click()
    see(mix, "Marram One", "335")  # 2.1 × 200 × 80 % is 336; marks are 5 mL apart
    expect(mix.get_by_text("The server does not answer.")).not_to_be_visible()


def test_everything_by_keyboard(mix: Page) -> None:
    press = mix.keyboard.press
    press("?")
    expect(mix.get_by_role("dialog", name="Keys")).to_be_visible()
    press("Escape")
    press("v")
    press("ArrowUp")
    see(mix, "Marram One", "722")  # 2.1 × 430 × 80 % = 722.4
    mix.get_by_label("Volume").blur()
    press("]")
    expect(mix.get_by_role("combobox", name="Week or stage")).to_have_text("week 6, flower")
    press("g")
    press("ArrowDown")
    press("Enter")
    expect(mix.get_by_role("combobox", name="What the target means")).to_have_text(
        "all-in, water included"
    )
    mix.locator("body").press("j")
    expect(mix.get_by_role("combobox", name="Tank", exact=True)).to_have_text("Gerbera bench")


def test_one_line_of_keys_sets_the_mix(mix: Page) -> None:
    """t down enter, v 150 L enter, r 0.3 enter, f down enter, s 60 enter: nothing else is needed."""
    press, write = mix.keyboard.press, mix.keyboard.type
    for key, typed in (("t", ""), ("v", "150 L"), ("r", "0.3"), ("f", ""), ("s", "60")):
        press(key)
        if typed:
            write(typed)
        else:
            press("ArrowDown")
        press("Enter")
    expect(mix.get_by_role("combobox", name="Tank", exact=True)).to_have_text("Gerbera bench")
    expect(mix.get_by_label("Volume")).to_have_value("150 L")
    expect(mix.get_by_label("Reading of the water")).to_have_value("0.3")
    expect(mix.get_by_label("Strength", exact=True)).to_have_value("60")
    press("v")
    write("999 L")
    press("Escape")  # takes it back, and gives the keys back
    expect(mix.get_by_label("Volume")).to_have_value("150 L")
    press("?")
    expect(mix.get_by_role("dialog", name="Keys")).to_be_visible()


def test_one_product_may_differ(mix: Page) -> None:
    share = mix.get_by_label("Share of the printed dose for Marram One")
    share.fill("40 %")
    see(mix, "Marram One", "357")
    expect(mix.get_by_role("heading", name="The pair is unequal")).to_be_visible()
    mix.get_by_role("button", name="Back to the rule for Marram One").click()
    see(mix, "Marram One", "714")
    mix.get_by_label("Share of the printed dose for Wrack").fill("0 %")
    expect(mix.get_by_text("Wrack, you left it out")).to_be_visible()
    mix.get_by_role("button", name="put it back").click()
    see(mix, "Wrack", "170")


def test_units_are_chosen_once(mix: Page) -> None:
    mix.get_by_label("Reading of the water").fill("0.9")
    see(mix, "Limpet", "102")
    mix.get_by_role("button", name="Units").click()
    mix.get_by_label("US gallons (3.785 L)").check()
    mix.get_by_label("ppm on the 700 scale").check()
    mix.get_by_role("button", name="Save these units").click()
    expect(mix.get_by_label("Volume")).to_have_value("112.27 gal US")
    # What was typed means the same; what nobody typed is in the new units.
    expect(mix.get_by_label("Reading of the water")).to_have_value("0.9 mS/cm")
    see(mix, "Limpet", "102")
    see(mix, "Marram One", "714")


@pytest.mark.parametrize("size", [(1280, 800), (390, 844)])
def test_accessible_and_never_wider_than_the_screen(mix: Page, size: tuple[int, int]) -> None:
    mix.set_viewport_size({"width": size[0], "height": size[1]})
    mix.get_by_label("Volume").fill("20 tubs")
    expect(mix.get_by_text("give a unit")).to_be_visible()
    mix.get_by_label("Volume").fill("12 345 L")
    expect(mix.get_by_text("give a unit")).not_to_be_visible()
    mix.get_by_role("combobox", name="Water").click()
    mix.evaluate(AXE.read_text())
    # WCAG 2.2 AA by axe-core.
    found = mix.evaluate(
        "() => axe.run({runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']})"
    )
    assert [(v["id"], [n["html"][:120] for n in v["nodes"]]) for v in found["violations"]] == []
    assert mix.evaluate("document.documentElement.scrollWidth") <= size[0]


def test_the_mix_prints_on_one_sheet(mix: Page) -> None:
    mix.get_by_role("combobox", name="Week or stage").click()
    mix.get_by_role("option", name="week 3, leaf").click()
    expect(mix.get_by_role("heading", name="Mudlark")).to_be_visible()
    paper = mix.pdf(prefer_css_page_size=True)
    assert len(re.findall(rb"/Type\s*/Page\b", paper)) == 1


def test_an_own_grow_from_nothing_to_its_first_sheet(door: Page) -> None:
    """In any order: first the leaflet, then the tank, and what is refused is said beside it."""
    person = User.objects.create_user("heron", password="long-legged-bird")
    grow = Grow.objects.create(name="Reed bed")
    Membership.objects.create(grow=grow, person=person)
    door.get_by_label("Name").fill("heron")
    door.get_by_label("Password").fill("long-legged-bird")
    door.get_by_role("button", name="Sign in").click()

    door.get_by_role("button", name="Bring in my leaflet").click()
    door.get_by_label("Choose a file").set_input_files(CHART)
    door.get_by_role("button", name="Go on with it").click()
    door.get_by_role("button", name="Save as version 1").click()
    door.get_by_role("button", name="On to your tank").click()
    expect(door.get_by_text("Your leaflet is Marram")).to_be_visible()

    door.get_by_label("What you call it").fill("Kitchen tap")
    door.get_by_label("What it reads").fill("350 ppm 700")
    door.get_by_label("Name of the tank").fill("Tub")
    door.get_by_label("All its water").fill("20 gal")
    door.get_by_role("button", name="Save my tank").click()
    expect(door.get_by_role("alert")).to_contain_text("gal US or gal UK")
    door.get_by_label("All its water").fill("20 gal US")
    door.get_by_role("button", name="Save my tank").click()
    expect(door.get_by_label("Reading of the water")).to_have_value("0.50")
    see(door, "Marram One", "124")  # 2.5 tsp of 5 mL in 20 gal at 50 % is 125; marks are 2 mL apart


def test_a_session_that_ended_loses_nothing(mix: Page) -> None:
    mix.get_by_label("Strength", exact=True).fill("40 %")
    see(mix, "Marram One", "357")
    mix.context.clear_cookies(name="sessionid")
    mix.get_by_label("Volume").fill("200 L")
    expect(mix.get_by_text("Sign in first.")).to_be_visible()
    assert figure(mix, "Marram One") == "357"
    mix.get_by_role("button", name="Sign in again").click()
    mix.get_by_role("button", name="Look around the demo yard").click()
    see(mix, "Marram One", "168")  # 2.1 × 200 × 40 %
    expect(mix.get_by_label("Volume")).to_have_value("200 L")


def test_on_paper_stands_what_is_needed_at_the_bench_and_no_controls(mix: Page) -> None:
    mix.emulate_media(media="print")
    expect(mix.get_by_text("date ________")).to_be_visible()
    expect(ticket(mix, "Marram One").get_by_text("in ☐")).to_be_visible()
    expect(mix.get_by_role("navigation")).not_to_be_visible()
    expect(mix.get_by_role("button", name="Print")).not_to_be_visible()
    expect(mix.get_by_text("Where growers differ")).not_to_be_visible()


def test_where_growers_differ_the_choice_moves_the_pour(mix: Page) -> None:
    def order() -> list[str]:
        return mix.get_by_role("list").get_by_role("heading").all_inner_texts()

    assert order().index("Limpet") < order().index("Marram One")
    mix.get_by_role("combobox", name="Cal-mag before or after the base").click()
    mix.get_by_role("option", name="after").click()
    expect(ticket(mix, "Limpet")).to_contain_text("After the base, as you chose")
    assert order().index("Limpet") > order().index("Marram Two")


def test_single_keys_can_be_switched_off(mix: Page) -> None:
    mix.keyboard.press("?")
    mix.get_by_label("Single keys act").uncheck()
    mix.keyboard.press("Escape")
    mix.keyboard.press("]")
    expect(mix.get_by_role("combobox", name="Week or stage")).to_have_text("week 5, flower")
    mix.get_by_role("button", name="Keys").click()
    mix.get_by_label("Single keys act").check()
    mix.keyboard.press("Escape")
    mix.keyboard.press("]")
    expect(mix.get_by_role("combobox", name="Week or stage")).to_have_text("week 6, flower")


def test_a_choice_works_by_keyboard_as_lists_do(mix: Page) -> None:
    column = mix.get_by_role("combobox", name="Week or stage")
    column.focus()
    press = mix.keyboard.press
    press("ArrowUp")  # closed: the word changes at once
    expect(column).to_have_text("week 4, transition")
    press("Enter")
    expect(column).to_have_attribute("aria-expanded", "true")
    press("End")
    press("Enter")
    expect(column).to_have_text("week 10, flush")
    expect(column).to_be_focused()
    press("Enter")
    press("Home")
    press("Escape")
    expect(column).to_have_text("week 10, flush")
    water = mix.get_by_role("combobox", name="Water")
    water.focus()
    press("Enter")
    mix.keyboard.type("sl")
    press("Enter")
    expect(water).to_have_text("Slip borehole")
    expect(mix.get_by_label("Reading of the water")).to_have_value("0.86")
    press("Enter")
    mix.get_by_role("heading", name="Target", exact=True).click()
    expect(water).to_have_attribute("aria-expanded", "false")


def test_the_network_comes_back_by_itself(mix: Page) -> None:
    mix.context.set_offline(True)
    mix.get_by_label("Volume").fill("200 L")
    expect(mix.get_by_text("The server does not answer.")).to_be_visible()
    mix.context.set_offline(False)
    see(mix, "Marram One", "335")  # 2.1 × 200 × 80 % is 336; marks are 5 mL apart
    expect(mix.get_by_text("The server does not answer.")).not_to_be_visible()


def test_a_server_that_was_away_is_reached_without_a_press(door: Page) -> None:
    door.route("**/api/session", lambda route: route.abort())
    door.reload()
    expect(door.get_by_text("The server does not answer.")).to_be_visible()
    door.unroute_all()
    expect(door.get_by_role("button", name="Look around the demo yard")).to_be_visible()


def test_every_dialog_and_the_door_are_accessible(door: Page) -> None:
    def violations() -> list[str]:
        door.evaluate(AXE.read_text())
        found = door.evaluate("() => axe.run()")
        return [f"{v['id']}: {v['nodes'][0]['html'][:100]}" for v in found["violations"]]

    demo = door.get_by_role("button", name="Look around the demo yard")
    demo.wait_for()
    assert violations() == []
    demo.click()
    door.get_by_role("heading", name="Marram One").wait_for()
    for name in ("Units", "Keys", "Add a tank"):
        door.get_by_role("button", name=name).first.click()
        expect(door.get_by_role("dialog")).to_be_visible()
        assert violations() == []
        door.keyboard.press("Escape")
        expect(door.get_by_role("dialog")).not_to_be_visible()


def test_one_hand_on_a_phone(mix: Page) -> None:
    mix.set_viewport_size({"width": 390, "height": 844})
    mix.get_by_role("button", name="Nursery tray").click()
    see(mix, "Marram One", "4.8")
    mix.get_by_role("combobox", name="Week or stage").click()
    chosen = mix.get_by_role("option", name="week 5, flower")
    box = chosen.bounding_box()
    assert box is not None
    assert box["height"] >= 44
    assert box["x"] + box["width"] <= 390
    chosen.click()
    see(mix, "Marram One", "12.6")  # 2.1 × 12 × 50 %
    for ticket_box in mix.get_by_role("listitem").all():
        inside = ticket_box.bounding_box()
        assert inside is None or inside["width"] <= 390 or inside["y"] < 100  # the strip of tanks


def test_two_people_of_one_grow_see_the_same_tanks_in_their_own_units(
    mix: Page, live_server: LiveServer, browser: Browser
) -> None:
    mix.get_by_role("button", name="Units").click()
    mix.get_by_label("CF", exact=True).check()
    mix.get_by_role("button", name="Save these units").click()
    expect(mix.get_by_label("Reading of the water")).to_have_value("5.2")
    other = browser.new_page()
    other.goto(live_server.url)
    other.get_by_label("Name").fill("tamsin")
    other.get_by_label("Password").fill("tidetable")
    other.get_by_role("button", name="Sign in").click()
    expect(other.get_by_label("Reading of the water")).to_have_value("0.52")
    see(other, "Marram One", "714")
    other.context.close()


def test_whoever_works_in_two_grows_changes_between_them(door: Page) -> None:
    second = Grow.objects.create(name="Reed bed")
    Membership.objects.create(grow=second, person=User.objects.get(username="wren"))
    door.get_by_role("button", name="Look around the demo yard").click()
    see(door, "Marram One", "714")
    door.get_by_role("combobox", name="Grow").click()
    door.get_by_role("option", name="Reed bed").click()
    expect(
        door.get_by_role("heading", name="Three sentences, then the first pour sheet")
    ).to_be_visible()
    expect(door.get_by_role("button", name="Strawberry gutters")).not_to_be_visible()
    door.get_by_role("combobox", name="Grow").click()
    door.get_by_role("option", name="Gullhouse Yard").click()
    see(door, "Marram One", "714")


def test_an_address_leads_to_its_view_in_any_grow_and_stays_over_a_reload(mix: Page) -> None:
    wren = User.objects.get(username="wren")
    other = Grow.objects.create(name="Reed bed")
    Membership.objects.create(grow=other, person=wren)
    water = WaterSource.objects.create(grow=other, name="Butt", kind="rain")
    version = publish_chart(other, document_of(FeedChart, read_json(CHART.read_bytes())))
    tank = Tank.objects.create(grow=other, name="Tub", litres=40, water=water, chart=version.chart)
    door = mix.evaluate("location.origin")

    mix.goto(f"{door}/g/{other.pk}/tanks/{tank.pk}/mix")
    expect(mix.get_by_label("Volume")).to_have_value("40 L")
    mix.get_by_label("Strength", exact=True).fill("35 %")
    mix.wait_for_function("() => location.hash.includes('35')")
    mix.reload()
    expect(mix.get_by_label("Strength", exact=True)).to_have_value("35 %")
    mix.get_by_role("button", name="Water", exact=True).click()
    expect(mix).to_have_url(f"{door}/g/{other.pk}/water")
    mix.reload()
    expect(mix.get_by_role("heading", name="Water", exact=True)).to_be_visible()
    mix.go_back()
    expect(mix.get_by_label("Strength", exact=True)).to_have_value("35 %")

    stranger = Grow.objects.create(name="Next door")
    mix.goto(f"{door}/g/{stranger.pk}/water")
    expect(mix.get_by_role("alert")).to_contain_text("not in any of your grows")
