"""What is sure of a tank before acid shows anything: the least that holds its pH."""

from fractions import Fraction

from core.chemistry.acids import strongest_molarity
from core.chemistry.buffers import BufferCapacity
from core.chemistry.carbonate import carbon_of
from core.guided.ec.slope import PEN_SWAY
from core.guided.replay import SAME_WATER, Replay

LEAST_OF_REPORT = 1 / 3
"""Share of a reported alkalinity that is counted on before acid shows any: a report may be of
another season or another well; our own default."""

LEAST_OF_CONFIRMED = 0.6
"""The same where pH reads as expected by report and labels: two sources agree."""

LEAST_MEQ_PER_MS_CM = 0.3
MINERAL_MS_CM = 0.3
LEAST_MINERAL_MEQ = 0.8
"""meq/L of alkalinity that a water has at least by what it reads: acid wells and rain hold some 0.3
for each mS/cm; from 0.3 mS/cm on ground and mains water holds as much as it reads, up to 0.8, as
coastal wells do. From memory."""

STRONGER_AT_LEAST = 1.5
STRONGER_ALKALI = 4.0
"""Times that a bottle may be stronger than believed though that is the strongest usual grade; and
that an alkali may be: our own defaults."""

UNCONFIRMED_TANK = 3.0
"""Times that a tank may be smaller than believed while no reading confirms its volume: the share to
which gallons taken for litres bring it, and a little less; our own default."""


def least_capacity(replay: Replay, *, confirmed: bool) -> BufferCapacity:
    """The least that may hold pH in this tank, by report and readings of its water.

    What is believed of a water bounds nothing where the water reads less than it did then.

    Args:
        replay: the mix.
        confirmed: whether the first pH was as report and labels led to expect.
    """
    readings = [ec for ec in (replay.plan.source, replay.source) if ec is not None]
    by_reading = _least_alkalinity(float(min(readings))) if readings else 0.0
    share = LEAST_OF_CONFIRMED if confirmed else LEAST_OF_REPORT
    known = float(replay.plan.alkalinity or 0) * share * of_planned_water(replay)
    return BufferCapacity(carbon_of(max(by_reading, known)))


MOST_MEQ_PER_MS_CM = 10.0
"""meq/L of alkalinity that a water has at most for each mS/cm: calcium bicarbonate alone brings a
mS/cm with so much (limiting conductivities, CRC Handbook: 59.5 and 44.5)."""

MOST_BESIDES_MEQ = 0.6
"""meq/L that silica, buffers and alkaline tonics of a chart may take up besides the water: our own
default, as much as 40 ppm of SiO2 as potassium silicate takes."""


def hardest_capacity(replay: Replay, phosphate: float) -> BufferCapacity | None:
    """The most that may hold pH in this tank, by what its water reads; None where nobody read it.

    Args:
        replay: the mix.
        phosphate: mmol/L of it in the feed, as far as labels tell.
    """
    readings = [ec for ec in (replay.plan.source, replay.source) if ec is not None]
    if not readings:
        return None
    alkalinity = float(max(readings)) * MOST_MEQ_PER_MS_CM + MOST_BESIDES_MEQ
    return BufferCapacity(carbon_of(alkalinity), phosphate or USUAL_PHOSPHATE_MMOL)


USUAL_PHOSPHATE_MMOL = 1.0
"""mmol/L that feeds have where no label tells: 31 ppm of phosphorus, the middle of what charts
bring (common practice)."""


def _least_alkalinity(ms_cm: float) -> float:
    if ms_cm < MINERAL_MS_CM:
        return ms_cm * LEAST_MEQ_PER_MS_CM
    return min(ms_cm, LEAST_MINERAL_MEQ)


def report_holds(replay: Replay) -> bool:
    """Whether the lab report is of the water that is in the tank."""
    same = of_planned_water(replay) >= SAME_WATER or replay.water_off is None
    return replay.plan.reported and same


def of_planned_water(replay: Replay) -> float:
    """The share of what the planned water read that the water in the tank reads; at most 1.

    Of water with next to nothing in it a step of the pen is no share.
    """
    if not replay.plan.source or replay.source is None or replay.water_off is None:
        return 1.0
    return float(min(replay.source / replay.plan.source, Fraction(1)))


def times_stronger(replay: Replay) -> float:
    """Times that acid may be stronger, and the tank smaller, than believed."""
    acid = replay.plan.acid
    grade = strongest_molarity(acid.acid.kind) / float(acid.molar) if acid else STRONGER_ALKALI
    tank = 1.0 if _is_confirmed(replay) else UNCONFIRMED_TANK
    return max(grade, STRONGER_AT_LEAST) * tank


def _is_confirmed(replay: Replay) -> bool:
    """Whether a reading fits what went in, by label or chart, in just that many litres."""
    slope = None if replay.ec is None else replay.rise_at(replay.ec)
    if replay.doubts.suspect is not None and not (slope and slope.is_unmoved):
        return True  # the least volume that readings allow is counted on already
    if slope is None or replay.source is None:
        return False
    return slope.is_sure and slope.expected > 2 * PEN_SWAY and not slope.is_odd
