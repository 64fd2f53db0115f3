"""Phones at the bench, each with a clock of its own, and a server whose clock goes on with them."""

from dataclasses import dataclass, field
from datetime import datetime, timedelta

from django.utils import timezone
from playwright.sync_api import Browser, BrowserContext, Page, expect

from server.grows.demo_people import DEMO_PASSWORD, DEMO_PERSON
from server.guided.models import MixEvent

TIMED = ("stir", "wait", "settle")
ASKS_AGAIN_MS = 100
MOST_TURNS = 200
"""Presses and tens of seconds after which a walk is lost."""


def _are_one_line(page: Page, *buttons: str) -> None:
    """What leaves the bench stands in one line above it: the space below is the step's."""
    boxes = [page.get_by_role("button", name=name).bounding_box() for name in buttons]
    assert len({box["y"] for box in boxes if box}) == 1


def start(page: Page) -> None:
    """From the demo's first tank to its bench."""
    page.set_viewport_size({"width": 390, "height": 844})
    page.get_by_role("button", name="Take it to the bench").tap()
    expect(page.get_by_role("heading", name="Fill to the mark")).to_be_visible()
    _are_one_line(page, "‹ Mix", "Done so far", "Night")


def at(page: Page) -> str:
    """The step on screen."""
    page.locator("main.screen[data-step]").wait_for()
    return page.locator("main.screen").get_attribute("data-step") or ""


class ServerClock:
    """The server's clock, wound on with those of phones."""

    def __init__(self) -> None:
        self.wound = timedelta()
        self._real = timezone.now

    def now(self) -> datetime:
        """What the server takes for the time."""
        return self._real() + self.wound


SERVER_CLOCK = ServerClock()


def wind(seconds: float, *pages: Page) -> None:
    """Let time pass on the server and on phones; what they are asking meanwhile is cut off."""
    SERVER_CLOCK.wound += timedelta(seconds=seconds)
    for page in pages:
        page.clock.fast_forward(int(1000 * seconds))


@dataclass
class Phones:
    """Phones in a browser, at the address of a server."""

    browser: Browser
    url: str
    contexts: list[BrowserContext] = field(default_factory=list)

    def open(
        self,
        name: str = DEMO_PERSON,
        *,
        url: str = "",
        script: str = "",
        off: timedelta = timedelta(),
    ) -> Page:
        """Somebody signs in on a phone whose clock may be off, and can be wound on."""
        context = self.browser.new_context(viewport={"width": 390, "height": 844}, has_touch=True)
        self.contexts.append(context)
        if script:
            context.add_init_script(script)
        page = context.new_page()
        page.clock.install(time=SERVER_CLOCK.now() + off)
        page.goto(url or self.url)
        page.get_by_label("Name").fill(name)
        page.get_by_label("Password").fill(DEMO_PASSWORD)
        page.get_by_role("button", name="Sign in", exact=True).tap()
        page.get_by_role("button", name="Sign out").wait_for()
        return page


def other_than(page: Page, step: str) -> None:
    """Wait until another step, or none, is on screen."""
    page.wait_for_function(
        "step => document.querySelector('main.screen')?.dataset.step !== step", arg=step
    )


def settled(page: Page) -> None:
    """Wait until a thumb that was on its way when the screen changed is over."""
    page.wait_for_function(
        "() => document.querySelector('main.screen .press')?.getAttribute('aria-disabled') !== 'true'"
    )


def shows(page: Page, step: str) -> None:
    """Wait until a phone shows a step that another one has come to.

    It asks as its clock goes on: winding that would cut off each question that is under way.
    """
    page.wait_for_function(
        "step => document.querySelector('main.screen')?.dataset.step === step", arg=step
    )


def is_told(page: Page, step: str) -> None:
    """Wait until the server has heard of a step, which a phone tells as its clock goes on."""
    for _ in range(MOST_TURNS):
        if MixEvent.objects.filter(step=step).exists():
            return
        page.wait_for_timeout(ASKS_AGAIN_MS)
    raise AssertionError(f"nobody told of {step}")


READ = {"read-water": "0.52", "temperature": "20"}


def go_on(page: Page, step: str | None = None) -> int:
    """Do what the screen says; a time is let pass. How many presses that took, besides readings.

    With `step` what was on screen when somebody looked: a time may be over by itself since.
    """
    step = step or at(page)
    kind = step.partition("-")[0]
    if kind in TIMED:
        wind(10, page)
        return 0
    reads = kind in ("read", "temperature")
    if reads:
        figure = "5.9" if "ph" in step else READ.get(step, "1.82")
        page.locator("main input").fill(figure)
    settled(page)
    page.locator("main.screen .press").tap()
    other_than(page, step)
    return 0 if reads else 1


def go_to(page: Page, step: str) -> None:
    """Go on until a step is on screen."""
    for _ in range(MOST_TURNS):
        here = at(page)
        if here == step:
            return
        go_on(page, here)
    raise AssertionError(f"{at(page)} stands where {step} should")
