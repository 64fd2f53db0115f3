"""The pours of a sheet, each with its amount, its measuring and what follows from it."""

from collections.abc import Sequence
from dataclasses import dataclass

from core.chemistry import Contents, Saturation, undiluted
from core.order.rules import stir_for
from core.planning.doses import Dosed, ends_of
from core.planning.expected import Expected
from core.planning.planned_pours import PlannedPour
from core.planning.premixing import premix_of
from core.planning.request import MixRequest
from core.planning.sheet import Pour, Precipitate, Rinse
from core.quantities import Reading
from core.vessels import SMEARS, Measured, measure, rinses


@dataclass(frozen=True, slots=True)
class ComputedPour:
    """What was worked out of one step: its contents, expected reading and expected pH."""

    step: PlannedPour
    contents: Contents | None
    expected: Expected
    ph: float | None


def pours_of(request: MixRequest, computed: Sequence[ComputedPour]) -> tuple[Pour, ...]:
    """The pours, from what was worked out of each step."""
    measured = [
        measure(pour.step.amount, request.vessels, pour.step.item.product.key)
        if pour.step.amount and not pour.expected.met
        else None
        for pour in computed
    ]
    products = {one.step.item.product.key: one.step.item.product for one in computed}
    rinsed = rinses(
        [(one.step.item.product, how) for one, how in zip(computed, measured, strict=True)]
    )
    return tuple(
        _pour(
            request,
            at + 1,
            one,
            measured=measured[at],
            precipitate=_worst_precipitate(one, computed[:at]),
            rinse=tuple(Rinse(vessel, products[other]) for vessel, other in rinsed[at]),
        )
        for at, one in enumerate(computed)
    )


def _pour(
    request: MixRequest,
    place: int,
    computed: ComputedPour,
    *,
    measured: Measured | None,
    precipitate: Precipitate | None,
    rinse: tuple[Rinse, ...],
) -> Pour:
    step, item, expected = computed.step, computed.step.item, computed.expected
    source, above = request.water.reading, expected.above_water
    after = Reading(source.ms_cm + above.ms_cm) if source and above else None
    return Pour(
        place=place,
        product=item.product,
        instead_of=item.instead_of,
        amount=None if step.by_reading else step.amount,
        estimate=step.amount if step.by_reading and not expected.met else None,
        range=ends_of(item),
        measured=measured,
        printed=item.as_printed,
        share=item.share.value,
        turn=step.turn,
        read_before=step.read_before,
        stir_s=stir_for(request.volume),
        wait_min=step.place.wait_min,
        phase=step.place.phase,
        why=step.place.why,
        dose_why=(*item.share.why, "rule_met") if expected.met else item.share.why,
        basis=expected.basis,
        above_water=above,
        uncertainty=expected.uncertainty,
        reading_after=after,
        stop=None if item.stop is None else Reading(item.stop),
        reading_target=_stop(source, item) if step.by_reading else None,
        ph_after=computed.ph,
        doubts=computed.contents.doubts if computed.contents else (),
        precipitate=precipitate,
        rinses=rinse,
        rinse_into_tank=item.product.role in SMEARS,
        premix=premix_of(request, step, computed.contents),
    )


def _stop(source: Reading | None, item: Dosed) -> Reading | None:
    """The reading at which to stop pouring."""
    if source is None or item.stop is None:
        return None
    return Reading(source.ms_cm + item.stop)


def _worst_precipitate(mine: ComputedPour, before: Sequence[ComputedPour]) -> Precipitate | None:
    """The worst of what a step would form undiluted with an earlier one."""
    if mine.contents is None:
        return None
    found: list[tuple[Saturation, ComputedPour]] = []
    for other in before:
        if other.contents and other.step.item.product.key != mine.step.item.product.key:
            found += [(worst, other) for worst in undiluted(other.contents, mine.contents)[:1]]
    if not found:
        return None
    worst, other = max(found, key=lambda pair: pair[0].times)
    return Precipitate(other.step.item.product, worst.mineral, worst.times)
