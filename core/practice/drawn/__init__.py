"""Mixes and faults drawn over the whole space, rehearsed, and judged by laws on the true tank."""

from core.practice.drawn.case import DrawnCase, draw_case
from core.practice.drawn.laws import LAWS, Judged, judge_case
from core.practice.drawn.run import DrawnReport, LawReport, Where, rehearse_drawn, seeds_of

__all__ = [
    "LAWS",
    "DrawnCase",
    "DrawnReport",
    "Judged",
    "LawReport",
    "Where",
    "draw_case",
    "judge_case",
    "rehearse_drawn",
    "seeds_of",
]
