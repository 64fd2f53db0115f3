"""The capabilities without a server: `python -m core.headless plan FILE`, or `rehearse FILE`.

`-` reads standard input. Prints the result as JSON and exits 0; on bad input prints an error object
on standard error, nothing on standard output, and exits 2.
"""

import json
import sys
from collections.abc import Callable
from pathlib import Path

from core.errors import InputError
from core.formats import MixRequestDocument, PourSheetDocument, document_of, read_json
from core.formats.rehearsal import RehearsalDocument, RehearsalRecordDocument
from core.formats.text import LARGEST_BYTES
from core.planning import plan_mix
from core.practice import rehearse


def _read(name: str) -> bytes:
    if name == "-":
        return sys.stdin.buffer.read(LARGEST_BYTES + 1)
    try:
        with Path(name).open("rb") as file:
            return file.read(LARGEST_BYTES + 1)
    except (OSError, ValueError) as error:
        reason = getattr(error, "strerror", None) or "it cannot be read"
        raise InputError("cannot_read", f"{name}: {reason}.", name) from None


def plan_text(raw: bytes) -> str:
    """A pour sheet as JSON text, from a mix request as JSON text.

    Raises:
        InputError: the request cannot be used.
    """
    request = document_of(MixRequestDocument, read_json(raw)).request()
    return PourSheetDocument.of(plan_mix(request)).model_dump_json(indent=2)


def rehearse_text(raw: bytes) -> str:
    """The record of a rehearsed mix as JSON text, from a rehearsal as JSON text.

    Raises:
        InputError: the rehearsal cannot be used.
    """
    request = document_of(RehearsalDocument, read_json(raw)).rehearsal()
    return RehearsalRecordDocument.of(rehearse(request)).model_dump_json(indent=2)


COMMANDS: dict[str, Callable[[bytes], str]] = {"plan": plan_text, "rehearse": rehearse_text}


def main(words: list[str]) -> int:
    """Run one command on one file; the exit code."""
    try:
        print(COMMANDS[words[0]](_read(words[1])))
    except InputError as error:
        shown = {"code": error.code, "message": error.message, "where": error.where}
        print(json.dumps({"error": shown}, ensure_ascii=False), file=sys.stderr)
        return 2
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
