"""What the grower's shelf knows of the products in a mix."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date
from fractions import Fraction

from core.chemistry import Acid, AcidBottle, Alkali, Label, check_density
from core.quantities import AmountUnit


@dataclass(frozen=True, slots=True)
class HardForm:
    """The form of a product that its maker sells for hard water; it carries less calcium."""

    name: str
    label: Label | None = None
    left: Fraction | None = None


@dataclass(frozen=True, slots=True)
class OnShelf:
    """What the shelf knows of one product.

    Args:
        label: what its label says, if that was entered.
        left: mL or g that are left, if that is known.
        hard_form: its form for hard water, if the shelf has it.
        good_until: the last good day of the bottle that is poured from, if that is known.
    """

    label: Label | None = None
    left: Fraction | None = None
    hard_form: HardForm | None = None
    good_until: date | None = None


NOTHING = OnShelf()


@dataclass(frozen=True, slots=True)
class AcidOnShelf:
    """A bottle of acid for pH.

    Args:
        key: what a choice calls it.
        name: what its label calls it.
        acid: which acid, and how strong.
        density: g/mL, None to take the handbook's.

    Raises:
        InputError: a density that no acid has.
    """

    key: str
    name: str
    acid: Acid
    density: Fraction | None = None

    def __post_init__(self) -> None:
        """Refuse at the door what its bottle would refuse in the middle of a plan."""
        check_density(self.density)

    @property
    def bottle(self) -> AcidBottle:
        """The bottle as chemistry uses it."""
        return AcidBottle(self.acid, self.density)


@dataclass(frozen=True, slots=True)
class AlkaliOnShelf:
    """What pH is raised with.

    Args:
        key: what a choice calls it.
        name: what its label calls it.
        alkali: how strong a mL or g of it is.
        unit: mL, or g where it is dry.
    """

    key: str
    name: str
    alkali: Alkali
    unit: AmountUnit


@dataclass(frozen=True, slots=True)
class Shelf:
    """The shelf, as far as a mix looks at it.

    Args:
        products: by key of the chart's product.
        acids: what pH can be lowered with.
        alkalis: what it can be raised with.
    """

    products: Mapping[str, OnShelf] = field(default_factory=dict)
    acids: tuple[AcidOnShelf, ...] = ()
    alkalis: tuple[AlkaliOnShelf, ...] = ()

    def of(self, product: str) -> OnShelf:
        """What is known of a product; nothing, if it is not there."""
        return self.products.get(product, NOTHING)
