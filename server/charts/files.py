"""Charts as files that people take along, and what differs between two versions."""

from typing import Literal

from django.http import HttpRequest, HttpResponse
from ninja import Router, Schema

from core.formats import FeedChart
from core.formats.chart import MS_CM
from core.leaflet import beside_the_table, chart_table, whole_table
from core.leaflet.about import about_lines
from core.leaflet.comparing import differences
from core.tables import csv_text, xlsx_bytes
from core.wording import wording
from server.api.ids import VersionId
from server.api.shapes import ErrorOut
from server.charts.models import ChartVersion
from server.charts.store import StoredChart, stored_charts
from server.grows.scope import Scope

router = Router(tags=["charts"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
_FILES = {
    "json": "application/json",
    "csv": "text/csv; charset=utf-8",
    "xlsx": "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
}


@router.get(
    "/grows/{grow_id}/chart-versions/{version_id}/file",
    response={200: None, **_ANSWERS},
    operation_id="chart_file",
)
def chart_file(
    request: HttpRequest, grow_id: int, version_id: VersionId, kind: Literal["json", "csv", "xlsx"]
) -> HttpResponse:
    """A version as a file: our JSON, or a table that people can read and that comes back whole."""
    scope = Scope.enter(request.user, grow_id)
    version = scope.one(scope.all(ChartVersion).select_related("chart"), version_id)
    stored = stored_charts(scope.grow, scope.all(ChartVersion), [version.pk])[version.pk]
    body = _file(stored, kind)
    answer = HttpResponse(body, content_type=_FILES[kind])
    name = "".join(c if c.isalnum() or c in " -_" else " " for c in version.chart.name).strip()
    plain = name.encode("ascii", "ignore").decode().strip() or "chart"
    answer["Content-Disposition"] = f'attachment; filename="{plain} v{version.number}.{kind}"'
    answer["X-Content-Type-Options"] = "nosniff"
    return answer


def _file(stored: StoredChart, kind: str) -> bytes:
    of, scale = stored.chart, stored.document.reading_scale or MS_CM
    match kind:
        case "csv":
            return csv_text(whole_table(of, scale)).encode("utf-8-sig")
        case "xlsx":
            return xlsx_bytes(chart_table(of, scale=scale), about_lines(of), title=of.name)
    return FeedChart.of(of, scale).model_dump_json(indent=1, exclude_none=True).encode()


class DifferenceOut(Schema):
    """One thing that differs between two versions, in words, with its bottle and column."""

    words: str
    product: str | None
    column: str | None


class ComparedOut(Schema):
    """What differs between two versions; `beside` is what a table of the later cannot hold."""

    differences: list[DifferenceOut]
    beside: list[str]


@router.get(
    "/grows/{grow_id}/chart-versions/{version_id}/compared",
    response={200: ComparedOut, **_ANSWERS},
    operation_id="compare_versions",
)
def compare_versions(
    request: HttpRequest, grow_id: int, version_id: VersionId, before: VersionId
) -> ComparedOut:
    """What differs in a version from another one, of whichever chart of the grow."""
    scope = Scope.enter(request.user, grow_id)
    versions = scope.all(ChartVersion)
    later, earlier = (scope.one(versions.only("pk"), pk).pk for pk in (version_id, before))
    stored = stored_charts(scope.grow, versions, [earlier, later])
    found = differences(stored[earlier].chart, stored[later].chart)
    return ComparedOut(
        differences=[
            DifferenceOut(
                words=wording(one.message, scope.membership.manner),
                product=one.product,
                column=one.column,
            )
            for one in found
        ],
        beside=list(beside_the_table(stored[later].chart)),
    )
