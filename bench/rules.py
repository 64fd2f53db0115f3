"""How long core takes for one mix, beside turning its result into JSON."""

import json
import statistics
from collections.abc import Callable
from time import perf_counter

from core.chart import Role
from core.formats import MixRequestDocument, PourSheetDocument, document_of
from core.mix import plan_mix

_ROLES = [
    Role.BUFFER, Role.SILICA, Role.CALMAG, Role.BASE, Role.BASE, Role.BASE, Role.MAGNESIUM,
    Role.ADDITIVE_ALKALINE, Role.ENZYME, Role.ADDITIVE, Role.BOOSTER, Role.LIVE,
]  # fmt: skip


def twelve_products() -> MixRequestDocument:
    """A mix of twelve products, one of each role and a three-part base."""
    keys = [f"p{number}" for number in range(len(_ROLES))]
    rows = zip(keys, _ROLES, strict=True)
    return document_of(
        MixRequestDocument,
        {
            "format": "brisk-measure/mix-request",
            "version": 1,
            "chart": {
                "format": "brisk-measure/feed-chart",
                "version": 1,
                "products": [
                    {"key": key, "role": role, "rank": rank}
                    for rank, (key, role) in enumerate(rows)
                ],
                "columns": [{"key": "w1", "ec": {"low": "1.2", "high": "1.6"}}],
                "doses": [
                    {"product": key, "column": "w1", "low": "1.1", "high": "1.7", "unit": "mL/L"}
                    for key in keys
                ],
            },
            "column": "w1",
            "volume": {"value": "73.5", "unit": "L"},
            "strength": "0.6",
            "water": {"reading": {"value": "350", "unit": "ppm", "scale": 500}, "kind": "mains"},
        },
    )


def median_ms(work: Callable[[], object], times: int) -> float:
    """The median of so many runs, in ms, after a warm-up of a tenth as many."""
    for _ in range(times // 10):
        work()
    taken = []
    for _ in range(times):
        began = perf_counter()
        work()
        taken.append(perf_counter() - began)
    return statistics.median(taken) * 1000


def report() -> None:
    """Print the figures of core."""
    request = twelve_products().request()
    sheet = plan_mix(request)
    plan = median_ms(lambda: plan_mix(request), 500)
    plain = PourSheetDocument.of(sheet).model_dump(mode="json")
    dump = median_ms(lambda: json.dumps(plain), 500)
    whole = median_ms(lambda: PourSheetDocument.of(sheet).model_dump_json(), 500)
    print("plan_mix, 12 products")
    print(f"  median                          {plan:8.3f} ms")
    print(f"  to JSON by way of the document  {whole:8.3f} ms   ratio {plan / whole:5.2f}")
    print(f"  json.dumps of plain values      {dump:8.3f} ms   ratio {plan / dump:5.2f}")
