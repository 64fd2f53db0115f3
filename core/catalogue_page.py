"""Writes the page of all cautions: `python -m core.catalogue_page FILE`."""

import sys
from pathlib import Path

from core.cautions import CATALOGUE, Severity, title_of
from core.facts import one_each
from core.wording import wording

_HEADINGS = one_each(
    Severity,
    {
        Severity.STOP: "Stop: to be acknowledged by name before a mix starts",
        Severity.MIND: "Mind: act on it",
        Severity.NOTE: "Note: good to know",
    },
)


def page() -> str:
    """The catalogue as Markdown."""
    lines = [
        "# What Brisk Measure makes one mind",
        "",
        "Written by `./brisk types` from the catalogue in `core/cautions.py`; the conditions stand "
        "in `core/planning/judging`.",
    ]
    for severity, heading in _HEADINGS.items():
        lines += ["", f"## {heading}", "", "| code | | raised when |", "|---|---|---|"]
        lines += [
            f"| `{code}` | {wording(title_of(code))} | {entry.when} |"
            for code, entry in CATALOGUE.items()
            if entry.severity is severity
        ]
    return "\n".join(lines) + "\n"


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(page())
