"""Leaflets as growers have them: a table of texts into a chart, and a chart into a table."""

from core.leaflet.draft import read_table
from core.leaflet.request import (
    Asked,
    CellKind,
    ChartDraft,
    DraftRow,
    Guess,
    Note,
    Question,
    ShelfBottle,
    TableRequest,
    Understood,
)
from core.leaflet.table import beside_the_table, chart_table, whole_table

__all__ = [
    "Asked",
    "CellKind",
    "ChartDraft",
    "DraftRow",
    "Guess",
    "Note",
    "Question",
    "ShelfBottle",
    "TableRequest",
    "Understood",
    "beside_the_table",
    "chart_table",
    "read_table",
    "whole_table",
]
