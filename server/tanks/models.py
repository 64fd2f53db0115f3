"""Water sources and tanks."""

from decimal import Decimal
from fractions import Fraction

from django.db import models
from django.db.models import Q

from core.chart import Medium
from core.growing import Crop, System
from core.mix import Tank as CoreTank
from core.mix.request import LARGEST_VOLUME_L, STRONGEST_WATER
from core.quantities import Reading, Volume, figure
from core.water import REPORT_FIELDS, Disinfectant, LabReport, Water, WaterKind
from server.grows.scope import Owned


class WaterSource(Owned):
    """A tap, a barrel or a borehole, with its last reading and lab report."""

    name = models.CharField(max_length=60)
    kind = models.CharField(max_length=8, choices=[(kind.value, kind.value) for kind in WaterKind])
    ec = models.DecimalField("EC, mS/cm", max_digits=6, decimal_places=3, null=True, blank=True)
    ph = models.DecimalField("pH", max_digits=4, decimal_places=2, null=True, blank=True)
    temperature = models.DecimalField("°C", max_digits=4, decimal_places=1, null=True, blank=True)
    disinfectant = models.CharField(
        max_length=12, choices=[(one.value, one.value) for one in Disinfectant], blank=True
    )
    calcium_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    magnesium_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    potassium_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    sodium_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    chloride_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    sulfur_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    nitrate_n_ppm = models.DecimalField(max_digits=7, decimal_places=2, null=True, blank=True)
    alkalinity_ppm = models.DecimalField(
        "alkalinity, mg/L CaCO3", max_digits=7, decimal_places=2, null=True, blank=True
    )
    reported_on = models.DateField("date of the lab report", null=True, blank=True)
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
            models.CheckConstraint(
                condition=Q(temperature=None) | Q(temperature__gte=0, temperature__lte=60),
                name="water_temperature_in_range",
            ),
            models.CheckConstraint(
                condition=Q(disinfectant__in=["", *(one.value for one in Disinfectant)]),
                name="water_disinfectant_known",
            ),
            *(
                models.CheckConstraint(
                    condition=Q(**{f"{name}_ppm": None}) | Q(**{f"{name}_ppm__gte": 0}),
                    name=f"water_{name}_ppm_not_negative",
                )
                for name in REPORT_FIELDS
            ),
        ]

    def __str__(self) -> str:
        return self.name

    @property
    def reading(self) -> Reading | None:
        """Its last reading."""
        return None if self.ec is None else Reading(figure(self.ec))

    def as_water(self, reading: Reading | None, *, stood_h: Fraction = Fraction(0)) -> Water:
        """What core needs to know, with a reading taken now in place of the stored one."""
        report = {name: _exact(getattr(self, f"{name}_ppm")) for name in REPORT_FIELDS}
        return Water(
            reading=reading,
            kind=WaterKind(self.kind),
            report=LabReport(**report),
            ph=_exact(self.ph),
            temperature=_exact(self.temperature),
            disinfectant=Disinfectant(self.disinfectant) if self.disinfectant else None,
            stood_h=stood_h,
        )


def _exact(value: Decimal | None) -> Fraction | None:
    return None if value is None else figure(value)


class Tank(Owned):
    """A reservoir, with all the water that is joined to it."""

    name = models.CharField(max_length=60)
    crop = models.CharField(max_length=60, blank=True)
    system = models.CharField(max_length=60, blank=True)
    system_kind = models.CharField(
        max_length=32, choices=[(one.value, one.value) for one in System], blank=True
    )
    crop_kind = models.CharField(
        max_length=12, choices=[(one.value, one.value) for one in Crop], blank=True
    )
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
    held = models.BooleanField("stays in that column, as leafy herbs do", default=False)
    strength_percent = models.PositiveSmallIntegerField(default=50)
    position = models.PositiveSmallIntegerField(default=0)
    last_ec = models.DecimalField("mS/cm", max_digits=6, decimal_places=3, null=True, blank=True)
    last_ph = models.DecimalField(max_digits=4, decimal_places=2, null=True, blank=True)
    mixed_at = models.DateTimeField(null=True, blank=True)
    look_again_at = models.DateTimeField(null=True, blank=True)
    use_by_at = models.DateTimeField(null=True, blank=True)
    change_out_at = models.DateTimeField(null=True, blank=True)

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
            models.CheckConstraint(
                condition=Q(system_kind__in=["", *(one.value for one in System)]),
                name="tank_system_known",
            ),
            models.CheckConstraint(
                condition=Q(crop_kind__in=["", *(one.value for one in Crop)]),
                name="tank_crop_known",
            ),
        ]

    def __str__(self) -> str:
        return self.name

    def as_tank(self) -> CoreTank:
        """Where the feed goes, as core reckons with it."""
        return CoreTank(
            grown_in=Medium(self.grown_in),
            system=System(self.system_kind) if self.system_kind else None,
            crop=Crop(self.crop_kind) if self.crop_kind else None,
            joined=Volume(figure(self.litres)),
            held=self.column if self.held and self.column else None,
        )
