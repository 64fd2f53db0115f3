"""The steps of a guided mix, one to a screen."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.facts import one_each


class StepKind(StrEnum):
    """Kinds of step, one to a screen."""

    FILL = "fill"
    READ_WATER = "read_water"
    READ_TEMPERATURE = "read_temperature"
    CHLORINE = "chlorine"
    BOTTLES = "bottles"
    GEAR = "gear"
    SHAKE = "shake"
    POUR = "pour"
    STIR = "stir"
    WAIT = "wait"
    READ_EC = "read_ec"
    VOLUME = "volume"
    ADD = "add"
    DRAIN = "drain"
    READ_PH = "read_ph"
    ACID = "acid"
    ALKALI = "alkali"
    ADVICE = "advice"
    COVER = "cover"


class FigureKind(StrEnum):
    """What the figure of a step is."""

    NONE = "none"
    EC = "ec"
    PH = "ph"
    TEMPERATURE = "temperature"
    LITRES = "litres"
    POURED = "poured"


@dataclass(frozen=True, slots=True)
class StepFacts:
    """What follows from a kind of step.

    Args:
        figure: what is read, or how much goes in or out.
        takes_time: whether it is over when its time is, and not by a press.
    """

    figure: FigureKind = FigureKind.NONE
    takes_time: bool = False


STEPS = one_each(
    StepKind,
    {
        StepKind.FILL: StepFacts(FigureKind.LITRES),
        StepKind.READ_WATER: StepFacts(FigureKind.EC),
        StepKind.READ_TEMPERATURE: StepFacts(FigureKind.TEMPERATURE),
        StepKind.CHLORINE: StepFacts(),
        StepKind.BOTTLES: StepFacts(),
        StepKind.GEAR: StepFacts(),
        StepKind.SHAKE: StepFacts(),
        StepKind.POUR: StepFacts(FigureKind.POURED),
        StepKind.STIR: StepFacts(takes_time=True),
        StepKind.WAIT: StepFacts(takes_time=True),
        StepKind.READ_EC: StepFacts(FigureKind.EC),
        StepKind.VOLUME: StepFacts(FigureKind.LITRES),
        StepKind.ADD: StepFacts(FigureKind.POURED),
        StepKind.DRAIN: StepFacts(FigureKind.LITRES),
        StepKind.READ_PH: StepFacts(FigureKind.PH),
        StepKind.ACID: StepFacts(FigureKind.POURED),
        StepKind.ALKALI: StepFacts(FigureKind.POURED),
        StepKind.ADVICE: StepFacts(),
        StepKind.COVER: StepFacts(),
    },
)


def _with(*figures: FigureKind) -> frozenset[StepKind]:
    return frozenset(kind for kind, facts in STEPS.items() if facts.figure in figures)


EC_STEPS = _with(FigureKind.EC)
"""Steps that read EC, mS/cm."""

VOLUME_STEPS = _with(FigureKind.LITRES)
"""Steps whose figure is a volume of water, litres."""

READ_STEPS = _with(FigureKind.EC, FigureKind.PH, FigureKind.TEMPERATURE)
"""Steps at which a meter is read."""

TIMED_STEPS = frozenset(kind for kind, facts in STEPS.items() if facts.takes_time)
"""Steps that are over when their time is."""


class StepStatus(StrEnum):
    """Whether a step is over, on now, or still to come."""

    DONE = "done"
    SKIPPED = "skipped"
    NOW = "now"
    AHEAD = "ahead"


@dataclass(frozen=True, slots=True)
class Step:
    """One step.

    Args:
        id: what events call it.
        kind: what is to be done.
        status: how far it is.
        pour: index of the pour it belongs to; None for a step of the whole tank.
        amount: mL, g or litres to pour or drain.
        unit: of that amount.
        why: code of the reason, for advice.
        seconds: how long it takes, for a step that takes its time.
        due: when it is over, seconds since the epoch, for the step that is on now.
        figure: what was poured or read, once it was.
        at: when it was over.
        by: who did it.
    """

    id: str
    kind: StepKind
    status: StepStatus
    pour: int | None = None
    amount: Fraction | None = None
    unit: str = ""
    why: str = ""
    seconds: int | None = None
    due: float | None = None
    figure: Fraction | None = None
    at: float | None = None
    by: str = ""
