"""The recompute request under load, beside the emptiest signed-in request."""

import http.client
import json
import os
import socket
import statistics
import subprocess
import sys
import time
from collections.abc import Callable, Iterator
from concurrent.futures import ThreadPoolExecutor
from contextlib import contextmanager
from itertools import count
from time import perf_counter

_CLIENTS = 8
_EACH = 50
_ROUNDS = 5


def _free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        port: int = probe.getsockname()[1]
        return port


@contextmanager
def running_server() -> Iterator[int]:
    """A web server as ./brisk start runs it, on a free port."""
    port = _free_port()
    web = subprocess.Popen(
        [sys.executable, "-m", "gunicorn", "server.wsgi:application", "--config",
         "server/gunicorn.conf.py", "--bind", f"127.0.0.1:{port}", "--log-level", "error"],
        env=dict(os.environ),
    )  # fmt: skip
    try:
        for _ in range(200):
            try:
                socket.create_connection(("127.0.0.1", port), 1).close()
                break
            except OSError:
                time.sleep(0.05)
        yield port
    finally:
        web.terminate()
        web.wait()


class Client:
    """One signed-in client on one kept connection."""

    def __init__(self, port: int) -> None:
        self._connection = http.client.HTTPConnection("127.0.0.1", port, timeout=30)
        self._cookies: dict[str, str] = {}
        self.ask("GET", "/")
        self.ask("POST", "/api/session/demo")

    def ask(self, method: str, path: str, body: object = None) -> object:
        """One request; its JSON, or None for a page."""
        headers = {
            "Cookie": "; ".join(f"{name}={value}" for name, value in self._cookies.items()),
            "X-CSRFToken": self._cookies.get("csrftoken", ""),
            "Content-Type": "application/json",
        }
        payload = None if body is None else json.dumps(body)
        self._connection.request(method, path, payload, headers)
        answer = self._connection.getresponse()
        raw = answer.read()
        for name, value in answer.getheaders():
            if name.lower() == "set-cookie":
                key, _, rest = value.partition("=")
                self._cookies[key] = rest.partition(";")[0]
        assert answer.status == 200, raw
        return json.loads(raw) if raw.startswith(b"{") else None


def _spread(clients: list[Client], ask: Callable[[Client], object]) -> list[float]:
    """Milliseconds of every request, all clients asking at once."""

    def run(client: Client) -> list[float]:
        taken = []
        for _ in range(_EACH):
            began = perf_counter()
            ask(client)
            taken.append((perf_counter() - began) * 1000)
        return taken

    with ThreadPoolExecutor(_CLIENTS) as pool:
        return sorted(one for taken in pool.map(run, clients) for one in taken)


def _percentile(values: list[float], share: float) -> float:
    return values[min(len(values) - 1, int(len(values) * share))]


def mix_of(client: Client) -> tuple[str, dict[str, object]]:
    """The recompute address and a request for the first tank."""
    session: dict[str, list[dict[str, int]]] = client.ask("GET", "/api/session")  # type: ignore[assignment]
    grow = session["grows"][0]["id"]
    tanks, charts = (
        client.ask("GET", f"/api/grows/{grow}/{listed}")["items"]  # type: ignore[index]
        for listed in ("tanks", "charts")
    )
    tank = tanks[0]
    version = next(chart for chart in charts if chart["chart_id"] == tank["chart_id"])
    body = {
        "tank": tank["id"], "water": tank["water"], "version_id": version["version_id"],
        "column": "w5", "volume": "425 L", "strength": "80 %", "reading": "0.52",
    }  # fmt: skip
    return f"/api/grows/{grow}/mix", body


def report() -> None:
    """Print the figures of the server."""
    with running_server() as port:
        clients = [Client(port) for _ in range(_CLIENTS)]
        path, body = mix_of(clients[0])
        volumes, strengths = count(), count()
        kinds: dict[str, Callable[[Client], object]] = {
            "who is signed in (emptiest)": lambda client: client.ask("GET", "/api/session"),
            "recompute, asked again": lambda client: client.ask("POST", path, body),
            "recompute, another volume": lambda client: client.ask(
                "POST", path, {**body, "volume": f"{next(volumes) % 4000 / 10 + 100:.1f} L"}
            ),
            # What is in a litre stays the same in another volume, and PHREEQC's runs are kept:
            # another strength runs it anew.
            "recompute, another strength": lambda client: client.ask(
                "POST", path, {**body, "strength": f"{next(strengths) % 700 / 10 + 40:.1f} %"}
            ),
        }
        for ask in kinds.values():
            _spread(clients, ask)  # warm-up: connections, caches, chart in memory
        measured: dict[str, list[float]] = {name: [] for name in kinds}
        for _ in range(_ROUNDS):  # in turn, so that both meet the machine in all its moods
            for name, ask in kinds.items():
                measured[name] = sorted(measured[name] + _spread(clients, ask))
        alone = {name: statistics.median(_spread(clients[:1], ask)) for name, ask in kinds.items()}
    print(f"requests at {_CLIENTS} clients, {_CLIENTS * _EACH * _ROUNDS} each")
    for name, values in measured.items():
        p50, p95 = statistics.median(values), _percentile(values, 0.95)
        print(f"  {name:30}  p50 {p50:7.1f} ms   p95 {p95:7.1f} ms   alone {alone[name]:7.1f} ms")
    empty, *recomputes = (_percentile(values, 0.95) for values in measured.values())
    ratios = "   ".join(f"{recompute / empty:.2f}" for recompute in recomputes)
    print(f"  p95 over the emptiest           {ratios}      (to reach, asked again: at most 2.2)")
