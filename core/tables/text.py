"""Delimited and plain text into rows: commas, semicolons, tabs, bars, or wide gaps."""

import csv
import io
import re
from collections import Counter

from charset_normalizer import from_bytes

from core.errors import InputError

_MARKED = ((b"\xef\xbb\xbf", "utf-8-sig"), (b"\xff\xfe", "utf-16"), (b"\xfe\xff", "utf-16"))
_JUNK = re.compile(r"[\x00-\x08\x0e-\x1f\x7f]")


def decoded(raw: bytes) -> str:
    """Text of a file that does not say how it is written: UTF-8, UTF-16 or Windows-1252.

    Raises:
        InputError: it is no text.
    """
    text = _decode(raw)
    if len(_JUNK.findall(text)) > len(text) // 200:
        raise InputError("not_text")
    return _JUNK.sub("", text)


def _decode(raw: bytes) -> str:
    wide = _wide(raw)
    marked: list[str | None] = [name for mark, name in _MARKED if raw.startswith(mark)]
    for encoding in marked or [wide, "utf-8"]:
        if encoding is None:
            continue
        try:
            return raw.decode(encoding)
        except UnicodeDecodeError:
            continue
    try:
        return raw.decode("cp1252")
    except UnicodeDecodeError:  # five bytes mean nothing in it
        best = from_bytes(raw).best()
        return str(best) if best else raw.decode("cp1252", errors="replace")


def _wide(raw: bytes) -> str | None:
    """UTF-16 without its mark: every other byte of plain Latin text is zero."""
    start = raw[:2000]
    if len(start) < 4 or start.count(0) < len(start) // 4:
        return None
    return "utf-16-le" if start[1::2].count(0) > start[0::2].count(0) else "utf-16-be"


_DELIMITERS = ("\t", ";", ",", "|")


def rows_of_text(text: str) -> tuple[tuple[str, ...], ...]:
    """Rows of a text, split by the sign that makes of it the most even table.

    >>> rows_of_text("a;1,5;2\\nb;2;3")[0]
    ('a', '1,5', '2')

    """
    plain = text.replace("\r\n", "\n").replace("\r", "\n")
    told = re.match(r"sep=(.)\n", plain, re.IGNORECASE)
    if told:
        return _split(plain[told.end() :], told[1])
    if exported := re.match(r'"?Bottle"?([,;\t])', plain):
        return _split(plain, exported[1])
    found = [(_evenness(rows), rows) for one in _DELIMITERS if (rows := _split(plain, one))]
    best = max(found, key=lambda one: one[0], default=None)
    wide = tuple(tuple(re.split(r"\t| {2,}", line.rstrip())) for line in plain.split("\n"))
    if best is None or best[0] == (0.0, 0) or _evenness(wide) > best[0]:
        return wide
    rows = best[1]
    return _without_bars(rows) if "|" in plain and any(row[0] == "" for row in rows) else rows


def _split(text: str, delimiter: str) -> tuple[tuple[str, ...], ...]:
    if delimiter not in text:
        return ()
    try:
        return tuple(
            tuple(row) for row in csv.reader(io.StringIO(text), delimiter=delimiter, strict=False)
        )
    except csv.Error:  # a quotation mark that never ends, or a field as long as a book
        return ()


def _evenness(rows: tuple[tuple[str, ...], ...]) -> tuple[float, int]:
    """The share of rows of the commonest length, and their cells; 0 where it is one cell.

    A length that only one row has is a title's, in which the sign stands for something else.
    """
    counts = Counter(
        len(row) for row in rows if any(cell.strip() for cell in row) and not _is_kept(row)
    )
    counts.pop(1, None)  # titles and notes stand alone
    if not counts:
        return 0.0, 0
    length, times = max(counts.items(), key=lambda one: (one[1], one[0]))
    return round(times / sum(counts.values()), 1) if times > 1 else 0.0, times * length


def _is_kept(row: tuple[str, ...]) -> bool:
    return row[0].lstrip().startswith("#")


def _without_bars(rows: tuple[tuple[str, ...], ...]) -> tuple[tuple[str, ...], ...]:
    """A table drawn with bars, without its edges and rules."""
    kept = [tuple(cell.strip() for cell in row) for row in rows]
    kept = [row for row in kept if not all(re.fullmatch(r":?-*:?", cell) for cell in row)]
    if all(row[0] == "" for row in kept if len(row) > 1):
        kept = [row[1:] if len(row) > 1 else row for row in kept]
    return tuple(kept)
