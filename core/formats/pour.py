"""One pour of a pour sheet."""

from core.chart.roles import Phase
from core.chemistry import Doubt, Mineral
from core.formats.fields import Document, Figure
from core.formats.measured import (
    AmountDocument,
    AmountRangeDocument,
    MeasuredDocument,
    UsedVessel,
)
from core.planning import Pour
from core.planning.expected import RestsOn
from core.planning.planned_pours import Pass
from core.planning.premixing import Premix
from core.quantities import Reading


class ExpectedReading(Document):
    """An expected reading in mS/cm, how far off it may be, and what this pour's part rests on."""

    ec: Figure
    unsure: float
    estimate: RestsOn

    @classmethod
    def of(cls, reading: Reading | None, pour: Pour) -> "ExpectedReading | None":
        """The document of a pour's reading, or None."""
        if reading is None:
            return None
        return cls(ec=reading.ms_cm, unsure=round(pour.uncertainty, 4), estimate=pour.basis)


class PlainReading(Document):
    """A reading in mS/cm."""

    ec: Figure


class GritDocument(Document):
    """What this product would form undiluted with an earlier one, and how many times saturated."""

    other: str
    mineral: Mineral
    times: float


class RinseDocument(Document):
    """A vessel to rinse before this pour, because `other` was in it."""

    vessel: UsedVessel
    other: str


class PremixDocument(Document):
    """How a pour fares in the bucket: clear, or with what falls out, and litres that keep it clear.

    `is_clear` is null where no label tells.
    """

    is_clear: bool | None
    mineral: Mineral | None
    least_l: int | None

    @classmethod
    def of(cls, premix: Premix) -> "PremixDocument":
        """The document of a pour in the bucket."""
        return cls(is_clear=premix.is_clear, mineral=premix.mineral, least_l=premix.least)


class PourDocument(Document):
    """One product going in. `why` says why here, `dose_why` why so much."""

    place: int
    product: str
    name: str
    instead_of: str | None
    turn: Pass
    read_before: bool
    amount: AmountDocument | None
    estimate: AmountDocument | None
    range: AmountRangeDocument | None
    measured: MeasuredDocument | None
    printed: str
    share: Figure
    stir_s: int
    wait_min: int
    phase: Phase
    why: tuple[str, ...]
    dose_why: tuple[str, ...]
    above_water: ExpectedReading | None
    reading_after: ExpectedReading | None
    reading_target: PlainReading | None
    ph_after: float | None
    doubts: tuple[Doubt, ...]
    grit: GritDocument | None
    rinses: tuple[RinseDocument, ...]
    rinse_into_tank: bool
    premix: PremixDocument | None = None

    @classmethod
    def of(cls, pour: Pour) -> "PourDocument":
        """The document of a pour."""
        span = None
        if pour.range:
            low, high = pour.range
            span = AmountRangeDocument(low=low.value, high=high.value, unit=low.unit)
        stop, grit = pour.reading_target, pour.precipitate
        return cls(
            place=pour.place,
            product=pour.product.key,
            name=pour.product.name,
            instead_of=pour.instead_of,
            turn=pour.turn,
            read_before=pour.read_before,
            amount=AmountDocument.of(pour.amount) if pour.amount else None,
            estimate=AmountDocument.of(pour.estimate) if pour.estimate else None,
            range=span,
            measured=MeasuredDocument.of(pour.measured) if pour.measured else None,
            printed=pour.printed,
            share=pour.share,
            stir_s=pour.stir_s,
            wait_min=pour.wait_min,
            phase=pour.phase,
            why=pour.why,
            dose_why=pour.dose_why,
            above_water=ExpectedReading.of(pour.above_water, pour),
            reading_after=ExpectedReading.of(pour.reading_after, pour),
            reading_target=PlainReading(ec=stop.ms_cm) if stop else None,
            ph_after=rounded_ph(pour.ph_after),
            doubts=pour.doubts,
            grit=GritDocument(
                other=grit.other.key, mineral=grit.mineral, times=float(f"{grit.times:.2g}")
            )
            if grit
            else None,
            rinses=[
                RinseDocument(vessel=UsedVessel.of(rinse.vessel), other=rinse.other.key)
                for rinse in pour.rinses
            ],
            rinse_into_tank=pour.rinse_into_tank,
            premix=PremixDocument.of(pour.premix) if pour.premix else None,
        )


def rounded_ph(value: float | None) -> float | None:
    """A pH as the model tells it: a third place would be made up."""
    return None if value is None else round(value, 2)
