"""Ports for the servers that tests start."""

import random
import socket

_OWN = range(20_000, 32_000)
"""Below the ports that Linux gives to connections (`net.ipv4.ip_local_port_range`): one of those
may be taken by any connection between two starts of a server."""


def free_port() -> int:
    """A port of 127.0.0.1 that nothing uses and that no connection is given."""
    draw = random.SystemRandom()
    while True:
        port = draw.choice(_OWN)
        with socket.socket() as probe:
            probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
            try:
                probe.bind(("127.0.0.1", port))
            except OSError:
                continue
            return port
