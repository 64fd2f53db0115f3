"""Units of a dose as leaflets print them: `mL/L`, `ml per 10 litres`, `tsp/gal`, `g l-1`."""

import re
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from core.quantities.units import DoseUnit

Gallon = Literal["us", "uk"]
GALLONS: tuple[Gallon, ...] = ("us", "uk")

_MEASURE_WORDS: dict[str, str] = {
    "mL": r"ml'?s?|millilit(?:er|re)s?|cc|cm3|cm³",
    "fl_oz": r"fl\.?[ _]?oz\.?|floz|fluid (?:oz|ounces?)",
    "tsp": r"tsps?\.?|teaspoons?|tea spoons?",
    "tbsp": r"tbsps?\.?|tbs\.?|tbls?p?s?\.?|tablespoons?|table spoons?",
    "mg": r"mgs?|milligrams?",
    "g": r"g|gr|gms?|grams?|grammes?",
    "kg": r"kgs?|kilograms?|kilos?",
    "oz": r"oz\.?|ozs|ounces?",
    "drop": r"drops?|drps?",
    "L": r"l|lit(?:er|re)s?",
}
_US = r"u\.?s\.?a?\.?|american"
_UK = r"u\.?k\.?|imp(?:erial)?\.?|british"
_GALLON = (
    rf"(?:(?P<before>{_US}|{_UK})[ -]?)?(?:liquid )?(?P<gal>gal(?:s|lons?)?\.?)"
    rf"(?:[ _]?\(? ?(?P<after>{_US}|{_UK})\b\.? ?\)?)?"
)
_VOLUME = (
    rf"(?:a |an |each |every |one )?(?:(?P<count>\d{{1,4}}) ?(?:x )?)?"
    rf"(?:(?P<cubic>m3|m³|cubic met(?:er|re)s?)|(?P<short>[ui](?:s|k|mp)g)\b|{_GALLON}"
    r"|(?P<litre>l(?:t|tr|trs|ts)?|lit(?:er|re)s?)\b)(?: (?:of )?(?:tap |plain |your )?water\b)?"
)
_PER = r" ?(?:/|\bper\b|\bin\b|\bto\b|\beach\b|\bpro\b|\bpar\b|\bfor\b) ?"
_MEASURE = "|".join(f"(?P<{name}>{words})" for name, words in _MEASURE_WORDS.items())
_INVERSE = r" ?[.·*]? ?(?:l|lit(?:er|re)) ?\^?(?:-1|⁻¹)"  # mL L-1
_MEASURED = rf"(?<![a-z0-9])(?:{_MEASURE})(?![a-z])"
_WHOLE = re.compile(rf"{_MEASURED}(?:(?P<inverse>{_INVERSE})(?!\d)|{_PER}{_VOLUME}(?![a-z0-9]))")
_PER_ALONE = re.compile(rf"(?:{_PER}){_VOLUME}(?![a-z0-9])")
_MEASURE_ALONE = re.compile(rf"(?<![a-z0-9])(?:{_MEASURE})(?![a-z])")


@dataclass(frozen=True, slots=True)
class DoseUnitSaid:
    """What words tell of a unit; a leaflet often tells half of it here and half elsewhere.

    Args:
        measure: mL, L, mg, g, kg, tsp, tbsp, fl_oz, oz or drop; None where only a volume is said.
        per: L, gal, gal_us or gal_uk; None where only a measure is said.
        count: of how many of them, such as 10 of "per 10 litres".
    """

    measure: str | None = None
    per: str | None = None
    count: int = 1

    def over(self, other: "DoseUnitSaid | None") -> "DoseUnitSaid":
        """This one, with what it leaves open told by another."""
        if other is None:
            return self
        volume = self if self.per else other
        per = volume.per
        # "mL/gal" in a cell and "per US gallon" below the table are one and the same.
        if self.per == "gal" and other.per in ("gal_us", "gal_uk") and self.count == other.count:
            per = other.per
        return DoseUnitSaid(self.measure or other.measure, per, volume.count)

    def with_gallon(self, gallon: Gallon | None) -> "DoseUnitSaid":
        """This one, its gallon named where nothing named it."""
        if self.per != "gal" or gallon is None:
            return self
        return DoseUnitSaid(self.measure, f"gal_{gallon}", self.count)

    @property
    def lacks_gallon(self) -> bool:
        """Whether it is per gallon, and nobody says which."""
        return self.per == "gal"

    @property
    def is_whole(self) -> bool:
        """Whether it says both a measure and a volume."""
        return self.measure is not None and self.per is not None

    def unit(self) -> tuple[DoseUnit, Fraction] | None:
        """The unit, and what a figure is multiplied by where charts print it otherwise.

        >>> DoseUnitSaid("mL", "L", 5).unit()
        (<DoseUnit.ML_PER_L: 'mL/L'>, Fraction(1, 5))
        """
        if not self.is_whole or self.lacks_gallon:
            return None
        assert self.measure is not None
        measure, times = _AS.get(self.measure, (self.measure, Fraction(1)))
        exact = f"{measure}/{self.count}L" if self.count in (10, 100) and self.per == "L" else None
        for name, count in ((exact, self.count), (f"{measure}/{self.per}", 1)):
            if name in _UNITS:
                return _UNITS[name], times * count / self.count
        return None


_AS = {
    "L": ("mL", Fraction(1000)),
    "kg": ("g", Fraction(1000)),
    "mg": ("g", Fraction(1, 1000)),
}
"""Measures that charts print seldom, and what they are kept as."""

_UNITS = {unit.value: unit for unit in DoseUnit}


def said_of(unit: DoseUnit) -> DoseUnitSaid:
    """What a unit's own name says.

    >>> said_of(DoseUnit.ML_PER_10L)
    DoseUnitSaid(measure='mL', per='L', count=10)
    """
    measure, _, per = unit.value.partition("/")
    count = per.removesuffix("L")
    return DoseUnitSaid(
        measure, per if per.startswith("gal") else "L", int(count) if count.isdigit() else 1
    )


def dose_unit_words(text: str) -> str:
    """Text as units are looked for in it: lower case, plain signs and single spaces."""
    plain = text.lower().replace("\u00a0", " ").replace("\u2044", "/").replace("⁻¹", "-1")
    plain = re.sub("[\u2010-\u2015\u2212]", "-", plain)
    return re.sub(r"\s+", " ", plain).strip()


def find_dose_unit(text: str) -> tuple[DoseUnitSaid, tuple[int, int]] | None:
    """The first unit with measure and volume in a text that `dose_unit_words` made, and its place.

    >>> find_dose_unit("part a (ml per 10 litres)")[0]
    DoseUnitSaid(measure='mL', per='L', count=10)
    """
    found = _WHOLE.search(text)
    return (_unit_of(found), found.span()) if found else None


def find_per_volume(text: str) -> tuple[DoseUnitSaid, tuple[int, int]] | None:
    """The volume of a note such as "all doses per 10 litres", its measure left open; its place."""
    found = _PER_ALONE.search(text)
    return (_unit_of(found), found.span()) if found else None


def find_measure(text: str) -> DoseUnitSaid | None:
    """A measure such as mL or teaspoons that stands alone; litres are of the water, and none."""
    found = (_unit_of(one) for one in _MEASURE_ALONE.finditer(text))
    return next((said for said in found if said.measure != "L"), None)


def read_dose_unit(text: str) -> DoseUnitSaid | None:
    """A text that is a unit and nothing else: `mL/L`, `ml`, `/gal`, `per 10 L`.

    Returns:
        None where it is none.
    """
    words = dose_unit_words(text).strip(" .()[]:;")
    for form in (_WHOLE, _PER_ALONE, _MEASURE_ALONE):
        padded = words + (")" if words.count("(") > words.count(")") else "")
        if found := form.fullmatch(padded):
            return _unit_of(found)
    return None


def gallon_named(text: str) -> Gallon | None:
    """Which gallon a text names; None where it names none, or both.

    >>> gallon_named("All figures per US gallon"), gallon_named("1 gal = 4.546 L")
    ('us', 'uk')
    """
    words = dose_unit_words(text)
    named = {_which(found) for found in re.finditer(_GALLON, words)} - {"gal"}
    named |= {f"gal_{found[1][:2].replace('im', 'uk')}" for found in _SHORT.finditer(words)}
    if "gal" in words:
        named |= {"gal_us"} if re.search(r"\b3[.,](?:78\d*|8) ?l", words) else set()
        named |= {"gal_uk"} if re.search(r"\b4[.,](?:5\d*) ?l", words) else set()
    match sorted(named):
        case ["gal_us"]:
            return "us"
        case ["gal_uk"]:
            return "uk"
    return None


_SHORT = re.compile(r"\b(usg|ukg|impg)\b")


def _which(found: re.Match[str]) -> str:
    marks = [found["before"], found["after"]]
    if any(mark and re.fullmatch(_US, mark) for mark in marks):
        return "gal_us"
    return "gal_uk" if any(marks) else "gal"


def _unit_of(found: re.Match[str]) -> DoseUnitSaid:
    groups = found.groupdict()
    measure = next((name for name in _MEASURE_WORDS if groups.get(name)), None)
    if groups.get("inverse"):
        return DoseUnitSaid(measure, "L")
    count = int(groups.get("count") or 1) or 1
    if groups.get("cubic"):
        return DoseUnitSaid(measure, "L", count * 1000)
    if short := groups.get("short"):
        return DoseUnitSaid(measure, "gal_us" if short.startswith("us") else "gal_uk", count)
    if groups.get("gal"):
        return DoseUnitSaid(measure, _which(found), count)
    return DoseUnitSaid(measure, "L" if groups.get("litre") else None, count)
