from django.db import migrations


class Migration(migrations.Migration):
    """Measuring vessels are the shelf's; their table moved there."""

    dependencies = [("vessels", "0001_initial"), ("shelf", "0001_products_and_vessels")]

    operations = [
        migrations.SeparateDatabaseAndState(
            state_operations=[migrations.DeleteModel("BenchVessel")]
        )
    ]
