"""What lies where in an archive of a grow."""

FORMAT = "brisk-measure/grow-archive"
VERSION = 2
"""Version 1, in which all records stood in one document, is read by `unpacking.py`."""

DOCUMENT, SCHEMA = "archive.json", "archive.schema.json"


def records_file(name: str) -> str:
    """Where the records of a list lie, one a line."""
    return f"records/{name}.jsonl"


def picture_file(number: int) -> str:
    """Where a picture lies."""
    return f"pictures/{number}.webp"
