"""`./brisk start` and its end, in a checkout of its own that shares the installed packages."""

import http.client
import json
import os
import shutil
import signal
import socket
import subprocess
import time
import urllib.request
from collections.abc import Callable, Iterator
from pathlib import Path

import pytest

from launch.cluster import Cluster
from tests.ports import free_port

ROOT = Path(__file__).parents[2]


class Checkout:
    """A copy of this checkout with a state, a database and a port of its own."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.port = free_port()
        self.env = {name: value for name, value in os.environ.items() if name != "DATABASE_URL"}
        self.env["BRISK_PORT"] = str(self.port)
        self.starts: list[subprocess.Popen[str]] = []
        listed = subprocess.run(
            ["git", "ls-files", "-z", "--cached", "--others", "--exclude-standard"],
            cwd=ROOT,
            capture_output=True,
            text=True,
            check=True,
        )
        for name in listed.stdout.split("\0"):
            if name and (ROOT / name).is_file():
                (folder / name).parent.mkdir(parents=True, exist_ok=True)
                shutil.copy2(ROOT / name, folder / name)
        (folder / ".brisk" / "stamps").mkdir(parents=True)
        (folder / ".brisk" / "venv").symlink_to(ROOT / ".brisk" / "venv")
        stamps = ROOT / ".brisk" / "stamps"
        for stamp in stamps.iterdir():
            if stamp.name != "migrations":
                shutil.copy2(stamp, folder / ".brisk" / "stamps")
        for built in ("node_modules", "dist"):
            (folder / "web" / built).symlink_to(ROOT / "web" / built)

    def run(self, *words: str, given: str = "") -> subprocess.CompletedProcess[str]:
        return subprocess.run(
            [self.folder / "brisk", *words], env=self.env, input=given, text=True,
            stdout=subprocess.PIPE, stderr=subprocess.STDOUT, check=False,
        )  # fmt: skip

    def start(self, *words: str) -> tuple[subprocess.Popen[str], str]:
        """Start and read until it is up, or has ended; the process and what it printed."""
        process = subprocess.Popen(
            [self.folder / "brisk", "start", *words], env=self.env, text=True,
            stdout=subprocess.PIPE, stderr=subprocess.STDOUT,
            # A shell that starts a job in the background has Ctrl-C ignored in it.
            preexec_fn=lambda: signal.signal(signal.SIGINT, signal.default_int_handler),  # noqa: PLW1509
        )  # fmt: skip
        self.starts.append(process)
        said = ""
        assert process.stdout is not None
        for line in process.stdout:
            said += line
            if "Ctrl-C or" in line:
                break
        return process, said

    def get(self, path: str) -> http.client.HTTPResponse:
        """An answer of the running server."""
        answer: http.client.HTTPResponse = urllib.request.urlopen(
            f"http://127.0.0.1:{self.port}{path}"
        )
        return answer

    def session(self) -> dict[str, object]:
        """Who is signed in, as the running server tells."""
        with urllib.request.urlopen(f"http://127.0.0.1:{self.port}/api/session") as answer:
            told: dict[str, object] = json.load(answer)
            return told

    def is_serving(self) -> bool:
        with socket.socket() as probe:
            return probe.connect_ex(("127.0.0.1", self.port)) == 0


@pytest.fixture
def checkout(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Checkout]:
    folder = tmp_path_factory.mktemp("checkout")
    made = Checkout(folder)
    yield made
    made.run("stop")
    for process in made.starts:
        process.kill()
        process.wait()
        if process.stdout:
            process.stdout.close()
    identity = folder / ".brisk" / "checkout-id"
    if identity.is_file():
        shutil.rmtree(Path("/var/lib/brisk-measure") / identity.read_text(), ignore_errors=True)


def wait_for(what: Callable[[], bool]) -> None:
    """Wait until something holds; fails after half a minute."""
    until = time.monotonic() + 30
    while not what():
        assert time.monotonic() < until
        time.sleep(0.05)


def test_from_start_to_stop_and_back_from_a_kill(checkout: Checkout) -> None:
    first, said = checkout.start()
    assert f"http://127.0.0.1:{checkout.port}" in said
    assert "wren" in said
    assert checkout.session() == {"person": None, "grows": [], "demo": True}

    page = checkout.get("/").read().decode()
    script = checkout.get(page.partition('src="')[2].partition('"')[0])
    assert "javascript" in script.headers["Content-Type"]
    assert "immutable" in script.headers["Cache-Control"]

    again = checkout.run("start")
    assert again.returncode == 1
    assert f"runs already at http://127.0.0.1:{checkout.port}" in again.stdout

    first.kill()  # the launcher alone: web server and database stay behind
    first.wait()
    assert checkout.is_serving()
    second, said = checkout.start()
    assert "Ending a web server that an earlier start left running" in said
    assert f"http://127.0.0.1:{checkout.port}" in said
    assert checkout.session()["demo"] is True

    second.send_signal(signal.SIGINT)
    rest, _ = second.communicate()
    assert (second.returncode, rest.splitlines()[-1]) == (0, "  ended")
    assert not checkout.is_serving()

    third, said = checkout.start("--empty")
    assert "Installing" not in said
    assert "Building" not in said
    assert "./brisk account NAME" in said
    made = checkout.run("account", "curlew", given="samphire-and-salt\n")
    assert "Made the account curlew." in made.stdout
    refused = checkout.run("account", "curlew", given="samphire-and-salt\n")
    assert refused.returncode == 1
    out = str(checkout.folder / "out.zip")
    assert checkout.run("export", "curlew's grow", out).returncode == 0
    assert "curlew's grow" in checkout.run("import", out, "--owner", "curlew").stdout
    assert checkout.session()["demo"] is False
    assert checkout.run("stop").stdout == "Brisk Measure is stopped.\n"
    third.communicate()
    wait_for(lambda: not checkout.is_serving())

    assert "Putting the demo back" in checkout.run("reset-demo").stdout


def test_a_killed_database_is_recovered_from(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    folder = tmp_path / "state"
    monkeypatch.setattr("launch.cluster.STATE", folder)
    monkeypatch.setattr("launch.cluster._OUTSIDE", folder)
    for parent in (tmp_path, *tmp_path.parents[:3]):  # pytest closes them to other users
        parent.chmod(0o755)
    folder.mkdir()
    cluster = Cluster("killed", durable=False)
    with cluster:
        before = cluster.url("kept")
        lock = next(folder.glob("**/postmaster.pid"))
        os.kill(int(lock.read_text().split()[0]), signal.SIGKILL)
    with Cluster("killed", durable=False) as cluster:
        after = cluster.url("kept")
    assert before.rpartition("@")[0] == after.rpartition("@")[0]  # role and password are kept
    assert not list(folder.glob("**/postmaster.pid"))
