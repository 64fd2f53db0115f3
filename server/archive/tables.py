"""The tables of an archive, for a spreadsheet: what was read and poured, the shelf, the mixes."""

from collections.abc import Iterator, Mapping, Sequence
from typing import Any

from core.tables import csv_text

_Row = Sequence[str]

TABLES = ("time_line", "products", "mixes")


def tables_of(document: Mapping[str, Any]) -> dict[str, str]:
    """Each table as CSV by its name; all of it stands in the archive's JSON as well."""
    rows = dict(zip(TABLES, (_time_line, _products, _mixes), strict=True))
    return {name: csv_text(list(made(document))) for name, made in rows.items()}


def _name(document: Mapping[str, Any], listed: str, number: int | None, what: str = "name") -> str:
    return "" if number is None else str(document[listed][number - 1][what])


def _time_line(document: Mapping[str, Any]) -> Iterator[_Row]:
    """One line for each figure, and for each entry that has none."""
    yield "at", "tank", "water", "kind", "what", "value", "unit", "note", "by", "source"
    for one in document["time_line"]:
        figures = one["values"] or {"": None}
        for what, told in figures.items():
            value, unit = (told["value"], told["unit"]) if told else ("", "")
            yield (
                one["at"], _name(document, "tanks", one["tank"]),
                _name(document, "waters", one["water"]), one["kind"], what, value, unit,
                one["note"], one["by"] or "", one["source"],
            )  # fmt: skip


def _products(document: Mapping[str, Any]) -> Iterator[_Row]:
    fields = ("tag", "name", "maker", "role", "form", "left", "size", "price")
    yield fields
    for one in document["products"]:
        yield tuple("" if one[name] is None else str(one[name]) for name in fields)


def _mixes(document: Mapping[str, Any]) -> Iterator[_Row]:
    """One line for each product that was poured, and for each mix without a record."""
    yield "started_at", "ended_at", "tank", "column", "strength", "product", "poured", "unit"
    for one in document["mixes"]:
        begin = (
            one["started_at"], one["ended_at"] or "", _name(document, "tanks", one["tank"]),
            one["label"], one["strength"],
        )  # fmt: skip
        for line in (one["record"] or {}).get("poured") or [{}]:
            yield (*begin, *(str(line.get(what, "")) for what in ("name", "poured", "unit")))
