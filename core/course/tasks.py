"""What is to be done on a day, and why."""

from dataclasses import dataclass, field
from datetime import date, time
from enum import StrEnum
from fractions import Fraction


class TaskKind(StrEnum):
    """What is done, in the order in which it is done on one day."""

    PREPARE = "prepare"
    CALIBRATE = "calibrate"
    MIX = "mix"
    CHANGE_OUT = "change_out"
    FLUSH = "flush"
    ADD = "add"
    INOCULATE = "inoculate"
    READ = "read"


class Why(StrEnum):
    """Reasons of a task and of its day."""

    FIRST_FILLING = "first_filling"
    SO_MANY_DAYS = "so_many_days"
    DRUNK_ONCE = "drunk_once"
    NEW_COLUMN = "new_column"
    FLUSH_BEGINS = "flush_begins"
    BY_COLUMN = "by_column"
    BY_RULE = "by_rule"
    MOVED_TO_OCCASION = "moved_to_occasion"
    MOVED_APART = "moved_apart"
    MOVED_BY_CAP = "moved_by_cap"
    ON_LEAVES = "on_leaves"
    RULE_UNLIKE_COLUMN = "rule_unlike_column"
    CHLORINE_GASSES_OFF = "chlorine_gasses_off"
    CHLORAMINE_STAYS = "chloramine_stays"
    PLAIN_WATER_RUN = "plain_water_run"
    STOCK_MADE_UP = "stock_made_up"
    MOLASSES = "molasses"
    INOCULANT = "inoculant"
    LIVING_TANK = "living_tank"
    METER_DUE = "meter_due"
    DAILY_READING = "daily_reading"


@dataclass(frozen=True, slots=True)
class Differs:
    """A product of which column and rule say different things for one day.

    Args:
        product: its key.
        by_column: whether the column prints a dose of it.
        by_rule: whether its rule gives it.
    """

    product: str
    by_column: bool
    by_rule: bool


@dataclass(frozen=True, slots=True)
class Task:
    """One thing to do.

    Args:
        on: the day.
        at: the time of day in the season's zone, where it matters; of an hour that comes twice the
            first is meant.
        kind: what it is.
        column: which holds; None on a day without one, such as before the start.
        products: keys, in the order of the chart, then of the rules.
        why: reasons, the first for the task itself.
        strength: of what is poured, the share of the printed dose.
        differs: where column and rule are unlike.
        meter: of a calibration, which.
    """

    on: date
    kind: TaskKind
    why: tuple[Why, ...]
    at: time | None = None
    column: str | None = None
    products: tuple[str, ...] = ()
    strength: Fraction | None = None
    differs: tuple[Differs, ...] = field(default=())
    meter: str | None = None

    @property
    def in_order(self) -> tuple[date, int, time, tuple[str, ...]]:
        """By which tasks stand: by their day, then as they are done on it."""
        return self.on, _KINDS.index(self.kind), self.at or time.min, self.products


_KINDS = list(TaskKind)
