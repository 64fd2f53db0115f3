"""The daily round: a tank is read and topped up, and each reading is judged at once."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime
from fractions import Fraction
from typing import Annotated

from django.db import transaction
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chart import PhWindow
from core.course import Course, Programme, target_on
from core.errors import InputError
from core.limits import LONGEST_TYPED, LONGEST_WORDS
from core.quantities import Reading, ReadingRange, figure
from core.tending.daily import Said, TankReading, judge_reading
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.grows.figures import TypedFigure, TypedIn, TypedUnits, is_blank
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.seasons.course import course_of
from server.seasons.running import RunningSeason, running_seasons, seasons_of
from server.shelf.calibrations import BesideReading, beside_reading
from server.tanks.models import Tank, TimeLineEntry
from server.tanks.timeline import standing, value_of

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
Typed = Annotated[str, Field(max_length=LONGEST_TYPED)]
_Kind = TimeLineEntry.Kind


class TankReadingIn(Schema):
    """What was read of a tank, and the plain water that went in; what was not is left blank."""

    ec: TypedFigure = ""
    ph: Typed = ""
    temperature: Typed = ""
    topped_up: TypedFigure = ""
    note: Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)] = ""
    typed_in: TypedIn | None = None
    sure: bool = False


class JudgedOut(Schema):
    """What the reading says, the most pressing first; `before_shown` is what was read last.

    `beside` is what calibrations say of it; it is shown, and the reading is kept as it was read.
    """

    said: list[Said]
    ec_shown: str | None
    before_shown: str | None
    target_shown: str | None
    beside: list[BesideReading]
    kept: bool


@router.post(
    "/grows/{grow_id}/tanks/{tank_id}/readings",
    response={201: JudgedOut, 200: JudgedOut, **_ANSWERS},
    operation_id="read_tank",
)
@transaction.atomic
def read_tank(
    request: HttpRequest, grow_id: int, tank_id: int, body: TankReadingIn, once: Once = None
) -> Status[JudgedOut]:
    """Keep what was read of a tank. An odd reading is kept only if the reader is `sure` of it."""
    scope = Scope.enter(request.user, grow_id)
    tank = scope.one(scope.all(Tank).prefetch_related("water"), tank_id)
    now, litres = _read(scope, body)
    if now == TankReading() and litres is None and not body.note.strip():
        raise InputError("missing.ec", "ec")
    before = last_reading(scope, tank)
    aim = aim_today(scope, tank)
    said = judge_reading(
        now, before, target=aim.target, window=aim.window, water=tank.water.reading,
        is_living=aim.is_living,
    )  # fmt: skip
    kept = body.sure or not {Said.EC_ODD, Said.PH_ODD} & set(said)
    if kept and not was_heard(scope, once):
        _keep(scope, tank, now, litres, body.note.strip())
    meter = scope.membership.meter
    out = JudgedOut(
        said=list(said),
        ec_shown=now.ec.shown(meter) if now.ec else None,
        before_shown=before.ec.shown(meter) if before.ec else None,
        target_shown=band_shown(scope, aim.target),
        beside=beside_reading(scope, now.ec, now.ph),
        kept=kept,
    )
    return Status(201 if kept else 200, out)


def _read(scope: Scope, body: TankReadingIn) -> tuple[TankReading, Fraction | None]:
    """What was typed.

    Raises:
        InputError: a figure that is none, or that no tank has.
    """
    units = TypedUnits.of(body.typed_in, scope.membership)
    ph = units.plain("ph", body.ph) if body.ph.strip() else None
    if ph is not None and not 0 < ph <= 14:
        raise InputError("ph_out_of_range.ph", "ph")
    degrees = units.celsius("temperature", body.temperature) if body.temperature.strip() else None
    ec = None if is_blank(body.ec) else units.ec("ec", body.ec)
    litres = None if is_blank(body.topped_up) else units.litres("topped_up", body.topped_up).litres
    return TankReading(ec, ph, degrees), litres


def _keep(scope: Scope, tank: Tank, now: TankReading, litres: Fraction | None, note: str) -> None:
    """Readings and top-ups are entries of their own; a remark without figures, too."""
    at = timezone.now()
    told = {"ec": now.ec.ms_cm if now.ec else None, "ph": now.ph, "temperature": now.temperature}
    values = {what: value_of(what, value) for what, value in told.items() if value is not None}
    if values or litres is None:
        kind = _Kind.READING if values else _Kind.REMARK
        _add(scope, tank, kind, at, values, note)
    if litres is not None:
        _add(scope, tank, _Kind.TOP_UP, at, {"litres": value_of("litres", litres)}, note)


def _add(  # noqa: PLR0917 -- all that an entry holds
    scope: Scope,
    tank: Tank,
    kind: TimeLineEntry.Kind,
    at: datetime,
    values: Mapping[str, Mapping[str, str] | None],
    note: str,
) -> None:
    TimeLineEntry.objects.create(
        grow=scope.grow, tank=tank, kind=kind, values=dict(values), at=at, note=note,
        by_id=scope.membership.person_id,
    )  # fmt: skip


def last_reading(scope: Scope, tank: Tank) -> TankReading:
    """What was read last of a tank since it was filled; a filling's own readings count."""
    entries = (
        standing(scope.all(TimeLineEntry))
        .filter(tank=tank, kind__in=[_Kind.READING, _Kind.MIX, _Kind.CHANGE_OUT])
        .order_by("-at", "-pk")
        .values_list("kind", "values")[:20]
    )
    found: dict[str, Fraction] = {}
    for kind, values in entries:
        if kind == _Kind.CHANGE_OUT:
            break
        for what, value in values.items():
            if value:
                found.setdefault(what, figure(value["value"]))
        if kind == _Kind.MIX:
            break
    return TankReading(
        Reading(found["ec"]) if "ec" in found else None, found.get("ph"), found.get("temperature")
    )


@dataclass(frozen=True, slots=True)
class Aim:
    """What the season of a tank aims at on a day; nothing where none runs."""

    target: ReadingRange | None = None
    window: PhWindow | None = None
    is_living: bool = False


def aim_today(scope: Scope, tank: Tank) -> Aim:
    """What the season of a tank aims at today."""
    running = running_seasons(scope, seasons_of(scope).filter(tank=tank, ended_on=None))
    return aim_of(scope, running[0]) if running else Aim()


def aim_of(scope: Scope, running: RunningSeason) -> Aim:
    """The same for a season that is known."""
    course = course_of(running, scope.grow)
    is_living = course.request.programme is Programme.LIVING
    day = course.request.day(running.today)
    if not 0 <= day <= course.season.last:
        return Aim(is_living=is_living)
    window = course.season.by_day[day].column.ph
    if target := _steered_to(running, course, day):
        return Aim(target, window, is_living)
    planned = target_on(course, day, running.season.tank.water.reading)
    return Aim(planned.reading, window, is_living)


def _steered_to(running: RunningSeason, course: Course, day: int) -> ReadingRange | None:
    """What the mix in the tank was steered to, while the season stands where it was mixed for.

    The bench knows more than the chart: the water as it was read, the school that was chosen, what
    went in whole at any strength.
    """
    mixed, season = running.mixed, course.season
    laid = season.by_day[day]
    if mixed is None or season.blend(day) is not None:
        return None
    same = (
        mixed.column == laid.column.key
        and running.version_of(laid.chart) == mixed.version
        and mixed.strength == season.strength(day)
    )
    return mixed.target if same else None


def band_shown(scope: Scope, band: ReadingRange | None) -> str | None:
    """A target as this person's pen shows it."""
    if band is None:
        return None
    low, high = (end.shown(scope.membership.meter) for end in (band.low, band.high))
    return low if low == high else f"{low} to {high}"
