"""The capabilities without a server: `python -m core.headless plan FILE`, `course`, and others.

`-` reads standard input. Prints the result as JSON and exits 0; on bad input prints an error object
on standard error, nothing on standard output, and exits 2.
"""

import argparse
import json
import os
import sys
from collections.abc import Sequence
from pathlib import Path

from core.errors import InputError
from core.limits import LARGEST_BYTES
from core.wording import Manner, refusal

# Each command brings its own rooms with it: a table is read without PHREEQC.


def _read(name: str) -> bytes:
    if name == "-":
        return sys.stdin.buffer.read(LARGEST_BYTES + 1)
    try:
        with Path(name).open("rb") as file:
            return file.read(LARGEST_BYTES + 1)
    except (OSError, ValueError) as error:
        if reason := getattr(error, "strerror", None):
            raise InputError("cannot_read", name, name=name, reason=str(reason)) from None
        raise InputError("cannot_read.unsaid", name, name=name) from None


def plan_text(raw: bytes) -> str:
    """A pour sheet as JSON text, from a mix request as JSON text.

    Raises:
        InputError: the request cannot be used.
    """
    from core.formats import MixRequestDocument, PourSheetDocument, document_of, read_json
    from core.planning import plan_mix

    request = document_of(MixRequestDocument, read_json(raw)).request()
    manner = Manner(request.meter, request.tank_unit)
    return PourSheetDocument.of(plan_mix(request), manner).model_dump_json(indent=2)


def course_text(raw: bytes) -> str:
    """The course of a tank as JSON text, from a course request as JSON text.

    Raises:
        InputError: the request cannot be used.
    """
    from core.course import plan_course
    from core.formats.course import CourseDocument
    from core.formats.course_request import CourseRequestDocument
    from core.formats.text import document_of, read_json

    request = document_of(CourseRequestDocument, read_json(raw)).request()
    return CourseDocument.of(plan_course(request)).model_dump_json(indent=2, by_alias=True)


def tank_text(raw: bytes) -> str:
    """What a tank holds as JSON text, from a tank as JSON text.

    Raises:
        InputError: a vessel cannot be.
    """
    from core.formats.tank import TankDocument, TankVolumeDocument
    from core.formats.text import document_of, read_json
    from core.tanks import measure_tank

    parts = document_of(TankDocument, read_json(raw)).parts()
    return TankVolumeDocument.of(measure_tank(parts)).model_dump_json(indent=2)


def rehearse_text(raw: bytes) -> str:
    """The record of a rehearsed mix as JSON text, from a rehearsal as JSON text.

    Raises:
        InputError: the rehearsal cannot be used.
    """
    from core.formats import document_of, read_json
    from core.formats.practice.rehearsal import RehearsalDocument, RehearsalRecordDocument
    from core.practice import rehearse

    request = document_of(RehearsalDocument, read_json(raw)).rehearsal()
    return RehearsalRecordDocument.of(rehearse(request)).model_dump_json(indent=2)


def drawn_text(options: argparse.Namespace) -> str:
    """What became of drawn rehearsals, or the record of one of them, as JSON text.

    Raises:
        InputError: a wish that is no `key=value`, or that no drawn case fulfils.
    """
    from core.formats.practice.drawn import DrawnRecordDocument, DrawnReportDocument
    from core.practice.drawn import draw_case, judge_case, rehearse_drawn

    if options.only is not None:
        case = draw_case(options.only)
        return DrawnRecordDocument.of(case, judge_case(case)).model_dump_json(indent=2)
    wished = [place.partition("=") for place in options.where]
    if any(not (key and value) for key, _, value in wished):
        raise InputError("not_a_wish", "where")
    where = {key: value for key, _, value in wished}
    report = rehearse_drawn(options.drawn, options.seed, where, workers=options.workers)
    return DrawnReportDocument.of(report).model_dump_json(indent=2)


def read_text(raw: bytes, options: argparse.Namespace) -> str:
    """What a file with a table was understood as, as JSON text; a chart in JSON as its draft.

    Raises:
        InputError: the file holds no table, or no such sheet.
    """
    from core.formats.leaflets.answers import LeafletAnswers
    from core.formats.leaflets.draft import ChartDraftDocument
    from core.formats.leaflets.reading import read_file
    from core.formats.text import document_of, read_json

    answers = LeafletAnswers()
    if options.answers is not None:
        answers = document_of(LeafletAnswers, read_json(_read(options.answers)))
    names = ("gallon", "ppm_scale", "unit", "reading_unit")
    typed = {name: said for name in names if (said := getattr(options, name)) is not None}
    if options.table is not None:
        typed["table"] = _number(options.table)
    wanted = answers.model_copy(update=typed).options()
    name = "" if options.file == "-" else Path(options.file).stem
    read = read_file(raw, wanted, name=name, sheet=options.sheet)
    return ChartDraftDocument.of(read.draft, read.tables).model_dump_json(indent=2)


def _number(text: str) -> int:
    """The number of a table as it is typed."""
    if not text.isascii() or not text.isdigit():
        raise InputError("not_a_choice.number", "table")
    return int(text)


def table_text(raw: bytes) -> str:
    """A chart in JSON as CSV, with what a table cannot hold in lines that begin with `#`.

    Raises:
        InputError: the chart cannot be used.
    """
    from core.formats.chart import MS_CM, FeedChart
    from core.formats.text import document_of, read_json
    from core.leaflet import whole_table
    from core.tables import csv_text

    document = document_of(FeedChart, read_json(raw))
    scale = document.reading_scale or MS_CM
    return csv_text(whole_table(document.chart(), scale)).rstrip("\r\n")


def _answer(options: argparse.Namespace) -> str:
    if options.command == "rehearse" and options.file is None:
        return drawn_text(options)
    raw = _read(options.file)
    match options.command:
        case "plan":
            return plan_text(raw)
        case "course":
            return course_text(raw)
        case "tank":
            return tank_text(raw)
        case "rehearse":
            return rehearse_text(raw)
    return table_text(raw) if options.table == "csv" else read_text(raw, options)


def _add_drawn(command: argparse.ArgumentParser) -> None:
    """What a rehearsal without a file may be asked: cases drawn by the command itself."""
    command.add_argument("--drawn", type=int, default=500)
    command.add_argument("--seed", type=int, default=1)
    command.add_argument("--where", action="append", default=[])
    command.add_argument("--only", type=int)
    command.add_argument("--workers", type=int, default=os.cpu_count() or 1)


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(prog="./brisk")
    commands = parser.add_subparsers(dest="command", required=True)
    for name in ("plan", "course", "tank", "rehearse", "read"):
        command = commands.add_parser(name)
        command.add_argument("file", nargs="?" if name == "rehearse" else None)
        if name == "rehearse":
            _add_drawn(command)
        if name == "read":
            command.add_argument("--sheet")
            command.add_argument("--gallon")
            command.add_argument("--ppm-scale")
            command.add_argument("--unit")
            command.add_argument("--reading-unit")
            command.add_argument("--answers")
            command.add_argument("--table")
    return parser


def main(words: Sequence[str]) -> int:
    """Run one command on one file; the exit code."""
    try:
        print(_answer(_parser().parse_args(words)))
    except InputError as error:
        shown = {"code": error.code, "message": refusal(error), "where": error.where}
        print(json.dumps({"error": shown}, ensure_ascii=False), file=sys.stderr)
        return 2
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
