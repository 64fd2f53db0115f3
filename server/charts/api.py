"""Charts of a grow, and charts in the open format, in."""

from django.http import Http404, HttpRequest
from ninja import Router, Schema
from ninja.responses import Status

from core.chart import Medium
from core.formats import FeedChart, document_of, read_json
from server.api.pages import After, page_of
from server.api.shapes import ErrorOut, Made
from server.charts.models import ChartVersion
from server.charts.presenting import ChartOut, chart_out
from server.charts.starters import maker_of, starters
from server.charts.store import publish_chart, stored_charts
from server.grows.scope import Scope
from server.shelf.models import Product

router = Router(tags=["charts"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


class ChartPage(Schema):
    """Charts in their newest version; `after` asks for those that follow, None where none does."""

    items: list[ChartOut]
    after: int | None


@router.get("/grows/{grow_id}/charts", response={200: ChartPage, **_ANSWERS}, operation_id="charts")
def charts(request: HttpRequest, grow_id: int, after: After) -> ChartPage:
    """Charts of a grow, each in its newest version."""
    scope = Scope.enter(request.user, grow_id)
    newest = (
        scope.all(ChartVersion)
        .filter(chart_id__gt=after)
        .order_by("chart_id", "-number")
        .distinct("chart_id")
        .select_related("chart")
        .defer("document", "products")
    )
    page, more = page_of(newest)
    stored = stored_charts(scope.grow, scope.all(ChartVersion), [one.pk for one in page])
    tags = dict(scope.all(Product).values_list("pk", "tag"))
    return ChartPage(
        items=[chart_out(version, stored[version.pk], tags) for version in page],
        after=page[-1].chart_id if more else None,
    )


@router.post(
    "/grows/{grow_id}/charts",
    response={201: Made, **_ANSWERS},
    operation_id="add_chart",
    openapi_extra={
        "requestBody": {
            "required": True,
            "content": {"application/json": {"schema": {"type": "object"}}},
            "description": "A feed chart in the open format, see docs/formats.",
        }
    },
)
def add_chart(request: HttpRequest, grow_id: int) -> Status[Made]:
    """Keep a chart in the open format; under a known name it becomes that chart's next version."""
    scope = Scope.enter(request.user, grow_id)
    document = document_of(FeedChart, read_json(request.body))
    return Status(201, Made(id=publish_chart(scope.grow, document).pk))


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
    response={201: Made, **_ANSWERS},
    operation_id="copy_starter",
)
def copy_starter(request: HttpRequest, grow_id: int, key: str) -> Status[Made]:
    """Copy a starter chart into a grow."""
    scope = Scope.enter(request.user, grow_id)
    document = starters().get(key)
    if document is None:
        raise Http404("No such starter.")
    return Status(201, Made(id=publish_chart(scope.grow, document, maker=maker_of(document)).pk))
