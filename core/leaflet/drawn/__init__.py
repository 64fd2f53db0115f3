"""Drawn leaflets: charts in any layout, with rows, notes and tables beside them; and their law."""

from core.leaflet.drawn.drawing import DrawnLeaflet, draw_leaflet
from core.leaflet.drawn.law import Outcome, read_as_a_person

__all__ = ["DrawnLeaflet", "Outcome", "draw_leaflet", "read_as_a_person"]
