"""A grow is a workspace: everything a team owns belongs to one."""

from typing import Literal

from django.conf import settings
from django.db import models
from django.utils import timezone

from core.guided import Pace
from core.order.rules import CalmagPlace, LivePlace, OrderPreferences, RowsPlace, SilicaPlace
from core.quantities import ReadingScale, ReadingUnit, Spoons, TemperatureUnit, VolumeUnit
from core.quantities.dose_units import Gallon
from core.quantities.readings import PPM_SCALES
from core.wording import Manner
from server.grows.roles import MemberRole


class Grow(models.Model):
    """A workspace."""

    name = models.CharField(max_length=80)
    time_zone = models.CharField(max_length=60, default="UTC")
    is_demo = models.BooleanField(default=False)
    people = models.ManyToManyField(settings.AUTH_USER_MODEL, through="Membership")
    calmag = models.CharField(
        max_length=16,
        choices=[(place.value, place.value) for place in CalmagPlace],
        default=CalmagPlace.BEFORE_BASE.value,
    )
    silica = models.CharField(
        max_length=16,
        choices=[(place.value, place.value) for place in SilicaPlace],
        default=SilicaPlace.AFTER_BUFFER.value,
    )
    live = models.CharField(
        max_length=16,
        choices=[(place.value, place.value) for place in LivePlace],
        default=LivePlace.LAST.value,
    )
    rows = models.CharField(
        "whose order holds on charts whose rows are the order",
        max_length=16,
        choices=[(place.value, place.value) for place in RowsPlace],
        default=RowsPlace.PRINTED.value,
    )
    ranges = models.JSONField("own ranges of elements, ppm", default=dict, blank=True)
    stamp = models.PositiveBigIntegerField(
        "moves when anything changes on which mixes stand", default=0
    )

    class Meta:
        constraints = [
            models.CheckConstraint(
                condition=models.Q(**{f"{name}__in": [place.value for place in places]}),
                name=f"grow_{name}_known",
            )
            for name, places in (
                ("calmag", CalmagPlace),
                ("silica", SilicaPlace),
                ("live", LivePlace),
                ("rows", RowsPlace),
            )
        ]

    def __str__(self) -> str:
        return self.name

    @property
    def order_preferences(self) -> OrderPreferences:
        """The schools of mixing order that this grow follows."""
        return OrderPreferences(
            CalmagPlace(self.calmag),
            SilicaPlace(self.silica),
            LivePlace(self.live),
            RowsPlace(self.rows),
        )


class Clock(models.TextChoices):
    """How a person writes the time of day."""

    H24 = "24", "21:05"
    H12 = "12", "9:05 pm"


class DecimalMark(models.TextChoices):
    """What a person writes between whole and part; requests and files have a point."""

    POINT = ".", "1.5"
    COMMA = ",", "1,5"


class DateStyle(models.TextChoices):
    """How a person writes dates."""

    DAY_FIRST = "day_first", "2 December"
    MONTH_FIRST = "month_first", "December 2"
    ISO = "iso", "2026-12-02"


class Membership(models.Model):
    """A person in a grow, with the units that person reads and pours in."""

    class Gallons(models.TextChoices):
        US = "us", "US gallon"
        UK = "uk", "UK gallon"

    grow = models.ForeignKey(Grow, models.CASCADE, related_name="memberships")
    role = models.CharField(max_length=8, choices=MemberRole, default=MemberRole.OWNER)
    person = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="memberships")
    volume_unit = models.CharField(
        max_length=8,
        choices=[(unit.value, unit.value) for unit in VolumeUnit],
        default=VolumeUnit.L.value,
    )
    gallon = models.CharField(max_length=2, choices=Gallons, blank=True)
    reading_unit = models.CharField(
        max_length=8,
        choices=[(unit.value, unit.value) for unit in ReadingUnit],
        default=ReadingUnit.MS_CM.value,
    )
    ppm_scale = models.PositiveSmallIntegerField(null=True, blank=True)
    spoons = models.CharField(
        max_length=8, choices=[(s.value, s.value) for s in Spoons], default=Spoons.METRIC.value
    )
    temperature_unit = models.CharField(
        max_length=1,
        choices=[(unit.value, unit.value) for unit in TemperatureUnit],
        default=TemperatureUnit.C.value,
    )
    decimal_mark = models.CharField(max_length=1, choices=DecimalMark, default=DecimalMark.POINT)
    clock = models.CharField(max_length=2, choices=Clock, default=Clock.H24)
    dates = models.CharField("how dates are written", max_length=11, choices=DateStyle,
                             default=DateStyle.DAY_FIRST)  # fmt: skip
    pace = models.CharField(
        "at the bench", max_length=8, choices=[(p.value, p.value) for p in Pace],
        default=Pace.USUAL.value,
    )  # fmt: skip
    night = models.BooleanField("whether the bench is dark", default=False)

    class Meta:
        constraints = [
            models.UniqueConstraint(fields=["grow", "person"], name="membership_once"),
            models.CheckConstraint(
                condition=models.Q(role__in=MemberRole.values), name="membership_role_known"
            ),
            models.CheckConstraint(
                condition=(
                    models.Q(reading_unit="ppm", ppm_scale__isnull=False, ppm_scale__in=PPM_SCALES)
                    | (~models.Q(reading_unit="ppm") & models.Q(ppm_scale=None))
                ),
                name="membership_ppm_has_scale",
            ),
            models.CheckConstraint(
                condition=models.Q(reading_unit__in=[unit.value for unit in ReadingUnit]),
                name="membership_reading_unit_known",
            ),
            models.CheckConstraint(
                condition=models.Q(pace__in=[pace.value for pace in Pace]),
                name="membership_pace_known",
            ),
            models.CheckConstraint(
                condition=models.Q(volume_unit__in=[unit.value for unit in VolumeUnit]),
                name="membership_volume_unit_known",
            ),
            models.CheckConstraint(
                condition=models.Q(
                    temperature_unit__in=[unit.value for unit in TemperatureUnit],
                    decimal_mark__in=[".", ","],
                    clock__in=["24", "12"],
                    dates__in=["day_first", "month_first", "iso"],
                ),
                name="membership_writing_known",
            ),
        ]

    def __str__(self) -> str:
        return f"{self.person} in {self.grow}"

    @property
    def mark(self) -> Literal[".", ","]:
        """What this person writes before decimals."""
        return "," if self.decimal_mark == DecimalMark.COMMA else "."

    @property
    def meant(self) -> Gallon | None:
        """Which gallon this person means, if that was ever said."""
        match self.gallon:
            case "us" | "uk" as gallon:
                return gallon
            case _:
                return None

    @property
    def manner(self) -> Manner:
        """How this person wants figures written."""
        return Manner(self.meter, self.tank_unit, self.mark)

    @property
    def degrees(self) -> TemperatureUnit:
        """The unit this person gives temperatures in."""
        return TemperatureUnit(self.temperature_unit)

    @property
    def tank_unit(self) -> VolumeUnit:
        """The unit this person gives the water of a tank in."""
        return VolumeUnit(self.volume_unit)

    @property
    def meter(self) -> ReadingScale:
        """The unit this person's pen reads in."""
        scale = self.ppm_scale
        match scale:
            case 500 | 640 | 700:
                return ReadingScale(ReadingUnit(self.reading_unit), scale)
            case _:
                return ReadingScale(ReadingUnit(self.reading_unit))


class Invitation(models.Model):
    """A link by which somebody joins a grow, once, within a week."""

    grow = models.ForeignKey(Grow, models.CASCADE, related_name="+")
    role = models.CharField(max_length=8, choices=MemberRole)
    digest = models.CharField("SHA-256 of the secret, which is kept nowhere", max_length=64)
    by = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="+")
    made_at = models.DateTimeField(auto_now_add=True)
    ends_at = models.DateTimeField()
    used_at = models.DateTimeField(null=True, blank=True)

    class Meta:
        constraints = [
            models.UniqueConstraint(fields=["digest"], name="invitation_digest_once"),
            models.CheckConstraint(
                condition=models.Q(role__in=MemberRole.values), name="invitation_role_known"
            ),
        ]

    def __str__(self) -> str:
        return f"invitation to {self.grow}"

    @staticmethod
    def open(grow: Grow) -> list["Invitation"]:
        """Those of a grow that can still be used."""
        found = Invitation.usable().filter(grow=grow)
        return list(found.select_related("by").order_by("pk"))

    @staticmethod
    def usable() -> models.QuerySet["Invitation"]:
        """Those that let somebody in: who made them is an owner of the grow still."""
        owners = Membership.objects.filter(
            grow=models.OuterRef("grow"), person=models.OuterRef("by"), role=MemberRole.OWNER
        )
        found = Invitation.objects.filter(used_at=None, ends_at__gt=timezone.now())
        return found.filter(models.Exists(owners))


class Device(models.Model):
    """Where a person is signed in: one row beside each of the person's sessions."""

    person = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="+")
    session_key = models.CharField(max_length=40, unique=True)
    agent = models.CharField("what the browser says it is", max_length=200, blank=True)
    at = models.DateTimeField(auto_now_add=True)

    def __str__(self) -> str:
        return f"{self.person} since {self.at}"


class HeardAct(models.Model):
    """The key of an act that was heard; see `server.grows.once`."""

    grow = models.ForeignKey(Grow, models.CASCADE, related_name="+")
    key = models.CharField(max_length=40)
    at = models.DateTimeField(default=timezone.now)

    class Meta:
        constraints = [models.UniqueConstraint(fields=["grow", "key"], name="act_heard_once")]

    def __str__(self) -> str:
        return self.key
