"""The library of charts: each as a small picture of itself, renamed, copied, put away, compared."""

from typing import Annotated

from django.db import IntegrityError, transaction
from django.db.models import Count, QuerySet
from django.http import HttpRequest
from django.utils import timezone
from ninja import Field, Query, Router, Schema
from ninja.responses import Status

from core.chart import Chart as CoreChart
from core.chart import Medium
from core.errors import InputError
from core.limits import LONGEST_NAME
from server.api.ids import ChartId, VersionId
from server.api.pages import After, page_of
from server.api.shapes import PLAIN_TEXT, ErrorOut, Kept, Made
from server.charts.models import Chart, ChartVersion
from server.charts.store import StoredChart, stored_charts
from server.grows.scope import Scope
from server.shelf.models import Product
from server.tanks.models import Tank

router = Router(tags=["charts"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
ChartName = Annotated[str, Field(min_length=1, max_length=80, pattern=PLAIN_TEXT)]


class ChartCard(Schema):
    """A chart as the library shows it.

    `ink` is its picture: for each bottle one digit a column, 0 for nothing to 9 for its largest
    dose. `used_in` are the tanks that are fed by it.
    """

    chart_id: ChartId
    version_id: VersionId
    name: str
    maker: str
    medium: Medium
    bottles: list[str]
    columns: int
    weeks: str
    ink: list[str]
    versions: int
    used_in: list[str]
    archived: bool


class ChartCards(Schema):
    """A page of the library; `after` asks for what follows, None where nothing does."""

    items: list[ChartCard]
    after: int | None


CARDS = 48
"""Cards on one page: each draws its chart."""

Search = Annotated[str, Query("", max_length=80)]
Archived = Annotated[bool, Query(False)]


@router.get(
    "/grows/{grow_id}/library", response={200: ChartCards, **_ANSWERS}, operation_id="library"
)
def library(
    request: HttpRequest, grow_id: int, after: After, search: Search, archived: Archived
) -> ChartCards:
    """Charts by name or maker, each in its newest version; the archived ones where asked for."""
    scope = Scope.enter(request.user, grow_id)
    found = scope.all(Chart).filter(archived_at__isnull=not archived, pk__gt=after)
    for word in search.replace("\x00", " ").split()[:6]:
        found = found.filter(name__icontains=word) | found.filter(maker__icontains=word)
    page, more = page_of(found.order_by("pk"), CARDS)
    cards = _cards(scope, page)
    return ChartCards(items=cards, after=page[-1].pk if more else None)


def _cards(scope: Scope, charts: list[Chart]) -> list[ChartCard]:
    numbers = [chart.pk for chart in charts]
    counts = dict(
        scope.all(ChartVersion).filter(chart__in=numbers).values_list("chart").annotate(Count("pk"))
    )
    newest = dict(_newest(scope.all(ChartVersion).filter(chart__in=numbers)))
    stored = stored_charts(scope.grow, scope.all(ChartVersion), list(newest.values()))
    tags = dict(scope.all(Product).values_list("pk", "tag"))
    used: dict[int, list[str]] = {}
    tanks = Tank.in_use(scope.all(Tank)).filter(chart__in=numbers).order_by("position", "pk")
    for chart, tank in tanks.values_list("chart", "name"):
        used.setdefault(chart, []).append(tank)
    return [
        _chart_card(chart, newest[chart.pk], stored[newest[chart.pk]], tags, counts, used)
        for chart in charts
        if chart.pk in newest
    ]


def _newest(versions: QuerySet[ChartVersion]) -> QuerySet[ChartVersion, tuple[int, int]]:
    """The numbers of charts with those of their newest versions."""
    latest = versions.order_by("chart_id", "-number").distinct("chart_id")
    return latest.values_list("chart_id", "pk")


def _chart_card(  # noqa: PLR0917 -- a chart and all that was looked up for the page
    chart: Chart,
    version: int,
    stored: StoredChart,
    tags: dict[int, str],
    counts: dict[int, int],
    used: dict[int, list[str]],
) -> ChartCard:
    of = stored.chart
    return ChartCard(
        chart_id=chart.pk,
        version_id=version,
        name=chart.name,
        maker=chart.maker,
        medium=of.medium,
        bottles=[tags.get(stored.products.get(p.key, 0)) or p.name[:2] for p in of.products],
        columns=len(of.columns),
        weeks=_weeks(of),
        ink=ink_of(of),
        versions=counts.get(chart.pk, 0),
        used_in=used.get(chart.pk, []),
        archived=chart.archived_at is not None,
    )


def _weeks(chart: CoreChart) -> str:
    """How long it is, where every column says so."""
    days = [column.days for column in chart.columns]
    if not all(days):
        return f"{len(days)} columns" if len(days) != 1 else "1 column"
    weeks, over = divmod(sum(day or 0 for day in days), 7)
    number, unit = (weeks, "week") if not over else (weeks * 7 + over, "day")
    return f"{number} {unit}" if number == 1 else f"{number} {unit}s"


def ink_of(chart: CoreChart) -> list[str]:
    """A chart's picture: by bottle a digit a column, its largest dose as 9.

    Doses of one bottle in several units are drawn as printed: it is a picture, and no measure.
    """
    rows = []
    for product in chart.products:
        doses = [chart.dose(product.key, column.key) for column in chart.columns]
        high = [float(dose.high or 1) if dose is not None else 0.0 for dose in doses]
        most = max(high, default=0.0) or 1.0
        rows.append(
            "".join(str(min(9, round(one / most * 9)) or (1 if one else 0)) for one in high)
        )
    return rows


class ChartEdit(Schema):
    """What is to change of a chart's cover; what is left out stays."""

    name: ChartName | None = None
    maker: Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)] | None = None
    archived: bool | None = None


@router.patch(
    "/grows/{grow_id}/charts/{chart_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="edit_chart",
)
def edit_chart(request: HttpRequest, grow_id: int, chart_id: ChartId, body: ChartEdit) -> Kept:
    """Rename a chart, put it away, or bring it back; its versions stay as they are."""
    scope = Scope.enter(request.user, grow_id)
    chart = scope.one(scope.all(Chart), chart_id)
    if body.name is not None:
        chart.name = body.name.strip() or chart.name
    if body.maker is not None:
        chart.maker = body.maker.strip()
    if body.archived is not None:
        chart.archived_at = (chart.archived_at or timezone.now()) if body.archived else None
    try:
        with transaction.atomic():
            chart.save()
    except IntegrityError:
        raise name_taken(chart.name) from None
    return Kept()


def name_taken(name: str) -> InputError:
    """A chart of that name is there already."""
    return InputError("name_taken.chart", "name", name=name)


@router.post(
    "/grows/{grow_id}/charts/{chart_id}/copy",
    response={201: Made, **_ANSWERS},
    operation_id="copy_chart",
)
def copy_chart(request: HttpRequest, grow_id: int, chart_id: ChartId) -> Status[Made]:
    """A copy of a chart's newest version, as a chart of its own; answers with its number."""
    scope = Scope.enter(request.user, grow_id)
    chart = scope.one(scope.all(Chart), chart_id)
    newest = scope.all(ChartVersion).filter(chart=chart).order_by("-number").first()
    if newest is None:
        raise InputError("no_version.copy")
    with transaction.atomic():
        scope.lock()
        taken = set(scope.all(Chart).values_list("name", flat=True))
        name = next(
            made
            for number in range(1, len(taken) + 2)
            if (made := _copy_name(chart.name, number)) not in taken
        )
        copy = Chart.objects.create(grow=scope.grow, name=name, maker=chart.maker)
        ChartVersion.objects.create(
            grow=scope.grow,
            chart=copy,
            number=1,
            document={**newest.document, "name": name},
            products=newest.products,
            notes=newest.notes,
            picture=newest.picture,
        )
    return Status(201, Made(id=copy.pk))


def _copy_name(name: str, number: int) -> str:
    tail = " (copy)" if number == 1 else f" (copy {number})"
    return f"{name[: 80 - len(tail)]}{tail}"
