"""Numbers as people type them: fractions, ranges, points and commas, and the words behind them."""

import re
from fractions import Fraction
from typing import Literal

from core.errors import InputError
from core.limits import LONGEST_TYPED
from core.messages import Message

_VULGAR = {
    "½": "1/2", "¼": "1/4", "¾": "3/4", "⅓": "1/3", "⅔": "2/3", "⅛": "1/8", "⅜": "3/8", "⅝": "5/8",
    "⅞": "7/8",
}  # fmt: skip
_HYPHENS = "\u2010\u2011\u2012\u2013\u2014\u2212\ufe63\uff0d"
"""Dashes and hyphens that leaflets and PDFs have between the ends of a range."""

_NUMBER = r"(?:\d+[ -]+\d+/\d+|\d+/\d+|\d{1,3}(?:[ ]\d{3})+(?![\d])|\d+(?:[.,]\d+)*|[.,]\d+)"
_RANGE = re.compile(rf"({_NUMBER})(?:\s*(?:-|to)\s*({_NUMBER}))?\s*(.*)", re.ASCII)


def tidy_text(text: str, what: Message) -> str:
    """In lower case, with plain hyphens, fractions and spaces.

    Args:
        text: what was typed.
        what: what it should be, for the message.

    Raises:
        InputError: nothing was typed, or too much, or something below zero.
    """
    if len(text) > LONGEST_TYPED:
        raise InputError("too_long.typed", what=what)
    tidy = text.strip().lower().replace("µ", "u").replace("μ", "u").replace("\u00a0", " ")
    tidy = re.sub(f"[{_HYPHENS}]", "-", tidy).replace("\u2044", "/").replace("\u2009", " ")
    for sign, plain in _VULGAR.items():
        tidy = tidy.replace(sign, f" {plain}")
    tidy = re.sub(r"\s+", " ", tidy).strip()
    if not tidy:
        raise InputError("empty", what=what)
    if tidy.startswith("-"):
        raise InputError("negative.typed", text=text.strip(), what=what)
    return tidy


DecimalMark = Literal[".", ","]
"""What somebody writes before decimals."""

_THOUSANDS_OR_DECIMALS = re.compile(r"(?<![\d.,])([1-9]\d{0,2})([.,])(\d{3})(?![\d.,])", re.ASCII)


def by_decimal_mark(text: str, mark: DecimalMark) -> str:
    """A typed text with decimals after a point, by who writes them after a point or a comma.

    >>> by_decimal_mark("1,413 mS/cm", ",")
    '1.413 mS/cm'

    Raises:
        InputError: the other mark before three digits, which for this person parts thousands.
    """
    if found := _THOUSANDS_OR_DECIMALS.search(text):
        whole, between, rest = found.groups()
        if between != mark:
            many, few = f"{whole}{rest}", f"{whole}{mark}{rest}"
            raise InputError("ambiguous_number.mark", found=found[0], many=many, few=few)
        return _THOUSANDS_OR_DECIMALS.sub(r"\1.\3", text)
    return text


def _number(text: str) -> Fraction:
    """One number: 2.5, 2,5, 1/2, 2 1/2, 1-1/2, 1 500, 1,500,000, 1.234,5.

    Raises:
        InputError: 1,500 (thousands or decimals?), 1.2.3, or a division by zero.
    """
    if "/" in text:
        whole, _, part = text.replace("-", " ").rpartition(" ")
        over, _, under = part.partition("/")
        if int(under) == 0:
            raise InputError("not_a_number.by_zero", text=text)
        return Fraction(int(whole or 0)) + Fraction(int(over), int(under))
    text = text.replace(" ", "")
    if re.fullmatch(r"[1-9]\d{0,2},\d{3}", text):
        thousands, decimals = text.replace(",", ""), text.replace(",", ".")
        raise InputError(
            "ambiguous_number.typed", text=text, thousands=thousands, decimals=decimals
        )
    if re.fullmatch(r"\d{1,3}(,\d{3})+\.\d+|[1-9]\d{0,2}(,\d{3}){2,}", text):
        text = text.replace(",", "")
    elif re.fullmatch(r"\d{1,3}(\.\d{3})+,\d+|[1-9]\d{0,2}(\.\d{3}){2,}", text):
        text = text.replace(".", "")
    text = text.replace(",", ".")
    if text.count(".") > 1:
        raise InputError("not_a_number.point", text=text)
    return Fraction(f"0{text}" if text.startswith(".") else text)


def split_range(text: str, what: Message) -> tuple[Fraction, Fraction, str]:
    """Low, high and the words after them; a single value is both.

    Raises:
        InputError: it starts with no number, or the range runs downwards.
    """
    found = _RANGE.fullmatch(text)
    if not found:
        raise InputError("not_a_number.start", text=text, what=what)
    low = _number(found[1])
    high = _number(found[2]) if found[2] else low
    if low > high:
        raise InputError("range_upside_down.typed", text=text)
    return low, high, found[3].strip()


def single_number(text: str, what: Message) -> tuple[Fraction, str]:
    """A number and the words after it.

    Raises:
        InputError: it is none, or a range.
    """
    low, high, rest = split_range(text, what)
    if low != high:
        raise InputError("range_not_allowed", text=text, what=what)
    return low, rest
