"""An archive read and brought in as a grow of its own: whole, or not at all."""

from array import array
from collections.abc import Iterator, Mapping
from contextlib import contextmanager
from pathlib import Path
from typing import Any
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

from django.contrib.auth.models import User
from django.db import DataError, IntegrityError, connection, models, transaction

from core.bounded import bounded
from core.errors import InputError
from core.limits import MOST_ARCHIVE_RECORDS
from server.archive.checking import check_grow, check_told
from server.archive.files import DOCUMENT, picture_file
from server.archive.kept import (
    GROW_FIELDS,
    KEPT,
    Kept,
    Numbers,
    defaults_of,
    renumbered,
    stored_of,
)
from server.archive.unpacking import Limits, Record, Unpacked, unpacked
from server.changes.models import unfollowed
from server.grows.authors import is_a_name
from server.grows.models import Grow
from server.leaflets.redrawing import LARGEST_PICTURE_BYTES, check_redrawn

_AT_A_TIME, _BYTES_AT_A_TIME = 500, 2_000_000
"""Records that are made in one piece: so many, or fewer of long ones."""

_LISTS = tuple(kept.name for kept in KEPT)


@transaction.atomic
def bring_in(file: Path, owner: User | None = None, *, limits: Limits = Limits()) -> Grow:  # noqa: B008 -- frozen
    """Make the grow that an archive holds; nobody is a member of it yet.

    Whoever did something is a name and nothing more, unless it is the owner.

    Args:
        file: where the archive lies.
        owner: whose the grow becomes.
        limits: what reading it may take.

    Raises:
        InputError: it is no archive, or holds what no grow can hold; then nothing is kept.
    """
    people = {owner.username: owner.pk} if owner else {}
    with unpacked(file, _LISTS, limits) as archive, unfollowed():
        _check_head(archive.head)
        try:
            grow = Grow.objects.create(**_grow_values(archive.head["grow"]))
            _keep(archive, grow, people)
            connection.check_constraints()
        except (IntegrityError, DataError):
            raise InputError("contradicts_itself.file", "file") from None
        check_grow(grow)
    return grow


def _check_head(head: Mapping[str, Any]) -> None:
    _check_names(head, {"format", "version", "written_at", "grow", "records"}, DOCUMENT)
    _check_names(head["grow"], {field.name for field in GROW_FIELDS}, "grow")
    _check_names(head["records"], set(_LISTS), "records")
    for name, count in head["records"].items():
        if not isinstance(count, int) or isinstance(count, bool) or count < 0:
            raise InputError("wrong_type.count", f"records.{name}")
        if count > MOST_ARCHIVE_RECORDS:
            raise InputError("too_large.grow", "file")


def _check_names(value: object, names: set[str], where: str) -> None:
    if not isinstance(value, dict):
        raise InputError("wrong_type.object", where)
    if wrong := sorted(names ^ set(value)):
        which = "wrong_fields.missing" if wrong[0] in names else "wrong_fields.unknown"
        raise InputError(which, where, name=wrong[0][:60])


def _grow_values(told: Mapping[str, Any]) -> dict[str, Any]:
    values = {
        field.name: stored_of(field, told[field.name], f"grow.{field.name}")
        for field in GROW_FIELDS
    }
    check_told(Grow, "ranges", values["ranges"], "grow.ranges")
    try:
        ZoneInfo(values["time_zone"])
    except (ZoneInfoNotFoundError, ValueError, OSError):
        raise InputError("unknown_time_zone.grow", "grow.time_zone") from None
    return values


class _Reserved(Mapping[Any, Any]):
    """Numbers that the database gave beforehand, by the places of records in their list."""

    def __init__(self, model: type[models.Model], many: int) -> None:
        self._numbers = array("q")
        with connection.cursor() as cursor:
            cursor.execute(
                "SELECT nextval(pg_get_serial_sequence(%s, 'id')) FROM generate_series(1, %s)",
                [model._meta.db_table, many],
            )
            while rows := cursor.fetchmany(10_000):
                self._numbers.extend(number for (number,) in rows)

    def __getitem__(self, place: Any) -> int:
        if not isinstance(place, int) or not 1 <= place <= len(self._numbers):
            raise KeyError(place)
        return self._numbers[place - 1]

    def __iter__(self) -> Iterator[int]:
        return iter(range(1, len(self._numbers) + 1))

    def __len__(self) -> int:
        return len(self._numbers)


def _keep(archive: Unpacked, grow: Grow, people: Mapping[str, int]) -> None:
    """Make every record, each with a number that the database has given before."""
    counts = archive.head["records"]
    numbers: dict[str, Mapping[Any, Any]] = {
        kept.name: _Reserved(kept.model, counts[kept.name]) for kept in KEPT
    }
    numbers["people"] = people
    for kept in KEPT:
        _Keeping(kept, grow, numbers, archive).keep()


class _Keeping:
    """The records of one list, made piece by piece."""

    def __init__(self, kept: Kept, grow: Grow, numbers: Numbers, archive: Unpacked) -> None:
        self._kept = kept
        self._grow = grow
        self._numbers = numbers
        self._archive = archive
        self._names = {field.name for field in kept.fields}
        self._made: list[models.Model] = []

    def keep(self) -> None:
        """Make all of them."""
        name, begun, count = self._kept.name, self._archive.bytes_read, 0
        for count, told in enumerate(self._archive.records(name), 1):
            if count > len(self._numbers[name]):
                raise self._other_number()
            self._made.append(self._record(count, told))
            size = self._archive.bytes_read - begun
            if len(self._made) >= _AT_A_TIME or size > _BYTES_AT_A_TIME:
                self._store()
                begun = self._archive.bytes_read
        if count != len(self._numbers[name]):
            raise self._other_number()
        self._store()

    def _other_number(self) -> InputError:
        return InputError("contradicts_itself.count", self._kept.name)

    def _record(self, place: int, record: Record) -> models.Model:
        kept, where = self._kept, f"{self._kept.name}[{place - 1}]"
        record = {**defaults_of(kept), **record}
        _check_names(record, self._names, where)
        values = _values(kept, record, self._numbers, where)
        if kept.has_grow:
            values["grow"] = self._grow
        if kept.name == "pictures":
            values["image"] = _image(self._archive, place, record)
        return kept.model(pk=self._numbers[kept.name][place], **values)

    def _store(self) -> None:
        made, self._made = self._made, []
        self._kept.model._default_manager.bulk_create(made)


def _image(archive: Unpacked, number: int, record: Record) -> bytes:
    """A picture as it was kept; one that says another size than it has is refused."""
    raw = archive.picture(number, LARGEST_PICTURE_BYTES)
    with _at(picture_file(number)):
        bounded(check_redrawn, raw, record["width"], record["height"])
    return raw


@contextmanager
def _at(where: str) -> Iterator[None]:
    try:
        yield
    except InputError as error:
        raise error.at(where) from None


def _values(kept: Kept, record: Record, numbers: Numbers, where: str) -> dict[str, Any]:
    values: dict[str, Any] = {}
    for field in kept.fields:
        at, value, listed = f"{where}.{field.name}", record[field.name], kept.list_of(field)
        if listed == "people":
            values |= _author(field, value, numbers["people"], at)
            continue
        if listed is None:
            value = stored_of(field, value, at)
            check_told(kept.model, field.name, value, at)
            value = renumbered(kept, field, value, numbers)
        elif value is not None:
            if (
                not isinstance(value, int)
                or isinstance(value, bool)
                or value not in numbers[listed]
            ):
                raise InputError("unknown_number", at, listed=listed)
            value = numbers[listed][value]
        elif not field.null:
            raise InputError("missing.stored", at)
        values[field.attname] = value
    return values


def _author(one: Any, value: Any, people: Mapping[Any, Any], where: str) -> dict[str, Any]:
    """Who did something: an account of this grow, or a name alone."""
    if value is None:
        return {one.attname: None, f"{one.name}_name": ""}
    if not isinstance(value, str) or not is_a_name(value):
        raise InputError("wrong_value.author", where, value=str(value)[:60])
    known = people.get(value)
    return {one.attname: known, f"{one.name}_name": "" if known else value}
