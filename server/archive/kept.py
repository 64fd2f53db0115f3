"""What an archive holds: each kind of record with its fields, and what they refer to.

A record's number in an archive is its place in its list, from 1; numbers of the database are never
told, so that the same grow brought in elsewhere gives the same archive.
"""

import math
import re
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field
from datetime import UTC, date, datetime
from decimal import Decimal
from functools import cached_property
from typing import Any, TypeAlias

from django.contrib.auth.models import User
from django.core.exceptions import ValidationError
from django.db import models

from core.errors import InputError
from core.limits import EARLIEST_DAY, LATEST_DAY
from server.api.shapes import PLAIN_TEXT
from server.changes.models import ChangeEntry
from server.charts.models import Chart, ChartVersion, LeafletPicture
from server.grows.models import Grow
from server.guided.models import Mix, MixCorrection, MixEvent
from server.seasons.models import Season, SeasonEntry
from server.shelf.models import (
    Bottle,
    CalibrationEntry,
    MeasuringVessel,
    Meter,
    Product,
    StockEntry,
)
from server.tanks.models import BlendedWater, Tank, WaterBlend, WaterSource
from server.tanks.timeline import TimeLineEntry

_NAMES_OF_PEOPLE = frozenset({"by_name", "told_by_name"})
"""Told together with the account: an archive has one name for who did something."""

Numbers = Mapping[str, Mapping[Any, Any]]
"""For each list of an archive what a number in it stands for; for `people`, a name."""

_AnyField: TypeAlias = "models.Field[Any, Any]"


@dataclass(frozen=True)
class Kept:
    """One list of an archive.

    Args:
        name: what the list is called.
        model: what its records are.
        leaves_out: fields that are not told: where a record belongs, and files of their own.
        loose: fields that hold a number of another list without being tied to it.
    """

    name: str
    model: type[models.Model]
    leaves_out: frozenset[str] = frozenset({"id", "grow"})
    loose: Mapping[str, str] = field(default_factory=dict)

    @cached_property
    def has_grow(self) -> bool:
        """Whether a record names its grow; else it belongs to the grow of its mix."""
        return any(one.name == "grow" for one in self.model._meta.concrete_fields)

    @cached_property
    def fields(self) -> tuple[_AnyField, ...]:
        """Those that are told, in the order of the model."""
        found = self.model._meta.concrete_fields
        left_out = self.leaves_out | _NAMES_OF_PEOPLE
        return tuple(one for one in found if one.name not in left_out)

    def list_of(self, one: _AnyField) -> str | None:
        """The list that a field's numbers are of; None where it holds no number of one."""
        if one.name in self.loose:
            return self.loose[one.name]
        if one.related_model is None:
            return None
        return "people" if one.related_model is User else NAMES[one.related_model]


KEPT: tuple[Kept, ...] = (
    Kept("waters", WaterSource),
    Kept("blends", WaterBlend),
    Kept("blended_waters", BlendedWater),
    Kept("products", Product),
    Kept("bottles", Bottle),
    Kept("vessels", MeasuringVessel),
    Kept("meters", Meter),
    Kept("calibrations", CalibrationEntry),
    Kept("pictures", LeafletPicture, frozenset({"id", "grow", "image"})),
    Kept("charts", Chart),
    Kept("chart_versions", ChartVersion),
    Kept("tanks", Tank),
    Kept("seasons", Season),
    Kept("season_entries", SeasonEntry),
    Kept("changes", ChangeEntry),
    Kept("mixes", Mix),
    Kept("mix_events", MixEvent, frozenset({"id"})),
    Kept("mix_corrections", MixCorrection, frozenset({"id"})),
    Kept("stock_entries", StockEntry, loose={"mix": "mixes"}),
    Kept("time_line", TimeLineEntry, loose={"product": "products", "mix": "mixes"}),
)
"""Each after those that it refers to, but for records of its own list."""

ADDED_FIELDS: Mapping[str, tuple[str, ...]] = {
    "vessels": ("product", "words"),
    "seasons": ("replaces",),
}
"""What came after the first archives were written: the model's default where one does not tell."""


def defaults_of(kept: Kept) -> dict[str, Any]:
    """What a record is that does not tell of fields which came later."""
    added = ADDED_FIELDS.get(kept.name, ())
    return {field.name: field.get_default() for field in kept.fields if field.name in added}


NAMES: Mapping[Any, str] = {kept.model: kept.name for kept in KEPT}

_GROW_FIELDS = ("name", "time_zone", "calmag", "silica", "live", "rows", "ranges")
GROW_FIELDS = tuple(one for one in Grow._meta.concrete_fields if one.name in _GROW_FIELDS)


def renumbered(kept: Kept, one: _AnyField, value: Any, numbers: Numbers) -> Any:
    """A value with each number of a record replaced by the one that stands for it.

    A number that stands for nothing becomes None, or goes with its row: what it named was removed.
    """
    renumber_within = _NUMBERS_WITHIN.get((kept.model, one.name))
    if renumber_within is not None:
        return renumber_within(value, numbers["products"])
    listed = kept.list_of(one)
    return value if listed is None or value is None else numbers[listed].get(value)


def is_renumbered(kept: Kept, one: _AnyField) -> bool:
    """Whether a field holds numbers of records."""
    return (kept.model, one.name) in _NUMBERS_WITHIN or kept.list_of(one) is not None


def _rows(value: Mapping[str, int], products: Mapping[Any, Any]) -> dict[str, Any]:
    """The product of each row of a chart, where there still is one."""
    return {row: products[number] for row, number in value.items() if number in products}


def _bottles(value: Mapping[str, Any], products: Mapping[Any, Any]) -> dict[str, Any]:
    """The bottle of each row of a mix."""
    return {row: {**told, "product": products.get(told["product"])} for row, told in value.items()}


def _plan(value: Mapping[str, Any], products: Mapping[Any, Any]) -> dict[str, Any]:
    """What a plan takes for pH; its key is the number of the product, 0 where that is gone."""
    drawn = {what: value.get(what) for what in ("acid", "alkali")}
    return {
        **value,
        **{
            what: bottle and {**bottle, "key": str(products.get(int(bottle["key"]), 0))}
            for what, bottle in drawn.items()
        },
    }


_NUMBERS_WITHIN: Mapping[tuple[type[models.Model], str], Callable[..., dict[str, Any]]] = {
    (ChartVersion, "products"): _rows,
    (Mix, "products"): _bottles,
    (Mix, "plan"): _plan,
}
"""Fields of JSON that hold numbers of products, and how these are replaced."""


def told_of(value: Any) -> Any:
    """A stored value as JSON has it."""
    match value:
        case Decimal():
            return format(value, "f")
        case datetime():
            return value.astimezone(UTC).isoformat()
        case date():
            return value.isoformat()
        case _:
            return value


def stored_of(one: _AnyField, told: Any, where: str) -> Any:
    """A value as the database has it, from JSON.

    Raises:
        InputError: it is none that this field can hold.
    """
    if told is None and not one.null:
        raise InputError("missing.stored", where)
    if told is None:
        return None
    if isinstance(one, models.JSONField):
        return checked_json(told, where)
    if not isinstance(told, _TYPES.get(one.get_internal_type(), str)) or (
        isinstance(told, bool) and not isinstance(one, models.BooleanField)
    ):
        raise InputError("wrong_type.value", where, field=one.name)
    try:
        value = one.to_python(told)
        one.run_validators(value)
    except (ValidationError, ValueError, OverflowError, ArithmeticError) as error:
        said = " ".join(error.messages) if isinstance(error, ValidationError) else str(error)
        raise InputError("wrong_value.value", where, field=one.name, said=said) from None
    _check_stored(one, value, where)
    return value


_TYPES: Mapping[str, type | tuple[type, ...]] = {
    "BooleanField": bool,
    "PositiveSmallIntegerField": int,
    "PositiveIntegerField": int,
    "PositiveBigIntegerField": int,
}
"""What a kind of field is told as; a text where none is named."""


def _check_stored(one: _AnyField, value: Any, where: str) -> None:
    """What Django's own checks of a field let through."""
    match value:
        case str():
            _check_line(one, value, where)
        case Decimal() if not value.is_finite():
            raise InputError("wrong_value.number", where)
        case datetime() if value.tzinfo is None:
            raise InputError("wrong_value.time", where)
        case date() if not EARLIEST_DAY.year <= value.year <= LATEST_DAY.year:
            raise InputError("wrong_value.year", where)
    if one.choices and not (one.blank and value == ""):
        _check_choice(one, value, where)


def _check_line(one: _AnyField, text: str, where: str) -> None:
    _check_text(text, where)
    if not text and not one.blank:
        raise InputError("missing.stored", where)
    if not re.match(PLAIN_TEXT, text):
        raise InputError("wrong_value.line", where)


def _check_choice(one: _AnyField, value: Any, where: str) -> None:
    if value not in {key for key, _ in one.flatchoices}:
        raise InputError("unknown_value", where, value=str(value), field=one.name)


def _check_text(text: str, where: str) -> None:
    """Half of a pair of UTF-16 is no character, and PostgreSQL keeps no NUL."""
    if "\0" in text or any("\ud800" <= one <= "\udfff" for one in text):
        raise InputError("wrong_value.characters", where)


def checked_json(told: Any, where: str) -> Any:
    """JSON that the database can keep: no NUL in a text, no number that is none.

    Raises:
        InputError: it cannot.
    """
    match told:
        case str():
            _check_text(told, where)
        case float() if not math.isfinite(told):
            raise InputError("wrong_value.number", where)
        case dict():
            for key, value in told.items():
                checked_json(key, where)
                checked_json(value, where)
        case list():
            for value in told:
                checked_json(value, where)
    return told
