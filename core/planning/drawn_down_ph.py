"""The pH to mix to where the pump draws a tank down, and plain water follows."""

from dataclasses import dataclass

from core.chart import PhWindow
from core.chemistry import Contents, Ingredient, contents_of, ph_of_mixture
from core.chemistry.acids import moles_per_ml
from core.planning.request import MixRequest
from core.planning.sheet import AcidPlan, Pour, PourSheet
from core.planning.tank import label_of
from core.quantities import Volume

LOWEST_TO_MIX_TO = 5.0
"""pH below which nobody is told to mix: the buffer is nearly used up there, so that a little more
acid or a little less water moves pH far. Our own figure."""


@dataclass(frozen=True, slots=True)
class DrawnDownPh:
    """The pH of a tank that the pump draws down.

    Args:
        mix_to: of what stands, with all in it that the whole tank takes.
        stands_at: of all of it, once plain water has followed: inside the window.
    """

    mix_to: float
    stands_at: float


def drawn_down_ph(request: MixRequest, sheet: PourSheet, standing: Volume) -> DrawnDownPh | None:
    """The pH to mix to, so that the tank is right once it was topped up.

    Plain water brings the alkalinity that lifts pH again. So what stands takes the acid of the
    whole tank: then the whole tank has just what it would have if it had been mixed at once. None
    where a label or the water's alkalinity is not known, nothing here brings pH into the window, or
    what stands would become too sour to be right by a reading: then it is topped up first.

    Args:
        request: what was asked for, the whole tank.
        sheet: the answer.
        standing: what stands in the tank while the pump rests.
    """
    tank = sheet.in_tank
    if tank is None or tank.ph is None or tank.unlabelled:
        return None
    stands_at = tank.acid.to_ph if tank.acid else tank.ph
    if not _is_inside(stands_at, sheet.ph):
        return None
    poured = [
        Ingredient(amount, _contents(request, pour))
        for pour in sheet.pours
        if (amount := pour.amount or pour.estimate) is not None
    ]
    acid = [_acid(request, tank.acid)] if tank.acid else []
    mix_to = ph_of_mixture(request.water, standing.litres, [*poured, *acid])
    if mix_to is None or mix_to < LOWEST_TO_MIX_TO:
        return None
    return DrawnDownPh(mix_to, stands_at)


_SHOWN = 0.05
"""Half of the last figure of pH that is shown."""


def _is_inside(ph: float, window: PhWindow) -> bool:
    return float(window.low) - _SHOWN <= ph <= float(window.high) + _SHOWN


def _contents(request: MixRequest, pour: Pour) -> Contents | None:
    label = label_of(request, pour.product.key)
    return contents_of(label, pour.product.form, pour.product.role) if label else None


def _acid(request: MixRequest, planned: AcidPlan) -> Ingredient:
    """The acid of the sheet as something that is poured."""
    bottle = next(acid.bottle for acid in request.shelf.acids if acid.key == planned.key)
    moles, _ = moles_per_ml(bottle.acid, bottle.density)
    return Ingredient(planned.amount, Contents(moles, 1.0, 0.0, ()))
