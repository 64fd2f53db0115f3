"""Writes the JSON Schemas of the formats: `python -m core.formats.schemas FOLDER`."""

import json
import sys
from pathlib import Path

from pydantic import BaseModel
from pydantic.json_schema import JsonSchemaMode

from core.formats import FeedChart, MixRequestDocument, PourSheetDocument
from core.formats.course import CourseDocument
from core.formats.course_request import CourseRequestDocument
from core.formats.leaflets.draft import ChartDraftDocument
from core.formats.practice.drawn import DrawnReportDocument
from core.formats.practice.rehearsal import RehearsalDocument, RehearsalRecordDocument
from core.formats.record import MixRecordDocument
from core.formats.tank import TankDocument, TankVolumeDocument

_FORMATS: tuple[tuple[str, type[BaseModel], JsonSchemaMode], ...] = (
    ("feed-chart", FeedChart, "validation"),
    ("mix-request", MixRequestDocument, "validation"),
    ("pour-sheet", PourSheetDocument, "serialization"),
    ("mix-record", MixRecordDocument, "serialization"),
    ("chart-draft", ChartDraftDocument, "serialization"),
    ("course-request", CourseRequestDocument, "validation"),
    ("course", CourseDocument, "serialization"),
    ("tank", TankDocument, "validation"),
    ("tank-volume", TankVolumeDocument, "serialization"),
    ("rehearsal", RehearsalDocument, "validation"),
    ("rehearsal-record", RehearsalRecordDocument, "serialization"),
    ("drawn-rehearsals", DrawnReportDocument, "serialization"),
)


def write_schemas(folder: Path) -> None:
    """Write one `NAME.schema.json` for each format."""
    for name, model, mode in _FORMATS:
        schema = {
            "$schema": "https://json-schema.org/draft/2020-12/schema",
            **model.model_json_schema(mode=mode, by_alias=True),
            "title": f"brisk-measure/{name}, version 1",
        }
        text = json.dumps(schema, indent=2, ensure_ascii=False, sort_keys=True)
        (folder / f"{name}.schema.json").write_text(text + "\n")


if __name__ == "__main__":
    write_schemas(Path(sys.argv[1]))
