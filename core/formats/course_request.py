"""The format brisk-measure/course-request, version 1."""

from collections.abc import Sequence
from datetime import date, time
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, StrictBool

from core.chart import Chart, Role, Stage
from core.course import (
    Anchor,
    AnchorKind,
    Apart,
    ChangeOut,
    CourseRequest,
    Happening,
    HappeningKind,
    MeterDue,
    Occasion,
    Programme,
    StrengthFrom,
    TimingRule,
    Wait,
)
from core.errors import InputError
from core.formats.chart import FeedChart
from core.formats.fields import (
    Count,
    Day,
    Document,
    Figure,
    Key,
    TimeOfDay,
    VolumeDocument,
    Words,
    within,
)
from core.formats.water import WaterDocument
from core.limits import HIGHEST_STRENGTH, MOST_COLUMNS, MOST_HAPPENED, MOST_PRODUCTS, MOST_RULES
from core.messages import Listed
from core.quantities import Volume
from core.water import Disinfectant

Days = Annotated[int, Field(strict=True, ge=1, le=999)]
SignedDays = Annotated[int, Field(strict=True, ge=-999, le=999)]


class StrengthDocument(Document):
    """A share of the printed dose, from a day or from a column on."""

    from_day: Count = 0
    column: Key | None = None
    strength: Figure

    def strength_from(self) -> StrengthFrom:
        """The strength it means."""
        if self.strength > HIGHEST_STRENGTH:
            raise InputError(
                "strength_out_of_range.strength", "strength", highest_strength=HIGHEST_STRENGTH
            )
        return StrengthFrom(self.strength, self.from_day, self.column)


class ChangeOutDocument(Document):
    """When a tank is filled anew: by days, by what was topped up, with each column."""

    every_days: Days | None = None
    after_topped_up: VolumeDocument | None = None
    with_each_column: StrictBool = False
    plain_water_hours: Annotated[Figure, Field(le=240)] = Fraction(0)

    def change_out(self) -> ChangeOut:
        """The change-outs it means."""
        after = self.after_topped_up
        return ChangeOut(
            every_days=self.every_days,
            after_litres=Volume.of(after.value, after.unit).litres if after else None,
            with_each_column=self.with_each_column,
            plain_water_h=self.plain_water_hours,
        )


class WaitDocument(Document):
    """A column that ends by a sign."""

    column: Key
    sign: Words


class HappeningDocument(Document):
    """What happened on a day; each kind with what it needs."""

    on: Day
    kind: HappeningKind
    column: Key | None = None
    days: SignedDays | None = None
    sign: Words | None = None
    product: Key | None = None
    volume: VolumeDocument | None = None
    chart: FeedChart | None = None
    over_days: Count = 0
    reason: Words = ""

    def happening(self) -> Happening:
        """What it means."""
        return Happening(
            on=self.on,
            kind=self.kind,
            column=self.column,
            days=self.days,
            sign=self.sign,
            product=self.product,
            litres=Volume.of(self.volume.value, self.volume.unit).litres if self.volume else None,
            chart=within("chart", self.chart.chart) if self.chart else None,
            over_days=self.over_days,
            reason=self.reason,
        )


class ApartDocument(Document):
    """Another product, or all of a role, and how many days lie between at least."""

    product: Key | None = None
    role: Role | None = None
    days: Days = 1

    def apart(self) -> Apart:
        """The distance it means."""
        if (self.product is None) is (self.role is None):
            raise InputError("apart_unclear", "product")
        return Apart(self.days, self.product, self.role)


class AnchorDocument(Document):
    """A day counted from the start, a stage, a sign or the harvest; below 0 before it."""

    of: AnchorKind
    name: Words = ""
    days: SignedDays = 0

    def anchor(self) -> Anchor:
        """The day it means."""
        if self.of is AnchorKind.STAGE and self.name not in set(Stage):
            raise InputError("stage_unclear", "name", stages=Listed(tuple(Stage), "comma"))
        return Anchor(self.of, self.name, self.days)


class RuleDocument(Document):
    """When a product is added."""

    product: Key
    every_days: Days | None = None
    from_day: Count = 0
    for_days: Days | None = None
    then_every_days: Days | None = None
    only_stages: Annotated[Sequence[Stage], Field(max_length=len(Stage))] = ()
    until_days_before_harvest: Count | None = None
    occasion: Occasion = Field(default=Occasion.ANY, alias="with")
    apart_from: Annotated[Sequence[ApartDocument], Field(max_length=MOST_PRODUCTS)] = ()
    begins: AnchorDocument | None = None
    ends: AnchorDocument | None = None
    foliar: StrictBool = False

    @classmethod
    def of(cls, rule: TimingRule) -> "RuleDocument":
        """A rule that a leaflet prints, which has none of the bounds and distances."""
        return cls.model_validate(
            {
                "product": rule.product,
                "every_days": rule.every_days,
                "from_day": rule.from_day,
                "only_stages": sorted(rule.only_stages),
                "until_days_before_harvest": rule.until_days_before_harvest,
                "with": rule.occasion,
            }
        )

    def rule(self) -> TimingRule:
        """The rule it means."""
        return TimingRule(
            product=self.product,
            every_days=self.every_days,
            from_day=self.from_day,
            for_days=self.for_days,
            then_every_days=self.then_every_days,
            only_stages=frozenset(self.only_stages),
            until_days_before_harvest=self.until_days_before_harvest,
            occasion=self.occasion,
            apart_from=tuple(
                within(f"apart_from[{at}]", one.apart) for at, one in enumerate(self.apart_from)
            ),
            begins=within("begins", self.begins.anchor) if self.begins else None,
            ends=within("ends", self.ends.anchor) if self.ends else None,
            is_foliar=self.foliar,
        )


class MeterDueDocument(Document):
    """A meter and when it is calibrated."""

    name: Words
    every_days: Days
    last: Day | None = None


class SeasonDocument(Document):
    """How a season goes, whatever happens in it; without what it is given in a course request."""

    first_column: Key | None = None
    strengths: Annotated[Sequence[StrengthDocument], Field(max_length=MOST_COLUMNS)] = ()
    change_out: ChangeOutDocument | None = None
    waits_for: Annotated[Sequence[WaitDocument], Field(max_length=MOST_COLUMNS)] = ()
    rules: Annotated[Sequence[RuleDocument], Field(max_length=MOST_RULES)] = ()
    harvest: Day | None = None
    flush_days: Count | None = None
    programme: Programme = Programme.MINERAL
    mix_at: TimeOfDay = time(9)
    read_every_days: Days | None = 1
    most_additions_a_day: Days | None = None
    stock_hours: Annotated[Figure, Field(le=240)] | None = None
    meters: Annotated[Sequence[MeterDueDocument], Field(max_length=MOST_PRODUCTS)] = ()

    def course_request(
        self,
        chart: Chart,
        start: date,
        until: date,
        *,
        time_zone: str,
        happened: Sequence[Happening],
        disinfectant: Disinfectant | None,
        filled_on: date | None = None,
    ) -> CourseRequest:
        """The request for a season on a chart.

        Raises:
            InputError: something in it lacks what it needs.
        """
        return CourseRequest(
            chart=chart,
            start=start,
            until=until,
            time_zone=time_zone,
            first_column=self.first_column,
            strengths=tuple(
                within(f"strengths[{at}]", one.strength_from)
                for at, one in enumerate(self.strengths)
            ),
            change_out=(
                within("change_out", self.change_out.change_out) if self.change_out else None
            ),
            waits_for=tuple(Wait(awaited.column, awaited.sign) for awaited in self.waits_for),
            happened=tuple(happened),
            rules=tuple(within(f"rules[{at}]", one.rule) for at, one in enumerate(self.rules)),
            harvest=self.harvest,
            flush_days=self.flush_days,
            disinfectant=disinfectant or Disinfectant.NONE,
            programme=self.programme,
            mix_at=self.mix_at,
            read_every_days=self.read_every_days,
            most_additions_a_day=self.most_additions_a_day,
            stock_h=self.stock_hours,
            meters=tuple(
                MeterDue(meter.name, meter.every_days, meter.last) for meter in self.meters
            ),
            filled_on=filled_on,
        )


class CourseRequestDocument(SeasonDocument):
    """All that the course of a tank is planned from."""

    format: Literal["brisk-measure/course-request"]
    version: Literal[1]
    chart: FeedChart
    start: Day
    until: Day
    time_zone: Words = "UTC"
    filled_on: Day | None = None
    happened: Annotated[Sequence[HappeningDocument], Field(max_length=MOST_HAPPENED)] = ()
    water: WaterDocument | None = None

    def request(self) -> CourseRequest:
        """The request it means.

        Raises:
            InputError: the chart contradicts itself, or what happened lacks what it needs.
        """
        water = within("water", self.water.water) if self.water else None
        return self.course_request(
            within("chart", self.chart.chart),
            self.start,
            self.until,
            time_zone=self.time_zone,
            happened=[
                within(f"happened[{at}]", one.happening) for at, one in enumerate(self.happened)
            ],
            disinfectant=water.disinfectant if water else None,
            filled_on=self.filled_on,
        )
