"""Footnotes: the marks behind figures and names, and what stands at the foot for each."""

import re
from collections.abc import Iterable

from core.leaflet.layout import Layout
from core.leaflet.statements import unit_said
from core.quantities.dose_units import DoseUnitSaid, read_dose_unit

_MARK = re.compile(r"\s*(\*+|[†‡]+|[¹²³⁴⁵⁶⁷⁸⁹]+\)?|(?<=[\d\s])\d\))$")
_FOOT = re.compile(r"\s*[(\[]?(\*+|[†‡]+|[¹²³⁴⁵⁶⁷⁸⁹]+|\d(?=[)\]:=]))[)\]:=]?\s*(?=\S)(.*)$")


def without_mark(name: str) -> tuple[str, str]:
    """A name without the mark of a footnote behind it, and that mark.

    >>> without_mark("Kelp*"), without_mark("Kelp")
    (('Kelp', '*'), ('Kelp', ''))
    """
    found = _MARK.search(name)
    rest = name[: found.start()].strip() if found else ""
    return (rest, found[1]) if found and rest else (name, "")


def without_foot_mark(text: str) -> str:
    """A footnote without the mark that it begins with.

    >>> without_foot_mark("* every 14 days")
    'every 14 days'
    """
    found = _FOOT.match(text)
    return found[2] if found else text


def marks_in(texts: Iterable[str]) -> frozenset[str]:
    """The marks behind texts, as feet begin with them."""
    return frozenset(found[1].rstrip(")") for text in texts if (found := _MARK.search(text)))


def is_footnote(text: str, marks: frozenset[str]) -> bool:
    """Whether a text is a footnote that something points to, and so says nothing of all doses."""
    found = _FOOT.match(text)
    return found is not None and found[1] in marks


def footnote(mark: str, layout: Layout) -> str:
    """The note at the table's foot that a mark points to; empty where none does."""
    bare = mark.strip("()[] ").rstrip(")")
    if not bare:
        return ""
    signs = set(bare) <= set("*†‡")
    alone = [[cell for cell in row if cell] for row in layout.body]
    lines = [cells[0] for cells in alone if len(cells) == 1]  # under another table, perhaps
    for cell in (*layout.feet, *(row[layout.names] for row in layout.body), *lines):
        text = cell.text.lstrip("([")
        numbered = text.startswith((f"{bare} ", f"{bare})", f"{bare}:", f"{bare}="))
        if numbered or (signs and re.match(rf"{re.escape(bare)}[^*†‡]", cell.text)):
            return cell.text
    return ""


def unit_of_footnote(text: str) -> tuple[DoseUnitSaid | None, bool]:
    """The unit that a footnote gives its doses; and whether it speaks of one less plainly."""
    found = _FOOT.match(text)
    said = (found[2] if found else text).lower().strip(" .:=")
    plain = re.sub(r"^(?:(?:doses?|figures?|amounts?|dosed|given|in|is|are) )+", "", said)
    if (unit := read_dose_unit(plain)) is not None:
        return unit, False
    return None, (found_unit := unit_said(said)) is not None and found_unit.measure is not None
