"""Each version's rows, columns and cells become one document in the open format, and back."""

from decimal import Decimal

from django.db import migrations


def _text(value):
    return None if value is None else format(value.normalize(), "f")


def _given(fields):
    return {name: value for name, value in fields.items() if value is not None}


def _column(column):
    ec = ph = None
    if column.ec_low is not None:
        ec = _given({"low": _text(column.ec_low), "high": _text(column.ec_high),
                     "unit": column.ec_unit, "scale": column.ppm_scale})
    if column.ph_low is not None:
        ph = {"low": _text(column.ph_low), "high": _text(column.ph_high)}
    return _given({"key": column.key, "label": column.label, "days": column.days,
                   "stage": column.stage or None, "ec": ec, "ph": ph})


def _row(row):
    return _given({
        "key": row.key, "name": row.product.name, "role": row.role, "group": row.group,
        "rank": row.rank, "form": row.form, "scales": row.scales, "after": row.after,
        "wait_min": row.wait_min, "oxidiser": row.oxidiser, "settles": row.settles,
    })


def _dose(dose):
    return _given({
        "product": dose.row.key, "column": dose.column.key, "low": _text(dose.low),
        "high": _text(dose.high), "unit": dose.unit or None,
        "until_ec_above_water": _text(dose.until_ec),
    })


def write_documents(apps, schema_editor):
    versions = apps.get_model("charts", "ChartVersion").objects
    doses = apps.get_model("charts", "ChartDose").objects
    for version in versions.select_related("chart"):
        rows = list(version.rows.order_by("position").select_related("product"))
        cells = doses.filter(row__version=version).order_by("pk").select_related("row", "column")
        document = {
            "format": "brisk-measure/feed-chart", "version": 1, "name": version.chart.name,
            "medium": version.medium, "readings": version.readings,
            "rows_are_order": version.rows_are_order,
            "products": [_row(row) for row in rows],
            "columns": [_column(column) for column in version.columns.order_by("position")],
            "doses": [_dose(dose) for dose in cells],
        }
        versions.filter(pk=version.pk).update(
            document=document, products={row.key: row.product_id for row in rows}
        )


def _decimal(text):
    return None if text is None else Decimal(text)


def write_rows(apps, schema_editor):
    models = {name: apps.get_model("charts", name).objects
              for name in ("ChartVersion", "ChartRow", "ChartColumn", "ChartDose")}
    for version in models["ChartVersion"].all():
        told = version.document
        models["ChartVersion"].filter(pk=version.pk).update(
            medium=told["medium"], readings=told["readings"],
            rows_are_order=told["rows_are_order"],
        )
        rows, columns = {}, {}
        for at, row in enumerate(told["products"]):
            rows[row["key"]] = models["ChartRow"].create(
                version_id=version.pk, product_id=version.products[row["key"]], key=row["key"],
                position=at, role=row["role"], group=row.get("group", ""),
                rank=row.get("rank", 0), form=row.get("form", "liquid"),
                scales=row.get("scales", row["role"] in
                               ("base", "calmag", "magnesium", "booster")),
                after=row.get("after", []), wait_min=row.get("wait_min"),
                oxidiser=row.get("oxidiser", False), settles=row.get("settles", False),
            )
        for at, column in enumerate(told["columns"]):
            ec, ph = column.get("ec"), column.get("ph")
            columns[column["key"]] = models["ChartColumn"].create(
                version_id=version.pk, key=column["key"], position=at,
                label=column.get("label") or column["key"], days=column.get("days"),
                stage=column.get("stage", ""),
                ec_low=_decimal(ec["low"]) if ec else None,
                ec_high=_decimal(ec.get("high", ec["low"])) if ec else None,
                ec_unit=ec.get("unit", "mS/cm") if ec else "",
                ppm_scale=ec.get("scale") if ec else None,
                ph_low=_decimal(ph["low"]) if ph else None,
                ph_high=_decimal(ph.get("high", ph["low"])) if ph else None,
            )
        models["ChartDose"].bulk_create(
            models["ChartDose"].model(
                row_id=rows[dose["product"]].pk, column_id=columns[dose["column"]].pk,
                low=_decimal(dose.get("low")), high=_decimal(dose.get("high", dose.get("low"))),
                unit=dose.get("unit", ""), until_ec=_decimal(dose.get("until_ec_above_water")),
            )
            for dose in told["doses"]
        )


class Migration(migrations.Migration):
    dependencies = [("charts", "0005_document")]
    operations = [migrations.RunPython(write_documents, write_rows)]
