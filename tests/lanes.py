"""The two lanes of the tests: the short one of every run, and `./brisk test --deep`, which draws for
long and has the whole journeys that are variants of a shorter one."""

import os

import pytest

DEEP = os.environ.get("BRISK_TESTS") == "deep"

deep = pytest.mark.deep
"""A test of the deep lane alone."""


def drawn(short: int, deep: int) -> int:
    """How many cases are drawn in this lane."""
    return deep if DEEP else short
