"""A grow goes out, is wiped, comes in again, and is mixed to the same millilitre."""

from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from server.grows.models import Grow, Membership
from tests.journeys.test_course_journey import calm


def sheet(page: Page) -> list[str]:
    """What each ticket says."""
    expect(page.get_by_role("heading", name="Marram One")).to_be_visible()
    pours = page.get_by_role("region", name="Pours, in order").get_by_role("listitem")
    return [text.replace("\n", " ") for text in pours.all_inner_texts()]


@pytest.mark.django_db(transaction=True)
def test_export_wipe_import_the_same_sheet_to_the_millilitre(mix: Page, tmp_path: Path) -> None:
    Grow.objects.update(is_demo=False)
    Membership.objects.exclude(person__username="wren").delete()
    mix.reload()
    before = sheet(mix)
    assert len(before) > 3
    mix.get_by_role("button", name="wren").click()
    with mix.expect_download() as download:
        mix.get_by_role("link", name="Export Gullhouse Yard").click()
    assert download.value.suggested_filename.startswith("gullhouse-yard-")
    file = tmp_path / "yard.zip"
    download.value.save_as(file)
    calm(mix)

    mix.get_by_role("button", name="Remove this grow for good").click()
    calm(mix)
    remove = mix.get_by_role("button", name="Remove Gullhouse Yard for good")
    mix.get_by_label("To remove it, type").fill("Gullhouse")
    mix.keyboard.press("Enter")
    assert Grow.objects.exists()
    mix.get_by_label("To remove it, type").fill("Gullhouse Yard")
    remove.click()
    expect(mix.get_by_role("heading", name="Nothing here yet")).to_be_visible()
    assert not Grow.objects.exists()

    spoilt = tmp_path / "spoilt.zip"
    spoilt.write_bytes(file.read_bytes()[:-1000])
    mix.get_by_label("Import a grow").set_input_files(spoilt)
    expect(mix.get_by_role("alert")).to_contain_text("no zip that can be read")
    mix.get_by_label("Import a grow").set_input_files(file)
    expect(mix.get_by_role("button", name="Take it to the bench")).to_be_visible()
    assert sheet(mix) == before
