from django.db import migrations, models


class Migration(migrations.Migration):
    dependencies = [("charts", "0004_product_short")]

    operations = [
        migrations.AddField("chartversion", "document", models.JSONField(null=True)),
        migrations.AddField("chartversion", "products", models.JSONField(default=dict)),
    ]
