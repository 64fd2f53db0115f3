"""The pours of a sheet, each with its amount, its measuring and what follows from it."""

from collections.abc import Sequence
from dataclasses import dataclass

from core.chemistry import Contents, Saturation, undiluted
from core.mix.doses import Dosed, ends_of
from core.mix.expected import Expected
from core.mix.request import MixRequest
from core.mix.sheet import Grit, Pour, Rinse
from core.mix.steps import Step
from core.order_rules import stir_for
from core.quantities import Reading
from core.vessels import SMEARS, Measured, measure, rinses


@dataclass(frozen=True, slots=True)
class Worked:
    """What was worked out of one step: its contents, expected reading and expected pH."""

    step: Step
    contents: Contents | None
    expected: Expected
    ph: float | None


def pours_of(request: MixRequest, worked: Sequence[Worked]) -> tuple[Pour, ...]:
    """The pours, from what was worked out of each step."""
    measured = [
        measure(w.step.amount, request.bench) if w.step.amount and not w.expected.met else None
        for w in worked
    ]
    products = {one.step.item.product.key: one.step.item.product for one in worked}
    rinsed = rinses(
        [(one.step.item.product, how) for one, how in zip(worked, measured, strict=True)]
    )
    return tuple(
        _pour(
            request,
            at + 1,
            one,
            measured=measured[at],
            grit=_worst_grit(one, worked[:at]),
            rinse=tuple(Rinse(vessel, products[other]) for vessel, other in rinsed[at]),
        )
        for at, one in enumerate(worked)
    )


def _pour(
    request: MixRequest,
    place: int,
    worked: Worked,
    *,
    measured: Measured | None,
    grit: Grit | None,
    rinse: tuple[Rinse, ...],
) -> Pour:
    step, item, expected = worked.step, worked.step.item, worked.expected
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
        unsure=expected.unsure,
        reading_after=after,
        stop=None if item.stop is None else Reading(item.stop),
        reading_target=_stop(source, item) if step.by_reading else None,
        ph_after=worked.ph,
        doubts=worked.contents.doubts if worked.contents else (),
        grit=grit,
        rinses=rinse,
        rinse_into_tank=item.product.role in SMEARS,
    )


def _stop(source: Reading | None, item: Dosed) -> Reading | None:
    """The reading at which to stop pouring."""
    if source is None or item.stop is None:
        return None
    return Reading(source.ms_cm + item.stop)


def _worst_grit(mine: Worked, before: Sequence[Worked]) -> Grit | None:
    """The worst of what a step would form undiluted with an earlier one."""
    if mine.contents is None:
        return None
    found: list[tuple[Saturation, Worked]] = []
    for other in before:
        if other.contents and other.step.item.product.key != mine.step.item.product.key:
            found += [(worst, other) for worst in undiluted(other.contents, mine.contents)[:1]]
    if not found:
        return None
    worst, other = max(found, key=lambda pair: pair[0].times)
    return Grit(other.step.item.product, worst.mineral, worst.times)
