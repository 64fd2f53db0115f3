"""Water sources and tanks."""

from django.db import models
from django.db.models import Q

from core.chart import Medium
from core.mix.request import LARGEST_VOLUME_L, STRONGEST_WATER
from core.quantities import Reading, figure
from core.water import Water, WaterKind
from server.grows.scope import Owned


class WaterSource(Owned):
    """A tap, a barrel or a borehole, with its last reading and lab report."""

    name = models.CharField(max_length=60)
    kind = models.CharField(max_length=8, choices=[(kind.value, kind.value) for kind in WaterKind])
    ec = models.DecimalField("EC, mS/cm", max_digits=6, decimal_places=3, null=True, blank=True)
    ph = models.DecimalField("pH", max_digits=4, decimal_places=2, null=True, blank=True)
    calcium_ppm = models.DecimalField(max_digits=6, decimal_places=1, null=True, blank=True)
    magnesium_ppm = models.DecimalField(max_digits=6, decimal_places=1, null=True, blank=True)
    sodium_ppm = models.DecimalField(max_digits=6, decimal_places=1, null=True, blank=True)
    alkalinity_ppm = models.DecimalField(
        "alkalinity, mg/L CaCO3", max_digits=6, decimal_places=1, null=True, blank=True
    )
    note = models.CharField(max_length=120, blank=True)

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.UniqueConstraint(fields=["grow", "name"], name="water_name_once"),
            models.CheckConstraint(
                condition=Q(kind__in=[kind.value for kind in WaterKind]), name="water_kind_known"
            ),
            models.CheckConstraint(
                condition=Q(ec=None) | Q(ec__gte=0, ec__lte=int(STRONGEST_WATER)),
                name="water_ec_in_range",
            ),
            models.CheckConstraint(
                condition=Q(ph=None) | Q(ph__gte=0, ph__lte=14), name="water_ph_in_range"
            ),
            *(
                models.CheckConstraint(
                    condition=Q(**{name: None}) | Q(**{f"{name}__gte": 0}),
                    name=f"water_{name}_not_negative",
                )
                for name in ("calcium_ppm", "magnesium_ppm", "sodium_ppm", "alkalinity_ppm")
            ),
        ]

    def __str__(self) -> str:
        return self.name

    def as_water(self, reading: Reading | None) -> Water:
        """What core needs to know, with a reading taken now in place of the stored one."""
        calcium = None if self.calcium_ppm is None else figure(self.calcium_ppm)
        return Water(reading, WaterKind(self.kind), calcium)


class Tank(Owned):
    """A reservoir, with all the water that is joined to it."""

    name = models.CharField(max_length=60)
    crop = models.CharField(max_length=60, blank=True)
    system = models.CharField(max_length=60, blank=True)
    width_cm = models.PositiveSmallIntegerField("outer width as drawn", default=100)
    height_cm = models.PositiveSmallIntegerField("outer height as drawn", default=50)
    grown_in = models.CharField(
        max_length=8,
        choices=[(medium.value, medium.value) for medium in Medium],
        default=Medium.WATER.value,
    )
    litres = models.DecimalField(max_digits=12, decimal_places=3)
    water = models.ForeignKey(WaterSource, models.PROTECT, related_name="tanks")
    chart = models.ForeignKey(
        "charts.Chart", models.SET_NULL, null=True, blank=True, related_name="tanks"
    )
    column = models.CharField(max_length=60, blank=True)
    strength_percent = models.PositiveSmallIntegerField(default=50)
    position = models.PositiveSmallIntegerField(default=0)

    class Meta:
        ordering = ["position", "pk"]
        constraints = [
            models.UniqueConstraint(fields=["grow", "name"], name="tank_name_once"),
            models.CheckConstraint(
                condition=Q(litres__gt=0, litres__lte=LARGEST_VOLUME_L), name="tank_litres_in_range"
            ),
            models.CheckConstraint(
                condition=Q(width_cm__gt=0, height_cm__gt=0), name="tank_has_a_size"
            ),
            models.CheckConstraint(
                condition=Q(strength_percent__gt=0, strength_percent__lte=200),
                name="tank_strength_in_range",
            ),
            models.CheckConstraint(
                condition=Q(grown_in__in=[medium.value for medium in Medium]),
                name="tank_medium_known",
            ),
        ]

    def __str__(self) -> str:
        return self.name

    @property
    def medium(self) -> Medium:
        """What the plants stand in."""
        return Medium(self.grown_in)
