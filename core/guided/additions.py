"""What an addition to a tank brings it, element by element."""

from collections.abc import Mapping

from core.chemistry import Element
from core.chemistry.elements import ELEMENT_OF, Component, weight_of
from core.guided.plan import GuidedPlan
from core.guided.state import GuidedState
from core.guided.steps import StepKind

LEAST_PPM = 0.5
"""Less is not shown: no pen and no plant tells it apart; our own default."""


def ppm_of_additions(plan: GuidedPlan, state: GuidedState) -> dict[str, dict[Element, float]]:
    """ppm that each step of adding brings, by step; nothing of a product without a label."""
    found = {}
    for step in state.steps:
        if step.kind is not StepKind.ADD or step.pour is None or step.amount is None:
            continue
        brings = plan.pours[step.pour].brings
        if brings is not None:
            found[step.id] = _ppm(brings, float(step.amount / state.litres))
    return found


def _ppm(brings: Mapping[Component, float], per_litre: float) -> dict[Element, float]:
    ppm: dict[Element, float] = {}
    for part, mol in brings.items():
        if element := ELEMENT_OF.get(part):
            brought = mol * per_litre * weight_of(part) * 1000
            ppm[element] = round(ppm.get(element, 0.0) + brought, 1)
    return {element: value for element, value in ppm.items() if value >= LEAST_PPM}
