"""Tasks for calendars (RFC 5545): under a secret address that can be revoked, and as a file."""

from collections.abc import Iterable
from datetime import datetime, timedelta
from hashlib import sha256
from secrets import token_urlsafe
from typing import assert_never
from zoneinfo import ZoneInfo

from django.contrib.auth.models import User
from django.db import transaction
from django.db.models.signals import post_delete
from django.dispatch import receiver
from django.http import Http404, HttpRequest, HttpResponse
from django.utils import timezone
from django.views.decorators.http import require_safe
from icalendar import Alarm, Calendar, Event
from ninja import Router, Schema

from core.course import TaskKind
from core.messages import Listed, Message
from core.wording import wording
from server.api.shapes import ErrorOut, Kept
from server.grows.account import password_changed
from server.grows.models import Membership
from server.grows.scope import Scope, memberships_of
from server.seasons.course import course_of
from server.seasons.models import CalendarKey
from server.seasons.running import RunningSeason, running_seasons, seasons_of, today_of
from server.seasons.tasks import StandingTask, TaskState, standing_tasks

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}


class AddressOut(Schema):
    """The secret address of a calendar; it is shown this once."""

    path: str


@router.post(
    "/grows/{grow_id}/calendar",
    response={200: AddressOut, **_ANSWERS},
    operation_id="make_calendar_address",
)
@transaction.atomic
def make_calendar_address(request: HttpRequest, grow_id: int) -> AddressOut:
    """A new secret address for this person's tasks; the one before ends."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    person = scope.membership.person_id
    scope.all(CalendarKey).filter(person=person).delete()
    secret = token_urlsafe(32)
    CalendarKey.objects.create(grow=scope.grow, person_id=person, digest=_digest(secret))
    return AddressOut(path=f"/calendar/{secret}.ics")


@router.delete(
    "/grows/{grow_id}/calendar",
    response={200: Kept, **_ANSWERS},
    operation_id="revoke_calendar_address",
)
def revoke_calendar_address(request: HttpRequest, grow_id: int) -> Kept:
    """End the secret address of this person's calendar."""
    scope = Scope.enter(request.user, grow_id)
    scope.all(CalendarKey).filter(person=scope.membership.person_id).delete()
    return Kept()


@router.get("/grows/{grow_id}/calendar.ics", operation_id="calendar_file")
def calendar_file(request: HttpRequest, grow_id: int) -> HttpResponse:
    """The tasks of a grow as a file."""
    return _answer(Scope.enter(request.user, grow_id))


@receiver(post_delete, sender=Membership)
def _end_with_membership(instance: Membership, **_: object) -> None:
    """Whoever comes back later makes a new address."""
    CalendarKey.objects.filter(grow=instance.grow_id, person=instance.person_id).delete()


@receiver(password_changed)
def _end_where_asked(person: User, end_calendars: bool, **_: object) -> None:
    if end_calendars:
        CalendarKey.objects.filter(person=person).delete()


def _digest(secret: str) -> str:
    return sha256(secret.encode()).hexdigest()


@require_safe
def feed(request: HttpRequest, secret: str) -> HttpResponse:
    """The feed behind a secret address: no sign-in, and nothing but tasks."""
    key = CalendarKey.objects.filter(digest=_digest(secret)).select_related("person").first()
    if key is None or not key.person.is_active:
        raise Http404("No such calendar.")
    membership = memberships_of(key.person).filter(grow_id=key.grow_id).first()
    if membership is None:
        raise Http404("No such calendar.")
    return _answer(Scope(membership))


def _answer(scope: Scope) -> HttpResponse:
    seasons = seasons_of(scope).filter(ended_on=None, tank__archived_at=None)
    found = calendar_of(scope.membership, running_seasons(scope, seasons, with_lines=False))
    answer = HttpResponse(found.to_ical(), content_type="text/calendar; charset=utf-8")
    answer["Content-Disposition"] = 'attachment; filename="brisk-measure.ics"'
    answer["Cache-Control"] = "private, no-cache"
    return answer


def calendar_of(membership: Membership, seasons: Iterable[RunningSeason]) -> Calendar:
    """Tasks of seasons as events; daily readings are left out, as nobody wants an alarm for each.

    An event keeps its id while its day and its matter stay, whatever else of a season changes.
    """
    grow = membership.grow
    calendar = Calendar()
    calendar.add("prodid", "-//Brisk Measure//Tasks//EN")
    calendar.add("version", "2.0")
    calendar.add("method", "PUBLISH")
    calendar.add("x-wr-calname", grow.name)
    calendar.add("x-wr-timezone", grow.time_zone)
    zone = ZoneInfo(grow.time_zone)
    first = last = today_of(grow)
    for running in seasons:
        for standing in standing_tasks(running, course_of(running, grow)):
            if standing.task.kind is not TaskKind.READ and standing.state is not TaskState.SKIPPED:
                calendar.add_component(_event(running, standing, zone))
                first, last = min(first, standing.task.on), max(last, standing.task.on)
    calendar.add_missing_timezones(first, last + timedelta(days=1))
    return calendar


def _event(running: RunningSeason, standing: StandingTask, zone: ZoneInfo) -> Event:
    task, season = standing.task, running.season
    event = Event()
    event.add("uid", f"{season.pk}.{standing.key}@brisk-measure")
    event.add("dtstamp", timezone.now())
    event.add(
        "summary",
        wording(_summary(running, standing).about(Message("product", name=season.tank.name))),
    )
    event.add("description", wording(Message("rows", names=_described(running, standing))))
    if task.at is None:
        event.add("dtstart", task.on)
        event.add("dtend", task.on + timedelta(days=1))
    else:
        begins = datetime.combine(task.on, task.at, zone)
        event.add("dtstart", begins)
        event.add("dtend", begins + timedelta(minutes=30))
    if standing.state is not TaskState.DONE:
        event.add_component(_alarm(task.at is None))
    return event


def _alarm(is_all_day: bool) -> Alarm:
    """On its hour; what has none is told at eight in the morning."""
    alarm = Alarm()
    alarm.add("action", "DISPLAY")
    alarm.add("description", "Brisk Measure")
    alarm.add("trigger", timedelta(hours=8) if is_all_day else timedelta(0))
    return alarm


def _summary(running: RunningSeason, standing: StandingTask) -> Message:
    task = standing.task
    match task.kind:
        case TaskKind.PREPARE:
            return Message(f"to_do.{task.why[0]}")
        case TaskKind.CALIBRATE:
            return Message("to_do.calibrate", meter=task.meter or "")
        case TaskKind.ADD | TaskKind.INOCULATE:
            return Message(f"to_do.{task.kind}", products=_described(running, standing))
        case TaskKind.MIX | TaskKind.CHANGE_OUT | TaskKind.FLUSH | TaskKind.READ:
            label = {column.key: column.label for column in running.chart.chart.columns}
            column = label.get(task.column or "", task.column) or ""
            return Message(f"to_do.{task.kind}", column=column)
        case _:
            assert_never(task.kind)


def _described(running: RunningSeason, standing: StandingTask) -> Listed:
    names = running.product_names
    return Listed(tuple(names.get(key, key) for key in standing.task.products), "comma")
