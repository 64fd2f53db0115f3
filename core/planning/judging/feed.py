"""Cautions about the chart, the strength and the parts of the feed."""

from collections.abc import Iterator, Mapping, Sequence
from fractions import Fraction

from core.cautions import OFF_VOLUME, Caution
from core.chart import Medium, Product, Stage
from core.chart.growing import CAREFUL_START, HALF_STRENGTH_SYSTEMS
from core.chart.parts import base_groups
from core.chart.strength import End
from core.messages import Figure, Message, Percent
from core.planning.doses import Dosed
from core.planning.judging.judging_input import JudgingInput, keys, names
from core.quantities import Amount, decimal_text
from core.water import TargetConvention

_HALF = {"strength": decimal_text(CAREFUL_START)}


def cautions(given: JudgingInput) -> Iterator[Caution]:
    """What chart, strength and parts give to mind."""
    yield from _strength(given)
    yield from _column(given)
    yield from _volume(given)
    yield from _pairs(given)


def _strength(given: JudgingInput) -> Iterator[Caution]:
    request, strength = given.request, given.request.strength
    soil_in_water = request.chart.medium is Medium.SOIL and request.tank.grown_in is Medium.WATER
    if soil_in_water:
        yield _soil_chart(strength)
    elif request.tank.system in HALF_STRENGTH_SYSTEMS and strength > CAREFUL_START:
        yield Caution(
            Message("strong_for_system", system=Message(f"system.{request.tank.system}")),
            {"strength": decimal_text(strength)},
            remedy=_HALF,
        )
    over = {o.product: o.strength for o in request.overrides if o.strength and o.strength > 1}
    if strength > 1:
        yield _over_chart(strength, ())
    if over:
        yield _over_chart(max(over.values()), tuple(over))


def _soil_chart(strength: Fraction) -> Caution:
    """A chart for soil over bare roots."""
    values = {"strength": decimal_text(strength)}
    if strength > CAREFUL_START:
        told = Message("soil_chart_in_water", start=Percent(CAREFUL_START))
        return Caution(told, values, remedy=_HALF)
    return Caution(Message("soil_chart_lightened", strength=Percent(strength)), values)


def _over_chart(strength: Fraction, products: tuple[str, ...]) -> Caution:
    return Caution(
        Message("strength_over_chart", strength=Percent(strength)),
        {"strength": decimal_text(strength)},
        products,
    )


def _column(given: JudgingInput) -> Iterator[Caution]:
    column = given.column
    yield from _seedlings(given)
    yield from _held_elsewhere(given)
    if column.ph is None:
        yield Caution(
            Message(
                "no_ph_window",
                low=Figure(given.window.low, 1),
                high=Figure(given.window.high, 1),
                medium=Message(f"medium.{given.request.tank.grown_in}"),
            ),
            {"low": decimal_text(given.window.low), "high": decimal_text(given.window.high)},
        )
    if column.ec is None and given.target.convention is not TargetConvention.DOSES_ONLY:
        yield Caution(Message("no_target_reading"))


def _seedlings(given: JudgingInput) -> Iterator[Caution]:
    if given.column.stage is not Stage.SEEDLING:
        return
    ends = {item.product.key: item.share.end for item in given.dosed}
    above = [p.product for p in given.pours if p.range and ends[p.product.key] is not End.LOW]
    ranged = list({product.key: product for product in above}.values())
    if ranged:
        yield Caution(
            Message("seedlings_low_end", ranged=names(ranged[:3])),
            products=keys(ranged),
            remedy={"end": End.LOW.value},
        )


def _held_elsewhere(given: JudgingInput) -> Iterator[Caution]:
    request, held = given.request, given.request.tank.held
    if held is None or held == request.column:
        return
    label = next((c.label for c in request.chart.columns if c.key == held), None)
    if label is not None:
        yield Caution(
            Message("held_elsewhere", label=label, column=given.column.label),
            {"held": held},
            remedy={"column": held},
        )


def _volume(given: JudgingInput) -> Iterator[Caution]:
    joined, volume = given.request.tank.joined, given.request.volume
    if joined is None or abs(volume.litres - joined.litres) < joined.litres * OFF_VOLUME:
        return
    which = "less" if volume.litres < joined.litres else "more"
    yield Caution(
        Message("volume_unlike_tank", volume=volume, which=which, whole=joined),
        {"litres": decimal_text(volume.litres), "joined": decimal_text(joined.litres)},
    )


def _pairs(given: JudgingInput) -> Iterator[Caution]:
    """Two-part bases that do not get equal amounts, or of which one part is missing."""
    if given.target.headroom_share == 0:
        return
    by_key = {item.product.key: item for item in given.dosed}
    for group in base_groups(given.request.chart.products):
        if len(group) == 2:
            yield from _pair(given, group, [by_key.get(product.key) for product in group])


def _pair(
    given: JudgingInput, group: Sequence[Product], items: Sequence[Dosed | None]
) -> Iterator[Caution]:
    amounts = [item.amount if item else None for item in items]
    if amounts[0] == amounts[1] or not _is_one_to_one(items):
        return
    wished_away = _wished_away(given, items)
    if wished_away:
        yield _missing(given, wished_away[0], group)
    else:
        nominal = [item.nominal if item else None for item in items]
        yield _unequal(given, group, amounts, nominal)


def _wished_away(given: JudgingInput, items: Sequence[Dosed | None]) -> list[Product]:
    """What the chart doses and nobody pours."""
    poured = {pour.product.key for pour in given.pours}
    there = [item for item in items if item and item.product.key not in poured]
    return [item.product for item in there if item.nominal and item.nominal.value]


def _is_one_to_one(items: Sequence[Dosed | None]) -> bool:
    """Whether amounts tell: none is poured to a reading, and mL does not stand beside g."""
    there = [item for item in items if item]
    units = {item.amount.unit for item in there if item.amount and item.amount.value}
    return len(units) < 2 and all(item.dose.until_ec is None for item in there)


def _missing(given: JudgingInput, missing: Product, group: Sequence[Product]) -> Caution:
    there = next(product for product in group if product is not missing)
    share = next(item.share.chosen for item in given.dosed if item.product.key == there.key)
    return Caution(
        Message("base_part_missing", there=there.name, missing=missing.name),
        products=keys(group),
        remedy={"product": missing.key, "strength": decimal_text(share)},
    )


def _unequal(
    given: JudgingInput,
    group: Sequence[Product],
    amounts: Sequence[Amount | None],
    nominal: Sequence[object],
) -> Caution:
    printed_so = nominal[0] != nominal[1]
    words = [Message("none") if amount is None else amount for amount in amounts]
    pair = Message(
        "unequal_pair",
        first=group[0].name,
        first_gets=words[0],
        second=group[1].name,
        second_gets=words[1],
    )
    values = {
        product.key: "none" if amount is None else decimal_text(amount.value)
        for product, amount in zip(group, amounts, strict=True)
    }
    if printed_so:
        return Caution(Message("pair_printed_unequal", pair=pair), values, keys(group))
    wished = {override.product for override in given.request.overrides}
    leader = next((p for p in group if p.key in wished), group[0])
    follower = next(product for product in group if product is not leader)
    return Caution(
        Message("pair_unequal", pair=pair, follower=follower.name),
        values,
        keys(group),
        {"product": follower.key, **_as_leader(given, leader, follower)},
    )


def _as_leader(given: JudgingInput, leader: Product, follower: Product) -> Mapping[str, str]:
    """What the follower is to be set to: the leader's strength, or its end of the range."""
    shares = {item.product.key: item.share for item in given.dosed}
    one, other = shares[leader.key], shares[follower.key]
    if one.chosen == other.chosen:
        return {"end": one.end.value}
    return {"strength": decimal_text(one.chosen)}
