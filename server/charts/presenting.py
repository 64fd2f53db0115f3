"""Charts as answers: what one chooses a mix from."""

from collections.abc import Mapping

from ninja import Schema

from core.chart import Medium, Readings
from server.api.ids import ChartId, VersionId
from server.charts.models import ChartVersion
from server.charts.store import StoredChart


class ColumnOut(Schema):
    """A week or stage of a chart."""

    key: str
    label: str
    stage: str


class RowOut(Schema):
    """A product of a chart, with the two letters on its label."""

    key: str
    name: str
    tag: str


class ChartBrief(Schema):
    """A chart in its newest version."""

    version_id: VersionId
    chart_id: ChartId
    version_number: int
    name: str
    maker: str
    medium: Medium


class ChartOut(ChartBrief):
    """A version of a chart, with what one chooses a mix from."""

    readings: Readings
    rows_are_order: bool
    columns: list[ColumnOut]
    rows: list[RowOut]


class KeptChart(Schema):
    """Where what was typed or brought in was kept."""

    chart_id: ChartId
    version_id: VersionId
    version_number: int


def kept_chart(version: ChartVersion) -> KeptChart:
    """A version of a chart, as it is answered to whoever kept it."""
    return KeptChart(
        chart_id=version.chart_id, version_id=version.pk, version_number=version.number
    )


def chart_brief(version: ChartVersion, medium: str | None) -> ChartBrief:
    """A version of a chart, for a list; what it was written for as its document says it."""
    return ChartBrief(
        version_id=version.pk,
        chart_id=version.chart_id,
        version_number=version.number,
        name=version.chart.name,
        maker=version.chart.maker,
        medium=Medium(medium or Medium.WATER),
    )


def chart_out(version: ChartVersion, stored: StoredChart, tags: Mapping[int, str]) -> ChartOut:
    """A version of a chart.

    Args:
        version: with its chart.
        stored: what it says.
        tags: the letters on the shelf's bottles, by product.
    """
    chart = stored.chart
    return ChartOut(
        version_id=version.pk,
        chart_id=version.chart_id,
        version_number=version.number,
        name=version.chart.name,
        maker=version.chart.maker,
        medium=chart.medium,
        readings=chart.readings,
        rows_are_order=chart.rows_are_order,
        columns=[
            ColumnOut(key=column.key, label=column.label, stage=column.stage or "")
            for column in chart.columns
        ],
        rows=[
            RowOut(
                key=row.key,
                name=row.name,
                tag=tags.get(stored.products.get(row.key, 0)) or row.name[:2],
            )
            for row in chart.products
        ],
    )
