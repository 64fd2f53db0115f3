"""What a guided mix was started from; it is kept with the mix and never computed again."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from fractions import Fraction

from core.chemistry import Acid, Alkali
from core.chemistry.elements import Component
from core.guided.ec.usual import USUAL_FEED, UsualFeed
from core.guided.steps import StepKind
from core.meters import PEN_PH_STEP
from core.planning.planned_pours import Pass
from core.quantities import AmountUnit
from core.vessels import Vessel


class EstimateBy(StrEnum):
    """What tells about how much of a product it is, where a reading ends its pour."""

    CHART = "chart"
    LABEL = "label"
    USUAL = "usual"


@dataclass(frozen=True, slots=True)
class GuidedPour:
    """One pour to come.

    Args:
        key, name: the product.
        unit: mL or g.
        amount: how much; None where a reading decides.
        estimate: about how much then, by the chart, the label, or what such feed usually takes.
        estimate_by: which of the three.
        estimate_rise: mS/cm that the estimate brings by the label; None where none tells.
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
        unnamed: those of them that the label leaves out, put in so that the charges balance.
        bucket_l: litres of tank water in a bucket in which it is diluted first; None to pour neat.
        needs_wait: whether chemistry, or the label, needs the wait after it, at any pace.
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
    needs_wait: bool = True
    bucket_l: Fraction | None = None
    unnamed: Mapping[Component, float] = field(default_factory=dict)
    estimate_by: EstimateBy = EstimateBy.CHART
    estimate_rise: Fraction | None = None

    @property
    def is_feed(self) -> bool:
        """Whether it is feed: a part of the base, or what strength scales."""
        return (self.base or self.scaled) and not self.live


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
        """Its strength as chemistry uses it."""
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
        ph_step: pH within which a reading tells what is so: a tenth by a pen, a half by drops.
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
    ph_step: Fraction = PEN_PH_STEP

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

    def usual_of(self, key: str) -> UsualFeed | None:
        """What feed like that usually brings; None where label, chart or rule tell of this one."""
        pours = [pour for pour in self.pours if pour.key == key]
        if not pours or not pours[0].is_feed or self.rise_of(key):
            return None
        if not pours[0].base and any(pour.base and pour.ec_rise for pour in self.pours):
            return None  # the chart's EC, which the base brings, is of all feed
        return USUAL_FEED[pours[0].unit]

    def brings_about(self, key: str, amount: Fraction) -> Fraction:
        """mS/cm times litres that so much of a product is taken to bring.

        By its label, the chart or its rule; of other feed what a common one does.
        """
        if (usual := self.usual_of(key)) is not None:
            return usual.common * amount
        whole = self.takes(key)
        return self.rise_of(key) * amount / whole * self.litres if whole else Fraction(0)

    def rise_of(self, key: str) -> Fraction:
        """mS/cm that all of a product is expected to bring; 0 where nothing tells."""
        return sum((p.ec_rise for p in self.pours if p.key == key), Fraction(0))

    @property
    def base(self) -> tuple[str, ...]:
        """The parts of the base that are poured by dose, in mixing order."""
        parts = (p.key for p in self.pours if p.base and p.stop_at_rise is None)
        return tuple(dict.fromkeys(parts))
