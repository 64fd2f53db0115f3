"""Shapes that several endpoints answer with."""

from ninja import Schema

from core.errors import InputError

PLAIN_TEXT = r"^[^\x00-\x1f]*$"
"""No control characters; PostgreSQL refuses some of them."""


class Problem(Schema):
    """What is wrong, where, and what to do."""

    code: str
    message: str
    where: str = ""


class ErrorOut(Schema):
    """Every error has this shape."""

    error: Problem


class Outdated(InputError):
    """An edit that was made from a state that is no more; nothing of it is written."""
