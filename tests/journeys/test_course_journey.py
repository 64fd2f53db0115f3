"""Seasons on screen: from a sentence to the first mix, held and moved, read on a daily round."""

from datetime import timedelta
from pathlib import Path

import pytest
from django.utils import timezone
from playwright.sync_api import Page, expect

from server.seasons.models import Season, SeasonEntry
from server.seasons.running import today_of
from server.tanks.models import TimeLineEntry
from tests.journeys.presses import Presses
from tests.lanes import deep

AXE = Path(__file__).parents[2] / "web" / "node_modules" / "axe-core" / "axe.min.js"


def show(page: Page, view: str) -> None:
    """Go to a view by its button."""
    page.get_by_role("button", name=view, exact=True).click()


def calm(page: Page) -> None:
    """Nothing that axe finds, and nothing wider than a phone."""
    page.evaluate(AXE.read_text())
    found = page.evaluate("() => axe.run()")
    assert [(v["id"], v["nodes"][0]["html"][:120]) for v in found["violations"]] == []
    page.set_viewport_size({"width": 390, "height": 844})
    assert page.evaluate("document.documentElement.scrollWidth") <= 390
    page.set_viewport_size({"width": 1280, "height": 800})


@pytest.mark.django_db(transaction=True)
def test_a_season_from_its_sentence_to_its_first_mix(mix: Page) -> None:
    Season.objects.all().delete()
    TimeLineEntry.objects.exclude(tank=None).delete()
    mix.reload()
    presses = Presses("beginning a season")
    presses.press(mix.get_by_role("button", name="Course", exact=True))
    expect(mix.get_by_role("group", name="The season")).to_contain_text("Strawberry gutters")
    presses.type(mix.get_by_label("What is planted"), "runners")
    mix.get_by_label("What is planted").press("Enter")  # begins nothing either
    mix.get_by_label("Rising to").fill("70 %")
    for choice in mix.locator(".season").get_by_role("combobox").all():
        choice.click()  # a list that opens begins nothing
        choice.press("Escape")
    assert not Season.objects.exists()
    presses.key(mix.get_by_role("combobox", name="Change out"), "ArrowUp")
    calm(mix)
    expect(mix.get_by_text("The first filling is week 1")).to_be_visible()
    presses.press(mix.get_by_role("button", name="Begin the season"))
    expect(mix.get_by_role("button", name="Take this season back")).to_be_visible()
    presses.at_most(5)
    mix.get_by_role("button", name="Take this season back").click()
    mix.get_by_role("button", name="Yes, remove this season").click()
    expect(mix.get_by_role("group", name="The season")).to_be_visible()
    assert not Season.objects.exists()
    mix.get_by_label("What is planted").fill("runners")
    mix.get_by_label("Rising to").fill("70 %")
    mix.get_by_role("combobox", name="Change out").press("ArrowUp")
    mix.get_by_role("button", name="Begin the season").click()
    expect(mix.get_by_role("heading", name="Marram in Strawberry gutters since")).to_contain_text(
        "with runners, changed out every 7 days"
    )
    show(mix, "Today")
    first = mix.get_by_role("button", name="Mix it Strawberry gutters")
    first.click()
    expect(mix.get_by_role("combobox", name="Week or stage")).to_contain_text("week 1")
    expect(mix.get_by_label("Strength", exact=True)).to_have_value("50 %")
    expect(mix.get_by_role("heading", name="Marram One")).to_be_visible()


@pytest.mark.django_db(transaction=True)
def test_what_a_held_column_moves_is_seen_before_it_is_so(mix: Page) -> None:
    show(mix, "Course")
    expect(mix.get_by_text("waits for")).to_contain_text("first fruit")
    mix.get_by_role("button", name="Cucumber buckets").click()
    expect(mix.get_by_role("heading", name="Marram in Cucumber buckets since")).to_be_visible()
    mix.get_by_label("Days longer or shorter").fill("4")
    mix.get_by_role("button", name="longer", exact=True).click()
    moves = mix.get_by_role("status")
    expect(moves).to_contain_text("week 10, flush")
    expect(moves).to_contain_text("The end")
    assert not SeasonEntry.objects.filter(kind="stretch").exists()
    mix.get_by_label("Why, for the record").fill("fruit still swells")
    mix.get_by_role("button", name="Save this change").click()
    expect(mix.get_by_text("made longer by 4 days: fruit still swells")).to_be_visible()
    calm(mix)
    mix.get_by_role("button", name="Take back made longer").click()
    expect(mix.get_by_text("None yet: the season follows the chart.")).to_be_visible()
    assert SeasonEntry.objects.filter(kind="taken_back").count() == 1


@pytest.mark.django_db(transaction=True)
def test_the_end_of_a_column_is_dragged(mix: Page) -> None:
    show(mix, "Course")
    mix.get_by_role("button", name="Cucumber buckets").click()
    expect(mix.get_by_role("heading", name="Marram in Cucumber buckets since")).to_be_visible()
    end = mix.locator("rect.end").first
    box = end.bounding_box()
    assert box is not None
    mix.mouse.move(box["x"] + box["width"] / 2, box["y"] + 40)
    mix.mouse.down()
    mix.mouse.move(box["x"] + box["width"] / 2 + 60, box["y"] + 40, steps=6)
    expect(mix.get_by_role("status")).to_contain_text("week 10, flush")
    mix.mouse.up()
    mix.get_by_role("button", name="Save this change").click()
    expect(mix.get_by_text("made longer by").first).to_be_visible()


@deep
@pytest.mark.django_db(transaction=True)
def test_the_next_mark_of_a_rule_is_dragged(mix: Page) -> None:
    """Mudlark comes again on the 42nd day; two days to the right is the 44th."""
    show(mix, "Course")
    expect(mix.get_by_role("heading", name="Marram in Strawberry gutters since")).to_be_visible()
    mark = mix.locator("rect.end[height='22']").last
    box = mark.bounding_box()
    assert box is not None
    day = box["width"] - 12
    mix.mouse.move(box["x"] + 8, box["y"] + 10)
    mix.mouse.down()
    mix.mouse.move(box["x"] + 8 + 2 * day, box["y"] + 10, steps=5)
    expect(mix.get_by_role("status")).to_contain_text("Mudlark")
    mix.mouse.up()
    mix.get_by_role("button", name="Save this change").click()
    expect(mix.get_by_role("button", name="Save this change")).to_have_count(0)
    season = Season.objects.get(tank__name="Strawberry gutters")
    assert [rule.get("from_day") for rule in season.plan["rules"]] == [44, 0]


@pytest.mark.django_db(transaction=True)
def test_a_daily_round_of_six_tanks_by_keyboard(mix: Page) -> None:
    before = TimeLineEntry.objects.filter(kind="reading").count()
    mix.locator("body").press("1")
    expect(mix.get_by_role("button", name="Daily round")).to_be_visible()
    calm(mix)
    mix.locator("body").press("r")
    # the first stands as it stood; the second is a slip that is asked about, and typed again
    for at, name in enumerate(mix.locator("ol .name b").all_inner_texts()):
        field = mix.get_by_label(f"{name}, EC")
        expect(field).to_be_focused()
        last = TimeLineEntry.objects.filter(tank__name=name, values__has_key="ec").latest("at")
        if at == 1:
            mix.keyboard.type("9.9")
            mix.keyboard.press("Enter")
            expect(mix.get_by_text("EC is far from what this tank read before")).to_be_visible()
            expect(field).to_be_focused()
        mix.keyboard.type(last.values["ec"]["value"])
        mix.keyboard.press("Tab")
        mix.keyboard.type("5.9")
        mix.keyboard.press("Enter")
    expect(mix.get_by_role("button", name="The round is done: 6 of 6 kept")).to_be_focused()
    calm(mix)
    mix.keyboard.press("Enter")
    expect(mix.get_by_role("button", name="Read it")).to_have_count(0)
    assert TimeLineEntry.objects.filter(kind="reading").count() == before + 6
    assert not TimeLineEntry.objects.filter(values__ec__value="9.9").exists()


@pytest.mark.django_db(transaction=True)
def test_what_is_not_done_is_left_out_for_a_reason(mix: Page) -> None:
    show(mix, "Today")
    late = mix.get_by_text("late, ")
    expect(late).to_have_count(1)
    mix.get_by_role("button", name="Leave out Gerbera bench, change out").click()
    mix.get_by_label("Why, for the record").fill("the bench was cleared")
    mix.get_by_role("button", name="Leave it out").click()
    expect(late).to_have_count(0)
    kept = SeasonEntry.objects.get(kind="skipped")
    assert (kept.reason, kept.by and kept.by.username) == ("the bench was cleared", "wren")
    assert kept.at <= timezone.now()


def _brew(page: Page, ahead: int) -> None:
    """The first and the second day of the brew; the first is left in the middle and come back to."""
    if ahead == 1:
        expect(page.get_by_role("heading", name="Nobody told the day before")).to_be_visible()
        page.get_by_role("button", name="I have looked: go on").click()
    else:
        page.get_by_role("button", name="Done, next").click()
        expect(page.get_by_role("heading", name="Stir in the molasses")).to_be_visible()
        page.reload()
        raft = page.locator("section").filter(has_text="Living raft")
        raft.locator("li").filter(has_text="molasses").get_by_role("button", name="Brew it").click()
        expect(page.get_by_role("heading", name="Stir in the molasses")).to_be_visible()
    last = page.get_by_role("button", name="Done", exact=True)
    while not last.is_visible():
        page.get_by_role("button", name="Done, next").click()
    last.click()
    expect(page.get_by_role("button", name="Back to the list")).to_have_count(0)


@deep
@pytest.mark.django_db(transaction=True)
def test_the_three_days_of_a_living_tank(mix: Page) -> None:
    """Day 1 molasses, day 2 inoculant, day 3 feed and 1.5 L of the brew into 90 L (common practice)."""
    season = Season.objects.get(tank__name="Living raft")
    TimeLineEntry.objects.filter(tank=season.tank).delete()
    days = (
        (2, "1.5 L water, 2.3 mL molasses"), (1, "4.7 mL inoculant"), (0, "mix, "),
    )  # fmt: skip
    for ahead, words in days:
        Season.objects.filter(pk=season.pk).update(
            started_on=today_of(season.grow) + timedelta(days=ahead)
        )
        SeasonEntry.objects.filter(season=season).delete()
        mix.reload()
        show(mix, "Today")
        raft = mix.locator("section").filter(has_text="Living raft")
        due = raft.locator("li").filter(has_text="today").filter(has_text=words)
        expect(due).to_be_visible()
        if ahead:
            due.get_by_role("button", name="Brew it").click()
            _brew(mix, ahead)
            expect(due).to_have_count(0)
    cultures = raft.locator("li").filter(has_text="Mudlark")
    expect(cultures).to_contain_text("1503 mL Mudlark")  # as the chart prints it
    cultures.get_by_role("button", name="Brew it").click()
    mix.get_by_role("button", name="I have looked: go on").click()
    for words in ("Smell the bucket", "No peroxide", "Is the reservoir fed?"):
        expect(mix.get_by_role("heading", name=words)).to_be_visible()
        mix.get_by_role("button", name="Done, next").click()
    expect(mix.get_by_text("1503 mL", exact=True)).to_be_visible()
    mix.get_by_label("What goes in").fill("1500")
    calm(mix)
    mix.get_by_role("button", name="Done, next").click()
    mix.get_by_role("button", name="Done", exact=True).click()
    expect(mix.get_by_role("button", name="Back to the list")).to_have_count(0)
    expect(raft.get_by_text("1503 mL Mudlark")).to_have_count(0)
    poured = TimeLineEntry.objects.get(tank=season.tank, kind="pour")
    assert poured.values["amount"] == {"value": "1500", "unit": "mL"}
