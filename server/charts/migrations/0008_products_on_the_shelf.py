from django.db import migrations


class Migration(migrations.Migration):
    """Products are the shelf's; their table moved there."""

    dependencies = [("charts", "0007_document_alone"), ("shelf", "0001_products_and_vessels")]

    operations = [
        migrations.SeparateDatabaseAndState(state_operations=[migrations.DeleteModel("Product")])
    ]
