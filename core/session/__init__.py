"""The guided mix: what was done so far, what comes next, and what readings make of it."""

from core.session.causes import causes_of
from core.session.events import Event, Kind
from core.session.plan import BenchAcid, BenchAlkali, BenchPlan, BenchPour, bench_plan
from core.session.record import MixRecord, record_of
from core.session.state import Conflict, State, follow
from core.session.steps import Status, Step, StepKind

__all__ = [
    "BenchAcid",
    "BenchAlkali",
    "BenchPlan",
    "BenchPour",
    "Conflict",
    "Event",
    "Kind",
    "MixRecord",
    "State",
    "Status",
    "Step",
    "StepKind",
    "bench_plan",
    "causes_of",
    "follow",
    "record_of",
]
