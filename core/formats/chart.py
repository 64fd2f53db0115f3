"""The format brisk-measure/feed-chart, version 1."""

from collections.abc import Mapping, Sequence
from typing import Annotated, Any, Literal

from pydantic import Field, StrictBool, model_validator

from core.chart import (
    Chart,
    Column,
    Dose,
    Form,
    Medium,
    PhWindow,
    Product,
    Readings,
    Role,
    Stage,
)
from core.chart.parts import product_from, said_of
from core.formats.fields import (
    Count,
    Document,
    Figure,
    Key,
    PhDocument,
    ReadingRangeDocument,
    Words,
    within,
)
from core.formats.versions import VersionedFormat
from core.limits import MOST_COLUMNS, MOST_PRODUCTS
from core.quantities import DoseUnit, ReadingScale

MS_CM = ReadingScale()


class ProductDocument(Document):
    """A row. Without `scales`, base, cal-mag, magnesium and boosters scale, others do not."""

    key: Key
    name: Words = ""
    role: Role
    group: Words | None = None
    rank: Count | None = None
    form: Form = Form.LIQUID
    scales: StrictBool | None = None
    after: Annotated[tuple[Key, ...], Field(max_length=MOST_PRODUCTS)] = ()
    wait_min: Count | None = None
    oxidiser: StrictBool = False
    settles: StrictBool = False

    def product(self) -> Product:
        """The product it means."""
        return product_from(dict(self))

    @classmethod
    def of(cls, product: Product) -> "ProductDocument":
        """A product of a chart as its row."""
        return cls(**said_of(product) | {"group": product.group or None})


class ColumnDocument(Document):
    """A week or stage."""

    key: Key
    label: Words = ""
    days: Count | None = None
    stage: Stage | None = None
    ec: ReadingRangeDocument | None = None
    ph: PhDocument | None = None

    def column(self) -> Column:
        """The column it means."""
        ec, ph = self.ec, self.ph
        return Column(
            key=self.key,
            label=self.label or self.key,
            days=self.days,
            stage=self.stage,
            ec=within("ec", ec.range) if ec else None,
            ph=within("ph", lambda: _window(ph)) if ph else None,
        )


def _window(ph: PhDocument) -> PhWindow:
    return PhWindow(ph.low, ph.low if ph.high is None else ph.high)


class DoseDocument(Document):
    """A cell: a dose with its unit, a rule until which EC to pour, or both."""

    product: Key
    column: Key
    low: Figure | None = None
    high: Figure | None = None
    unit: DoseUnit | None = None
    until_ec_above_water: Figure | None = None

    def dose(self) -> Dose:
        """The dose it means."""
        high = self.low if self.high is None else self.high
        return Dose(self.product, self.column, self.low, high, self.unit, self.until_ec_above_water)


FEED_CHART = VersionedFormat("brisk-measure/feed-chart", 1)


class FeedChart(Document):
    """A feed chart."""

    format: Literal["brisk-measure/feed-chart"]
    version: Literal[1]
    name: Words = ""
    medium: Medium = Medium.WATER
    readings: Readings = Readings.ADDED
    rows_are_order: StrictBool = False
    products: Annotated[Sequence[ProductDocument], Field(max_length=MOST_PRODUCTS)]
    columns: Annotated[Sequence[ColumnDocument], Field(max_length=MOST_COLUMNS)]
    doses: Annotated[Sequence[DoseDocument], Field(max_length=MOST_PRODUCTS * MOST_COLUMNS)] = ()

    @model_validator(mode="before")
    @classmethod
    def _of_this_version(cls, document: Any) -> Any:
        return FEED_CHART.upgraded(document) if isinstance(document, Mapping) else document

    def chart(self) -> Chart:
        """The chart it means.

        Raises:
            InputError: it contradicts itself; see `core.chart.Chart`.
        """
        return Chart(
            name=self.name,
            medium=self.medium,
            readings=self.readings,
            rows_are_order=self.rows_are_order,
            products=tuple(product.product() for product in self.products),
            columns=tuple(
                within(f"columns[{index}]", column.column)
                for index, column in enumerate(self.columns)
            ),
            doses=tuple(dose.dose() for dose in self.doses),
        )

    @property
    def reading_scale(self) -> ReadingScale | None:
        """What its leaflet prints EC in; None where it prints none."""
        first = next((column.ec for column in self.columns if column.ec), None)
        return ReadingScale(first.unit, first.scale) if first else None

    @classmethod
    def of(cls, chart: Chart, scale: ReadingScale = MS_CM) -> "FeedChart":
        """The document of a chart; its readings in mS/cm, or as the leaflet has them."""
        return cls(
            format="brisk-measure/feed-chart",
            version=1,
            name=chart.name,
            medium=chart.medium,
            readings=chart.readings,
            rows_are_order=chart.rows_are_order,
            products=[ProductDocument.of(product) for product in chart.products],
            columns=[_column_document(column, scale) for column in chart.columns],
            doses=[
                DoseDocument(
                    product=dose.product,
                    column=dose.column,
                    low=dose.low,
                    high=dose.high if dose.is_range else None,
                    unit=dose.unit,
                    until_ec_above_water=dose.until_ec,
                )
                for dose in chart.doses
            ],
        )


def _column_document(column: Column, scale: ReadingScale) -> ColumnDocument:
    ec = ph = None
    if column.ec:
        ec = ReadingRangeDocument(
            low=column.ec.low.in_unit(scale),
            high=column.ec.high.in_unit(scale),
            unit=scale.unit,
            scale=scale.scale,
        )
    if column.ph:
        ph = PhDocument(low=column.ph.low, high=column.ph.high)
    return ColumnDocument(
        key=column.key, label=column.label, days=column.days, stage=column.stage, ec=ec, ph=ph
    )
