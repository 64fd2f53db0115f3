"""The open formats: feed charts, mix requests and pour sheets as JSON.

Field names are a public contract; docs/formats/ has a JSON Schema and an example of each.
"""

from core.formats.chart import FeedChart
from core.formats.label import LabelDocument
from core.formats.request import MixRequestDocument
from core.formats.sheet import PourSheetDocument
from core.formats.text import document_of, read_json

__all__ = [
    "FeedChart",
    "LabelDocument",
    "MixRequestDocument",
    "PourSheetDocument",
    "document_of",
    "read_json",
]
