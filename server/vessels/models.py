"""Measuring vessels and scales."""

from django.db import models
from django.db.models import F, Q

from core.quantities import figure
from core.vessels import Shows, Vessel, VesselKind
from server.grows.shelved import Shelved


class BenchVessel(Shelved):
    """A vessel or scale on a grow's bench; capacity and mark in mL, of a scale in g."""

    kind = models.CharField(max_length=10, choices=[(k.value, k.value) for k in VesselKind])
    capacity = models.DecimalField(max_digits=14, decimal_places=6)
    mark = models.DecimalField(max_digits=14, decimal_places=6)
    shows = models.CharField(
        max_length=6, choices=[(s.value, s.value) for s in Shows], default=Shows.G.value
    )
    position = models.PositiveSmallIntegerField(default=0)

    class Meta:
        ordering = ["position", "pk"]
        constraints = [
            models.CheckConstraint(
                condition=Q(mark__gt=0, capacity__gte=F("mark")), name="vessel_has_marks"
            ),
            models.CheckConstraint(
                condition=Q(kind__in=[kind.value for kind in VesselKind]), name="vessel_kind_known"
            ),
            models.CheckConstraint(
                condition=Q(shows__in=[shows.value for shows in Shows]), name="vessel_shows_known"
            ),
        ]

    def __str__(self) -> str:
        return f"{self.kind} {self.capacity}"

    def as_vessel(self) -> Vessel:
        """What core reckons with."""
        return Vessel(
            VesselKind(self.kind), figure(self.capacity), figure(self.mark), Shows(self.shows)
        )
