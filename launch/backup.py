"""The whole database in one file, and back: pg_dump and pg_restore."""

import os
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from launch.cluster import programs
from launch.places import external_database, make_state
from launch.say import Stop, run_quietly, tell
from launch.serve import database, is_served

_MAGIC = b"PGDMP"
"""How a dump in PostgreSQL's own form begins."""


def backup(name: str) -> None:
    """Write all data into a file that is not there yet.

    Raises:
        Stop: the file is there, or could not be written.
    """
    file = Path(name)
    if file.exists():
        raise Stop(f"{name} is there already: name another file, or move it away.")
    with _programs_and_database() as (folder, at):
        _dump(folder, at, file)
    tell(f"All data is in {name}; keep it somewhere else than on this machine.")


def restore(name: str) -> None:
    """Put everything back as it was, whole or not at all; what is there now is kept in a file.

    Raises:
        Stop: the file is no backup, or does not fit; then nothing has changed.
    """
    file = Path(name)
    try:
        with file.open("rb") as opened:
            begins = opened.read(len(_MAGIC))
    except OSError as error:
        raise Stop(f"{name} cannot be read: {error.strerror}.") from None
    if begins != _MAGIC:
        raise Stop(f"{name} is no backup of ./brisk backup. Nothing has changed.")
    before = file.with_name(f"{file.name}.before")
    if before.exists():
        raise Stop(f"{before} is there from a restore before: move it away first.")
    if external_database() is None and is_served():
        raise Stop("Brisk Measure runs: stop it first, ./brisk stop. Nothing has changed.")
    with _programs_and_database() as (folder, at):
        _dump(folder, at, before)
        run_quietly(
            [folder / "pg_restore", "--clean", "--if-exists", "--no-owner", "--single-transaction",
             "--exit-on-error", "--dbname", at, file],
            "The backup does not fit. Nothing has changed.",
        )  # fmt: skip
    tell(f"Everything is as it was in {name}. What was there before is in {before}.")
    tell("Start Brisk Measure again: ./brisk start brings an older backup up to date.")


def _dump(folder: Path, at: str, file: Path) -> None:
    part = file.with_name(f"{file.name}.part")
    try:
        run_quietly(
            [folder / "pg_dump", "--format=custom", "--file", part, at],
            f"{file} could not be written.",
        )
        os.replace(part, file)
    finally:
        part.unlink(missing_ok=True)


@contextmanager
def _programs_and_database() -> Iterator[tuple[Path, str]]:
    make_state()
    with database() as at:
        yield programs(), at
