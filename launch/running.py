"""The note of what runs for this checkout, so that a later command finds it again."""

import json
import os
import signal
import time
from dataclasses import asdict, dataclass
from pathlib import Path

from launch.places import STATE

_NOTE = STATE / "running.json"


@dataclass(frozen=True)
class Running:
    """Process numbers of the launcher and of the web server it started, and their port."""

    launcher: int
    web: int
    port: int


def note(running: Running) -> None:
    """Write the note down."""
    _NOTE.write_text(json.dumps(asdict(running)))


def forget() -> None:
    """Nothing runs any more."""
    _NOTE.unlink(missing_ok=True)


def last_noted() -> Running | None:
    """What the note says, whether or not it still runs."""
    try:
        return Running(**json.loads(_NOTE.read_text()))
    except (FileNotFoundError, ValueError, TypeError):
        return None


def is_ours(process: int, mark: str) -> bool:
    """Whether that process lives and has `mark` in its command line.

    A number may have gone to another program since it was noted, so it alone proves nothing.
    """
    try:
        words = Path(f"/proc/{process}/cmdline").read_bytes()
    except OSError:
        return False
    return mark.encode() in words


def end(process: int, mark: str, *, patience: float = 15.0) -> None:
    """Ask a process of ours to end, and end it by force if it does not within `patience` s."""
    for kind in (signal.SIGTERM, signal.SIGKILL):
        if not is_ours(process, mark):
            return
        os.kill(process, kind)
        until = time.monotonic() + patience
        while is_ours(process, mark) and time.monotonic() < until:
            time.sleep(0.05)
