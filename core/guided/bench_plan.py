"""What of a sheet and its request is taken to the bench, and frozen there."""

from fractions import Fraction

from core.chart import Form, Role
from core.chart.roles import NEEDS_WAIT
from core.chemistry import Contents, Element, contents_of, molarity, rise_of
from core.chemistry.acids import PROTONS_AT_6
from core.guided.ec.usual import USUAL_FEED
from core.guided.plan import EstimateBy, GuidedAcid, GuidedAlkali, GuidedPlan, GuidedPour
from core.meters import PEN_PH_STEP
from core.planning import MixRequest, Pour, PourSheet
from core.planning.tank import choose_acid, choose_alkali, label_of
from core.quantities import Amount, AmountUnit, ReadingRange, of_float
from core.water import TargetConvention

P_PER_MMOL = 30.974
"""mg of phosphorus in a mmol: IUPAC."""

MEQ_PER_PPM = Fraction("0.01998")  # 1 meq/L is 50.04 mg/L CaCO3


def guided_plan(
    request: MixRequest,
    sheet: PourSheet,
    *,
    learned: Fraction | None = None,
    ph_step: Fraction = PEN_PH_STEP,
) -> GuidedPlan:
    """What is taken to the bench of a sheet and the request behind it.

    Args:
        request: what was asked.
        sheet: what came of it.
        learned: meq/L of alkalinity, from what acid did in this tank the last time.
        ph_step: pH within which what pH is read with tells what is so.
    """
    # One field after the other; the conditions are fields that may be unknown.
    acid, alkali = _acid_at_hand(request, sheet), _alkali_at_hand(request)
    report = request.water.report
    target = sheet.target
    settles = any(pour.product.settles for pour in sheet.pours)
    total = target.total if target.convention is TargetConvention.ALL_IN and target.all_in else None
    return GuidedPlan(
        litres=sheet.volume.litres,
        source=sheet.source.ms_cm if sheet.source else None,
        target=_edges(target.reading),
        added=_edges(target.added) if target.convention is TargetConvention.ON_TOP else None,
        total=total,
        ph=(sheet.ph.low, sheet.ph.high),
        alkalinity=learned if report.alkalinity is None else report.alkalinity * MEQ_PER_PPM,
        reported=report.alkalinity is not None,
        acid_need=_acid_need(sheet, acid),
        ph_expected=_ph_expected(sheet),
        phosphate=_phosphate(sheet),
        acid=acid,
        alkali=alkali,
        chlorine_h=request.water.hours_to_stand if request.water.is_chlorinated else Fraction(0),
        handles_acid=_pours_adjusters(sheet) or (not settles and bool(acid or alkali)),
        settles=settles,
        pours=_pours(request, sheet),
        vessels=request.vessels,
        ph_step=ph_step,
    )


def _pours_adjusters(sheet: PourSheet) -> bool:
    return any(pour.product.role is Role.PH_ADJUSTER for pour in sheet.pours)


def _acid_at_hand(request: MixRequest, sheet: PourSheet) -> GuidedAcid | None:
    chosen = choose_acid(request, sheet.column.stage)
    if chosen is None:
        return None
    on_shelf = chosen.on_shelf
    strength = molarity(on_shelf.acid, on_shelf.density)[0]
    molar = Fraction(strength).limit_denominator(10_000)
    return GuidedAcid(on_shelf.key, on_shelf.name, on_shelf.acid, molar, chosen.why)


def _alkali_at_hand(request: MixRequest) -> GuidedAlkali | None:
    chosen = choose_alkali(request)
    if chosen is None:
        return None
    on_shelf = chosen.on_shelf
    return GuidedAlkali(
        key=on_shelf.key,
        name=on_shelf.name,
        meq=Fraction(on_shelf.alkali.meq).limit_denominator(10_000),
        carbonate=Fraction(on_shelf.alkali.carbonate).limit_denominator(1000),
        unit=on_shelf.unit,
        why=chosen.why,
    )


def _acid_need(sheet: PourSheet, acid: GuidedAcid | None) -> Fraction | None:
    need = sheet.in_tank.acid if sheet.in_tank else None
    if need is None or acid is None or sheet.in_tank is None or sheet.in_tank.unlabelled:
        return None
    meq = need.amount.value * acid.molar * Fraction(str(PROTONS_AT_6[need.kind]))
    return (meq / sheet.volume.litres).limit_denominator(10_000)


def _ph_expected(sheet: PourSheet) -> Fraction | None:
    tank = sheet.in_tank
    if tank is None or tank.ph_about is None or tank.unlabelled:
        return None
    return Fraction(round(tank.ph_about, 2)).limit_denominator(100)


def _phosphate(sheet: PourSheet) -> Fraction | None:
    """mmol/L in the finished feed, before any acid; None where not all labels tell."""
    if sheet.in_tank is None or sheet.in_tank.unlabelled:
        return None
    [ppm] = [e.ppm - e.from_acid for e in sheet.in_tank.elements if e.element is Element.P]
    return Fraction(ppm / P_PER_MMOL).limit_denominator(10_000)


def _edges(reading: ReadingRange | None) -> tuple[Fraction, Fraction] | None:
    return (reading.low.ms_cm, reading.high.ms_cm) if reading else None


def _stop(pour: Pour, above: Fraction) -> Fraction | None:
    """mS/cm above the water at which to stop."""
    if pour.amount is not None:
        return None
    return above if pour.stop is None else pour.stop.ms_cm


def _pours(request: MixRequest, sheet: PourSheet) -> tuple[GuidedPour, ...]:
    guided, level = [], Fraction(0)
    for pour in sheet.pours:
        above = pour.above_water.ms_cm if pour.above_water else level
        guided.append(_pour(request, pour, level, above))
        level = above
    return tuple(guided)


def _pour(request: MixRequest, pour: Pour, level: Fraction, above: Fraction) -> GuidedPour:
    """A pour that lifts the reading from `level` to `above`, mS/cm above the water."""
    product, known = pour.product, _contents(request, pour)
    ec_rise = max(above - level, Fraction(0))
    if pour.above_water is None and known is not None and pour.amount is not None:
        # From a bottle without label on nobody knows the reading, but this one's part of it.
        ec_rise = _rise_by_label(request, known, pour.amount.value)
    stop = _stop(pour, above)
    estimate, estimate_by = _estimate(request, pour, known, ec_rise)
    amount = pour.amount or estimate
    return GuidedPour(
        key=product.key,
        name=product.name,
        unit=amount.unit if amount else AmountUnit.ML,
        amount=pour.amount.value if pour.amount else None,
        estimate=estimate.value if estimate else None,
        estimate_by=estimate_by,
        estimate_rise=_estimate_rise(request, known, estimate) if stop is not None else None,
        stop_at_rise=stop,
        turn=pour.turn,
        base=product.is_base,
        live=product.role is Role.LIVE,
        scaled=product.scales,
        ec_rise=ec_rise,
        printed=pour.printed,
        stir_s=pour.stir_s,
        wait_min=pour.wait_min,
        rinse=" and ".join(dict.fromkeys(rinse.other.name for rinse in pour.rinses)),
        brings=known.moles if known else None,
        unnamed=known.closing if known else {},
        bucket_l=_bucket_l(request, pour),
        needs_wait=product.role in NEEDS_WAIT or product.wait_min is not None,
    )


def _estimate_rise(
    request: MixRequest, known: Contents | None, estimate: Amount | None
) -> Fraction | None:
    """mS/cm that an estimated amount brings by its label, where there is one."""
    if known is None or estimate is None:
        return None
    return _rise_by_label(request, known, estimate.value)


def _rise_by_label(request: MixRequest, contents: Contents, amount: Fraction) -> Fraction:
    """mS/cm that so much of a labelled product brings in this water."""
    per_litre = float(amount / request.volume.litres)
    return of_float(rise_of(request.water, (), [(contents, per_litre)]), 6)


def _estimate(
    request: MixRequest, pour: Pour, contents: Contents | None, ec_rise: Fraction
) -> tuple[Amount | None, EstimateBy]:
    """About how much a pour takes that a reading ends, and what tells so.

    No reading may decide an amount alone: a pen that stops would ask for more without end.
    """
    if pour.amount is not None or pour.estimate is not None or ec_rise <= 0:
        return pour.estimate, EstimateBy.CHART
    unit = AmountUnit.G if pour.product.form is Form.DRY else AmountUnit.ML
    usual = ec_rise / USUAL_FEED[unit].common * request.volume.litres
    if contents is None:
        return Amount(usual, unit), EstimateBy.USUAL
    amount = usual
    for _ in range(_NEARER):
        rise = _rise_by_label(request, contents, amount)
        if rise <= 0:
            return Amount(usual, unit), EstimateBy.USUAL
        amount = (amount * ec_rise / rise).limit_denominator(1000)
    return Amount(amount, unit), EstimateBy.LABEL


_NEARER = 3
"""Rounds in which the amount by the label comes near enough: ions hinder each other but little."""


def _bucket_l(request: MixRequest, pour: Pour) -> Fraction | None:
    """What clouds there is poured neat; one without a label is seen to at the bench."""
    if request.bucket is None or pour.premix is None or pour.premix.is_clear is False:
        return None
    return request.bucket.litres


def _contents(request: MixRequest, pour: Pour) -> Contents | None:
    label = label_of(request, pour.product.key)
    return None if label is None else contents_of(label, pour.product.form, pour.product.role)
