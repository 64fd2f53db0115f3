"""The launcher, where it can be tried without a second installation."""

import json
import os
import socket
import subprocess
from pathlib import Path

import pytest

from launch import places, running, serve, stamps
from launch.say import Stop, run_quietly

ROOT = Path(__file__).parents[2]


@pytest.fixture
def state(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    """A state folder of the test's own."""
    monkeypatch.setattr(stamps, "STATE", tmp_path)
    monkeypatch.setattr(running, "_NOTE", tmp_path / "running.json")
    return tmp_path


def brisk(*words: str, given: str | None = None, **env: str) -> subprocess.CompletedProcess[str]:
    return subprocess.run(
        [ROOT / "brisk", *words],
        input=given,
        capture_output=True,
        text=True,
        check=False,
        env=os.environ | env,
    )


def test_a_step_is_done_again_only_when_its_sources_change(state: Path) -> None:
    source = state / "source"
    source.write_text("one")
    first = stamps.fingerprint([source])
    assert not stamps.is_current("build", first)
    stamps.set_stamp("build", first)
    assert stamps.is_current("build", stamps.fingerprint([source]))
    source.write_text("two")
    assert not stamps.is_current("build", stamps.fingerprint([source]))


def test_a_taken_port_is_one_clear_sentence() -> None:
    with socket.socket() as taken:
        taken.bind(("127.0.0.1", 0))
        taken.listen()
        port = taken.getsockname()[1]
        with pytest.raises(Stop, match=f"Port {port} on 127.0.0.1 is in use by another program"):
            serve._refuse_a_taken_port(port)


def test_a_port_that_is_none_is_one_clear_sentence(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setenv("BRISK_PORT", "99999")
    with pytest.raises(Stop, match="must be a port number"):
        places.web_port()


def test_a_missing_tool_and_a_full_disk_are_named() -> None:
    with pytest.raises(Stop, match="no-such-tool was not found"):
        run_quietly(["no-such-tool"], "It failed.")
    with pytest.raises(Stop, match="disk is full"):
        run_quietly(["sh", "-c", "echo No space left on device; exit 1"], "It failed.")


def test_a_stale_note_of_another_program_is_not_ours(state: Path) -> None:
    running.note(running.Running(launcher=os.getpid(), web=os.getpid(), port=1))
    last = running.last_noted()
    assert last is not None
    assert not running.is_ours(last.web, "server.wsgi:application of another life")
    serve._recover()
    assert running.last_noted() is None
    (state / "running.json").write_text("half a no")
    assert running.last_noted() is None


@pytest.fixture
def checkout(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    """The state of a checkout of the test's own."""
    monkeypatch.setattr(places, "STATE", tmp_path / ".brisk")
    monkeypatch.setattr(places, "LOGS", tmp_path / ".brisk" / "logs")
    return tmp_path / ".brisk"


def test_a_state_folder_that_cannot_be_is_one_clear_sentence(checkout: Path) -> None:
    checkout.write_text("a file")
    with pytest.raises(Stop, match="is a file where a folder is needed"):
        places.make_state()
    checkout.unlink()
    places.make_state()
    assert (checkout / "logs").is_dir()


def test_of_two_starts_at_one_moment_the_second_is_refused(checkout: Path) -> None:
    places.make_state()
    with (
        places.only_one("start"),
        pytest.raises(Stop, match="under way in this checkout"),
        places.only_one("start"),
    ):
        pass
    with places.only_one("start"):
        pass  # and it is free again


@pytest.mark.parametrize(
    ("address", "says"),
    [
        ("sqlite:///db.sqlite3", "keeps its data in PostgreSQL alone"),
        ("mysql://u:p@h/n", "keeps its data in PostgreSQL alone"),
        ("localhost:5432/brisk", "must read postgres://"), ("postgres", "must read postgres://"),
        ("postgres://u:p@h:port/n", "must read postgres://"),
        ("postgres://u:p@h:5432/", "names no database"),
    ],
)  # fmt: skip
def test_an_address_that_is_no_postgresql_is_one_clear_sentence(
    monkeypatch: pytest.MonkeyPatch, address: str, says: str
) -> None:
    monkeypatch.setenv("DATABASE_URL", address)
    with pytest.raises(Stop, match=says):
        places.external_database()


def test_a_number_that_went_to_another_program_is_not_ended(state: Path) -> None:
    """The same words in the command line, as another checkout's server has, prove nothing."""
    words = ["sh", "-c", "echo up; read sleep"]
    with subprocess.Popen(words, stdin=subprocess.PIPE, stdout=subprocess.PIPE) as other:
        assert other.stdout is not None
        assert other.stdout.readline() == b"up\n"  # until then it may have no command line yet
        since = running.began(other.pid)
        assert running.is_ours(other.pid, "sleep", since)
        assert not running.is_ours(other.pid, "sleep", since - 1)
        running.end(other.pid, "sleep", since - 1)
        assert other.poll() is None
        running.end(other.pid, "sleep", since)
        assert other.wait() < 0
    assert running.began(other.pid) == 0


def test_a_start_keeps_the_logs_of_those_before(tmp_path: Path) -> None:
    log = tmp_path / "web.log"
    for number in range(7):
        serve.rotate(log)
        log.write_text(str(number))
    kept = {path.name: path.read_text() for path in tmp_path.iterdir()}
    assert kept == {"web.log": "6", "web.1.log": "5", "web.2.log": "4", "web.3.log": "3",
                    "web.4.log": "2"}  # fmt: skip


def test_plan_reads_standard_input_and_needs_no_database() -> None:
    request = (ROOT / "docs" / "formats" / "mix-request.example.json").read_text()
    made = brisk("plan", "-", given=request, DATABASE_URL="postgres://nobody@127.0.0.1:1/none")
    assert (made.returncode, made.stderr) == (0, "")
    assert json.loads(made.stdout)["pours"][1]["amount"] == {"value": "45", "unit": "mL"}
    refused = brisk("plan", "-", given="{}")
    assert (refused.returncode, refused.stdout) == (2, "")
    assert json.loads(refused.stderr)["error"]["code"] == "missing"
