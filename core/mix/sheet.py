"""What comes out of a mix: the pour sheet."""

from dataclasses import dataclass
from fractions import Fraction

from core.cautions import Caution
from core.chart import PhWindow, Product
from core.order_rules import Phase
from core.quantities import Amount, Reading, Volume
from core.vessels import Measured
from core.water import Aim


@dataclass(frozen=True, slots=True)
class Pour:
    """One product going in.

    Args:
        place: 1 for the first.
        product: the row.
        amount: how much, exact; None where a reading decides.
        estimate: about how much, where a reading decides and the chart also prints a dose.
        range: the amounts at both ends of a printed range.
        measured: how the amount, or else the estimate, is measured.
        printed: the dose as the chart prints it.
        share: the part of the printed dose this is.
        wait_min: minutes to stir and wait afterwards.
        phase: the part of the mixing.
        why: why it stands here, as codes.
        dose_why: why so much, as codes.
        above_water: estimate of the reading after it, counted from the water up, from the chart's
            EC shared over the base parts; None where the chart does not tell.
        reading_after: the same with the water's reading in it; None where that is unknown too.
        reading_target: the reading at which to stop pouring.
    """

    place: int
    product: Product
    amount: Amount | None
    estimate: Amount | None
    range: tuple[Amount, Amount] | None
    measured: Measured | None
    printed: str
    share: Fraction
    wait_min: int
    phase: Phase
    why: tuple[str, ...]
    dose_why: tuple[str, ...]
    above_water: Reading | None
    reading_after: Reading | None
    reading_target: Reading | None


@dataclass(frozen=True, slots=True)
class LeftOut:
    """A dosed product that is not poured, with the reason: `override`, `zero_dose`, `no_room`."""

    product: Product
    why: str


@dataclass(frozen=True, slots=True)
class PourSheet:
    """What to pour, in order, what the meter should show, and what to mind.

    Args:
        volume: all the water that is joined.
        pours: in mixing order.
        aim: the target reading, with both schools' figures.
        ph: the window to stay within.
        ph_printed: whether the chart prints that window.
        source: the water's reading, if read.
        warnings: what to mind, the gravest first.
        left_out: what the column doses but this mix does not pour.
    """

    volume: Volume
    pours: tuple[Pour, ...]
    aim: Aim
    ph: PhWindow
    ph_printed: bool
    source: Reading | None
    warnings: tuple[Caution, ...]
    left_out: tuple[LeftOut, ...] = ()
