"""The commands of ./brisk."""

import argparse
import errno
import sys
from collections.abc import Sequence

from launch import proof, serve
from launch.say import DISK_FULL, Stop, complain


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(prog="./brisk", description="Brisk Measure")
    commands = parser.add_subparsers(dest="command", required=True, metavar="COMMAND")
    start = commands.add_parser("start", help="prepare what is missing and serve")
    start.add_argument("--empty", action="store_true", help="serve without demo data")
    commands.add_parser("stop", help="end web server and database")
    commands.add_parser("reset-demo", help="put the demo data back")
    account = commands.add_parser("account", help="make an account with a grow of its own")
    account.add_argument("name")
    plan = commands.add_parser("plan", help="plan a mix from a JSON file, print the pour sheet")
    plan.add_argument("file", help="a mix request, or - for standard input")
    rehearsal = commands.add_parser("rehearse", help="rehearse a guided mix from a JSON file")
    rehearsal.add_argument("file", help="a rehearsal, or - for standard input")
    test = commands.add_parser("test", help="run all tests")
    test.add_argument("words", nargs="*", help="words for pytest, to run only some")
    commands.add_parser("check", help="run linters, type checks and contract checks")
    commands.add_parser("types", help="write API document, front-end types and schemas anew")
    commands.add_parser("bench", help="print the project's figures")
    commands.add_parser("dev", help="serve with hot reload")
    return parser


def _run(options: argparse.Namespace, rest: Sequence[str]) -> int:
    match options.command:
        case "start":
            serve.start(demo=not options.empty)
        case "stop":
            serve.stop()
        case "reset-demo":
            serve.reset_demo()
        case "account":
            serve.account(options.name)
        case "dev":
            serve.dev()
        case "plan" | "rehearse":
            return proof.headless(options.command, options.file)
        case "test":
            return proof.test([*options.words, *rest])
        case "check":
            return proof.check()
        case "types":
            return proof.types()
        case "bench":
            return proof.bench()
    return 0


def main(words: Sequence[str] | None = None) -> int:
    """Run one command; its exit code."""
    parser = _parser()
    options, rest = parser.parse_known_args(words)
    if rest and options.command != "test":
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
