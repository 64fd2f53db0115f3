"""Where things stand in a checkout, and the settings taken from the environment."""

import os
from pathlib import Path

from launch.say import Stop

ROOT = Path(__file__).resolve().parent.parent
WEB = ROOT / "web"
STATE = ROOT / ".brisk"
VENV = STATE / "venv"
LOGS = STATE / "logs"

HOST = "127.0.0.1"
DEFAULT_PORT = 8765


def venv_python() -> Path:
    """The interpreter that has the locked packages."""
    return VENV / "bin" / "python"


def make_state() -> None:
    """Create the folder for everything a checkout keeps to itself."""
    LOGS.mkdir(parents=True, exist_ok=True)


def web_port() -> int:
    """The port to serve on: BRISK_PORT, else 8765."""
    text = os.environ.get("BRISK_PORT", str(DEFAULT_PORT))
    if not text.isdigit() or not 1 <= int(text) <= 65535:
        raise Stop(f"BRISK_PORT is {text!r}; it must be a port number from 1 to 65535.")
    return int(text)


def external_database() -> str | None:
    """The database that the user brings along, or None for the private cluster."""
    return os.environ.get("DATABASE_URL") or None
