"""The conditions of every caution in the catalogue, and the words in which it is raised."""

from core.cautions import Caution, gravest_first
from core.mix.judging import acids, amounts, chemistry, feed, order, water
from core.mix.judging.facts import Facts

__all__ = ["Facts", "judge"]


def judge(facts: Facts) -> tuple[Caution, ...]:
    """What to mind in a mix, the gravest first."""
    rooms = (water, feed, order, acids, amounts, chemistry)
    return gravest_first([caution for room in rooms for caution in room.cautions(facts)])
