"""The plan of a guided mix as it is kept with the mix: brisk-measure/bench-plan, version 2.

For the program itself: figures are exact fractions, in mS/cm, meq/L, mmol/L, litres, mL and g.
"""

from collections.abc import Mapping
from typing import Any

from pydantic import TypeAdapter

from core.formats.versions import VersionedFormat
from core.guided import GuidedPlan

BENCH_PLAN = VersionedFormat("brisk-measure/bench-plan", 2)
"""Plans of version 1 were made ones of version 2 where they lay, before any left a database."""

_PLAN = TypeAdapter(GuidedPlan)


def plan_document(plan: GuidedPlan) -> dict[str, Any]:
    """A plan as JSON can keep it."""
    return {
        "format": BENCH_PLAN.name,
        "version": BENCH_PLAN.version,
        **_PLAN.dump_python(plan, mode="json"),
    }


def plan_from(document: Mapping[str, Any]) -> GuidedPlan:
    """The plan that was kept so, to the last fraction.

    Raises:
        ValueError: it is of another version, or no plan.
    """
    upgraded = BENCH_PLAN.upgraded(document)
    if not BENCH_PLAN.is_read(upgraded):
        raise ValueError(f"This is no {BENCH_PLAN.name} of version {BENCH_PLAN.version}.")
    del upgraded["format"], upgraded["version"]
    return _PLAN.validate_python(upgraded)
