"""What the shelf and the bench have, in a mix request."""

from collections.abc import Sequence
from fractions import Fraction
from typing import Annotated

from pydantic import Field

from core.chemistry import Alkali
from core.errors import InputError
from core.formats.fields import Day, Document, Figure, Key, Words, within
from core.formats.label import AcidDocument, LabelDocument
from core.limits import LONGEST_NAME, MOST_PRODUCTS
from core.planning import AcidOnShelf, AlkaliOnShelf, HardForm, OnShelf, Shelf
from core.quantities import AmountUnit
from core.vessels import Shows, Vessel, VesselKind


class HardFormDocument(Document):
    """The form of a product for hard water."""

    name: Words
    label: LabelDocument | None = None
    left: Figure | None = None


class OnShelfDocument(Document):
    """What is known of one product of the chart; `left` in mL or g.

    `good_until` is the last good day of the bottle that is poured from.
    """

    product: Key
    label: LabelDocument | None = None
    left: Figure | None = None
    hard_form: HardFormDocument | None = None
    good_until: Day | None = None

    def on_shelf(self) -> OnShelf:
        """What it means."""
        form = self.hard_form
        return OnShelf(
            label=within("label", self.label.label) if self.label else None,
            left=self.left,
            hard_form=HardForm(
                form.name,
                within("hard_form.label", form.label.label) if form.label else None,
                form.left,
            )
            if form
            else None,
            good_until=self.good_until,
        )


class AcidOnShelfDocument(Document):
    """A bottle of acid for pH; density in g/mL, the handbook's without it."""

    key: Key
    name: Words
    acid: AcidDocument
    density: Figure | None = None

    def on_shelf(self) -> AcidOnShelf:
        """What it means."""
        return AcidOnShelf(self.key, self.name, within("acid", self.acid.acid), self.density)


class AlkaliOnShelfDocument(Document):
    """What raises pH: meq that a mL or g gives, and mol of carbonate in an equivalent of it."""

    key: Key
    name: Words
    meq: Figure
    carbonate: Figure = Fraction(0)
    unit: AmountUnit = AmountUnit.ML

    def on_shelf(self) -> AlkaliOnShelf:
        """What it means."""
        if not 0 < self.meq <= STRONGEST_ALKALI_MEQ:
            raise InputError(
                "strength_out_of_range.meq", "meq", strongest_alkali_meq=STRONGEST_ALKALI_MEQ
            )
        if self.carbonate > 1:
            raise InputError("out_of_range.carbonate", "carbonate")
        alkali = Alkali(float(self.meq), float(self.carbonate))
        return AlkaliOnShelf(self.key, self.name, alkali, self.unit)


STRONGEST_ALKALI_MEQ = 100
"""meq in a mL or g: the lightest alkali, lithium hydroxide, has 42."""


class ShelfDocument(Document):
    """Products, acids and alkalis."""

    products: Annotated[Sequence[OnShelfDocument], Field(max_length=MOST_PRODUCTS)] = ()
    acids: Annotated[Sequence[AcidOnShelfDocument], Field(max_length=20)] = ()
    alkalis: Annotated[Sequence[AlkaliOnShelfDocument], Field(max_length=20)] = ()

    def shelf(self) -> Shelf:
        """The shelf it means."""
        return Shelf(
            {
                one.product: within(f"products[{at}]", one.on_shelf)
                for at, one in enumerate(self.products)
            },
            tuple(within(f"acids[{at}]", one.on_shelf) for at, one in enumerate(self.acids)),
            tuple(within(f"alkalis[{at}]", one.on_shelf) for at, one in enumerate(self.alkalis)),
        )


class VesselDocument(Document):
    """A measuring vessel or scale: what it holds and from mark to mark, in mL, of a scale in g.

    `product` and `words` are those of a marked cup: what it is marked for, and what it is.
    """

    vessel: VesselKind
    capacity: Figure
    mark: Figure
    shows: Shows = Shows.G
    product: Key | None = None
    words: Annotated[str, Field(max_length=LONGEST_NAME)] = ""

    def as_vessel(self) -> Vessel:
        """The vessel it means."""
        return Vessel(self.vessel, self.capacity, self.mark, self.shows, self.product, self.words)
