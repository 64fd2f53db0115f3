"""What a row of a leaflet is by its name: a reading, a note, or a bottle."""

import re
from dataclasses import dataclass
from enum import StrEnum

from core.chart import Readings
from core.leaflet.statements import ppm_scale_in, readings_in
from core.limits import LONGEST_WORDS
from core.quantities import PpmScale, ReadingUnit


class RowKind(StrEnum):
    """What a row holds."""

    EC = "ec"
    PH = "ph"
    NOTE = "note"
    BOTTLE = "bottle"


class RangeEnd(StrEnum):
    """Which end of a range a row gives."""

    BOTH = "both"
    LOW = "low"
    HIGH = "high"


@dataclass(frozen=True, slots=True)
class RowName:
    """What a row's name says.

    Args:
        kind: what the row holds.
        unit: of an EC row, where it is said.
        scale: of ppm, where it is said.
        readings: added or total, where it is said.
        end: which end of a range.
        in_both: whether it names EC and ppm at once; each figure tells by its size which it is.
    """

    kind: RowKind
    unit: ReadingUnit | None = None
    scale: PpmScale | None = None
    readings: Readings | None = None
    end: RangeEnd = RangeEnd.BOTH
    in_both: bool = False


_EC = re.compile(
    r"\b(?:e\.?c\.?|cf|ppm|tds|conductivity|ms(?:/cm)?|[uµμ]s(?:/cm)?|ds/m|microsiemens"
    r"|millisiemens)\b|[µμ]s"
)
_READING_WORDS = re.compile(
    r"\b(?:e\.?c\.?|cf|ppms?|tds|conductivity|electrical|ms ?(?:/ ?cm|cm-1)?|[uµμ]s ?(?:/ ?cm)?"
    r"|ds ?/ ?m|microsiemens|millisiemens"
    r"|target|aim|total|added|adds?|final|of|the|your|feed|feeding|solution|nutrients?|nutrient"
    r"|strength|levels?|ranges?|recommended|approx\w*"
    r"|max\w*|min\w*|low\w*|high\w*|upper|lower|values?|in|tank|reservoir|res|above|over|on|top"
    r"|plain|tap|source|water|readings?|scale|meter|pen|conversion|factor"
    r"|incl\w*|including|excl\w*|excluding|without|with|plus|only|from|and|or|at|by|to|x|us"
    r"|after|before|mixing|guide|ideal|optimum|optimal|should|be"
    r"|500|640|700|ph|all|is|adjust(?:ed)?|set|mix|runoff|input)\b|x?0[.,]\d+|x(?:500|640|700)\b|[^a-z0-9]"
)
_PH = re.compile(r"\bph\b")
_PH_ROW = re.compile(
    r"(?:(?:target|aim|final|ideal|optimum|optimal|recommended|adjust|set|solution|feed|tank"
    r"|reservoir|adjust to|min\.?|max\.?|lower|upper)\s+)*"
    r"ph(?:[\s\-]+(?:range|window|value|values|target|level|levels|min\.?|max\.?|low|high"
    r"|of (?:the )?(?:feed|solution|tank)))*"
)
_NOTES = re.compile(
    r"(?:(?:water|solution|feed|air|room|root|day|night|tank|nutrient|max\w*|min\w*|target"
    r"|leaf) )*"
    r"temp(?:erature)?s?\b.*|°c|°f"
    r"|(?:light|lights|lamp|lamps)(?:[ -](?:hours?|h|cycle|on|period|schedule|regime|time"
    r"|intensity|per day).*)?"
    r"|(?:hours? (?:of )?light|day ?length|photo ?period).*|day/night|on/off"
    r"|notes?|comments?|remarks?|tips?|hints?|instructions?|observations?|what to do|tasks?|action"
    r"|(?:grand |sub ?)?totals?(?: (?:ml|dose|doses|per|l|nutrients?|volume|cost).*)?|sum"
    r"|(?:relative )?humidity.*|r\.?h\.?|vpd.*|co2.*|ppfd.*|dli.*|par|watering.*|irrigation.*"
    r"|run[- ]?off.*|drain.*"
    r"|(?:res(?:ervoir)?|tank|water|solution) change.*|change[- ]?out.*|dissolved oxygen.*"
    r"|oxygen|d\.?o\.?"
    r"|orp|(?:feed |dose |nutrient )?(?:strength|dilution|concentration).*|height|spacing|cost.*"
    r"|price.*|frequency|how often|water(?: volume| level)?|feedings?(?: per .*)?|npk|n-p-k"
)
_VALUE_UNITS = (
    (ReadingUnit.PPM, re.compile(r"\bppms?\b|\btds\b")),
    (ReadingUnit.US_CM, re.compile(r"[uµμ]s ?(?:/ ?cm)?\b|microsiemens")),
    (ReadingUnit.MS_CM, re.compile(r"\bms\b|\bms ?/ ?cm|ds ?/ ?m|millisiemens")),
    (ReadingUnit.CF, re.compile(r"\bcf\b")),
)


def read_row_name(name: str) -> RowName:
    """What a row holds by its name; anything that is no reading and no note is a bottle.

    >>> read_row_name("Target EC (total)").kind.value, read_row_name("pH Down").kind.value
    ('ec', 'bottle')
    """
    if len(name) > LONGEST_WORDS:
        return RowName(RowKind.BOTTLE)  # a sentence, told by what stands beside it
    low = name.lower().replace("\u00a0", " ").strip(" :.*")
    bare = re.sub(r"\s*[(\[][^)\]]*[)\]]", "", low).strip(" :.*")
    if _EC.search(low) and not _READING_WORDS.sub("", low):
        return _ec_row(low, name)
    if _PH.search(bare) and _PH_ROW.fullmatch(bare):
        return RowName(RowKind.PH, end=_end(low))
    if bare and _NOTES.fullmatch(bare):
        return RowName(RowKind.NOTE)
    return RowName(RowKind.BOTTLE)


def reading_named(name: str, kind: RowKind) -> RowName:
    """What the name of a row says that somebody says is a reading, of EC or of pH."""
    low = name.lower().replace("\u00a0", " ").strip(" :.*")
    return _ec_row(low, name) if kind is RowKind.EC else RowName(kind, end=_end(low))


def _ec_row(low: str, name: str) -> RowName:
    unit = next((unit for unit, words in _VALUE_UNITS if words.search(low)), None)
    scale = ppm_scale_in(name) if unit is ReadingUnit.PPM else None
    both = unit is ReadingUnit.PPM and bool(re.search(r"\be\.?c\.?\b|\bms\b|conductivity", low))
    return RowName(RowKind.EC, unit, scale, readings_in(name), _end(low), both)


def _end(low: str) -> RangeEnd:
    if re.search(r"\b(?:min\w*|low(?:er|est)?)\b", low):
        return RangeEnd.LOW
    return (
        RangeEnd.HIGH if re.search(r"\b(?:max\w*|high(?:er|est)?|upper)\b", low) else RangeEnd.BOTH
    )
