"""A grow as one file: a zip of JSON lines, of tables for a spreadsheet, and of pictures.

It is written as it is read, record by record: a grow of ten years takes no more memory than one of
a week.
"""

import json
import tempfile
import zipfile
from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from dataclasses import dataclass
from datetime import datetime
from typing import IO, Any

from django.contrib.auth.models import User
from django.db import connection, models, transaction
from django.db.models import Q, QuerySet

from server.archive.files import DOCUMENT, FORMAT, SCHEMA, VERSION, picture_file, records_file
from server.archive.kept import (
    GROW_FIELDS,
    KEPT,
    Kept,
    Numbers,
    is_renumbered,
    renumbered,
    told_of,
)
from server.archive.schema import archive_schema
from server.archive.tables import TABLES, Names
from server.charts.models import ChartVersion, LeafletPicture
from server.grows.models import Grow

_NO_TIME = (1980, 1, 1, 0, 0, 0)
"""Of every file in the zip, so that the same grow gives the same bytes."""

_AT_A_TIME = 500
"""Records fetched in one piece."""


@contextmanager
def one_moment() -> Iterator[None]:
    """A transaction in which nothing that others write meanwhile is seen."""
    is_first = not connection.in_atomic_block
    with transaction.atomic():
        if is_first:
            with connection.cursor() as cursor:
                cursor.execute("SET TRANSACTION ISOLATION LEVEL REPEATABLE READ")
        yield


def records_of(kept: Kept, grow: Grow) -> QuerySet[models.Model]:
    """The records of a list, in the order of their numbers."""
    held_by = Q(grow=grow) if kept.has_grow else Q(mix__grow=grow)
    found: QuerySet[models.Model] = kept.model._base_manager.filter(held_by).order_by("pk")
    if kept.model is not LeafletPicture:
        return found
    shown = ChartVersion.objects.filter(grow=grow).exclude(picture=None).values("picture")
    return found.filter(pk__in=shown)


def archive_bytes(grow: Grow, now: datetime) -> bytes:
    """The file: the same for the same grow, but for when it was written."""
    return b"".join(archive_pieces(grow, now))


def archive_pieces(
    grow: Grow, now: datetime, *, tell: Callable[[str, int], None] = lambda _name, _count: None
) -> Iterator[bytes]:
    """The file piece by piece, as it is sent; read it in a transaction that sees one moment.

    Args:
        grow: of which it is.
        now: when it was written, as it says.
        tell: is told of every list that is done, with how many records it has.
    """
    sink = _Sink()
    with zipfile.ZipFile(sink, "w", zipfile.ZIP_DEFLATED) as archive:
        for _ in _Writing(grow, archive, tell).steps(now):
            yield sink.taken()
    yield sink.taken()


class _Writing:
    """One archive, written step by step."""

    def __init__(
        self, grow: Grow, archive: zipfile.ZipFile, tell: Callable[[str, int], None]
    ) -> None:
        self._grow = grow
        self._archive = archive
        self._tell = tell
        self._numbers = _numbers(grow)
        self._tables = _Tables()

    def steps(self, now: datetime) -> Iterator[None]:
        """Write everything; between two steps what was written can be sent."""
        counts = {kept.name: records_of(kept, self._grow).count() for kept in KEPT}
        self._archive.writestr(_entry(DOCUMENT), _head(self._grow, now, counts))
        self._archive.writestr(_entry(SCHEMA), json.dumps(archive_schema(), indent=1))
        for kept in KEPT:
            yield from self._records(kept)
            self._tell(kept.name, counts[kept.name])
        for name, lines in self._tables.done():
            with self._archive.open(_entry(f"{name}.csv"), "w") as file:
                for piece in lines:
                    file.write(piece)
                    yield
        for number, pk in enumerate(self._numbers["pictures"], 1):
            image = LeafletPicture.objects.values_list("image", flat=True).get(pk=pk)
            self._archive.writestr(_entry(picture_file(number)), bytes(image))
            yield

    def _records(self, kept: Kept) -> Iterator[None]:
        """Write the records of a list, one a line."""
        columns = _columns(kept, self._numbers)
        names = [column.field for column in columns]
        rows = records_of(kept, self._grow).values_list(*names, *_also_named(kept))
        with self._archive.open(_entry(records_file(kept.name)), "w") as file:
            for number, row in enumerate(rows.iterator(chunk_size=_AT_A_TIME), 1):
                told = {
                    column.name: value if column.tell is None else column.tell(value)
                    for column, value in zip(columns, row, strict=False)
                }
                for name, author in zip(_authors(kept), row[len(columns) :], strict=True):
                    told[name] = told[name] or author or None
                file.write(json.dumps(told, ensure_ascii=False).encode() + b"\n")
                self._tables.take(kept.name, told)
                if number % _AT_A_TIME == 0:
                    yield


@dataclass(frozen=True, slots=True)
class _Column:
    """A field of a list: its name in the database and here, and how its value is told.

    `tell` is None where a value is told as it is; a quarter of a million records have ten each.
    """

    field: str
    name: str
    tell: Callable[[Any], Any] | None


_TOLD_AS_THEY_ARE = (models.CharField, models.BooleanField, models.IntegerField, models.JSONField)


def _columns(kept: Kept, numbers: Numbers) -> list[_Column]:
    return [
        _Column(field.attname, field.name, _teller(kept, field, numbers)) for field in kept.fields
    ]


def _teller(kept: Kept, one: Any, numbers: Numbers) -> Callable[[Any], Any] | None:
    if is_renumbered(kept, one):
        return lambda value: renumbered(kept, one, value, numbers)
    return None if isinstance(one, _TOLD_AS_THEY_ARE) else told_of


def _authors(kept: Kept) -> list[str]:
    """The fields that say who did something."""
    return [field.name for field in kept.fields if kept.list_of(field) == "people"]


def _also_named(kept: Kept) -> list[str]:
    """Where the same is kept as a name alone."""
    return [f"{name}_name" for name in _authors(kept)]


class _Sink:
    """Where a zip is written that is sent on at once; it cannot be gone back in."""

    def __init__(self) -> None:
        self._pieces: list[bytes] = []

    def write(self, piece: bytes, /) -> int:
        self._pieces.append(bytes(piece))
        return len(piece)

    def flush(self) -> None:
        """Nothing waits here."""

    def close(self) -> None:
        """Nothing is open here."""

    def taken(self) -> bytes:
        """What was written since it was taken last."""
        pieces, self._pieces = self._pieces, []
        return b"".join(pieces)


class _Tables:
    """The tables for a spreadsheet, written beside the records that they are drawn from."""

    def __init__(self) -> None:
        self._names = Names()
        self._files: dict[str, IO[bytes]] = {}

    def take(self, name: str, record: Mapping[str, Any]) -> None:
        """Take in a record of a list."""
        self._names.take(name, record)
        if (table := TABLES.get(name)) is not None:
            if name not in self._files:
                self._files[name] = tempfile.TemporaryFile()  # noqa: SIM115 -- closed by `done`
            self._files[name].write(table.lines(record, self._names))

    def done(self) -> Iterator[tuple[str, Iterator[bytes]]]:
        """Each table with its lines, piece by piece."""
        for name, table in TABLES.items():
            yield name, self._pieces(table.heading(), self._files.pop(name, None))

    def _pieces(self, heading: bytes, file: IO[bytes] | None) -> Iterator[bytes]:
        yield heading
        if file is not None:
            with file:
                file.seek(0)
                while piece := file.read(1 << 20):
                    yield piece


def _head(grow: Grow, now: datetime, counts: Mapping[str, int]) -> str:
    told = {
        "format": FORMAT,
        "version": VERSION,
        "written_at": told_of(now),
        "grow": {field.name: getattr(grow, field.name) for field in GROW_FIELDS},
        "records": counts,
    }
    return json.dumps(told, indent=1, ensure_ascii=False)


def _numbers(grow: Grow) -> dict[str, Mapping[Any, Any]]:
    """The place of each record that others refer to, by its number; and names of people."""
    referred = {kept.list_of(field) for kept in KEPT for field in kept.fields} | {"pictures"}
    numbers: dict[str, Mapping[Any, Any]] = {
        kept.name: {
            pk: at for at, pk in enumerate(records_of(kept, grow).values_list("pk", flat=True), 1)
        }
        for kept in KEPT
        if kept.name in referred
    }
    numbers["people"] = _people(grow)
    return numbers


def _people(grow: Grow) -> dict[int, str]:
    """Names of those who did something, by their numbers."""
    did = {
        person
        for kept in KEPT
        for field in kept.fields
        if kept.list_of(field) == "people"
        for person in records_of(kept, grow)
        .order_by()
        .values_list(field.attname, flat=True)
        .distinct()
    }
    return dict(User.objects.filter(pk__in=did - {None}).values_list("pk", "username"))


def _entry(name: str) -> zipfile.ZipInfo:
    entry = zipfile.ZipInfo(name, _NO_TIME)
    entry.compress_type = zipfile.ZIP_DEFLATED
    return entry
