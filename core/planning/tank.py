"""The chemistry of a mix: labels into readings, elements, pH and acid."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from core.chart import Medium, PhWindow, Stage
from core.chemistry import (
    AcidKind,
    Contents,
    Ingredient,
    Label,
    TankChemistry,
    contents_of,
    fill_tank,
)
from core.planning.planned_pours import PlannedPour
from core.planning.request import MixRequest
from core.planning.shelf import AcidOnShelf, AlkaliOnShelf
from core.quantities import Amount, AmountUnit

_NONE = Amount(Fraction(0), AmountUnit.ML)


def label_of(request: MixRequest, product: str) -> Label | None:
    """The label of what is poured as a product, if it says something."""
    known = request.shelf.of(product)
    label = known.label
    if request.hard_forms and known.hard_form:
        label = known.hard_form.label
    return label if label and label.says_something else None


def contents_by_step(request: MixRequest, steps: Sequence[PlannedPour]) -> list[Contents | None]:
    """What a mL or g of each step brings; None without a label."""
    found: list[Contents | None] = []
    for step in steps:
        product = step.item.product
        label = label_of(request, product.key)
        found.append(contents_of(label, product.form, product.role) if label else None)
    return found


@dataclass(frozen=True, slots=True)
class ChosenAcid:
    """The acid for pH, and why this one: a reason code."""

    on_shelf: AcidOnShelf
    why: str


LARGE_TANK_L = 2000
"""From here sulfuric acid is chosen if it is there: common practice, the figure our own."""

_BLOOM = (Stage.FLOWER, Stage.RIPEN)


def choose_acid(request: MixRequest, stage: Stage | None) -> ChosenAcid | None:
    """The grower's choice, else by tank, medium and stage; None where the shelf has no acid."""
    acids = request.shelf.acids
    if request.acid is not None:
        return ChosenAcid(next(a for a in acids if a.key == request.acid), "acid_chosen")
    of_kind = {acid.acid.kind: acid for acid in reversed(acids)}
    for kind, why in _wanted_acids(request, stage):
        if kind in of_kind:
            return ChosenAcid(of_kind[kind], why)
    return ChosenAcid(acids[0], "acid_on_the_shelf") if acids else None


def _wanted_acids(request: MixRequest, stage: Stage | None) -> Iterator[tuple[AcidKind, str]]:
    """Kinds of acid for a tank, the best first, each with why."""
    if request.volume.litres > LARGE_TANK_L:
        yield AcidKind.SULFURIC, "acid_sulfuric_for_large_tanks"
    if request.tank.grown_in is Medium.COIR:
        yield AcidKind.NITRIC, "acid_nitric_in_coir"
    elif stage in _BLOOM:
        yield AcidKind.PHOSPHORIC, "acid_phosphoric_in_bloom"
    else:
        yield AcidKind.NITRIC, "acid_nitric_for_leaf"


@dataclass(frozen=True, slots=True)
class ChosenAlkali:
    """The alkali for pH, and why this one: a reason code."""

    on_shelf: AlkaliOnShelf
    why: str


HOLDS_PH_PPM = 50
"""ppm CaCO3 from which a water holds its pH by itself: 1 meq/L, our own figure."""


def choose_alkali(request: MixRequest) -> ChosenAlkali | None:
    """By medium and water; None where the shelf has none whose strength is known.

    Potassium carbonate leaves a buffer behind, which soft water and coir lack; where the water
    brings its own, a hydroxide adds none that drives pH up later. The stage makes no difference,
    since either brings potassium alone: common practice, from memory.
    """
    alkalinity = request.water.report.alkalinity
    soft = alkalinity is None or alkalinity < HOLDS_PH_PPM
    if request.tank.grown_in is Medium.COIR:
        carbonate, why = True, "alkali_carbonate_in_coir"
    elif soft:
        carbonate, why = True, "alkali_carbonate_in_soft_water"
    else:
        carbonate, why = False, "alkali_hydroxide_in_buffered_water"
    for on_shelf in request.shelf.alkalis:
        if (on_shelf.alkali.carbonate > 0) is carbonate:
            return ChosenAlkali(on_shelf, why)
    alkalis = request.shelf.alkalis
    return ChosenAlkali(alkalis[0], "alkali_on_the_shelf") if alkalis else None


def chemistry_of(
    request: MixRequest,
    steps: Sequence[PlannedPour],
    contents: Sequence[Contents | None],
    window: PhWindow,
    acid: ChosenAcid | None,
) -> TankChemistry | None:
    """What becomes of the tank; None where neither a label nor a lab report says anything."""
    alkalinity = request.water.report.alkalinity
    if alkalinity is None and not any(contents):
        return None
    ingredients = [
        Ingredient(amount, brings if step.amount else None)
        for step, brings in zip(steps, contents, strict=True)
        for amount in [step.amount or _NONE]
    ]
    return fill_tank(
        request.water,
        request.volume.litres,
        ingredients,
        to_ph=float((window.low + window.high) / 2),
        highest_ph=float(window.high),
        bottle=acid.on_shelf.bottle if acid else None,
    )
