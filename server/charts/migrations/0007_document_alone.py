from django.db import migrations, models
from django.db.models import Q


class Migration(migrations.Migration):
    dependencies = [("charts", "0006_one_document")]

    operations = [
        migrations.AlterField(
            "chartversion", "document",
            models.JSONField("brisk-measure/feed-chart, as it was written"),
        ),
        migrations.AlterField(
            "chartversion", "products",
            models.JSONField("number of the product by key of the row", default=dict),
        ),
        migrations.AddConstraint(
            "chartversion",
            models.CheckConstraint(
                condition=Q(document__format="brisk-measure/feed-chart"),
                name="version_is_a_feed_chart",
            ),
        ),
        migrations.DeleteModel("ChartDose"),
        migrations.DeleteModel("ChartColumn"),
        migrations.DeleteModel("ChartRow"),
        # A default, so that the way back can make the columns before it fills them.
        migrations.AlterField(
            "chartversion", "medium", models.CharField(max_length=8, default="water")
        ),
        migrations.AlterField(
            "chartversion", "readings", models.CharField(max_length=8, default="added")
        ),
        migrations.RemoveField("chartversion", "medium"),
        migrations.RemoveField("chartversion", "readings"),
        migrations.RemoveField("chartversion", "rows_are_order"),
    ]
