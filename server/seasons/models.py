"""Seasons, and what they were told. What was told is appended and never altered."""

from datetime import date

from django.conf import settings
from django.db import models
from django.db.models import Q
from django.utils import timezone

from core.limits import LONGEST_NAME, LONGEST_WORDS
from server.changes.models import follow
from server.charts.models import ChartVersion
from server.grows.authors import Authored
from server.grows.scope import Owned
from server.tanks.models import Tank


class Season(Owned):
    """One run of a chart on a tank, from planting to its end.

    Tanks may go through a season together: one of them keeps its plan and what it was told, and the
    others go with it from the day on which they joined, each filled and read for itself.
    """

    tank = models.ForeignKey(Tank, models.CASCADE, related_name="seasons")
    version = models.ForeignKey(ChartVersion, models.PROTECT, related_name="seasons")
    planted = models.CharField("what it was begun with", max_length=LONGEST_NAME, blank=True)
    started_on = models.DateField()
    plan = models.JSONField("how it goes, as in brisk-measure/course-request", default=dict)
    ended_on = models.DateField(null=True, blank=True)
    joined_on = models.DateField("the day the tank joined it", null=True, blank=True)
    goes_with = models.ForeignKey(
        "self", models.RESTRICT, null=True, blank=True, related_name="together",
        help_text="the season that keeps the plan and what is told, where it is another tank's",
    )  # fmt: skip

    replaces = models.ForeignKey(
        "self", models.SET_NULL, null=True, blank=True, related_name="replaced_by",
        help_text="the season of its tank that ended when it began",
    )  # fmt: skip

    class Meta:
        ordering = ["-started_on", "-pk"]
        constraints = [
            models.UniqueConstraint(
                fields=["tank"], condition=Q(ended_on=None), name="one_season_at_a_time_in_a_tank"
            ),
            models.CheckConstraint(
                condition=Q(ended_on=None) | Q(ended_on__gte=models.F("started_on")),
                name="season_ends_after_it_starts",
            ),
            models.CheckConstraint(
                condition=Q(joined_on=None) | Q(joined_on__gte=models.F("started_on")),
                name="season_is_joined_after_it_starts",
            ),
            models.CheckConstraint(
                condition=Q(goes_with=None) | Q(joined_on__isnull=False),
                name="who_goes_with_a_season_joined_it",
            ),
        ]

    def __str__(self) -> str:
        return f"{self.tank} since {self.started_on}"

    @property
    def lead(self) -> "Season":
        """The season that keeps the plan and what was told: itself, or the one it goes with."""
        return self.goes_with or self

    @property
    def filled_on(self) -> date:
        """The day of the tank's first filling."""
        return self.joined_on or self.started_on


class SeasonEntry(Owned, Authored):
    """One thing that a season was told: a sign, a decision, a task that was done or left out."""

    class Kind(models.TextChoices):
        SIGN = "sign", "sign"
        HOLD = "hold", "hold"
        ADVANCE = "advance", "advance"
        SET_BACK = "set_back", "set back"
        REPEAT = "repeat", "repeat"
        STRETCH = "stretch", "stretch"
        JUMP = "jump", "jump"
        SWITCH = "switch", "switch"
        DONE = "done", "done"
        SKIPPED = "skipped", "left out"
        TAKEN_BACK = "taken_back", "taken back"

    season = models.ForeignKey(Season, models.CASCADE, related_name="entries")
    kind = models.CharField(max_length=12, choices=Kind)
    on = models.DateField()
    told = models.JSONField("what the kind needs: column, days, sign, task", default=dict)
    version = models.ForeignKey(
        ChartVersion, models.PROTECT, null=True, blank=True, related_name="+",
        help_text="the chart that is switched to",
    )  # fmt: skip
    reason = models.CharField(max_length=LONGEST_WORDS, blank=True)
    takes_back = models.OneToOneField(
        "self", models.CASCADE, null=True, blank=True, related_name="taken_back_by"
    )
    at = models.DateTimeField(default=timezone.now)

    class Meta:
        ordering = ["on", "pk"]
        indexes = [models.Index(fields=["season", "on"], name="entry_of_season")]
        constraints = [
            models.CheckConstraint(
                condition=Q(kind__in=["sign", "hold", "advance", "set_back", "repeat", "stretch",
                                      "jump", "switch", "done", "skipped", "taken_back"]),
                name="season_entry_kind_known",
            ),
            models.CheckConstraint(
                condition=Q(kind="taken_back", takes_back__isnull=False)
                | (~Q(kind="taken_back") & Q(takes_back=None)),
                name="only_what_takes_back_names_another",
            ),
        ]  # fmt: skip

    def __str__(self) -> str:
        return f"{self.kind} on {self.on}"

    def save(self, *args: object, **kwargs: object) -> None:
        if not self._state.adding:
            raise TypeError("What a season was told is never altered; take it back.")
        super().save(*args, **kwargs)  # type: ignore[arg-type]


class CalendarKey(Owned):
    """A secret address by which a calendar reads the tasks; removing it revokes it."""

    person = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="+")
    digest = models.CharField("SHA-256 of the secret, which is kept nowhere", max_length=64)
    made_at = models.DateTimeField(default=timezone.now)

    class Meta:
        constraints = [
            models.UniqueConstraint(fields=["grow", "person"], name="one_calendar_address_each"),
            models.UniqueConstraint(fields=["digest"], name="calendar_digest_once"),
        ]

    def __str__(self) -> str:
        return f"calendar of {self.person}"


follow(
    Season, "version", "planted", "started_on", "plan", "ended_on", "joined_on", kind="season",
    link="tank", of="tank",
)  # fmt: skip
