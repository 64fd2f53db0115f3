"""The conditions of every caution in the catalogue, and the words in which it is raised."""

from core.cautions import Caution, gravest_first
from core.planning.judging import acids, amounts, chemistry, feed, order, water
from core.planning.judging.judging_input import JudgingInput

__all__ = ["JudgingInput", "judge"]


def judge(given: JudgingInput) -> tuple[Caution, ...]:
    """What to mind in a mix, the gravest first."""
    rooms = (water, feed, order, acids, amounts, chemistry)
    return gravest_first([caution for room in rooms for caution in room.cautions(given)])
