"""Doses as cells have them, in the units that charts keep."""

import re
from dataclasses import replace
from fractions import Fraction
from functools import lru_cache

from core.chart import Dose, Form, Product
from core.leaflet.rows.cells import DoseCell
from core.limits import LONGEST_WORDS
from core.quantities import AmountUnit, DoseUnit
from core.quantities.dose_units import DoseUnitSaid, dose_unit_words, find_dose_unit, read_dose_unit


@lru_cache(maxsize=1024)
def unit_for(said: DoseUnitSaid, form: Form) -> tuple[DoseUnit, Fraction] | None:
    """The unit, and what figures are multiplied by; an ounce of a liquid is a fluid one."""
    if said.measure == "oz" and form is Form.LIQUID:
        said = replace(said, measure="fl_oz")
    return said.unit()


def fitting_unit(said: DoseUnitSaid | None, form: Form) -> tuple[DoseUnit, Fraction] | None:
    """The same, None where it does not fit: liquids go by volume, dry products by weight."""
    found = unit_for(said, form) if said else None
    fits = AmountUnit.G if form is Form.DRY else AmountUnit.ML
    return found if found and found[0].amount_unit is fits else None


def dose_of(
    read: DoseCell, said: DoseUnitSaid | None, product: Product, column: str
) -> Dose | None:
    """The dose of a cell; None while its unit is open or does not fit."""
    if read.low is None or read.high is None:
        if read.until_ec is None:
            return None
        return Dose(product.key, column, until_ec=read.until_ec)
    kept = fitting_unit(said, product.form)
    if kept is None:
        return None
    unit, times = kept
    low, high = read.low, read.high
    if times != 1:
        low, high = low * times, high * times
    return Dose(product.key, column, low, high, unit, read.until_ec)


def unit_behind_figures(text: str) -> DoseUnitSaid | None:
    """The unit of a dose in a text, behind figures or alone."""
    behind = re.sub(r"^[\d.,/½¼¾⅓⅔⅛ \-–~<≤+]+", "", text)
    return read_dose_unit(behind) if behind else None


def split_unit(text: str) -> tuple[str, DoseUnitSaid | None]:
    """A row's name without the unit behind it.

    >>> [split_unit(text)[0] for text in ("Part A (ml/L)", "Silica, ml per 10 L", "Base 1")]
    ['Part A', 'Silica', 'Base 1']
    """
    plain = re.sub(r"^\(?\d{1,2}[.)]\s+(?=\S)", "", text)
    if len(plain) > LONGEST_WORDS:
        return plain, None
    inside = re.search(r"\s*[(\[]([^()\[\]]*(?:\([^()]*\))?[^()\[\]]*)[)\]]\s*$", plain)
    if inside and (unit := read_dose_unit(inside[1])):
        return plain[: inside.start()].strip(" -,:–"), unit
    words = dose_unit_words(plain)
    found = find_dose_unit(words)
    if found and len(words) == len(plain) and not words[found[1][1] :].strip(" .)]*"):
        rest = re.sub(r"\s*(?:\bin|[-,:–|(\[])*\s*$", "", plain[: found[1][0]]).strip()
        if rest.count("(") > rest.count(")"):
            rest = rest[: rest.rindex("(")].strip()
        if rest:
            return rest, found[0]
    return plain, None
