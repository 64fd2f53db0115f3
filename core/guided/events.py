"""What happens at the bench: an append-only list, in any order and as often as it may arrive."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.facts import one_each
from core.guided.steps import StepStatus


class EventKind(StrEnum):
    """Kinds of event.

    `done`: a step without a figure is over. `poured`: so many mL or g went in, or litres were
    drained. `read`: a pen showed so much. `skipped`: the step was left out, knowingly.
    `corrected`: another event's figure was wrong. `undone`: another event is taken back.
    """

    DONE = "done"
    POURED = "poured"
    READ = "read"
    SKIPPED = "skipped"
    CORRECTED = "corrected"
    UNDONE = "undone"


@dataclass(frozen=True, slots=True)
class EventFacts:
    """What follows from a kind of event.

    Args:
        leaves: what its step is by it; None where it is about another event and ends no step.
        has_figure: whether it says how much.
    """

    leaves: StepStatus | None
    has_figure: bool = False


EVENTS = one_each(
    EventKind,
    {
        EventKind.DONE: EventFacts(StepStatus.DONE),
        EventKind.POURED: EventFacts(StepStatus.DONE, has_figure=True),
        EventKind.READ: EventFacts(StepStatus.DONE, has_figure=True),
        EventKind.SKIPPED: EventFacts(StepStatus.SKIPPED),
        EventKind.CORRECTED: EventFacts(None, has_figure=True),
        EventKind.UNDONE: EventFacts(None),
    },
)
ABOUT_EVENTS = frozenset(kind for kind, facts in EVENTS.items() if facts.leaves is None)
WITH_FIGURE = frozenset(kind for kind, facts in EVENTS.items() if facts.has_figure)

LARGEST_FIGURE = Fraction(10_000_000)


@dataclass(frozen=True, slots=True)
class Event:
    """One thing that happened.

    Args:
        id: made by the device that saw it; the same id is the same event.
        at: seconds since the epoch, by the clock that all devices share.
        by: who did it.
        kind: what happened.
        step: the step it is about; empty for an event about another event.
        figure: mL, g, litres, mS/cm or pH, as the step has it.
        of: for an event about another one, that one's id.

    Raises:
        InputError: a figure or another event is missing, or out of bounds.
    """

    id: str
    at: float
    by: str
    kind: EventKind
    step: str = ""
    figure: Fraction | None = None
    of: str = ""

    def __post_init__(self) -> None:
        if (self.figure is None) == (self.kind in WITH_FIGURE):
            raise InputError("event_incomplete.figure", "figure")
        if self.figure is not None and not 0 <= self.figure <= LARGEST_FIGURE:
            raise InputError("figure_out_of_range", "figure")
        if bool(self.of) != (self.kind in ABOUT_EVENTS) or bool(self.step) == bool(self.of):
            raise InputError("event_incomplete.step", "step")


@dataclass(frozen=True, slots=True)
class CountedEvents:
    """Events as they count: each once, by the time they happened, corrections and undoing applied.

    Args:
        first: by step, the event that counts for it.
        others: later events about a step that has one already, oldest first: somebody else did it
            too, and a person has to say what is true.
        undoable: id of the last event or correction that counts; None if there is none.
        resumed: steps that were left out once, which was taken back.
    """

    first: Mapping[str, Event]
    others: tuple[Event, ...]
    undoable: str | None
    resumed: frozenset[str] = frozenset()


def tell(events: Iterable[Event]) -> CountedEvents:
    """The events that count, each once, whatever order they arrived in."""
    # One filter after the other, each by its name.
    known = {event.id: event for event in sorted(events, key=_moment, reverse=True)}
    ordered = sorted(known.values(), key=_moment)
    undone = _undone(ordered)
    standing = [event for event in ordered if event.id not in undone]
    corrections = {one.of: one for one in standing if one.kind is EventKind.CORRECTED}
    counting = [event for event in standing if event.kind not in ABOUT_EVENTS]
    counted = [_counted(event, corrections.get(event.id)) for event in counting]
    first, others = _first_of_each_step(counted)
    corrected = [corrections[event.id] for event in counting if event.id in corrections]
    last = max([*counting, *corrected], key=_moment, default=None)
    left_out = (event for event in ordered if event.kind is EventKind.SKIPPED)
    resumed = frozenset(event.step for event in left_out if event.id in undone)
    return CountedEvents(first, others, last.id if last else None, resumed)


def _first_of_each_step(ordered: Sequence[Event]) -> tuple[dict[str, Event], tuple[Event, ...]]:
    """The event that counts for each step, and those that came second."""
    first: dict[str, Event] = {}
    others = [event for event in ordered if first.setdefault(event.step, event) is not event]
    return first, tuple(others)


def _undone(ordered: Sequence[Event]) -> set[str]:
    """What was taken back by something that was not taken back itself, whatever clocks say.

    Settled from the last taking back of each chain; a ring of them takes nothing back.
    """
    undoing: dict[str, list[str]] = {}
    for event in ordered:
        if event.kind is EventKind.UNDONE:
            undoing.setdefault(event.of, []).append(event.id)
    takes_back = {by: of for of, by_whom in undoing.items() for by in by_whom}
    unsettled = {of: len(by_whom) for of, by_whom in undoing.items()}
    undone: set[str] = set()
    settled = [event.id for event in ordered if event.id not in unsettled]
    while settled:
        by = settled.pop()
        of = takes_back.get(by)
        if of is None:
            continue
        if by not in undone:
            undone.add(of)
        unsettled[of] -= 1
        if not unsettled[of]:
            settled.append(of)
    return undone


def _counted(event: Event, correction: Event | None) -> Event:
    """An event with the figure that counts."""
    figure = (correction or event).figure if event.kind in WITH_FIGURE else None
    return replace(event, figure=figure, of="")


def _moment(event: Event) -> tuple[float, str]:
    """When it happened; of two at the same time the order is the same on every device."""
    return event.at, event.id
