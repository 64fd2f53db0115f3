"""A new or rebuilt system: filled with plain water, its level marked, looked at for leaks."""

from collections.abc import Iterable
from datetime import datetime
from typing import Annotated

from django.db import transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.errors import InputError
from core.limits import LONGEST_WORDS
from core.tanks.first_fill import FirstFill
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.grows.scope import Scope
from server.tanks.models import Tank, TimeLineEntry
from server.tanks.timeline import standing

router = Router(tags=["tanks"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_Kind = TimeLineEntry.Kind
_TELLING = (_Kind.FIRST_FILL, _Kind.TIGHT, _Kind.LEAK, _Kind.MIX, _Kind.CHANGE_OUT)


class FirstFillOut(Schema):
    """Plain water that is watched: since when, and when a look tells something."""

    filled_at: datetime
    look_at: datetime
    due: bool


class WatchedOut(Schema):
    """What is watched; nothing where no plain water stands in a new system."""

    watched: FirstFillOut | None


class LookedIn(Schema):
    """What was seen: `leaks`, and where."""

    leaks: bool
    note: Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)] = ""


@router.get(
    "/grows/{grow_id}/tanks/{tank_id}/first-fill",
    response={200: WatchedOut, **_ANSWERS},
    operation_id="first_fill",
)
def first_fill(request: HttpRequest, grow_id: int, tank_id: int) -> WatchedOut:
    """Whether a tank is watched for leaks."""
    scope = Scope.enter(request.user, grow_id)
    return _watched(scope, scope.one(scope.all(Tank), tank_id))


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/first-fill",
    response={201: WatchedOut, **_ANSWERS},
    operation_id="fill_first",
)
@transaction.atomic
def fill_first(request: HttpRequest, grow_id: int, tank_id: int) -> Status[WatchedOut]:
    """It is filled with plain water to its line, and the line is marked."""
    scope = Scope.enter(request.user, grow_id)
    tank = scope.one(scope.all(Tank).select_for_update(of=("self",)), tank_id)
    if tank.mixes.filter(ended_at=None).exists():
        raise InputError("mix_under_way.first_fill", "", tank=tank.name)
    _add(scope, tank, _Kind.FIRST_FILL, "plain water, level marked")
    return Status(201, _watched(scope, tank))


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/leak-look",
    response={201: WatchedOut, **_ANSWERS},
    operation_id="look_for_leaks",
)
@transaction.atomic
def look_for_leaks(
    request: HttpRequest, grow_id: int, tank_id: int, body: LookedIn
) -> Status[WatchedOut]:
    """What a look at every joint has shown; a leak may be told before its hour, tightness not."""
    scope = Scope.enter(request.user, grow_id)
    tank = scope.one(scope.all(Tank).select_for_update(of=("self",)), tank_id)
    watched = watched_tanks(scope, [tank.pk]).get(tank.pk)
    if watched is None:
        raise InputError("not_watched", "")
    if not body.leaks and not watched.is_due(timezone.now()):
        raise InputError("too_soon", "")
    _add(scope, tank, _Kind.LEAK if body.leaks else _Kind.TIGHT, body.note.strip())
    return Status(201, _watched(scope, tank))


def watched_tanks(scope: Scope, tanks: Iterable[int]) -> dict[int, FirstFill]:
    """The tanks that are watched for leaks; feed, or a look, ends it."""
    rows = (
        standing(scope.all(TimeLineEntry))
        .filter(tank__in=list(tanks), kind__in=_TELLING)
        .order_by("tank", "-at", "-pk")
        .distinct("tank")
        .values_list("tank", "kind", "at")
    )
    return {tank: FirstFill(at) for tank, kind, at in rows if kind == _Kind.FIRST_FILL}


def first_fill_out(one: FirstFill | None) -> FirstFillOut | None:
    """What is watched, as an answer."""
    if one is None:
        return None
    due = one.is_due(timezone.now())
    return FirstFillOut(filled_at=one.filled_at, look_at=one.look_at, due=due)


def _watched(scope: Scope, tank: Tank) -> WatchedOut:
    return WatchedOut(watched=first_fill_out(watched_tanks(scope, [tank.pk]).get(tank.pk)))


def _add(scope: Scope, tank: Tank, kind: TimeLineEntry.Kind, note: str) -> None:
    TimeLineEntry.objects.create(
        grow=scope.grow, tank=tank, kind=kind, values={}, at=timezone.now(), note=note,
        by_id=scope.membership.person_id,
    )  # fmt: skip
