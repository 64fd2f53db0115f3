"""One cell of a bottle's row: a dose, a range, a rule, nothing, or a question."""

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache

from core.errors import InputError
from core.limits import LONGEST_TYPED
from core.messages import Message
from core.quantities import PpmScale, Reading, ReadingScale, ReadingUnit
from core.quantities.dose_units import DoseUnitSaid, gallon_named, read_dose_unit
from core.quantities.typed_numbers import split_range, tidy_text

_NONE = frozenset(
    [
        "-",
        "–",
        "—",
        "−",
        "--",
        "---",
        ".",
        "..",
        "/",
        "//",
        "x",
        "×",
        "nil",
        "no",
        "none",
        "n/a",
        "na",
        "n.a.",
        "0",
        "0.0",
        "0,0",
        "0.00",
        "0,00",
        "off",
        "not",
        "ø",
        "∅",
        "✗",
        "✕",
    ]
)
_WATER = frozenset(("flush", "water", "plain water", "water only", "clear water", "ph water"))
"""What stands in a column without bottles: nothing goes in, and it is kept as a note."""

_USED = frozenset(["x", "✓", "✔", "yes", "y", "•", "●", "use", "used"])
_UP_TO = re.compile(
    r"(?:up to|max\.?|maximum|no more than|not more than|at most|less than|below|under|[<≤])\s*"
)
_ABOUT = re.compile(r"(?:~|≈|ca\.?|c\.|approx\w*\.?|about|around)\s*(?=[\d.,])")
_MARK = re.compile(r"\s*(\*+|†+|‡|[¹²³⁴⁵⁶⁷⁸⁹]+\)?|\b\d\))$")
_IN_BRACKETS = re.compile(r"\s*[(\[]([^)\]]*)[)\]]$")
_UNTIL = re.compile(
    r"(?:^|,|;|\bor\b|\band\b|\bthen\b|(?<=[\w.)]) )\s*(?:until|till|til|to(?= ?(?:ec|cf|ppm|tds"
    r"|\+)))"
    r"\s*(?P<rule>.+)$"
)
_RULE = re.compile(
    r"(?:(?P<unit>ec|cf|ppm|tds)(?: is| reads| of| rises| at| by)*)? ?:?"
    r"(?P<plus>\+|plus )? ?(?P<value>\d+(?:[.,]\d+)?) ?(?P<after>ec|cf|ppm|tds|ms/cm|ms|us/cm|us)?"
    r"(?: ?\(?(?:x|@)?(?P<scale>500|640|700)\)?(?: scale)?)?"
    r"(?: ?(?P<above>(?:above|over|on top of|more than|higher than)(?: (?:the|your|source|tap"
    r"|plain|raw))*"
    r" (?:water|source)))?"
)
_BOTH_UNITS = re.compile(r"([\d.,/ ½¼¾⅓⅔]+?) ?([a-z][a-z. ]*?) ?(?:-|to) ?([\d.,/ ½¼¾⅓⅔]+?) ?\2")
_DATE_LIKE = re.compile(r"\d{4}-\d{2}-\d{2}(?: 00:00(?::00)?)?")
_PLAIN_COMMA = re.compile(r"(?<![\d.,])[1-9]\d{0,2},\d{3}(?![\d.,])")
_PLAIN_POINT = re.compile(r"(?<![\d.,])[1-9]\d{0,2}\.\d{3}(?![\d.,])")


@dataclass(frozen=True, slots=True)
class DoseCell:
    """What a cell says.

    Args:
        low, high: the figures as printed; None where only a rule stands.
        unit: as far as the cell itself tells it.
        until_ec: mS/cm above the water at which to stop pouring.
        note: what stands beside it, such as a footnote's mark or words in brackets.
        is_none: whether it says that nothing goes in.
    """

    low: Fraction | None = None
    high: Fraction | None = None
    unit: DoseUnitSaid | None = None
    until_ec: Fraction | None = None
    note: str = ""
    is_none: bool = False


@dataclass(frozen=True, slots=True)
class DoseCellHabits:
    """What the rest of the table tells of its cells.

    Args:
        comma: what a comma before three digits is: "decimal", "thousands", "" where unknown, or
            "both" where points before three digits stand beside them.
        scale: the ppm scale, for rules in ppm.
    """

    comma: str = ""
    scale: PpmScale | None = None


def is_no_dose(text: str) -> bool:
    """Whether a cell says, in one of the usual signs, that nothing goes in."""
    return text.lower().strip() in _NONE or not text.strip()


def is_tick(text: str) -> bool:
    """Whether a cell is a mark that could as well mean "use it"."""
    return text.lower().strip() in _USED


@lru_cache(maxsize=4096)
def read_dose_cell(text: str, habits: DoseCellHabits = DoseCellHabits()) -> DoseCell:
    """What a cell says.

    >>> read_dose_cell("2-3 ml").high, read_dose_cell("up to 1").low, read_dose_cell("–").is_none
    (Fraction(3, 1), Fraction(1, 1), True)

    Raises:
        InputError: it is neither a dose, a rule nor a usual sign for nothing; says why.
    """
    plain = text.strip()
    if is_no_dose(plain):
        return DoseCell(is_none=True)
    if plain.lower() in _WATER:
        return DoseCell(is_none=True, note=plain)
    if is_long(plain):
        raise InputError("too_long.dose")
    if _DATE_LIKE.fullmatch(plain):
        month, day = (int(part) for part in plain[5:10].split("-"))
        raise InputError("cell_is_a_date", plain=plain[:10], day=day, month=month)
    plain, note = _without_notes(plain)
    if is_no_dose(plain):
        return DoseCell(is_none=True, note=note)
    low = tidy_text(plain, Message("typed.bare_dose"))
    until = None
    if found := _UNTIL.search(low):
        until, low = _rule(found["rule"], habits), low[: found.start()].strip(" ,;")
        if not low:
            return DoseCell(until_ec=until, note=note)
    return _dose(low, until, note, habits)


def _without_notes(text: str) -> tuple[str, str]:
    """A cell without the mark of a footnote or words in brackets, and those."""
    notes: list[str] = []
    while found := _IN_BRACKETS.search(text) or _MARK.search(text):
        inside = found[1]
        if found.re is _IN_BRACKETS and not _is_aside(inside):
            break
        if not text[: found.start()].strip():
            break
        notes.insert(0, found[0].strip())
        text = text[: found.start()].strip()
    return text, " ".join(notes)


def _is_aside(inside: str) -> bool:
    """Whether words in brackets are a note: neither another figure nor a part of the unit."""
    if read_dose_unit(inside) or gallon_named(f"gal {inside}"):
        return False
    return bool(re.fullmatch(r"\d|[*†‡]+", inside)) or not re.match(r"[\d.,]", inside)


def _dose(text: str, until: Fraction | None, note: str, habits: DoseCellHabits) -> DoseCell:
    what = Message("typed.cell_dose")
    if about := _ABOUT.match(text):
        text, note = text[about.end() :], f"{about[0].strip()} {note}".strip()
    up_to = _UP_TO.match(text)
    if up_to:
        # A limit is what the leaflet doses at most: taken for a range from 0 it would be halved.
        text, note = text[up_to.end() :], f"{up_to[0].strip()} {note}".strip()
    text = _with_one_dash(text, habits)
    low, high, rest = split_range(text, what)
    unit = _unit(rest)
    _refuse_odd_fraction(text)
    if up_to and low != high:
        raise InputError("words_unclear.dose")
    if high == 0 and until is None:
        return DoseCell(is_none=True, note=note)
    return DoseCell(as_figure(low), as_figure(high), unit, until, note)


def _with_one_dash(text: str, habits: DoseCellHabits) -> str:
    """A range as `2-3 mL`, however it is printed, and commas as this table means them."""
    if both := _BOTH_UNITS.match(text):
        text = f"{both[1]}-{both[3]} {both[2]}{text[both.end() :]}"
    text = re.sub(r"(?<=\d) ?(?:~|…|\.{2,3}| or ) ?(?=\d)", "-", text)
    if habits.comma in ("decimal", "both") and (found := _PLAIN_POINT.search(text)):
        whole, decimal = found[0].replace(".", ""), found[0].rstrip("0")
        raise InputError(
            "ambiguous_number.beside_commas", found=found[0], whole=whole, decimal=decimal
        )
    if _PLAIN_COMMA.search(text) and habits.comma in ("decimal", "thousands"):
        text = re.sub(r",(?=\d{3})", "." if habits.comma == "decimal" else "", text)
    return text


def _unit(rest: str) -> DoseUnitSaid | None:
    """The unit that stands behind a dose; None where nothing does."""
    unit = read_dose_unit(rest) if rest else None
    if rest and unit is None:
        raise InputError("words_unclear.dose_unit", rest=rest[:40])
    return unit


_KITCHEN = (2, 3, 4, 8, 16)


def _refuse_odd_fraction(text: str) -> None:
    """`4/5`: hardly anybody prints fifths, and many mean "4 or 5"."""
    for over, under in re.findall(r"(?<![\d.,])(\d+)/(\d+)", text):
        if int(under) not in _KITCHEN or int(over) >= int(under):
            raise InputError("fraction_unclear", over=over, under=under)


def _rule(text: str, habits: DoseCellHabits) -> Fraction:
    """mS/cm above the water, from the words behind "until"."""
    found = _RULE.fullmatch(text.strip(" ."))
    if not found:
        raise InputError("rule_unclear.rule")
    if not (found["plus"] or found["above"]):
        raise InputError("rule_unclear.above", found=found["value"])
    value = Fraction(found["value"].replace(",", "."))
    return as_figure(Reading.of(value, _rule_scale(found, habits)).ms_cm)


def _rule_scale(found: re.Match[str], habits: DoseCellHabits) -> ReadingScale:
    unit = found["after"] or found["unit"] or "ec"
    if unit in ("ppm", "tds"):
        scales: dict[str, PpmScale] = {"500": 500, "640": 640, "700": 700}
        scale = scales[found["scale"]] if found["scale"] else habits.scale
        return ReadingScale(ReadingUnit.PPM, scale)  # refuses ppm without its scale
    if unit == "cf":
        return ReadingScale(ReadingUnit.CF)
    return ReadingScale(ReadingUnit.US_CM if unit.startswith("us") else ReadingUnit.MS_CM)


def as_figure(value: Fraction) -> Fraction:
    """A figure that the open formats can carry: at most 12 digits on either side of the point.

    Raises:
        InputError: it is larger than that.
    """
    if value >= 10**12:
        raise InputError("out_of_range.vessel")
    return value if _FINEST % value.denominator == 0 else Fraction(round(value * _FINEST), _FINEST)


_FINEST = 10**12


def comma_habit(texts: list[str]) -> str:
    """What commas are in a table, by its cells that can mean one thing only."""
    decimal = any(re.fullmatch(r"\D*\d+,\d{1,2}(?!\d).*", text) for text in texts)
    point = any(re.fullmatch(r"\D*\d+\.\d{1,2}(?!\d).*", text) for text in texts)
    if decimal == point:
        commas = any(_PLAIN_COMMA.search(text) for text in texts)
        return "both" if commas and any(_PLAIN_POINT.search(text) for text in texts) else ""
    return "decimal" if decimal else "thousands"


def is_long(text: str) -> bool:
    """Whether a cell is a sentence rather than a figure."""
    return len(text) > LONGEST_TYPED
