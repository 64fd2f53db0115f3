"""What a water does to a chart's column, before any tank is filled with it."""

from dataclasses import dataclass, replace
from fractions import Fraction

from core.chemistry import Element
from core.planning.plan import plan_mix
from core.planning.request import MixRequest
from core.planning.sheet import AcidPlan, PourSheet
from core.quantities import Volume

COMPARED_L = Fraction(100)
"""Litres for which waters are held against each other."""


_TAKES_MUCH = ("water_takes_half", "water_too_strong")


@dataclass(frozen=True, slots=True)
class WaterInChart:
    """What a water does to a column.

    Args:
        share: of the target reading that is the water itself, 1 and more where nothing is left for
            the feed; None where the water was not read or the column aims at nothing.
        too_strong: whether it takes half of the target or all of it; see the cautions of a mix.
        calcium: ppm that it brings; None where its report does not tell.
        calcium_in_all: ppm in the finished tank, as far as labels tell; None likewise.
        acid: what `COMPARED_L` of the feed takes; None where none is needed, or it is not known.
        ph: what pH is expected before any; None where that is not known.
    """

    share: Fraction | None
    too_strong: bool
    calcium: float | None
    calcium_in_all: float | None
    acid: AcidPlan | None
    ph: float | None


def water_in_chart(request: MixRequest) -> WaterInChart:
    """What the water of a request does to its column, at its strength.

    Raises:
        InputError: the request contradicts itself; see `plan_mix`.
    """
    sheet = plan_mix(replace(request, volume=Volume(COMPARED_L)))
    in_tank = sheet.in_tank
    calcium = None
    if in_tank is not None and request.water.report.calcium is not None:
        calcium = next(
            (element for element in in_tank.elements if element.element is Element.CA), None
        )
    return WaterInChart(
        share=_share_of_target(sheet),
        too_strong=any(caution.code in _TAKES_MUCH for caution in sheet.cautions),
        calcium=None if calcium is None else calcium.from_water,
        calcium_in_all=None if calcium is None else calcium.ppm,
        acid=in_tank.acid if in_tank else None,
        ph=in_tank.ph if in_tank else None,
    )


def _share_of_target(sheet: PourSheet) -> Fraction | None:
    aim, source = sheet.target.reading, sheet.source
    if aim is None or source is None or aim.middle.ms_cm <= 0:
        return None
    return source.ms_cm / aim.middle.ms_cm
