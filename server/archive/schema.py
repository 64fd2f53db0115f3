"""The JSON Schema of an archive, from the fields that it holds."""

from collections.abc import Mapping
from typing import Any

from django.db import models

from core.limits import MOST_ARCHIVE_RECORDS
from server.archive.files import FORMAT, VERSION
from server.archive.kept import GROW_FIELDS, KEPT, Kept

_DRAFT = "https://json-schema.org/draft/2020-12/schema"
_TYPES: Mapping[str, Mapping[str, Any]] = {
    "BooleanField": {"type": "boolean"},
    "PositiveSmallIntegerField": {"type": "integer", "minimum": 0},
    "PositiveIntegerField": {"type": "integer", "minimum": 0},
    "PositiveBigIntegerField": {"type": "integer", "minimum": 0},
    "DecimalField": {"type": "string", "pattern": r"^-?\d+(\.\d+)?$"},
    "DateField": {"type": "string", "format": "date"},
    "DateTimeField": {"type": "string", "format": "date-time"},
    "JSONField": {},
}


def archive_schema() -> dict[str, Any]:
    """The schema of `archive.json`, and under `$defs` that of a line of each list."""
    count = {"type": "integer", "minimum": 0, "maximum": MOST_ARCHIVE_RECORDS}
    told = {
        "format": {"const": FORMAT},
        "version": {"const": VERSION},
        "written_at": {"type": "string", "format": "date-time"},
        "grow": _object({field.name: _field(field) for field in GROW_FIELDS}),
        "records": _object({kept.name: count for kept in KEPT}),
    }
    return {
        "$schema": _DRAFT,
        "title": f"{FORMAT}, version {VERSION}",
        **_object(told),
        "$defs": {kept.name: _record(kept) for kept in KEPT},
    }


def _object(fields: Mapping[str, Any]) -> dict[str, Any]:
    return {
        "type": "object",
        "properties": dict(fields),
        "required": list(fields),
        "additionalProperties": False,
    }


def _record(kept: Kept) -> dict[str, Any]:
    return _object({field.name: _of_list(kept, field) for field in kept.fields})


def _of_list(kept: Kept, one: Any) -> dict[str, Any]:
    listed = kept.list_of(one)
    if listed is None:
        return _field(one)
    if listed == "people":
        return _or_null({"type": "string", "description": "who it was, by name"}, one)
    return _or_null({"type": "integer", "minimum": 1, "description": f"place in {listed}"}, one)


def _field(one: Any) -> dict[str, Any]:
    if isinstance(one, models.JSONField):
        return {"description": str(one.verbose_name)}
    told = dict(_TYPES.get(one.get_internal_type(), {"type": "string"}))
    if one.choices:
        told["enum"] = [*([""] if one.blank else []), *(key for key, _ in one.flatchoices)]
    elif one.max_length:
        told["maxLength"] = one.max_length
    if one.verbose_name != one.name.replace("_", " "):
        told["description"] = str(one.verbose_name)
    return _or_null(told, one)


def _or_null(document: dict[str, Any], one: Any) -> dict[str, Any]:
    return {"anyOf": [document, {"type": "null"}]} if one.null else document
