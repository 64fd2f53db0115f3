"""What the label of a product says, as the formats carry it."""

from collections.abc import Mapping
from enum import StrEnum
from fractions import Fraction
from typing import Annotated

from pydantic import StringConstraints

from core.chemistry import Acid, AcidKind, Basis, Label, Nutrient, Salt
from core.facts import one_each
from core.formats.fields import Document, Figure, within


class AcidDocument(Document):
    """The strength of an acid: percent by weight, or mol/L."""

    kind: AcidKind
    percent: Figure | None = None
    molar: Figure | None = None

    def acid(self) -> Acid:
        """The acid it means."""
        return Acid(self.kind, self.percent, self.molar)


class PrintedIn(StrEnum):
    """What the lines of a label are printed in."""

    PERCENT = "percent"
    G_PER_L = "g/L"
    MG_PER_L = "mg/L"


_PERCENT_IN: Mapping[PrintedIn, Fraction] = one_each(
    PrintedIn,
    {
        PrintedIn.PERCENT: Fraction(1),
        PrintedIn.G_PER_L: Fraction(1, 10),
        PrintedIn.MG_PER_L: Fraction(1, 10_000),
    },
)
"""g in 100 g or in 100 mL that one of it is."""


_TEXT = r"^[^\x00-\x08\x0b-\x1f]*$"
"""Of several lines, without other control characters; PostgreSQL refuses some of them."""


class LabelDocument(Document):
    """A label: its guaranteed analysis as printed, a plain salt's name, or an acid's strength.

    A label in g/L or mg/L is by volume, whatever `basis` says. `derived_from` is what it is made
    of in the maker's words; nothing is computed from it.
    """

    analysis: Mapping[Nutrient, Figure] = {}
    printed_in: PrintedIn = PrintedIn.PERCENT
    derived_from: Annotated[str, StringConstraints(max_length=600, pattern=_TEXT)] = ""
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
        by_volume = self.printed_in is not PrintedIn.PERCENT
        times = _PERCENT_IN[self.printed_in]
        return Label(
            analysis={line: figure * times for line, figure in self.analysis.items()},
            basis=Basis.BY_VOLUME if by_volume else self.basis,
            density=self.density,
            salt=self.salt,
            purity=self.purity,
            acid=within("acid", self.acid.acid) if self.acid else None,
        )
