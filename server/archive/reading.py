"""An archive read and brought in as a grow of its own: whole, or not at all."""

import io
import struct
import zipfile
import zlib
from collections import Counter
from collections.abc import Iterator, Mapping
from contextlib import contextmanager
from typing import Any
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

from django.contrib.auth.models import User
from django.core.exceptions import ValidationError
from django.db import DataError, IntegrityError, connection, models, transaction
from PIL import Image

from core.errors import InputError
from core.formats.text import read_json
from core.limits import LARGEST_ARCHIVE_BYTES, LARGEST_UNPACKED_BYTES, MOST_ARCHIVE_PEOPLE
from server.archive.checking import check_grow, check_told
from server.archive.kept import (
    ADDED_FIELDS,
    ADDED_LISTS,
    GROW_FIELDS,
    KEPT,
    Kept,
    renumbered,
    stored_of,
)
from server.archive.tables import TABLES
from server.archive.writing import DOCUMENT, FORMAT, SCHEMA, VERSION, picture_file
from server.changes.models import unfollowed
from server.grows.models import Grow
from server.leaflets.redrawing import LARGEST_PICTURE_BYTES, MOST_PIXELS

_Document = Mapping[str, Any]
_BATCH = 500


@transaction.atomic
def bring_in(raw: bytes) -> Grow:
    """Make the grow that an archive holds; nobody is a member of it yet.

    Who did something and has no account here gets a name that cannot sign in.

    Raises:
        InputError: it is no archive, or holds what no grow can hold; then nothing is kept.
    """
    with _opened(raw) as archive:
        document = _document(archive)
        images = [
            _image(archive, number, told) for number, told in enumerate(document["pictures"], 1)
        ]
    with unfollowed():
        return _brought_in(document, images)


def _brought_in(document: _Document, images: list[bytes]) -> Grow:
    try:
        grow = Grow.objects.create(**_grow_values(document["grow"]))
        _keep(document, grow, images)
        connection.check_constraints()
    except (IntegrityError, DataError):
        raise InputError(
            "contradicts_itself", "The archive holds records that contradict each other.", "file"
        ) from None
    check_grow(grow)
    return grow


@contextmanager
def _opened(raw: bytes) -> Iterator[zipfile.ZipFile]:
    """The zip, with nothing in it but what an archive holds."""
    if len(raw) > LARGEST_ARCHIVE_BYTES:
        size = LARGEST_ARCHIVE_BYTES // 1_000_000
        raise InputError("too_large", f"The archive is over {size} MB.", "file")
    try:
        with zipfile.ZipFile(io.BytesIO(raw)) as archive:
            if sum(one.file_size for one in archive.infolist()) > LARGEST_UNPACKED_BYTES:
                raise InputError("too_large", "The archive holds more than a grow can.", "file")
            _check_files(archive.namelist())
            yield archive
    except InputError:
        raise
    except (zipfile.BadZipFile, zlib.error, struct.error, EOFError, OSError, KeyError,
            RuntimeError, NotImplementedError, ValueError, OverflowError):  # fmt: skip
        raise InputError("no_archive", "This is no zip that can be read.", "file") from None


def _check_files(names: list[str]) -> None:
    """Each file is one of an archive and there once, and the document is among them."""
    known = {DOCUMENT, SCHEMA, *(f"{name}.csv" for name in TABLES)}
    known |= {picture_file(number) for number in range(1, len(names) + 1)}
    unknown = [one for one, times in Counter(names).items() if one not in known or times > 1]
    if unknown or DOCUMENT not in names:
        what = f"It holds {unknown[0][:80]!r}." if unknown else f"It holds no {DOCUMENT}."
        raise InputError("no_archive", f"This is no archive of a grow. {what}", "file")


def _document(archive: zipfile.ZipFile) -> _Document:
    raw = archive.read(DOCUMENT)
    told = read_json(raw, largest=LARGEST_UNPACKED_BYTES, number=float)
    names = {"format", "version", "written_at", "grow", *(kept.name for kept in KEPT)}
    if not isinstance(told, dict) or told.get("format") != FORMAT or told.get("version") != VERSION:
        raise InputError("wrong_format", f"This is no {FORMAT}, version {VERSION}.", DOCUMENT)
    _fill_in(told)
    _check_names(told, names, DOCUMENT)
    _check_names(told["grow"], {one.name for one in GROW_FIELDS}, "grow")
    for kept in KEPT:
        if not isinstance(told[kept.name], list):
            raise InputError("wrong_type", "This is no list.", kept.name)
        for at, record in enumerate(told[kept.name]):
            _check_names(record, {one.name for one in kept.fields}, f"{kept.name}[{at}]")
    return told


def _fill_in(told: dict[str, Any]) -> None:
    """What archives that were written before it did not hold yet."""
    for name in ADDED_LISTS:
        told.setdefault(name, [])
    for name, fields in ADDED_FIELDS.items():
        records = told.get(name)
        for record in records if isinstance(records, list) else ():
            if isinstance(record, dict):
                record.update({field: record.get(field, fields[field]) for field in fields})


def _check_names(told: object, names: set[str], where: str) -> None:
    if not isinstance(told, dict):
        raise InputError("wrong_type", "This is no object.", where)
    if wrong := sorted(names ^ set(told)):
        what = "is missing" if wrong[0] in names else "is not known"
        raise InputError("wrong_fields", f"The field {wrong[0][:60]!r} {what}.", where)


def _image(archive: zipfile.ZipFile, number: int, told: Mapping[str, Any]) -> bytes:
    """A picture as it was kept; one that says another size than it has is refused."""
    where = picture_file(number)
    try:
        with archive.open(where) as file:
            raw = file.read(LARGEST_PICTURE_BYTES + 1)
        with Image.open(io.BytesIO(raw), formats=["WEBP"]) as image:
            fits = (image.width, image.height) == (told["width"], told["height"])
            is_small = image.width * image.height <= MOST_PIXELS
            if len(raw) <= LARGEST_PICTURE_BYTES and is_small and fits:
                image.load()
                return raw
    except (KeyError, OSError, ValueError, SyntaxError, EOFError, Image.DecompressionBombError):
        pass
    raise InputError("no_picture", "This is no picture that was kept with a leaflet.", where)


def _grow_values(told: Mapping[str, Any]) -> dict[str, Any]:
    values = {one.name: stored_of(one, told[one.name], f"grow.{one.name}") for one in GROW_FIELDS}
    check_told(Grow, "ranges", values["ranges"], "grow.ranges")
    try:
        ZoneInfo(values["time_zone"])
    except (ZoneInfoNotFoundError, ValueError, OSError):
        raise InputError("unknown_time_zone", "There is no such zone.", "grow.time_zone") from None
    return values


def _keep(document: _Document, grow: Grow, images: list[bytes]) -> None:
    """Make every record, each with a number that the database has given before."""
    numbers: dict[str, dict[Any, Any]] = {
        kept.name: dict(enumerate(_reserved(kept.model, len(document[kept.name])), 1))
        for kept in KEPT
    }
    numbers["people"] = _people(document)
    for kept in KEPT:
        made = []
        for number, told in enumerate(document[kept.name], 1):
            where = f"{kept.name}[{number - 1}]"
            values = _values(kept, told, numbers, where)
            if "grow" in kept.leaves_out and kept.name != "mix_events":
                values["grow"] = grow
            if kept.name == "pictures":
                values["image"] = images[number - 1]
            made.append(kept.model(pk=numbers[kept.name][number], **values))
        kept.model._default_manager.bulk_create(made, batch_size=_BATCH)
        _keep_times(kept, made, document[kept.name])


def _keep_times(kept: Kept, made: list[models.Model], told: list[Mapping[str, Any]]) -> None:
    """Put back the times at which records were added: the database has put its own there."""
    timed = [one for one in kept.fields if one.name in kept.timed_by_itself]
    if not made or not timed:
        return
    for record, values in zip(made, told, strict=True):
        for one in timed:
            setattr(record, one.name, one.to_python(values[one.name]))
    kept.model._base_manager.bulk_update(made, [one.name for one in timed], batch_size=_BATCH)


def _values(
    kept: Kept, told: Mapping[str, Any], numbers: Mapping[str, Mapping[Any, Any]], where: str
) -> dict[str, Any]:
    values = {}
    for one in kept.fields:
        at, value, listed = f"{where}.{one.name}", told[one.name], kept.list_of(one)
        if listed is None:
            value = stored_of(one, value, at)
            check_told(kept.model, one.name, value, at)
            value = renumbered(kept, one, value, numbers)
        elif value is not None:
            is_number = isinstance(value, str if listed == "people" else int)
            if not is_number or isinstance(value, bool) or value not in numbers[listed]:
                raise InputError("unknown_number", f"There is no such one in {listed}.", at)
            value = numbers[listed][value]
        elif not one.null:
            raise InputError("missing", "This cannot be empty.", at)
        values[one.attname] = value
    return values


def _reserved(model: type[models.Model], many: int) -> list[int]:
    """Numbers that nothing else will get."""
    with connection.cursor() as cursor:
        cursor.execute(
            "SELECT nextval(pg_get_serial_sequence(%s, 'id')) FROM generate_series(1, %s)",
            [model._meta.db_table, many],
        )
        return sorted(number for (number,) in cursor.fetchall())


def _people(document: _Document) -> dict[str, int]:
    """Numbers of those who did something, by name."""
    named = {
        record[one.name]
        for kept in KEPT
        for one in kept.fields
        if kept.list_of(one) == "people"
        for record in document[kept.name]
        if isinstance(record[one.name], str)
    }
    if len(named) > MOST_ARCHIVE_PEOPLE:
        raise InputError("too_many_or_few", "More people than a grow has did something.", "file")
    known = User.objects.filter(username__in=named)
    for name in sorted(named - set(known.values_list("username", flat=True))):
        person = User(username=name, is_active=False)
        try:
            person.clean_fields(exclude=["password"])
        except ValidationError:
            said = f"{name[:60]!r} is no name of a person."
            raise InputError("wrong_value", said, "file") from None
        person.set_unusable_password()
        person.save()
    return dict(known.all().values_list("username", "pk"))
