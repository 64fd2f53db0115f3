"""The pH assistant: portions of acid or alkali, each from what the last ones did."""

from collections.abc import Sequence
from itertools import pairwise, takewhile
from math import isfinite

from core.chemistry import Alkali
from core.chemistry.buffers import BufferCapacity
from core.chemistry.carbonate import carbon_of
from core.guided.bounds import (
    LEAST_PORTION,
    SMALLEST_MEQ,
    UNBOUNDED,
    Bounds,
    Portion,
    more_unshown,
)
from core.guided.ph_advice import Advice, Assistance
from core.guided.portion_sizes import (
    back_from_acid,
    capacity_shown,
    first_portion,
    half_a_colour,
    has_moved,
    later_portion,
    lowering,
    raising,
    stands_still,
)

WAIT_MIN = 5
"""Minutes to wait after a portion: common practice."""

ORDINARY_MEQ_PER_MS_CM = 5.0
"""meq/L of alkalinity for each mS/cm of a water without a report: an ordinary hard water's, from
memory. What acid does tells better from the second portion on; the first is bounded otherwise."""

MOST_TURNS = 2
"""Changes between acid and alkali after which pH is left alone: common practice."""


def assist(
    ph: float,
    *,
    low: float,
    high: float,
    litres: float,
    alkalinity: float | None,
    acid_meq: float,
    phosphate: float = 0.0,
    alkali: Alkali | None = None,
    portions: Sequence[Portion] = (),
    resolution: float = 0.1,
    settles: bool = False,
    checked: bool = False,
    bounds: Bounds = UNBOUNDED,
) -> Assistance:
    """The next step towards the middle of the window.

    Args:
        ph: what the pen shows.
        low, high: the window.
        litres: in the tank.
        alkalinity: meq/L of the tank's water, from its report or this tank's own history; None if
            nothing is known.
        acid_meq: what a mL of the acid at hand gives near pH 6; 0 if none is.
        phosphate: mmol/L of it in the feed, as far as labels tell.
        alkali: what raises pH; None if none is at hand whose strength is known.
        portions: the corrections made so far, in order.
        resolution: pH within which a reading tells what is so. Of a colour of drops the true pH is
            up to half of it away, and a portion goes by the end nearer to the window.
        settles: whether this feed settles by itself, as organic and living ones do.
        checked: whether the pen was looked at since pH did not follow.
        bounds: what no portion passes, whatever the pen shows.
    """
    # The advices in the order in which they count, each of which ends the search.
    if may_be_right(ph, low, high, resolution):
        return Assistance(Advice.RIGHT)
    if settles or _times_turned(portions, ph, low, high) >= MOST_TURNS:
        waits = Advice.WAIT_SETTLING if settles else Advice.STOP_CHASING
        return Assistance(waits, look_again_h=24)
    capacity = None if alkalinity is None else BufferCapacity(carbon_of(alkalinity), phosphate)
    task = raising(capacity, alkali) if ph < low else lowering(capacity, acid_meq)
    sign = task.direction.sign
    run = list(takewhile(lambda portion: portion.meq_l * sign > 0, reversed(portions)))[::-1]
    near = ph - sign * half_a_colour(resolution)
    middle = (low + high) / 2
    if run:
        meq = later_portion(
            near, middle, run, task, resolution=resolution, bounds=bounds, checked=checked
        )
    else:
        meq = first_portion(near, middle, task)
    shown = capacity_shown(near, run, task, resolution) if run else None
    if meq is None:
        still = shown is None or stands_still(run, task, resolution)
        return Assistance(Advice.NO_RESPONSE if still and not checked else Advice.UNMOVED)
    if shown is None:
        unshown = bounds.unshown(run[0].before if run else ph, task.direction, resolution)
        if capacity is not None and run:
            # However alive the pen: past half of an ordinary need something must show.
            half = task.direction.takes(run[0].before, middle, capacity) / 2
            unshown = min(unshown, max(half, unshown / more_unshown(resolution) ** bounds.allowed))
        moved = has_moved(near, run, task, resolution)
        unshown *= more_unshown(resolution) if moved else 1
        left = unshown - sum(abs(portion.meq_l) for portion in run)
        # A pen that was just seen to be alive, and shows nothing, stands in a tank that holds more.
        meq = left if checked and run and not moved and isfinite(left) else min(meq, left)
        meq = max(meq, back_from_acid(portions, run, task))
        if meq < LEAST_PORTION / 2:
            return Assistance(Advice.UNMOVED if checked else Advice.NO_RESPONSE)
    if capacity is not None or run:
        most = bounds.most(near, middle, run, task.direction, capacity)
        if most < SMALLEST_MEQ / 4 - 1e-9:
            return Assistance(Advice.BEYOND_NEED)
        meq = min(meq, most)
    return task.portion(meq, litres)


def may_be_right(ph: float, low: float, high: float, resolution: float) -> bool:
    """Whether a reading is in the window, or a colour that may be: more cannot be told by it."""
    band = half_a_colour(resolution)
    return low - band <= ph <= high + band


def _times_turned(portions: Sequence[Portion], ph: float, low: float, high: float) -> int:
    """How often the direction changed, the next correction counted."""
    signs = [portion.meq_l > 0 for portion in portions]
    signs.append(ph > high)
    return sum(one != other for one, other in pairwise(signs))
