"""What each water of a grow does to a chosen column."""

from dataclasses import replace
from typing import Annotated

from django.http import HttpRequest
from ninja import Field, Router
from pydantic import BaseModel

from core.limits import LONGEST_TYPED
from core.planning import MixRequest, Tank
from core.planning.water_in_chart import COMPARED_L, water_in_chart
from core.quantities import Amount, Spoons, Volume, number_text
from server.api.ids import VersionId
from server.api.shapes import ErrorOut
from server.grows.figures import share_told
from server.grows.scope import Scope
from server.planning.asked import own_windows
from server.planning.snapshot import snapshot_of
from server.tanks.models import WaterSource

router = Router(tags=["planning"])
_Typed = Annotated[str, Field(max_length=LONGEST_TYPED)]
MOST_COMPARED = 12
"""Waters that stand beside each other on one screen."""


class WaterInChartOut(BaseModel):
    """What one does, per 100 L; empty for what nobody knows.

    `too_strong` tells that it takes half of the target or more.
    """

    water: int
    share_shown: str
    too_strong: bool
    calcium_shown: str
    calcium_of_shown: str
    acid_shown: str
    acid_name: str
    ph_shown: str


@router.get(
    "/grows/{grow_id}/chart-versions/{version_id}/waters",
    response={200: list[WaterInChartOut], 404: ErrorOut, 422: ErrorOut},
    operation_id="waters_in_chart",
)
def waters_in_chart(
    request: HttpRequest,
    grow_id: int,
    version_id: VersionId,
    column: _Typed,
    strength: _Typed = "100 %",
) -> list[WaterInChartOut]:
    """What every water does to a column of a chart at a strength."""
    scope = Scope.enter(request.user, grow_id)
    snapshot = snapshot_of(scope)
    chart, shelf = snapshot.chart(scope, version_id).chart, snapshot.shelf_of(scope, version_id)
    asked = MixRequest(
        chart, column, Volume(COMPARED_L), share_told("strength", strength),
        spoons=Spoons(scope.membership.spoons), tank=Tank(grown_in=chart.medium), shelf=shelf,
        order_preferences=scope.grow.order_preferences, windows=own_windows(scope.grow.ranges),
    )  # fmt: skip
    return [_shown(asked, water) for water in scope.all(WaterSource)[:MOST_COMPARED]]


def _shown(asked: MixRequest, water: WaterSource) -> WaterInChartOut:
    found = water_in_chart(replace(asked, water=water.as_water(water.reading)))
    acid = found.acid
    return WaterInChartOut(
        water=water.pk,
        share_shown="" if found.share is None else f"{number_text(found.share * 100, 0)} %",
        too_strong=found.too_strong,
        calcium_shown=_ppm(found.calcium),
        calcium_of_shown=_ppm(found.calcium_in_all),
        acid_shown=_amount(acid.amount) if acid else "",
        acid_name=acid.name if acid else "",
        ph_shown="" if found.ph is None else f"{found.ph:.1f}",
    )


def _amount(amount: Amount) -> str:
    return f"{number_text(amount.value, 1 if amount.value < 100 else 0)} {amount.unit.value}"


def _ppm(value: float | None) -> str:
    return "" if value is None else f"{value:.0f}"
