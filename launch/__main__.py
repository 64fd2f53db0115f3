"""The commands of ./brisk."""

import argparse
import errno
import os
import sys
from collections.abc import Callable, Sequence

from launch import backup, changed, grows, proof, serve
from launch.say import DISK_FULL, Stop, complain


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(prog="./brisk", description="Brisk Measure")
    commands = parser.add_subparsers(dest="command", required=True, metavar="COMMAND")
    start = commands.add_parser("start", help="prepare what is missing and serve")
    start.add_argument("--empty", action="store_true", help="serve without demo data")
    commands.add_parser("stop", help="end web server and database")
    commands.add_parser("reset-demo", help="put the demo data back")
    for name, words in (("backup", "write all data into a file"), ("restore", "put it all back")):
        kept = commands.add_parser(name, help=words)
        kept.add_argument("file", help="the file of the backup")
    account = commands.add_parser("account", help="make an account with a grow of its own")
    account.add_argument("name")
    account.add_argument("--grow", help="make it an owner of that grow instead")
    export = commands.add_parser("export", help="write all of a grow into a file")
    export.add_argument("grow", help="its name or its number")
    export.add_argument("file", help="a zip that is not there yet")
    bring = commands.add_parser("import", help="make the grow that a file of an export holds")
    bring.add_argument("file", help="the file of an export")
    bring.add_argument("--owner", help="the account whose grow it becomes")
    large = commands.add_parser("draw-grow", help="draw a large grow, to see what growth costs")
    large.add_argument("name", help="what it is called")
    large.add_argument("--owner", required=True, help="the account whose grow it becomes")
    plan = commands.add_parser("plan", help="plan a mix from a JSON file, print the pour sheet")
    plan.add_argument("file", help="a mix request, or - for standard input")
    course = commands.add_parser("course", help="plan a season's days and tasks from a JSON file")
    course.add_argument("file", help="a course request, or - for standard input")
    tank = commands.add_parser("tank", help="say what a tank holds, from a JSON file")
    tank.add_argument("file", help="a tank, or - for standard input")
    rehearsal = commands.add_parser(
        "rehearse", help="rehearse a guided mix from a JSON file, or many that are drawn"
    )
    rehearsal.add_argument("file", nargs="?", help="a rehearsal, or - for standard input")
    rehearsal.add_argument("--drawn", metavar="N", help="draw so many mixes with faults instead")
    rehearsal.add_argument("--seed", metavar="S", help="of the drawn mixes")
    rehearsal.add_argument(
        "--where",
        metavar="KEY=VALUE",
        action="append",
        default=[],
        help="draw only mixes like that, such as chart=rule or fault=ph_stuck",
    )
    rehearsal.add_argument("--only", metavar="SEED", help="print the record of one drawn mix")
    read = commands.add_parser("read", help="read a leaflet's table from CSV, XLSX or ODS")
    read.add_argument("file", help="a table or a chart, or - for standard input")
    read.add_argument("--sheet", help="which sheet of a spreadsheet")
    read.add_argument("--gallon", help="us or uk, where the leaflet does not say")
    read.add_argument("--ppm-scale", help="500, 640 or 700, where the leaflet does not say")
    read.add_argument("--unit", help="of doses, such as mL/L, where the leaflet does not say")
    read.add_argument(
        "--reading-unit", help="of a row of EC: CF or uS/cm, where the leaflet does not say"
    )
    read.add_argument("--answers", metavar="FILE", help="all answers to its questions, as JSON")
    read.add_argument(
        "--table",
        metavar="K",
        help="which of several tables, from 1; csv prints a chart in JSON as a table instead",
    )
    _add_proofs(commands)
    return parser


def _add_proofs(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """The commands of those who change the program."""
    test = commands.add_parser("test", help="run all tests")
    test.add_argument("words", nargs="*", help="words for pytest, to run only some")
    test.add_argument("--deep", action="store_true", help="also what is drawn or walked for long")
    checked = commands.add_parser("check", help="run linters, type checks and contract checks")
    checked.add_argument(
        "--changed", action="store_true", help="only for files changed since main, in seconds"
    )
    commands.add_parser("hook", help="run check --changed before each commit of this clone")
    commands.add_parser("types", help="write API document, front-end types and schemas anew")
    migration = commands.add_parser("migration", help="write a migration for what models changed")
    migration.add_argument("name", help="what it does, such as tank_has_a_lid")
    commands.add_parser("bench", help="print the project's figures")
    commands.add_parser("dev", help="serve with hot reload")


def _reading(options: argparse.Namespace) -> list[str]:
    """What was said of a leaflet's table, as words for the command that reads it."""
    names = ("sheet", "gallon", "ppm_scale", "unit", "reading_unit", "answers", "table")
    said = {name: getattr(options, name) for name in names}
    return [
        f"--{name.replace('_', '-')}={value}" for name, value in said.items() if value is not None
    ]


def _drawing(options: argparse.Namespace) -> list[str]:
    """What was said of drawn rehearsals, as words for the command that runs them."""
    named = ("drawn", "seed", "only")
    said = [(name, getattr(options, name)) for name in named]
    words = [f"--{name}={value}" for name, value in said if value is not None]
    if not options.file and not words and not options.where:
        raise Stop("name a file with a rehearsal, or say how many to draw: --drawn 500")
    return words + [f"--where={wish}" for wish in options.where]


def _run(options: argparse.Namespace, rest: Sequence[str]) -> int:
    commands: dict[str, Callable[[], int | None]] = {
        "start": lambda: serve.start(demo=not options.empty),
        "stop": serve.stop,
        "reset-demo": grows.reset_demo,
        "account": lambda: grows.account(options.name, grow=options.grow),
        "export": lambda: grows.export_grow(options.grow, os.path.abspath(options.file)),
        "import": lambda: grows.import_grow(os.path.abspath(options.file), owner=options.owner),
        "draw-grow": lambda: grows.draw_grow(options.name, rest, owner=options.owner),
        "backup": lambda: backup.backup(options.file),
        "restore": lambda: backup.restore(options.file),
        "dev": serve.dev,
        "plan": lambda: proof.headless("plan", options.file),
        "course": lambda: proof.headless("course", options.file),
        "tank": lambda: proof.headless("tank", options.file),
        "rehearse": lambda: proof.headless("rehearse", options.file, *_drawing(options)),
        "read": lambda: proof.headless("read", options.file, *_reading(options)),
        "test": lambda: proof.test([*options.words, *rest], deep=options.deep),
        "check": changed.check if options.command == "check" and options.changed else proof.check,
        "hook": changed.hook,
        "migration": lambda: proof.migration(options.name),
        "types": proof.types,
        "bench": proof.bench,
    }
    return commands[options.command]() or 0


def main(words: Sequence[str] | None = None) -> int:
    """Run one command; its exit code."""
    parser = _parser()
    options, rest = parser.parse_known_args(words)
    if rest and options.command not in ("test", "draw-grow"):
        parser.error(f"unknown: {' '.join(rest)}")
    try:
        return _run(options, rest)
    except Stop as stop:
        complain(str(stop))
    except KeyboardInterrupt:
        complain("stopped by Ctrl-C")
    except OSError as error:
        if error.errno != errno.ENOSPC:
            raise
        complain(DISK_FULL)
    return 1


if __name__ == "__main__":
    sys.exit(main())
