"""What a leaflet says of all its figures: in a title, a corner, a heading over rows, or a note."""

import re
from collections.abc import Sequence
from dataclasses import dataclass

from core.chart import Medium, Readings
from core.quantities import PpmScale
from core.quantities.dose_units import (
    DoseUnitSaid,
    Gallon,
    dose_unit_words,
    find_dose_unit,
    find_measure,
    find_per_volume,
    gallon_named,
    read_dose_unit,
)
from core.quantities.readings import PPM_SCALES

_SCALE = re.compile(
    r"(?:ppm|tds|scale|conversion|factor|x|×|@)[^0-9a-z]{0,3}(?:scale|factor|of|at)?[^0-9a-z]{0,3}"
    r"(?<![\d.,])(500|640|700|0[.,](?:50?|64|70?))(?![\d.,]*\d)"
    r"|(?<![\d.,])(500|640|700|0[.,](?:50?|64|70?))[^0-9a-z]{0,3}(?:ppm )?(?:scale|conversion"
    r"|factor|ppm/)"
)  # fmt: skip
_SCALES: dict[str, PpmScale] = {"5": 500, "6": 640, "7": 700}
_MEDIA = (
    (Medium.WATER, r"hydro\w*|water culture|nft|dwc|nutrient film|deep water|aeroponic\w*"),
    (Medium.COIR, r"coir|coco|coconut\w*"),
    (Medium.SOIL, r"soil|compost|earth|peat|pots of soil"),
)
_TOTAL = re.compile(
    r"\btotal\b|\bfinal\b|\bincl|including|with (?:the )?water|in (?:the )?tank|all[- ]in\b"
    r"|meter reading|on the (?:meter|pen)"
)
_ADDED = re.compile(
    r"\badded\b|\badds?\b|above (?:the )?(?:\w+ )?water|over (?:the )?(?:\w+ )?water|on top"
    r"|without (?:the )?water|excl|plus (?:the )?(?:\w+ )?water|\+ ?(?:\w+ )?water"
    r"|feed only|of the feed\b|nutrients? only|from (?:the )?feed"
)
_ROWS_IN_ORDER = re.compile(
    r"(?:mix|add|pour|use|dose)\w*(?: \w+){0,3} in (?:the |this |that )?(?:\w+ )?order"
    r"|in (?:the )?order (?:listed|shown|printed|above|below|given)|mixing order"
    r"|from top to bottom"
    r"|top to bottom|top down"
)


@dataclass(frozen=True, slots=True)
class Statements:
    """What texts beside the figures say; None where they do not.

    Args:
        unit: of the doses; perhaps half of it.
        gallon: which gallon.
        scale: which ppm scale.
        medium: what the chart was written for.
        readings: whether its EC is added or total.
        rows_are_order: whether rows are said to be the mixing order.
    """

    unit: DoseUnitSaid | None = None
    gallon: Gallon | None = None
    scale: PpmScale | None = None
    medium: Medium | None = None
    readings: Readings | None = None
    rows_are_order: bool = False


def statements_in(
    texts: Sequence[str], corner: str = "", *, besides: Sequence[str] = ()
) -> Statements:
    """All that texts say, the first that says a thing deciding.

    Args:
        texts: titles and notes.
        corner: the cell above the rows' names, which may be a bare unit.
        besides: names of rows and headings, which may name a gallon for all.
    """
    every = [corner, *texts, *besides]
    units = [unit_said(text) for text in (corner, *texts)]
    said: DoseUnitSaid | None = None
    for unit in filter(None, units):
        said = said.over(unit) if said else unit
    return Statements(
        unit=said,
        gallon=next(filter(None, map(gallon_named, every)), None),
        scale=next(filter(None, map(ppm_scale_in, every)), None),
        medium=next(filter(None, map(_medium_in, every)), None),
        readings=next(filter(None, map(_readings_of_ec, every)), None),
        rows_are_order=any(_ROWS_IN_ORDER.search(text.lower()) for text in every),
    )


def unit_said(text: str) -> DoseUnitSaid | None:
    """A unit, or half of one, anywhere in a text; a bare measure only where nothing else stands.

    >>> unit_said("Doses per 10 litres, in ml").measure
    'mL'
    """
    words = dose_unit_words(text)
    if found := find_dose_unit(words):
        return found[0]
    if per := find_per_volume(words):
        return per[0].over(_measure_beside(words, per[1]))
    return read_dose_unit(words) or _measure_of_doses(words)


_SENTENCE = 90
"""Signs; in longer texts a word such as "drops" is hardly the measure of all doses."""


def _measure_beside(words: str, volume: tuple[int, int]) -> DoseUnitSaid | None:
    """The measure in a short note that says the volume apart from it."""
    rest = f"{words[: volume[0]]} ; {words[volume[1] :]}"
    return find_measure(rest) if len(words) <= _SENTENCE else None


def _measure_of_doses(words: str) -> DoseUnitSaid | None:
    """All doses in millilitres."""
    found = re.search(
        r"\b(?:doses?|amounts?|figures?|values?|quantities"
        r"|numbers) (?:are )?(?:given )?in ([a-z ]+)",
        words,
    )
    return find_measure(found[1]) if found else None


def ppm_scale_in(text: str) -> PpmScale | None:
    """The ppm scale that a text names.

    >>> ppm_scale_in("TDS ppm (x0.7)"), ppm_scale_in("ppm 500"), ppm_scale_in("500 ppm")
    (700, 500, None)
    """
    found = _SCALE.search(text.lower().replace("\u00a0", " "))
    if not found:
        return None
    digits = (found[1] or found[2]).replace(",", ".").removeprefix("0.")
    scale = _SCALES[digits[0]]
    assert scale in PPM_SCALES
    return scale


def readings_in(text: str) -> Readings | None:
    """Whether the name of a row of readings says that they are added or total."""
    low = text.lower()
    if _ADDED.search(low):
        return Readings.ADDED
    return Readings.TOTAL if _TOTAL.search(low) else None


def _readings_of_ec(text: str) -> Readings | None:
    speaks = re.search(r"\b(?:ec|cf|ppm|tds|conductivity|readings?)\b", text.lower())
    return readings_in(text) if speaks else None


def _medium_in(text: str) -> Medium | None:
    found = [
        (match.start(), medium)
        for medium, words in _MEDIA
        if (match := re.search(rf"\b(?:{words})\b", text.lower()))
    ]
    return min(found)[1] if found else None


def is_statement(text: str) -> bool:
    """Whether a title is of units or weeks alone, and so no name of a chart."""
    low = text.lower().strip(" :.()*")
    bare = re.sub(r"\s*[(\[].*$", "", low)
    named = _STATEMENT.match(bare) if unit_said(low) else _STATEMENT.match(low)
    return bool(named) or read_dose_unit(low) is not None


_STATEMENT = re.compile(
    r"(?:all )?(?:doses?|figures|amounts|values|units?|rates|quantities)\b|in ml|per |ml\b|"
    r"(?:feeds?|fertili[sz]ers?|additives?|weeks?|wks?|stages?|phases?|days?|dates?|products?|bottles?|nutrients?|names?|nr|no|#"
    r"|growth stages?)\b[ /\\]*(?:week|stage|phase|product|bottle|nutrient)?s?$"
)
