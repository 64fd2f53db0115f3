"""Typed text in requests, read by core with errors that name the field."""

from collections.abc import Callable
from decimal import Decimal
from fractions import Fraction
from typing import TypeVar

from core.errors import InputError
from core.quantities import DecimalMark, by_decimal_mark, figure, number_text

_T = TypeVar("_T")


def typed(where: str, read: Callable[[], _T]) -> _T:
    """Read one typed field.

    Raises:
        InputError: as reading raised it, seen from the field `where`.
    """
    try:
        return read()
    except InputError as error:
        raise error.at(where) from None


def exact_decimal(value: Fraction, places: int) -> Decimal:
    """A figure as a column of so many places keeps it."""
    return Decimal(number_text(value, places))


def typed_figure(where: str, text: str, mark: DecimalMark = ".") -> Fraction:
    """A plain number as typed, with a point or a comma.

    Args:
        where: the field.
        text: what was typed.
        mark: what this person writes before decimals.

    Raises:
        InputError: it is none, or may be thousands; seen from the field `where`.
    """
    return typed(where, lambda: figure(by_decimal_mark(text.strip(), mark).replace(",", ".")))


def optional_decimal(where: str, text: str, places: int, mark: DecimalMark = ".") -> Decimal | None:
    """The same for a column of so many places; None where nothing was typed."""
    return exact_decimal(typed_figure(where, text, mark), places) if text.strip() else None
