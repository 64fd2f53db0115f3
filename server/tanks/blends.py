"""Blends of waters that are kept by a name, to be chosen as a water is."""

from fractions import Fraction
from typing import Annotated

from django.db import transaction
from django.http import HttpRequest
from ninja import Field, Router, Schema
from ninja.responses import Status

from core.errors import InputError
from core.limits import MOST_WATERS
from core.quantities import figure
from server.api.shapes import ErrorOut, Kept, Name
from server.api.typed import exact_decimal
from server.grows.figures import TypedFigure, percent_shown, share_told
from server.grows.named import save_named
from server.grows.scope import Scope
from server.tanks.models import BlendedWater, WaterBlend, WaterSource

router = Router(tags=["waters"])
_ANSWERS = {404: ErrorOut, 409: ErrorOut, 422: ErrorOut}
MOST_BLENDS = 40
"""Kept by one grow: more are found in no list."""


class BlendPartIn(Schema):
    """A water beside the first, and its share as typed."""

    water: int
    share: TypedFigure


class NewBlend(Schema):
    """A blend by its name; its first water takes what the others leave."""

    name: Name
    water: int
    parts: Annotated[list[BlendPartIn], Field(min_length=1, max_length=MOST_WATERS - 1)]


class BlendPartOut(Schema):
    """A water beside the first, and its share as it would be typed."""

    water: int
    share_shown: str


class KeptBlend(Schema):
    """A blend that is kept by its name."""

    id: int
    name: str
    water: int
    parts: list[BlendPartOut]


def blends_of(scope: Scope) -> list[KeptBlend]:
    """The blends that a grow keeps, by two queries."""
    return [
        KeptBlend(
            id=blend.pk,
            name=blend.name,
            water=blend.water_id,
            parts=[
                BlendPartOut(water=part.water_id, share_shown=percent_shown(figure(part.share)))
                for part in blend.parts.all()
            ],
        )
        for blend in scope.all(WaterBlend).prefetch_related("parts")
    ]


@router.post(
    "/grows/{grow_id}/blends",
    response={201: list[KeptBlend], **_ANSWERS},
    operation_id="keep_blend",
)
@transaction.atomic
def keep_blend(request: HttpRequest, grow_id: int, body: NewBlend) -> Status[list[KeptBlend]]:
    """Keep a blend by a name; the answer is all that are kept."""
    scope = Scope.enter(request.user, grow_id)
    scope.lock()
    numbers = [body.water, *(part.water for part in body.parts)]
    for number in numbers:
        scope.one(scope.all(WaterSource), number)
    if len(set(numbers)) < len(numbers):
        raise InputError("blend_unclear.twice", "parts")
    if scope.all(WaterBlend).count() >= MOST_BLENDS:
        raise InputError("too_many_or_few.blends", "name", most_blends=MOST_BLENDS)
    shares = [share_told(f"parts.{at}", part.share) for at, part in enumerate(body.parts)]
    if min(shares) <= 0 or sum(shares, Fraction(0)) >= 1:
        raise InputError("share_out_of_range.parts", "parts")
    blend = save_named(
        "blend", WaterBlend(grow=scope.grow, name=body.name.strip(), water_id=body.water)
    )
    BlendedWater.objects.bulk_create(
        BlendedWater(
            grow=scope.grow, blend=blend, water_id=part.water, share=exact_decimal(share, 8)
        )
        for part, share in zip(body.parts, shares, strict=True)
    )
    return Status(201, blends_of(scope))


@router.delete(
    "/grows/{grow_id}/blends/{blend_id}",
    response={200: Kept, **_ANSWERS},
    operation_id="drop_blend",
)
def drop_blend(request: HttpRequest, grow_id: int, blend_id: int) -> Kept:
    """Keep a blend no longer; its waters stay, and so does every mix that took it."""
    scope = Scope.enter(request.user, grow_id)
    scope.one(scope.all(WaterBlend), blend_id).delete()
    return Kept()
