"""Shapes of vessels that hold a tank's water, from what a grower can measure with a tape.

All lengths are centimetres. A level is measured above the lowest point of the inside. Drawings are
lengthwise sections: points with x to the right and y upwards, the two at the rim last.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from itertools import pairwise
from math import asin, cos, hypot, pi, sqrt

Points = tuple[tuple[float, float], ...]
"""A closed outline, in centimetres."""

_LITRE = 1000.0
"""Cubic centimetres in a litre."""


@dataclass(frozen=True, slots=True)
class Box:
    """A box with upright walls: a tote, a glass tank, a flat raft bed."""

    length: float
    width: float
    height: float

    def litres(self, level: float) -> float:
        """What is below a level."""
        return self.length * self.width * level / _LITRE

    def section(self) -> Points:
        """Its outline, cut along its length."""
        return _trapezoid(self.length, self.length, self.height)


@dataclass(frozen=True, slots=True)
class UprightCylinder:
    """A drum or barrel that stands."""

    diameter: float
    height: float

    def litres(self, level: float) -> float:
        """What is below a level."""
        return pi * self.diameter**2 / 4 * level / _LITRE

    def section(self) -> Points:
        """Its outline, cut through the middle."""
        return _trapezoid(self.diameter, self.diameter, self.height)


@dataclass(frozen=True, slots=True)
class LyingCylinder:
    """A drum or a pipe that lies, level or with a slope.

    Args:
        diameter: inside.
        length: along its middle.
        slope: cm that it falls over its whole length; the level is measured at the lower end.
    """

    diameter: float
    length: float
    slope: float = 0.0

    @property
    def height(self) -> float:
        """How high the level at the lower end can stand."""
        return self.diameter

    def litres(self, level: float) -> float:
        """What stands below a level: the segment of a circle, along a length that rises."""
        radius = self.diameter / 2
        if not self.slope:
            return _segment(radius, level) * self.length / _LITRE
        reached = _segments(radius, level) - _segments(radius, max(level - self.slope, 0.0))
        return reached * _along(self.length, self.slope) / self.slope / _LITRE

    def film(self, depth: float) -> float:
        """What flows in it as deep everywhere."""
        return _segment(self.diameter / 2, depth) * self.length / _LITRE

    def section(self) -> Points:
        """Its outline, cut along its length; the lower end is on the left."""
        return _sloped(self.length, self.slope, self.diameter)


@dataclass(frozen=True, slots=True)
class ConeBottomed:
    """A tank that stands on a cone, such as a brewing tank.

    Args:
        diameter: of its upright part.
        cone: height of the cone.
        height: of the whole, cone and upright part.
        outlet: diameter of the hole at the tip; 0 for a point.
    """

    diameter: float
    cone: float
    height: float
    outlet: float = 0.0

    def litres(self, level: float) -> float:
        """What is below a level."""
        in_cone = min(level, self.cone)
        top = self.outlet + (self.diameter - self.outlet) * (in_cone / self.cone)
        upright = pi * self.diameter**2 / 4 * max(level - self.cone, 0.0)
        return (_frustum(self.outlet, top, in_cone) + upright) / _LITRE

    def section(self) -> Points:
        """Its outline, cut through the middle."""
        left, right = (self.diameter - self.outlet) / 2, (self.diameter + self.outlet) / 2
        return (
            (0.0, self.cone), (left, 0.0), (right, 0.0), (self.diameter, self.cone),
            (self.diameter, self.height), (0.0, self.height),
        )  # fmt: skip


@dataclass(frozen=True, slots=True)
class Bucket:
    """A round bucket that widens upwards."""

    bottom: float
    top: float
    height: float

    def litres(self, level: float) -> float:
        """What is below a level: a frustum of a cone."""
        across = self.bottom + (self.top - self.bottom) * (level / self.height)
        return _frustum(self.bottom, across, level) / _LITRE

    def section(self) -> Points:
        """Its outline, cut through the middle."""
        return _trapezoid(self.bottom, self.top, self.height)


@dataclass(frozen=True, slots=True)
class Channel:
    """A gutter with upright walls, level or with a slope.

    Args:
        length: along its floor.
        width: inside.
        height: of its walls.
        slope: cm that it falls over its whole length; the level is measured at the lower end.
    """

    length: float
    width: float
    height: float
    slope: float = 0.0

    def litres(self, level: float) -> float:
        """What stands below a level: a wedge until the upper end is reached."""
        if not self.slope:
            return self.length * self.width * level / _LITRE
        dry = max(level - self.slope, 0.0)
        area = (level**2 - dry**2) / 2 * _along(self.length, self.slope) / self.slope
        return area * self.width / _LITRE

    def film(self, depth: float) -> float:
        """What flows in it as deep everywhere."""
        return self.length * self.width * depth / _LITRE

    def section(self) -> Points:
        """Its outline, cut along its length; the lower end is on the left."""
        return _sloped(self.length, self.slope, self.height)


@dataclass(frozen=True, slots=True)
class Tray:
    """A tray whose walls lean outwards: four sides, each wider at the top."""

    bottom_length: float
    bottom_width: float
    top_length: float
    top_width: float
    height: float

    def litres(self, level: float) -> float:
        """What is below a level: a prismatoid, by its areas at floor, half way and level."""

        def area(at: float) -> float:
            share = at / self.height
            length = self.bottom_length + (self.top_length - self.bottom_length) * share
            return length * (self.bottom_width + (self.top_width - self.bottom_width) * share)

        return level / 6 * (area(0) + 4 * area(level / 2) + area(level)) / _LITRE

    def section(self) -> Points:
        """Its outline, cut along its length."""
        return _trapezoid(self.bottom_length, self.top_length, self.height)


Shape = Box | UprightCylinder | LyingCylinder | ConeBottomed | Bucket | Channel | Tray
"""What a vessel is shaped like."""


def _frustum(bottom: float, top: float, height: float) -> float:
    """Cubic centimetres of a frustum of a cone, by its diameters."""
    return pi * height / 12 * (bottom**2 + bottom * top + top**2)


def _segment(radius: float, level: float) -> float:
    """The area of a circle below a level above its lowest point."""
    above = min(max(level, 0.0), 2 * radius) - radius
    return radius**2 * (pi / 2 + asin(above / radius)) + above * sqrt(radius**2 - above**2)


def _segments(radius: float, level: float) -> float:
    """The integral of `_segment` from the lowest point to a level."""
    above = min(max(level, 0.0), 2 * radius) - radius
    root = sqrt(max(radius**2 - above**2, 0.0))
    return radius**2 * (pi / 2 * above + above * asin(above / radius) + root) - root**3 / 3


def _along(length: float, slope: float) -> float:
    """How far a length reaches over the ground that falls so much over it, less than itself."""
    return length * cos(asin(slope / length))


def _trapezoid(bottom: float, top: float, height: float) -> Points:
    wider = max(bottom, top)
    low, high = (wider - bottom) / 2, (wider - top) / 2
    return (low, 0.0), (low + bottom, 0.0), (high + top, height), (high, height)


def _sloped(length: float, slope: float, height: float) -> Points:
    across = _along(length, slope)
    return (0.0, 0.0), (across, slope), (across, slope + height), (0.0, height)


def below_level(outline: Points, level: float) -> Points:
    """The part of an outline that is not above a level: what of it is wet."""
    found: list[tuple[float, float]] = []
    for (x, y), (next_x, next_y) in pairwise((*outline, outline[0])):
        if y <= level:
            found.append((x, y))
        if (y <= level) is not (next_y <= level):
            share = (level - y) / (next_y - y)
            found.append((x + (next_x - x) * share, level))
    return tuple(found)


def film_along(outline: Points, depth: float) -> Points:
    """The strip along the floor of a channel in which water flows."""
    (x, y), (far_x, far_y) = outline[0], outline[1]
    thick = depth * hypot(far_x - x, far_y - y) / (far_x - x)
    return outline[0], outline[1], (far_x, far_y + thick), (x, y + thick)


def level_for(litres: Callable[[float], float], wanted: float, highest: float) -> float:
    """The level at which a vessel holds so much, by halving; the highest where it never does."""
    low, high = 0.0, highest
    for _ in range(60):
        middle = (low + high) / 2
        low, high = (middle, high) if litres(middle) < wanted else (low, middle)
    return high


def widest(outlines: Sequence[Points]) -> float:
    """How wide the widest of some outlines is."""
    return max((max(x for x, _ in outline) for outline in outlines), default=0.0)
