"""A simulated tank that reacts chemically to what is poured, and a pen that reads it."""

from core.practice.pen import Pen, PenReading
from core.practice.tank import SimulatedTank

__all__ = ["Pen", "PenReading", "SimulatedTank"]
