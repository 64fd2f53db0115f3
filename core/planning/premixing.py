"""Each part diluted in a bucket of tank water before it is poured: whether it stays clear there.

One product at a time all the same; what clouds in so little water is poured neat, or into more.
"""

from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from math import ceil

from core.chart import Role
from core.chemistry import Contents, Mineral
from core.chemistry.elements import Component
from core.chemistry.engine import Solution, solve_each
from core.chemistry.pairs import saturations
from core.chemistry.source import source_water
from core.facts import one_each
from core.planning.planned_pours import PlannedPour
from core.planning.request import MixRequest
from core.water import Water

CLOUDS_FROM = one_each(
    Mineral,
    {
        Mineral.GYPSUM: 1.05,
        Mineral.CALCIUM_PHOSPHATE: 3.0,
        Mineral.CALCITE: 30.0,
    },
)
"""Times saturated from which a bucket clouds while one pours: gypsum as soon as it is saturated but
for what labels round; the others form slowly, calcite from an index of about 1.5 (from memory)."""

LARGEST_BUCKET_L = Fraction(60)
"""Litres beyond which a bucket is a barrel, and its part is poured neat: our own default."""

_WIDER = Fraction(5, 4)
"""From one bucket that is tried to the next."""

NEVER_IN_BUCKET = frozenset({Role.PH_ADJUSTER})
"""Acid and alkali have a cup of their own, with its cautions."""


@dataclass(frozen=True, slots=True)
class Premix:
    """How one part fares in the bucket.

    Args:
        is_clear: whether it stays clear; None where no label tells.
        mineral: what falls out of it, where it does not.
        times: how many times saturated it is with that; 0 where it is clear.
        least: litres in which it stays clear; None where it does already, or in no bucket.
    """

    is_clear: bool | None
    mineral: Mineral | None = None
    times: float = 0.0
    least: int | None = None


def premix_of(request: MixRequest, step: PlannedPour, contents: Contents | None) -> Premix | None:
    """How a pour fares in the bucket that was asked for; None where it does not go into one."""
    bucket, amount = request.bucket, step.amount
    if bucket is None or not amount or step.item.product.role in NEVER_IN_BUCKET:
        return None
    if contents is None:
        return Premix(None)
    moles = tuple(sorted((one, mol * float(amount.value)) for one, mol in contents.moles.items()))
    worst = _falls_out(request.water, moles, float(bucket.litres))
    if worst is None:
        return Premix(is_clear=True)
    mineral, times = worst
    return Premix(False, mineral, times, _least(request, moles, bucket.litres))


_Moles = tuple[tuple[Component, float], ...]


def _least(request: MixRequest, moles: _Moles, bucket: Fraction) -> int | None:
    """Whole litres, less than the tank, in which it stays clear; a quarter wider from try to try,
    then halved between the last that clouds and the first that does not."""
    clouds, clear = int(bucket), ceil(bucket)
    while _falls_out(request.water, moles, float(clear)) is not None:
        clouds, clear = clear, ceil(clear * _WIDER)
        if clear >= min(request.volume.litres, LARGEST_BUCKET_L):
            return None
    while clear - clouds > 1:
        middle = (clouds + clear) // 2
        if _falls_out(request.water, moles, float(middle)) is None:
            clear = middle
        else:
            clouds = middle
    return clear


@lru_cache(maxsize=4096)
def _falls_out(water: Water, moles: _Moles, litres: float) -> tuple[Mineral, float] | None:
    """The worst mineral of which a bucket holds more than stays dissolved, and how many times."""
    source = dict(source_water(water).moles)
    mixed = dict(source)
    for component, mol in moles:
        mixed[component] = mixed.get(component, 0.0) + mol / litres
    alone, bucket = solve_each([Solution(source), Solution(mixed)])
    if alone is None or bucket is None:
        return None
    own = {one.mineral: one.times for one in saturations(alone)}
    for saturation in saturations(bucket):
        if saturation.times > max(
            CLOUDS_FROM[saturation.mineral], own.get(saturation.mineral, 0.0)
        ):
            return saturation.mineral, saturation.times
    return None
