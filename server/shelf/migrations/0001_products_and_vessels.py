"""Products and measuring vessels move here, with their tables as they are."""

import django.db.models.deletion
from django.db import migrations, models


class Migration(migrations.Migration):
    initial = True

    dependencies = [
        ("charts", "0007_document_alone"),
        ("vessels", "0001_initial"),
        ("grows", "0004_stamp"),
    ]

    operations = [
        migrations.SeparateDatabaseAndState(
            database_operations=[
                migrations.RunSQL(
                    "ALTER TABLE charts_product RENAME TO shelf_product",
                    "ALTER TABLE shelf_product RENAME TO charts_product",
                ),
                migrations.RunSQL(
                    "ALTER TABLE vessels_benchvessel RENAME TO shelf_measuringvessel",
                    "ALTER TABLE shelf_measuringvessel RENAME TO vessels_benchvessel",
                ),
            ],
            state_operations=[
        migrations.CreateModel(
            name='MeasuringVessel',
            fields=[
                ('id', models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name='ID')),
                ('kind', models.CharField(choices=[('syringe', 'syringe'), ('cylinder', 'cylinder'), ('jug', 'jug'), ('scale', 'scale')], max_length=10)),
                ('capacity', models.DecimalField(decimal_places=6, max_digits=14)),
                ('mark', models.DecimalField(decimal_places=6, max_digits=14)),
                ('shows', models.CharField(choices=[('g', 'g'), ('lb', 'lb'), ('lb_oz', 'lb_oz')], default='g', max_length=6)),
                ('position', models.PositiveSmallIntegerField(default=0)),
                ('grow', models.ForeignKey(on_delete=django.db.models.deletion.CASCADE, related_name='+', to='grows.grow')),
            ],
            options={
                'ordering': ['position', 'pk'],
                'constraints': [models.CheckConstraint(condition=models.Q(('capacity__gte', models.F('mark')), ('mark__gt', 0)), name='vessel_has_marks'), models.CheckConstraint(condition=models.Q(('kind__in', ['syringe', 'cylinder', 'jug', 'scale'])), name='vessel_kind_known'), models.CheckConstraint(condition=models.Q(('shows__in', ['g', 'lb', 'lb_oz'])), name='vessel_shows_known')],
            },
        ),
        migrations.CreateModel(
            name='Product',
            fields=[
                ('id', models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name='ID')),
                ('maker', models.CharField(blank=True, max_length=60)),
                ('name', models.CharField(max_length=60)),
                ('tag', models.CharField(max_length=2, verbose_name='two letters on the paper label')),
                ('role', models.CharField(choices=[('buffer', 'buffer'), ('silica', 'silica'), ('calmag', 'calmag'), ('base', 'base'), ('magnesium', 'magnesium'), ('additive_alkaline', 'additive_alkaline'), ('enzyme', 'enzyme'), ('additive', 'additive'), ('booster', 'booster'), ('ph_adjuster', 'ph_adjuster'), ('live', 'live')], max_length=20)),
                ('form', models.CharField(choices=[('liquid', 'liquid'), ('dry', 'dry')], default='liquid', max_length=8)),
                ('label', models.JSONField(null=True, verbose_name='what its label says, as the open formats have it')),
                ('left', models.DecimalField(blank=True, decimal_places=3, max_digits=14, null=True, verbose_name='what is left, mL or g')),
                ('short', models.DecimalField(decimal_places=3, max_digits=14, null=True, verbose_name='mL or g that were poured beyond what was left')),
                ('grow', models.ForeignKey(on_delete=django.db.models.deletion.CASCADE, related_name='+', to='grows.grow')),
                ('hard_form_of', models.ForeignKey(blank=True, null=True, on_delete=django.db.models.deletion.SET_NULL, related_name='+', to='shelf.product')),
            ],
            options={
                'ordering': ['pk'],
                'constraints': [models.CheckConstraint(condition=models.Q(('left', None), ('left__gte', 0), _connector='OR'), name='product_left_not_negative'), models.CheckConstraint(condition=models.Q(('hard_form_of', None), models.Q(('hard_form_of', models.F('id')), _negated=True), _connector='OR'), name='product_not_its_own_form'), models.UniqueConstraint(fields=('grow', 'name'), name='product_name_once'), models.UniqueConstraint(fields=('grow', 'tag'), name='product_tag_once'), models.CheckConstraint(condition=models.Q(('role__in', ['buffer', 'silica', 'calmag', 'base', 'magnesium', 'additive_alkaline', 'enzyme', 'additive', 'booster', 'ph_adjuster', 'live'])), name='product_role_known')],
            },
        ),
    ],
        ),
    ]
