"""The format brisk-measure/mix-request, version 1."""

from collections.abc import Mapping, Sequence
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, StrictBool

from core.chart import Medium
from core.chart.growing import Crop, System
from core.chart.strength import End, Override
from core.chemistry import Element
from core.errors import InputError
from core.formats.chart import FeedChart
from core.formats.fields import Day, Document, Figure, Key, VolumeDocument, within
from core.formats.shelf import ShelfDocument, VesselDocument
from core.formats.water import Blend, WaterDocument, blended
from core.limits import MOST_PRODUCTS, MOST_VESSELS
from core.order.rules import CalmagPlace, LivePlace, OrderPreferences, RowsPlace, SilicaPlace
from core.planning import Between, MixRequest, Shelf, Tank
from core.quantities import ReadingScale, ReadingUnit, Spoons, Volume
from core.vessels import USUAL_VESSELS, Vessel
from core.water import TargetConvention, Water
from core.windows import Window


class OverrideDocument(Document):
    """What is wanted otherwise for one product: a share of its dose, an end of its range."""

    product: Key
    strength: Figure | None = None
    end: End | None = None


class OrderPreferencesDocument(Document):
    """The schools of mixing order."""

    calmag: CalmagPlace = CalmagPlace.BEFORE_BASE
    silica: SilicaPlace = SilicaPlace.AFTER_BUFFER
    live: LivePlace = LivePlace.LAST
    rows: RowsPlace = RowsPlace.PRINTED

    def order_preferences(self) -> OrderPreferences:
        """What they mean, each by its name."""
        return OrderPreferences(self.calmag, self.silica, self.live, self.rows)


class BetweenDocument(Document):
    """Another column to mix towards, and how far."""

    column: Key
    share: Figure


class MixedTankDocument(Document):
    """Where the feed goes, as far as it is known."""

    system: System | None = None
    crop: Crop | None = None
    joined: VolumeDocument | None = None
    held: Key | None = None


class WindowDocument(Document):
    """An own range of an element, ppm."""

    low: Figure
    high: Figure

    def window(self) -> Window:
        """The range it means."""
        if self.low > self.high:
            raise InputError("range_upside_down.reading", "low")
        return Window(self.low, self.high, own=True)


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
    school: TargetConvention | None = None
    spoons: Spoons = Spoons.METRIC
    water: WaterDocument | None = None
    blend: Blend = ()
    overrides: Annotated[Sequence[OverrideDocument], Field(max_length=MOST_PRODUCTS)] = ()
    grown_in: Medium = Medium.WATER
    customs: OrderPreferencesDocument = OrderPreferencesDocument()
    meter: MeterDocument = MeterDocument()
    between: BetweenDocument | None = None
    split: StrictBool = False
    bucket: VolumeDocument | None = None
    tank: MixedTankDocument = MixedTankDocument()
    shelf: ShelfDocument | None = None
    hard_forms: StrictBool = False
    acid: Key | None = None
    bench: Annotated[Sequence[VesselDocument], Field(max_length=MOST_VESSELS)] | None = None
    windows: Mapping[Element, WindowDocument] = {}
    acknowledged: Annotated[Sequence[Key], Field(max_length=MOST_PRODUCTS)] = ()
    today: Day | None = None

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
            convention=self.school,
            spoons=self.spoons,
            water=self._water(),
            overrides=tuple(Override(o.product, o.strength, o.end) for o in self.overrides),
            tank=self._tank(),
            order_preferences=self.customs.order_preferences(),
            tank_unit=self.volume.unit,
            meter=within("meter", lambda: ReadingScale(self.meter.unit, self.meter.scale)),
            between=self._between(),
            split=self.split,
            bucket=within("bucket", self._bucket),
            shelf=within("shelf", self.shelf.shelf) if self.shelf else Shelf(),
            hard_forms=self.hard_forms,
            acid=self.acid,
            vessels=self._bench(),
            windows={
                element: within(f"windows.{element}", own.window)
                for element, own in self.windows.items()
            },
            acknowledged=frozenset(self.acknowledged),
            today=self.today,
        )

    def _water(self) -> Water:
        if self.water and self.blend:
            raise InputError("blend_unclear.both", "blend")
        if self.blend:
            return within("blend", lambda: blended(self.blend))
        return within("water", self.water.water) if self.water else Water()

    def _tank(self) -> Tank:
        joined = self.tank.joined
        return Tank(
            grown_in=self.grown_in,
            system=self.tank.system,
            crop=self.tank.crop,
            joined=Volume.of(joined.value, joined.unit) if joined else None,
            held=self.tank.held,
        )

    def _between(self) -> Between | None:
        between = self.between
        if between is None:
            return None
        return within("between", lambda: Between(between.column, between.share))

    def _bucket(self) -> Volume | None:
        return None if self.bucket is None else Volume.of(self.bucket.value, self.bucket.unit)

    def _bench(self) -> tuple[Vessel, ...]:
        if self.bench is None:
            return USUAL_VESSELS
        return tuple(
            within(f"bench[{at}]", vessel.as_vessel) for at, vessel in enumerate(self.bench)
        )
