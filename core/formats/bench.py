"""The plan of a guided mix as it is kept with the mix: brisk-measure/bench-plan, version 1."""

from collections.abc import Sequence
from typing import Literal

from core.formats.fields import Document, Exact
from core.formats.label import AcidDocument
from core.formats.shelf import VesselDocument
from core.mix.steps import Pass
from core.quantities import AmountUnit
from core.session import BenchAcid, BenchAlkali, BenchPlan, BenchPour


class BenchPourDocument(Document):
    """One pour to come; see `core.session.BenchPour`."""

    key: str
    name: str
    unit: AmountUnit
    amount: Exact | None
    estimate: Exact | None
    until: Exact | None
    turn: Pass
    base: bool
    live: bool
    scaled: bool = True
    rise: Exact
    printed: str
    stir_s: int
    wait_min: int
    rinse: str


class BenchAcidDocument(Document):
    """The acid at hand."""

    key: str
    name: str
    acid: AcidDocument
    molar: Exact
    why: str


class BenchAlkaliDocument(Document):
    """The alkali at hand; see `core.session.BenchAlkali`."""

    key: str
    name: str
    meq: Exact
    carbonate: Exact
    unit: AmountUnit
    why: str


class BenchPlanDocument(Document):
    """What a guided mix was started from; figures in mS/cm, meq/L, mmol/L, litres, mL and g, as
    exact fractions."""

    format: Literal["brisk-measure/bench-plan"] = "brisk-measure/bench-plan"
    version: Literal[1] = 1
    litres: Exact
    source: Exact | None
    target: tuple[Exact, Exact] | None
    added: tuple[Exact, Exact] | None
    total: Exact | None = None
    ph: tuple[Exact, Exact]
    alkalinity: Exact | None
    reported: bool = False
    acid_need: Exact | None = None
    ph_expected: Exact | None = None
    phosphate: Exact | None = None
    acid: BenchAcidDocument | None
    alkali: BenchAlkaliDocument | None = None
    chlorine_h: Exact
    handles_acid: bool
    settles: bool
    pours: Sequence[BenchPourDocument]
    bench: Sequence[VesselDocument]

    @classmethod
    def of(cls, plan: BenchPlan) -> "BenchPlanDocument":
        """The document of a plan."""
        acid = plan.acid
        names = BenchPourDocument.model_fields
        return cls(
            litres=plan.litres,
            source=plan.source,
            target=plan.target,
            added=plan.added,
            total=plan.total,
            reported=plan.reported,
            acid_need=plan.acid_need,
            ph_expected=plan.ph_expected,
            ph=plan.ph,
            alkalinity=plan.alkalinity,
            phosphate=plan.phosphate,
            acid=BenchAcidDocument(
                key=acid.key,
                name=acid.name,
                acid=AcidDocument(
                    kind=acid.acid.kind, percent=acid.acid.percent, molar=acid.acid.molar
                ),
                molar=acid.molar,
                why=acid.why,
            )
            if acid
            else None,
            alkali=BenchAlkaliDocument(
                **{name: getattr(plan.alkali, name) for name in BenchAlkaliDocument.model_fields}
            )
            if plan.alkali
            else None,
            chlorine_h=plan.chlorine_h,
            handles_acid=plan.handles_acid,
            settles=plan.settles,
            pours=[
                BenchPourDocument(**{name: getattr(pour, name) for name in names})
                for pour in plan.pours
            ],
            bench=[
                VesselDocument(vessel=v.kind, capacity=v.capacity, mark=v.mark, shows=v.shows)
                for v in plan.bench
            ],
        )

    def plan(self) -> BenchPlan:
        """The plan it means."""
        return BenchPlan(
            litres=self.litres,
            source=self.source,
            target=self.target,
            added=self.added,
            total=self.total,
            reported=self.reported,
            acid_need=self.acid_need,
            ph_expected=self.ph_expected,
            ph=self.ph,
            alkalinity=self.alkalinity,
            phosphate=self.phosphate,
            acid=_acid(self.acid),
            alkali=BenchAlkali(**dict(self.alkali)) if self.alkali else None,
            chlorine_h=self.chlorine_h,
            handles_acid=self.handles_acid,
            settles=self.settles,
            pours=tuple(BenchPour(**dict(pour)) for pour in self.pours),
            bench=tuple(vessel.as_vessel() for vessel in self.bench),
        )


def _acid(told: BenchAcidDocument | None) -> BenchAcid | None:
    if told is None:
        return None
    return BenchAcid(told.key, told.name, told.acid.acid(), told.molar, told.why)
