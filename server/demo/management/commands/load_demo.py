"""Loads the demo scenario: `load_demo`, or `load_demo --again` to put it back as it was."""

from typing import Any

from django.core.management.base import BaseCommand, CommandParser

from server.demo.scenario import load_scenario, remove_scenario
from server.grows.models import Grow


class Command(BaseCommand):
    """Does nothing if the demo is there already, unless asked to put it back."""

    help = "Load the demo scenario."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("--again", action="store_true", help="remove the demo first")

    def handle(self, *args: Any, **options: Any) -> None:
        if options["again"]:
            remove_scenario()
        if not Grow.objects.filter(is_demo=True).exists():
            load_scenario()
