"""What the first load weighs, and how fast a key press shows in the browser."""

import gzip
import json
import statistics
from pathlib import Path

from playwright.sync_api import Page, sync_playwright

from benchmarks.serving import running_server

_DIST = Path(__file__).resolve().parent.parent / "web" / "dist"
CHROMIUM_FLAGS = [
    "--no-sandbox", "--disable-gpu", "--disable-background-networking",
    "--disable-component-update", "--disable-sync", "--no-first-run",
]  # fmt: skip
_PRESSES = 40

# From a key press in the volume to the frame in which the tickets show other figures.
_MEASURE = """
async (times) => {
  const field = document.querySelector('[aria-label="Volume"]');
  const figures = () => document.querySelector('main ol').textContent;
  const taken = [];
  field.focus();
  for (let press = 0; press < times; press++) {
    const before = figures();
    const began = performance.now();
    field.dispatchEvent(new KeyboardEvent('keydown', {key: 'ArrowUp', bubbles: true}));
    for (let frame = 0; frame < 600 && figures() === before; frame++)
      await new Promise((next) => requestAnimationFrame(next));
    taken.push(performance.now() - began);
  }
  return taken;
}
"""


# From a press at the bench to the frame in which another step is on screen; network or not.
_PRESS = """
async (times) => {
  const taken = [];
  const step = () => document.querySelector('main.screen')?.dataset.step;
  for (let press = 0; press < times; press++) {
    // A press on a step that has only just come is a thumb's second, and counts for nothing.
    await new Promise((next) => setTimeout(next, 550));
    const before = step();
    const button = document.querySelector('button.press');
    const began = performance.now();
    if (press % 2) [...document.querySelectorAll('footer button')][0].click();
    else button.click();
    for (let frame = 0; frame < 600 && step() === before; frame++)
      await new Promise((next) => requestAnimationFrame(next));
    taken.push(performance.now() - began);
  }
  return taken;
}
"""


def _press_on(page: Page) -> tuple[float, float]:
    """Medians of pressing on and back at the bench: with network, and without."""
    page.get_by_role("button", name="Take it to the bench").click()
    page.get_by_role("heading", name="Fill to the mark").wait_for()
    page.evaluate(_PRESS, 4)
    with_network = statistics.median(page.evaluate(_PRESS, _PRESSES))
    page.context.set_offline(True)
    without = statistics.median(page.evaluate(_PRESS, _PRESSES))
    page.context.set_offline(False)
    return with_network, without


def _first_files() -> set[str]:
    """Script and style that the first page cannot do without, with what they import."""
    chunks = json.loads((_DIST / "manifest.json").read_text())
    wanted, files, seen = ["src/main.ts"], set[str](), set[str]()
    while wanted:
        name = wanted.pop()
        if name in seen:
            continue
        seen.add(name)
        files |= {chunks[name]["file"], *chunks[name].get("css", ())}
        wanted += chunks[name].get("imports", ())
    return files


def _weigh() -> None:
    code = sum(len(gzip.compress((_DIST / file).read_bytes())) for file in _first_files()) / 1000
    fonts = sum(file.stat().st_size for file in _DIST.glob("assets/*.woff2")) / 1000
    print("first load")
    print(f"  script and style, gzip          {code:8.1f} kB     (to reach: at most 120)")
    print(f"  fonts                           {fonts:8.1f} kB     (to reach: at most 120)")


def _press_keys(page: Page, port: int) -> list[float]:
    page.goto(f"http://127.0.0.1:{port}/")
    page.get_by_role("button", name="Look around the demo yard").click()
    page.get_by_role("list").get_by_text("Glasswort").wait_for()
    page.evaluate(_MEASURE, 5)
    taken: list[float] = page.evaluate(_MEASURE, _PRESSES)
    return taken


def report() -> None:
    """Print the figures of the front end."""
    _weigh()
    with running_server() as port, sync_playwright() as playwright:
        browser = playwright.chromium.launch(
            executable_path="/usr/bin/chromium", args=CHROMIUM_FLAGS
        )
        page = browser.new_page(viewport={"width": 1280, "height": 800})
        taken = _press_keys(page, port)
        online, offline = _press_on(page)
        browser.close()
    print("key press to new figures, in the browser")
    print(f"  median                          {statistics.median(taken):8.1f} ms     "
          "(to reach: under 100)")  # fmt: skip
    print(f"  slowest of {_PRESSES}                   {max(taken):8.1f} ms")
    print("a press at the bench to the next step on screen")
    print(f"  median with network             {online:8.1f} ms     (to reach: under 100)")
    print(f"  median without network          {offline:8.1f} ms     (to reach: under 100)")
