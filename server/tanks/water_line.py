"""What waters read over time, and the question that a reading far from the others asks."""

from datetime import date, datetime, timedelta
from fractions import Fraction
from typing import Literal

from django.db import transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Router, Schema
from pydantic import BaseModel

from core.errors import InputError
from core.quantities import Reading, ReadingScale, figure, number_text
from core.water.history import is_far, usual_reading
from server.api.shapes import ErrorOut
from server.grows.calendar import day_of
from server.grows.scope import Scope
from server.grows.stamped import touch
from server.tanks.models import TimeLineEntry, WaterSource
from server.tanks.timeline import standing

router = Router(tags=["waters"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
YEARS_SHOWN = 2
_MOST_POINTS = 400
CHANGED = "the water has changed"
PEN_OFF = "the pen was off"


class WaterPoint(BaseModel):
    """One reading; `ms_cm` is where it is drawn, `days_ago` how far back."""

    on: date
    days_ago: int
    ms_cm: float
    shown: str
    ph_shown: str | None
    far: bool


class FarReading(BaseModel):
    """The last reading, far from what was usual before; `entry` is what the answer is about."""

    entry: int
    shown: str
    usual_shown: str


class WaterLineOut(BaseModel):
    """A water over time, the newest last, and how long ago its lab report was made."""

    water: int
    points: list[WaterPoint]
    report_days_ago: int | None
    far: FarReading | None


class FarIn(Schema):
    """What a reading that is far from the others comes from."""

    entry: int
    because: Literal["water_changed", "pen_off"]


@router.get(
    "/grows/{grow_id}/water-lines",
    response={200: list[WaterLineOut], 404: ErrorOut},
    operation_id="water_lines",
)
def water_lines(request: HttpRequest, grow_id: int) -> list[WaterLineOut]:
    """What every water of a grow has read in the last years."""
    scope = Scope.enter(request.user, grow_id)
    return _lines(scope, list(scope.all(WaterSource)))


@router.post(
    "/grows/{grow_id}/waters/{water_id}/far-reading",
    response={200: WaterLineOut, **_ANSWERS},
    operation_id="explain_far_reading",
)
@transaction.atomic
def explain(request: HttpRequest, grow_id: int, water_id: int, body: FarIn) -> WaterLineOut:
    """Tell why a reading is far off: the water has changed, or the pen was off.

    Where the water has changed, what it read before no longer counts. Where the pen was off, nobody
    knows what the water reads until it is read again.
    """
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    water = scope.one(scope.all(WaterSource), water_id)
    [line] = _lines(scope, [water])
    if line.far is None or line.far.entry != body.entry:
        raise InputError("not_far", "entry")
    entry = scope.one(scope.all(TimeLineEntry), body.entry)
    told_by = {"grow": scope.grow, "water": water, "by_id": scope.membership.person_id}
    if body.because == "pen_off":
        values = {**entry.values, "ec": None}
        TimeLineEntry.objects.create(
            kind=entry.kind, at=entry.at, values=values, note=PEN_OFF, corrects=entry, **told_by
        )
    else:
        just_before = entry.at - timedelta(microseconds=1)
        TimeLineEntry.objects.create(
            kind=TimeLineEntry.Kind.REMARK, at=just_before, note=CHANGED, **told_by
        )
    touch([scope.grow.pk])
    return _lines(scope, [water])[0]


def _lines(scope: Scope, waters: list[WaterSource]) -> list[WaterLineOut]:
    now = timezone.now()
    since = now - timedelta(days=366 * YEARS_SHOWN)
    rows = (
        standing(scope.all(TimeLineEntry))
        .filter(water__in=waters, at__gte=since)
        .order_by("at", "pk")
        .values_list("pk", "water", "at", "values", "note")
    )
    told: dict[int, list[tuple[int, datetime, dict[str, dict[str, str] | None], str]]] = {}
    for pk, water, at, values, note in rows:
        told.setdefault(water or 0, []).append((pk, at, values, note))
    return [_line(scope, water, told.get(water.pk, []), now) for water in waters]


def _line(
    scope: Scope,
    water: WaterSource,
    told: list[tuple[int, datetime, dict[str, dict[str, str] | None], str]],
    now: datetime,
) -> WaterLineOut:
    today, meter = day_of(scope.grow, now), scope.membership.meter
    points, before, far = list[WaterPoint](), list[Fraction](), None
    for pk, at, values, note in told:
        if note == CHANGED:
            before = []
        if not (ec := values.get("ec")):
            if "ec" in values:
                far = None  # nobody knows what it reads
            continue
        read, on, ph = Reading(figure(ec["value"])), day_of(scope.grow, at), values.get("ph")
        is_off = is_far(before, read.ms_cm)
        far = _far(pk, read, before, meter) if is_off else None
        before.append(read.ms_cm)
        points.append(
            WaterPoint(
                on=on, days_ago=(today - on).days, ms_cm=float(read.ms_cm), shown=read.shown(meter),
                ph_shown=number_text(figure(ph["value"]), 2) if ph else None, far=is_off,
            )
        )  # fmt: skip
    reported = water.reported_on
    return WaterLineOut(
        water=water.pk,
        points=points[-_MOST_POINTS:],
        report_days_ago=None if reported is None else (today - reported).days,
        far=far,
    )


def _far(entry: int, read: Reading, before: list[Fraction], meter: ReadingScale) -> FarReading:
    usual = Reading(usual_reading(before) or Fraction(0))
    return FarReading(entry=entry, shown=read.shown(meter), usual_shown=usual.shown(meter))
