"""Running a guided mix: events in, each once; the state out; what follows when it is over."""

from collections.abc import Callable, Mapping, Sequence
from datetime import datetime, timedelta
from decimal import Decimal
from fractions import Fraction

from django.db import transaction
from django.utils import timezone

from core.errors import InputError
from core.formats.record import MixRecordDocument
from core.guided import Event, EventKind, GuidedPlan, GuidedState, record_of, replay
from core.guided.step_lookup import kind_of_step
from core.guided.steps import TIMED_STEPS
from core.quantities import number_text
from server.grows.authors import is_a_name
from server.guided.entries import entries_of
from server.guided.models import Mix, MixEvent, moment
from server.shelf.bottles import take
from server.shelf.models import Product
from server.tanks.timeline import TimeLineEntry

MOST_EVENTS = 2000


def events_of(mix: Mix) -> list[Event]:
    """Everything that happened in a mix."""
    return [event.as_event() for event in mix.events.select_related("by")]


CLOCK_OFF = timedelta(days=1)
"""A device that tells of something longer ago than this is not believed about the time."""

CLOCK_AHEAD = timedelta(seconds=5)
"""Nothing has happened that is still to come; clocks that agree differ by no more than this."""


@transaction.atomic
def hear(
    mix: Mix,
    person_id: int,
    read: Callable[[GuidedPlan, list[Event]], list[Event]],
    *,
    people: Mapping[str, int],
) -> tuple[GuidedPlan, GuidedState, list[Event]]:
    """Keep events that were not heard of before, and end the mix if it is over with them.

    Args:
        mix: the mix; afterwards it is as it stands.
        person_id: who tells of them.
        read: makes the events of a request from the mix's plan and the events known so far.
        people: the grow's people by name; who no longer works here is a name alone.

    Raises:
        InputError: the mix is over already, has more events than any mix has, or a time was not
            over when it was told that it is.
    """
    mix.refresh_from_db(from_queryset=Mix.objects.select_for_update())
    plan, known = mix.as_plan(), events_of(mix)
    events = read(plan, known)
    new = {event.id: event for event in events}
    for event in known:
        new.pop(event.id, None)
    fresh = sorted(new.values(), key=lambda event: event.at)
    if fresh and mix.ended_at is not None:
        raise InputError("mix_is_over", "events")
    if len(known) + len(fresh) > MOST_EVENTS:
        raise InputError("too_many_or_few.events", "events")
    now = timezone.now()
    _refuse_before_its_time(plan, known, fresh, now, told=events)
    kept = MixEvent.objects.bulk_create(
        _heard(mix, event, person_id, people, now + timedelta(milliseconds=number))
        for number, event in enumerate(fresh)
    )
    names = {number: name for name, number in people.items()}
    heard = [*known, *(event.as_event(names.get(event.by_id or 0)) for event in kept)]
    state = replay(plan, heard)
    if fresh and state.now is None and not state.conflicts:
        _end(mix, plan, state, heard)
    return plan, state, heard


def _refuse_before_its_time(
    plan: GuidedPlan,
    known: Sequence[Event],
    fresh: Sequence[Event],
    now: datetime,
    *,
    told: Sequence[Event],
) -> None:
    """A time that is not over is left out on purpose, or it is stood through."""
    for number, event in enumerate(fresh):
        timed = kind_of_step(plan, event.step) in TIMED_STEPS
        if event.kind is not EventKind.DONE or not timed or _clock_is_off(event, now):
            continue
        state = replay(plan, [*known, *fresh[:number]])
        step = None if state.now is None else state.steps[state.now]
        if step is None or step.id != event.step or step.due is None:
            continue
        left = step.due - CLOCK_AHEAD.total_seconds() - event.at
        if left > 0:
            raise InputError(
                "time_not_over", f"events[{told.index(event)}]", due=round(step.due - event.at)
            )


def _clock_is_off(event: Event, now: datetime) -> bool:
    return not now - CLOCK_OFF <= moment(event.at) <= now + CLOCK_AHEAD


def _heard(
    mix: Mix, event: Event, person_id: int, people: Mapping[str, int], now: datetime
) -> MixEvent:
    at = moment(event.at)
    clock_off = _clock_is_off(event, now)
    by = people.get(event.by, None if is_a_name(event.by) else person_id)
    return MixEvent(
        mix=mix, client_id=event.id, at=now if clock_off else min(at, now), by_id=by,
        by_name="" if by else event.by,
        kind=event.kind, step=event.step, figure=_decimal(event.figure), of=event.of,
        clock_off=clock_off, told_by_id=None if by == person_id else person_id,
    )  # fmt: skip


def _decimal(value: Fraction | None) -> Decimal | None:
    return None if value is None else Decimal(number_text(value, 6))


def _end(mix: Mix, plan: GuidedPlan, state: GuidedState, events: Sequence[Event]) -> None:
    """Keep the record, draw the bottles down, and tell the tank's time line."""
    record = record_of(plan, state, events)
    mix.ended_at = moment(record.ended)
    mix.record = MixRecordDocument.of(record).model_dump(mode="json")
    mix.save(update_fields=["ended_at", "record"])
    _draw_down(mix, plan, state)
    TimeLineEntry.objects.bulk_create(entries_of(mix, record))


def _draw_down(mix: Mix, plan: GuidedPlan, state: GuidedState) -> None:
    """Take what was poured off the bottles whose content is known."""
    drawn = [(mix.product(key), amount) for key, amount in state.poured.items()]
    for kind, amount in state.adjusted.items():
        bottle = plan.bottle(kind)
        drawn.append((int(bottle.key) if bottle else None, amount))
    for product, amount in drawn:
        if product is None or amount == 0:
            continue
        found = Product.objects.select_for_update(of=("self",)).filter(
            pk=product, grow_id=mix.grow_id, left__isnull=False
        )
        for drawn_from in found:
            take(drawn_from, amount, mix=mix.pk)


@transaction.atomic
def give_up(mix: Mix) -> None:
    """End a mix without a record: the tank is as whoever stands before it knows best.

    What was poured is out of its bottle all the same.
    """
    mix.refresh_from_db(from_queryset=Mix.objects.select_for_update())
    if mix.ended_at is None:
        mix.ended_at = max([mix.started_at, *mix.events.values_list("at", flat=True)])
        mix.save(update_fields=["ended_at"])
        plan = mix.as_plan()
        _draw_down(mix, plan, replay(plan, events_of(mix)))
