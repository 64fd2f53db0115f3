"""Backup and restore as the deployment page tells: pg_dump and pg_restore, on a real database."""

import os
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


def _brisk(*words: str, at: str) -> subprocess.CompletedProcess[str]:
    env = os.environ | {"DATABASE_URL": at}
    return subprocess.run(
        [settings.ROOT / "brisk", *words], capture_output=True, text=True, check=False, env=env
    )


@pytest.mark.django_db(transaction=True)
def test_one_command_backs_up_and_one_brings_it_back(tmp_path: Path) -> None:
    known = settings.DATABASES["default"]
    at = (
        f"postgres://{known['USER']}:{known['PASSWORD']}@{known['HOST']}:{known['PORT']}"
        f"/{connection.settings_dict['NAME']}"
    )
    file = tmp_path / "brisk.dump"
    Grow.objects.create(name="Kept")
    connection.close()
    assert _brisk("backup", str(file), at=at).returncode == 0
    again = _brisk("backup", str(file), at=at)
    assert again.returncode != 0
    assert "is there already" in again.stderr
    Grow.objects.filter(name="Kept").delete()
    Grow.objects.create(name="Later")
    connection.close()
    # what is no backup, or one that was cut off, changes nothing
    (tmp_path / "other").write_text("a shopping list")
    (tmp_path / "cut").write_bytes(file.read_bytes()[: file.stat().st_size // 2])
    for wrong, words in (
        ("other", "is no backup"),
        ("cut", "does not fit"),
        ("none", "cannot be read"),
    ):
        refused = _brisk("restore", str(tmp_path / wrong), at=at)
        assert refused.returncode != 0
        assert words in refused.stderr
    assert Grow.objects.filter(name="Later").exists()
    connection.close()
    assert _brisk("restore", str(file), at=at).returncode == 0
    names = set(Grow.objects.values_list("name", flat=True))
    assert ("Kept" in names, "Later" in names) == (True, False)
    # and what was there before the restore is not lost either
    connection.close()
    assert _brisk("restore", str(tmp_path / "brisk.dump.before"), at=at).returncode == 0
    assert Grow.objects.filter(name="Later").exists()
