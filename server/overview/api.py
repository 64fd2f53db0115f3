"""What a grow has at one glance: what holds for all of it, and its tanks with their mixes."""

from django.db.models import Q
from django.http import HttpRequest, HttpResponse
from ninja import Router, Schema
from pydantic import TypeAdapter

from core.order.rules import CalmagPlace, LivePlace, RowsPlace, SilicaPlace
from server.api.pages import After, page_of
from server.api.shapes import ErrorOut
from server.charts.api import newest_versions, whole_charts
from server.charts.presenting import ChartOut
from server.grows.scope import Scope
from server.grows.units import UnitsOut, units_out
from server.guided.models import Mix
from server.shelf.stock import bottles_ending
from server.shelf.stock_shapes import BottleEnding
from server.tanks.api import router as tanks_router
from server.tanks.blends import KeptBlend, blends_of
from server.tanks.models import Tank
from server.tanks.presenting import TankOut, tank_out
from server.tanks.timeline import last_mixes

router = Router(tags=["overview"])
_ANSWERS = {404: ErrorOut, 422: ErrorOut}


class OrderPreferencesOut(Schema):
    """The schools of mixing order that this grow follows."""

    calmag: CalmagPlace
    silica: SilicaPlace
    live: LivePlace
    rows: RowsPlace


class GrowOverview(Schema):
    """What holds for a whole grow; `ranges` are its own, ppm as text, `blends` kept by name."""

    id: int
    name: str
    person: str
    time_zone: str
    units: UnitsOut
    order_preferences: OrderPreferencesOut
    ranges: dict[str, dict[str, str]]
    blends: list[KeptBlend]
    bottles_ending: list[BottleEnding]


class TankPage(Schema):
    """Tanks in the grow's order; `after` asks for those that follow, None where none does."""

    items: list[TankOut]
    after: int | None


@router.get(
    "/grows/{grow_id}", response={200: GrowOverview, 404: ErrorOut}, operation_id="overview"
)
def overview(request: HttpRequest, grow_id: int) -> GrowOverview:
    """What holds for a whole grow."""
    scope = Scope.enter(request.user, grow_id)
    return GrowOverview(
        id=scope.grow.pk,
        name=scope.grow.name,
        person=request.user.get_username(),
        time_zone=scope.grow.time_zone,
        units=units_out(scope.membership),
        order_preferences=OrderPreferencesOut.model_validate(
            scope.grow.order_preferences, from_attributes=True
        ),
        ranges=scope.grow.ranges,
        blends=blends_of(scope),
        bottles_ending=bottles_ending(scope),
    )


@tanks_router.get(
    "/grows/{grow_id}/tanks", response={200: TankPage, **_ANSWERS}, operation_id="tanks"
)
def tanks(request: HttpRequest, grow_id: int, after: After) -> TankPage:
    """Tanks of a grow, with what was mixed in them last."""
    scope = Scope.enter(request.user, grow_id)
    found = Tank.with_readings(Tank.in_use(scope.all(Tank)))
    if after:
        last = scope.one(scope.all(Tank).only("position"), after)
        behind = Q(position__gt=last.position) | Q(position=last.position, pk__gt=last.pk)
        found = found.filter(behind)
    page, more = page_of(found)
    numbers = [tank.pk for tank in page]
    open_mixes = scope.all(Mix).filter(ended_at=None, tank__in=numbers)
    mixes, mixed = dict(open_mixes.values_list("tank_id", "pk")), last_mixes(numbers)
    return TankPage(
        items=[tank_out(scope, tank, mixes=mixes, last=mixed) for tank in page],
        after=page[-1].pk if more else None,
    )


@router.get(
    "/grows/{grow_id}/charts-in-use",
    response={200: list[ChartOut], **_ANSWERS},
    operation_id="charts_in_use",
)
def charts_in_use(request: HttpRequest, grow_id: int) -> HttpResponse:
    """The charts that tanks are fed by, whole; where no tank has one, the first of the grow."""
    scope = Scope.enter(request.user, grow_id)
    fed = Tank.in_use(scope.all(Tank)).exclude(chart=None).values("chart")
    newest = newest_versions(scope)
    # A tank that is fed by a chart that was put away is fed by it all the same.
    found = whole_charts(scope, newest.filter(chart__in=fed) or newest[:1])
    return HttpResponse(_CHARTS.dump_json(found), content_type="application/json")


_CHARTS = TypeAdapter(list[ChartOut])
