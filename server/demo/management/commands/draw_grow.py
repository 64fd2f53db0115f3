"""Draws a large grow: `draw_grow NAME --owner ACCOUNT`, run by ./brisk draw-grow."""

from dataclasses import fields, replace
from typing import Any

from django.contrib.auth.models import User
from django.core.management.base import BaseCommand, CommandError, CommandParser

from server.demo.drawn_grow import FIVE_YEARS, draw_grow


class Command(BaseCommand):
    """Five years of fifty tanks, unless other numbers are given."""

    help = "Draw a large grow."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("name")
        parser.add_argument("--owner", required=True, help="the account whose grow it becomes")
        parser.add_argument("--seed", type=int, default=1)
        for field in fields(FIVE_YEARS):
            parser.add_argument(f"--{field.name}", type=int, default=field.default)

    def handle(self, *args: Any, **options: Any) -> None:
        owner = User.objects.filter(username=options["owner"], is_active=True).first()
        if owner is None:
            raise CommandError(f"There is no account {options['owner']}. Nothing has changed.")
        size = replace(
            FIVE_YEARS, **{field.name: options[field.name] for field in fields(FIVE_YEARS)}
        )
        grow = draw_grow(options["name"], owner, size, seed=options["seed"])
        self.stdout.write(f"Drew the grow {grow.pk}, {grow.name}.")
