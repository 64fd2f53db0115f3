"""A bottle is received, opened, used up by a mix, and warned of before it runs out."""

import pytest
from playwright.sync_api import Page, expect

from server.grows.models import Grow
from server.shelf.models import Bottle, Product, StockEntry
from tests.journeys.test_course_journey import calm, show
from tests.journeys.test_mix_journey import ticket
from tests.lanes import deep


@pytest.mark.django_db(transaction=True)
def test_a_bottle_is_received_used_up_and_warned_of_before_it_runs_out(mix: Page) -> None:
    show(mix, "Shelf")
    mix.get_by_role("button", name="Wrack").first.click()
    bottles = mix.get_by_role("region", name="Bottles of Wrack")
    left = mix.get_by_label("Left in the bottle or bag")
    left.fill("60")
    left.blur()
    expect(mix.get_by_text("✓ kept")).to_be_visible()
    bottles.get_by_role("button", name="Add bottles received").click()
    bottles.get_by_label("What one holds").fill("40")
    bottles.get_by_label("batch").fill("L7")
    calm(mix)
    bottles.get_by_role("button", name="Add to the shelf").click()
    expect(bottles.get_by_text("take this one first")).to_have_count(1)
    bottles.get_by_role("listitem").filter(has_text="batch L7").get_by_role(
        "button", name="Opened today"
    ).click()
    expect(bottles.get_by_role("listitem").first).to_contain_text("L7")
    expect(bottles.get_by_role("listitem").first).not_to_contain_text("not opened")
    expect(left).to_be_hidden()
    assert Bottle.objects.filter(batch="L7").exclude(opened_on=None).exists()

    # 100 mL stand here: a mix that takes more is stopped before it is begun
    show(mix, "Mix")
    expect(ticket(mix, "Wrack")).to_be_visible()
    mix.get_by_label("Volume").fill("3000 L")
    mix.get_by_label("Volume").blur()
    expect(mix.get_by_role("heading", name="Not enough left").first).to_be_visible()

    show(mix, "Shelf")
    mix.get_by_role("button", name="Wrack").first.click()
    opened = bottles.get_by_role("listitem").first
    opened.get_by_role("button", name="Discard …").click()
    opened.get_by_label("Why?").fill("moulds")
    opened.get_by_role("button", name="Discard", exact=True).click()
    expect(bottles.get_by_text("batch L7")).to_have_count(0)
    bottles.get_by_text("Stock history").click()
    expect(bottles.get_by_text("thrown away")).to_contain_text("moulds, wren")
    assert StockEntry.objects.filter(reason="moulds").count() == 1
    calm(mix)

    # a label is typed as it is printed
    mix.get_by_role("button", name="Scour").click()
    grade = mix.get_by_label("The three figures on its front")
    grade.fill("4-2-6")
    grade.blur()
    expect(mix.get_by_label("K₂O").first).to_have_value("6")
    expect(mix.get_by_label("total N")).to_have_value("4")


@deep
@pytest.mark.django_db(transaction=True)
def test_a_shelf_of_many_is_looked_through_by_words(mix: Page) -> None:
    grow = Grow.objects.get(name="Gullhouse Yard")
    Product.objects.bulk_create(
        Product(grow=grow, name=f"Sample {n}", maker="Reed & Co", role="additive", tag=f"{n:03}")
        for n in range(120)
    )
    show(mix, "Shelf")
    rows = mix.get_by_label("Products").get_by_role("listitem")
    find = mix.get_by_label("Find a product")
    expect(find).to_be_visible()
    few = rows.count()
    mix.get_by_role("button", name="Show more products").click()
    expect(rows).not_to_have_count(few)
    calm(mix)
    find.fill("sample 119")
    expect(rows.filter(has_text="Sample")).to_have_count(1)
    mix.get_by_role("button", name="Sample 119").click()
    expect(mix.get_by_role("heading", name="Sample 119")).to_be_visible()
    find.fill("nothing of the kind")
    expect(mix.get_by_text("No product matches.")).to_be_visible()
    # what is new stands at the end of a long list: it is shown all the same
    mix.get_by_role("button", name="Add a product").click()
    mix.get_by_label("Name", exact=True).fill("Sedge")
    mix.get_by_role("button", name="Add this product").click()
    expect(mix.get_by_role("heading", name="Sedge")).to_be_visible()
    assert Product.objects.get(grow=grow, name="Sedge").tag == "Se"
