"""What a message is, before anybody has put it into words."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date
from fractions import Fraction
from typing import Literal, Self, TypeAlias


class Worded:
    """What `core.wording` puts into words in a person's own units: a reading, a volume, a share."""

    __slots__ = ()


MessageValue: TypeAlias = "str | int | Fraction | date | Worded | Message"


@dataclass(frozen=True, slots=True)
class Listed(Worded):
    """Several values in a row.

    Args:
        items: what is listed.
        by: what stands between them; `and` and `or` stand before the last one alone.
    """

    items: tuple[MessageValue, ...]
    by: Literal["and", "or", "comma", "semicolon", "sentence"] = "and"


@dataclass(frozen=True, slots=True)
class Figure(Worded):
    """A number for people, rounded half up to so many places; `ends` keeps the zeros at its end."""

    value: Fraction
    places: int
    ends: bool = True


@dataclass(frozen=True, slots=True)
class Percent(Worded):
    """A share of 1, as per cent of so many places."""

    share: Fraction
    places: int = 0


@dataclass(frozen=True, slots=True)
class Celsius(Worded):
    """A temperature, on both scales."""

    degrees: Fraction


@dataclass(frozen=True, slots=True, init=False)
class Message:
    """One thing that is said to people.

    Args:
        id: a code, or a code and after a point which of its sentences: `out_of_range.days`.
        values: what its sentence names, by the names that stand in the catalogue.
        place: what it is about, which is said before it.
    """

    id: str
    values: Mapping[str, MessageValue]
    place: "Message | None"

    def __init__(self, id: str, /, **values: MessageValue) -> None:
        object.__setattr__(self, "id", id)
        object.__setattr__(self, "values", values)
        object.__setattr__(self, "place", None)

    @property
    def code(self) -> str:
        """The stable word for what is the case, for programs and tests."""
        return self.id.partition(".")[0]

    def about(self, place: "Message | None") -> "Self":
        """The same, said of a place."""
        same = type(self)(self.id, **self.values)
        object.__setattr__(same, "place", place)
        return same

    def __reduce__(self) -> "tuple[object, ...]":
        """How a message is pickled for another process."""
        return _remade, (self.id, self.place, dict(self.values))

    def __hash__(self) -> int:
        """By its code and values."""
        return hash((self.id, tuple(self.values.items()), self.place))


def _remade(id: str, place: Message | None, values: dict[str, MessageValue]) -> Message:
    return Message(id, **values).about(place)
