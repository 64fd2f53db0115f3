"""How fast seasons are planned, the day is listed, and a year is drawn and dragged."""

import json
import statistics
from dataclasses import replace
from datetime import timedelta
from pathlib import Path
from time import perf_counter

from django.contrib.auth.models import User
from django.db import connection
from django.test import Client
from django.test.utils import CaptureQueriesContext
from playwright.sync_api import sync_playwright

from benchmarks.pages import CHROMIUM_FLAGS
from benchmarks.serving import running_server
from core.course import Apart, CourseRequest, Happening, HappeningKind, TimingRule, plan_course
from core.formats.course_request import CourseRequestDocument
from server.grows.demo_people import DEMO_PERSON
from server.tanks.models import Tank

_EXAMPLE = Path(__file__).resolve().parent.parent / "docs/formats/course-request.example.json"
_TANKS, _PRODUCTS = 50, 14

# From the press that goes there to the frame in which the picture of a year stands.
_DRAWN = """
async (name) => {
  const button = [...document.querySelectorAll('nav button')].find((one) => one.innerText.includes(name));
  const began = performance.now();
  button.click();
  while (!document.querySelector('h1')?.innerText.includes(name))
    await new Promise((next) => requestAnimationFrame(next));
  await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
  return performance.now() - began;
}
"""  # noqa: E501

# Milliseconds between frames while the picture is moved by its key, one press a frame.
_FRAMES = """
async () => {
  const svg = document.querySelector('figure svg');
  svg.focus();
  for (let n = 0; n < 6; n++)
    svg.dispatchEvent(new KeyboardEvent('keydown', {key: '+', bubbles: true}));
  const taken = [];
  for (let n = 0; n < 60; n++) {
    const began = performance.now();
    const key = n % 20 < 10 ? 'ArrowLeft' : 'ArrowRight';
    svg.dispatchEvent(new KeyboardEvent('keydown', {key, bubbles: true}));
    await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
    taken.push(performance.now() - began);
  }
  return taken;
}
"""


def _season(weeks: int) -> CourseRequest:
    """A season with a rule for each product, each apart from the next."""
    document = CourseRequestDocument.model_validate(json.loads(_EXAMPLE.read_text()))
    asked = document.request()
    keys = [f"p{n}" for n in range(_PRODUCTS)]
    rules = tuple(
        TimingRule(key, every_days=7 + n, from_day=n, apart_from=(Apart(2, product=keys[n - 1]),))
        for n, key in enumerate(keys)
    )
    held = (Happening(asked.start, HappeningKind.HOLD),)
    until = asked.start + timedelta(weeks=weeks)
    return replace(asked, rules=rules, happened=held, until=until, harvest=None, waits_for=())


def _plan(tanks: int, weeks: int) -> float:
    asked = _season(weeks)
    began = perf_counter()
    for _ in range(tanks):
        plan_course(asked)
    return (perf_counter() - began) * 1000


def report() -> None:
    """Print the figures of seasons."""
    print(f"seasons of {_PRODUCTS} products, each with a rule")
    for tanks, weeks in ((_TANKS, 26), (_TANKS, 52)):
        print(f"  {tanks} tanks of {weeks} weeks          {_plan(tanks, weeks):8.0f} ms")
    print("  (to reach: at most 1000 ms for 26 weeks, and in proportion)")
    _report_day()
    _report_drawing()


def _report_day() -> None:
    client = Client()
    client.force_login(User.objects.get(username=DEMO_PERSON))
    grow = Tank.objects.order_by("position")[0].grow_id
    shiso = Tank.objects.get(grow=grow, name="Shiso raft").pk
    for name, path in (("today, six tanks", "today"), ("a year's course", f"tanks/{shiso}/course")):
        taken = []
        for _ in range(9):
            with CaptureQueriesContext(connection) as queries:
                began = perf_counter()
                assert client.get(f"/api/grows/{grow}/{path}").status_code == 200
                taken.append((perf_counter() - began) * 1000)
        middle = statistics.median(taken[1:])
        print(f"  {name:30}  {middle:8.1f} ms   {len(queries)} queries")


def _report_drawing() -> None:
    with running_server() as port, sync_playwright() as playwright:
        chromium = playwright.chromium.launch(
            executable_path="/usr/bin/chromium", args=CHROMIUM_FLAGS
        )
        page = chromium.new_page(viewport={"width": 1280, "height": 800})
        page.goto(f"http://127.0.0.1:{port}/")
        page.get_by_role("button", name="Look around the demo yard").click()
        page.get_by_role("button", name="Course", exact=True).click()
        page.locator("figure svg").wait_for()
        drawn = []
        for name in ("Shiso raft", "Nursery tray") * 4:
            taken = page.evaluate(_DRAWN, name)
            drawn += [taken] if name == "Shiso raft" else []
        page.evaluate(_DRAWN, "Shiso raft")
        frames = sorted(page.evaluate(_FRAMES))
        chromium.close()
    print(f"  a year drawn, with its request  {statistics.median(drawn):8.1f} ms   (at most 200)")
    middle, late = statistics.median(frames), frames[int(len(frames) * 0.95)]
    print(f"  moved, from frame to frame      {middle:8.1f} ms   p95 {late:.1f}   (to reach: 16.7)")
