"""The locked Python packages, in a virtual environment of the checkout's own."""

import shutil
import subprocess
import sys
from pathlib import Path
from typing import Literal

from launch.debian import bring
from launch.places import ROOT, VENV, make_state, venv_python
from launch.say import DISK_FULL, Stop, run_quietly, step
from launch.stamps import drop_stamps, fingerprint, is_current, set_stamp

Lock = Literal["app", "dev", "node"]
_ROOM_NEEDED = 1_000_000_000  # bytes: packages, build and database together take about 700 MB


def _make_venv() -> None:
    # Planning runs by the environment's own Python, which is a link to one that stays.
    python = Path(sys.executable).resolve()
    if venv_python().is_file():
        works = subprocess.run(
            [venv_python(), "-m", "pip", "--version"], capture_output=True, check=False
        )
        if works.returncode == 0:
            return
        shutil.rmtree(VENV)
    if shutil.disk_usage(ROOT).free < _ROOM_NEEDED:
        raise Stop(DISK_FULL)
    drop_stamps("python-")
    with step("Making a Python environment in .brisk/venv"):
        probe = subprocess.run(
            [python, "-c", "import ensurepip, venv"], capture_output=True, check=False
        )
        if probe.returncode:
            bring(["python3-venv"], because="Python's venv module is missing")
        run_quietly(
            [python, "-m", "venv", "--clear", VENV],
            "The Python environment could not be made.",
        )


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
        run_quietly(
            [venv_python(), "-m", "pip", "install", "--quiet", "--disable-pip-version-check",
             "--no-input", "--require-hashes", "-r", file],
            "The Python packages could not be installed; is the package index reachable?",
        )  # fmt: skip
    set_stamp(f"python-{lock}", _wanted(lock))
