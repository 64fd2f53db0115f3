"""The steps of a guided mix as its screen has them."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from core.chemistry import Element
from core.formats.measured import MeasuredDocument
from core.guided import (
    Ending,
    GuidedPlan,
    GuidedPour,
    Step,
    StepKind,
    StepStatus,
    causes_of,
    takes_s,
)
from core.guided.ec.steering import ODD_TIMES
from core.guided.readings.causes import OFFERED
from core.guided.readings.plausible import most_poured
from core.guided.state import GuidedState
from core.guided.steps import VOLUME_STEPS
from core.planning.planned_pours import Pass
from core.quantities import Amount, AmountUnit, Volume, decimal_text, number_text, rounded
from core.vessels import cup_for, measure
from server.grows.figures import Figure
from server.grows.models import Membership
from server.guided.shapes import StepOut
from server.guided.shown import figure_shown


@dataclass(frozen=True, slots=True)
class Screen:
    """What all steps of one mix are shown by; `adds` by step, in ppm by element."""

    plan: GuidedPlan
    state: GuidedState
    member: Membership
    adds: Mapping[str, Mapping[Element, float]]
    endings: Mapping[str, Ending]


@dataclass(frozen=True, slots=True)
class _ToMeasure:
    """An amount in the person's own unit, how it is measured, and exactly what goes in by that."""

    amount: Fraction | None
    unit: str
    exact: Figure | None = None
    goes_in: Fraction | None = None
    measured: MeasuredDocument | None = None
    cup_water: str | None = None


def step_out(step: Step, screen: Screen) -> StepOut:
    """A step, for its screen."""
    plan, ending = screen.plan, screen.endings[step.id]
    pour = plan.pours[step.pour] if step.pour is not None else None
    at_hand = plan.bottle(step.kind)
    told = _volume(step, screen) if step.kind in VOLUME_STEPS else _portion(step, plan)
    odd = rounded(_odd_above(told.amount, step, screen), 3) if told.amount else None
    return StepOut(
        id=step.id,
        kind=step.kind,
        status=step.status,
        pour=step.pour,
        product=pour.key if pour else None,
        name=pour.name if pour else at_hand.name if at_hand else None,
        amount=None if told.amount is None else decimal_text(told.amount),
        goes_in=_text_as_kept(told.goes_in),
        exact=told.exact,
        unit=told.unit,
        measured=told.measured,
        cup_water=told.cup_water,
        beyond=_beyond(step, pour, screen),
        of_dose=_of_dose(step, pour, screen) if pour else None,
        odd_above=_text_as_kept(odd),
        why=step.why,
        offers=step.why in OFFERED,
        causes=list(causes_of(step.why)),
        adds_ppm=dict(screen.adds.get(step.id, {})),
        seconds=step.seconds,
        due=step.due,
        ends=ending,
        takes_s=takes_s(step, ending),
        figure_shown=figure_shown(step.kind, step.figure, step.unit, screen.member),
        event=screen.state.held.get(step.id),
        by=step.by,
    )


def _odd_above(asked: Fraction, step: Step, screen: Screen) -> Fraction:
    """Above which one is asked whether so much went in."""
    most = asked * ODD_TIMES
    if step.kind in (StepKind.POUR, StepKind.ADD) and step.pour is not None:
        return min(most, most_poured(screen.plan, screen.plan.pours[step.pour].key))
    return most


def _text_as_kept(value: Fraction | None) -> str | None:
    """To six places, as the figures of events are kept."""
    return None if value is None else decimal_text(rounded(value, 6))


def _volume(step: Step, screen: Screen) -> _ToMeasure:
    """Litres, shown in the unit in which this person gives the water of a tank."""
    if step.amount is None:
        return _ToMeasure(None, screen.member.tank_unit.value)
    figure, _, unit = Volume(step.amount).shown(screen.member.tank_unit).partition(" ")
    exact = Figure(value=decimal_text(rounded(step.amount, 6)), unit="L")
    return _ToMeasure(Fraction(figure), unit, exact, Fraction(figure))


def _portion(step: Step, plan: GuidedPlan) -> _ToMeasure:
    """mL or g, as the vessels show them."""
    if step.amount is None or step.amount <= 0 or step.unit not in ("mL", "g"):
        return _ToMeasure(step.amount, step.unit, goes_in=step.amount)
    amount = Amount(step.amount, AmountUnit(step.unit))
    product = None if step.pour is None else plan.pours[step.pour].key
    how = measure(amount, plan.vessels, product)
    cup = cup_for(amount, how)
    diluted = step.kind in (StepKind.ACID, StepKind.ALKALI) and not cup.premixed
    goes_in = rounded(cup.goes_in.value, 6)
    return _ToMeasure(
        step.amount,
        step.unit,
        Figure(value=decimal_text(goes_in), unit=step.unit),
        goes_in,
        MeasuredDocument.of(how) if how.fills else None,
        decimal_text(cup.water.value) if diluted else None,
    )


def _beyond(step: Step, pour: GuidedPour | None, screen: Screen) -> str | None:
    """What the reading asks for where printed dose × strength caps the second pass."""
    if pour is None or screen.state.second is None or step.kind is not StepKind.POUR:
        return None
    if pour.turn is not Pass.SECOND:
        return None
    beyond = screen.state.second.beyond.get(pour.key)
    return None if beyond is None else number_text(beyond, 1)


def _of_dose(step: Step, pour: GuidedPour, screen: Screen) -> str | None:
    """At what share of printed dose × strength a product stands after an addition."""
    if step.kind is not StepKind.ADD or step.status is not StepStatus.NOW:
        return None
    stands = screen.state.poured.get(pour.key, Fraction(0)) + (step.amount or Fraction(0))
    share = screen.state.share_of_dose(pour.key, stands)
    return None if share is None else f"{number_text(share * 100, 0)} %"
