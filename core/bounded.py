"""Work on what somebody sent, in a process of its own with limits of memory and time.

A parser may be brought to take gigabytes by a few bytes, and what is measured beside it may not be
what it reads. Its process is stopped where it takes more than any honest file, and nothing of ours
goes with it.
"""

import multiprocessing
import resource
from collections.abc import Callable
from multiprocessing import forkserver
from multiprocessing.connection import Connection
from pathlib import Path
from typing import TypeVar, TypeVarTuple

from core.errors import InputError

MOST_SECONDS = 2
MOST_BYTES = 300_000_000
"""Of a file that is read: some ten times what the largest honest leaflet takes."""

_Given = TypeVarTuple("_Given")
_T = TypeVar("_T")

# Not forked from a server, whose threads may hold a lock at that moment.
_PROCESSES = multiprocessing.get_context("forkserver")


def keep_ready(*modules: str) -> None:
    """Have modules in memory for work to come, so that it begins in some ten milliseconds."""
    _READY.extend(modules)
    _PROCESSES.set_forkserver_preload(list(_READY))


_READY: list[str] = []


def begin() -> None:
    """Start what hands processes out, so that the first file does not wait for it."""
    forkserver.ensure_running()


def bounded(
    work: Callable[[*_Given], _T],
    *given: *_Given,
    seconds: int = MOST_SECONDS,
    memory: int = MOST_BYTES,
    too_much: str = "file_unsafe.takes_too_much",
) -> _T:
    """What some work on a file comes to.

    Args:
        work: a function of a module; what it is given and gives back go from process to process.
        given: what it is given.
        seconds, memory: what it may take: of the processor, and in bytes.
        too_much: the error where it took more.

    Raises:
        InputError: the work says so, or it took more memory or time than any honest file.
    """
    ours, theirs = _PROCESSES.Pipe(duplex=False)
    process = _PROCESSES.Process(
        target=_work, args=(theirs, work, given, seconds, memory), daemon=True
    )
    process.start()
    theirs.close()
    try:
        # The process that hands them out may start first: only the work itself is counted.
        is_begun = ours.poll(_STARTING_SECONDS) and ours.recv() is None
        found = ours.recv() if is_begun and ours.poll(seconds * _BUSY) else None
    except (EOFError, OSError):
        found = None
    finally:
        process.kill()
        process.join()
        process.close()
        ours.close()
    if found is None:
        raise InputError(too_much)
    made, error = found
    if error is not None:
        raise error
    return made  # type: ignore[no-any-return]


_STARTING_SECONDS = 20
_BUSY = 5
"""How many times as long honest work may take beside other work on a machine: its own seconds
are counted by the processor, and no file is refused because somebody else is busy."""


def _work(
    answer: Connection,
    work: Callable[..., object],
    given: tuple[object, ...],
    seconds: int,
    memory: int,
) -> None:
    """Run in the process of its own: limits first, then the work."""
    answer.send(None)
    pages = int(Path("/proc/self/statm").read_text().split()[0])
    most = pages * resource.getpagesize() + memory  # besides what is in memory already
    resource.setrlimit(resource.RLIMIT_AS, (most, most))
    resource.setrlimit(resource.RLIMIT_CPU, (seconds, seconds))
    resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
    try:
        answer.send((work(*given), None))
    except InputError as error:
        answer.send((None, error))
    except MemoryError:
        answer.close()
