"""What the label of a product says, as the formats carry it."""

from collections.abc import Mapping
from fractions import Fraction

from core.chemistry import Acid, AcidKind, Basis, Label, Nutrient, Salt
from core.formats.fields import Document, Figure, within


class AcidDocument(Document):
    """The strength of an acid: percent by weight, or mol/L."""

    kind: AcidKind
    percent: Figure | None = None
    molar: Figure | None = None

    def acid(self) -> Acid:
        """The acid it means."""
        return Acid(self.kind, self.percent, self.molar)


class LabelDocument(Document):
    """A label: its guaranteed analysis in percent, a plain salt's name, or an acid's strength."""

    analysis: Mapping[Nutrient, Figure] = {}
    basis: Basis = Basis.BY_WEIGHT
    density: Figure | None = None
    salt: Salt | None = None
    purity: Figure = Fraction(100)
    acid: AcidDocument | None = None

    def label(self) -> Label:
        """The label it means.

        Raises:
            InputError: it contradicts itself; see `core.chemistry.Label`.
        """
        return Label(
            analysis=dict(self.analysis),
            basis=self.basis,
            density=self.density,
            salt=self.salt,
            purity=self.purity,
            acid=within("acid", self.acid.acid) if self.acid else None,
        )
