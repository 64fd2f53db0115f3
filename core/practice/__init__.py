"""A simulated tank that reacts chemically to what is poured, pens that read it, and rehearsals."""

from core.practice.pen import Pen, PenReading
from core.practice.rehearsal import Rehearsal, RehearsedStep, rehearse
from core.practice.request import PenFault, RehearsalRequest, Stops, Truth, TypingSlip
from core.practice.tank import SimulatedTank
from core.practice.truth import SOUR_CUP_PH

__all__ = [
    "SOUR_CUP_PH",
    "Pen",
    "PenFault",
    "PenReading",
    "Rehearsal",
    "RehearsalRequest",
    "RehearsedStep",
    "SimulatedTank",
    "Stops",
    "Truth",
    "TypingSlip",
    "rehearse",
]
