from django.db import migrations, models


class Migration(migrations.Migration):
    dependencies = [("mixes", "0004_plans_of_now")]

    operations = [
        # A default, so that the way back can make the column before it fills it.
        migrations.AlterField(
            "mix", "strength_typed", models.CharField("as typed", max_length=60, default="")
        ),
        migrations.RemoveField("mix", "strength_typed"),
    ]
