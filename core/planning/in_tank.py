"""What is in the finished tank, for the sheet."""

from collections.abc import Sequence

from core.chart import Stage
from core.chart.roles import ROLES
from core.chemistry import TankChemistry, saturations
from core.planning.computed_pours import ComputedPour
from core.planning.request import MixRequest
from core.planning.sheet import AcidPlan, ElementInTank, InTank, LabelCoverage
from core.planning.tank import ChosenAcid
from core.quantities import Amount, AmountUnit, of_float
from core.vessels import cup_for, measure
from core.windows import SHOWN, element_windows


def in_tank_of(
    request: MixRequest,
    stage: Stage | None,
    computed: Sequence[ComputedPour],
    chemistry: TankChemistry,
    acid: ChosenAcid | None,
) -> InTank:
    """The finished tank: elements beside their ranges, pH, acid, what may fall out."""
    feed = [pour for pour in computed if pour.step.item.is_feed]
    moves_ph = [pour for pour in computed if pour.step.item.is_feed or _lifts(pour)]
    unlabelled = tuple(
        dict.fromkeys(pour.step.item.product.name for pour in moves_ph if pour.contents is None)
    )
    # Of an acid that cannot be known nothing is counted: what labels tell is at least in the tank.
    plan = None if unlabelled else _acid_plan(request, chemistry, acid)
    return InTank(
        elements=_elements(request, stage, chemistry, plan),
        nitrogen=chemistry.nitrogen,
        ph=None if unlabelled else chemistry.ph,
        ph_about=chemistry.ph_about,
        acid=plan,
        saturated=saturations(chemistry.finished) if chemistry.finished else (),
        unlabelled=unlabelled,
        label_coverage=_label_coverage(feed),
    )


def _lifts(computed: ComputedPour) -> bool:
    """Whether it is silica, a buffer, an alkaline tonic: little of it moves pH far."""
    return ROLES[computed.step.item.product.role].lifts


def _label_coverage(feed: Sequence[ComputedPour]) -> LabelCoverage:
    told = [pour.contents is not None for pour in feed]
    if all(told):
        return LabelCoverage.ALL
    return LabelCoverage.PART if any(told) else LabelCoverage.NOTHING


def _elements(
    request: MixRequest, stage: Stage | None, chemistry: TankChemistry, acid: AcidPlan | None
) -> tuple[ElementInTank, ...]:
    windows = element_windows(stage, request.tank.crop, request.windows, request.strength)
    by_acid = acid.adds_ppm if acid else {}
    return tuple(
        ElementInTank(
            element,
            chemistry.elements.get(element, 0.0) + by_acid.get(element, 0.0),
            chemistry.from_water.get(element, 0.0),
            by_acid.get(element, 0.0),
            windows.get(element),
        )
        for element in SHOWN
    )


def _acid_plan(
    request: MixRequest, chemistry: TankChemistry, acid: ChosenAcid | None
) -> AcidPlan | None:
    need = chemistry.acid
    if need is None or acid is None or chemistry.ph is None:
        return None
    amount = Amount(of_float(need.ml, 3), AmountUnit.ML)
    if amount.value == 0:
        return None
    measured = measure(amount, request.vessels)
    cup = cup_for(amount, measured)
    return AcidPlan(
        key=acid.on_shelf.key,
        name=acid.on_shelf.name,
        kind=need.kind,
        why=acid.why,
        from_ph=chemistry.ph,
        to_ph=need.to_ph,
        amount=amount,
        measured=measured,
        cup_water=cup.water,
        diluted=cup.in_all,
        adds_ppm=need.adds_ppm,
        ms_cm=need.ms_cm,
    )
