"""A far reading is asked about, and a blend is kept and chosen again."""

import pytest
from playwright.sync_api import Page, expect

from server.tanks.models import WaterBlend, WaterSource
from tests.journeys.test_course_journey import calm, show
from tests.journeys.test_judgement_journey import also


@pytest.mark.django_db(transaction=True)
def test_a_far_reading_is_asked_about_and_the_pen_was_off(mix: Page) -> None:
    mix.get_by_label("Reading of the water").fill("1.4")
    expect(mix.get_by_role("heading", name="The water reads otherwise")).to_be_visible()
    show(mix, "Water")
    reading = mix.get_by_label("Last reading of Yard mains")
    reading.fill("1.4")
    reading.blur()
    expect(mix.get_by_role("alert")).to_contain_text("1.40 is far from")
    calm(mix)
    mix.get_by_role("group", name="What Yard mains read").get_by_role(
        "button", name="The pen was off"
    ).click()
    expect(reading).to_have_value("")
    expect(mix.get_by_role("alert")).to_have_count(0)
    mains = WaterSource.objects.get(name="Yard mains")
    assert mains.reading is None
    reading.fill("0.53")
    reading.blur()
    expect(mix.get_by_text("✓ kept for Yard mains")).to_be_visible()
    expect(mix.get_by_role("alert")).to_have_count(0)
    mix.get_by_role("combobox", name="How the disinfectant is removed from Yard mains").click()
    mix.get_by_role("option", name="a neutraliser").click()
    expect(mix.get_by_text("✓ kept for Yard mains")).to_be_visible()


@pytest.mark.django_db(transaction=True)
def test_a_blend_is_kept_by_its_name_and_chosen_again(mix: Page) -> None:
    also(mix, "blend another water in")
    mix.get_by_role("button", name="save this blend").click()
    mix.get_by_label("Name of this blend").fill("Half and half")
    mix.keyboard.press("Enter")
    expect(mix.get_by_text("kept as Half and half")).to_be_visible()
    assert WaterBlend.objects.filter(name="Half and half").exists()
    mix.get_by_role("combobox", name="Water", exact=True).click()
    mix.get_by_role("option", name="55 % RO").click()
    expect(mix.get_by_text("kept as 55 % RO")).to_be_visible()
    expect(mix.get_by_label("Share of RO barrel")).to_have_value("55 %")
    mix.get_by_role("button", name="Keep 55 % RO no longer").click()
    expect(mix.get_by_role("button", name="save this blend")).to_be_visible()
    assert not WaterBlend.objects.filter(name="55 % RO").exists()
