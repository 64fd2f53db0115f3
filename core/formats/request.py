"""The format brisk-measure/mix-request, version 1."""

from collections.abc import Sequence
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field

from core.chart import Medium
from core.formats.chart import FeedChart
from core.formats.fields import Document, Figure, Key, ReadingDocument, within
from core.mix import MixRequest
from core.order_rules import CalmagPlace, Customs, LivePlace, SilicaPlace
from core.quantities import ReadingScale, ReadingUnit, Spoons, Volume, VolumeUnit
from core.strength import End, Override
from core.water import School, Water, WaterKind


class VolumeDocument(Document):
    """A volume of water."""

    value: Figure
    unit: VolumeUnit


class WaterDocument(Document):
    """The source water, as far as it is known."""

    reading: ReadingDocument | None = None
    kind: WaterKind | None = None
    calcium_ppm: Figure | None = None

    def water(self) -> Water:
        """The water it means."""
        reading = within("reading", self.reading.reading) if self.reading else None
        return Water(reading, self.kind, self.calcium_ppm)


class OverrideDocument(Document):
    """What is wanted otherwise for one product: a share of its dose, an end of its range."""

    product: Key
    strength: Figure | None = None
    end: End | None = None


class CustomsDocument(Document):
    """The schools of mixing order."""

    calmag: CalmagPlace = CalmagPlace.BEFORE_BASE
    silica: SilicaPlace = SilicaPlace.AFTER_BUFFER
    live: LivePlace = LivePlace.LAST


class MeterDocument(Document):
    """The unit in which messages give readings."""

    unit: ReadingUnit = ReadingUnit.MS_CM
    scale: Literal[500, 640, 700] | None = None


class MixRequestDocument(Document):
    """All that one mix is computed from."""

    format: Literal["brisk-measure/mix-request"]
    version: Literal[1]
    chart: FeedChart
    column: Key
    volume: VolumeDocument
    strength: Figure = Fraction(1)
    end: End = End.MIDDLE
    school: School | None = None
    spoons: Spoons = Spoons.METRIC
    water: WaterDocument | None = None
    overrides: Annotated[Sequence[OverrideDocument], Field(max_length=60)] = ()
    grown_in: Medium = Medium.WATER
    customs: CustomsDocument = CustomsDocument()
    meter: MeterDocument = MeterDocument()

    def request(self) -> MixRequest:
        """The request it means.

        Raises:
            InputError: the chart contradicts itself, or a figure is out of bounds.
        """
        return MixRequest(
            chart=within("chart", self.chart.chart),
            column=self.column,
            volume=Volume.of(self.volume.value, self.volume.unit),
            strength=self.strength,
            end=self.end,
            school=self.school,
            spoons=self.spoons,
            water=within("water", self.water.water) if self.water else Water(),
            overrides=tuple(Override(o.product, o.strength, o.end) for o in self.overrides),
            grown_in=self.grown_in,
            customs=Customs(self.customs.calmag, self.customs.silica, self.customs.live),
            meter=within("meter", lambda: ReadingScale(self.meter.unit, self.meter.scale)),
        )
