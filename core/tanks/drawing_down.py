"""A tank that the pump draws down: it is mixed in what stands, and plain water follows."""

from dataclasses import dataclass

from core.errors import InputError
from core.quantities import Reading, Volume


@dataclass(frozen=True, slots=True)
class DrawnDown:
    """What to mix to while the pump rests.

    Args:
        mix_to: the reading of what stands, before plain water goes in.
        stands_at: the reading of all of it afterwards.
        topped_up: plain water that goes in once the pump has filled what runs.
    """

    mix_to: Reading
    stands_at: Reading
    topped_up: Volume


def drawn_down(
    target: Reading, source: Reading, whole: Volume, standing: Volume
) -> DrawnDown | None:
    """The reading to mix to, so that the tank stands right after it was topped up.

    None where the pump draws nothing out of the tank.

    Args:
        target: what all of it should read.
        source: what the plain water reads.
        whole: all the water that is joined.
        standing: what stands in it while the pump rests.

    >>> from fractions import Fraction
    >>> volumes = Volume(Fraction(100)), Volume(Fraction(80))
    >>> found = drawn_down(Reading(Fraction("1.2")), Reading(Fraction(0)), *volumes)
    >>> found and found.mix_to.ms_cm  # 80 L at 1.5 and 20 L of plain water at 0 give 1.2
    Fraction(3, 2)

    Raises:
        InputError: more stands in it than all of it is.
    """
    if not 0 < standing.litres <= whole.litres:
        raise InputError("volume_out_of_range.standing", "standing")
    outside = whole.litres - standing.litres
    if not outside:
        return None
    above = (target.ms_cm - source.ms_cm) * whole.litres / standing.litres
    return DrawnDown(Reading(source.ms_cm + above), target, Volume(outside))
