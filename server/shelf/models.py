"""Products with their labels and stock, measuring vessels, and meters."""

from collections.abc import Mapping
from fractions import Fraction
from typing import Any

from django.db import models
from django.db.models import F, Q
from django.utils import timezone

from core.chart import Form, Role
from core.chemistry import Label
from core.formats import LabelDocument
from core.limits import LONGEST_NAME
from core.meters import Calibration, Measures, MeterKind, Point, calibrate
from core.quantities import decimal_text, figure
from core.vessels import Shows, Vessel, VesselKind
from server.changes.models import follow
from server.grows.authors import Authored
from server.grows.scope import Owned
from server.grows.stamped import Stamped
from server.shelf.bottles import Bottle, StockEntry


class Product(Stamped):
    """A bottle, jar or bag on the shelf."""

    maker = models.CharField(max_length=LONGEST_NAME, blank=True)
    name = models.CharField(max_length=LONGEST_NAME)
    tag = models.CharField(
        "two letters on the paper label, three where two are all taken", max_length=3
    )
    role = models.CharField(max_length=20, choices=[(role.value, role.value) for role in Role])
    form = models.CharField(
        max_length=8, choices=[(form.value, form.value) for form in Form], default=Form.LIQUID.value
    )
    label = models.JSONField("what its label says, as the open formats have it", null=True)
    left = models.DecimalField(
        "what is left, mL or g", max_digits=14, decimal_places=3, null=True, blank=True
    )
    size = models.DecimalField(
        "what the price buys, mL or g", max_digits=14, decimal_places=3, null=True, blank=True
    )
    price = models.DecimalField(
        "in the grower's own money", max_digits=12, decimal_places=2, null=True, blank=True
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
                condition=Q(size=None) | Q(size__gt=0), name="product_size_above_zero"
            ),
            models.CheckConstraint(
                condition=Q(price=None) | Q(price__gte=0), name="product_price_not_negative"
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

    @property
    def cost(self) -> Fraction | None:
        """What a mL or g of it costs; None where nobody told."""
        if self.price is None or self.size is None:
            return None
        return figure(self.price) / figure(self.size)

    def read_label(self) -> Label | None:
        """What its label says, as core uses it; None where nobody entered it."""
        return label_from(self.label)


def label_from(stored: Mapping[str, Any] | None) -> Label | None:
    """A stored label as core uses it."""
    return LabelDocument.model_validate(stored).label() if stored else None


class MeasuringVessel(Stamped):
    """A vessel or scale of a grow; capacity and mark in mL, of a scale in g.

    A cup is marked for one product, and goes with it.
    """

    kind = models.CharField(max_length=12, choices=[(k.value, k.value) for k in VesselKind])
    capacity = models.DecimalField(max_digits=14, decimal_places=6)
    mark = models.DecimalField(max_digits=14, decimal_places=6)
    shows = models.CharField(
        max_length=6, choices=[(s.value, s.value) for s in Shows], default=Shows.G.value
    )
    position = models.PositiveSmallIntegerField(default=0)
    product = models.ForeignKey(Product, models.CASCADE, null=True, blank=True, related_name="cups")
    words = models.CharField("what a marked cup is", max_length=LONGEST_NAME, blank=True)

    class Meta:
        ordering = ["position", "pk"]
        constraints = [
            models.CheckConstraint(
                condition=Q(kind=VesselKind.MARKED_CUP.value, product__isnull=False)
                | (~Q(kind=VesselKind.MARKED_CUP.value) & Q(product=None)),
                name="vessel_is_marked_for_a_product",
            ),
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
        return f"{self.kind} {decimal_text(figure(self.capacity))}"

    def as_vessel(self) -> Vessel:
        """What core uses; the product of a marked cup by its number."""
        return Vessel(
            VesselKind(self.kind),
            figure(self.capacity),
            figure(self.mark),
            Shows(self.shows),
            None if self.product_id is None else str(self.product_id),
            self.words,
        )


class Meter(Owned):
    """A meter; a simulated one is connected and shows what PHREEQC makes of what was poured."""

    class Connection(models.TextChoices):
        BY_HAND = "by_hand", "read by hand"
        SIMULATED = "simulated", "simulated"

    name = models.CharField(max_length=LONGEST_NAME)
    kind = models.CharField(
        max_length=8,
        choices=[(kind.value, kind.value) for kind in MeterKind],
        default=MeterKind.PEN.value,
    )
    connection = models.CharField(
        max_length=12, choices=Connection, default=Connection.BY_HAND.value
    )
    every_days = models.PositiveSmallIntegerField("between calibrations", default=30)

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.UniqueConstraint(fields=["grow", "name"], name="meter_name_once"),
            models.CheckConstraint(
                condition=Q(connection__in=["by_hand", "simulated"]), name="meter_connection_known"
            ),
            models.CheckConstraint(
                condition=Q(kind__in=[kind.value for kind in MeterKind]), name="meter_kind_known"
            ),
            models.CheckConstraint(
                condition=Q(every_days__gt=0), name="meter_days_between_calibrations"
            ),
        ]

    def __str__(self) -> str:
        return self.name


class CalibrationEntry(Owned, Authored):
    """What a meter read in its standards on a day; appended, the latest counts."""

    meter = models.ForeignKey(Meter, models.CASCADE, related_name="calibrations")
    measures = models.CharField(
        max_length=2, choices=[(Measure.value, Measure.value) for Measure in Measures]
    )
    points = models.JSONField("standards and what was read, in mS/cm or pH")
    degrees = models.DecimalField("°C of the standards", max_digits=4, decimal_places=1)
    at = models.DateTimeField(default=timezone.now)

    class Meta:
        ordering = ["at", "pk"]
        indexes = [models.Index(fields=["meter", "measures", "at"], name="calibration_of_meter")]

    def __str__(self) -> str:
        return f"{self.meter} on {self.at}"

    def as_calibration(self) -> Calibration:
        """How far the meter was off, as core uses it."""
        points = [Point(figure(point["standard"]), figure(point["read"])) for point in self.points]
        return calibrate(Measures(self.measures), points, figure(self.degrees))


follow(
    Product, "name", "maker", "role", "form", "label", "size", "price", "hard_form_of",
    kind="product", link="product",
)  # fmt: skip
follow(Meter, "name", "kind", "every_days", kind="meter")

__all__ = ["Bottle", "CalibrationEntry", "MeasuringVessel", "Meter", "Product", "StockEntry"]
