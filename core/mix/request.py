"""What a mix is computed from."""

from dataclasses import dataclass
from fractions import Fraction

from core.chart import Chart, Medium
from core.errors import InputError
from core.order_rules import Customs
from core.quantities import ReadingScale, Spoons, Volume
from core.strength import End, Override
from core.water import School, Water

LARGEST_VOLUME_L = 1_000_000
HIGHEST_STRENGTH = 2
STRONGEST_WATER = Fraction(60)
"""mS/cm; sea water reads about 53, so more is a slip of the unit."""


@dataclass(frozen=True, slots=True)
class MixRequest:
    """All that one mix is computed from.

    Args:
        chart: the chart.
        column: key of the week or stage.
        volume: all the water that is joined: tank, pots and pipes.
        strength: share of the printed doses, above 0 and at most 2.
        end: which end of printed ranges.
        school: what the target means; None follows what the chart states.
        spoons: which spoons and fluid ounces the chart means.
        water: the source.
        overrides: what the grower wants otherwise, one for a product at most.
        grown_in: what the plants stand in.
        customs: the schools of mixing order.
        meter: the unit in which messages give readings.

    Raises:
        InputError: a figure outside its bounds, or an unknown column or product.
    """

    chart: Chart
    column: str
    volume: Volume
    strength: Fraction = Fraction(1)
    end: End = End.MIDDLE
    school: School | None = None
    spoons: Spoons = Spoons.METRIC
    water: Water = Water()  # noqa: RUF009 -- frozen
    overrides: tuple[Override, ...] = ()
    grown_in: Medium = Medium.WATER
    customs: Customs = Customs()  # noqa: RUF009 -- frozen
    meter: ReadingScale = ReadingScale()  # noqa: RUF009 -- frozen

    def __post_init__(self) -> None:
        if not 0 < self.volume.litres <= LARGEST_VOLUME_L:
            raise InputError(
                "volume_out_of_range",
                "The volume must be above 0 and at most 1 000 000 L.",
                "volume.value",
            )
        if not 0 < self.strength <= HIGHEST_STRENGTH:
            raise InputError(
                "strength_out_of_range",
                "The strength must be above 0 and at most 200 %.",
                "strength",
            )
        if self.water.reading and self.water.reading.ms_cm > STRONGEST_WATER:
            raise InputError(
                "reading_out_of_range",
                "That water would be saltier than the sea; check the unit: 1 mS/cm is 1000 µS/cm.",
                "water.reading.value",
            )
        try:
            self.chart.column(self.column)
        except InputError as error:
            raise error.inside("column") from None
        self._check_overrides()

    def _check_overrides(self) -> None:
        keys = {product.key for product in self.chart.products}
        seen = set()
        for index, override in enumerate(self.overrides):
            where = f"overrides[{index}].product"
            if override.product not in keys:
                raise InputError(
                    "unknown_product", f"The chart has no product {override.product!r}.", where
                )
            if override.product in seen:
                raise InputError(
                    "key_repeats", f"There are two overrides for {override.product!r}.", where
                )
            seen.add(override.product)
            if override.strength is not None and not 0 <= override.strength <= HIGHEST_STRENGTH:
                raise InputError(
                    "strength_out_of_range",
                    "A product's strength must be 0 to 200 %.",
                    f"overrides[{index}].strength",
                )
