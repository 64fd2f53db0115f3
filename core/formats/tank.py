"""A tank as the vessels that it is joined of, and what they hold."""

from collections.abc import Mapping, Sequence
from enum import StrEnum
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, StrictBool

from core.errors import InputError
from core.facts import one_each
from core.formats.fields import Document, Figure, Key, within
from core.limits import LONGEST_CM, MOST_JOINED, MOST_PARTS
from core.messages import Listed
from core.tanks import (
    Box,
    Bucket,
    Channel,
    ConeBottomed,
    LyingCylinder,
    MeasuredTank,
    Part,
    Shape,
    Tray,
    UprightCylinder,
)


class LengthUnit(StrEnum):
    """What a tape shows."""

    CM = "cm"
    INCH = "in"


CM_IN: Mapping[LengthUnit, Fraction] = one_each(
    LengthUnit,
    {
        LengthUnit.CM: Fraction(1),
        LengthUnit.INCH: Fraction("2.54"),
    },
)
"""Centimetres in one; the inch is exact by the international yard and pound agreement of 1959."""


class ShapeName(StrEnum):
    """What a vessel is shaped like; a gutter is a channel, a pipe lies."""

    BOX = "box"
    UPRIGHT_CYLINDER = "upright_cylinder"
    LYING_CYLINDER = "lying_cylinder"
    CONE_BOTTOMED = "cone_bottomed"
    BUCKET = "bucket"
    CHANNEL = "channel"
    PIPE = "pipe"
    TRAY = "tray"


SHAPES: Mapping[ShapeName, type[Shape]] = one_each(
    ShapeName,
    {
        ShapeName.BOX: Box,
        ShapeName.UPRIGHT_CYLINDER: UprightCylinder,
        ShapeName.LYING_CYLINDER: LyingCylinder,
        ShapeName.CONE_BOTTOMED: ConeBottomed,
        ShapeName.BUCKET: Bucket,
        ShapeName.CHANNEL: Channel,
        ShapeName.PIPE: LyingCylinder,
        ShapeName.TRAY: Tray,
    },
)

Length = Annotated[Figure, Field(le=LONGEST_CM)]
MAY_BE_MISSING = frozenset({"slope", "outlet"})


def lengths_of(shape: ShapeName) -> tuple[str, ...]:
    """What is measured of a shape, in the order in which one measures it."""
    return tuple(SHAPES[shape].__dataclass_fields__)


class JoinedVesselDocument(Document):
    """Vessels of one shape; the lengths that their shape needs, and no other."""

    name: Key
    shape: ShapeName
    lengths: Annotated[Mapping[str, Length], Field(max_length=8)]
    level: Length
    count: Annotated[int, Field(strict=True, ge=1, le=MOST_JOINED)] = 1
    film: StrictBool = False
    runs: StrictBool = False
    plug: Length | None = None

    def part(self, unit: LengthUnit) -> Part:
        """The vessels it means.

        Raises:
            InputError: a length is missing or belongs to another shape; none that can be.
        """
        needed = lengths_of(self.shape)
        for name in self.lengths:
            if name not in needed:
                raise InputError(
                    "unknown_length",
                    f"lengths.{name}",
                    name=name,
                    needed=Listed(tuple(needed), "comma"),
                )
        for name in needed:
            if name not in self.lengths and name not in MAY_BE_MISSING:
                raise InputError("missing.part", f"lengths.{name}", name=_words(name))
        cm = {name: float(length * CM_IN[unit]) for name, length in self.lengths.items()}
        return Part(
            name=self.name,
            shape=SHAPES[self.shape](**cm),
            level=float(self.level * CM_IN[unit]),
            count=self.count,
            is_film=self.film,
            runs=self.runs,
            plug=None if self.plug is None else float(self.plug * CM_IN[unit]),
        )


def _words(name: str) -> str:
    return name.replace("_", " ")


class JoinedDocument(Document):
    """The vessels that a tank is joined of, with the unit of their lengths."""

    unit: LengthUnit = LengthUnit.CM
    vessels: Annotated[Sequence[JoinedVesselDocument], Field(min_length=1, max_length=MOST_PARTS)]

    def parts(self) -> list[Part]:
        """The vessels it means.

        Raises:
            InputError: one of them cannot be, and which.
        """
        return [
            within(f"vessels[{at}]", lambda one=one: one.part(self.unit))  # type: ignore[misc]
            for at, one in enumerate(self.vessels)
        ]


class TankDocument(JoinedDocument):
    """A tank, drawn from what a grower can measure."""

    format: Literal["brisk-measure/tank"]
    version: Literal[1]


class MeasuredVesselDocument(Document):
    """What vessels of one shape come to, in litres and cm."""

    name: Key
    litres: Figure
    rim_litres: Figure
    freeboard_cm: float
    touches_plug: bool | None


class TankVolumeDocument(Document):
    """What a tank holds; `standing_litres` while the pump rests."""

    format: Literal["brisk-measure/tank-volume"] = "brisk-measure/tank-volume"
    version: Literal[1] = 1
    litres: Figure
    standing_litres: Figure
    vessels: Sequence[MeasuredVesselDocument]

    @classmethod
    def of(cls, tank: MeasuredTank) -> "TankVolumeDocument":
        """A tank that was measured."""
        return cls(
            litres=tank.volume.litres,
            standing_litres=tank.standing.litres,
            vessels=[
                MeasuredVesselDocument(
                    name=part.part.name,
                    litres=part.litres,
                    rim_litres=part.rim,
                    freeboard_cm=part.freeboard,
                    touches_plug=part.touches_plug,
                )
                for part in tank.parts
            ],
        )


__all__ = [
    "JoinedDocument",
    "JoinedVesselDocument",
    "LengthUnit",
    "ShapeName",
    "TankDocument",
    "TankVolumeDocument",
    "lengths_of",
]
