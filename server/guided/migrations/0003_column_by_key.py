from django.db import migrations, models


class Migration(migrations.Migration):
    dependencies = [
        ("mixes", "0002_mixevent_clock_off_mixevent_told_by"),
        ("charts", "0007_document_alone"),
    ]

    operations = [
        migrations.RenameField("mix", "column", "label"),
        migrations.AlterField(
            "mix", "label",
            models.CharField("what the column is called, or the way between two", max_length=260),
        ),
        migrations.AddField(
            "mix", "column",
            models.CharField("key of the column", max_length=60, blank=True, default=""),
            preserve_default=False,
        ),
        migrations.AddField(
            "mix", "towards",
            models.CharField(
                "key of the one it goes towards", max_length=60, blank=True, default=""
            ),
            preserve_default=False,
        ),
        migrations.AddField(
            "mix", "towards_share",
            models.DecimalField(
                "how far, from 0 to 1", max_digits=9, decimal_places=8, null=True, blank=True
            ),
        ),
        migrations.RenameField("mix", "strength", "strength_typed"),
        migrations.AddField(
            "mix", "strength",
            models.DecimalField(
                "share of the printed doses", max_digits=9, decimal_places=8, default=1
            ),
            preserve_default=False,
        ),
    ]
