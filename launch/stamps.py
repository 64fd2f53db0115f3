"""Stamps remember what a step was done for, so that it is done again only when that changes."""

import hashlib
import os
from collections.abc import Iterable
from pathlib import Path

from launch.places import ROOT, STATE


def fingerprint(files: Iterable[Path], *, salt: str = "") -> str:
    """A digest of the names and contents of files, and of a salt such as a version.

    Names count from the checkout, so that moving it does not make every step be done again.
    """
    digest = hashlib.sha256(salt.encode())
    for file in sorted(files):
        digest.update(os.path.relpath(file, ROOT).encode() + b"\0")
        digest.update(file.read_bytes() + b"\0")
    return digest.hexdigest()


def is_current(name: str, value: str) -> bool:
    """Whether the step was last done for this very value."""
    stamp = STATE / "stamps" / name
    return stamp.is_file() and stamp.read_text() == value


def drop_stamps(prefix: str) -> None:
    """Forget the steps of such names: what they did is gone."""
    for stamp in (STATE / "stamps").glob(f"{prefix}*"):
        stamp.unlink()


def set_stamp(name: str, value: str) -> None:
    """Note that the step is done for this value."""
    stamp = STATE / "stamps" / name
    stamp.parent.mkdir(parents=True, exist_ok=True)
    stamp.write_text(value)
