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
from server.grows.roles import MemberRole


class Command(BaseCommand):
    """Asks for a password twice, or reads it from standard input if that is no terminal."""

    help = "Make an account with a grow of its own."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("name")
        parser.add_argument("--grow", type=int, help="number of the grow that it is to own")

    def handle(self, *args: Any, **options: Any) -> None:
        person = User(username=options["name"])
        try:
            person.clean_fields(exclude=["password"])
            if person.username in DEMO_PEOPLE:
                raise CommandError(f"{person.username} works in the demo: choose another name.")
            there = User.objects.filter(username=person.username).first()
            if there is not None and there.is_active and options["grow"] is None:
                raise CommandError(f"There is an account {person.username} already.")
            grow = self._grow(options["grow"])
            if there is None or not there.is_active:
                # Who is named in a grow that was brought in has a name, and no way in as yet.
                person = there or person
                password = self._ask()
                validate_password(password, person)
                person.set_password(password)
                person.is_active = True
            else:
                person = there
        except ValidationError as error:
            raise CommandError(" ".join(error.messages)) from None
        with transaction.atomic():
            person.save()
            grow = grow or Grow.objects.create(name=f"{person.username}'s grow")
            Membership.objects.update_or_create(
                grow=grow, person=person, defaults={"role": MemberRole.OWNER}
            )
        if there is None:
            self.stdout.write(f"Made the account {person.username}.")
        self.stdout.write(f"{person.username} owns the grow {grow.pk}, {grow.name}.")

    def _grow(self, number: int | None) -> Grow | None:
        found = None if number is None else Grow.objects.filter(pk=number).first()
        if number is not None and found is None:
            raise CommandError(f"There is no grow {number}.")
        return found

    def _ask(self) -> str:
        if not sys.stdin.isatty():
            return sys.stdin.readline().rstrip("\n")
        password = getpass.getpass("Password: ")
        if getpass.getpass("Once more: ") != password:
            raise CommandError("The two passwords differ.")
        return password
