"""What a grow of years costs beside the demo: each answer that is looked at, and its archive."""

import statistics
from collections.abc import Iterator
from io import BytesIO
from time import perf_counter
from zipfile import ZipFile

from django.conf import settings
from django.contrib.auth.models import User
from django.db import connection, transaction
from django.test import Client
from django.test.utils import CaptureQueriesContext
from django.utils import timezone

from server.archive.writing import archive_pieces
from server.demo.drawn_grow import FIVE_YEARS, draw_grow
from server.grows.demo_people import DEMO_PERSON
from server.grows.models import Grow
from server.guided.models import Mix
from server.routes import api
from server.seasons.models import Season
from server.shelf.models import Product

_ASKED = 5
_MOST_QUERIES, _MOST_TIMES = 10, 2


def looked_at(grow: Grow) -> Iterator[tuple[str, str]]:
    """Every address of a grow that is looked at, by its path in the document, and where it lies."""
    season = Season.objects.filter(grow=grow, ended_on=None).select_related("version", "tank")[0]
    product = Product.objects.filter(grow=grow)[0]
    mix = Mix.objects.filter(grow=grow).first()
    numbers = {
        "grow_id": grow.pk, "tank_id": season.tank_id, "water_id": season.tank.water_id,
        "product_id": product.pk, "chart_id": season.version.chart_id, "season_id": season.pk,
        "version_id": season.version_id, **({"mix_id": mix.pk} if mix else {}),
    }  # fmt: skip
    asked = {"waters": "?column=w1", "file": "?kind=csv"}
    for path, kinds in api.get_openapi_schema()["paths"].items():
        needs = {part.strip("{}") for part in path.split("/") if part.startswith("{")}
        last = path.rpartition("/")[2]
        if "get" not in kinds or "grow_id" not in needs or needs - set(numbers):
            continue
        if last not in ("archive", "brew", "compared"):
            yield path, path.format(**numbers) + (asked.get(last, "") if "versions" in path else "")


def cost_of(client: Client, path: str) -> tuple[int, float]:
    """Queries and ms of an answer, asked some times."""
    taken = []
    for _ in range(_ASKED):
        began = perf_counter()
        with CaptureQueriesContext(connection) as queries:
            client.get(path)
        taken.append(1000 * (perf_counter() - began))
    return len(queries), statistics.median(taken[1:])


def report() -> None:
    """Print what each answer costs; what was drawn for it is gone afterwards."""
    settings.ALLOWED_HOSTS.append("testserver")
    size = FIVE_YEARS
    print(
        f"a grow of {size.tanks} tanks, {size.tanks * size.readings} readings, {size.mixes} mixes, "
        f"{size.charts} charts, {size.bottles} bottles, {size.seasons} seasons"
    )
    with transaction.atomic():
        person = User.objects.get(username=DEMO_PERSON)
        client = Client()
        client.force_login(person)
        began = perf_counter()
        grow = draw_grow("years", person)
        with connection.cursor() as cursor:
            cursor.execute("ANALYZE")
        print(f"  drawn in {perf_counter() - began:.0f} s")
        print(f"  {'ms and queries of an answer':45}{'demo':>12}{'years':>12}")
        demo = dict(looked_at(Grow.objects.get(is_demo=True)))
        for path, where in looked_at(grow):
            short, long = (
                cost_of(client, demo[path]) if path in demo else (0, 0.0),
                cost_of(client, where),
            )
            name = path.removeprefix("/api/grows/{grow_id}") or "/"
            print(f"  {name:45}{short[1]:8.0f}{short[0]:4}{long[1]:8.0f}{long[0]:4}")
        _archive(grow)
        transaction.set_rollback(True)
    print(
        f"  (to reach: at most {_MOST_QUERIES} queries, and {_MOST_TIMES} times for as many things)"
    )


def _archive(grow: Grow) -> None:
    began = perf_counter()
    made = BytesIO()
    for piece in archive_pieces(grow, timezone.now()):
        made.write(piece)
    taken = perf_counter() - began
    with ZipFile(made) as archive:
        unpacked = sum(one.file_size for one in archive.infolist())
    print(
        f"  its archive is written in {taken:.0f} s: {made.tell() / 1e6:.1f} MB, "
        f"{unpacked / 1e6:.0f} MB unpacked"
    )
