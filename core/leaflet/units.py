"""Doses as cells have them, in the units that charts keep."""

from dataclasses import replace
from fractions import Fraction
from functools import lru_cache

from core.chart import Dose, Form, Product
from core.leaflet.cells import DoseCell
from core.quantities import AmountUnit, DoseUnit
from core.quantities.dose_units import DoseUnitSaid


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
