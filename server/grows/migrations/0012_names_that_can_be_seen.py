"""Names of blanks alone were kept as empty ones, which no list shows and no archive brings back."""

from django.db import migrations

_NAMED = [
    ("tanks", "Tank"), ("tanks", "WaterSource"), ("tanks", "WaterBlend"), ("shelf", "Product"),
    ("shelf", "Meter"),
]  # fmt: skip


def name_them(apps, _schema_editor):
    for app, model in _NAMED:
        records = apps.get_model(app, model)._base_manager
        for number in records.filter(name="").values_list("pk", flat=True):
            records.filter(pk=number).update(name=f"Unnamed {number}")


class Migration(migrations.Migration):
    dependencies = [("grows", "0011_heard_acts")]

    operations = [migrations.RunPython(name_them, migrations.RunPython.noop, elidable=True)]
