"""A figure of a step as one person reads it."""

from fractions import Fraction

from core.guided import StepKind
from core.guided.steps import EC_STEPS, VOLUME_STEPS
from core.quantities import Reading, Volume, decimal_text, degrees_text, number_text, rounded
from server.grows.models import Membership


def figure_shown(
    step_kind: StepKind | None, figure: Fraction | None, unit: str, member: Membership
) -> str | None:
    """With its unit; None where there is no figure.

    Args:
        step_kind: what the step is.
        figure: mS/cm, litres, °C, pH, or of the step's unit.
        unit: of a pour.
        member: who reads it.
    """
    if figure is None:
        return None
    if step_kind in EC_STEPS:
        return f"{Reading(figure).shown(member.meter)} {member.meter.words}"
    if step_kind in VOLUME_STEPS:
        return Volume(figure).shown(member.tank_unit)
    if step_kind is StepKind.READ_TEMPERATURE:
        return f"{degrees_text(rounded(figure, 1), member.degrees)} {member.degrees.words}"
    if step_kind is StepKind.READ_PH:
        return f"pH {number_text(figure, 1)}"
    return f"{decimal_text(rounded(figure, 2))} {unit}"
