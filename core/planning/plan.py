"""The entrance: a request in, a pour sheet out."""

from collections.abc import Mapping, Sequence

from core.cautions import Caution, Severity
from core.chart import Column
from core.chart.roles import ROLES
from core.chart.strength import End
from core.chemistry import Contents, TankChemistry, brings_calcium
from core.order import Place, put_in_order
from core.planning.chart_ec_shares import ChartRise, rises_by_chart
from core.planning.computed_pours import ComputedPour, pours_of
from core.planning.doses import Dosed, column_of, doses_of, separate
from core.planning.expected import Expected, RestsOn, expect
from core.planning.in_tank import in_tank_of
from core.planning.judging import JudgingInput, judge
from core.planning.planned_pours import PlannedPour, planned_pours
from core.planning.request import MixRequest
from core.planning.sheet import PourSheet
from core.planning.tank import chemistry_of, choose_acid, contents_by_step, label_of
from core.planning.unscaled import unscaled_of
from core.quantities import Reading
from core.water import CONVENTION_OF_READINGS, Target, Unscaled, target_for
from core.windows import PH_WINDOWS


def plan_mix(request: MixRequest) -> PourSheet:
    """Turn a column of a chart into a pour sheet.

    Raises:
        InputError: labels and hard rules of the mixing order contradict each other, or two columns
            have no way between them.
    """
    column = column_of(request)
    unscaled = unscaled_of(request)
    target = _target(request, column, unscaled)
    window = column.ph or PH_WINDOWS[request.tank.grown_in]
    dosed = doses_of(request, target)
    poured, left_out = separate(dosed, target)
    places = _in_order(request, poured)
    steps = planned_pours(places, {i.product.key: i for i in poured}, split=request.split)
    contents = contents_by_step(request, steps)
    acid = choose_acid(request, column.stage)
    chemistry = chemistry_of(request, steps, contents, window, acid)
    solved = chemistry is not None or not any(contents)
    by_chart = rises_by_chart(request, dosed, column, unscaled.printed, by_labels=solved)
    expected = _expected(steps, by_chart, contents, chemistry)
    target = _reaching(request, target, expected)
    phs = _known_phs(steps, contents, chemistry)
    computed = [ComputedPour(*one) for one in zip(steps, contents, expected, phs, strict=True)]
    pours = pours_of(request, computed)
    in_tank = in_tank_of(request, column.stage, computed, chemistry, acid) if chemistry else None
    cautions = judge(
        JudgingInput(request, column, window, target, tuple(dosed), places, pours, contents,
                     chemistry, in_tank)
    )  # fmt: skip
    return PourSheet(
        volume=request.volume,
        column=column,
        pours=pours,
        target=target,
        ph=window,
        ph_printed=column.ph is not None,
        source=request.water.reading,
        water_parts=request.water.parts,
        in_tank=in_tank,
        cautions=cautions,
        unacknowledged=_unacknowledged(request, cautions),
        left_out=left_out,
    )


def _target(request: MixRequest, column: Column, unscaled: Unscaled) -> Target:
    convention = request.convention or CONVENTION_OF_READINGS[request.chart.readings]
    return target_for(convention, column.ec, request.strength, request.water.reading, unscaled)


def _in_order(request: MixRequest, poured: Sequence[Dosed]) -> tuple[Place, ...]:
    labels = {item.product.key: label_of(request, item.product.key) for item in poured}
    return put_in_order(
        [item.product for item in poured],
        rows_are_order=request.chart.rows_are_order,
        order_preferences=request.order_preferences,
        calcium=frozenset(key for key, one in labels.items() if one and brings_calcium(one)),
        volume=request.volume,
    )


def _expected(
    steps: Sequence[PlannedPour],
    by_chart: Mapping[str, ChartRise],
    contents: Sequence[Contents | None],
    chemistry: TankChemistry | None,
) -> list[Expected]:
    by_labels = chemistry.ec_rises if chemistry else [None] * len(steps)
    uncertainty = [content.share_uncertainty if content else 0.0 for content in contents]
    return expect(steps, by_chart, by_labels, uncertainty)


def _unacknowledged(request: MixRequest, cautions: Sequence[Caution]) -> tuple[str, ...]:
    """Codes of the stops that nobody has accepted yet, once each."""
    stops = (caution.code for caution in cautions if caution.severity is Severity.STOP)
    return tuple(dict.fromkeys(code for code in stops if code not in request.acknowledged))


def _reaching(request: MixRequest, target: Target, expected: Sequence[Expected]) -> Target:
    """The target, reaching up to what just the printed doses should read by their labels."""
    last = expected[-1] if expected else None
    source = request.water.reading
    as_printed = not request.overrides and request.end is End.MIDDLE
    if last is None or last.above_water is None or source is None or not as_printed:
        return target
    if last.basis is RestsOn.CHART:
        return target
    return target.reaching(Reading(source.ms_cm + last.above_water.ms_cm))


def _known_phs(
    steps: Sequence[PlannedPour],
    contents: Sequence[Contents | None],
    chemistry: TankChemistry | None,
) -> list[float | None]:
    """The pH after each pour; from the first on that moves it without a label, nobody knows it."""
    known: list[float | None] = []
    blind = chemistry is None
    for at, (step, brings) in enumerate(zip(steps, contents, strict=True)):
        moves_ph = step.item.is_feed or ROLES[step.item.product.role].lifts
        blind = blind or (brings is None and moves_ph)
        known.append(None if blind or chemistry is None else chemistry.phs[at])
    return known
