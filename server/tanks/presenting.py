"""Tanks and waters as answers: exact figures, and beside them how this person is shown them."""

from collections.abc import Mapping
from datetime import date, datetime
from decimal import Decimal
from fractions import Fraction

from django.utils import timezone
from ninja import Schema
from pydantic import ConfigDict

from core.chart.growing import Crop, System
from core.chemistry.lab_report import WaterIs, ion_balance, is_balanced, water_is
from core.quantities import (
    Reading,
    Volume,
    decimal_text,
    degrees_text,
    figure,
    number_text,
)
from core.tending.due import Due, due_of
from core.water import REPORT_FIELDS, Disinfectant, Treatment, WaterKind
from server.api.ids import ChartId
from server.grows.calendar import day_of
from server.grows.figures import Figure, ec_figure, litres_figure, percent_figure, percent_shown
from server.grows.models import Membership
from server.grows.scope import Scope
from server.tanks.fields import TankFields, fields_of
from server.tanks.models import Tank, WaterSource
from server.tanks.timeline import LastMix


class WaterFindingOut(Schema):
    """What a water is, the figure that says so, and what it is held against; both in mg/L."""

    what: WaterIs
    shown: str
    threshold: str


class WaterOut(Schema):
    """A water source; `reading` as this person's pen shows it, `ec` as it is kept.

    `ec`, `ph` and `temperature` are None or empty if never read, the last a bare number in the
    person's unit, and in °C as it is kept in `celsius`. The figures of its lab report are
    ppm as text, empty where nobody has measured. `findings` are what the report makes of it;
    `balance_shown` is by how much its cations outweigh its anions, `balance_off` whether that is to
    be doubted.
    """

    id: int
    name: str
    kind: WaterKind
    reading: str | None
    ec: Figure | None
    ph: str
    temperature: str
    celsius: str
    disinfectant: Disinfectant | None
    treated_by: Treatment | None
    report: dict[str, str]
    reported_on: date | None
    note: str
    findings: list[WaterFindingOut]
    balance_shown: str | None
    balance_off: bool


class UsualOut(Schema):
    """What a tank is usually fed with, and how it is grown."""

    chart_id: ChartId | None
    column: str
    held: bool
    strength: Figure
    strength_shown: str
    system_kind: System | None
    crop_kind: Crop | None


class TankOut(UsualOut, TankFields):
    """A tank, with what is usually fed from it.

    `volume` and `strength_shown` are as this person would type them, `litres` and `strength` as
    they are kept. `due` is what it asks for by its last mix; the days are the grow's.
    """

    model_config = ConfigDict(json_schema_serialization_defaults_required=True)

    id: int
    name: str
    system: str
    volume: str
    litres: Figure
    standing: str | None
    is_drawn: bool
    width_cm: int
    height_cm: int
    water: int
    mix: int | None
    last_ec: str | None
    last_ph: str | None
    mixed_at: datetime | None
    due: Due | None
    look_again_on: date | None
    use_by_on: date | None
    change_out_on: date | None


def water_out(water: WaterSource, member: Membership) -> WaterOut:
    """A water, in the units of a member."""
    meter = member.meter
    celsius = water.last("temperature")
    report = water.lab_report
    balance = ion_balance(report)
    off = number_text(abs(balance or Fraction(0)) * 100, 1)
    return WaterOut(
        id=water.pk,
        name=water.name,
        kind=WaterKind(water.kind),
        reading=water.reading.shown(meter) if water.reading else None,
        ec=ec_figure(water.reading),
        ph=_exact_text(water.last("ph")),
        temperature="" if celsius is None else degrees_text(celsius, member.degrees),
        celsius=_exact_text(celsius),
        disinfectant=Disinfectant(water.disinfectant) if water.disinfectant else None,
        treated_by=Treatment(water.treated_by) if water.treated_by else None,
        report={name: _exact_text(_exact(getattr(water, f"{name}_ppm"))) for name in REPORT_FIELDS},
        reported_on=water.reported_on,
        note=water.note,
        findings=[
            WaterFindingOut(
                what=one.what,
                shown=number_text(one.figure, 0),
                threshold=number_text(one.threshold, 0),
            )
            for one in water_is(report)
        ],
        balance_shown=None if balance is None else f"{'−' if balance < 0 else '+'}{off} %",
        balance_off=balance is not None and not is_balanced(balance),
    )


def _exact(value: Decimal | None) -> Fraction | None:
    return None if value is None else figure(value)


def _exact_text(value: Fraction | None) -> str:
    return "" if value is None else decimal_text(value)


def usual_out(tank: Tank) -> UsualOut:
    """What a tank is usually fed with."""
    strength = figure(tank.strength)
    return UsualOut(
        chart_id=tank.chart_id,
        column=tank.column,
        held=tank.held,
        strength=percent_figure(strength),
        strength_shown=percent_shown(strength),
        system_kind=System(tank.system_kind) if tank.system_kind else None,
        crop_kind=Crop(tank.crop_kind) if tank.crop_kind else None,
    )


def tank_out(
    scope: Scope, tank: Tank, *, mixes: Mapping[int, int], last: Mapping[int, LastMix]
) -> TankOut:
    """A tank.

    Args:
        scope: who asks.
        tank: the tank, `with_readings`.
        mixes: the number of the mix that is under way, by tank.
        last: the last mix of each.
    """
    meter, unit = scope.membership.meter, scope.membership.tank_unit
    before = last.get(tank.pk)
    ec, ph = (getattr(tank, f"last_{what}") for what in ("ec", "ph"))
    return TankOut(
        **usual_out(tank).model_dump() | fields_of(tank),
        id=tank.pk,
        name=tank.name,
        system=tank.system,
        volume=Volume(figure(tank.litres)).shown(unit),
        litres=litres_figure(figure(tank.litres)),
        standing=Volume(figure(tank.standing)).shown(unit) if tank.standing else None,
        is_drawn=tank.joined is not None,
        width_cm=tank.width_cm,
        height_cm=tank.height_cm,
        water=tank.water_id,
        mix=mixes.get(tank.pk),
        last_ec=None if ec is None else Reading(figure(ec)).shown(meter),
        last_ph=None if ph is None else number_text(figure(ph), 1),
        mixed_at=before.mixed_at if before else None,
        due=due_by(before),
        look_again_on=_day(scope, before, "look_again"),
        use_by_on=_day(scope, before, "use_by"),
        change_out_on=_day(scope, before, "change_out"),
    )


def due_by(before: LastMix | None) -> Due | None:
    """What a tank asks for by its last mix, by now."""
    if before is None or not {"look_again", "use_by", "change_out"} <= set(before.values):
        return None
    since = Fraction((timezone.now() - before.mixed_at).total_seconds()) / 3600
    told = before.values
    return due_of(
        since,
        look_again_h=told["look_again"],
        change_out_days=told["change_out"],
        use_by_days=told["use_by"],
    )


def _day(scope: Scope, before: LastMix | None, what: str) -> date | None:
    if before is None or what not in before.values:
        return None
    value = before.values[what]
    hours, days = (float(value), 0) if what == "look_again" else (0.0, int(value))
    return day_of(scope.grow, before.mixed_at, days=days, hours=hours)
