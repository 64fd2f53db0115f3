"""A tank as the vessels it is joined of: what they hold, how they are drawn, what stays dry."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from core.errors import InputError
from core.limits import LARGEST_VOLUME_L, LONGEST_CM, MOST_JOINED, MOST_PARTS
from core.quantities import Volume, rounded
from core.tanks.shapes import (
    Channel,
    ConeBottomed,
    LyingCylinder,
    Points,
    Shape,
    below_level,
    film_along,
    level_for,
)


@dataclass(frozen=True, slots=True)
class Part:
    """Vessels of one shape that are filled to one level.

    Args:
        name: what the grower calls them.
        shape: their inside.
        level: cm of water above the lowest point; of a film, how deep it flows.
        count: how many there are.
        is_film: whether water flows in them as a film of even depth.
        runs: whether they hold water only while the pump runs.
        plug: cm from the lowest point to the underside of the plugs; None where nothing hangs in.

    Raises:
        InputError: a length that is none, a level above the rim, a film where none can flow.
    """

    name: str
    shape: Shape
    level: float
    count: int = 1
    is_film: bool = False
    runs: bool = False
    plug: float | None = None

    def __post_init__(self) -> None:
        for name in type(self.shape).__dataclass_fields__:
            self._check(name, getattr(self.shape, name), may_be_none=name in ("slope", "outlet"))
        self._check("level", self.level, may_be_none=True)
        if self.plug is not None:
            self._check("plug", self.plug, may_be_none=True)
        if not 1 <= self.count <= MOST_JOINED:
            raise InputError("too_many_or_few.joined", "count", most_joined=MOST_JOINED)
        _check_shape(self.shape)
        if self.level > self.shape.height:
            raise InputError(
                "above_the_rim", "level", part=self.name, height=Fraction(f"{self.shape.height:g}")
            )
        if self.is_film and not isinstance(self.shape, Channel | LyingCylinder):
            raise InputError("no_film", "is_film")

    @staticmethod
    def _check(name: str, length: float, *, may_be_none: bool) -> None:
        if not (0 <= length <= LONGEST_CM) or (length == 0 and not may_be_none):
            raise InputError("length_out_of_range", name, longest_cm=LONGEST_CM)

    def litres_at(self, level: float) -> float:
        """Litres in one of them at a level."""
        if self.is_film and isinstance(self.shape, Channel | LyingCylinder):
            return self.shape.film(level)
        return self.shape.litres(level)

    def level_holding(self, litres: float) -> float:
        """The level at which all of them hold so much; their rim where they never do."""
        return level_for(self.litres_at, litres / self.count, self.shape.height)


def _check_shape(shape: Shape) -> None:
    if isinstance(shape, ConeBottomed) and not (
        shape.cone <= shape.height and shape.outlet <= shape.diameter
    ):
        raise InputError("cone_too_high", "cone")
    if isinstance(shape, Channel | LyingCylinder) and shape.slope >= shape.length:
        raise InputError("too_steep", "slope")


@dataclass(frozen=True, slots=True)
class MeasuredPart:
    """What a part comes to.

    Args:
        part: the part.
        litres: in all of its vessels.
        rim: what they would hold, filled to the rim.
        freeboard: cm from the water to the rim.
        touches_plug: whether the water reaches the plugs; None where nothing hangs in.
        outline: one vessel, cut lengthwise.
        water: what of that is wet.
    """

    part: Part
    litres: Fraction
    rim: Fraction
    freeboard: float
    touches_plug: bool | None
    outline: Points
    water: Points


@dataclass(frozen=True, slots=True)
class MeasuredTank:
    """All the water that is joined.

    Args:
        parts: each with what it comes to.
        volume: of all of them.
        standing: of those that hold water while the pump rests.
    """

    parts: tuple[MeasuredPart, ...]
    volume: Volume
    standing: Volume


def measure_tank(parts: Sequence[Part]) -> MeasuredTank:
    """What joined vessels hold.

    >>> from core.tanks import Box
    >>> measure_tank([Part("Tray", Box(100, 50, 30), 20)]).volume.litres
    Fraction(100, 1)

    Raises:
        InputError: no vessel, too many, or no water in any.
    """
    if not 1 <= len(parts) <= MOST_PARTS:
        raise InputError("too_many_or_few.parts", "parts", most_parts=MOST_PARTS)
    found = tuple(map(_measured, parts))
    litres = sum((one.litres for one in found), Fraction(0))
    standing = sum((one.litres for one in found if not one.part.runs), Fraction(0))
    if not 0 < litres <= LARGEST_VOLUME_L:
        raise InputError("volume_out_of_range.parts", "parts", largest_volume_l=LARGEST_VOLUME_L)
    if not standing:
        raise InputError("nothing_stands", "parts")
    return MeasuredTank(found, Volume(litres), Volume(standing))


def _measured(part: Part) -> MeasuredPart:
    outline = part.shape.section()
    wet = film_along(outline, part.level) if part.is_film else below_level(outline, part.level)
    return MeasuredPart(
        part=part,
        litres=_litres(part, part.level),
        rim=_litres(part, part.shape.height),
        freeboard=round(part.shape.height - part.level, 2),
        touches_plug=None if part.plug is None else part.level >= part.plug,
        outline=outline,
        water=wet,
    )


def volume_at_mark(parts: Sequence[Part], level: Fraction) -> Volume:
    """All the water of joined vessels, with the one that is filled by hand filled to a level in cm.

    Raises:
        InputError: several are filled by hand, or the level is above the rim.
    """
    filled = [at for at, part in enumerate(parts) if not (part.is_film or part.runs)]
    if len(filled) != 1:
        raise InputError("volume_unclear.joined")
    marked = replace(parts[filled[0]], level=float(level))
    others = [*parts[: filled[0]], marked, *parts[filled[0] + 1 :]]
    return measure_tank(others).volume


def _litres(part: Part, level: float) -> Fraction:
    """To a millilitre: no tape measures nearer."""
    return rounded(Fraction(part.litres_at(level) * part.count), 3)
