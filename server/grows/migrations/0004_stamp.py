from django.db import migrations, models


class Migration(migrations.Migration):
    dependencies = [("grows", "0003_shelf_stamp")]

    operations = [
        migrations.RenameField("grow", "shelf_stamp", "stamp"),
        migrations.AlterField(
            "grow", "stamp",
            models.PositiveBigIntegerField(
                "moves when anything changes on which mixes stand", default=0
            ),
        ),
    ]
