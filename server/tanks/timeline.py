"""What happened to a tank or a water: one append-only line, from which all that is known follows.

A correction is an entry of its own that names the one it stands for; that one no longer counts.
"""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from datetime import datetime
from fractions import Fraction
from typing import Any

from django.db import models, transaction
from django.db.models import Exists, OuterRef, Q, Subquery
from django.utils import timezone

from core.quantities import decimal_text, figure, rounded
from server.grows.authors import Authored
from server.grows.scope import Owned
from server.grows.stamped import touch

UNITS: Mapping[str, str] = {
    "ec": "mS/cm",
    "target_low": "mS/cm",
    "target_high": "mS/cm",
    "ph": "pH",
    "temperature": "°C",
    "litres": "L",
    "alkalinity": "meq/L",
    "look_again": "h",
    "use_by": "d",
    "change_out": "d",
}
"""What an entry may tell, and the unit in which it is kept; an amount poured has mL or g."""


def value_of(what: str, value: Fraction | None) -> dict[str, str] | None:
    """A figure as an entry keeps it: exact, with its unit; None where it is no longer known."""
    if value is None:
        return None
    return {"value": decimal_text(rounded(value, 6)), "unit": UNITS[what]}


class TimeLineEntry(Owned, Authored):
    """One thing that happened to a tank or a water."""

    class Kind(models.TextChoices):
        READING = "reading", "reading"
        POUR = "pour", "pour"
        MIX = "mix", "mix"
        TOP_UP = "top_up", "top-up"
        CHANGE_OUT = "change_out", "change-out"
        REMARK = "remark", "remark"
        FIRST_FILL = "first_fill", "filled with plain water, to be watched for leaks"
        TIGHT = "tight", "no leak seen"
        LEAK = "leak", "a leak seen"

    class Source(models.TextChoices):
        HAND = "hand", "typed by hand"
        GUIDED = "guided", "from a guided mix"
        EARLIER = "earlier", "kept before there was a time line"

    tank = models.ForeignKey(
        "tanks.Tank", models.CASCADE, null=True, blank=True, related_name="entries"
    )
    water = models.ForeignKey(
        "tanks.WaterSource", models.CASCADE, null=True, blank=True, related_name="entries"
    )
    kind = models.CharField(max_length=12, choices=Kind)
    values = models.JSONField("by what is told, its value and unit", default=dict)
    note = models.CharField(max_length=120, blank=True)
    at = models.DateTimeField()
    source = models.CharField(max_length=10, choices=Source, default=Source.HAND)
    product = models.PositiveBigIntegerField(
        "number on the shelf of what was poured", null=True, blank=True
    )
    mix = models.PositiveBigIntegerField("number of the guided mix", null=True, blank=True)
    corrects = models.OneToOneField(
        "self", models.CASCADE, null=True, blank=True, related_name="corrected_by"
    )

    class Meta:
        ordering = ["at", "pk"]
        indexes = [
            models.Index(fields=["tank", "at"], name="entry_of_tank"),
            models.Index(fields=["tank", "kind", "at"], name="entry_of_tank_by_kind"),
            models.Index(fields=["water", "at"], name="entry_of_water"),
            models.Index(fields=["mix"], name="entry_of_mix"),
        ]
        constraints = [
            models.CheckConstraint(
                condition=Q(tank=None, water__isnull=False) | Q(tank__isnull=False, water=None),
                name="entry_of_one_thing",
            ),
            models.CheckConstraint(
                condition=Q(
                    kind__in=[
                        "reading",
                        "pour",
                        "mix",
                        "top_up",
                        "change_out",
                        "remark",
                        "first_fill",
                        "tight",
                        "leak",
                    ]
                ),
                name="entry_kind_known",
            ),
        ]

    def __str__(self) -> str:
        return f"{self.kind} {self.at}"

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("What happened is never altered; add an entry that corrects it.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]


def standing(entries: models.QuerySet[TimeLineEntry]) -> models.QuerySet[TimeLineEntry]:
    """Those that no other corrects.

    Asked as NOT EXISTS: PostgreSQL joins the whole line with itself for `corrected_by=None`.
    """
    return entries.filter(~Exists(TimeLineEntry.objects.filter(corrects=OuterRef("pk"))))


def last_value(of: str, what: str) -> Subquery:
    """The text of what a thing's latest entry says, for a query over tanks or waters.

    Args:
        of: `tank` or `water`.
        what: one of `UNITS`.
    """
    entries = (
        standing(TimeLineEntry.objects.all())
        .filter(**{of: OuterRef("pk"), "values__has_key": what})
        .order_by("-at", "-pk")
        .values(f"values__{what}__value")
    )
    return Subquery(entries[:1], output_field=models.JSONField())


def note_reading(water: Owned, readings: Mapping[str, Fraction | None], *, by: int | None) -> None:
    """A water was read; None takes back what was known.

    Args:
        water: the water source.
        readings: what was read, of `UNITS`.
        by: the number of who read it.
    """
    with transaction.atomic():
        TimeLineEntry.objects.create(
            grow_id=water.grow_id,
            water_id=water.pk,
            kind=TimeLineEntry.Kind.READING,
            values={what: value_of(what, value) for what, value in readings.items()},
            at=timezone.now(),
            by_id=by,
        )
        touch([water.grow_id])


def last_look() -> Subquery:
    """When somebody read a tank last, apart from a mix; for a query over tanks."""
    looks = (
        standing(TimeLineEntry.objects.all())
        .filter(tank=OuterRef("pk"), kind=TimeLineEntry.Kind.READING, mix=None)
        .order_by("-at")
        .values("at")
    )
    return Subquery(looks[:1])


@dataclass(frozen=True, slots=True)
class LastMix:
    """When a tank was last mixed, and when it asks for something by that."""

    mixed_at: datetime
    values: Mapping[str, Fraction]

    @classmethod
    def of(cls, tank: object) -> "LastMix | None":
        """That of a tank which was fetched with `last_mix`."""
        at: datetime | None = getattr(tank, "mixed_at", None)
        values: Mapping[str, Any] | None = getattr(tank, "mix_values", None)
        return None if at is None or values is None else cls(at, exact_values(values))


def last_mix() -> dict[str, Subquery]:
    """When a tank was mixed last and what the mix told, for a query over tanks."""
    mixes = (
        standing(TimeLineEntry.objects.all())
        .filter(tank=OuterRef("pk"), kind=TimeLineEntry.Kind.MIX)
        .order_by("-at", "-pk")
    )
    return {
        "mixed_at": Subquery(mixes.values("at")[:1]),
        "mix_values": Subquery(mixes.values("values")[:1]),
    }


def last_mixes(tanks: Iterable[int]) -> dict[int, LastMix]:
    """The last mix of each tank that was mixed, with one query."""
    entries = (
        standing(TimeLineEntry.objects.all())
        .filter(tank__in=list(tanks), kind=TimeLineEntry.Kind.MIX)
        .order_by("tank_id", "-at", "-pk")
        .distinct("tank_id")
        .values_list("tank_id", "at", "values")
    )
    return {tank: LastMix(at, exact_values(values)) for tank, at, values in entries if tank}


def exact_values(values: Mapping[str, Any]) -> dict[str, Fraction]:
    """The figures of an entry, in the units of `UNITS`."""
    return {what: figure(told["value"]) for what, told in values.items() if told}
