"""Serving: `./brisk start`, `stop` and `dev`."""

import os
import secrets
import signal
import socket
import subprocess
import time
import urllib.error
import urllib.request
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from types import FrameType

from launch import node_packages, python_packages, running
from launch.cluster import Cluster
from launch.places import (
    HOST,
    LOGS,
    ROOT,
    STATE,
    WEB,
    external_database,
    make_state,
    only_one,
    venv_python,
    web_port,
)
from launch.preparing import pages_beside
from launch.say import Stop, run_quietly, step, tell
from launch.stamps import fingerprint, is_current, set_stamp

_WEB_MARK = "server.wsgi"
_LAUNCHER_MARK = "launch"
_VITE_PORT = 8766


def _secret_key() -> str:
    file = STATE / "secret-key"
    if not file.is_file():
        file.touch(mode=0o600)
        file.write_text(secrets.token_urlsafe(50))
    return file.read_text()


def server_environment(database: str, *, mode: str) -> dict[str, str]:
    """The environment in which Django runs; `mode` is demo or own."""
    return {
        **os.environ,
        "DJANGO_SETTINGS_MODULE": "server.settings",
        "PYTHONPATH": str(ROOT),
        "DATABASE_URL": database,
        "BRISK_MODE": mode,
        "BRISK_SECRET_KEY": os.environ.get("BRISK_SECRET_KEY") or _secret_key(),
    }


@contextmanager
def database() -> Iterator[str]:
    """The address of the database that holds this checkout's data, running."""
    if external := external_database():
        yield external
        return
    with Cluster("main") as cluster:
        yield cluster.url("brisk")


def manage(env: dict[str, str], *words: str, failure: str) -> str:
    """Run one of Django's management commands."""
    return run_quietly([venv_python(), "-m", "django", *words], failure, cwd=ROOT, env=env)


def prepare_data(env: dict[str, str], *, demo: bool) -> None:
    """Migrations, then the demo scenario if it is wanted and not there yet."""
    migrations = fingerprint(ROOT.glob("server/*/migrations/*.py"), salt=env["DATABASE_URL"])
    if external_database() or not is_current("migrations", migrations):
        with step("Bringing the database up to date"):
            manage(
                env,
                "migrate",
                "--no-input",
                failure="The database could not be brought up to date.",
            )
        set_stamp("migrations", migrations)
    if demo:
        manage(env, "load_demo", failure="The demo scenario could not be loaded.")


def _refuse_a_taken_port(port: int) -> None:
    with socket.socket() as probe:
        probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            probe.bind((HOST, port))
        except OSError:
            raise Stop(
                f"Port {port} on {HOST} is in use by another program: end that, "
                "or choose another port with BRISK_PORT=8790 ./brisk start."
            ) from None


def _recover() -> None:
    """Refuse a second start; end what a killed launcher left running."""
    _refuse_a_second()
    last = running.last_noted()
    if last is None:
        return
    if _serves(last):
        tell("· Ending a web server that an earlier start left running")
        running.end(last.web, _WEB_MARK, last.web_began)
    running.forget()


def _refuse_a_second() -> None:
    last = running.last_noted()
    if last and _lives(last.launcher, last.launcher_began) and _serves(last):
        raise Stop(
            f"Brisk Measure runs already at http://{HOST}:{last.port}; ./brisk stop ends it."
        )


def _lives(launcher: int, since: int) -> bool:
    return running.is_ours(launcher, _LAUNCHER_MARK, since)


def is_served() -> bool:
    """Whether the web server of this checkout runs."""
    noted = running.last_noted()
    return noted is not None and _serves(noted)


def _serves(noted: running.Running) -> bool:
    return running.is_ours(noted.web, _WEB_MARK, noted.web_began)


def _await_answer(port: int, web: subprocess.Popen[bytes]) -> None:
    until = time.monotonic() + 30
    while time.monotonic() < until:
        if web.poll() is not None:
            break
        try:
            urllib.request.urlopen(f"http://{HOST}:{port}/healthz", timeout=2).close()
            return
        except (urllib.error.URLError, OSError):
            time.sleep(0.05)
    tail = (LOGS / "web.log").read_text(errors="replace")[-1200:]
    raise Stop(f"The web server did not come up; the end of .brisk/logs/web.log:\n{tail}")


def _end_on_signal(_number: int, _frame: FrameType | None) -> None:
    raise KeyboardInterrupt


LOGS_KEPT = 4
"""Logs of earlier starts that are kept beside the one of this start."""


def rotate(log: Path) -> None:
    """Make room for a new log; the last few stay, the oldest goes."""
    for number in range(LOGS_KEPT - 1, 0, -1):
        older = log.with_suffix(f".{number}.log")
        if older.is_file():
            older.replace(log.with_suffix(f".{number + 1}.log"))
    if log.is_file():
        log.replace(log.with_suffix(".1.log"))


def start(*, demo: bool) -> None:
    """Prepare everything that is missing, then serve until Ctrl-C or `./brisk stop`."""
    make_state()
    _refuse_a_second()
    with only_one("start"):
        _start(demo=demo)


def _start(*, demo: bool) -> None:
    began = time.monotonic()
    port = web_port()
    _recover()
    _refuse_a_taken_port(port)
    signal.signal(signal.SIGTERM, _end_on_signal)
    with pages_beside() as pages, database() as at:
        env = server_environment(at, mode="demo" if demo else "own")
        prepare_data(env, demo=demo)
        pages.result()
        rotate(LOGS / "web.log")
        with (LOGS / "web.log").open("wb") as log:
            web = subprocess.Popen(
                [venv_python(), "-m", "gunicorn", "server.wsgi:application",
                 "--config", ROOT / "server" / "gunicorn.conf.py", "--bind", f"{HOST}:{port}"],
                cwd=ROOT, env=env, stdin=subprocess.DEVNULL, stdout=log, stderr=log,
                start_new_session=True,
            )  # fmt: skip
        try:
            running.note(
                running.Running(
                    os.getpid(), web.pid, port, running.began(os.getpid()), running.began(web.pid)
                )
            )
            _await_answer(port, web)
            tell(f"\nBrisk Measure is up after {time.monotonic() - began:.1f} s:")
            tell(f"  http://{HOST}:{port}")
            if demo:
                tell("  sign in as wren with the password tidetable (demo data, all invented)")
            else:
                tell("  ./brisk account NAME makes the first account")
            tell("  Ctrl-C or ./brisk stop ends it\n")
            code = web.wait()
            raise Stop(f"The web server ended by itself (code {code}); see .brisk/logs/web.log.")
        except KeyboardInterrupt:
            tell("\n· Ending the web server and the database")
        finally:
            signal.signal(signal.SIGINT, signal.SIG_IGN)
            signal.signal(signal.SIGTERM, signal.SIG_IGN)
            running.end(web.pid, _WEB_MARK) if web.poll() is None else None
            running.forget()
    tell("  ended")


def stop() -> None:
    """End what runs for this checkout, whoever started it."""
    last = running.last_noted()
    if last and _lives(last.launcher, last.launcher_began):
        running.end(last.launcher, _LAUNCHER_MARK, last.launcher_began, patience=30)
    if last and _serves(last):
        running.end(last.web, _WEB_MARK, last.web_began)
    running.forget()
    if external_database() is None and (STATE / "stamps" / "python-app").is_file():
        for name in ("main", "test"):
            Cluster(name).stop()
    tell("Brisk Measure is stopped.")


def dev() -> None:
    """Django with its reloader beside Vite with hot reload."""
    port = web_port()
    make_state()
    _recover()
    _refuse_a_taken_port(port)
    signal.signal(signal.SIGTERM, _end_on_signal)
    python_packages.install("dev")
    node_env = node_packages.install()
    with database() as at:
        env = server_environment(at, mode="demo") | {
            "BRISK_DEV_ASSETS": f"http://{HOST}:{_VITE_PORT}",
        }
        prepare_data(env, demo=True)
        web = subprocess.Popen(
            [venv_python(), "-m", "django", "runserver", f"{HOST}:{port}"],
            cwd=ROOT, env=env, start_new_session=True,
        )  # fmt: skip
        vite = subprocess.Popen(
            ["npm", "run", "dev", "--", "--host", HOST, "--port", str(_VITE_PORT), "--strictPort"],
            cwd=WEB, env=node_env, start_new_session=True,
        )  # fmt: skip
        tell(f"\nDevelopment server: http://{HOST}:{port} (wren, tidetable); Ctrl-C ends it\n")
        try:
            web.wait()
        except KeyboardInterrupt:
            pass
        finally:
            for process in (vite, web):
                if process.poll() is None:
                    os.killpg(process.pid, signal.SIGTERM)
                    process.wait()
