"""One drawn leaflet: its texts, and the chart that they mean."""

import re
from collections.abc import Mapping
from dataclasses import dataclass, field
from fractions import Fraction
from itertools import zip_longest
from random import Random

from core.leaflet.drawn.words import FEET, OTHERS, PARTS, ROWS, STEMS
from core.leaflet.rows.words import TakenAs
from core.quantities import decimal_text

Rows = list[list[str]]
Doses = dict[tuple[str, int], tuple[Fraction, Fraction]]
"""Low and high in mL or g per litre, by the bottle's name and the column from 0."""

_UNITS = (
    ("mL/L", Fraction(1)), ("ml per 10 L", Fraction(1, 10)), ("mL / 5 L", Fraction(1, 5)),
    ("ml per litre", Fraction(1)), ("mL/gal US", Fraction(1, 1) / Fraction("3.785411784")),
    ("ml/100L", Fraction(1, 100)),
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class DrawnLeaflet:
    """A leaflet, and all that a person with it in hand knows.

    Args:
        rows: its table, as in a file.
        doses: what it means, of the table that is wanted.
        columns: how many weeks that has.
        kinds: what each row is, by its name.
        table: which of its tables is wanted, from 1; None where it has one.
        unit: of its doses, for where it leaves that open.
        hidden_rows: that nobody sees in the file, and that are no part of it.
        traits: what it is like.
    """

    rows: tuple[tuple[str, ...], ...]
    doses: Doses
    columns: int
    kinds: Mapping[str, TakenAs]
    table: int | None
    unit: str
    hidden_rows: frozenset[int]
    traits: tuple[str, ...]


@dataclass(slots=True)
class _Table:
    """One table while it is drawn."""

    rows: Rows = field(default_factory=list)
    doses: Doses = field(default_factory=dict)
    columns: int = 0
    kinds: dict[str, TakenAs] = field(default_factory=dict)
    feet: list[str] = field(default_factory=list)


def draw_leaflet(seed: int) -> DrawnLeaflet:
    """The leaflet of a seed."""
    chance = Random(seed)  # noqa: S311 -- drawn cases, no secrets
    unit, per_litre = chance.choice(_UNITS)
    where = chance.choice(["corner", "title", "names", "column", "cells"])
    several = chance.choice(["one", "one", "one", "below", "beside"])
    first = _table(chance, unit, per_litre, where)
    wanted, table = first, None
    rows = first.rows
    title = [["All doses in " + unit]] if where == "title" else []
    if several != "one":
        other = _table(chance, unit, per_litre, where)
        table = chance.choice([1, 2])
        wanted = first if table == 1 else other
        rows = _below(first, other) if several == "below" else _beside(first, other)
    down = several == "one" and where in ("corner", "title", "names") and chance.random() < 0.25
    if down:
        rows = [list(row) for row in zip_longest(*rows, fillvalue="")]
    feet = [[text] for text in chance.sample(FEET, chance.choice([0, 1, 2]))]
    feet += [[text] for text in dict.fromkeys(first.feet + wanted.feet)]
    whole = [*title, *rows, *([[""]] if feet else []), *feet]
    hidden = frozenset[int]()
    if several == "one" and not down and chance.random() < 0.1:
        at = len(title) + chance.randint(2, len(rows))
        whole.insert(at, ["Ghost bloom", *["9"] * (max(map(len, rows)) - 1)])
        hidden = frozenset({at + 1})
    return DrawnLeaflet(
        tuple(map(tuple, whole)), wanted.doses, wanted.columns,
        {**wanted.kinds}, table, unit, hidden, (where, several, "down" if down else "across", unit),
    )  # fmt: skip


def _below(first: _Table, other: _Table) -> Rows:
    return [["Grow phase"], *first.rows, [""], ["Bloom phase"], *other.rows]


def _beside(first: _Table, other: _Table) -> Rows:
    width = max(map(len, first.rows))
    height = max(len(first.rows), len(other.rows))
    left = [row + [""] * (width - len(row)) for row in first.rows]
    left += [[""] * width for _ in range(height - len(left))]
    right = other.rows + [[""] for _ in range(height - len(other.rows))]
    return [[*one, "", *two] for one, two in zip(left, right, strict=True)]


def _table(chance: Random, unit: str, per_litre: Fraction, where: str) -> _Table:
    """A table of bottles and rows that are none, in any order but for its headings."""
    made = _Table(columns=chance.randint(2, 9))
    comma = chance.random() < 0.25
    has_units = where == "column"
    heads = _heads(chance, made.columns)
    corner = unit if where == "corner" else chance.choice(["", "Week", "Product", "Bottle"])
    made.rows.append([corner, *(["Unit"] if has_units else []), *heads])
    for name in _bottles(chance):
        row = _bottle_row(chance, made, name, per_litre, comma=comma)
        _mark_one(chance, made, name, row, unit if where != "cells" else "")
        shown = f"{name} ({unit})" if where == "names" else name
        if where == "cells":
            alone = chance.random() < 0.2  # the unit stands in the first cell of a row alone
            dosed = [at for at, text in enumerate(row) if any(sign.isdigit() for sign in text)]
            for at in dosed[:1] if alone else dosed:
                row[at] = _with_unit(row[at], unit)
        elif chance.random() < 0.15:
            made.feet.append("* leave it out in hard water")
            shown += "*"
        made.rows.append([shown, *([unit] if has_units else []), *row])
        made.kinds[shown] = TakenAs.BOTTLE
    for name, kind, figures in chance.sample(ROWS, chance.choice([0, 1, 2, 3, 4])):
        if any(made.kinds.get(row[0]) is kind is not TakenAs.NOTE for row in made.rows):
            continue  # two rows of EC or of pH say the same again
        texts = _spread(figures, made.columns, comma=comma)
        at = chance.randint(1, len(made.rows)) if chance.random() < 0.3 else len(made.rows)
        made.rows.insert(at, [name, *([""] if has_units else []), *texts])
        made.kinds[name] = kind
    if chance.random() < 0.15:
        shares = [f"{chance.choice([50, 75, 100])}%" for _ in range(made.columns)]
        made.rows.append(["Strength", *([""] if has_units else []), *shares])
    return made


def _with_unit(text: str, unit: str) -> str:
    """A dose with its unit, before the mark of a footnote."""
    return f"{text[:-1]} {unit}{text[-1]}" if text.endswith("†") else f"{text} {unit}"


def _mark_one(chance: Random, made: _Table, name: str, row: list[str], unit: str) -> None:
    """Now and then one dose is a limit, or in another unit that stands at the foot."""
    plain = [at for at, text in enumerate(row) if re.fullmatch(r"[\d.,]+", text)]
    if not plain:
        return
    at = chance.choice(plain)
    kind = chance.random()
    if kind < 0.1:
        row[at] = chance.choice(["up to ", "max ", "<", "≤ "]) + row[at]
    elif kind < 0.2 and unit == "mL/L":
        made.feet.append("† ml per 10 L")
        row[at] += "†"
        low, high = made.doses[name, at]
        made.doses[name, at] = (low / 10, high / 10)


def _heads(chance: Random, columns: int) -> list[str]:
    style = chance.choice(["Week {}", "Wk {}", "W{}", "week {}"])
    if chance.random() < 0.1:
        half = columns // 2 or 1
        return [f"Grow W{n + 1}" if n < half else f"Bloom W{n - half + 1}" for n in range(columns)]
    return [style.format(number + 1) for number in range(columns)]


def _bottles(chance: Random) -> list[str]:
    stem, parts = chance.choice(STEMS), chance.choice(PARTS)
    base = [f"{stem} {part}" for part in parts] if chance.random() < 0.8 else [stem]
    return base + chance.sample(OTHERS, chance.choice([0, 1, 2, 3, 4]))


def _bottle_row(
    chance: Random, made: _Table, name: str, per_litre: Fraction, *, comma: bool
) -> list[str]:
    """Doses that rise and fall as feeds do, in the leaflet's own unit; some columns left out."""
    usual = Fraction(chance.choice([2, 4, 6, 8, 10, 15, 20, 30]), 10)
    texts = []
    for at in range(made.columns):
        if chance.random() < 0.12:
            texts.append(chance.choice(["", "–", "-"]))
            continue
        per = round(usual * Fraction(chance.randint(8, 14), 10) / per_litre, 1)
        low = max(Fraction(per), Fraction(1, 10))
        high = low + Fraction(chance.randint(1, 5), 10) if chance.random() < 0.2 else low
        made.doses[name, at] = (low * per_litre, high * per_litre)
        texts.append("-".join(dict.fromkeys((_text(low, comma=comma), _text(high, comma=comma)))))
    return texts


def _text(value: Fraction, *, comma: bool) -> str:
    text = decimal_text(value)
    return text.replace(".", ",") if comma else text


def _spread(figures: tuple[str, ...], columns: int, *, comma: bool) -> list[str]:
    """Figures of a row over its columns, each for as long as the others."""
    spread = [figures[at * len(figures) // columns] for at in range(columns)]
    return [text.replace(".", ",") if comma else text for text in spread]
