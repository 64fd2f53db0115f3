"""Columns of charts laid over days, by their length, by signs, and by what growers decide."""

from collections import deque
from collections.abc import Iterator, Mapping, Sequence
from contextlib import contextmanager
from dataclasses import dataclass

from core.chart import Chart, Column
from core.course.conflicts import CourseConflict
from core.course.request import CourseRequest, Happening, HappeningKind, Programme
from core.errors import InputError


@dataclass(frozen=True, slots=True)
class LaidColumn:
    """A column with its days, counted from the start.

    Args:
        chart, column: which it is.
        first, last: its days, both of them its own.
        is_open: whether its end is not known: it waits for a sign, or is held.
        blends_from: the column of the chart before, while the season goes over to this one.
        blend_days: for how long.
    """

    chart: Chart
    column: Column
    first: int
    last: int
    is_open: bool = False
    blends_from: "LaidColumn | None" = None
    blend_days: int = 0


@dataclass(slots=True)
class _Running:
    """The column that holds, as far as events have told."""

    chart: Chart
    column: Column
    first: int
    days: int | None
    sign: str | None
    is_held: bool = False
    blends_from: LaidColumn | None = None
    blend_days: int = 0

    @property
    def last(self) -> int | None:
        """Its last day by its length; None while nothing ends it but what one decides."""
        return None if self.is_held or self.days is None else self.first + self.days - 1

    @property
    def ends_by_days(self) -> bool:
        return self.sign is None and self.last is not None

    def ended(self, last: int, *, is_open: bool = False) -> LaidColumn:
        return LaidColumn(
            self.chart, self.column, self.first, last, is_open, self.blends_from, self.blend_days
        )


class _Laying:
    """Goes through what happened, in order, from column to column."""

    def __init__(self, request: CourseRequest) -> None:
        self.request = request
        self.laid: list[LaidColumn] = []
        self.conflicts: list[CourseConflict] = []
        self.ahead: deque[tuple[Chart, Column]] = deque()
        self.signs: dict[str, int] = {}
        self.waits = {wait.column: _plain(wait.sign) for wait in request.waits_for}
        self.running: _Running | None = None
        first = request.first_column or request.chart.columns[0].key
        with _seen_from("first_column"):
            self._turn_to(request.chart, first)
        self._begin(0)

    def _turn_to(self, chart: Chart, key: str) -> None:
        """What lies ahead is this column, and all after it in its chart."""
        at = chart.columns.index(chart.column(key))
        self.ahead = deque((chart, column) for column in chart.columns[at:])

    def _begin(self, day: int, blends_from: LaidColumn | None = None, blend_days: int = 0) -> None:
        """The next column begins; nothing holds where there is none."""
        if not self.ahead:
            self.running = None
            return
        chart, column = self.ahead.popleft()
        is_meant = self.request.means_column_of(chart, column.key)
        sign = self.waits.get(column.key) if is_meant else None
        self.running = _Running(
            chart,
            column,
            day,
            days=None if self._goes_on(chart, column) else column.days or None,
            sign=None if sign in self.signs else sign,
            blends_from=blends_from,
            blend_days=blend_days,
        )

    def _goes_on(self, chart: Chart, column: Column) -> bool:
        """Whether it has no end: a living tank is held in its last column."""
        return self.request.programme is Programme.LIVING and column is chart.columns[-1]

    def _end(self, last: int) -> LaidColumn:
        """Of two decisions on one day the second is about a column that never began."""
        assert self.running is not None
        done = self.running.ended(last)
        if done.first <= done.last:
            self.laid.append(done)
        return done

    def reach(self, day: int) -> None:
        """Go on to the column that holds on a day."""
        while (now := self.running) is not None and now.ends_by_days:
            assert now.last is not None
            if now.last >= day:
                return
            self._end(now.last)
            self._begin(now.last + 1)

    def hear(self, happening: Happening) -> None:
        """Take one thing that happened into account."""
        day = self.request.day(happening.on)
        self.reach(day)
        if happening.kind is HappeningKind.SIGN:
            self._see(_plain(happening.sign or ""), day)
        elif happening.kind not in _MOVES:
            return
        elif self.running is None:
            self.conflicts.append(CourseConflict.season_over(happening))
        else:
            self._move(self.running, happening, day)

    def _see(self, sign: str, day: int) -> None:
        self.signs.setdefault(sign, day)
        now = self.running
        if now is not None and now.sign == sign and not now.is_held:
            self._end(day)
            self._begin(day + 1)

    def _move(self, now: _Running, happening: Happening, day: int) -> None:
        match happening.kind:
            case HappeningKind.HOLD if happening.days is None:
                now.is_held = True
            case HappeningKind.HOLD | HappeningKind.STRETCH:
                self._stretch(now, happening, day)
            case HappeningKind.REPEAT:
                self.ahead.appendleft((now.chart, now.chart.column(happening.column or "")))
            case HappeningKind.ADVANCE:
                self._end(day)
                self._begin(day + 1)
            case HappeningKind.SET_BACK | HappeningKind.JUMP:
                self._end(day)
                self._turn_to(now.chart, happening.column or "")
                self._begin(day + 1)
            case _:
                chart = happening.chart or now.chart
                before = self._end(day)
                self._turn_to(chart, happening.column or chart.columns[0].key)
                self._begin(day + 1, before if happening.over_days else None, happening.over_days)

    def _stretch(self, now: _Running, happening: Happening, day: int) -> None:
        if now.days is None:
            self.conflicts.append(CourseConflict.nothing_to_stretch(happening, now.column))
            return
        wanted = now.days + (happening.days or 0)
        now.days = max(wanted, day - now.first + 1, 1)
        if now.days > wanted:
            self.conflicts.append(CourseConflict.shortened_too_far(happening, now.column))

    def finish(self, last: int, heard: int) -> None:
        """Lay what is ahead, up to the last day that is looked at.

        Args:
            last: that day.
            heard: the day of the last thing that happened; by then an open column had not ended.
        """
        while (now := self.running) is not None and now.first <= last:
            if now.last is None:
                self.laid.append(now.ended(max(last, now.first), is_open=True))
                return
            end = now.last if now.sign is None else max(now.last, heard)
            self.laid.append(now.ended(end, is_open=now.sign is not None))
            self._begin(end + 1)


_MOVES = frozenset(
    {
        HappeningKind.HOLD,
        HappeningKind.ADVANCE,
        HappeningKind.SET_BACK,
        HappeningKind.REPEAT,
        HappeningKind.STRETCH,
        HappeningKind.JUMP,
        HappeningKind.SWITCH,
    }
)


@dataclass(frozen=True, slots=True)
class LaidColumns:
    """Columns over days.

    Args:
        columns: in order, without a gap.
        signs: the day on which each sign was first seen.
        conflicts: what happened that no column could follow.
    """

    columns: tuple[LaidColumn, ...]
    signs: Mapping[str, int]
    conflicts: tuple[CourseConflict, ...]

    def day_of_sign(self, sign: str, request: CourseRequest) -> int | None:
        """When a sign was seen; else when the column that waits for it is expected to end."""
        plain = _plain(sign)
        if plain in self.signs:
            return self.signs[plain]
        waiting = {wait.column for wait in request.waits_for if _plain(wait.sign) == plain}
        ends = (
            column.last
            for column in self.columns
            if column.is_open
            and column.column.key in waiting
            and request.means_column_of(column.chart, column.column.key)
        )
        return next(ends, None)


def lay_columns(request: CourseRequest) -> LaidColumns:
    """Lay the columns of a season over its days.

    Raises:
        InputError: a column is named that its chart does not have.
    """
    laying = _Laying(request)
    happened = sorted(enumerate(request.happened), key=lambda one: one[1].on)
    for at, one in happened:
        with _seen_from(f"happened[{at}].column"):
            laying.hear(one)
    heard = max((request.day(happening.on) for happening in request.happened), default=0)
    laying.finish(request.day(request.until), heard)
    columns = _until_harvest(laying.laid, request)
    return LaidColumns(tuple(columns), laying.signs, tuple(laying.conflicts))


@contextmanager
def _seen_from(where: str) -> Iterator[None]:
    """A chart that has no such column does not know who asked for it."""
    try:
        yield
    except InputError as error:
        raise error.inside(where) from None


def _until_harvest(laid: Sequence[LaidColumn], request: CourseRequest) -> list[LaidColumn]:
    """A harvest ends the last column."""
    if request.harvest is None:
        return list(laid)
    harvest = request.day(request.harvest)
    return [
        one
        if one.last <= harvest
        else LaidColumn(
            one.chart, one.column, one.first, harvest, False, one.blends_from, one.blend_days
        )
        for one in laid
        if one.first <= harvest
    ]


def _plain(sign: str) -> str:
    """Signs are the same whatever their capitals and spaces."""
    return " ".join(sign.lower().split())
