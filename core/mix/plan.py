"""The entrance: a request in, a pour sheet out."""

from collections.abc import Sequence

from core.cautions import Severity
from core.chemistry import Contents, TankChemistry, brings_calcium
from core.mix.doses import column_of, doses_of, separate
from core.mix.expected import Expected, RestsOn, expect, rises
from core.mix.in_tank import in_tank_of
from core.mix.judging import Facts, judge
from core.mix.pours import Worked, pours_of
from core.mix.request import MixRequest
from core.mix.sheet import PourSheet
from core.mix.steps import Step, steps_of
from core.mix.tank import chemistry_of, choose_acid, contents_by_step, label_of
from core.mix.unscaled import unscaled_of
from core.order import put_in_order
from core.quantities import Reading
from core.strength import End
from core.water import SCHOOL_OF_READINGS, Aim, aim_for
from core.windows import PH_WINDOWS


def plan_mix(request: MixRequest) -> PourSheet:
    """Turn a column of a chart into a pour sheet.

    Raises:
        InputError: labels and hard rules of the mixing order contradict each other, or two columns
            have no way between them.
    """
    chart, column = request.chart, column_of(request)
    school = request.school or SCHOOL_OF_READINGS[chart.readings]
    unscaled = unscaled_of(request)
    aim = aim_for(school, column.ec, request.strength, request.water.reading, unscaled)
    window = column.ph or PH_WINDOWS[request.tank.grown_in]
    dosed = doses_of(request, aim)
    poured, left_out = separate(dosed, aim)
    places = put_in_order(
        [item.product for item in poured],
        rows_are_order=chart.rows_are_order,
        customs=request.customs,
        calcium=frozenset(
            item.product.key
            for item in poured
            if (label := label_of(request, item.product.key)) and brings_calcium(label)
        ),
        volume=request.volume,
    )
    items = {item.product.key: item for item in poured}
    steps = steps_of(places, items, split=request.split)
    contents = contents_by_step(request, steps)
    acid = choose_acid(request, column.stage)
    chemistry = chemistry_of(request, steps, contents, window, acid)
    expected = expect(
        steps,
        rises(dosed, column, unscaled.printed),
        chemistry.rises if chemistry else [None] * len(steps),
        [one.share_unsure if one else 0.0 for one in contents],
    )
    aim = _reaching(request, aim, expected)
    phs = _known_phs(steps, contents, chemistry)
    worked = [Worked(*one) for one in zip(steps, contents, expected, phs, strict=True)]
    pours = pours_of(request, worked)
    in_tank = in_tank_of(request, column.stage, worked, chemistry, acid) if chemistry else None
    warnings = judge(
        Facts(
            request, column, window, aim, tuple(dosed), places, pours, contents, chemistry, in_tank
        )
    )
    return PourSheet(
        volume=request.volume,
        column=column,
        pours=pours,
        aim=aim,
        ph=window,
        ph_printed=column.ph is not None,
        source=request.water.reading,
        water_parts=request.water.parts,
        in_tank=in_tank,
        warnings=warnings,
        unacknowledged=tuple(
            dict.fromkeys(
                caution.code
                for caution in warnings
                if caution.severity is Severity.STOP and caution.code not in request.acknowledged
            )
        ),
        left_out=left_out,
    )


def _reaching(request: MixRequest, aim: Aim, expected: Sequence[Expected]) -> Aim:
    """The target, reaching up to what just the printed doses should read by their labels."""
    last = expected[-1] if expected else None
    source = request.water.reading
    as_printed = not request.overrides and request.end is End.MIDDLE
    if last is None or last.above_water is None or source is None or not as_printed:
        return aim
    if last.basis is RestsOn.CHART:
        return aim
    return aim.reaching(Reading(source.ms_cm + last.above_water.ms_cm))


def _known_phs(
    steps: Sequence[Step], contents: Sequence[Contents | None], chemistry: TankChemistry | None
) -> list[float | None]:
    """The pH after each pour; from the first feed on of which no label tells, nobody knows it."""
    known: list[float | None] = []
    blind = chemistry is None
    for at, (step, brings) in enumerate(zip(steps, contents, strict=True)):
        blind = blind or (brings is None and step.item.is_feed)
        known.append(None if blind or chemistry is None else chemistry.phs[at])
    return known
