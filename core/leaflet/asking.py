"""What is asked once of a whole table: what rows are, doses that no bottle has, strengths."""

from collections.abc import Sequence

from core.chart import Column
from core.leaflet.about import About
from core.leaflet.bottles.doses import Bottles
from core.leaflet.findings import Findings
from core.leaflet.headings.columns import Head
from core.leaflet.layout import Layout
from core.leaflet.request import Asked, CellKind, TableRequest, UnsureRow
from core.leaflet.rows.body import Body
from core.leaflet.rows.words import TakenAs
from core.messages import Listed, Message
from core.plausible import doses_per_litre, implausible_doses
from core.quantities import Spoons


def ask_of_rows(body: Body, found: Findings) -> None:
    """Once, of all rows of which nothing says what they are."""
    if not body.unsure:
        return
    first, _ = body.unsure[0]
    found.ask(
        Asked.ROWS,
        Message(
            "ask_rows",
            names=Listed(tuple(row.name for _, row in body.unsure[:4]), "comma"),
            more=len(body.unsure[4:]),
        ),
        first,
        rows=tuple(row for _, row in body.unsure),
    )
    for cell, row in body.unsure:
        found.mark(cell, CellKind.QUESTION, row.why)


def ask_of_doses(
    body: Body,
    columns: tuple[Column, ...],
    bottles: Bottles,
    about: About,
    *,
    layout: Layout,
    request: TableRequest,
    found: Findings,
) -> None:
    """Once, of all rows with a dose that no bottle has."""
    products = [row.product for row in bottles.rows]
    cells = {one.key: row for one, row in zip(products, body.bottles, strict=True)}
    places = {column.key: at for at, column in enumerate(columns)}
    per_litre = doses_per_litre(bottles.doses, Spoons.METRIC)
    odd = [
        (cells[dose.product], places[dose.column], dose.why)
        for dose in implausible_doses(products, columns, per_litre)
        if layout.number(cells[dose.product].label) not in request.as_printed
        and cells[dose.product].name not in about.names  # exported doses are the grower's own
    ]
    if not odd:
        return
    said = (why.about(Message("product", name=row.name)) for row, _, why in odd[:4])
    for row, at, why in odd:
        found.mark(row.cells[at], CellKind.QUESTION, why)
    row, at, _ = odd[0]
    found.ask(
        Asked.IMPLAUSIBLE,
        Message("ask_doses", doses=Listed(tuple(said), "semicolon"), more=len(odd[4:])),
        row.cells[at],
        rows=tuple(
            UnsureRow(layout.number(row.label), row.name, TakenAs.BOTTLE, why)
            for row, _, why in odd
        ),
    )


def ask_of_strength(body: Body, request: TableRequest, found: Findings) -> None:
    """Whether a row of shares is in the doses already."""
    if body.strength_cell is None or request.strength is not None:
        return
    found.ask(
        Asked.STRENGTH,
        Message("ask_strength", printed=body.strength_cell.text),
        body.strength_cell, "in_doses", "times",
    )  # fmt: skip


def said_twice(heads: Sequence[Head]) -> list[Head]:
    """Columns of a week that another column before them has in the same words."""
    seen: set[tuple[str, ...]] = set()
    again = []
    for head in heads:
        texts = tuple(text.lower() for text in head.texts)
        if head.weeks is not None and texts in seen:
            again.append(head)
        seen.add(texts)
    return again
