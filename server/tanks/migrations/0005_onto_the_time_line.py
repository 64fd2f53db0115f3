"""What tanks and waters last read goes onto their time lines, and back."""

from datetime import timedelta
from decimal import Decimal

from django.db import migrations
from django.utils import timezone


def _told(value, unit):
    return {"value": format(value.normalize(), "f"), "unit": unit}


def _read(thing, names):
    units = {"ec": "mS/cm", "ph": "pH", "temperature": "°C"}
    found = {what: getattr(thing, name) for what, name in names.items()}
    return {what: _told(value, units[what]) for what, value in found.items() if value is not None}


def _hours(earlier, later):
    return Decimal(str((later - earlier).total_seconds())) / 3600


def onto_time_lines(apps, schema_editor):
    tanks, waters, entries = (
        apps.get_model("tanks", name).objects for name in ("Tank", "WaterSource", "TimeLineEntry")
    )
    for tank in tanks.all():
        tanks.filter(pk=tank.pk).update(strength=Decimal(tank.strength_percent) / 100)
        values = _read(tank, {"ec": "last_ec", "ph": "last_ph"})
        if tank.mixed_at is None and not values:
            continue
        at = tank.mixed_at or timezone.now()
        for what, moment, unit, per in (
            ("look_again", tank.look_again_at, "h", 1),
            ("use_by", tank.use_by_at, "d", 24),
            ("change_out", tank.change_out_at, "d", 24),
        ):
            if tank.mixed_at and moment:
                values[what] = _told((_hours(at, moment) / per).quantize(Decimal("0.000001")), unit)
        entries.create(
            grow_id=tank.grow_id, tank=tank, kind="mix" if tank.mixed_at else "reading", at=at,
            values=values, source="earlier",
        )
    for water in waters.all():
        values = _read(water, {"ec": "ec", "ph": "ph", "temperature": "temperature"})
        if values:
            entries.create(
                grow_id=water.grow_id, water=water, kind="reading", at=timezone.now(),
                values=values, source="earlier",
            )


def _last(entries, what):
    found = entries.filter(values__has_key=what, corrected_by=None).order_by("-at", "-pk").first()
    told = found and found.values[what]
    return Decimal(told["value"]) if told else None


def off_time_lines(apps, schema_editor):
    tanks, waters, entries = (
        apps.get_model("tanks", name).objects for name in ("Tank", "WaterSource", "TimeLineEntry")
    )
    for tank in tanks.all():
        tank.strength_percent = max(1, round(tank.strength * 100))
        of_tank = entries.filter(tank=tank)
        tank.last_ec, tank.last_ph = _last(of_tank, "ec"), _last(of_tank, "ph")
        mix = of_tank.filter(kind="mix", corrected_by=None).order_by("-at", "-pk").first()
        if mix is not None:
            tank.mixed_at = mix.at
            for what, name, hours in (
                ("look_again", "look_again_at", 1), ("use_by", "use_by_at", 24),
                ("change_out", "change_out_at", 24),
            ):
                if mix.values.get(what):
                    after = Decimal(mix.values[what]["value"]) * hours
                    setattr(tank, name, mix.at + timedelta(hours=float(after)))
        tank.save()
    for water in waters.all():
        of_water = entries.filter(water=water)
        for what in ("ec", "ph", "temperature"):
            setattr(water, what, _last(of_water, what))
        water.save()


class Migration(migrations.Migration):
    dependencies = [("tanks", "0004_time_line")]
    operations = [migrations.RunPython(onto_time_lines, off_time_lines)]
