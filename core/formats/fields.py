"""Kinds of field that the formats share."""

import re
from collections.abc import Callable, Iterable
from datetime import date, datetime, time
from fractions import Fraction
from typing import Annotated, Literal, TypeVar

from pydantic import (
    BaseModel,
    ConfigDict,
    Field,
    PlainSerializer,
    PlainValidator,
    StringConstraints,
    WithJsonSchema,
)

from core.errors import InputError
from core.limits import LONGEST_NAME, LONGEST_WORDS
from core.quantities import (
    Reading,
    ReadingRange,
    ReadingScale,
    ReadingUnit,
    VolumeUnit,
    decimal_text,
    figure,
)

_T = TypeVar("_T")


def _exact(value: object) -> Fraction:
    return value if isinstance(value, Fraction) else figure(value)


Figure = Annotated[
    Fraction,
    PlainValidator(_exact),
    PlainSerializer(decimal_text, return_type=str),
    WithJsonSchema(
        {
            "description": "An exact number of 0 or more as decimal text; JSON numbers too.",
            "anyOf": [
                {"type": "string", "pattern": r"^\d{1,12}(\.\d{1,12})?$"},
                {"type": "number", "minimum": 0},
            ],
        },
        mode="validation",
    ),
    WithJsonSchema(
        {"description": "An exact number as decimal text.", "type": "string"}, mode="serialization"
    ),
]

Signed = Annotated[
    Fraction,
    PlainSerializer(decimal_text, return_type=str),
    WithJsonSchema({"description": "A number as decimal text, with its sign.", "type": "string"}),
]
"""For what is only written: figures that are read are never below 0."""

Exact = Annotated[
    Fraction,
    PlainValidator(lambda value: value if isinstance(value, Fraction) else Fraction(str(value))),
    PlainSerializer(str, return_type=str),
    WithJsonSchema({"description": "An exact fraction such as 7/3.", "type": "string"}),
]
"""For what the program itself keeps and reads again: endless decimals stay exact."""

Key = Annotated[
    str, StringConstraints(min_length=1, max_length=LONGEST_NAME, pattern=r"^[^\x00-\x1f]+$")
]
Words = Annotated[str, StringConstraints(max_length=LONGEST_WORDS, pattern=r"^[^\x00-\x1f]*$")]


def _day(value: object) -> date:
    """A day as ISO 8601 writes it, and nothing else that could be meant for one."""
    if isinstance(value, date) and not isinstance(value, datetime):
        return value
    try:
        if isinstance(value, str) and len(value) == len("2027-03-01"):
            return date.fromisoformat(value)
    except ValueError:
        pass
    raise InputError("day_unclear")


Day = Annotated[
    date,
    PlainValidator(_day),
    PlainSerializer(date.isoformat, return_type=str),
    WithJsonSchema(
        {"description": "A day, such as 2027-03-01.", "type": "string", "format": "date"}
    ),
]


def _time_of_day(value: object) -> time:
    if isinstance(value, time):
        return value
    if isinstance(value, str) and re.fullmatch(r"([01]\d|2[0-3]):[0-5]\d", value):
        return time.fromisoformat(value)
    raise InputError("time_unclear")


TimeOfDay = Annotated[
    time,
    PlainValidator(_time_of_day),
    PlainSerializer(lambda at: at.strftime("%H:%M"), return_type=str),
    WithJsonSchema({"description": "A time of day, such as 09:00.", "type": "string"}),
]

Count = Annotated[int, Field(strict=True, ge=0, le=999)]


class Document(BaseModel):
    """A part of a format: no unknown fields, never altered."""

    model_config = ConfigDict(extra="forbid", frozen=True)


def within(where: str, build: Callable[[], _T]) -> _T:
    """Build something, with errors seen from `where`."""
    try:
        return build()
    except InputError as error:
        raise error.inside(where) from None


class ReadingDocument(Document):
    """A meter reading."""

    value: Figure
    unit: ReadingUnit = ReadingUnit.MS_CM
    scale: Literal[500, 640, 700] | None = None

    def reading(self) -> Reading:
        """The reading it means."""
        return Reading.of(self.value, ReadingScale(self.unit, self.scale))


class ReadingRangeDocument(Document):
    """A target reading; a single value has low alone."""

    low: Figure
    high: Figure | None = None
    unit: ReadingUnit = ReadingUnit.MS_CM
    scale: Literal[500, 640, 700] | None = None

    def range(self) -> ReadingRange:
        """The range it means."""
        scale = ReadingScale(self.unit, self.scale)
        high = self.low if self.high is None else self.high
        return ReadingRange(Reading.of(self.low, scale), Reading.of(high, scale))


class PhDocument(Document):
    """A pH window; a single value has low alone."""

    low: Figure
    high: Figure | None = None


class VolumeDocument(Document):
    """A volume of water."""

    value: Figure
    unit: VolumeUnit


def one_of(codes: Iterable[str]) -> WithJsonSchema:
    """A text of which the document of a format names every value that it may have."""
    return WithJsonSchema({"type": "string", "enum": list(codes)})
