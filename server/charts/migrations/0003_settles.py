from django.db import migrations, models


def living_feeds_settle(apps, schema_editor):
    """Until now any rule by reading counted as settling; of those the living programmes do."""
    rows = apps.get_model("charts", "ChartRow").objects
    living = rows.filter(role="live").values("version_id")
    by_rule = rows.filter(version_id__in=living, role="base", doses__until_ec__isnull=False)
    rows.filter(pk__in=list(by_rule.values_list("pk", flat=True))).update(settles=True)


class Migration(migrations.Migration):
    dependencies = [("charts", "0002_labels")]

    operations = [
        migrations.AddField(
            model_name="chartrow",
            name="settles",
            field=models.BooleanField(default=False),
        ),
        migrations.RunPython(living_feeds_settle, migrations.RunPython.noop),
    ]
