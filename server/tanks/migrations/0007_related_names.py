
import django.db.models.deletion
from django.db import migrations, models


class Migration(migrations.Migration):

    dependencies = [
        ('charts', '0008_products_on_the_shelf'),
        ('tanks', '0006_time_line_alone'),
    ]

    operations = [
        migrations.AlterField(
            model_name='tank',
            name='chart',
            field=models.ForeignKey(blank=True, null=True, on_delete=django.db.models.deletion.SET_NULL, related_name='+', to='charts.chart'),
        ),
        migrations.AlterField(
            model_name='tank',
            name='water',
            field=models.ForeignKey(on_delete=django.db.models.deletion.PROTECT, related_name='+', to='tanks.watersource'),
        ),
    ]
