"""What a mix is judged by."""

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Column, PhWindow, Product, Role
from core.chemistry import Contents, TankChemistry
from core.order import Place
from core.planning.doses import Dosed
from core.planning.request import MixRequest
from core.planning.sheet import InTank, Pour
from core.quantities import Amount, Reading, number_text
from core.water import Target


@dataclass(frozen=True, slots=True)
class JudgingInput:
    """A mix, worked out but for its cautions."""

    request: MixRequest
    column: Column
    window: PhWindow
    target: Target
    dosed: tuple[Dosed, ...]
    places: Sequence[Place]
    pours: Sequence[Pour]
    contents: Sequence[Contents | None]
    chemistry: TankChemistry | None
    in_tank: InTank | None

    def poured(self, role: Role) -> list[Product]:
        """The products of a role that go in, once each."""
        return [place.product for place in self.places if place.product.role is role]

    def reading(self, reading: Reading) -> str:
        """A reading as this grower's pen shows it, with its unit."""
        meter = self.request.meter
        return f"{reading.shown(meter)} {meter.words}"


def percent(share: Fraction) -> str:
    """A share as whole percent."""
    return f"{number_text(share * 100, 0)} %"


def amount_words(amount: Amount | None) -> str:
    """An amount to one place, or `none`."""
    if amount is None:
        return "none"
    return f"{number_text(amount.value, 1).removesuffix('.0')} {amount.unit}"


def names(products: Sequence[Product]) -> str:
    """Names as one lists them aloud.

    >>> from core.chart import Role
    >>> names([Product("a", "Wrack", Role.ENZYME), Product("b", "Scour", Role.ENZYME)])
    'Wrack and Scour'
    """
    found = [product.name for product in products]
    return " and ".join([", ".join(found[:-1]), found[-1]] if len(found) > 1 else found)


def keys(products: Sequence[Product]) -> tuple[str, ...]:
    """The keys of products."""
    return tuple(product.key for product in products)
