"""Charts into the database and out of it, always by way of the open format."""

from collections.abc import Mapping
from dataclasses import dataclass
from decimal import Decimal
from fractions import Fraction
from typing import Any

from django.contrib.postgres.expressions import ArraySubquery
from django.db import models, transaction
from django.db.models import F, Max, OuterRef
from django.db.models.functions import Cast, JSONObject

from core.chart import Chart as CoreChart
from core.errors import InputError
from core.formats import FeedChart, document_of
from core.formats.chart import DoseDocument, ProductDocument
from core.quantities import decimal_text
from server.charts.models import Chart, ChartColumn, ChartDose, ChartRow, ChartVersion, Product
from server.grows.memory import Memory
from server.grows.models import Grow
from server.grows.scope import lock_grow


@transaction.atomic
def publish_chart(grow: Grow, document: FeedChart, *, maker: str = "") -> ChartVersion:
    """Keep a chart as the newest version under its name; older versions stay as they are.

    Products are found on the grow's shelf by name, and put there if they are new.

    Raises:
        InputError: the chart contradicts itself.
    """
    document.chart()  # refuses what contradicts itself before anything is stored
    lock_grow(grow.pk)  # two charts may bring the same product, or two whose tags would be the same
    chart, _ = Chart.objects.get_or_create(
        grow=grow, name=document.name or "Unnamed chart", defaults={"maker": maker}
    )
    last = chart.versions.aggregate(last=Max("number"))["last"] or 0
    version = ChartVersion.objects.create(
        grow=grow,
        chart=chart,
        number=last + 1,
        medium=document.medium,
        readings=document.readings,
        rows_are_order=document.rows_are_order,
    )
    rows = _write_rows(grow, version, document)
    columns = _write_columns(version, document)
    ChartDose.objects.bulk_create(
        _dose(dose, rows[dose.product], columns[dose.column]) for dose in document.doses
    )
    return version


def _write_rows(grow: Grow, version: ChartVersion, document: FeedChart) -> dict[str, ChartRow]:
    shelf = {product.name: product for product in Product.objects.filter(grow=grow)}
    taken = {product.tag for product in shelf.values()}
    rows = []
    for position, printed in enumerate(document.products):
        name = printed.name or printed.key
        if name not in shelf:
            shelf[name] = Product.objects.create(
                grow=grow, name=name, tag=new_tag(name, taken), role=printed.role, form=printed.form
            )
            taken.add(shelf[name].tag)
        rows.append(_row(version, position, printed, shelf[name]))
    return {row.key: row for row in ChartRow.objects.bulk_create(rows)}


def _row(
    version: ChartVersion, position: int, printed: ProductDocument, product: Product
) -> ChartRow:
    meant = printed.product()
    return ChartRow(
        version=version,
        product=product,
        key=meant.key,
        position=position,
        role=meant.role,
        group=meant.group,
        rank=meant.rank,
        form=meant.form,
        scales=meant.scales,
        after=list(meant.after),
        wait_min=meant.wait_min,
        oxidiser=meant.oxidiser,
        settles=meant.settles,
    )


def _write_columns(version: ChartVersion, document: FeedChart) -> dict[str, ChartColumn]:
    columns = []
    for position, printed in enumerate(document.columns):
        ec, ph = printed.ec, printed.ph
        columns.append(
            ChartColumn(
                version=version,
                key=printed.key,
                position=position,
                label=printed.label or printed.key,
                days=printed.days,
                stage=printed.stage or "",
                ec_low=_decimal(ec.low) if ec else None,
                ec_high=_decimal(ec.low if ec.high is None else ec.high) if ec else None,
                ec_unit=ec.unit if ec else "",
                ppm_scale=ec.scale if ec else None,
                ph_low=_decimal(ph.low) if ph else None,
                ph_high=_decimal(ph.low if ph.high is None else ph.high) if ph else None,
            )
        )
    return {column.key: column for column in ChartColumn.objects.bulk_create(columns)}


def _dose(printed: DoseDocument, row: ChartRow, column: ChartColumn) -> ChartDose:
    meant = printed.dose()
    return ChartDose(
        row=row,
        column=column,
        low=_decimal(meant.low),
        high=_decimal(meant.high),
        unit=meant.unit or "",
        until_ec=_decimal(meant.until_ec),
    )


def _decimal(value: Fraction | None) -> Decimal | None:
    """A figure of the format as the exact Decimal it was written as."""
    return None if value is None else Decimal(decimal_text(value))


def new_tag(name: str, taken: set[str]) -> str:
    """Two letters or digits for a paper label, unlike those in `taken`.

    Raises:
        InputError: there are more products than labels.

    >>> new_tag("Glasswort", set()), new_tag("Marram Two", set()), new_tag("Glasswort", {"Gl"})
    ('Gl', 'MT', 'Gs')
    """
    words = "".join(c if c.isalnum() else " " for c in name).split()
    letters = "".join(words) or "X"
    wishes = [words[0][0] + words[1][0]] if len(words) > 1 else []
    wishes += [letters[0] + letter for letter in letters[1:]] or [letters[0]]
    wishes += [f"{letters[0]}{digit}" for digit in "23456789"]
    wishes += [a + b for a in _PLAIN for b in _PLAIN]
    tags = (_upper(wish[0]) + wish[1:] for wish in wishes)
    free = next((tag for tag in tags if tag not in taken), None)
    if free is None:
        raise InputError("too_many_or_few", "This shelf has no two letters left for another label.")
    return free


_PLAIN = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ"


def _upper(letter: str) -> str:
    """A capital, unless that would be two letters, as of ß."""
    return letter.upper() if len(letter.upper()) == 1 else letter


def json_list(query: models.QuerySet[Any], **fields: Any) -> ArraySubquery:
    """Rows of another table as a list of objects in one column."""
    return ArraySubquery(query.values(found=JSONObject(**fields)))


def text_of(field: str) -> Cast:
    """A decimal as its text: as a JSON number it would pass through a float."""
    return Cast(F(field), models.CharField())


def with_contents(versions: models.QuerySet[ChartVersion]) -> models.QuerySet[ChartVersion]:
    """Versions with all their rows, columns and cells, in the one query."""
    rows = ChartRow.objects.filter(version=OuterRef("pk")).order_by("position")
    products = ChartRow.objects.filter(version=OuterRef("pk"))
    columns = ChartColumn.objects.filter(version=OuterRef("pk")).order_by("position")
    doses = ChartDose.objects.filter(row__version=OuterRef("pk")).order_by("pk")
    return versions.select_related("chart").annotate(
        rows_json=json_list(
            rows, key="key", name="product__name", role="role", group="group", rank="rank",
            form="form", scales="scales", after="after", wait_min="wait_min", oxidiser="oxidiser",
            settles="settles",
        ),
        columns_json=json_list(
            columns, key="key", label="label", days="days", stage="stage",
            ec_low=text_of("ec_low"), ec_high=text_of("ec_high"), ec_unit="ec_unit",
            ppm_scale="ppm_scale", ph_low=text_of("ph_low"), ph_high=text_of("ph_high"),
        ),
        row_products=json_list(products, key="key", product="product_id"),
        doses_json=json_list(
            doses, product="row__key", column="column__key", low=text_of("low"),
            high=text_of("high"), unit="unit", until_ec_above_water=text_of("until_ec"),
        ),
    )  # fmt: skip


def _column_fields(stored: dict[str, Any]) -> dict[str, Any]:
    fields = {name: stored[name] or None for name in ("key", "label", "days", "stage")}
    if stored["ec_low"] is not None:
        fields["ec"] = {
            "low": stored["ec_low"],
            "high": stored["ec_high"],
            "unit": stored["ec_unit"],
            "scale": stored["ppm_scale"],
        }
    if stored["ph_low"] is not None:
        fields["ph"] = {"low": stored["ph_low"], "high": stored["ph_high"]}
    return fields


def document_from(version: Any) -> FeedChart:
    """The open format of a version that came from `with_contents`."""
    return document_of(
        FeedChart,
        {
            "format": "brisk-measure/feed-chart",
            "version": 1,
            "name": version.chart.name,
            "medium": version.medium,
            "readings": version.readings,
            "rows_are_order": version.rows_are_order,
            "products": version.rows_json,
            "columns": [_column_fields(column) for column in version.columns_json],
            "doses": [{**dose, "unit": dose["unit"] or None} for dose in version.doses_json],
        },
    )


@dataclass(frozen=True, slots=True)
class StoredChart:
    """A version as core reckons with it, and which product of the shelf each row is."""

    chart: CoreChart
    products: Mapping[str, int]


def stored_chart(version: Any) -> StoredChart:
    """A version that came from `with_contents`."""
    products = {row["key"]: row["product"] for row in version.row_products}
    return StoredChart(document_from(version).chart(), products)


charts_in_memory: Memory[int, StoredChart] = Memory(256)
"""By the number of a version, which is never altered. Whether the asker may see a chart must be
checked before."""


def read_document(pk: int) -> FeedChart:
    """A stored version as the open format, with one query."""
    return document_from(with_contents(ChartVersion.objects.filter(pk=pk)).get())


def read_chart(pk: int) -> CoreChart:
    """A stored version as core reckons with it, from memory if it is there."""
    kept = charts_in_memory.get(pk)
    if kept is None:
        found = with_contents(ChartVersion.objects.filter(pk=pk)).get()
        kept = charts_in_memory.put(pk, stored_chart(found))
    return kept.chart
