"""Writes the OpenAPI document: `write_openapi FILE`, run by ./brisk types."""

import json
from importlib import import_module
from pathlib import Path
from typing import Any

from django.conf import settings
from django.core.management.base import BaseCommand, CommandParser

from server.api.openapi import api


class Command(BaseCommand):
    """From this document the front end's types are generated."""

    help = "Write the OpenAPI document."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("file", type=Path)

    def handle(self, *args: Any, **options: Any) -> None:
        import_module(settings.ROOT_URLCONF)  # reading the addresses adds the routers
        text = json.dumps(api.get_openapi_schema(), indent=2, ensure_ascii=False, sort_keys=True)
        options["file"].write_text(text + "\n")
