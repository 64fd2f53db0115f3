"""A grower's own leaflet: from an empty grow to its first sheet, typed by keyboard, and as files."""

import re
from pathlib import Path

import pytest
from django.contrib.auth.models import User
from playwright.sync_api import Page, expect

from core.formats import FeedChart, document_of
from server.charts.models import Chart
from server.charts.store import add_version
from server.grows.models import Grow, Membership
from tests.journeys.test_mix_journey import AXE, CHART, see
from tests.lanes import deep

LEAFLET = "\n".join(
    [
        "Turnpool water culture",
        "All doses in mL per gallon",
        "\t" + "\t".join(f"Week {n}" for n in range(1, 13)),
        *(
            f"{name}\t" + "\t".join(str(dose) for _ in range(12))
            for name, dose in [
                ("Turnpool A", 4), ("Turnpool B", 4), ("Cal-mag", 2), ("Glass silica", "½"),
                ("Root tonic", 1), ("Scour enzymes", "1-2"), ("Late boost", 1), ("Mud bacteria", 1),
            ]
        ),
        "EC\t" + "\t".join("1.4" for _ in range(12)),
    ]
)  # fmt: skip


class Presses:
    """The keyboard, and how often it was pressed besides typing text."""

    def __init__(self, page: Page) -> None:
        self.page, self.count = page, 0

    def __call__(self, *keys: str) -> None:
        for key in keys:
            self.page.keyboard.press(key)
            self.count += 1

    def type(self, text: str) -> None:
        self.page.keyboard.insert_text(text)


def an_account(door: Page) -> None:
    person = User.objects.create_user("heron", password="long-legged-bird")
    grow = Grow.objects.create(name="Reed bed")
    Membership.objects.create(grow=grow, person=person)
    door.get_by_label("Name").fill("heron")
    door.get_by_label("Password").fill("long-legged-bird")
    door.get_by_role("button", name="Sign in").click()


def paste(page: Page, text: str) -> None:
    """What a paste of the browser does: the clipboard of a test run belongs to nobody."""
    page.evaluate(
        """text => {
          const data = new DataTransfer();
          data.setData('text/plain', text);
          const event = new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true });
          document.activeElement.dispatchEvent(event);
        }""",
        text,
    )


def cell(page: Page, row: str, column: int):  # type: ignore[no-untyped-def]
    line = page.get_by_role("row").filter(has=page.get_by_role("rowheader", name=row))
    return line.get_by_role("gridcell").nth(column)


@pytest.fixture
def leaflet(door: Page) -> Page:
    """The demo's Turnstone, opened."""
    door.get_by_role("button", name="Look around the demo yard").click()
    door.get_by_role("button", name="Charts", exact=True).click()
    door.get_by_role("button", name="Open Turnstone", exact=True).click()
    expect(door.get_by_role("grid", name="The leaflet")).to_be_focused()
    return door


def test_from_an_empty_grow_to_a_sheet_by_keyboard_alone(door: Page) -> None:
    """At most 60 presses besides text; a leaflet of 8 bottles by 12 weeks by paste."""
    an_account(door)
    expect(door.get_by_label("What it reads")).to_be_focused()
    press = Presses(door)
    press.type("0.5 EC")
    press("Enter")
    expect(door.get_by_label("Name of the tank")).to_be_focused()
    press.type("Tub")
    press("Tab")
    press.type("40 L")
    press("Enter")
    expect(door.get_by_role("button", name="Bring in my leaflet")).to_be_focused()
    press("Enter")
    expect(door.get_by_label("The leaflet’s table")).to_be_focused()
    paste(door, LEAFLET)
    expect(door.get_by_text("a UK gallon 4.546 L")).to_be_visible()
    press("Tab", "Enter")  # the US gallon is the first answer
    expect(door.get_by_text("You said: US gallon")).to_be_visible()
    expect(door.get_by_role("heading", name="8 bottles, 12 columns, 96 doses")).to_be_visible()
    expect(door.get_by_role("button", name="Go on with it")).to_be_focused()
    press("Enter")
    expect(door.get_by_role("grid")).to_be_focused()
    press("Control+s")
    expect(door.get_by_role("button", name="On to the pour sheet")).to_be_focused()
    press("Enter")
    # 4 mL in each of 40 L / 3.785411784 L, at the usual 50 %: 21.1 mL, on marks of half a mL.
    see(door, "Turnpool A", "21")
    assert press.count <= 60


def test_rows_that_may_be_anything_are_settled_by_keyboard_in_one_go(door: Page) -> None:
    an_account(door)
    door.get_by_role("button", name="Bring in my leaflet").click()
    expect(door.get_by_label("The leaflet’s table")).to_be_focused()
    rows = ["mL/L\tWeek 1\tWeek 2", "Skerry A\t2\t3", "Skerry B\t2\t3", "Kelpie\t1\t1"]
    paste(door, "\n".join([*rows, "P.H.\t5.8\t6.0", "Lichtstunden\t18\t12", "Bonito\t1\t1"]))
    expect(door.get_by_role("button", name="That is right")).to_be_focused()
    expect(door.get_by_role("button", name="Go on with it")).to_have_count(0)
    door.evaluate(AXE.read_text())
    found = door.evaluate("() => axe.run({runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']})")
    assert [(v["id"], [n["html"] for n in v["nodes"]]) for v in found["violations"]] == []
    press = Presses(door)
    press("Shift+Tab", "ArrowRight", "ArrowRight", "ArrowRight")  # Bonito is no bottle, but a note
    press("Enter")
    expect(door.get_by_role("heading", name="3 bottles, 2 columns, 6 doses")).to_be_visible()
    expect(door.get_by_role("button", name="Go on with it")).to_be_focused()


def test_several_tables_are_several_charts_one_after_the_other(door: Page) -> None:
    an_account(door)
    door.get_by_role("button", name="Bring in my leaflet").click()
    expect(door.get_by_label("The leaflet’s table")).to_be_focused()
    base = ["Week 1\tWeek 2", "Skerry A\t1\t2", "Skerry B\t1\t2"]
    grow, bloom = ([title, f"\t{base[0]}", *base[1:]] for title in ("GROW", "BLOOM"))
    paste(door, "\n".join(["All doses in mL/L", *grow, "", *bloom, "Tide boost\t1\t1"]))
    press = Presses(door)
    expect(door.get_by_role("button", name="Take all 2, one after the other")).to_be_focused()
    press("Enter")
    expect(door.get_by_role("heading", name="GROW: 2 bottles, 2 columns, 4 doses")).to_be_visible()
    expect(door.get_by_role("button", name="Go on with it")).to_be_focused()
    press("Enter")
    expect(door.get_by_role("grid")).to_be_focused()
    press("Control+s")
    expect(door.get_by_role("button", name="On to the next table: BLOOM")).to_be_focused()
    press("Enter")
    expect(door.get_by_role("heading", name="BLOOM: 3 bottles, 2 columns, 6 doses")).to_be_visible()
    expect(door.get_by_role("button", name="Go on with it")).to_be_focused()
    press("Enter")
    expect(door.get_by_role("grid")).to_be_focused()
    press("Control+s")
    expect(door.get_by_role("button", name="On to your tank")).to_be_focused()


def test_a_leaflet_is_typed_by_keyboard(door: Page) -> None:
    an_account(door)
    door.get_by_role("button", name="Bring in my leaflet").click()
    door.get_by_role("button", name="Type it on a blank sheet").click()
    press = Presses(door)
    expect(door.get_by_role("grid")).to_be_focused()
    for name in ("Skerry A", "Skerry B"):
        press("F2")
        press.type(name)
        press("Enter")
    press("Insert", "F2")
    press.type("Glass silica")
    press("Tab")
    door.keyboard.type("1/2")
    press("Tab", "=", "Home", "ArrowUp")
    expect(cell(door, "Glass silica", 0)).to_contain_text("1/2")
    expect(cell(door, "Glass silica", 1)).to_contain_text("1/2")
    # No unit was chosen: the cell says so, and no amount is shown.
    expect(cell(door, "Glass silica", 0)).to_contain_text("?")
    door.get_by_role("combobox", name="Unit of doses").click()
    door.get_by_role("option", name="mL/gal US", exact=True).click()
    # Half a mL in each of 100 L / 3.785411784 L at 100 %: silica is not scaled.
    expect(cell(door, "Glass silica", 0)).to_contain_text("13.2 mL")
    expect(door.get_by_role("rowheader", name="Glass silica")).to_contain_text("silica ·")
    expect(door.get_by_role("rowheader", name="Skerry A")).to_contain_text("part of a base")
    press("Control+z")
    door.get_by_role("grid").focus()
    press("Control+z", "Control+y")
    press("End")
    door.keyboard.type("9")
    press("Escape")
    expect(cell(door, "Skerry B", 3)).not_to_contain_text("9")
    press("Control+Shift+Delete")
    expect(door.get_by_role("row").first.get_by_role("gridcell")).to_have_count(3)
    press("Control+z")
    expect(door.get_by_role("row").first.get_by_role("gridcell")).to_have_count(4)


def test_an_xlsx_is_read_changed_and_taken_out_as_a_csv_that_is_the_same(
    leaflet: Page, tmp_path: Path
) -> None:
    with leaflet.expect_download() as fetched:
        leaflet.get_by_role("link", name="XLSX").click()
    book = tmp_path / "turnstone.xlsx"
    fetched.value.save_as(book)
    leaflet.get_by_role("button", name="Bring in a leaflet").click()
    leaflet.get_by_label("Choose a file").set_input_files(book)
    leaflet.get_by_role("button", name="Go on with it").click()
    leaflet.get_by_label("Name of the chart").fill("Turnstone, ours")
    cell(leaflet, "Frond", 2).dblclick()
    leaflet.get_by_role("textbox", name="Cell").fill("3-4")
    leaflet.keyboard.press("Enter")
    leaflet.get_by_role("button", name="Save as version 1").click()
    expect(leaflet.get_by_role("button", name="Save as version 2")).to_be_disabled()
    with leaflet.expect_download() as fetched:
        leaflet.get_by_role("link", name="CSV").click()
    table = tmp_path / "ours.csv"
    fetched.value.save_as(table)
    assert "# bottle" in table.read_text(encoding="utf-8-sig")
    leaflet.get_by_role("button", name="Bring in a leaflet").click()
    leaflet.get_by_label("Choose a file").set_input_files(table)
    leaflet.get_by_role("button", name="Go on with it").click()
    leaflet.get_by_label("Name of the chart").fill("Turnstone, again")
    expect(cell(leaflet, "Frond", 2)).to_contain_text("3-4")
    leaflet.get_by_role("button", name="Save as version 1").click()
    expect(leaflet.get_by_role("button", name="Save as version 2")).to_be_disabled()
    leaflet.get_by_role("combobox", name="Laid over it").click()
    leaflet.get_by_role("option", name="Turnstone, ours").click()
    expect(leaflet.locator("path.before")).to_have_count(7)
    ours, again = (
        leaflet.request.get(f"{leaflet.url.split('/g/')[0]}{path}").text()
        for path in _json_links(leaflet)
    )
    assert ours.replace("Turnstone, ours", "") == again.replace("Turnstone, again", "")


def _json_links(page: Page) -> list[str]:
    grow = page.url.split("/g/")[1].split("/")[0]
    found = page.request.get(
        f"{page.url.split('/g/')[0]}/api/grows/{grow}/library?search=Turnstone,"
    )
    cards = {card["name"]: card["version_id"] for card in found.json()["items"]}
    return [
        f"/api/grows/{grow}/chart-versions/{cards[f'Turnstone, {name}']}/file?kind=json"
        for name in ("ours", "again")
    ]


def test_a_version_is_kept_compared_and_a_broken_chart_is_not(
    leaflet: Page, tmp_path: Path
) -> None:
    cell(leaflet, "Keel", 3).click()
    leaflet.keyboard.type("9/5")
    leaflet.keyboard.press("Enter")
    expect(cell(leaflet, "Keel", 3)).to_contain_text("?")
    leaflet.keyboard.press("Control+s")
    expect(leaflet.get_by_role("alert")).to_contain_text("9/5 could be a fraction")
    leaflet.keyboard.press("ArrowUp")
    leaflet.keyboard.type("6")
    leaflet.keyboard.press("Enter")
    leaflet.get_by_role("button", name="Save as version 2").click()
    expect(leaflet.get_by_text("flower, Keel 4-5 → 6 mL/gal (US)")).to_be_visible()
    # Somebody else keeps a version meanwhile: what is typed here stays, and goes on top on purpose.
    chart = Chart.objects.get(name="Turnstone", grow__is_demo=True)
    newest = chart.versions.get(number=2)
    add_version(chart, document_of(FeedChart, newest.document))
    cell(leaflet, "Keel", 3).click()
    leaflet.keyboard.type("7")
    leaflet.keyboard.press("Enter")
    leaflet.get_by_role("button", name="Save as version 3").click()
    expect(leaflet.get_by_role("alert")).to_contain_text("Somebody saved version 3")
    expect(cell(leaflet, "Keel", 3)).to_contain_text("7")
    leaflet.get_by_role("button", name="Save as version 4").click()
    expect(leaflet.get_by_text("flower, Keel 6 → 7 mL/gal (US)")).to_be_visible()
    leaflet.get_by_label("Lay a photograph of the leaflet beside it").set_input_files(
        Path(__file__).parents[2] / "docs" / "screenshots" / "start.png"
    )
    leaflet.get_by_role("button", name="Save as version 5").click()
    expect(leaflet.get_by_role("button", name="Save as version 6")).to_be_disabled()
    leaflet.reload()
    expect(leaflet.get_by_alt_text("The leaflet as photographed")).to_be_visible()
    leaflet.get_by_role("button", name="Bring in a leaflet").click()
    broken = tmp_path / "broken.json"
    broken.write_text(CHART.read_text().replace('"tsp/gal_us"', '"g/L"'))
    leaflet.get_by_label("Choose a file").set_input_files(broken)
    expect(leaflet.get_by_role("alert")).to_contain_text("Row Marram One, column Week 1")


@pytest.mark.parametrize("size", [(1280, 800), pytest.param((390, 844), marks=deep)])
def test_charts_leaflet_and_preview_are_accessible(leaflet: Page, size: tuple[int, int]) -> None:
    leaflet.set_viewport_size({"width": size[0], "height": size[1]})

    def violations() -> list[tuple[str, list[str]]]:
        leaflet.evaluate(AXE.read_text())
        found = leaflet.evaluate("() => axe.run()")["violations"]
        return [(v["id"], [n["html"][:120] for n in v["nodes"][:3]]) for v in found]

    expect(leaflet.get_by_role("heading", name="What it feeds")).to_be_visible()
    assert violations() == []
    assert leaflet.evaluate("document.documentElement.scrollWidth") <= size[0]
    leaflet.get_by_role("button", name="Charts", exact=True).click()
    expect(leaflet.get_by_role("heading", name="Marram", exact=True)).to_be_visible()
    assert violations() == []
    leaflet.get_by_role("button", name="Bring in a leaflet").last.click()
    leaflet.get_by_label("The leaflet’s table").fill(LEAFLET)
    assert violations() == []
    leaflet.get_by_role("button", name="Read it").click()
    expect(leaflet.get_by_role("heading", name=re.compile("8 bottles"))).to_be_visible()
    assert violations() == []
    assert leaflet.evaluate("document.documentElement.scrollWidth") <= size[0]
