"""A grow as one file: a zip of JSON, of tables for a spreadsheet, and of pictures."""

import io
import json
import zipfile
from collections.abc import Iterator, Mapping
from contextlib import contextmanager
from datetime import datetime
from typing import Any

from django.contrib.auth.models import User
from django.db import connection, models, transaction
from django.db.models import Q, QuerySet

from server.archive.kept import GROW_FIELDS, KEPT, NAMES, Kept, Numbers, renumbered, told_of
from server.archive.schema import archive_schema
from server.archive.tables import tables_of
from server.charts.models import LeafletPicture
from server.grows.models import Grow

FORMAT = "brisk-measure/grow-archive"
VERSION = 1
DOCUMENT, SCHEMA = "archive.json", "archive.schema.json"

_NO_TIME = (1980, 1, 1, 0, 0, 0)
"""Of every file in the zip, so that the same grow gives the same bytes."""


@contextmanager
def one_moment() -> Iterator[None]:
    """A transaction in which nothing that others write meanwhile is seen."""
    is_first = not connection.in_atomic_block
    with transaction.atomic():
        if is_first:
            with connection.cursor() as cursor:
                cursor.execute("SET TRANSACTION ISOLATION LEVEL REPEATABLE READ")
        yield


def picture_file(number: int) -> str:
    """Where a picture lies in an archive."""
    return f"pictures/{number}.webp"


def records_of(kept: Kept, grow: Grow) -> QuerySet[models.Model]:
    """The records of a list, in the order of their numbers."""
    held_by = Q(mix__grow=grow) if NAMES[kept.model] == "mix_events" else Q(grow=grow)
    found: QuerySet[models.Model] = kept.model._base_manager.filter(held_by).order_by("pk")
    return found.defer("image") if kept.model is LeafletPicture else found


def archive_document(grow: Grow, now: datetime) -> dict[str, Any]:
    """All of a grow as plain JSON values; read it in a transaction that sees one moment."""
    found = {kept.name: list(records_of(kept, grow)) for kept in KEPT}
    numbers: dict[str, Mapping[Any, Any]] = {
        name: {one.pk: at for at, one in enumerate(records, 1)} for name, records in found.items()
    }
    numbers["people"] = _people(found)
    return {
        "format": FORMAT,
        "version": VERSION,
        "written_at": told_of(now),
        "grow": {one.name: getattr(grow, one.name) for one in GROW_FIELDS},
        **{
            kept.name: [_record(kept, record, numbers) for record in found[kept.name]]
            for kept in KEPT
        },
    }


def _people(found: Mapping[str, list[models.Model]]) -> dict[int, str]:
    """Names of those who did something, by their numbers."""
    did = {
        getattr(record, one.attname)
        for kept in KEPT
        for one in kept.fields
        if kept.list_of(one) == "people"
        for record in found[kept.name]
    }
    return dict(User.objects.filter(pk__in=did - {None}).values_list("pk", "username"))


def _record(kept: Kept, record: models.Model, numbers: Numbers) -> dict[str, Any]:
    return {
        one.name: told_of(renumbered(kept, one, getattr(record, one.attname), numbers))
        for one in kept.fields
    }


def archive_bytes(grow: Grow, now: datetime) -> bytes:
    """The file: the same for the same grow, but for when it was written."""
    document = archive_document(grow, now)
    made = io.BytesIO()
    with zipfile.ZipFile(made, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, content in _files(document):
            archive.writestr(_entry(name), content)
        pictures = records_of(next(one for one in KEPT if one.name == "pictures"), grow)
        for number, pk in enumerate(pictures.values_list("pk", flat=True), 1):
            image = LeafletPicture.objects.values_list("image", flat=True).get(pk=pk)
            archive.writestr(_entry(picture_file(number)), bytes(image))
    return made.getvalue()


def _files(document: Mapping[str, Any]) -> Iterator[tuple[str, str]]:
    yield DOCUMENT, json.dumps(document, indent=1, ensure_ascii=False)
    yield SCHEMA, json.dumps(archive_schema(), indent=1)
    for name, table in tables_of(document).items():
        yield f"{name}.csv", table


def _entry(name: str) -> zipfile.ZipInfo:
    entry = zipfile.ZipInfo(name, _NO_TIME)
    entry.compress_type = zipfile.ZIP_DEFLATED
    return entry
