"""Writes all of a grow into one file: `export_grow GROW FILE`, run by ./brisk export."""

from pathlib import Path
from typing import Any

from django.core.management.base import BaseCommand, CommandError, CommandParser
from django.utils import timezone

from server.archive.writing import archive_pieces, one_moment
from server.grows.models import Grow


class Command(BaseCommand):
    """A grow is named by its name or its number."""

    help = "Write all of a grow into one file."

    def add_arguments(self, parser: CommandParser) -> None:
        parser.add_argument("grow")
        parser.add_argument("file")

    def handle(self, *args: Any, **options: Any) -> None:
        file = Path(options["file"])
        grow = grow_called(options["grow"])
        try:
            with file.open("xb") as opened, one_moment():
                for piece in archive_pieces(grow, timezone.now(), tell=self._tell):
                    opened.write(piece)
        except FileExistsError:
            raise CommandError(f"{file} is there already: name another file.") from None
        except OSError as error:
            raise CommandError(f"{file} cannot be written: {error.strerror}.") from None
        self.stdout.write(f"All of {options['grow']} is in {file}.")

    def _tell(self, name: str, count: int) -> None:
        self.stdout.write(f"  {name.replace('_', ' ')}: {count}")


def grow_called(text: str) -> Grow:
    """A grow by its name or its number.

    Raises:
        CommandError: there is none, or more than one.
    """
    found = list(Grow.objects.filter(name=text).order_by("pk"))
    if not found and text.isascii() and text.isdigit() and len(text) < 19:
        found = list(Grow.objects.filter(pk=int(text)))
    if len(found) == 1:
        return found[0]
    listed = found or Grow.objects.order_by("pk")[:20]
    there = ", ".join(f"{grow.pk} ({grow.name})" for grow in listed) or "none"
    what = "There are several grows" if found else "There is no grow"
    raise CommandError(f"{what} called {text!r}. By number: {there}.")
