"""The locked Python packages, in a virtual environment of the checkout's own."""

import os
import shutil
import subprocess
import sys
from pathlib import Path
from typing import Literal

from launch.debian import bring
from launch.places import ROOT, STATE, VENV, make_state, venv_python
from launch.say import DISK_FULL, Stop, run_quietly, step
from launch.stamps import drop_stamps, fingerprint, is_current, set_stamp

Lock = Literal["app", "dev", "node"]
_UV = STATE / "uv"
_ROOM_NEEDED = 1_000_000_000  # bytes: packages, build and database together take about 700 MB


def _works(python: Path) -> bool:
    """Whether an interpreter is there and starts."""
    if not python.is_file():
        return False
    return subprocess.run([python, "-c", ""], capture_output=True, check=False).returncode == 0


def _make_venv() -> None:
    if _works(venv_python()):
        return
    shutil.rmtree(VENV, ignore_errors=True)
    if shutil.disk_usage(ROOT).free < _ROOM_NEEDED:
        raise Stop(DISK_FULL)
    drop_stamps("python-")
    with step("Making a Python environment in .brisk/venv"):
        pip = _pip()  # named as missing before anything is made
        # pip is run from beside it: putting one inside takes many times as long as all else.
        run_quietly(
            [pip[0], "-m", "venv", "--clear", "--without-pip", VENV],
            "The Python environment could not be made.",
        )


def _pip() -> list[str | Path]:
    """The words that run pip from the wheel that Python carries for its own environments."""
    # Planning runs by the environment's own Python, which is a link to one that stays.
    python = Path(sys.executable).resolve()
    where: list[str | Path] = [python, "-c", "import ensurepip, venv; print(ensurepip.__path__[0])"]
    probe = subprocess.run(where, capture_output=True, text=True, check=False)
    if probe.returncode:
        bring(["python3-venv"], because="Python's venv module is missing")
        probe = subprocess.run(where, capture_output=True, text=True, check=False)
    folders = [Path(probe.stdout.strip(), "_bundled"), Path("/usr/share/python-wheels")]
    wheels = [wheel for folder in folders for wheel in sorted(folder.glob("pip-*.whl"))]
    if not wheels:
        raise Stop("Python's own pip was not found: install python3-venv, then try again.")
    return [python, wheels[-1] / "pip"]


def _wanted(lock: Lock) -> str:
    return fingerprint([ROOT / "requirements" / f"{lock}.txt"], salt=sys.version)


def _is_there(lock: Lock) -> bool:
    return venv_python().exists() and is_current(f"python-{lock}", _wanted(lock))


def install_any(*locks: Lock) -> None:
    """Bring the first of several locks, unless any of them is there."""
    if not any(_is_there(lock) for lock in locks):
        install(locks[0])


def install(lock: Lock) -> None:
    """Bring the packages of requirements/LOCK.txt, at the hashes written there."""
    if _is_there(lock):
        return
    file = ROOT / "requirements" / f"{lock}.txt"
    make_state()
    _make_venv()
    with step(f"Installing the locked Python packages ({lock})"):
        if not _installed_by_uv(file):
            _install_by_pip(file)
    set_stamp(f"python-{lock}", _wanted(lock))


_PIP_QUIETLY = ["--quiet", "--disable-pip-version-check", "--no-input", "--require-hashes"]


def _installed_by_uv(file: Path) -> bool:
    """Whether uv could do it, which takes a fraction of pip's time.

    It may not: it knows the package index by its own settings and not by pip's.
    """
    wanted = fingerprint([ROOT / "requirements" / "uv.txt"], salt=sys.version)
    if not ((_UV / "bin" / "uv").is_file() and is_current("uv", wanted)):
        shutil.rmtree(_UV, ignore_errors=True)
        bring_uv: list[str | Path] = [*_pip(), "install", *_PIP_QUIETLY, "--target", _UV,
                    "-r", ROOT / "requirements" / "uv.txt"]  # fmt: skip
        if subprocess.run(bring_uv, capture_output=True, check=False).returncode:
            return False
        set_stamp("uv", wanted)
    install_all: list[str | Path] = [_UV / "bin" / "uv", "--no-config", "pip", "install", "--quiet",
                   "--python", venv_python(), "--require-hashes", "-r", file]  # fmt: skip
    env = {"UV_NATIVE_TLS": "1", **os.environ}  # what this machine trusts counts
    try:
        return (
            subprocess.run(install_all, env=env, capture_output=True, check=False).returncode == 0
        )
    except OSError:  # a machine that no wheel of uv runs on
        return False


def _install_by_pip(file: Path) -> None:
    run_quietly(
        [*_pip(), "--python", venv_python(), "install", *_PIP_QUIETLY, "-r", file],
        "The Python packages could not be installed; is the package index reachable?",
    )
