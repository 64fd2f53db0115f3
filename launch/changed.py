"""The checks for the files of a change: `./brisk check --changed`, and the hook that runs it."""

import subprocess
from collections.abc import Iterable, Sequence
from pathlib import Path

from launch import node_packages, python_packages
from launch.places import ROOT, WEB, make_state, venv_python
from launch.proof import django_environment
from launch.say import Stop, tell

_BASE = "main"
_HOOK = """#!/bin/sh
# Set up by ./brisk hook.
exec ./brisk check --changed
"""


def check() -> int:
    """Run what CI checks on the files that differ from main, all checks side by side.

    What reads all of the front end at once, svelte-check and the contracts, is for `./brisk check`.
    """
    make_state()
    python_packages.install("dev")
    env = {**django_environment(), "PATH": node_packages.install()["PATH"]}
    changed = _changed_files()
    python = venv_python()
    py = [path for path in changed if path.endswith(".py")]
    web = [one.removeprefix("web/") for one in changed if one.startswith("web/")]
    drawn = [one for one in web if one.endswith((".ts", ".svelte"))]
    rounds: list[tuple[str, list[str | Path], Path]] = []
    if py:
        rounds += [
            ("ruff", [python, "-m", "ruff", "check", "--force-exclude", *py], ROOT),
            (
                "ruff format",
                [python, "-m", "ruff", "format", "--check", "--force-exclude", *py],
                ROOT,
            ),
            ("mypy", [python, "-m", "mypy"], ROOT),
            ("import-linter", [python.with_name("lint-imports")], ROOT),
        ]
    if drawn:
        rounds.append(("eslint", ["npx", "--no-install", "eslint", *drawn], WEB))
    if web:
        words = ["npx", "--no-install", "prettier", "--check", "--ignore-unknown", *web]
        rounds.append(("prettier", [*words], WEB))
    failed = list(_side_by_side(rounds, env))
    what = f"{len(changed)} changed files"
    tell(f"Checks failed: {', '.join(failed)}" if failed else f"All checks passed: {what}.")
    return 1 if failed else 0


def _side_by_side(
    rounds: Sequence[tuple[str, list[str | Path], Path]], env: dict[str, str]
) -> Iterable[str]:
    """Names of the checks that fail; what they say is shown one after the other."""
    running = [
        (
            name,
            subprocess.Popen(
                [str(word) for word in command], cwd=folder, env=env, text=True,
                stdout=subprocess.PIPE, stderr=subprocess.STDOUT,
            ),
        )
        for name, command, folder in rounds
    ]  # fmt: skip
    for name, process in running:
        said, _ = process.communicate()
        if process.returncode:
            tell(f"· {name}\n{said}")
            yield name


def _changed_files() -> list[str]:
    """Files that differ from main, committed or not, and are still there."""
    listed = [
        *_git("diff", "--name-only", "--merge-base", _BASE),
        *_git("ls-files", "--others", "--exclude-standard"),
    ]
    return sorted({one for one in listed if (ROOT / one).is_file()})


def _git(*words: str) -> list[str]:
    done = subprocess.run(["git", *words], cwd=ROOT, capture_output=True, text=True, check=False)
    if done.returncode:
        raise Stop(f"git {' '.join(words)} failed: {done.stderr.strip()}")
    return done.stdout.splitlines()


def hook() -> int:
    """Have git run the checks of a change before each commit; a hook that is there stays."""
    [folder] = _git("rev-parse", "--git-path", "hooks")
    file = ROOT / folder / "pre-commit"
    if file.exists() and file.read_text() != _HOOK:
        raise Stop(f"{file} exists already: add ./brisk check --changed to it by hand.")
    file.parent.mkdir(parents=True, exist_ok=True)
    file.write_text(_HOOK)
    file.chmod(0o755)
    tell("Before each commit, git now runs ./brisk check --changed.")
    return 0
