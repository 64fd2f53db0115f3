"""The guided mix: started from a sheet, carried on by events, read by a pen, kept as a record."""

from datetime import datetime
from fractions import Fraction
from functools import partial
from typing import Annotated, Literal

from django.db import transaction
from django.http import HttpRequest, HttpResponse
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.errors import InputError
from core.formats.record import MixRecordDocument
from core.guided import replay
from core.quantities import Reading, degrees_text
from server.api.shapes import ErrorOut
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.grows.units import units_out
from server.guided.correcting import CorrectionIn, correct_mix
from server.guided.hearing import EventsIn, events_from
from server.guided.meter import meter_of
from server.guided.models import Mix
from server.guided.presenting import guided_out
from server.guided.running import events_of, give_up, hear
from server.guided.shapes import GuidedOut
from server.guided.starting import start
from server.planning.asked import MixIn

router = Router(tags=["guided"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class OpenMix(Schema):
    """A mix that is under way."""

    id: int
    tank: int
    tank_name: str
    column: str
    started_at: datetime


class PenIn(Schema):
    """For how many seconds the pen has been in the tank."""

    seconds: Annotated[float, Field(ge=0, le=3600)]


class PenOut(Schema):
    """What the pen shows, in the person's units; once it stands still, the median."""

    ec: str
    ph: str
    temperature: str
    still: bool


def _find(scope: Scope, mix_id: int) -> Mix:
    return scope.one(scope.all(Mix).select_related("tank"), mix_id)


def _answer(mix: Mix, scope: Scope) -> GuidedOut:
    plan, events = mix.as_plan(), events_of(mix)
    return guided_out(mix, plan, replay(plan, events), events, scope)


@router.post(
    "/grows/{grow_id}/mixes", response={201: GuidedOut, **_ANSWERS}, operation_id="start_mix"
)
def start_mix(request: HttpRequest, grow_id: int, body: MixIn) -> Status[GuidedOut]:
    """Take a mix to the bench; its stops must have been acknowledged by name."""
    scope = Scope.enter(request.user, grow_id)
    return Status(201, _answer(start(scope, body), scope))


@router.get(
    "/grows/{grow_id}/mixes",
    response={200: list[OpenMix], 404: ErrorOut},
    operation_id="open_mixes",
)
def open_mixes(request: HttpRequest, grow_id: int) -> list[OpenMix]:
    """The mixes that are under way."""
    scope = Scope.enter(request.user, grow_id)
    return [
        OpenMix(
            id=mix.pk,
            tank=mix.tank_id,
            tank_name=mix.tank.name,
            column=mix.label,
            started_at=mix.started_at,
        )
        for mix in scope.all(Mix).filter(ended_at=None).select_related("tank")
    ]


@router.get(
    "/grows/{grow_id}/mixes/{mix_id}",
    response={200: GuidedOut, 304: None, **_ANSWERS},
    operation_id="mix",
)
def mix(
    request: HttpRequest, response: HttpResponse, grow_id: int, mix_id: int
) -> GuidedOut | HttpResponse:
    """Where a mix stands; 304 for who names in If-None-Match the state that it is still in."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    tag = _tag(found, scope)
    if request.headers.get("If-None-Match") == tag:
        return _timed(HttpResponse(status=304))
    response["ETag"] = tag
    _timed(response)
    return _answer(found, scope)


def _timed(response: HttpResponse) -> HttpResponse:
    """Tell the server's clock, seconds since the epoch, by which all devices count."""
    response["Told-At"] = f"{timezone.now().timestamp():.3f}"
    return response


def _tag(mix: Mix, scope: Scope) -> str:
    """Changes with what was heard of a mix, and with how this person has it shown."""
    member = scope.membership
    units = units_out(member).model_dump(mode="json", exclude={"reading_words"})
    heard = mix.events.count() + (mix.corrections.count() if mix.ended_at else 0)
    shown = [heard, mix.ended_at is not None, member.pace, member.night]
    return f'"{" ".join(str(one) for one in (*shown, *units.values()))}"'


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/events",
    response={200: GuidedOut, **_ANSWERS},
    operation_id="tell_events",
)
def tell_events(
    request: HttpRequest, response: HttpResponse, grow_id: int, mix_id: int, body: EventsIn
) -> GuidedOut:
    """Tell what happened; telling it twice has no second effect."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    read = partial(events_from, body, scope=scope)
    person_id = scope.membership.person_id
    plan, state, heard = hear(found, person_id, read, people=scope.people())
    _timed(response)
    return guided_out(found, plan, state, heard, scope)


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/corrections",
    response={200: GuidedOut, **_ANSWERS},
    operation_id="correct_mix",
)
@transaction.atomic
def correct(
    request: HttpRequest, grow_id: int, mix_id: int, body: CorrectionIn, once: Once = None
) -> GuidedOut:
    """Correct a mix that is over; stock, course and learned figures follow its record."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    found = _find(scope, mix_id)
    if not was_heard(scope, once):
        correct_mix(found, body, scope)
    return _answer(found, scope)


@router.delete(
    "/grows/{grow_id}/mixes/{mix_id}", response={200: GuidedOut, **_ANSWERS}, operation_id="give_up"
)
def give_up_mix(request: HttpRequest, grow_id: int, mix_id: int) -> GuidedOut:
    """Give a mix up: it ends without a record; what was poured is taken off the bottles."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    give_up(found)
    return _answer(found, scope)


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/pen",
    response={200: PenOut, **_ANSWERS},
    operation_id="read_pen",
)
def read_pen(request: HttpRequest, grow_id: int, mix_id: int, body: PenIn) -> PenOut:
    """What the pen shows; a grow without one is told so."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    meter = meter_of(scope)
    if meter is None:
        raise InputError("no_pen", "seconds")
    shown = meter.read(found, replay(found.as_plan(), events_of(found)), body.seconds)
    member = scope.membership
    return PenOut(
        ec=Reading(Fraction(str(shown.ec))).shown(member.meter),
        ph=f"{shown.ph:.1f}",
        temperature=degrees_text(Fraction(f"{shown.temperature:.1f}"), member.degrees),
        still=shown.still,
    )


@router.get(
    "/grows/{grow_id}/mixes/{mix_id}/record",
    response={200: MixRecordDocument, **_ANSWERS},
    operation_id="mix_record",
)
def mix_record(
    request: HttpRequest,
    grow_id: int,
    mix_id: int,
    as_: Literal["json", "csv"] = "json",
    *,
    first: bool = False,
) -> MixRecordDocument | HttpResponse:
    """The record of a mix that is over, as JSON or CSV; with `first` as it was when it ended."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    record = found.first_record() if first else found.as_record()
    if record is None:
        raise InputError("no_record", "mix_id")
    if as_ == "csv":
        answer = HttpResponse(record.as_csv(), content_type="text/csv; charset=utf-8")
        answer["Content-Disposition"] = f'attachment; filename="mix-{found.pk}.csv"'
        return answer
    return record
