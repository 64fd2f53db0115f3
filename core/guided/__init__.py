"""The guided mix: what was done so far, what comes next, and what readings make of it."""

from core.guided.additions import ppm_of_additions
from core.guided.bench_plan import guided_plan
from core.guided.events import Event, EventKind
from core.guided.pace import Ending, Pace, endings, takes_s
from core.guided.plan import GuidedAcid, GuidedAlkali, GuidedPlan, GuidedPour
from core.guided.readings.causes import causes_of
from core.guided.record import MixRecord, record_of
from core.guided.state import Conflict, GuidedState, replay
from core.guided.steps import Step, StepKind, StepStatus

__all__ = [
    "Conflict",
    "Ending",
    "Event",
    "EventKind",
    "GuidedAcid",
    "GuidedAlkali",
    "GuidedPlan",
    "GuidedPour",
    "GuidedState",
    "MixRecord",
    "Pace",
    "Step",
    "StepKind",
    "StepStatus",
    "causes_of",
    "endings",
    "guided_plan",
    "ppm_of_additions",
    "record_of",
    "replay",
    "takes_s",
]
