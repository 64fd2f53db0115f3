"""Names that came with an archive made accounts; they become names alone."""

from django.db import migrations

_AUTHORED = [
    ("changes", "ChangeEntry", ["by"]),
    ("mixes", "MixEvent", ["by", "told_by"]),
    ("seasons", "SeasonEntry", ["by"]),
    ("shelf", "CalibrationEntry", ["by"]),
    ("shelf", "StockEntry", ["by"]),
    ("tanks", "TimeLineEntry", ["by"]),
]


def make_names(apps, _schema_editor):
    users = apps.get_model("auth", "User")
    # Such an account never had a password that works, and nobody was ever let in by it.
    made = users.objects.filter(
        is_active=False, last_login=None, password__startswith="!", memberships=None
    )
    for person in made:
        for app, name, fields in _AUTHORED:
            records = apps.get_model(app, name)._base_manager
            for by in fields:
                found = records.filter(**{by: person.pk})
                found.update(**{f"{by}_name": person.username})
                found.update(**{by: None})
        person.delete()


class Migration(migrations.Migration):
    dependencies = [
        ("grows", "0009_night"),
        ("changes", "0002_who_did_it"),
        ("mixes", "0007_who_did_it"),
        ("seasons", "0003_who_did_it"),
        ("shelf", "0008_who_did_it"),
        ("tanks", "0013_who_did_it"),
    ]

    operations = [migrations.RunPython(make_names, migrations.RunPython.noop, elidable=True)]
