"""Additives by their rules: day by day, each on the first day that all rules let it have."""

from bisect import bisect_right, insort
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

from core.course.conflicts import CourseConflict
from core.course.fillings import Filling
from core.course.request import HappeningKind, Occasion, TimingRule
from core.course.rule_bounds import apart_from, bounds_of, counts_from_harvest
from core.course.season import Season
from core.course.tasks import Why

_CHANGE_OUT, _CAP = "change_out", "most_additions_a_day"
_STAGES, _FIRST_DAY = "stages", "first_day"
_Days = dict[str, list[int]]  # by product, in order


@dataclass(frozen=True, slots=True)
class Addition:
    """A product on a day by its rule, and what moved it there."""

    day: int
    rule: TimingRule
    why: tuple[Why, ...]


@dataclass(frozen=True, slots=True)
class Additions:
    """What rules give.

    Args:
        all: in order of days, then of rules.
        governed: keys of products that go into the tank by a rule, not by columns alone.
        conflicts: rules that no day can satisfy, and what stands in their way.
    """

    all: tuple[Addition, ...]
    governed: frozenset[str]
    conflicts: tuple[CourseConflict, ...]


@dataclass(slots=True)
class _Placing:
    """A rule while days go by.

    Args:
        rule: the rule.
        first, last: the bounds of its days; last is None where it has none.
        apart: days from other products, by key.
        due: the day from which it is wanted; None for no more.
        waited: on how many days that it would have had something else stood in its way.
        blocked_by: what did, since it became due.
        is_placed: whether it ever found a day.
        late: what made it come later than its rule wants.
        wanted: on how many days the rule itself would have been given.
        slips: how often it came later than a quarter of its interval.
    """

    rule: TimingRule
    first: int
    last: int | None
    apart: Mapping[str, int]
    due: int | None
    waited: int = 0
    blocked_by: set[str] = field(default_factory=set)
    is_placed: bool = False
    late: set[str] = field(default_factory=set)
    wanted: int = 0
    slips: int = 0

    def own_day(self, season: Season, day: int) -> bool:
        """Whether the rule itself would have this day."""
        if self.due is None or day < self.due or (self.last is not None and day > self.last):
            return False
        stages, stage = self.rule.only_stages, season.by_day[day].column.stage
        if stages:
            return stage in stages and not season.is_flushing(day)
        return not season.is_plain_water(day)

    def following(self, day: int) -> int | None:
        """When it is due again after a day on which it was given."""
        rule = self.rule
        if rule.every_days is None:
            return None if rule.occasion is Occasion.ANY else day + 1
        following = day + rule.every_days
        if rule.for_days is None or following < self.first + rule.for_days:
            return following
        if rule.then_every_days is None:
            return None
        return max(day + rule.then_every_days, self.first + rule.for_days)


def place_additions(season: Season, fillings: Sequence[Filling]) -> Additions:
    """Give every rule its days.

    A product keeps its distance from all that columns pour, from what was added, and from what
    other rules give; of two rules for one day the one that stands first goes first, and the other
    finds a later day.
    """
    rules = season.request.rules
    governed = frozenset(rule.product for rule in rules if not rule.is_foliar)
    placing, conflicts = _begin(season)
    filled = {filling.day for filling in fillings}
    days = _poured(season, fillings, governed)
    found: list[Addition] = []
    for day in range(season.request.first_filling, season.last + 1):
        wanted = [one for one in placing if one.own_day(season, day)]
        for due in wanted:
            due.wanted += 1
        most = None if day in filled else season.request.most_additions_a_day
        found += _place_on(day, wanted, most, filled, days)
    conflicts += [made for addition in placing for made in _unsatisfied(addition, season, filled)]
    return Additions(tuple(found), governed, tuple(conflicts))


def _place_on(
    day: int, wanted: Sequence[_Placing], most: int | None, filled: set[int], days: _Days
) -> list[Addition]:
    """Give a day to those that want it, as far as nothing stands in their way; the rest wait."""
    found: list[Addition] = []
    for due in wanted:
        blockers = _blockers(due, day, filled, days)
        if most is not None and len(found) >= most:
            blockers.add(_CAP)
        if blockers:
            due.waited += 1
            due.blocked_by |= blockers
            continue
        found.append(Addition(day, due.rule, _why(due)))
        insort(days.setdefault(due.rule.product, []), day)
        _take(due, day, filled)
    return found


def _begin(season: Season) -> tuple[list[_Placing], list[CourseConflict]]:
    """The rules with their bounds, and those that contradict themselves."""
    placing, conflicts = [], []
    stages = {column.stage for chart in season.charts for column in chart.columns}
    for rule in season.request.rules:
        first, last = bounds_of(rule, season)
        without_end = season.request.harvest is None and counts_from_harvest(rule)
        if rule.only_stages and not rule.only_stages & stages:
            conflicts.append(CourseConflict.no_such_stage(rule))
            continue
        if without_end:
            conflicts.append(CourseConflict.no_harvest(rule))
        elif _ends_first(first, last):
            conflicts.append(CourseConflict.ends_before_it_begins(rule))
            continue
        if first is not None:
            placing.append(_placing(rule, first, last, season))
    return placing, conflicts


def _ends_first(first: int | None, last: int | None) -> bool:
    return first is not None and last is not None and last < first


def _placing(rule: TimingRule, first: int, last: int | None, season: Season) -> _Placing:
    one = _Placing(rule, first, last, apart_from(rule, season), due=first)
    _go_on_from_last(one, season)
    return one


def _go_on_from_last(one: _Placing, season: Season) -> None:
    """What was added stays: the rule goes on after the last time."""
    request = season.request
    added = [
        request.day(happening.on)
        for happening in request.happened
        if happening.kind is HappeningKind.ADDED and happening.product == one.rule.product
    ]
    if added and (last := max(added)) >= one.first:
        one.due, one.is_placed = one.following(last), True


def _poured(season: Season, fillings: Sequence[Filling], governed: frozenset[str]) -> _Days:
    """The days of each product that rules have no hand in: poured by columns, or added already."""
    request = season.request
    days: _Days = {}
    for filling in fillings:
        for product in season.printed(filling.day):
            if product not in governed:
                insort(days.setdefault(product, []), filling.day)
    for happening in request.happened:
        if happening.kind is HappeningKind.ADDED and happening.product:
            insort(days.setdefault(happening.product, []), request.day(happening.on))
    return days


def _blockers(one: _Placing, day: int, filled: set[int], days: Mapping[str, list[int]]) -> set[str]:
    """What else keeps a rule from a day."""
    found = set()
    occasion = one.rule.occasion
    if occasion is not Occasion.ANY and (day in filled) is not (occasion is Occasion.CHANGE_OUT):
        found.add(_CHANGE_OUT)
    for other, apart in one.apart.items():
        others = days.get(other)
        if others is None:
            continue
        behind = bisect_right(others, day - apart)
        if behind < len(others) and others[behind] < day + apart:
            found.add(other)
    return found


def _why(one: _Placing) -> tuple[Why, ...]:
    why = [Why.BY_RULE]
    if one.waited:
        others = one.blocked_by - {_CHANGE_OUT, _CAP}
        moved = {
            Why.MOVED_TO_OCCASION: _CHANGE_OUT in one.blocked_by,
            Why.MOVED_APART: bool(others),
            Why.MOVED_BY_CAP: _CAP in one.blocked_by,
        }
        why += [reason for reason, holds in moved.items() if holds]
    if one.rule.is_foliar:
        why.append(Why.ON_LEAVES)
    return tuple(why)


def _take(one: _Placing, day: int, filled: set[int]) -> None:
    """The rule has its day; when is it due again, and was it late?"""
    every = one.rule.every_days
    if every is not None and one.waited >= every:
        one.late |= one.blocked_by
    elif every is not None and _drifts(one, every):
        one.late |= one.blocked_by - {_CHANGE_OUT}
    one.is_placed, one.waited, one.blocked_by = True, 0, set()
    one.due = one.following(day)
    if every is None and one.rule.occasion is Occasion.BETWEEN:
        one.due = min((filling for filling in filled if filling > day), default=None)


def _drifts(one: _Placing, every: int) -> bool:
    """Whether others kept it waiting for a good part of its interval, and not for the first time.

    Two weekly rules that want five days between them come every ten days each.
    """
    if not one.blocked_by - {_CHANGE_OUT} or one.waited <= every * GOOD_PART:
        return False
    one.slips += 1
    return one.slips >= _OFTEN


GOOD_PART = 1 / 4
"""Share of its interval that a rule may come late by without a word: our own default."""

_OFTEN = 2


def _unsatisfied(one: _Placing, season: Season, filled: set[int]) -> list[CourseConflict]:
    """A rule that found no day that it should have had, or found one too late."""
    if not one.wanted and not one.is_placed and _comes_no_more(one, season):
        return [CourseConflict.blocked(one.rule, _bounds_of(one.rule), never=True)]
    if one.waited and not one.is_placed and _is_in_vain(one, season, filled):
        return [CourseConflict.blocked(one.rule, one.blocked_by, never=True)]
    every = one.rule.every_days
    if every is not None and one.waited >= every:
        one.late |= one.blocked_by
    return [CourseConflict.blocked(one.rule, one.late, never=False)] if one.late else []


def _comes_no_more(one: _Placing, season: Season) -> bool:
    """Whether no day of the whole season can be one of the rule's."""
    if one.due is None or one.first > season.last:
        return False  # it was done, or lies beyond what is looked at
    if one.last is not None and one.last <= season.last:
        return True
    stages, running = one.rule.only_stages, season.by_day[-1]
    if not stages:
        return False
    columns = running.chart.columns
    at = next(i for i, column in enumerate(columns) if column.key == running.column.key)
    return all(column.stage not in stages for column in columns[at:])


def _bounds_of(rule: TimingRule) -> set[str]:
    """The names of a rule's own bounds, which leave it no day."""
    return {_STAGES, _FIRST_DAY} if rule.only_stages else {_FIRST_DAY}


def _is_in_vain(one: _Placing, season: Season, filled: set[int]) -> bool:
    """Whether looking further ahead would find no day either."""
    request, stages = season.request, one.rule.only_stages
    if one.last is not None and one.last <= season.last:
        return True
    if stages and season.by_day[-1].column.stage not in stages:
        return True
    no_filling = _CHANGE_OUT in one.blocked_by and not any(day >= one.first for day in filled)
    is_over = season.last < request.day(request.until)
    return is_over or no_filling or one.waited >= (one.rule.every_days or _LONG)


_LONG = 60
"""Days after which a rule that is wanted once has waited in vain."""
