"""How gunicorn serves the application; the address is given at start."""

import gc

from django.urls import get_resolver

from core.bounded import begin

workers = 2
threads = 4
keepalive = 75  # seconds; a recompute a minute later should not have to connect anew
graceful_timeout = 5
worker_tmp_dir = "/dev/shm"  # noqa: S108 -- gunicorn's heartbeat file; a disk could stall it
control_socket_disable = True


def post_worker_init(_worker: object) -> None:
    """Import what the first request would, and have the garbage collector pass over all of it.

    Going through what is imported takes it some 0.1 s, in the midst of somebody's request.
    """
    get_resolver().check()
    begin()
    gc.collect()
    gc.freeze()
