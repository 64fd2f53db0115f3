"""How gunicorn serves the application; the address is given at start."""

workers = 2
threads = 4
keepalive = 75  # seconds; a recompute a minute later should not have to connect anew
graceful_timeout = 5
worker_tmp_dir = "/dev/shm"  # noqa: S108 -- gunicorn's heartbeat file; a disk could stall it
control_socket_disable = True
