"""Proof: `./brisk test`, `check`, `types`, `bench`, and what runs without a server: `plan`,
`course`, `tank`, `rehearse` and `read`."""

import filecmp
import os
import subprocess
import sys
import tempfile
from collections.abc import Iterator, Sequence
from concurrent.futures import ThreadPoolExecutor
from contextlib import contextmanager, redirect_stdout
from pathlib import Path

from launch import node_packages, python_packages
from launch.cluster import Cluster
from launch.debian import bring
from launch.places import ROOT, WEB, external_database, make_state, venv_python
from launch.preparing import bring_everything
from launch.say import run_quietly, step, tell
from launch.serve import manage, server_environment

_CHROMIUM = Path("/usr/bin/chromium")
_OPENAPI = WEB / "openapi.json"
_TYPES = WEB / "src" / "api" / "schema.d.ts"
_SCHEMAS = ROOT / "docs" / "formats"
_CAUTIONS = ROOT / "docs" / "cautions.md"


def _missing_for_the_browser() -> list[str]:
    """Debian's packages that the journeys need: the browser, and what Playwright's driver links."""
    driver_links = [
        *Path("/usr/lib").glob("*/libatomic.so.1"),
        *Path("/lib").glob("*/libatomic.so.1"),
    ]
    return ([] if _CHROMIUM.exists() else ["chromium"]) + ([] if driver_links else ["libatomic1"])


@contextmanager
def _throwaway_database(name: str) -> Iterator[str]:
    """A database apart from the grower's data: tests and benchmarks may do anything to it."""
    if external := external_database():
        yield external
        return
    with Cluster("test", durable=False) as cluster:
        yield cluster.url(name)


def _show(command: Sequence[str | Path], env: dict[str, str], cwd: Path = ROOT) -> int:
    """Run a command with its output on the terminal; its exit code."""
    return subprocess.run([str(word) for word in command], cwd=cwd, env=env).returncode


def _read_out(command: Sequence[str | Path], env: dict[str, str], cwd: Path) -> tuple[int, str]:
    """Run a command quietly; its exit code and what it printed."""
    done = subprocess.run(
        [str(word) for word in command], cwd=cwd, env=env,
        stdin=subprocess.DEVNULL, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True,
        errors="replace",
    )  # fmt: skip
    return done.returncode, done.stdout


_SIDE_BY_SIDE = ["-n2", "--dist=worksteal"]
"""Two workers, each with a database of its own; `-n0` among the words makes it one."""


_WITHOUT_DJANGO = ["-p", "no:django", "-p", "no:schemathesis"]


def test(words: list[str], *, deep: bool) -> int:
    """Run the tests of every change, or with `deep` all that there are; words go to pytest."""
    lane = {"BRISK_TESTS": "deep"} if deep else {}
    make_state()
    node_env = bring_everything()
    if words and all(word.startswith(("core", "tests/core", "-")) for word in words):
        # The rules are tried alone: no database, no browser, and Django is not even loaded.
        return _show([venv_python(), "-m", "pytest", *_SIDE_BY_SIDE, *_WITHOUT_DJANGO, *words],
                     {**os.environ, **lane})  # fmt: skip
    if missing := _missing_for_the_browser():
        bring(missing, because="The browser journeys need more of Debian")
    if not words and _show(["npm", "test", "--silent"], node_env, WEB):
        return 1
    with _throwaway_database("brisk") as database:
        env = server_environment(database, mode="demo") | lane
        return _show([venv_python(), "-m", "pytest", *_SIDE_BY_SIDE, *words], env)


def django_environment() -> dict[str, str]:
    """Enough for commands that never open the database."""
    return server_environment("postgres://nobody@127.0.0.1:1/none", mode="own")


def _write_contracts(openapi: Path, types: Path, schemas: Path, cautions: Path) -> None:
    env = django_environment()
    manage(env, "write_openapi", str(openapi), failure="The OpenAPI document was not written.")
    archive = schemas / "grow-archive.schema.json"
    manage(
        env, "write_archive_schema", str(archive), failure="The archive's schema was not written."
    )
    run_quietly(
        ["node", "types.mjs", openapi, types],
        "The front end's types were not written.",
        cwd=WEB,
        env=node_packages.install(),
    )
    run_quietly(
        [venv_python(), "-m", "core.formats.schemas", schemas],
        "The JSON Schemas were not written.",
        cwd=ROOT,
    )
    run_quietly(
        [venv_python(), "-m", "core.catalogue_page", cautions],
        "The page of cautions was not written.",
        cwd=ROOT,
    )


def types() -> int:
    """Write the OpenAPI document, the front end's types, the schemas and the cautions anew."""
    make_state()
    python_packages.install("dev")
    with step("Writing the contracts"):
        _write_contracts(_OPENAPI, _TYPES, _SCHEMAS, _CAUTIONS)
        for command, asked, answered in (
            ("plan", "mix-request", "pour-sheet"),
            ("course", "course-request", "course"),
            ("tank", "tank", "tank-volume"),
        ):
            example = run_quietly(
                [venv_python(), "-m", "core.headless", command, _SCHEMAS / f"{asked}.example.json"],
                f"The example {answered} was not written.",
                cwd=ROOT,
            )
            (_SCHEMAS / f"{answered}.example.json").write_text(example)
    return 0


def migration(name: str) -> int:
    """Write a migration for each room whose models have changed; one that moves data is by hand."""
    make_state()
    python_packages.install("dev")
    command: list[str | Path] = [venv_python(), "-m", "django", "makemigrations", "--name", name]
    return _show(command, django_environment())


def _stale_contracts() -> list[str]:
    with tempfile.TemporaryDirectory() as folder:
        openapi, typed = Path(folder, "openapi.json"), Path(folder, "schema.d.ts")
        cautions = Path(folder, "cautions.md")
        _write_contracts(openapi, typed, Path(folder), cautions)
        pairs = [(openapi, _OPENAPI), (typed, _TYPES), (cautions, _CAUTIONS)]
        pairs += [(made, _SCHEMAS / made.name) for made in Path(folder).glob("*.schema.json")]
        return [
            str(kept.relative_to(ROOT))
            for made, kept in pairs
            if not kept.is_file() or not filecmp.cmp(made, kept, shallow=False)
        ]


def check() -> int:
    """Run every check that needs no database; all of them, then the verdict."""
    make_state()
    node_env = bring_everything()
    env = django_environment()
    deployed = env | {
        "BRISK_MODE": "serve",
        "BRISK_HOSTS": "brisk.example",
        "DATABASE_URL": "postgres://nobody@127.0.0.1:1/none",
    }
    python = venv_python()
    django: list[str | Path] = [python, "-m", "django"]
    rounds: list[tuple[str, list[str | Path], dict[str, str], Path]] = [
        # First, since with types it takes as long as all the others together.
        ("eslint", ["npm", "run", "--silent", "lint"], node_env, WEB),
        ("ruff", [python, "-m", "ruff", "check", "."], env, ROOT),
        ("ruff format", [python, "-m", "ruff", "format", "--check", "."], env, ROOT),
        ("mypy", [python, "-m", "mypy"], env, ROOT),
        ("import-linter", [python.with_name("lint-imports")], env, ROOT),
        ("migrations", [*django, "makemigrations", "--check", "--dry-run"], env, ROOT),
        ("deploy check", [*django, "check", "--deploy", "--fail-level", "WARNING"],
         deployed, ROOT),
        ("svelte-check", ["npm", "run", "--silent", "check"], node_env, WEB),
        ("prettier", ["npm", "run", "--silent", "format:check"], node_env, WEB),
    ]  # fmt: skip
    failed = []
    with ThreadPoolExecutor(2) as side_by_side:
        results = [
            (name, side_by_side.submit(_read_out, command, its_env, folder))
            for name, command, its_env, folder in rounds
        ]
        for name, result in results:
            code, printed = result.result()
            tell(f"· {name}\n{printed}".rstrip())
            if code:
                failed.append(name)
    tell("· contracts")
    if stale := _stale_contracts():
        tell(f"  stale: {', '.join(stale)}; ./brisk types writes them anew")
        failed.append("contracts")
    tell(f"\nChecks failed: {', '.join(failed)}" if failed else "\nAll checks passed.")
    return 1 if failed else 0


def bench() -> int:
    """Print the project's own figures, all from this one run."""
    make_state()
    python_packages.install("dev")
    node_packages.build()
    if missing := _missing_for_the_browser():
        bring(missing, because="The key-press figure needs more of Debian")
    with _throwaway_database("bench") as database:
        env = server_environment(database, mode="demo")
        manage(env, "migrate", "--no-input", failure="The bench database was not made ready.")
        manage(env, "load_demo", "--again", failure="The demo scenario could not be loaded.")
        return _show([venv_python(), "-m", "benchmarks"], env)


def headless(command: str, file: str | None, *options: str) -> int:
    """Plan a mix or a season, rehearse, read a leaflet, from a file: without server or database."""
    with redirect_stdout(sys.stderr):  # standard output belongs to the result alone
        make_state()
        python_packages.install_any("app", "dev")
    words = [str(venv_python()), "-P", "-m", "core.headless", command, *options]
    words += ["--", file] if file is not None else []
    os.execve(words[0], words, {**os.environ, "PYTHONPATH": str(ROOT)})
