"""Rows of a leaflet and the bottles on the shelf that they are."""

import re
from collections.abc import Sequence
from dataclasses import dataclass

from rapidfuzz import fuzz, process

from core.leaflet.request import ShelfBottle

ALIKE = 86
"""Of 100: less alike than that, a row is a new bottle; our own default, by which one letter of a
short name may be wrong, and "One" is never taken for "Two"."""


@dataclass(frozen=True, slots=True)
class Match:
    """A bottle, and how alike the names are, of 100."""

    bottle: ShelfBottle
    score: int


def match_names(names: Sequence[str], shelf: Sequence[ShelfBottle]) -> list[Match | None]:
    """For each name the bottle it is most like; no bottle is given twice."""
    found: list[Match | None] = [None] * len(names)
    scores = [
        (round(score), at, index)
        for at, name in enumerate(names)
        for _, score, index in process.extract(
            plain_name(name),
            [plain_name(bottle.name) for bottle in shelf],
            scorer=fuzz.ratio,
            score_cutoff=ALIKE,
            limit=3,
        )
        if _same_part(name, shelf[index].name)
    ]
    taken: set[int] = set()
    for score, at, index in sorted(scores, key=lambda one: (-one[0], one[1])):
        if found[at] is None and index not in taken:
            found[at] = Match(shelf[index], score)
            taken.add(index)
    return found


def plain_name(name: str) -> str:
    """A name as it is compared: lower case, without signs."""
    return re.sub(r"[^a-z0-9]+", " ", name.lower()).strip()


_PARTS = {"a": "1", "b": "2", "c": "3", "one": "1", "two": "2", "three": "3", "i": "1", "ii": "2"}


def _same_part(one: str, other: str) -> bool:
    """Whether two names end on the same part: A is never B, and Keel H is not Keel."""
    ends = []
    for name in (one, other):
        last = plain_name(name).split(" ")[-1]
        ends.append(_PARTS.get(last, last if len(last) <= 2 or last.isdigit() else ""))
    return ends[0] == ends[1]
