"""Exact figures: read from decimal text, kept as fractions, written as decimal text.

Fractions and not decimals, because a US gallon divided by a UK gallon, or the share (T - S) / T of
an all-in target, has no end as a decimal.
"""

import re
from decimal import ROUND_HALF_UP, Context, Decimal
from fractions import Fraction

from core.errors import InputError

_FIGURE = re.compile(r"-?\d{1,12}(\.\d{1,12})?", re.ASCII)
_ENDLESS = Context(prec=20)


def figure(value: object) -> Fraction:
    """An exact figure from a decimal string, an int or a Decimal.

    >>> figure("1.7")
    Fraction(17, 10)

    Raises:
        InputError: not a plain decimal number of at most 12 digits on either side of the point,
            or below zero.
    """
    if isinstance(value, bool) or not isinstance(value, str | int | Decimal):
        raise InputError("not_a_number.text")
    text = value if isinstance(value, str) else _plain(value)
    if not _FIGURE.fullmatch(text):
        shown = text if len(text) <= 40 else f"{text[:40]}…"
        raise InputError("not_a_number.plain", shown=shown)
    exact = Fraction(text)
    if exact < 0:
        raise InputError("negative.plain", text=text)
    return exact


def _plain(value: int | Decimal) -> str:
    """Digits without an exponent, where that is short enough to be read at all."""
    if isinstance(value, Decimal):
        if not value.is_finite() or not -20 < value.adjusted() < 20:
            return str(value)
        return f"{value:f}"
    if not -(10**20) < value < 10**20:
        raise InputError("not_a_number.digits")
    return str(value)


def decimal_text(value: Fraction) -> str:
    """The figure as decimal text, all its digits; endless ones are cut to 20 significant digits.

    >>> decimal_text(Fraction(7497, 100)), decimal_text(Fraction(1, 3))
    ('74.97', '0.33333333333333333333')
    """
    if value.denominator == 1:
        return str(value.numerator)
    denominator, places = value.denominator, 0
    while denominator % 10 == 0:
        denominator //= 10
        places += 1
    for prime in (2, 5):
        while denominator % prime == 0:
            denominator //= prime
            places += 1
    if denominator != 1:
        endless = _ENDLESS.divide(Decimal(value.numerator), Decimal(value.denominator))
        return f"{endless:f}"
    digits = str(abs(value.numerator) * 10**places // value.denominator).rjust(places + 1, "0")
    whole, rest = digits[: len(digits) - places], digits[len(digits) - places :].rstrip("0")
    return ("-" if value < 0 else "") + whole + (f".{rest}" if rest else "")


def number_text(value: Fraction, places: int) -> str:
    """The figure for people, rounded half up to so many places, ending zeros kept.

    >>> number_text(Fraction(13, 10), 2)
    '1.30'
    """
    step = Decimal(1).scaleb(-places)
    exact = _ENDLESS.divide(Decimal(value.numerator), Decimal(value.denominator))
    return f"{exact.quantize(step, rounding=ROUND_HALF_UP):f}"


def of_float(value: float, places: int) -> Fraction:
    """What a model says, as the nearest figure of so many places, half a step up.

    Sums of such figures stay short, as those of the nearest small fractions would not.

    >>> of_float(1 / 3, 4), of_float(0.125, 2)
    (Fraction(3333, 10000), Fraction(13, 100))
    """
    numerator, denominator = value.as_integer_ratio()
    step: int = 10**places
    return Fraction((2 * numerator * step + denominator) // (2 * denominator), step)


def rounded(value: Fraction, places: int) -> Fraction:
    """The figure rounded half up to so many places, for what no vessel or meter could tell apart.

    >>> decimal_text(rounded(Fraction(1, 3), 6)), decimal_text(rounded(Fraction(5, 1000), 2))
    ('0.333333', '0.01')
    """
    return Fraction(number_text(value, places))
