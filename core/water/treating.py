"""What treatment makes of a source: chlorine taken out, and water made by reverse osmosis."""

from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from core.errors import InputError
from core.quantities import Volume
from core.water.source import Disinfectant


class Treatment(StrEnum):
    """How chlorine is taken out of a source before it is used."""

    CARBON = "carbon"
    NEUTRALISER = "neutraliser"


def left_by(treatment: Treatment | None, disinfectant: Disinfectant | None) -> Disinfectant | None:
    """What of a disinfectant is left behind a treatment; None where that is not known.

    A neutraliser, thiosulfate or ascorbic acid, takes both kinds out at once. Carbon takes chlorine
    out as fast as a filter lets water through, and chloramine so slowly that it counts all the same
    (common practice); so does what nobody knows.
    """
    if treatment is Treatment.NEUTRALISER:
        return Disinfectant.NONE
    if treatment is Treatment.CARBON and disinfectant is Disinfectant.CHLORINE:
        return Disinfectant.NONE
    return disinfectant


@dataclass(frozen=True, slots=True)
class OsmosisNeed:
    """What a membrane draws for the water that is wanted of it, and what it sends to the drain."""

    made: Volume
    drawn: Volume
    rejected: Volume


def osmosis_need(made: Volume, recovery: Fraction) -> OsmosisNeed:
    """What it takes to make so much water by reverse osmosis.

    >>> need = osmosis_need(Volume(Fraction(100)), Fraction(1, 4))
    >>> float(need.drawn.litres), float(need.rejected.litres)
    (400.0, 300.0)

    Args:
        made: what is wanted.
        recovery: the share of what is drawn that comes through; a quarter to a half (common
            practice).

    Raises:
        InputError: no membrane lets such a share through.
    """
    if not Fraction(1, 50) <= recovery < 1:
        raise InputError("recovery_out_of_range", "recovery")
    drawn = made.litres / recovery
    return OsmosisNeed(made, Volume(drawn), Volume(drawn - made.litres))
