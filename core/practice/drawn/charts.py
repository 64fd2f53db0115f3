"""Drawn feed charts, with what truly is in each bottle.

Bottles are invented: each is a family of analyses at a drawn concentration. What a chart prints as
EC is what its doses truly bring in neutral water, as far off as charts are.
"""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction
from random import Random

from core.chart import Chart, Column, Dose, Form, Medium, PhWindow, Product, Readings, Role
from core.chemistry import Basis, Label, Nutrient, conducts, contents_of
from core.practice.drawn.chance import between, figure, times_between
from core.quantities import DoseUnit, Reading, ReadingRange

CHARTS = ("target", "rule", "rule_with_dose", "doses_only")
"""Kinds of chart: a printed EC; a reading at which to stop, without or with a dose; doses alone."""

_ONE_BOTTLE = {"N_nitrate": 3.2, "N_ammonium": 0.3, "P2O5": 1.6, "K2O": 5.0, "Ca": 2.0, "Mg": 0.6,
               "Fe": 0.03}  # fmt: skip
_PARTS: Mapping[int, tuple[Mapping[str, float], ...]] = {
    1: (_ONE_BOTTLE,),
    2: (
        {"N_nitrate": 4.2, "N_ammonium": 0.2, "Ca": 5.2, "K2O": 1.6, "Fe": 0.05},
        {"P2O5": 3.2, "K2O": 6.4, "Mg": 1.3, "S": 1.8, "N_nitrate": 0.5},
    ),
    3: (
        {"N_nitrate": 4.6, "Ca": 5.0, "Mg": 0.5, "Fe": 0.1},
        {"N_nitrate": 2.0, "N_ammonium": 0.6, "P2O5": 1.0, "K2O": 5.5, "Mg": 0.5},
        {"P2O5": 4.5, "K2O": 4.5, "Mg": 1.2, "S": 1.6},
    ),
}
_EXTRAS: Mapping[str, tuple[Role, Mapping[str, float], tuple[float, float], bool]] = {
    "silica": (Role.SILICA, {"K2O": 3, "SiO2": 7}, (0.1, 0.5), False),
    "buffer": (Role.BUFFER, {"K2O": 6}, (0.05, 0.2), False),
    "tonic": (Role.ADDITIVE_ALKALINE, {"K2O": 2.5, "N_nitrate": 0.2}, (0.1, 0.5), False),
    "calmag": (Role.CALMAG, {"N_nitrate": 2.5, "Ca": 3.2, "Mg": 1.2}, (0.3, 1.0), True),
    "enzyme": (Role.ENZYME, {"N_nitrate": 0.1}, (0.5, 1.5), False),
    "booster": (Role.BOOSTER, {"P2O5": 6, "K2O": 5}, (0.2, 0.6), True),
    "live": (Role.LIVE, {"K2O": 0.1}, (0.1, 0.5), False),
}
"""Role, analysis, mL/L as printed, and whether strength scales it."""

PH_OF_CHARTS = (None, ("5.5", "6.5"), ("5.6", "6.0"), ("5.8", "6.2"))


@dataclass(frozen=True, slots=True)
class DrawnChart:
    """A chart and what its bottles truly hold, by key."""

    chart: Chart
    contents: Mapping[str, Label]


def _label(chance: Random, analysis: Mapping[str, float], times: float) -> Label:
    lines = {Nutrient(line): figure(percent * times, 3) for line, percent in analysis.items()}
    density = figure(1 + 0.006 * sum(map(float, lines.values())), 2)
    return Label(lines, Basis.BY_WEIGHT, density)


def draw_chart(chance: Random, kind: str, readings: Readings) -> DrawnChart:
    """A chart of a kind, with one column."""
    parts = 1 if kind.startswith("rule") else chance.choice([1, 2, 2, 3])
    times = float(times_between(chance, 0.3, 1.6))
    products = [
        Product(f"base{n}", f"Base {n}", Role.BASE, group="base", rank=n)
        for n in range(1, parts + 1)
    ]
    contents = {
        p.key: _label(chance, analysis, times)
        for p, analysis in zip(products, _PARTS[parts], strict=True)
    }
    wanted = float(between(chance, 0.4, 2.2))
    per_litre = _dose_for(products, contents, wanted)
    doses = {product.key: per_litre for product in products}
    extras = chance.sample(list(_EXTRAS), chance.choice([0, 0, 1, 1, 2, 3]))
    for name in extras:
        role, analysis, (low, high), scales = _EXTRAS[name]
        products.append(Product(name, name.title(), role, scales=scales))
        contents[name] = _label(chance, analysis, 1)
        doses[name] = between(chance, low, high)
    chart = _chart(chance, kind, readings, products, contents, doses, wanted)
    return DrawnChart(chart, contents)


def _dose_for(products: list[Product], contents: Mapping[str, Label], wanted: float) -> Fraction:
    """mL/L of each part that together bring about that rise, as charts print it."""
    one = _rise(products, contents, {product.key: Fraction(1) for product in products})
    return max(figure(wanted / one, 1), Fraction(1, 10))


def _rise(
    products: list[Product], contents: Mapping[str, Label], doses: Mapping[str, Fraction]
) -> float:
    feed = [
        (contents_of(contents[p.key], Form.LIQUID, p.role), float(doses[p.key])) for p in products
    ]
    [found] = conducts([feed])
    assert found is not None
    return found


def _chart(  # noqa: PLR0917 -- the parts of one chart
    chance: Random,
    kind: str,
    readings: Readings,
    products: list[Product],
    contents: Mapping[str, Label],
    doses: Mapping[str, Fraction],
    wanted: float,
) -> Chart:
    ec = None
    if kind == "target":
        middle = _rise(products, contents, doses) * float(between(chance, 0.94, 1.06))
        half = chance.choice([0.0, 0.05, 0.1])
        ec = ReadingRange(Reading(figure(max(middle - half, 0.1))), Reading(figure(middle + half)))
    window = chance.choice(PH_OF_CHARTS)
    column = Column("now", "Week 1", ec=ec, ph=window and PhWindow(*map(Fraction, window)))
    cells = []
    for product in products:
        low, until = doses[product.key], None
        if kind.startswith("rule") and product.is_base:
            until = figure(wanted, 1)
        alone = until is not None and kind == "rule"
        cells.append(
            Dose(product.key, "now", until_ec=until)
            if alone
            else Dose(product.key, "now", low, low, DoseUnit.ML_PER_L, until_ec=until)
        )
    return Chart(
        name="Drawn",
        medium=chance.choice([Medium.WATER, Medium.WATER, Medium.COIR]),
        readings=readings if kind == "target" else Readings.NONE,
        rows_are_order=False,
        products=tuple(products),
        columns=(column,),
        doses=tuple(cells),
    )
