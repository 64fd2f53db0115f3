"""Leaflets as growers have them: a table of texts into a chart, and a chart into a table."""

from core.leaflet.choosing import asking_which, tables_of
from core.leaflet.draft import read_table
from core.leaflet.request import (
    Asked,
    CellKind,
    ChartDraft,
    DraftRow,
    FoundTable,
    Guess,
    Hidden,
    Note,
    Question,
    ShelfBottle,
    Strength,
    TableRequest,
    Understood,
    UnsureRow,
)
from core.leaflet.rows.words import TakenAs
from core.leaflet.table import beside_the_table, chart_table, whole_table

__all__ = [
    "Asked",
    "CellKind",
    "ChartDraft",
    "DraftRow",
    "FoundTable",
    "Guess",
    "Hidden",
    "Note",
    "Question",
    "ShelfBottle",
    "Strength",
    "TableRequest",
    "TakenAs",
    "Understood",
    "UnsureRow",
    "asking_which",
    "beside_the_table",
    "chart_table",
    "read_table",
    "tables_of",
    "whole_table",
]
