"""Two instances on one database: each sees at once what the other kept, and one may be killed."""

import json
import os
import signal
import subprocess
import sys
from collections.abc import Iterator
from contextlib import closing, contextmanager
from http.client import HTTPConnection
from itertools import cycle
from pathlib import Path
from typing import Any

import pytest
from django.conf import settings
from django.db import connection

from server.demo.scenario import load_scenario
from server.grows.models import Grow
from server.guided.models import MixEvent
from tests.ports import free_port
from tests.server.at_the_bench import START, event
from tests.server.conftest import Yard, demo_yard

ROOT = Path(__file__).parents[2]


class Instance:
    """A web server of its own on the test's database."""

    def __init__(self, session: str) -> None:
        self.port = free_port()
        self.session = session
        at = connection.settings_dict
        database = (
            f"postgres://{at['USER']}:{at['PASSWORD']}@{at['HOST']}:{at['PORT']}/{at['NAME']}"
        )
        words = ["-m", "gunicorn", "server.wsgi:application", "--workers", "1",
                 "--bind", f"127.0.0.1:{self.port}"]  # fmt: skip
        env = {**os.environ, "DATABASE_URL": database, "BRISK_MODE": "demo",
               "BRISK_SECRET_KEY": settings.SECRET_KEY, "PYTHONPATH": str(ROOT)}  # fmt: skip
        self.process = subprocess.Popen(
            [sys.executable, *words], env=env, cwd=ROOT, start_new_session=True,
            stdout=subprocess.DEVNULL, stderr=subprocess.PIPE, text=True,
        )  # fmt: skip
        assert self.process.stderr is not None
        for line in self.process.stderr:  # it says when it serves
            if "Booting worker" in line:
                break

    def ask(self, method: str, path: str, body: object = None, **headers: str) -> tuple[int, Any]:
        """Ask as the member whose session it is; a killed instance raises."""
        token = "a" * 32
        sent = {"Cookie": f"sessionid={self.session}; csrftoken={token}", "X-CSRFToken": token,
                "Content-Type": "application/json", **headers}  # fmt: skip
        with closing(HTTPConnection("127.0.0.1", self.port, timeout=30)) as line:
            line.request(method, path, json.dumps(body), sent)
            answer = line.getresponse()
            return answer.status, json.loads(answer.read())

    def kill(self) -> None:
        """End it as a machine ends that loses its power."""
        os.killpg(self.process.pid, signal.SIGKILL)
        self.process.wait()
        if self.process.stderr is not None:
            self.process.stderr.close()


@contextmanager
def instances(yard: Yard) -> Iterator[list[Instance]]:
    """Two of them."""
    session = yard.client.cookies["sessionid"].value
    made = [Instance(session) for _ in range(2)]
    try:
        yield made
    finally:
        for one in made:
            if one.process.poll() is None:
                one.kill()


@pytest.mark.django_db(transaction=True)
def test_two_instances_agree_and_one_is_killed_without_a_loss() -> None:
    if not Grow.objects.filter(is_demo=True).exists():
        load_scenario()
    yard = demo_yard()
    at = f"/api/grows/{yard.grow.pk}"
    with instances(yard) as (one, other):
        # an edit, a reading of the water and a season, each kept by one and seen by the other
        assert one.ask("GET", f"{at}/tanks")[1] == other.ask("GET", f"{at}/tanks")[1]
        plan = yard.mix(column="w5", volume="425 L")
        before = other.ask("POST", f"{at}/mix", plan)[1]["sheet"]["pours"]
        assert one.ask("PATCH", f"{at}/tanks/{yard.tank.pk}", {"name": "Gutters"})[0] == 200
        assert "Gutters" in [tank["name"] for tank in other.ask("GET", f"{at}/tanks")[1]["items"]]
        assert one.ask("PUT", f"{at}/order-preferences", {
            "calmag": "after_base", "live": "first", "rows": "chemistry", "silica": "before_buffer",
        })[0] == 200  # fmt: skip
        turned = [each.ask("POST", f"{at}/mix", plan)[1]["sheet"]["pours"] for each in (one, other)]
        assert turned[0] == turned[1] != before
        # a reading that is told again elsewhere, since the first answer was lost
        for each in (one, other):
            told = {"ec": "1.4"}
            where = f"{at}/tanks/{yard.tank.pk}/readings"
            assert each.ask("POST", where, told, Once="lost-answer")[0] == 201
        # a mix at both, and one of them ends in the midst of it
        status, bench = one.ask("POST", f"{at}/mixes", yard.mix(**START))
        assert status == 201, bench
        told_ids = []
        for number, each in zip(range(12), cycle((one, other))):
            if number == 6:
                one.kill()
            step = bench["steps"][bench["now"]]
            done = event("skipped", step["id"])
            told_ids.append(done["id"])
            where = f"{at}/mixes/{bench['id']}/events"
            try:
                status, bench = each.ask("POST", where, {"events": [done]})
            except OSError:
                status, bench = other.ask("POST", where, {"events": [done]})
            assert status == 200, bench
        kept = MixEvent.objects.filter(mix=bench["id"]).order_by("pk")
        assert list(kept.values_list("client_id", flat=True)) == told_ids
    readings = yard.tank.entries.filter(kind="reading", values__ec__value="1.4", mix=None)
    assert readings.count() == 1
