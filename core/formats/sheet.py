"""The format brisk-measure/pour-sheet, version 1."""

from collections.abc import Mapping, Sequence
from typing import Literal

from core.cautions import Severity
from core.formats.fields import Document, Figure
from core.mix import Pour, PourSheet
from core.order_rules import Phase
from core.quantities import Amount, AmountUnit, Reading, ReadingRange
from core.vessels import Measured, VesselKind
from core.water import School


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


class FillDocument(Document):
    """A vessel filled to a level, so many times; mL, on a scale g."""

    vessel: VesselKind
    capacity: Figure
    mark: Figure
    level: Figure
    times: int


class MeasuredDocument(Document):
    """How to measure the amount: what it rounds to, and the vessels."""

    value: Figure
    unit: AmountUnit
    fills: Sequence[FillDocument]

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
                    level=fill.level,
                    times=fill.times,
                )
                for fill in measured.fills
            ],
        )


class ExpectedReading(Document):
    """An expected reading in mS/cm, and what the estimate rests on."""

    ec: Figure
    estimate: Literal["chart"] = "chart"


class PlainReading(Document):
    """A reading in mS/cm."""

    ec: Figure


class PourDocument(Document):
    """One product going in. `why` says why here, `dose_why` why so much."""

    place: int
    product: str
    name: str
    amount: AmountDocument | None
    estimate: AmountDocument | None
    range: AmountRangeDocument | None
    measured: MeasuredDocument | None
    printed: str
    share: Figure
    wait_min: int
    phase: Phase
    why: Sequence[str]
    dose_why: Sequence[str]
    above_water: ExpectedReading | None
    reading_after: ExpectedReading | None
    reading_target: PlainReading | None

    @classmethod
    def of(cls, pour: Pour) -> "PourDocument":
        """The document of a pour."""
        span = None
        if pour.range:
            low, high = pour.range
            span = AmountRangeDocument(low=low.value, high=high.value, unit=low.unit)
        above, after, stop = pour.above_water, pour.reading_after, pour.reading_target
        return cls(
            place=pour.place,
            product=pour.product.key,
            name=pour.product.name,
            amount=AmountDocument.of(pour.amount) if pour.amount else None,
            estimate=AmountDocument.of(pour.estimate) if pour.estimate else None,
            range=span,
            measured=MeasuredDocument.of(pour.measured) if pour.measured else None,
            printed=pour.printed,
            share=pour.share,
            wait_min=pour.wait_min,
            phase=pour.phase,
            why=pour.why,
            dose_why=pour.dose_why,
            above_water=ExpectedReading(ec=above.ms_cm) if above else None,
            reading_after=ExpectedReading(ec=after.ms_cm) if after else None,
            reading_target=PlainReading(ec=stop.ms_cm) if stop else None,
        )


class EcWindow(Document):
    """A range of EC in mS/cm."""

    low: Figure
    high: Figure

    @classmethod
    def of(cls, window: ReadingRange | None) -> "EcWindow | None":
        """The document of a range, or None."""
        return cls(low=window.low.ms_cm, high=window.high.ms_cm) if window else None


class PhTarget(Document):
    """The pH window, and whether the chart prints it or it is common practice."""

    low: Figure
    high: Figure
    source: Literal["chart", "common_practice"]


class TargetDocument(Document):
    """What the meters should show in the end."""

    ec: EcWindow | None
    ph: PhTarget


class SchoolsDocument(Document):
    """The target by the school followed, and by each school for comparison."""

    followed: School
    on_top: EcWindow | None
    all_in: EcWindow | None


class WarningDocument(Document):
    """What to mind; figures in `values` are decimal text, EC in mS/cm, shares of 1."""

    code: str
    severity: Severity
    message: str
    values: Mapping[str, str]
    products: Sequence[str]


class LeftOutDocument(Document):
    """A dosed product that is not poured."""

    product: str
    name: str
    why: str


class PourSheetDocument(Document):
    """What to pour, in order."""

    format: Literal["brisk-measure/pour-sheet"] = "brisk-measure/pour-sheet"
    version: Literal[1] = 1
    volume_l: Figure
    source: PlainReading | None
    pours: Sequence[PourDocument]
    target: TargetDocument
    schools: SchoolsDocument
    warnings: Sequence[WarningDocument]
    left_out: Sequence[LeftOutDocument]

    @classmethod
    def of(cls, sheet: PourSheet) -> "PourSheetDocument":
        """The document of a pour sheet."""
        return cls(
            volume_l=sheet.volume.litres,
            source=_reading(sheet.source),
            pours=[PourDocument.of(pour) for pour in sheet.pours],
            target=TargetDocument(
                ec=EcWindow.of(sheet.aim.target),
                ph=PhTarget(
                    low=sheet.ph.low,
                    high=sheet.ph.high,
                    source="chart" if sheet.ph_printed else "common_practice",
                ),
            ),
            schools=SchoolsDocument(
                followed=sheet.aim.school,
                on_top=EcWindow.of(sheet.aim.on_top),
                all_in=EcWindow.of(sheet.aim.all_in),
            ),
            warnings=[
                WarningDocument(
                    code=caution.code,
                    severity=caution.severity,
                    message=caution.message,
                    values=caution.values,
                    products=caution.products,
                )
                for caution in sheet.warnings
            ],
            left_out=[
                LeftOutDocument(product=left.product.key, name=left.product.name, why=left.why)
                for left in sheet.left_out
            ],
        )


def _reading(reading: Reading | None) -> PlainReading | None:
    return PlainReading(ec=reading.ms_cm) if reading else None
