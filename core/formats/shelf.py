"""What the shelf and the bench have, in a mix request."""

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from core.formats.fields import Document, Figure, Key, Words, within
from core.formats.label import AcidDocument, LabelDocument
from core.mix import AcidOnShelf, HardForm, OnShelf, Shelf
from core.vessels import Shows, Vessel, VesselKind


class HardFormDocument(Document):
    """The form of a product for hard water."""

    name: Words
    label: LabelDocument | None = None
    left: Figure | None = None


class OnShelfDocument(Document):
    """What is known of one product of the chart; `left` in mL or g."""

    product: Key
    label: LabelDocument | None = None
    left: Figure | None = None
    hard_form: HardFormDocument | None = None

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


class ShelfDocument(Document):
    """Products and acids."""

    products: Annotated[Sequence[OnShelfDocument], Field(max_length=60)] = ()
    acids: Annotated[Sequence[AcidOnShelfDocument], Field(max_length=20)] = ()

    def shelf(self) -> Shelf:
        """The shelf it means."""
        return Shelf(
            {
                one.product: within(f"products[{at}]", one.on_shelf)
                for at, one in enumerate(self.products)
            },
            tuple(within(f"acids[{at}]", one.on_shelf) for at, one in enumerate(self.acids)),
        )


class VesselDocument(Document):
    """A measuring vessel or scale: what it holds and from mark to mark, in mL, of a scale in g."""

    vessel: VesselKind
    capacity: Figure
    mark: Figure
    shows: Shows = Shows.G

    def as_vessel(self) -> Vessel:
        """The vessel it means."""
        return Vessel(self.vessel, self.capacity, self.mark, self.shows)
