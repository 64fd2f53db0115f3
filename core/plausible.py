"""Doses that no bottle has, whatever a leaflet seems to say."""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.cautions import DRY_CEILING, LIQUID_CEILING
from core.chart import Column, Dose, Form, Product
from core.quantities import Spoons, Volume, number_text
from core.quantities.units import amount_of_one

OF_ITS_BASE = 50
"""Times another part of the same base: parts are poured alike, and the scarcest, such as iron in
a bottle of its own, is seldom below a tenth (common practice)."""

SPIKE = 5
"""Times both its neighbours: doses rise and fall in steps, from week to week hardly to more than
twice or three times (common practice)."""

_LITRE = Volume(Fraction(1))

PerLitre = Mapping[tuple[str, str], Fraction]
"""mL or g in a litre, by keys of product and column; ranges by their middle."""


@dataclass(frozen=True, slots=True)
class ImplausibleDose:
    """A dose that is probably none.

    Args:
        product, column: keys of its row and its column.
        why: a sentence's half that names the figure and what speaks against it.
    """

    product: str
    column: str
    why: str


def doses_per_litre(doses: Sequence[Dose], spoons: Spoons) -> dict[tuple[str, str], Fraction]:
    """What each dose comes to in a litre; rules without a printed dose have none."""
    return {
        (dose.product, dose.column): (dose.low + dose.high)
        / 2
        * amount_of_one(dose.unit, _LITRE, spoons)
        for dose in doses
        if dose.low is not None and dose.high is not None and dose.unit is not None
    }


def implausible_doses(
    products: Sequence[Product], columns: Sequence[Column], per_litre: PerLitre
) -> Iterator[ImplausibleDose]:
    """One of each row at most, the plainest: beyond any feed, unlike its base, or a spike.

    Args:
        products, columns: of a chart, in its order.
        per_litre: what each dose comes to.
    """
    for product in products:
        row = [
            (one.key, dose) for one in columns if (dose := per_litre.get((product.key, one.key)))
        ]
        found = (
            _beyond_any_feed(product, row)
            or _far_from_its_base(product, products, row, per_litre)
            or _spike(product, row)
        )
        if found is not None:
            column, why = found
            yield ImplausibleDose(product.key, column, why)


_Row = Sequence[tuple[str, Fraction]]
_Found = tuple[str, str] | None


def _beyond_any_feed(product: Product, row: _Row) -> _Found:
    """The highest dose, where no feed is dosed that high."""
    column, dose = max(row, key=lambda one: one[1], default=("", Fraction(0)))
    ceiling, kind = (
        (DRY_CEILING, "dry feed") if product.form is Form.DRY else (LIQUID_CEILING, "liquid")
    )
    if dose <= ceiling:
        return None
    said = f"{_words(dose, product)} per litre, and no {kind} is dosed above {ceiling}"
    return column, said


def _far_from_its_base(
    product: Product, products: Sequence[Product], row: _Row, per_litre: PerLitre
) -> _Found:
    """A dose many times that of another part of its base, in the same column."""
    others = [one for one in products if _is_beside(product, one)]
    for column, dose in row:
        for other in others:
            beside = per_litre.get((other.key, column))
            if beside and dose >= beside * OF_ITS_BASE:
                times = number_text(dose / beside, 0)
                return column, f"{_words(dose, product)} per litre, {times} times {other.name}"
    return None


def _is_beside(product: Product, other: Product) -> bool:
    """Whether they are parts of one base, poured in the same measure."""
    same = product.is_base and other.is_base and product.group == other.group
    return same and product is not other and product.form is other.form


def _spike(product: Product, row: _Row) -> _Found:
    """A dose far above, or far below, both that stand beside it."""
    for (_, before), (column, dose), (_, after) in zip(row, row[1:], row[2:], strict=False):
        low, high = sorted((before, after))
        if dose >= high * SPIKE or dose * SPIKE <= low:
            beside = f"{number_text(before, 2)} and {number_text(after, 2)}"
            return column, f"{_words(dose, product)} per litre between {beside}"
    return None


def _words(dose: Fraction, product: Product) -> str:
    text = number_text(dose, 2)
    text = text.rstrip("0").rstrip(".") if "." in text else text
    return f"{text} {'g' if product.form is Form.DRY else 'mL'}"
