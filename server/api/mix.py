"""The recompute request: what was typed in, the pour sheet and its drawing out."""

from fractions import Fraction
from typing import Annotated, Literal

from django.http import HttpRequest
from ninja import Field, Router, Schema

from core.climb import Band, Climb, draw_climb
from core.formats import PourSheetDocument
from core.mix import MixRequest, PourSheet, plan_mix
from core.order_rules import CalmagPlace, Customs, LivePlace, SilicaPlace
from core.quantities import (
    ReadingRange,
    ReadingScale,
    Spoons,
    VolumeUnit,
    number_text,
    parse_reading,
    parse_strength,
    parse_volume,
)
from core.strength import End, Override
from core.water import School
from server.api.shapes import ErrorOut
from server.api.typed import typed
from server.charts.models import ChartVersion
from server.charts.store import read_chart
from server.grows.scope import Scope
from server.tanks.models import Tank, WaterSource

router = Router(tags=["mix"])
Typed = Annotated[str, Field(max_length=60)]


class OverrideIn(Schema):
    """What is wanted otherwise for one product."""

    product: Typed
    strength: Typed


class MixIn(Schema):
    """A mix as typed; an empty `reading` means that the water was not read."""

    tank: int
    water: int
    chart: int
    column: Typed
    volume: Typed
    strength: Typed
    reading: Typed = ""
    end: End = End.MIDDLE
    school: School | None = None
    overrides: Annotated[list[OverrideIn], Field(max_length=60)] = []
    calmag: CalmagPlace = CalmagPlace.BEFORE_BASE
    silica: SilicaPlace = SilicaPlace.AFTER_BUFFER
    live: LivePlace = LivePlace.LAST


class RiserOut(Schema):
    """One pour in the drawing; `level` in the person's unit, `shown` as the pen shows it."""

    place: int
    minute: int
    wait_min: int
    level: float | None
    shown: str | None


class BandOut(Schema):
    """The target band."""

    low: float
    high: float
    shown: str


class ClimbOut(Schema):
    """The mix as readings over minutes; `relative` if they count from unread water up."""

    unit: str
    relative: bool
    floor: float
    floor_shown: str
    risers: list[RiserOut]
    minutes: int
    target: BandOut | None
    end: float | None
    end_shown: str | None
    read_at: int


class SchoolOut(Schema):
    """The target by each school, as the pen shows it."""

    followed: Literal["on_top", "all_in", "doses_only"]
    on_top: str | None
    all_in: str | None


class MixOut(Schema):
    """The pour sheet, how to draw it, and what was understood of the typed volume."""

    sheet: PourSheetDocument
    climb: ClimbOut
    schools: SchoolOut
    litres: str


def _override(told: OverrideIn) -> Override:
    strength = typed(f"overrides.{told.product}", lambda: parse_strength(told.strength))
    return Override(told.product, strength)


def _request(scope: Scope, told: MixIn) -> MixRequest:
    """What was typed, as core reckons with it; every object is looked up within the grow."""
    member = scope.membership
    tank = scope.one(scope.all(Tank).select_related("water"), told.tank)
    water = (
        tank.water if told.water == tank.water_id else scope.one(scope.all(WaterSource), told.water)
    )
    version = scope.one(scope.all(ChartVersion), told.chart)
    reading = None
    if told.reading.strip():
        reading = typed("reading", lambda: parse_reading(told.reading, preferred=member.meter))
    return MixRequest(
        chart=read_chart(version.pk),
        column=told.column,
        volume=typed(
            "volume",
            lambda: parse_volume(
                told.volume, gallon=member.meant, unit=VolumeUnit(member.volume_unit)
            ),
        ),
        strength=typed("strength", lambda: parse_strength(told.strength)),
        end=told.end,
        school=told.school,
        spoons=Spoons(member.spoons),
        water=water.as_water(reading),
        overrides=tuple(_override(one) for one in told.overrides),
        grown_in=tank.medium,
        customs=Customs(told.calmag, told.silica, told.live),
        meter=member.meter,
    )


def _band_words(band: ReadingRange | None, meter: ReadingScale) -> str | None:
    if band is None:
        return None
    low, high = band.low.shown(meter), band.high.shown(meter)
    return low if low == high else f"{low} to {high}"


def _shown(level: Fraction | None, meter: ReadingScale) -> str | None:
    return None if level is None else number_text(level, meter.places)


def _climb(climb: Climb, sheet: PourSheet) -> ClimbOut:
    meter, band = climb.scale, climb.target
    return ClimbOut(
        unit=meter.words,
        relative=climb.relative,
        floor=float(climb.floor),
        floor_shown=number_text(climb.floor, meter.places),
        risers=[
            RiserOut(
                place=riser.place,
                minute=riser.minute,
                wait_min=riser.wait_min,
                level=_number(riser.level),
                shown=_shown(riser.level, meter),
            )
            for riser in climb.risers
        ],
        minutes=climb.minutes,
        target=_band(band, _band_words(sheet.aim.target, meter) or "") if band else None,
        end=_number(climb.end),
        end_shown=_shown(climb.end, meter),
        read_at=climb.read_at,
    )


def _band(band: Band, shown: str) -> BandOut:
    return BandOut(low=float(band.low), high=float(band.high), shown=shown)


def _number(level: Fraction | None) -> float | None:
    """For drawing only; what is acted on stays decimal text."""
    return None if level is None else float(level)


@router.post(
    "/grows/{grow_id}/mix",
    response={200: MixOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="plan_mix",
)
def plan(request: HttpRequest, grow_id: int, told: MixIn) -> MixOut:
    """Compute a mix; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    asked = _request(scope, told)
    sheet, meter = plan_mix(asked), scope.membership.meter
    return MixOut(
        sheet=PourSheetDocument.of(sheet),
        climb=_climb(draw_climb(sheet, meter), sheet),
        schools=SchoolOut(
            followed=sheet.aim.school.value,
            on_top=_band_words(sheet.aim.on_top, meter),
            all_in=_band_words(sheet.aim.all_in, meter),
        ),
        litres=number_text(sheet.volume.litres, 1).removesuffix(".0"),
    )
