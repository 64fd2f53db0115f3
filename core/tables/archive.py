"""A zip archive that may be a trap: sizes are counted while it is unpacked, before any parsing."""

import io
import zipfile
import zlib

from core.errors import InputError

LARGEST_UNPACKED = 24_000_000
"""Bytes of all parts together; a sheet of 500 by 200 cells takes about 6 MB."""

MOST_PARTS = 400
_CHUNK = 1 << 16


class Archive:
    """The parts of a spreadsheet, unpacked and counted.

    Raises:
        InputError: it is broken, locked, a bomb, holds macros, or has links outside.
    """

    def __init__(self, raw: bytes) -> None:
        self.raw = raw
        try:
            with zipfile.ZipFile(io.BytesIO(raw)) as archive:
                self.parts = self._unpacked(archive)
        except InputError:
            raise
        except (
            zipfile.BadZipFile, zlib.error, EOFError, OSError, ValueError, NotImplementedError,
            RuntimeError, KeyError, IndexError, OverflowError, UnicodeError, MemoryError,
        ):  # fmt: skip
            raise InputError("file_broken.save_anew") from None

    def _unpacked(self, archive: zipfile.ZipFile) -> dict[str, bytes]:
        entries = archive.infolist()
        if len(entries) > MOST_PARTS:
            raise InputError("file_unsafe.parts")
        for entry in entries:
            _refuse_part(entry)
        parts: dict[str, bytes] = {}
        total = 0
        for entry in entries:
            if entry.filename in parts:
                raise InputError("file_broken.twice")
            made = io.BytesIO()
            with archive.open(entry) as source:
                while chunk := source.read(_CHUNK):
                    total += len(chunk)
                    if total > LARGEST_UNPACKED:
                        raise InputError("file_unsafe.unpacks")
                    made.write(chunk)
            parts[entry.filename] = made.getvalue()
        for name, content in parts.items():
            _refuse_entities(name, content)
        return parts


def _refuse_part(entry: zipfile.ZipInfo) -> None:
    name = entry.filename.lower().replace("\\", "/")
    if entry.flag_bits & 1:
        raise InputError("file_locked_or_old.locked")
    if "vbaproject" in name or name.startswith(("basic/", "scripts/")) or "macrosheets/" in name:
        raise InputError("file_has_macros.named")
    if "externallinks/" in name or "/connections.xml" in name or "querytables/" in name:
        raise InputError("file_links_outside")


def _refuse_entities(name: str, content: bytes) -> None:
    if not name.lower().endswith((".xml", ".rels", ".vml")):
        return
    wide = content.startswith((b"\xff\xfe", b"\xfe\xff"))
    try:
        text = content.decode("utf-16") if wide else content.decode("utf-8", errors="replace")
    except UnicodeDecodeError:
        raise InputError("file_broken.plain") from None
    if "<!DOCTYPE" in text or "<!ENTITY" in text:
        raise InputError("file_unsafe.declarations")
