"""The source water in a mix request."""

from collections.abc import Sequence
from fractions import Fraction
from typing import Annotated

from pydantic import Field

from core.formats.fields import Document, Figure, ReadingDocument, Words, within
from core.limits import MOST_WATERS
from core.water import REPORT_FIELDS, Disinfectant, LabReport, Water, WaterKind, blend


class WaterDocument(Document):
    """A water, as far as it is known: ppm are mg/L of the element, alkalinity is as CaCO3."""

    reading: ReadingDocument | None = None
    kind: WaterKind | None = None
    calcium_ppm: Figure | None = None
    magnesium_ppm: Figure | None = None
    potassium_ppm: Figure | None = None
    sodium_ppm: Figure | None = None
    chloride_ppm: Figure | None = None
    sulfur_ppm: Figure | None = None
    nitrate_n_ppm: Figure | None = None
    alkalinity_ppm: Figure | None = None
    ph: Figure | None = None
    temperature: Figure | None = None
    disinfectant: Disinfectant | None = None
    stood_h: Figure = Fraction(0)

    def water(self) -> Water:
        """The water it means."""
        return Water(
            reading=within("reading", self.reading.reading) if self.reading else None,
            kind=self.kind,
            report=LabReport(**{name: getattr(self, f"{name}_ppm") for name in REPORT_FIELDS}),
            ph=self.ph,
            temperature=self.temperature,
            disinfectant=self.disinfectant,
            stood_h=self.stood_h,
        )


class BlendPartDocument(Document):
    """One water of a blend, and its share of the tank; the shares come to 1."""

    name: Words = ""
    water: WaterDocument
    share: Figure


Blend = Annotated[Sequence[BlendPartDocument], Field(max_length=MOST_WATERS)]


def blended(parts: Blend) -> Water:
    """The water of a blend.

    Raises:
        InputError: shares that do not come to 1.
    """
    waters = [
        (part.name, within(f"[{at}].water", part.water.water), part.share)
        for at, part in enumerate(parts)
    ]
    return blend(waters)
