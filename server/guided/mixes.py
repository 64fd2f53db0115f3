"""Mixes that are over: of a grow, of one tank, by one chart or one person, the newest first."""

from datetime import datetime
from decimal import Decimal
from fractions import Fraction
from typing import Annotated

from django.db.models import Q, QuerySet
from django.http import HttpRequest
from ninja import Query, Router, Schema

from core.formats import document_of
from core.formats.record import MixRecordDocument
from core.quantities import Reading, Volume
from server.api.ids import ChartId, VersionId
from server.api.pages import page_of
from server.api.shapes import ErrorOut
from server.charts.models import Chart
from server.grows.authors import LONGEST_AUTHOR
from server.grows.figures import percent_shown
from server.grows.models import Membership
from server.grows.scope import Scope
from server.guided.models import Mix
from server.tanks.models import Tank

router = Router(tags=["guided"])


class AskedMixes(Schema):
    """Which mixes: of a tank, by a chart, by a person; `before` is the last of the page before."""

    tank: int | None = None
    chart_id: ChartId | None = None
    person: Annotated[str, Query(max_length=LONGEST_AUTHOR)] = ""
    before: int | None = None


class MixLine(Schema):
    """A mix that is over, with what the next one like it is asked for by.

    `column` and `towards` are keys of its chart's version, `column` empty where there is none;
    `volume`, `ec` and `ph` as the record has them, None where it was given up or not read.
    """

    id: int
    tank: int
    tank_name: str
    chart_name: str
    version_id: VersionId
    label: str
    column: str
    towards: str
    towards_share: str
    strength: str
    ended_at: datetime
    is_given_up: bool
    people: list[str]
    volume: str | None
    ec: str | None
    ph: str | None


class MixesOut(Schema):
    """A page of mixes; `before` asks for those that are older, None where none is."""

    items: list[MixLine]
    before: int | None


@router.get(
    "/grows/{grow_id}/mixes-done",
    response={200: MixesOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="mixes_done",
)
def mixes_done(request: HttpRequest, grow_id: int, asked: Query[AskedMixes]) -> MixesOut:
    """Mixes that are over, the newest first."""
    scope = Scope.enter(request.user, grow_id)
    mixes, more = page_of(_found(scope, asked))
    return MixesOut(
        items=[_line(mix, scope.membership) for mix in mixes],
        before=mixes[-1].pk if more else None,
    )


def _found(scope: Scope, asked: AskedMixes) -> QuerySet[Mix]:
    over = scope.all(Mix).exclude(ended_at=None)
    found = over.select_related("tank", "version__chart").order_by("-ended_at", "-pk")
    if asked.tank is not None:
        found = found.filter(tank=scope.one(scope.all(Tank), asked.tank))
    if asked.chart_id is not None:
        found = found.filter(version__chart=scope.one(scope.all(Chart), asked.chart_id))
    if asked.person:
        found = found.filter(record__people__contains=[asked.person])
    if asked.before is not None:
        last = scope.one(over, asked.before)
        earlier = Q(ended_at__lt=last.ended_at) | Q(ended_at=last.ended_at, pk__lt=last.pk)
        found = found.filter(earlier)
    return found


def _line(mix: Mix, member: Membership) -> MixLine:
    record = None if mix.record is None else document_of(MixRecordDocument, mix.record)
    ec = ph = volume = None
    if record is not None:
        volume = Volume(record.litres).shown(member.tank_unit)
        ec = None if record.ec is None else Reading(record.ec).shown(member.meter)
        ph = None if record.ph is None else f"{float(record.ph):.1f}"
    return MixLine(
        id=mix.pk,
        tank=mix.tank_id,
        tank_name=mix.tank.name,
        chart_name=mix.version.chart.name,
        version_id=mix.version_id,
        label=mix.label,
        column=mix.column,
        towards=mix.towards,
        towards_share="" if mix.towards_share is None else percent_shown(_share(mix.towards_share)),
        strength=percent_shown(_share(mix.strength)),
        ended_at=mix.ended_at or mix.started_at,
        is_given_up=record is None,
        people=[] if record is None else list(record.people),
        volume=volume,
        ec=ec,
        ph=ph,
    )


def _share(kept: Decimal) -> Fraction:
    return Fraction(str(kept))
