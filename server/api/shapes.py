"""Shapes that several endpoints answer with."""

from ninja import Schema


class Problem(Schema):
    """What is wrong, where, and what to do."""

    code: str
    message: str
    where: str = ""


class ErrorOut(Schema):
    """Every error has this shape."""

    error: Problem
