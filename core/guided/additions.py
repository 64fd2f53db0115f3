"""What an addition to a tank brings it, element by element."""

from collections.abc import Mapping

from core.chemistry import Element, elements_of
from core.chemistry.elements import Component
from core.guided.plan import GuidedPlan
from core.guided.state import GuidedState
from core.guided.steps import StepKind

LEAST_PPM = 0.5
"""Less is not shown: no pen and no plant tells it apart; our own default."""


def ppm_of_additions(plan: GuidedPlan, state: GuidedState) -> dict[str, dict[Element, float]]:
    """ppm that each step of adding brings, by step, as far as the product's label names it."""
    found = {}
    for step in state.steps:
        if step.kind is not StepKind.ADD or step.pour is None or step.amount is None:
            continue
        pour = plan.pours[step.pour]
        if pour.brings is not None:
            declared = {
                part: mol - pour.unnamed.get(part, 0.0) for part, mol in pour.brings.items()
            }
            found[step.id] = _ppm(declared, float(step.amount / state.litres))
    return found


def _ppm(declared: Mapping[Component, float], per_litre: float) -> dict[Element, float]:
    per_unit = elements_of(declared)
    ppm = {element: round(brought * per_litre, 1) for element, brought in per_unit.items()}
    return {element: value for element, value in ppm.items() if value >= LEAST_PPM}
