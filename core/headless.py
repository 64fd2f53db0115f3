"""Plans one mix from JSON: `python -m core.headless FILE`, or `-` for standard input.

Prints a pour sheet and exits 0; on bad input prints an error object on standard error, nothing on
standard output, and exits 2.
"""

import json
import sys
from pathlib import Path

from core.errors import InputError
from core.formats import MixRequestDocument, PourSheetDocument, document_of, read_json
from core.formats.text import LARGEST_BYTES
from core.mix import plan_mix


def _read(name: str) -> bytes:
    if name == "-":
        return sys.stdin.buffer.read(LARGEST_BYTES + 1)
    try:
        with Path(name).open("rb") as file:
            return file.read(LARGEST_BYTES + 1)
    except OSError as error:
        reason = error.strerror or "it cannot be read"
        raise InputError("cannot_read", f"{name}: {reason}.", name) from None


def plan_text(raw: bytes) -> str:
    """A pour sheet as JSON text, from a mix request as JSON text.

    Raises:
        InputError: the request cannot be used.
    """
    request = document_of(MixRequestDocument, read_json(raw)).request()
    return PourSheetDocument.of(plan_mix(request)).model_dump_json(indent=2)


def main(words: list[str]) -> int:
    """Plan one file; the exit code."""
    try:
        print(plan_text(_read(words[0])))
    except InputError as error:
        shown = {"code": error.code, "message": error.message, "where": error.where}
        print(json.dumps({"error": shown}, ensure_ascii=False), file=sys.stderr)
        return 2
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
