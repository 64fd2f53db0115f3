"""How long core takes for one mix, beside turning its result into JSON."""

import json
import statistics
from collections.abc import Callable, Sequence
from time import perf_counter
from unittest.mock import patch

from core.chart import Role
from core.chemistry.engine import Solution, Solved, forget_solutions, solve
from core.formats import MixRequestDocument, PourSheetDocument, document_of
from core.planning import MixRequest, plan_mix
from core.wording import PLAIN

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


_ANALYSES: list[dict[str, str]] = [
    {"K2O": "4"}, {"K2O": "2.6", "SiO2": "6.5"}, {"N_nitrate": "3.1", "Ca": "3.2", "Mg": "1.2"},
    {"N_nitrate": "4.2", "Ca": "5"}, {"P2O5": "3.1", "K2O": "6.2", "S": "1.7"},
    {"N_nitrate": "3", "K2O": "6", "Mg": "0.6"}, {"Mg": "1.5", "S": "2"}, {"K2O": "1.8"},
    {"N_urea": "1"}, {"Fe": "0.1"}, {"P2O5": "8", "K2O": "6"}, {"Mg": "0.1", "S": "0.13"},
]  # fmt: skip


def with_labels(document: MixRequestDocument) -> MixRequest:
    """The same mix with a label on every product, a lab report and an acid."""
    told = document.model_dump(mode="json")
    told["shelf"] = {
        "products": [
            {"product": f"p{number}", "label": {"analysis": analysis, "density": "1.2"}}
            for number, analysis in enumerate(_ANALYSES)
        ],
        "acids": [{"key": "a", "name": "Down", "acid": {"kind": "nitric", "percent": "38"}}],
    }
    told["water"] |= {"calcium_ppm": "68", "alkalinity_ppm": "150", "ph": "7.6"}
    return document_of(MixRequestDocument, told).request()


def _bare_runs(request: MixRequest) -> Callable[[], object]:
    """The PHREEQC run that the sheet with chemistry needs, and nothing besides."""
    asked: list[Sequence[Solution]] = []

    def remember(solutions: Sequence[Solution]) -> list[Solved]:
        asked.append(solutions)
        return solve(solutions)

    with patch("core.chemistry.engine.solve", remember):
        plan_mix(request)
    return _anew(lambda: [solve(solutions) for solutions in asked])


def _anew(work: Callable[[], object]) -> Callable[[], object]:
    """The same with no solution remembered, as for a strength that nobody asked for before."""

    def run() -> object:
        forget_solutions()
        return work()

    return run


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
    plain = PourSheetDocument.of(sheet, PLAIN).model_dump(mode="json")
    dump = median_ms(lambda: json.dumps(plain), 500)
    whole = median_ms(lambda: PourSheetDocument.of(sheet, PLAIN).model_dump_json(), 500)
    labelled = with_labels(twelve_products())
    plan_mix(labelled)  # what two bottles form undiluted is found once and remembered
    bare_runs = _bare_runs(labelled)
    bare = median_ms(bare_runs, 100)
    chemistry = median_ms(_anew(lambda: plan_mix(labelled)), 100)
    print("plan_mix, 12 products")
    print(f"  median                          {plan:8.3f} ms")
    print(f"  to JSON by way of the document  {whole:8.3f} ms   ratio {plan / whole:5.2f}")
    print(f"  json.dumps of plain values      {dump:8.3f} ms   ratio {plan / dump:5.2f}")
    print(f"  with chemistry                  {chemistry:8.3f} ms")
    print(f"  the bare PHREEQC runs of it     {bare:8.3f} ms   ratio {chemistry / bare:5.2f}     "
          "(to reach: at most 3)")  # fmt: skip
