"""What the launcher tells the person at the terminal."""

import subprocess
import sys
import time
from collections.abc import Iterator, Mapping, Sequence
from contextlib import contextmanager
from pathlib import Path


class Stop(Exception):
    """Something that ends the command; its text is one clear sentence."""


def tell(text: str) -> None:
    """Print a line at once, also into a pipe."""
    print(text, flush=True)


@contextmanager
def step(what: str) -> Iterator[None]:
    """Say what a long step does, and when it is done how long it took; steps may overlap."""
    tell(f"· {what} …")
    began = time.monotonic()
    yield
    tell(f"  {what}: {time.monotonic() - began:.1f} s")


def run_quietly(
    command: Sequence[str | Path],
    failure: str,
    *,
    cwd: Path | None = None,
    env: Mapping[str, str] | None = None,
) -> str:
    """Run a command and return its output.

    Raises:
        Stop: it could not be run or failed; carries `failure` and the last lines it printed.
    """
    try:
        done = subprocess.run(
            [str(word) for word in command],
            cwd=cwd,
            env=env,
            stdin=subprocess.DEVNULL,
            stdout=subprocess.PIPE,
            stderr=subprocess.STDOUT,
            text=True,
            errors="replace",
        )
    except FileNotFoundError:
        raise Stop(f"{failure} ({command[0]} was not found)") from None
    if done.returncode:
        if "No space left on device" in done.stdout:
            raise Stop(DISK_FULL)
        last = "\n".join("    " + line for line in done.stdout.strip().splitlines()[-12:])
        raise Stop(f"{failure}\n{last}" if last else failure)
    return done.stdout


DISK_FULL = (
    "The disk is full: free at least 1 GB where this checkout stands, then run the command again."
)


def complain(text: str) -> None:
    """Say on standard error why the command ended."""
    print(f"brisk: {text}", file=sys.stderr, flush=True)
