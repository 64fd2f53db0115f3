"""All of a grow out and in, and what is removed for good."""

from collections.abc import Iterator
from datetime import datetime
from pathlib import Path
from tempfile import NamedTemporaryFile
from typing import Annotated

from django.contrib.auth.models import User
from django.db import transaction
from django.http import HttpRequest, StreamingHttpResponse
from django.utils import timezone
from django.utils.text import slugify
from ninja import Field, File, Router, Schema
from ninja.files import UploadedFile
from ninja.responses import Status

from core.errors import InputError
from core.limits import LONGEST_WORDS
from server.api.ids import ChartId
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept
from server.archive.reading import bring_in
from server.archive.removing import remove_chart, remove_grow, remove_tank
from server.archive.writing import archive_pieces, one_moment
from server.charts.models import Chart
from server.grows.models import Grow, Membership
from server.grows.roles import MemberRole
from server.grows.scope import Scope
from server.grows.sign_in import GrowOut
from server.tanks.models import Tank

router = Router(tags=["archive"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
MOST_GROWS = 50
"""That one person owns."""


class NameTyped(Schema):
    """The name of what is removed for good, typed by who wants that."""

    name: Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]


@router.get(
    "/grows/{grow_id}/archive", response={200: None, 404: ErrorOut}, operation_id="export_grow"
)
def export_grow(request: HttpRequest, grow_id: int) -> StreamingHttpResponse:
    """All of a grow in one zip: JSON with its schema, tables, pictures; sent as it is written."""
    scope = Scope.enter(request.user, grow_id)
    now = timezone.now()
    answer = StreamingHttpResponse(_pieces(scope.grow, now), content_type="application/zip")
    name = f"{slugify(scope.grow.name) or 'grow'}-{now:%Y-%m-%d}.zip"
    answer["Content-Disposition"] = f'attachment; filename="{name}"'
    return answer


def _pieces(grow: Grow, now: datetime) -> Iterator[bytes]:
    with one_moment():
        yield from archive_pieces(grow, now)


@router.post("/archives", response={201: GrowOut, 422: ErrorOut}, operation_id="import_grow")
@transaction.atomic
def import_grow(request: HttpRequest, file: Annotated[UploadedFile, File()]) -> Status[GrowOut]:
    """Make the grow that an archive holds; who brings it in is its owner."""
    person = User.objects.select_for_update().get(pk=request.user.pk or 0)
    owned = Membership.objects.filter(person=person, role=MemberRole.OWNER)
    if owned.count() >= MOST_GROWS:
        raise InputError("too_many_or_few.grows", "file", most_grows=MOST_GROWS)
    with NamedTemporaryFile() as kept:
        for piece in file.chunks():
            kept.write(piece)
        kept.flush()
        grow = bring_in(Path(kept.name), person)
    Membership.objects.create(grow=grow, person=person, role=MemberRole.OWNER)
    return Status(201, GrowOut(id=grow.pk, name=grow.name))


@router.delete(
    "/grows/{grow_id}/for-good", response={200: Kept, **_ANSWERS}, operation_id="delete_grow"
)
@transaction.atomic
def delete_grow(request: HttpRequest, grow_id: int, body: NameTyped) -> Kept:
    """Remove a grow and all that belongs to it, for good."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    if scope.grow.is_demo:
        raise InputError("demo.grow")
    _check_name(body, scope.grow.name)
    remove_grow(scope.grow)
    return Kept()


@router.delete(
    "/grows/{grow_id}/tanks/{tank_id}/for-good",
    response={200: Kept, **_ANSWERS},
    operation_id="delete_tank",
)
@transaction.atomic
def delete_tank(request: HttpRequest, grow_id: int, tank_id: int, body: NameTyped) -> Kept:
    """Remove a tank that was put away, with its mixes, its seasons and its time line, for good."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    tank = scope.one(scope.all(Tank), tank_id)
    _check_name(body, tank.name)
    if tank.archived_at is None:
        raise InputError("in_use.tank", "name", tank=tank.name)
    remove_tank(scope, tank)
    return Kept()


@router.delete(
    "/grows/{grow_id}/charts/{chart_id}/for-good",
    response={200: Kept, **_ANSWERS},
    operation_id="delete_chart",
)
@transaction.atomic
def delete_chart(request: HttpRequest, grow_id: int, chart_id: ChartId, body: NameTyped) -> Kept:
    """Remove a chart that was put away and that nothing was poured by, for good."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    chart = scope.one(scope.all(Chart), chart_id)
    _check_name(body, chart.name)
    if chart.archived_at is None:
        raise InputError("in_use.chart", "name", chart=chart.name)
    remove_chart(scope, chart)
    return Kept()


def _check_name(body: NameTyped, name: str) -> None:
    if body.name.strip() != name.strip():
        raise InputError("other_name", "name", name=name)
