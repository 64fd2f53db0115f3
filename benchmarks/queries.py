"""How many queries one recompute takes, the first time, again, and with another chart."""

from django.conf import settings
from django.contrib.auth.models import User
from django.db import connection
from django.test import Client
from django.test.utils import CaptureQueriesContext

from server.charts.models import ChartVersion
from server.grows.demo_people import DEMO_PERSON
from server.tanks.models import Tank


def report() -> None:
    """Print the number of queries."""
    settings.ALLOWED_HOSTS.append("testserver")
    client = Client()
    client.force_login(User.objects.get(username=DEMO_PERSON))
    tank = Tank.objects.select_related("chart").order_by("position")[0]
    versions = ChartVersion.objects.filter(grow=tank.grow_id).order_by("-number")
    own = versions.filter(chart=tank.chart)[0]
    another = versions.exclude(chart=tank.chart)[0]
    counts = []
    for version in (own, own, another):
        body = {
            "tank": tank.pk, "water": tank.water_id, "version_id": version.pk,
            "column": version.document["columns"][0]["key"],
            "volume": "425 L", "strength": "80 %", "reading": "0.52",
        }  # fmt: skip
        with CaptureQueriesContext(connection) as queries:
            answer = client.post(
                f"/api/grows/{tank.grow_id}/mix", body, content_type="application/json"
            )
        assert answer.status_code == 200, answer.content
        counts.append(len(queries))
    print("queries per recompute")
    for said, found in zip(("first of a grow", "again", "another chart"), counts, strict=True):
        print(f"  {said:30}  {found:8}")
    print("  (to reach: at most 6 with a chart that is new, at most 3 again)")
