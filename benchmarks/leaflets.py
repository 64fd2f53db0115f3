"""How fast a large leaflet is understood, in core, headless and in a browser; a large library."""

import json
import statistics
import subprocess
import sys
import tempfile
from collections import Counter
from pathlib import Path
from time import perf_counter

from django.test import Client
from playwright.sync_api import sync_playwright

from benchmarks.pages import CHROMIUM_FLAGS
from benchmarks.serving import running_server
from core.formats import FeedChart
from core.formats.leaflets.reading import TableOptions, draft_of_rows
from core.leaflet.drawn import Outcome, draw_leaflet, read_as_a_person
from core.tables import rows_of_text
from server.charts.models import Chart, ChartVersion
from server.grows.models import Grow, Membership

_COLUMNS, _BOTTLES = 24, 60
_LARGE = "\n".join(
    [
        "all doses in mL per litre",
        "\t" + "\t".join(f"Week {n + 1}" for n in range(_COLUMNS)),
        *(
            f"Bottle {row} tonic\t" + "\t".join(str((row + n) % 9 + 1) for n in range(_COLUMNS))
            for row in range(_BOTTLES)
        ),
    ]
)

_PASTE = """
async (text) => {
  const data = new DataTransfer();
  data.setData('text/plain', text);
  const area = document.querySelector('textarea');
  const began = performance.now();
  const told = {clipboardData: data, bubbles: true, cancelable: true};
  area.dispatchEvent(new ClipboardEvent('paste', told));
  while (!document.querySelector('.found'))
    await new Promise((next) => requestAnimationFrame(next));
  return performance.now() - began;
}
"""

_KEYS = """
async (keys) => {
  const taken = [];
  for (const key of keys) {
    const began = performance.now();
    document.activeElement.dispatchEvent(
      new KeyboardEvent('keydown', {key, bubbles: true, cancelable: true}));
    await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
    taken.push(performance.now() - began);
    await new Promise((next) => setTimeout(next, 300));
  }
  return taken;
}
"""


def _core() -> float:
    rows, taken = rows_of_text(_LARGE), []
    for _ in range(5):
        began = perf_counter()
        draft_of_rows(rows, TableOptions())
        taken.append(perf_counter() - began)
    return statistics.median(taken) * 1000


def _headless() -> float:
    with tempfile.NamedTemporaryFile(suffix=".csv") as file:
        Path(file.name).write_text(_LARGE)
        began = perf_counter()
        subprocess.run([sys.executable, "-m", "core.headless", "read", file.name],
                       check=True, capture_output=True)  # fmt: skip
        return (perf_counter() - began) * 1000


def _browser() -> tuple[float, float]:
    """Medians: from a paste to what was understood of it, and from a key press to its frame."""
    with running_server() as port, sync_playwright() as playwright:
        browser = playwright.chromium.launch(
            executable_path="/usr/bin/chromium", args=CHROMIUM_FLAGS
        )
        page = browser.new_page(viewport={"width": 1280, "height": 800})
        page.goto(f"http://127.0.0.1:{port}")
        page.get_by_role("button", name="Look around the demo yard").click()
        page.get_by_role("button", name="Bring in a leaflet").first.click()
        pastes = []
        for _ in range(5):
            page.get_by_label("The leaflet’s table").wait_for()
            pastes.append(page.evaluate(_PASTE, _LARGE))
            page.get_by_role("button", name="Back to the text").click()
        page.evaluate(_PASTE, _LARGE)
        page.get_by_role("button", name="Go on with it").click()
        page.get_by_role("grid").wait_for()
        page.wait_for_timeout(1500)
        keys = page.evaluate(_KEYS, ["ArrowRight", "ArrowDown", "=", "ArrowLeft"] * 5)
        browser.close()
        return statistics.median(pastes), statistics.median(keys)


def _library() -> list[float]:
    """Medians of the library's first page with 50 charts, and with 5 000."""
    demo = Grow.objects.get(is_demo=True)
    grow = Grow.objects.create(name="Library", is_demo=True)
    member = Membership.objects.filter(grow=demo)[0].person
    Membership.objects.create(grow=grow, person=member)
    one = ChartVersion.objects.filter(grow=demo)[0]
    document = json.loads(FeedChart.model_validate(one.document).model_dump_json(exclude_none=True))
    client, found, known = Client(headers={"host": "localhost"}), [], 0
    client.force_login(member)
    for many in (50, 5000):
        charts = Chart.objects.bulk_create(
            Chart(grow=grow, name=f"Chart {n}") for n in range(known, many)
        )
        ChartVersion.objects.bulk_create(
            ChartVersion(grow=grow, chart=chart, number=1, document=document) for chart in charts
        )
        known, taken = many, []
        for _ in range(6):
            began = perf_counter()
            answer = client.get(f"/api/grows/{grow.pk}/library")
            taken.append((perf_counter() - began) * 1000)
            assert answer.status_code == 200
        found.append(statistics.median(taken[1:]))
    grow.delete()
    return found


_DRAWN = 2000


def _law() -> None:
    """How many drawn leaflets were read as the chart that they mean, asked about, or wrong."""
    found = Counter(read_as_a_person(draw_leaflet(seed))[0] for seed in range(_DRAWN))
    counts = ", ".join(f"{found[one]} {one}" for one in Outcome)
    print(f"{_DRAWN} drawn leaflets: {counts}     (to reach: 0 wrong)")


def report() -> None:
    """Print the figures."""
    _law()
    paste, key = _browser()
    few, many = _library()
    print(f"a leaflet of {_BOTTLES} bottles by {_COLUMNS} weeks")
    print(f"  understood by core              {_core():8.1f} ms")
    print(f"  ./brisk read, its start too     {_headless():8.1f} ms     (to reach: under 1000)")
    print(f"  pasted and shown, browser       {paste:8.1f} ms     (to reach: under 300)")
    print(f"  a key press on its sheet        {key:8.1f} ms     (to reach: under 50)")
    print(f"  library, page of 50 charts      {few:8.1f} ms")
    print(f"  library, page of 5 000          {many:8.1f} ms     ({many / few:.1f} times)")
