"""What is in the finished tank, for the sheet."""

from collections.abc import Sequence
from fractions import Fraction

from core.chart import Stage
from core.chemistry import TankChemistry, saturations
from core.mix.pours import Worked
from core.mix.request import MixRequest
from core.mix.sheet import AcidPlan, ElementInTank, InTank, Told
from core.mix.tank import ChosenAcid
from core.quantities import Amount, AmountUnit
from core.vessels import measure
from core.windows import SHOWN, element_windows


def in_tank_of(
    request: MixRequest,
    stage: Stage | None,
    worked: Sequence[Worked],
    chemistry: TankChemistry,
    acid: ChosenAcid | None,
) -> InTank:
    """The finished tank: elements beside their ranges, pH, acid, what may fall out."""
    windows = element_windows(stage, request.tank.crop, request.windows, request.strength)
    by_acid = chemistry.acid.adds_ppm if chemistry.acid else {}
    feed = [one for one in worked if one.step.item.is_feed]
    unlabelled = tuple(
        dict.fromkeys(one.step.item.product.name for one in feed if one.contents is None)
    )
    told = Told.ALL if not unlabelled else Told.PART
    if feed and all(one.contents is None for one in feed):
        told = Told.NOTHING
    return InTank(
        elements=tuple(
            ElementInTank(
                element,
                chemistry.elements.get(element, 0.0) + by_acid.get(element, 0.0),
                chemistry.from_water.get(element, 0.0),
                by_acid.get(element, 0.0),
                windows.get(element),
            )
            for element in SHOWN
        ),
        nitrogen=chemistry.nitrogen,
        ph=None if unlabelled else chemistry.ph,
        ph_about=chemistry.ph_about,
        acid=None if unlabelled else _acid_plan(request, chemistry, acid),
        saturated=saturations(chemistry.finished) if chemistry.finished else (),
        unlabelled=unlabelled,
        told=told,
    )


CUP_WATER = 9
"""Parts of water for each part of acid: diluted 1 to 10, common practice."""

LEAST_CUP = 50
"""mL of water in a cup for a few drops of acid: less is not poured well, our own default."""


def _acid_plan(
    request: MixRequest, chemistry: TankChemistry, acid: ChosenAcid | None
) -> AcidPlan | None:
    need = chemistry.acid
    if need is None or acid is None or chemistry.ph is None:
        return None
    amount = Amount(Fraction(need.ml).limit_denominator(1000), AmountUnit.ML)
    if amount.value == 0:
        return None
    measured = measure(amount, request.bench)
    # The cup follows what the vessels show; of a dilution that is measured itself, the amount.
    poured = amount.value if measured.dilute else measured.amount.value
    return AcidPlan(
        key=acid.on_shelf.key,
        name=acid.on_shelf.name,
        kind=need.kind,
        why=acid.why,
        from_ph=chemistry.ph,
        to_ph=need.to_ph,
        amount=amount,
        measured=measured,
        cup_water=Amount(poured * CUP_WATER, AmountUnit.ML),
        diluted=Amount(poured * (CUP_WATER + 1), AmountUnit.ML),
        adds_ppm=need.adds_ppm,
        ms_cm=need.ms_cm,
    )
