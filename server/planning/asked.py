"""A mix as typed, and the same as core uses it."""

from dataclasses import replace
from fractions import Fraction
from typing import Annotated

from django.utils import timezone
from ninja import Field, Schema

from core.chart.strength import End, Override
from core.chemistry import Element, blend_ph
from core.errors import InputError
from core.formats.request import WindowDocument
from core.limits import LONGEST_TYPED, MOST_PRODUCTS, MOST_WATERS
from core.order.rules import CalmagPlace, LivePlace, OrderPreferences, RowsPlace, SilicaPlace
from core.planning import Between, MixRequest
from core.quantities import Spoons
from core.water import TargetConvention, Water, blend
from core.windows import Window
from server.api.ids import VersionId
from server.api.typed import typed
from server.grows.calendar import day_of
from server.grows.figures import TypedFigure, TypedIn, TypedUnits, is_blank, share_told
from server.grows.scope import Scope
from server.planning.snapshot import ColumnOf, MixBasis, mix_basis

Typed = Annotated[str, Field(max_length=LONGEST_TYPED)]


class OverrideIn(Schema):
    """What is wanted otherwise for one product."""

    product: Typed
    strength: TypedFigure


class BlendIn(Schema):
    """Another water in the tank, and its share as typed."""

    water: int
    share: TypedFigure


class BetweenIn(Schema):
    """Another column to mix towards, and how far as typed; `version_id` where of another chart."""

    version_id: VersionId | None = None
    column: Typed
    share: TypedFigure


class MixIn(Schema):
    """A mix as typed; an empty `reading` means that the water was not read.

    What is left out of the schools of mixing order is as this grow follows them. `typed_in` are the
    units in which volume and reading were typed; without it, those that this person has now.
    """

    tank: int
    water: int
    version_id: VersionId
    column: Typed
    volume: TypedFigure
    strength: TypedFigure
    reading: TypedFigure = ""
    temperature: Typed = ""
    stood: Typed = ""
    blend: Annotated[list[BlendIn], Field(max_length=MOST_WATERS - 1)] = []
    between: BetweenIn | None = None
    split: bool = False
    bucket: TypedFigure = ""
    end: End = End.MIDDLE
    convention: TargetConvention | None = None
    overrides: Annotated[list[OverrideIn], Field(max_length=MOST_PRODUCTS)] = []
    calmag: CalmagPlace | None = None
    silica: SilicaPlace | None = None
    live: LivePlace | None = None
    rows: RowsPlace | None = None
    hard_forms: bool = False
    acid: Typed = ""
    acknowledged: Annotated[list[Typed], Field(max_length=MOST_PRODUCTS)] = []
    typed_in: TypedIn | None = None


def _override(body: OverrideIn) -> Override:
    strength = share_told(f"overrides.{body.product}", body.strength)
    return Override(body.product, strength)


def _water(units: TypedUnits, body: MixIn, basis: MixBasis) -> Water:
    """The water, or the waters of a blend by their shares; the first takes what is left."""
    reading = None if is_blank(body.reading) else units.ec("reading", body.reading)
    stood = units.plain("stood", body.stood) if body.stood.strip() else Fraction(0)
    first = basis.waters[body.water]
    mine = first.as_water(reading, stood_h=stood)
    if body.temperature.strip():
        mine = replace(mine, temperature=units.celsius("temperature", body.temperature))
    if not body.blend:
        return mine
    parts = []
    for at, part in enumerate(body.blend):
        other = basis.waters[part.water]
        share = share_told(f"blend.{at}", part.share)
        if not 0 < share < 1:
            raise InputError("share_out_of_range.water", f"blend.{at}")
        parts.append((other.name, other.as_water(other.reading, stood_h=stood), share))
    rest = 1 - sum((share for *_, share in parts), Fraction(0))
    if rest <= 0:
        raise InputError("blend_unclear.rest", "blend.0", water=first.name)
    waters = [(first.name, mine, rest), *parts]
    mixed = typed("blend", lambda: blend(waters))
    return replace(mixed, ph=blend_ph([(water, share) for _, water, share in waters]))


def _order_preferences(scope: Scope, body: MixIn) -> OrderPreferences:
    kept = scope.grow.order_preferences
    return OrderPreferences(
        body.calmag or kept.calmag,
        body.silica or kept.silica,
        body.live or kept.live,
        body.rows or kept.rows,
    )


def own_windows(ranges: dict[str, dict[str, str]]) -> dict[Element, Window]:
    """A grow's own ranges of elements."""
    return {
        Element(element): WindowDocument.model_validate(told).window()
        for element, told in ranges.items()
    }


def _between(between: BetweenIn | None, towards: str) -> Between | None:
    if between is None:
        return None
    share = share_told("between", between.share)
    return typed("between", lambda: Between(towards, share))


def basis_of(scope: Scope, body: MixIn) -> MixBasis:
    """All that what was typed stands on.

    Raises:
        Http404: the grow has no such tank, water or chart.
    """
    return mix_basis(
        scope,
        tank=body.tank,
        waters=[body.water, *(part.water for part in body.blend)],
        column=ColumnOf(body.version_id, body.column),
        towards=ColumnOf(body.between.version_id, body.between.column) if body.between else None,
    )


def request_of(scope: Scope, body: MixIn, basis: MixBasis) -> MixRequest:
    """What was typed, as core uses it."""
    member = scope.membership
    units = TypedUnits.of(body.typed_in, member)
    return MixRequest(
        chart=basis.chart,
        column=body.column,
        volume=units.tank_litres("volume", body.volume, basis.tank.as_meant()),
        strength=share_told("strength", body.strength),
        end=body.end,
        convention=body.convention,
        spoons=Spoons(member.spoons),
        water=_water(units, body, basis),
        overrides=tuple(_override(override) for override in body.overrides),
        tank=basis.tank.as_tank(),
        order_preferences=_order_preferences(scope, body),
        meter=member.meter,
        tank_unit=member.tank_unit,
        between=_between(body.between, basis.towards),
        split=body.split,
        bucket=None if is_blank(body.bucket) else units.litres("bucket", body.bucket),
        shelf=basis.shelf,
        hard_forms=body.hard_forms,
        acid=body.acid or None,
        vessels=basis.vessels,
        windows=own_windows(scope.grow.ranges),
        acknowledged=frozenset(body.acknowledged),
        today=day_of(scope.grow, timezone.now()),
    )
