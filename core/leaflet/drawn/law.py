"""A drawn leaflet read, its questions answered as who has it in hand would, and what came of it."""

from dataclasses import replace
from enum import StrEnum
from fractions import Fraction
from typing import Any

from core.errors import InputError
from core.leaflet.draft import read_table
from core.leaflet.drawn.drawing import Doses, DrawnLeaflet
from core.leaflet.request import Asked, ChartDraft, Question, TableRequest
from core.plausible import doses_per_litre
from core.quantities import Spoons
from core.quantities.dose_units import read_dose_unit

_MOST_ROUNDS = 8


class Outcome(StrEnum):
    """What reading a leaflet came to.

    Right: the chart that it means, at once or once its questions were answered. Asked: a question
    is left that is settled by typing. Refused: with an error. Wrong: another chart, without a word.
    """

    RIGHT = "right"
    ASKED = "asked"
    REFUSED = "refused"
    WRONG = "wrong"


def read_as_a_person(leaflet: DrawnLeaflet) -> tuple[Outcome, ChartDraft | None]:
    """Read a leaflet, answer what is asked, and hold it against what it means."""
    request = TableRequest(leaflet.rows, hidden_rows=leaflet.hidden_rows)
    draft = None
    for _ in range(_MOST_ROUNDS):
        try:
            draft = read_table(request)
        except InputError:
            return Outcome.REFUSED, None
        if draft.chart is not None:
            same = _doses(draft) == leaflet.doses
            return (Outcome.RIGHT if same else Outcome.WRONG), draft
        answered = request
        for question in draft.questions:
            answered = _answered(answered, question, leaflet)
        if answered == request:
            return Outcome.ASKED, draft
        request = answered
    return Outcome.ASKED, draft


def _doses(draft: ChartDraft) -> Doses:
    """What a chart doses, as a drawn leaflet keeps it."""
    assert draft.chart is not None
    names = {product.key: product.name for product in draft.chart.products}
    places = {column.key: at for at, column in enumerate(draft.chart.columns)}
    low, high = (
        doses_per_litre(
            [replace(dose, low=getattr(dose, end), high=getattr(dose, end))
             for dose in draft.chart.doses if dose.low is not None],
            Spoons.METRIC,
        )
        for end in ("low", "high")
    )  # fmt: skip
    return {
        (names[product], places[column]): (Fraction(low[product, column]), high[product, column])
        for product, column in low
        if high[product, column]
    }


def _answered(request: TableRequest, question: Question, leaflet: DrawnLeaflet) -> TableRequest:
    """A request with the right answer to a question, where it has one that is no typing."""
    kinds = {name.rstrip("*"): kind for name, kind in leaflet.kinds.items()}
    named = ((row.row, row.name.rstrip("*")) for row in question.rows)
    rows = {row: kinds[name] for row, name in named if name in kinds}
    answers: dict[Asked, dict[str, Any]] = {
        Asked.ROWS: {"said": {**request.said, **rows}},
        Asked.IMPLAUSIBLE: {"as_printed": request.as_printed | {row.row for row in question.rows}},
        Asked.HIDDEN: {"hidden": "without"},
        Asked.STRENGTH: {"strength": "in_doses"},
        Asked.TABLES: {"table": leaflet.table},
        Asked.UNIT: {"unit": read_dose_unit(leaflet.unit)},
        Asked.GALLON: {"gallon": "us"},
    }
    return replace(request, **answers.get(question.code, {}))
