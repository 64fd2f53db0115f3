"""Brings in a grow from one file: `import_grow FILE`, run by ./brisk import."""

from pathlib import Path
from typing import Any

from django.contrib.auth.models import User
from django.core.management.base import BaseCommand, CommandError, CommandParser
from django.db import transaction

from core.errors import InputError
from core.wording import refusal
from server.archive.reading import bring_in
from server.archive.unpacking import ANY_SIZE
from server.grows.models import Membership
from server.grows.roles import MemberRole


class Command(BaseCommand):
    """Makes a grow of its own, whole or not at all."""

    help = "Bring in a grow from the file of an export."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("file")
        parser.add_argument("--owner", help="the account whose grow it becomes")

    def handle(self, *args: Any, **options: Any) -> None:
        file = Path(options["file"])
        try:
            file.open("rb").close()
        except OSError as error:
            raise CommandError(f"{options['file']} cannot be read: {error.strerror}.") from None
        name = options["owner"]
        owner = User.objects.filter(username=name, is_active=True).first() if name else None
        if name and owner is None:
            raise CommandError(f"There is no account {name}. Nothing has changed.")
        try:
            with transaction.atomic():
                grow = bring_in(file, owner, limits=ANY_SIZE)
                if owner is not None:
                    Membership.objects.create(grow=grow, person=owner, role=MemberRole.OWNER)
        except InputError as error:
            where = f" ({error.where})" if error.where else ""
            raise CommandError(f"{refusal(error)}{where} Nothing has changed.") from None
        self.stdout.write(f"Made the grow {grow.pk}, {grow.name}.")
        if owner is None:
            self.stdout.write(
                f"Nobody may enter it yet: ./brisk account NAME --grow {grow.pk} makes an owner."
            )
