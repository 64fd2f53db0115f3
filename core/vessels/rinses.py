"""Which vessels are rinsed before which pour."""

from collections.abc import Sequence

from core.chart import Product, Role
from core.vessels.measured import Measured
from core.vessels.measuring_vessels import Vessel, VesselKind


def rinses(pours: Sequence[tuple[Product, Measured | None]]) -> list[list[tuple[Vessel, str]]]:
    """For each pour in order, the vessels to rinse first, with the key of what was in them.

    Traces of one part of a base in the other's cup make the same sludge on a small scale.
    """
    last: dict[Vessel, str] = {}
    found = []
    for product, measured in pours:
        vessels = _used(measured) if measured else []
        wet = [vessel for vessel in vessels if vessel.kind is not VesselKind.SCALE]
        found.append([(v, last[v]) for v in wet if last.get(v, product.key) != product.key])
        last.update(dict.fromkeys(wet, product.key))
    return found


def _used(measured: Measured) -> list[Vessel]:
    """All that gets wet: of a dilution also what drew the neat product into the cup."""
    drawn = measured.dilute.drawn if measured.dilute else ()
    return list(dict.fromkeys([*drawn, *(fill.vessel for fill in measured.fills)]))


SMEARS = frozenset({Role.CALMAG, Role.BASE})
"""What clings to the vessel, so that it is rinsed with tank water into the tank: cal-mag and
micronutrients (common practice)."""
