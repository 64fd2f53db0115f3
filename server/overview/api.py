"""What a grow has: tanks, waters and charts, for the first look."""

from django.http import HttpRequest
from ninja import Router, Schema

from core.order_rules import CalmagPlace, LivePlace, RowsPlace, SilicaPlace
from server.api.shapes import ErrorOut
from server.charts.models import ChartVersion
from server.charts.presenting import ChartOut, chart_out
from server.charts.store import stored_charts
from server.grows.scope import Scope
from server.grows.units import UnitsOut, units_out
from server.guided.models import Mix
from server.shelf.models import Product
from server.tanks.models import Tank, WaterSource
from server.tanks.presenting import TankOut, WaterOut, tank_out, water_out
from server.tanks.timeline import last_mixes

router = Router(tags=["overview"])


class OrderPreferencesOut(Schema):
    """The schools of mixing order that this grow follows."""

    calmag: CalmagPlace
    silica: SilicaPlace
    live: LivePlace
    rows: RowsPlace


class QuayOut(Schema):
    """Everything from which a mix can be chosen; `ranges` are the grow's own, ppm as text."""

    id: int
    name: str
    person: str
    time_zone: str
    units: UnitsOut
    customs: OrderPreferencesOut
    ranges: dict[str, dict[str, str]]
    tanks: list[TankOut]
    waters: list[WaterOut]
    charts: list[ChartOut]


def _charts(scope: Scope) -> list[ChartOut]:
    """The newest version of each chart."""
    newest = (
        scope.all(ChartVersion)
        .order_by("chart_id", "-number")
        .distinct("chart_id")
        .select_related("chart")
        .defer("document", "products")
    )
    versions = list(newest)
    stored = stored_charts(
        scope.grow, scope.all(ChartVersion), [version.pk for version in versions]
    )
    tags = dict(scope.all(Product).values_list("pk", "tag"))
    return [chart_out(version, stored[version.pk], tags) for version in versions]


@router.get("/grows/{grow_id}/quay", response={200: QuayOut, 404: ErrorOut}, operation_id="quay")
def quay(request: HttpRequest, grow_id: int) -> QuayOut:
    """Tanks, waters and newest charts of a grow."""
    scope = Scope.enter(request.user, grow_id)
    mixes = dict(scope.all(Mix).filter(ended_at=None).values_list("tank_id", "pk"))
    tanks = list(Tank.with_readings(scope.all(Tank)))
    last = last_mixes(tank.pk for tank in tanks)
    return QuayOut(
        id=scope.grow.pk,
        name=scope.grow.name,
        person=request.user.get_username(),
        time_zone=scope.grow.time_zone,
        units=units_out(scope.membership),
        customs=OrderPreferencesOut.model_validate(
            scope.grow.order_preferences, from_attributes=True
        ),
        ranges=scope.grow.ranges,
        tanks=[tank_out(scope, tank, mixes=mixes, last=last) for tank in tanks],
        waters=[water_out(water, scope.membership.meter) for water in scope.all(WaterSource)],
        charts=_charts(scope),
    )
