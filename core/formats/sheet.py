"""The format brisk-measure/pour-sheet, version 1."""

from collections.abc import Mapping
from fractions import Fraction
from typing import Annotated, Literal

from core.cautions import CATALOGUE, Severity
from core.formats.fields import Document, Figure, one_of
from core.formats.in_tank import InTankDocument
from core.formats.pour import PlainReading, PourDocument
from core.planning import PourSheet
from core.quantities import Reading, ReadingRange
from core.water import TargetConvention
from core.wording import Manner, wording


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
    """The target by the school followed, and by each school for comparison.

    `whole` is what of it strength does not scale; `not_counted` names what no label tells of that.
    """

    followed: TargetConvention
    on_top: EcWindow | None
    all_in: EcWindow | None
    whole: Figure = Fraction(0)
    not_counted: tuple[str, ...] = ()


class WarningDocument(Document):
    """What to mind; figures in `values` are decimal text, EC in mS/cm, shares of 1.

    `remedy` is what to set in the request for the way out, where a setting is all it takes.
    """

    code: Annotated[str, one_of(CATALOGUE)]
    severity: Severity
    title: str
    message: str
    values: Mapping[str, str]
    products: tuple[str, ...]
    remedy: Mapping[str, str]


class LeftOutDocument(Document):
    """A dosed product that is not poured."""

    product: str
    name: str
    why: str


class WaterPartDocument(Document):
    """One water of a blend, and its share."""

    name: str
    share: Figure


class PourSheetDocument(Document):
    """What to pour, in order. A mix is not to be started while a stop is unacknowledged."""

    format: Literal["brisk-measure/pour-sheet"] = "brisk-measure/pour-sheet"
    version: Literal[1] = 1
    volume_l: Figure
    column: str
    source: PlainReading | None
    blend: tuple[WaterPartDocument, ...]
    pours: tuple[PourDocument, ...]
    target: TargetDocument
    schools: SchoolsDocument
    in_tank: InTankDocument | None
    warnings: tuple[WarningDocument, ...]
    unacknowledged: tuple[str, ...]
    left_out: tuple[LeftOutDocument, ...]

    @classmethod
    def of(cls, sheet: PourSheet, manner: Manner) -> "PourSheetDocument":
        """The document of a pour sheet."""
        return cls(
            volume_l=sheet.volume.litres,
            column=sheet.column.label,
            source=_reading(sheet.source),
            blend=[
                WaterPartDocument(name=part.name, share=part.share) for part in sheet.water_parts
            ],
            pours=[PourDocument.of(pour) for pour in sheet.pours],
            target=TargetDocument(
                ec=EcWindow.of(sheet.target.reading),
                ph=PhTarget(
                    low=sheet.ph.low,
                    high=sheet.ph.high,
                    source="chart" if sheet.ph_printed else "common_practice",
                ),
            ),
            schools=SchoolsDocument(
                followed=sheet.target.convention,
                on_top=EcWindow.of(sheet.target.on_top),
                all_in=EcWindow.of(sheet.target.all_in),
                whole=sheet.target.whole,
                not_counted=sheet.target.uncounted,
            ),
            in_tank=InTankDocument.of(sheet.in_tank) if sheet.in_tank else None,
            warnings=[
                WarningDocument(
                    code=caution.code,
                    severity=caution.severity,
                    title=wording(caution.title),
                    message=wording(caution.message, manner),
                    values=caution.values,
                    products=caution.products,
                    remedy=caution.remedy,
                )
                for caution in sheet.cautions
            ],
            unacknowledged=sheet.unacknowledged,
            left_out=[
                LeftOutDocument(product=left.product.key, name=left.product.name, why=left.why)
                for left in sheet.left_out
            ],
        )


def _reading(reading: Reading | None) -> PlainReading | None:
    return PlainReading(ec=reading.ms_cm) if reading else None
