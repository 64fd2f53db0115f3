"""What a mix is computed from."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date
from fractions import Fraction

from core.chart import Chart, Medium
from core.chart.growing import Crop, System
from core.chart.strength import End, Override, check_strength
from core.chemistry import Element
from core.errors import InputError
from core.limits import HIGHEST_STRENGTH, LARGEST_VOLUME_L, MOST_VESSELS, STRONGEST_WATER
from core.order.rules import OrderPreferences
from core.planning.shelf import Shelf
from core.quantities import ReadingScale, Spoons, Volume, VolumeUnit
from core.vessels import USUAL_VESSELS, Vessel
from core.water import TargetConvention, Water
from core.windows import Window


@dataclass(frozen=True, slots=True)
class Between:
    """Another column to mix towards, and how far: 0 stays at the first, 1 is the other."""

    column: str
    share: Fraction

    def __post_init__(self) -> None:
        if not 0 <= self.share <= 1:
            raise InputError("share_out_of_range.share", "share")


@dataclass(frozen=True, slots=True)
class Tank:
    """Where the feed goes.

    Args:
        grown_in: what the plants stand in.
        system: what brings them the water, if it is known.
        crop: which kind of crop, if it is known.
        joined: all the water that is joined to the tank, as it was measured once.
        held: key of the column that the tank is held in, as leafy herbs are; None if it moves on.
    """

    grown_in: Medium = Medium.WATER
    system: System | None = None
    crop: Crop | None = None
    joined: Volume | None = None
    held: str | None = None


@dataclass(frozen=True, slots=True)
class MixRequest:
    """All that one mix is computed from.

    Args:
        chart: the chart.
        column: key of the week or stage.
        volume: all the water that is joined: tank, pots and pipes.
        strength: share of the printed doses, above 0 and at most 2.
        end: which end of printed ranges.
        convention: what the target means; None follows what the chart states.
        spoons: which spoons and fluid ounces the chart means.
        water: the source.
        overrides: what the grower wants otherwise, one for a product at most.
        tank: where the feed goes.
        order_preferences: the schools of mixing order.
        meter: the unit in which messages give readings.
        tank_unit: the unit in which they give the water of a tank.
        between: another column to mix towards.
        split: whether the base goes in as 80 % and, after a reading, the rest.
        bucket: tank water in which each part is diluted before it is poured; None to pour neat.
        shelf: labels, what is left, and acids.
        hard_forms: whether the forms for hard water are poured where the shelf has them.
        acid: key of the acid for pH; None to have one chosen.
        vessels: the vessels and scales to measure with.
        windows: the grower's own ranges of elements.
        acknowledged: codes of the stops that the grower has read and accepted.
        today: the day on which it is mixed; None where bottles are not looked at by their dates.

    Raises:
        InputError: a figure outside its bounds, or an unknown column, product or acid.
    """

    chart: Chart
    column: str
    volume: Volume
    strength: Fraction = Fraction(1)
    end: End = End.MIDDLE
    convention: TargetConvention | None = None
    spoons: Spoons = Spoons.METRIC
    water: Water = Water()  # noqa: RUF009 -- frozen
    overrides: tuple[Override, ...] = ()
    tank: Tank = Tank()
    order_preferences: OrderPreferences = OrderPreferences()  # noqa: RUF009 -- frozen
    meter: ReadingScale = ReadingScale()  # noqa: RUF009 -- frozen
    tank_unit: VolumeUnit = VolumeUnit.L
    between: Between | None = None
    split: bool = False
    bucket: Volume | None = None
    shelf: Shelf = Shelf()  # noqa: RUF009 -- frozen
    hard_forms: bool = False
    acid: str | None = None
    vessels: tuple[Vessel, ...] = USUAL_VESSELS
    windows: Mapping[Element, Window] = field(default_factory=dict)
    acknowledged: frozenset[str] = frozenset()
    today: date | None = None

    def __post_init__(self) -> None:
        if not 0 < self.volume.litres <= LARGEST_VOLUME_L:
            raise InputError("volume_out_of_range.plain", "volume.value")
        if self.bucket is not None and not 0 < self.bucket.litres < self.volume.litres:
            raise InputError("bucket_unclear", "bucket")
        check_strength(self.strength)
        if self.water.reading and self.water.reading.ms_cm > STRONGEST_WATER:
            raise InputError("reading_out_of_range.value", "water.reading.value")
        self._check_columns()
        self._check_overrides()
        if self.acid is not None and all(acid.key != self.acid for acid in self.shelf.acids):
            raise InputError("unknown_acid", "acid")
        if len(self.vessels) > MOST_VESSELS:
            raise InputError("too_many_or_few.bench", "bench", most_vessels=MOST_VESSELS)

    def _check_columns(self) -> None:
        named = [("column", self.column)]
        if self.between is not None:
            named.append(("between.column", self.between.column))
        for where, key in named:
            try:
                self.chart.column(key)
            except InputError as error:
                raise error.inside(where) from None

    def _check_overrides(self) -> None:
        keys = {product.key for product in self.chart.products}
        seen = set()
        for index, override in enumerate(self.overrides):
            where = f"overrides[{index}].product"
            if override.product not in keys:
                raise InputError("unknown_product.override", where, product=override.product)
            if override.product in seen:
                raise InputError("key_repeats.overrides", where, product=override.product)
            seen.add(override.product)
            if override.strength is not None and not 0 <= override.strength <= HIGHEST_STRENGTH:
                raise InputError(
                    "strength_out_of_range.product",
                    f"overrides[{index}].strength",
                    highest_strength=HIGHEST_STRENGTH * 100,
                )
