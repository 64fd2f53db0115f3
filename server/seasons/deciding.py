"""What a season is told: looked at before it is so, kept, taken back; and how it goes on."""

from datetime import date, timedelta
from typing import Annotated

from django.db import transaction
from django.http import HttpRequest, HttpResponse
from ninja import Field, Router, Schema

from core.course import Happening, HappeningKind, printed_rules
from core.errors import InputError
from core.formats import document_of
from core.formats.course_request import RuleDocument, SeasonDocument
from core.limits import LONGEST_NAME, LONGEST_WORDS, MOST_HAPPENED
from core.messages import Message
from server.api.ids import VersionId
from server.api.shapes import PLAIN_TEXT, ErrorOut, Outdated
from server.charts.models import ChartVersion
from server.charts.store import chart_in
from server.grows.once import Once, was_heard
from server.grows.scope import Scope
from server.seasons.answering import answer, as_kept, running_season
from server.seasons.course import Decided, course_of
from server.seasons.models import SeasonEntry
from server.seasons.running import DECISIONS, RunningSeason, seasons_of
from server.seasons.shapes import CourseOut

router = Router(tags=["seasons"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
Key = Annotated[str, Field(max_length=LONGEST_NAME, pattern=PLAIN_TEXT)]
Words = Annotated[str, Field(max_length=LONGEST_WORDS, pattern=PLAIN_TEXT)]


class DecisionIn(Schema):
    """What a season is told; each kind with what it needs, as in brisk-measure/course-request.

    `seen` is the number of the last thing it was told on the screen where that was decided, 0 for
    nothing.
    """

    kind: HappeningKind
    on: date
    column: Key | None = None
    days: Annotated[int, Field(ge=-999, le=999)] | None = None
    sign: Words | None = None
    version_id: VersionId | None = None
    over_days: Annotated[int, Field(ge=0, le=999)] = 0
    reason: Words = ""
    seen: Annotated[int, Field(ge=0)] | None = None


class PlanIn(Schema):
    """How a season goes on, whole, and how it went when the edit was begun."""

    plan: SeasonDocument
    seen: SeasonDocument


class OfferedRule(Schema):
    """A rule that the chart's leaflet prints in a note, as it is understood."""

    note: str
    rule: RuleDocument


class PlanOut(Schema):
    """How a season goes; `offered` are rules of the leaflet of which the plan has none yet."""

    plan: SeasonDocument
    offered: list[OfferedRule]


def _decided(scope: Scope, running: RunningSeason, body: DecisionIn) -> Decided:
    """What was told, as core uses it.

    Raises:
        InputError: the kind lacks what it needs, or its day is not one of the season.
    """
    if body.kind.value not in SeasonEntry.Kind.values:
        raise InputError("not_a_choice.kind", "kind")
    if not running.lead.started_on <= body.on <= running.today + timedelta(days=366):
        raise InputError("day_beyond_reason.season", "on")
    chart = chart_in(scope, body.version_id).chart if body.version_id is not None else None
    for key in filter(None, [body.column]):
        (chart or running.chart.chart).column(key)
    happening = Happening(
        on=body.on,
        kind=body.kind,
        column=body.column,
        days=body.days,
        sign=body.sign,
        chart=chart,
        over_days=body.over_days,
        reason=body.reason,
    )
    return Decided(happening, body.version_id)


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/preview",
    response={200: CourseOut, **_ANSWERS},
    operation_id="preview_decision",
)
def preview_decision(
    request: HttpRequest, grow_id: int, season_id: int, body: DecisionIn
) -> HttpResponse:
    """What a decision would move; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    running = running_season(scope, season_id)
    after = course_of(running, scope.grow, also=_decided(scope, running, body))
    return answer(scope, running, after, before=course_of(running, scope.grow))


def _refuse_if_told_meanwhile(running: RunningSeason, body: DecisionIn) -> None:
    """Of two people who see the same plants, both may tell it; it is to be told once.

    Raises:
        Outdated: the season was told something that the screen did not show yet.
    """
    if body.seen is None:
        return
    newer = [
        happening
        for happening in running.told
        if happening.kind in DECISIONS and happening.pk > body.seen
    ]
    if newer:
        last = newer[-1]
        raise Outdated(
            "changed_meanwhile.told",
            "kind",
            author=str(last.author) if last.author else Message("somebody"),
            on=last.on,
            decision=last.get_kind_display(),
        )


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/told",
    response={200: CourseOut, **_ANSWERS},
    operation_id="tell_season",
)
@transaction.atomic
def tell_season(
    request: HttpRequest, grow_id: int, season_id: int, body: DecisionIn, once: Once = None
) -> HttpResponse:
    """Tell a season what plants showed or what was decided; the plan follows."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    running = running_season(scope, season_id)
    if was_heard(scope, once):
        return answer(scope, running, course_of(running, scope.grow))
    _refuse_if_told_meanwhile(running, body)
    course_of(running, scope.grow, also=_decided(scope, running, body))
    if len(running.told) >= MOST_HAPPENED:
        raise InputError("too_many_or_few.season", most_happened=MOST_HAPPENED)
    SeasonEntry.objects.create(
        grow=scope.grow,
        season=running.lead,
        kind=body.kind.value,
        on=body.on,
        told={
            name: value
            for name in ("column", "days", "sign", "over_days")
            if (value := getattr(body, name))
        },
        version_id=body.version_id,
        reason=body.reason,
        by_id=scope.membership.person_id,
    )
    after = running_season(scope, season_id)
    return answer(scope, after, course_of(after, scope.grow))


@router.delete(
    "/grows/{grow_id}/seasons/{season_id}/told/{entry_id}",
    response={200: CourseOut, **_ANSWERS},
    operation_id="take_back",
)
@transaction.atomic
def take_back(request: HttpRequest, grow_id: int, season_id: int, entry_id: int) -> HttpResponse:
    """Take back something a season was told; both stay in its record."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    lead = scope.one(seasons_of(scope), season_id).lead
    standing = scope.all(SeasonEntry).filter(season__in=[season_id, lead.pk], taken_back_by=None)
    entry = scope.one(standing, entry_id)
    SeasonEntry.objects.create(
        grow=scope.grow,
        season_id=entry.season_id,
        kind=SeasonEntry.Kind.TAKEN_BACK,
        on=entry.on,
        takes_back=entry,
        by_id=scope.membership.person_id,
    )
    running = running_season(scope, season_id)
    return answer(scope, running, course_of(running, scope.grow))


@router.get(
    "/grows/{grow_id}/seasons/{season_id}/plan",
    response={200: PlanOut, **_ANSWERS},
    operation_id="season_plan",
)
def season_plan(request: HttpRequest, grow_id: int, season_id: int) -> HttpResponse:
    """How a season goes: strengths, change-outs, rules of additives, what it waits for."""
    scope = Scope.enter(request.user, grow_id)
    lead = scope.one(seasons_of(scope), season_id).lead
    kept = document_of(SeasonDocument, lead.plan)
    notes = scope.all(ChartVersion).values_list("notes", flat=True).get(pk=lead.version_id)
    ruled = {rule.product for rule in kept.rules}
    offered = [
        OfferedRule(note=one.note, rule=RuleDocument.of(one.rule))
        for one in printed_rules(notes, chart_in(scope, lead.version_id).chart.products)
        if one.rule.product not in ruled
    ]
    plan = PlanOut(plan=kept, offered=offered)
    return HttpResponse(plan.model_dump_json(by_alias=True), content_type="application/json")


class PlanLookedAt(Schema):
    """Another plan than the one that is kept."""

    plan: SeasonDocument


@router.post(
    "/grows/{grow_id}/seasons/{season_id}/plan",
    response={200: CourseOut, **_ANSWERS},
    operation_id="preview_plan",
)
def preview_plan(
    request: HttpRequest, grow_id: int, season_id: int, body: PlanLookedAt
) -> HttpResponse:
    """What another plan would move; nothing is stored."""
    scope = Scope.enter(request.user, grow_id)
    running = running_season(scope, season_id)
    after = course_of(running, scope.grow, plan=body.plan)
    return answer(scope, running, after, before=course_of(running, scope.grow))


@router.put(
    "/grows/{grow_id}/seasons/{season_id}/plan",
    response={200: CourseOut, **_ANSWERS},
    operation_id="edit_season_plan",
)
@transaction.atomic
def edit_season_plan(
    request: HttpRequest, grow_id: int, season_id: int, body: PlanIn
) -> HttpResponse:
    """Change how a season goes on; refused where somebody else changed it meanwhile."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    running = running_season(scope, season_id)
    lead = running.lead
    kept = as_kept(document_of(SeasonDocument, lead.plan))
    if kept not in (as_kept(body.seen), as_kept(body.plan)):
        raise Outdated("changed_meanwhile.season", "plan")
    course_of(running, scope.grow, plan=body.plan)  # refuses what cannot be followed
    lead.plan = as_kept(body.plan)
    lead.save(update_fields=["plan"])
    after = running_season(scope, season_id)
    return answer(scope, after, course_of(after, scope.grow))
