"""Cautions about the chart, the strength and the parts of the feed."""

from collections.abc import Iterator, Mapping, Sequence
from fractions import Fraction

from core.cautions import OFF_VOLUME, Caution
from core.chart import Medium, Product, Stage
from core.chart.parts import base_groups
from core.facts import one_each
from core.growing import CAREFUL_START, HALF_STRENGTH_SYSTEMS, SYSTEM_WORDS
from core.planning.doses import Dosed
from core.planning.judging.judging_input import JudgingInput, amount_words, keys, names, percent
from core.quantities import decimal_text, number_text
from core.strength import End
from core.water import TargetConvention

_MEDIUM_WORDS = one_each(
    Medium,
    {
        Medium.WATER: "water culture",
        Medium.COIR: "coir",
        Medium.SOIL: "soil",
    },
)
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
            "strong_for_system",
            f"In {SYSTEM_WORDS[request.tank.system]} roots take up feed as fast as it comes, so "
            "printed charts start at 50 % there: one can always add, and burnt plants do not come "
            "back.",
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
    burns = (
        "This chart was written for soil, which holds food back; bare roots in water get all of it "
        "at once and burn"
    )
    values = {"strength": decimal_text(strength)}
    if strength > CAREFUL_START:
        way_out = f"{burns}: start at {percent(CAREFUL_START)}; one can always add."
        return Caution("soil_chart_in_water", way_out, values, remedy=_HALF)
    return Caution(
        "soil_chart_lightened",
        f"{burns}: {percent(strength)} is a careful start, so watch the leaf tips before adding.",
        values,
    )


def _over_chart(strength: Fraction, products: tuple[str, ...]) -> Caution:
    return Caution(
        "strength_over_chart",
        f"{percent(strength)} is more than the chart prints. Burnt plants do not come back: "
        "step up by 10 % at a time, and only while the tips stay green.",
        {"strength": decimal_text(strength)},
        products,
    )


def _column(given: JudgingInput) -> Iterator[Caution]:
    column = given.column
    yield from _seedlings(given)
    yield from _held_elsewhere(given)
    if column.ph is None:
        low, high = number_text(given.window.low, 1), number_text(given.window.high, 1)
        yield Caution(
            "no_ph_window",
            f"The chart prints no pH window here; {low} to {high} is common practice in "
            f"{_MEDIUM_WORDS[given.request.tank.grown_in]}.",
            {"low": decimal_text(given.window.low), "high": decimal_text(given.window.high)},
        )
    if column.ec is None and given.target.convention is not TargetConvention.DOSES_ONLY:
        yield Caution(
            "no_target_reading",
            "The chart prints no EC for this column: pour the doses, and note what the meter "
            "shows.",
        )


def _seedlings(given: JudgingInput) -> Iterator[Caution]:
    if given.column.stage is not Stage.SEEDLING:
        return
    ends = {item.product.key: item.share.end for item in given.dosed}
    above = [p.product for p in given.pours if p.range and ends[p.product.key] is not End.LOW]
    ranged = list({product.key: product for product in above}.values())
    if ranged:
        yield Caution(
            "seedlings_low_end",
            "Seedlings take the low end of printed ranges, since young roots burn first. Above it: "
            f"{names(ranged[:3])}.",
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
            "held_elsewhere",
            f"This tank is held in {label}, and {given.column.label} is another stage: plants that "
            "stay leafy get too little nitrogen in a later one.",
            {"held": held},
            remedy={"column": held},
        )


def _volume(given: JudgingInput) -> Iterator[Caution]:
    joined, volume = given.request.tank.joined, given.request.volume
    if joined is None or abs(volume.litres - joined.litres) < joined.litres * OFF_VOLUME:
        return
    this, whole = (water.shown(given.request.tank_unit, 1) for water in (volume, joined))
    fewer = "less" if volume.litres < joined.litres else "more"
    yield Caution(
        "volume_unlike_tank",
        f"{this} is {fewer} than the {whole} of water joined to this tank: doses for "
        "a part of the water leave the whole at another strength. Count tank, pots and pipes, and "
        "what is topped up.",
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
        yield _unequal(given, group, [amount_words(amount) for amount in amounts], nominal)


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
        "base_part_missing",
        f"{there.name} goes in without {missing.name}: half of the elements would be missing, and "
        "the reading would not tell. Pour both, or neither.",
        products=keys(group),
        remedy={"product": missing.key, "strength": decimal_text(share)},
    )


def _unequal(
    given: JudgingInput, group: Sequence[Product], amounts: Sequence[str], nominal: Sequence[object]
) -> Caution:
    printed_so = nominal[0] != nominal[1]
    said = (
        f"{group[0].name} gets {amounts[0]} and {group[1].name} {amounts[1]}; such a pair is "
        "usually poured one to one."
    )
    values = {product.key: amount for product, amount in zip(group, amounts, strict=True)}
    if printed_so:
        return Caution(
            "pair_printed_unequal",
            f"{said} The chart prints them so: check the leaflet once more.",
            values,
            keys(group),
        )
    wished = {override.product for override in given.request.overrides}
    leader = next((p for p in group if p.key in wished), group[0])
    follower = next(product for product in group if product is not leader)
    return Caution(
        "pair_unequal",
        f"{said} Parts of a pair belong together, or the feed lacks half its elements: "
        f"let {follower.name} follow.",
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
