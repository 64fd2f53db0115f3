"""The shapes in which the bench is told where a guided mix stands."""

from datetime import date, datetime

from ninja import Schema

from core.chemistry import Element
from core.formats.measured import MeasuredDocument
from core.formats.record import MixRecordDocument
from core.guided import Ending, Pace, StepKind, StepStatus
from core.guided.ec.steering import Verdict
from core.planning.planned_pours import Pass
from server.grows.figures import Figure
from server.grows.units import UnitsOut
from server.guided.summary import SummaryOut
from server.shelf.calibrations import BesideReading


class StepOut(Schema):
    """One step; `amount` exact as text, `due` in epoch seconds.

    `unit` is the person's own. `goes_in` is what is in when the vessels were filled to their
    marks, `exact` the same with its unit, whatever units are shown; that is told when poured.
    `why` is the reason of an advice, with its likely `causes`, the likeliest first; it `offers`
    where it is more than is right, for whoever takes it on purpose.
    `beyond` is what the reading asks for where printed dose × strength caps the amount; `of_dose`
    is the share of that, "126 %", at which a product stands after an addition; told of more than
    `odd_above`, one is asked whether it is so;
    `figure_shown` is what was poured or read, in the person's unit. `ends` tells what ends it at
    this person's pace, and `takes_s` about how many seconds it takes then.
    """

    id: str
    kind: StepKind
    status: StepStatus
    pour: int | None
    product: str | None
    name: str | None
    amount: str | None
    goes_in: str | None
    exact: Figure | None
    unit: str
    measured: MeasuredDocument | None
    cup_water: str | None
    beyond: str | None
    of_dose: str | None
    odd_above: str | None
    why: str
    offers: bool
    causes: list[str]
    adds_ppm: dict[Element, float]
    seconds: int | None
    due: float | None
    ends: Ending
    takes_s: int
    figure_shown: str | None
    event: str | None
    by: str


class DaysOut(Schema):
    """The grow's days on which a mix that is over was mixed, and asks for something again."""

    mixed_on: date
    look_again_on: date
    change_out_on: date
    use_by_on: date


class GuidedPourOut(Schema):
    """A pour of the plan, for its ticket; `rinse` names what is to be rinsed out first."""

    product: str
    tag: str
    name: str
    printed: str
    turn: Pass
    rinse: str
    live: bool
    until: str | None
    bucket: str | None


class BottleOut(Schema):
    """A bottle to have at hand: what this mix takes of it, and what was left when it began.

    `is_enough` is None where the shelf does not know what is left.
    """

    tag: str
    name: str
    takes: str | None
    left: str | None
    is_enough: bool | None


class WayOutOut(Schema):
    """Too much went in: what was poured and planned, and the ways out of it."""

    name: str
    poured: str
    planned: str
    dilute_to: str | None
    drain: str | None
    accept_at: str | None
    behind: list[str]


class OfferLineOut(Schema):
    """More of one product, and the share of printed dose × strength at which it would stand."""

    name: str
    add: str
    of_dose: str


class OfferOut(Schema):
    """More than printed dose × strength, and what the tank would read then."""

    lines: list[OfferLineOut]
    reading: str


class VolumeOut(Schema):
    """The volume that a reading tells, and how low and high it may be."""

    about: str
    low: str
    high: str


class UnplacedOut(Schema):
    """What went in at a step that is no longer laid out; it counts until somebody takes it back."""

    event: str
    name: str
    shown: str
    by: str


class OtherWaterOut(Schema):
    """The water reads otherwise than planned; `follows` tells whether the target goes with it."""

    read: str
    planned: str
    follows: bool


class ConflictOut(Schema):
    """Two devices told of one step; `both` is what is in if both poured, as it is shown
    and `exact`."""

    step: str
    counts: str
    counts_by: str
    counts_shown: str | None
    other: str
    other_by: str
    other_shown: str | None
    both: str | None
    exact: Figure | None
    both_shown: str | None


class SteeringOut(Schema):
    """What readings call for, in words and codes that the bench shows.

    `off_percent` is how far off the rise was that was last read, "12 % less", with `causes` where
    that is odd; `other_water` where the water is not the one planned with; `way_out` is what can be
    done where too much went in; `offer` is more than the printed dose, `estimate` the volume that a
    reading tells where it is asked for, `litres` the one that counts where that is not the plan's;
    `capped` tells that more than printed dose × strength would be wanted. `holds` is the same
    volume as it is kept, where the mix was planned for the whole tank: so it holds something else.
    """

    off_percent: str | None
    other_water: OtherWaterOut | None
    way_out: WayOutOut | None
    causes: list[str]
    offer: OfferOut | None
    estimate: VolumeOut | None
    litres: str | None
    holds: Figure | None
    capped: bool
    verdict: Verdict | None
    look_again_h: int | None
    acid_why: str | None
    alkali_why: str | None


class GuidedOut(Schema):
    """Where a guided mix stands.

    `heard` counts the events behind it, `held` are the steps that have one, laid out now or not.
    When a step is `due`, and when an event happened, goes by the server's clock.
    `units` are those in which all of it is shown, and in which what is typed beside it is meant.
    `by_drops` tells that pH is read by drops, within half a pH. `beside` is what calibrations make
    of the last readings; advice goes by the readings as they were read.
    """

    id: int
    tank: int
    tank_name: str
    column: str
    volume: str
    unit: str
    has_pen: bool
    target: str | None
    ec_shown: str | None
    ph_low: str
    by_drops: bool
    ph_high: str
    heard: int
    held: list[str]
    now: int | None
    steps: list[StepOut]
    pours: list[GuidedPourOut]
    bottles: list[BottleOut]
    vessels: list[str]
    beside: list[BesideReading]
    pace: Pace
    night: bool
    conflicts: list[ConflictOut]
    unplaced: list[UnplacedOut]
    steering: SteeringOut
    undoable: str | None
    ended_at: datetime | None
    record: MixRecordDocument | None
    summary: SummaryOut | None
    days: DaysOut | None
    time_zone: str
    units: UnitsOut
