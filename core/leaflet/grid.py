"""A table of cells that know where they stood in the file."""

import re
from collections.abc import Sequence
from dataclasses import dataclass

_CONTROL = re.compile(r"[\x00-\x08\x0b\x0c\x0e-\x1f\x7f\u200b-\u200f\ufeff]")


@dataclass(frozen=True, slots=True)
class Cell:
    """A text, and its row and column in the file, counted from 1."""

    text: str
    row: int
    column: int

    def __bool__(self) -> bool:
        return bool(self.text)


Grid = tuple[tuple[Cell, ...], ...]
"""Rows of equal length."""


def grid_of(rows: Sequence[Sequence[str]]) -> Grid:
    """The cells of a table, each on one line and without signs that nobody sees."""
    width = max((len(row) for row in rows), default=0)
    return tuple(
        tuple(
            Cell(tidy_cell(row[at]) if at < len(row) else "", number, at + 1) for at in range(width)
        )
        for number, row in enumerate(rows, 1)
    )


def tidy_cell(text: str) -> str:
    """A cell on one line, without the apostrophe that keeps it from being a formula."""
    line = re.sub(r"\s+", " ", _CONTROL.sub("", text)).strip()
    return re.sub(r"^'(?=[=+@-])", "", line)


def turned(grid: Grid) -> Grid:
    """Rows as columns."""
    return tuple(zip(*grid, strict=True))


def plain_text(text: str) -> str:
    """A text as it is compared: lower case, without signs at its ends."""
    return text.lower().strip(" :.*()")
