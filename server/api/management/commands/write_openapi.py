"""Writes the OpenAPI document: `write_openapi FILE`, run by ./brisk types."""

import json
from pathlib import Path
from typing import Any

from django.core.management.base import BaseCommand, CommandParser

from server.api.entrance import api


class Command(BaseCommand):
    """From this document the front end's types are generated."""

    help = "Write the OpenAPI document."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("file", type=Path)

    def handle(self, *args: Any, **options: Any) -> None:
        text = json.dumps(api.get_openapi_schema(), indent=2, ensure_ascii=False, sort_keys=True)
        options["file"].write_text(text + "\n")
