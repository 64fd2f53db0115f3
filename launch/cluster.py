"""A private PostgreSQL cluster on loopback, apart from any cluster of the system's."""

import os
import pwd
import secrets
import shutil
import socket
import subprocess
from contextlib import AbstractContextManager
from itertools import islice
from pathlib import Path
from types import TracebackType

from launch.debian import bring
from launch.places import HOST, ROOT, STATE
from launch.say import DISK_FULL, Stop, run_quietly, step

_ROLE = "brisk"
_SERVER_USER = "postgres"  # whom Debian's package makes; PostgreSQL refuses to run as root
_OUTSIDE = Path("/var/lib/brisk-measure")
_FIRST_PORT = 54380
_MOST_TRIES = 20  # ports, where other checkouts start at the same moment


def programs() -> Path:
    """The folder of the newest installed server programs, installing them if there are none."""
    for attempt in range(2):
        found = list(Path("/usr/lib/postgresql").glob("*/bin/initdb"))
        if found:
            return max(found, key=lambda path: int(path.parts[-3])).parent
        if on_path := shutil.which("initdb"):
            return Path(on_path).resolve().parent
        if attempt == 0:
            bring(["postgresql"], because="PostgreSQL is missing")
    raise Stop("PostgreSQL's server programs were not found after installing them.")


def _checkout_id() -> str:
    """A name for this checkout's state outside it; a new clone at an old path gets a new one."""
    file = STATE / "checkout-id"
    if not file.is_file():
        STATE.mkdir(parents=True, exist_ok=True)
        file.write_text(secrets.token_hex(6))
    return file.read_text()


def _is_free(port: int) -> bool:
    with socket.socket() as probe:
        probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            probe.bind((HOST, port))
        except OSError:
            return False
    return True


class Cluster(AbstractContextManager["Cluster"]):
    """One private cluster: made at first use, started and stopped with its user.

    Args:
        name: which cluster; each has data, a port and a password of its own.
        durable: False for a cluster whose data may be lost (tests, benchmarks).
    """

    def __init__(self, name: str, *, durable: bool = True) -> None:
        self.name = name
        self._durable = durable
        self._as_root = os.geteuid() == 0
        self._programs = programs()
        self._home = self._find_home()
        self._started_here = False

    # Where it lives

    def _find_home(self) -> Path:
        inside = STATE / f"postgres-{self.name}"
        if not self._as_root or self._open_to_server_user(ROOT):
            return inside
        return _OUTSIDE / _checkout_id() / self.name

    def _open_to_server_user(self, folder: Path) -> bool:
        return self._command(["test", "-x", str(folder)], check=False).returncode == 0

    @property
    def _data(self) -> Path:
        return self._home / "data"

    @property
    def _log(self) -> Path:
        return self._home / "server.log"

    def _read(self, name: str) -> str:
        return (self._home / name).read_text().strip()

    # Running its programs

    def _command(
        self, command: list[str | Path], *, check: bool = True
    ) -> subprocess.CompletedProcess[str]:
        words = [str(word) for word in command]
        if self._as_root:
            words = ["setpriv", f"--reuid={_SERVER_USER}", f"--regid={_SERVER_USER}",
                     "--init-groups", "--", *words]  # fmt: skip
        done = subprocess.run(
            words,
            cwd="/",
            stdin=subprocess.DEVNULL,
            stdout=subprocess.PIPE,
            stderr=subprocess.STDOUT,
            text=True,
            start_new_session=True,  # Ctrl-C is for the launcher, which stops it in order
        )
        if check and done.returncode:
            if "No space left on device" in done.stdout:
                raise Stop(DISK_FULL)
            raise Stop(f"PostgreSQL: {' '.join(words[-3:])} failed.\n{done.stdout[-800:]}")
        return done

    def _make(self) -> None:
        with step(f"Making a private PostgreSQL cluster ({self.name})"):
            if self._home.exists():  # a start that was cut short left half a cluster
                shutil.rmtree(self._home)
            self._home.mkdir(parents=True, mode=0o711)
            (self._home / "password").write_text(secrets.token_urlsafe(24))
            (self._home / "password").chmod(0o600)
            if self._as_root:
                owner = pwd.getpwnam(_SERVER_USER)
                for path in (self._home, self._home / "password"):
                    os.chown(path, owner.pw_uid, owner.pw_gid)
            self._command(
                [self._programs / "initdb", "--pgdata", self._data, "--username", _ROLE,
                 "--auth", "scram-sha-256", "--pwfile", self._home / "password",
                 "--encoding", "UTF8", "--locale", "C.UTF-8", "--no-instructions"]
            )  # fmt: skip
            (self._home / "made").touch()

    def _forget_the_dead(self) -> None:
        """Remove the lock of a killed server.

        PostgreSQL does so itself, but where nothing reaps orphans (a container without an init) a
        killed server stays on as a zombie, and its lock looks alive for ever.
        """
        lock = self._data / "postmaster.pid"
        try:
            process = lock.read_text().split()[0]
            state = Path(f"/proc/{process}/stat").read_text().rpartition(")")[2].split()[0]
        except (OSError, IndexError):
            return
        if state == "Z":
            lock.unlink()

    def _is_running(self) -> bool:
        self._forget_the_dead()
        status = self._command(
            [self._programs / "pg_ctl", "--pgdata", self._data, "status"], check=False
        )
        return status.returncode == 0

    def start(self) -> None:
        """Make the cluster if it is new, and start it unless it runs already."""
        if not (self._home / "made").is_file():
            self._make()
        if self._is_running():
            return
        free = (p for p in range(_FIRST_PORT, _FIRST_PORT + 200) if _is_free(p))
        for port in islice(free, _MOST_TRIES):
            if self._starts_on(port):
                return
        raise Stop(f"PostgreSQL found no free port from {_FIRST_PORT} on; see {self._log}.")

    def _starts_on(self, port: int) -> bool:
        """Start on a port; whether it is up. Another checkout may take the port meanwhile."""
        options = [f"-p {port}", f"-c listen_addresses={HOST}", "-c unix_socket_directories=''"]
        if not self._durable:
            options += ["-c fsync=off", "-c synchronous_commit=off", "-c full_page_writes=off"]
        started = self._command(
            [self._programs / "pg_ctl", "--pgdata", self._data, "--log", self._log, "--wait",
             "--silent", "--options", " ".join(options), "start"],
            check=False,
        )  # fmt: skip
        if started.returncode:
            tail = self._log.read_text(errors="replace")[-600:] if self._log.is_file() else ""
            if "No space left on device" in tail:
                raise Stop(DISK_FULL)
            if "Address already in use" in tail or "could not bind" in tail:
                return False
            raise Stop(f"PostgreSQL did not start; the end of {self._log}:\n{tail}")
        (self._home / "port").write_text(str(port))
        self._started_here = True
        return True

    def stop(self) -> None:
        """Stop the server in order, if it runs."""
        if not (self._home / "made").is_file() or not self._is_running():
            return
        stopped = self._command(
            [self._programs / "pg_ctl", "--pgdata", self._data, "--mode", "fast", "--wait",
             "--silent", "stop"],
            check=False,
        )  # fmt: skip
        # A server that was killed meanwhile cannot shut down, but it is gone all the same.
        if stopped.returncode and self._is_running():
            raise Stop(f"PostgreSQL did not stop; see {self._log}.")

    def url(self, database: str) -> str:
        """The DATABASE_URL of one of its databases, which is made if it is new."""
        env = {**os.environ, "PGPASSWORD": self._read("password")}
        at = ["--host", HOST, "--port", self._read("port"), "--username", _ROLE]
        listed = run_quietly(
            [self._programs / "psql", *at, "--dbname", "postgres", "--tuples-only", "--no-align",
             "--command", "select datname from pg_database"],
            "The private PostgreSQL did not answer.",
            env=env,
        )  # fmt: skip
        if database not in listed.split():
            run_quietly(
                [self._programs / "createdb", *at, database],
                f"The database {database} could not be made.",
                env=env,
            )
        return f"postgres://{_ROLE}:{self._read('password')}@{HOST}:{self._read('port')}/{database}"

    def __enter__(self) -> "Cluster":
        self.start()
        return self

    def __exit__(
        self,
        kind: type[BaseException] | None,
        error: BaseException | None,
        trace: TracebackType | None,
    ) -> None:
        if self._started_here or not self._durable:
            self.stop()
