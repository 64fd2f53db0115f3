"""The course of a tank: columns over dates, additives by their rules, tasks with their hours."""

from core.course.columns import LaidColumn
from core.course.conflicts import CourseConflict
from core.course.drawing import CourseDrawing, draw_course, target_on
from core.course.moving import Move, what_moves
from core.course.plan import Course, plan_course
from core.course.printed_rules import PrintedRule, printed_rules
from core.course.request import (
    Anchor,
    AnchorKind,
    Apart,
    ChangeOut,
    CourseRequest,
    Happening,
    HappeningKind,
    MeterDue,
    Occasion,
    Programme,
    StrengthFrom,
    TimingRule,
    Wait,
)
from core.course.rising import rising_strengths
from core.course.tasks import Differs, Task, TaskKind, Why

__all__ = [
    "Anchor",
    "AnchorKind",
    "Apart",
    "ChangeOut",
    "Course",
    "CourseConflict",
    "CourseDrawing",
    "CourseRequest",
    "Differs",
    "Happening",
    "HappeningKind",
    "LaidColumn",
    "MeterDue",
    "Move",
    "Occasion",
    "PrintedRule",
    "Programme",
    "StrengthFrom",
    "Task",
    "TaskKind",
    "TimingRule",
    "Wait",
    "Why",
    "draw_course",
    "plan_course",
    "printed_rules",
    "rising_strengths",
    "target_on",
    "what_moves",
]
