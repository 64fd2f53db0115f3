"""What stands before a command: packages and pages, side by side as far as they can be."""

from collections.abc import Iterator
from concurrent.futures import Future, ThreadPoolExecutor
from contextlib import contextmanager

from launch import node_packages, python_packages


@contextmanager
def pages_beside() -> Iterator[Future[None]]:
    """Python's packages, while the front end is being built beside what follows.

    The result of what is given back ends when the pages are there, or raises why they are not.
    """
    with ThreadPoolExecutor(max_workers=1) as beside:
        if not (node_packages.is_built() or node_packages.comes_as_wheel()):
            beside.submit(node_packages.install, to_build_alone=True)
        python_packages.install_any("app", "dev")
        yield beside.submit(node_packages.build)


def bring_everything() -> dict[str, str]:
    """All packages that tests and checks need, and the built front end.

    Returns:
        The environment in which Node.js runs.
    """
    with ThreadPoolExecutor(max_workers=1) as beside:
        if not node_packages.comes_as_wheel():
            beside.submit(node_packages.install)
        python_packages.install("dev")
        node_env = beside.submit(node_packages.install).result()
        node_packages.build()
        return node_env
