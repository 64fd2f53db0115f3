"""What a guided mix was started from; it is kept with the mix and never computed again."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Role
from core.chemistry import Acid, Alkali, Element, contents_of, molarity
from core.chemistry.acids import PROTONS_AT_6
from core.chemistry.elements import Component
from core.guided.steps import StepKind
from core.planning import MixRequest, Pour, PourSheet
from core.planning.planned_pours import Pass
from core.planning.tank import choose_acid, choose_alkali, label_of
from core.quantities import AmountUnit, ReadingRange
from core.vessels import Vessel
from core.water import TargetConvention


@dataclass(frozen=True, slots=True)
class GuidedPour:
    """One pour to come.

    Args:
        key, name: the product.
        unit: mL or g.
        amount: how much; None where a reading decides.
        estimate: about how much then, if the chart tells.
        stop_at_rise: mS/cm above the water at which to stop; None where the amount is given.
        turn: whether it is all of the product, or one pass of two.
        base: whether it is a part of the base.
        live: whether it is a live culture; those that end the order come after pH.
        scaled: whether it shrinks with the room that the water leaves under an all-in target.
        ec_rise: mS/cm that it is expected to bring; 0 where nothing tells.
        printed: the dose as the chart prints it.
        stir_s, wait_min: what comes after it.
        rinse: what to rinse out of the vessels first, in words; empty if nothing.
        brings: mol of each component in a mL or g, by the label as it was when the mix was
            started; None without one.
    """

    key: str
    name: str
    unit: AmountUnit
    amount: Fraction | None
    estimate: Fraction | None
    stop_at_rise: Fraction | None
    turn: Pass
    base: bool
    live: bool
    scaled: bool
    ec_rise: Fraction
    printed: str
    stir_s: int
    wait_min: int
    rinse: str
    brings: Mapping[Component, float] | None = None


@dataclass(frozen=True, slots=True)
class GuidedAcid:
    """The acid at hand for pH; `key` is what the shelf calls it, `why` a code for choosing it."""

    key: str
    name: str
    acid: Acid
    molar: Fraction
    why: str

    @property
    def unit(self) -> AmountUnit:
        """Acids are liquids."""
        return AmountUnit.ML


@dataclass(frozen=True, slots=True)
class GuidedAlkali:
    """The alkali at hand for pH; `meq` and `carbonate` as in `core.chemistry.Alkali`."""

    key: str
    name: str
    meq: Fraction
    carbonate: Fraction
    unit: AmountUnit
    why: str

    @property
    def alkali(self) -> Alkali:
        """Its strength as chemistry reckons with it."""
        return Alkali(float(self.meq), float(self.carbonate))


@dataclass(frozen=True, slots=True)
class GuidedPlan:
    """A mix as it is taken to the bench.

    Args:
        litres: of water in the tank.
        source: the water's reading as planned, mS/cm; None if it was not read.
        target: low and high of the final reading as planned; None where there is none.
        added: low and high of what the feed brings, where the target is that much above whatever
            the water reads; None where the target stands by itself.
        total: printed EC × strength of an all-in mix, mS/cm, to which the feed shrinks where the
            water reads more than planned; None where no such target is followed.
        ph: low and high of the window.
        alkalinity: meq/L of the water, by its report or else by what acid did in this tank before;
            None where neither tells.
        reported: whether that alkalinity is a lab report's.
        acid_need: meq/L that report and labels tell the tank to take; None where it takes none or
            they do not tell.
        ph_expected: of the finished tank before any acid, roughly where the alkalinity is not
            known; None where labels are missing.
        phosphate: mmol/L in the finished feed; None where not all labels tell.
        acid: what pH is lowered with; None where the shelf has none.
        alkali: what it is raised with; None where the shelf has none whose strength is known.
        chlorine_h: hours until chlorine has left the water; 0 where there is none.
        handles_acid: whether acid or alkali is on the sheet, or at hand and may be poured.
        settles: whether this feed settles its pH by itself.
        pours: in mixing order.
        vessels: the vessels to measure with.
    """

    litres: Fraction
    source: Fraction | None
    target: tuple[Fraction, Fraction] | None
    added: tuple[Fraction, Fraction] | None
    total: Fraction | None
    ph: tuple[Fraction, Fraction]
    alkalinity: Fraction | None
    reported: bool
    acid_need: Fraction | None
    ph_expected: Fraction | None
    phosphate: Fraction | None
    acid: GuidedAcid | None
    alkali: GuidedAlkali | None
    chlorine_h: Fraction
    handles_acid: bool
    settles: bool
    pours: tuple[GuidedPour, ...]
    vessels: tuple[Vessel, ...]

    def whole(self, key: str) -> Fraction:
        """Printed dose × strength of a product, mL or g; 0 where only a reading ends its pour."""
        return sum((p.amount or Fraction(0) for p in self.pours if p.key == key), Fraction(0))

    def bottle(self, kind: StepKind | None) -> GuidedAcid | GuidedAlkali | None:
        """What is at hand for a step that pours acid or alkali; None for any other step."""
        if kind is StepKind.ACID:
            return self.acid
        return self.alkali if kind is StepKind.ALKALI else None

    def takes(self, key: str) -> Fraction:
        """What the mix takes of a product, mL or g: by dose, or about, where a reading decides."""
        pours = (pour for pour in self.pours if pour.key == key)
        return sum((p.amount or p.estimate or Fraction(0) for p in pours), Fraction(0))

    def share_of_dose(self, key: str, poured: Fraction) -> Fraction | None:
        """The share of printed dose × strength that so much of a product is; None without one."""
        whole = self.whole(key)
        return poured / whole if whole else None

    def rise_of(self, key: str) -> Fraction:
        """mS/cm that all of a product is expected to bring; 0 where nothing tells."""
        return sum((p.ec_rise for p in self.pours if p.key == key), Fraction(0))

    @property
    def base(self) -> tuple[str, ...]:
        """The parts of the base that are poured by dose, in mixing order."""
        parts = (p.key for p in self.pours if p.base and p.stop_at_rise is None)
        return tuple(dict.fromkeys(parts))


P_PER_MMOL = 30.974
"""mg of phosphorus in a mmol: IUPAC."""

MEQ_PER_PPM = Fraction("0.01998")  # 1 meq/L is 50.04 mg/L CaCO3


def guided_plan(
    request: MixRequest, sheet: PourSheet, *, learned: Fraction | None = None
) -> GuidedPlan:
    """What is taken to the bench of a sheet and the request behind it.

    Args:
        request: what was asked.
        sheet: what came of it.
        learned: meq/L of alkalinity, from what acid did in this tank the last time.
    """
    acid, alkali = _acid_at_hand(request, sheet), _alkali_at_hand(request)
    report = request.water.report
    target = sheet.target
    adjusters = any(pour.product.role is Role.PH_ADJUSTER for pour in sheet.pours)
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
        handles_acid=adjusters or (not settles and bool(acid or alkali)),
        settles=settles,
        pours=_pours(request, sheet),
        vessels=request.vessels,
    )


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
    found, level = [], Fraction(0)
    for pour in sheet.pours:
        above = pour.above_water.ms_cm if pour.above_water else level
        ec_rise, level = max(above - level, Fraction(0)), above
        amount = pour.amount or pour.estimate
        rinsed = " and ".join(dict.fromkeys(rinse.other.name for rinse in pour.rinses))
        found.append(
            GuidedPour(
                key=pour.product.key,
                name=pour.product.name,
                unit=amount.unit if amount else AmountUnit.ML,
                amount=pour.amount.value if pour.amount else None,
                estimate=pour.estimate.value if pour.estimate else None,
                stop_at_rise=_stop(pour, above),
                turn=pour.turn,
                base=pour.product.is_base,
                live=pour.product.role is Role.LIVE,
                scaled=pour.product.scales,
                ec_rise=ec_rise,
                printed=pour.printed,
                stir_s=pour.stir_s,
                wait_min=pour.wait_min,
                rinse=rinsed,
                brings=_brings(request, pour),
            )
        )
    return tuple(found)


def _brings(request: MixRequest, pour: Pour) -> Mapping[Component, float] | None:
    label = label_of(request, pour.product.key)
    if label is None:
        return None
    return contents_of(label, pour.product.form, pour.product.role).moles
