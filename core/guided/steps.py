"""The steps of a guided mix, one to a screen."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction


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


EC_STEPS = frozenset({StepKind.READ_WATER, StepKind.READ_EC})
"""Steps that read EC, mS/cm."""

VOLUME_STEPS = frozenset({StepKind.FILL, StepKind.DRAIN, StepKind.VOLUME})
"""Steps whose figure is a volume of water, litres."""

READ_STEPS = EC_STEPS | {StepKind.READ_PH, StepKind.READ_TEMPERATURE}
"""Steps at which a meter is read."""


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
