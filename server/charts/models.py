"""Charts in versions: an edit makes a new version, a used one is never altered."""

from django.db import models
from django.db.models import Q
from django.utils import timezone

from core.limits import LONGEST_NAME
from server.changes.models import follow
from server.grows.scope import Owned


class Chart(Owned):
    """A leaflet, under one name through all its versions."""

    name = models.CharField(max_length=80)
    maker = models.CharField(max_length=LONGEST_NAME, blank=True)
    archived_at = models.DateTimeField("since when it is out of sight", null=True, blank=True)

    class Meta:
        ordering = ["pk"]
        constraints = [models.UniqueConstraint(fields=["grow", "name"], name="chart_name_once")]

    def __str__(self) -> str:
        return self.name


class LeafletPicture(Owned):
    """A photograph or scan of a leaflet, re-encoded, without what a camera writes into it."""

    image = models.BinaryField("WebP")
    width = models.PositiveIntegerField()
    height = models.PositiveIntegerField()
    added_at = models.DateTimeField(default=timezone.now)

    def __str__(self) -> str:
        return f"picture {self.pk}"


class ChartVersion(Owned):
    """One state of a chart: a frozen document, which a mix keeps as the one it was computed from.

    `products` links its rows by key with the bottles of the shelf. Names and figures are those of
    the document, whatever the bottles are called later.
    """

    chart = models.ForeignKey(Chart, models.CASCADE, related_name="versions")
    number = models.PositiveIntegerField()
    document = models.JSONField("brisk-measure/feed-chart, as it was written")
    products = models.JSONField("number of the product by key of the row", default=dict)
    notes = models.JSONField("what stands at the leaflet's foot, line by line", default=list)
    picture = models.ForeignKey(
        LeafletPicture, models.SET_NULL, null=True, blank=True, related_name="+"
    )
    written_at = models.DateTimeField(default=timezone.now)

    class Meta:
        ordering = ["chart", "-number"]
        constraints = [
            models.UniqueConstraint(fields=["chart", "number"], name="version_number_once"),
            models.CheckConstraint(condition=Q(number__gte=1), name="version_number_from_one"),
            models.CheckConstraint(
                condition=Q(document__format="brisk-measure/feed-chart"),
                name="version_is_a_feed_chart",
            ),
        ]

    def __str__(self) -> str:
        return f"{self.chart}, version {self.number}"

    @property
    def is_first(self) -> bool:
        """Whether it came with its chart."""
        return self.number == 1

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("A chart version is never altered; publish a new one.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]


follow(Chart, "name", "maker", "archived_at", kind="chart")
follow(ChartVersion, kind="chart", unless="is_first")
