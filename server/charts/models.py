"""Products, and charts in versions: an edit makes a new version, a used one is never altered."""

from django.db import models
from django.db.models import F, Q

from core.chart import Form, Medium, Readings, Role, Stage
from core.quantities import DoseUnit, ReadingUnit
from core.quantities.readings import PPM_SCALES
from server.grows.scope import Owned
from server.grows.shelved import Shelved


def _given(*fields: str) -> Q:
    """That fields are not null; a comparison with null would let a check pass."""
    return Q(**{f"{field}__isnull": False for field in fields})


class Product(Shelved):
    """A bottle, jar or bag on the shelf."""

    maker = models.CharField(max_length=60, blank=True)
    name = models.CharField(max_length=60)
    tag = models.CharField("two letters on the paper label", max_length=2)
    role = models.CharField(max_length=20, choices=[(role.value, role.value) for role in Role])
    form = models.CharField(
        max_length=8, choices=[(form.value, form.value) for form in Form], default=Form.LIQUID.value
    )
    label = models.JSONField("what its label says, as the open formats have it", null=True)
    left = models.DecimalField(
        "what is left, mL or g", max_digits=14, decimal_places=3, null=True, blank=True
    )
    short = models.DecimalField(
        "mL or g that were poured beyond what was left", max_digits=14, decimal_places=3, null=True
    )
    hard_form_of = models.ForeignKey(
        "self", models.SET_NULL, null=True, blank=True, related_name="+"
    )

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.CheckConstraint(
                condition=Q(left=None) | Q(left__gte=0), name="product_left_not_negative"
            ),
            models.CheckConstraint(
                condition=Q(hard_form_of=None) | ~Q(hard_form_of=F("id")),
                name="product_not_its_own_form",
            ),
            models.UniqueConstraint(fields=["grow", "name"], name="product_name_once"),
            models.UniqueConstraint(fields=["grow", "tag"], name="product_tag_once"),
            models.CheckConstraint(
                condition=Q(role__in=[role.value for role in Role]), name="product_role_known"
            ),
        ]

    def __str__(self) -> str:
        return self.name


class Chart(Owned):
    """A leaflet, under one name through all its versions."""

    name = models.CharField(max_length=80)
    maker = models.CharField(max_length=60, blank=True)

    class Meta:
        ordering = ["pk"]
        constraints = [models.UniqueConstraint(fields=["grow", "name"], name="chart_name_once")]

    def __str__(self) -> str:
        return self.name


class _WrittenOnce(models.Model):
    """A part of a chart version: written once, then only read."""

    class Meta:
        abstract = True

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("A chart version is never altered; publish a new one.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]


class ChartVersion(_WrittenOnce, Owned):
    """One state of a chart, which a mix keeps as the one it was computed from."""

    chart = models.ForeignKey(Chart, models.CASCADE, related_name="versions")
    number = models.PositiveIntegerField()
    medium = models.CharField(
        max_length=8, choices=[(medium.value, medium.value) for medium in Medium]
    )
    readings = models.CharField(
        max_length=8, choices=[(readings.value, readings.value) for readings in Readings]
    )
    rows_are_order = models.BooleanField(default=False)
    written_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        ordering = ["chart", "-number"]
        constraints = [
            models.UniqueConstraint(fields=["chart", "number"], name="version_number_once"),
            models.CheckConstraint(condition=Q(number__gte=1), name="version_number_from_one"),
        ]

    def __str__(self) -> str:
        return f"{self.chart}, version {self.number}"


class ChartRow(_WrittenOnce):
    """A row: a product as this version prints it."""

    version = models.ForeignKey(ChartVersion, models.CASCADE, related_name="rows")
    product = models.ForeignKey(Product, models.PROTECT, related_name="rows")
    key = models.CharField(max_length=60)
    position = models.PositiveSmallIntegerField()
    role = models.CharField(max_length=20, choices=[(role.value, role.value) for role in Role])
    group = models.CharField(max_length=120, blank=True)
    rank = models.PositiveSmallIntegerField(default=0)
    form = models.CharField(max_length=8, choices=[(form.value, form.value) for form in Form])
    scales = models.BooleanField()
    after = models.JSONField(default=list)
    wait_min = models.PositiveSmallIntegerField(null=True)
    oxidiser = models.BooleanField(default=False)
    settles = models.BooleanField(default=False)

    class Meta:
        ordering = ["position"]
        constraints = [
            models.UniqueConstraint(fields=["version", "key"], name="row_key_once"),
            models.UniqueConstraint(fields=["version", "position"], name="row_position_once"),
        ]


class ChartColumn(_WrittenOnce):
    """A column: a week or stage. EC as printed, in ec_unit and, if that is ppm, on ppm_scale."""

    version = models.ForeignKey(ChartVersion, models.CASCADE, related_name="columns")
    key = models.CharField(max_length=60)
    position = models.PositiveSmallIntegerField()
    label = models.CharField(max_length=120)
    days = models.PositiveSmallIntegerField(null=True)
    stage = models.CharField(
        max_length=12, blank=True, choices=[(stage.value, stage.value) for stage in Stage]
    )
    ec_low = models.DecimalField(max_digits=24, decimal_places=12, null=True)
    ec_high = models.DecimalField(max_digits=24, decimal_places=12, null=True)
    ec_unit = models.CharField(
        max_length=8, blank=True, choices=[(unit.value, unit.value) for unit in ReadingUnit]
    )
    ppm_scale = models.PositiveSmallIntegerField(null=True)
    ph_low = models.DecimalField(max_digits=14, decimal_places=12, null=True)
    ph_high = models.DecimalField(max_digits=14, decimal_places=12, null=True)

    class Meta:
        ordering = ["position"]
        constraints = [
            models.UniqueConstraint(fields=["version", "key"], name="column_key_once"),
            models.UniqueConstraint(fields=["version", "position"], name="column_position_once"),
            models.CheckConstraint(
                condition=Q(ec_low=None, ec_high=None, ec_unit="")
                | _given("ec_low", "ec_high")
                & Q(ec_low__gte=0, ec_high__gte=F("ec_low"))
                & ~Q(ec_unit=""),
                name="column_ec_in_order",
            ),
            models.CheckConstraint(
                condition=_given("ppm_scale") & Q(ec_unit="ppm", ppm_scale__in=PPM_SCALES)
                | ~Q(ec_unit="ppm") & Q(ppm_scale=None),
                name="column_ppm_has_scale",
            ),
            models.CheckConstraint(
                condition=Q(ph_low=None, ph_high=None)
                | _given("ph_low", "ph_high")
                & Q(ph_low__gte=0, ph_high__gte=F("ph_low"), ph_high__lte=14),
                name="column_ph_in_order",
            ),
        ]


class ChartDose(_WrittenOnce):
    """A cell: a dose, a rule until which EC (mS/cm above the water) to pour, or both."""

    row = models.ForeignKey(ChartRow, models.CASCADE, related_name="doses")
    column = models.ForeignKey(ChartColumn, models.CASCADE, related_name="doses")
    low = models.DecimalField(max_digits=24, decimal_places=12, null=True)
    high = models.DecimalField(max_digits=24, decimal_places=12, null=True)
    unit = models.CharField(
        max_length=16, blank=True, choices=[(unit.value, unit.value) for unit in DoseUnit]
    )
    until_ec = models.DecimalField(max_digits=24, decimal_places=12, null=True)

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.UniqueConstraint(fields=["row", "column"], name="dose_cell_once"),
            models.CheckConstraint(
                condition=_given("low", "high") & Q(low__gte=0, high__gte=F("low")) & ~Q(unit="")
                | _given("until_ec") & Q(low=None, high=None, unit=""),
                name="dose_whole_and_in_order",
            ),
            models.CheckConstraint(
                condition=Q(until_ec=None) | Q(until_ec__gte=0), name="dose_until_not_negative"
            ),
        ]
