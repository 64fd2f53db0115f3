"""The grower's place on screen: a tank drawn and mixed by what it holds, a meter calibrated."""

import pytest
from playwright.sync_api import Page, expect

from server.shelf.models import CalibrationEntry
from server.tanks.models import Tank
from tests.journeys.test_course_journey import calm, show


@pytest.mark.django_db(transaction=True)
def test_a_tank_of_eight_joined_buckets_is_drawn_and_mixed(mix: Page) -> None:
    mix.get_by_role("button", name="Cucumber buckets").click()
    show(mix, "Tank")
    expect(mix.get_by_label("Volume, all that is joined")).to_have_value("204 L")
    mix.get_by_role("button", name="Draw this tank").click()
    # a header of 80 by 60 cm, 40 high: 192 L
    expect(mix.get_by_text("192 L", exact=True).first).to_be_visible()
    mix.get_by_role("button", name="Join another vessel").click()
    mix.get_by_role("combobox", name="Shape of Vessel 2").click()
    mix.get_by_role("option", name="tapered bucket").click()
    mix.get_by_label("What vessel 2 is called").fill("Buckets")
    mix.get_by_label("What vessel 2 is called").press("Tab")
    mix.get_by_label("How many of Buckets").fill("8")
    mix.get_by_label("How many of Buckets").press("Tab")
    expect(mix.get_by_role("slider")).to_have_count(9)
    plugs = mix.get_by_label("plugs hang at").nth(1)
    plugs.fill("26")
    plugs.press("Tab")
    expect(mix.get_by_text("It does not touch the plugs.")).to_be_visible()
    line = mix.get_by_role("slider", name="Water in Buckets").first
    line.press("ArrowUp")
    expect(line).to_have_attribute("aria-valuenow", "25.5")
    box = line.bounding_box()
    assert box is not None
    mix.mouse.move(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2)
    mix.mouse.down()
    mix.mouse.move(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2 - 8, steps=4)
    mix.mouse.up()
    expect(mix.get_by_text("It touches the plugs.")).to_be_visible()
    # the eight of them hold 120 L at a level that the grower need not know
    mix.get_by_label("fill it to hold").nth(1).fill("120 L")
    mix.get_by_label("fill it to hold").nth(1).press("Tab")
    expect(mix.get_by_text("120 L", exact=True).first).to_be_visible()
    calm(mix)
    mix.get_by_role("button", name="Save: the tank holds 312 L").click()
    expect(mix.get_by_label("Volume, all that is joined")).to_have_value("312 L")
    tank = Tank.objects.get(name="Cucumber buckets")
    assert round(float(tank.litres)) == 312
    assert tank.joined is not None
    assert [one["count"] for one in tank.joined["vessels"]] == [1, 8]
    show(mix, "Mix")
    expect(mix.get_by_label("Volume", exact=True)).to_have_value("312 L")


@pytest.mark.django_db(transaction=True)
def test_a_known_dose_corrects_what_a_tank_holds(mix: Page) -> None:
    show(mix, "Tank")
    mix.get_by_role("combobox", name="How it is known").click()
    mix.get_by_role("option", name="by a known dose").click()
    for label, value in (("How much went in, mL or g", "200"), ("mS/cm by one in a litre", "1"),
                         ("Reading before", "0.5"), ("Reading after", "1.0")):  # fmt: skip
        mix.get_by_label(label).fill(value)
    mix.get_by_role("button", name="Compute").click()
    found = mix.get_by_role("status").filter(has_text="That is")
    expect(found).to_contain_text("400 L")
    mix.get_by_role("button", name="Save as the tank").click()
    expect(mix.get_by_label("Volume, all that is joined")).to_have_value("400 L")
    expect(mix.get_by_text("which was told in another way")).to_be_visible()


@pytest.mark.django_db(transaction=True)
def test_tanks_are_put_in_order_away_and_back(mix: Page) -> None:
    show(mix, "Tank")
    tank_list = mix.get_by_role("navigation", name="Tanks").locator("li .name")
    names = tank_list.all_inner_texts()
    mix.get_by_role("button", name="Move down").click()
    expect(tank_list.first).to_have_text(names[1])
    mix.get_by_role("button", name="Archive", exact=True).click()
    mix.get_by_role("button", name=f"Yes, archive {names[0]}").click()
    expect(tank_list).to_have_count(len(names) - 1)
    expect(mix.get_by_role("button", name="Take it to the bench")).to_be_visible()
    show(mix, "Tank")
    mix.get_by_role("button", name=f"Restore {names[0]}").click()
    expect(tank_list).to_have_count(len(names))


@pytest.mark.django_db(transaction=True)
def test_a_pen_is_calibrated_and_what_is_no_standard_refused(mix: Page) -> None:
    show(mix, "Shelf")
    meters = mix.get_by_role("region", name="Meters")
    expect(meters.get_by_text("Its electrode is worn out")).to_be_visible()  # the demo's spare one
    meters.get_by_label("Another meter").fill("Pocket pen")
    meters.get_by_role("button", name="Add this meter").click()
    meters.get_by_role("button", name="Calibrate pH of Pocket pen").click()
    meters.get_by_label("in pH 7 it shows").fill("4.02")
    meters.get_by_role("button", name="Save this calibration").click()
    expect(meters.get_by_role("alert")).to_contain_text("it was another one")
    assert not CalibrationEntry.objects.filter(meter__name="Pocket pen").exists()
    meters.get_by_label("in pH 4 it shows").fill("4.1")
    meters.get_by_label("in pH 7 it shows").fill("7,1")
    calm(mix)
    meters.get_by_role("button", name="Save this calibration").click()
    pen = meters.get_by_role("listitem").filter(has_text="Pocket pen")
    # 4.01 to 7.00 at 25 °C read as 4.1 to 7.1: a step of 2.99 shows as 3.00
    expect(pen).to_contain_text("shows 100.3 % of a step, +0.10 at pH 7")
    expect(pen).to_contain_text("never calibrated here")  # its EC
