"""What a grow has: tanks, waters and charts, for the first look."""

from datetime import date, datetime
from decimal import Decimal

from django.http import HttpRequest
from ninja import Router, Schema

from core.chart import Medium, Readings
from core.growing import Crop, System
from core.order_rules import CalmagPlace, LivePlace, RowsPlace, SilicaPlace
from core.quantities import (
    Reading,
    ReadingScale,
    ReadingUnit,
    Spoons,
    Volume,
    VolumeUnit,
    decimal_text,
    figure,
    number_text,
)
from core.water import REPORT_FIELDS, Disinfectant, WaterKind
from server.api.shapes import ErrorOut
from server.charts.models import ChartVersion
from server.grows.models import Membership
from server.grows.scope import Scope
from server.mixes.models import Mix
from server.tanks.models import Tank, WaterSource

router = Router(tags=["quay"])


class UnitsOut(Schema):
    """The units this person reads and pours in."""

    volume: VolumeUnit
    gallon: str
    reading: ReadingUnit
    ppm_scale: int | None
    reading_words: str
    spoons: Spoons


class WaterOut(Schema):
    """A water source; `reading` as this person's pen shows it, None if never read.

    The figures of its lab report are ppm as text, empty where nobody has measured.
    """

    id: int
    name: str
    kind: WaterKind
    reading: str | None
    ph: str
    temperature: str
    disinfectant: Disinfectant | None
    report: dict[str, str]
    reported_on: date | None
    note: str


class TankOut(Schema):
    """A tank, with what is usually fed from it; `volume` as this person would type it."""

    id: int
    name: str
    crop: str
    system: str
    grown_in: Medium
    volume: str
    width_cm: int
    height_cm: int
    water: int
    system_kind: System | None
    crop_kind: Crop | None
    chart: int | None
    column: str
    held: bool
    mix: int | None
    strength_percent: int
    last_ec: str | None
    last_ph: str | None
    mixed_at: datetime | None
    look_again_at: datetime | None
    use_by_at: datetime | None
    change_out_at: datetime | None


class ColumnOut(Schema):
    """A week or stage of a chart."""

    key: str
    label: str
    stage: str


class RowOut(Schema):
    """A product of a chart, with the two letters on its label."""

    key: str
    name: str
    tag: str


class ChartOut(Schema):
    """A chart in its newest version, whose number is `id`; `chart` is the same for all versions."""

    id: int
    chart: int
    version: int
    name: str
    maker: str
    medium: Medium
    readings: Readings
    rows_are_order: bool
    columns: list[ColumnOut]
    rows: list[RowOut]


class CustomsOut(Schema):
    """The schools of mixing order that this grow follows."""

    calmag: CalmagPlace
    silica: SilicaPlace
    live: LivePlace
    rows: RowsPlace


class QuayOut(Schema):
    """Everything from which a mix can be chosen; `ranges` are the grow's own, ppm as text."""

    id: int
    name: str
    person: str
    time_zone: str
    units: UnitsOut
    customs: CustomsOut
    ranges: dict[str, dict[str, str]]
    tanks: list[TankOut]
    waters: list[WaterOut]
    charts: list[ChartOut]


def _units(membership: Membership) -> UnitsOut:
    return UnitsOut(
        volume=membership.tank_unit,
        gallon=membership.gallon,
        reading=ReadingUnit(membership.reading_unit),
        ppm_scale=membership.ppm_scale,
        reading_words=membership.meter.words,
        spoons=Spoons(membership.spoons),
    )


def _water(water: WaterSource, meter: ReadingScale) -> WaterOut:
    return WaterOut(
        id=water.pk,
        name=water.name,
        kind=WaterKind(water.kind),
        reading=water.reading.shown(meter) if water.reading else None,
        ph=_text(water.ph),
        temperature=_text(water.temperature),
        disinfectant=Disinfectant(water.disinfectant) if water.disinfectant else None,
        report={name: _text(getattr(water, f"{name}_ppm")) for name in REPORT_FIELDS},
        reported_on=water.reported_on,
        note=water.note,
    )


def _text(value: Decimal | None) -> str:
    return "" if value is None else decimal_text(figure(value))


def _tank(tank: Tank, unit: VolumeUnit, meter: ReadingScale, mixes: dict[int, int]) -> TankOut:
    return TankOut(
        id=tank.pk,
        name=tank.name,
        crop=tank.crop,
        system=tank.system,
        grown_in=Medium(tank.grown_in),
        volume=Volume(figure(tank.litres)).shown(unit),
        width_cm=tank.width_cm,
        height_cm=tank.height_cm,
        water=tank.water_id,
        system_kind=System(tank.system_kind) if tank.system_kind else None,
        crop_kind=Crop(tank.crop_kind) if tank.crop_kind else None,
        held=tank.held,
        mix=mixes.get(tank.pk),
        chart=tank.chart_id,
        column=tank.column,
        strength_percent=tank.strength_percent,
        last_ec=None if tank.last_ec is None else Reading(figure(tank.last_ec)).shown(meter),
        last_ph=None if tank.last_ph is None else number_text(figure(tank.last_ph), 1),
        mixed_at=tank.mixed_at,
        look_again_at=tank.look_again_at,
        use_by_at=tank.use_by_at,
        change_out_at=tank.change_out_at,
    )


def _chart(version: ChartVersion) -> ChartOut:
    return ChartOut(
        id=version.pk,
        chart=version.chart_id,
        version=version.number,
        name=version.chart.name,
        maker=version.chart.maker,
        medium=Medium(version.medium),
        readings=Readings(version.readings),
        rows_are_order=version.rows_are_order,
        columns=[
            ColumnOut(key=column.key, label=column.label, stage=column.stage)
            for column in version.columns.all()
        ],
        rows=[
            RowOut(key=row.key, name=row.product.name, tag=row.product.tag)
            for row in version.rows.all()
        ],
    )


@router.get("/grows/{grow_id}/quay", response={200: QuayOut, 404: ErrorOut}, operation_id="quay")
def quay(request: HttpRequest, grow_id: int) -> QuayOut:
    """Tanks, waters and newest charts of a grow."""
    scope = Scope.enter(request.user, grow_id)
    versions = (
        scope.all(ChartVersion)
        .order_by("chart_id", "-number")
        .distinct("chart_id")
        .select_related("chart")
        .prefetch_related("columns", "rows__product")
    )
    mixes = dict(scope.all(Mix).filter(ended_at=None).values_list("tank_id", "pk"))
    unit = scope.membership.tank_unit
    return QuayOut(
        id=scope.grow.pk,
        name=scope.grow.name,
        person=request.user.get_username(),
        time_zone=scope.grow.time_zone,
        units=_units(scope.membership),
        customs=CustomsOut.model_validate(scope.grow.customs, from_attributes=True),
        ranges=scope.grow.ranges,
        tanks=[_tank(tank, unit, scope.membership.meter, mixes) for tank in scope.all(Tank)],
        waters=[_water(water, scope.membership.meter) for water in scope.all(WaterSource)],
        charts=[_chart(version) for version in versions],
    )
