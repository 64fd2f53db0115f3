"""What is kept, by commands: `./brisk reset-demo`, `account`, `export` and `import`."""

import subprocess
from collections.abc import Sequence

from launch import python_packages
from launch.places import ROOT, make_state, venv_python
from launch.say import Stop, step
from launch.serve import database, manage, prepare_data, server_environment


def reset_demo() -> None:
    """Put the demo scenario back as it was; nothing else is touched."""
    make_state()
    python_packages.install_any("app", "dev")
    with database() as at:
        env = server_environment(at, mode="demo")
        prepare_data(env, demo=False)
        with step("Putting the demo back"):
            manage(env, "load_demo", "--again", failure="The demo could not be put back.")


def account(name: str, *, grow: str | None) -> None:
    """Make an account, with a grow of its own or as owner of one; Django asks for the password."""
    words = ["make_account", name, *(["--grow", grow] if grow else [])]
    _command(*words, failure=f"No account was made for {name}.")


def export_grow(grow: str, file: str) -> None:
    """Write all of a grow into a file that is not there yet."""
    _command("export_grow", grow, file, failure="Nothing was written.")


def import_grow(file: str, *, owner: str | None) -> None:
    """Make the grow that a file of an export holds, whole or not at all."""
    words = ["import_grow", file, *(["--owner", owner] if owner else [])]
    _command(*words, failure="No grow was made.")


def draw_grow(name: str, sizes: Sequence[str], *, owner: str) -> None:
    """Draw a large grow; `sizes` are words such as --tanks 50."""
    _command("draw_grow", name, "--owner", owner, *sizes, failure="No grow was drawn.")


def _command(*words: str, failure: str) -> None:
    """Run a command of the server on the data, which are brought up to date before."""
    make_state()
    python_packages.install_any("app", "dev")
    with database() as at:
        env = server_environment(at, mode="own")
        prepare_data(env, demo=False)
        if subprocess.run([venv_python(), "-m", "django", *words], cwd=ROOT, env=env).returncode:
            raise Stop(failure)
