"""What a mix is judged by, from the shelf and the water to the acknowledged stop."""

import re

from playwright.sync_api import Page, expect

from tests.journeys.test_mix_journey import AXE, see, ticket


def also(page: Page, wish: str) -> None:
    page.get_by_role("combobox", name="Also").click()
    page.get_by_role("option", name=wish).click()


def elements(page: Page, element: str) -> str:
    return page.get_by_label(re.compile(f"^{element}:")).get_attribute("aria-label") or ""


def test_a_stop_is_acknowledged_by_name_before_the_mix_goes_to_paper(mix: Page) -> None:
    mix.evaluate("window.print = () => { document.body.dataset.printed = 'yes' }")
    mix.get_by_label("Volume").fill("3000 L")
    expect(mix.get_by_role("heading", name="Not enough left").first).to_be_visible()
    mix.get_by_role("button", name="Print").click()
    dialog = mix.get_by_role("dialog", name="Before this mix goes to the bench")
    go = dialog.get_by_role("button", name="Print the mix")
    expect(go).to_be_disabled()
    dialog.get_by_role("button", name="I have read “Not enough left”").first.click()
    expect(go).to_be_enabled()
    go.click()
    expect(mix.locator("body")).to_have_attribute("data-printed", "yes")
    mix.get_by_label("Volume").fill("2900 L")  # another mix: it must be read anew
    expect(mix.get_by_role("button", name="I have read “Not enough left”").first).to_be_visible()


def test_the_way_out_is_one_press(mix: Page) -> None:
    mix.get_by_role("combobox", name="Water", exact=True).click()
    mix.get_by_role("option", name="Slip borehole").click()
    mix.get_by_role("button", name="Leave Limpet out").click()
    expect(mix.get_by_text("Limpet, you left it out")).to_be_visible()
    mix.get_by_label("Share of the printed dose for Marram One").fill("40 %")
    mix.get_by_role("button", name="Pour 40 % of Marram Two").click()
    see(mix, "Marram Two", "357")
    expect(mix.get_by_role("heading", name="The pair is unequal")).not_to_be_visible()
    mix.get_by_role("button", name="Cucumber buckets").click()
    mix.get_by_role("button", name="Set 50 %").click()
    expect(mix.get_by_label("Strength", exact=True)).to_have_value("50 %")


def test_waters_are_blended_columns_met_and_the_base_split(mix: Page) -> None:
    also(mix, "blend another water")
    mix.get_by_role("combobox", name="Water 2").click()
    mix.get_by_role("option", name="RO barrel").click()
    expect(mix.get_by_text("together 0.27")).to_be_visible()
    mix.get_by_label("Share of RO barrel").fill("100 %")
    expect(mix.get_by_text("above 0 and below 100 %")).to_be_visible()
    mix.get_by_label("Share of RO barrel").fill("20 %")
    expect(mix.get_by_text("together 0.42")).to_be_visible()

    also(mix, "mix towards another column")
    see(mix, "Marram One", "731")  # (2.1 + 2.2) / 2 × 425 × 80 % = 731
    also(mix, "two passes")
    expect(ticket(mix, "Marram One")).to_have_count(2)
    first, second = ticket(mix, "Marram One").all()
    expect(first.locator(".figure")).to_have_text("585")  # 80 % of 731
    expect(second).to_contain_text("the other 20 %")
    expect(second).to_contain_text("read EC, then")
    mix.reload()
    expect(mix.get_by_label("How far towards the other column")).to_have_value("50 %")
    expect(mix.get_by_text("together 0.42")).to_be_visible()


def test_a_label_and_a_report_are_entered_and_count_at_once(mix: Page) -> None:
    before = elements(mix, "calcium")
    mix.get_by_role("button", name="Shelf").click()
    mix.get_by_role("button", name="Marram One").click()
    sheet = mix.get_by_role("region", name="Marram One")
    sheet.get_by_label("Ca", exact=False).first.fill("60")
    sheet.get_by_label("Ca", exact=False).first.blur()
    expect(sheet.get_by_text("✓ kept")).to_be_visible()
    sheet.get_by_label("or CaO").fill("3")
    sheet.get_by_label("or CaO").blur()
    expect(sheet.get_by_text("which are one thing")).to_be_visible()
    sheet.get_by_label("or CaO").fill("")
    sheet.get_by_label("or CaO").blur()
    expect(sheet.get_by_text("✓ kept")).to_be_visible()
    sheet.get_by_label("Ca", exact=False).first.fill("2,5")
    sheet.get_by_label("Ca", exact=False).first.blur()
    expect(sheet.get_by_text("✓ kept")).to_be_visible()

    mix.get_by_role("button", name="Water", exact=True).click()
    mix.get_by_label("alkalinity of Yard mains").fill("")
    mix.get_by_label("alkalinity of Yard mains").blur()
    expect(mix.get_by_text("✓ kept for Yard mains")).to_be_visible()
    mix.get_by_label("Wanted figure").fill("0.4")
    expect(mix.get_by_role("status", name="Share")).to_have_text("55 %")  # 0.86 thinned by 0.02

    mix.get_by_role("button", name="Mix", exact=True).click()
    expect(mix.get_by_role("heading", name="pH after mixing: not known")).to_be_visible()
    assert elements(mix, "calcium") != before


def test_the_acid_is_chosen_and_its_dilution_written_out(mix: Page) -> None:
    expect(mix.get_by_text(re.compile("Fathom Down P into"))).to_be_visible()
    expect(mix.get_by_text("Acid into water, never the other way")).to_be_visible()
    mix.get_by_role("combobox", name="Acid for pH").click()
    mix.get_by_role("option", name="Fathom Down N").click()
    expect(mix.get_by_text(re.compile("Fathom Down N into"))).to_be_visible()
    assert "from the acid" in elements(mix, "nitrogen")


def test_own_ranges_and_own_vessels(mix: Page) -> None:
    mix.get_by_role("button", name="Own ranges").click()
    mix.get_by_label("calcium, from").fill("10")
    mix.get_by_label("calcium, up to").fill("20")
    mix.get_by_role("button", name="Save these ranges").click()
    expect(mix.get_by_label(re.compile("^calcium:.*range 10 to 20: above it"))).to_be_visible()

    mix.get_by_role("button", name="Shelf").click()
    jug = mix.get_by_role("listitem").filter(has=mix.get_by_role("combobox").get_by_text("jug"))
    jug.get_by_label("marks of").fill("100")
    jug.get_by_label("marks of").blur()
    jug.get_by_role("combobox").click()
    mix.get_by_role("option", name="cylinder").click()
    mix.get_by_role("button", name="Mix", exact=True).click()
    expect(ticket(mix, "Marram One").locator("figcaption b").first).to_have_text("700")
    expect(ticket(mix, "Marram One")).to_contain_text("1 L cylinder")


def test_a_tank_is_held_in_its_column(mix: Page) -> None:
    also(mix, "hold this tank")
    expect(mix.get_by_text("held from now on")).to_be_visible()
    mix.keyboard.press("]")
    mix.get_by_text("Held in another stage").click()
    mix.get_by_role("button", name="Back to week 5, flower").click()
    expect(mix.get_by_role("combobox", name="Week or stage")).to_have_text("week 5, flower")


def test_a_chart_for_hard_water_is_offered_and_poured(mix: Page) -> None:
    mix.get_by_role("button", name="Gerbera bench").click()
    expect(mix.get_by_role("heading", name="Keel")).to_be_visible()
    mix.get_by_role("combobox", name="Water").click()
    mix.get_by_role("option", name="Slip borehole").click()
    mix.get_by_role("button", name="Pour the hard-water form").click()
    expect(ticket(mix, "Keel H")).to_contain_text("in place of Keel")
    mix.get_by_role("button", name="Pour the usual form").click()
    expect(mix.get_by_role("heading", name="Keel H")).not_to_be_visible()


def test_water_and_shelf_are_accessible_and_reached_by_key(mix: Page) -> None:
    for key, heading in (("6", "Water"), ("7", "Shelf and bench")):
        mix.locator("body").press(key)
        expect(mix.get_by_role("heading", name=heading, exact=True)).to_be_visible()
        mix.evaluate(AXE.read_text())
        found = mix.evaluate("() => axe.run()")
        assert [(v["id"], v["nodes"][0]["html"][:120]) for v in found["violations"]] == []
        mix.set_viewport_size({"width": 390, "height": 844})
        assert mix.evaluate("document.documentElement.scrollWidth") <= 390
        mix.set_viewport_size({"width": 1280, "height": 800})
    mix.go_back()
    expect(mix.get_by_role("heading", name="Water", exact=True)).to_be_visible()
    mix.locator("body").press("2")
    see(mix, "Marram One", "714")
