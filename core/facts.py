"""Tables with a line for each member of an enum: whoever adds a member is told of every table."""

from collections.abc import Mapping
from enum import Enum
from typing import TypeVar

Member = TypeVar("Member", bound=Enum)
Facts = TypeVar("Facts")


def one_each(members: type[Member], facts: dict[Member, Facts]) -> Mapping[Member, Facts]:
    """The table as it is.

    Raises:
        TypeError: a member has no line. The program does not start without it.

    >>> class Tide(Enum):
    ...     HIGH, LOW = "high", "low"
    >>> one_each(Tide, {Tide.HIGH: "swim"})
    Traceback (most recent call last):
    TypeError: No line for Tide.LOW in a table that needs one for each.
    """
    if missing := [member for member in members if member not in facts]:
        named = ", ".join(f"{members.__name__}.{member.name}" for member in missing)
        raise TypeError(f"No line for {named} in a table that needs one for each.")
    return facts
