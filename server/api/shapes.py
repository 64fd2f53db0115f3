"""Shapes that several endpoints answer with."""

from typing import Annotated, Literal, Self

from ninja import Field, Schema
from pydantic import AfterValidator, StringConstraints

from core.errors import InputError
from core.formats.fields import one_of
from core.limits import LONGEST_NAME
from core.messages import Message
from core.wording import codes_in, wording

PLAIN_TEXT = r"^[^\x00-\x1f]*$"
"""No control characters; PostgreSQL refuses some of them."""


def _with_something_to_see(name: str) -> str:
    if not any(char.isprintable() and not char.isspace() for char in name):
        raise InputError("missing.visible")
    return name


Name = Annotated[
    str,
    StringConstraints(strip_whitespace=True),
    Field(min_length=1, max_length=LONGEST_NAME, pattern=PLAIN_TEXT),
    AfterValidator(_with_something_to_see),
]
"""What a grow calls one of its things."""


class Made(Schema):
    """The number of what was made."""

    id: int


class Kept(Schema):
    """What was told is kept."""

    kept: Literal[True] = True


class Problem(Schema):
    """What is wrong, where, and what to do."""

    code: Annotated[str, one_of(codes_in("errors", "requests"))]
    message: str
    where: str = ""

    @classmethod
    def of(cls, message: Message, where: str = "") -> Self:
        """What a message says of a place."""
        return cls(code=message.code, message=wording(message), where=where)


class ErrorOut(Schema):
    """Every error has this shape."""

    error: Problem


class NotAllowed(Exception):
    """A member asks for what is for others; the message says for whom."""

    def __init__(self, message: Message) -> None:
        super().__init__(message)
        self.message = message


class Outdated(InputError):
    """An edit that was made from a state that has changed since; nothing of it is written."""
