"""Writes every `.read` anew, run as `python -m tests.core.read_anew`.

What changed in them is then gone through by hand before it is kept: a `.read` is what a person has
found right, and not what the program happens to say.
"""

from collections.abc import Iterable
from pathlib import Path

from core.course import plan_course
from core.leaflet import TableRequest, read_table
from core.tables import read_table_file
from tests.core import test_judging as judging
from tests.core import test_leaflet as leaflet
from tests.core import test_pour_sheets as sheets
from tests.core import test_seasons as seasons
from tests.core import test_whole_mixes as mixes


def write(path: Path, lines: Iterable[str]) -> None:
    path.with_suffix(".read").write_text("\n".join(lines) + "\n")


def main() -> None:
    for table in leaflet.FILES:
        draft = read_table(TableRequest(read_table_file(table.read_bytes()).rows))
        write(table, leaflet.told(draft).splitlines())
    for name, plan in sheets.SHEETS.items():
        write(sheets.POUR_SHEETS / name, sheets.told(plan()))
    for name, ask in seasons.ASKED.items():
        write(seasons.SEASONS / name, seasons.told(plan_course(ask())))
    for name, mix in mixes.MIXES.items():
        write(mixes.WHOLE_MIXES / name, mixes.lines_of(mix))
    write(judging.CAUTIONS, judging.all_told())


if __name__ == "__main__":
    main()
