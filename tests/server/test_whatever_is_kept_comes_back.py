"""Whatever the API accepts, every place shows, and an archive brings back: drawn acts, out, in, and out to the same bytes."""

from datetime import UTC, datetime
from pathlib import Path

import pytest

from server.archive.reading import bring_in
from server.archive.writing import archive_bytes
from tests.lanes import drawn
from tests.server.conftest import Yard
from tests.server.drawn_acts import lived_in

NOW = datetime(2026, 3, 14, 12, tzinfo=UTC)


@pytest.mark.parametrize("seed", range(drawn(2, 12)))
def test_a_grow_that_was_lived_in_comes_back(neighbour: Yard, tmp_path: Path, seed: int) -> None:
    grow, _ = lived_in(neighbour, seed, acts=60)
    raw = archive_bytes(grow, NOW)
    file = tmp_path / "grow.zip"
    file.write_bytes(raw)
    assert archive_bytes(bring_in(file, neighbour.person), NOW) == raw
