"""Makes an account with a grow of its own: `make_account NAME`, run by ./brisk account."""

import getpass
import sys
from typing import Any

from django.contrib.auth.models import User
from django.contrib.auth.password_validation import validate_password
from django.core.exceptions import ValidationError
from django.core.management.base import BaseCommand, CommandError, CommandParser
from django.db import transaction

from server.grows.demo_people import DEMO_PEOPLE
from server.grows.models import Grow, Membership


class Command(BaseCommand):
    """Asks for a password twice, or reads it from standard input if that is no terminal."""

    help = "Make an account with a grow of its own."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("name")

    def handle(self, *args: Any, **options: Any) -> None:
        person = User(username=options["name"])
        try:
            person.clean_fields(exclude=["password"])
            if person.username in DEMO_PEOPLE:
                raise CommandError(f"{person.username} works in the demo: choose another name.")
            if User.objects.filter(username=person.username).exists():
                raise CommandError(f"There is an account {person.username} already.")
            password = self._ask()
            validate_password(password, person)
        except ValidationError as error:
            raise CommandError(" ".join(error.messages)) from None
        person.set_password(password)
        with transaction.atomic():
            person.save()
            grow = Grow.objects.create(name=f"{person.username}'s grow")
            Membership.objects.create(grow=grow, person=person)
        self.stdout.write(f"Made the account {person.username}.")

    def _ask(self) -> str:
        if not sys.stdin.isatty():
            return sys.stdin.readline().rstrip("\n")
        password = getpass.getpass("Password: ")
        if getpass.getpass("Once more: ") != password:
            raise CommandError("The two passwords differ.")
        return password
