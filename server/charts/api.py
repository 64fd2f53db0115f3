"""Charts of a grow, and charts in the open format, in."""

from collections.abc import Iterable

from django.db.models import QuerySet
from django.db.models.fields.json import KT
from django.http import Http404, HttpRequest
from ninja import Router, Schema
from ninja.responses import Status

from core.chart import Medium
from core.formats import FeedChart, document_of, read_json
from server.api.ids import VersionId
from server.api.pages import After, page_of
from server.api.shapes import ErrorOut
from server.charts.models import ChartVersion
from server.charts.presenting import (
    ChartBrief,
    ChartOut,
    KeptChart,
    chart_brief,
    chart_out,
    kept_chart,
)
from server.charts.starters import maker_of, starters
from server.charts.store import publish_chart, stored_charts
from server.grows.scope import Scope
from server.shelf.models import Product

router = Router(tags=["charts"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class ChartPage(Schema):
    """Charts in their newest version; `after` asks for those that follow, None where none does."""

    items: list[ChartBrief]
    after: int | None


@router.get("/grows/{grow_id}/charts", response={200: ChartPage, **_ANSWERS}, operation_id="charts")
def charts(request: HttpRequest, grow_id: int, after: After) -> ChartPage:
    """Charts of a grow that are not put away, each in its newest version."""
    scope = Scope.enter(request.user, grow_id)
    newest = newest_versions(scope).filter(chart_id__gt=after, chart__archived_at=None)
    page, more = page_of(newest)
    listed = scope.all(ChartVersion).filter(pk__in=[version.pk for version in page])
    media = dict(listed.values_list("pk", KT("document__medium")))
    return ChartPage(
        items=[chart_brief(version, media.get(version.pk)) for version in page],
        after=page[-1].chart_id if more else None,
    )


def newest_versions(scope: Scope) -> QuerySet[ChartVersion]:
    """Of each chart its newest version, without its document."""
    return (
        scope.all(ChartVersion)
        .order_by("chart_id", "-number")
        .distinct("chart_id")
        .select_related("chart")
        .defer("document", "products")
    )


def whole_charts(scope: Scope, versions: Iterable[ChartVersion]) -> list[ChartOut]:
    """Versions with their columns and bottles; each read once and kept in memory."""
    found = list(versions)
    stored = stored_charts(scope.grow, scope.all(ChartVersion), [one.pk for one in found])
    tags = dict(scope.all(Product).values_list("pk", "tag"))
    return [chart_out(version, stored[version.pk], tags) for version in found]


@router.get(
    "/grows/{grow_id}/chart-versions/{version_id}",
    response={200: ChartOut, **_ANSWERS},
    operation_id="chart_version",
)
def chart_version(request: HttpRequest, grow_id: int, version_id: VersionId) -> ChartOut:
    """One version of a chart, with its columns and bottles."""
    scope = Scope.enter(request.user, grow_id)
    versions = scope.all(ChartVersion).select_related("chart").defer("document", "products")
    [whole] = whole_charts(scope, [scope.one(versions, version_id)])
    return whole


@router.post(
    "/grows/{grow_id}/charts",
    response={201: KeptChart, **_ANSWERS},
    operation_id="add_chart",
    openapi_extra={
        "requestBody": {
            "required": True,
            "content": {"application/json": {"schema": {"type": "object"}}},
            "description": "A feed chart in the open format, see docs/formats.",
        }
    },
)
def add_chart(request: HttpRequest, grow_id: int) -> Status[KeptChart]:
    """Keep a chart in the open format; under a known name it becomes that chart's next version."""
    scope = Scope.enter(request.user, grow_id)
    document = document_of(FeedChart, read_json(request.body))
    return Status(201, kept_chart(publish_chart(scope.grow, document)))


class StarterOut(Schema):
    """A starter chart: its short name, what it is called, and what it is made of."""

    key: str
    name: str
    medium: Medium
    bottles: int
    columns: int


@router.get("/starter-charts", response=list[StarterOut], operation_id="starter_charts")
def starter_charts(request: HttpRequest) -> list[StarterOut]:
    """Charts of invented makers that can be copied into a grow to try it."""
    return [
        StarterOut(
            key=key,
            name=one.name,
            medium=one.medium,
            bottles=len(one.products),
            columns=len(one.columns),
        )
        for key, one in starters().items()
    ]


@router.post(
    "/grows/{grow_id}/starter-charts/{key}",
    response={201: KeptChart, **_ANSWERS},
    operation_id="copy_starter",
)
def copy_starter(request: HttpRequest, grow_id: int, key: str) -> Status[KeptChart]:
    """Copy a starter chart into a grow."""
    scope = Scope.enter(request.user, grow_id)
    document = starters().get(key)
    if document is None:
        raise Http404("No such starter.")
    return Status(201, kept_chart(publish_chart(scope.grow, document, maker=maker_of(document))))
