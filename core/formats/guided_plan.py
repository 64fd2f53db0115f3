"""The plan of a guided mix as it is kept with the mix: brisk-measure/bench-plan, version 2.

For the program itself: figures are exact fractions, in mS/cm, meq/L, mmol/L, litres, mL and g.
"""

from collections.abc import Mapping
from typing import Any

from pydantic import TypeAdapter

from core.guided import GuidedPlan

FORMAT = "brisk-measure/bench-plan"
VERSION = 2

_PLAN = TypeAdapter(GuidedPlan)


def plan_document(plan: GuidedPlan) -> dict[str, Any]:
    """A plan as JSON can keep it."""
    return {"format": FORMAT, "version": VERSION, **_PLAN.dump_python(plan, mode="json")}


def plan_from(document: Mapping[str, Any]) -> GuidedPlan:
    """The plan that was kept so, to the last fraction.

    Raises:
        ValueError: it is of another version, or no plan.
    """
    told = dict(document)
    if (told.pop("format", None), told.pop("version", None)) != (FORMAT, VERSION):
        raise ValueError(f"This is no {FORMAT} of version {VERSION}.")
    return _PLAN.validate_python(told)
