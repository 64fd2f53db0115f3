"""Charts in the open format, in."""

from django.http import HttpRequest
from ninja import Router
from ninja.responses import Status

from core.formats import FeedChart, document_of, read_json
from server.api.shapes import ErrorOut, Made
from server.charts.store import publish_chart
from server.grows.scope import Scope

router = Router(tags=["charts"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}


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
