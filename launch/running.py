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
    """Process numbers of the launcher and of the web server it started, and their port.

    `launcher_began` and `web_began` are when they began, in the kernel's ticks since it did: a
    number may have gone to another program since.
    """

    launcher: int
    web: int
    port: int
    launcher_began: int = 0
    web_began: int = 0


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


def began(process: int) -> int:
    """When a process began, in the kernel's ticks since it did; 0 where it is gone."""
    try:
        # The name in brackets may hold blanks and brackets itself.
        fields = Path(f"/proc/{process}/stat").read_text().rpartition(")")[2].split()
    except OSError:
        return 0
    return int(fields[19])


def is_ours(process: int, mark: str, since: int = 0) -> bool:
    """Whether that process lives, has `mark` in its command line, and began when it was noted.

    A number may have gone to another program since it was noted, so it alone proves nothing, and
    another checkout's server has the same words in its command line.
    """
    try:
        words = Path(f"/proc/{process}/cmdline").read_bytes()
    except OSError:
        return False
    return mark.encode() in words and (not since or began(process) == since)


def end(process: int, mark: str, since: int = 0, *, patience: float = 15.0) -> None:
    """Ask a process of ours to end, and end it by force if it does not within `patience` s."""
    for kind in (signal.SIGTERM, signal.SIGKILL):
        if not is_ours(process, mark, since):
            return
        os.kill(process, kind)
        until = time.monotonic() + patience
        while is_ours(process, mark, since) and time.monotonic() < until:
            time.sleep(0.05)
