"""The line between a phone and the server, which a test can cut.

The browser's own emulation of being offline lets requests slip around a reload.
"""

import contextlib
import socket
from threading import Thread


class Line:
    """Relays a port of its own to the server; while it is cut, every connection is closed."""

    def __init__(self, server: tuple[str, int]) -> None:
        self._server = server
        self._ends: set[socket.socket] = set()
        self._is_cut = False
        self._door = socket.create_server(("127.0.0.1", 0))
        Thread(target=self._answer, daemon=True).start()

    @property
    def url(self) -> str:
        """Where a browser reaches the server by this line."""
        return f"http://localhost:{self._door.getsockname()[1]}"

    def cut(self) -> None:
        """Take the network away, from connections under way as well."""
        self._is_cut = True
        for end in tuple(self._ends):
            _hang_up(end)

    def mend(self) -> None:
        """Give it back."""
        self._is_cut = False

    def close(self) -> None:
        """Take the line down."""
        self.cut()
        _hang_up(self._door)

    def _answer(self) -> None:
        with contextlib.suppress(OSError):
            while True:
                near, _ = self._door.accept()
                if self._is_cut:
                    near.close()
                    continue
                far = socket.create_connection(self._server)
                self._ends |= {near, far}
                for source, sink in ((near, far), (far, near)):
                    Thread(target=self._relay, args=(source, sink), daemon=True).start()

    def _relay(self, source: socket.socket, sink: socket.socket) -> None:
        with contextlib.suppress(OSError):
            while data := source.recv(65536):
                if self._is_cut:
                    break
                sink.sendall(data)
        for end in (source, sink):
            self._ends.discard(end)
            _hang_up(end)


def _hang_up(end: socket.socket) -> None:
    with contextlib.suppress(OSError):
        end.shutdown(socket.SHUT_RDWR)
    end.close()
