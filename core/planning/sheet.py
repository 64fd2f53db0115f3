"""What comes out of a mix: the pour sheet."""

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.cautions import Caution
from core.chart import Column, PhWindow, Product
from core.chart.roles import Phase
from core.chemistry import AcidKind, Component, Doubt, Element, Mineral, Saturation
from core.planning.doses import LeftOut
from core.planning.expected import RestsOn
from core.planning.planned_pours import Pass
from core.planning.premixing import Premix
from core.quantities import Amount, Reading, Volume
from core.vessels import Measured, Vessel
from core.water import BlendPart, Target
from core.windows import Window


@dataclass(frozen=True, slots=True)
class Precipitate:
    """What a pour would form, undiluted, with an earlier one: mineral, and times saturated."""

    other: Product
    mineral: Mineral
    times: float


@dataclass(frozen=True, slots=True)
class Rinse:
    """A vessel to rinse before a pour, because another product was in it."""

    vessel: Vessel
    other: Product


@dataclass(frozen=True, slots=True)
class Pour:
    """One product going in.

    Args:
        place: 1 for the first.
        product: the row; under the name of its form for hard water where that is poured.
        instead_of: for such a form, what the chart calls the product.
        amount: how much, exact; None where a reading decides.
        estimate: about how much, where a reading decides and the chart also prints a dose.
        range: the amounts at both ends of a printed range.
        measured: how the amount, or else the estimate, is measured.
        printed: the dose as the chart prints it.
        share: the part of the printed dose this product gets.
        turn: whether this is all of it, or one pass of two.
        read_before: whether EC is read before it.
        stir_s: seconds to stir afterwards.
        wait_min: minutes to wait afterwards.
        phase: the part of the mixing.
        why: why it stands here, as codes.
        dose_why: why so much, as codes.
        basis: what the expected reading after it rests on.
        above_water: the expected reading after it, counted from the water up; None where nothing
            tells.
        uncertainty: by how many mS/cm that may be off, either way.
        reading_after: the same with the water's reading in it; None where that is unknown too.
        stop: how far above the water to stop pouring; None without such a rule.
        reading_target: the reading at which to stop pouring.
        ph_after: the expected pH after it; None where the water's alkalinity is not known.
        doubts: why its label is less sure than its figures.
        precipitate: the worst that it would form undiluted with an earlier pour.
        rinses: vessels to rinse first.
        rinse_into_tank: whether it clings, so that its vessel is rinsed with tank water into the
            tank.
        premix: how it fares in the bucket that was asked for; None where it goes into none.
    """

    place: int
    product: Product
    instead_of: str | None
    amount: Amount | None
    estimate: Amount | None
    range: tuple[Amount, Amount] | None
    measured: Measured | None
    printed: str
    share: Fraction
    turn: Pass
    read_before: bool
    stir_s: int
    wait_min: int
    phase: Phase
    why: tuple[str, ...]
    dose_why: tuple[str, ...]
    basis: RestsOn
    above_water: Reading | None
    uncertainty: float
    reading_after: Reading | None
    stop: Reading | None
    reading_target: Reading | None
    ph_after: float | None
    doubts: tuple[Doubt, ...]
    precipitate: Precipitate | None
    rinses: tuple[Rinse, ...]
    rinse_into_tank: bool
    premix: Premix | None = None


SHOWN_WHOLE_PPM = 10
"""From here ppm are shown without places."""


@dataclass(frozen=True, slots=True)
class ElementInTank:
    """An element in the finished tank: ppm, what water and acid bring of it, and its range."""

    element: Element
    ppm: float
    from_water: float
    from_acid: float
    window: Window | None

    @property
    def is_out(self) -> bool:
        """Whether it lies outside its range, by more than the last figure that is shown."""
        window = self.window
        if window is None:
            return False
        slack = 0.5 if self.ppm >= SHOWN_WHOLE_PPM else 0.05
        return not float(window.low) - slack <= self.ppm <= float(window.high) + slack


class LabelCoverage(StrEnum):
    """How much of the feed labels tell: all, a part, so that elements are at least so much, or
    nothing, so that only the water's are known."""

    ALL = "all"
    PART = "part"
    NOTHING = "nothing"


@dataclass(frozen=True, slots=True)
class AcidPlan:
    """The acid that the tank is expected to take.

    Args:
        key, name, kind: which bottle.
        why: why this one, as a code.
        from_ph: the expected pH before it.
        to_ph: the pH that it leads to, the middle of the window.
        amount: of the bottle.
        measured: how that is measured.
        cup_water: tank water to put into the cup first, so that it is diluted 1 to 10.
        diluted: what the cup then holds.
        adds_ppm: nitrogen, phosphorus or sulfur that it brings.
        ms_cm: by how much it moves the reading.
    """

    key: str
    name: str
    kind: AcidKind
    why: str
    from_ph: float
    to_ph: float
    amount: Amount
    measured: Measured
    cup_water: Amount
    diluted: Amount
    adds_ppm: Mapping[Element, float]
    ms_cm: float


@dataclass(frozen=True, slots=True)
class InTank:
    """What is in the finished tank; what labels and the lab report do not tell is not in it.

    Args:
        elements: those that growers look at, in the usual order.
        nitrogen: ppm by form.
        ph: expected before any acid; None where the water's alkalinity is not known.
        ph_about: the same, with an ordinary water's alkalinity where its own is not known.
        acid: what brings it into the window; None where none is needed or it cannot be known.
        saturated: minerals that it is more than saturated with.
        unlabelled: names of products without a label that feed, or lift pH as silica, buffers and
            alkaline tonics do: what they bring, and so the pH, is not known.
        label_coverage: how much of the feed labels tell.
    """

    elements: tuple[ElementInTank, ...]
    nitrogen: Mapping[Component, float]
    ph: float | None
    acid: AcidPlan | None
    saturated: tuple[Saturation, ...]
    unlabelled: tuple[str, ...]
    ph_about: float | None = None
    label_coverage: LabelCoverage = LabelCoverage.ALL


@dataclass(frozen=True, slots=True)
class PourSheet:
    """What to pour, in order, what the meters should show, and what to mind.

    Args:
        volume: all the water that is joined.
        column: the column, or the one on the way between two.
        pours: in mixing order.
        target: the target reading, with both schools' figures.
        ph: the window to stay within.
        ph_printed: whether the chart prints that window.
        source: the water's reading, if read.
        water_parts: the waters of a blend.
        in_tank: what is in it at the end; None where neither labels nor a lab report tell.
        cautions: what to mind, the gravest first.
        unacknowledged: codes of the stops that keep the mix from being started.
        left_out: what the column doses but this mix does not pour.
    """

    volume: Volume
    column: Column
    pours: tuple[Pour, ...]
    target: Target
    ph: PhWindow
    ph_printed: bool
    source: Reading | None
    water_parts: tuple[BlendPart, ...]
    in_tank: InTank | None
    cautions: tuple[Caution, ...]
    unacknowledged: tuple[str, ...]
    left_out: tuple[LeftOut, ...] = ()
