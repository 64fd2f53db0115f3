"""Doses that no bottle has, whatever a leaflet seems to say."""

from collections.abc import Collection, Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import chain

from core.cautions import DRY_CEILING, LIQUID_CEILING
from core.chart import Column, Dose, Form, Product
from core.messages import Figure, Message
from core.quantities import AmountUnit, Spoons, Volume
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
    why: Message


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
    products: Sequence[Product],
    columns: Sequence[Column],
    per_litre: PerLitre,
    *,
    only: Collection[str] | None = None,
) -> Iterator[ImplausibleDose]:
    """One of each row at most, the plainest: beyond any feed, unlike its base, or a spike.

    Args:
        products, columns: of a chart, in its order.
        per_litre: what each dose comes to.
        only: keys of the columns whose doses are doubted; None for all.
    """
    for product in products:
        row = [
            (one.key, dose) for one in columns if (dose := per_litre.get((product.key, one.key)))
        ]
        doubts = chain(
            _beyond_any_feed(product, row),
            _far_from_its_base(product, products, row, per_litre),
            _spikes(product, row),
        )
        for column, why in doubts:
            if only is None or column in only:
                yield ImplausibleDose(product.key, column, why)
                break


_Row = Sequence[tuple[str, Fraction]]
_Doubts = Iterator[tuple[str, Message]]


def _beyond_any_feed(product: Product, row: _Row) -> _Doubts:
    """Doses higher than any feed is dosed, the highest first."""
    ceiling = DRY_CEILING if product.form is Form.DRY else LIQUID_CEILING
    for column, dose in sorted(row, key=lambda cell: cell[1], reverse=True):
        if dose > ceiling:
            amount = _amount(dose, product)
            yield (
                column,
                Message(
                    "implausible_dose.ceiling",
                    amount=amount,
                    form=product.form.value,
                    ceiling=ceiling,
                ),
            )


def _far_from_its_base(
    product: Product, products: Sequence[Product], row: _Row, per_litre: PerLitre
) -> _Doubts:
    """Doses many times that of another part of its base, in the same column."""
    others = [one for one in products if _is_beside(product, one)]
    for column, dose in row:
        for other in others:
            beside = per_litre.get((other.key, column))
            if beside and dose >= beside * OF_ITS_BASE:
                yield (
                    column,
                    Message(
                        "implausible_dose.base",
                        amount=_amount(dose, product),
                        times=Figure(dose / beside, 0),
                        other=other.name,
                    ),
                )


def _is_beside(product: Product, other: Product) -> bool:
    """Whether they are parts of one base, poured in the same measure."""
    same = product.is_base and other.is_base and product.group == other.group
    return same and product is not other and product.form is other.form


def _spikes(product: Product, row: _Row) -> _Doubts:
    """Doses far above, or far below, both that stand beside them."""
    for (_, before), (column, dose), (_, after) in zip(row, row[1:], row[2:], strict=False):
        low, high = sorted((before, after))
        if dose >= high * SPIKE or dose * SPIKE <= low:
            yield (
                column,
                Message(
                    "implausible_dose.spike",
                    amount=_amount(dose, product),
                    before=_number(before),
                    after=_number(after),
                ),
            )


def _amount(dose: Fraction, product: Product) -> Message:
    unit = AmountUnit.G if product.form is Form.DRY else AmountUnit.ML
    return Message("amount", amount=_number(dose), unit=unit.value)


def _number(value: Fraction) -> Figure:
    return Figure(value, 2, ends=False)
