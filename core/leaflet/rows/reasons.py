"""Why a row with figures is a bottle; where nothing says so, what it is likely to be."""

import re
from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass, field

from core.leaflet.bottles.matching import plain_name
from core.leaflet.bottles.uses import adjuster_in, parts_of_a_base, word_of_a_bottle
from core.leaflet.rows.words import ELEMENTS, OTHER_ROWS, OTHER_UNITS, TakenAs
from core.messages import Message
from core.quantities.dose_units import DoseUnitSaid


@dataclass(frozen=True, slots=True)
class KnownRows:
    """What is known of the rows of a table before any of them is read.

    Args:
        names: of bottles on the shelf and in charts, as they are compared.
        said: what somebody says of rows, by their numbers.
        of_a_base: names that are parts of one base, since another part stands beside them.
    """

    names: frozenset[str] = frozenset()
    said: Mapping[int, TakenAs] = field(default_factory=dict)
    of_a_base: frozenset[str] = frozenset()


def known_rows(
    labels: Sequence[str], bottles: Collection[str], said: Mapping[int, TakenAs]
) -> KnownRows:
    """What is known of rows by their names, those of bottles, and what somebody says."""
    return KnownRows(frozenset(map(_compared, bottles)), said, frozenset(parts_of_a_base(labels)))


def _compared(name: str) -> str:
    """A name as it is compared, also where its letters are not Latin."""
    return plain_name(name) or name.casefold().strip()


def is_surely_a_bottle(name: str, units: Sequence[DoseUnitSaid | None], known: KnownRows) -> bool:
    """Whether a row is a bottle for a reason: it is known, or its unit or a word of it says so.

    Args:
        name: without its unit.
        units: what its name, its column of units and its own cells say.
        known: names of bottles.
    """
    if _compared(name) in known.names:
        return True
    measured = [unit for unit in units if unit and unit.measure not in (None, "L")]
    if any(unit.is_whole for unit in measured):
        weighed = all(unit.measure in ("mg", "g") for unit in measured)
        is_content = weighed and _is_element(name)  # "K (mg/L)"
        return _SUM.search(name.lower()) is None and not is_content
    if _other_words(name) is not None:
        return False
    return bool(measured) or name in known.of_a_base or word_of_a_bottle(name) is not None


_SUM = re.compile(r"\b(?:totals?|sum|price|cost|gesamt|summe|totale?|all)\b")


def likely_kind(name: str, texts: Sequence[str]) -> tuple[TakenAs, Message]:
    """What a row without a reason is likely to be, and why.

    Args:
        name: as printed.
        texts: of its column of units, and of its cells.
    """
    if (found := _other_words(name)) is not None:
        return found
    for text in texts:
        if (found := _unit_that_is_no_dose(text)) is not None:
            return found
    return TakenAs.BOTTLE, Message("row_is.unsaid")


def _unit_that_is_no_dose(text: str) -> tuple[TakenAs, Message] | None:
    low = text.lower().strip(" .()[]")
    return next(
        (
            (kind, Message(f"row_is.{why}"))
            for kind, why, words in OTHER_UNITS
            if low and words.search(low)
        ),
        None,
    )


def _other_words(name: str) -> tuple[TakenAs, Message] | None:
    """What a word of a name says that it is, where that is no bottle; None where no word does."""
    low = name.lower().replace("\u00a0", " ").strip()
    adjuster = adjuster_in(name)
    rest = low.replace(adjuster, " ") if adjuster else low
    for kind, why, words in OTHER_ROWS:
        if words.search(rest):
            return kind, Message(f"row_is.{why}")
    return (TakenAs.NOTE, Message("row_is.holds")) if _is_element(name) else None


def _is_element(name: str) -> bool:
    """Whether a name is that of an element alone, and of no salt that is sold as one."""
    is_named = ELEMENTS.fullmatch(name.lower().strip()) is not None
    return is_named and word_of_a_bottle(name) is None
