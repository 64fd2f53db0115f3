"""What a course is planned from: a chart laid over dates, what plants showed, rules of timing."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date, time
from enum import StrEnum
from fractions import Fraction

from core.chart import Chart, Role, Stage
from core.errors import InputError
from core.water import Disinfectant


class Programme(StrEnum):
    """Mineral feed that is changed out, or a living tank that is held for months."""

    MINERAL = "mineral"
    LIVING = "living"


class HappeningKind(StrEnum):
    """What may have happened to a season."""

    SIGN = "sign"
    HOLD = "hold"
    ADVANCE = "advance"
    SET_BACK = "set_back"
    REPEAT = "repeat"
    STRETCH = "stretch"
    JUMP = "jump"
    SWITCH = "switch"
    CHANGED_OUT = "changed_out"
    ADDED = "added"
    TOPPED_UP = "topped_up"


@dataclass(frozen=True, slots=True)
class Happening:
    """What happened on a day.

    What ends a column ends it on that day: the day belongs to the column that held in the morning.

    Args:
        on: the day.
        kind: what it was.
        column: where one goes: of `SET_BACK`, `JUMP`, `REPEAT` and `SWITCH`.
        days: by how many `HOLD` and `STRETCH` change the column; None where it is held until
            further notice.
        sign: what plants showed, of `SIGN`.
        product: what was put in, of `ADDED`.
        litres: of plain water, of `TOPPED_UP`.
        chart: the other one, of `SWITCH`; its doses are blended in over `over_days`.
        reason: why, in the grower's words.

    Raises:
        InputError: its kind lacks what it needs.
    """

    on: date
    kind: HappeningKind
    column: str | None = None
    days: int | None = None
    sign: str | None = None
    product: str | None = None
    litres: Fraction | None = None
    chart: Chart | None = None
    over_days: int = 0
    reason: str = ""

    def __post_init__(self) -> None:
        needed = _NEEDED.get(self.kind)
        if needed is not None and getattr(self, needed) is None:
            name = "volume" if needed == "litres" else needed
            raise InputError("missing.figure", name, name=name)
        if self.kind is HappeningKind.HOLD and self.days is not None and self.days < 1:
            raise InputError("days_unclear", "days")


_NEEDED: Mapping[HappeningKind, str] = {
    HappeningKind.SIGN: "sign",
    HappeningKind.SET_BACK: "column",
    HappeningKind.REPEAT: "column",
    HappeningKind.STRETCH: "days",
    HappeningKind.JUMP: "column",
    HappeningKind.SWITCH: "chart",
    HappeningKind.ADDED: "product",
    HappeningKind.TOPPED_UP: "litres",
}


@dataclass(frozen=True, slots=True)
class Wait:
    """A column that ends by a sign of the plants, not by its days."""

    column: str
    sign: str


class AnchorKind(StrEnum):
    """What a rule's bound is counted from."""

    START = "start"
    STAGE = "stage"
    SIGN = "sign"
    HARVEST = "harvest"


@dataclass(frozen=True, slots=True)
class Anchor:
    """A day counted from something, such as 14 days before harvest or with first flowers.

    Args:
        of: from what.
        name: which stage or sign.
        days: how many after it; below 0 before it.
    """

    of: AnchorKind
    name: str = ""
    days: int = 0


class Occasion(StrEnum):
    """On which days something is added: with a filling of the tank, between two, or on any."""

    CHANGE_OUT = "change_out"
    BETWEEN = "between"
    ANY = "any"


@dataclass(frozen=True, slots=True)
class Apart:
    """Another product, or all of a role, and the days between at least; 1 is the next day."""

    days: int
    product: str | None = None
    role: Role | None = None


@dataclass(frozen=True, slots=True)
class TimingRule:
    """When a product is added; the chart's column says how much.

    Args:
        product: its key.
        every_days: how often; None for once, or once for each occasion.
        from_day: the first day that it may be, counted from the start.
        for_days: how long `every_days` is kept, counted from the first.
        then_every_days: how often afterwards; None for no more.
        only_stages: in which stages; empty for all.
        until_days_before_harvest: the last day that it may be.
        occasion: with change-outs, between them, or on any day.
        apart_from: what it never meets.
        begins, ends: bounds that are counted from a stage, a sign, the harvest or the start.
        is_foliar: whether it is sprayed on leaves and does not go into the tank.
    """

    product: str
    every_days: int | None = None
    from_day: int = 0
    for_days: int | None = None
    then_every_days: int | None = None
    only_stages: frozenset[Stage] = frozenset()
    until_days_before_harvest: int | None = None
    occasion: Occasion = Occasion.ANY
    apart_from: tuple[Apart, ...] = ()
    begins: Anchor | None = None
    ends: Anchor | None = None
    is_foliar: bool = False


@dataclass(frozen=True, slots=True)
class ChangeOut:
    """When a tank is emptied and filled anew.

    Args:
        every_days: so many days after the last filling.
        after_litres: when plants have drunk so much since then; forecast from what was topped up.
        with_each_column: also on the first day of each column.
        plain_water_h: hours for which plain water runs in between.
    """

    every_days: int | None = None
    after_litres: Fraction | None = None
    with_each_column: bool = False
    plain_water_h: Fraction = Fraction(0)


@dataclass(frozen=True, slots=True)
class StrengthFrom:
    """A share of the printed dose, from a day counted from the start or from a column on.

    By column it goes back with a season that is set back, and waits with one that is held.
    """

    strength: Fraction
    from_day: int = 0
    column: str | None = None


@dataclass(frozen=True, slots=True)
class MeterDue:
    """A meter that is calibrated every so many days; `last` is when it was."""

    name: str
    every_days: int
    last: date | None = None


@dataclass(frozen=True, slots=True)
class CourseRequest:
    """All that a course is planned from.

    Args:
        chart: the chart of the season.
        start: the first day of the first column.
        until: the last day that is looked at.
        time_zone: an IANA name.
        first_column: where the season begins; None for the chart's first.
        strengths: the last that is reached holds; all of the printed dose where none is yet, and
            what held before where the season goes over to a chart in which none is.
        change_out: None for a tank that is only topped up.
        waits_for: columns that end by a sign.
        happened: what did, in any order.
        rules: of additives; a product that has one is not poured by its columns alone.
        harvest: its day, where it is known; nothing is planned after it.
        flush_days: how many days before harvest the tank runs on plain water.
        disinfectant: of the source.
        programme: mineral or living.
        mix_at: the time of day at which a tank is filled.
        read_every_days: how often the tank is read; None for never.
        most_additions_a_day: besides fillings; None for as many as are due.
        stock_h: hours before a filling by which stock is made up; None where there is none.
        meters: when each is due.
        filled_on: the day of the first filling, where the tank joined a season that others had
            begun; None for the start. Nothing is to be done in it before but to prepare.
    """

    chart: Chart
    start: date
    until: date
    time_zone: str = "UTC"
    first_column: str | None = None
    strengths: tuple[StrengthFrom, ...] = ()
    change_out: ChangeOut | None = None
    waits_for: tuple[Wait, ...] = ()
    happened: tuple[Happening, ...] = ()
    rules: tuple[TimingRule, ...] = ()
    harvest: date | None = None
    flush_days: int | None = None
    disinfectant: Disinfectant = Disinfectant.NONE
    programme: Programme = Programme.MINERAL
    mix_at: time = field(default=time(9))
    read_every_days: int | None = 1
    most_additions_a_day: int | None = None
    stock_h: Fraction | None = None
    meters: tuple[MeterDue, ...] = ()
    filled_on: date | None = None

    def means_column_of(self, chart: Chart, key: str) -> bool:
        """Whether a strength or a sign that names a column means one of this chart.

        Week 3 of the season's own chart is not week 3 of another that it goes over to; the
        versions of one chart, which share its name, keep their columns.
        """
        if all(column.key != key for column in chart.columns):
            return False
        is_own = chart.name == self.chart.name
        return is_own or all(column.key != key for column in self.chart.columns)

    def day(self, on: date) -> int:
        """A date as a day counted from the start."""
        return (on - self.start).days

    @property
    def first_filling(self) -> int:
        """The day of the first filling, counted from the start."""
        return 0 if self.filled_on is None else self.day(self.filled_on)
