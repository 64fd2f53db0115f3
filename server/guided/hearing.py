"""What a device tells of a mix, made events of core's: figures in the units they were typed in."""

from fractions import Fraction
from functools import partial
from typing import Annotated

from ninja import Field, Schema

from core.errors import InputError
from core.formats.fields import within
from core.guided import Event, EventKind, GuidedPlan, StepKind
from core.guided.readings.plausible import is_odd_reading, is_odd_volume, most_poured
from core.guided.step_lookup import kind_of_step, product_of_step
from core.guided.steps import EC_STEPS, VOLUME_STEPS
from core.quantities import TankMeant, Volume
from server.api.shapes import PLAIN_TEXT
from server.api.typed import typed_figure
from server.grows.figures import Figure, TypedFigure, TypedIn, TypedUnits
from server.grows.scope import Scope


class EventIn(Schema):
    """One thing that happened, as a device tells it; `sure` if asked again.

    `figure` is a text as typed, with the units that the screen showed then in `typed_in`; or exact,
    where an amount was taken as it stands. `by` is who pressed, where that is another of the grow's
    people than who is signed in now. `at` is by the server's clock, which
    the header Told-At of an answer gives; nothing counts as later than it was told.
    """

    id: Annotated[str, Field(min_length=8, max_length=40, pattern=r"^[A-Za-z0-9-]+$")]
    at: Annotated[float, Field(ge=0, le=1e11)]
    kind: EventKind
    step: Annotated[str, Field(max_length=120)] = ""
    figure: TypedFigure = ""
    typed_in: TypedIn | None = None
    of: Annotated[str, Field(max_length=40)] = ""
    by: Annotated[str, Field(max_length=150, pattern=PLAIN_TEXT)] = ""
    sure: bool = False


class EventsIn(Schema):
    """Events in any order, new or told before."""

    events: Annotated[list[EventIn], Field(max_length=300)]


def events_from(body: EventsIn, plan: GuidedPlan, known: list[Event], scope: Scope) -> list[Event]:
    """The events that were told.

    Raises:
        InputError: an unknown step, no figure, or an odd one that nobody has said to be sure of.
    """
    steps = {one.id: one.step for one in known} | {event.id: event.step for event in body.events}
    events = []
    for at, one in enumerate(body.events):
        step = one.step or steps.get(one.of, "")
        events.append(within(f"events[{at}]", partial(_event, one, plan, step, scope)))
    return events


def _event(body: EventIn, plan: GuidedPlan, step: str, scope: Scope) -> Event:
    kind = kind_of_step(plan, step)
    if body.step and kind is None:
        raise InputError("unknown_step", "step")
    figure = None
    if isinstance(body.figure, Figure) or body.figure.strip():
        figure = _figure(body, kind, plan, TypedUnits.of(body.typed_in, scope.membership))
        _ask_again(body, plan, step, figure)
    by = body.by or scope.membership.person.get_username()
    return Event(body.id, body.at, by, body.kind, body.step, figure, body.of)


def _figure(body: EventIn, kind: StepKind | None, plan: GuidedPlan, units: TypedUnits) -> Fraction:
    """mS/cm of a reading, litres of what was drained, and mL, g, pH or °C of all else."""
    if kind in EC_STEPS:
        return units.ec("figure", body.figure).ms_cm
    if kind in VOLUME_STEPS:
        whole = TankMeant(Volume(plan.litres))
        return units.tank_litres("figure", body.figure, whole).litres
    if isinstance(body.figure, Figure):
        return typed_figure("figure", body.figure.value)
    if kind is StepKind.READ_TEMPERATURE:
        return units.celsius("figure", body.figure)
    return units.plain("figure", body.figure)


def _ask_again(body: EventIn, plan: GuidedPlan, step: str, figure: Fraction) -> None:
    kind = kind_of_step(plan, step)
    if kind in (StepKind.POUR, StepKind.ADD):
        product = product_of_step(plan, step)
        if product is not None and figure > most_poured(plan, product) and not body.sure:
            raise InputError("amount_odd", "figure")
        return
    if kind is StepKind.VOLUME:
        if is_odd_volume(figure, plan.litres) and not body.sure:
            raise InputError("volume_odd", "figure")
        return
    checks_pen = step.startswith("check-")
    if kind is not None and not (checks_pen or body.sure) and is_odd_reading(kind, figure, plan):
        raise InputError("reading_odd", "figure")
    if kind is StepKind.READ_PH and figure > 14:
        raise InputError("ph_out_of_range.high", "figure")
