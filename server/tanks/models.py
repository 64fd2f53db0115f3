"""Water sources and tanks."""

from decimal import Decimal
from fractions import Fraction
from functools import partial

from django.db import models
from django.db.models import Q

from core.chart import Medium
from core.chart.growing import Crop, System
from core.formats.tank import JoinedDocument
from core.limits import HIGHEST_STRENGTH, LARGEST_VOLUME_L, LONGEST_NAME, LONGEST_WORDS
from core.planning import Tank as CoreTank
from core.quantities import Reading, TankMeant, Volume, figure
from core.tanks import volume_at_mark
from core.water import REPORT_FIELDS, Disinfectant, LabReport, Treatment, Water, WaterKind, left_by
from server.changes.models import follow
from server.grows.stamped import Stamped, StampedQuerySet
from server.tanks.timeline import TimeLineEntry, last_value


class _WaterManager(models.Manager["WaterSource"]):
    """Waters with their last readings, which the time line tells."""

    def get_queryset(self) -> models.QuerySet["WaterSource"]:
        last = {f"last_{what}": last_value("water", what) for what in WATER_READINGS}
        waters: StampedQuerySet[WaterSource] = StampedQuerySet(self.model, using=self._db)
        return waters.annotate(**last)


WATER_READINGS = ("ec", "ph", "temperature")
"""What is read of a water."""


class WaterSource(Stamped):
    """A tap, a barrel or a borehole, with its lab report; its readings stand in its time line."""

    name = models.CharField(max_length=LONGEST_NAME)
    kind = models.CharField(max_length=8, choices=[(kind.value, kind.value) for kind in WaterKind])
    disinfectant = models.CharField(
        max_length=12, choices=[(one.value, one.value) for one in Disinfectant], blank=True
    )
    treated_by = models.CharField(
        max_length=12,
        choices=[(treatment.value, treatment.value) for treatment in Treatment],
        blank=True,
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
    note = models.CharField(max_length=LONGEST_WORDS, blank=True)

    objects = _WaterManager()  # type: ignore[assignment, misc]

    class Meta:
        ordering = ["pk"]
        base_manager_name = "objects"
        constraints = [
            models.UniqueConstraint(fields=["grow", "name"], name="water_name_once"),
            models.CheckConstraint(
                condition=Q(kind__in=[kind.value for kind in WaterKind]), name="water_kind_known"
            ),
            models.CheckConstraint(
                condition=Q(disinfectant__in=["", *(one.value for one in Disinfectant)]),
                name="water_disinfectant_known",
            ),
            models.CheckConstraint(
                condition=Q(treated_by__in=["", *(one.value for one in Treatment)]),
                name="water_treatment_known",
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

    def last(self, what: str) -> Fraction | None:
        """What it last read, one of `WATER_READINGS`: mS/cm, pH or °C."""
        told = getattr(self, f"last_{what}")
        return None if told is None else figure(told)

    @property
    def reading(self) -> Reading | None:
        """Its last reading of EC."""
        ec = self.last("ec")
        return None if ec is None else Reading(ec)

    @property
    def disinfectant_left(self) -> Disinfectant | None:
        """What is in it once it was treated; None where nobody knows."""
        told = Disinfectant(self.disinfectant) if self.disinfectant else None
        return left_by(Treatment(self.treated_by) if self.treated_by else None, told)

    @property
    def lab_report(self) -> LabReport:
        """What a laboratory found in it."""
        return LabReport(**{name: _exact(getattr(self, f"{name}_ppm")) for name in REPORT_FIELDS})

    def as_water(self, reading: Reading | None, *, stood_h: Fraction = Fraction(0)) -> Water:
        """What core needs to know, with a reading taken now in place of the stored one."""
        return Water(
            reading=reading,
            kind=WaterKind(self.kind),
            report=self.lab_report,
            ph=self.last("ph"),
            temperature=self.last("temperature"),
            disinfectant=self.disinfectant_left,
            stood_h=stood_h,
        )


def _exact(value: Decimal | None) -> Fraction | None:
    return None if value is None else figure(value)


class WaterBlend(Stamped):
    """Waters joined in shares that are kept by a name; the first takes what the others leave."""

    name = models.CharField(max_length=LONGEST_NAME)
    water = models.ForeignKey(WaterSource, models.CASCADE, related_name="+")

    class Meta:
        ordering = ["pk"]
        constraints = [models.UniqueConstraint(fields=["grow", "name"], name="blend_name_once")]

    def __str__(self) -> str:
        return self.name


class BlendedWater(Stamped):
    """A water of a blend beside its first, and its share."""

    blend = models.ForeignKey(WaterBlend, models.CASCADE, related_name="parts")
    water = models.ForeignKey(WaterSource, models.CASCADE, related_name="+")
    share = models.DecimalField("of the whole, from 0 to 1", max_digits=9, decimal_places=8)

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.UniqueConstraint(fields=["blend", "water"], name="water_once_in_a_blend"),
            models.CheckConstraint(
                condition=Q(share__gt=0, share__lt=1), name="share_of_a_blend_in_range"
            ),
        ]

    def __str__(self) -> str:
        return f"{self.share} of {self.water}"


class Tank(Stamped):
    """A reservoir, with all the water that is joined to it."""

    name = models.CharField(max_length=LONGEST_NAME)
    crop = models.CharField(max_length=LONGEST_NAME, blank=True)
    system = models.CharField(max_length=LONGEST_NAME, blank=True)
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
    litres = models.DecimalField(max_digits=18, decimal_places=9)
    standing = models.DecimalField(
        "litres that stand in it while the pump rests", max_digits=18, decimal_places=9,
        null=True, blank=True,
    )  # fmt: skip
    joined = models.JSONField(
        "the vessels that it is joined of, as in brisk-measure/tank", null=True, blank=True
    )
    archived_at = models.DateTimeField(null=True, blank=True)
    water = models.ForeignKey(WaterSource, models.PROTECT, related_name="+")
    chart = models.ForeignKey(
        "charts.Chart", models.SET_NULL, null=True, blank=True, related_name="+"
    )
    column = models.CharField(max_length=LONGEST_NAME, blank=True)
    held = models.BooleanField("stays in that column, as leafy herbs do", default=False)
    strength = models.DecimalField(
        "share of the printed doses", max_digits=9, decimal_places=8, default=Decimal("0.5")
    )
    position = models.PositiveSmallIntegerField(default=0)

    class Meta:
        ordering = ["position", "pk"]
        constraints = [
            models.UniqueConstraint(fields=["grow", "name"], name="tank_name_once"),
            models.CheckConstraint(
                condition=Q(litres__gt=0, litres__lte=LARGEST_VOLUME_L), name="tank_litres_in_range"
            ),
            models.CheckConstraint(
                condition=Q(standing=None) | Q(standing__gt=0, standing__lte=models.F("litres")),
                name="tank_stands_at_most_full",
            ),
            models.CheckConstraint(
                condition=Q(width_cm__gt=0, height_cm__gt=0), name="tank_has_a_size"
            ),
            models.CheckConstraint(
                condition=Q(strength__gt=0, strength__lte=HIGHEST_STRENGTH),
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

    @staticmethod
    def in_use(tanks: models.QuerySet["Tank"]) -> models.QuerySet["Tank"]:
        """Tanks that were not put away."""
        return tanks.filter(archived_at=None)

    @property
    def is_being_mixed(self) -> bool:
        """Whether a guided mix is under way in it."""
        mixes: models.Manager[models.Model] = getattr(self, "mixes")  # noqa: B009 -- from above
        return mixes.filter(ended_at=None).exists()

    @staticmethod
    def with_readings(tanks: models.QuerySet["Tank"]) -> models.QuerySet["Tank"]:
        """Tanks with what they last read, `last_ec` in mS/cm and `last_ph`."""
        return tanks.annotate(last_ec=last_value("tank", "ec"), last_ph=last_value("tank", "ph"))

    def as_meant(self) -> TankMeant:
        """What a share of it, or a mark on it, comes to."""
        whole = Volume(figure(self.litres))
        if self.joined is None:
            return TankMeant(whole)
        parts = JoinedDocument.model_validate(self.joined).parts()
        return TankMeant(whole, partial(volume_at_mark, parts))

    def as_tank(self) -> CoreTank:
        """Where the feed goes, as core uses it."""
        return CoreTank(
            grown_in=Medium(self.grown_in),
            system=System(self.system_kind) if self.system_kind else None,
            crop=Crop(self.crop_kind) if self.crop_kind else None,
            joined=Volume(figure(self.litres)),
            held=self.column if self.held and self.column else None,
        )


follow(
    Tank, "name", "crop", "system", "system_kind", "crop_kind", "grown_in", "litres", "standing",
    "water", "archived_at", "held", kind="tank", link="tank",
)  # fmt: skip
follow(
    WaterSource, "name", "kind", "disinfectant", "treated_by", "calcium_ppm", "magnesium_ppm",
    "potassium_ppm", "sodium_ppm", "chloride_ppm", "sulfur_ppm", "nitrate_n_ppm", "alkalinity_ppm",
    "reported_on", "note", kind="water", link="water",
)  # fmt: skip
follow(WaterBlend, "name", kind="blend")

__all__ = ["WATER_READINGS", "BlendedWater", "Tank", "TimeLineEntry", "WaterBlend", "WaterSource"]
