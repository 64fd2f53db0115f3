"""Writes the JSON Schema of an archive: `write_archive_schema FILE`, run by ./brisk types."""

import json
from pathlib import Path
from typing import Any

from django.core.management.base import BaseCommand, CommandParser

from server.archive.schema import archive_schema


class Command(BaseCommand):
    """The same schema that lies in every archive."""

    help = "Write the JSON Schema of an archive."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("file")

    def handle(self, *args: Any, **options: Any) -> None:
        Path(options["file"]).write_text(json.dumps(archive_schema(), indent=2) + "\n")
