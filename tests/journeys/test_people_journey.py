"""A second person is let in by a link, mixes, and puts nothing away."""

import pytest
from django.contrib.auth.models import User
from playwright.sync_api import Browser, Page, expect
from pytest_django.live_server_helper import LiveServer

from server.grows.models import Grow, Membership
from server.tanks.models import Tank
from tests.journeys.test_course_journey import calm, show

PASSWORD = "sea-lavender-and-rain"


@pytest.mark.django_db(transaction=True)
def test_a_second_person_is_let_in_who_mixes_and_puts_nothing_away(
    mix: Page, browser: Browser, live_server: LiveServer
) -> None:
    # the demo's own people stay as they are: this yard is no demo's any more
    Grow.objects.update(is_demo=False)
    mix.reload()
    mix.get_by_role("button", name="wren").click()
    expect(mix.get_by_role("heading", name="Who works here")).to_be_visible()
    expect(mix.get_by_text("Leave this grow")).to_be_visible()
    mix.get_by_role("button", name="Create the link").click()
    link = mix.get_by_label("The link").input_value()
    assert link.startswith(live_server.url)
    calm(mix)

    context = browser.new_context()
    other = context.new_page()
    other.goto(link)
    expect(other.get_by_text("wren invites you to")).to_contain_text("Gullhouse Yard as mixer")
    other.get_by_label("Your name here").fill("tern")
    other.get_by_label("A password of 8 letters or more").fill("short")
    other.get_by_role("button", name="Join", exact=True).click()
    expect(other.get_by_role("alert")).to_contain_text("too short")
    other.get_by_label("A password of 8 letters or more").fill(PASSWORD)
    other.get_by_role("button", name="Join", exact=True).click()
    expect(other.get_by_role("button", name="Take it to the bench")).to_be_visible()
    member = Membership.objects.get(person=User.objects.get(username="tern"))
    assert member.role == "mixer"
    show(other, "Tank")
    other.get_by_role("button", name="Archive", exact=True).click()
    other.get_by_role("button", name="Yes, archive Strawberry gutters").click()
    expect(other.get_by_role("alert")).to_contain_text("Your role here is mixer")
    assert not Tank.objects.exclude(archived_at=None).exists()
    context.close()

    # a phone with it on its screen opens at what the day asks for
    manifest = mix.request.get(f"{live_server.url}/static/manifest.webmanifest").json()
    mix.goto(f"{live_server.url}{manifest['start_url']}")
    expect(mix.get_by_role("button", name="Daily round")).to_be_visible()

    # the link is no longer valid, for whoever finds it
    stranger = browser.new_context().new_page()
    stranger.goto(link)
    expect(stranger.get_by_role("alert")).to_contain_text("This link is no longer valid")
    stranger.context.close()

    mix.get_by_role("button", name="wren").click()
    mix.get_by_role("button", name="Remove tern").click()
    mix.get_by_role("button", name="Yes, remove tern").click()
    expect(mix.get_by_role("button", name="Remove tern")).to_have_count(0)
    assert not Membership.objects.filter(person__username="tern").exists()
