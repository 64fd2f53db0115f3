"""What a table cannot hold, in lines of its own that begin with `#`, so that nothing is lost."""

import json
import re
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from core.chart import Chart, Form, Medium, Product, Readings, Role
from core.chart.parts import product_from, said_of
from core.leaflet.grid import tidy_cell

_FIRST = "# Kept by Brisk Measure, so that the table comes back whole:"
_LINE = re.compile(r"#\s*(chart|bottle|column)\s+(\{.*\})\s*")


@dataclass(frozen=True, slots=True)
class AboutBottle:
    """What a line tells of a bottle."""

    fields: dict[str, Any]

    @property
    def name(self) -> str:
        """Its name in the table."""
        return name_in_table(str(self.fields.get("name", "")), str(self.fields["key"]))

    def product(self) -> Product:
        """The product."""
        return product_from(self.fields)


@dataclass(frozen=True, slots=True)
class About:
    """All that such lines tell; None and empty where there are none."""

    name: str | None = None
    medium: Medium | None = None
    readings: Readings | None = None
    rows_are_order: bool | None = None
    bottles: tuple[AboutBottle, ...] = ()
    columns: tuple[dict[str, Any], ...] = ()

    @property
    def names(self) -> tuple[str, ...]:
        """What the table calls its bottles."""
        return tuple(bottle.name for bottle in self.bottles)

    def labels(self, read: list[str]) -> list[str]:
        """The columns' labels, as kept where the table still has as many."""
        same = len(read) == len(self.columns)
        return [str(column["label"]) for column in self.columns] if same else read

    def keys(self, read: list[str]) -> list[str]:
        """The columns' keys, as kept where the table still has as many."""
        same = len(read) == len(self.columns)
        return [str(column["key"]) for column in self.columns] if same else read

    def bottles_of(self, names: Sequence[str]) -> list[AboutBottle | None]:
        """For each row what was kept of it, found by its name; of several, in turn."""
        left = list(self.bottles)
        found: list[AboutBottle | None] = []
        for name in names:
            one = next((bottle for bottle in left if bottle.name == name), None)
            if one is not None:
                left.remove(one)
            found.append(one)
        return found


def name_in_table(name: str, key: str) -> str:
    """What stands in the first column for a bottle, as it is read again."""
    return tidy_cell(name) or tidy_cell(key) or "Bottle"


def split_about(
    rows: Sequence[Sequence[str]],
) -> tuple[tuple[tuple[str, ...], ...], About]:
    """A table with those lines blank, and what they tell; a line that tells nothing stays."""
    kept: list[tuple[str, ...]] = []
    chart: dict[str, Any] = {}
    bottles: list[AboutBottle] = []
    columns: list[dict[str, Any]] = []
    for row in rows:
        told = _kept_line(row)
        if told is None:
            kept.append(tuple(row))
            continue
        kept.append(("",) * len(row))
        what, fields = told
        if what == "chart":
            chart = fields
        elif what == "bottle":
            bottles.append(AboutBottle(fields))
        elif what == "column":
            columns.append(fields)
    return tuple(kept), _about(chart, bottles, columns)


def _kept_line(row: Sequence[str]) -> tuple[str, dict[str, Any]] | None:
    """What a line is about and its fields; "" for the line that begins them, None for any other."""
    line = ",".join(row).rstrip(",; \t") if row and row[0].lstrip().startswith("#") else ""
    if line.strip() == _FIRST:
        return "", {}
    found = _LINE.fullmatch(row[0].strip() if row and _LINE.fullmatch(row[0].strip()) else line)
    if not found:
        return None
    try:
        fields = json.loads(found[2])
    except (ValueError, RecursionError):
        return None
    return (found[1], fields) if isinstance(fields, dict) and _is_sound(found[1], fields) else None


def _is_sound(what: str, fields: dict[str, Any]) -> bool:
    """Whether a line, which anybody may have typed, says what such lines say."""
    texts = {name: value for name, value in fields.items() if isinstance(value, str)}
    if any(len(text) > 120 or re.search(r"[\x00-\x1f]", text) for text in texts.values()):
        return False
    match what:
        case "column":
            return 0 < len(texts.get("key", "")) <= 60 and "label" in texts
        case "bottle":
            return _is_bottle(fields, texts)
    choices = (("medium", Medium), ("readings", Readings))
    return "name" in texts and all(texts.get(name) in list(kind) for name, kind in choices)


def _is_bottle(fields: dict[str, Any], texts: dict[str, str]) -> bool:
    after = fields.get("after", [])
    return (
        texts.get("role") in list(Role)
        and texts.get("form", "liquid") in list(Form)
        and 0 < len(texts.get("key", "")) <= 60
        and all(_is_count(fields.get(name)) for name in ("rank", "wait_min"))
        and isinstance(after, list)
        and all(isinstance(one, str) for one in after)
        and all(isinstance(fields.get(name, False), bool) for name in _YES_OR_NO)
    )


_YES_OR_NO = ("scales", "oxidiser", "settles")


def _is_count(value: object) -> bool:
    """Whether it is a whole number that a rank or a wait may be, or none; True is none of them."""
    return value is None or (type(value) is int and 0 <= value <= 999)


def _about(
    chart: dict[str, Any], bottles: list[AboutBottle], columns: list[dict[str, Any]]
) -> About:
    if not chart:
        return About(bottles=tuple(bottles), columns=tuple(columns))
    return About(
        name=str(chart["name"]),
        medium=Medium(chart["medium"]),
        readings=Readings(chart["readings"]),
        rows_are_order=bool(chart.get("rows_are_order", False)),
        bottles=tuple(bottles),
        columns=tuple(columns),
    )


def about_lines(chart: Chart) -> list[str]:
    """The lines that keep what the table of a chart cannot hold."""
    whole = {
        "name": chart.name,
        "medium": chart.medium.value,
        "readings": chart.readings.value,
        "rows_are_order": chart.rows_are_order,
    }
    lines = [_FIRST, f"# chart {_json(whole)}"]
    lines += [f"# bottle {_json(_bottle_fields(product))}" for product in chart.products]
    lines += [
        f"# column {_json({'key': column.key, 'label': column.label})}" for column in chart.columns
    ]
    return lines


def _bottle_fields(product: Product) -> dict[str, Any]:
    always = ("name", "key", "role", "form", "scales")
    said = said_of(product)
    rest = {name: value for name, value in said.items() if name not in always}
    return {name: said[name] for name in always} | {
        name: value for name, value in rest.items() if value or (value == 0 and name == "wait_min")
    }


def _json(fields: dict[str, Any]) -> str:
    return json.dumps(fields, ensure_ascii=False)
