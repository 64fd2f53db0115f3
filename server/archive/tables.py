"""The tables of an archive, for a spreadsheet: what was read and poured, the shelf, the mixes."""

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from core.tables import csv_text

_Row = Sequence[str]
_Record = Mapping[str, Any]


class Names:
    """What tanks and waters are called, by their places in an archive."""

    def __init__(self) -> None:
        self._names: dict[str, list[str]] = {"tanks": [], "waters": []}

    def take(self, name: str, record: _Record) -> None:
        """Keep the name of a record, where its list is one that tables name."""
        if name in self._names:
            self._names[name].append(str(record["name"]))

    def of(self, listed: str, place: int | None) -> str:
        """The name at a place, from 1; nothing where there is none."""
        return "" if place is None else self._names[listed][place - 1]


@dataclass(frozen=True, slots=True)
class Table:
    """One table: a line, or several, of each record of its list.

    Args:
        columns: its heading.
        rows: the rows of one record.
    """

    columns: _Row
    rows: Callable[[_Record, Names], Iterator[_Row]]

    def heading(self) -> bytes:
        """Its first line."""
        return csv_text([self.columns]).encode()

    def lines(self, record: _Record, names: Names) -> bytes:
        """The lines of one record."""
        return csv_text(list(self.rows(record, names))).encode()


def _time_line(one: _Record, names: Names) -> Iterator[_Row]:
    """One line for each figure, and for each entry that has none."""
    figures = one["values"] or {"": None}
    for what, told in figures.items():
        value, unit = (told["value"], told["unit"]) if told else ("", "")
        yield (
            one["at"], names.of("tanks", one["tank"]), names.of("waters", one["water"]),
            one["kind"], what, value, unit, one["note"], one["by"] or "", one["source"],
        )  # fmt: skip


_SHELF = ("tag", "name", "maker", "role", "form", "left", "size", "price")


def _products(one: _Record, _names: Names) -> Iterator[_Row]:
    yield tuple("" if one[name] is None else str(one[name]) for name in _SHELF)


def _mixes(one: _Record, names: Names) -> Iterator[_Row]:
    """One line for each product that was poured, and for each mix without a record."""
    begin = (
        one["started_at"], one["ended_at"] or "", names.of("tanks", one["tank"]), one["label"],
        one["strength"],
    )  # fmt: skip
    for line in (one["record"] or {}).get("poured") or [{}]:
        yield (*begin, *(str(line.get(what, "")) for what in ("name", "poured", "unit")))


TABLES: Mapping[str, Table] = {
    "time_line": Table(
        ("at", "tank", "water", "kind", "what", "value", "unit", "note", "by", "source"),
        _time_line,
    ),
    "products": Table(_SHELF, _products),
    "mixes": Table(
        ("started_at", "ended_at", "tank", "column", "strength", "product", "poured", "unit"),
        _mixes,
    ),
}
"""By the list whose records they are drawn from."""
