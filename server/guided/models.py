"""Guided mixes and their events. Events are appended and never altered."""

from datetime import UTC, datetime

from django.conf import settings
from django.db import models
from django.db.models import Q
from django.utils import timezone

from core.formats.guided_plan import plan_from
from core.formats.record import ChangeDocument, CorrectionDocument, MixRecordDocument
from core.guided import Event, EventKind, GuidedPlan
from core.limits import LONGEST_NAME
from core.quantities import figure
from server.charts.models import ChartVersion
from server.grows.authors import LONGEST_AUTHOR, Authored
from server.grows.scope import Owned
from server.tanks.models import Tank

LONGEST_REASON = 200
"""Characters of why a mix was corrected."""


class Mix(Owned):
    """A guided mix, with the plan it was started from; a finished one keeps its record."""

    tank = models.ForeignKey(Tank, models.PROTECT, related_name="mixes")
    version = models.ForeignKey(ChartVersion, models.PROTECT, related_name="mixes")
    label = models.CharField("what the column is called, or the way between two", max_length=260)
    column = models.CharField("key of the column", max_length=LONGEST_NAME, blank=True)
    towards = models.CharField(
        "key of the one it goes towards", max_length=LONGEST_NAME, blank=True
    )
    towards_share = models.DecimalField(
        "how far, from 0 to 1", max_digits=9, decimal_places=8, null=True, blank=True
    )
    strength = models.DecimalField("share of the printed doses", max_digits=9, decimal_places=8)
    plan = models.JSONField("brisk-measure/bench-plan")
    products = models.JSONField("product of the shelf and its tag by key of the row", default=dict)
    started_at = models.DateTimeField(default=timezone.now)
    ended_at = models.DateTimeField(null=True, blank=True)
    record = models.JSONField("as it stands after its corrections", null=True, blank=True)
    simulated_water = models.JSONField("mol/L by component, for the simulated pen", default=dict)

    class Meta:
        ordering = ["-started_at"]
        constraints = [
            models.UniqueConstraint(
                fields=["tank"], condition=Q(ended_at=None), name="one_mix_at_a_time_in_a_tank"
            ),
        ]

    def __str__(self) -> str:
        return f"{self.tank}, {self.label}"

    def product(self, key: str) -> int | None:
        """The product of the shelf behind a row of the chart."""
        found = self.products.get(key)
        return found["product"] if found else None

    def as_record(self) -> MixRecordDocument | None:
        """Its record with its corrections; None while it is not over, or where it was given up."""
        if self.record is None:
            return None
        corrections = [one.as_document() for one in self.corrections.select_related("by")]
        record = MixRecordDocument.model_validate(self.record)
        return record.model_copy(update={"corrections": corrections})

    def first_record(self) -> MixRecordDocument | None:
        """Its record as it was when the mix ended, before any correction."""
        correction = self.corrections.first()
        record = self.record if correction is None else correction.before
        return None if record is None else MixRecordDocument.model_validate(record)

    def as_plan(self) -> GuidedPlan:
        """What it was started from, as core uses it."""
        return plan_from(self.plan)


class MixEvent(Authored):
    """One thing that happened at the bench; `client_id` is made by the device that saw it."""

    mix = models.ForeignKey(Mix, models.CASCADE, related_name="events")
    client_id = models.CharField(max_length=40)
    at = models.DateTimeField()
    by = models.ForeignKey(
        settings.AUTH_USER_MODEL, models.PROTECT, null=True, blank=True, related_name="+"
    )
    kind = models.CharField(max_length=12, choices=[(kind.value, kind.value) for kind in EventKind])
    step = models.CharField(max_length=120, blank=True)
    figure = models.DecimalField(max_digits=20, decimal_places=6, null=True)
    of = models.CharField(max_length=40, blank=True)
    heard_at = models.DateTimeField(default=timezone.now)
    told_by = models.ForeignKey(
        settings.AUTH_USER_MODEL, models.PROTECT, related_name="+", null=True,
        help_text="who was signed in when it was told, where that is somebody else",
    )  # fmt: skip
    told_by_name = models.CharField(
        "the same, where that is no account here", max_length=LONGEST_AUTHOR, blank=True
    )
    clock_off = models.BooleanField(
        "the device's clock was ahead, or a day behind, so that the time is the server's",
        default=False,
    )

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.UniqueConstraint(fields=["mix", "client_id"], name="event_heard_once"),
            models.CheckConstraint(
                condition=Q(kind__in=[kind.value for kind in EventKind]), name="event_kind_known"
            ),
            models.CheckConstraint(
                condition=Q(figure=None) | Q(figure__gte=0), name="event_figure_not_negative"
            ),
            models.CheckConstraint(
                condition=Q(by__isnull=False) | ~Q(by_name=""), name="event_has_an_author"
            ),
        ]

    def __str__(self) -> str:
        return f"{self.kind} {self.step or self.of}"

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("What happened is never altered; add an event that corrects it.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]

    def as_event(self, by: str | None = None) -> Event:
        """The event as core uses it; `by` names its person where that is known already."""
        return Event(
            id=self.client_id,
            at=self.at.timestamp(),
            by=by or self.author or "",
            kind=EventKind(self.kind),
            step=self.step,
            figure=None if self.figure is None else figure(self.figure),
            of=self.of,
        )


class MixCorrection(Authored):
    """A correction of a mix that is over; the mix keeps the record as it stands after it."""

    mix = models.ForeignKey(Mix, models.CASCADE, related_name="corrections")
    by = models.ForeignKey(
        settings.AUTH_USER_MODEL, models.PROTECT, null=True, blank=True, related_name="+"
    )
    at = models.DateTimeField(default=timezone.now)
    why = models.CharField(max_length=LONGEST_REASON)
    changes = models.JSONField("what was corrected, with what stood there before")
    before = models.JSONField("the record before it, brisk-measure/mix-record")

    class Meta:
        ordering = ["pk"]
        constraints = [
            models.CheckConstraint(
                condition=Q(by__isnull=False) | ~Q(by_name=""), name="correction_has_an_author"
            ),
        ]

    def __str__(self) -> str:
        return f"{self.mix_id}: {self.why}"

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("A correction is never altered; correct the mix once more.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]

    def as_document(self) -> CorrectionDocument:
        """The correction as the record of its mix tells it."""
        changes = [ChangeDocument.model_validate(change) for change in self.changes]
        return CorrectionDocument(
            at=self.at.timestamp(), by=self.author or "", why=self.why, changes=changes
        )


def moment(seconds: float) -> datetime:
    """A time of core's as the database keeps it."""
    return datetime.fromtimestamp(seconds, UTC)
