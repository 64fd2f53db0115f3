"""Typed text in requests, read by core with errors that name the field."""

from collections.abc import Callable
from decimal import Decimal
from fractions import Fraction
from typing import TypeVar

from core.errors import InputError
from core.quantities import number_text

_T = TypeVar("_T")


def typed(where: str, read: Callable[[], _T]) -> _T:
    """Read one typed field.

    Raises:
        InputError: as reading raised it, seen from the field `where`.
    """
    try:
        return read()
    except InputError as error:
        raise InputError(error.code, error.message, where) from None


def exact_decimal(value: Fraction, places: int) -> Decimal:
    """A figure as a column of so many places keeps it."""
    return Decimal(number_text(value, places))
