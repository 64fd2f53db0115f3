"""How many queries one recompute takes, with the chart in memory and without."""

from django.conf import settings
from django.contrib.auth.models import User
from django.db import connection
from django.test import Client
from django.test.utils import CaptureQueriesContext

from server.charts.models import ChartVersion
from server.charts.store import charts_in_memory
from server.grows.demo_people import DEMO_PERSON
from server.tanks.models import Tank


def report() -> None:
    """Print the number of queries."""
    settings.ALLOWED_HOSTS.append("testserver")
    client = Client()
    client.force_login(User.objects.get(username=DEMO_PERSON))
    tank = Tank.objects.select_related("chart").order_by("position")[0]
    version = ChartVersion.objects.filter(chart=tank.chart).order_by("-number")[0]
    body = {
        "tank": tank.pk, "water": tank.water_id, "chart": version.pk, "column": "w5",
        "volume": "425 L", "strength": "80 %", "reading": "0.52",
    }  # fmt: skip
    counts = []
    for fresh in (True, False):
        if fresh:
            charts_in_memory.clear()
        with CaptureQueriesContext(connection) as queries:
            answer = client.post(
                f"/api/grows/{tank.grow_id}/mix", body, content_type="application/json"
            )
        assert answer.status_code == 200, answer.content
        counts.append(len(queries))
    print("queries per recompute")
    print(f"  first use of a chart            {counts[0]:8}        (to reach: at most 6)")
    print(f"  afterwards                      {counts[1]:8}")
