"""Amounts, and how they are measured, in a pour sheet."""

from core.formats.fields import Document, Figure, Signed
from core.quantities import Amount, AmountUnit
from core.vessels import Measured, Shows, Vessel, VesselKind


class AmountDocument(Document):
    """How much, unrounded."""

    value: Figure
    unit: AmountUnit

    @classmethod
    def of(cls, amount: Amount) -> "AmountDocument":
        """The document of an amount."""
        return cls(value=amount.value, unit=amount.unit)


class AmountRangeDocument(Document):
    """The amounts at both ends of a printed range."""

    low: Figure
    high: Figure
    unit: AmountUnit


class UsedVessel(Document):
    """A vessel or scale of the bench; mL, of a scale g; `words` what a marked cup is."""

    vessel: VesselKind
    capacity: Figure
    mark: Figure
    shows: Shows
    words: str = ""

    @classmethod
    def of(cls, vessel: Vessel) -> "UsedVessel":
        """The document of a vessel."""
        return cls(
            vessel=vessel.kind,
            capacity=vessel.capacity,
            mark=vessel.mark,
            shows=vessel.shows,
            words=vessel.words,
        )


class FillDocument(UsedVessel):
    """A vessel filled to a level, so many times.

    `display` is what a scale shows then, or how many teaspoons it is.
    """

    level: Figure
    times: int
    display: str


class DilutionDocument(Document):
    """What to mix in a cup first: `pour` of it holds the amount."""

    product: AmountDocument
    water: AmountDocument
    pour: AmountDocument


class MeasuredDocument(Document):
    """How to measure the amount: what it rounds to, the vessels, and the error as a share.

    With `dilute`, value and fills are those of the dilution.
    """

    value: Figure
    unit: AmountUnit
    fills: tuple[FillDocument, ...]
    error: Signed
    error_shows: bool
    dilute: DilutionDocument | None

    @classmethod
    def of(cls, measured: Measured) -> "MeasuredDocument":
        """The document of a measured amount."""
        return cls(
            value=measured.amount.value,
            unit=measured.amount.unit,
            fills=[
                FillDocument(
                    vessel=fill.vessel.kind,
                    capacity=fill.vessel.capacity,
                    mark=fill.vessel.mark,
                    shows=fill.vessel.shows,
                    words=fill.vessel.words,
                    level=fill.level,
                    times=fill.times,
                    display=fill.vessel.display(fill.level),
                )
                for fill in measured.fills
            ],
            error=measured.error,
            error_shows=measured.is_off,
            dilute=DilutionDocument(
                product=AmountDocument.of(measured.dilute.product),
                water=AmountDocument.of(measured.dilute.water),
                pour=AmountDocument.of(measured.dilute.pour),
            )
            if measured.dilute
            else None,
        )
