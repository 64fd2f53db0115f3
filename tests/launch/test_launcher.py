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


def test_plan_reads_standard_input_and_needs_no_database() -> None:
    request = (ROOT / "docs" / "formats" / "mix-request.example.json").read_text()
    made = brisk("plan", "-", given=request, DATABASE_URL="postgres://nobody@127.0.0.1:1/none")
    assert (made.returncode, made.stderr) == (0, "")
    assert json.loads(made.stdout)["pours"][1]["amount"] == {"value": "45", "unit": "mL"}
    refused = brisk("plan", "-", given="{}")
    assert (refused.returncode, refused.stdout) == (2, "")
    assert json.loads(refused.stderr)["error"]["code"] == "missing"
