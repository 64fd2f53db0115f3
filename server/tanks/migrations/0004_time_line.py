import django.db.models.deletion
from django.conf import settings
from django.db import migrations, models
from django.db.models import Q


class Migration(migrations.Migration):
    dependencies = [
        ("tanks", "0003_last_mix"),
        ("grows", "0004_stamp"),
        migrations.swappable_dependency(settings.AUTH_USER_MODEL),
    ]

    operations = [
        migrations.CreateModel(
            name="TimeLineEntry",
            fields=[
                ("id", models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name="ID")),
                ("kind", models.CharField(choices=[("reading", "reading"), ("pour", "pour"), ("mix", "mix"), ("top_up", "top-up"), ("change_out", "change-out"), ("remark", "remark")], max_length=12)),
                ("values", models.JSONField(default=dict, verbose_name="by what is told, its value and unit")),
                ("note", models.CharField(blank=True, max_length=120)),
                ("at", models.DateTimeField()),
                ("source", models.CharField(choices=[("hand", "typed by hand"), ("guided", "from a guided mix"), ("earlier", "kept before there was a time line")], default="hand", max_length=10)),
                ("mix", models.PositiveBigIntegerField(blank=True, null=True, verbose_name="number of the guided mix")),
                ("by", models.ForeignKey(blank=True, null=True, on_delete=django.db.models.deletion.SET_NULL, related_name="+", to=settings.AUTH_USER_MODEL)),
                ("corrects", models.OneToOneField(blank=True, null=True, on_delete=django.db.models.deletion.CASCADE, related_name="corrected_by", to="tanks.timelineentry")),
                ("grow", models.ForeignKey(on_delete=django.db.models.deletion.CASCADE, related_name="+", to="grows.grow")),
                ("tank", models.ForeignKey(blank=True, null=True, on_delete=django.db.models.deletion.CASCADE, related_name="entries", to="tanks.tank")),
                ("water", models.ForeignKey(blank=True, null=True, on_delete=django.db.models.deletion.CASCADE, related_name="entries", to="tanks.watersource")),
            ],
            options={
                "ordering": ["at", "pk"],
                "indexes": [
                    models.Index(fields=["tank", "at"], name="entry_of_tank"),
                    models.Index(fields=["tank", "kind", "at"], name="entry_of_tank_by_kind"),
                    models.Index(fields=["water", "at"], name="entry_of_water"),
                    models.Index(fields=["mix"], name="entry_of_mix"),
                ],
                "constraints": [
                    models.CheckConstraint(condition=Q(tank=None, water__isnull=False) | Q(tank__isnull=False, water=None), name="entry_of_one_thing"),
                    models.CheckConstraint(condition=Q(kind__in=["reading", "pour", "mix", "top_up", "change_out", "remark"]), name="entry_kind_known"),
                ],
            },
        ),
        migrations.AddField(
            "tank", "strength",
            models.DecimalField("share of the printed doses", max_digits=9, decimal_places=8, default="0.5"),
        ),
        migrations.AlterField("tank", "litres", models.DecimalField(max_digits=18, decimal_places=9)),
    ]
