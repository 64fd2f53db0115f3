

from decimal import Decimal
from django.db import migrations, models


class Migration(migrations.Migration):

    dependencies = [
        ('charts', '0007_document_alone'),
        ('grows', '0004_stamp'),
        ('tanks', '0005_onto_the_time_line'),
    ]

    operations = [
        migrations.AlterModelOptions(
            name='watersource',
            options={'base_manager_name': 'objects', 'ordering': ['pk']},
        ),
        migrations.RemoveConstraint(
            model_name='tank',
            name='tank_strength_in_range',
        ),
        migrations.RemoveConstraint(
            model_name='watersource',
            name='water_ec_in_range',
        ),
        migrations.RemoveConstraint(
            model_name='watersource',
            name='water_ph_in_range',
        ),
        migrations.RemoveConstraint(
            model_name='watersource',
            name='water_temperature_in_range',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='change_out_at',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='last_ec',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='last_ph',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='look_again_at',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='mixed_at',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='strength_percent',
        ),
        migrations.RemoveField(
            model_name='tank',
            name='use_by_at',
        ),
        migrations.RemoveField(
            model_name='watersource',
            name='ec',
        ),
        migrations.RemoveField(
            model_name='watersource',
            name='ph',
        ),
        migrations.RemoveField(
            model_name='watersource',
            name='temperature',
        ),
        migrations.AlterField(
            model_name='tank',
            name='strength',
            field=models.DecimalField(decimal_places=8, default=Decimal('0.5'), max_digits=9, verbose_name='share of the printed doses'),
        ),
        migrations.AddConstraint(
            model_name='tank',
            constraint=models.CheckConstraint(condition=models.Q(('strength__gt', 0), ('strength__lte', 2)), name='tank_strength_in_range'),
        ),
    ]
