"""What all tests share."""

import hypothesis
import pytest

from tests.lanes import DEEP, drawn

# How long an example takes is no matter here; speed lives in ./brisk bench.
hypothesis.settings.register_profile("brisk", deadline=None, max_examples=drawn(25, 100))
hypothesis.settings.load_profile("brisk")


def pytest_collection_modifyitems(config: pytest.Config, items: list[pytest.Item]) -> None:
    """The short lane leaves the deep one's tests out."""
    if DEEP:
        return
    left_out = [item for item in items if item.get_closest_marker("deep")]
    if left_out:
        config.hook.pytest_deselected(items=left_out)
        items[:] = [item for item in items if not item.get_closest_marker("deep")]
