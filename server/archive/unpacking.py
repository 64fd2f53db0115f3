"""An archive opened: what it says of itself, and its records line by line.

Nothing of it is believed before it was measured. What a parser makes of its directory and its head
is found out in a process of its own; after that no more than a line is in memory at a time.
"""

import io
import json
import struct
import zipfile
import zlib
from collections import Counter
from collections.abc import Iterator, Mapping
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from typing import Any, cast

from core.bounded import bounded
from core.errors import InputError
from core.formats.text import read_json
from core.limits import LARGEST_ARCHIVE_BYTES, LARGEST_BYTES, LARGEST_UNPACKED_BYTES
from server.archive.files import DOCUMENT, FORMAT, SCHEMA, VERSION, picture_file, records_file
from server.archive.tables import TABLES

Record = Mapping[str, Any]

_NO_ZIP = (
    zipfile.BadZipFile, zlib.error, struct.error, EOFError, OSError, KeyError, RuntimeError,
    NotImplementedError, ValueError, OverflowError,
)  # fmt: skip


@dataclass(frozen=True)
class Limits:
    """What reading an archive may take.

    Args:
        file: bytes of the file; None for any.
        memory: bytes, while a parser is at what cannot be read line by line.
        seconds: of that parser's work.
    """

    file: int | None = LARGEST_ARCHIVE_BYTES
    memory: int = 300_000_000
    seconds: int = 2


ANY_SIZE = Limits(file=None, memory=8_000_000_000, seconds=600)
"""For who runs the machine and brings in a file of their own."""


class Unpacked:
    """An archive that can be read.

    Args:
        archive: the zip, its names checked.
        head: `archive.json`, without the lists of version 1.
        earlier: the records of version 1 by list, one a line; None of any later version.
    """

    def __init__(
        self, archive: zipfile.ZipFile, head: dict[str, Any], earlier: Mapping[str, bytes] | None
    ) -> None:
        self.head = head
        self._archive = archive
        self._earlier = earlier
        self.bytes_read = 0

    def records(self, name: str) -> Iterator[Record]:
        """The records of a list, one after the other.

        Raises:
            InputError: a line is no JSON object, or longer than any record.
        """
        where = records_file(name)
        with _as_no_archive():
            for number, line in enumerate(self._lines(name)):
                if len(line) > LARGEST_BYTES:
                    raise InputError("too_large.record", f"{where}[{number}]")
                self.bytes_read += len(line)
                if self.bytes_read > LARGEST_UNPACKED_BYTES:
                    raise InputError("too_large.grow", "file")
                try:
                    record = read_json(line, number=float)
                except InputError as error:
                    raise error.at(f"{name}[{number}]") from None
                if not isinstance(record, dict):
                    raise InputError("wrong_type.object", f"{name}[{number}]")
                yield record

    def _lines(self, name: str) -> Iterator[bytes]:
        if self._earlier is not None:
            file: Any = io.BytesIO(self._earlier[name])
        elif self.head["records"].get(name) or name not in _ADDED_LATER:
            file = self._archive.open(records_file(name))
        else:
            return
        with file:
            while line := file.readline(LARGEST_BYTES + 1):
                yield line

    def picture(self, number: int, largest: int) -> bytes:
        """A picture as it lies there, cut off after the largest that is kept.

        Raises:
            InputError: there is none.
        """
        with _as_no_archive(), self._archive.open(picture_file(number)) as file:
            return file.read(largest + 1)


@contextmanager
def _as_no_archive() -> Iterator[None]:
    try:
        yield
    except InputError:
        raise
    except _NO_ZIP:
        raise InputError("no_archive.no_zip", "file") from None


@contextmanager
def unpacked(file: Path, lists: tuple[str, ...], limits: Limits) -> Iterator[Unpacked]:
    """Open an archive.

    Args:
        file: where it lies.
        lists: names of the lists that it has.
        limits: what reading it may take.

    Raises:
        InputError: it is none, or takes more than any.
    """
    if limits.file is not None and file.stat().st_size > limits.file:
        raise InputError("too_large.archive", "file", megabytes=limits.file // 1_000_000)
    head, earlier = bounded(
        _measured, str(file), lists,
        seconds=limits.seconds, memory=limits.memory, too_much="file_unsafe.archive",
    )  # fmt: skip
    with _as_no_archive(), zipfile.ZipFile(file) as archive:
        yield Unpacked(archive, head, earlier)


def _measured(file: str, lists: tuple[str, ...]) -> tuple[dict[str, Any], dict[str, bytes] | None]:
    """What an archive says of itself, and the lists of one of version 1; run bounded."""
    with _as_no_archive(), zipfile.ZipFile(file) as archive:
        _check_files(archive.namelist(), lists)
        with archive.open(DOCUMENT) as document:
            raw = document.read(LARGEST_UNPACKED_BYTES)
        told = read_json(raw, largest=LARGEST_UNPACKED_BYTES, number=float)
        if not isinstance(told, dict) or told.get("format") != FORMAT:
            raise InputError("wrong_format", DOCUMENT, format=FORMAT)
        if told.get("version") == 1:
            return _upgraded(told, lists)
        if len(raw) > LARGEST_BYTES:
            raise InputError("too_large.head", DOCUMENT)
        if told.get("version") != VERSION:
            raise InputError("wrong_format.version", DOCUMENT, format=FORMAT, last=VERSION)
        missing = [listed for listed in lists if records_file(listed) not in archive.namelist()]
        counts = told.get("records")
        for listed in missing:
            # Of an archive that was written before there was such a list.
            if listed not in _ADDED_LATER or not isinstance(counts, dict) or listed in counts:
                raise InputError("no_archive.lacks", "file", name=records_file(listed))
            counts[listed] = 0
        return told, None


def _check_files(names: list[str], lists: tuple[str, ...]) -> None:
    """Each file is one of an archive and there once, and the document is among them."""
    known = {DOCUMENT, SCHEMA, *(f"{name}.csv" for name in TABLES)}
    known |= {records_file(name) for name in lists}
    known |= {picture_file(number) for number in range(1, len(names) + 1)}
    unknown = [one for one, times in Counter(names).items() if one not in known or times > 1]
    if unknown or DOCUMENT not in names:
        if unknown:
            raise InputError("no_archive.holds", "file", name=unknown[0][:80])
        raise InputError("no_archive.lacks", "file", name=DOCUMENT)


_ADDED_LATER = ("changes", "mix_corrections")
"""Lists that the first archives do not have."""


def _upgraded(
    document: dict[str, Any], lists: tuple[str, ...]
) -> tuple[dict[str, Any], dict[str, bytes]]:
    """Version 1, in which all records stood in one document, as version 2 has them."""
    for name in _ADDED_LATER:
        document.setdefault(name, [])
    found = {name: document.pop(name) for name in lists if name in document}
    for name in lists:
        if name not in found:
            raise InputError("wrong_fields.lacking", DOCUMENT, name=name)
        if not isinstance(found[name], list):
            raise InputError("wrong_type.list", name)
    document["version"] = VERSION
    document["records"] = {name: len(records) for name, records in found.items()}
    lines = {
        name: b"".join(json.dumps(one).encode() + b"\n" for one in cast("list[Any]", records))
        for name, records in found.items()
    }
    return document, lines
