"""Backup and restore as the deployment page tells: pg_dump and pg_restore, on a real database."""

import subprocess
from pathlib import Path

import pytest
from django.conf import settings
from django.db import connection

from server.grows.models import Grow


def _program(name: str) -> str:
    found = sorted(Path("/usr/lib/postgresql").glob(f"*/bin/{name}"))
    return str(found[-1]) if found else name


@pytest.mark.django_db(transaction=True)
def test_what_was_backed_up_comes_back_as_it_was(tmp_path: Path) -> None:
    known = settings.DATABASES["default"]
    at = (
        f"postgres://{known['USER']}:{known['PASSWORD']}@{known['HOST']}:{known['PORT']}"
        f"/{connection.settings_dict['NAME']}"
    )
    Grow.objects.create(name="Kept")
    dump = str(tmp_path / "brisk.dump")
    subprocess.run([_program("pg_dump"), "--format=custom", "--file", dump, at], check=True)
    Grow.objects.filter(name="Kept").delete()
    Grow.objects.create(name="Later")
    connection.close()
    restored = [
        _program("pg_restore"),
        "--clean",
        "--if-exists",
        "--no-owner",
        "--dbname",
        at,
        dump,
    ]
    subprocess.run(restored, check=True)
    names = set(Grow.objects.values_list("name", flat=True))
    assert "Kept" in names
    assert "Later" not in names
