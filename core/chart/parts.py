"""The parts of a feed chart: rows, columns and cells."""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, fields
from enum import StrEnum
from fractions import Fraction
from typing import Any

from core.chart.roles import ROLES, Role
from core.errors import InputError
from core.quantities import DoseUnit, ReadingRange, decimal_text


class Form(StrEnum):
    """Liquids are measured in mL, dry products in g."""

    LIQUID = "liquid"
    DRY = "dry"


class Medium(StrEnum):
    """What plants grow in."""

    WATER = "water"
    COIR = "coir"
    SOIL = "soil"


class Readings(StrEnum):
    """What a chart's EC means: added to neutral water, the total on the meter, or none printed."""

    ADDED = "added"
    TOTAL = "total"
    NONE = "none"


class Stage(StrEnum):
    """Stages of growth."""

    SEEDLING = "seedling"
    LEAF = "leaf"
    TRANSITION = "transition"
    FLOWER = "flower"
    RIPEN = "ripen"
    FLUSH = "flush"


@dataclass(frozen=True, slots=True)
class Product:
    """A row: one bottle, jar or bag.

    Args:
        key: what doses call it; unique in the chart.
        name: what the label calls it.
        role: what it is for.
        form: liquid or dry.
        group: for base parts, which parts belong together.
        rank: for base parts, their order within the group, lowest first; 0 where it is unknown.
        scales: whether strength scales it.
        after: keys of products that the label says go in before this one.
        wait_min: minutes to wait after it, where the label says so.
        oxidiser: whether it is a peroxide or the like, which kills live cultures.
        settles: whether it settles the pH by itself, as organic acids and living feeds do.
    """

    key: str
    name: str
    role: Role
    form: Form = Form.LIQUID
    group: str = ""
    rank: int = 0
    scales: bool = True
    after: tuple[str, ...] = ()
    wait_min: int | None = None
    oxidiser: bool = False
    settles: bool = False

    @property
    def is_base(self) -> bool:
        """Whether it is a part of the base."""
        return self.role is Role.BASE

    @property
    def is_feed(self) -> bool:
        """Whether the chart's EC stands for it: a part of the base, or whatever strength scales."""
        return self.scales or self.is_base


PRODUCT_FIELDS = tuple(field.name for field in fields(Product))
"""What can be said of a product, in the order in which documents say it."""


def said_of(product: Product) -> dict[str, Any]:
    """All that is said of a product, by the names of its fields."""
    return {name: getattr(product, name) for name in PRODUCT_FIELDS}


def product_from(said: Mapping[str, Any]) -> Product:
    """A product from what is said of it, by the names of its fields.

    What is not said is as usual: its name is its key, and its role says whether strength scales it.
    """
    given = {name: said[name] for name in PRODUCT_FIELDS if said.get(name) not in (None, "")}
    role = Role(given["role"])
    usual = {"name": given["key"], "scales": ROLES[role].scales}
    kinds = {"role": role, "form": Form(given.get("form", Form.LIQUID)),
             "after": tuple(given.get("after", ()))}  # fmt: skip
    return Product(**{**usual, **given, **kinds})


def base_groups(products: Iterable[Product]) -> list[list[Product]]:
    """The parts of the base that belong together, group by group, each in the chart's order."""
    groups: dict[str, list[Product]] = {}
    for product in products:
        if product.is_base and product.group:
            groups.setdefault(product.group, []).append(product)
    return list(groups.values())


@dataclass(frozen=True, slots=True)
class PhWindow:
    """The pH to stay within; a single value has low equal to high."""

    low: Fraction
    high: Fraction

    def __post_init__(self) -> None:
        if self.low > self.high:
            raise InputError("range_upside_down.ph", "low")
        if self.high > 14:
            raise InputError("ph_out_of_range.high", "high")


@dataclass(frozen=True, slots=True)
class Column:
    """A week or stage: its length in days, its target EC and its pH window, where printed."""

    key: str
    label: str
    days: int | None = None
    stage: Stage | None = None
    ec: ReadingRange | None = None
    ph: PhWindow | None = None


@dataclass(frozen=True, slots=True)
class Dose:
    """A cell: a dose per volume, a rule "until EC is so far above the water", or both.

    Args:
        product: key of the row.
        column: key of the column.
        low: printed dose, or the low end of its range; None for a rule alone.
        high: high end of the range; equal to low for a single value.
        unit: unit of the dose; None for a rule alone.
        until_ec: mS/cm above the water at which to stop pouring.
    """

    product: str
    column: str
    low: Fraction | None = None
    high: Fraction | None = None
    unit: DoseUnit | None = None
    until_ec: Fraction | None = None

    @property
    def is_range(self) -> bool:
        """Whether low and high differ."""
        return self.low != self.high

    @property
    def printed(self) -> str:
        """The cell as the leaflet shows it, the gallon named."""
        parts = []
        if self.unit is not None and self.low is not None and self.high is not None:
            span = decimal_text(self.low)
            if self.is_range:
                span += f"–{decimal_text(self.high)}"
            parts.append(f"{span} {self.unit.words}")
        if self.until_ec is not None:
            parts.append(f"until EC is {decimal_text(self.until_ec)} above the water")
        return ", ".join(parts)
