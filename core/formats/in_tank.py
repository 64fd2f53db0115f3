"""What is in the finished tank, in a pour sheet."""

from collections.abc import Mapping

from core.chemistry import AcidKind, Component, Element, Mineral
from core.formats.fields import Document, Figure
from core.formats.measured import AmountDocument, MeasuredDocument
from core.formats.pour import rounded_ph
from core.planning import AcidPlan, InTank
from core.planning.sheet import LabelCoverage
from core.windows import RANGES_SOURCE


class ElementDocument(Document):
    """ppm of an element in the finished tank, what water and acid bring of it, and its range."""

    element: Element
    ppm: float
    from_water: float
    from_acid: float
    low: Figure | None
    high: Figure | None
    own_range: bool


class AcidPlanDocument(Document):
    """The acid that the tank is expected to take: dilute `amount` in `cup_water`, acid into water.

    `why` says why this acid; `adds_ppm` and `ec` are what it brings.
    """

    key: str
    name: str
    kind: AcidKind
    why: str
    from_ph: float
    to_ph: float
    amount: AmountDocument
    measured: MeasuredDocument
    cup_water: AmountDocument
    diluted: AmountDocument
    adds_ppm: Mapping[Element, float]
    ec: float

    @classmethod
    def of(cls, plan: AcidPlan) -> "AcidPlanDocument":
        """The document of an acid plan."""
        return cls(
            key=plan.key,
            name=plan.name,
            kind=plan.kind,
            why=plan.why,
            from_ph=round(plan.from_ph, 2),
            to_ph=round(plan.to_ph, 2),
            amount=AmountDocument.of(plan.amount),
            measured=MeasuredDocument.of(plan.measured),
            cup_water=AmountDocument.of(plan.cup_water),
            diluted=AmountDocument.of(plan.diluted),
            adds_ppm={element: round(ppm, 2) for element, ppm in plan.adds_ppm.items()},
            ec=round(plan.ms_cm, 4),
        )


class SaturationDocument(Document):
    """A mineral that the finished tank is more than saturated with."""

    mineral: Mineral
    times: float


class InTankDocument(Document):
    """What is in the finished tank, as far as labels and the lab report tell.

    `told` says how much of the feed labels tell: of a part, elements are at least so much; of
    nothing, they are the water's alone, and the labels of `unlabelled` would tell the rest.
    """

    elements: tuple[ElementDocument, ...]
    nitrogen: Mapping[str, float]
    ph: float | None
    acid: AcidPlanDocument | None
    saturated: tuple[SaturationDocument, ...]
    unlabelled: tuple[str, ...]
    told: LabelCoverage
    ranges: str

    @classmethod
    def of(cls, tank: InTank) -> "InTankDocument":
        """The document of what is in a tank."""
        return cls(
            elements=[
                ElementDocument(
                    element=element.element,
                    ppm=round(element.ppm, 2),
                    from_water=round(element.from_water, 2),
                    from_acid=round(element.from_acid, 2),
                    low=element.window.low if element.window else None,
                    high=element.window.high if element.window else None,
                    own_range=bool(element.window and element.window.own),
                )
                for element in tank.elements
            ],
            nitrogen={_NITROGEN[form]: round(ppm, 2) for form, ppm in tank.nitrogen.items()},
            ph=rounded_ph(tank.ph),
            acid=AcidPlanDocument.of(tank.acid) if tank.acid else None,
            saturated=[
                SaturationDocument(mineral=mineral.mineral, times=round(mineral.times, 2))
                for mineral in tank.saturated
            ],
            unlabelled=tank.unlabelled,
            told=tank.label_coverage,
            ranges=RANGES_SOURCE,
        )


_NITROGEN = {
    Component.NITRATE: "nitrate",
    Component.AMMONIUM: "ammonium",
    Component.UREA: "urea",
}
