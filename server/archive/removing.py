"""A grow, a tank or a chart removed for good."""

from core.errors import InputError
from core.messages import Listed, Message
from server.archive.kept import KEPT
from server.archive.writing import records_of
from server.charts.models import Chart, ChartVersion, LeafletPicture
from server.grows.models import Grow
from server.grows.scope import Scope
from server.guided.models import Mix, MixEvent
from server.seasons.models import Season, SeasonEntry
from server.tanks.models import Tank
from server.tanks.timeline import TimeLineEntry


def remove_grow(grow: Grow) -> None:
    """All that belongs to a grow, and the grow; what refers to others goes before them."""
    for kept in reversed(KEPT):
        records_of(kept, grow).delete()
    grow.delete()


def remove_tank(scope: Scope, tank: Tank) -> None:
    """A tank with its mixes, its seasons and its time line.

    Raises:
        InputError: another tank goes through a season that is kept at this one.
    """
    seasons = scope.all(Season).filter(tank=tank)
    together = scope.all(Season).filter(goes_with__in=seasons).exclude(tank=tank)
    other = together.select_related("tank").first()
    if other is not None:
        raise InputError("goes_with_it", "name", other=other.tank.name, tank=tank.name)
    mixes = scope.all(Mix).filter(tank=tank)
    scope.all(TimeLineEntry).filter(tank=tank).delete()
    MixEvent.objects.filter(mix__in=mixes).delete()
    mixes.delete()
    seasons.delete()
    tank.delete()


def remove_chart(scope: Scope, chart: Chart) -> None:
    """A chart with its versions, and the photographs that lay beside them alone.

    Raises:
        InputError: something was poured or planned by it, and keeps it as it was.
    """
    versions = scope.all(ChartVersion).filter(chart=chart)
    keepers = {
        "mixes": scope.all(Mix).filter(version__in=versions).count(),
        "seasons": scope.all(Season).filter(version__in=versions).count()
        + scope.all(SeasonEntry).filter(version__in=versions).count(),
    }
    if any(keepers.values()):
        counted = [
            Message(f"kept_by_records.{what}", count=count)
            for what, count in keepers.items()
            if count
        ]
        raise InputError(
            "kept_by_records", "name", keepers=Listed(tuple(counted)), chart=chart.name
        )
    pictures = set(versions.exclude(picture=None).values_list("picture", flat=True))
    chart.delete()
    shown = scope.all(ChartVersion).filter(picture__in=pictures).values_list("picture", flat=True)
    scope.all(LeafletPicture).filter(pk__in=pictures - set(shown)).delete()
