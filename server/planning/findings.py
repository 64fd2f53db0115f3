"""What a chart as typed makes one look at again."""

from typing import Annotated

from pydantic import BaseModel

from core.chemistry import Label
from core.formats.fields import one_of
from core.lint import Finding, lint_chart
from core.memory import MEGABYTE, Memory
from core.planning import MixRequest
from core.quantities import Spoons
from core.wording import Manner, codes_in, wording
from server.planning.snapshot import MixBasis


class FindingOut(BaseModel):
    """Something to look at again on the chart as typed; `column` None is the whole chart."""

    code: Annotated[str, one_of(codes_in("charts"))]
    message: str
    product: str | None
    column: str | None


def findings_of(basis: MixBasis, asked: MixRequest, manner: Manner) -> list[FindingOut]:
    """What the chart as typed makes one look at again, in this column or as a whole."""
    labels = tuple(
        (key, known.label)
        for key, known in basis.shelf.products.items()
        if known.label and known.label.says_something
    )
    return [
        FindingOut(
            code=one.code,
            message=wording(one.message, manner),
            product=one.product,
            column=one.column,
        )
        for one in _linted(basis, labels, asked.spoons)
        if one.column in (None, asked.column)
    ]


_Asked = tuple[tuple[int, ...], tuple[str, ...], tuple[tuple[str, Label], ...], Spoons]


def _bytes_of(asked: _Asked, found: tuple[Finding, ...]) -> int:
    _, columns, labels, _ = asked
    return 2000 + 100 * len(columns) + 2000 * len(labels) + 1500 * len(found)


_lints: Memory[_Asked, tuple[Finding, ...]] = Memory(8 * MEGABYTE, weigh=_bytes_of)


def _linted(
    basis: MixBasis, labels: tuple[tuple[str, Label], ...], spoons: Spoons
) -> tuple[Finding, ...]:
    """Looked at again only when labels or spoons have changed: a version never does.

    Two columns of two charts are a chart of their own.
    """
    asked = (basis.versions, tuple(column.key for column in basis.chart.columns), labels, spoons)
    kept = _lints.get(asked)
    if kept is None:
        kept = _lints.put(asked, lint_chart(basis.chart, dict(labels), spoons=spoons))
    return kept
