"""Starter charts of invented makers: to try a grow with, and what the demo feeds."""

from functools import cache
from pathlib import Path

from core.formats import FeedChart, document_of, read_json


@cache
def starters() -> dict[str, FeedChart]:
    """The starter charts by a short name."""
    files = sorted(Path(__file__).parent.glob("*.json"))
    return {file.stem: document_of(FeedChart, read_json(file.read_bytes())) for file in files}


def maker_of(document: FeedChart) -> str:
    """Whose leaflet a starter is: what its name begins with."""
    return document.name.partition(",")[0]
