"""Running a guided mix: events in, each once; the state out; what follows when it is over."""

from collections.abc import Mapping, Sequence
from datetime import datetime, timedelta
from decimal import Decimal
from fractions import Fraction

from django.db import transaction
from django.utils import timezone

from core.errors import InputError
from core.formats.record import MixRecordDocument
from core.guided import Event, GuidedPlan, GuidedState, record_of, replay
from core.quantities import number_text
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
    mix: Mix, person_id: int, events: Sequence[Event], *, people: Mapping[str, int] | None = None
) -> tuple[GuidedPlan, GuidedState, list[Event]]:
    """Keep events that were not heard of before, and end the mix if it is over with them.

    Args:
        mix: the mix.
        person_id: who tells of them.
        events: each with who pressed.
        people: the grow's people by name; who is not among them did not press.

    Raises:
        InputError: the mix is over already, or has more events than any mix has.
    """
    locked = Mix.objects.select_for_update().get(pk=mix.pk)
    known = set(locked.events.values_list("client_id", flat=True))
    fresh = list({event.id: event for event in events if event.id not in known}.values())
    if fresh and locked.ended_at is not None:
        raise InputError(
            "mix_is_over", "This mix is over and its record is kept; start a new one.", "events"
        )
    if len(known) + len(fresh) > MOST_EVENTS:
        raise InputError("too_many_or_few", "No mix has so many steps.", "events")
    MixEvent.objects.bulk_create(
        _heard(locked, event, person_id, people or {}, now + timedelta(milliseconds=number))
        for now in [timezone.now()]
        for number, event in enumerate(sorted(fresh, key=lambda event: event.at))
    )
    plan, told = locked.as_plan(), events_of(locked)
    state = replay(plan, told)
    if fresh and state.now is None and not state.conflicts:
        _end(locked, plan, state, told)
    mix.refresh_from_db()
    return plan, state, told


def _heard(
    mix: Mix, event: Event, person_id: int, people: Mapping[str, int], now: datetime
) -> MixEvent:
    at = moment(event.at)
    clock_off = not now - CLOCK_OFF <= at <= now + CLOCK_AHEAD
    by = people.get(event.by, person_id)
    return MixEvent(
        mix=mix, client_id=event.id, at=now if clock_off else min(at, now), by_id=by,
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
    locked = Mix.objects.select_for_update().get(pk=mix.pk)
    if locked.ended_at is None:
        locked.ended_at = max([locked.started_at, *locked.events.values_list("at", flat=True)])
        locked.save(update_fields=["ended_at"])
        plan = locked.as_plan()
        _draw_down(locked, plan, replay(plan, events_of(locked)))
    mix.refresh_from_db()
