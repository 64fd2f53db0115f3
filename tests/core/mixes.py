"""Short ways to write charts and mixes down in tests."""

from fractions import Fraction
from typing import Any

from core.chart import Chart, Column, Dose, Form, Medium, PhWindow, Product, Readings, Role
from core.chart.roles import ROLES
from core.planning import MixRequest, PourSheet, Tank, plan_mix
from core.quantities import DoseUnit, Reading, ReadingRange, Volume, VolumeUnit
from core.water import REPORT_FIELDS, LabReport, Water

F = Fraction
TANK_FIELDS = ("grown_in", "system", "crop", "joined", "held")


def product(key: str, role: Role, **fields: Any) -> Product:
    """A product that scales as its role does, unless said otherwise."""
    return Product(key, key.title(), role, **{"scales": ROLES[role].scales, **fields})


def dose(key: str, text: str, column: str = "w1") -> Dose:
    """`2-3 tsp/gal_us` for a product."""
    values, _, unit = text.partition(" ")
    low, _, high = values.partition("-")
    return Dose(key, column, F(low), F(high or low), DoseUnit(unit))


def ec(low: str, high: str | None = None) -> ReadingRange:
    """A range of mS/cm."""
    return ReadingRange(Reading(F(low)), Reading(F(high or low)))


def chart(
    products: list[Product],
    doses: list[Dose],
    *,
    target: ReadingRange | None = None,
    ph: PhWindow | None = PhWindow(F("5.6"), F("6.0")),  # noqa: B008 -- frozen
    medium: Medium = Medium.WATER,
    readings: Readings = Readings.ADDED,
    rows_are_order: bool = False,
) -> Chart:
    """A chart of one column, w1."""
    column = Column("w1", "Week 1", ec=target, ph=ph)
    return Chart("Test", medium, readings, rows_are_order, tuple(products), (column,), tuple(doses))


def pair(text: str = "2 mL/L", **fields: Any) -> Chart:
    """A two-part base, both parts at the same dose."""
    parts = [
        product("one", Role.BASE, group="g", rank=1),
        product("two", Role.BASE, group="g", rank=2),
    ]
    return chart(parts, [dose("one", text), dose("two", text)], **fields)


def water(reading: str | None, **fields: Any) -> Water:
    """Water at so many mS/cm; fields of a lab report are given by their own names."""
    told = {name: F(fields.pop(name)) for name in REPORT_FIELDS if fields.get(name) is not None}
    fields = {name: value for name, value in fields.items() if name not in REPORT_FIELDS}
    known = None if reading is None else Reading(F(reading))
    return Water(known, report=LabReport(**told), **fields)


def plan(of: Chart, volume: str = "100 L", strength: str = "1", **fields: Any) -> PourSheet:
    """Plan column w1."""
    value, _, unit = volume.partition(" ")
    where = {name: fields.pop(name) for name in TANK_FIELDS if name in fields}
    if where:
        fields["tank"] = Tank(**where)
    whole = Volume.of(F(value), VolumeUnit(unit))
    fields.setdefault("water", water("0.1"))
    return plan_mix(MixRequest(of, "w1", whole, F(strength), **fields))


def poured(sheet: PourSheet) -> dict[str, Fraction | None]:
    """Product key to exact amount."""
    return {p.product.key: p.amount.value if p.amount else None for p in sheet.pours}


def codes(sheet: PourSheet) -> set[str]:
    """The codes of the warnings."""
    return {caution.code for caution in sheet.cautions}


DRY = Form.DRY
