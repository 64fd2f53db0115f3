"""Columns by key, strengths as numbers, and plans in the words of version 2; and back."""

from decimal import Decimal

from django.db import migrations

from core.errors import InputError
from core.quantities import number_text, parse_strength

_POUR = {"until": "stop_at_rise", "rise": "ec_rise"}


def _renamed(fields, names):
    return {names.get(name, name): value for name, value in fields.items()}


def _plan_2(plan):
    pours = [_renamed(pour, _POUR) | {"brings": None} for pour in plan["pours"]]
    vessels = [_renamed(one, {"vessel": "kind"}) for one in plan["bench"]]
    rest = {name: value for name, value in plan.items() if name != "bench"}
    # What version 1 left out where it was as usual.
    usual = {"total": None, "reported": False, "acid_need": None, "ph_expected": None,
             "phosphate": None, "alkali": None}
    return usual | rest | {"version": 2, "pours": pours, "vessels": vessels}


def _plan_1(plan):
    back = {new: old for old, new in _POUR.items()}
    pours = [
        {name: value for name, value in _renamed(pour, back).items() if name != "brings"}
        for pour in plan["pours"]
    ]
    bench = [_renamed(one, {"kind": "vessel"}) for one in plan["vessels"]]
    rest = {name: value for name, value in plan.items() if name != "vessels"}
    return rest | {"version": 1, "pours": pours, "bench": bench}


def _share(typed):
    try:
        share = parse_strength(typed)
    except InputError:
        return Decimal(1)
    return Decimal(number_text(share, 8))


def _keys(mix):
    """The columns that a label names: one, or two with the way between them."""
    columns = {
        one.get("label") or one["key"]: one["key"] for one in mix.version.document["columns"]
    }
    if mix.label in columns:
        return columns[mix.label], ""
    for first, key in columns.items():
        rest = mix.label.removeprefix(f"{first} to ")
        if rest != mix.label and rest in columns:
            return key, columns[rest]
    return "", ""


def _keep_what_was_learned(apps):
    """What acid showed of a tank's water in its last mix goes onto the tank's time line."""
    mixes = apps.get_model("mixes", "Mix").objects.filter(record__isnull=False)
    entries = apps.get_model("tanks", "TimeLineEntry").objects.filter(kind="mix", source="earlier")
    for entry in entries:
        last = mixes.filter(tank_id=entry.tank_id).order_by("-started_at").first()
        learned = last and last.record.get("alkalinity_meq")
        if learned is not None:
            told = {"alkalinity": {"value": learned, "unit": "meq/L"}}
            entries.filter(pk=entry.pk).update(values=entry.values | told, mix=last.pk)


def onward(apps, schema_editor):
    mixes = apps.get_model("mixes", "Mix").objects
    for mix in mixes.select_related("version"):
        column, towards = _keys(mix)
        mixes.filter(pk=mix.pk).update(
            column=column, towards=towards, strength=_share(mix.strength_typed),
            plan=_plan_2(mix.plan),
        )
    _keep_what_was_learned(apps)


def back(apps, schema_editor):
    mixes = apps.get_model("mixes", "Mix").objects
    for mix in mixes.all():
        text = format((mix.strength * 100).normalize(), "f")
        mixes.filter(pk=mix.pk).update(strength_typed=f"{text} %", plan=_plan_1(mix.plan))


class Migration(migrations.Migration):
    dependencies = [("mixes", "0003_column_by_key"), ("tanks", "0005_onto_the_time_line")]
    operations = [migrations.RunPython(onward, back)]
