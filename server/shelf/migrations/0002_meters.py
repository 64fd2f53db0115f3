"""Meters; the pen of the demo becomes one."""

import django.db.models.deletion
from django.db import migrations, models


def connect_the_demos_pen(apps, schema_editor):
    meters = apps.get_model("shelf", "Meter").objects
    for grow in apps.get_model("grows", "Grow").objects.filter(is_demo=True):
        meters.create(grow=grow, name="Bench pen", connection="simulated")


class Migration(migrations.Migration):
    dependencies = [("shelf", "0001_products_and_vessels")]

    operations = [
        migrations.CreateModel(
            name='Meter',
            fields=[
                ('id', models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name='ID')),
                ('name', models.CharField(max_length=60)),
                ('connection', models.CharField(choices=[('simulated', 'simulated')], max_length=12)),
                ('grow', models.ForeignKey(on_delete=django.db.models.deletion.CASCADE, related_name='+', to='grows.grow')),
            ],
            options={
                'ordering': ['pk'],
                'constraints': [models.UniqueConstraint(fields=('grow', 'name'), name='meter_name_once'), models.CheckConstraint(condition=models.Q(('connection__in', ['simulated'])), name='meter_connection_known')],
            },
        ),
        migrations.RunPython(connect_the_demos_pen, migrations.RunPython.noop),
    ]
