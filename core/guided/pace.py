"""How each step ends at a person's pace: by a press, with the next one's, by itself, or cut.

Steps and events are the same at every pace, so that people of different pace work on one mix; what
was cut is an event, and stands in the record.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum

from core.guided.plan import GuidedPlan
from core.guided.steps import READ_STEPS, TIMED_STEPS, Step, StepKind


class Pace(StrEnum):
    """How much a person wants to press: every step, one press a product, only waits of need."""

    FULL = "full"
    USUAL = "usual"
    BRISK = "brisk"


class Ending(StrEnum):
    """What ends a step."""

    PRESS = "press"
    WITH_NEXT = "with_next"
    ITSELF = "itself"
    CUT = "cut"


_WITH_NEXT = {StepKind.SHAKE: StepKind.POUR, StepKind.BOTTLES: StepKind.GEAR}
"""What is told by the press of what follows it at once."""


def endings(plan: GuidedPlan, steps: Sequence[Step], pace: Pace) -> tuple[Ending, ...]:
    """What ends each step at a pace.

    Args:
        plan: of the mix.
        steps: all that are laid out, in order.
        pace: of who stands at the bench.
    """
    following = [*steps[1:], None]
    return tuple(_ending(plan, *two, pace) for two in zip(steps, following, strict=True))


def _ending(plan: GuidedPlan, step: Step, following: Step | None, pace: Pace) -> Ending:
    if pace is Pace.FULL:
        return Ending.PRESS
    if following is not None and _WITH_NEXT.get(step.kind) is following.kind:
        return Ending.WITH_NEXT
    if step.kind is StepKind.WAIT and pace is Pace.BRISK and not is_needed(plan, step, following):
        return Ending.CUT
    return Ending.ITSELF if step.kind in TIMED_STEPS else Ending.PRESS


def is_needed(plan: GuidedPlan, wait: Step, following: Step | None) -> bool:
    """Whether chemistry needs a wait: after silica, base, pH and what a label says, and before a
    reading, which tells nothing of a tank that is not mixed through (common practice)."""
    if following is not None and following.kind in READ_STEPS:
        return True
    return wait.pour is None or plan.pours[wait.pour].needs_wait


@dataclass(frozen=True, slots=True)
class Effort:
    """What a mix asks of a person.

    Args:
        presses: of the large button, without readings.
        readings: figures that are typed or taken from a pen.
        screens: that differ.
        seconds: of stirring and waiting.
    """

    presses: int
    readings: int
    screens: int
    seconds: int


def effort(plan: GuidedPlan, steps: Sequence[Step], pace: Pace) -> Effort:
    """What the steps of a mix ask of a person at a pace, as far as they are laid out."""
    presses = readings = screens = seconds = 0
    was: Ending | None = None
    for step, ending in zip(steps, endings(plan, steps, pace), strict=True):
        reads = step.kind in READ_STEPS
        readings += reads
        presses += ending is Ending.PRESS and not reads
        # Stirring and standing are one count-down.
        screens += ending is Ending.PRESS or (ending is Ending.ITSELF and was is not ending)
        seconds += 0 if ending is Ending.CUT else step.seconds or 0
        was = ending
    return Effort(presses, readings, screens, seconds)


PRESS_S = 20
"""Seconds that a step takes which ends by a press: to draw a syringe, to read a pen; our own
default, for the minutes that are shown alone."""


def takes_s(step: Step, ending: Ending) -> int:
    """About how many seconds a step takes that ends so."""
    if ending in (Ending.CUT, Ending.WITH_NEXT):
        return 0
    return PRESS_S if step.seconds is None else step.seconds
