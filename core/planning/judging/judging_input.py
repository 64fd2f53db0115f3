"""What a mix is judged by."""

from collections.abc import Sequence
from dataclasses import dataclass

from core.chart import Column, PhWindow, Product, Role
from core.chemistry import Contents, TankChemistry
from core.messages import Listed, Message
from core.order import Place
from core.planning.doses import Dosed
from core.planning.request import MixRequest
from core.planning.sheet import InTank, Pour
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


def names(products: Sequence[Product]) -> Listed:
    """Names as one lists them aloud."""
    return Listed(tuple(product.name for product in products))


def named(product: Product) -> Message:
    """A product, as the place that a message is about."""
    return Message("product", name=product.name)


def keys(products: Sequence[Product]) -> tuple[str, ...]:
    """The keys of products."""
    return tuple(product.key for product in products)
