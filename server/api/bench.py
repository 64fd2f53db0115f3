"""The guided mix: started from a sheet, carried on by events, read by a pen, kept as a record."""

from datetime import datetime
from fractions import Fraction
from functools import partial
from typing import Annotated, Literal

from django.db import IntegrityError, transaction
from django.http import HttpRequest, HttpResponse
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.chemistry.source import source_water
from core.errors import InputError
from core.formats.bench import BenchPlanDocument
from core.formats.fields import within
from core.formats.record import MixRecordDocument
from core.mix import plan_mix
from core.mix.request import LARGEST_VOLUME_L
from core.quantities import Reading, parse_reading, parse_volume
from core.session import BenchPlan, Event, Kind, StepKind, bench_plan, follow
from core.session.placing import kind_of_step
from core.water import Water
from server.api.bench_shapes import BenchOut
from server.api.gathered import gather
from server.api.mix import MixIn, request_of
from server.api.shapes import PLAIN_TEXT, ErrorOut
from server.api.standing import EC_STEPS, VOLUME_STEPS, bench_out
from server.api.typed import typed, typed_figure
from server.charts.models import ChartRow, Product
from server.grows.models import Membership
from server.grows.scope import Scope
from server.mixes.meter import meter_of
from server.mixes.models import Mix
from server.mixes.running import events_of, give_up, hear

router = Router(tags=["bench"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
ODD_EC = Fraction(8)
ODD_PH = (Fraction(3), Fraction(10))
"""Readings beyond these are asked for again: no feed for plants is there."""

ODD_VOLUME_TIMES = 10
"""Times that a tank may be larger or smaller than was thought before one is asked again."""


class OpenMix(Schema):
    """A mix that is under way."""

    id: int
    tank: int
    tank_name: str
    column: str
    started_at: datetime


class EventIn(Schema):
    """One thing that happened, as a device tells it; `figure` as typed, `sure` if asked again.

    `by` is who pressed, where that is another of the grow's people than who is signed in now.
    """

    id: Annotated[str, Field(min_length=8, max_length=40, pattern=r"^[A-Za-z0-9-]+$")]
    at: Annotated[float, Field(ge=0, le=1e11)]
    kind: Kind
    step: Annotated[str, Field(max_length=120)] = ""
    figure: Annotated[str, Field(max_length=40)] = ""
    of: Annotated[str, Field(max_length=40)] = ""
    by: Annotated[str, Field(max_length=150, pattern=PLAIN_TEXT)] = ""
    sure: bool = False


class PenIn(Schema):
    """For how many seconds the pen has been in the tank."""

    seconds: Annotated[float, Field(ge=0, le=3600)]


class PenOut(Schema):
    """What the pen shows, EC in the person's unit; once it stands still, the median."""

    ec: str
    ph: str
    temperature: str
    still: bool


class EventsIn(Schema):
    """Events in any order, new or told before."""

    events: Annotated[list[EventIn], Field(max_length=300)]


def _moles(water: Water) -> dict[str, float]:
    return {part.value: mol for part, mol in source_water(water).moles.items()}


def _bottles(version: int, *, hard_forms: bool) -> dict[str, dict[str, object]]:
    """The bottle behind each row of a chart: the form for hard water where that is poured."""
    rows = ChartRow.objects.filter(version_id=version).select_related("product")
    bottles = {row.key: row.product for row in rows}
    if hard_forms:
        forms = Product.objects.filter(hard_form_of__in=bottles.values()).order_by("pk")
        instead = {form.hard_form_of_id: form for form in forms}
        bottles = {key: instead.get(product.pk, product) for key, product in bottles.items()}
    return {
        key: {
            "product": product.pk,
            "tag": product.tag,
            "left": None if product.left is None else str(product.left),
        }
        for key, product in bottles.items()
    }


def _find(scope: Scope, mix_id: int) -> Mix:
    return scope.one(scope.all(Mix).select_related("tank"), mix_id)


def _answer(mix: Mix, scope: Scope) -> BenchOut:
    plan, events = mix.as_plan(), events_of(mix)
    return bench_out(mix, plan, follow(plan, events), events, scope)


@router.post(
    "/grows/{grow_id}/mixes", response={201: BenchOut, **_ANSWERS}, operation_id="start_mix"
)
def start_mix(request: HttpRequest, grow_id: int, told: MixIn) -> Status[BenchOut]:
    """Take a mix to the bench; its stops must have been acknowledged by name."""
    scope = Scope.enter(request.user, grow_id)
    waters = [told.water, *(part.water for part in told.blend)]
    gathered = gather(scope, tank=told.tank, waters=waters, version=told.chart)
    asked = request_of(scope, told, gathered)
    sheet = plan_mix(asked)
    if sheet.unacknowledged:
        raise InputError(
            "stops_open",
            "A stop of this mix was not acknowledged yet: read it in the margin first.",
            "acknowledged",
        )
    if not sheet.pours:
        raise InputError("nothing_to_pour", "This mix pours nothing.", "column")
    before = Mix.objects.filter(tank=gathered.tank, record__isnull=False).first()
    learned = before.record.get("alkalinity_meq") if before and before.record else None
    plan = bench_plan(asked, sheet, learned=None if learned is None else Fraction(learned))
    try:
        with transaction.atomic():
            mix = Mix.objects.create(
                grow=scope.grow,
                tank=gathered.tank,
                version_id=told.chart,
                column=sheet.column.label,
                strength=told.strength,
                plan=BenchPlanDocument.of(plan).model_dump(mode="json"),
                products=_bottles(told.chart, hard_forms=told.hard_forms),
                simulated_water=_moles(asked.water),
            )
    except IntegrityError:
        raise InputError(
            "mix_under_way",
            "A mix is under way in this tank: go on with it, or give it up.",
            "tank",
        ) from None
    return Status(201, _answer(mix, scope))


@router.get(
    "/grows/{grow_id}/mixes",
    response={200: list[OpenMix], 404: ErrorOut},
    operation_id="open_mixes",
)
def open_mixes(request: HttpRequest, grow_id: int) -> list[OpenMix]:
    """The mixes that are under way."""
    scope = Scope.enter(request.user, grow_id)
    return [
        OpenMix(
            id=mix.pk,
            tank=mix.tank_id,
            tank_name=mix.tank.name,
            column=mix.column,
            started_at=mix.started_at,
        )
        for mix in scope.all(Mix).filter(ended_at=None).select_related("tank")
    ]


@router.get(
    "/grows/{grow_id}/mixes/{mix_id}", response={200: BenchOut, **_ANSWERS}, operation_id="mix"
)
def mix(request: HttpRequest, grow_id: int, mix_id: int) -> BenchOut:
    """Where a mix stands."""
    scope = Scope.enter(request.user, grow_id)
    return _answer(_find(scope, mix_id), scope)


def _figure(text: str, kind: StepKind | None, member: Membership) -> Fraction:
    """A figure in the person's own unit: mS/cm of a reading, litres of what was drained."""
    if kind in EC_STEPS:
        return typed("figure", lambda: parse_reading(text, preferred=member.meter).ms_cm)
    if kind in VOLUME_STEPS:
        return typed(
            "figure",
            lambda: parse_volume(text, gallon=member.meant, unit=member.tank_unit).litres,
        )
    return typed_figure("figure", text)


def _event(told: EventIn, plan: BenchPlan, kind: StepKind | None, scope: Scope) -> Event:
    if told.step and kind is None:
        raise InputError("unknown_step", "This mix has no such step.", "step")
    figure = None
    if told.figure.strip():
        figure = _figure(told.figure, kind, scope.membership)
        _ask_again(told, plan, kind, figure)
    by = told.by or scope.membership.person.get_username()
    return Event(told.id, told.at, by, told.kind, told.step, figure, told.of)


def _ask_again(told: EventIn, plan: BenchPlan, kind: StepKind | None, figure: Fraction) -> None:
    if kind is StepKind.VOLUME:
        _ask_volume_again(told, plan, figure)
        return
    odd = kind in EC_STEPS and figure > ODD_EC
    odd = odd or (kind is StepKind.READ_PH and not ODD_PH[0] <= figure <= ODD_PH[1])
    if odd and not told.sure:
        raise InputError(
            "reading_odd",
            "No feed for plants reads so: look at the unit and the pen once more. If it is so, "
            "send it again.",
            "figure",
        )
    if kind is StepKind.READ_PH and figure > 14:
        raise InputError("ph_out_of_range", "A pH lies between 0 and 14.", "figure")


def _ask_volume_again(told: EventIn, plan: BenchPlan, litres: Fraction) -> None:
    if not 0 < litres <= LARGEST_VOLUME_L:
        raise InputError(
            "volume_out_of_range",
            "The volume must be above 0 and at most 1 000 000 L.",
            "figure",
        )
    times = max(litres / plan.litres, plan.litres / litres)
    if times > ODD_VOLUME_TIMES and not told.sure:
        raise InputError(
            "volume_odd",
            "That is more than ten times off what this tank was taken for: look at the unit once "
            "more. If it is so, send it again.",
            "figure",
        )


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/events",
    response={200: BenchOut, **_ANSWERS},
    operation_id="tell_events",
)
def tell_events(request: HttpRequest, grow_id: int, mix_id: int, told: EventsIn) -> BenchOut:
    """Tell what happened; telling it twice has no second effect."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    plan, known = found.as_plan(), events_of(found)
    steps = {one.id: one.step for one in known} | {one.id: one.step for one in told.events}
    events = []
    for at, one in enumerate(told.events):
        kind = kind_of_step(plan, one.step or steps.get(one.of, ""))
        events.append(within(f"events[{at}]", partial(_event, one, plan, kind, scope)))
    person_id = scope.membership.person_id
    people = scope.people() if any(one.by for one in told.events) else {}
    plan, state, heard = hear(found, person_id, events, people=people)
    return bench_out(found, plan, state, heard, scope)


@router.delete(
    "/grows/{grow_id}/mixes/{mix_id}", response={200: BenchOut, **_ANSWERS}, operation_id="give_up"
)
def give_up_mix(request: HttpRequest, grow_id: int, mix_id: int) -> BenchOut:
    """Give a mix up: it ends without a record; what was poured is taken off the bottles."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    give_up(found)
    return _answer(found, scope)


@router.post(
    "/grows/{grow_id}/mixes/{mix_id}/pen",
    response={200: PenOut, **_ANSWERS},
    operation_id="read_pen",
)
def read_pen(request: HttpRequest, grow_id: int, mix_id: int, told: PenIn) -> PenOut:
    """What the pen shows; a grow without one is told so."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    meter = meter_of(scope.grow)
    if meter is None:
        raise InputError("no_pen", "No pen is connected: type what yours shows.", "seconds")
    shown = meter.read(found, follow(found.as_plan(), events_of(found)), told.seconds)
    unit = scope.membership.meter
    return PenOut(
        ec=Reading(Fraction(str(shown.ec))).shown(unit),
        ph=f"{shown.ph:.1f}",
        temperature=f"{shown.temperature:.1f}",
        still=shown.still,
    )


@router.get(
    "/grows/{grow_id}/mixes/{mix_id}/record",
    response={200: MixRecordDocument, **_ANSWERS},
    operation_id="mix_record",
)
def mix_record(
    request: HttpRequest, grow_id: int, mix_id: int, as_: Literal["json", "csv"] = "json"
) -> MixRecordDocument | HttpResponse:
    """The record of a mix that is over, as JSON or CSV."""
    scope = Scope.enter(request.user, grow_id)
    found = _find(scope, mix_id)
    if found.record is None:
        raise InputError("no_record", "This mix is not over, or was given up.", "mix_id")
    record = MixRecordDocument.model_validate(found.record)
    if as_ == "csv":
        answer = HttpResponse(record.as_csv(), content_type="text/csv; charset=utf-8")
        answer["Content-Disposition"] = f'attachment; filename="mix-{found.pk}.csv"'
        return answer
    return record
